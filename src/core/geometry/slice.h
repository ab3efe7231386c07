// Slicing for planning: a mesh becomes polygons per layer, sampled at mid-height.
#pragma once

#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/geometry/layers.h"
#include "core/geometry/mesh.h"
#include "core/geometry/polygon.h"

#include <vector>

namespace vitrail {

/// What slicing had to mend.
struct SliceCheck {
    int open_layers = 0;      ///< layers whose outline had gaps that were closed by straight lines
    double widest_gap_mm = 0; ///< the longest of those lines
    int first_open_layer = 0;
    int crossing_layers = 0; ///< layers whose outlines crossed and were united
    int first_crossing_layer = 0;
};

struct Slices {
    std::vector<Paths> layers; ///< [layer − 1]; outer rings and holes, not crossing
    SliceCheck check;
};

/// Where the edge a…b crosses height z, in µm. The same for both directions, so that two triangles agree on
/// it.
IntPoint cut_edge(Vec3 a, Vec3 b, double z);

/// Cuts the mesh at the middle of every layer of the grid, heights measured from `bed_z_mm` in mesh
/// coordinates. Corners exactly on a cut count as above it. Overlapping shells unite, inward shells are
/// holes, gaps are closed with straight lines. Of layers with very many points, those are left out that a
/// straight line passes by at most `idle_mm`. Parallel over layers on up to `threads` threads (0: all). Error
/// only when stopped.
Result<Slices> slice(const Mesh& mesh, const LayerGrid& grid, double bed_z_mm, const Progress& progress = {},
                     int threads = 0, double idle_mm = 0);

} // namespace vitrail
