#include "core/picture/terraces.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

constexpr int kStep[4][2] = {
    {1, 0}, {0, -1}, {-1, 0}, {0, 1}}; // right, back, left, front; rows run to the front

int opposite(int direction) {
    return (direction + 2) % 4;
}

/// Walks the borders of the dots.
class Borders {
public:
    explicit Borders(const DotMap& h)
        : h_(h),
          across_((static_cast<std::size_t>(h.width) + 1) * (static_cast<std::size_t>(h.height) + 1), 0),
          down_(across_) {}

    std::uint16_t cell(int x, int y) const {
        return x < 0 || y < 0 || x >= h_.width || y >= h_.height ? std::uint16_t{0} : h_.at(x, y);
    }
    bool outside(int x, int y) const { return x < 0 || y < 0 || x >= h_.width || y >= h_.height; }
    /// The dots to the left and to the right of the step from (x, y).
    std::array<int, 4> beside(int x, int y, int d) const {
        switch (d) {
        case 0:
            return {x, y - 1, x, y};
        case 1:
            return {x - 1, y - 1, x, y - 1};
        case 2:
            return {x - 1, y, x - 1, y - 1};
        default:
            return {x, y, x - 1, y};
        }
    }
    bool border(int x, int y, int d) const {
        const int to_x = x + kStep[d][0], to_y = y + kStep[d][1];
        if (to_x < 0 || to_y < 0 || to_x > h_.width || to_y > h_.height)
            return false;
        const auto b = beside(x, y, d);
        return cell(b[0], b[1]) != cell(b[2], b[3]);
    }
    int borders_at(int x, int y) const {
        int n = 0;
        for (int d = 0; d < 4; ++d)
            n += border(x, y, d);
        return n;
    }
    char& walked(int x, int y, int d) {
        if (d == 2 || d == 1)
            x += kStep[d][0], y += kStep[d][1];
        return (d % 2 ? down_
                      : across_)[static_cast<std::size_t>(y) * (static_cast<std::size_t>(h_.width) + 1) +
                                 static_cast<std::size_t>(x)];
    }

    struct Walk {
        std::vector<std::array<int, 2>> corners; ///< of the dots, first and last included
        std::vector<int> steps;
        std::uint16_t left = 0, right = 0;
        bool frame = false; ///< along the edge of the picture
    };
    /// On from (x, y) until a node, or until it is there again.
    Walk walk(int x, int y, int d) {
        Walk w;
        const auto b = beside(x, y, d);
        w.left = cell(b[0], b[1]), w.right = cell(b[2], b[3]);
        w.frame = outside(b[0], b[1]) || outside(b[2], b[3]);
        const int x0 = x, y0 = y;
        w.corners.push_back({x, y});
        for (;;) {
            walked(x, y, d) = 1;
            w.steps.push_back(d);
            x += kStep[d][0], y += kStep[d][1];
            w.corners.push_back({x, y});
            if ((x == x0 && y == y0) || borders_at(x, y) != 2)
                return w;
            for (int next = 0; next < 4; ++next)
                if (next != opposite(d) && border(x, y, next)) {
                    d = next;
                    break;
                }
        }
    }

private:
    const DotMap& h_;
    std::vector<char> across_, down_; ///< steps that were walked, by their upper or left end
};

using Point = std::array<double, 2>; ///< in dots

/// The points of a walk: at the picture's edge its corners, else the middles of its steps between the two
/// ends.
std::vector<Point> drawn(const Borders::Walk& w, bool loop) {
    std::vector<Point> p;
    const auto at = [&](std::size_t i) {
        return Point{static_cast<double>(w.corners[i][0]), static_cast<double>(w.corners[i][1])};
    };
    const std::size_t n = w.steps.size();
    if (w.frame) {
        for (std::size_t i = loop ? 0 : 1; i < n; ++i)
            if (w.steps[i] != w.steps[(i + n - 1) % n])
                p.push_back(at(i));
    } else {
        for (std::size_t i = 0; i < n; ++i) {
            const Point a = at(i), b = at(i + 1);
            p.push_back({(a[0] + b[0]) / 2, (a[1] + b[1]) / 2});
        }
        if (n == 1 && !loop)
            p.clear(); // straight from end to end
    }
    if (!loop) {
        p.insert(p.begin(), at(0));
        p.push_back(at(n));
    }
    return p;
}

/// Keeps of points begin … end, whose ends stay, those that a line would miss by more than the tolerance.
void keep_needed(const std::vector<Point>& p, std::size_t begin, std::size_t end, double tolerance,
                 std::vector<char>& keep) {
    std::vector<std::pair<std::size_t, std::size_t>> open{{begin, end}};
    while (!open.empty()) {
        const auto [from, to] = open.back();
        open.pop_back();
        const Point a = p[from % p.size()], b = p[to % p.size()];
        const double dx = b[0] - a[0], dy = b[1] - a[1], length = std::hypot(dx, dy);
        double most = tolerance;
        std::size_t worst = from;
        for (std::size_t i = from + 1; i < to; ++i) {
            const Point q = p[i % p.size()];
            const double off = length > 0 ? std::abs(dx * (q[1] - a[1]) - dy * (q[0] - a[0])) / length
                                          : std::hypot(q[0] - a[0], q[1] - a[1]);
            if (off > most)
                most = off, worst = i;
        }
        if (worst == from)
            continue;
        keep[worst % p.size()] = 1;
        open.push_back({from, worst});
        open.push_back({worst, to});
    }
}

std::vector<Point> simplified(const std::vector<Point>& p, bool loop, double tolerance) {
    std::vector<char> keep(p.size(), 0);
    keep[0] = 1;
    if (loop) { // two ends that surely stay: any point, and the one farthest from it
        std::size_t far = 0;
        for (std::size_t i = 1; i < p.size(); ++i)
            if (std::hypot(p[i][0] - p[0][0], p[i][1] - p[0][1]) >
                std::hypot(p[far][0] - p[0][0], p[far][1] - p[0][1]))
                far = i;
        keep[far] = 1;
        keep_needed(p, 0, far, tolerance, keep);
        keep_needed(p, far, p.size(), tolerance, keep);
    } else {
        keep.back() = 1;
        keep_needed(p, 0, p.size() - 1, tolerance, keep);
    }
    std::vector<Point> out;
    for (std::size_t i = 0; i < p.size(); ++i)
        if (keep[i])
            out.push_back(p[i]);
    return out;
}

} // namespace

TerraceMap terrace_map(const DotMap& h, double dot_mm, double tolerance) {
    TerraceMap map;
    map.most = h.dots.empty() ? 0 : *std::max_element(h.dots.begin(), h.dots.end());
    Borders borders(h);
    std::vector<int> node_at(
        (static_cast<std::size_t>(h.width) + 1) * (static_cast<std::size_t>(h.height) + 1), -1);
    const auto index = [&](int x, int y) {
        return static_cast<std::size_t>(y) * (static_cast<std::size_t>(h.width) + 1) +
               static_cast<std::size_t>(x);
    };
    for (int y = 0; y <= h.height; ++y)
        for (int x = 0; x <= h.width; ++x)
            if (borders.borders_at(x, y) > 2) {
                node_at[index(x, y)] = static_cast<int>(map.nodes.size());
                map.nodes.push_back({0, 0, 0, 0});
            }
    std::vector<Borders::Walk> walks;
    const auto take = [&](int x, int y, int d, bool loop) {
        Borders::Walk w = borders.walk(x, y, d);
        TerraceMap::Arc arc;
        arc.left = w.left, arc.right = w.right;
        arc.leaves = w.steps.front(), arc.arrives = w.steps.back();
        if (!loop) {
            arc.from = node_at[index(x, y)];
            arc.to = node_at[index(w.corners.back()[0], w.corners.back()[1])];
            const int number = static_cast<int>(map.arcs.size()) + 1;
            map.nodes[static_cast<std::size_t>(arc.from)][static_cast<std::size_t>(arc.leaves)] = number;
            map.nodes[static_cast<std::size_t>(arc.to)][static_cast<std::size_t>(opposite(arc.arrives))] =
                -number;
        }
        map.arcs.push_back(std::move(arc));
        walks.push_back(std::move(w));
    };
    for (const bool loops : {false, true}) // what has nodes first: the rest closes on itself
        for (int y = 0; y <= h.height; ++y)
            for (int x = 0; x <= h.width; ++x)
                if (loops || node_at[index(x, y)] >= 0)
                    for (int d = 0; d < 4; ++d)
                        if (borders.border(x, y, d) && !borders.walked(x, y, d))
                            take(x, y, d, loops);
    tbb::parallel_for(std::size_t{0}, walks.size(), [&](std::size_t i) {
        const bool loop = map.arcs[i].from < 0;
        for (const Point& p : simplified(drawn(walks[i], loop), loop, tolerance))
            map.arcs[i].points.push_back({std::llround(p[0] * dot_mm * kUnitsPerMm),
                                          std::llround((h.height - p[1]) * dot_mm * kUnitsPerMm)});
    });
    return map;
}

BodySpans whole_heights(int most) {
    return band_of_heights(most, 1, most);
}

BodySpans band_of_heights(int most, int from_layer, int to_layer) {
    BodySpans body(static_cast<std::size_t>(most) + 1);
    for (int h = from_layer; h <= most; ++h)
        body[static_cast<std::size_t>(h)] = {{from_layer - 1, std::min(h, to_layer)}};
    return body;
}

std::vector<Paths> terrace_levels(const TerraceMap& map, const BodySpans& body) {
    int top = 0;
    for (const Spans& spans : body)
        if (!spans.empty())
            top = std::max(top, spans.back().second);
    std::vector<Paths> levels(static_cast<std::size_t>(top));
    tbb::parallel_for(1, top + 1, [&](int level) {
        Paths& rings = levels[static_cast<std::size_t>(level) - 1];
        std::vector<char> inside(static_cast<std::size_t>(map.most) + 1, 0);
        for (std::size_t n = 0; n < std::min(inside.size(), body.size()); ++n)
            inside[n] = std::any_of(body[n].begin(), body[n].end(),
                                    [&](const auto& s) { return s.first < level && level <= s.second; });
        // +1: inside lies to the left of the arc, −1: to its right, 0: it is no border of this level.
        const auto side = [&](std::size_t a) { return inside[map.arcs[a].left] - inside[map.arcs[a].right]; };
        std::vector<char> done(map.arcs.size(), 0);
        for (std::size_t first = 0; first < map.arcs.size(); ++first) {
            if (done[first] || !side(first))
                continue;
            Path ring;
            for (std::size_t a = first;;) {
                done[a] = 1;
                const TerraceMap::Arc& arc = map.arcs[a];
                Path points = arc.points;
                if (side(a) < 0)
                    std::reverse(points.begin(), points.end());
                if (arc.from < 0) {
                    ring = std::move(points);
                    break;
                }
                ring.insert(ring.end(), points.begin(), points.end() - 1);
                // On at the node by the border most to the left: it keeps to the same area.
                const int node = side(a) > 0 ? arc.to : arc.from,
                          came = side(a) > 0 ? arc.arrives : opposite(arc.leaves);
                std::size_t next = map.arcs.size();
                for (const int turn : {1, 0, 3}) {
                    const int there = map.nodes[static_cast<std::size_t>(node)]
                                               [static_cast<std::size_t>((came + turn) % 4)];
                    const std::size_t candidate = static_cast<std::size_t>(std::abs(there)) - 1;
                    if (there && side(candidate) == (there > 0 ? 1 : -1)) {
                        next = candidate;
                        break;
                    }
                }
                if (next == map.arcs.size() || next == first)
                    break;
                a = next;
            }
            rings.push_back(std::move(ring));
        }
    });
    return levels;
}

} // namespace vitrail
