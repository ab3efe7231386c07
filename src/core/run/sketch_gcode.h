// The plan as a toolpath in short: what a rehearsal has the printer do, in a minute instead of a night.
#pragma once

#include "core/plan/plan.h"

namespace vitrail {

/// One lap for each filament in each layer, as long as the plan has for it and with its filament; the
/// machine's words at every change and pause; heating before, standing still after. Stops stand between the
/// layers as in a real file, and it reads like one (read_gcode). Not a thing to print.
std::string sketch_gcode(const Project& project, const Plan& plan);

} // namespace vitrail
