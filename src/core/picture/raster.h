// A picture as dots.
#pragma once

#include "core/colour/colour.h"

#include <vector>

namespace vitrail {

/// Row by row from the top left. width · height dots, both above 0 unless it is empty.
struct Raster {
    int width = 0, height = 0;
    std::vector<Srgb> dots;

    Srgb at(int x, int y) const {
        return dots[static_cast<std::size_t>(y) * static_cast<std::size_t>(width) +
                    static_cast<std::size_t>(x)];
    }
    bool operator==(const Raster&) const = default;
};

/// The same picture with so many dots: each is the mean, in linear light, of what it covers, so that no light
/// is lost or made. Both above 0.
Raster scaled(const Raster& picture, int width, int height);

} // namespace vitrail
