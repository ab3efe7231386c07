// Whether support stands: on the bed, on the piece, or on support that does.
#pragma once

#include "core/support/layout.h"

namespace vitrail {

/// The layers of the piece that carry support in a layer: what lies below across the gap, and on a slope as
/// far below as support keeps beside it.
std::vector<const Rows*> ground_below(int layer, const std::vector<Rows>& piece, const LayerGrid& grid,
                                      const SupportRules& rules);

/// What of each layer's support something solid carries, told from the bed upwards: it lies on what stands
/// below, leans out no farther than 45° or the angle that the piece may, or bridges less than `bridged_mm`
/// within a region that rests somewhere. [layer − 1]; the lean is our choice, from memory.
std::vector<Rows> what_stands(const std::vector<Rows>& support, const std::vector<Rows>& piece,
                              const LayerGrid& grid, const SupportRules& rules, double bridged_mm);

} // namespace vitrail
