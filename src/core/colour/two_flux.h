// Light through and from sheets of turbid material: two-flux theory.
#pragma once

#include "core/colour/colour.h"

#include <array>

namespace vitrail {

/// One number for each channel of linear RGB.
using Channels = std::array<double, 3>;

/// How a filament absorbs (K) and scatters (S), 1/mm, each 0 or more.
struct Optics {
    Channels k{}, s{};
    bool operator==(const Optics&) const = default;
};

/// What a sheet does with diffuse light: the share it sends back from its upper and from its lower side, and
/// the share it lets through, which is the same both ways. Each 0…1, and back plus through at most 1.
struct Sheet {
    Channels above{}, below{}, through{1, 1, 1};
};

/// A homogeneous sheet of so many mm: R₀ = sinh(bSx) / (a·sinh(bSx) + b·cosh(bSx)), T = b / (a·sinh(bSx) +
/// b·cosh(bSx)), a = 1 + K/S, b = √(a² − 1). Kubelka & Munk 1931; Kubelka 1948, J. Opt. Soc. Am. 38(5),
/// 448–457. Written so that S → 0 (Beer–Lambert) and K → 0 are ordinary values and thick sheets do not
/// overflow.
Sheet sheet_of(const Optics& optics, double mm);

/// A sheet that lies on another: T₁₂ = T₁T₂ / (1 − R₁′R₂), R₁₂ = R₁ + T₁²R₂ / (1 − R₁′R₂). Kubelka 1954, J.
/// Opt. Soc. Am. 44(4), 330–335.
Sheet laid_on(const Sheet& upper, const Sheet& lower);

/// Light from above that a sheet on a backing of that reflectance sends back.
Channels seen_over(const Sheet& sheet, const Channels& backing);

/// What is known of a spool as K and S: thick, it has that colour, so K/S = (1 − R)² / (2R), R clamped to
/// 0.002…0.999; and of white light a sheet as thick as the transmission distance lets 10 % of the luminance
/// through, with one S for all channels. `td_mm` above 0. Definitions of the transmission distance differ;
/// this is ours.
Optics optics_of(Srgb colour, double td_mm);

/// The transmission distance of these optics, as optics_of() means it; 1000 mm where even that lets more
/// through.
double td_of(const Optics& optics);

/// Share of the luminance of white light (IEC 61966-2-1) that these channels are.
double luminance(const Channels& c);

} // namespace vitrail
