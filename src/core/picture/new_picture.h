// A picture that has just been chosen: which filaments, which stack.
#pragma once

#include "core/picture/make.h"

namespace vitrail {

/// The project with that picture made, its settings as pictures are printed, layers as they suit the nozzle
/// where nothing else is printed. Filaments are the project's, where it has two (a panel: three) at least;
/// else those of the shelf, else five usual ones (a panel: white and three films). A relief gets the stack
/// that comes nearest with at most four swaps, as found in a short search. Error as with_picture_made().
Result<Project> with_new_picture(Project project, Picture picture, const Raster& as_it_came,
                                 const std::vector<Filament>& shelf, const Progress& progress = {});

} // namespace vitrail
