// Runs that are under way, and those that are over until the logbook has them: kept beside the program,
// whichever project is open.
#pragma once

#include "core/run/live.h"

#include <QObject>
#include <QThreadPool>

#include <functional>
#include <optional>
#include <set>
#include <tuple>

class QTimer;

namespace vitrail {

class RunStore : public QObject {
    Q_OBJECT
public:
    explicit RunStore(QObject* parent = nullptr);
    ~RunStore() override;

    /// Reads what an earlier session left. What cannot be read is set aside, never overwritten; says so by
    /// said().
    void open(const QString& file);
    /// runs.json where the program keeps its data.
    static QString usual_file();

    const std::vector<Run>& runs() const { return runs_; }
    /// The run of that id; null: none.
    const Run* run(const std::string& id) const;
    /// The newest that is under way on a machine, or of a project; null: none.
    const Run* under_way_of(const QString& project_file, const std::string& title) const;
    std::vector<const Run*> under_way() const;

    /// Begins a run now. Its id.
    std::string start(Run run);
    void report(const std::string& id, RunEvent event);
    /// Takes the last report back; of the first one the whole run.
    void take_back(const std::string& id);
    /// The plate goes on by another plan.
    void set_plate(const std::string& id, int plate, const RunPlate& planned);
    void remove(const std::string& id);

    /// UTC seconds; another clock for the tests.
    std::int64_t now() const { return clock_(); }
    void set_clock(std::function<std::int64_t()> clock);
    /// What tells somebody that something is due: a notification of the desktop and a sound.
    using Tell = std::function<void(const QString& title, const QString& text)>;
    void set_tell(Tell tell) { tell_ = std::move(tell); }
    /// Looks at the clock; by itself every few seconds.
    void tick();
    void wait_written();

Q_SIGNALS:
    void changed(); ///< runs or their events
    void ticked();  ///< time has passed
    void due(const QString& text);
    void said(const QString& text);

private:
    void write();

    QString file_;
    std::vector<Run> runs_;
    std::function<std::int64_t()> clock_;
    Tell tell_;
    QTimer* timer_;
    QThreadPool writer_;
    std::set<std::tuple<std::string, int, int, bool>> told_; ///< run, plate, visit, due
};

/// By the desktop's notifications (org.freedesktop.Notifications), with its sound; a beep where there are
/// none.
void tell_desktop(const QString& title, const QString& text);

} // namespace vitrail
