#include "core/purge/tower.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

/// mm² that a layer of a column needs to carry the next.
double sparse_mm2(double width, const TowerShape& s) {
    const double inside = std::max(0.0, width - 4 * s.line_width_mm);
    return width * width - inside * inside * (1 - s.infill_pct / 100);
}

/// The columns there are in a layer.
template <class F>
void for_columns(const Tower& t, int layer, F each) {
    for (const TowerColumn& c : t.columns)
        if (layer >= c.from_layer && layer <= c.to_layer)
            each(c);
}

void fill_up(Tower& t, std::span<const double> purge, const LayerGrid& grid, const TowerShape& shape) {
    t.purge_mm3 = t.fill_mm3 = t.overflow_mm3 = t.width_mm = t.slenderness_ = 0;
    t.fill_by_layer_mm3.assign(static_cast<std::size_t>(t.layers), 0);
    for (const TowerColumn& c : t.columns) {
        t.width_mm = std::max(t.width_mm, c.width_mm);
        // A column on top of another is held by it: only what stands above counts.
        t.slenderness_ =
            std::max(t.slenderness_, (grid.top_mm(c.to_layer) - grid.bottom_mm(c.from_layer)) / c.width_mm);
    }
    for (int l = 1; l <= t.layers; ++l) {
        double area = 0, sparse = 0;
        for_columns(t, l, [&](const TowerColumn& c) {
            area += c.width_mm * c.width_mm;
            sparse += sparse_mm2(c.width_mm, shape);
        });
        const double h = grid.thickness_mm(l),
                     taken = std::min(purge[static_cast<std::size_t>(l) - 1], area * h);
        t.overflow_mm3 += purge[static_cast<std::size_t>(l) - 1] - taken;
        t.purge_mm3 += taken;
        t.fill_mm3 += t.fill_by_layer_mm3[static_cast<std::size_t>(l) - 1] =
            std::max(0.0, sparse * h - taken);
    }
    if (t.columns.size() == 1) // as tall as it is
        t.slenderness_ = t.height_mm / t.width_mm;
}

} // namespace

Tower build_tower(std::span<const double> purge, const LayerGrid& grid, const TowerShape& shape) {
    Tower t;
    std::vector<double> mm2(purge.size(), 0); // what each layer's purge takes up
    double busiest_mm2 = 0;
    for (std::size_t l = 0; l < purge.size(); ++l) {
        if (purge[l] <= 0)
            continue;
        t.layers = static_cast<int>(l) + 1;
        mm2[l] = purge[l] / grid.thickness_mm(t.layers);
        if (mm2[l] > busiest_mm2) {
            busiest_mm2 = mm2[l];
            t.busiest_layer = t.layers;
        }
    }
    if (!t.layers)
        return t;
    t.height_mm = grid.top_mm(t.layers);
    const auto width_for = [&](double area, double height) {
        return std::max({std::sqrt(area), height / shape.slenderness_limit, shape.least_width_mm});
    };
    t.columns = {{shape.width_mm > 0 ? shape.width_mm : width_for(busiest_mm2, t.height_mm), 1, t.layers}};
    fill_up(t, purge, grid, shape);
    if (shape.kind == TowerKind::block || shape.width_mm > 0)
        return t;
    // above[l]: the most that a layer from l + 1 on takes up.
    std::vector<double> above(static_cast<std::size_t>(t.layers) + 1, 0);
    for (int l = t.layers; l-- > 0;)
        above[static_cast<std::size_t>(l)] =
            std::max(above[static_cast<std::size_t>(l) + 1], mm2[static_cast<std::size_t>(l)]);
    // Only below a drop of what is still to come is an end worth trying.
    for (int l = 1; l < t.layers; ++l) {
        if (above[static_cast<std::size_t>(l)] >= above[static_cast<std::size_t>(l) - 1])
            continue;
        Tower other = t;
        const double top = grid.top_mm(l);
        if (shape.kind == TowerKind::stepped) {
            const double wide = width_for(busiest_mm2, t.height_mm);
            other.columns = {
                {wide, 1, l},
                {std::min(wide, width_for(above[static_cast<std::size_t>(l)], t.height_mm - top)), l + 1,
                 t.layers}};
        } else {
            const double tall = width_for(above[static_cast<std::size_t>(l)], t.height_mm);
            other.columns = {{tall, 1, t.layers},
                             {width_for(std::max(0.0, busiest_mm2 - tall * tall), top), 1, l}};
        }
        fill_up(other, purge, grid, shape);
        if (other.overflow_mm3 < 1e-6 && other.fill_mm3 < t.fill_mm3 - 1e-9)
            t = std::move(other);
    }
    return t;
}

Skirt build_skirt(std::span<const double> purge, const LayerGrid& grid, double length_mm,
                  double line_width_mm) {
    Skirt s;
    for (std::size_t l = 0; l < purge.size(); ++l)
        if (purge[l] > 0)
            s.layers = static_cast<int>(l) + 1;
    if (!s.layers)
        return s;
    s.length_mm = length_mm;
    s.height_mm = grid.top_mm(s.layers);
    s.fill_by_layer_mm3.resize(static_cast<std::size_t>(s.layers));
    for (int l = 1; l <= s.layers; ++l) {
        const auto i = static_cast<std::size_t>(l) - 1;
        const double room = length_mm * line_width_mm * grid.thickness_mm(l),
                     taken = std::min(purge[i], room);
        s.purge_mm3 += taken;
        s.overflow_mm3 += purge[i] - taken;
        s.fill_mm3 += s.fill_by_layer_mm3[i] = room - taken;
    }
    return s;
}

} // namespace vitrail
