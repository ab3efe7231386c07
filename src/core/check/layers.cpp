#include "core/check/checker.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace vitrail {

void Checker::heights() {
    // Common practice, no source: layers of 25 to 75 % of the nozzle's diameter.
    std::set<double> diameters;
    for (int f : used_filaments())
        diameters.insert(p.machine.nozzles[plan.loading.nozzle[f]].diameter_mm);
    for (double d : diameters) {
        const auto fits = [&](double h) { return h >= 0.25 * d - 1e-9 && h <= 0.75 * d + 1e-9; };
        if (plan.grid.count > 1 && !fits(plan.grid.height_mm))
            add("layer-height", plan.grid.height_mm > 0.8 * d ? Severity::error : Severity::note,
                "Layers of " + mm(plan.grid.height_mm) + " are outside the usual 25 to 75 % of a " + mm(d, 1) +
                    " nozzle (" + mm(0.25 * d) + " to " + mm(0.75 * d) + ").",
                "whole print");
        if (!fits(plan.grid.first_mm))
            add("first-layer", plan.grid.first_mm > 0.8 * d ? Severity::error : Severity::note,
                "A first layer of " + mm(plan.grid.first_mm) + " is outside the usual 25 to 75 % of a " + mm(d, 1) +
                    " nozzle.",
                at_layer(1), 1);
    }
}

void Checker::bands() {
    for (const Band& b : piece.bands) {
        const int part = find_part(piece, b.part);
        if (part < 0)
            continue;
        const int from = first_layer_above(grid(), b.z0_mm), to = first_layer_above(grid(), b.z1_mm) - 1;
        if (to < from) {
            add("band-empty", Severity::warning,
                "The band " + mm(b.z0_mm) + " to " + mm(b.z1_mm) + " of " + quoted(part) +
                    " lies between the middles of two layers, so no layer takes its filament.",
                "part " + b.part, std::min(from, grid().count), {part});
            continue;
        }
        const double z0 = grid().bottom_mm(from), z1 = grid().top_mm(to);
        const double top = made.table->bounds.max.z - made.table->bed_z_mm;
        const double off0 = z0 - b.z0_mm, off1 = b.z1_mm >= top - 1e-6 ? 0 : z1 - b.z1_mm;
        if (std::abs(off0) > 0.0051 || std::abs(off1) > 0.0051) {
            Finding& f = add("band-rounded", Severity::note,
                "The band " + mm(b.z0_mm) + " to " + mm(b.z1_mm) + " of " + quoted(part) + " does not fall on layers; it is printed from " +
                    mm(z0) + " to " + mm(z1) + " (layers " + std::to_string(from) + " to " + std::to_string(to) + ").",
                at_layer(from), from, {part});
            const Band meant = b;
            f.fixes.push_back({"set it to " + mm(z0) + " to " + mm(z1), {}, [whose = at, meant, z0, z1](Project& q) {
                                   for (Band& x : q.pieces[static_cast<std::size_t>(whose)].bands)
                                       if (x == meant) {
                                           x.z0_mm = z0;
                                           x.z1_mm = z1;
                                       }
                               }});
        }
    }
}


void Checker::base_shift() {
    const Settings& s = p.settings;
    if (plan.changes.empty() || std::abs(s.first_layer_mm - s.layer_mm) < 1e-9)
        return;
    // Common practice, no source: a plan for 0.16 printed at 0.24 is off by two layers of 0.04.
    const double k = (s.first_layer_mm - s.layer_mm) / s.layer_mm;
    const double whole = std::round(k);
    const bool fits = std::abs(k - whole) < 1e-6;
    add("base-shift", Severity::note,
        "The plan counts on a first layer of " + mm(s.first_layer_mm) + ". Printed with " + mm(s.layer_mm) + " like the others, every change would come " +
            (fits ? num(std::abs(whole), 0) : num(std::abs(k), 2)) + " layers too " + (k > 0 ? "early" : "late") +
            (fits ? "." : ", which is no whole number: the borders would also be off by " + mm(std::abs(k - whole) * s.layer_mm, 3) + ".") +
            " Set the same first layer in the program that makes the toolpaths.",
        at_layer(1), 1);
}

} // namespace vitrail
