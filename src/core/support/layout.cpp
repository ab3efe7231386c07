#include "core/support/layout.h"

#include "core/support/standing.h"
#include "core/support/tree.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <numbers>
#include <numeric>

namespace vitrail {

namespace {

/// `wanted` tells which contacts count.
template <class Wanted>
Tops tops_of(const std::vector<SupportContact>& contacts, std::size_t layers, Wanted wanted) {
    Tops tops(layers);
    for (const SupportContact& c : contacts)
        if (c.top >= 1 && wanted(c))
            tops[static_cast<std::size_t>(c.top) - 1].push_back(&c.area);
    return tops;
}

/// What the support of each layer holds, and that of those above whose tops are less than so many mm higher;
/// of so many layers at least.
std::vector<Rows> held_within(const Tops& tops, const LayerGrid& grid, double mm, int least_layers = 1) {
    std::vector<Rows> held(tops.size());
    tbb::parallel_for(std::size_t{0}, tops.size(), [&](std::size_t i) {
        const int layer = static_cast<int>(i) + 1;
        std::vector<const Rows*> above;
        for (int l = layer;
             l <= grid.count && (l < layer + least_layers || grid.top_mm(l) - grid.top_mm(layer) < mm - 1e-6);
             ++l) {
            const auto& here = tops[static_cast<std::size_t>(l) - 1];
            above.insert(above.end(), here.begin(), here.end());
        }
        held[i] = unite(above);
    });
    return held;
}

/// What support near what it holds takes up. [layer − 1]
std::vector<Rows> touching_areas(const std::vector<Rows>& piece, const std::vector<Rows>& held,
                                 const SupportRules& r) {
    std::vector<Rows> touching(piece.size());
    tbb::parallel_for(std::size_t{0}, piece.size(), [&](std::size_t i) {
        if (!held[i].empty())
            touching[i] = clear_of_slopes(held[i], piece, i, r);
    });
    return touching;
}

/// What has fewer than so many layers of the same above it.
std::vector<Rows> topmost(const std::vector<Rows>& all, int layers) {
    std::vector<Rows> top(all.size());
    if (layers > 0)
        tbb::parallel_for(std::size_t{0}, all.size(), [&](std::size_t i) {
            const std::size_t last = i + static_cast<std::size_t>(layers);
            Rows deep = last < all.size() ? all[i + 1] : Rows{};
            for (std::size_t k = i + 2; k <= last && !deep.empty(); ++k)
                deep = intersect(deep, all[k]);
            top[i] = deep.empty() ? all[i] : subtract(all[i], deep);
        });
    return top;
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

constexpr double kTwoLines_mm = 0.8; // what support is at least thick to stand, and bridges at most. Ours

/// What goes down from a layer's columns to the next: all that is not blocked. Where a side of the piece
/// crowds a column out, too steep to stand on, it goes on along that side, two lines thick.
Rows going_down(const Rows& above, int to, const std::vector<Rows>& piece, const Rows& blocked,
                const LayerGrid& grid, const SupportRules& r) {
    Rows down = subtract(above, blocked);
    constexpr double kLook_mm = 0.4; // two lines do not go within that
    if (std::floor(grid.top_mm(to) / kLook_mm) == std::floor(grid.top_mm(to + 1) / kLook_mm))
        return down;
    const Rows lost = intersect(above, blocked);
    constexpr double kNothing_mm2 = 0.02; // of rounding
    if (area_mm2(lost) < kNothing_mm2)
        return down;
    Rows crowded = lost;
    for (const Rows* carries : ground_below(to + 1, piece, grid, r))
        crowded = apart_from(crowded, *carries);
    if (crowded.empty())
        return down;
    // A rough look does for what is left beside it.
    const int step = 2 * static_cast<int>(kTwoLines_mm * kUnitsPerMm / above.pitch / 8) + 1;
    const Rows left = opened(coarser(down, step), kTwoLines_mm / 2),
               alone = subtract(coarser(crowded, step), grown(left, kTwoLines_mm));
    return alone.empty()
               ? down
               : unite(down, subtract(grown(intersect(crowded, finer(alone, step)), kTwoLines_mm), blocked));
}

/// Straight down from what each layer holds, past the piece.
std::vector<Rows> columns(const LayerGrid& grid, const std::vector<Rows>& piece,
                          const std::vector<Rows>& held, const std::vector<Rows>& touching,
                          const std::vector<Rows>& blocked, const SupportRules& r) {
    const std::size_t n = held.size();
    std::vector<Rows> begun(n);
    tbb::parallel_for(std::size_t{0}, n, [&](std::size_t i) { begun[i] = subtract(held[i], blocked[i]); });
    std::vector<Rows> s(n); // first what goes straight on, without what comes closer to the piece
    for (std::size_t i = n; i-- > 0;)
        s[i] = i + 1 < n ? unite(going_down(s[i + 1], static_cast<int>(i) + 1, piece, blocked[i], grid, r),
                                 begun[i])
                         : begun[i];
    tbb::parallel_for(std::size_t{0}, n,
                      [&](std::size_t i) { s[i] = unite(without_splinters(s[i]), touching[i]); });
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

double drawn_back_mm(double room_mm, double angle_deg) {
    constexpr double kSteepest_deg = 20; // what leans less is a wall
    return room_mm / std::tan(std::max(angle_deg, kSteepest_deg) * std::numbers::pi / 180);
}

double off_slope_mm(const SupportRules& r) {
    constexpr double kOff_mm = 0.2;
    return r.gap_layers > 0 ? std::min(kOff_mm, r.beside_mm) : 0;
}

Rows clear_of_slopes(const Rows& support, const std::vector<Rows>& piece, std::size_t i,
                     const SupportRules& r) {
    Rows clear = subtract(support, grown(piece[i], off_slope_mm(r)));
    for (std::size_t k = 1; k <= std::min(i, static_cast<std::size_t>(r.gap_layers)); ++k)
        clear = subtract(clear, piece[i - k]);
    return clear;
}

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

namespace {

/// Where support stands on the piece. By layer.
std::vector<SupportFoot> feet_of(const std::vector<Rows>& stand, const std::vector<Rows>& interface,
                                 const std::vector<Rows>& piece, const SupportRules& r) {
    const int count = static_cast<int>(piece.size());
    std::vector<SupportFoot> feet(piece.size());
    constexpr double kSliver_mm = 0.1; // slopes are grazed, not stood on
    tbb::parallel_for(1 + r.gap_layers, std::max(count, 1 + r.gap_layers), [&](int k) {
        const auto i = static_cast<std::size_t>(k);
        // The support of the layer below is clear of it anyway.
        Rows stands =
            opened(intersect(stand[i], piece[i - 1 - static_cast<std::size_t>(r.gap_layers)]), kSliver_mm);
        if (const double mm2 = area_mm2(stands); mm2 > 0.05) {
            const bool on_interface = area_mm2(intersect(stands, interface[i])) > 0.97 * mm2;
            feet[i] = {k + 1, std::move(stands), mm2, on_interface};
        }
    });
    std::erase_if(feet, [](const SupportFoot& f) { return !f.layer; });
    return feet;
}

/// Looks up what of every contact is on support, and on interface, and adds it to its face.
void judge_contacts(SupportLayout& out, const LayerGrid& grid, const SupportRules& r) {
    std::vector<double> on_interface(out.contacts.size(), 0);
    const double below_mm = drawn_back_mm(off_slope_mm(r), r.angle_deg);
    tbb::parallel_for(std::size_t{0}, out.contacts.size(), [&](std::size_t k) {
        SupportContact& c = out.contacts[k];
        Rows on_face, touched, rest = c.area; // below a slope, as far as support stays off it
        for (int l = c.top;
             l >= 1 && !rest.empty() &&
             grid.top_mm(c.top) - grid.bottom_mm(l) < below_mm + 2 * grid.thickness_mm(l) - 1e-6;
             --l) {
            const auto i = static_cast<std::size_t>(l) - 1;
            const Rows interface = intersect(rest, out.interface[i]), body = intersect(rest, out.body[i]);
            rest = subtract(subtract(rest, interface), body);
            touched = unite({&touched, &interface, &body});
            on_face = unite(on_face, interface);
        }
        const double area = area_mm2(touched);
        on_interface[k] = area_mm2(on_face);
        c.held = area > 1e-6;
        c.has_interface = c.held && on_interface[k] >= 0.99 * area;
        if (c.held)
            c.area = std::move(touched);
    });
    for (std::size_t k = 0; k < out.contacts.size(); ++k) {
        const SupportContact& c = out.contacts[k];
        if (!c.held)
            continue;
        ContactFace& f = out.faces[static_cast<std::size_t>(c.face)];
        const double area = area_mm2(c.area);
        f.held_mm2 += area;
        f.interface_mm2 += on_interface[k];
        out.contact_mm2 += area;
    }
}

} // namespace

Result<SupportLayout> lay_out_support(const LayerGrid& grid, const std::vector<Rows>& piece,
                                      const Hanging& hanging, const std::vector<Rows>& blocked,
                                      const SupportRules& r, const Progress& progress) {
    const std::size_t n = piece.size();
    const Error stopped{say("Stopped before the support was laid out.")};
    SupportLayout out;
    out.contacts = hanging.contacts;
    out.faces = hanging.faces;
    set_tops(out.contacts, out.faces, r);
    const auto is_small = [&](const SupportContact& c) {
        return out.faces[static_cast<std::size_t>(c.face)].small;
    };
    const double near_mm = drawn_back_mm(r.beside_mm, r.angle_deg) + grid.height_mm;
    const auto all = [](const SupportContact&) { return true; };
    const Tops tops = tops_of(out.contacts, n, all);
    const std::vector<Rows> held = held_within(tops, grid, near_mm, r.interface_layers);
    const std::vector<Rows> touching = touching_areas(piece, held, r);
    progress.at(0.4);
    if (progress.stopped())
        return stopped;
    const bool is_tree = r.kind == SupportKind::tree;
    std::vector<Rows> stand = is_tree ? tree_below(grid, piece, tops, blocked, r, progress)
                                      : columns(grid, piece, held, touching, blocked, r);
    if (progress.stopped())
        return stopped;
    progress.at(0.7);
    // Interface is the top of what touches: a tree's is a roof over its tips, a column's its own.
    std::vector<Rows> roof = topmost(touching, r.interface_layers);
    if (std::any_of(out.faces.begin(), out.faces.end(), [](const ContactFace& f) { return f.small; })) {
        const std::vector<Rows> wanted =
            held_within(tops_of(out.contacts, n, [&](const auto& c) { return !is_small(c); }), grid, near_mm,
                        r.interface_layers);
        tbb::parallel_for(std::size_t{0}, n, [&](std::size_t i) { roof[i] = intersect(roof[i], wanted[i]); });
    }
    if (is_tree)
        tbb::parallel_for(std::size_t{0}, n, [&](std::size_t i) { stand[i] = unite(stand[i], roof[i]); });
    if (!r.on_piece && !is_tree) // only what goes straight down to the bed
        for (std::size_t i = 1; i < n; ++i)
            stand[i] = intersect(stand[i], stand[i - 1]);
    stand = what_stands(stand, piece, grid, r, is_tree ? bridged_mm(r) : kTwoLines_mm);
    progress.at(0.8);
    out.body.resize(n);
    out.interface.resize(n);
    tbb::parallel_for(std::size_t{0}, n, [&](std::size_t i) {
        Rows interface = intersect(roof[i], stand[i]);
        for (int k = 1; k <= r.interface_below; ++k)
            if (const int below = static_cast<int>(i) - r.gap_layers - k; below >= 0)
                interface = unite(interface, intersect(stand[i], piece[static_cast<std::size_t>(below)]));
        out.body[i] = subtract(stand[i], interface);
        out.interface[i] = std::move(interface);
    });
    if (r.on_piece)
        out.feet = feet_of(stand, out.interface, piece, r);
    for (const SupportFoot& f : out.feet)
        out.feet_mm2 += f.mm2;
    judge_contacts(out, grid, r);
    return out;
}

} // namespace vitrail
