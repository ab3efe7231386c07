// A small picture of the piece in its filaments, for the project archive.
#pragma once

#include "core/project/project.h"

#include <string>

namespace vitrail {

/// PNG, `size` pixels square, transparent ground.
std::string thumbnail_png(const Project& project, int size = 256);

} // namespace vitrail
