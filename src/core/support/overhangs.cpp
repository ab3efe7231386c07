#include "core/support/overhangs.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <atomic>
#include <cmath>
#include <numbers>
#include <optional>

namespace vitrail {

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
        const auto size = [](const Box& b) {
            return static_cast<double>(b.right - b.left) * static_cast<double>(b.bottom - b.top);
        };
        constexpr double kMost = 0.5;
        if (all_.empty() || size(box) > kMost * size(all_))
            return area_;
        Paths near; // a ring that does not meet the box bounds nothing in it
        for (std::size_t i = 0; i < boxes_.size(); ++i)
            if (boxes_[i].meets(box))
                near.push_back(area_[i]);
        return intersect(
            near,
            {{{box.left, box.top}, {box.right, box.top}, {box.right, box.bottom}, {box.left, box.bottom}}});
    }

private:
    const Paths& area_;
    std::vector<Box> boxes_;
    Box all_;
};

/// Tells which overhangs of one layer are bridges.
class Bridges {
public:
    Bridges(const Rows& below, const Paths& outline, double span_mm)
        : surroundings_(outline), span_mm_(span_mm) {
        // Discs as wide as the span is long close over more than what is a bridge; rough lines do for that.
        constexpr double kLinesAcross = 32;
        step_ = 2 * static_cast<int>(span_mm * kUnitsPerMm / below.pitch / kLinesAcross) + 1;
        closed_ = closed(coarser(below, step_), span_mm);
    }

    /// Whether the gap below a piece of overhang is carried all around: closing what carries it by half the
    /// span covers it.
    bool has(const Rows& piece, double mm2) const {
        const Rows rough_piece = coarser(piece, step_);
        if (area_mm2(intersect(rough_piece, closed_)) < 0.5 * area_mm2(rough_piece))
            return false;
        Paths rough = surroundings_.around(
            grown(box_of(piece), 2.2 * span_mm_)); // with corners as they are: a closing looks at those
        ClipperLib::CleanPolygons(rough, 0.02 * kUnitsPerMm); // nothing to a span
        constexpr double kNearlyAll = 0.9;
        return area_mm2(intersect(paths_of(piece), offset(offset(rough, span_mm_ / 2), -span_mm_ / 2))) >=
               kNearlyAll * mm2;
    }

private:
    Surroundings surroundings_;
    double span_mm_;
    int step_ = 1;
    Rows closed_;
};

/// What a layer is measured against: the one below, and one deep enough below that a step out is more than
/// rounding.
struct Below {
    const Rows &next, &deep;
    const Paths &next_outline, &deep_outline;
    double next_mm, deep_mm; ///< below the layer
};

/// What of `beyond`, which steps out over the layer below, steps out too far.
Rows too_far(const Rows& beyond, const Below& below, const OverhangRules& rules) {
    constexpr double kRounding_mm = 0.002; // of the outlines
    const auto reach = [&](double mm) { return reach_mm(mm, rules) + kRounding_mm; };
    if (&below.next == &below.deep)
        return farther_than(beyond, below.next, below.next_outline, reach(below.next_mm));
    const Rows over_notch = intersect(beyond, below.deep); // the deeper layer reaches out again
    const Rows over =
        farther_than(subtract(beyond, below.deep), below.deep, below.deep_outline, reach(below.deep_mm));
    return over_notch.empty()
               ? over
               : unite(over, farther_than(over_notch, below.next, below.next_outline, reach(below.next_mm)));
}

Overhang look_at(const Rows& layer, const Below& below, const OverhangRules& rules) {
    Overhang out;
    if (layer.empty() || layer == below.next)
        return out;
    out.islands = apart_from(layer, below.next);
    const Rows beyond = subtract(subtract(layer, below.next), out.islands);
    const Rows over = too_far(beyond, below, rules);
    if (over.empty()) {
        out.area = out.islands;
        return out;
    }
    const RowPieces pieces = pieces_in(over);
    std::vector<char> held(pieces.mm2.size(), 0), free(held);
    const std::vector<Rows> each = pieces_of(over, pieces);
    std::optional<Bridges> bridges; // costs more than the rest
    const auto is_bridge = [&](std::size_t k) {
        constexpr double kLine_mm = 0.4; // a narrower strip is a slope
        if (rules.bridge_mm <= 0 || pieces.mm2[k] < kLine_mm / 2 * perimeter_mm(each[k]))
            return false;
        if (!bridges)
            bridges.emplace(below.next, below.next_outline, rules.bridge_mm);
        return bridges->has(each[k], pieces.mm2[k]);
    };
    for (std::size_t k = 0; k < each.size(); ++k)
        (is_bridge(k) ? free : held)[k] = 1;
    // The angle allows a strip of each layer, but it hangs on what is held.
    constexpr double kWidest_mm = 1; // beyond that a strip carries itself whatever lies beside it
    const double strip = std::min(kWidest_mm, reach_mm(below.next_mm, rules)) + over.pitch / kUnitsPerMm;
    out.area = unite(intersect(grown(picked(over, pieces, held), strip), beyond), out.islands);
    out.bridges = subtract(picked(over, pieces, free), out.area);
    return out;
}

/// The nearest layer below that is deep enough down.
int deep_below(const LayerGrid& grid, int layer) {
    constexpr double kDeep_mm = 0.2 - 1e-6; // of it 1° at 45° is 7 µm
    int below = layer - 1;
    while (below > 1 && grid.middle_mm(layer) - grid.middle_mm(below) < kDeep_mm)
        --below;
    return below;
}

/// Calls `use(layer, triangle)` with what of a facet lies between the middles of that layer and the one
/// below.
template <class Use>
void spread(const LayerTable& table, const std::array<Vec3, 3>& c, Use use) {
    const double bed = table.bed_z_mm, low = std::min({c[0].z, c[1].z, c[2].z}) - bed,
                 high = std::max({c[0].z, c[1].z, c[2].z}) - bed;
    for (int l = std::max(2, first_layer_above(table.grid, low));
         l <= table.grid.count && table.grid.middle_mm(l - 1) <= high; ++l) {
        const float z0 = static_cast<float>(table.grid.middle_mm(l - 1) + bed),
                    z1 = static_cast<float>(table.grid.middle_mm(l) + bed);
        std::vector<std::array<Vec3, 3>> inside, outside;
        clip(c, {[z0](Vec3 p) { return z0 - p.z; }, [z1](Vec3 p) { return p.z - z1; }}, inside, outside);
        for (const auto& t : inside)
            use(l, t);
    }
}

} // namespace

Result<std::vector<Overhang>> find_overhangs(const LayerTable& table, const OverhangRules& rules,
                                             const Progress& progress) {
    const std::vector<Rows>& piece = table.rows;
    const int count = table.grid.count;
    std::vector<Overhang> out(static_cast<std::size_t>(count));
    std::atomic<int> done = 1;
    tbb::parallel_for(2, count + 1, [&](int l) {
        if (progress.stopped())
            return;
        const auto i = static_cast<std::size_t>(l) - 1;
        const int deep = deep_below(table.grid, l);
        const auto down_mm = [&](int below) { return table.grid.middle_mm(l) - table.grid.middle_mm(below); };
        const Below below{piece[i - 1],
                          piece[static_cast<std::size_t>(deep) - 1],
                          whole_layer(table, l - 1),
                          whole_layer(table, deep),
                          down_mm(l - 1),
                          down_mm(deep)};
        out[i] = look_at(piece[i], below, rules);
        progress.at(static_cast<double>(++done) / count);
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
        for_each_facet(
            *part.mesh, *part.support_paint, [&](std::uint32_t, const std::array<Vec3, 3>& c, PatchNumber n) {
                const Vec3 d = twice_area(c);
                if (n == kUnpainted || !(d.z < -0.02f * length(d)))
                    return;
                spread(table, c, [&](int l, const std::array<Vec3, 3>& t) {
                    Path ring;
                    for (const Vec3 v : t)
                        ring.emplace_back(std::llround(v.x * kUnitsPerMm), std::llround(v.y * kUnitsPerMm));
                    if (!ClipperLib::Orientation(ring))
                        std::reverse(ring.begin(), ring.end());
                    (n == static_cast<PatchNumber>(SupportWish::keep_free)
                         ? keep_free
                         : hold)[static_cast<std::size_t>(l) - 1]
                        .push_back(std::move(ring));
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

std::vector<Overhang> with_wishes(const std::vector<Rows>& piece, const std::vector<Overhang>& found,
                                  const SupportWishes& wishes) {
    std::vector<Overhang> out = found;
    tbb::parallel_for(std::size_t{1}, wishes.hold.size(), [&](std::size_t i) {
        const Rows &free = wishes.keep_free[i], &hold = wishes.hold[i];
        Overhang& o = out[i];
        if (!hold.empty()) {
            o.wished = intersect(subtract(piece[i], piece[i - 1]), hold);
            o.area = unite(o.area, o.wished);
            o.bridges = subtract(o.bridges, o.wished);
        }
        if (!free.empty()) {
            const double before = area_mm2(o.area);
            o.area = subtract(o.area, free);
            o.islands = subtract(o.islands, free);
            o.wished = subtract(o.wished, free);
            o.freed_mm2 = before - area_mm2(o.area);
        }
    });
    return out;
}

} // namespace vitrail
