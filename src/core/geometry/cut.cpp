#include "core/geometry/cut.h"

#include "core/geometry/prism.h"
#include "core/geometry/slice.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace vitrail {

namespace {

/// Where the stretch a…b crosses height z, rounded to whole µm: the point that slicing gives.
Vec3 crossing(Vec3 a, Vec3 b, double z) {
    const IntPoint p = cut_edge(a, b, z);
    return {static_cast<float>(double(p.X) / kUnitsPerMm), static_cast<float>(double(p.Y) / kUnitsPerMm),
            static_cast<float>(z)};
}

} // namespace

std::vector<Derived> cut_at(const Mesh& m, const std::vector<double>& heights_mm) {
    std::vector<double> planes = heights_mm;
    for (double& z : planes) {
        const auto touches = [&] {
            return std::any_of(m.vertices.begin(), m.vertices.end(),
                               [&](Vec3 v) { return std::abs(double(v.z) - z) < 1e-4; });
        };
        for (int tries = 0; tries < 100 && touches(); ++tries)
            z += 1e-3;
        z = (z - 0.5) + 0.5; // as slice() below arrives at it
    }
    const std::size_t slabs = planes.size() + 1;
    std::vector<std::vector<Vec3>> vertices(slabs);
    std::vector<std::vector<std::uint32_t>> source(slabs);
    std::vector<std::vector<Triangle>> triangles(slabs);
    const auto add = [&](std::size_t slab, Vec3 a, Vec3 b, Vec3 c, std::uint32_t from) {
        const auto k = static_cast<std::uint32_t>(vertices[slab].size());
        vertices[slab].insert(vertices[slab].end(), {a, b, c});
        triangles[slab].push_back({k, k + 1, k + 2});
        source[slab].push_back(from);
    };
    const auto slab_of = [&](float z) {
        return static_cast<std::size_t>(std::upper_bound(planes.begin(), planes.end(), double(z)) -
                                        planes.begin());
    };
    for (std::uint32_t t = 0; t < m.triangles.size(); ++t) {
        const auto c = corners(m, t);
        const std::size_t slab[3] = {slab_of(c[0].z), slab_of(c[1].z), slab_of(c[2].z)};
        const auto [low, high] = std::minmax({slab[0], slab[1], slab[2]});
        for (std::size_t s = low; s <= high; ++s) {
            // Around the triangle, the corners in this slab and the crossings of its two planes.
            std::vector<Vec3> polygon;
            for (int i = 0; i < 3; ++i) {
                const int j = (i + 1) % 3;
                if (slab[i] == s)
                    polygon.push_back(c[i]);
                const bool lower = s > 0 && (slab[i] < s) != (slab[j] < s),
                           upper = s + 1 < slabs && (slab[i] > s) != (slab[j] > s);
                const bool rises = slab[i] < slab[j];
                if (lower && rises)
                    polygon.push_back(crossing(c[i], c[j], planes[s - 1]));
                if (upper)
                    polygon.push_back(crossing(c[i], c[j], planes[s]));
                if (lower && !rises)
                    polygon.push_back(crossing(c[i], c[j], planes[s - 1]));
            }
            for (std::size_t i = 1; i + 1 < polygon.size(); ++i)
                add(s, polygon[0], polygon[i], polygon[i + 1], t);
        }
    }
    for (std::size_t p = 0; p < planes.size(); ++p) {
        const double z = planes[p];
        const auto cut = slice(m, LayerGrid{1, 1, 1}, z - 0.5);
        if (!cut)
            continue;
        const auto at = [&](const IntPoint& q) {
            return Vec3{static_cast<float>(double(q.X) / kUnitsPerMm),
                        static_cast<float>(double(q.Y) / kUnitsPerMm), static_cast<float>(z)};
        };
        for (const auto& t : triangulated(cut->layers[0])) {
            add(p, at(t[0]), at(t[1]), at(t[2]), Mesh::kNone);
            add(p + 1, at(t[0]), at(t[2]), at(t[1]), Mesh::kNone);
        }
    }
    std::vector<Derived> out(slabs);
    for (std::size_t s = 0; s < slabs; ++s) {
        std::vector<std::uint32_t> kept;
        out[s].mesh = build_mesh(std::move(vertices[s]), std::move(triangles[s]), &kept);
        for (const std::uint32_t k : kept)
            out[s].origin.push_back(source[s][k]);
        out[s].mesh.check = {}; // what was wrong with the whole is known already
    }
    return out;
}

std::vector<int> bodies_of_shells(const Mesh& m, int& bodies) {
    struct Shell {
        Bounds bounds;
        double volume = 0;
        Vec3 point;
        bool any = false;
    };
    std::vector<Shell> shells(static_cast<std::size_t>(m.shells));
    for (std::uint32_t t = 0; t < m.triangles.size(); ++t) {
        Shell& s = shells[m.shell[t]];
        const auto c = corners(m, t);
        for (const Vec3 v : c)
            s.bounds.add(v);
        s.volume += double(dot(c[0], cross(c[1], c[2]))) / 6;
        if (!s.any)
            s.point = (c[0] + c[1] + c[2]) * (1.0f / 3), s.any = true;
    }
    const auto around = [](const Bounds& outer, const Bounds& inner) {
        return outer.min.x <= inner.min.x && outer.min.y <= inner.min.y && outer.min.z <= inner.min.z &&
               outer.max.x >= inner.max.x && outer.max.y >= inner.max.y && outer.max.z >= inner.max.z;
    };
    // Inside when a ray from a point of the shell meets the other an odd number of times.
    const auto inside = [&](std::size_t outer, std::size_t inner) {
        if (!around(shells[outer].bounds, shells[inner].bounds))
            return false;
        bool odd = false;
        for (std::uint32_t t = 0; t < m.triangles.size(); ++t)
            if (m.shell[t] == outer) {
                const auto c = corners(m, t);
                // In double: the point's ray in an odd direction, so that it meets no edge.
                const Vec3 way{0.5377f, 0.2319f, 0.8107f};
                const Vec3 e1 = c[1] - c[0], e2 = c[2] - c[0], p = cross(way, e2);
                const double det = dot(e1, p);
                if (det == 0)
                    continue;
                const Vec3 s = shells[inner].point - c[0], q = cross(s, e1);
                const double u = dot(s, p) / det, w = dot(way, q) / det;
                odd ^= u >= 0 && w >= 0 && u + w <= 1 && dot(e2, q) / det > 0;
            }
        return odd;
    };
    std::vector<std::size_t> parent(shells.size());
    std::iota(parent.begin(), parent.end(), std::size_t{0});
    for (std::size_t i = 0; i < shells.size(); ++i) {
        if (shells[i].volume >= 0)
            continue;
        double smallest = 1e300;
        for (std::size_t j = 0; j < shells.size(); ++j)
            if (j != i && shells[j].volume > 0 && shells[j].volume < smallest && inside(j, i)) {
                smallest = shells[j].volume;
                parent[i] = j;
            }
    }
    std::vector<int> body(shells.size(), -1);
    bodies = 0;
    for (std::size_t i = 0; i < shells.size(); ++i) {
        int& own = body[parent[i]];
        if (own < 0)
            own = bodies++;
        body[i] = own;
    }
    return body;
}

std::vector<Derived> split_bodies(const Mesh& m) {
    int count = 0;
    const std::vector<int> body = bodies_of_shells(m, count);
    std::vector<std::vector<Triangle>> triangles(static_cast<std::size_t>(count));
    std::vector<std::vector<std::uint32_t>> source(triangles.size());
    for (std::uint32_t t = 0; t < m.triangles.size(); ++t) {
        const auto b = static_cast<std::size_t>(body[m.shell[t]]);
        triangles[b].push_back(m.triangles[t]);
        source[b].push_back(t);
    }
    std::vector<Derived> out(triangles.size());
    for (std::size_t b = 0; b < out.size(); ++b) {
        std::vector<Vec3> vertices;
        std::vector<std::uint32_t> place(m.vertices.size(), Mesh::kNone);
        for (Triangle& t : triangles[b])
            for (std::uint32_t& v : t) {
                if (place[v] == Mesh::kNone) {
                    place[v] = static_cast<std::uint32_t>(vertices.size());
                    vertices.push_back(m.vertices[v]);
                }
                v = place[v];
            }
        std::vector<std::uint32_t> kept;
        out[b].mesh = build_mesh(std::move(vertices), std::move(triangles[b]), &kept);
        for (const std::uint32_t k : kept)
            out[b].origin.push_back(source[b][k]);
    }
    return out;
}

Derived joined(const std::vector<const Mesh*>& meshes) {
    std::vector<Vec3> vertices;
    std::vector<Triangle> triangles;
    for (const Mesh* m : meshes) {
        const auto base = static_cast<std::uint32_t>(vertices.size());
        vertices.insert(vertices.end(), m->vertices.begin(), m->vertices.end());
        for (const Triangle& t : m->triangles)
            triangles.push_back({t[0] + base, t[1] + base, t[2] + base});
    }
    Derived d;
    d.mesh = build_mesh(std::move(vertices), std::move(triangles), &d.origin);
    return d;
}

Derived scored_at(const Mesh& m, const std::vector<double>& heights) {
    std::vector<Vec3> vertices;
    std::vector<Triangle> triangles;
    std::vector<std::uint32_t> from;
    for (const Derived& slab : cut_at(m, heights)) {
        const auto base = static_cast<std::uint32_t>(vertices.size());
        vertices.insert(vertices.end(), slab.mesh.vertices.begin(), slab.mesh.vertices.end());
        for (std::size_t t = 0; t < slab.mesh.triangles.size(); ++t)
            if (slab.origin[t] != Mesh::kNone) { // the caps between slabs go
                const Triangle& c = slab.mesh.triangles[t];
                triangles.push_back({c[0] + base, c[1] + base, c[2] + base});
                from.push_back(slab.origin[t]);
            }
    }
    Derived d;
    std::vector<std::uint32_t> kept;
    d.mesh = build_mesh(std::move(vertices), std::move(triangles), &kept);
    for (const std::uint32_t t : kept)
        d.origin.push_back(from[t]);
    return d;
}

} // namespace vitrail
