#include "core/study/aims.h"

#include "core/changes/loading.h"
#include "core/plan/planner.h"

#include <algorithm>

namespace vitrail {

int handlings(const Plan& plan) {
    return plan.totals.spools_to_load + plan.totals.refills + plan.totals.hand_swaps;
}

Message loading_reason(const Project& p, const Plan& plan) {
    const int n = plan.filaments;
    const std::vector<char> usable = usable_nozzles(p.machine, p.settings.line_width_mm);
    if (std::count(usable.begin(), usable.end(), 1) < 2)
        return say("There is one nozzle, so there is nothing to choose.");
    std::vector<Set> layers(static_cast<std::size_t>(plan.grid.count), 0);
    Set used = 0;
    for (std::size_t l = 0; l < layers.size(); ++l)
        for (const std::uint8_t f : plan.sequence.layer(l))
            layers[l] |= Set{1} << f, used |= Set{1} << f;
    if (std::popcount(used) < 2)
        return say("There is one filament, so there is nothing to choose.");
    std::vector<Set> group(p.machine.nozzles.size(), 0);
    for (int f = 0; f < n; ++f)
        if (used >> f & 1)
            group[static_cast<std::size_t>(plan.loading.nozzle[static_cast<std::size_t>(f)])] |= Set{1} << f;
    const auto purge_of = [&](std::size_t nozzle, Set g) {
        return std::popcount(g) < 2
                   ? 0.0
                   : static_cast<double>(order_layers(seen_by(layers, g), plan.purge_tables.on(nozzle)).cost);
    };
    double most_g = 0;
    int who = -1;
    bool alone = false;
    for (int f = 0; f < n; ++f) {
        if (!(used >> f & 1))
            continue;
        const auto here = static_cast<std::size_t>(plan.loading.nozzle[static_cast<std::size_t>(f)]);
        const Set without = group[here] & ~(Set{1} << f);
        const double now = purge_of(here, group[here]);
        double best = -1;
        for (std::size_t i = 0; i < group.size(); ++i) {
            if (i == here || !usable[i] || !group[i]) // an idle nozzle would do as well
                continue;
            const double more =
                purge_of(here, without) + purge_of(i, group[i] | Set{1} << f) - now - purge_of(i, group[i]);
            if (best < 0 || more < best)
                best = more;
        }
        const double g = grams(p.filaments[static_cast<std::size_t>(f)], best);
        if (best > 0 && g > most_g)
            most_g = g, who = f, alone = !without;
    }
    if (who < 0)
        return say("No filament would purge more on another nozzle: there is nothing to gain by moving one.");
    int takes_part = 0;
    for (const Change& c : plan.changes)
        takes_part += c.from == who || c.to == who;
    return say(
        alone ? term("{} alone on {} saves {} g of purge against the next best place: it takes part in {} of "
                     "{}.")
              : term("{} on {} saves {} g of purge against the next best place: it takes part in {} of {}."),
        p.filaments[static_cast<std::size_t>(who)].letter,
        nozzle_name(p.machine, plan.loading.nozzle[static_cast<std::size_t>(who)]), num(most_g, 0),
        takes_part, counted("{} change", "{} changes", plan.totals.changes));
}

Result<std::vector<AimChoice>> compare_aims(const Project& project, const Plan& plan,
                                            const Progress& progress) {
    Planner planner(project, plan);
    std::vector<AimChoice> all;
    const auto add = [&](LoadingAim aim, double blend, bool own) -> Status {
        Project p = project;
        if (!own) {
            p.settings.aim = aim;
            p.settings.blend_pct = blend;
        }
        auto made = planner.plan(p, {progress.stop, {}});
        if (!made)
            return made.error();
        if (progress.stopped())
            return Error{say("Stopped before all aims were compared.")};
        all.push_back({p.settings.aim, p.settings.blend_pct, own, *made, loading_reason(p, **made)});
        return Done{};
    };
    constexpr int kBlends = 10;
    constexpr double kSteps = 4 + kBlends;
    double step = 0;
    if (const Status ok = add(LoadingAim::waste, 0, true); !ok)
        return ok.error();
    for (const LoadingAim aim : {LoadingAim::waste, LoadingAim::time, LoadingAim::handling}) {
        progress.at(++step / kSteps);
        if (const Status ok = add(aim, 0, false); !ok)
            return ok.error();
    }
    // No more blends where waste and handling agree.
    const Plan &waste = *all[1].plan, &handling = *all[3].plan;
    if (waste_g(waste.totals) == waste_g(handling.totals) || handlings(waste) == handlings(handling))
        return all;
    for (int i = 1; i < kBlends; ++i) {
        progress.at(++step / kSteps);
        if (const Status ok = add(LoadingAim::blend, 100.0 * i / kBlends, false); !ok)
            return ok.error();
        const Plan& fresh = *all.back().plan;
        const bool beaten = std::any_of(all.begin() + 1, all.end() - 1, [&](const AimChoice& o) {
            return o.aim != LoadingAim::time && waste_g(o.plan->totals) <= waste_g(fresh.totals) + 1e-6 &&
                   handlings(*o.plan) <= handlings(fresh) &&
                   o.plan->totals.total_s <= fresh.totals.total_s + 0.5;
        });
        if (beaten)
            all.pop_back();
    }
    std::sort(all.begin() + 4, all.end(), [](const AimChoice& a, const AimChoice& b) {
        return waste_g(a.plan->totals) < waste_g(b.plan->totals);
    });
    return all;
}

} // namespace vitrail
