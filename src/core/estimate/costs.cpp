#include "core/estimate/costs.h"

#include <algorithm>

namespace vitrail {

namespace {

/// Books volumes under filaments and layers.
struct Ledger {
    const Project& p;
    Costs& out;

    FilamentUse& take(int filament, std::size_t layer, double mm3) {
        FilamentUse& u = out.use[static_cast<std::size_t>(filament)];
        u.g_by_layer[layer] += grams(p.filaments[static_cast<std::size_t>(filament)], mm3);
        return u;
    }

    void printed(std::size_t layer, Extruded e) {
        e.model_mm3 *= p.settings.correct_grams;
        e.support_mm3 *= p.settings.correct_grams;
        e.interface_mm3 *= p.settings.correct_grams;
        FilamentUse& u = take(e.filament, layer, e.mm3());
        u.model_mm3 += e.model_mm3;
        u.support_mm3 += e.support_mm3;
        u.interface_mm3 += e.interface_mm3;
        u.tower_mm3 += e.carried_mm3();
        out.layers[layer].tower_mm3 += e.carried_mm3();
        const Filament& f = p.filaments[static_cast<std::size_t>(e.filament)];
        out.totals.skirt_g += grams(f, e.skirt_mm3);
        out.totals.ooze_g += grams(f, e.ooze_mm3);
    }

    void purged(const Switch& c, const std::vector<Flow>& flows) {
        const auto layer = static_cast<std::size_t>(c.layer) - 1;
        const Filament& to = p.filaments[static_cast<std::size_t>(c.to)];
        FilamentUse& u = take(c.to, layer, c.purge_mm3);
        double useful = 0;
        for (const Flow& flow : flows)
            if (is_useful(flow.where)) {
                useful += flow.mm3;
                (flow.where == Destination::support ? u.support_mm3 : u.model_mm3) += flow.mm3;
            }
        u.purge_mm3 += c.purge_mm3 - useful;
        out.purge_g.push_back(grams(to, c.purge_mm3));
        LayerPurge& l = out.layers[layer];
        l.purge_mm3 += c.purge_mm3;
        l.purge_g += out.purge_g.back();
        l.useful_mm3 += useful;
        out.totals.purge_mm3 += c.purge_mm3;
        out.totals.useful_purge_g += grams(to, useful);
        out.totals.hand_swaps += c.kind == ChangeKind::hand;
    }
};

void weigh(const Filament& f, FilamentUse& u, Totals& t) {
    u.model_g = grams(f, u.model_mm3);
    u.support_g = grams(f, u.support_mm3);
    u.interface_g = grams(f, u.interface_mm3);
    u.purge_g = grams(f, u.purge_mm3);
    u.tower_g = grams(f, u.tower_mm3);
    u.first_load_g = grams(f, u.first_load_mm3);
    u.total_g = u.model_g + u.support_g + u.interface_g + u.purge_g + u.tower_g;
    u.length_m = metres(f, u.printed_mm3() + u.purge_mm3 + u.tower_mm3 + u.first_load_mm3);
    u.cost = (u.total_g + u.first_load_g) / 1000 * f.price_per_kg;
    t.model_g += u.model_g;
    t.support_g += u.support_g;
    t.interface_g += u.interface_g;
    t.purge_g += u.purge_g;
    t.tower_g += u.tower_g;
    t.first_load_g += u.first_load_g;
    t.filament_cost += u.cost;
}

} // namespace

Costs work_out_costs(const Project& p, const Books& books, const SwitchList& list, const PurgePlan& purge,
                     const Seating& seating, const Timeline& timeline) {
    Costs out;
    out.use.assign(p.filaments.size(), {});
    for (FilamentUse& u : out.use)
        u.g_by_layer.assign(books.size(), 0);
    out.layers.assign(books.size(), {});
    Ledger ledger{p, out};
    for (std::size_t l = 0; l < books.size(); ++l)
        for (const Extruded& e : books[l]) {
            ledger.printed(l, e);
            FilamentUse& u = out.use[static_cast<std::size_t>(e.filament)];
            if (e.carries_only)
                continue;
            u.first_layer = u.first_layer ? u.first_layer : static_cast<int>(l) + 1;
            u.last_layer = static_cast<int>(l) + 1;
        }
    for (std::size_t i = 0; i < list.switches.size(); ++i)
        ledger.purged(list.switches[i], purge.flows[i]);
    for (const FirstLoad& load : list.first_loads)
        ledger.take(load.filament, static_cast<std::size_t>(load.layer) - 1, load.mm3).first_load_mm3 +=
            load.mm3;

    Totals& t = out.totals;
    for (std::size_t f = 0; f < out.use.size(); ++f)
        weigh(p.filaments[f], out.use[f], t);
    t.changes = static_cast<int>(list.switches.size());
    t.refills = static_cast<int>(seating.refills.size());
    for (const RefillTime& r : timeline.refills)
        t.pauses += r.pause;
    t.spools_to_load = seating.spools_to_load;
    t.waste_ratio = t.model_g > 0 ? (t.purge_g + t.tower_g + t.support_g + t.interface_g) / t.model_g : 0;
    t.print_s = timeline.print_s;
    t.start_s = timeline.start_s;
    t.change_s = timeline.change_s;
    t.attended_s = timeline.attended_s;
    t.total_s = t.print_s + t.change_s;
    t.attended_cost = t.attended_s / 3600 * p.settings.attended_per_h;
    t.cost = t.filament_cost + t.attended_cost;
    return out;
}

std::vector<PieceShare> share_costs(const Project& p, const Printed& printed, const Totals& totals) {
    std::vector<PieceShare> out;
    std::vector<double> mm3;
    double all_mm3 = 0;
    for (std::size_t i = 0; i < printed.pieces.size(); ++i) {
        const PiecePlan& piece = printed.pieces[i];
        PieceShare share;
        share.count = count_of(p, p.pieces[i]);
        double volume = 0;
        for (const RegionUse& r : piece.regions) {
            share.model_g += r.g;
            volume += r.mm3;
        }
        for (std::size_t l = 0; l < piece.support_mm3.size(); ++l) {
            share.support_g += grams(p.filaments[piece.support_by[l]], piece.support_mm3[l]) +
                               grams(p.filaments[piece.interface_by[l]], piece.interface_mm3[l]);
            volume += piece.support_mm3[l] + piece.interface_mm3[l];
        }
        mm3.push_back(volume);
        all_mm3 += volume;
        out.push_back(share);
    }
    for (std::size_t i = 0; i < out.size(); ++i) {
        const double n = std::max(1, out[i].count), part = all_mm3 > 0 ? mm3[i] / all_mm3 / n : 0;
        out[i].model_g *= p.settings.correct_grams / n;
        out[i].support_g *= p.settings.correct_grams / n;
        out[i].total_s = part * totals.total_s;
        out[i].cost = part * totals.cost;
    }
    return out;
}

double price_of(const Settings& s, const Totals& t, double hand_s) {
    return t.filament_cost + s.printer_per_h * t.total_s / 3600 +
           own_hour(s) * (t.attended_s + hand_s) / 3600;
}

double waste_g(const Totals& t) {
    return t.purge_g + t.tower_g + t.support_g + t.interface_g;
}

} // namespace vitrail
