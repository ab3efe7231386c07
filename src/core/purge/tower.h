// What takes purge beside the piece, layer by layer: the purge tower, the skirt; and the ooze wall.
#pragma once

#include "core/geometry/layers.h"
#include "core/project/settings.h"

#include <span>
#include <vector>

namespace vitrail {

/// One square column of a tower, from the bed to a layer.
struct TowerColumn {
    double width_mm = 0;
    int from_layer = 1, to_layer = 0; ///< a column that begins above layer 1 stands on the one before it
};

struct Tower {
    int layers = 0;      ///< it ends with the last layer that purges into it; 0: no tower
    double width_mm = 0; ///< side of its footprint, of the widest column
    double height_mm = 0;
    double purge_mm3 = 0;    ///< purge it takes
    double fill_mm3 = 0;     ///< what it needs on top of the purge to stand
    double overflow_mm3 = 0; ///< purge that finds no room: the footprint is too small for those layers
    int busiest_layer = 0;
    std::vector<TowerColumn> columns;
    std::vector<double> fill_by_layer_mm3; ///< [layer − 1]
    double slenderness_ = 0;
    double slenderness() const { return slenderness_; } ///< of its slimmest column, height over width
};

struct TowerShape {
    /// 0: choose the smallest that takes the busiest layer and keeps within the slenderness
    double width_mm = 0;
    double infill_pct = 15;
    double line_width_mm = 0.4;
    double slenderness_limit = 8;
    double least_width_mm = 8;         ///< below that two walls leave no inside worth the name; from memory
    TowerKind kind = TowerKind::block; ///< a fixed width makes a block
};

/// `purge_by_layer_mm3`: [layer − 1], what the changes of that layer purge into the tower. A layer holds its
/// purge or, where that is less, two wall lines around a sparse fill, so that the layers above have something
/// to lie on. Stepped: one step, at the layer where it saves most; split: two columns beside each other, of
/// which one ends there. Both fall back to a block where that is not more.
Tower build_tower(std::span<const double> purge_by_layer_mm3, const LayerGrid& grid, const TowerShape& shape);

/// Loops around the piece that take purge, as tall as the last layer that purges into them.
struct Skirt {
    int layers = 0;
    double height_mm = 0;
    double length_mm = 0; ///< of all loops in one layer
    double purge_mm3 = 0, fill_mm3 = 0;
    double overflow_mm3 = 0;               ///< purge it had no room for
    std::vector<double> fill_by_layer_mm3; ///< [layer − 1]
};
/// A skirt of that length in each layer. A layer without purge is printed all the same, to carry the next.
Skirt build_skirt(std::span<const double> purge_by_layer_mm3, const LayerGrid& grid, double length_mm,
                  double line_width_mm);

/// One line around the piece, not touching it, up to the last change of tool.
struct OozeWall {
    int layers = 0;
    double length_mm = 0, mm3 = 0;
};

} // namespace vitrail
