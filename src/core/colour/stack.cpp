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

} // namespace

GrowingStack::GrowingStack(std::span<const Tint> tints, const Lighting& l)
    : tints_(tints), lighting_(l), over_backing_(l.backing) {
    const Channels lamp = lamp_light(l.lamp_k), screen = lamp_light(6500);
    for (std::size_t c = 0; c < 3; ++c)
        lamp_[c] = lamp[c] / screen[c];
}

void GrowingStack::add(const StackLayer& layer) {
    const Tint& t = tints_[static_cast<std::size_t>(layer.tint)];
    if (lighting_.model == LookModel::blend) {
        const double through = std::pow(0.1, layer.mm / t.td_mm);
        const Channels own = as_channels(t.colour);
        for (Channels* seen : {&over_backing_, &over_white_, &over_black_})
            for (std::size_t c = 0; c < 3; ++c)
                (*seen)[c] = through * (*seen)[c] + (1 - through) * own[c];
        return;
    }
    if (layer.tint != last_.tint || layer.mm != last_.mm) {
        last_ = layer;
        last_sheet_ = sheet_of(t.optics, layer.mm);
    }
    stack_ = laid_on(last_sheet_, stack_);
}

StackLook GrowingStack::look() const {
    StackLook look;
    const bool front = lighting_.from == Lighting::From::front;
    if (lighting_.model == LookModel::blend) {
        look.reflectance = over_black_;
        look.light = front ? over_backing_ : over_white_;
        for (std::size_t c = 0; c < 3; ++c)
            look.transmittance[c] = over_white_[c] - over_black_[c];
    } else {
        look.reflectance = stack_.above;
        look.transmittance = stack_.through;
        look.light = front ? seen_over(stack_, lighting_.backing) : stack_.through;
        if (!front && lighting_.diffuser)
            for (std::size_t c = 0; c < 3; ++c)
                look.light[c] = kDiffuserThrough * stack_.through[c] / (1 - kDiffuserBack * stack_.below[c]);
    }
    for (std::size_t c = 0; c < 3; ++c)
        look.light[c] *= lamp_[c];
    return look;
}

StackLook look_of(std::span<const StackLayer> layers, std::span<const Tint> tints, const Lighting& l) {
    GrowingStack stack(tints, l);
    for (const StackLayer& layer : layers)
        stack.add(layer);
    return stack.look();
}

Srgb shown(const Channels& light) {
    return to_srgb(LinearRgb{light[0], light[1], light[2]});
}

} // namespace vitrail
