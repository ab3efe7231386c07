// The plate seen from above: where the copies stand, and where the tower.
#pragma once

#include "core/plan/plan.h"

namespace vitrail {

struct Footprint {
    double x_mm = 0, y_mm = 0; ///< its middle on the bed
    double w_mm = 0, d_mm = 0;
};

struct Plate {
    std::vector<Footprint> copies;
    std::vector<Footprint> towers; ///< one for each column that stands on the bed
    double tower_away_mm = 0;      ///< from the middle of the piece, or of the copies, to the middle of the tower
    bool fits = true;
};

/// Copies in rows with settings.spacing between them, the block in the middle of the bed; towers beside the block, never between
/// copies, where the nozzle travels, on the side that brings them closest. Where there is no room in the middle, the block
/// moves aside.
Plate lay_out(const Project& project, const Plan& plan);

} // namespace vitrail
