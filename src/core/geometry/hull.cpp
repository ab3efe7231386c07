#include "core/geometry/hull.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numbers>
#include <set>

namespace vitrail {

namespace {

struct D3 {
    double x, y, z;
};
D3 operator-(D3 a, D3 b) {
    return {a.x - b.x, a.y - b.y, a.z - b.z};
}
D3 cross(D3 a, D3 b) {
    return {a.y * b.z - a.z * b.y, a.z * b.x - a.x * b.z, a.x * b.y - a.y * b.x};
}
double dot(D3 a, D3 b) {
    return a.x * b.x + a.y * b.y + a.z * b.z;
}
double norm(D3 a) {
    return std::sqrt(dot(a, a));
}

struct Quickhull {
    struct Face {
        int corner[3];
        int next[3]; ///< the face across the edge from corner e to e + 1
        D3 normal;
        double offset;
        std::vector<int> outside;
        bool alive = true;
        int seen = 0;
    };
    const std::vector<D3>& p;
    double eps = 0;
    std::vector<Face> faces;
    int round = 0;

    double above(const Face& f, int v) const { return dot(f.normal, p[v]) - f.offset; }

    int add(int a, int b, int c) {
        Face f;
        f.corner[0] = a, f.corner[1] = b, f.corner[2] = c;
        f.next[0] = f.next[1] = f.next[2] = -1;
        const D3 n = cross(p[b] - p[a], p[c] - p[a]);
        const double l = norm(n);
        f.normal = l > 0 ? D3{n.x / l, n.y / l, n.z / l} : D3{0, 0, 0};
        f.offset = dot(f.normal, p[a]);
        faces.push_back(std::move(f));
        return static_cast<int>(faces.size()) - 1;
    }

    /// Gives points to the first of the faces they lie outside of.
    void deal(const std::vector<int>& points, const std::vector<int>& to) {
        for (const int v : points)
            for (const int f : to)
                if (above(faces[f], v) > eps) {
                    faces[f].outside.push_back(v);
                    break;
                }
    }

    bool begin() {
        const int n = static_cast<int>(p.size());
        if (n < 4)
            return false;
        const auto farthest = [&](auto distance) {
            int best = 0;
            double most = -1;
            for (int v = 0; v < n; ++v)
                if (const double d = distance(p[v]); d > most)
                    most = d, best = v;
            return std::pair{best, most};
        };
        const int a = farthest([&](D3 q) { return -q.x + 1e9; }).first;
        const auto [b, length] = farthest([&](D3 q) { return norm(q - p[a]); });
        const double ab = length; // lambdas cannot capture bindings before C++20's defects were mended
        eps = 1e-6 * ab;
        const D3 ab_way = p[b] - p[a];
        const auto [c, from_line] =
            farthest([&](D3 q) { return norm(cross(ab_way, q - p[a])) / std::max(ab, 1e-30); });
        if (!(from_line > eps))
            return false;
        const D3 up = cross(ab_way, p[c] - p[a]);
        const double up_length = norm(up);
        const auto [d, from_plane] = farthest([&](D3 q) { return std::abs(dot(up, q - p[a])) / up_length; });
        if (!(from_plane > eps))
            return false;
        const bool over = dot(up, p[d] - p[a]) > 0;
        const int i = over ? c : b, j = over ? b : c; // so that d lies below a, i, j
        add(a, i, j);
        add(a, d, i);
        add(i, d, j);
        add(j, d, a);
        // Link by shared edges.
        for (int f = 0; f < 4; ++f)
            for (int e = 0; e < 3; ++e)
                for (int g = 0; g < 4; ++g)
                    for (int h = 0; h < 3; ++h)
                        if (faces[f].corner[e] == faces[g].corner[(h + 1) % 3] &&
                            faces[f].corner[(e + 1) % 3] == faces[g].corner[h])
                            faces[f].next[e] = g;
        std::vector<int> all(p.size());
        for (int v = 0; v < n; ++v)
            all[v] = v;
        deal(all, {0, 1, 2, 3});
        return true;
    }

    /// Extends the hull by the farthest point outside of face f.
    void extend(int f) {
        const std::vector<int>& out = faces[f].outside;
        const int apex = *std::max_element(
            out.begin(), out.end(), [&](int x, int y) { return above(faces[f], x) < above(faces[f], y); });
        // What the apex sees, and the horizon around it.
        ++round;
        std::vector<int> seen{f}, orphans;
        faces[f].seen = round;
        struct Edge {
            int from, to, beyond;
        };
        std::vector<Edge> horizon;
        for (std::size_t k = 0; k < seen.size(); ++k) {
            const int g = seen[k];
            for (int e = 0; e < 3; ++e) {
                const int h = faces[g].next[e];
                if (faces[h].seen == round)
                    continue;
                if (above(faces[h], apex) > eps) {
                    faces[h].seen = round;
                    seen.push_back(h);
                }
            }
        }
        for (const int g : seen)
            for (int e = 0; e < 3; ++e)
                if (const int h = faces[g].next[e]; faces[h].seen != round)
                    horizon.push_back({faces[g].corner[e], faces[g].corner[(e + 1) % 3], h});
        for (const int g : seen) {
            for (const int v : faces[g].outside)
                if (v != apex)
                    orphans.push_back(v);
            faces[g].alive = false;
            faces[g].outside = {};
        }
        std::map<int, int> starts, ends;
        std::vector<int> fresh;
        for (const Edge& h : horizon) {
            const int g = add(h.from, h.to, apex);
            fresh.push_back(g);
            starts[h.from] = g;
            ends[h.to] = g;
            faces[g].next[0] = h.beyond;
            for (int e = 0; e < 3; ++e)
                if (faces[h.beyond].corner[e] == h.to && faces[h.beyond].corner[(e + 1) % 3] == h.from)
                    faces[h.beyond].next[e] = g;
        }
        for (std::size_t k = 0; k < horizon.size(); ++k) {
            faces[fresh[k]].next[1] = starts[horizon[k].to];
            faces[fresh[k]].next[2] = ends[horizon[k].from];
        }
        deal(orphans, fresh);
    }
};

} // namespace

Hull convex_hull(const std::vector<Vec3>& points) {
    std::vector<D3> p;
    p.reserve(points.size());
    for (const Vec3 v : points)
        p.push_back({v.x, v.y, v.z});
    Quickhull q{p, 0, {}, 0};
    Hull hull;
    if (!q.begin())
        return hull;
    for (std::size_t f = 0; f < q.faces.size(); ++f)
        if (q.faces[f].alive && !q.faces[f].outside.empty())
            q.extend(static_cast<int>(f));
    std::map<int, std::uint32_t> place;
    for (const auto& f : q.faces) {
        if (!f.alive)
            continue;
        Triangle t;
        for (int e = 0; e < 3; ++e) {
            const auto [it, fresh] =
                place.try_emplace(f.corner[e], static_cast<std::uint32_t>(hull.points.size()));
            if (fresh)
                hull.points.push_back(points[f.corner[e]]);
            t[e] = it->second;
        }
        hull.faces.push_back(t);
    }
    return hull;
}

double RestingFace::tips_at_deg() const {
    return std::atan2(margin_mm, std::max(1e-9, centre_mm)) * 180 / std::numbers::pi;
}

std::vector<RestingFace> resting_faces(const Hull& hull, Vec3 centre) {
    const float alike = static_cast<float>(std::cos(1 * std::numbers::pi / 180));
    struct Side {
        Vec3 sum;
        std::vector<Triangle> faces;
    };
    std::vector<Side> sides;
    for (const Triangle& t : hull.faces) {
        const Vec3 d = twice_area({hull.points[t[0]], hull.points[t[1]], hull.points[t[2]]}), n = unit(d);
        const auto same = std::find_if(sides.begin(), sides.end(),
                                       [&](const Side& s) { return dot(unit(s.sum), n) > alike; });
        Side& s = same == sides.end() ? sides.emplace_back() : *same;
        s.sum = s.sum + d;
        s.faces.push_back(t);
    }
    std::vector<RestingFace> out;
    for (const Side& s : sides) {
        RestingFace r;
        r.outwards = unit(s.sum);
        r.area_mm2 = length(s.sum) / 2;
        // Its border: edges that no other triangle of the side runs backwards. The side is convex.
        std::set<std::pair<std::uint32_t, std::uint32_t>> edges;
        for (const Triangle& t : s.faces)
            for (int e = 0; e < 3; ++e)
                edges.insert({t[e], t[(e + 1) % 3]});
        r.centre_mm = dot(r.outwards, hull.points[s.faces.front()[0]] - centre);
        r.margin_mm = 1e9;
        for (const auto& [a, b] : edges) {
            if (edges.count({b, a}))
                continue;
            const Vec3 inwards = unit(cross(r.outwards, hull.points[b] - hull.points[a]));
            r.margin_mm = std::min(r.margin_mm, double(dot(centre - hull.points[a], inwards)));
        }
        out.push_back(r);
    }
    std::sort(out.begin(), out.end(), [](const RestingFace& a, const RestingFace& b) {
        return (a.margin_mm > 0) != (b.margin_mm > 0) ? a.margin_mm > 0 : a.area_mm2 > b.area_mm2;
    });
    return out;
}

} // namespace vitrail
