// What two filaments look like when they leave the nozzle mixed.
#pragma once

#include "core/colour/colour.h"

namespace vitrail {

/// Mixes `share` (0…1 by volume) of `old_colour` into `new_colour`, channel by channel:
/// K/S = (1 − R)² / (2R), linear in the shares. Reflectance is clamped to 0.002…0.999.
/// Source: Kubelka & Munk 1931; additivity of K/S: Duncan 1940.
LinearRgb mix_pigments(LinearRgb old_colour, LinearRgb new_colour, double share);

} // namespace vitrail
