// Painted patches: which piece of a part's surface belongs to which patch.
#pragma once

#include "core/geometry/mesh.h"

#include <functional>
#include <memory>
#include <unordered_map>
#include <vector>

namespace vitrail {

/// Numbers a patch of a part: 1 + its place in Part::patches. 0: not painted.
using PatchNumber = std::uint16_t;
inline constexpr PatchNumber kUnpainted = 0;
/// The triangle is cut; its facets have numbers of their own.
inline constexpr PatchNumber kCut = 0xffff;
inline constexpr int kMostPatches = 1000;

/// A piece of a triangle, wound like it.
struct Facet {
    std::array<Vec3, 3> corners;
    PatchNumber patch = kUnpainted;
};

/// Laid over a mesh without changing it: facets lie in the plane of their triangle and cover it, so the piece
/// keeps its shape and its volume, and triangles too coarse for an edge are cut along it.
struct Paint {
    std::vector<PatchNumber> patch; ///< per triangle of the mesh
    std::unordered_map<std::uint32_t, std::vector<Facet>> cut;
    bool operator==(const Paint& o) const;
};

/// Nothing painted.
Paint bare(const Mesh& m);

/// Calls `use(triangle, corners, patch)` for every whole triangle and every facet.
void for_each_facet(const Mesh& m, const Paint& p,
                    const std::function<void(std::uint32_t, const std::array<Vec3, 3>&, PatchNumber)>& use);

/// The patch at a point of a triangle.
PatchNumber patch_at(const Mesh& m, const Paint& p, std::uint32_t triangle, Vec3 point);

/// Surface of each patch, mm²; [0] is what is not painted.
std::vector<double> patch_areas_mm2(const Mesh& m, const Paint& p, int patches);

/// Renumbers: what was patch n becomes to[n]. Facets that no longer differ are joined.
void renumber(Paint& p, const std::vector<PatchNumber>& to);

/// The paint of `to`, whose triangle t lies in triangle origin[t] of `from`. For parts that were split, cut
/// or joined.
Paint carried_over(const Mesh& from, const Paint& paint, const Mesh& to,
                   const std::vector<std::uint32_t>& origin);

/// What is inside a convex figure of a plane's half-spaces: `distance(p) ≤ 0` for all. Pieces of the facet
/// inside are appended to `inside`, the others to `outside`. The distances must be linear in p.
using LinearDistance = std::function<float(Vec3)>;
void clip(const std::array<Vec3, 3>& facet, const std::vector<LinearDistance>& half_spaces,
          std::vector<std::array<Vec3, 3>>& inside, std::vector<std::array<Vec3, 3>>& outside);

} // namespace vitrail
