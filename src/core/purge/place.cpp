#include "core/purge/place.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace vitrail {

namespace {

constexpr double kNothing = 1e-9;

/// Room of one place in the layer at hand.
struct Room {
    Destination where;
    int part;
    int owner; ///< filament it replaces
    double mm3;
};

/// Length of a skirt's loops around the plate.
double skirt_length(const Settings& s, const Plate& plate) {
    double around = 0;
    for (double loop = 0; loop < s.skirt_loops; ++loop)
        around += length_around(plate.around, s.skirt_gap_mm + (loop + 0.5) * s.line_width_mm);
    return around;
}

} // namespace

bool hides_behind(const Filament& wall, double wall_mm, Srgb inside, double delta_e) {
    const double through = std::pow(0.1, wall_mm / wall.td_mm);
    const LinearRgb w = to_linear(wall.colour), in = to_linear(inside);
    const auto seen = [&](const LinearRgb& below) {
        return to_lab(LinearRgb{w.r * (1 - through) + below.r * through, w.g * (1 - through) + below.g * through, w.b * (1 - through) + below.b * through});
    };
    return delta_e_2000(seen(w), seen(in)) <= delta_e;
}

Destination main_destination(std::span<const Flow> flows, Destination otherwise) {
    double most = 0;
    for (const Flow& f : flows)
        if (f.mm3 > most)
            most = f.mm3, otherwise = f.where;
    return otherwise;
}

PurgePlan place_purge(const Project& p, const Printed& printed, std::span<const Switch> switches) {
    const Settings& s = p.settings;
    const Shares& shares = printed.shares;
    const SupportShares& support = printed.support;
    const LayerGrid& grid = printed.grid();
    const int n = shares.filaments, count = grid.count;
    PurgePlan out;
    out.flows.resize(switches.size());
    out.rest_goes_to = s.purge_to == kTower ? Destination::tower : s.purge_to == kSkirt ? Destination::skirt : s.purge_to == kAsMachine ? p.machine.purge_to : Destination::ejected;
    const double wall_mm = s.walls * s.line_width_mm;
    const auto filament = [&](int f) -> const Filament& { return p.filaments[static_cast<std::size_t>(f)]; };
    // hides[w · n + c]: colour c cannot be seen behind the walls of w.
    std::vector<char> hides(static_cast<std::size_t>(n) * static_cast<std::size_t>(n), 0);
    if (s.purge_infill != kNo)
        for (int w = 0; w < n; ++w)
            for (int c = 0; c < n; ++c)
                hides[static_cast<std::size_t>(w * n + c)] = hides_behind(filament(w), wall_mm, filament(c).colour, filament(w).delta_e > 0 ? filament(w).delta_e : s.delta_e);
    const auto suits = [&](const Switch& c, const Room& r) {
        if (filament(c.to).material != filament(r.owner).material || filament(c.displaced).material != filament(r.owner).material)
            return false;
        return r.where != Destination::infill || (hides[static_cast<std::size_t>(r.owner * n + c.to)] && hides[static_cast<std::size_t>(r.owner * n + c.displaced)]);
    };

    // The slimmest tower that stands, where only peaks go elsewhere.
    const TowerShape shape{s.tower_width_mm, s.tower_infill_pct, s.line_width_mm, s.slenderness_limit, TowerShape().least_width_mm, static_cast<TowerKind>(s.tower_shape)};
    const bool peaks = s.purge_infill == kPeaks && out.rest_goes_to == Destination::tower && !switches.empty();
    const double slim_mm = !peaks ? 0 : s.tower_width_mm > 0 ? s.tower_width_mm : std::max(shape.least_width_mm, grid.top_mm(switches.back().layer) / s.slenderness_limit);
    std::vector<double> rest(static_cast<std::size_t>(count), 0); // for the tower or the skirt
    std::size_t begin = 0;
    while (begin < switches.size()) {
        const int l = switches[begin].layer;
        const auto layer = static_cast<std::size_t>(l) - 1;
        std::size_t end = begin;
        while (end < switches.size() && switches[end].layer == l)
            ++end;
        std::vector<Room> rooms;
        if (s.purge_infill != kNo)
            for (std::size_t i = 0; i < p.parts.size(); ++i)
                if (const double mm3 = printed.demand.parts[i][layer].infill_mm3 * s.copies; mm3 > kNothing && !p.parts[i].takes_purge)
                    rooms.push_back({Destination::infill, static_cast<int>(i), shares.owner[i][layer], mm3});
        if (s.purge_support == kYes && !support.support_mm3.empty() && support.support_mm3[layer] > kNothing)
            rooms.push_back({Destination::support, -1, support.support_by[layer], support.support_mm3[layer]});
        for (std::size_t i = 0; i < p.parts.size() && shares.free_mm3[layer] > kNothing; ++i)
            if (p.parts[i].takes_purge)
                if (const double mm3 = printed.demand.parts[i][layer].total() * s.copies; mm3 > kNothing)
                    rooms.push_back({Destination::piece, static_cast<int>(i), shares.owner[i][layer], mm3});
        std::vector<std::size_t> order(end - begin);
        std::iota(order.begin(), order.end(), begin);
        if (rooms.size() > 1 && order.size() > 1) {
            const auto choice = [&](std::size_t c) { return std::count_if(rooms.begin(), rooms.end(), [&](const Room& r) { return suits(switches[c], r); }); };
            std::stable_sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return choice(a) < choice(b); });
        }
        double tower_mm3 = slim_mm * slim_mm * grid.thickness_mm(l);
        for (const std::size_t i : order) {
            const Switch& c = switches[i];
            std::vector<Flow>& flows = out.flows[i];
            const double into_tower = std::min(c.purge_mm3, tower_mm3);
            tower_mm3 -= into_tower;
            double left = c.purge_mm3 - into_tower;
            for (Room& r : rooms)
                if (left > kNothing && r.mm3 > kNothing && suits(c, r)) {
                    const double take = std::min(left, r.mm3);
                    flows.push_back({r.where, r.part, take});
                    r.mm3 -= take;
                    left -= take;
                }
            left += into_tower;
            if (left > kNothing) {
                flows.push_back({out.rest_goes_to, -1, left});
                rest[layer] += left;
            }
        }
        begin = end;
    }
    if (out.rest_goes_to == Destination::tower)
        out.tower = build_tower(rest, grid, shape);
    out.plate = lay_out(p, printed.table, out.tower);
    if (out.rest_goes_to == Destination::skirt) {
        out.plate.skirt = grown(out.plate.around, s.skirt_gap_mm + s.line_width_mm / 2);
        out.skirt = build_skirt(rest, grid, skirt_length(s, out.plate), s.line_width_mm);
        // What finds no room in the skirt is thrown out, from the last change of the layer backwards.
        for (std::size_t i = switches.size(); i-- > 0 && out.skirt.overflow_mm3 > kNothing;) {
            const Switch& c = switches[i];
            std::vector<Flow>& flows = out.flows[i];
            double& all = rest[static_cast<std::size_t>(c.layer) - 1];
            const double room = out.skirt.length_mm * s.line_width_mm * grid.thickness_mm(c.layer);
            if (all <= room + kNothing || flows.empty() || flows.back().where != Destination::skirt)
                continue;
            const double out = std::min(all - room, flows.back().mm3);
            all -= out;
            flows.back().mm3 -= out;
            if (flows.back().mm3 < kNothing)
                flows.pop_back();
            flows.push_back({Destination::ejected, -1, out});
        }
    }
    if (s.ooze_wall == kYes && !switches.empty()) {
        out.ooze.layers = switches.back().layer;
        out.ooze.length_mm = length_around(printed.table.shadow, s.ooze_gap_mm + s.line_width_mm / 2) * s.copies;
        out.ooze.mm3 = out.ooze.length_mm * s.line_width_mm * grid.top_mm(out.ooze.layers);
    }
    return out;
}

} // namespace vitrail
