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

} // namespace vitrail
