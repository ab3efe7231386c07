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

/// Length of a skirt's loops around the plate: around the one piece, or around the block of copies.
double skirt_length(const Project& p, const Plan& plan) {
    const Settings& s = p.settings;
    double around = 0;
    std::vector<std::pair<double, double>> outline = plan.table->shadow;
    if (s.copies > 1) {
        const Bounds& b = plan.table->bounds;
        const double w = double(b.max.x) - b.min.x + s.spacing_mm, d = double(b.max.y) - b.min.y + s.spacing_mm;
        const double across = std::max(1.0, std::min(s.copies, std::floor(p.machine.bed_x_mm / w))), rows = std::ceil(s.copies / across);
        outline = {{0, 0}, {across * w, 0}, {across * w, rows * d}, {0, rows * d}};
    }
    for (double loop = 0; loop < s.skirt_loops; ++loop)
        around += length_around(outline, s.skirt_gap_mm + (loop + 0.5) * s.line_width_mm);
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

void place_purge(const Project& p, Plan& plan) {
    const Settings& s = p.settings;
    const int n = plan.filaments, count = plan.grid.count;
    const double wall_mm = s.walls * s.line_width_mm;
    const auto filament = [&](int f) -> const Filament& { return p.filaments[static_cast<std::size_t>(f)]; };
    // hides[w · n + c]: colour c cannot be seen behind the walls of w.
    std::vector<char> hides(static_cast<std::size_t>(n) * static_cast<std::size_t>(n), 0);
    if (s.purge_infill != kNo)
        for (int w = 0; w < n; ++w)
            for (int c = 0; c < n; ++c)
                hides[static_cast<std::size_t>(w * n + c)] = hides_behind(filament(w), wall_mm, filament(c).colour, filament(w).delta_e > 0 ? filament(w).delta_e : s.delta_e);
    const auto suits = [&](const Change& c, const Room& r) {
        if (filament(c.to).material != filament(r.owner).material || filament(c.displaced).material != filament(r.owner).material)
            return false;
        return r.where != Destination::infill || (hides[static_cast<std::size_t>(r.owner * n + c.to)] && hides[static_cast<std::size_t>(r.owner * n + c.displaced)]);
    };

    // The slimmest tower that stands, where only peaks go elsewhere.
    const TowerShape shape{s.tower_width_mm, s.tower_infill_pct, s.line_width_mm, s.slenderness_limit, TowerShape().least_width_mm, static_cast<TowerKind>(s.tower_shape)};
    const bool peaks = s.purge_infill == kPeaks && plan.rest_goes_to == Destination::tower && !plan.changes.empty();
    const double slim_mm = !peaks ? 0 : s.tower_width_mm > 0 ? s.tower_width_mm : std::max(shape.least_width_mm, plan.grid.top_mm(plan.changes.back().layer) / s.slenderness_limit);
    std::vector<double> rest(static_cast<std::size_t>(count), 0); // for the tower or the skirt
    std::size_t begin = 0;
    while (begin < plan.changes.size()) {
        const int l = plan.changes[begin].layer;
        const auto layer = static_cast<std::size_t>(l) - 1;
        std::size_t end = begin;
        while (end < plan.changes.size() && plan.changes[end].layer == l)
            ++end;
        std::vector<Room> rooms;
        if (s.purge_infill != kNo)
            for (std::size_t i = 0; i < p.parts.size(); ++i)
                if (const double mm3 = plan.demand->parts[i][layer].infill_mm3 * s.copies; mm3 > kNothing && !p.parts[i].takes_purge)
                    rooms.push_back({Destination::infill, static_cast<int>(i), plan.owner[i][layer], mm3});
        if (s.purge_support == kYes && !plan.support_mm3.empty() && plan.support_mm3[layer] > kNothing)
            rooms.push_back({Destination::support, -1, plan.support_by[layer], plan.support_mm3[layer]});
        for (std::size_t i = 0; i < p.parts.size() && plan.free_mm3[layer] > kNothing; ++i)
            if (p.parts[i].takes_purge)
                if (const double mm3 = plan.demand->parts[i][layer].total() * s.copies; mm3 > kNothing)
                    rooms.push_back({Destination::piece, static_cast<int>(i), plan.owner[i][layer], mm3});
        std::vector<std::size_t> order(end - begin);
        std::iota(order.begin(), order.end(), begin);
        if (rooms.size() > 1 && order.size() > 1) {
            const auto choice = [&](std::size_t c) { return std::count_if(rooms.begin(), rooms.end(), [&](const Room& r) { return suits(plan.changes[c], r); }); };
            std::stable_sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return choice(a) < choice(b); });
        }
        double tower_mm3 = slim_mm * slim_mm * plan.grid.thickness_mm(l);
        for (const std::size_t i : order) {
            Change& c = plan.changes[i];
            c.flows.clear();
            const double into_tower = std::min(c.purge_mm3, tower_mm3);
            tower_mm3 -= into_tower;
            double left = c.purge_mm3 - into_tower;
            for (Room& r : rooms)
                if (left > kNothing && r.mm3 > kNothing && suits(c, r)) {
                    const double take = std::min(left, r.mm3);
                    c.flows.push_back({r.where, r.part, take});
                    r.mm3 -= take;
                    left -= take;
                }
            left += into_tower;
            if (left > kNothing) {
                c.flows.push_back({plan.rest_goes_to, -1, left});
                rest[layer] += left;
            }
        }
        begin = end;
    }
    plan.tower = {};
    plan.skirt = {};
    plan.ooze = {};
    if (plan.rest_goes_to == Destination::tower)
        plan.tower = build_tower(rest, plan.grid, shape);
    if (plan.rest_goes_to == Destination::skirt) {
        plan.skirt = build_skirt(rest, plan.grid, skirt_length(p, plan), s.line_width_mm);
        // What finds no room in the skirt is thrown out, from the last change of the layer backwards.
        for (std::size_t i = plan.changes.size(); i-- > 0 && plan.skirt.overflow_mm3 > kNothing;) {
            Change& c = plan.changes[i];
            double& all = rest[static_cast<std::size_t>(c.layer) - 1];
            const double room = plan.skirt.length_mm * s.line_width_mm * plan.grid.thickness_mm(c.layer);
            if (all <= room + kNothing || c.flows.empty() || c.flows.back().where != Destination::skirt)
                continue;
            const double out = std::min(all - room, c.flows.back().mm3);
            all -= out;
            c.flows.back().mm3 -= out;
            if (c.flows.back().mm3 < kNothing)
                c.flows.pop_back();
            c.flows.push_back({Destination::ejected, -1, out});
        }
    }
    for (Change& c : plan.changes) {
        c.destination = plan.rest_goes_to;
        double most = 0;
        for (const Flow& f : c.flows)
            if (f.mm3 > most)
                most = f.mm3, c.destination = f.where;
    }
    if (s.ooze_wall == kYes && !plan.changes.empty()) {
        plan.ooze.layers = plan.changes.back().layer;
        plan.ooze.length_mm = length_around(plan.table->shadow, s.ooze_gap_mm + s.line_width_mm / 2) * s.copies;
        plan.ooze.mm3 = plan.ooze.length_mm * s.line_width_mm * plan.grid.top_mm(plan.ooze.layers);
    }
}

} // namespace vitrail
