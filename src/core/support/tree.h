// Support as a tree: branches that begin where the piece hangs, lean towards each other, and merge.
#pragma once

#include "core/support/layout.h"

namespace vitrail {

/// How far the roof over a tree's tips spans. mm
double bridged_mm(const SupportRules& rules);

/// [layer − 1]: the areas that support holds whose topmost layer it is.
using Tops = std::vector<std::vector<const Rows*>>;

/// The branches, without their roof: from the tops, around what is blocked. A branch
/// that has just begun keeps off the slope it holds only. [layer − 1]
std::vector<Rows> tree_below(const LayerGrid& grid, const std::vector<Rows>& piece, const Tops& tops,
                             const std::vector<Rows>& blocked, const SupportRules& rules,
                             const Progress& progress);

} // namespace vitrail
