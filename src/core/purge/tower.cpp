#include "core/purge/tower.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

Tower build_tower(std::span<const double> purge, const LayerGrid& grid, const TowerShape& shape) {
    Tower t;
    double busiest_mm2 = 0;
    for (std::size_t l = 0; l < purge.size(); ++l) {
        if (purge[l] <= 0)
            continue;
        t.layers = static_cast<int>(l) + 1;
        const double mm2 = purge[l] / grid.thickness_mm(t.layers);
        if (mm2 > busiest_mm2) {
            busiest_mm2 = mm2;
            t.busiest_layer = t.layers;
        }
    }
    if (!t.layers)
        return t;
    t.height_mm = grid.top_mm(t.layers);
    t.width_mm = shape.width_mm > 0 ? shape.width_mm
                                    : std::max({std::sqrt(busiest_mm2), t.height_mm / shape.slenderness_limit,
                                                shape.least_width_mm});
    const double area = t.width_mm * t.width_mm;
    const double inside = std::max(0.0, t.width_mm - 4 * shape.line_width_mm);
    const double sparse_mm2 = area - inside * inside * (1 - shape.infill_pct / 100);
    t.fill_by_layer_mm3.resize(t.layers);
    for (int l = 1; l <= t.layers; ++l) {
        const double h = grid.thickness_mm(l), taken = std::min(purge[l - 1], area * h);
        t.overflow_mm3 += purge[l - 1] - taken;
        t.purge_mm3 += taken;
        t.fill_mm3 += t.fill_by_layer_mm3[l - 1] = std::max(0.0, sparse_mm2 * h - taken);
    }
    return t;
}

} // namespace vitrail
