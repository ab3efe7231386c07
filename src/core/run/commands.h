// What the user's toolpath program should write at a change.
#pragma once

#include "core/changes/seating.h"

namespace vitrail {

/// The machine's template for that kind of change, filled in.
std::string command_for(const Project& project, const LayerGrid& grid, const Switch& change, int slot);
/// The same for a refill for which the printer waits.
std::string command_for(const Project& project, const LayerGrid& grid, const SlotRefill& refill);

} // namespace vitrail
