#include "core/changes/aims.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <fmt/format.h>

namespace vitrail {

Weights weights_for(const Settings& s) {
    constexpr double kHandIsWorth_mm3 = 500;
    if (s.aim == kLeastTime)
        return {1e-4, 1, 1e-3};
    if (s.aim == kLeastHandling)
        return {1e-4, 1e-5, 1000};
    if (s.aim == kBlend) {
        const double share = std::clamp(s.blend_pct / 100, 0.0, 1.0);
        return {std::max(1e-4, 1 - share), 1e-5, std::max(1e-3, share * kHandIsWorth_mm3)};
    }
    return {1, 1e-5, 1e-3};
}

LoadingProblem loading_problem(const Project& p, const Plan& plan, std::span<const Set> layers, const Weights& w) {
    const Machine& m = p.machine;
    const int n = plan.filaments;
    LoadingProblem q;
    q.layers.assign(layers.begin(), layers.end());
    const std::vector<char> usable = usable_nozzles(m, p.settings.line_width_mm);
    // A kind of nozzle: its purge table, and whether its filament comes from a feeder.
    std::vector<std::pair<int, bool>> kinds;
    std::vector<std::vector<double>> costs;
    double dearest = 1e-9;
    for (std::size_t i = 0; i < m.nozzles.size(); ++i) {
        const std::pair kind{plan.table_of[i], m.by_hand(static_cast<int>(i))};
        auto it = std::find(kinds.begin(), kinds.end(), kind);
        if (it == kinds.end()) {
            it = kinds.insert(kinds.end(), kind);
            const ChangeTime& time = kind.second ? m.hand : m.feeder;
            const double still_s = time.time_s + (kind.second ? p.settings.hand_wait_s : 0);
            std::vector<double> c(static_cast<std::size_t>(n * n), 0);
            for (int a = 0; a < n; ++a)
                for (int b = 0; b < n; ++b)
                    if (a != b) {
                        const double mm3 = plan.purge_tables[static_cast<std::size_t>(kind.first)].at(a, b);
                        c[static_cast<std::size_t>(a * n + b)] = w.mm3 * mm3 + w.s * (still_s + mm3 / facts(p.filaments[static_cast<std::size_t>(b)].material).flow_mm3_s) + w.hand * kind.second;
                        dearest = std::max(dearest, c[static_cast<std::size_t>(a * n + b)]);
                    }
            costs.push_back(std::move(c));
        }
        LoadingProblem::Nozzle nozzle;
        nozzle.usable = usable[i];
        nozzle.head = m.nozzles[i].toolhead;
        nozzle.costs = static_cast<int>(it - kinds.begin());
        nozzle.visit = m.nozzles.size() > 1 ? w.s * m.tool.time_s : 0;
        for (const Pin& pin : p.pins)
            if (const int f = find_filament(p, pin.filament); f >= 0 && pin.nozzle == static_cast<int>(i))
                nozzle.must |= Set{1} << f;
        q.nozzles.push_back(nozzle);
    }
    // Whole numbers, as fine as they can be.
    q.scale = dearest / (CostMatrix::kLargestCost - 1);
    for (const auto& c : costs) {
        CostMatrix whole(n);
        for (std::size_t i = 0; i < c.size(); ++i)
            whole.cost[i] = static_cast<std::int32_t>(std::llround(c[i] / q.scale));
        q.costs.push_back(std::move(whole));
    }
    for (std::size_t t = 0; t < m.toolheads.size(); ++t) {
        LoadingProblem::Head head{m.toolheads[t].slots, w.hand, w.hand, 0};
        for (const InMachine& x : p.in_machine)
            if (const int f = find_filament(p, x.filament); f >= 0 && x.toolhead == static_cast<int>(t))
                head.loaded |= Set{1} << f;
        q.heads.push_back(head);
    }
    return q;
}

std::string loading_reason(const Project& p, const Plan& plan) {
    const int n = plan.filaments;
    const std::vector<char> usable = usable_nozzles(p.machine, p.settings.line_width_mm);
    if (std::count(usable.begin(), usable.end(), 1) < 2)
        return "There is one nozzle, so there is nothing to choose.";
    std::vector<Set> layers(static_cast<std::size_t>(plan.grid.count), 0);
    Set used = 0;
    for (std::size_t l = 0; l < layers.size(); ++l)
        for (const std::uint8_t f : plan.sequence.layer(l))
            layers[l] |= Set{1} << f, used |= Set{1} << f;
    if (std::popcount(used) < 2)
        return "There is one filament, so there is nothing to choose.";
    std::vector<Set> group(p.machine.nozzles.size(), 0);
    for (int f = 0; f < n; ++f)
        if (used >> f & 1)
            group[static_cast<std::size_t>(plan.loading.nozzle[static_cast<std::size_t>(f)])] |= Set{1} << f;
    const auto purge_of = [&](std::size_t nozzle, Set g) {
        return std::popcount(g) < 2 ? 0.0 : static_cast<double>(order_layers(seen_by(layers, g), plan.purge_tables[static_cast<std::size_t>(plan.table_of[nozzle])]).cost);
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
            const double more = purge_of(here, without) + purge_of(i, group[i] | Set{1} << f) - now - purge_of(i, group[i]);
            if (best < 0 || more < best)
                best = more;
        }
        const double g = grams(p.filaments[static_cast<std::size_t>(f)], best);
        if (best > 0 && g > most_g)
            most_g = g, who = f, alone = !without;
    }
    if (who < 0)
        return "No filament would purge more on another nozzle: there is nothing to gain by moving one.";
    int takes_part = 0;
    for (const Change& c : plan.changes)
        takes_part += c.from == who || c.to == who;
    return fmt::format("{}{} on {} saves {:.0f} g of purge against the next best place: it takes part in {} of {} changes.",
                       p.filaments[static_cast<std::size_t>(who)].letter, alone ? " alone" : "",
                       nozzle_name(p.machine, plan.loading.nozzle[static_cast<std::size_t>(who)]), most_g, takes_part, plan.totals.changes);
}

} // namespace vitrail
