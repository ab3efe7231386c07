#include "core/geometry/narrow.h"

#include <algorithm>
#include <cmath>
#include <optional>
#include <utility>

namespace vitrail {

namespace {

constexpr double kPointsPerReach = 3;

double length(const IntPoint& a, const IntPoint& b) {
    const double x = double(b.X - a.X), y = double(b.Y - a.Y);
    return std::sqrt(x * x + y * y);
}

/// Points along outlines, evenly, in a grid.
class OutlinePoints {
public:
    OutlinePoints(const Paths& rings, double reach_mm);
    bool may_be_narrow() const;

private:
    struct Point {
        float x, y, along; ///< units; `along`: way from the ring's first point
        int ring;
    };
    int column(double x) const { return static_cast<int>((x - left_) / cell_); }
    int row(double y) const { return static_cast<int>((y - top_) / cell_); }

    std::vector<Point> points_;                           ///< cell by cell
    std::vector<int> begins_;                             ///< of each cell, and the end
    std::vector<float> lengths_;                          ///< of each ring
    double reach_, step_, cell_ = 1, left_ = 0, top_ = 0; ///< units
    int columns_ = 0, rows_ = 0;
};

OutlinePoints::OutlinePoints(const Paths& rings, double reach_mm)
    : reach_(reach_mm * kUnitsPerMm), step_(reach_ / kPointsPerReach) {
    const Box box = box_of(rings);
    if (box.empty())
        return;
    left_ = static_cast<double>(box.left);
    top_ = static_cast<double>(box.top);
    std::vector<Point> all;
    for (const Path& ring : rings) {
        // Evenly along the ring, corners or not: no place of it is farther than half a step from a point.
        double along = 0, next = 0;
        const int r = static_cast<int>(lengths_.size());
        for (std::size_t i = 0; i < ring.size(); ++i) {
            const IntPoint &a = ring[i], &b = ring[i + 1 < ring.size() ? i + 1 : 0];
            const double l = length(a, b);
            for (; next < along + l; next += step_) {
                const double t = (next - along) / l;
                all.push_back({static_cast<float>(double(a.X) + t * double(b.X - a.X) - left_),
                               static_cast<float>(double(a.Y) + t * double(b.Y - a.Y) - top_),
                               static_cast<float>(next), r});
            }
            along += l;
        }
        lengths_.push_back(static_cast<float>(along));
    }
    // About as many cells as points, and none smaller than what is asked for.
    const double across = std::max(double(box.right - box.left), double(box.bottom - box.top));
    cell_ = std::max(reach_ + step_, across / std::max(1.0, std::sqrt(static_cast<double>(all.size()))));
    columns_ = column(static_cast<double>(box.right)) + 1;
    rows_ = row(static_cast<double>(box.bottom)) + 1;
    // Counted into their cells.
    const auto cell_of = [&](const Point& p) {
        return static_cast<std::size_t>(p.y / cell_) * static_cast<std::size_t>(columns_) +
               static_cast<std::size_t>(p.x / cell_);
    };
    begins_.assign(static_cast<std::size_t>(columns_) * static_cast<std::size_t>(rows_) + 1, 0);
    for (const Point& p : all)
        ++begins_[cell_of(p) + 1];
    for (std::size_t c = 1; c < begins_.size(); ++c)
        begins_[c] += begins_[c - 1];
    std::vector<int> at(begins_.begin(), begins_.end() - 1);
    points_.resize(all.size());
    for (const Point& p : all)
        points_[static_cast<std::size_t>(at[cell_of(p)]++)] = p;
}

bool OutlinePoints::may_be_narrow() const {
    const float near = static_cast<float>(reach_ + step_), square = near * near, along = 1.6f * near;
    for (const float l : lengths_)
        if (l < 3 * along) // a speck, or a pinhole
            return true;
    const auto close = [&](const Point& a, const Point& b) {
        const float dx = a.x - b.x, dy = a.y - b.y;
        if (dx * dx + dy * dy >= square)
            return false;
        if (a.ring != b.ring)
            return true;
        const float way = std::abs(a.along - b.along);
        return std::min(way, lengths_[static_cast<std::size_t>(a.ring)] - way) > along;
    };
    for (int r = 0; r < rows_; ++r)
        for (int c = 0; c < columns_; ++c) {
            const int cell = r * columns_ + c, from = begins_[static_cast<std::size_t>(cell)],
                      to = begins_[static_cast<std::size_t>(cell) + 1];
            for (int i = from; i < to; ++i) {
                const Point& p = points_[static_cast<std::size_t>(i)];
                for (int k = i + 1; k < to; ++k)
                    if (close(p, points_[static_cast<std::size_t>(k)]))
                        return true;
                // Each pair of cells once: the one to the right and the three below.
                if (c + 1 < columns_)
                    for (int k = to; k < begins_[static_cast<std::size_t>(cell) + 2]; ++k)
                        if (close(p, points_[static_cast<std::size_t>(k)]))
                            return true;
                if (r + 1 < rows_)
                    for (int k = begins_[static_cast<std::size_t>(cell + columns_ - (c > 0))];
                         k < begins_[static_cast<std::size_t>(cell + columns_ + (c + 1 < columns_)) + 1]; ++k)
                        if (close(p, points_[static_cast<std::size_t>(k)]))
                            return true;
            }
        }
    return false;
}

/// An edge of a ring: where it begins, and its unit normal to the right, which is outwards.
struct Edge {
    double x, y, nx, ny;
    int number;
};

/// Where the two edges meet once both are moved outwards; nothing where the mitre would be longer than
/// offset() has them.
std::optional<std::pair<double, double>> corner(const Edge& a, const Edge& b, bool neighbours, double units) {
    const double along = 1 + a.nx * b.nx + a.ny * b.ny, cross = a.nx * b.ny - a.ny * b.nx;
    if (along < 0.5) // the mitre is twice as long as the distance
        return {};
    if (neighbours)
        return std::pair(b.x + units * (a.nx + b.nx) / along, b.y + units * (a.ny + b.ny) / along);
    if (std::abs(cross) < 0.02)
        return {}; // about parallel: it could be anywhere
    const double ca = a.nx * a.x + a.ny * a.y + units, cb = b.nx * b.x + b.ny * b.y + units;
    return std::pair((ca * b.ny - cb * a.ny) / cross, (cb * a.nx - ca * b.nx) / cross);
}

/// The ring with its edges moved outwards; those that vanish are left out. Nothing where that is not sure to
/// be right.
std::optional<Path> moved(const Path& ring, double units) {
    std::vector<Edge> edges;
    const int n = static_cast<int>(ring.size());
    for (int i = 0; i < n; ++i) {
        const IntPoint &a = ring[static_cast<std::size_t>(i)],
                       &b = ring[static_cast<std::size_t>(i + 1 < n ? i + 1 : 0)];
        if (const double l = length(a, b); l > 0)
            edges.push_back({double(a.X), double(a.Y), double(b.Y - a.Y) / l, -double(b.X - a.X) / l, i});
    }
    std::vector<std::pair<double, double>> corners; // where each edge begins
    constexpr int kRounds = 4;
    for (int round = 0; round < kRounds && edges.size() > 2; ++round) {
        corners.clear();
        for (std::size_t i = 0; i < edges.size(); ++i) {
            const Edge& before = edges[i ? i - 1 : edges.size() - 1];
            const auto c = corner(before, edges[i], (before.number + 1) % n == edges[i].number, units);
            if (!c)
                return {};
            corners.push_back(*c);
        }
        std::vector<Edge> left;
        for (std::size_t i = 0; i < edges.size(); ++i) {
            const auto &from = corners[i], &to = corners[i + 1 < edges.size() ? i + 1 : 0];
            if ((to.second - from.second) * edges[i].nx - (to.first - from.first) * edges[i].ny >
                0) // as it ran before
                left.push_back(edges[i]);
        }
        if (left.size() == edges.size()) {
            Path out;
            for (const auto& [x, y] : corners)
                out.emplace_back(std::llround(x), std::llround(y));
            return out;
        }
        edges = std::move(left);
    }
    return {};
}

std::optional<Paths> moved(const Paths& rings, double mm) {
    Paths out;
    for (const Path& ring : rings) {
        std::optional<Path> r = moved(ring, mm * kUnitsPerMm);
        if (!r)
            return {};
        out.push_back(std::move(*r));
    }
    return out;
}

} // namespace

bool may_be_narrow(const Paths& rings, double mm) {
    std::size_t corners = 0;
    for (const Path& ring : rings)
        corners += ring.size();
    constexpr double kPointsPerCorner = 16;
    if (perimeter_mm(rings) * kPointsPerReach > mm * kPointsPerCorner * static_cast<double>(corners))
        return true;
    return OutlinePoints(rings, mm).may_be_narrow();
}

Paths quick_offset(const Paths& rings, double mm) {
    const bool sure = mm != 0 && !may_be_narrow(rings, 2 * std::abs(mm));
    if (sure)
        if (auto out = moved(rings, mm))
            return std::move(*out);
    const Paths lean = without_idle_points(rings, kIdle_mm); // points that lie too close for their rounding
    if (sure)
        if (auto out = moved(lean, mm))
            return std::move(*out);
    return offset(lean, mm);
}

} // namespace vitrail
