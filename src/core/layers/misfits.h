// Bodies that were exported from different places.
#pragma once

#include "core/layers/layer_table.h"

namespace vitrail {

/// Parts whose largest outline, in the middle of their height, is that of a hole in another part (area,
/// length and box within 1 %), while no such hole is where they are. To be called before overlaps are
/// settled.
std::vector<Misfit> find_misfits(const Piece& piece, const LayerTable& table);

} // namespace vitrail
