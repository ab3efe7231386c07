// Plans in a thread of its own, one plan at a time, and always ends with the newest project.
#pragma once

#include "core/check/findings.h"

#include <QObject>
#include <QThreadPool>

#include <memory>
#include <optional>

namespace vitrail {

class PlanRunner : public QObject {
    Q_OBJECT
public:
    explicit PlanRunner(QObject* parent = nullptr);
    ~PlanRunner() override;

    /// Plans that project, after what is under way. What is under way is stopped when it slices something
    /// else.
    void want(const Project& project);
    /// Stops what is under way and what waits. The next want() plans again.
    void cancel();
    bool running() const { return in_work_.has_value(); }

Q_SIGNALS:
    /// A plan of that project, or why there is none.
    void planned(const vitrail::Project& project, std::shared_ptr<const vitrail::Plan> plan,
                 const QString& error);
    void running_changed(bool running);
    void progress(double share);

private:
    void start(Project project);
    void finish(std::shared_ptr<const Plan> plan, const QString& error, bool stopped);

    std::shared_ptr<Planner> planner_; ///< used by the thread alone
    QThreadPool pool_;
    std::stop_source stop_;
    std::optional<Project> in_work_, next_;
};

} // namespace vitrail
