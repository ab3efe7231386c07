// The pairs of filaments that follow each other on a nozzle, and what they cost together.
#pragma once

#include "core/estimate/costs.h"
#include "core/purge/volumes.h"

namespace vitrail {

/// What decides how much a pair purges.
enum class PurgeRule { colour, prime, material, by_hand, locked };

/// One pair of filaments that follow each other on a nozzle.
struct PairUse {
    int from = 0, to = 0;
    double mm3 = 0;       ///< each time
    double clean_mm3 = 0; ///< where it counts as clean at `delta_e`; 0: the two are that close anyway
    double sd_mm3 = 0;    ///< standard deviation of clean_mm3; 0: not known
    double delta_e = 0;
    double left_delta_e = 0; ///< colour difference that mm3 leaves
    PurgeRule rule = PurgeRule::colour;
    int times = 0;
    double g = 0, s = 0; ///< all times together, seconds with the change itself
    Washout washout;
};

/// Dearest first.
std::vector<PairUse> pair_uses(const Project& project, const PurgeVolumes& volumes,
                               std::span<const Switch> switches, const Timeline& timeline,
                               const Costs& costs);

} // namespace vitrail
