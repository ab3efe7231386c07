#include "core/support/layout.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <numbers>

namespace vitrail {

namespace {

/// What a layer's support must keep clear of: the piece and the space beside it, and the free layers above what it stands on.
std::vector<Paths> blocked_areas(const LayerTable& table, double beside_mm, int gap, const Progress& progress) {
    std::vector<Paths> blocked(static_cast<std::size_t>(table.grid.count));
    tbb::parallel_for(1, table.grid.count + 1, [&](int l) {
        if (progress.stopped())
            return;
        Paths b = offset(whole_layer(table, l), beside_mm);
        for (int k = 1; k <= gap && l - k >= 1; ++k)
            b = unite(b, whole_layer(table, l - k));
        blocked[static_cast<std::size_t>(l) - 1] = std::move(b);
    });
    return blocked;
}

/// What an overhang at `layer` is held by: the topmost support layer below it.
int top_below(int layer, const SupportRules& r) {
    return layer - 1 - r.gap_layers;
}

/// What a support layer holds directly. There it keeps clear of the piece above and below only: beside it the slope it holds
/// goes on.
Paths touching_area(const LayerTable& table, const std::vector<Overhang>& overhangs, int layer, int gap) {
    const int over = layer + 1 + gap;
    if (over > table.grid.count)
        return {};
    Paths touching = overhangs[static_cast<std::size_t>(over) - 1].area;
    for (int k = 0; k <= gap && layer - k >= 1 && !touching.empty(); ++k)
        touching = subtract(touching, whole_layer(table, layer - k));
    return touching;
}

std::vector<Paths> columns(const LayerTable& table, const std::vector<Overhang>& overhangs, const std::vector<Paths>& blocked, const SupportRules& r) {
    const int count = static_cast<int>(overhangs.size());
    std::vector<Paths> s(static_cast<std::size_t>(count));
    for (int l = count; l >= 1; --l) {
        Paths here = l < count ? subtract(s[static_cast<std::size_t>(l)], blocked[static_cast<std::size_t>(l) - 1]) : Paths{};
        s[static_cast<std::size_t>(l) - 1] = unite(here, touching_area(table, overhangs, l, r.gap_layers));
    }
    if (!r.on_piece) // only what goes down to the bed
        for (int l = 2; l <= count; ++l)
            s[static_cast<std::size_t>(l) - 1] = intersect(s[static_cast<std::size_t>(l) - 1], s[static_cast<std::size_t>(l) - 2]);
    return s;
}

Path circle(double x, double y, double r) {
    constexpr int kSides = 16;
    Path p;
    for (int i = 0; i < kSides; ++i) {
        const double a = 2 * std::numbers::pi * i / kSides;
        p.emplace_back(std::llround((x + r * std::cos(a)) * kUnitsPerMm), std::llround((y + r * std::sin(a)) * kUnitsPerMm));
    }
    return p;
}

IntPoint at(double x, double y) {
    return {std::llround(x * kUnitsPerMm), std::llround(y * kUnitsPerMm)};
}

/// A branch on its way down, and where it has been.
struct Branch {
    double x = 0, y = 0;
    int tip = 0; ///< layer of its highest tip
    bool growing = true, dropped = false;
    std::vector<std::pair<int, Path>> trail; ///< layer and cross-section
    std::vector<int> merged;                 ///< branches that ended in this one
};

/// Points to hold an area by: a grid that lies the same in every layer, and at least one.
std::vector<std::pair<double, double>> tips_of(const Paths& piece, double spacing) {
    std::vector<std::pair<double, double>> tips;
    const Box b = box_of(piece);
    const double x0 = std::floor(double(b.left) / kUnitsPerMm / spacing) * spacing, y0 = std::floor(double(b.top) / kUnitsPerMm / spacing) * spacing;
    for (double x = x0; x <= double(b.right) / kUnitsPerMm; x += spacing)
        for (double y = y0; y <= double(b.bottom) / kUnitsPerMm; y += spacing)
            if (contains(piece, at(x, y)))
                tips.emplace_back(x, y);
    if (tips.empty() && !piece.empty() && !piece[0].empty()) {
        // Too small for the grid: its middle, or where that lies outside a corner of it.
        const double x = double(b.left + b.right) / 2 / kUnitsPerMm, y = double(b.top + b.bottom) / 2 / kUnitsPerMm;
        if (contains(piece, at(x, y)))
            tips.emplace_back(x, y);
        else
            tips.emplace_back(double(piece[0][0].X) / kUnitsPerMm, double(piece[0][0].Y) / kUnitsPerMm);
    }
    return tips;
}

std::vector<Paths> tree(const LayerTable& table, const std::vector<Overhang>& overhangs, const std::vector<Paths>& blocked, const SupportRules& r, const Progress& progress) {
    const int count = static_cast<int>(overhangs.size());
    std::vector<Paths> clear(static_cast<std::size_t>(count)); // where the middle of a branch must not be
    tbb::parallel_for(0, count, [&](int i) {
        if (!progress.stopped())
            clear[static_cast<std::size_t>(i)] = offset(blocked[static_cast<std::size_t>(i)], r.branch_mm / 2);
    });
    std::vector<Branch> all;
    std::vector<int> growing;
    const double lean = std::tan(r.lean_deg * std::numbers::pi / 180);
    constexpr double kFarthest_mm = 40, kThickest_mm = 4;
    for (int l = count; l >= 1 && !progress.stopped(); --l) {
        if (const int over = l + 1 + r.gap_layers; over <= count)
            for (const Paths& piece : pieces_of(overhangs[static_cast<std::size_t>(over) - 1].area))
                for (const auto& [x, y] : tips_of(piece, r.spacing_mm)) {
                    // A tip on a branch that passes there already needs none of its own.
                    const bool carried = std::any_of(growing.begin(), growing.end(), [&](int b) { return std::hypot(all[static_cast<std::size_t>(b)].x - x, all[static_cast<std::size_t>(b)].y - y) < r.branch_mm / 2; });
                    if (carried)
                        continue;
                    all.push_back({x, y, l, true, false, {}, {}});
                    growing.push_back(static_cast<int>(all.size()) - 1);
                }
        const double step = table.grid.thickness_mm(l) * lean;
        const Paths& no = clear[static_cast<std::size_t>(l) - 1];
        for (std::size_t i = 0; i < growing.size(); ++i) {
            Branch& b = all[static_cast<std::size_t>(growing[i])];
            if (!b.growing)
                continue;
            // Towards the nearest other branch.
            int nearest = -1;
            double away = kFarthest_mm;
            for (const int o : growing)
                if (o != growing[i] && all[static_cast<std::size_t>(o)].growing)
                    if (const double d = std::hypot(all[static_cast<std::size_t>(o)].x - b.x, all[static_cast<std::size_t>(o)].y - b.y); d < away)
                        away = d, nearest = o;
            double x = b.x, y = b.y;
            if (nearest >= 0 && b.tip > l) {
                Branch& o = all[static_cast<std::size_t>(nearest)];
                if (away <= step && o.tip > l) {
                    o.merged.push_back(growing[i]);
                    o.tip = std::max(o.tip, b.tip);
                    b.growing = false;
                    continue;
                }
                x += (o.x - b.x) / away * std::min(step, away / 2);
                y += (o.y - b.y) / away * std::min(step, away / 2);
            }
            if (contains(no, at(x, y))) {
                // Around the piece: the free place nearest to where it wanted to be.
                double best = 1e300, bx = 0, by = 0;
                for (int k = 0; k <= 16; ++k) {
                    const double a = 2 * std::numbers::pi * k / 16, cx = b.x + (k < 16 ? step * std::cos(a) : 0), cy = b.y + (k < 16 ? step * std::sin(a) : 0);
                    if (const double d = std::hypot(cx - x, cy - y); d < best && !contains(no, at(cx, cy)))
                        best = d, bx = cx, by = cy;
                }
                if (best > 1e299) {
                    b.growing = false; // it stands on the piece
                    b.dropped = !r.on_piece;
                    continue;
                }
                x = bx, y = by;
            }
            b.x = x, b.y = y;
            const double thick = std::min(kThickest_mm, r.branch_mm / 2 + 0.05 * (table.grid.top_mm(b.tip) - table.grid.top_mm(l)));
            b.trail.emplace_back(l, circle(x, y, thick));
        }
        std::erase_if(growing, [&](int b) { return !all[static_cast<std::size_t>(b)].growing; });
    }
    // What ends in a dropped branch is dropped with it.
    for (std::size_t i = all.size(); i-- > 0;)
        if (all[i].dropped) {
            std::vector<int> open = all[i].merged;
            while (!open.empty()) {
                Branch& b = all[static_cast<std::size_t>(open.back())];
                open.pop_back();
                if (std::exchange(b.dropped, true))
                    continue;
                open.insert(open.end(), b.merged.begin(), b.merged.end());
            }
        }
    std::vector<Paths> s(static_cast<std::size_t>(count));
    for (const Branch& b : all)
        if (!b.dropped)
            for (const auto& [layer, ring] : b.trail)
                s[static_cast<std::size_t>(layer) - 1].push_back(ring);
    tbb::parallel_for(0, count, [&](int i) {
        Paths& here = s[static_cast<std::size_t>(i)];
        here = subtract(filled(here), blocked[static_cast<std::size_t>(i)]);
    });
    return s;
}

} // namespace

double sparse_mm3(const Paths& area, double thickness_mm, double line_width_mm, double density_pct) {
    const double all = area_mm2(area), around = std::min(all, perimeter_mm(area) * line_width_mm);
    return thickness_mm * (around + (all - around) * density_pct / 100);
}

Result<SupportLayout> lay_out_support(const LayerTable& table, const std::vector<Overhang>& overhangs, const SupportRules& r, const Progress& progress) {
    const int count = table.grid.count;
    const Error stopped{"Stopped before the support was laid out."};
    const std::vector<Paths> blocked = blocked_areas(table, r.beside_mm, r.gap_layers, progress);
    progress.at(0.4);
    std::vector<Paths> s = r.kind == SupportKind::columns ? columns(table, overhangs, blocked, r) : tree(table, overhangs, blocked, r, progress);
    if (progress.stopped())
        return stopped;
    progress.at(0.8);
    SupportLayout out;
    out.body.resize(static_cast<std::size_t>(count));
    out.interface.resize(static_cast<std::size_t>(count));
    tbb::parallel_for(1, count + 1, [&](int l) {
        const auto i = static_cast<std::size_t>(l) - 1;
        Paths faces;
        for (int k = 0; k < r.interface_layers; ++k)
            if (const int over = l + 1 + r.gap_layers + k; over <= count)
                faces = unite(faces, overhangs[static_cast<std::size_t>(over) - 1].area);
        // A tree's interface is a roof over its tips; a column's is its own top.
        faces = r.kind == SupportKind::columns ? intersect(faces, s[i])
                : r.interface_layers > 0         ? unite(subtract(faces, blocked[i]), touching_area(table, overhangs, l, r.gap_layers))
                                                 : Paths{};
        for (int k = 1; k <= r.interface_below; ++k)
            if (const int under = l - r.gap_layers - k; under >= 1)
                faces = unite(faces, intersect(s[i], whole_layer(table, under)));
        out.body[i] = subtract(s[i], faces);
        out.interface[i] = std::move(faces);
    });
    for (int l = 2; l <= count; ++l) {
        const Paths& over = overhangs[static_cast<std::size_t>(l) - 1].area;
        if (over.empty())
            continue;
        const int top = top_below(l, r);
        const Paths none;
        const Paths& body = top >= 1 ? out.body[static_cast<std::size_t>(top) - 1] : none;
        const Paths& face = top >= 1 ? out.interface[static_cast<std::size_t>(top) - 1] : none;
        for (const Paths& piece : pieces_of(over)) {
            SupportContact c;
            c.layer = l;
            const Paths on_face = intersect(piece, face);
            c.area = unite(on_face, intersect(piece, body));
            const double area = area_mm2(c.area);
            c.held = area > 1e-6;
            c.has_interface = c.held && area_mm2(on_face) >= 0.99 * area;
            if (!c.held)
                c.area = piece;
            else
                out.contact_mm2 += area;
            out.contacts.push_back(std::move(c));
        }
    }
    return out;
}

} // namespace vitrail
