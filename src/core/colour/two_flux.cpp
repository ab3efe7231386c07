#include "core/colour/two_flux.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

struct OneChannel {
    double back = 0, through = 1;
};

OneChannel of_channel(double k, double s, double mm) {
    if (mm <= 0)
        return {};
    // With g = bS all is divided by S·e^(gx)/g: q = sinh(gx)/g, c = cosh(gx), both times e^(−gx).
    const double g = std::sqrt(k * k + 2 * k * s), y = g * mm, e = std::exp(-y), e2 = e * e;
    const double q = y > 1e-6 ? (1 - e2) / (2 * g) : mm * (1 - y), c = (1 + e2) / 2;
    const double all = (s + k) * q + c;
    return {s * q / all, e / all};
}

} // namespace

Sheet sheet_of(const Optics& o, double mm) {
    Sheet sheet;
    for (std::size_t i = 0; i < 3; ++i) {
        const OneChannel one = of_channel(o.k[i], o.s[i], mm);
        sheet.above[i] = sheet.below[i] = one.back;
        sheet.through[i] = one.through;
    }
    return sheet;
}

Sheet laid_on(const Sheet& upper, const Sheet& lower) {
    Sheet both;
    for (std::size_t i = 0; i < 3; ++i) {
        const double between =
            1 / std::max(1e-12,
                         1 - upper.below[i] * lower.above[i]); // light that goes to and fro between the two
        both.through[i] = upper.through[i] * lower.through[i] * between;
        both.above[i] = upper.above[i] + upper.through[i] * upper.through[i] * lower.above[i] * between;
        both.below[i] = lower.below[i] + lower.through[i] * lower.through[i] * upper.below[i] * between;
    }
    return both;
}

Channels seen_over(const Sheet& sheet, const Channels& backing) {
    Channels seen;
    for (std::size_t i = 0; i < 3; ++i)
        seen[i] = sheet.above[i] + sheet.through[i] * sheet.through[i] * backing[i] /
                                       std::max(1e-12, 1 - sheet.below[i] * backing[i]);
    return seen;
}

double td_of(const Optics& optics) {
    double low = 0, high = 1000;
    for (int i = 0; i < 60; ++i) {
        const double mid = (low + high) / 2;
        (luminance(sheet_of(optics, mid).through) > 0.1 ? low : high) = mid;
    }
    return high;
}

double luminance(const Channels& c) {
    return 0.2126 * c[0] + 0.7152 * c[1] + 0.0722 * c[2];
}

Optics optics_of(Srgb colour, double td_mm) {
    constexpr double kDarkest = 0.002, kLightest = 0.999, kThrough = 0.1;
    const LinearRgb c = to_linear(colour);
    Channels ratio;
    for (std::size_t i = 0; i < 3; ++i) {
        const double r = std::clamp(std::array{c.r, c.g, c.b}[i], kDarkest, kLightest);
        ratio[i] = (1 - r) * (1 - r) / (2 * r);
    }
    const auto with = [&](double s) {
        Optics o;
        for (std::size_t i = 0; i < 3; ++i)
            o.s[i] = s, o.k[i] = ratio[i] * s;
        return o;
    };
    // What gets through falls as S grows: halve the interval of log S until it is a rounding error wide.
    double low = std::log(1e-9 / td_mm), high = std::log(1e6 / td_mm);
    for (int step = 0; step < 100; ++step) {
        const double middle = (low + high) / 2;
        (luminance(sheet_of(with(std::exp(middle)), td_mm).through) > kThrough ? low : high) = middle;
    }
    return with(std::exp((low + high) / 2));
}

} // namespace vitrail
