#include "core/geometry/layers.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

LayerGrid make_grid(double first_mm, double height_mm, double piece_mm) {
    LayerGrid g{first_mm, height_mm, 1};
    // middle(n) = first + (n − 1.5)·height < piece for n > 1
    const double n = (piece_mm - first_mm) / height_mm + 1.5;
    g.count = std::max(1, static_cast<int>(std::ceil(n - 1e-6)) - 1);
    return g;
}

int first_layer_above(const LayerGrid& g, double z_mm) {
    if (z_mm < g.middle_mm(1) + 1e-9)
        return 1;
    const int n = static_cast<int>(std::ceil((z_mm - g.first_mm) / g.height_mm + 1.5 - 1e-6));
    return std::clamp(n, 2, g.count + 1);
}

double snapped_height(const LayerGrid& grid, const std::vector<double>& level_faces, double z) {
    double best = 0;
    for (int l = 1; l <= grid.count; ++l)
        if (std::abs(grid.top_mm(l) - z) < std::abs(best - z))
            best = grid.top_mm(l);
    for (const double face : level_faces)
        if (std::abs(face - z) < grid.height_mm)
            best = face;
    return best;
}

} // namespace vitrail
