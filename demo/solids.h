// Solids made from outlines, for the demo scenario and for tests.
#pragma once

#include "core/geometry/mesh.h"
#include "core/geometry/polygon.h"
#include "core/geometry/prism.h"

#include <functional>
#include <string>
#include <vector>

namespace vitrail::solids {

using vitrail::add_cap;
using vitrail::add_loft;
using vitrail::add_prism;
using vitrail::add_walls;
using vitrail::Builder;
using vitrail::strictly_simple;
using vitrail::triangulated;

// Outlines, in µm as all layer polygons.
Paths circle(double x, double y, double r, int segments = 96);
Paths rounded_rectangle(double x, double y, double w, double h, double r);
Paths polygon(const std::vector<std::pair<double, double>>& points_mm);
Paths sector(double r_inner, double r_outer, double from_deg, double to_deg, int segments = 24);
Paths ring(double x, double y, double r_inner, double r_outer, int segments = 96);
/// A line of given width with round ends along the points.
Paths stroke(const std::vector<std::pair<double, double>>& points_mm, double width_mm);
/// Capitals and digits drawn with a pen: height of the letters and width of the pen in mm; x, y: left end of
/// the base line.
Paths lettering(const std::string& text, double x, double y, double height_mm, double pen_mm);
double lettering_width(const std::string& text, double height_mm);
Paths moved(Paths p, double dx, double dy);
Paths mirrored_x(Paths p);

/// A plate over the outline from 0 to `height`, with pockets `deep` from below where `pockets` is.
void add_plate_with_pockets(Builder& b, const Paths& outline, const Paths& pockets, double deep,
                            double height);
/// The profile turned about the z axis: (radius, z) points, counter-clockwise, closed by the axis.
void add_revolved(Builder& b, const std::vector<std::pair<double, double>>& profile, int segments);

// Closed forms for tests.
Mesh box(double x0, double y0, double z0, double x1, double y1, double z1);
/// Points on the sphere, so that the solid lies inside it. 2·segments·(rings − 1) triangles.
Mesh sphere(double r, int segments, int rings, Vec3 centre = {});
Mesh torus(double big_r, double small_r, int segments, int rings);
/// Frustum or, with r1 = 0, a cone.
Mesh frustum(double r0, double r1, double height, int segments);

} // namespace vitrail::solids
