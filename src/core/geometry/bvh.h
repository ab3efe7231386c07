// Finding triangles by place: a tree of boxes over a mesh.
#pragma once

#include "core/geometry/mesh.h"

#include <optional>

namespace vitrail {

/// Boxes inside boxes; each leaf holds a few triangles. Built once for a mesh in O(n log n), then asked in
/// O(log n).
struct Bvh {
    struct Node {
        Vec3 low, high;
        std::uint32_t first = 0; ///< leaf: first place in `order`; else: first of its two children
        std::uint32_t count = 0; ///< triangles of a leaf; 0 for an inner node
    };
    std::vector<Node> nodes;
    std::vector<std::uint32_t> order; ///< triangle numbers, leaf by leaf
    bool empty() const { return nodes.empty(); }
};

/// Median splits along the longest side of the box of centres.
Bvh build_bvh(const Mesh& m);

struct Hit {
    std::uint32_t triangle = 0;
    float along = 0; ///< in lengths of `way`
    Vec3 point;
};

/// The first triangle a ray meets, from either side. Source of the test: Möller & Trumbore 1997, J. Graphics
/// Tools 2(1).
std::optional<Hit> cast_ray(const Mesh& m, const Bvh& tree, Vec3 from, Vec3 way);

struct Nearest {
    std::uint32_t triangle = 0;
    Vec3 point;
    float distance_mm = 0;
};

/// The point of the mesh nearest to p, no farther than `within_mm`. Source: Ericson 2005, Real-Time Collision
/// Detection, 5.1.5.
std::optional<Nearest> nearest_point(const Mesh& m, const Bvh& tree, Vec3 p, float within_mm = 1e30f);

/// The one triangle's part of the two above.
bool ray_meets(const std::array<Vec3, 3>& corners, Vec3 from, Vec3 way, float& along);
Vec3 nearest_on(const std::array<Vec3, 3>& corners, Vec3 p);

} // namespace vitrail
