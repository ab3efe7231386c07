// What the user's toolpath program should write at a change.
#pragma once

#include "core/changes/seating.h"
#include "core/run/toolpath.h"

#include <map>
#include <optional>
#include <utility>

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

/// The number behind T that a change to a place writes; −1: the machine's words name none.
int tool_number(const Machine& machine, ChangeKind kind, Place place);
/// The place that each T of a file calls, by the machine's words.
std::map<int, Place> places_by_tool(const Machine& machine);

/// Two places that the machine's words call by the same number: a file that says it would print in the wrong
/// filament. None where every place has a number of its own, or the words have no numbers at all.
std::optional<std::pair<Place, Place>> called_alike(const Machine& machine);

/// First words of what the machine writes at hand swaps and pauses: by them they are found in files.
/// g90_sets_e as the machine has it.
FileWords file_words(const Commands& commands);

} // namespace vitrail
