#include "core/check/checker.h"

#include "core/purge/plate.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

/// "“key tag” 3", or the name alone where there is one of it.
Message placed_name(const Project& p, const Placed& x) {
    const Piece& piece = p.pieces[static_cast<std::size_t>(x.piece)];
    return count_of(p, piece) > 1 ? say("{} {}", Name{piece.name}, x.nth) : say("{}", Name{piece.name});
}

Fix let_go(const std::string& piece, int nth) {
    return {say("arrange it again"), say("it is no longer pinned"),
            [piece, nth](Project& q) { unpin(q, piece, nth); }};
}

} // namespace

void Checker::bed() {
    const Machine& m = p.machine;

    for (std::size_t i = 0; i < plan.pieces.size(); ++i) {
        const Bounds& b = plan.pieces[i].table->bounds;
        const double w = b.max.x - b.min.x, d = b.max.y - b.min.y, h = b.max.z - b.min.z;
        if (w <= m.bed_x_mm - 2 * p.settings.margin_mm && d <= m.bed_y_mm - 2 * p.settings.margin_mm &&
            h <= m.height_mm)
            continue;
        add("off-bed", Severity::error,
            say("{} measures {} × {} × {} mm and does not fit the printer's {} × {} × {} mm. Turn it, scale "
                "it, or choose another machine.",
                p.pieces.size() == 1 ? say("The piece") : say("{}", Name{p.pieces[i].name}), num(w), num(d),
                num(h), num(m.bed_x_mm, 0), num(m.bed_y_mm, 0), num(m.height_mm, 0)),
            whole_print())
            .piece = static_cast<int>(i);
        return;
    }
    pinned();
    if (plan.plate.fits)
        return;
    const int asked = count_of_all(p), places = plan.plate.room_for;
    const bool tower_too = plan.tower.layers > 0;
    const Number x = num(m.bed_x_mm, 0), y = num(m.bed_y_mm, 0), apart = mm(p.settings.spacing_mm, 1);
    const char* many =
        p.pieces.size() == 1
            ? tower_too
                  ? term("{} copies do not fit on {} × {} mm with {} between them and the tower; {} do.")
                  : term("{} copies do not fit on {} × {} mm with {} between them; {} do.")
        : tower_too ? term("{} pieces do not fit on {} × {} mm with {} between them and the tower; {} do.")
                    : term("{} pieces do not fit on {} × {} mm with {} between them; {} do.");
    Finding& f = add(
        "off-bed", Severity::error,
        asked == 1
            ? say(tower_too ? term("The piece does not fit on {} × {} mm with {} between it and the tower.")
                            : term("The piece does not fit on {} × {} mm with {} around it."),
                  x, y, apart)
            : say(many, asked, x, y, apart, places),
        say("whole plate"));
    if (places > 0 && p.pieces.size() == 1 && p.pieces.front().count == 1)
        f.fixes.push_back(
            {say("print {}", places), {}, [places](Project& q) { q.settings.copies = places; }});
    if (!p.pinned.empty())
        f.fixes.push_back({say("let go of what is pinned"), say("everything is arranged anew"),
                           [](Project& q) { q.pinned.clear(); }});
}

/// What the user put where it cannot stand.
void Checker::pinned() {
    const std::vector<Placed>& placed = plan.plate.placed;
    for (std::size_t i = 0; i < placed.size(); ++i) {
        if (!placed[i].pinned)
            continue;
        const std::string& name = p.pieces[static_cast<std::size_t>(placed[i].piece)].name;
        const auto misplaced = [&](const char* why) {
            Finding& f = add("off-bed", Severity::error, say(why, placed_name(p, placed[i])),
                             say("plate, {}", placed_name(p, placed[i])));
            f.fixes.push_back(let_go(name, placed[i].nth));
        };
        if (!on_bed(placed[i].outline, p))
            misplaced(p.settings.margin_mm > 0 ? term("{} is pinned where it reaches into the free edge of "
                                                      "the bed. Move it, or let it be arranged.")
                                               : term("{} is pinned where it reaches over the edge of the "
                                                      "bed. Move it, or let it be arranged."));
        else if (kept_clear(placed[i].outline, p.machine))
            misplaced(term(
                "{} is pinned where the machine wants nothing to stand. Move it, or let it be arranged."));
        for (std::size_t k = 0; k < placed.size(); ++k) {
            if (k == i || (placed[k].pinned && k < i) || !overlap(placed[i].outline, placed[k].outline))
                continue;
            Finding& f = add("pieces-collide", Severity::error,
                             say("{} is pinned where it meets {}. Move one of them, or let it be arranged.",
                                 placed_name(p, placed[i]), placed_name(p, placed[k])),
                             say("plate, {}", placed_name(p, placed[i])));
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
                         say("The tower is {} tall on {}: {} times its width. Beyond {} it may topple.",
                             mm(t.height_mm, 1), mm(t.width_mm, 1), num(t.slenderness()),
                             num(p.settings.slenderness_limit, 0)),
                         at_layer(t.layers), t.layers);
        f.fixes.push_back(
            {say("let it be as wide as it must"), {}, [](Project& q) { q.settings.tower_width_mm = 0; }});
    }
    if (t.overflow_mm3 > 0.5) {
        Finding& f = add("tower-small", Severity::error,
                         say("A tower {} wide has no room for {} mm³ of purge; the busiest layer is {}.",
                             mm(t.width_mm, 1), num(t.overflow_mm3, 0), t.busiest_layer),
                         at_layer(t.busiest_layer), t.busiest_layer);
        f.fixes.push_back(
            {say("let it be as wide as it must"), {}, [](Project& q) { q.settings.tower_width_mm = 0; }});
    }
}

/// One layer that purges more than all others makes the tower wider in every layer.
void Checker::tower_peak() {
    const Tower& t = plan.tower;
    if (!t.layers || p.settings.tower_width_mm > 0)
        return;
    std::vector<double> purge(static_cast<std::size_t>(grid().count), 0);
    double purge_g = 0, mm3 = 0;
    for (const Change& c : plan.changes)
        for (const Flow& flow : c.flows)
            if (flow.where == Destination::tower) {
                purge[static_cast<std::size_t>(c.layer) - 1] += flow.mm3;
                mm3 += flow.mm3;
                purge_g += grams(p.filaments[static_cast<std::size_t>(c.to)], flow.mm3);
            }
    const auto peak = std::max_element(purge.begin(), purge.end());
    if (mm3 <= 0 || *peak <= 0)
        return;
    double next = 0;
    for (auto x = purge.begin(); x != purge.end(); ++x)
        next = x == peak ? next : std::max(next, *x);
    const double alone = *peak;
    const int layer = static_cast<int>(peak - purge.begin()) + 1;
    *peak = next;
    const Tower without =
        build_tower(purge, grid(),
                    {0, p.settings.tower_infill_pct, p.settings.line_width_mm, p.settings.slenderness_limit,
                     TowerShape{}.least_width_mm, p.settings.tower_shape});
    const double saved_g = (t.fill_mm3 - without.fill_mm3) * purge_g / mm3;
    constexpr double kLittle_g = 0.5, kShare = 0.1;
    if (saved_g < kLittle_g || saved_g < kShare * t.fill_mm3 * purge_g / mm3)
        return;
    Finding& f =
        add("tower-peak", Severity::note,
            say("Layer {} alone sets the tower: it purges {} mm³, the next busiest {}. Without it the tower "
                "would be {} wide instead of {}, and take {} g less.",
                layer, num(alone, 0), num(next, 0), mm(without.width_mm, 1), mm(t.width_mm, 1), num(saved_g)),
            at_layer(layer), layer);
    if (p.settings.purge_infill == IntoInfill::no)
        f.fixes.push_back({say("lay the peaks into the infill"),
                           say("as far as they have room and do not show"),
                           [](Project& q) { q.settings.purge_infill = IntoInfill::peaks; }});
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
            counted("{} of {} hand swaps falls inside a layer: the printer must pause in mid-layer, and "
                    "somebody must stay for {} min in all.",
                    "{} of {} hand swaps fall inside a layer: the printer must pause in mid-layer, and "
                    "somebody must stay for {} min in all.",
                    within, plan.totals.hand_swaps, num(plan.totals.attended_s / 60, 0)),
            at_layer(first_layer), first_layer);
}

} // namespace vitrail
