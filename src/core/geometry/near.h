// How far a point is from outlines.
#pragma once

#include "core/geometry/polygon.h"

namespace vitrail {

/// The point of the rings nearest to a point, and how far it is; all in units. `away` is huge where there is no ring.
struct Nearest {
    double x = 0, y = 0, away = 1e300;
};
Nearest nearest_on(const Paths& rings, double x, double y);

/// Whether the areas come within `mm` of each other. Tells by a few corners most often, else exactly.
bool come_near(const Paths& a, const Paths& b, double mm);

} // namespace vitrail
