// Layer polygons: Clipper paths in whole micrometres. Outer rings run counter-clockwise, holes clockwise.
#pragma once

#include <polyclipping/clipper.hpp>

#include <utility>
#include <vector>

namespace vitrail {

using ClipperLib::IntPoint;
using Path = ClipperLib::Path;
using Paths = ClipperLib::Paths;

inline constexpr double kUnitsPerMm = 1000;

/// Area in mm² (holes subtract) and length of all rings in mm.
double area_mm2(const Paths& p);
double perimeter_mm(const Paths& p);

Paths unite(const Paths& a, const Paths& b);
Paths subtract(const Paths& from, const Paths& what);
Paths intersect(const Paths& a, const Paths& b);

/// What is inside with a positive winding number: overlapping outer rings unite, inner rings are holes.
Paths filled(const Paths& rings);

/// Grows (mm > 0) or shrinks by that distance, mitred corners.
Paths offset(const Paths& p, double mm);

/// Regions that hang together: each an outer ring with its holes. The rings of `area` do not cross, as
/// Clipper and the slicer leave them.
std::vector<Paths> pieces_of(const Paths& area);

/// Axis-parallel box around all points, in units; empty when left > right.
struct Box {
    ClipperLib::cInt left = 1, top = 0, right = 0, bottom = 0;
    bool empty() const { return left > right; }
    bool meets(const Box& o) const {
        return !empty() && !o.empty() && left <= o.right && o.left <= right && top <= o.bottom &&
               o.top <= bottom;
    }
    void add(const Box& o);
};
Box box_of(const Paths& p);
/// Larger by that distance on every side; an empty box stays empty.
Box grown(Box b, double mm);

/// Convex outline of points, counter-clockwise, without points on its sides. Source: Andrew 1979 (monotone
/// chain).
std::vector<std::pair<double, double>> convex_outline(std::vector<std::pair<double, double>> points);
/// Length around a convex outline at a distance outside it, round at the corners: its own length and
/// 2π·distance.
double length_around(const std::vector<std::pair<double, double>>& outline, double distance);

/// Whether no two rings touch or cross, themselves included: then the rings as they are bound the area. May
/// say no where the answer is yes (touching rings), never the other way. O(points) for smooth outlines.
bool simple(const Paths& rings);

/// Without points that a straight line from the last one kept to a later one passes by at most `mm`. Rings
/// that lie close may touch then.
Path without_idle_points(const Path& ring, double mm);
Paths without_idle_points(const Paths& rings, double mm);
/// Points that near to a straight line show in no volume and no width: a hundredth of a line.
inline constexpr double kIdle_mm = 0.004;

/// The point of the rings nearest to a point, and how far it is; all in units. `away` is huge where there is
/// no ring.
struct NearestOn {
    double x = 0, y = 0, away = 1e300;
};
NearestOn nearest_on(const Paths& rings, double x, double y);

/// Whether `p` lies inside by winding number.
bool contains(const Paths& rings, IntPoint p);

} // namespace vitrail
