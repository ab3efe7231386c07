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
    /// What of a layer neither support nor piece is below, what of that leans out too far, and of that what
    /// hangs together with nothing that stands.
    struct Over {
        Rows all, hangs, loose;
    };
    const auto judged = [&](int layer, Rows over) {
        if (area_mm2(over) < kNothing_mm2)
            return Over{};
        const Rows& here = support[static_cast<std::size_t>(layer) - 1];
        // Growing by less than lines are apart would not reach the next one.
        const double leans = std::max(grid.thickness_mm(layer) * lean, 1.01 * here.pitch / kUnitsPerMm);
        Rows base = subtract(here, over);
        if (base.spans.size() > over.spans.size()) // what is farther away does not matter
            base = intersect(base, grown(over, leans));
        Rows loose = apart_from(unite(over, base), base);
        Rows hangs = unite(loose, subtract(over, grown(base, leans)));
        return Over{std::move(over), std::move(hangs), std::move(loose)};
    };
    // First as if all the support below stood, which it nearly always does.
    std::vector<Over> over(support.size());
    tbb::parallel_for(2, grid.count + 1, [&](int layer) {
        const auto i = static_cast<std::size_t>(layer) - 1;
        if (const Rows beyond = subtract(support[i], support[i - 1]); area_mm2(beyond) >= kNothing_mm2)
            over[i] = judged(layer, off_ground(beyond, layer));
    });
    std::vector<Rows> stands = support;
    for (int layer = 2; layer <= grid.count; ++layer) {
        const auto i = static_cast<std::size_t>(layer) - 1;
        if (const Rows on_it = intersect(support[i], over[i - 1].hangs); !on_it.empty())
            over[i] = judged(layer, unite(over[i].all, off_ground(on_it, layer)));
        if (area_mm2(over[i].hangs) < kNothing_mm2)
            continue;
        // A rough look does for how far bridges reach, at a fraction of what the fine one costs.
        const auto& [all, hangs, loose] = over[i];
        const int step = 2 * static_cast<int>(bridged_mm * kUnitsPerMm / support[i].pitch / 8) + 1;
        const Rows far =
            subtract(coarser(hangs, step), grown(coarser(subtract(support[i], hangs), step), bridged_mm));
        if (const Rows falls = unite(loose, intersect(hangs, finer(far, step))); !falls.empty())
            stands[i] = subtract(support[i], falls);
    }
    return stands;
}

} // namespace vitrail
