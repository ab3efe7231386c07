// Ways to look at a picture that is printed.
#pragma once

#include "core/material/filament.h"
#include "core/picture/prepare.h"

namespace vitrail {

enum class LookAs {
    printed,    ///< in the light it is made for
    flat,       ///< the flat colours of the top layers: what it will not look like
    lit,        ///< against its lamp
    unlit,      ///< in front light
    original,   ///< the picture, prepared
    difference, ///< CIEDE2000 between printed and original
    collisions  ///< the original, striped where lightness puts two colours on one height
};

/// Its lighting, or as asked: lit and unlit differ in the side the light comes from.
Lighting lighting_for(const Picture& picture, LookAs as);

/// The made picture, dot by dot, as it is looked at; with the rim of a panel. Where nothing is printed,
/// `nothing`.
Raster look(const Picture& picture, const std::vector<Filament>& filaments, const Prepared& prepared,
            LookAs as, Srgb nothing = {0x80, 0x80, 0x80});

/// The colour of a difference: dark where there is none, to bright at kMostShown and beyond, evenly rising in
/// lightness.
inline constexpr double kMostShown = 20;
Srgb colour_of_difference(double delta_e);

} // namespace vitrail
