// The project's picture from its file: read, lettered and made.
#pragma once

#include "core/base/progress.h"
#include "core/picture/make.h"

#include <QImage>

namespace vitrail {

/// The picture as it came, from its bytes.
Result<Raster> decoded(const Picture& picture);

/// Its line of text as coverage, as high as it is to be in dots; empty where there is none. Needs fonts, so a
/// QGuiApplication.
Raster drawn_text(const Picture& picture);

/// decoded(), drawn_text() and with_picture_made().
Result<Project> picture_made(Project project, const Progress& progress = {});

/// The prepared picture of a project, in its dots.
Result<Prepared> prepared_picture(const Picture& picture);

QImage to_image(const Raster& raster);

/// A name for the archive from that of a file: without folder and control characters.
std::string picture_name(const std::string& path);

} // namespace vitrail
