#include "core/plan/planner.h"

#include "core/changes/aims.h"
#include "core/changes/changes.h"
#include "core/changes/seating.h"
#include "core/check/findings.h"
#include "core/estimate/estimate.h"
#include "core/plan/attendance.h"
#include "core/purge/place.h"

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
    plan.free_mm3.assign(static_cast<std::size_t>(count), 0);
    plan.owner.clear();
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
        plan.owner.emplace_back(filament.begin(), filament.end());
        if (p.parts[i].takes_purge) {
            double all = 0;
            for (int l = 0; l < count; ++l) {
                double mm3 = demand.parts[i][l].total();
                for (const PatchDemand& patch : demand.patches[i])
                    mm3 += patch.mm3[l];
                plan.free_mm3[static_cast<std::size_t>(l)] += mm3 * p.settings.copies;
                all += mm3 * p.settings.copies;
            }
            note(static_cast<int>(i), -1, 0, all, own);
            continue;
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

/// Where nothing else is printed, a part that takes purge is printed in its own filament.
void settle_second_pieces(const Project& p, const Demand& demand, Plan& plan) {
    for (int l = 0; l < plan.grid.count; ++l) {
        const auto row = plan.model_mm3.begin() + static_cast<std::ptrdiff_t>(l) * plan.filaments;
        double& free = plan.free_mm3[static_cast<std::size_t>(l)];
        if (free <= 0 || std::any_of(row, row + plan.filaments, [](double v) { return v > 1e-6; }))
            continue;
        free = 0;
        for (std::size_t i = 0; i < p.parts.size(); ++i)
            if (p.parts[i].takes_purge) {
                double mm3 = demand.parts[i][l].total();
                for (const PatchDemand& patch : demand.patches[i])
                    mm3 += patch.mm3[l];
                row[plan.owner[i][static_cast<std::size_t>(l)]] += mm3 * p.settings.copies;
            }
    }
}

/// Who prints the support, and how much of it there is in each layer.
void add_support(const Project& p, std::shared_ptr<const SupportPlan> underside, Plan& plan) {
    plan.underside = std::move(underside);
    if (!plan.underside || !plan.underside->layout)
        return;
    plan.support = plan.underside;
    const auto n = static_cast<std::size_t>(plan.filaments);
    std::vector<double> by_filament(n, 0);
    for (std::size_t i = 0; i < plan.model_mm3.size(); ++i)
        by_filament[i % n] += plan.model_mm3[i];
    const auto most = static_cast<std::size_t>(std::max_element(by_filament.begin(), by_filament.end()) - by_filament.begin());
    const int support_filament = find_filament(p, p.support_filament), interface_filament = find_filament(p, p.interface_filament);
    std::size_t own = most; // what prints most of the layer, of the piece's main class: it takes no change of its own
    for (std::size_t l = 0; l < plan.support->body.size(); ++l) {
        std::size_t here = n;
        for (std::size_t f = 0; f < n; ++f)
            if (plan.model_mm3[l * n + f] > 1e-6 && p.filaments[f].material == p.filaments[most].material && (here == n || plan.model_mm3[l * n + f] > plan.model_mm3[l * n + here]))
                here = f;
        own = here < n ? here : own;
        plan.support_by.push_back(static_cast<std::uint8_t>(support_filament >= 0 ? static_cast<std::size_t>(support_filament) : own));
        plan.interface_by.push_back(static_cast<std::uint8_t>(interface_filament >= 0 ? static_cast<std::size_t>(interface_filament) : plan.support_by.back()));
        const Settings& set = p.settings;
        const double h = plan.grid.thickness_mm(static_cast<int>(l) + 1);
        plan.support_mm3.push_back(sparse_mm3(plan.support->body[l], h, set.line_width_mm, set.support_density_pct) * set.copies);
        plan.interface_mm3.push_back(sparse_mm3(plan.support->interface[l], h, set.line_width_mm, set.interface_density_pct) * set.copies);
    }
}

std::vector<Set> layer_sets(const Plan& plan) {
    std::vector<Set> sets(plan.grid.count, 0);
    for (int l = 0; l < plan.grid.count; ++l)
        for (int f = 0; f < plan.filaments; ++f)
            if (plan.printed_in(l + 1, f) > 1e-6)
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

/// The filament that each layer must print first, −1 where any may; empty where nothing is locked.
std::vector<std::int8_t> locked_first(const Project& p, const std::vector<Set>& sets) {
    std::vector<int> order;
    for (const char letter : p.print_first)
        if (const int f = find_filament(p, letter); f >= 0)
            order.push_back(f);
    if (order.empty())
        return {};
    std::vector<std::int8_t> first(sets.size(), -1);
    for (std::size_t l = 0; l < sets.size(); ++l)
        for (const int f : order)
            if (sets[l] >> f & 1) {
                first[l] = static_cast<std::int8_t>(f);
                break;
            }
    return first;
}

/// Only the filaments that are printed compete for nozzles; the others stand on the first that can be used.
Loading load_filaments(const Project& p, const Plan& plan, const std::vector<Set>& sets, const std::stop_token& stop) {
    std::vector<int> used;
    for (int f = 0; f < plan.filaments; ++f)
        if (std::any_of(sets.begin(), sets.end(), [&](Set s) { return s >> f & 1; }))
            used.push_back(f);
    LoadingProblem q = loading_problem(p, plan, sets, weights_for(p.settings));
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
        n.must = shrink(n.must);
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
    out.nozzle.assign(static_cast<std::size_t>(plan.filaments), spare);
    for (std::size_t i = 0; i < used.size(); ++i)
        out.nozzle[static_cast<std::size_t>(used[i])] = small.nozzle[i];
    return out;
}

struct CheapestOrder {
    Sequence sequence;
    LowerBound bound;
};

/// The cheapest order for the loading, and the bound that proves it.
CheapestOrder cheapest_order(const Project& p, const Plan& plan, const std::vector<Set>& sets, const std::vector<std::int8_t>& first) {
    const auto nozzles = p.machine.nozzles.size();
    std::vector<Set> group(nozzles, 0);
    for (int f = 0; f < plan.filaments; ++f)
        group[static_cast<std::size_t>(plan.loading.nozzle[static_cast<std::size_t>(f)])] |= Set{1} << f;
    const bool by_purge = p.settings.aim == kLeastWaste;
    const LoadingProblem weighed = by_purge ? LoadingProblem{} : loading_problem(p, plan, sets, weights_for(p.settings));

    CheapestOrder out;
    std::vector<Sequence> by_nozzle(nozzles);
    std::vector<Set> visits(sets.size(), 0);
    double least = 0, least_above_prime = 0;
    for (std::size_t n = 0; n < nozzles; ++n) {
        std::vector<Set> own(sets.size());
        for (std::size_t l = 0; l < sets.size(); ++l) {
            own[l] = sets[l] & group[n];
            if (own[l])
                visits[l] |= Set{1} << n;
        }
        const CostMatrix& table = plan.purge_tables[static_cast<std::size_t>(plan.table_of[n])];
        const PurgeCosts purge(table);
        Ordered o = order_layers(own, purge.costs, first);
        least += purge.least_mm3(o);
        if (nozzles > 1) {
            const PurgeCosts above_prime(table, p.machine.prime_mm3);
            least_above_prime += above_prime.least_mm3(order_layers(own, above_prime.costs, first));
        }
        by_nozzle[n] = by_purge ? std::move(o.sequence) : order_layers(own, weighed.costs[static_cast<std::size_t>(weighed.nozzles[n].costs)], first).sequence;
    }
    const auto fewest = [](const std::vector<Set>& layers, int n, const std::vector<std::int8_t>& locked) {
        if (locked.empty())
            return fewest_changes(layers, n);
        CostMatrix one(n);
        std::fill(one.cost.begin(), one.cost.end(), 1);
        return order_layers(layers, one, locked);
    };
    std::vector<std::int8_t> first_nozzle(first.size(), -1);
    for (std::size_t l = 0; l < first.size(); ++l)
        if (first[l] >= 0)
            first_nozzle[l] = static_cast<std::int8_t>(plan.loading.nozzle[static_cast<std::size_t>(first[l])]);
    const Ordered switches = fewest(visits, static_cast<int>(nozzles), first_nozzle);
    // Two bounds, both proven, the larger one counts. (1) The purge between filaments alone. (2) Every switch of
    // nozzles takes a prime, or a purge of at least that: so count the primes, and of each purge what exceeds one.
    const double primes = p.machine.prime_mm3 * static_cast<double>(switches.bound);
    out.bound.purge_mm3 = nozzles > 1 ? std::max(least, least_above_prime + primes) : least;
    out.bound.changes = static_cast<int>(fewest(sets, plan.filaments, first).bound);
    out.sequence = nozzles > 1 ? compose(by_nozzle, switches.sequence) : std::move(by_nozzle[0]);
    return out;
}

/// Changes, spools, purge and estimate that follow from plan.sequence.
void cost_out(const Project& p, Plan& plan) {
    list_changes(p, plan);
    seat_spools(p, plan);
    place_purge(p, plan);
    estimate(p, plan);
}

WashoutUse washout_of(const Project& p, int nozzle, Material material) {
    const Machine& m = p.machine;
    const Nozzle& n = m.nozzles[static_cast<std::size_t>(nozzle)];
    WashoutUse w{n.toolhead, material, {m.dead_mm3, m.mixing_mm3}, 0, 0, 0, 0, false, n.diameter_mm};
    if (const KeptCalibration* c = calibration_for(m, nozzle, material))
        w = {n.toolhead, material, {c->dead_mm3, c->mixing_mm3}, c->dead_sd_mm3, c->mixing_sd_mm3, c->covariance_mm6, static_cast<int>(c->readings.size()), false, n.diameter_mm};
    const Settings& s = p.settings;
    if (s.dead_mm3 > 0 || s.mixing_mm3 > 0)
        w = {n.toolhead, material, {s.dead_mm3 > 0 ? s.dead_mm3 : w.washout.dead_mm3, s.mixing_mm3 > 0 ? s.mixing_mm3 : w.washout.mixing_mm3}, 0, 0, 0, 0, true, n.diameter_mm};
    return w;
}

/// The level at which a change counts as clean: the pair's, else the new filament's, else the project's.
double level_of(const Project& p, const Filament& from, const Filament& to) {
    const PairPurge* x = pair_purge(p, from.letter, to.letter);
    return x && x->delta_e > 0 ? x->delta_e : to.delta_e > 0 ? to.delta_e : p.settings.delta_e;
}

} // namespace

Planner::Planner(const Project& p, const Plan& plan)
    : table_key_(table_key(p)), table_(plan.table), demand_key_(demand_key(p, plan.table)), demand_(plan.demand) {
    detail_key_ = {demand_, detail_settings(p.settings)};
    detail_ = plan.detail;
    support_.know(p, plan);
}

Planner::TableKey Planner::table_key(const Project& p) {
    TableKey key{{}, p.settings.first_layer_mm, p.settings.layer_mm};
    for (const Part& part : p.parts)
        key.meshes.push_back(part.mesh);
    return key;
}

Planner::DemandKey Planner::demand_key(const Project& p, std::shared_ptr<const LayerTable> table) {
    const Settings& s = p.settings;
    DemandKey key{std::move(table), {}, s.walls, s.line_width_mm, s.top_skins, s.bottom_skins, s.infill_pct};
    for (const Part& part : p.parts)
        key.paints.emplace_back(part.paint, part.patches.size());
    return key;
}

std::size_t Planner::DepthKeyHash::operator()(const DepthKey& k) const {
    const auto bits = [](Srgb c) { return std::size_t{c.r} << 16 | std::size_t{c.g} << 8 | c.b; };
    return (bits(k.from) << 24 | bits(k.to)) * 0x9e3779b97f4a7c15u ^ std::hash<double>()(k.delta_e);
}

double Planner::depth(Srgb from, Srgb to, double delta_e) {
    constexpr std::size_t kMostPairs = 20000;
    if (depths_.size() > kMostPairs)
        depths_.clear();
    const auto [it, fresh] = depths_.try_emplace({from, to, delta_e}, 0);
    if (fresh)
        it->second = washout_depth(from, to, delta_e);
    return it->second;
}

void Planner::purge_volumes(const Project& p, Plan& plan) {
    const int n = plan.filaments;
    plan.table_of.clear();
    for (std::size_t nozzle = 0; nozzle < p.machine.nozzles.size(); ++nozzle) {
        CostMatrix table(n);
        for (int j = 0; j < n; ++j) {
            const Filament& to = p.filaments[static_cast<std::size_t>(j)];
            const Washout w = washout_of(p, static_cast<int>(nozzle), to.material).washout;
            for (int i = 0; i < n; ++i) {
                if (i == j)
                    continue;
                const Filament& from = p.filaments[static_cast<std::size_t>(i)];
                const PairPurge* x = pair_purge(p, from.letter, to.letter);
                table.at(i, j) = x && x->mm3 > 0 ? static_cast<int>(std::ceil(std::max(x->mm3, p.machine.prime_mm3) - 1e-6))
                                                 : purge_mm3(p.machine, clean_mm3(w, depth(from.colour, to.colour, level_of(p, from, to))), from, to);
            }
        }
        const auto known = std::find_if(plan.purge_tables.begin(), plan.purge_tables.end(), [&](const CostMatrix& t) { return t.cost == table.cost; });
        plan.table_of.push_back(static_cast<int>(known - plan.purge_tables.begin()));
        if (known == plan.purge_tables.end())
            plan.purge_tables.push_back(std::move(table));
    }
}

void Planner::purge_pairs(const Project& p, Plan& plan) {
    const int n = plan.filaments;
    std::vector<int> at(static_cast<std::size_t>(n * n), -1);
    for (const Change& c : plan.changes) {
        if (c.displaced == c.to)
            continue;
        int& k = at[static_cast<std::size_t>(c.displaced * n + c.to)];
        if (k < 0) {
            k = static_cast<int>(plan.pairs.size());
            const Filament &from = p.filaments[static_cast<std::size_t>(c.displaced)], &to = p.filaments[static_cast<std::size_t>(c.to)];
            const WashoutUse w = washout_of(p, c.nozzle, to.material);
            PairUse u;
            u.from = c.displaced;
            u.to = c.to;
            u.mm3 = c.purge_mm3;
            u.delta_e = level_of(p, from, to);
            u.washout = w.washout;
            const double x = depth(from.colour, to.colour, u.delta_e);
            u.clean_mm3 = clean_mm3(w.washout, x);
            if (x > 0)
                u.sd_mm3 = std::sqrt(std::max(0.0, w.dead_sd_mm3 * w.dead_sd_mm3 + x * x * w.mixing_sd_mm3 * w.mixing_sd_mm3 + 2 * x * w.covariance_mm6));
            u.left_delta_e = left_delta_e(w.washout, from.colour, to.colour, u.mm3);
            const PairPurge* own = pair_purge(p, from.letter, to.letter);
            u.rule = own && own->mm3 > 0                                                                ? own->locked ? PurgeRule::locked : PurgeRule::by_hand
                     : from.material != to.material && u.clean_mm3 < p.machine.class_minimum_mm3 ? PurgeRule::material
                     : u.clean_mm3 < p.machine.prime_mm3                                               ? PurgeRule::prime
                                                                                                                : PurgeRule::colour;
            plan.pairs.push_back(u);
        }
        PairUse& u = plan.pairs[static_cast<std::size_t>(k)];
        ++u.times;
        u.g += c.purge_g;
        u.s += c.time_s;
    }
    std::stable_sort(plan.pairs.begin(), plan.pairs.end(), [](const PairUse& a, const PairUse& b) { return a.g > b.g; });
    // Which washout was used for whom.
    for (int f = 0; f < n; ++f) {
        if (plan.use[static_cast<std::size_t>(f)].printed_mm3() <= 0)
            continue;
        const WashoutUse w = washout_of(p, plan.loading.nozzle[static_cast<std::size_t>(f)], p.filaments[static_cast<std::size_t>(f)].material);
        if (std::none_of(plan.washouts.begin(), plan.washouts.end(), [&](const WashoutUse& o) { return o.toolhead == w.toolhead && o.material == w.material && o.nozzle_mm == w.nozzle_mm; }))
            plan.washouts.push_back(w);
    }
}

Result<std::shared_ptr<const Plan>> Planner::plan(const Project& p, const Progress& progress) {
    if (p.parts.empty())
        return Error{"There is nothing to plan yet: add a model file (3MF, STL or OBJ)."};
    for (const Part& part : p.parts)
        for (const auto& paint : {part.paint, part.support_paint})
            if (paint && paint->patch.size() != part.mesh->triangles.size())
                return Error{"The paint of \u201c" + part.name + "\u201d does not fit its mesh."};
    if (p.filaments.empty())
        return Error{"There is no filament to print with: add one."};
    if (p.filaments.size() > kMostFilaments)
        return Error{"A project holds at most 26 filaments, one a letter."};
    const Settings& s = p.settings;

    TableKey wanted_table = table_key(p);
    if (!table_ || !(wanted_table == table_key_)) {
        auto table = make_layer_table(p, {progress.stop, [&](double share) { progress.at(0.5 * share); }});
        if (!table)
            return table.error();
        table_ = std::move(*table);
        table_key_ = std::move(wanted_table);
        ++sliced_;
    }
    DemandKey wanted_demand = demand_key(p, table_);
    if (!demand_ || !(wanted_demand == demand_key_)) {
        auto demand = make_demand(*table_, p.parts, s, {progress.stop, [&](double share) { progress.at(0.5 + 0.3 * share); }});
        if (!demand)
            return demand.error();
        demand_ = std::move(*demand);
        demand_key_ = std::move(wanted_demand);
        ++measured_;
    }

    const bool supported = s.support != kNoSupport;
    std::shared_ptr<const SupportPlan> underside;
    if (supported || checks_) {
        auto held = support_.run(p, table_, {progress.stop, [&](double share) { progress.at(0.8 + 0.05 * share); }});
        if (!held)
            return held.error();
        underside = std::move(*held);
    }
    std::shared_ptr<const AccessMap> access;
    if (supported && checks_) {
        auto map = support_.access(p, table_, {progress.stop, {}});
        if (!map)
            return map.error();
        access = std::move(*map);
    }

    const DetailSettings look = detail_settings(s);
    DetailKey detail_key{demand_, look};
    if (!checks_) {
        // nobody will look at it
    } else if (!look.wanted)
        detail_ = nullptr;
    else if (!detail_ || !(detail_key == detail_key_)) {
        auto detail = make_detail(*table_, *demand_, look, {progress.stop, [&](double share) { progress.at(0.85 + 0.15 * share); }});
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
    plan->rest_goes_to = s.purge_to == kTower   ? Destination::tower
                         : s.purge_to == kSkirt ? Destination::skirt
                         : s.purge_to == kAsMachine ? p.machine.purge_to
                                                    : Destination::ejected;
    share_out(p, *demand_, *plan);
    settle_second_pieces(p, *demand_, *plan);
    add_support(p, std::move(underside), *plan);
    plan->access = std::move(access);
    if (plan->access)
        plan->face_access = reach_faces(*plan->access, *plan->support->layout, plan->grid);
    purge_volumes(p, *plan);

    const std::vector<Set> sets = layer_sets(*plan);
    plan->loading = load_filaments(p, *plan, sets, progress.stop);
    if (progress.stopped())
        return Error{"Stopped before the filaments had their nozzles."};
    plan->purge_table = CostMatrix(plan->filaments);
    for (int i = 0; i < plan->filaments; ++i)
        for (int j = 0; j < plan->filaments; ++j)
            if (i != j)
                plan->purge_table.at(i, j) = plan->purge_tables[static_cast<std::size_t>(plan->table_of[static_cast<std::size_t>(plan->loading.nozzle[static_cast<std::size_t>(j)])])].at(i, j);
    const std::vector<std::int8_t> first = locked_first(p, sets);
    CheapestOrder optimal = cheapest_order(p, *plan, sets, first);
    plan->bound = optimal.bound;
    if (!first.empty() && checks_) {
        const LowerBound free = cheapest_order(p, *plan, sets, {}).bound;
        plan->locked_changes = plan->bound.changes - free.changes;
        plan->locked_mm3 = plan->bound.purge_mm3 - free.purge_mm3;
    }
    if (checks_ || s.order != kOptimal) {
        plan->sequence = in_index_order(sets, first);
        cost_out(p, *plan);
        plan->as_assigned = plan->totals;
    }
    if (s.order == kOptimal) {
        plan->sequence = std::move(optimal.sequence);
        cost_out(p, *plan);
    }
    plan->attendance = attend(p, *plan);
    purge_pairs(p, *plan);
    if (!checks_)
        return std::shared_ptr<const Plan>(std::move(plan));
    plan->detail = detail_;
    plan->findings = find_problems(p, *plan, &plan->waived);
    return std::shared_ptr<const Plan>(std::move(plan));
}

} // namespace vitrail
