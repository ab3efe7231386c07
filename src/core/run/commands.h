// What the user's toolpath program should write at a change.
#pragma once

#include "core/changes/seating.h"
#include "core/run/toolpath.h"

namespace vitrail {

/// The machine's template for that kind of change, filled in.
std::string command_for(const Project& project, const LayerGrid& grid, const Switch& change, int slot);
/// The same for a refill for which the printer waits.
std::string command_for(const Project& project, const LayerGrid& grid, const SlotRefill& refill);

/// The same for a place in a file, which a sequence of several lines may have to come back to: {x}, {y}, {e}
/// and {feed} as the file has them there, {up} 10 mm above what is printed as far as the machine is tall,
/// {purge} the purge in mm³ and {purge_mm} in mm of filament.
std::string command_for(const Project& project, const LayerGrid& grid, const Switch& change, int slot,
                        const Seam& at);
std::string command_for(const Project& project, const LayerGrid& grid, const SlotRefill& refill,
                        const Seam& at);

/// First words of what the machine writes at hand swaps and pauses: by them they are found in files.
StopWords stop_words(const Commands& commands);

} // namespace vitrail
