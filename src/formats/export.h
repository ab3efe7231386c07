// The piece for programs that make toolpaths: one body per filament, in a 3MF or as STL files, with a shared origin.
#pragma once

#include "core/layers/bodies.h"

#include <string>
#include <utility>
#include <vector>

namespace vitrail {

/// One object per filament, named by letter and filament, in its colour.
Result<std::string> export_3mf(const Project& project, const std::vector<FilamentBody>& bodies);

/// File names (letter and filament) and their bytes.
std::vector<std::pair<std::string, std::string>> export_stl(const Project& project, const std::vector<FilamentBody>& bodies);

} // namespace vitrail
