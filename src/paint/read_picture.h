// Pictures from files, through Qt's readers.
#pragma once

#include "core/base/result.h"
#include "core/picture/raster.h"

#include <QByteArray>

namespace vitrail {

/// More dots than this are not read; vector pictures are drawn that wide at most.
inline constexpr qint64 kMostDots = 50'000'000;
inline constexpr int kVectorWidth = 2000;

/// PNG, JPEG, WebP, TIFF, SVG and what else Qt reads here, from its bytes: turned as the file says, its
/// colour profile to sRGB, laid on `ground` where it is transparent. Error, with what is wrong, where it is
/// no picture, broken, empty or has more than kMostDots. Safe off the window's thread.
Result<Raster> read_picture(const QByteArray& bytes, Srgb ground = {255, 255, 255});

} // namespace vitrail
