// The plate seen from above: where the copies stand, where the tower, and what runs around them.
#pragma once

#include "core/layers/layer_table.h"
#include "core/purge/tower.h"

namespace vitrail {

using Outline = std::vector<std::pair<double, double>>; ///< corners in mm, counter-clockwise, convex

struct Footprint {
    double x_mm = 0, y_mm = 0; ///< its middle on the bed, from the front left corner
    double w_mm = 0, d_mm = 0;
};

struct Plate {
    std::vector<Footprint> copies; ///< row by row from the front left
    int across = 0;                ///< in a row
    std::vector<Footprint> towers; ///< one for each column that stands on the bed
    double tower_away_mm = 0;      ///< from the middle of the piece, or of the copies, to the middle of the tower
    Outline around;                ///< of all copies together, on the bed
    Outline skirt;                 ///< innermost line of the skirt; empty without one
    bool fits = true;
};

/// Copies in rows with settings.spacing between them, the block in the middle of the bed; towers beside the block, never between
/// copies, where the nozzle travels, on the side that brings them closest. Where there is no room in the middle, the block
/// moves aside. The one answer to where things stand: skirt, checks, views and sheets go by it.
Plate lay_out(const Project& project, const LayerTable& table, const Tower& tower);

/// How many copies there is room for with that tower, at most settings.copies.
int copies_that_fit(const Project& project, const LayerTable& table, const Tower& tower);

/// A convex outline grown by so many mm.
Outline grown(const Outline& outline, double mm);

} // namespace vitrail
