// A plain toolpath program of the demo's own: walls and straight lines of infill, so that there are files to
// read, to compare and to write pauses into.
#pragma once

#include "core/plan/plan.h"

#include <string>
#include <vector>

namespace vitrail::demo {

struct ToolpathWishes {
    bool tools = false; ///< a tool for each filament; else one tool prints everything, and nothing stops
    bool stops = false; ///< what the machine writes at the plan's changes, so many layers late:
    int late = 0;
    std::vector<int> leave_out; ///< indices of changes that are forgotten
    bool relative_e = true;
    bool inches = false;
    double first_layer_mm = 0; ///< another height of the first layer than the plan's; 0: the plan's
};

/// Extrudes in every layer what the plan says that layer takes, on outlines and across what they enclose.
std::string toolpath_of(const Project& project, const Plan& plan, const ToolpathWishes& wishes = {});

} // namespace vitrail::demo
