#include "core/purge/plate.h"

#include "core/geometry/polygon.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace vitrail {

Plate lay_out(const Project& p, const LayerTable& table, const Tower& tower) {
    const Machine& m = p.machine;
    const double gap = p.settings.spacing_mm;
    const Bounds& b = table.bounds;
    const double w = double(b.max.x) - b.min.x, d = double(b.max.y) - b.min.y;
    // Columns that stand on the bed, side by side in one strip.
    std::vector<double> sides;
    for (const TowerColumn& c : tower.columns)
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
            best.across = across;
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
    const double mx = (double(b.min.x) + b.max.x) / 2, my = (double(b.min.y) + b.max.y) / 2;
    std::vector<std::pair<double, double>> seen;
    for (const Footprint& copy : best.copies)
        for (const auto& [x, y] : table.shadow)
            seen.emplace_back(copy.x_mm + x - mx, copy.y_mm + y - my);
    best.around = convex_outline(std::move(seen));
    return best;
}

int copies_that_fit(const Project& p, const LayerTable& table, const Tower& tower) {
    Project fewer = p;
    const auto fits = [&](int n) {
        fewer.settings.copies = n;
        return lay_out(fewer, table, tower).fits;
    };
    int low = 0, high = static_cast<int>(p.settings.copies) + 1; // low fit, high do not
    while (high - low > 1) {
        const int n = (low + high) / 2;
        (fits(n) ? low : high) = n;
    }
    return low;
}

Outline grown(const Outline& outline, double mm) {
    Path ring;
    for (const auto& [x, y] : outline)
        ring.emplace_back(std::llround(x * kUnitsPerMm), std::llround(y * kUnitsPerMm));
    Outline out;
    for (const Path& larger : offset({ring}, mm))
        for (const IntPoint& q : larger)
            out.emplace_back(static_cast<double>(q.X) / kUnitsPerMm, static_cast<double>(q.Y) / kUnitsPerMm);
    return out;
}

} // namespace vitrail
