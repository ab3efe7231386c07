// A picture as a relief in whole layers: how tall it is at each dot.
#pragma once

#include "core/colour/stack.h"
#include "core/picture/raster.h"
#include "core/project/picture.h"

namespace vitrail {

/// A base is at least so thick. Common practice, no source.
inline constexpr double kLeastBase_mm = 0.3;
/// So many layers that it is.
int least_base_layers(double first_mm, double layer_mm);

/// What is printed in each layer, from below, and how thick layers are.
struct ReliefLayers {
    std::vector<int> tints; ///< [layer − 1]: index into the tints
    double first_mm = 0.16, layer_mm = 0.08;

    int count() const { return static_cast<int>(tints.size()); }
    /// Height of so many layers, mm; 0 for none.
    double top_mm(int layers) const { return layers < 1 ? 0 : first_mm + (layers - 1) * layer_mm; }
};

/// What is seen where the relief is 1, 2 … layers tall: [layers − 1].
std::vector<StackLook> looks_by_height(const ReliefLayers& layers, std::span<const Tint> tints,
                                       const Lighting& lighting);
/// Their colours on the screen.
std::vector<Srgb> colours_by_height(const ReliefLayers& layers, std::span<const Tint> tints,
                                    const Lighting& lighting);

/// Brighter is taller. The darkest and lightest half per cent of the dots are `least` and `most` layers tall,
/// by CIE lightness along the curve. 1 ≤ least ≤ most. `there`: which dots count for that ([dot], none: all).
DotMap heights_from_luminance(const Raster& picture, int least, int most, const RisingCurve& curve = {},
                              std::span<const char> there = {});

/// As tall as the stack that looks most like the dot, by CIEDE2000, of those from `least` layers on; of
/// equals the lower one. `colours` as colours_by_height() gives them.
DotMap heights_from_nearest(const Raster& picture, const std::vector<Srgb>& colours, int least);

/// Without what is narrower than `dots` dots, tall or deep, and without dots that touch others of their
/// height at a corner only: an opening and a closing by squares (Matheron 1975; Serra 1982), level by level.
/// No line can be printed narrower than it is.
struct Merged {
    DotMap heights;
    double lost = 0; ///< share of the dots that got another height: detail that does not come out
};
Merged without_detail_below(const DotMap& heights, int dots);

/// How far the relief is from the picture: CIEDE2000, mean and 95th percentile over all dots that are
/// printed. Both of the same size; `colours`: [number − 1].
struct PictureDifference {
    double mean = 0, p95 = 0;
};
/// [dot]: CIEDE2000; 0 where nothing is printed.
std::vector<double> differences(const Raster& picture, const DotMap& dots, const std::vector<Srgb>& colours);
PictureDifference difference(const Raster& picture, const DotMap& dots, const std::vector<Srgb>& colours);

/// What an eye tells apart at that distance: one minute of arc, 0.29 mm at a metre (Snellen 1862: the stroke
/// of a letter that a sound eye reads).
double smallest_seen_mm(double distance_cm);
/// As difference(), both as seen from a distance: in squares as large as what the eye tells apart, each with
/// its mean light. 0: dot by dot.
PictureDifference difference_from(const Raster& picture, const DotMap& dots, const std::vector<Srgb>& colours,
                                  double dot_mm, double distance_cm);

/// Height from luminance puts all that is equally light at one height: where a dot's colour is farther than
/// `delta_e` from the mean of its height, two colours collide there. Share of the printed dots, and which
/// (1).
struct Collisions {
    double share = 0;
    std::vector<char> dots;
};
inline constexpr double kCollide = 15; ///< ΔE, plainly another colour. From memory
Collisions collisions(const Raster& picture, const DotMap& heights, double delta_e = kCollide);

} // namespace vitrail
