// Where purge that was too little ends up on the piece, and what it looks like there.
#pragma once

#include "core/plan/plan.h"

namespace vitrail {

struct Landing {
    int change = -1; ///< index into Plan::changes; −1: the pair does not occur
    int layer = 0, piece = -1, part = -1, patch = 0; ///< patch 0: the part's body
    Message face = say("walls"); ///< of it: walls, top and bottom skin, infill, painted surface
    Srgb first;                  ///< colour of the first millimetres
    double delta_e = 0;          ///< of that to the pure filament
    double dirty_mm3 = 0;        ///< until it is clean at the pair's level; 0: it is clean from the start
    double dirty_mm = 0;         ///< of printed line
};

/// For the first change of the pair. What a layer prints first in the new filament gets it: walls before
/// skins before infill (common practice, no source), parts in the order of the list.
Landing landing_of(const Project& project, const Plan& plan, const PairUse& pair);

/// "the walls of “tower” in layer 61: the first 320 mm of line start in #a09c96, ΔE 8.2 off"
Message describe(const Project& project, const Landing& landing);

} // namespace vitrail
