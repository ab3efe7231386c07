// Colours as numbers: sRGB, linear light, CIE XYZ and Lab.
#pragma once

#include <array>
#include <cstdint>
#include <optional>
#include <string>
#include <string_view>

namespace vitrail {

/// Eight bits a channel, as written #rrggbb. Source of the transfer curve: IEC 61966-2-1.
struct Srgb {
    std::uint8_t r = 0, g = 0, b = 0;
    bool operator==(const Srgb&) const = default;
};

/// Linear-light sRGB primaries, each channel 0…1 (a reflectance of the printed surface).
struct LinearRgb {
    double r = 0, g = 0, b = 0;
};

/// CIE XYZ, Y = 1 for the white point.
struct Xyz {
    double x = 0, y = 0, z = 0;
};

/// CIE L*a*b*, L* 0…100.
struct Lab {
    double l = 0, a = 0, b = 0;
};

/// White points of the 2° observer, Y = 1. D65: IEC 61966-2-1 (x 0.3127, y 0.3290). D50: ICC profile
/// connection space.
inline constexpr Xyz kD65{0.95045593, 1.0, 1.08905775};
inline constexpr Xyz kD50{0.96420, 1.0, 0.82491};

LinearRgb to_linear(Srgb c);

/// Rounds to eight bits; channels outside 0…1 are clamped.
Srgb to_srgb(LinearRgb c);

/// Linear sRGB to XYZ relative to D65, and back.
Xyz to_xyz(LinearRgb c);
LinearRgb to_linear(Xyz c);

/// Bradford adaptation of a colour seen under D65 to D50 (ICC.1:2010, annex E).
Xyz adapt_d65_to_d50(Xyz c);

/// CIE 15: L*a*b* relative to `white`.
Lab to_lab(Xyz c, Xyz white = kD65);
Xyz to_xyz(Lab c, Xyz white = kD65);

/// Lab under D65, the space in which Vitrail compares filaments.
Lab to_lab(Srgb c);
Lab to_lab(LinearRgb c);

/// CIEDE2000 colour difference, kL = kC = kH = 1.
/// Source: Sharma, Wu & Dalal 2005, Color Research and Application 30(1), 21–30.
double delta_e_2000(const Lab& a, const Lab& b);

/// Reads #rgb or #rrggbb, upper or lower case, with or without the #. Empty when it is neither.
std::optional<Srgb> parse_colour(std::string_view text);

/// #rrggbb in lower case.
std::string to_hex(Srgb c);

/// WCAG 2.1 contrast ratio, 1…21.
double contrast_ratio(Srgb a, Srgb b);

} // namespace vitrail
