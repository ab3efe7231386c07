// The Saltmarsh Light, an invented lighthouse: what its volunteers print for the open day.
#pragma once

#include "core/project/project.h"

#include <string>
#include <vector>

namespace vitrail::demo {

Result<Project> badge();      ///< visitor badge: two colours, ten on a plate, one swap by hand
Result<Project> lighthouse(); ///< banded model: parts and bands, four filaments behind a feeder
Result<Project> tide_dial();  ///< lettering laid face down in another colour, on two toolheads
Result<Project> painted(); ///< one grey mesh painted in four colours, among small pieces with a mistake each
Result<Project> signal_flags(); ///< five filaments on a carousel: one nozzle fixed, one of the others missing
Result<Project> marsh_map();    ///< seven colours on one nozzle, swapped by hand

Result<Project> lamp_bracket(); ///< gallery-lamp bracket: an arm and a seat over air, thin straps below it
Result<Project> open_day();     ///< a plate of three pieces: the lighthouse, two brackets, twenty key tags
Result<Project> lamp_cooler();  ///< discs too close for any tool to get between

struct Named {
    std::string file; ///< badge.vitrail, …
    Result<Project> project;
};
std::vector<Named> all();

} // namespace vitrail::demo
