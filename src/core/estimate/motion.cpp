#include "core/estimate/motion.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace vitrail {

double line_s(double mm, double speed, double enters, double leaves, double a) {
    if (mm <= 0)
        return 0;
    const double top = std::min(speed, std::sqrt((2 * a * mm + enters * enters + leaves * leaves) / 2));
    const double ramps_mm = std::max(0.0, (2 * top * top - enters * enters - leaves * leaves) / (2 * a));
    return std::max(0.0, top - enters) / a + std::max(0.0, top - leaves) / a +
           std::max(0.0, mm - ramps_mm) / std::max(top, 1e-6);
}

double ring_s(const Path& ring, double speed, const Motion& m) {
    const std::size_t n = ring.size();
    if (n < 2)
        return 0;
    struct Edge {
        double mm, x, y; ///< length and direction
    };
    std::vector<Edge> edges;
    edges.reserve(n);
    for (std::size_t i = 0; i < n; ++i) {
        const IntPoint &a = ring[i], &b = ring[i + 1 == n ? 0 : i + 1];
        const double dx = static_cast<double>(b.X - a.X) / kUnitsPerMm,
                     dy = static_cast<double>(b.Y - a.Y) / kUnitsPerMm, mm = std::sqrt(dx * dx + dy * dy);
        if (mm > 0)
            edges.push_back({mm, dx / mm, dy / mm});
    }
    if (edges.empty())
        return 0;
    // Speeds at the ends of the edges: what the corners allow, then what can be reached and braked from.
    std::vector<double> at(edges.size() + 1, 0);
    for (std::size_t i = 1; i < edges.size(); ++i) {
        const double turn = std::sqrt(std::pow(edges[i].x - edges[i - 1].x, 2) +
                                      std::pow(edges[i].y - edges[i - 1].y, 2)); // 2·sin(φ/2)
        at[i] = turn * speed > m.corner ? m.corner / turn : speed;
    }
    const double a2 = 2 * m.acceleration;
    for (std::size_t i = 0; i < edges.size(); ++i)
        at[i + 1] = std::min(at[i + 1], std::sqrt(at[i] * at[i] + a2 * edges[i].mm));
    for (std::size_t i = edges.size(); i-- > 0;)
        at[i] = std::min(at[i], std::sqrt(at[i + 1] * at[i + 1] + a2 * edges[i].mm));
    double seconds = 0;
    for (std::size_t i = 0; i < edges.size(); ++i)
        seconds += line_s(edges[i].mm, speed, at[i], at[i + 1], m.acceleration);
    return seconds;
}

double lines_s(double all_mm, double mean_mm, double apart_mm, double speed, const Motion& m) {
    if (all_mm <= 0 || mean_mm <= 0)
        return 0;
    const double corner = std::min(speed, m.corner / std::numbers::sqrt2); // a right angle
    // From line to line along an edge that meets them at every angle: π/2 of the distance.
    const double joint_mm = std::numbers::pi / 2 * apart_mm;
    return all_mm / (mean_mm + joint_mm) *
           (line_s(mean_mm, speed, corner, corner, m.acceleration) +
            line_s(joint_mm, speed, corner, corner, m.acceleration));
}

double travel_s(double mm, const Motion& m) {
    return line_s(mm, m.travel, 0, 0, m.acceleration);
}

} // namespace vitrail
