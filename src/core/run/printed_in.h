// Nozzles and slots gone through with a toolpath file: which filament each of its lines is printed in.
#pragma once

#include "core/plan/plan.h"
#include "core/run/toolpath.h"

#include <span>
#include <vector>

namespace vitrail {

/// What a stop of the file is in the plan: which change, or which refill. −1: neither.
struct StopMeans {
    int change = -1, refill = -1;
};

/// [layer of the file][run] filament; −1: nothing is there, or nobody knows what.
///
/// The machine begins with what the plan puts in before the start. A T calls a place (places_by_tool) and
/// takes what lies there by then; on one nozzle that is fed by hand it names the filament, as programs have
/// it that know of no swaps. A stop that waits puts in what the plan puts in there: `means` says for each
/// stop of the file what it is. A stop that means nothing changes nothing.
std::vector<std::vector<int>> printed_in(const Project& project, const Plan& plan, const ToolpathFile& file,
                                         std::span<const StopMeans> means);

} // namespace vitrail
