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
    int piece, part;
    int owner; ///< filament it replaces
    double mm3;
};

/// Length of a skirt's loops around the plate.
double skirt_length(const Settings& s, const Plate& plate) {
    double around = 0;
    for (int loop = 0; loop < s.skirt_loops; ++loop)
        around += length_around(plate.around, s.skirt_gap_mm + (loop + 0.5) * s.line_width_mm);
    return around;
}

/// Where a layer has use for purge: infill, then support, then what takes purge; piece by piece.
std::vector<Room> rooms_in(const Project& p, const Printed& printed, std::size_t layer) {
    std::vector<Room> rooms;
    const auto each_part = [&](auto look) {
        for (std::size_t k = 0; k < p.pieces.size(); ++k)
            for (std::size_t i = 0;
                 i < p.pieces[k].parts.size() && static_cast<int>(layer) < printed.pieces[k].layers(); ++i)
                if (const auto [where, mm3] =
                        look(p.pieces[k].parts[i], printed.pieces[k].demand->parts[i][layer]);
                    mm3 > 0)
                    if (const double all = mm3 * count_of(p, p.pieces[k]); all > kNothing)
                        rooms.push_back({where, static_cast<int>(k), static_cast<int>(i),
                                         printed.pieces[k].owner[i][layer], all});
    };
    if (p.settings.purge_infill != IntoInfill::no)
        each_part([](const Part& part, const Volume& v) {
            return std::pair(Destination::infill, part.takes_purge ? 0.0 : v.infill_mm3);
        });
    if (p.settings.purge_support)
        for (std::size_t k = 0; k < printed.pieces.size(); ++k)
            if (const PiecePlan& piece = printed.pieces[k];
                layer < piece.support_mm3.size() && piece.support_mm3[layer] > kNothing)
                rooms.push_back({Destination::support, static_cast<int>(k), -1, piece.support_by[layer],
                                 piece.support_mm3[layer]});
    if (printed.free_mm3[layer] > kNothing)
        each_part([](const Part& part, const Volume& v) {
            return std::pair(Destination::piece, part.takes_purge ? v.total() : 0.0);
        });
    return rooms;
}

} // namespace

bool hides_behind(const Filament& wall, double wall_mm, Srgb inside, double delta_e) {
    const double through = std::pow(0.1, wall_mm / wall.td_mm);
    const LinearRgb w = to_linear(wall.colour), in = to_linear(inside);
    const auto seen = [&](const LinearRgb& below) {
        return to_lab(LinearRgb{w.r * (1 - through) + below.r * through,
                                w.g * (1 - through) + below.g * through,
                                w.b * (1 - through) + below.b * through});
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

namespace {

/// Which changes' purge may go where.
class Suits {
public:
    explicit Suits(const Project& p) : p_(p), n_(p.filaments.size()), hides_(n_ * n_, 0) {
        const Settings& s = p.settings;
        for (std::size_t w = 0; w < n_ && s.purge_infill != IntoInfill::no; ++w)
            for (std::size_t c = 0; c < n_; ++c) {
                const Filament& wall = p.filaments[w];
                hides_[w * n_ + c] = hides_behind(wall, s.walls * s.line_width_mm, p.filaments[c].colour,
                                                  wall.delta_e > 0 ? wall.delta_e : s.delta_e);
            }
    }
    bool operator()(const Switch& c, const Room& r) const {
        const auto owner = static_cast<std::size_t>(r.owner), to = static_cast<std::size_t>(c.to),
                   displaced = static_cast<std::size_t>(c.displaced);
        if (p_.filaments[to].material != p_.filaments[owner].material ||
            p_.filaments[displaced].material != p_.filaments[owner].material)
            return false;
        return r.where != Destination::infill || (hides_[owner * n_ + to] && hides_[owner * n_ + displaced]);
    }

private:
    const Project& p_;
    std::size_t n_;
    std::vector<char> hides_; ///< [wall · n + colour]: it cannot be seen behind the walls
};

/// Fills the rooms of one layer with the purge of its switches, begin … end − 1. Returns what finds none,
/// mm³, and files it under the rest's destination. `tower_mm3`: so much goes there before anything else.
double fill_rooms(std::span<const Switch> switches, std::size_t begin, std::size_t end,
                  std::vector<Room> rooms, const Suits& suits, double tower_mm3, PurgePlan& out) {
    std::vector<std::size_t> order(end - begin);
    std::iota(order.begin(), order.end(), begin);
    if (rooms.size() > 1 && order.size() > 1) {
        const auto choice = [&](std::size_t c) {
            return std::count_if(rooms.begin(), rooms.end(),
                                 [&](const Room& r) { return suits(switches[c], r); });
        };
        std::stable_sort(order.begin(), order.end(),
                         [&](std::size_t a, std::size_t b) { return choice(a) < choice(b); });
    }
    double rest = 0;
    for (const std::size_t i : order) {
        const Switch& c = switches[i];
        std::vector<Flow>& flows = out.flows[i];
        const double into_tower = std::min(c.purge_mm3, tower_mm3);
        tower_mm3 -= into_tower;
        double left = c.purge_mm3 - into_tower;
        for (Room& r : rooms)
            if (left > kNothing && r.mm3 > kNothing && suits(c, r)) {
                const double take = std::min(left, r.mm3);
                flows.push_back({r.where, r.piece, r.part, take});
                r.mm3 -= take;
                left -= take;
            }
        left += into_tower;
        if (left > kNothing) {
            flows.push_back({out.rest_goes_to, -1, -1, left});
            rest += left;
        }
    }
    return rest;
}

/// What finds no room in the skirt is thrown out, from the last change of the layer backwards.
void throw_out_overflow(const Settings& s, const LayerGrid& grid, std::span<const Switch> switches,
                        std::vector<double> rest, PurgePlan& out) {
    for (std::size_t i = switches.size(); i-- > 0 && out.skirt.overflow_mm3 > kNothing;) {
        std::vector<Flow>& flows = out.flows[i];
        double& all = rest[static_cast<std::size_t>(switches[i].layer) - 1];
        const double room = out.skirt.length_mm * s.line_width_mm * grid.thickness_mm(switches[i].layer);
        if (all <= room + kNothing || flows.empty() || flows.back().where != Destination::skirt)
            continue;
        const double thrown = std::min(all - room, flows.back().mm3);
        all -= thrown;
        flows.back().mm3 -= thrown;
        if (flows.back().mm3 < kNothing)
            flows.pop_back();
        flows.push_back({Destination::ejected, -1, -1, thrown});
    }
}

} // namespace

PurgePlan place_purge(const Project& p, const Printed& printed, std::span<const Switch> switches,
                      PlateStage& plates, const std::stop_token& stop) {
    const Settings& s = p.settings;
    const LayerGrid& grid = printed.grid;
    PurgePlan out;
    out.flows.resize(switches.size());
    out.rest_goes_to = s.purge_to == PurgeTo::tower        ? Destination::tower
                       : s.purge_to == PurgeTo::skirt      ? Destination::skirt
                       : s.purge_to == PurgeTo::as_machine ? p.machine.purge_to
                                                           : Destination::ejected;
    // The slimmest tower that stands, where only peaks go elsewhere.
    const TowerShape shape{s.tower_width_mm,    s.tower_infill_pct,          s.line_width_mm,
                           s.slenderness_limit, TowerShape().least_width_mm, s.tower_shape};
    const bool peaks =
        s.purge_infill == IntoInfill::peaks && out.rest_goes_to == Destination::tower && !switches.empty();
    const double slim_mm =
        !peaks ? 0
        : s.tower_width_mm > 0
            ? s.tower_width_mm
            : std::max(shape.least_width_mm, grid.top_mm(switches.back().layer) / s.slenderness_limit);
    std::vector<double> rest(static_cast<std::size_t>(grid.count), 0); // for the tower or the skirt
    const Suits suits(p);
    for (std::size_t begin = 0, end = 0; begin < switches.size(); begin = end) {
        const int l = switches[begin].layer;
        while (end < switches.size() && switches[end].layer == l)
            ++end;
        const auto layer = static_cast<std::size_t>(l) - 1;
        rest[layer] = fill_rooms(switches, begin, end, rooms_in(p, printed, layer), suits,
                                 slim_mm * slim_mm * grid.thickness_mm(l), out);
    }
    if (out.rest_goes_to == Destination::tower)
        out.tower = build_tower(rest, grid, shape);
    out.plate = plates.lay_out(p, printed, out.tower, stop);
    if (out.rest_goes_to == Destination::skirt) {
        out.plate.skirt = grown(out.plate.around, s.skirt_gap_mm + s.line_width_mm / 2);
        out.skirt = build_skirt(rest, grid, skirt_length(s, out.plate), s.line_width_mm);
        throw_out_overflow(s, grid, switches, std::move(rest), out);
    }
    if (s.ooze_wall && !switches.empty()) {
        out.ooze.layers = switches.back().layer;
        for (std::size_t i = 0; i < p.pieces.size(); ++i)
            out.ooze.length_mm +=
                length_around(printed.pieces[i].table->shadow, s.ooze_gap_mm + s.line_width_mm / 2) *
                count_of(p, p.pieces[i]);
        out.ooze.mm3 = out.ooze.length_mm * s.line_width_mm * grid.top_mm(out.ooze.layers);
    }
    return out;
}

} // namespace vitrail
