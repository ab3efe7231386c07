// How much filament must be pushed out after a change before the old one no longer shows.
#pragma once

#include "core/colour/pigment.h"
#include "core/machine/machine.h"
#include "core/material/filament.h"

namespace vitrail {

/// The melt zone of a nozzle: plug flow through `dead_mm3`, then a stirred part of `mixing_mm3`.
struct Washout {
    double dead_mm3 = 40, mixing_mm3 = 60;
};

/// Share of old filament in what leaves the nozzle once `mm3` have been pushed: 1 up to V_d, then
/// exp(−(V − V_d)/V_m). Source: a plug-flow reactor and a stirred tank in series, Levenspiel, Chemical
/// Reaction Engineering, ch. 11–14.
double old_share(const Washout& w, double mm3);

/// What leaves the nozzle then looks like.
LinearRgb washed_colour(const Washout& w, Srgb from, Srgb to, double mm3);

/// How far the mixing must go: ln(1/share) from which on the colour stays within `delta_e` (CIEDE2000, > 0)
/// of the new filament; 0 when the two are that close anyway. Depends on the colours alone, not on the
/// nozzle.
double washout_depth(Srgb from, Srgb to, double delta_e);

/// Colour difference (CIEDE2000) to the pure new filament of what leaves the nozzle after `mm3`.
double left_delta_e(const Washout& w, Srgb from, Srgb to, double mm3);

/// Volume from which on the colour stays within `delta_e` (CIEDE2000, > 0) of the new filament, mm³.
/// 0 when the two colours are that close anyway. Near-black #141414 to off-white #f2f2ea at ΔE 2 with the
/// default V_d 40, V_m 60: about 560 mm³, and back about 100.
double clean_mm3(const Washout& w, Srgb from, Srgb to, double delta_e);
inline double clean_mm3(const Washout& w, double depth) {
    return depth > 0 ? w.dead_mm3 + w.mixing_mm3 * depth : 0;
}

/// Purge of a change on one nozzle, in whole mm³ rounded up: the clean volume, at least the machine's prime,
/// and at least its minimum when the material class changes (traces weaken the bond; common practice, no
/// source).
int purge_mm3(const Machine& m, double clean_mm3, const Filament& from, const Filament& to);
inline int purge_mm3(const Machine& m, const Washout& w, const Filament& from, const Filament& to,
                     double delta_e) {
    return purge_mm3(m, clean_mm3(w, from.colour, to.colour, delta_e), from, to);
}

} // namespace vitrail
