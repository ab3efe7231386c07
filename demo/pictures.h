// Pictures of the Saltmarsh Light, drawn by formula, and what is made of them.
#pragma once

#include "core/project/project.h"

#include <string>

namespace vitrail::demo {

std::string dusk_svg();        ///< dusk over the marsh: sky, sun, tower, water and reeds
std::string rose_window_svg(); ///< the rose window of the keeper's chapel: panes between leads

/// The dusk picture in layers: five filaments on four slots, the stack that comes nearest.
Result<Project> dusk_relief();
/// The rose window to be lit from behind: white and three films.
Result<Project> rose_panel();

} // namespace vitrail::demo
