// A colour that stands out from others.
#pragma once

#include "core/colour/colour.h"

#include <span>
#include <vector>

namespace vitrail {

/// Of the candidates the one whose smallest ΔE00 to any of the others' colours is largest. `candidates` must
/// not be empty.
Srgb stand_out(std::span<const Srgb> from, std::span<const Srgb> candidates);

/// Vivid colours, far from each other: what a mark is chosen from. Ours.
std::vector<Srgb> vivid_colours();

} // namespace vitrail
