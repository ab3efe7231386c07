#include "core/study/aims.h"

#include "core/changes/aims.h"
#include "core/plan/planner.h"

#include <algorithm>

namespace vitrail {

int handlings(const Plan& plan) {
    return plan.totals.spools_to_load + plan.totals.refills + plan.totals.hand_swaps;
}

Result<std::vector<AimChoice>> compare_aims(const Project& project, const Plan& plan, const Progress& progress) {
    Planner planner(project, plan);
    planner.leave_out_checks();
    std::vector<AimChoice> all;
    const auto add = [&](double aim, double blend, bool own) -> Status {
        Project p = project;
        if (!own) {
            p.settings.aim = aim;
            p.settings.blend_pct = blend;
        }
        auto made = planner.plan(p, {progress.stop, {}});
        if (!made)
            return made.error();
        if (progress.stopped())
            return Error{"Stopped before all aims were compared."};
        all.push_back({p.settings.aim, p.settings.blend_pct, own, *made, loading_reason(p, **made)});
        return Done{};
    };
    constexpr int kBlends = 10;
    constexpr double kSteps = 4 + kBlends;
    double step = 0;
    if (const Status ok = add(0, 0, true); !ok)
        return ok.error();
    for (const double aim : {kLeastWaste, kLeastTime, kLeastHandling}) {
        progress.at(++step / kSteps);
        if (const Status ok = add(aim, 0, false); !ok)
            return ok.error();
    }
    // No more blends where waste and handling agree.
    const Plan &waste = *all[1].plan, &handling = *all[3].plan;
    if (waste.totals.purge_mm3 == handling.totals.purge_mm3 || handlings(waste) == handlings(handling))
        return all;
    for (int i = 1; i < kBlends; ++i) {
        progress.at(++step / kSteps);
        if (const Status ok = add(kBlend, 100.0 * i / kBlends, false); !ok)
            return ok.error();
        const Plan& fresh = *all.back().plan;
        const bool beaten = std::any_of(all.begin() + 1, all.end() - 1, [&](const AimChoice& o) {
            return o.aim != kLeastTime && o.plan->totals.purge_mm3 <= fresh.totals.purge_mm3 && handlings(*o.plan) <= handlings(fresh) && o.plan->totals.total_s <= fresh.totals.total_s + 0.5;
        });
        if (beaten)
            all.pop_back();
    }
    std::sort(all.begin() + 4, all.end(), [](const AimChoice& a, const AimChoice& b) { return a.plan->totals.purge_mm3 < b.plan->totals.purge_mm3; });
    return all;
}

} // namespace vitrail
