// A piece as one body per filament, for programs that make toolpaths.
#pragma once

#include "core/layers/shares.h"

namespace vitrail {

struct FilamentBody {
    int filament = 0;      ///< index
    Mesh mesh;             ///< in the parts' shared coordinates
    std::string name = {}; ///< empty: that of the filament
};

/// One body for each filament that prints something. Parts without bands and patches are their meshes; bands
/// are cut at the layers where they change; parts with patches in other filaments become stacks of their
/// layers' outlines, which slice into exactly what was planned at the same layer heights.
std::vector<FilamentBody> filament_bodies(const Project& project, const Piece& piece, const LayerTable& table,
                                          const Demand& demand, const Shares& shares);

} // namespace vitrail
