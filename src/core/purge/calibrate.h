// V_d and V_m of a printer and nozzle from readings of a printed strip.
#pragma once

#include "core/base/result.h"
#include "core/machine/calibration.h"
#include "core/purge/washout.h"

#include <optional>
#include <span>
#include <vector>

namespace vitrail {

struct FittedReading {
    double depth = 0; ///< ln(1/share) at which the model counts the pair as clean: clean = V_d + V_m · depth
    double model_mm3 = 0;    ///< what the fitted model says
    double residual_mm3 = 0; ///< measured less model
    /// residual over its own standard deviation, the reading itself left out; 0 with fewer than four
    double studentized = 0;
    bool outlier = false; ///< |studentized| > 3
};

struct Calibration {
    double dead_mm3 = 0, mixing_mm3 = 0;
    /// standard deviations; 0 with two readings, which leave nothing over
    double dead_sd_mm3 = 0, mixing_sd_mm3 = 0;
    /// V_d came out a little below 0, where no nozzle is: the line goes through 0 then, and with 95 % V_d is
    /// no more than this
    std::optional<double> dead_at_most_mm3 = {};
    double covariance_mm6 = 0; ///< of the two: they are read off the same line
    double residual_sd_mm3 = 0;
    std::vector<FittedReading> readings; ///< as given
    bool outliers() const;
    bool sd_known() const { return readings.size() > 2; } ///< two readings lie on the line whatever it is
};

/// The washout model is linear in V_d and V_m once each pair's depth is known, so this is a straight line:
/// ordinary least squares. Source: Draper & Smith, Applied Regression Analysis, ch. 1 and 8 (externally
/// studentized residuals). V_d below 0 by no more than two of its standard deviations, or a twentieth of what
/// the readings are on the average, is 0 measured: then V_m is fitted alone, through 0. Errors: fewer than
/// two readings, all of the same depth, pairs that are alike anyway, or a line that no nozzle can have (V_d
/// farther below 0, V_m not above 0).
Result<Calibration> fit_washout(std::span<const Reading> readings);

} // namespace vitrail
