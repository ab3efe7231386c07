#include "core/check/checker.h"

#include "core/check/landing.h"
#include "core/estimate/attendance.h"
#include "core/plan/planner.h"

#include <algorithm>

namespace vitrail {

/// Nozzles that the job cannot use.
void Checker::nozzles() {
    const Machine& m = p.machine;
    const auto fits = [&](std::size_t n) {
        return !m.nozzles[n].missing && prints_line(m.nozzles[n], p.settings.line_width_mm);
    };
    bool any = false;
    for (std::size_t n = 0; n < m.nozzles.size(); ++n)
        any |= fits(n);
    if (!any) {
        double nearest = 0;
        for (const Nozzle& n : m.nozzles)
            if (!n.missing && (nearest == 0 || std::abs(n.diameter_mm - p.settings.line_width_mm) <
                                                   std::abs(nearest - p.settings.line_width_mm)))
                nearest = n.diameter_mm;
        if (nearest == 0) {
            add("no-nozzle", Severity::error, say("Every nozzle of the machine is missing."), whole_print());
            return;
        }
        Finding& f = add("no-nozzle", Severity::error,
                         say("No nozzle of the machine prints lines of {}: the nearest is {}. Lines from {} "
                             "to 2 times the nozzle's diameter come out well.",
                             mm(p.settings.line_width_mm), mm(nearest), num(0.75, 2)),
                         whole_print());
        f.fixes.push_back({say("print lines of {}", mm(nearest)), {}, [nearest](Project& q) {
                               q.settings.line_width_mm = nearest;
                           }});
    }
    for (const Pin& pin : p.pins) {
        const int f = find_filament(p, pin.filament);
        if (f < 0 || !used(f) || fits(static_cast<std::size_t>(pin.nozzle)) || !any)
            continue;
        Finding& found =
            add("pinned-away", Severity::error,
                m.nozzles[static_cast<std::size_t>(pin.nozzle)].missing
                    ? say("{} is pinned to {}, which is missing.", pin.filament, nozzle_name(m, pin.nozzle))
                    : say("{} is pinned to {}, which does not print lines of {}.", pin.filament,
                          nozzle_name(m, pin.nozzle), mm(p.settings.line_width_mm)),
                whole_print());
        found.fixes.push_back({say("let go of the pin"), {}, [letter = pin.filament](Project& q) {
                                   vitrail::pin(q, letter, -1);
                               }});
    }
}

/// Filaments on nozzles that are meant for others.
void Checker::nozzle_kinds() {
    const Machine& m = p.machine;
    for (const int f : used_filaments()) {
        const int n = plan.loading.nozzle[static_cast<std::size_t>(f)];
        const Filament& filament = p.filaments[static_cast<std::size_t>(f)];
        if (meant_for(m.nozzles[static_cast<std::size_t>(n)], filament.material))
            continue;
        const bool soluble = facts(filament.material).soluble;
        Finding& found =
            add("nozzle-kind", Severity::error,
                soluble ? say("{} dissolves in water and sits on {}, which is for structural material. On "
                              "such a machine the two kinds of nozzle are not interchangeable.",
                              named(filament), nozzle_name(m, n))
                        : say("{} is structural and sits on {}, which is for soluble material. On such a "
                              "machine the two kinds of nozzle are not interchangeable.",
                              named(filament), nozzle_name(m, n)),
                whole_print());
        const bool elsewhere = std::any_of(m.nozzles.begin(), m.nozzles.end(), [&](const Nozzle& other) {
            return !other.missing && prints_line(other, p.settings.line_width_mm) &&
                   meant_for(other, filament.material);
        });
        if (elsewhere && std::any_of(p.pins.begin(), p.pins.end(),
                                     [&](const Pin& pin) { return pin.filament == filament.letter; }))
            found.fixes.push_back({say("let go of the pin"), {}, [letter = filament.letter](Project& q) {
                                       vitrail::pin(q, letter, -1);
                                   }});
    }
}

/// Changes that start dirty because the user purges less than the level asks for.
void Checker::dirty_starts() {
    for (const PairUse& u : plan.pairs) {
        if ((u.rule != PurgeRule::by_hand && u.rule != PurgeRule::locked) || u.mm3 + 1 >= u.clean_mm3 ||
            u.left_delta_e <= u.delta_e)
            continue;
        const Landing l = landing_of(p, plan, u);
        const Filament &from = p.filaments[static_cast<std::size_t>(u.from)],
                       &to = p.filaments[static_cast<std::size_t>(u.to)];
        Finding& f =
            add("dirty-start", Severity::warning,
                say("{} to {} purges {} mm³ by hand, and is clean at {}. It lands on {}.", named(from),
                    named(to), num(u.mm3, 0), num(u.clean_mm3, 0), describe(p, l)),
                at_layer(l.layer), l.layer, l.part >= 0 ? std::vector<int>{l.part} : std::vector<int>{});
        f.piece = l.piece;
        f.fixes.push_back(
            {say("purge until it is clean"), say("{} mm³ more each time", num(u.clean_mm3 - u.mm3, 0)),
             [a = from.letter, b = to.letter](Project& q) {
                 std::erase_if(q.pair_purges, [&](const PairPurge& x) { return x.from == a && x.to == b; });
             }});
    }
}

/// Several nozzles drip on the piece unless something catches it.
void Checker::hairs() {
    const bool tools = std::any_of(plan.changes.begin(), plan.changes.end(),
                                   [](const Change& c) { return c.kind == ChangeKind::tool; });
    if (!tools || plan.tower.layers || plan.skirt.layers || plan.ooze.layers)
        return;
    Finding& f = add("hairs", Severity::warning,
                     say("Nozzles change and nothing catches what they drip: without tower, wall or skirt, "
                         "hairs of the other colour end up on the piece."),
                     whole_print());
    f.fixes.push_back({say("an ooze wall"), say("one line around the piece"),
                       [](Project& q) { q.settings.ooze_wall = true; }});
    f.fixes.push_back({say("a purge tower"), {}, [](Project& q) { q.settings.purge_to = PurgeTo::tower; }});
}

/// Work by hand that saves hardly anything.
void Checker::hands_for_little() {
    const Totals& now = plan.totals;
    const std::vector<char> usable = usable_nozzles(p.machine, p.settings.line_width_mm);
    const bool no_other_way =
        std::count(usable.begin(), usable.end(), 1) < 2 && now.changes == plan.bound.changes;
    if (p.settings.aim != LoadingAim::waste || !now.hand_swaps || no_other_way)
        return;
    Planner planner(p, plan);
    for (const LoadingAim aim : {LoadingAim::blend, LoadingAim::handling}) {
        Project gentler = p;
        gentler.settings.aim = aim;
        const auto other = planner.plan(gentler);
        if (!other || (*other)->totals.hand_swaps >= now.hand_swaps)
            continue;
        const int fewer = now.hand_swaps - (*other)->totals.hand_swaps;
        const double more_g = waste_g((*other)->totals) - waste_g(now);
        if (more_g / fewer >= p.settings.hands_worth_g)
            continue;
        Finding& f =
            add("hands-for-little", Severity::warning,
                counted("{} swap by hand saves {} g of waste, less than the {} g a swap that it is worth to "
                        "you: that is what the least waste takes here. Another way does without it.",
                        "{} swaps by hand save {} g of waste, less than the {} g a swap that they are worth "
                        "to you: that is what the least waste takes here. Another way does without them.",
                        fewer, num(more_g), num(p.settings.hands_worth_g)),
                whole_print());
        f.fixes.push_back({aim == LoadingAim::blend ? say("blend waste and handling")
                                                    : say("put filaments on nozzles for the least handling"),
                           say("{} g more waste", num(more_g)), [aim](Project& q) { q.settings.aim = aim; }});
        return;
    }
}

/// Visits that nobody will make.
void Checker::nights() {
    if (const int night = plan.attendance.night_trips) {
        const auto first = std::find_if(plan.attendance.visits.begin(), plan.attendance.visits.end(),
                                        [](const Visit& v) { return v.at_night; });
        add("night", Severity::warning,
            counted("Somebody must get up once at night if it starts at {1} o'clock. Start it at another "
                    "hour, or see what takes fewer swaps.",
                    "Somebody must get up {0} times at night if it starts at {1} o'clock. Start it at "
                    "another hour, or see what takes fewer swaps.",
                    night, num(p.settings.start_hour, 0)),
            first != plan.attendance.visits.end() ? at_layer(first->layer) : whole_print(),
            first != plan.attendance.visits.end() ? first->layer : 0);
    }
}

/// Refills for which the printer stands still.
void Checker::refills() {
    const Totals& t = plan.totals;
    if (!t.refills)
        return;
    const Refill& first = plan.refills.front();
    if (t.pauses) {
        const auto waits =
            std::find_if(plan.refills.begin(), plan.refills.end(), [](const Refill& r) { return r.pause; });
        add("slots-short", Severity::warning,
            counted(
                "{} spool is put in during the print, and for {} of them the printer waits: the slot is not "
                "idle for a whole layer before, or the spool is not free. The first is in layer {}.",
                "{} spools are put in during the print, and for {} of them the printer waits: the slot is "
                "not idle for a whole layer before, or the spool is not free. The first is in layer {}.",
                t.refills, t.pauses, waits->latest_layer),
            at_layer(waits->latest_layer), waits->latest_layer);
    } else
        add("slots-short", Severity::warning,
            counted("{} spool is put in during the print, at any time in some stretch of layers. Put in too "
                    "late, the printer waits.",
                    "{} spools are put in during the print, each at any time in some stretch of layers. Put "
                    "in too late, the printer waits.",
                    t.refills),
            at_layer(first.latest_layer), first.latest_layer);
}

} // namespace vitrail
