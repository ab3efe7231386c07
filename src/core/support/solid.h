// Support as surfaces to look at: what its layers make when they are stacked.
#pragma once

#include "core/support/layout.h"

namespace vitrail {

/// Triangles, three corners each, in the parts' coordinates.
struct SupportSolids {
    std::vector<Vec3> body, interface;
    std::vector<Vec3> contacts; ///< the faces of the piece that are touched, just below them
};

/// Outlines are smoothed to 0.03 mm, and layers alike stacked as one. Only faces that show are closed.
/// Errors: none but being stopped. Long: takes Progress.
Result<SupportSolids> solids_of(const SupportLayout& layout, const LayerGrid& grid, double bed_z_mm,
                                const Progress& progress = {});

} // namespace vitrail
