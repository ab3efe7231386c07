// The colour of a lamp.
#pragma once

#include "core/colour/two_flux.h"

namespace vitrail {

/// CIE 1931 chromaticity.
struct Chromaticity {
    double x = 0, y = 0;
};

/// A black body, 1,667 to 25,000 K: Kim, Cho et al., cubic fits to the Planckian locus (from memory; within
/// 0.001 of illuminant A).
Chromaticity black_body(double kelvin);
/// Daylight, 4,000 to 25,000 K: CIE 15.
Chromaticity cie_daylight(double kelvin);

inline constexpr double kWarmestLamp = 1800, kColdestLamp = 12000;
/// A white lamp of that colour temperature: a black body up to 4,000 K, daylight from 5,000 K on, as the
/// white of lamps is specified (ANSI C78.377, from memory), and a mean of both between. Linear sRGB, its
/// largest channel 1, none below 0. Clamped to kWarmestLamp … kColdestLamp.
Channels lamp_light(double kelvin);

} // namespace vitrail
