#include "demo/solids.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <numbers>

namespace vitrail::solids {

using ClipperLib::cInt;
using std::numbers::pi;

namespace {

IntPoint at(double x_mm, double y_mm) {
    return {std::llround(x_mm * kUnitsPerMm), std::llround(y_mm * kUnitsPerMm)};
}

} // namespace

Paths circle(double x, double y, double r, int segments) {
    Path p;
    for (int i = 0; i < segments; ++i)
        p.push_back(at(x + r * std::cos(2 * pi * i / segments), y + r * std::sin(2 * pi * i / segments)));
    return {p};
}

Paths rounded_rectangle(double x, double y, double w, double h, double r) {
    Path p;
    const double cx[] = {x + w - r, x + r, x + r, x + w - r}, cy[] = {y + h - r, y + h - r, y + r, y + r};
    for (int c = 0; c < 4; ++c)
        for (int i = 0; i <= 12; ++i) {
            const double a = pi / 2 * (c + i / 12.0);
            p.push_back(at(cx[c] + r * std::cos(a), cy[c] + r * std::sin(a)));
        }
    return {p};
}

Paths polygon(const std::vector<std::pair<double, double>>& points) {
    Path p;
    for (const auto& [x, y] : points)
        p.push_back(at(x, y));
    return {p};
}

Paths sector(double r_inner, double r_outer, double from_deg, double to_deg, int segments) {
    Path p;
    const auto angle = [&](int i) { return (from_deg + (to_deg - from_deg) * i / segments) * pi / 180; };
    for (int i = 0; i <= segments; ++i)
        p.push_back(at(r_outer * std::cos(angle(i)), r_outer * std::sin(angle(i))));
    for (int i = segments; i >= 0; --i)
        p.push_back(at(r_inner * std::cos(angle(i)), r_inner * std::sin(angle(i))));
    return {p};
}

Paths ring(double x, double y, double r_inner, double r_outer, int segments) {
    return subtract(circle(x, y, r_outer, segments), circle(x, y, r_inner, segments));
}

Paths stroke(const std::vector<std::pair<double, double>>& points, double width_mm) {
    ClipperLib::ClipperOffset co(2.0, 20);
    co.AddPaths(polygon(points), ClipperLib::jtRound, ClipperLib::etOpenRound);
    Paths out;
    co.Execute(out, width_mm / 2 * kUnitsPerMm);
    return out;
}

namespace {

using Pen = std::vector<std::vector<std::pair<double, double>>>;

/// Strokes on a grid 4 wide and 6 tall.
const Pen& glyph(char c) {
    static const std::map<char, Pen> glyphs{
        {'A', {{{0, 0}, {2, 6}, {4, 0}}, {{0.7, 2}, {3.3, 2}}}},
        {'B',
         {{{0, 0}, {0, 6}, {2.6, 6}, {3.5, 5.2}, {3.5, 4}, {2.6, 3.2}, {0, 3.2}},
          {{2.6, 3.2}, {4, 2.3}, {4, 0.9}, {2.8, 0}, {0, 0}}}},
        {'D', {{{0, 0}, {0, 6}, {2, 6}, {4, 4.2}, {4, 1.8}, {2, 0}, {0, 0}}}},
        {'E', {{{4, 6}, {0, 6}, {0, 0}, {4, 0}}, {{0, 3.1}, {3.2, 3.1}}}},
        {'G',
         {{{4, 5.2},
           {2.8, 6},
           {1.2, 6},
           {0, 4.8},
           {0, 1.2},
           {1.2, 0},
           {2.8, 0},
           {4, 1},
           {4, 2.8},
           {2.4, 2.8}}}},
        {'H', {{{0, 0}, {0, 6}}, {{4, 0}, {4, 6}}, {{0, 3}, {4, 3}}}},
        {'I', {{{2, 0}, {2, 6}}}},
        {'L', {{{0, 6}, {0, 0}, {4, 0}}}},
        {'M', {{{0, 0}, {0, 6}, {2, 2.6}, {4, 6}, {4, 0}}}},
        {'N', {{{0, 0}, {0, 6}, {4, 0}, {4, 6}}}},
        {'O', {{{1.2, 0}, {0, 1.2}, {0, 4.8}, {1.2, 6}, {2.8, 6}, {4, 4.8}, {4, 1.2}, {2.8, 0}, {1.2, 0}}}},
        {'P', {{{0, 0}, {0, 6}, {2.8, 6}, {4, 5.2}, {4, 3.8}, {2.8, 3}, {0, 3}}}},
        {'R', {{{0, 0}, {0, 6}, {2.8, 6}, {4, 5.2}, {4, 3.9}, {2.8, 3.1}, {0, 3.1}}, {{1.8, 3.1}, {4, 0}}}},
        {'S',
         {{{4, 5.2},
           {2.8, 6},
           {1.2, 6},
           {0, 5.1},
           {0, 4},
           {1, 3.2},
           {3, 2.8},
           {4, 2},
           {4, 0.9},
           {2.8, 0},
           {1.2, 0},
           {0, 0.8}}}},
        {'T', {{{0, 6}, {4, 6}}, {{2, 6}, {2, 0}}}},
        {'U', {{{0, 6}, {0, 1.2}, {1.2, 0}, {2.8, 0}, {4, 1.2}, {4, 6}}}},
        {'V', {{{0, 6}, {2, 0}, {4, 6}}}},
        {'W', {{{0, 6}, {1, 0}, {2, 4}, {3, 0}, {4, 6}}}},
        {'0', {{{1.2, 0}, {0, 1.2}, {0, 4.8}, {1.2, 6}, {2.8, 6}, {4, 4.8}, {4, 1.2}, {2.8, 0}, {1.2, 0}}}},
        {'1', {{{0.8, 4.8}, {2.2, 6}, {2.2, 0}}}},
        {'2', {{{0, 5}, {1.2, 6}, {2.8, 6}, {4, 5}, {4, 3.8}, {0, 0}, {4, 0}}}},
        {'3',
         {{{0, 5.2}, {1.2, 6}, {2.8, 6}, {4, 5.1}, {4, 4}, {2.8, 3.2}, {1.6, 3.2}},
          {{2.8, 3.2}, {4, 2.3}, {4, 0.9}, {2.8, 0}, {1.2, 0}, {0, 0.8}}}},
        {'4', {{{3, 0}, {3, 6}, {0, 1.8}, {4, 1.8}}}},
        {'5', {{{4, 6}, {0.4, 6}, {0, 3.4}, {2.8, 3.6}, {4, 2.5}, {4, 1.1}, {2.8, 0}, {1, 0}, {0, 0.8}}}},
        {'6',
         {{{3.4, 6},
           {1.4, 5.2},
           {0, 3},
           {0, 1.2},
           {1.2, 0},
           {2.8, 0},
           {4, 1.2},
           {4, 2.2},
           {2.8, 3.3},
           {1.2, 3.3},
           {0, 2.4}}}},
        {'7', {{{0, 6}, {4, 6}, {1.4, 0}}}},
        {'8',
         {{{1.2, 3.2},
           {0.2, 4.1},
           {0.2, 5.1},
           {1.2, 6},
           {2.8, 6},
           {3.8, 5.1},
           {3.8, 4.1},
           {2.8, 3.2},
           {1.2, 3.2},
           {0, 2.2},
           {0, 1},
           {1.2, 0},
           {2.8, 0},
           {4, 1},
           {4, 2.2},
           {2.8, 3.2}}}},
        {'9',
         {{{0.6, 0},
           {2.6, 0.8},
           {4, 3},
           {4, 4.8},
           {2.8, 6},
           {1.2, 6},
           {0, 4.8},
           {0, 3.8},
           {1.2, 2.7},
           {2.8, 2.7},
           {4, 3.6}}}},
    };
    static const Pen blank;
    const auto it = glyphs.find(c);
    return it == glyphs.end() ? blank : it->second;
}

constexpr double kAdvance = 5.8; // grid units from letter to letter

} // namespace

double lettering_width(const std::string& text, double height_mm) {
    return text.empty() ? 0 : (kAdvance * (static_cast<double>(text.size()) - 1) + 4) * height_mm / 6;
}

Paths lettering(const std::string& text, double x, double y, double height_mm, double pen_mm) {
    const double unit = height_mm / 6;
    Paths all;
    for (std::size_t i = 0; i < text.size(); ++i)
        for (const auto& line : glyph(text[i])) {
            std::vector<std::pair<double, double>> points;
            for (const auto& [gx, gy] : line)
                points.emplace_back(x + (kAdvance * static_cast<double>(i) + gx) * unit, y + gy * unit);
            const Paths s = stroke(points, pen_mm);
            all.insert(all.end(), s.begin(), s.end());
        }
    return unite(all, {});
}

Paths moved(Paths p, double dx, double dy) {
    const IntPoint d = at(dx, dy);
    for (Path& r : p)
        for (IntPoint& q : r)
            q.X += d.X, q.Y += d.Y;
    return p;
}

Paths mirrored_x(Paths p) {
    for (Path& r : p) {
        for (IntPoint& q : r)
            q.X = -q.X;
        std::reverse(r.begin(), r.end());
    }
    return p;
}

void add_plate_with_pockets(Builder& b, const Paths& outline, const Paths& pockets, double deep,
                            double height) {
    const Paths plate = strictly_simple(outline), holes = strictly_simple(pockets);
    add_cap(b, plate, height, 1, true);
    add_cap(b, subtract(plate, holes), 0, 1, false);
    add_cap(b, holes, deep, 1, false);
    add_walls(b, plate, 0, 1, height, 1);
    Paths inwards = holes;
    for (Path& r : inwards)
        std::reverse(r.begin(), r.end());
    add_walls(b, inwards, 0, 1, deep, 1);
}

void add_revolved(Builder& b, const std::vector<std::pair<double, double>>& profile, int segments) {
    const auto at_angle = [&](std::size_t i, int s) {
        const double a = 2 * pi * (s % segments) / segments;
        return Vec3{static_cast<float>(profile[i].first * std::cos(a)),
                    static_cast<float>(profile[i].first * std::sin(a)),
                    static_cast<float>(profile[i].second)};
    };
    for (std::size_t i = 0; i + 1 < profile.size(); ++i)
        for (int s = 0; s < segments; ++s) {
            if (profile[i].first > 0)
                b.add(at_angle(i, s), at_angle(i, s + 1), at_angle(i + 1, s + 1));
            if (profile[i + 1].first > 0)
                b.add(at_angle(i, s), at_angle(i + 1, s + 1), at_angle(i + 1, s));
        }
}

Mesh box(double x0, double y0, double z0, double x1, double y1, double z1) {
    Builder b;
    add_prism(b, polygon({{x0, y0}, {x1, y0}, {x1, y1}, {x0, y1}}), z0, z1);
    return b.build();
}

namespace {

/// A grid of points around, stitched into triangles; rows run upwards, u closes on itself.
Mesh stitched(int u_count, int v_count, bool v_closes, const std::function<Vec3(int, int)>& at_uv,
              bool poles) {
    std::vector<Vec3> v;
    std::vector<Triangle> t;
    const auto index = [&](int u, int w) {
        return static_cast<std::uint32_t>((w % v_count) * u_count + u % u_count);
    };
    for (int w = 0; w < v_count; ++w)
        for (int u = 0; u < u_count; ++u)
            v.push_back(at_uv(u, w));
    const int rows = v_closes ? v_count : v_count - 1;
    for (int w = 0; w < rows; ++w)
        for (int u = 0; u < u_count; ++u) {
            if (!(poles && w == 0))
                t.push_back({index(u, w), index(u + 1, w), index(u + 1, w + 1)});
            if (!(poles && w == rows - 1))
                t.push_back({index(u, w), index(u + 1, w + 1), index(u, w + 1)});
        }
    return build_mesh(std::move(v), std::move(t));
}

} // namespace

Mesh sphere(double r, int segments, int rings, Vec3 centre) {
    return stitched(
        segments, rings + 1, false,
        [=](int u, int w) {
            const double phi = pi * w / rings, theta = 2 * pi * u / segments;
            const double flat = w == 0 || w == rings ? 0 : std::sin(phi) * r;
            return Vec3{static_cast<float>(centre.x + flat * std::cos(theta)),
                        static_cast<float>(centre.y + flat * std::sin(theta)),
                        static_cast<float>(centre.z - r * std::cos(phi))};
        },
        true);
}

Mesh torus(double big_r, double small_r, int segments, int rings) {
    return stitched(
        segments, rings, true,
        [=](int u, int w) {
            const double theta = 2 * pi * u / segments, phi = 2 * pi * w / rings;
            const double flat = big_r + small_r * std::cos(phi);
            return Vec3{static_cast<float>(flat * std::cos(theta)),
                        static_cast<float>(flat * std::sin(theta)),
                        static_cast<float>(small_r * std::sin(phi))};
        },
        false);
}

Mesh frustum(double r0, double r1, double height, int segments) {
    Builder b;
    if (r1 > 0)
        add_loft(b, circle(0, 0, r0, segments), 0, 1, height, r1 / r0);
    else {
        const Path base = circle(0, 0, r0, segments)[0];
        const auto p = [&](std::size_t i, double z) {
            const IntPoint& q = base[i % base.size()];
            return Vec3{static_cast<float>(double(q.X) / kUnitsPerMm),
                        static_cast<float>(double(q.Y) / kUnitsPerMm), static_cast<float>(z)};
        };
        for (std::size_t i = 0; i < base.size(); ++i) {
            b.add(p(i, 0), p(i + 1, 0), {0, 0, static_cast<float>(height)});
            b.add({0, 0, 0}, p(i + 1, 0), p(i, 0));
        }
    }
    return b.build();
}

} // namespace vitrail::solids
