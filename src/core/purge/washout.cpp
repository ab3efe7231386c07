#include "core/purge/washout.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

double old_share(const Washout& w, double mm3) {
    return mm3 <= w.dead_mm3 ? 1 : std::exp(-(mm3 - w.dead_mm3) / w.mixing_mm3);
}

LinearRgb washed_colour(const Washout& w, Srgb from, Srgb to, double mm3) {
    return mix_pigments(to_linear(from), to_linear(to), old_share(w, mm3));
}

double left_delta_e(const Washout& w, Srgb from, Srgb to, double mm3) {
    return delta_e_2000(to_lab(washed_colour(w, from, to, mm3)),
                        to_lab(mix_pigments(to_linear(from), to_linear(to), 0)));
}

double clean_mm3(const Washout& w, Srgb from, Srgb to, double delta_e) {
    return clean_mm3(w, washout_depth(from, to, delta_e));
}

double washout_depth(Srgb from, Srgb to, double delta_e) {
    if (from == to)
        return 0;
    const LinearRgb o = to_linear(from), n = to_linear(to);
    const Lab pure = to_lab(mix_pigments(o, n, 0));
    // x = ln(1/share): purging moves x up from 0. The difference need not fall all the way (a mix can be
    // further off than the old colour), so walk down from clean in small steps to the last place that is not
    // clean.
    const auto difference = [&](double x) {
        return delta_e_2000(to_lab(mix_pigments(o, n, std::exp(-x))), pure);
    };
    constexpr double kStep = 0.5, kEnd = 40; // no pair of colours and no level asks for more
    double dirty = -1;
    for (double x = kEnd; x >= 0; x -= kStep)
        if (difference(x) > delta_e) {
            dirty = x;
            break;
        }
    if (dirty < 0)
        return 0;
    double clean = dirty + kStep;
    for (int i = 0; i < 24; ++i) {
        const double mid = (dirty + clean) / 2;
        (difference(mid) > delta_e ? dirty : clean) = mid;
    }
    return clean;
}

int purge_mm3(const Machine& m, double clean, const Filament& from, const Filament& to) {
    double v = std::max(m.prime_mm3, clean);
    if (from.material != to.material)
        v = std::max(v, m.class_minimum_mm3);
    return static_cast<int>(std::ceil(v - 1e-6));
}

} // namespace vitrail
