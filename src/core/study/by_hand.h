// No feeder: three ways to print the piece by hand.
#pragma once

#include "core/plan/plan.h"

namespace vitrail {

enum class HandWay {
    in_layer, ///< every colour where it belongs, swapped inside the layers too
    bands,    ///< one filament a layer: whichever prints most of it
    parts     ///< a job for each colour, put together afterwards
};

struct ByHand {
    HandWay way = HandWay::in_layer;
    bool possible = true;
    Message why_not; ///< where it is not
    int swaps = 0, jobs = 1, joints = 0;
    double attended_s = 0;               ///< swaps, and gluing where there is any
    double waiting_s = 0;                ///< the printer, for the person
    double total_s = 0;                  ///< printing and changing; gluing not included
    double purge_g = 0, tower_g = 0;     ///< tower: with skirt and ooze wall
    double waste_g = 0;                  ///< everything thrown away
    double other_colour_mm3 = 0;         ///< printed in another colour than asked
    std::function<void(Project&)> apply; ///< makes the project so; empty where there is nothing to change
};

struct HandStudy {
    std::vector<ByHand> ways; ///< one of each
    int best = 0;             ///< index into ways
    Message advice;           ///< which, and why, in words
};

/// Works out all three for the piece as it stands, on one nozzle fed by hand.
/// Bands: a layer's filament is the one with most of its volume, and runs of layers become bands. Parts: as
/// many jobs as filaments, in the order that purges least between them; a joint for each pair of bodies of
/// different filament that touch; not possible for painted patches, which are no bodies. The best: fewest
/// minutes at the printer among those that are possible and print no more than a tenth of the piece in
/// another colour; a swap inside a layer keeps one at the printer.
Result<HandStudy> study_by_hand(const Project& project, const Plan& plan, const Progress& progress = {});

/// Every part in bands of one filament a layer: the one that has most of it in the plan. Patches lose their
/// filament.
void to_bands(Project& project, const Plan& plan);

} // namespace vitrail
