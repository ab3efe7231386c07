#include "core/layers/misfits.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

/// Shape of one ring: enough to know it again elsewhere.
struct Outline {
    double area = 0, around = 0, w = 0, d = 0, x = 0, y = 0; ///< x, y: middle of its box, mm
    bool like(const Outline& o) const {
        return std::abs(area - o.area) < 0.01 * area + 0.02 &&
               std::abs(around - o.around) < 0.01 * around + 0.02 && std::abs(w - o.w) < 0.05 &&
               std::abs(d - o.d) < 0.05;
    }
};

std::vector<Outline> outlines(const Paths& rings, bool holes) {
    std::vector<Outline> out;
    for (const Path& r : rings) {
        if (ClipperLib::Orientation(r) == holes)
            continue;
        const Box b = box_of({r});
        out.push_back({std::abs(area_mm2({r})), perimeter_mm({r}), double(b.right - b.left) / kUnitsPerMm,
                       double(b.bottom - b.top) / kUnitsPerMm, double(b.left + b.right) / 2 / kUnitsPerMm,
                       double(b.top + b.bottom) / 2 / kUnitsPerMm});
    }
    return out;
}

} // namespace

std::vector<Misfit> find_misfits(const Piece& piece, const LayerTable& t) {
    const int n = static_cast<int>(piece.parts.size());
    std::vector<Misfit> found;
    const auto layer_at = [&](double z) {
        return std::clamp(first_layer_above(t.grid, z - t.bed_z_mm - 1e-4), 1, t.grid.count);
    };
    std::vector<std::vector<Outline>> holes(static_cast<std::size_t>(n));
    for (int i = 0; i < n && n > 1; ++i) {
        const Bounds& b = piece.parts[i].mesh->bounds;
        if (b.empty())
            continue;
        const int l0 = std::clamp(first_layer_above(t.grid, b.min.z - t.bed_z_mm), 1, t.grid.count),
                  l1 = std::clamp(first_layer_above(t.grid, b.max.z - t.bed_z_mm) - 1, l0, t.grid.count);
        for (const int l : {l0, (l0 + l1) / 2, l1})
            for (const Outline& h : outlines(t.parts[i].layers[l - 1], true))
                holes[i].push_back(h);
    }
    for (int j = 0; j < n; ++j) {
        const Bounds& b = piece.parts[j].mesh->bounds;
        if (b.empty())
            continue;
        const int layer = layer_at((double(b.min.z) + b.max.z) / 2);
        const std::vector<Outline> mine = outlines(t.parts[j].layers[layer - 1], false);
        if (mine.empty())
            continue;
        const Outline& largest = *std::max_element(
            mine.begin(), mine.end(), [](const Outline& x, const Outline& y) { return x.area < y.area; });
        const Outline* match = nullptr;
        int in = -1;
        bool in_place = largest.area < 1; // too small to tell
        for (int i = 0; i < n; ++i)
            for (const Outline& h : holes[i])
                if (i != j && largest.like(h)) {
                    in_place |= std::hypot(h.x - largest.x, h.y - largest.y) < 0.05;
                    if (!match || std::hypot(h.x - largest.x, h.y - largest.y) <
                                      std::hypot(match->x - largest.x, match->y - largest.y))
                        match = &h, in = i;
                }
        if (match && !in_place)
            found.push_back({j, in, layer, match->x - largest.x, match->y - largest.y, largest.x, largest.y,
                             std::max(largest.w, largest.d)});
    }
    return found;
}

} // namespace vitrail
