// Painted patches as areas of layers: what of each layer a patch takes.
#pragma once

#include "core/layers/layer_table.h"

namespace vitrail {

/// Outlines of every patch of one part, [patch][layer − 1], within the part's own outlines and not
/// overlapping: where two patches claim the same, the later one gets it.
///
/// A patch takes, of a layer: the strip of walls behind its surface (walls × line width, at least one line),
/// and below and above its flatter faces the skins (at least one layer). A face counts as flat when a layer
/// shows more of it than the walls are deep.
std::vector<std::vector<Paths>> patch_layers(const Part& part, const PartLayers& outlines,
                                             const LayerGrid& grid, double bed_z_mm, const Settings& settings,
                                             const Progress& progress = {});

} // namespace vitrail
