#include "core/picture/look.h"

#include "core/picture/relief.h"
#include "core/picture/stacks.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

Raster by_number(const DotMap& dots, const std::vector<Srgb>& colours, Srgb nothing) {
    Raster out{dots.width, dots.height, std::vector<Srgb>(dots.dots.size())};
    for (std::size_t i = 0; i < dots.dots.size(); ++i)
        out.dots[i] = dots.dots[i] ? colours[dots.dots[i]] : nothing;
    return out;
}

} // namespace

Lighting lighting_for(const Picture& picture, LookAs as) {
    Lighting l = picture.lighting;
    if (as == LookAs::lit)
        l.from = Lighting::From::behind;
    else if (as == LookAs::unlit) {
        l.from = Lighting::From::front;
        if (picture.use == PictureUse::panel)
            l.lamp_k = 6500; // its lamp is behind it, and off
    } else
        l.from = picture.use == PictureUse::panel ? Lighting::From::behind : Lighting::From::front;
    return l;
}

Srgb colour_of_difference(double delta_e) {
    // Lightness 15 to 90, from blue to yellow: readable without the hues.
    constexpr Srgb kSteps[] = {
        {0x10, 0x22, 0x4a}, {0x2c, 0x50, 0x78}, {0x5c, 0x7d, 0x7c}, {0xa6, 0xa2, 0x63}, {0xf4, 0xdf, 0x6a}};
    const double at = std::clamp(delta_e / kMostShown, 0.0, 1.0) * 4;
    const int i = std::min(3, static_cast<int>(at));
    const auto mix = [&](std::uint8_t a, std::uint8_t b) {
        return static_cast<std::uint8_t>(std::lround(a + (b - a) * (at - i)));
    };
    return {mix(kSteps[i].r, kSteps[i + 1].r), mix(kSteps[i].g, kSteps[i + 1].g),
            mix(kSteps[i].b, kSteps[i + 1].b)};
}

Raster look(const Picture& picture, const std::vector<Filament>& filaments, const Prepared& prepared,
            LookAs as, Srgb nothing) {
    const DotMap& dots = *picture.dots;
    if (as == LookAs::flat)
        return by_number(dots, flat_colours_of(picture, filaments), nothing);
    const std::vector<Srgb> colours = colours_of(picture, filaments, lighting_for(picture, as));
    Raster out = by_number(dots, colours, nothing);
    if (as != LookAs::original && as != LookAs::difference && as != LookAs::collisions)
        return out;
    // A panel's rim lies around the picture and is none of it.
    const int rim = (dots.width - prepared.picture.width) / 2;
    std::vector<double> off;
    std::vector<char> collide;
    if (as != LookAs::original) {
        DotMap inner{prepared.picture.width, prepared.picture.height, {}};
        for (int y = 0; y < inner.height; ++y)
            for (int x = 0; x < inner.width; ++x)
                inner.dots.push_back(dots.at(x + rim, y + rim));
        if (as == LookAs::difference)
            off = differences(prepared.picture, inner, {colours.begin() + 1, colours.end()});
        else if (picture.use == PictureUse::relief && picture.school == ReliefSchool::luminance)
            collide = vitrail::collisions(prepared.picture, inner).dots;
    }
    for (int y = 0; y < prepared.picture.height; ++y)
        for (int x = 0; x < prepared.picture.width; ++x) {
            const std::size_t from =
                static_cast<std::size_t>(y) * static_cast<std::size_t>(prepared.picture.width) +
                static_cast<std::size_t>(x);
            const std::size_t to = static_cast<std::size_t>(y + rim) * static_cast<std::size_t>(dots.width) +
                                   static_cast<std::size_t>(x + rim);
            if (!collide.empty() && collide[from]) {
                constexpr int kStripe = 3; // dots
                out.dots[to] = (x + y) / kStripe % 2 ? Srgb{0xff, 0xe0, 0x40} : Srgb{0x10, 0x10, 0x18};
            } else if (as == LookAs::original || as == LookAs::collisions)
                out.dots[to] =
                    prepared.roles[from] == DotRole::nothing ? nothing : prepared.picture.dots[from];
            else if (dots.dots[to])
                out.dots[to] = colour_of_difference(off[from]);
        }
    return out;
}

} // namespace vitrail
