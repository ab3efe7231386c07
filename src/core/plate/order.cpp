#include "core/plate/order.h"

#include "core/base/civil.h"
#include "core/plate/cuts.h"
#include "core/plate/plate_costs.h"
#include "core/purge/washout.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace vitrail {

namespace {

OrderTotals totals_of(const OrderTask& task, const std::vector<OrderPlate>& plates,
                      const Schedule& schedule) {
    OrderTotals t;
    t.plates = static_cast<int>(plates.size());
    for (const OrderPlate& p : plates) {
        const PlateFigures& f = p.figures;
        t.changes += f.changes;
        t.trips += f.trips;
        t.model_g += f.model_g;
        t.waste_g += f.waste_g;
        t.purge_g += f.purge_g;
        t.total_s += f.total_s;
        t.attended_s += f.attended_s;
        t.cost += f.cost;
        t.price += f.price;
    }
    t.loads = schedule.loads;
    t.late = schedule.late;
    t.finish_h = schedule.finish_h;
    t.worth = task.aim == OrderAim::earliest ? schedule.finish_h : schedule.worth;
    return t;
}

std::vector<OrderPlate> plates_of(const std::vector<Counts>& cut, const Schedule& schedule,
                                  PlateCosts& costs) {
    std::vector<OrderPlate> out;
    for (const ScheduledPlate& s : schedule.plates)
        out.push_back({cut[static_cast<std::size_t>(s.plate)],
                       costs.figures(cut[static_cast<std::size_t>(s.plate)], s.machine, Scope::costs), s});
    return out;
}

/// One piece at a time: what it comes to, started one after another.
Result<OrderTotals> singly(const OrderTask& task, PlateCosts& costs) {
    std::vector<Counts> cut;
    for (std::size_t k = 0; k < task.kinds.size(); ++k)
        cut.insert(cut.end(), static_cast<std::size_t>(task.kinds[k].count), [&] {
            Counts one(task.kinds.size(), 0);
            one[k] = 1;
            return one;
        }());
    ScheduleTask s = schedule_task(task, costs, cut, Scope::costs);
    std::vector<int> order(cut.size());
    std::iota(order.begin(), order.end(), 0);
    const Schedule schedule = schedule_in_order(s, order);
    if (schedule.plates.size() < cut.size())
        for (std::size_t i = 0; i < cut.size(); ++i)
            for (std::size_t m = 0; m < task.machines.size(); ++m)
                if (const PlateFigures& f = costs.figures(cut[i], static_cast<int>(m), Scope::costs);
                    !f.fits && std::all_of(s.plates[i].hours.begin(), s.plates[i].hours.end(),
                                           [](double h) { return !std::isfinite(h); }))
                    return Error{
                        say("{} cannot be printed: {}",
                            Name{task.kinds[static_cast<std::size_t>(
                                                std::find(cut[i].begin(), cut[i].end(), 1) - cut[i].begin())]
                                     .name},
                            f.why_not)};
    return totals_of(task, plates_of(cut, schedule, costs), schedule);
}

// ---- the lower bound

/// What a piece adds at least, and what a plate with it costs at least, apart from what pieces add.
struct Least {
    double piece = 0, plate = 0;
    double area_mm2 = 0; ///< of one
};

/// Shortest ways between filaments over others: so no detour over what another piece needs is cheaper.
CostMatrix closed(CostMatrix m, int n) {
    for (int k = 0; k < n; ++k)
        for (int i = 0; i < n; ++i)
            for (int j = 0; j < n; ++j)
                if (i != j)
                    m.at(i, j) = std::min(m.at(i, j), m.at(i, k) + m.at(k, j));
    return m;
}

/// mm³ that a plate with that kind purges at least, whatever else lies on it; 0 where that is not known.
double least_purge(const OrderTask& task, const PlateCosts& costs, const Project& all, std::size_t kind,
                   int machine) {
    const Project& p = *task.kinds[kind].project;
    const Settings& s = p.settings;
    const bool useful = s.purge_infill != IntoInfill::no || s.purge_support ||
                        std::any_of(all.pieces.begin(), all.pieces.end(), [](const Piece& piece) {
                            return std::any_of(piece.parts.begin(), piece.parts.end(),
                                               [](const Part& x) { return x.takes_purge; });
                        });
    if (task.machines[static_cast<std::size_t>(machine)].nozzles.size() != 1 || useful ||
        all.filaments.empty())
        return 0;
    const auto volumes = purge_volumes(all);
    const CostMatrix table = closed(loaded_table(volumes.tables, std::vector<int>(all.filaments.size(), 0)),
                                    static_cast<int>(all.filaments.size()));
    std::vector<int> id; // of the kind's filaments among all
    for (const Filament& f : p.filaments)
        id.push_back(static_cast<int>(std::find_if(all.filaments.begin(), all.filaments.end(),
                                                   [&](const Filament& x) { return alike(x, f); }) -
                                      all.filaments.begin()));
    std::vector<Set> sets;
    for (const Set own : layer_sets(costs.alone(kind, machine))) {
        Set set = 0;
        for (std::size_t f = 0; f < id.size(); ++f)
            if (own >> f & 1)
                set |= Set{1} << id[f];
        sets.push_back(set);
    }
    double mm3 = 0;
    const Ordered order = order_layers(sets, table);
    int before = -1;
    for (std::size_t l = 0; l < order.sequence.layers(); ++l)
        for (const std::uint8_t f : order.sequence.layer(l)) {
            if (before >= 0 && before != f)
                mm3 += table.at(before, f);
            before = f;
        }
    return order.cost == order.bound ? mm3 : 0;
}

Least least_of(const OrderTask& task, const PlateCosts& costs, const Project* all, std::size_t kind) {
    Least best{1e300, 1e300, 1e300};
    double lightest = 1e300, cheapest = 1e300; // g per mm³, money per g
    for (const Filament& f : costs.filaments()) {
        lightest = std::min(lightest, f.density_g_cm3 / 1000);
        cheapest = std::min(cheapest, f.price_per_kg / 1000);
    }
    for (std::size_t m = 0; m < task.machines.size(); ++m) {
        const Plan& plan = costs.alone(kind, static_cast<int>(m));
        const Totals& t = plan.totals;
        const Machine& machine = task.machines[m];
        const double lines_s = std::accumulate(plan.printing_s.begin(), plan.printing_s.end(), 0.0);
        const double change_s = std::min({machine.hand.time_s, machine.feeder.time_s, machine.tool.time_s});
        const double purge_g = all ? lightest * least_purge(task, costs, *all, kind, static_cast<int>(m)) : 0;
        const double plate_s = machine.motion.start_s + plan.bound.changes * change_s;
        Least x;
        for (const PiecePlan& piece : plan.pieces)
            x.area_mm2 += area_mm2(piece.table->shadow);
        switch (task.aim) {
        case OrderAim::waste:
            x.piece = t.support_g + t.interface_g, x.plate = purge_g;
            break;
        case OrderAim::hours:
        case OrderAim::earliest:
            x.piece = lines_s / 3600, x.plate = plate_s / 3600;
            break;
        case OrderAim::trips:
            x.plate = 1;
            break;
        case OrderAim::money:
            x.piece = (t.model_g + t.support_g + t.interface_g) * cheapest +
                      task.settings.printer_per_h * lines_s / 3600;
            x.plate = purge_g * cheapest + task.settings.printer_per_h * plate_s / 3600;
            break;
        }
        best = {std::min(best.piece, x.piece), std::min(best.plate, x.plate),
                std::min(best.area_mm2, x.area_mm2)};
    }
    return best;
}

/// Plates filled to the last mm², the dearest kinds together: a plate costs at least as much as the dearest
/// kind on it.
double lower_bound(const OrderTask& task, const PlateCosts& costs) {
    std::vector<Share> shares;
    for (const OrderKind& kind : task.kinds)
        shares.push_back({kind.project.get(), 1});
    const auto all = on_one_plate(shares, task.machines.front());
    std::vector<std::pair<Least, int>> least;
    double sum = 0, bed = 0;
    for (std::size_t k = 0; k < task.kinds.size(); ++k) {
        least.emplace_back(least_of(task, costs, all ? &*all : nullptr, k), task.kinds[k].count);
        sum += least.back().first.piece * task.kinds[k].count;
    }
    for (const Machine& m : task.machines)
        bed = std::max(bed, m.bed_x_mm * m.bed_y_mm);
    std::sort(least.begin(), least.end(),
              [](const auto& a, const auto& b) { return a.first.plate > b.first.plate; });
    double at = 0, next = 0; // mm² before this kind, and where the next plate begins
    for (const auto& [x, n] : least) {
        const double end = at + x.area_mm2 * n;
        for (; next < end - 1e-6; next += bed)
            sum += x.plate;
        at = end;
    }
    return task.aim == OrderAim::earliest ? sum / static_cast<double>(task.machines.size()) : sum;
}

} // namespace

Result<OrderPlan> plan_order(const OrderTask& task, const Progress& progress) {
    if (task.kinds.empty())
        return Error{say("The order is empty: add a piece.")};
    auto costs = PlateCosts::of(task, {progress.stop, [&](double share) { progress.at(0.2 * share); }});
    if (!costs)
        return costs.error();
    OrderPlan out;
    out.filaments = costs->filaments();
    const auto one_at_a_time = singly(task, *costs);
    if (!one_at_a_time)
        return one_at_a_time.error();
    out.singly = *one_at_a_time;
    const Cut apart = cut_apart(task, *costs, progress);
    out.apart = totals_of(task, plates_of(apart.plates, apart.schedule, *costs), apart.schedule);
    Cut best = best_cut(task, *costs, {progress.stop, [&](double share) { progress.at(0.3 + 0.7 * share); }});
    if (better(task, apart, best))
        best = apart;
    if (best.plates.empty())
        return Error{say("Stopped before the order was cut into plates.")};
    out.plates = plates_of(best.plates, best.schedule, *costs);
    out.totals = totals_of(task, out.plates, best.schedule);
    out.proven = best.all_looked_at;
    out.bound = out.proven ? out.totals.worth : std::min(out.totals.worth, lower_bound(task, *costs));
    out.planned = costs->planned();
    for (const OrderKind& kind : task.kinds)
        out.income += kind.for_sale ? kind.price * kind.count : 0;
    for (const Filament& f : out.filaments) {
        SpoolNeed need;
        for (const SpoolLeft& s : f.spools)
            need.left_g = std::max(0.0, need.left_g) + s.left_g;
        out.needs.push_back(need);
    }
    for (const OrderPlate& p : out.plates)
        for (std::size_t i = 0; i < p.figures.filaments.size(); ++i)
            out.needs[static_cast<std::size_t>(p.figures.filaments[i])].g += p.figures.grams[i];
    return out;
}

Result<Project> project_of(const OrderTask& task, const OrderPlan& plan, std::size_t plate) {
    const OrderPlate& x = plan.plates[plate];
    Result<Project> p = plate_project(task, x.counts, x.when.machine);
    if (!p)
        return p;
    const std::int64_t start_min = std::llround((task.start_hour + x.when.start_h) * 60);
    p->settings.start_hour = static_cast<double>(start_min % 1440) / 60;
    if (task.start_min)
        p->start_date = moment_text(*task.start_min + std::llround(x.when.start_h * 60)).substr(0, 10);
    if (p->machine.toolheads.size() == 1)
        for (const int f : x.when.stays)
            for (const Filament& own : p->filaments)
                if (alike(own, plan.filaments[static_cast<std::size_t>(f)]))
                    p->in_machine.push_back({own.letter, 0});
    return p;
}

} // namespace vitrail
