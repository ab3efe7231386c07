// Layer heights: which layer ends where.
#pragma once

#include <vector>

namespace vitrail {

/// Layers count from 1. Top of layer n: first + (n − 1)·height. Common practice, no source.
struct LayerGrid {
    double first_mm = 0.2;
    double height_mm = 0.2;
    int count = 0;

    double top_mm(int layer) const { return layer < 1 ? 0 : first_mm + (layer - 1) * height_mm; }
    double bottom_mm(int layer) const { return top_mm(layer - 1); }
    double middle_mm(int layer) const { return (top_mm(layer) + bottom_mm(layer)) / 2; }
    double thickness_mm(int layer) const { return layer == 1 ? first_mm : height_mm; }

    bool operator==(const LayerGrid&) const = default;
};

/// The grid for a piece `piece_mm` tall: a layer is printed when its middle lies inside the piece. At least one.
LayerGrid make_grid(double first_mm, double height_mm, double piece_mm);

/// The layer whose middle is the first one above z, so that a band from z up starts with it. 1 … count + 1.
int first_layer_above(const LayerGrid& g, double z_mm);

/// The nearest layer top, or a level face within a layer of `z`: that is what was meant, also where no layer ends at it.
double snapped_height(const LayerGrid& grid, const std::vector<double>& level_faces, double z);

} // namespace vitrail
