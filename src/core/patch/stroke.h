// The tools that paint: each takes a mesh, its paint, and what becomes of the surface it covers.
#pragma once

#include "core/geometry/bvh.h"
#include "core/patch/paint.h"

#include <span>

namespace vitrail {

/// What a patch number becomes where a tool covers it: `[](PatchNumber) { return 3; }` paints patch 3.
using Recolour = std::function<PatchNumber(PatchNumber)>;

/// Recolours whole triangles, facets included.
void paint_triangles(Paint& paint, std::span<const std::uint32_t> triangles, const Recolour& recolour);

/// Recolours what lies within all half-spaces, and cuts the triangles that straddle a border. Exact.
void paint_within(const Mesh& m, Paint& paint, std::span<const std::uint32_t> triangles,
                  const std::vector<LinearDistance>& half_spaces, const Recolour& recolour);

/// Recolours where `distance(p) ≤ 0`. The distance must not change faster than p moves. Triangles that
/// straddle the border are halved until their sides are shorter than `finest_mm`, then cut along the straight
/// line between the two points where their sides cross the border.
void paint_where(const Mesh& m, Paint& paint, std::span<const std::uint32_t> triangles,
                 const std::function<float(Vec3)>& distance, float finest_mm, const Recolour& recolour);

/// One stroke of a round brush along the surface. Reaches only what hangs together with the place it touches
/// and does not look away from it by more than 100°, so it does not paint through the piece. What a triangle
/// was before the stroke is kept, and cut by the stroke as a whole: a long stroke leaves no more facets than
/// its border needs.
class Brush {
public:
    Brush(const Mesh& m, float radius_mm, Recolour recolour)
        : mesh_(m), radius_mm_(radius_mm), recolour_(std::move(recolour)), stamp_(m.triangles.size(), 0) {}
    /// From one touched point to the next (the same one twice for a dab). Returns the triangles it changed or
    /// may have.
    std::vector<std::uint32_t> draw(Paint& paint, const Hit& from, const Hit& to);
    /// The triangles such a step reaches, unpainted; for previews and tests.
    std::vector<std::uint32_t> reach(const Hit& from, const Hit& to);

    struct Step {
        Vec3 from, to;
    };

private:
    const Mesh& mesh_;
    float radius_mm_;
    Recolour recolour_;
    std::vector<std::uint32_t> stamp_;
    std::uint32_t step_ = 0;
    /// What the stroke has met so far: each triangle as it was, and the steps that reach it.
    struct Met {
        std::vector<Facet> before;
        std::vector<Step> steps;
    };
    std::unordered_map<std::uint32_t, Met> met_;
};

/// Numbers of areas bounded by creases: neighbours belong together when they meet at less than `crease_deg`.
/// Per triangle; O(n).
std::vector<std::uint32_t> crease_areas(const Mesh& m, double crease_deg);

/// Triangles that look within `within_deg` of a direction.
std::vector<std::uint32_t> looking(const Mesh& m, Vec3 direction, double within_deg);
std::vector<std::uint32_t> all_triangles(const Mesh& m);
/// Recolours all that lies between two heights of the mesh's own coordinates. A level face on a border counts
/// to the material behind it: one that looks up to what is below, one that looks down to what is above.
void paint_heights(const Mesh& m, Paint& paint, double z0_mm, double z1_mm, const Recolour& recolour);

/// Heights above `bed_z_mm` of the mesh's level faces of at least `least_mm2`, ascending.
std::vector<double> level_heights(const Mesh& m, double bed_z_mm, double least_mm2 = 1);

/// Moves the border of a patch outwards (mm > 0, over what is not painted) or inwards.
void grow(const Mesh& m, Paint& paint, PatchNumber patch, double mm);

/// Where a stroke would be on the other half: mirrored in the plane through `centre` across `axis` (0: x, 1:
/// y), then the nearest point of the surface within `within_mm`.
std::optional<Hit> mirrored(const Mesh& m, const Bvh& tree, const Hit& hit, Vec3 centre, int axis,
                            float within_mm);

} // namespace vitrail
