// What a picture is made of, dot by dot, and what that looks like.
#pragma once

#include "core/material/filament.h"
#include "core/project/picture.h"

namespace vitrail {

/// The filaments as optics knows them, in their order.
std::vector<Tint> tints_of(const std::vector<Filament>& filaments);

/// For each number of the picture's dots its stack, from the bed upwards; [0]: nothing.
std::vector<std::vector<FilamentRun>> stacks_of(const Picture& picture);
int layers_of(const std::vector<FilamentRun>& stack);

/// A panel's stack of so many layers of each film, and of the white that varies.
std::vector<FilamentRun> panel_stack(const PanelFilms& panel, const std::vector<int>& films, int cover);

/// What is seen of stacks under some light, each from the side that is looked at: the last layer, or face
/// down the first. Filaments that are not there count as nothing.
std::vector<StackLook> looks_of(const Picture& picture, const std::vector<std::vector<FilamentRun>>& stacks,
                                const std::vector<Filament>& filaments, const Lighting& lighting);

/// How far an eye takes a lamp's colour for white: D of CIE 159:2004 (CIECAM02) for a dim surround and 20
/// cd/m², from memory. The rest of a warm lamp's colour is seen.
inline constexpr double kAdaptation = 0.77;
/// Against light the eye takes the brightest for white: a panel's white without any film, of a relief the
/// brightest stack; and the lamp's colour, as far as kAdaptation. What each channel of the light is
/// multiplied by; 1 in front light.
Channels exposure_of(const Picture& picture, const std::vector<StackLook>& looks,
                     const std::vector<Filament>& filaments, const Lighting& lighting);

/// On the screen, for each number; [0] as the eye sees what lies behind.
std::vector<Srgb> colours_of(const Picture& picture, const std::vector<Filament>& filaments,
                             const Lighting& lighting);

/// The flat colour of the layer that is seen, as programs show it that know of no light: [number].
std::vector<Srgb> flat_colours_of(const Picture& picture, const std::vector<Filament>& filaments);

} // namespace vitrail
