// What was planned, for programs that make toolpaths: one body per filament, in a 3MF or as STL files, with a
// shared origin.
#pragma once

#include "core/layers/bodies.h"
#include "core/plan/plan.h"

#include <string>
#include <utility>
#include <vector>

namespace vitrail {

/// What becomes a body.
enum class ExportBy {
    filament, ///< all that a filament prints
    part, ///< each part whole and under its name, to be swapped by layers where it has bands: a relief in one
          ///< body, a panel with its white below and above
    band  ///< of a picture in layers each band; else as by filament
};

/// [piece]: its bodies, in its own coordinates. Long for painted pieces.
std::vector<std::vector<FilamentBody>> bodies_of_pieces(const Project& project, const Plan& plan,
                                                        ExportBy by = ExportBy::filament);

/// One object per filament, named by letter and filament, in its colour. A project of one piece has it once,
/// where its files have it; of several, each piece is an object of its bodies, built where the plate has it,
/// from the front left corner of the bed.
Result<std::string> export_3mf(const Project& project, const Plan& plan,
                               const std::vector<std::vector<FilamentBody>>& bodies);

/// File names (letter and filament, or the body's name) and their bytes: for each filament, or for each named
/// body, one; of several pieces the whole plate.
std::vector<std::pair<std::string, std::string>>
export_stl(const Project& project, const Plan& plan, const std::vector<std::vector<FilamentBody>>& bodies);

} // namespace vitrail
