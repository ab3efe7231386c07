#include "core/support/standing.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <numbers>

namespace vitrail {

std::vector<const Rows*> ground_below(int layer, const std::vector<Rows>& piece, const LayerGrid& grid,
                                      const SupportRules& rules) {
    const int top = layer - 1 - rules.gap_layers;
    std::vector<const Rows*> below;
    for (int l = top; l >= 1 && grid.top_mm(top) - grid.top_mm(l) <= rules.beside_mm; --l)
        below.push_back(&piece[static_cast<std::size_t>(l) - 1]);
    return below;
}

std::vector<Rows> what_stands(const std::vector<Rows>& support, const std::vector<Rows>& piece,
                              const LayerGrid& grid, const SupportRules& rules, double bridged_mm) {
    const double lean = std::tan(std::max(45.0, rules.angle_deg) * std::numbers::pi / 180);
    constexpr double kNothing_mm2 = 1e-4; // of rounding
    const auto off_ground = [&](Rows area, int layer) {
        for (const Rows* carries : ground_below(layer, piece, grid, rules))
            area = subtract(area, *carries); // one after the other: there is little of it
        return area;
    };
    /// What of a layer neither support nor piece is below, what of that leans out too far from the rest, and
    /// of that what hangs together with nothing that stands.
    struct Over {
        Rows all, hangs, loose;
        bool on_ground = false; ///< the piece may still be below some of it
    };
    // Growing by less than lines are apart would not reach the next one.
    const auto leans = [&](int layer) {
        const int pitch = support[static_cast<std::size_t>(layer) - 1].pitch;
        return std::max(grid.thickness_mm(layer) * lean, 1.01 * pitch / kUnitsPerMm);
    };
    const auto judged = [&](int layer, Rows over) {
        const Rows &here = support[static_cast<std::size_t>(layer) - 1],
                   far = far_along(over, here, leans(layer));
        if (area_mm2(far) < kNothing_mm2)
            return Over{std::move(over), {}, {}};
        const Rows rest = subtract(here, over), near = intersect(rest, grown(far, leans(layer)));
        Rows loose = apart_from(over, subtract(over, far));
        if (!loose.empty())
            loose = apart_from(unite(loose, near), near);
        Rows hangs = unite(loose, subtract(far, grown(near, leans(layer))));
        return Over{std::move(over), std::move(hangs), std::move(loose)};
    };
    // First as if all the support below stood, which it nearly always does; and a look along the lines does
    // for nearly all.
    std::vector<Over> over(support.size());
    tbb::parallel_for(2, grid.count + 1, [&](int layer) {
        const auto i = static_cast<std::size_t>(layer) - 1;
        Rows beyond = subtract(support[i], support[i - 1]);
        if (area_mm2(far_along(beyond, support[i], leans(layer))) < kNothing_mm2)
            over[i] = {std::move(beyond), {}, {}, true};
        else
            over[i] = judged(layer, off_ground(beyond, layer));
    });
    std::vector<Rows> stands = support;
    for (int layer = 2; layer <= grid.count; ++layer) {
        const auto i = static_cast<std::size_t>(layer) - 1;
        if (const Rows on_it = intersect(support[i], over[i - 1].hangs); !on_it.empty()) {
            const Rows& all = over[i].all;
            over[i] = judged(
                layer, unite(over[i].on_ground ? off_ground(all, layer) : all, off_ground(on_it, layer)));
        }
        if (area_mm2(over[i].hangs) < kNothing_mm2)
            continue;
        // A rough look does for how far bridges reach, at a fraction of what the fine one costs.
        const Rows &hangs = over[i].hangs, &loose = over[i].loose;
        const int step = 2 * static_cast<int>(bridged_mm * kUnitsPerMm / support[i].pitch / 8) + 1;
        const Rows rough = coarser(hangs, step),
                   beside = intersect(coarser(subtract(support[i], hangs), step), grown(rough, bridged_mm)),
                   far = subtract(rough, grown(beside, bridged_mm));
        if (const Rows falls = unite(loose, intersect(hangs, finer(far, step))); !falls.empty())
            stands[i] = subtract(support[i], falls);
    }
    return stands;
}

} // namespace vitrail
