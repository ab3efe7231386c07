#include "core/geometry/polygon.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <numbers>

namespace vitrail {

using namespace ClipperLib;

double area_mm2(const Paths& p) {
    double sum = 0;
    for (const Path& ring : p)
        sum += Area(ring);
    return sum / (kUnitsPerMm * kUnitsPerMm);
}

double perimeter_mm(const Paths& p) {
    double sum = 0;
    for (const Path& ring : p)
        for (std::size_t i = 0; i < ring.size(); ++i) {
            const IntPoint &a = ring[i], &b = ring[i + 1 == ring.size() ? 0 : i + 1];
            const double x = double(b.X - a.X), y = double(b.Y - a.Y);
            sum += std::sqrt(x * x + y * y);
        }
    return sum / kUnitsPerMm;
}

namespace {

Paths combine(ClipType type, const Paths& a, const Paths& b, PolyFillType fill = pftNonZero) {
    Clipper c;
    c.AddPaths(a, ptSubject, true);
    c.AddPaths(b, ptClip, true);
    Paths out;
    c.Execute(type, out, fill, fill);
    return out;
}

} // namespace

Paths unite(const Paths& a, const Paths& b) {
    return combine(ctUnion, a, b);
}

Paths subtract(const Paths& from, const Paths& what) {
    if (from.empty() || what.empty())
        return from;
    return combine(ctDifference, from, what);
}

Paths intersect(const Paths& a, const Paths& b) {
    if (a.empty() || b.empty())
        return {};
    return combine(ctIntersection, a, b);
}

Paths filled(const Paths& rings) {
    return combine(ctUnion, rings, {}, pftPositive);
}

Paths offset(const Paths& p, double mm) {
    if (p.empty())
        return {};
    ClipperOffset co(2.0);
    co.AddPaths(p, jtMiter, etClosedPolygon);
    Paths out;
    co.Execute(out, mm * kUnitsPerMm);
    return out;
}

void Box::add(const Box& o) {
    if (o.empty())
        return;
    if (empty()) {
        *this = o;
        return;
    }
    left = std::min(left, o.left);
    right = std::max(right, o.right);
    top = std::min(top, o.top);
    bottom = std::max(bottom, o.bottom);
}

Box grown(Box b, double mm) {
    const auto d = static_cast<ClipperLib::cInt>(std::llround(mm * kUnitsPerMm));
    return b.empty() ? b : Box{b.left - d, b.top - d, b.right + d, b.bottom + d};
}

Box box_of(const Paths& p) {
    Box b;
    for (const Path& ring : p)
        for (const IntPoint& q : ring)
            b.add({q.X, q.Y, q.X, q.Y});
    return b;
}

Path without_idle_points(const Path& ring, double mm) {
    const double tolerance = mm * kUnitsPerMm;
    // The directions that do narrow with every point.
    struct Direction {
        double x, y;
        bool left_of(const Direction& o) const { return o.x * y - o.y * x > 0; }
    };
    Path out;
    std::size_t i = 0;
    while (i < ring.size()) {
        const IntPoint from = ring[i];
        out.push_back(from);
        Direction right{}, left{};
        double farthest = 0;
        bool bound = false;
        std::size_t next = i + 1;
        for (; next < ring.size(); ++next) {
            const double x = static_cast<double>(ring[next].X - from.X),
                         y = static_cast<double>(ring[next].Y - from.Y), away = std::sqrt(x * x + y * y);
            const Direction to{x, y};
            if (bound && (away < farthest || to.left_of(left) || right.left_of(to)))
                break; // the point before is kept
            farthest = std::max(farthest, away);
            if (away <= tolerance)
                continue;
            const double s = tolerance / away, c = std::sqrt(1 - s * s);
            const Direction r{x * c + y * s, y * c - x * s}, l{x * c - y * s, y * c + x * s};
            right = !bound || r.left_of(right) ? r : right;
            left = !bound || left.left_of(l) ? l : left;
            bound = true;
        }
        i = next == ring.size() ? (next - 1 > i ? next - 1 : next) : std::max(i + 1, next - 1);
    }
    return out;
}

Paths without_idle_points(const Paths& rings, double mm) {
    Paths out;
    out.reserve(rings.size());
    for (const Path& ring : rings)
        out.push_back(without_idle_points(ring, mm));
    return out;
}

NearestOn nearest_on(const Paths& rings, double x, double y) {
    NearestOn best;
    double squared = 1e300;
    for (const Path& ring : rings)
        for (std::size_t i = 0; i < ring.size(); ++i) {
            const IntPoint &a = ring[i], &b = ring[i + 1 < ring.size() ? i + 1 : 0];
            const double dx = static_cast<double>(b.X - a.X), dy = static_cast<double>(b.Y - a.Y),
                         ax = x - static_cast<double>(a.X), ay = y - static_cast<double>(a.Y);
            const double length = dx * dx + dy * dy,
                         t = length > 0 ? std::clamp((ax * dx + ay * dy) / length, 0.0, 1.0) : 0,
                         ex = ax - t * dx, ey = ay - t * dy;
            if (const double d = ex * ex + ey * ey; d < squared)
                squared = d, best = {x - ex, y - ey, 0};
        }
    if (squared < 1e300)
        best.away = std::sqrt(squared);
    return best;
}

bool contains(const Paths& rings, IntPoint p) {
    int inside = 0;
    for (const Path& ring : rings) {
        const int where = PointInPolygon(p, ring);
        if (where < 0)
            return true; // on the edge
        inside += where ? (Orientation(ring) ? 1 : -1) : 0;
    }
    return inside > 0;
}

namespace {

/// A stretch of a ring that rises (or falls, then walked backwards) all the way, so that y never decreases.
struct Chain {
    const Path* ring;
    std::size_t first;  ///< index of the lowest point
    int step;           ///< +1 or −1 through the ring
    std::size_t length; ///< points
    cInt left, right, low, high;

    const IntPoint& at(std::size_t i) const {
        const std::size_t n = ring->size();
        return (*ring)[step > 0 ? (first + i) % n : (first + n - i % n) % n];
    }
};

int side(const IntPoint& a, const IntPoint& b, const IntPoint& p) {
    const cInt cross = (b.X - a.X) * (p.Y - a.Y) - (b.Y - a.Y) * (p.X - a.X); // at most 2·(2·10⁸)², fits
    return cross > 0 ? 1 : cross < 0 ? -1 : 0;
}

/// Segments that share any point count as meeting, except a common end where the two follow each other.
bool segments_meet(const IntPoint& a, const IntPoint& b, const IntPoint& c, const IntPoint& d, bool joined) {
    if (std::max(a.X, b.X) < std::min(c.X, d.X) || std::max(c.X, d.X) < std::min(a.X, b.X))
        return false;
    const int s1 = side(a, b, c), s2 = side(a, b, d), s3 = side(c, d, a), s4 = side(c, d, b);
    if (joined) {
        // They share an end by construction; they meet elsewhere only when they fold back onto one line.
        if (s1 || s2)
            return false;
        const IntPoint& shared = (a == c || a == d) ? a : b;
        const IntPoint& p = shared == a ? b : a;
        const IntPoint& q = shared == c ? d : c;
        return (p.X - shared.X) * (q.X - shared.X) + (p.Y - shared.Y) * (q.Y - shared.Y) > 0;
    }
    return s1 * s2 <= 0 && s3 * s4 <= 0;
}

void add_chains(const Path& ring, std::vector<Chain>& out) {
    const std::size_t n = ring.size();
    const auto rising =
        [&](std::size_t i) { // from point i to i+1; level steps go by x so that chains stay strict
            const IntPoint &a = ring[i % n], &b = ring[(i + 1) % n];
            return b.Y != a.Y ? b.Y > a.Y : b.X > a.X;
        };
    std::size_t start = 0;
    while (start < n && rising(start) == rising(start + n - 1))
        ++start;
    if (start == n)
        start = 0;
    for (std::size_t i = 0; i < n;) {
        const bool up = rising(start + i);
        std::size_t j = i + 1;
        while (j < n && rising(start + j) == up)
            ++j;
        Chain c{&ring, up ? (start + i) % n : (start + j) % n, up ? 1 : -1, j - i + 1, 0, 0, 0, 0};
        c.left = c.right = c.at(0).X;
        for (std::size_t k = 1; k < c.length; ++k) {
            c.left = std::min(c.left, c.at(k).X);
            c.right = std::max(c.right, c.at(k).X);
        }
        c.low = c.at(0).Y;
        c.high = c.at(c.length - 1).Y;
        out.push_back(c);
        i = j;
    }
}

/// Walks two rising chains side by side and tests the segments that share heights.
bool chains_meet(const Chain& p, const Chain& q) {
    const auto index = [](const Chain& c, std::size_t i) {
        const std::size_t n = c.ring->size();
        return c.step > 0 ? (c.first + i) % n : (c.first + n - 1 - i) % n; // number of the ring's segment
    };
    const auto joined = [&](std::size_t i, std::size_t j) {
        if (p.ring != q.ring)
            return false;
        const std::size_t n = p.ring->size(), a = index(p, i), b = index(q, j);
        return (a + 1) % n == b || (b + 1) % n == a;
    };
    std::size_t first = 0; // first segment of q that may still share a height
    for (std::size_t i = 0; i + 1 < p.length; ++i) {
        const IntPoint &a = p.at(i), &b = p.at(i + 1);
        while (first + 1 < q.length && q.at(first + 1).Y < a.Y)
            ++first;
        for (std::size_t j = first; j + 1 < q.length && q.at(j).Y <= b.Y; ++j)
            if (segments_meet(a, b, q.at(j), q.at(j + 1), joined(i, j)))
                return true;
    }
    return false;
}

} // namespace

bool simple(const Paths& rings) {
    std::vector<Chain> chains;
    for (const Path& ring : rings) {
        if (ring.size() < 3)
            return false;
        add_chains(ring, chains);
    }
    std::sort(chains.begin(), chains.end(), [](const Chain& a, const Chain& b) { return a.left < b.left; });
    std::vector<const Chain*> active;
    std::size_t tests = 0;
    for (const Chain& c : chains) {
        std::erase_if(active, [&](const Chain* a) { return a->right < c.left; });
        for (const Chain* a : active) {
            if (a->high < c.low || c.high < a->low)
                continue;
            if (++tests > 64 * chains.size() + 4096 || chains_meet(*a, c))
                return false; // too tangled to be worth the test, or not simple
        }
        active.push_back(&c);
    }
    return true;
}

namespace {

/// Leaves out most points that lie inside of the polygon of the extremes in a few directions, so that few are
/// left to sort (Akl and Toussaint 1978).
void drop_inner_points(std::vector<std::pair<double, double>>& points) {
    constexpr int kDirections = 16;
    constexpr std::size_t kFew = 200;
    if (points.size() < kFew)
        return;
    std::array<std::pair<double, double>, kDirections> extreme;
    std::array<double, kDirections> nx, ny, reach;
    for (int k = 0; k < kDirections; ++k) {
        nx[k] = std::cos(2 * std::numbers::pi * k / kDirections);
        ny[k] = std::sin(2 * std::numbers::pi * k / kDirections);
        reach[k] = -std::numeric_limits<double>::infinity();
    }
    for (const auto& p : points)
        for (int k = 0; k < kDirections; ++k)
            if (const double r = p.first * nx[k] + p.second * ny[k]; r > reach[k]) {
                reach[k] = r;
                extreme[k] = p;
            }
    std::erase_if(points, [&](const auto& p) {
        for (int k = 0; k < kDirections; ++k) {
            const auto &a = extreme[k], &b = extreme[(k + 1) % kDirections];
            if (a != b &&
                (b.first - a.first) * (p.second - a.second) - (b.second - a.second) * (p.first - a.first) <=
                    0)
                return false;
        }
        return true;
    });
}

} // namespace

std::vector<std::pair<double, double>> convex_outline(std::vector<std::pair<double, double>> points) {
    drop_inner_points(points);
    std::sort(points.begin(), points.end());
    points.erase(std::unique(points.begin(), points.end()), points.end());
    if (points.size() < 3)
        return points;
    std::vector<std::pair<double, double>> ring;
    const auto turns_left = [&](const std::pair<double, double>& c) {
        const auto &a = ring[ring.size() - 2], &b = ring.back();
        return (b.first - a.first) * (c.second - a.second) - (b.second - a.second) * (c.first - a.first) > 0;
    };
    for (int way = 0; way < 2; ++way) {
        const std::size_t start = ring.size();
        for (const auto& point : points) {
            while (ring.size() >= start + 2 && !turns_left(point))
                ring.pop_back();
            ring.push_back(point);
        }
        ring.pop_back();
        std::reverse(points.begin(), points.end());
    }
    return ring;
}

double length_around(const std::vector<std::pair<double, double>>& outline, double distance) {
    double length = 2 * std::numbers::pi * distance;
    for (std::size_t i = 0; i < outline.size(); ++i) {
        const auto &a = outline[i], &b = outline[(i + 1) % outline.size()];
        length += std::hypot(b.first - a.first, b.second - a.second);
    }
    return length;
}

std::vector<Paths> pieces_of(const Paths& area) {
    std::vector<Paths> pieces;
    std::vector<std::pair<double, Box>> outer;
    std::vector<const Path*> holes;
    for (const Path& ring : area) {
        if (!ClipperLib::Orientation(ring)) {
            holes.push_back(&ring);
            continue;
        }
        pieces.push_back({ring});
        outer.emplace_back(ClipperLib::Area(ring), box_of(pieces.back()));
    }
    // A hole belongs to the smallest ring around it.
    for (const Path* hole : holes) {
        const Box box = box_of({*hole});
        std::size_t around = pieces.size();
        for (std::size_t k = 0; k < pieces.size(); ++k) {
            if (!outer[k].second.meets(box) ||
                (around < pieces.size() && outer[k].first > outer[around].first))
                continue;
            int inside = -1; // on the ring: another corner decides
            for (std::size_t c = 0; c < hole->size() && inside < 0; ++c)
                inside = ClipperLib::PointInPolygon((*hole)[c], pieces[k][0]);
            if (inside != 0)
                around = k;
        }
        if (around < pieces.size())
            pieces[around].push_back(*hole);
    }
    return pieces;
}

} // namespace vitrail
