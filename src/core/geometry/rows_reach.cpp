#include "core/geometry/rows_lines.h"

#include <numeric>

namespace vitrail {

using namespace rows;

namespace {

constexpr double kSeam = 2;        // µm: an outline and the area beside it are each rounded
constexpr double kStraight = 0.99; // cosine of a turn so slight that the strips of two edges are made to meet

/// An edge of a ring, µm.
struct ReachEdge {
    double x, y, dx, dy, length;
};

ReachEdge edge_of(const Path& ring, std::size_t i) {
    const IntPoint &a = ring[i], &b = ring[i + 1 == ring.size() ? 0 : i + 1];
    ReachEdge e{static_cast<double>(a.X), static_cast<double>(a.Y), static_cast<double>(b.X - a.X),
                static_cast<double>(b.Y - a.Y), 0};
    e.length = std::hypot(e.dx, e.dy);
    return e;
}

/// Gathers, line by line of an area, what lies within a distance outside of an outline: a strip along every
/// edge, a disc at every convex corner.
class WithinReach {
public:
    WithinReach(const Rows& area, double mm) : area_(area), r_(mm * kUnitsPerMm), q_(1 + kSkew * kSkew) {}

    void add_ring(const Path& ring) {
        const std::size_t n = ring.size();
        if (n < 3)
            return;
        ReachEdge here = edge_of(ring, n - 1);
        double extended = 0; // by the turn at its beginning, as a share of its length
        for (std::size_t i = 0; i <= n; ++i) {
            const ReachEdge after = edge_of(ring, i == n ? 0 : i);
            if (here.length <= 0) {
                here = after;
                continue;
            }
            const auto [ext_here, ext_after] = after.length > 0 ? turn(here, after) : std::pair(0.0, 0.0);
            if (i > 0) // the last edge comes again at the end, when its beginning is known
                add_strip(here, -extended, 1 + ext_here);
            extended = ext_after;
            here = after;
        }
    }

    Rows taken_away() const {
        std::vector<std::uint32_t> starts(static_cast<std::size_t>(area_.lines()) + 1, 0);
        for (const Stretch& s : near_)
            ++starts[static_cast<std::size_t>(s.line - area_.first) + 1];
        std::partial_sum(starts.begin(), starts.end(), starts.begin());
        std::vector<Span> by_line(near_.size());
        std::vector<std::uint32_t> next(starts.begin(), starts.end() - 1);
        for (const Stretch& s : near_)
            by_line[next[static_cast<std::size_t>(s.line - area_.first)]++] = s.span;
        RowsBuilder out(area_.pitch, area_.first, static_cast<std::size_t>(area_.lines()),
                        area_.spans.size());
        std::vector<Span> here;
        for (int l = 0; l < area_.lines(); ++l) {
            out.begin_line();
            here.clear();
            for (std::uint32_t k = starts[static_cast<std::size_t>(l)];
                 k < starts[static_cast<std::size_t>(l) + 1]; ++k) {
                std::size_t cursor = 0;
                add_to(here, by_line[k], cursor);
            }
            subtract_line(area_.line(area_.first + l), here, out);
        }
        return out.take();
    }

private:
    struct Stretch {
        int line;
        Span span;
    };

    void add(int l, double x0, double x1) {
        near_.push_back(
            {l, {static_cast<std::int32_t>(std::floor(x0)), static_cast<std::int32_t>(std::ceil(x1))}});
    }

    /// Lines from one height to the other that have something between two x.
    template <class Use>
    void each_line(double low, double high, double left, double right, Use use) {
        const int l0 = std::max(area_.first, static_cast<int>(std::ceil(low / area_.pitch - 0.5))),
                  l1 = std::min(last_line(area_), static_cast<int>(std::floor(high / area_.pitch - 0.5)));
        for (int l = l0; l <= l1; ++l)
            for (const Span s : area_.line(l))
                if (s.from <= right && s.to >= left) {
                    use(l, (l + 0.5) * area_.pitch);
                    break;
                }
    }

    /// The turn from one edge to the next, convex where it is to the left: a disc, or, where it is slight, by
    /// how much the strips of the two are to be extended so that they meet, as shares of their lengths.
    std::pair<double, double> turn(const ReachEdge& here, const ReachEdge& after) {
        const double lengths = here.length * after.length,
                     cosine = (here.dx * after.dx + here.dy * after.dy) / lengths,
                     sine = (here.dx * after.dy - here.dy * after.dx) / lengths;
        if (sine > 0 && cosine > kStraight) {
            const double more = r_ * sine / (1 + cosine); // r·tan(turn/2)
            return {more / here.length, more / after.length};
        }
        if (sine > 0 || cosine < 0) {
            const double h = across(after.x, after.y), tall = r_ * std::sqrt(q_);
            each_line(h - tall, h + tall, after.x - r_, after.x + r_, [&](int l, double at) {
                const double up = at - h, half = std::sqrt(std::max(0.0, q_ * r_ * r_ - up * up));
                add(l, after.x + (kSkew * up - half) / q_, after.x + (kSkew * up + half) / q_);
            });
        }
        return {0, 0};
    }

    /// Points of the strip: start + t·edge + s·normal, t in [t0, t1], s from the seam to the reach.
    void add_strip(const ReachEdge& e, double t0, double t1) {
        const double nx = e.dy / e.length, ny = -e.dx / e.length, s0 = -kSeam, s1 = r_;
        const double h = across(e.x, e.y), dt = across(e.dx, e.dy), ds = across(nx, ny);
        const double low = h + std::min(t0 * dt, t1 * dt) + std::min(s0 * ds, s1 * ds),
                     high = h + std::max(t0 * dt, t1 * dt) + std::max(s0 * ds, s1 * ds);
        const double more = r_ * (1 + std::abs(t0) + t1); // generous
        each_line(low, high, e.x + std::min(0.0, e.dx) - more, e.x + std::max(0.0, e.dx) + more,
                  [&](int l, double at) {
                      const double c = at - h;
                      double x0 = 1e300, x1 = -1e300;
                      const auto meet = [&](double t, double s) {
                          const double x = e.x + t * e.dx + s * nx;
                          x0 = std::min(x0, x);
                          x1 = std::max(x1, x);
                      };
                      if (dt != 0)
                          for (const double s : {s0, s1})
                              if (const double t = (c - s * ds) / dt; t >= t0 && t <= t1)
                                  meet(t, s);
                      if (ds != 0)
                          for (const double t : {t0, t1})
                              if (const double s = (c - t * dt) / ds; s >= s0 && s <= s1)
                                  meet(t, s);
                      if (x0 <= x1)
                          add(l, x0, x1);
                  });
    }

    const Rows& area_;
    double r_, q_; ///< µm; 1 + skew²
    std::vector<Stretch> near_;
};

} // namespace

Rows farther_than(const Rows& all, const Rows& from, const Paths& outline, double mm) {
    if (all.empty() || mm <= 0)
        return all;
    // What a line alone tells, which is most of it.
    Rows area = subtract(all, widened(from, Disc(mm, all.pitch).at(0)));
    if (area.empty())
        return area;
    WithinReach near(area, mm);
    for (const Path& ring : outline)
        near.add_ring(ring);
    return near.taken_away();
}

} // namespace vitrail
