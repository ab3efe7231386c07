// Solids from outlines: straight and tapering prisms, and the triangles that fill an outline.
#pragma once

#include "core/geometry/mesh.h"
#include "core/geometry/polygon.h"

namespace vitrail {

/// Collects triangles; build() welds them into a Mesh.
struct Builder {
    std::vector<Vec3> vertices;
    std::vector<Triangle> triangles;
    void add(Vec3 a, Vec3 b, Vec3 c);
    void add(const Builder& other);
    Mesh build() const { return build_mesh(vertices, triangles); }
};

/// Triangles that fill the outline, counter-clockwise, as points in µm. Corners of the outline stay corners,
/// also those on a straight side, so that neighbours fit. Ear clipping: O(n²) for usual outlines.
std::vector<std::array<IntPoint, 3>> triangulated(const Paths& outline);

/// The outline with every point on one ring only.
Paths strictly_simple(const Paths& outline);

/// The outline scaled by `scale` about the origin, as a face at height z that looks up or down.
void add_cap(Builder& b, const Paths& outline, double z, double scale, bool up);
/// Walls with the inside of the outline behind them.
void add_walls(Builder& b, const Paths& outline, double z0, double s0, double z1, double s1);

/// A straight body over the outline from z0 to z1.
void add_prism(Builder& b, const Paths& outline, double z0, double z1);
/// The outline scaled by s0 about the origin at z0 and by s1 at z1, straight in between.
void add_loft(Builder& b, const Paths& outline, double z0, double s0, double z1, double s1);

} // namespace vitrail
