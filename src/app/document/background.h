// Work for views: studies, previews, pictures. All of it is stopped before the document goes.
#pragma once

#include <QObject>
#include <QThreadPool>

#include <functional>
#include <list>
#include <mutex>
#include <stop_token>

namespace vitrail {

class Background : public QObject {
    Q_OBJECT
public:
    using Then = std::function<void()>;
    using Work = std::function<Then(const std::stop_token& stop)>;

    using QObject::QObject;
    ~Background() override;

    /// Runs `work` beside the window's thread. What it returns (it may be empty) runs in the window's thread,
    /// if `owner` still lives and nobody has stopped it. Stop it by the source that is returned.
    std::stop_source run(QObject* owner, Work work);

    /// Asks everything to stop; nothing of it comes back.
    void stop_all();
    /// Whether anything runs, what was asked to stop included.
    bool busy();

Q_SIGNALS:
    void failed(const QString& message); ///< from any thread: work threw an exception

private:
    std::mutex mutex_;
    std::list<std::stop_source> running_;
    QThreadPool pool_;
};

} // namespace vitrail
