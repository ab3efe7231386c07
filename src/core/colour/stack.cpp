#include "core/colour/stack.h"

#include "core/colour/lamp.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

Tint tint_of(Srgb colour, double td_mm) {
    return {colour, td_mm, optics_of(colour, td_mm)};
}

namespace {

Channels as_channels(Srgb c) {
    const LinearRgb l = to_linear(c);
    return {l.r, l.g, l.b};
}

/// Calls each(tint, mm) for every sheet: neighbours of one filament together.
template <class Each>
void each_sheet(std::span<const StackLayer> layers, Each each) {
    for (std::size_t i = 0; i < layers.size();) {
        double mm = 0;
        const int tint = layers[i].tint;
        for (; i < layers.size() && layers[i].tint == tint; ++i)
            mm += layers[i].mm;
        each(tint, mm);
    }
}

/// Layer by layer, each covering what is below.
Channels blended(std::span<const StackLayer> layers, std::span<const Tint> tints, Channels seen) {
    each_sheet(layers, [&](int tint, double mm) {
        const Tint& t = tints[static_cast<std::size_t>(tint)];
        const double through = std::pow(0.1, mm / t.td_mm);
        const Channels own = as_channels(t.colour);
        for (std::size_t c = 0; c < 3; ++c)
            seen[c] = through * seen[c] + (1 - through) * own[c];
    });
    return seen;
}

StackLook blended_look(std::span<const StackLayer> layers, std::span<const Tint> tints, const Lighting& l) {
    StackLook look;
    look.reflectance = blended(layers, tints, {0, 0, 0});
    const Channels over_white = blended(layers, tints, {1, 1, 1});
    for (std::size_t c = 0; c < 3; ++c)
        look.transmittance[c] = over_white[c] - look.reflectance[c];
    look.light = l.from == Lighting::From::front ? blended(layers, tints, l.backing) : over_white;
    return look;
}

StackLook two_flux_look(std::span<const StackLayer> layers, std::span<const Tint> tints, const Lighting& l) {
    Sheet stack;
    each_sheet(layers, [&](int tint, double mm) { stack = laid_on(sheet_of(tints[static_cast<std::size_t>(tint)].optics, mm), stack); });
    StackLook look;
    look.reflectance = stack.above;
    look.transmittance = stack.through;
    if (l.from == Lighting::From::front)
        look.light = seen_over(stack, l.backing);
    else if (l.diffuser)
        for (std::size_t c = 0; c < 3; ++c)
            look.light[c] = kDiffuserThrough * stack.through[c] / (1 - kDiffuserBack * stack.below[c]);
    else
        look.light = stack.through;
    return look;
}

} // namespace

StackLook look_of(std::span<const StackLayer> layers, std::span<const Tint> tints, const Lighting& l) {
    StackLook look = l.model == LookModel::blend ? blended_look(layers, tints, l) : two_flux_look(layers, tints, l);
    const Channels lamp = lamp_light(l.lamp_k), screen = lamp_light(6500);
    for (std::size_t c = 0; c < 3; ++c)
        look.light[c] *= lamp[c] / screen[c];
    return look;
}

Srgb shown(const Channels& light) {
    return to_srgb(LinearRgb{light[0], light[1], light[2]});
}

} // namespace vitrail
