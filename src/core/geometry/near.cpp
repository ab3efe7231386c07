#include "core/geometry/near.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

Nearest nearest_on(const Paths& rings, double x, double y) {
    Nearest best;
    double squared = 1e300;
    for (const Path& ring : rings)
        for (std::size_t i = 0; i < ring.size(); ++i) {
            const IntPoint &a = ring[i], &b = ring[i + 1 < ring.size() ? i + 1 : 0];
            const double dx = static_cast<double>(b.X - a.X), dy = static_cast<double>(b.Y - a.Y), ax = x - static_cast<double>(a.X), ay = y - static_cast<double>(a.Y);
            const double length = dx * dx + dy * dy, t = length > 0 ? std::clamp((ax * dx + ay * dy) / length, 0.0, 1.0) : 0, ex = ax - t * dx, ey = ay - t * dy;
            if (const double d = ex * ex + ey * ey; d < squared)
                squared = d, best = {x - ex, y - ey, 0};
        }
    if (squared < 1e300)
        best.away = std::sqrt(squared);
    return best;
}

bool come_near(const Paths& a, const Paths& b, double mm) {
    if (!grown(box_of(a), mm).meets(box_of(b)))
        return false;
    for (const auto& [from, to] : {std::pair{&a, &b}, std::pair{&b, &a}})
        for (const Path& ring : *from)
            for (std::size_t i = 0; i < ring.size(); i += 1 + ring.size() / 12)
                if (nearest_on(*to, static_cast<double>(ring[i].X), static_cast<double>(ring[i].Y)).away < mm * kUnitsPerMm)
                    return true;
    return !intersect(offset(a, mm), b).empty();
}

} // namespace vitrail
