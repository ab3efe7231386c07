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
        // A picture in layers is printed in thinner ones, down to a tenth (common practice, no source).
        const double least = p.picture && p.picture->dots ? 0.1 : 0.25;
        const auto fits = [&](double h) { return h >= least * d - 1e-9 && h <= 0.75 * d + 1e-9; };
        for (const LayerRun& run : own_heights(plan.grid))
            if (!fits(run.height_mm))
                add("layer-height", run.height_mm > 0.8 * d ? Severity::error : Severity::note,
                    say("Layers {0} to {1} are {2} high, outside the usual 25 to 75 % of a {3} nozzle ({4} "
                        "to {5}).",
                        run.from_layer, run.to_layer, mm(run.height_mm, 3), mm(d, 1), mm(0.25 * d),
                        mm(0.75 * d)),
                    at_layer(run.from_layer), run.from_layer);
        if (plan.grid.count > 1 && !fits(plan.grid.height_mm))
            add("layer-height", plan.grid.height_mm > 0.8 * d ? Severity::error : Severity::note,
                say("Layers of {} are outside the usual 25 to 75 % of a {} nozzle ({} to {}).",
                    mm(plan.grid.height_mm), mm(d, 1), mm(0.25 * d), mm(0.75 * d)),
                whole_print());
        if (!fits(plan.grid.first_mm))
            add("first-layer", plan.grid.first_mm > 0.8 * d ? Severity::error : Severity::note,
                say("A first layer of {} is outside the usual 25 to 75 % of a {} nozzle.",
                    mm(plan.grid.first_mm), mm(d, 1)),
                at_layer(1), 1);
    }
}

/// What is printed over a first job must be thicker than that.
void Checker::second_job() {
    constexpr double kThicker_mm = 0.05, kUsual_mm = 0.3; // common practice, no source: 0.3 over 0.2
    if (!plan.first_job || plan.grid.first_mm >= plan.first_job->layer_mm + kThicker_mm - 1e-9)
        return;
    Finding& f = add("second-job", Severity::error,
                     say("Lettering is printed as a job of its own, {} thick, and the piece over it with a "
                         "first layer of {}. That must be thicker, or the nozzle drags through the letters.",
                         mm(plan.first_job->layer_mm), mm(plan.grid.first_mm)),
                     at_layer(1), 1);
    f.fixes.push_back({say("a first layer of {}", mm(kUsual_mm)), {}, [](Project& q) {
                           q.settings.first_layer_mm = kUsual_mm;
                       }});
}

void Checker::bands() {
    for (const Band& b : piece.bands) {
        const int part = find_part(piece, b.part);
        if (part < 0)
            continue;
        const int from = first_layer_above(grid(), b.z0_mm), to = first_layer_above(grid(), b.z1_mm) - 1;
        if (to < from) {
            add("band-empty", Severity::warning,
                say("The band {} to {} of {} lies between the middles of two layers, so no layer takes its "
                    "filament.",
                    mm(b.z0_mm), mm(b.z1_mm), quoted(part)),
                in_part(part), std::min(from, grid().count), {part});
            continue;
        }
        const double z0 = grid().bottom_mm(from), z1 = grid().top_mm(to);
        const double top = made.table->bounds.max.z - made.table->bed_z_mm;
        const double off0 = z0 - b.z0_mm, off1 = b.z1_mm >= top - 1e-6 ? 0 : z1 - b.z1_mm;
        if (std::abs(off0) > 0.0051 || std::abs(off1) > 0.0051) {
            Finding& f = add("band-rounded", Severity::note,
                             say("The band {} to {} of {} does not fall on layers; it is printed from {} to "
                                 "{} (layers {} to {}).",
                                 mm(b.z0_mm), mm(b.z1_mm), quoted(part), mm(z0), mm(z1), from, to),
                             at_layer(from), from, {part});
            const Band meant = b;
            f.fixes.push_back(
                {say("set it to {} to {}", mm(z0), mm(z1)), {}, [whose = at, meant, z0, z1](Project& q) {
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
    const auto off = static_cast<long long>(std::abs(whole));
    const Message shift = fits ? k > 0 ? counted("every change would come {} layer too early",
                                                 "every change would come {} layers too early", off)
                                       : counted("every change would come {} layer too late",
                                                 "every change would come {} layers too late", off)
                               : say(k > 0 ? term("every change would come {} layers too early, which is no "
                                                  "whole number: the borders would also be off by {}")
                                           : term("every change would come {} layers too late, which is no "
                                                  "whole number: the borders would also be off by {}"),
                                     num(std::abs(k), 2), mm(std::abs(k - whole) * s.layer_mm, 3));
    add("base-shift", Severity::note,
        say("The plan counts on a first layer of {}. Printed with {} like the others, {}. Set the same first "
            "layer in the program that makes the toolpaths.",
            mm(s.first_layer_mm), mm(s.layer_mm), shift),
        at_layer(1), 1);
}

} // namespace vitrail
