#include "core/check/checker.h"

#include "core/purge/plate.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

void Checker::bed() {
    const Bounds& b = plan.table->bounds;
    const double w = b.max.x - b.min.x, d = b.max.y - b.min.y, h = b.max.z - b.min.z;
    const Machine& m = p.machine;
    const std::string bed = num(m.bed_x_mm, 0) + " × " + num(m.bed_y_mm, 0) + " × " + num(m.height_mm, 0) + " mm";
    if (w > m.bed_x_mm || d > m.bed_y_mm || h > m.height_mm) {
        add("off-bed", Severity::error,
            "The piece measures " + num(w) + " × " + num(d) + " × " + num(h) + " mm and does not fit the printer's " + bed +
                ". Turn it, scale it, or choose another machine.",
            "whole print");
        return;
    }
    if (!plan.plate.fits) {
        const int places = copies_that_fit(p, *plan.table, plan.tower);
        const std::string who = (p.settings.copies == 1 ? std::string("The piece does") : num(p.settings.copies, 0) + " copies do") + " not fit on ";
        Finding& f = add("off-bed", Severity::error,
                         who + num(m.bed_x_mm, 0) + " × " + num(m.bed_y_mm, 0) + " mm with " + mm(p.settings.spacing_mm, 1) + " between " + (p.settings.copies == 1 ? "it" : "them") +
                             (plan.tower.layers ? " and the tower" : "") + (p.settings.copies == 1 ? "." : "; " + std::to_string(places) + " do."),
                         "whole plate");
        if (places > 0)
            f.fixes.push_back({"print " + std::to_string(places), {}, [places](Project& q) { q.settings.copies = places; }});
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
