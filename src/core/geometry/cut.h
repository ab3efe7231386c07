// Taking a mesh apart: by level planes, and into its separate shells.
#pragma once

#include "core/geometry/mesh.h"

namespace vitrail {

/// A mesh made from another: origin[t] is the triangle of the old mesh that triangle t lies in, or
/// Mesh::kNone for new surface.
struct Derived {
    Mesh mesh;
    std::vector<std::uint32_t> origin;
};

/// Cuts a closed mesh at the given heights (ascending, in its own coordinates) into heights + 1 closed
/// meshes, from the bottom up; some may be empty. Corners within 0.1 µm of a plane move it up by 1 µm, so
/// that no face lies in it. The parts' volumes add up to the whole's, up to the rounding of cut points to
/// whole µm.
std::vector<Derived> cut_at(const Mesh& m, const std::vector<double>& heights_mm);

/// The same surface, its triangles cut along a level plane: none crosses it.
Derived scored_at(const Mesh& m, const std::vector<double>& heights_mm);

/// Which shells belong together as one body: an inner shell (a cavity) goes with the smallest outer one
/// around it. Per shell, the number of its body; bodies are numbered in the order of their first shell.
std::vector<int> bodies_of_shells(const Mesh& m, int& bodies);

/// The separate bodies, in that order.
std::vector<Derived> split_bodies(const Mesh& m);

/// Several meshes as one. origin counts on through them.
Derived joined(const std::vector<const Mesh*>& meshes);

} // namespace vitrail
