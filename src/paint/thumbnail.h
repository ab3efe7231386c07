// A small picture of the piece in its filaments, for the project archive.
#pragma once

#include "core/project/project.h"

#include <QImage>

#include <string>

namespace vitrail {

/// `size` pixels square, transparent ground; seen from the front right and above. Any thread.
QImage thumbnail(const Project& project, int size = 256);

/// PNG, `size` pixels square, transparent ground.
std::string thumbnail_png(const Project& project, int size = 256);

} // namespace vitrail
