// How far two toolheads are off each other: a strip to print and read like a vernier.
#pragma once

#include "core/project/project.h"

namespace vitrail {

/// The first toolhead's comb has a line every 2 mm, the other's one every 1.95 mm; the two face each other.
/// Where a line of one goes straight on in a line of the other, so many lines from the long one in the
/// middle, the heads are off by so many times 0.05 mm (Vernier 1631).
inline constexpr double kCombPitch_mm = 2, kVernier_mm = 0.05;
inline constexpr int kCombLines = 12; ///< to each side of the middle

/// What is off where line `line` goes straight on: counted from the middle, to the right (X) or to the back
/// (Y) positive.
inline double offset_mm(int line) {
    return line * kVernier_mm;
}

/// A strip for X and one for Y beside it, each of two combs: one printed by the first toolhead, one by
/// `toolhead`. Two layers, in two filaments pinned to the two heads, the project's where they suit. The end
/// towards which lines count positive has a block. Error when there is no such toolhead beside the first.
Result<Project> offset_strip(const Project& project, int toolhead);

} // namespace vitrail
