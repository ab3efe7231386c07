// What the undersides of parts rest on.
#pragma once

#include "core/project/project.h"

namespace vitrail {

/// An underside with air between it and the part below.
struct Underside {
    int part = 0, below = 0;
    double gap_mm = 0; ///< narrowest, to a rounding of the meshes
    double share = 0;  ///< of the part's underside, seen from above
    Vec3 at;           ///< on the underside, in the middle of what lies over the gap
    double size_mm = 0;
};

/// Parts that rest on nothing, though another part is less than `within_mm` below much of them: neither on
/// the bed nor, with half of what lies over others, on one of them. Each with the part below that lies under
/// most of it. Told by rays from points spread evenly over the undersides (a few hundred a part), so exact in
/// height.
std::vector<Underside> undersides_over_gaps(const std::vector<Part>& parts, double within_mm);

} // namespace vitrail
