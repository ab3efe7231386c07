// How long lines take: constant acceleration, and corners that are not taken at full speed.
#pragma once

#include "core/geometry/polygon.h"
#include "core/machine/motion.h"

namespace vitrail {

/// Seconds for a straight line of `mm` that is entered and left at these speeds; from any mechanics text: L/v
/// + v/a from standing to standing where it reaches v, else 2·√(L/a). Lengths ≥ 0, speeds ≤ `speed` > 0; an
/// end speed that the line is too short to reach is not checked.
double line_s(double mm, double speed, double enters, double leaves, double acceleration);

/// Seconds once around a ring, from standing to standing. In each corner the velocity may change by
/// motion.corner at most: a turn by φ is taken at corner / (2·sin(φ/2)).
double ring_s(const Path& ring, double speed, const Motion& motion);

/// Seconds for parallel lines of `all_mm` together, `mean_mm` long each and `apart_mm` from each other, each
/// joined to the next at its end.
double lines_s(double all_mm, double mean_mm, double apart_mm, double speed, const Motion& motion);

/// Seconds for a move without printing.
double travel_s(double mm, const Motion& motion);

} // namespace vitrail
