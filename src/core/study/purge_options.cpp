#include "core/study/purge_options.h"

#include "core/estimate/timeline.h"
#include "core/plan/planner.h"
#include "core/purge/place.h"

#include <fmt/format.h>

namespace vitrail {

Result<std::vector<PurgeOption>> purge_options(const Project& project, const Plan& plan,
                                               const Progress& progress) {
    Planner planner(project, plan);
    std::vector<PurgeOption> out;
    out.push_back({say("as it is"), {}, true, plan.totals, tower_g(plan), {}});
    const auto try_it = [&](Message label, Message detail, std::function<void(Project&)> apply) -> Status {
        if (progress.stopped())
            return Error{say("Stopped before all ways were compared.")};
        progress.at(static_cast<double>(out.size()) / 10);
        Project p = project;
        apply(p);
        if (p.settings == project.settings)
            return Done{};
        const auto made = planner.plan(p, {progress.stop, {}});
        if (!made)
            return made.error();
        out.push_back(
            {std::move(label), std::move(detail), false, (*made)->totals, tower_g(**made), std::move(apply)});
        return Done{};
    };
    const auto to = [](PurgeTo where, TowerKind shape) {
        return [where, shape](Project& q) {
            q.settings.purge_to = where;
            q.settings.tower_shape = shape;
            q.settings.tower_width_mm = 0;
        };
    };
    const double thriftier = project.settings.delta_e < 2 ? 2 : 4;
    Status ok = Done{};
    const auto next = [&](Message label, Message detail, std::function<void(Project&)> apply) {
        if (ok)
            ok = try_it(std::move(label), std::move(detail), std::move(apply));
    };
    next(say("thrown out"), say("needs a machine with a place to throw it"),
         [](Project& q) { q.settings.purge_to = PurgeTo::ejected; });
    next(say("a tower in one block"), say("as wide as its busiest layer all the way up"),
         to(PurgeTo::tower, TowerKind::block));
    next(say("a tower that narrows"), say("where fewer changes remain"),
         to(PurgeTo::tower, TowerKind::stepped));
    next(say("two towers"), say("one ends where its changes end"), to(PurgeTo::tower, TowerKind::split));
    next(say("a skirt"), say("as tall as the last layer that changes; what it has no room for is thrown out"),
         [](Project& q) { q.settings.purge_to = PurgeTo::skirt; });
    if (project.settings.purge_infill != IntoInfill::peaks)
        next(say("peaks into the infill"), say("a slim tower, and only what it has no room for goes inside"),
             [](Project& q) {
                 q.settings.purge_to = PurgeTo::tower;
                 q.settings.purge_infill = IntoInfill::peaks;
             });
    if (project.settings.purge_infill == IntoInfill::no)
        next(say("infill first"), say("what does not show through the walls; the rest as it is"),
             [](Project& q) { q.settings.purge_infill = IntoInfill::yes; });
    else
        next(say("not into the infill"), say("all of it as waste"),
             [](Project& q) { q.settings.purge_infill = IntoInfill::no; });
    next(say("an ooze wall, no tower"), say("purge is thrown out, and the wall catches drips"),
         [](Project& q) {
             q.settings.purge_to = PurgeTo::ejected;
             q.settings.ooze_wall = true;
         });
    if (project.settings.delta_e < 4)
        next(say("thriftier"),
             say("clean at ΔE {} instead of {}", num(thriftier, 0), num(project.settings.delta_e)),
             [thriftier](Project& q) { q.settings.delta_e = thriftier; });
    if (!ok)
        return ok.error();
    return out;
}

} // namespace vitrail
