// What was measured about the washout of a nozzle, kept with the machine.
#pragma once

#include "core/colour/colour.h"
#include "core/material/material.h"

#include <string>
#include <vector>

namespace vitrail {

/// Where a change from one colour to another was judged clean.
struct Reading {
    Srgb from, to;
    double delta_e = 2;   ///< the level it was judged at
    double clean_mm3 = 0; ///< filament pushed out until then
    bool operator==(const Reading&) const = default;
};

/// V_d and V_m of a nozzle, fitted to readings. Holds for nozzles of that toolhead and diameter, and for
/// changes to filaments of that material class.
struct KeptCalibration {
    std::string toolhead;
    double nozzle_mm = 0.4;
    Material material = Material::PLA;
    double dead_mm3 = 40, mixing_mm3 = 60;
    double dead_sd_mm3 = 0, mixing_sd_mm3 = 0; ///< standard deviations; 0: not known
    double covariance_mm6 = 0;                 ///< of the two
    std::vector<Reading> readings;
    bool operator==(const KeptCalibration&) const = default;
};

} // namespace vitrail
