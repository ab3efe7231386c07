#include "core/check/checker.h"

#include "core/purge/plate.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

bool on_bed(const Outline& outline, const Machine& m) {
    return std::all_of(outline.begin(), outline.end(), [&](const auto& q) { return q.first >= -1e-3 && q.second >= -1e-3 && q.first <= m.bed_x_mm + 1e-3 && q.second <= m.bed_y_mm + 1e-3; });
}

/// "“key tag” 3", or the name alone where there is one of it.
std::string placed_name(const Project& p, const Placed& x) {
    const Piece& piece = p.pieces[static_cast<std::size_t>(x.piece)];
    return "\u201c" + piece.name + "\u201d" + (count_of(p, piece) > 1 ? " " + std::to_string(x.nth) : std::string());
}

Fix let_go(const std::string& piece, int nth) {
    return {"arrange it again", "it is no longer pinned", [piece, nth](Project& q) { unpin(q, piece, nth); }};
}

} // namespace

void Checker::bed() {
    const Machine& m = p.machine;
    const std::string bed = num(m.bed_x_mm, 0) + " × " + num(m.bed_y_mm, 0) + " × " + num(m.height_mm, 0) + " mm";
    for (std::size_t i = 0; i < plan.pieces.size(); ++i) {
        const Bounds& b = plan.pieces[i].table->bounds;
        const double w = b.max.x - b.min.x, d = b.max.y - b.min.y, h = b.max.z - b.min.z;
        if (w <= m.bed_x_mm && d <= m.bed_y_mm && h <= m.height_mm)
            continue;
        add("off-bed", Severity::error,
            (p.pieces.size() == 1 ? std::string("The piece") : "\u201c" + p.pieces[i].name + "\u201d") + " measures " + num(w) + " × " + num(d) + " × " + num(h) + " mm and does not fit the printer's " + bed +
                ". Turn it, scale it, or choose another machine.",
            "whole print")
            .piece = static_cast<int>(i);
        return;
    }
    pinned();
    if (plan.plate.fits)
        return;
    const int asked = count_of_all(p), places = plan.plate.room_for;
    const bool one = asked == 1;
    const std::string who = (one ? std::string("The piece does") : std::to_string(asked) + (p.pieces.size() == 1 ? " copies do" : " pieces do")) + " not fit on ";
    Finding& f = add("off-bed", Severity::error,
                     who + num(m.bed_x_mm, 0) + " × " + num(m.bed_y_mm, 0) + " mm with " + mm(p.settings.spacing_mm, 1) + " between " + (one ? "it" : "them") +
                         (plan.tower.layers ? " and the tower" : "") + (one ? "." : "; " + std::to_string(places) + " do."),
                     "whole plate");
    if (places > 0 && p.pieces.size() == 1 && p.pieces.front().count == 1)
        f.fixes.push_back({"print " + std::to_string(places), {}, [places](Project& q) { q.settings.copies = places; }});
    if (!p.pinned.empty())
        f.fixes.push_back({"let go of what is pinned", "everything is arranged anew", [](Project& q) { q.pinned.clear(); }});
}

/// What the user put where it cannot stand.
void Checker::pinned() {
    const std::vector<Placed>& placed = plan.plate.placed;
    for (std::size_t i = 0; i < placed.size(); ++i) {
        if (!placed[i].pinned)
            continue;
        const std::string& name = p.pieces[static_cast<std::size_t>(placed[i].piece)].name;
        if (!on_bed(placed[i].outline, p.machine)) {
            Finding& f = add("off-bed", Severity::error, placed_name(p, placed[i]) + " is pinned where it reaches over the edge of the bed. Move it, or let it be arranged.", "plate, " + placed_name(p, placed[i]));
            f.fixes.push_back(let_go(name, placed[i].nth));
        }
        for (std::size_t k = 0; k < placed.size(); ++k) {
            if (k == i || (placed[k].pinned && k < i) || !too_close(placed[i].outline, placed[k].outline, 0))
                continue;
            Finding& f = add("pieces-collide", Severity::error, placed_name(p, placed[i]) + " is pinned where it meets " + placed_name(p, placed[k]) + ". Move one of them, or let it be arranged.", "plate, " + placed_name(p, placed[i]));
            f.fixes.push_back(let_go(name, placed[i].nth));
        }
    }
}

void Checker::tower() {
    const Tower& t = plan.tower;
    if (!t.layers)
        return;
    if (t.slenderness() > p.settings.slenderness_limit + 1e-9) {
        Finding& f = add("tower-slender", Severity::warning,
                         "The tower is " + mm(t.height_mm, 1) + " tall on " + mm(t.width_mm, 1) + ": " + num(t.slenderness()) +
                             " times its width. Beyond " + num(p.settings.slenderness_limit, 0) + " it may topple.",
                         at_layer(t.layers), t.layers);
        f.fixes.push_back({"let it be as wide as it must", {}, [](Project& q) { q.settings.tower_width_mm = 0; }});
    }
    if (t.overflow_mm3 > 0.5) {
        Finding& f = add("tower-small", Severity::error,
                         "A tower " + mm(t.width_mm, 1) + " wide has no room for " + num(t.overflow_mm3, 0) +
                             " mm³ of purge; the busiest layer is " + std::to_string(t.busiest_layer) + ".",
                         at_layer(t.busiest_layer), t.busiest_layer);
        f.fixes.push_back({"let it be as wide as it must", {}, [](Project& q) { q.settings.tower_width_mm = 0; }});
    }
}

void Checker::hands() {
    int within = 0, first_layer = 0;
    for (const Change& c : plan.changes)
        if (c.kind == ChangeKind::hand && c.within_layer) {
            ++within;
            if (!first_layer)
                first_layer = c.layer;
        }
    if (within)
        add("hand-within-layer", Severity::warning,
            std::to_string(within) + " of " + std::to_string(plan.totals.hand_swaps) +
                " hand swaps fall inside a layer: the printer must pause in mid-layer, and somebody must stay for " +
                num(plan.totals.attended_s / 60, 0) + " min in all.",
            at_layer(first_layer), first_layer);
}

} // namespace vitrail
