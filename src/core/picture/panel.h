// A picture seen against light: for every dot the stack of films and white whose light is nearest.
#pragma once

#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/picture/prepare.h"
#include "core/picture/stacks.h"

namespace vitrail {

/// All stacks that the films allow, and their light as the eye sees it, the brightest being white.
struct PanelTable {
    std::vector<std::vector<FilamentRun>> stacks; ///< from below
    std::vector<LinearRgb> light;
};
inline constexpr double kMostStacks = 100000;

/// Error when a letter is no filament's, the white is among the films, nothing varies, or there would be more
/// than kMostStacks.
Result<PanelTable> panel_table(const Picture& picture, const std::vector<Filament>& filaments);

/// A stack for each dot; 0 where nothing is printed. Ground taken out gets the stack of fewest layers.
struct PanelDots {
    DotMap dots;             ///< numbers of the stacks in use
    std::vector<int> stacks; ///< [number − 1]: which of the table
    double outside = 0; ///< share of the dots whose asked colour no stack comes nearer to than kOutOfReach
};
inline constexpr double kOutOfReach = 5; ///< ΔE, seen beside each other. From memory

/// The colour that is asked of a panel for one of the picture, linear: `black` (the luminance of the darkest
/// stack, or 0) in place of none, straight in between, white stays. Black point compensation, common
/// practice.
LinearRgb fitted(const LinearRgb& colour, double black);
/// Luminance of the table's darkest stack.
double darkest(const PanelTable& table);

/// `black`: as fitted() takes it. `spread`: what a dot is off by, in linear light, goes on to its neighbours
/// (Floyd & Steinberg 1976, Proc. SID 17(2), 75–77), rows there and back. Error when stopped, or when more
/// than 65,000 stacks would be used.
Result<PanelDots> panel_dots(const Prepared& prepared, const PanelTable& table, double black, bool spread,
                             const Progress& progress = {});

} // namespace vitrail
