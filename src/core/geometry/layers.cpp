#include "core/geometry/layers.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

LayerGrid make_grid(double first_mm, double height_mm, double piece_mm, std::span<const LayerBand> bands,
                    int most) {
    LayerGrid g{first_mm, height_mm, 1};
    if (bands.empty()) {
        // middle(n) = first + (n − 1.5)·height < piece for n > 1
        const double n = (piece_mm - first_mm) / height_mm + 1.5;
        g.count = std::max(1, static_cast<int>(std::ceil(n - 1e-6)) - 1);
        return g;
    }
    std::vector<double> tops{first_mm};
    while (static_cast<int>(tops.size()) <= most) {
        double height = height_mm;
        for (const LayerBand& b : bands)
            if (const double middle = tops.back() + b.height_mm / 2;
                middle > b.from_mm && middle < b.to_mm + 1e-9) {
                height = b.height_mm;
                break; // where two could begin, the lower one goes on
            }
        if (tops.back() + height / 2 >= piece_mm - 1e-6 * height_mm)
            break;
        tops.push_back(tops.back() + height);
    }
    g.count = static_cast<int>(tops.size());
    g.tops = std::make_shared<const std::vector<double>>(std::move(tops));
    return g;
}

int layer_ending_at(const LayerGrid& g, double z_mm) {
    int n =
        g.tops
            ? static_cast<int>(std::lower_bound(g.tops->begin(), g.tops->end(), z_mm) - g.tops->begin()) + 1
            : static_cast<int>(std::lround(std::clamp((z_mm - g.first_mm) / g.height_mm, -1.0, 1e8))) + 1;
    if (g.tops && n > 1 && (n > g.count || z_mm - g.top_mm(n - 1) < g.top_mm(n) - z_mm))
        --n;
    return std::clamp(n, 1, g.count);
}

std::vector<LayerRun> layer_runs(const LayerGrid& g) {
    std::vector<LayerRun> out;
    for (int layer = 2; layer <= g.count; ++layer) {
        const double height = g.thickness_mm(layer);
        if (!g.tops || out.empty() || std::abs(out.back().height_mm - height) > 1e-6)
            out.push_back({layer, g.tops ? layer : g.count, height});
        else
            out.back().to_layer = layer;
        if (!g.tops)
            break;
    }
    return out;
}

std::vector<LayerRun> own_heights(const LayerGrid& g) {
    std::vector<LayerRun> out = g.tops ? layer_runs(g) : std::vector<LayerRun>();
    std::erase_if(out, [&](const LayerRun& run) { return std::abs(run.height_mm - g.height_mm) < 1e-6; });
    return out;
}

int first_layer_above(const LayerGrid& g, double z_mm) {
    if (z_mm < g.middle_mm(1) + 1e-9)
        return 1;
    if (g.tops) {
        int low = 2, high = g.count + 1; // the first whose middle is not below
        while (low < high) {
            const int n = (low + high) / 2;
            if (g.middle_mm(n) > z_mm - 1e-6 * g.height_mm)
                high = n;
            else
                low = n + 1;
        }
        return low;
    }
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
