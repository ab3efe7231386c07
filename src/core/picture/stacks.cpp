#include "core/picture/stacks.h"

#include "core/colour/lamp.h"

#include <tbb/parallel_for.h>

#include <algorithm>

namespace vitrail {

namespace {

int tint_index(const std::vector<Filament>& filaments, char letter) {
    for (std::size_t i = 0; i < filaments.size(); ++i)
        if (filaments[i].letter == letter)
            return static_cast<int>(i);
    return -1;
}

void add_run(std::vector<FilamentRun>& stack, char filament, int layers) {
    if (layers < 1)
        return;
    if (!stack.empty() && stack.back().filament == filament)
        stack.back().layers += layers;
    else
        stack.push_back({filament, layers});
}

} // namespace

std::vector<FilamentRun> panel_stack(const PanelFilms& p, const std::vector<int>& films, int cover) {
    std::vector<FilamentRun> stack;
    add_run(stack, p.white, p.base_layers + (p.order == FilmOrder::above ? cover : 0));
    for (std::size_t i = 0; i < films.size(); ++i) {
        add_run(stack, p.films[i], films[i]);
        if (p.order == FilmOrder::apart)
            add_run(stack, p.white, p.film_layers - films[i]);
    }
    if (p.order != FilmOrder::above)
        add_run(stack, p.white, cover);
    return stack;
}

std::vector<Tint> tints_of(const std::vector<Filament>& filaments) {
    std::vector<Tint> tints;
    for (const Filament& f : filaments)
        tints.push_back(f.measured ? Tint{f.colour, f.td_mm, f.measured->optics}
                                   : tint_of(f.colour, f.td_mm));
    return tints;
}

std::vector<std::vector<FilamentRun>> stacks_of(const Picture& picture) {
    std::vector<std::vector<FilamentRun>> stacks(1);
    if (picture.use == PictureUse::panel) {
        stacks.insert(stacks.end(), picture.stacks.begin(), picture.stacks.end());
        return stacks;
    }
    for (const ReliefBand& b : picture.bands)
        for (int l = b.from_layer; l <= b.to_layer; ++l) {
            std::vector<FilamentRun> stack = stacks.back();
            if (!stack.empty() && stack.back().filament == b.filament)
                ++stack.back().layers;
            else
                stack.push_back({b.filament, 1});
            stacks.push_back(std::move(stack));
        }
    return stacks;
}

int layers_of(const std::vector<FilamentRun>& stack) {
    int layers = 0;
    for (const FilamentRun& r : stack)
        layers += r.layers;
    return layers;
}

std::vector<StackLook> looks_of(const Picture& picture, const std::vector<std::vector<FilamentRun>>& stacks,
                                const std::vector<Filament>& filaments, const Lighting& lighting) {
    const std::vector<Tint> tints = tints_of(filaments);
    std::vector<StackLook> looks(stacks.size());
    tbb::parallel_for(std::size_t{0}, stacks.size(), [&](std::size_t n) {
        std::vector<StackLayer> layers;
        for (const FilamentRun& r : stacks[n])
            if (const int tint = tint_index(filaments, r.filament); tint >= 0)
                for (int i = 0; i < r.layers; ++i)
                    layers.push_back({tint, layers.empty() ? picture.first_mm : picture.layer_mm});
        if (picture.face_down)
            std::reverse(layers.begin(), layers.end());
        looks[n] = look_of(layers, tints, lighting);
    });
    return looks;
}

Channels exposure_of(const Picture& picture, const std::vector<StackLook>& looks,
                     const std::vector<Filament>& filaments, const Lighting& lighting) {
    if (lighting.from == Lighting::From::front)
        return {1, 1, 1};
    double white = 0;
    if (picture.use == PictureUse::panel)
        white =
            luminance(looks_of(picture,
                               {panel_stack(picture.panel, std::vector<int>(picture.panel.films.size(), 0),
                                            picture.panel.cover_least)},
                               filaments, lighting)
                          .front()
                          .light);
    else
        for (std::size_t n = 1; n < looks.size(); ++n)
            white = std::max(white, luminance(looks[n].light));
    const Channels lamp = lamp_light(lighting.lamp_k), screen = lamp_light(6500);
    Channels own{};
    for (std::size_t c = 0; c < 3; ++c)
        own[c] = lamp[c] / screen[c];
    const double bright = luminance(own);
    Channels out{};
    for (std::size_t c = 0; c < 3; ++c)
        out[c] = white > 0 ? 1 / white / (kAdaptation * own[c] / bright + 1 - kAdaptation) : 1;
    return out;
}

std::vector<Srgb> colours_of(const Picture& picture, const std::vector<Filament>& filaments,
                             const Lighting& lighting) {
    const std::vector<StackLook> looks = looks_of(picture, stacks_of(picture), filaments, lighting);
    const Channels exposure = exposure_of(picture, looks, filaments, lighting);
    std::vector<Srgb> colours;
    for (const StackLook& look : looks)
        colours.push_back(
            shown({exposure[0] * look.light[0], exposure[1] * look.light[1], exposure[2] * look.light[2]}));
    return colours;
}

std::vector<Srgb> flat_colours_of(const Picture& picture, const std::vector<Filament>& filaments) {
    std::vector<Srgb> colours;
    for (const auto& stack : stacks_of(picture)) {
        const int tint = stack.empty() ? -1
                                       : tint_index(filaments, picture.face_down ? stack.front().filament
                                                                                 : stack.back().filament);
        colours.push_back(tint < 0 ? Srgb{0, 0, 0} : filaments[static_cast<std::size_t>(tint)].colour);
    }
    return colours;
}

} // namespace vitrail
