#include "core/purge/calibrate.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

namespace vitrail {

bool Calibration::outliers() const {
    return std::any_of(readings.begin(), readings.end(), [](const FittedReading& r) { return r.outlier; });
}

Result<Calibration> fit_washout(std::span<const Reading> readings) {
    const auto n = static_cast<double>(readings.size());
    if (readings.size() < 2)
        return Error{say("Two readings of different pairs are needed at least; three or more also tell how "
                         "sure the result is.")};
    Calibration c;
    double mean_x = 0, mean_y = 0;
    for (std::size_t i = 0; i < readings.size(); ++i) {
        const Reading& r = readings[i];
        FittedReading f;
        f.depth =
            clean_mm3({0, 1}, r.from, r.to, r.delta_e); // with V_d = 0 and V_m = 1 the volume is the depth
        if (!(f.depth > 0))
            return Error{say(
                "Reading {}: {} and {} are that close anyway, so their change tells nothing. Leave it out.",
                i + 1, to_hex(r.from), to_hex(r.to))};
        mean_x += f.depth / n;
        mean_y += r.clean_mm3 / n;
        c.readings.push_back(f);
    }
    double sxx = 0, sxy = 0;
    for (std::size_t i = 0; i < readings.size(); ++i) {
        const double dx = c.readings[i].depth - mean_x;
        sxx += dx * dx;
        sxy += dx * (readings[i].clean_mm3 - mean_y);
    }
    if (sxx < 1e-3 * mean_x * mean_x)
        return Error{
            say("All pairs take about as much mixing, so dead volume V_d and mixing volume V_m cannot be "
                "told apart. Measure a light colour after a dark one, and the other way round.")};
    c.mixing_mm3 = sxy / sxx;
    c.dead_mm3 = mean_y - c.mixing_mm3 * mean_x;
    const auto off_line = [&] { // the readings' distances from the line, squared and summed
        double squares = 0;
        for (std::size_t i = 0; i < readings.size(); ++i) {
            FittedReading& f = c.readings[i];
            f.model_mm3 = c.dead_mm3 + c.mixing_mm3 * f.depth;
            f.residual_mm3 = readings[i].clean_mm3 - f.model_mm3;
            squares += f.residual_mm3 * f.residual_mm3;
        }
        return squares;
    };
    double squares = off_line(), free = n - 2; // degrees of freedom
    const double dead_sd = free > 0 ? std::sqrt(squares / free * (1 / n + mean_x * mean_x / sxx)) : 0;
    constexpr double kOneSided95 = 1.645, kMeasuredAsZero = 0.05;
    if (c.dead_mm3 < 0 && c.dead_mm3 >= -std::max(2 * dead_sd, kMeasuredAsZero * mean_y)) {
        c.dead_at_most_mm3 = std::max(0.0, c.dead_mm3 + kOneSided95 * dead_sd);
        sxx += n * mean_x * mean_x; // about 0 instead of the means
        sxy += n * mean_x * mean_y;
        c.mixing_mm3 = sxy / sxx;
        c.dead_mm3 = 0;
        squares = off_line();
        free = n - 1;
    }
    if (!(c.mixing_mm3 > 0) || c.dead_mm3 < 0) {
        return Error{say("The readings ask for dead volume V_d {} and mixing volume V_m {} mm³, which no "
                         "nozzle has. Look for a reading that was mistyped or taken at another level.",
                         num(c.dead_mm3), num(c.mixing_mm3))};
    }
    const bool through_0 = c.dead_at_most_mm3.has_value();
    if (readings.size() > 2) {
        const double variance = squares / free;
        c.residual_sd_mm3 = std::sqrt(variance);
        c.mixing_sd_mm3 = std::sqrt(variance / sxx);
        if (!through_0) {
            c.dead_sd_mm3 = dead_sd;
            c.covariance_mm6 = -variance * mean_x / sxx;
        }
    }
    if (readings.size() > 3)
        for (FittedReading& f : c.readings) {
            const double dx = through_0 ? f.depth : f.depth - mean_x,
                         leverage = (through_0 ? 0 : 1 / n) + dx * dx / sxx;
            const double without = (squares - f.residual_mm3 * f.residual_mm3 / (1 - leverage)) / (free - 1);
            f.studentized = without > 1e-12 && leverage < 1 - 1e-12
                                ? f.residual_mm3 / std::sqrt(without * (1 - leverage))
                                : 0;
            f.outlier = std::abs(f.studentized) > 3;
        }
    return c;
}

} // namespace vitrail
