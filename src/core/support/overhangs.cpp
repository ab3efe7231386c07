#include "core/support/overhangs.h"

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

/// Finds the part of an area near a box; all of it where that is most of it.
class Surroundings {
public:
    explicit Surroundings(const Paths& area) : area_(area) {
        for (const Path& ring : area) {
            boxes_.push_back(box_of({ring}));
            all_.add(boxes_.back());
        }
    }
    Paths around(const Box& box) const {
        const auto size = [](const Box& b) { return static_cast<double>(b.right - b.left) * static_cast<double>(b.bottom - b.top); };
        constexpr double kMost = 0.5;
        if (all_.empty() || size(box) > kMost * size(all_))
            return area_;
        Paths near; // a ring that does not meet the box bounds nothing in it
        for (std::size_t i = 0; i < boxes_.size(); ++i)
            if (boxes_[i].meets(box))
                near.push_back(area_[i]);
        return intersect(near, {{{box.left, box.top}, {box.right, box.top}, {box.right, box.bottom}, {box.left, box.bottom}}});
    }

private:
    const Paths& area_;
    std::vector<Box> boxes_;
    Box all_;
};

/// The pieces of a layer with nothing of the layer below under them.
Rows islands_of(const Rows& layer, const Rows& below) {
    const RowPieces pieces = pieces_in(layer);
    std::vector<char> alone(pieces.mm2.size(), 1);
    std::size_t s = 0;
    for (int l = layer.first; l < layer.first + layer.lines(); ++l) {
        const auto under = below.line(l);
        std::size_t j = 0;
        for (const Rows::Span span : layer.line(l)) {
            while (j < under.size() && under[j].to <= span.from)
                ++j;
            if (j < under.size() && under[j].from < span.to)
                alone[static_cast<std::size_t>(pieces.of[s])] = 0;
            ++s;
        }
    }
    return std::find(alone.begin(), alone.end(), 1) == alone.end() ? Rows{} : picked(layer, pieces, alone);
}

/// Tells which overhangs of one layer are bridges.
class Bridges {
public:
    Bridges(const Rows& below, const Paths& outline, double span_mm) : surroundings_(outline), span_mm_(span_mm) {
        if (span_mm <= 0)
            return;
        // Discs as wide as the span is long close over more than what is a bridge; rough lines do for that.
        constexpr double kLinesAcross = 32;
        step_ = 2 * static_cast<int>(span_mm * kUnitsPerMm / below.pitch / kLinesAcross) + 1;
        closed_ = closed(coarser(below, step_), span_mm);
    }

    /// Whether the gap below a piece of overhang is carried all around: closing what carries it by half the span covers it.
    bool has(const Rows& piece, double mm2) const {
        if (span_mm_ <= 0)
            return false;
        const Rows rough_piece = coarser(piece, step_);
        if (area_mm2(intersect(rough_piece, closed_)) < 0.5 * area_mm2(rough_piece))
            return false;
        Paths rough = surroundings_.around(grown(box_of(piece), 2.2 * span_mm_)); // with corners as they are: a closing looks at those
        ClipperLib::CleanPolygons(rough, 0.02 * kUnitsPerMm); // nothing to a span
        constexpr double kNearlyAll = 0.9;
        return area_mm2(intersect(paths_of(piece), offset(offset(rough, span_mm_ / 2), -span_mm_ / 2))) >= kNearlyAll * mm2;
    }

private:
    Surroundings surroundings_;
    double span_mm_;
    int step_ = 1;
    Rows closed_;
};

Overhang look_at(const Rows& layer, const Rows& below, const Paths& below_outline, double h, const OverhangRules& rules) {
    Overhang out;
    if (layer.empty() || layer == below)
        return out;
    out.islands = islands_of(layer, below);
    const Rows over = farther_than(subtract(subtract(layer, below), out.islands), below, below_outline, reach_mm(h, rules));
    constexpr double kSliver_mm = 0.005; // thinner is rounding
    const RowPieces pieces = pieces_in(over);
    std::vector<char> held(pieces.mm2.size(), 0), free(held);
    if (!held.empty()) {
        const std::vector<Rows> each = pieces_of(over, pieces);
        const Bridges bridges(below, below_outline, rules.bridge_mm);
        for (std::size_t k = 0; k < each.size(); ++k) {
            if (pieces.mm2[k] < rules.least_mm2 || pieces.mm2[k] <= kSliver_mm * perimeter_mm(each[k]))
                continue;
            (bridges.has(each[k], pieces.mm2[k]) ? free : held)[k] = 1;
        }
    }
    out.area = unite(picked(over, pieces, held), out.islands);
    out.bridges = picked(over, pieces, free);
    return out;
}

/// The overhang leaves out what its angle allows; where the layer below overhangs as well, that strip hangs between two that are
/// held, and is held with them.
void find_touched(const LayerGrid& grid, const std::vector<Rows>& piece, std::vector<Overhang>& all, int l, const OverhangRules& rules) {
    const auto i = static_cast<std::size_t>(l) - 1;
    Overhang& here = all[i];
    const Overhang& below = all[i - 1];
    here.touched = here.area;
    if (here.area.empty() || below.area.empty())
        return;
    constexpr double kWidest_mm = 1; // beyond that a strip carries itself whatever lies beside it
    const double strip = std::min(kWidest_mm, reach_mm(grid.thickness_mm(l), rules)) + here.area.pitch / kUnitsPerMm;
    const Rows near = intersect(grown(here.area, strip), grown(below.area, strip));
    if (!near.empty())
        here.touched = unite(here.area, intersect(subtract(piece[i], piece[i - 1]), near));
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

Result<std::vector<Overhang>> find_overhangs(const LayerTable& table, const std::vector<Rows>& piece, const OverhangRules& rules, const Progress& progress) {
    const int count = table.grid.count;
    std::vector<Overhang> out(static_cast<std::size_t>(count));
    std::atomic<int> done = 1;
    tbb::parallel_for(2, count + 1, [&](int l) {
        if (progress.stopped())
            return;
        const auto i = static_cast<std::size_t>(l) - 1;
        out[i] = look_at(piece[i], piece[i - 1], whole_layer(table, l - 1), table.grid.thickness_mm(l), rules);
        progress.at(static_cast<double>(++done) / count);
    });
    tbb::parallel_for(2, count + 1, [&](int l) {
        if (!progress.stopped())
            find_touched(table.grid, piece, out, l, rules);
    });
    if (progress.stopped())
        return Error{say("Stopped before all overhangs were found.")};
    return out;
}

SupportWishes wishes_of(const std::vector<Part>& parts, const LayerTable& table) {
    const auto count = static_cast<std::size_t>(table.grid.count);
    std::vector<Paths> keep_free, hold;
    for (const Part& part : parts) {
        if (!part.support_paint)
            continue;
        keep_free.resize(count);
        hold.resize(count);
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
                (n == static_cast<PatchNumber>(SupportWish::keep_free) ? keep_free : hold)[static_cast<std::size_t>(l) - 1].push_back(std::move(ring));
            });
        });
    }
    SupportWishes wishes;
    wishes.keep_free.resize(keep_free.size());
    wishes.hold.resize(hold.size());
    const int pitch = pitch_of(table);
    // Slivers between neighbouring triangles close, and the rounding of the layer's outline is met.
    const double join_mm = pitch / kUnitsPerMm;
    tbb::parallel_for(std::size_t{0}, hold.size(), [&](std::size_t i) {
        wishes.keep_free[i] = grown(rows_of(keep_free[i], pitch), join_mm);
        wishes.hold[i] = grown(rows_of(hold[i], pitch), join_mm);
    });
    return wishes;
}

std::vector<Overhang> with_wishes(const LayerGrid& grid, const std::vector<Rows>& piece, const std::vector<Overhang>& found, const SupportWishes& wishes, const OverhangRules& rules) {
    std::vector<Overhang> out = found;
    std::vector<char> changed(out.size() + 1, 0);
    tbb::parallel_for(std::size_t{1}, wishes.hold.size(), [&](std::size_t i) {
        const Rows &free = wishes.keep_free[i], &hold = wishes.hold[i];
        if (free.empty() && hold.empty())
            return;
        changed[i] = 1;
        Overhang& o = out[i];
        if (!hold.empty()) {
            const Rows beyond = intersect(subtract(piece[i], piece[i - 1]), hold);
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
            find_touched(grid, piece, out, static_cast<int>(i) + 1, rules);
            if (i < wishes.keep_free.size() && !wishes.keep_free[i].empty())
                out[i].touched = subtract(out[i].touched, wishes.keep_free[i]);
        }
    });
    return out;
}

} // namespace vitrail
