// From an order of filaments to the list of changes on a machine.
#pragma once

#include "core/plan/plan.h"

namespace vitrail {

/// Fills `changes` and `first_loads` from `sequence`, `loading`, `purge_table` and `grid`.
///
/// A change to a nozzle that still holds the filament is a tool change and takes the machine's small prime. A nozzle
/// that holds another one purges, and the change is a feeder change or a hand swap, whichever that nozzle has. The
/// first filament of each nozzle is a first load: the change to it, if another nozzle printed before, is a tool
/// change.
void list_changes(const Project& project, Plan& plan);

} // namespace vitrail
