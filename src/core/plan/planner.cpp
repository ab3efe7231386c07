#include "core/plan/planner.h"

#include "core/changes/best_split.h"

#include <algorithm>
#include <bit>
#include <map>

namespace vitrail {

VITRAIL_VALUE_MADE_HERE(Planner)

const char* to_string(Severity s) {
    return s == Severity::error ? term("error") : s == Severity::warning ? term("warning") : term("note");
}

namespace {

/// A share of the whole progress.
Progress between(const Progress& whole, double from, double to) {
    return {whole.stop, [&whole, from, to](double share) { whole.at(from + (to - from) * share); }};
}

std::vector<const Rows*> areas_of(const std::vector<Overhang>& overhangs) {
    std::vector<const Rows*> areas;
    for (const Overhang& o : overhangs)
        areas.push_back(&o.area);
    return areas;
}

Status can_be_planned(const Project& p) {
    if (!has_parts(p))
        return Error{say("There is nothing to plan yet: add a model file (3MF, STL or OBJ).")};
    for (const Piece& piece : p.pieces) {
        if (piece.parts.empty())
            return Error{
                say("The piece {} has no parts: give it a model file, or take it out.", Name{piece.name})};
        for (const Part& part : piece.parts)
            for (const auto& paint : {part.paint, part.support_paint})
                if (paint && paint->patch.size() != part.mesh->triangles.size())
                    return Error{say("The paint of {} does not fit its mesh.", Name{part.name})};
    }
    if (count_of_all(p) > kMostPlaced)
        return Error{say("The plate would hold {} pieces; Vitrail plans for at most {}. Print fewer copies.",
                         count_of_all(p), kMostPlaced)};
    if (p.filaments.empty())
        return Error{say("There is no filament to print with: add one.")};
    if (p.filaments.size() > kMostFilaments)
        return Error{say("A project holds at most 26 filaments, one a letter.")};
    return Done{};
}

/// From a sequence to what it costs: the second half of the pipeline.
struct Costed {
    SwitchList list;
    Seating seating;
    PurgePlan purge;
    Timeline timeline;
    Costs costs;
};
Costed cost_out(const Project& p, const Printed& printed, std::span<const double> printing_s,
                const Sequence& sequence, const Loading& loading, const CostMatrix& purge_mm3,
                PlateStage& plates, const std::stop_token& stop) {
    Costed c;
    c.list = list_switches(p.machine, printed.grid, sequence, loading, purge_mm3);
    c.seating = seat_spools(p, sequence, loading, c.list.switches);
    c.purge = place_purge(p, printed, c.list.switches, plates, stop);
    const Books books = book_layers(p, printed, sequence, c.list.switches, c.purge);
    c.timeline = make_timeline(p, printed, printing_s, books, c.list.switches, c.purge, c.seating);
    c.costs = work_out_costs(p, books, c.list, c.purge, c.seating, c.timeline);
    return c;
}

/// What a plan comes to by the aim: g thrown away; or the weights' mm³, seconds and things done by hand.
double worth_by_aim(const Settings& s, const Totals& t) {
    constexpr double kUsual_g_mm3 = 1.24e-3;
    if (s.aim == LoadingAim::waste)
        return waste_g(t);
    const Weights w = weights_for(s);
    return w.mm3 * waste_g(t) / kUsual_g_mm3 + w.s * t.total_s +
           w.hand * (t.spools_to_load + t.refills + t.hand_swaps);
}

bool may_be_useful(const Project& p) {
    return p.settings.purge_infill != IntoInfill::no || p.settings.purge_support ||
           std::any_of(p.pieces.begin(), p.pieces.end(), [](const Piece& piece) {
               return std::any_of(piece.parts.begin(), piece.parts.end(),
                                  [](const Part& part) { return part.takes_purge; });
           });
}

/// What each split purges at least, g: what its nozzles purge by themselves. Groups of filaments come again
/// in many splits, so they are remembered.
class LeastPurge {
public:
    LeastPurge(const Project& p, const PurgeTables& purge, std::span<const Set> sets,
               std::span<const int> used)
        : problem_(loading_problem(p, purge, sets, {1, 0, 0})), used_(used) {
        double lightest = 1e9;
        for (const int f : used)
            lightest = std::min(lightest, p.filaments[static_cast<std::size_t>(f)].density_g_cm3);
        g_mm3_ = lightest / 1000;
    }
    double of(const std::vector<int>& nozzle) {
        constexpr double kRounding = 1e-4; // the costs are whole numbers
        std::vector<Set> group(problem_.nozzles.size(), 0);
        for (const int f : used_)
            group[static_cast<std::size_t>(nozzle[static_cast<std::size_t>(f)])] |= Set{1} << f;
        double mm3 = 0;
        for (std::size_t n = 0; n < group.size(); ++n)
            if (std::popcount(group[n]) > 1) {
                const auto [at, fresh] = known_.try_emplace({problem_.nozzles[n].costs, group[n]}, 0);
                if (fresh)
                    at->second = cost_of_nozzle(problem_, n, group[n]);
                mm3 += at->second;
            }
        return mm3 * g_mm3_ * (1 - kRounding);
    }
    double g_mm3() const { return g_mm3_; }

private:
    LoadingProblem problem_;
    std::span<const int> used_;
    double g_mm3_ = 0;
    std::map<std::pair<int, Set>, double> known_; ///< mm³, by purge table and filaments
};

/// Filaments onto nozzles: by what each nozzle costs, then by what the splits cost as whole plans.
Loading split_filaments(const Project& p, const Printed& printed, std::span<const double> printing_s,
                        const PurgeTables& purge, std::span<const Set> sets,
                        const std::vector<std::int8_t>& first, PlateStage& plates, Scope scope,
                        const std::stop_token& stop) {
    const std::vector<char> usable = usable_nozzles(p.machine, p.settings.line_width_mm);
    std::vector<int> used;
    for (int f = 0; f < printed.filaments; ++f)
        if (std::any_of(sets.begin(), sets.end(), [&](Set s) { return s >> f & 1; }))
            used.push_back(f);
    std::vector<Loading> starts{load_filaments(p, purge, sets, weights_for(p.settings), stop)};
    if (std::count(usable.begin(), usable.end(), 1) < 2 || used.size() < 2 || scope == Scope::sketch)
        return starts.front();
    // Layers in all splits that are looked at: a tenth of a second. Only least waste rules most of them out.
    constexpr std::size_t kLeastTried = 64, kMostTried = 256, kLayersTried = 60'000;
    const std::size_t thorough =
        std::clamp(kLayersTried / std::max<std::size_t>(1, sets.size()), kLeastTried, kMostTried);
    LeastPurge least(p, purge, sets, used);
    const bool all_is_waste = !may_be_useful(p);
    const auto best = [&](const Project& by_aim, std::span<const Loading> from, double bound) {
        const bool by_waste = by_aim.settings.aim == LoadingAim::waste;
        const LeastOf least_of = [&](const std::vector<int>& nozzle) {
            return by_waste && all_is_waste ? least.of(nozzle) : 0;
        };
        return best_split(
            p, used, from, bound, by_waste ? thorough : kLeastTried, least_of,
            [&](const Loading& tried) -> SplitWorth {
                if (stop.stop_requested())
                    return {};
                const Sequence order = cheapest_order(by_aim, purge, tried, sets, first).sequence;
                const Costed costed = cost_out(by_aim, printed, printing_s, order, tried,
                                               loaded_table(purge, tried.nozzle), plates, stop);
                return {worth_by_aim(by_aim.settings, costed.costs.totals), costed.costs.totals.changes};
            });
    };
    Project wasting_least = p;
    wasting_least.settings.aim = LoadingAim::waste;
    const Loading purges_least = load_filaments(p, purge, sets, {1, 0, 0}, stop);
    const double bound_g = all_is_waste ? purges_least.bound * least.g_mm3() : 0;
    if (p.settings.aim == LoadingAim::waste)
        return best(p, starts, bound_g);
    // No aim does worse by its own measure than the one that wastes least.
    starts.push_back(purges_least);
    Loading chosen = best(p, starts, 0);
    if (!chosen.proven)
        chosen = best(p, std::vector{chosen, best(wasting_least, starts, bound_g)}, 0);
    return chosen;
}

/// What the stages found out about each change, refill and layer, side by side.
void collect(Costed c, Plan& plan) {
    for (std::size_t i = 0; i < c.list.switches.size(); ++i) {
        Change x;
        static_cast<Switch&>(x) = c.list.switches[i];
        static_cast<SwitchTime&>(x) = c.timeline.switches[i];
        x.slot = c.seating.slot_of[i];
        x.purge_g = c.costs.purge_g[i];
        x.destination = main_destination(c.purge.flows[i], c.purge.rest_goes_to);
        x.flows = std::move(c.purge.flows[i]);
        plan.changes.push_back(std::move(x));
    }
    for (std::size_t i = 0; i < c.seating.refills.size(); ++i) {
        const RefillTime& t = c.timeline.refills[i];
        Refill r{c.seating.refills[i], t.earliest_s, t.latest_s, t.time_s, t.attended_s};
        r.earliest_layer = t.earliest_layer;
        r.latest_layer = t.latest_layer;
        r.layer = t.layer;
        r.pause = t.pause;
        plan.refills.push_back(r);
    }
    for (std::size_t l = 0; l < c.costs.layers.size(); ++l)
        plan.layers.push_back({c.costs.layers[l], c.timeline.layers[l]});
    plan.first_loads = std::move(c.list.first_loads);
    plan.stays = std::move(c.seating.stays);
    plan.rest_goes_to = c.purge.rest_goes_to;
    plan.tower = std::move(c.purge.tower);
    plan.skirt = std::move(c.purge.skirt);
    plan.ooze = c.purge.ooze;
    plan.plate = std::move(c.purge.plate);
    plan.use = std::move(c.costs.use);
    plan.totals = c.costs.totals;
}

std::vector<char> printed_filaments(const std::vector<FilamentUse>& use) {
    std::vector<char> printed;
    for (const FilamentUse& u : use)
        printed.push_back(u.printed_mm3() > 0);
    return printed;
}

} // namespace

Planner::Planner(const Project& p, const Plan& plan) {
    know(p, plan);
}

void Planner::know(const Project& p, const Plan& plan) {
    std::vector<std::shared_ptr<const LayerTable>> tables;
    for (const auto& known : tables_.entries())
        tables.push_back(known.value);
    for (const PiecePlan& piece : plan.pieces)
        tables.push_back(piece.table);
    keep(tables);
    for (std::size_t i = 0; i < plan.pieces.size(); ++i) {
        const PiecePlan& known = plan.pieces[i];
        tables_.put(table_key(p, p.pieces[i]), known.table);
        demands_.put(demand_key(p, p.pieces[i], known.table), known.demand);
        if (i < plan.work.size())
            works_.put({known.demand, work_settings(p, p.pieces[i], known)}, plan.work[i]);
        if (known.detail)
            details_.put({known.demand, known.underside ? known.underside->found : nullptr,
                          detail_settings(p.settings)},
                         known.detail);
        support_.know(p, p.pieces[i], known.table, known.underside, known.access);
    }
}

/// Of each piece the latest, so that one is not forgotten for another.
void Planner::keep(const std::vector<std::shared_ptr<const LayerTable>>& tables) {
    tables_.keep(tables.size());
    demands_.keep(tables.size());
    details_.keep(tables.size());
    works_.keep(2 * tables.size());
    support_.keep(tables);
}

Planner::TableKey Planner::table_key(const Project& p, const Piece& piece) {
    TableKey key{{}, p.settings.first_layer_mm, p.settings.layer_mm, p.settings.layer_bands};
    for (const Part& part : piece.parts)
        key.meshes.push_back(part.mesh);
    return key;
}

Planner::DemandKey Planner::demand_key(const Project& p, const Piece& piece,
                                       std::shared_ptr<const LayerTable> table) {
    const Settings& s = p.settings;
    DemandKey key{std::move(table), {},           s.walls,           s.top_skins, s.bottom_skins,
                  s.line_width_mm,  s.infill_pct, s.skins_at_borders};
    for (const Part& part : piece.parts)
        key.paints.emplace_back(part.paint, part.patches.size());
    return key;
}

Result<std::vector<std::shared_ptr<const LayerTable>>> Planner::tables(const Project& p,
                                                                       const Progress& progress) {
    std::vector<std::shared_ptr<const LayerTable>> out;
    const double n = static_cast<double>(p.pieces.size());
    tables_.keep(p.pieces.size());
    for (const Piece& piece : p.pieces) {
        const double done = static_cast<double>(out.size());
        const auto table = tables_.get(table_key(p, piece), [&] {
            return make_layer_table(piece, p.settings, between(progress, done / n, (done + 1) / n));
        });
        if (!table)
            return table.error();
        out.push_back(*table);
    }
    keep(out);
    return out;
}

Result<PiecePlan> Planner::piece(const Project& p, const Piece& piece,
                                 std::shared_ptr<const LayerTable> table, const Progress& progress,
                                 Scope scope) {
    PiecePlan out;
    const auto take = [](auto made, auto& into) -> Status {
        if (!made)
            return made.error();
        into = *made;
        return Done{};
    };
    const bool look = scope == Scope::findings, held = p.settings.support != SupportStyle::none;
    out.table = std::move(table);
    const LayerGrid& grid = out.table->grid;
    if (const Status ok = take(demands_.get(demand_key(p, piece, out.table),
                                            [&] {
                                                return make_demand(*out.table, piece.parts, p.settings,
                                                                   between(progress, 0, 0.6));
                                            }),
                               out.demand);
        !ok)
        return ok.error();
    if (held || look)
        if (const Status ok =
                take(support_.run(p, piece, out.table, between(progress, 0.6, 0.7)), out.underside);
            !ok)
            return ok.error();
    if (held && look)
        if (const Status ok = take(support_.access(p.settings, out.table, {progress.stop, {}}), out.access);
            !ok)
            return ok.error();
    if (const DetailSettings settings = detail_settings(p.settings); look && settings.wanted)
        if (const Status ok = take(details_.get({out.demand, out.underside->found, settings},
                                                [&] {
                                                    return make_detail(*out.table, *out.demand,
                                                                       areas_of(*out.underside->found),
                                                                       settings, between(progress, 0.7, 1));
                                                }),
                                   out.detail);
            !ok)
            return ok.error();
    out.support = out.underside && out.underside->layout ? out.underside : nullptr;
    if (out.access)
        out.face_access = reach_faces(*out.access, *out.support->layout, grid);
    static_cast<Shares&>(out) = share_out(p, piece, grid, *out.demand);
    static_cast<SupportShares&>(out) = share_out_support(p, piece, grid, out.support.get(), out);
    return out;
}

Result<Printed> Planner::print(const Project& p, const Progress& progress, Scope scope) {
    const auto sliced = tables(p, between(progress, 0, 0.5));
    if (!sliced)
        return sliced.error();
    std::vector<PiecePlan> pieces;
    const double n = static_cast<double>(p.pieces.size());
    for (std::size_t i = 0; i < p.pieces.size(); ++i) {
        auto made = piece(p, p.pieces[i], (*sliced)[i],
                          between(progress, 0.5 + 0.5 * static_cast<double>(i) / n,
                                  0.5 + 0.5 * (static_cast<double>(i) + 1) / n),
                          scope);
        if (!made)
            return made.error();
        pieces.push_back(std::move(*made));
    }
    return sum_up(p, std::move(pieces));
}

Result<std::shared_ptr<const Plan>> Planner::plan(const Project& p, const Progress& progress, Scope scope) {
    if (const Status ok = can_be_planned(p); !ok)
        return ok.error();
    auto printed = print(p, progress, scope);
    if (!printed)
        return printed.error();
    plates_.layout = scope == Scope::sketch ? Layout::boxes : Layout::outlines;
    auto plan = std::make_shared<Plan>();
    static_cast<Printed&>(*plan) = std::move(*printed);
    plan->cleanup = clean_up(p, *plan);
    for (std::size_t i = 0; i < plan->pieces.size(); ++i) {
        const PiecePlan& made = plan->pieces[i];
        WorkSettings settings = work_settings(p, p.pieces[i], made);
        plan->work.push_back(*works_.get({made.demand, settings}, [&] {
            return Result(std::make_shared<const Work>(work_of(made, settings)));
        }));
    }
    plan->printing_s = printing_s(p, *plan, plan->work);
    plan->first_job = first_job(p, *plan);

    // Filaments on nozzles, then the order within layers.
    const auto volumes = volumes_.get(
        purge_key(p), [&] { return Result(std::make_shared<const PurgeVolumes>(purge_volumes(p))); });
    plan->purge_tables = (*volumes)->tables;
    const std::vector<Set> sets = layer_sets(*plan);
    const std::vector<std::int8_t> first = locked_first(p, sets);
    plan->loading = split_filaments(p, *plan, plan->printing_s, plan->purge_tables, sets, first, plates_,
                                    scope, progress.stop);
    if (progress.stopped())
        return Error{say("Stopped before the filaments had their nozzles.")};
    plan->purge_table = loaded_table(plan->purge_tables, plan->loading.nozzle);
    CheapestOrder cheapest = cheapest_order(p, plan->purge_tables, plan->loading, sets, first);
    plan->bound = cheapest.bound;
    if (!first.empty() && scope == Scope::findings) {
        const LowerBound free = cheapest_order(p, plan->purge_tables, plan->loading, sets, {}).bound;
        plan->locked_changes = plan->bound.changes - free.changes;
        plan->locked_mm3 = plan->bound.purge_mm3 - free.purge_mm3;
    }
    const auto cost = [&](const Sequence& sequence) {
        return cost_out(p, *plan, plan->printing_s, sequence, plan->loading, plan->purge_table, plates_,
                        progress.stop);
    };
    const bool as_assigned = p.settings.order != LayerOrder::optimal;
    if (as_assigned || scope == Scope::findings) {
        Sequence by_letter = in_index_order(sets, first);
        Costed costed = cost(by_letter);
        plan->as_assigned = costed.costs.totals;
        if (as_assigned)
            cheapest.sequence = std::move(by_letter);
    }
    plan->sequence = std::move(cheapest.sequence);
    if (progress.stopped())
        return Error{say("Stopped before the plate was laid out.")};

    // Changes, spools, purge, time, money, visits.
    Costed costed = cost(plan->sequence);
    if (progress.stopped())
        return Error{say("Stopped before everything had its place.")};
    plan->attendance = attend(p.settings, costed.list.switches, costed.timeline);
    plan->pairs = pair_uses(p, **volumes, costed.list.switches, costed.timeline, costed.costs);
    plan->washouts = washouts_in_use(p, plan->loading.nozzle, printed_filaments(costed.costs.use));
    plan->piece_shares = share_costs(p, *plan, costed.costs.totals);
    collect(std::move(costed), *plan);
    return std::shared_ptr<const Plan>(std::move(plan));
}

} // namespace vitrail
