#include "core/colour/lamp.h"

#include <algorithm>

namespace vitrail {

Chromaticity black_body(double t) {
    const double u = 1000 / t;
    const double x = t <= 4000 ? ((-0.2661239 * u - 0.2343589) * u + 0.8776956) * u + 0.179910
                               : ((-3.0258469 * u + 2.1070379) * u + 0.2226347) * u + 0.240390;
    const double y = t <= 2222   ? ((-1.1063814 * x - 1.34811020) * x + 2.18555832) * x - 0.20219683
                     : t <= 4000 ? ((-0.9549476 * x - 1.37418593) * x + 2.09137015) * x - 0.16748867
                                 : ((3.0817580 * x - 5.87338670) * x + 3.75112997) * x - 0.37001483;
    return {x, y};
}

Chromaticity cie_daylight(double t) {
    const double u = 1000 / t;
    const double x = t <= 7000 ? ((-4.6070 * u + 2.9678) * u + 0.09911) * u + 0.244063
                               : ((-2.0064 * u + 1.9018) * u + 0.24748) * u + 0.237040;
    return {x, (-3.000 * x + 2.870) * x - 0.275};
}

Channels lamp_light(double kelvin) {
    const double t = std::clamp(kelvin, kWarmestLamp, kColdestLamp);
    const double share = std::clamp((t - 4000) / 1000, 0.0, 1.0); // of daylight
    const Chromaticity warm = black_body(t), cold = cie_daylight(std::max(4000.0, t));
    const double x = (1 - share) * warm.x + share * cold.x, y = (1 - share) * warm.y + share * cold.y;
    const LinearRgb c = to_linear(Xyz{x / y, 1, (1 - x - y) / y});
    const double most = std::max({c.r, c.g, c.b});
    return {std::max(0.0, c.r / most), std::max(0.0, c.g / most), std::max(0.0, c.b / most)};
}

} // namespace vitrail
