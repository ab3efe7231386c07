// What was planned, for programs that make toolpaths: one body per filament, in a 3MF or as STL files, with a shared origin.
#pragma once

#include "core/layers/bodies.h"
#include "core/plan/plan.h"

#include <string>
#include <utility>
#include <vector>

namespace vitrail {

/// [piece]: its bodies, in its own coordinates. Long for painted pieces.
std::vector<std::vector<FilamentBody>> bodies_of_pieces(const Project& project, const Plan& plan);

/// One object per filament, named by letter and filament, in its colour. A project of one piece has it once, where its files have it; of
/// several, each piece is an object of its bodies, built where the plate has it, from the front left corner of the bed.
Result<std::string> export_3mf(const Project& project, const Plan& plan, const std::vector<std::vector<FilamentBody>>& bodies);

/// File names (letter and filament) and their bytes: for each filament one body, of several pieces the whole plate.
std::vector<std::pair<std::string, std::string>> export_stl(const Project& project, const Plan& plan, const std::vector<std::vector<FilamentBody>>& bodies);

} // namespace vitrail
