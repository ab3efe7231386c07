// The purge tower: a block beside the piece that takes the purge, layer by layer.
#pragma once

#include "core/geometry/layers.h"

#include <span>
#include <vector>

namespace vitrail {

struct Tower {
    int layers = 0;         ///< it ends with the last layer that changes filament; 0: no tower
    double width_mm = 0;    ///< side of its square footprint
    double height_mm = 0;
    double purge_mm3 = 0;   ///< purge it takes
    double fill_mm3 = 0;    ///< what it needs on top of the purge to stand
    double overflow_mm3 = 0; ///< purge that finds no room: the footprint is too small for those layers
    int busiest_layer = 0;
    std::vector<double> fill_by_layer_mm3; ///< [layer − 1]
    double slenderness() const { return width_mm > 0 ? height_mm / width_mm : 0; }
};

struct TowerShape {
    double width_mm = 0; ///< 0: choose the smallest that takes the busiest layer and keeps within the slenderness
    double infill_pct = 15;
    double line_width_mm = 0.4;
    double slenderness_limit = 8;
    double least_width_mm = 8; ///< below that two walls leave no inside worth the name; from memory
};

/// `purge_by_layer_mm3`: [layer − 1], what the changes of that layer purge into the tower. A layer holds its purge
/// or, where that is less, two wall lines around a sparse fill, so that the layers above have something to lie on.
Tower build_tower(std::span<const double> purge_by_layer_mm3, const LayerGrid& grid, const TowerShape& shape);

} // namespace vitrail
