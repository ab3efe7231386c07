#include "app/document/plan_runner.h"

#include "app/document/threads.h"
#include "paint/words.h"

#include <algorithm>

namespace vitrail {

namespace {

/// Slicing for a piece or layer height that is no longer wanted is not worth finishing.
bool slices_alike(const Project& a, const Project& b) {
    const auto same = [](const Part& x, const Part& y) { return x.mesh == y.mesh && x.paint == y.paint; };
    const auto same_piece = [&](const Piece& x, const Piece& y) {
        return std::equal(x.parts.begin(), x.parts.end(), y.parts.begin(), y.parts.end(), same);
    };
    return std::equal(a.pieces.begin(), a.pieces.end(), b.pieces.begin(), b.pieces.end(), same_piece) &&
           a.settings.layer_mm == b.settings.layer_mm &&
           a.settings.first_layer_mm == b.settings.first_layer_mm;
}

} // namespace

PlanRunner::PlanRunner(QObject* parent) : QObject(parent), planner_(std::make_shared<Planner>()) {
    pool_.setMaxThreadCount(1);
}

PlanRunner::~PlanRunner() {
    stop_.request_stop();
    wait_for(pool_);
}

void PlanRunner::want(const Project& project) {
    if (!running())
        return start(project);
    if (!slices_alike(project, *in_work_))
        stop_.request_stop();
    next_ = project;
}

void PlanRunner::cancel() {
    next_.reset();
    stop_.request_stop();
}

void PlanRunner::start(Project project) {
    const bool was_running = running();
    in_work_ = std::move(project);
    stop_ = std::stop_source();
    if (!was_running)
        Q_EMIT running_changed(true);
    in_pool(pool_, [this, project = *in_work_, stop = stop_.get_token(), planner = planner_] {
        std::shared_ptr<const Plan> result;
        QString error;
        const Progress report{stop, [this](double share) { Q_EMIT progress(share); }};
        const QString problem = guarded([&] {
            if (auto plan = plan_with_findings(*planner, project, report))
                result = *plan;
            else
                error = words(plan.error().message);
        });
        in_window(this, [this, result, error = problem.isEmpty() ? error : problem,
                         stopped = stop.stop_requested()] { finish(result, error, stopped); });
    });
}

void PlanRunner::finish(std::shared_ptr<const Plan> plan, const QString& error, bool stopped) {
    const Project done = std::move(*in_work_);
    std::optional<Project> next = std::exchange(next_, std::nullopt);
    if (next)
        start(std::move(*next));
    else
        in_work_.reset();
    // What was stopped has nothing to say; a plan that was done before it could be stopped is as good as any.
    if (plan || !stopped)
        Q_EMIT planned(done, std::move(plan), error);
    if (!running())
        Q_EMIT running_changed(false);
}

} // namespace vitrail

#include "moc_plan_runner.cpp"
