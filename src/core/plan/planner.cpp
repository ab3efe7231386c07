#include "core/plan/planner.h"

#include "core/changes/changes.h"
#include "core/check/findings.h"
#include "core/estimate/estimate.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

const char* to_string(Severity s) {
    return s == Severity::error ? "error" : s == Severity::warning ? "warning" : "note";
}

namespace {

/// Purge volumes as costs: mm³ count first; among orders that purge the same, the one with fewer changes wins.
struct PurgeCosts {
    CostMatrix costs;
    std::int32_t per_mm3;

    /// `less`: taken off every volume, not below 0.
    explicit PurgeCosts(const CostMatrix& mm3, double less = 0) : costs(mm3.n) {
        const std::int32_t dearest = *std::max_element(mm3.cost.begin(), mm3.cost.end());
        per_mm3 = std::clamp((CostMatrix::kLargestCost - 1) / std::max(1, dearest), 1, 32768);
        for (int i = 0; i < mm3.n; ++i)
            for (int j = 0; j < mm3.n; ++j)
                if (i != j)
                    costs.at(i, j) = std::max(0, mm3.at(i, j) - static_cast<int>(less)) * per_mm3 + 1;
    }

    /// No order of the same items purges less: its cost is at least the bound, of which changes are at most `items`.
    double least_mm3(const Ordered& o) const {
        const std::int64_t rest = o.bound - static_cast<std::int64_t>(o.sequence.items.size());
        return rest <= 0 ? 0 : static_cast<double>((rest + per_mm3 - 1) / per_mm3);
    }
};

/// Which filament prints each part in each layer, and with it how much of each filament a layer takes.
void share_out(const Project& p, const Demand& demand, Plan& plan) {
    const int n = plan.filaments, count = plan.grid.count;
    plan.model_mm3.assign(static_cast<std::size_t>(count) * n, 0);
    const auto note = [&](int part, int band, int patch, double mm3, int filament) {
        plan.regions.push_back({part, band, patch, mm3, grams(p.filaments[filament], mm3)});
    };
    for (std::size_t i = 0; i < p.parts.size(); ++i) {
        const int own = std::max(0, find_filament(p, p.parts[i].filament));
        std::vector<int> filament(count, own), band(count, -1);
        for (std::size_t b = 0; b < p.bands.size(); ++b)
            if (p.bands[b].part == p.parts[i].name)
                for (int l = first_layer_above(plan.grid, p.bands[b].z0_mm); l < first_layer_above(plan.grid, p.bands[b].z1_mm); ++l) {
                    filament[l - 1] = std::max(0, find_filament(p, p.bands[b].filament));
                    band[l - 1] = static_cast<int>(b);
                }
        double body = 0;
        std::vector<double> in_band(p.bands.size(), 0);
        for (int l = 0; l < count; ++l) {
            const double mm3 = demand.parts[i][l].total() * p.settings.copies;
            plan.model_mm3[static_cast<std::size_t>(l) * n + filament[l]] += mm3;
            (band[l] < 0 ? body : in_band[static_cast<std::size_t>(band[l])]) += mm3;
        }
        note(static_cast<int>(i), -1, 0, body, own);
        for (std::size_t b = 0; b < p.bands.size(); ++b)
            if (p.bands[b].part == p.parts[i].name)
                note(static_cast<int>(i), static_cast<int>(b), 0, in_band[b], std::max(0, find_filament(p, p.bands[b].filament)));
        for (std::size_t k = 0; k < demand.patches[i].size(); ++k) {
            // A patch without a filament of its own is planned in what is behind it.
            const int painted = find_filament(p, p.parts[i].patches[k].filament);
            double all = 0;
            for (int l = 0; l < count; ++l) {
                const double mm3 = demand.patches[i][k].mm3[l] * p.settings.copies;
                plan.model_mm3[static_cast<std::size_t>(l) * n + (painted < 0 ? filament[l] : painted)] += mm3;
                all += mm3;
            }
            note(static_cast<int>(i), -1, static_cast<int>(k) + 1, all, painted < 0 ? own : painted);
        }
    }
}

std::vector<Set> layer_sets(const Plan& plan) {
    std::vector<Set> sets(plan.grid.count, 0);
    for (int l = 0; l < plan.grid.count; ++l)
        for (int f = 0; f < plan.filaments; ++f)
            if (plan.model_mm3[static_cast<std::size_t>(l) * plan.filaments + f] > 1e-6)
                sets[l] |= Set{1} << f;
    return sets;
}

/// Each nozzle's own order, visited in the order of nozzles that takes the fewest tool changes.
Sequence compose(const std::vector<Sequence>& by_nozzle, const Sequence& nozzles) {
    Sequence s;
    for (std::size_t l = 0; l < nozzles.layers(); ++l) {
        for (const std::uint8_t n : nozzles.layer(l)) {
            const auto own = by_nozzle[n].layer(l);
            s.items.insert(s.items.end(), own.begin(), own.end());
        }
        s.start.push_back(static_cast<std::uint32_t>(s.items.size()));
    }
    return s;
}

/// The cheapest order for the loading, and the bound that proves it.
Sequence cheapest_order(const Project& p, const std::vector<Set>& sets, Plan& plan) {
    const int nozzles = static_cast<int>(p.machine.nozzles.size());
    std::vector<Set> group(nozzles, 0);
    for (int f = 0; f < plan.filaments; ++f)
        group[plan.loading.nozzle[f]] |= Set{1} << f;
    const PurgeCosts purge(plan.purge_table);
    const PurgeCosts above_prime(plan.purge_table, p.machine.prime_mm3);

    std::vector<Sequence> by_nozzle(nozzles);
    std::vector<Set> visits(sets.size(), 0);
    double least = 0, least_above_prime = 0;
    for (int n = 0; n < nozzles; ++n) {
        std::vector<Set> own(sets.size());
        for (std::size_t l = 0; l < sets.size(); ++l) {
            own[l] = sets[l] & group[n];
            if (own[l])
                visits[l] |= Set{1} << n;
        }
        Ordered o = order_layers(own, purge.costs);
        least += purge.least_mm3(o);
        if (nozzles > 1)
            least_above_prime += above_prime.least_mm3(order_layers(own, above_prime.costs));
        by_nozzle[n] = std::move(o.sequence);
    }
    const Ordered switches = fewest_changes(visits, nozzles);
    // Two bounds, both proven, the larger one counts. (1) The purge between filaments alone. (2) Every switch of
    // nozzles takes a prime, or a purge of at least that: so count the primes, and of each purge what exceeds one.
    const double primes = p.machine.prime_mm3 * static_cast<double>(switches.bound);
    plan.bound.purge_mm3 = nozzles > 1 ? std::max(least, least_above_prime + primes) : least;
    plan.bound.changes = static_cast<int>(fewest_changes(sets, plan.filaments).bound);
    return nozzles > 1 ? compose(by_nozzle, switches.sequence) : std::move(by_nozzle[0]);
}

/// Changes, tower and estimate that follow from plan.sequence.
void cost_out(const Project& p, Plan& plan) {
    list_changes(p, plan);
    plan.tower = {};
    if (plan.uses_tower) {
        std::vector<double> purge(plan.grid.count, 0);
        for (const Change& c : plan.changes)
            purge[c.layer - 1] += c.purge_mm3;
        plan.tower = build_tower(purge, plan.grid, {p.settings.tower_width_mm, p.settings.tower_infill_pct,
                                                    p.settings.line_width_mm, p.settings.slenderness_limit});
    }
    estimate(p, plan);
}

} // namespace

std::size_t Planner::PurgeKeyHash::operator()(const PurgeKey& k) const {
    // The colours tell pairs apart; the rest is the same for nearly all of them.
    const auto bits = [](Srgb c) { return std::size_t{c.r} << 16 | std::size_t{c.g} << 8 | c.b; };
    return (bits(k.from) << 24 | bits(k.to)) * 0x9e3779b97f4a7c15u;
}

int Planner::purge_of(const Machine& m, const Washout& w, const Filament& from, const Filament& to, double delta_e) {
    constexpr std::size_t kMostPairs = 20000;
    if (pairs_.size() > kMostPairs)
        pairs_.clear();
    const PurgeKey key{from.colour, to.colour, from.material == to.material, w.dead_mm3, w.mixing_mm3, delta_e, m.prime_mm3, m.class_minimum_mm3};
    const auto [it, fresh] = pairs_.try_emplace(key, 0);
    if (fresh)
        it->second = purge_mm3(m, w, from, to, delta_e);
    return it->second;
}

Result<std::shared_ptr<const Plan>> Planner::plan(const Project& p, const Progress& progress) {
    if (p.parts.empty())
        return Error{"There is nothing to plan yet: add a model file (3MF, STL or OBJ)."};
    for (const Part& part : p.parts)
        if (part.paint && part.paint->patch.size() != part.mesh->triangles.size())
            return Error{"The paint of \u201c" + part.name + "\u201d does not fit its mesh."};
    if (p.filaments.empty())
        return Error{"There is no filament to print with: add one."};
    if (p.filaments.size() > kMostFilaments)
        return Error{"A project holds at most 26 filaments, one a letter."};
    const Settings& s = p.settings;

    TableKey table_key{{}, s.first_layer_mm, s.layer_mm};
    for (const Part& part : p.parts)
        table_key.meshes.push_back(part.mesh);
    if (!table_ || !(table_key == table_key_)) {
        auto table = make_layer_table(p, {progress.stop, [&](double share) { progress.at(0.5 * share); }});
        if (!table)
            return table.error();
        table_ = std::move(*table);
        table_key_ = std::move(table_key);
        ++sliced_;
    }
    DemandKey demand_key{table_, {}, s.walls, s.line_width_mm, s.top_skins, s.bottom_skins, s.infill_pct};
    for (const Part& part : p.parts)
        demand_key.paints.emplace_back(part.paint, part.patches.size());
    if (!demand_ || !(demand_key == demand_key_)) {
        auto demand = make_demand(*table_, p.parts, s, {progress.stop, [&](double share) { progress.at(0.5 + 0.3 * share); }});
        if (!demand)
            return demand.error();
        demand_ = std::move(*demand);
        demand_key_ = std::move(demand_key);
        ++measured_;
    }

    const DetailSettings look = detail_settings(s);
    DetailKey detail_key{demand_, look};
    if (!look.wanted)
        detail_ = nullptr;
    else if (!detail_ || !(detail_key == detail_key_)) {
        auto detail = make_detail(*table_, *demand_, look, {progress.stop, [&](double share) { progress.at(0.8 + 0.2 * share); }});
        if (!detail)
            return detail.error();
        detail_ = std::move(*detail);
        detail_key_ = std::move(detail_key);
    }

    auto plan = std::make_shared<Plan>();
    plan->table = table_;
    plan->demand = demand_;
    plan->grid = table_->grid;
    plan->filaments = static_cast<int>(p.filaments.size());
    plan->washout = {s.dead_mm3 > 0 ? s.dead_mm3 : p.machine.dead_mm3, s.mixing_mm3 > 0 ? s.mixing_mm3 : p.machine.mixing_mm3};
    plan->uses_tower = s.purge_to == kTower || (s.purge_to == kAsMachine && p.machine.purge_to == Destination::tower);
    share_out(p, *demand_, *plan);

    plan->purge_table = CostMatrix(plan->filaments);
    for (int i = 0; i < plan->filaments; ++i)
        for (int j = 0; j < plan->filaments; ++j)
            if (i != j)
                plan->purge_table.at(i, j) = purge_of(p.machine, plan->washout, p.filaments[i], p.filaments[j], s.delta_e);

    const std::vector<Set> sets = layer_sets(*plan);
    plan->loading = load_nozzles(sets, plan->purge_table, p.machine);
    Sequence optimal = cheapest_order(p, sets, *plan);
    plan->sequence = in_index_order(sets);
    cost_out(p, *plan);
    plan->as_assigned = plan->totals;
    if (s.order == kOptimal) {
        plan->sequence = std::move(optimal);
        cost_out(p, *plan);
    }
    plan->detail = detail_;
    plan->findings = find_problems(p, *plan, &plan->waived);
    return std::shared_ptr<const Plan>(std::move(plan));
}

} // namespace vitrail
