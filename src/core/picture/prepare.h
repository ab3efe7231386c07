// A picture made ready for printing: cut out, turned, toned, framed.
#pragma once

#include "core/picture/raster.h"
#include "core/project/picture.h"

namespace vitrail {

/// What a dot of the prepared picture is there for.
enum class DotRole : std::uint8_t {
    nothing, ///< nothing is printed there
    picture,
    lowest ///< ground, taken out: as low as can be
};

/// The curve at x, 0 … 1.
double along(const RisingCurve& curve, double x);

struct Prepared {
    Raster picture;
    std::vector<DotRole> roles; ///< [dot]
    bool operator==(const Prepared&) const = default;
};

/// The part of a picture from … to, in dots; at least one.
Raster cropped(const Raster& picture, int left, int top, int right, int bottom);

/// How many dots the print has, across and down: the width over the dot, and the height that the cut-out
/// picture has at that. 0 where that is less than half a dot.
std::pair<int, int> dots_of(const Picture& picture, const Raster& as_it_came);

/// In the print's own dots, as dots_of() says, which must be above 0. `text` is the line as coverage (black:
/// none, white: all), as high as it is to be.
Prepared prepared(const Picture& picture, const Raster& as_it_came, const Raster& text = {});

/// How high a line of text is, in dots; 0 where there is none.
int text_dots(const Picture& picture);

} // namespace vitrail
