// What each aim would cost: the same print with its filaments put on the nozzles otherwise.
#pragma once

#include "core/plan/plan.h"

namespace vitrail {

struct AimChoice {
    LoadingAim aim = LoadingAim::waste;
    double blend_pct = 0; ///< where aim is LoadingAim::blend
    bool own = false;     ///< as the project has it, pins and all
    std::shared_ptr<const Plan> plan;
    Message reason; ///< why the filaments sit there (loading_reason)
};

/// Why the filaments sit where they do, in words: who is alone on a nozzle and what that saves, in grams of
/// purge against the best other place for it. One sentence.
Message loading_reason(const Project& project, const Plan& plan);

/// Spools put in, refills and swaps: what a person does for that plan.
int handlings(const Plan& plan);

/// The user's own choice first, then least waste, time and handling under the same pins, then the blends
/// between waste and handling that are best for some weight and beaten in nothing by another. Long: takes
/// Progress. Error when it was stopped.
Result<std::vector<AimChoice>> compare_aims(const Project& project, const Plan& plan,
                                            const Progress& progress = {});

} // namespace vitrail
