// A body that was made layer by layer: its outlines are known without slicing it.
#pragma once

#include "core/geometry/mesh.h"
#include "core/geometry/polygon.h"

#include <memory>
#include <vector>

namespace vitrail {

struct MadeLayers {
    double first_mm = 0, layer_mm = 0; ///< for these layers, the first from z = 0 of the mesh
    std::shared_ptr<const Mesh> mesh;  ///< of this body and no other
    std::vector<Paths> layers;         ///< [layer − 1], µm; rings do not cross
    /// Of all bodies that were made together and fit without gap or overlap; the same pointer in each of
    /// them.
    std::shared_ptr<const std::vector<Paths>> whole;
};

} // namespace vitrail
