// Space between bodies that are meant to touch.
#pragma once

#include "core/layers/layer_table.h"

namespace vitrail {

/// Bodies that come nearer than this without touching are taken to be meant to touch.
inline constexpr double kMeantToTouch_mm = 1.0;

/// Whether two boxes come that near, seen from above.
bool near_in_plan(const Bounds& a, const Bounds& b, float mm);

/// Gaps and grooves between neighbours. Upwards: what lies below a part's undersides, from the meshes, exact.
/// Sideways: in a few layers both have, to the next of the steps 0.1, 0.15, 0.2, 0.3 … 1 mm, then followed to
/// where it begins and ends. Pairs that touch sideways in every layer looked at have a width of 0. Contacts
/// must be known.
std::vector<Gap> find_gaps(const Piece& piece, const LayerTable& table);

} // namespace vitrail
