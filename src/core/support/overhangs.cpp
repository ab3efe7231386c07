#include "core/support/overhangs.h"

#include "core/geometry/near.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <atomic>
#include <cmath>
#include <numbers>

namespace vitrail {

std::vector<Paths> pieces_of(const Paths& area) {
    std::vector<Paths> pieces;
    std::vector<std::pair<double, Box>> outer;
    std::vector<const Path*> holes;
    for (const Path& ring : area) {
        if (!ClipperLib::Orientation(ring)) {
            holes.push_back(&ring);
            continue;
        }
        pieces.push_back({ring});
        outer.emplace_back(ClipperLib::Area(ring), box_of(pieces.back()));
    }
    // A hole belongs to the smallest ring around it.
    for (const Path* hole : holes) {
        const Box box = box_of({*hole});
        std::size_t around = pieces.size();
        for (std::size_t k = 0; k < pieces.size(); ++k) {
            if (!outer[k].second.meets(box) || (around < pieces.size() && outer[k].first > outer[around].first))
                continue;
            int inside = -1; // on the ring: another corner decides
            for (std::size_t c = 0; c < hole->size() && inside < 0; ++c)
                inside = ClipperLib::PointInPolygon((*hole)[c], pieces[k][0]);
            if (inside != 0)
                around = k;
        }
        if (around < pieces.size())
            pieces[around].push_back(*hole);
    }
    return pieces;
}

namespace {

/// How far a layer may reach beyond the one below.
double reach_mm(double thickness_mm, const OverhangRules& rules) {
    return thickness_mm * std::tan(rules.angle_deg * std::numbers::pi / 180);
}

/// Whether the two areas have a point in common: most often a corner tells.
bool meet(const Paths& piece, const Paths& below) {
    if (!box_of(piece).meets(box_of(below)))
        return false;
    for (std::size_t i = 0; i < piece[0].size(); i += 1 + piece[0].size() / 8)
        if (contains(below, piece[0][i]))
            return true;
    return !intersect(piece, below).empty();
}

/// No closing by that radius reaches the piece: at each of a few of its corners a disc that touches what is below on one side has
/// room on the other. Says no where it cannot tell.
bool open_sided(const Paths& piece, const Paths& below, double radius) {
    const std::size_t step = 1 + piece[0].size() / 6;
    for (std::size_t i = 0; i < piece[0].size(); i += step) {
        const double x = static_cast<double>(piece[0][i].X), y = static_cast<double>(piece[0][i].Y);
        const Nearest n = nearest_on(below, x, y);
        if (n.away > radius)
            continue; // the disc around the corner itself
        if (n.away < 1)
            return false;
        const double r = radius * 1.001, cx = n.x + (x - n.x) / n.away * r, cy = n.y + (y - n.y) / n.away * r;
        if (nearest_on(below, cx, cy).away < radius * 0.999)
            return false;
    }
    return true;
}

/// The part of an area near a box; all of it where that is most of it.
Paths around(const Paths& area, const Box& box) {
    const Box all = box_of(area);
    const auto size = [](const Box& b) { return static_cast<double>(b.right - b.left) * static_cast<double>(b.bottom - b.top); };
    constexpr double kMost = 0.5;
    if (all.empty() || size(box) > kMost * size(all))
        return area;
    return intersect(area, {{{box.left, box.top}, {box.right, box.top}, {box.right, box.bottom}, {box.left, box.bottom}}});
}

Overhang look_at(const Paths& layer, const Paths& below, double h, const OverhangRules& rules) {
    Overhang out;
    if (layer.empty())
        return out;
    for (const Paths& piece : pieces_of(layer))
        if (!meet(piece, below))
            out.islands.insert(out.islands.end(), piece.begin(), piece.end());
    // Exact, unlike the overhang of plan/detail, which looks for what is in the air and lets a few µm a layer pass.
    const double reach = reach_mm(h, rules);
    Paths beyond = subtract(layer, below);
    if (!out.islands.empty())
        beyond = subtract(beyond, out.islands);
    if (beyond.empty()) {
        out.area = out.islands;
        return out;
    }
    Paths carries = below;
    ClipperLib::CleanPolygons(carries, std::min(0.001, reach / 100) * kUnitsPerMm); // far finer than what is allowed
    Paths over = subtract(beyond, reach > 0 ? offset(carries, reach) : below);
    // Where next to nothing is allowed, walls leave slivers of a few µm; an opening takes them away.
    constexpr double kSliver_mm = 0.005;
    if (reach < 4 * kSliver_mm)
        over = offset(offset(over, -kSliver_mm), kSliver_mm);
    for (const Paths& piece : pieces_of(over)) {
        const double area = area_mm2(piece);
        if (area < rules.least_mm2 || area <= kSliver_mm * perimeter_mm(piece))
            continue;
        bool bridged = false;
        if (rules.bridge_mm > 0 && !open_sided(piece, below, rules.bridge_mm / 2 * kUnitsPerMm)) {
            Paths rough = around(below, grown(box_of(piece), 2.2 * rules.bridge_mm));
            ClipperLib::CleanPolygons(rough, 0.02 * kUnitsPerMm); // nothing to a span
            bridged = area_mm2(intersect(piece, offset(offset(rough, rules.bridge_mm / 2), -rules.bridge_mm / 2))) >= 0.9 * area;
        }
        Paths& to = bridged ? out.bridges : out.area;
        to.insert(to.end(), piece.begin(), piece.end());
    }
    out.area.insert(out.area.end(), out.islands.begin(), out.islands.end());
    return out;
}

/// The overhang leaves out what its angle allows; where the layer below overhangs as well, that strip hangs between two that are
/// held, and is held with them.
void find_touched(const LayerTable& table, std::vector<Overhang>& all, int l, const OverhangRules& rules) {
    Overhang& here = all[static_cast<std::size_t>(l) - 1];
    const Overhang& below = all[static_cast<std::size_t>(l) - 2];
    here.touched = here.area;
    if (here.area.empty() || below.area.empty() || !box_of(here.area).meets(grown(box_of(below.area), 2)))
        return;
    constexpr double kWidest_mm = 1, kRounding_mm = 0.01; // beyond that a strip carries itself whatever lies beside it
    const double strip = std::min(kWidest_mm, reach_mm(table.grid.thickness_mm(l), rules)) + kRounding_mm;
    const Paths beyond = subtract(whole_layer(table, l), whole_layer(table, l - 1));
    // What overhangs all along is touched as a whole.
    if (perimeter_mm(here.area) > 0.9 * perimeter_mm(beyond) && perimeter_mm(below.area) > 0.8 * perimeter_mm(here.area)) {
        here.touched = beyond;
        return;
    }
    const Paths near = intersect(offset(here.area, strip), offset(below.area, strip));
    if (!near.empty())
        here.touched = unite(here.area, intersect(beyond, near));
}

/// Calls `use(layer, triangle)` with what of a facet lies between the middles of that layer and the one below.
template <class Use>
void spread(const LayerTable& table, const std::array<Vec3, 3>& c, Use use) {
    const double bed = table.bed_z_mm, low = std::min({c[0].z, c[1].z, c[2].z}) - bed, high = std::max({c[0].z, c[1].z, c[2].z}) - bed;
    for (int l = std::max(2, first_layer_above(table.grid, low)); l <= table.grid.count && table.grid.middle_mm(l - 1) <= high; ++l) {
        const float z0 = static_cast<float>(table.grid.middle_mm(l - 1) + bed), z1 = static_cast<float>(table.grid.middle_mm(l) + bed);
        std::vector<std::array<Vec3, 3>> inside, outside;
        clip(c, {[z0](Vec3 p) { return z0 - p.z; }, [z1](Vec3 p) { return p.z - z1; }}, inside, outside);
        for (const auto& t : inside)
            use(l, t);
    }
}

} // namespace

Result<std::vector<Overhang>> find_overhangs(const LayerTable& table, const OverhangRules& rules, const Progress& progress) {
    const int count = table.grid.count;
    std::vector<Overhang> out(static_cast<std::size_t>(count));
    std::atomic<int> done = 1;
    tbb::parallel_for(2, count + 1, [&](int l) {
        if (progress.stopped())
            return;
        out[static_cast<std::size_t>(l) - 1] = look_at(whole_layer(table, l), whole_layer(table, l - 1), table.grid.thickness_mm(l), rules);
        progress.at(static_cast<double>(++done) / count);
    });
    tbb::parallel_for(2, count + 1, [&](int l) {
        if (!progress.stopped())
            find_touched(table, out, l, rules);
    });
    if (progress.stopped())
        return Error{"Stopped before all overhangs were found."};
    return out;
}

SupportWishes wishes_of(const std::vector<Part>& parts, const LayerTable& table) {
    SupportWishes wishes;
    const auto count = static_cast<std::size_t>(table.grid.count);
    for (const Part& part : parts) {
        if (!part.support_paint)
            continue;
        wishes.keep_free.resize(count);
        wishes.hold.resize(count);
        for_each_facet(*part.mesh, *part.support_paint, [&](std::uint32_t, const std::array<Vec3, 3>& c, PatchNumber n) {
            const Vec3 d = twice_area(c);
            if (n == kUnpainted || !(d.z < -0.02f * length(d)))
                return;
            spread(table, c, [&](int l, const std::array<Vec3, 3>& t) {
                Path ring;
                for (const Vec3 v : t)
                    ring.emplace_back(std::llround(v.x * kUnitsPerMm), std::llround(v.y * kUnitsPerMm));
                if (!ClipperLib::Orientation(ring))
                    std::reverse(ring.begin(), ring.end());
                (n == static_cast<PatchNumber>(SupportWish::keep_free) ? wishes.keep_free : wishes.hold)[static_cast<std::size_t>(l) - 1].push_back(std::move(ring));
            });
        });
    }
    // Slivers between neighbouring triangles close, and the rounding of the layer's outline is met.
    constexpr double kJoin_mm = 0.05;
    tbb::parallel_for(std::size_t{0}, wishes.hold.size(), [&](std::size_t i) {
        for (Paths* area : {&wishes.keep_free[i], &wishes.hold[i]})
            if (!area->empty())
                *area = offset(filled(*area), kJoin_mm);
    });
    return wishes;
}

std::vector<Overhang> with_wishes(const LayerTable& table, const std::vector<Overhang>& found, const SupportWishes& wishes, const OverhangRules& rules) {
    std::vector<Overhang> out = found;
    std::vector<char> changed(out.size() + 1, 0);
    tbb::parallel_for(std::size_t{1}, wishes.hold.size(), [&](std::size_t i) {
        const Paths &free = wishes.keep_free[i], &hold = wishes.hold[i];
        if (free.empty() && hold.empty())
            return;
        changed[i] = 1;
        Overhang& o = out[i];
        const int l = static_cast<int>(i) + 1;
        if (!hold.empty()) {
            const Paths beyond = intersect(subtract(whole_layer(table, l), whole_layer(table, l - 1)), hold);
            o.area = unite(o.area, beyond);
            o.bridges = subtract(o.bridges, beyond);
        }
        if (!free.empty()) {
            const double before = area_mm2(o.area);
            o.area = subtract(o.area, free);
            o.islands = subtract(o.islands, free);
            o.freed_mm2 = before - area_mm2(o.area);
        }
    });
    tbb::parallel_for(std::size_t{1}, out.size(), [&](std::size_t i) {
        if (changed[i] || changed[i - 1]) {
            find_touched(table, out, static_cast<int>(i) + 1, rules);
            if (!wishes.keep_free[i].empty())
                out[i].touched = subtract(out[i].touched, wishes.keep_free[i]);
        }
    });
    return out;
}

} // namespace vitrail
