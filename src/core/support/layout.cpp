#include "core/support/layout.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <numbers>
#include <numeric>

namespace vitrail {

namespace {

/// A support layer may touch what it holds: there it keeps clear of the piece above and below only, as beside
/// it the slope it holds goes on. [layer − 1]
std::vector<Rows> touching_areas(const std::vector<Rows>& piece, const std::vector<SupportContact>& contacts,
                                 const SupportRules& r) {
    // With a gap above it stays off a wall as well; a slope is farther away in the layer of the top anyway.
    constexpr double kWall_mm = 0.2;
    const auto gap = static_cast<std::size_t>(r.gap_layers);
    const double wall = gap > 0 ? std::min(kWall_mm, r.beside_mm) : 0;
    std::vector<std::vector<const Rows*>> tops(piece.size());
    for (const SupportContact& c : contacts)
        if (c.top >= 1)
            tops[static_cast<std::size_t>(c.top) - 1].push_back(&c.area);
    std::vector<Rows> touching(piece.size());
    tbb::parallel_for(std::size_t{0}, piece.size(), [&](std::size_t i) {
        if (tops[i].empty())
            return;
        touching[i] = subtract(unite(tops[i]), grown(piece[i], wall));
        for (std::size_t k = 1; k <= std::min(i, gap); ++k)
            touching[i] = subtract(touching[i], piece[i - k]);
    });
    return touching;
}

/// Without splinters, which nobody could print.
Rows without_splinters(const Rows& support) {
    constexpr double kSplinter_mm2 = 0.15; // smaller than a line is wide and long. Ours
    const RowPieces pieces = pieces_in(support);
    std::vector<char> large(pieces.mm2.size());
    std::transform(pieces.mm2.begin(), pieces.mm2.end(), large.begin(),
                   [](double mm2) { return mm2 >= kSplinter_mm2; });
    return std::find(large.begin(), large.end(), 0) == large.end() ? support : picked(support, pieces, large);
}

/// Straight down from what each layer touches, past the piece.
std::vector<Rows> columns(const std::vector<Rows>& touching, const std::vector<Rows>& blocked,
                          const SupportRules& r, double layer_mm) {
    const std::size_t n = touching.size();
    // Under a slope the piece is too near for what has just begun to go on straight down; it does as soon as
    // the piece has drawn back, within so many layers.
    constexpr double kMostNear = 10;
    const auto near = static_cast<std::size_t>(std::min(kMostNear, std::ceil(r.beside_mm / layer_mm) + 1));
    std::vector<Rows> begun(n);
    tbb::parallel_for(std::size_t{0}, n, [&](std::size_t i) {
        std::vector<const Rows*> above;
        for (std::size_t k = i + 1; k <= i + near && k < n; ++k)
            if (!touching[k].empty())
                above.push_back(&touching[k]);
        if (!above.empty())
            begun[i] = subtract(unite(above), blocked[i]);
    });
    std::vector<Rows> s(n); // first what goes straight on, without what a layer touches beside the piece
    for (std::size_t i = n; i-- > 0;)
        s[i] = without_splinters(i + 1 < n ? unite(subtract(s[i + 1], blocked[i]), begun[i]) : begun[i]);
    tbb::parallel_for(std::size_t{0}, n, [&](std::size_t i) { s[i] = unite(s[i], touching[i]); });
    return s;
}

Path circle(double x, double y, double r) {
    constexpr int kSides = 16;
    Path p;
    for (int i = 0; i < kSides; ++i) {
        const double a = 2 * std::numbers::pi * i / kSides;
        p.emplace_back(std::llround((x + r * std::cos(a)) * kUnitsPerMm),
                       std::llround((y + r * std::sin(a)) * kUnitsPerMm));
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
std::vector<std::pair<double, double>> tips_of(const Rows& piece, double spacing) {
    std::vector<std::pair<double, double>> tips;
    const Box b = box_of(piece);
    const double x0 = std::floor(double(b.left) / kUnitsPerMm / spacing) * spacing,
                 y0 = std::floor(double(b.top) / kUnitsPerMm / spacing) * spacing;
    for (double x = x0; x <= double(b.right) / kUnitsPerMm; x += spacing)
        for (double y = y0; y <= double(b.bottom) / kUnitsPerMm; y += spacing)
            if (contains(piece, at(x, y)))
                tips.emplace_back(x, y);
    if (tips.empty()) {
        // Too small for the grid: the middle of its middle line.
        const int line = piece.first + piece.lines() / 2;
        const Rows::Span span = piece.line(line).front();
        const double x = (double(span.from) + span.to) / 2;
        tips.emplace_back(x / kUnitsPerMm, ((line + 0.5) * piece.pitch - Rows::kSkew * x) / kUnitsPerMm);
    }
    return tips;
}

std::vector<Rows> tree(const LayerGrid& grid, const std::vector<SupportContact>& contacts,
                       const std::vector<Rows>& blocked, const SupportRules& r, int pitch,
                       const Progress& progress) {
    const int count = grid.count;
    std::vector<std::vector<const Rows*>> tops(static_cast<std::size_t>(count));
    for (const SupportContact& c : contacts)
        if (c.top >= 1)
            tops[static_cast<std::size_t>(c.top) - 1].push_back(&c.area);
    std::vector<Rows> clear(static_cast<std::size_t>(count)); // where the middle of a branch must not be
    constexpr int kCoarse = 5;                                // near enough for that
    tbb::parallel_for(0, count, [&](int i) {
        if (!progress.stopped())
            clear[static_cast<std::size_t>(i)] =
                grown(coarser(blocked[static_cast<std::size_t>(i)], kCoarse), r.branch_mm / 2);
    });
    std::vector<Branch> all;
    std::vector<int> growing;
    const double lean = std::tan(r.lean_deg * std::numbers::pi / 180);
    constexpr double kFarthest_mm = 40, kThickest_mm = 4;
    for (int l = count; l >= 1 && !progress.stopped(); --l) {
        for (const Rows* piece : tops[static_cast<std::size_t>(l) - 1])
            for (const auto& [x, y] : tips_of(*piece, r.spacing_mm)) {
                // A tip on a branch that passes there already needs none of its own.
                const bool carried = std::any_of(growing.begin(), growing.end(), [&, x = x, y = y](int b) {
                    return std::hypot(all[static_cast<std::size_t>(b)].x - x,
                                      all[static_cast<std::size_t>(b)].y - y) < r.branch_mm / 2;
                });
                if (carried)
                    continue;
                all.push_back({x, y, l, true, false, {}, {}});
                growing.push_back(static_cast<int>(all.size()) - 1);
            }
        const double step = grid.thickness_mm(l) * lean;
        const Rows& no = clear[static_cast<std::size_t>(l) - 1];
        for (std::size_t i = 0; i < growing.size(); ++i) {
            Branch& b = all[static_cast<std::size_t>(growing[i])];
            if (!b.growing)
                continue;
            // Towards the nearest other branch.
            int nearest = -1;
            double away = kFarthest_mm;
            for (const int o : growing)
                if (o != growing[i] && all[static_cast<std::size_t>(o)].growing)
                    if (const double d = std::hypot(all[static_cast<std::size_t>(o)].x - b.x,
                                                    all[static_cast<std::size_t>(o)].y - b.y);
                        d < away)
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
                    const double a = 2 * std::numbers::pi * k / 16,
                                 cx = b.x + (k < 16 ? step * std::cos(a) : 0),
                                 cy = b.y + (k < 16 ? step * std::sin(a) : 0);
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
            const double thick =
                std::min(kThickest_mm, r.branch_mm / 2 + 0.05 * (grid.top_mm(b.tip) - grid.top_mm(l)));
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
    std::vector<Paths> rings(static_cast<std::size_t>(count));
    for (const Branch& b : all)
        if (!b.dropped)
            for (const auto& [layer, ring] : b.trail)
                rings[static_cast<std::size_t>(layer) - 1].push_back(ring);
    std::vector<Rows> s(static_cast<std::size_t>(count));
    tbb::parallel_for(0, count, [&](int i) {
        s[static_cast<std::size_t>(i)] = subtract(rows_of(rings[static_cast<std::size_t>(i)], pitch),
                                                  blocked[static_cast<std::size_t>(i)]);
    });
    return s;
}

/// Where the support below each contact ends. With alignment as few layers as possible: the lowest top that
/// is wanted takes all that may come down to it, and so on upwards, which is the optimum (piercing intervals
/// with the fewest points; from memory).
void set_tops(std::vector<SupportContact>& contacts, std::vector<ContactFace>& faces, const SupportRules& r) {
    for (ContactFace& f : faces)
        f.small = r.least_face_mm2 > 0 && f.mm2 < r.least_face_mm2;
    int end = -1000000; // the layer in which supports end at present
    for (SupportContact& c : contacts) {
        const bool small = faces[static_cast<std::size_t>(c.face)].small;
        const int top = c.layer - 1 - (small ? std::max(1, r.gap_layers) : r.gap_layers);
        if (top - r.align_layers > end)
            end = top;
        c.top = std::min(top, std::max(end, 0));
    }
}

} // namespace

double sparse_mm3(const LayerSize& size, double thickness_mm, double line_width_mm, double density_pct) {
    const double around = std::min(size.mm2, size.around_mm * line_width_mm);
    return thickness_mm * (around + (size.mm2 - around) * density_pct / 100);
}

LayerSize size_of(const Rows& area) {
    return {area_mm2(area), perimeter_mm(area)};
}

Result<std::vector<Rows>> space_beside(const std::vector<Rows>& piece, double beside_mm,
                                       const Progress& progress) {
    std::vector<Rows> beside(piece.size());
    tbb::parallel_for(std::size_t{0}, piece.size(), [&](std::size_t i) {
        if (!progress.stopped())
            beside[i] = grown(piece[i], beside_mm);
    });
    if (progress.stopped())
        return Error{say("Stopped before the space beside the piece was known.")};
    return beside;
}

Result<std::vector<Rows>> blocked_space(const std::vector<Rows>& piece, const std::vector<Rows>& beside,
                                        int gap, const Progress& progress) {
    std::vector<Rows> blocked = beside;
    tbb::parallel_for(std::size_t{0}, piece.size(), [&](std::size_t i) {
        for (std::size_t k = 1; k <= std::min(i, static_cast<std::size_t>(gap)) && !progress.stopped(); ++k)
            blocked[i] = unite(blocked[i], piece[i - k]);
    });
    if (progress.stopped())
        return Error{say("Stopped before the space around the piece was known.")};
    return blocked;
}

Result<SupportLayout> lay_out_support(const LayerGrid& grid, const std::vector<Rows>& piece,
                                      const Hanging& hanging, const std::vector<Rows>& blocked,
                                      const SupportRules& r, const Progress& progress) {
    const int count = grid.count;
    const auto n = static_cast<std::size_t>(count);
    const Error stopped{say("Stopped before the support was laid out.")};
    std::vector<SupportContact> contacts = hanging.contacts;
    std::vector<ContactFace> faces = hanging.faces;
    set_tops(contacts, faces, r);
    const std::vector<Rows> touching = touching_areas(piece, contacts, r);
    progress.at(0.4);
    if (progress.stopped())
        return stopped;
    std::vector<Rows> stand; // body and interface together
    if (r.kind == SupportKind::columns) {
        stand = columns(touching, blocked, r, grid.height_mm);
        if (!r.on_piece) // only what goes down to the bed
            for (std::size_t i = 1; i < n; ++i)
                stand[i] = intersect(stand[i], stand[i - 1]);
    } else {
        stand = tree(grid, contacts, blocked, r, piece.front().pitch, progress);
    }
    if (progress.stopped())
        return stopped;
    progress.at(0.8);
    SupportLayout out;
    out.body.resize(n);
    out.interface.resize(n);
    // What each layer is the topmost support of, and wants interface.
    std::vector<std::vector<const Rows*>> roofs(n);
    for (const SupportContact& c : contacts)
        if (c.top >= 1 && !faces[static_cast<std::size_t>(c.face)].small)
            roofs[static_cast<std::size_t>(c.top) - 1].push_back(&c.area);
    tbb::parallel_for(std::size_t{0}, n, [&](std::size_t i) {
        std::vector<const Rows*> above;
        for (std::size_t k = i; k < n && k < i + static_cast<std::size_t>(r.interface_layers); ++k)
            above.insert(above.end(), roofs[k].begin(), roofs[k].end());
        Rows under = unite(above);
        // A tree's interface is a roof over its tips; a column's is its own top.
        if (r.kind == SupportKind::columns)
            under = intersect(under, stand[i]);
        else if (r.interface_layers > 0)
            under = unite(subtract(under, blocked[i]), intersect(touching[i], unite(roofs[i])));
        for (int k = 1; k <= r.interface_below; ++k)
            if (const int below = static_cast<int>(i) - r.gap_layers - k; below >= 0)
                under = unite(under, intersect(stand[i], piece[static_cast<std::size_t>(below)]));
        out.body[i] = subtract(stand[i], under);
        out.interface[i] = std::move(under);
    });
    if (r.on_piece) {
        std::vector<SupportFoot> feet(n);
        constexpr double kSliver_mm = 0.1; // slopes are grazed, not stood on
        tbb::parallel_for(1 + r.gap_layers, count, [&](int k) {
            const auto i = static_cast<std::size_t>(k);
            // The support of the layer below is clear of it anyway.
            Rows stands = opened(intersect(stand[i], piece[i - 1 - static_cast<std::size_t>(r.gap_layers)]),
                                 kSliver_mm);
            if (const double mm2 = area_mm2(stands); mm2 > 0.05) {
                const bool on_interface = area_mm2(intersect(stands, out.interface[i])) > 0.97 * mm2;
                feet[i] = {k + 1, std::move(stands), mm2, on_interface};
            }
        });
        for (SupportFoot& f : feet)
            if (f.layer) {
                out.feet_mm2 += f.mm2;
                out.feet.push_back(std::move(f));
            }
    }
    std::vector<double> on_interface(contacts.size(), 0);
    tbb::parallel_for(std::size_t{0}, contacts.size(), [&](std::size_t k) {
        SupportContact& c = contacts[k];
        const auto top = static_cast<std::size_t>(std::max(1, c.top)) - 1;
        const Rows on_face = c.top >= 1 ? intersect(c.area, out.interface[top]) : Rows{};
        Rows touched = c.top >= 1 ? unite(on_face, intersect(c.area, out.body[top])) : Rows{};
        const double area = area_mm2(touched);
        on_interface[k] = area_mm2(on_face);
        c.held = area > 1e-6;
        c.has_interface = c.held && on_interface[k] >= 0.99 * area;
        if (c.held)
            c.area = std::move(touched);
    });
    for (std::size_t k = 0; k < contacts.size(); ++k) {
        const SupportContact& c = contacts[k];
        if (!c.held)
            continue;
        ContactFace& f = faces[static_cast<std::size_t>(c.face)];
        const double area = area_mm2(c.area);
        f.held_mm2 += area;
        f.interface_mm2 += on_interface[k];
        out.contact_mm2 += area;
    }
    out.contacts = std::move(contacts);
    out.faces = std::move(faces);
    return out;
}

} // namespace vitrail
