// What the order of changes would cost for every subset of the filaments.
#pragma once

#include "core/changes/order.h"

namespace vitrail {

/// What order_layers would cost for each subset of the filaments, had the print only those: [subset]. All
/// subsets share one Held–Karp table, and runs of equal layers are stepped over as soon as they cost the same
/// again and again. At most kMostSubsets filaments.
inline constexpr int kMostSubsets = 14;
std::vector<double> costs_of_subsets(std::span<const Set> layers, const CostMatrix& costs);

} // namespace vitrail
