#include "core/plan/plate.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace vitrail {

Plate lay_out(const Project& p, const Plan& plan) {
    const Machine& m = p.machine;
    const double gap = p.settings.spacing_mm;
    const Bounds& b = plan.table->bounds;
    const double w = double(b.max.x) - b.min.x, d = double(b.max.y) - b.min.y;
    // Columns that stand on the bed, side by side in one strip.
    std::vector<double> sides;
    for (const TowerColumn& c : plan.tower.columns)
        if (c.from_layer == 1)
            sides.push_back(c.width_mm);
    double long_side = 0, wide = 0;
    for (const double s : sides) {
        long_side += s + (long_side > 0 ? gap : 0);
        wide = std::max(wide, s);
    }
    Plate best;
    double best_score = std::numeric_limits<double>::infinity();
    const int copies = static_cast<int>(p.settings.copies);
    for (int across = 1; across <= copies; ++across) {
        const int rows = (copies + across - 1) / across;
        const double bw = across * (w + gap) - gap, bd = rows * (d + gap) - gap;
        if (across > 1 && bw > m.bed_x_mm)
            break;
        for (int side = 0; side < (sides.empty() ? 1 : 4); ++side) { // right, left, behind, in front
            const bool beside = side < 2;
            const double all_w = bw + (sides.empty() || !beside ? 0 : gap + wide), all_d = bd + (sides.empty() || beside ? 0 : gap + wide);
            const bool fits = all_w <= m.bed_x_mm && all_d <= m.bed_y_mm && (sides.empty() || long_side <= (beside ? m.bed_y_mm : m.bed_x_mm));
            const double away = sides.empty() ? 0 : (beside ? bw : bd) / 2 + gap + wide / 2;
            // What fits first, then what keeps the tower close, then what is compact.
            const double score = (fits ? 0 : 1e9) + away * 10 + std::hypot(bw, bd);
            if (score >= best_score)
                continue;
            best_score = score;
            best = {};
            best.fits = fits;
            best.tower_away_mm = away;
            // The block in the middle, moved aside as far as the tower needs it.
            const double need = gap + wide;
            double cx = m.bed_x_mm / 2, cy = m.bed_y_mm / 2;
            if (!sides.empty() && beside)
                cx += (side == 0 ? -1 : 1) * std::max(0.0, need - (m.bed_x_mm - bw) / 2);
            if (!sides.empty() && !beside)
                cy += (side == 2 ? -1 : 1) * std::max(0.0, need - (m.bed_y_mm - bd) / 2);
            for (int i = 0; i < copies; ++i)
                best.copies.push_back({cx - bw / 2 + (i % across) * (w + gap) + w / 2, cy - bd / 2 + (i / across) * (d + gap) + d / 2, w, d});
            double at = -long_side / 2;
            for (const double s : sides) {
                const double along = at + s / 2, off = (side % 2 == 0 ? 1 : -1) * ((beside ? bw : bd) / 2 + gap + s / 2);
                best.towers.push_back(beside ? Footprint{cx + off, cy + along, s, s} : Footprint{cx + along, cy + off, s, s});
                at += s + gap;
            }
        }
    }
    return best;
}

} // namespace vitrail
