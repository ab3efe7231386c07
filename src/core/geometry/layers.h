// Layer heights: which layer ends where.
#pragma once

#include <memory>
#include <span>
#include <vector>

namespace vitrail {

/// Between these heights layers are that high instead of as the others.
struct LayerBand {
    double from_mm = 0, to_mm = 0, height_mm = 0;
    bool operator==(const LayerBand&) const = default;
};

/// Layers count from 1. Top of layer n: first + (n − 1)·height, unless some have heights of their own. Common
/// practice, no source.
struct LayerGrid {
    double first_mm = 0.2;
    double height_mm = 0.2; ///< of the others
    int count = 0;
    /// [layer − 1] where some have heights of their own; null: by the rule
    std::shared_ptr<const std::vector<double>> tops = {};

    double top_mm(int layer) const {
        return layer < 1        ? 0
               : !tops          ? first_mm + (layer - 1) * height_mm
               : layer <= count ? (*tops)[static_cast<std::size_t>(layer) - 1]
                                : (tops->back() + (layer - count) * height_mm);
    }
    double bottom_mm(int layer) const { return top_mm(layer - 1); }
    double middle_mm(int layer) const { return (top_mm(layer) + bottom_mm(layer)) / 2; }
    double thickness_mm(int layer) const {
        return layer == 1 ? first_mm : !tops ? height_mm : top_mm(layer) - bottom_mm(layer);
    }

    bool operator==(const LayerGrid& other) const {
        return first_mm == other.first_mm && height_mm == other.height_mm && count == other.count &&
               (tops == other.tops || (tops && other.tops && *tops == *other.tops));
    }
};

/// The grid for a piece `piece_mm` tall: a layer is printed when its middle lies inside the piece. At least
/// one. With bands a layer, but for the first, is as high as the band that its middle would lie in says; no
/// more than `most` layers are counted.
LayerGrid make_grid(double first_mm, double height_mm, double piece_mm, std::span<const LayerBand> bands = {},
                    int most = 1000000);
/// The layer whose top is nearest to z; 1 … count.
int layer_ending_at(const LayerGrid& g, double z_mm);
/// Layers of one height in a row, but for the first.
struct LayerRun {
    int from_layer = 0, to_layer = 0;
    double height_mm = 0;
};
std::vector<LayerRun> layer_runs(const LayerGrid& g);
/// Those that are not as high as the others.
std::vector<LayerRun> own_heights(const LayerGrid& g);

/// The layer whose middle is the first one above z, so that a band from z up starts with it. 1 … count + 1.
int first_layer_above(const LayerGrid& g, double z_mm);

/// The nearest layer top, or a level face within a layer of `z`: that is what was meant, also where no layer
/// ends at it.
double snapped_height(const LayerGrid& grid, const std::vector<double>& level_faces, double z);

} // namespace vitrail
