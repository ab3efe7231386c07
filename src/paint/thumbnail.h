// A small picture of the piece in its filaments, for the project archive.
#pragma once

#include "core/project/project.h"

#include <QImage>

#include <string>

namespace vitrail {

/// `size` pixels square, transparent ground; seen from the front right and above. Any thread. With `shown`,
/// that part stands out in its colours, through whatever is before it, and everything else is grey.
QImage thumbnail(const Project& project, int size = 256, PartAt shown = {});

/// PNG, `size` pixels square, transparent ground.
std::string thumbnail_png(const Project& project, int size = 256, PartAt shown = {});
/// Without what is transparent around it.
QImage trimmed(const QImage& image);
/// PNG of any picture.
std::string png_of(const QImage& image);

} // namespace vitrail
