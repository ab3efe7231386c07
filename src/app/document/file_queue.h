// Reading and writing of files: outside the window's thread, one after the other, in the order in which it
// was asked for.
#pragma once

#include "core/base/progress.h"
#include "core/base/result.h"

#include <QObject>
#include <QThreadPool>

#include <functional>
#include <memory>
#include <string>
#include <string_view>

namespace vitrail {

/// Where bytes come from and go to; the tests put slow and failing ones in its place.
struct Disk {
    std::function<Result<std::string>(const std::string& path)> read;
    std::function<Status(const std::string& path, std::string_view bytes)> write;
    std::function<void(const std::string& path)> remove;
    static Disk real();
};

class FileQueue : public QObject {
    Q_OBJECT
public:
    using Then = std::function<void()>;
    using Work = std::function<Then(const Disk& disk, const Progress& progress)>;

    explicit FileQueue(QObject* parent = nullptr);
    /// Stops reading, finishes writing.
    ~FileQueue() override;

    /// What `work` returns runs in the window's thread, unless the queue is gone by then. Reading can be
    /// stopped; writing, once it was asked for, is done.
    void read(Work work);
    void write(Work work);
    /// Stops whatever is being read or waits to be read.
    void stop_reading();

    bool busy() const { return waiting_ > 0; }
    bool reading() const { return to_read_ > 0; }
    void set_disk(Disk disk) { disk_ = std::make_shared<const Disk>(std::move(disk)); }

Q_SIGNALS:
    void changed(); ///< busy() or reading() may be others now
    void progress(double share);
    void failed(const QString& message); ///< work threw an exception

private:
    void add(Work work, bool reads);

    std::shared_ptr<const Disk> disk_;
    QThreadPool pool_;
    std::stop_source stop_;
    int waiting_ = 0, to_read_ = 0;
};

} // namespace vitrail
