#include "core/colour/pigment.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

double mix_channel(double r_old, double r_new, double share) {
    const auto k_over_s = [](double r) {
        r = std::clamp(r, 0.002, 0.999);
        return (1 - r) * (1 - r) / (2 * r);
    };
    const double q = share * k_over_s(r_old) + (1 - share) * k_over_s(r_new);
    return 1 + q - std::sqrt(q * q + 2 * q);
}

} // namespace

LinearRgb mix_pigments(LinearRgb o, LinearRgb n, double share) {
    return {mix_channel(o.r, n.r, share), mix_channel(o.g, n.g, share), mix_channel(o.b, n.b, share)};
}

} // namespace vitrail
