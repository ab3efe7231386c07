// A picture as a relief in whole layers: how tall it is at each dot.
#pragma once

#include "core/colour/stack.h"
#include "core/picture/raster.h"

#include <cstdint>

namespace vitrail {

/// How many layers each dot has, row by row from the top left.
struct Heights {
    int width = 0, height = 0;
    std::vector<std::uint16_t> layers;

    std::uint16_t at(int x, int y) const { return layers[static_cast<std::size_t>(y) * static_cast<std::size_t>(width) + static_cast<std::size_t>(x)]; }
    bool operator==(const Heights&) const = default;
};

/// What is printed in each layer, from below, and how thick layers are.
struct ReliefLayers {
    std::vector<int> tints; ///< [layer − 1]: index into the tints
    double first_mm = 0.16, layer_mm = 0.08;

    int count() const { return static_cast<int>(tints.size()); }
    /// Height of so many layers, mm; 0 for none.
    double top_mm(int layers) const { return layers < 1 ? 0 : first_mm + (layers - 1) * layer_mm; }
};

/// What is seen where the relief is 1, 2 … layers tall: [layers − 1].
std::vector<StackLook> looks_by_height(const ReliefLayers& layers, std::span<const Tint> tints, const Lighting& lighting);
/// Their colours on the screen.
std::vector<Srgb> colours_by_height(const ReliefLayers& layers, std::span<const Tint> tints, const Lighting& lighting);

/// Points of a rising curve from lightness (0 dark … 1 light) to height (0 least … 1 most), both increasing; straight between them. Empty: a
/// straight line.
using HeightCurve = std::vector<std::pair<double, double>>;

/// Brighter is taller. The darkest and lightest half per cent of the dots are `least` and `most` layers tall, by CIE lightness along the curve.
/// 1 ≤ least ≤ most.
Heights heights_from_luminance(const Raster& picture, int least, int most, const HeightCurve& curve = {});

/// As tall as the stack that looks most like the dot, by CIEDE2000, of those from `least` layers on; of equals the lower one. `colours` as
/// colours_by_height() gives them.
Heights heights_from_nearest(const Raster& picture, const std::vector<Srgb>& colours, int least);

/// Without what is narrower than `dots` dots, tall or deep, and without dots that touch others of their height at a corner only: an opening and a
/// closing by squares (Matheron 1975; Serra 1982), level by level. No line can be printed narrower than it is.
struct Merged {
    Heights heights;
    double lost = 0; ///< share of the dots that got another height: detail that does not come out
};
Merged without_detail_below(const Heights& heights, int dots);

/// How far the relief is from the picture: CIEDE2000, mean and 95th percentile over all dots. Both of the same size.
struct PictureDifference {
    double mean = 0, p95 = 0;
};
PictureDifference difference(const Raster& picture, const Heights& heights, const std::vector<Srgb>& colours);

/// Height from luminance puts all that is equally light at one height: where a dot's colour is farther than `delta_e` from the mean of its height,
/// two colours collide there. Share of the dots, and which (1).
struct Collisions {
    double share = 0;
    std::vector<char> dots;
};
inline constexpr double kCollide = 15; ///< ΔE, plainly another colour. From memory
Collisions collisions(const Raster& picture, const Heights& heights, double delta_e = kCollide);

} // namespace vitrail
