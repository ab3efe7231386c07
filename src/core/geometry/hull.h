// The convex hull of points, and the faces a piece can rest on.
#pragma once

#include "core/geometry/mesh.h"

namespace vitrail {

struct Hull {
    std::vector<Vec3> points;    ///< its corners
    std::vector<Triangle> faces; ///< counter-clockwise seen from outside
};

/// Source: Barber, Dobkin & Huhdanpaa 1996, ACM TOMS 22(4) (quickhull), in double precision; points within
/// 1e-6 of the extent of a face count as on it. Empty when all points lie in one plane.
Hull convex_hull(const std::vector<Vec3>& points);

/// A side of the hull, hull triangles within 1° of each other taken together.
struct RestingFace {
    Vec3 outwards; ///< unit normal
    double area_mm2 = 0;
    /// from where the centre of mass stands over it to its nearest edge; below 0: it would tip over
    double margin_mm = 0;
    double centre_mm = 0; ///< height of the centre of mass over it
    /// How far it can lean before it tips, in degrees; negative: it tips by itself.
    double tips_at_deg() const;
};

/// All sides, the ones that hold most safely first.
std::vector<RestingFace> resting_faces(const Hull& hull, Vec3 centre_of_mass);

} // namespace vitrail
