// Solids made from outlines, for the demo scenario and for tests.
#pragma once

#include "core/geometry/mesh.h"
#include "core/geometry/polygon.h"

#include <functional>
#include <string>
#include <vector>

namespace vitrail::solids {

/// Collects triangles; build() welds them into a Mesh.
struct Builder {
    std::vector<Vec3> vertices;
    std::vector<Triangle> triangles;
    void add(Vec3 a, Vec3 b, Vec3 c);
    Mesh build() const { return build_mesh(vertices, triangles); }
};

// Outlines, in µm as all layer polygons.
Paths circle(double x, double y, double r, int segments = 96);
Paths rounded_rectangle(double x, double y, double w, double h, double r);
Paths polygon(const std::vector<std::pair<double, double>>& points_mm);
Paths sector(double r_inner, double r_outer, double from_deg, double to_deg, int segments = 24);
Paths ring(double x, double y, double r_inner, double r_outer, int segments = 96);
/// A line of given width with round ends along the points.
Paths stroke(const std::vector<std::pair<double, double>>& points_mm, double width_mm);
/// Capitals and digits drawn with a pen: height of the letters and width of the pen in mm; x, y: left end of the base line.
Paths lettering(const std::string& text, double x, double y, double height_mm, double pen_mm);
double lettering_width(const std::string& text, double height_mm);
Paths moved(Paths p, double dx, double dy);
Paths mirrored_x(Paths p);

/// A straight body over the outline from z0 to z1.
void add_prism(Builder& b, const Paths& outline, double z0, double z1);
/// The outline scaled by s0 about the origin at z0 and by s1 at z1, straight in between.
void add_loft(Builder& b, const Paths& outline, double z0, double s0, double z1, double s1);

/// A plate over the outline from 0 to `height`, with pockets `deep` from below where `pockets` is.
void add_plate_with_pockets(Builder& b, const Paths& outline, const Paths& pockets, double deep, double height);
/// The profile turned about the z axis: (radius, z) points, counter-clockwise, closed by the axis.
void add_revolved(Builder& b, const std::vector<std::pair<double, double>>& profile, int segments);

/// Triangles that fill the outline, counter-clockwise, as points in µm.
std::vector<std::array<IntPoint, 3>> triangulated(const Paths& outline);

// Closed forms for tests.
Mesh box(double x0, double y0, double z0, double x1, double y1, double z1);
/// Points on the sphere, so that the solid lies inside it. 2·segments·(rings − 1) triangles.
Mesh sphere(double r, int segments, int rings, Vec3 centre = {});
Mesh torus(double big_r, double small_r, int segments, int rings);
/// Frustum or, with r1 = 0, a cone.
Mesh frustum(double r0, double r1, double height, int segments);

} // namespace vitrail::solids
