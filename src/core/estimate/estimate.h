// Grams, metres, hours and money of a plan.
#pragma once

#include "core/plan/plan.h"

namespace vitrail {

/// Fills `layers`, `use` and `totals` of a plan whose demand, changes and tower are known.
///
/// A layer's printing time is its volume over what nozzle speed or hot end allow, plus travel, at least the least
/// time per layer. What a change takes: the machine's time for its kind, the purge at the hot end's flow, and for a
/// hand swap the wait for the person.
void estimate(const Project& project, Plan& plan);

/// mm³ per second of a filament in a layer: the slower of line width × layer height × speed and what melts.
double flow_mm3_s(const Project& project, const Filament& f, const LayerGrid& grid, int layer);

} // namespace vitrail
