#include "core/check/checker.h"

#include "core/base/text.h"
#include "core/estimate/attendance.h"
#include "core/plan/planner.h"
#include "core/check/landing.h"

#include <algorithm>

namespace vitrail {

/// Nozzles that the job cannot use.
void Checker::nozzles() {
    const Machine& m = p.machine;
    const auto fits = [&](std::size_t n) { return !m.nozzles[n].missing && prints_line(m.nozzles[n], p.settings.line_width_mm); };
    bool any = false;
    for (std::size_t n = 0; n < m.nozzles.size(); ++n)
        any |= fits(n);
    if (!any) {
        double nearest = 0;
        for (const Nozzle& n : m.nozzles)
            if (!n.missing && (nearest == 0 || std::abs(n.diameter_mm - p.settings.line_width_mm) < std::abs(nearest - p.settings.line_width_mm)))
                nearest = n.diameter_mm;
        if (nearest == 0) {
            add("no-nozzle", Severity::error, "Every nozzle of the machine is missing.", "whole print");
            return;
        }
        Finding& f = add("no-nozzle", Severity::error,
                         "No nozzle of the machine prints lines of " + mm(p.settings.line_width_mm) + ": the nearest is " + mm(nearest) + ". Lines from 0.75 to 2 times the nozzle's diameter come out well.",
                         "whole print");
        f.fixes.push_back({"print lines of " + mm(nearest), {}, [nearest](Project& q) { q.settings.line_width_mm = nearest; }});
    }
    for (const Pin& pin : p.pins) {
        const int f = find_filament(p, pin.filament);
        if (f < 0 || !used(f) || fits(static_cast<std::size_t>(pin.nozzle)) || !any)
            continue;
        Finding& found = add("pinned-away", Severity::error,
                             std::string(1, pin.filament) + " is pinned to " + nozzle_name(m, pin.nozzle) +
                                 (m.nozzles[static_cast<std::size_t>(pin.nozzle)].missing ? ", which is missing." : ", which does not print lines of " + mm(p.settings.line_width_mm) + "."),
                             "whole print");
        found.fixes.push_back({"let go of the pin", {}, [letter = pin.filament](Project& q) { vitrail::pin(q, letter, -1); }});
    }
}

/// Changes that start dirty because the user purges less than the level asks for.
void Checker::dirty_starts() {
    for (const PairUse& u : plan.pairs) {
        if ((u.rule != PurgeRule::by_hand && u.rule != PurgeRule::locked) || u.mm3 + 1 >= u.clean_mm3 || u.left_delta_e <= u.delta_e)
            continue;
        const Landing l = landing_of(p, plan, u);
        const Filament &from = p.filaments[static_cast<std::size_t>(u.from)], &to = p.filaments[static_cast<std::size_t>(u.to)];
        Finding& f = add("dirty-start", Severity::warning,
                         named(from) + " to " + named(to) + " purges " + num(u.mm3, 0) + " mm³ by hand, and is clean at " + num(u.clean_mm3, 0) + ". It lands on " + describe(p, l) + ".",
                         at_layer(l.layer), l.layer, l.part >= 0 ? std::vector<int>{l.part} : std::vector<int>{});
        f.piece = l.piece;
        f.fixes.push_back({"purge until it is clean", num(u.clean_mm3 - u.mm3, 0) + " mm³ more each time", [a = from.letter, b = to.letter](Project& q) {
                               std::erase_if(q.pair_purges, [&](const PairPurge& x) { return x.from == a && x.to == b; });
                           }});
    }
}

/// Several nozzles drip on the piece unless something catches it.
void Checker::hairs() {
    const bool tools = std::any_of(plan.changes.begin(), plan.changes.end(), [](const Change& c) { return c.kind == ChangeKind::tool; });
    if (!tools || plan.tower.layers || plan.skirt.layers || plan.ooze.layers)
        return;
    Finding& f = add("hairs", Severity::warning, "Nozzles change and nothing catches what they drip: without tower, wall or skirt, hairs of the other colour end up on the piece.", "whole print");
    f.fixes.push_back({"an ooze wall", "one line around the piece", [](Project& q) { q.settings.ooze_wall = true; }});
    f.fixes.push_back({"a purge tower", {}, [](Project& q) { q.settings.purge_to = PurgeTo::tower; }});
}

/// Work by hand that saves hardly anything.
void Checker::hands_for_little() {
    const Totals& now = plan.totals;
    bool fed = false;
    for (std::size_t n = 0; n < p.machine.nozzles.size(); ++n)
        fed |= !p.machine.by_hand(static_cast<int>(n));
    if (p.settings.aim != LoadingAim::waste || !now.hand_swaps || !fed)
        return;
    Project gentler = p;
    gentler.settings.aim = LoadingAim::blend;
    Planner planner(p, plan);
    const auto other = planner.plan(gentler);
    if (!other || (*other)->totals.hand_swaps >= now.hand_swaps)
        return;
    const Totals& then = (*other)->totals;
    Finding& f = add("hands-for-little", Severity::warning,
                     counted(now.hand_swaps - then.hand_swaps, "swap", "swaps") + " by hand " + (now.hand_swaps - then.hand_swaps == 1 ? "saves " : "save ") + num(then.purge_g - now.purge_g) +
                         " g of purge: that is what putting filaments on nozzles for the least waste takes here. A blend of waste and handling does without.",
                     "whole print");
    f.fixes.push_back({"blend waste and handling", num(then.purge_g - now.purge_g) + " g more purge", [](Project& q) { q.settings.aim = LoadingAim::blend; }});
}

/// Visits that nobody will make.
void Checker::nights() {
    if (const int night = plan.attendance.night_trips) {
        const auto first = std::find_if(plan.attendance.visits.begin(), plan.attendance.visits.end(), [](const Visit& v) { return v.at_night; });
        add("night", Severity::warning,
            "Somebody must get up " + (night == 1 ? std::string("once") : std::to_string(night) + " times") + " at night if it starts at " + num(p.settings.start_hour, 0) +
                " o'clock. Start it at another hour, or see what takes fewer swaps.",
            first != plan.attendance.visits.end() ? at_layer(first->layer) : "whole print", first != plan.attendance.visits.end() ? first->layer : 0);
    }
}

/// Refills for which the printer stands still.
void Checker::refills() {
    const Totals& t = plan.totals;
    if (!t.refills)
        return;
    const Refill& first = plan.refills.front();
    const std::string spools = std::to_string(t.refills) + (t.refills == 1 ? " spool is" : " spools are") + " put in during the print";
    if (t.pauses) {
        const auto waits = std::find_if(plan.refills.begin(), plan.refills.end(), [](const Refill& r) { return r.pause; });
        add("slots-short", Severity::warning,
            spools + ", and for " + std::to_string(t.pauses) + " of them the printer waits: the slot is not idle for a whole layer before, or the spool is not free. The first is in layer " +
                std::to_string(waits->latest_layer) + ".",
            at_layer(waits->latest_layer), waits->latest_layer);
    } else
        add("slots-short", Severity::warning,
            spools + (t.refills == 1 ? "" : ", each") + ", at any time in some stretch of layers. Put in too late, the printer waits.",
            at_layer(first.latest_layer), first.latest_layer);
}

} // namespace vitrail
