// Triangle meshes, made fit for slicing, with a note of what was wrong with them.
#pragma once

#include "core/base/progress.h"
#include "core/geometry/vec3.h"

#include <array>
#include <cstdint>
#include <functional>
#include <string>
#include <vector>

namespace vitrail {

using Triangle = std::array<std::uint32_t, 3>;

struct Bounds {
    Vec3 min{1e30f, 1e30f, 1e30f}, max{-1e30f, -1e30f, -1e30f};
    bool empty() const { return min.x > max.x; }
    void add(Vec3 p);
    void add(const Bounds& b);
};

/// What was found while the mesh was built. All counts are 0 for a clean closed mesh.
struct MeshCheck {
    std::size_t not_finite = 0;    ///< triangles dropped for a NaN or infinite corner
    std::size_t too_far = 0;       ///< triangles dropped for a corner beyond kLargestCoordinate_mm
    std::size_t zero_area = 0;     ///< triangles dropped as two corners coincide
    std::size_t duplicate = 0;     ///< triangles dropped as another has the same corners
    std::size_t flipped = 0;       ///< triangles turned to agree with their neighbours
    std::size_t open_edges = 0;    ///< edges with a triangle on one side only
    std::size_t crowded_edges = 0; ///< edges shared by more than two triangles
    bool inside_out = false;       ///< all of it faced inwards and was turned
    bool clean() const;
};

/// Corners are welded when their coordinates are equal. Triangles run counter-clockwise seen from outside, so
/// an inner shell runs the other way and bounds a cavity. `neighbours[t][e]` is the triangle across the edge
/// from corner e to corner e+1, or kNone. Built by build_mesh(); not changed afterwards.
struct Mesh {
    static constexpr std::uint32_t kNone = 0xffffffffu;
    std::vector<Vec3> vertices;
    std::vector<Triangle> triangles;
    std::vector<Triangle> neighbours;
    std::vector<std::uint32_t> shell; ///< per triangle: which connected shell it belongs to
    int shells = 0;
    Bounds bounds;
    MeshCheck check;
};

/// Coordinates beyond this are refused as nonsense (mm).
inline constexpr float kLargestCoordinate_mm = 100000;

/// Welds, drops what has no area, agrees on directions, finds neighbours and shells. O(triangles).
/// `triangles` index into `vertices`; indices out of range count as not finite and are dropped. `origin`,
/// where given, receives for every triangle of the mesh its place in `triangles`. When stopped, the mesh is
/// empty.
Mesh build_mesh(std::vector<Vec3> vertices, std::vector<Triangle> triangles,
                std::vector<std::uint32_t>* origin = nullptr, const Progress& progress = {});

/// Signed volume in mm³ by the divergence theorem; right for closed meshes only.
double volume_mm3(const Mesh& m);

/// The same mesh with every corner elsewhere. `to` keeps triangles apart from each other and their
/// directions.
Mesh with_points(Mesh m, const std::function<Vec3(Vec3)>& to);
/// Moved by (dx, dy, dz) mm; multiplied by `factor` > 0.
Mesh moved(Mesh m, float dx, float dy, float dz);
Mesh scaled(Mesh m, double factor);

/// Rows of a rotation about the origin: p' = rows · p.
using Rotation = std::array<std::array<double, 3>, 3>;
inline constexpr Rotation kNoRotation{{{1, 0, 0}, {0, 1, 0}, {0, 0, 1}}};
Rotation operator*(const Rotation& a, const Rotation& b);
Vec3 rotated(const Rotation& r, Vec3 p);
/// The rotation that takes the direction `from` to straight down by the shortest way. Entries within 1e-9 of
/// −1, 0 and 1 are exactly that, so that turns by right angles leave coordinates exact.
Rotation to_bed(Vec3 from);
/// Orthonormal with determinant 1, within `tolerance`.
bool is_rotation(const Rotation& r, double tolerance = 1e-6);
Mesh rotated(const Rotation& r, Mesh m);

/// The three corners, and the direction a triangle looks in (length: twice its area in mm²).
inline std::array<Vec3, 3> corners(const Mesh& m, std::uint32_t t) {
    const Triangle& c = m.triangles[t];
    return {m.vertices[c[0]], m.vertices[c[1]], m.vertices[c[2]]};
}
inline Vec3 twice_area(const std::array<Vec3, 3>& c) {
    return cross(c[1] - c[0], c[2] - c[0]);
}
inline Vec3 normal(const Mesh& m, std::uint32_t t) {
    return unit(twice_area(corners(m, t)));
}
double area_mm2(const Mesh& m);

} // namespace vitrail
