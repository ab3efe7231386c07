// What a stack of layers looks like, from the front and against a lamp.
#pragma once

#include "core/colour/two_flux.h"

#include <span>

namespace vitrail {

/// A filament as pictures need to know it.
struct Tint {
    Srgb colour;
    double td_mm = 4; ///< transmission distance
    Optics optics;    ///< calibrated, or optics_of(colour, td_mm)
};
Tint tint_of(Srgb colour, double td_mm);

enum class LookModel {
    two_flux, ///< Kubelka: absorption and scattering, light to and fro
    blend ///< T(t) = 0.1^(t/TD), C = T·C_below + (1 − T)·C_top in linear light, layer by layer: what most
          ///< hobbyists' figures mean
};

struct Lighting {
    enum class From { front, behind } from = From::front;
    Channels backing{0, 0, 0}; ///< reflectance of what the piece lies on, seen from the front; nothing: 0
    double lamp_k = 6500;      ///< of the light, whichever side it comes from
    bool diffuser = false;     ///< between lamp and piece: what the piece sends back comes again
    LookModel model = LookModel::two_flux;
};

/// So many mm of a tint.
struct StackLayer {
    int tint = 0;
    double mm = 0;
};

struct StackLook {
    Channels light{}; ///< what is seen, linear RGB, the lamp's colour in it; from behind as a share of the
                      ///< lamp's light
    Channels reflectance{}, transmittance{}; ///< of the stack by itself, under white light
};

/// A stack that grows layer by layer, seen from its top. Without layers: the backing, or the bare lamp.
class GrowingStack {
public:
    GrowingStack(std::span<const Tint> tints, const Lighting& lighting);
    void add(const StackLayer& layer);
    StackLook look() const;

private:
    std::span<const Tint> tints_;
    Lighting lighting_;
    Channels lamp_; ///< its light against the screen's white
    Sheet stack_;
    Channels over_backing_, over_white_{1, 1, 1}, over_black_{0, 0, 0}; ///< blended
    StackLayer last_{-1, 0};
    Sheet last_sheet_; ///< layers are mostly like the one below
};

/// Layers from below to the top.
StackLook look_of(std::span<const StackLayer> layers, std::span<const Tint> tints, const Lighting& lighting);

/// What a diffuser lets through and sends back: opal sheet, from memory.
inline constexpr double kDiffuserThrough = 0.55, kDiffuserBack = 0.40;

/// The colour on a screen; channels above 1 are clamped.
Srgb shown(const Channels& light);

} // namespace vitrail
