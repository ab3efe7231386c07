// CGAL's slicer on one of our meshes.
#pragma once

#include "core/geometry/mesh.h"

#include <CGAL/Exact_predicates_inexact_constructions_kernel.h>
#include <CGAL/Polygon_mesh_slicer.h>
#include <CGAL/Surface_mesh.h>

#include <vector>

namespace vitrail::test {

using Kernel = CGAL::Exact_predicates_inexact_constructions_kernel;
using CgalMesh = CGAL::Surface_mesh<Kernel::Point_3>;
using Polyline = std::vector<Kernel::Point_3>;

inline CgalMesh to_cgal(const Mesh& m) {
    CgalMesh out;
    out.reserve(static_cast<CgalMesh::size_type>(m.vertices.size()),
                static_cast<CgalMesh::size_type>(m.triangles.size() * 3 / 2),
                static_cast<CgalMesh::size_type>(m.triangles.size()));
    std::vector<CgalMesh::Vertex_index> v;
    for (const Vec3& p : m.vertices)
        v.push_back(out.add_vertex({p.x, p.y, p.z}));
    for (const Triangle& t : m.triangles)
        out.add_face(v[t[0]], v[t[1]], v[t[2]]);
    return out;
}

/// Area that closed polylines bound: a ring counts as a hole when it lies in an odd number of others.
inline double area_of(const std::vector<Polyline>& rings) {
    const auto signed_area = [](const Polyline& r) {
        double a = 0;
        for (std::size_t i = 0; i + 1 < r.size(); ++i)
            a += r[i].x() * r[i + 1].y() - r[i + 1].x() * r[i].y();
        return a / 2;
    };
    const auto inside = [](const Polyline& r, const Kernel::Point_3& p) {
        bool in = false;
        for (std::size_t i = 0; i + 1 < r.size(); ++i)
            if ((r[i].y() > p.y()) != (r[i + 1].y() > p.y()) &&
                p.x() < (r[i + 1].x() - r[i].x()) * (p.y() - r[i].y()) / (r[i + 1].y() - r[i].y()) + r[i].x())
                in = !in;
        return in;
    };
    double sum = 0;
    for (std::size_t i = 0; i < rings.size(); ++i) {
        int depth = 0;
        for (std::size_t j = 0; j < rings.size(); ++j)
            depth += i != j && inside(rings[j], rings[i][0]);
        sum += (depth % 2 ? -1 : 1) * std::abs(signed_area(rings[i]));
    }
    return sum;
}

} // namespace vitrail::test
