#include "core/changes/loading.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

std::vector<Set> layer_sets(const Printed& printed) {
    std::vector<Set> sets(static_cast<std::size_t>(printed.grid.count), 0);
    for (int l = 1; l <= printed.grid.count; ++l)
        for (int f = 0; f < printed.filaments; ++f)
            if (printed.printed_in(l, f) > 1e-6)
                sets[static_cast<std::size_t>(l) - 1] |= Set{1} << f;
    return sets;
}

Weights weights_for(const Settings& s) {
    constexpr double kHandIsWorth_mm3 = 500;
    if (s.aim == LoadingAim::time)
        return {1e-4, 1, 1e-3};
    if (s.aim == LoadingAim::handling)
        return {1e-4, 1e-5, 1000};
    if (s.aim == LoadingAim::blend) {
        const double share = std::clamp(s.blend_pct / 100, 0.0, 1.0);
        return {std::max(1e-4, 1 - share), 1e-5, std::max(1e-3, share * kHandIsWorth_mm3)};
    }
    return {1, 1e-5, 1e-3};
}

std::vector<char> nozzles_for(const Project& p, const Filament& f) {
    const std::vector<char> usable = usable_nozzles(p.machine, p.settings.line_width_mm);
    std::vector<char> meant = usable;
    for (std::size_t i = 0; i < meant.size(); ++i)
        meant[i] = usable[i] && meant_for(p.machine.nozzles[i], f.material);
    return std::find(meant.begin(), meant.end(), 1) == meant.end() ? usable : meant;
}

LoadingProblem loading_problem(const Project& p, const PurgeTables& purge, std::span<const Set> layers,
                               const Weights& w) {
    const Machine& m = p.machine;
    const int n = static_cast<int>(p.filaments.size());
    LoadingProblem q;
    q.layers.assign(layers.begin(), layers.end());
    const std::vector<char> usable = usable_nozzles(m, p.settings.line_width_mm);
    // A kind of nozzle: its purge table, and whether its filament comes from a feeder.
    std::vector<std::pair<int, bool>> kinds;
    std::vector<std::vector<double>> costs;
    const double tool = w.mm3 * m.prime_mm3 + w.s * m.tool.time_s;
    double dearest = std::max(1e-9, tool);
    for (std::size_t i = 0; i < m.nozzles.size(); ++i) {
        const std::pair kind{purge.table_of[i], m.by_hand(static_cast<int>(i))};
        auto it = std::find(kinds.begin(), kinds.end(), kind);
        if (it == kinds.end()) {
            it = kinds.insert(kinds.end(), kind);
            const ChangeTime& time = kind.second ? m.hand : m.feeder;
            const double still_s = time.time_s + (kind.second ? p.settings.hand_wait_s : 0);
            std::vector<double> c(static_cast<std::size_t>(n) * static_cast<std::size_t>(n), 0);
            for (int a = 0; a < n; ++a)
                for (int b = 0; b < n; ++b)
                    if (a != b) {
                        const double mm3 = purge.tables[static_cast<std::size_t>(kind.first)].at(a, b);
                        double& cost = c[static_cast<std::size_t>(a) * static_cast<std::size_t>(n) +
                                         static_cast<std::size_t>(b)];
                        cost =
                            w.mm3 * mm3 +
                            w.s *
                                (still_s +
                                 mm3 / facts(p.filaments[static_cast<std::size_t>(b)].material).flow_mm3_s) +
                            w.hand * kind.second;
                        dearest = std::max(dearest, cost);
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
    for (int f = 0; f < n; ++f) {
        const std::vector<char> may = nozzles_for(p, p.filaments[static_cast<std::size_t>(f)]);
        for (std::size_t i = 0; i < m.nozzles.size(); ++i)
            q.nozzles[i].never |= may[i] ? 0 : Set{1} << f;
    }
    // Whole numbers, as fine as they can be, a tool change among them.
    q.scale = dearest / (CostMatrix::kLargestCost - 1);
    q.tool = static_cast<std::int32_t>(std::llround(tool / q.scale));
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

Loading load_filaments(const Project& p, const PurgeTables& purge, std::span<const Set> sets,
                       const Weights& weights, const std::stop_token& stop) {
    const int filaments = static_cast<int>(p.filaments.size());
    std::vector<int> used;
    for (int f = 0; f < filaments; ++f)
        if (std::any_of(sets.begin(), sets.end(), [&](Set s) { return s >> f & 1; }))
            used.push_back(f);
    LoadingProblem q = loading_problem(p, purge, sets, weights);
    const auto shrink = [&](Set s) {
        Set t = 0;
        for (std::size_t i = 0; i < used.size(); ++i)
            if (s >> used[i] & 1)
                t |= Set{1} << i;
        return t;
    };
    for (Set& s : q.layers)
        s = shrink(s);
    for (auto& n : q.nozzles)
        n.must = shrink(n.must), n.never = shrink(n.never);
    for (auto& h : q.heads)
        h.loaded = shrink(h.loaded);
    for (CostMatrix& c : q.costs) {
        CostMatrix small(static_cast<int>(used.size()));
        for (int i = 0; i < small.n; ++i)
            for (int j = 0; j < small.n; ++j)
                small.at(i, j) = c.at(used[static_cast<std::size_t>(i)], used[static_cast<std::size_t>(j)]);
        c = std::move(small);
    }
    Loading small = load_nozzles(q, stop), out;
    out.proven = small.proven;
    out.cost = small.cost;
    out.bound = small.bound;
    const std::vector<char> usable = usable_nozzles(p.machine, p.settings.line_width_mm);
    const int spare = static_cast<int>(std::find(usable.begin(), usable.end(), 1) - usable.begin());
    out.nozzle.assign(static_cast<std::size_t>(filaments), spare);
    for (std::size_t i = 0; i < used.size(); ++i)
        out.nozzle[static_cast<std::size_t>(used[i])] = small.nozzle[i];
    return out;
}

} // namespace vitrail
