// Where purge goes: first to where it is useful, and only the rest is waste.
#pragma once

#include "core/plan/plan.h"

namespace vitrail {

/// settings.purge_infill: not at all, first (kYes), or only what a slim tower has no room for.
inline constexpr double kPeaks = 2;

/// Fills the flows and destinations of `changes`, and `tower`, `skirt` and `ooze`.
///
/// In each layer, a change's purge goes to the infill (settings.purge_infill), then support (purge_support), then to parts that
/// take purge, as far as each has room in that layer; changes that fewer places suit come first. The rest goes to
/// `rest_goes_to`; what a skirt has no room for is ejected.
///
/// With kPeaks and a tower the layers take turns: a layer's purge fills the tower first, as far as the slimmest one that stands
/// (or the width that is set) has room, and only what is more goes to the infill. That keeps the tower small and the infill pure
/// in all other layers.
///
/// Infill takes purge of the same material class whose colours, old and new, do not show through the walls before it
/// (hides_behind).
void place_purge(const Project& project, Plan& plan);

/// Whether `inside` cannot be told from its own infill behind `wall_mm` of `wall`: the colour difference of what shows, by
/// T = 0.1^(t/TD) in linear light, stays within `delta_e`. TD: the thickness that lets 10 % through (domain's definition,
/// from memory).
bool hides_behind(const Filament& wall, double wall_mm, Srgb inside, double delta_e);

} // namespace vitrail
