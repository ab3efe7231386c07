// Cheap answers that are sure, before polygons are cut: whether anything is narrow, and outlines moved where
// nothing is.
#pragma once

#include "core/geometry/polygon.h"

namespace vitrail {

/// False: no place is narrower than that (> 0), inside or outside, so opening and closing the area by that
/// width lose nothing as large as half its square. True: something may be, or the rings have so few corners
/// for their length that cutting them is quicker than asking. O(length of the rings / mm). Two points of an
/// outline that are nearer than the width must also be near along it, at most 1.6 times as far; then what
/// lies between a disc of that diameter and the outline is less than a segment of a circle with that arc and
/// chord: 0.29 of the width's square (isoperimetry). Ours; no source.
bool may_be_narrow(const Paths& rings, double mm);

/// As offset(), to kIdle_mm. Where no place is narrow and no edge vanishes, the corners are moved and nothing
/// is cut, which is what takes the time on outlines of many points.
Paths quick_offset(const Paths& rings, double mm);

} // namespace vitrail
