#include "core/estimate/estimate.h"

#include "core/changes/seating.h"

#include <algorithm>

namespace vitrail {

double flow_mm3_s(const Project& p, const Filament& f, const LayerGrid& grid, int layer) {
    const double speed = layer == 1 ? p.settings.first_layer_speed_mm_s : p.settings.speed_mm_s;
    return std::min(p.settings.line_width_mm * grid.thickness_mm(layer) * speed, facts(f.material).flow_mm3_s);
}

double tower_g(const Plan& plan) {
    if (!plan.tower.layers)
        return 0;
    double g = plan.totals.tower_g - plan.totals.skirt_g - plan.totals.ooze_g;
    for (const Change& c : plan.changes)
        for (const Flow& f : c.flows)
            if (f.where == Destination::tower && c.purge_mm3 > 0)
                g += c.purge_g * f.mm3 / c.purge_mm3;
    return g;
}

double tower_share(const Plan& plan) {
    const Totals& t = plan.totals;
    const double all = t.model_g + t.support_g + t.interface_g + t.purge_g + t.tower_g;
    return all > 0 ? tower_g(plan) / all : 0;
}

void estimate(const Project& project, Plan& plan) {
    const int n = plan.filaments;
    const Settings& s = project.settings;
    plan.layers.assign(plan.grid.count, {});
    plan.use.assign(n, {});
    for (int f = 0; f < n; ++f)
        plan.use[f].g_by_layer.assign(plan.grid.count, 0);
    const auto take = [&](int f, int layer, double mm3) { plan.use[f].g_by_layer[layer - 1] += grams(project.filaments[f], mm3); };
    Totals& t = plan.totals;
    t = {};

    // Filament that purge replaced: the piece's, in that layer.
    std::vector<double> replaced(static_cast<std::size_t>(n), 0);
    double replaced_support = 0;
    double clock_s = 0;
    // What carries the tower where a layer does not purge: the filament that is in the nozzle as the layer begins.
    int loaded = -1;
    std::size_t change = 0;
    for (int l = 1; l <= plan.grid.count; ++l) {
        LayerCost& cost = plan.layers[l - 1];
        const auto order = plan.sequence.layer(l - 1);
        cost.start_s = clock_s;
        double seconds = 0, free_mm3 = plan.free_mm3[l - 1];
        std::fill(replaced.begin(), replaced.end(), 0);
        replaced_support = 0;
        for (std::size_t c = change; c < plan.changes.size() && plan.changes[c].layer == l; ++c)
            for (const Flow& flow : plan.changes[c].flows) {
                if (flow.where == Destination::infill)
                    replaced[plan.owner[flow.part][l - 1]] += flow.mm3;
                if (flow.where == Destination::piece)
                    free_mm3 -= flow.mm3;
                if (flow.where == Destination::support)
                    replaced_support += flow.mm3;
            }
        for (const std::uint8_t f : order) {
            // The second piece is finished in whatever is printed last.
            const double mm3 = plan.model_in(l, f) - replaced[f] + (f == order.back() ? std::max(0.0, free_mm3) : 0);
            FilamentUse& u = plan.use[f];
            u.model_mm3 += mm3;
            take(f, l, mm3);
            if (!u.first_layer)
                u.first_layer = l;
            u.last_layer = l;
            double all = mm3;
            if (!plan.support_mm3.empty()) {
                const double support = f == plan.support_by[l - 1] ? plan.support_mm3[l - 1] - replaced_support : 0, face = f == plan.interface_by[l - 1] ? plan.interface_mm3[l - 1] : 0;
                u.support_mm3 += support;
                u.interface_mm3 += face;
                take(f, l, support + face);
                all += support + face;
            }
            seconds += all / flow_mm3_s(project, project.filaments[f], plan.grid, l);
        }
        if (loaded < 0 && !order.empty())
            loaded = order.front();
        const double tower = l <= plan.tower.layers ? plan.tower.fill_by_layer_mm3[l - 1] : 0;
        const double skirt = l <= plan.skirt.layers ? plan.skirt.fill_by_layer_mm3[l - 1] : 0;
        const double ooze = l <= plan.ooze.layers ? plan.ooze.length_mm * s.line_width_mm * plan.grid.thickness_mm(l) : 0;
        if (loaded >= 0 && tower + skirt + ooze > 0) {
            const int carrier = !order.empty() ? order.back() : loaded;
            cost.tower_mm3 = tower + skirt + ooze;
            t.skirt_g += grams(project.filaments[carrier], skirt);
            t.ooze_g += grams(project.filaments[carrier], ooze);
            plan.use[carrier].tower_mm3 += cost.tower_mm3;
            take(carrier, l, cost.tower_mm3);
            seconds += cost.tower_mm3 / flow_mm3_s(project, project.filaments[carrier], plan.grid, l);
        }
        if (!order.empty())
            loaded = order.back();
        seconds *= 1 + s.travel_pct / 100;
        cost.waits_to_cool = seconds > 0 && seconds < s.min_layer_s;
        cost.print_s = seconds > 0 ? std::max(seconds, s.min_layer_s) : 0;
        t.print_s += cost.print_s;

        for (; change < plan.changes.size() && plan.changes[change].layer == l; ++change) {
            Change& c = plan.changes[change];
            const Filament& to = project.filaments[c.to];
            const ChangeTime& time = project.machine.time(c.kind);
            c.purge_g = grams(to, c.purge_mm3);
            c.time_s = time.time_s + c.purge_mm3 / facts(to.material).flow_mm3_s;
            c.attended_s = time.attended_s;
            if (c.kind == ChangeKind::hand)
                c.time_s += s.hand_wait_s;
            double useful = 0;
            for (const Flow& flow : c.flows)
                if (is_useful(flow.where)) {
                    useful += flow.mm3;
                    (flow.where == Destination::support ? plan.use[c.to].support_mm3 : plan.use[c.to].model_mm3) += flow.mm3;
                }
            plan.use[c.to].purge_mm3 += c.purge_mm3 - useful;
            t.useful_purge_g += grams(to, useful);
            cost.useful_mm3 += useful;
            take(c.to, l, c.purge_mm3);
            cost.purge_mm3 += c.purge_mm3;
            cost.purge_g += c.purge_g;
            cost.change_s += c.time_s;
            t.change_s += c.time_s;
            t.attended_s += c.attended_s;
            t.hand_swaps += c.kind == ChangeKind::hand;
            t.purge_mm3 += c.purge_mm3;
        }
        clock_s += cost.print_s + cost.change_s;
    }
    time_refills(project, plan);
    for (FirstLoad& load : plan.first_loads) {
        load.g = grams(project.filaments[load.filament], load.mm3);
        plan.use[load.filament].first_load_mm3 += load.mm3;
        take(load.filament, std::max(1, load.layer), load.mm3);
    }
    for (int f = 0; f < n; ++f) {
        FilamentUse& u = plan.use[f];
        const Filament& filament = project.filaments[f];
        u.model_g = grams(filament, u.model_mm3);
        u.support_g = grams(filament, u.support_mm3);
        u.interface_g = grams(filament, u.interface_mm3);
        u.purge_g = grams(filament, u.purge_mm3);
        u.tower_g = grams(filament, u.tower_mm3);
        u.first_load_g = grams(filament, u.first_load_mm3);
        u.total_g = u.model_g + u.support_g + u.interface_g + u.purge_g + u.tower_g;
        u.length_m = metres(filament, u.printed_mm3() + u.purge_mm3 + u.tower_mm3 + u.first_load_mm3);
        u.cost = (u.total_g + u.first_load_g) / 1000 * filament.price_per_kg;
        t.model_g += u.model_g;
        t.support_g += u.support_g;
        t.interface_g += u.interface_g;
        t.purge_g += u.purge_g;
        t.tower_g += u.tower_g;
        t.first_load_g += u.first_load_g;
        t.filament_cost += u.cost;
    }
    t.changes = static_cast<int>(plan.changes.size());
    t.waste_ratio = t.model_g > 0 ? (t.purge_g + t.tower_g + t.support_g + t.interface_g) / t.model_g : 0;
    t.total_s = t.print_s + t.change_s;
    t.attended_cost = t.attended_s / 3600 * s.attended_per_h;
    t.cost = t.filament_cost + t.attended_cost;
}

} // namespace vitrail
