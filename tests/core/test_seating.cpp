#include "core/estimate/attendance.h"
#include "core/run/commands.h"
#include "core/run_sheet/run_sheet.h"
#include "core/study/aims.h"

#include "support.h"

#include <bit>

using namespace vitrail;
using namespace vitrail::test;

namespace {

/// Slabs of six filaments above each other, each twice, behind a feeder with four slots.
Project six_on_four(const std::string& order = "ABCDEFAF") {
    Project p = stack(order, 4, "feeder-4");
    for (const char* x : {"E#d9c18c", "F#5c7a3e"})
        p.filaments.push_back(pla(x[0], x + 1));
    return p;
}

/// Whether the slot holds the filament whenever it is printed, and nothing else then.
void check_stays(const Project& p, const Plan& plan) {
    for (int l = 1; l <= plan.grid.count; ++l)
        for (const std::uint8_t f : plan.sequence.layer(static_cast<std::size_t>(l) - 1)) {
            int held = 0;
            for (const Stay& s : plan.stays)
                held += s.filament == f && s.from_layer <= l && l <= s.to_layer;
            QVERIFY(held >= 1);
        }
    for (const Stay& a : plan.stays) {
        QCOMPARE(a.nozzle, plan.loading.nozzle[static_cast<std::size_t>(a.filament)]);
        QVERIFY(a.slot <= p.machine.toolheads[static_cast<std::size_t>(a.toolhead)].slots);
        for (const Stay& b : plan.stays)
            if (&a != &b && a.slot > 0 && a.slot == b.slot && a.toolhead == b.toolhead)
                QVERIFY(a.to_layer <= b.from_layer ||
                        b.to_layer <= a.from_layer); // equal: exchanged inside that layer
    }
    for (const Refill& r : plan.refills) {
        QVERIFY(r.earliest_layer <= r.latest_layer);
        QVERIFY(r.layer >= r.earliest_layer && r.layer <= r.latest_layer);
        // While it may be done, nobody prints from that slot.
        for (const Stay& s : plan.stays)
            if (!r.pause && s.slot == r.slot && s.toolhead == r.toolhead)
                QVERIFY(s.to_layer < r.earliest_layer || s.from_layer > r.latest_layer);
    }
}

} // namespace

class TestSeating : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void all_fit();
    void refills_have_windows();
    void too_many_in_one_layer();
    void spool_that_comes_later();
    void refill_is_put_where_the_user_wants();
    void missing_and_other_nozzles();
    void pinned_to_the_fixed_nozzle();
    void locked_order();
    void presence_by_day_and_night();
    void trips_equal_brute_force();
    void commands_are_filled_in();
    void aims_are_what_they_say();
    void hands_for_little_are_told();
    void time_and_handling_change_the_order_too();
};

void TestSeating::all_fit() {
    const Project p = row("ABCD", 2, "feeder-4");
    const auto plan = plan_of(p);
    QVERIFY(plan->refills.empty());
    QCOMPARE(plan->stays.size(), std::size_t{4});
    check_stays(p, *plan);
    for (const Change& c : plan->changes)
        QCOMPARE(c.slot, c.to + 1); // slots in the order of letters
    QCOMPARE(plan->totals.spools_to_load, 4);
    Project loaded = p;
    loaded.in_machine = {{'A', 0}, {'B', 0}};
    QCOMPARE(plan_of(loaded)->totals.spools_to_load, 2);
}

void TestSeating::refills_have_windows() {
    const Project p = six_on_four();
    const auto plan = plan_of(p);
    check_stays(p, *plan);
    // A B C D are in at the start; E and F take the slots of what is never needed again, B and C; A stays for
    // later.
    QCOMPARE(plan->totals.refills, 2);
    QCOMPARE(plan->totals.pauses, 0);
    QCOMPARE(plan->refills[0].in, 4);
    QCOMPARE(plan->refills[0].out, 1);
    // B ends with layer 40 of 0.2 mm; E begins with layer 81.
    QCOMPARE(plan->refills[0].earliest_layer, 41);
    QCOMPARE(plan->refills[0].latest_layer, 80);
    QCOMPARE(english(when(p, plan->refills[0])), std::string("any time from layer 41 to layer 80"));
    QVERIFY(plan->refills[0].earliest_s < plan->refills[0].latest_s);
    COMPARE_NEAR(plan->totals.attended_s, 2 * p.machine.hand.attended_s, 1e-9);
    const Finding& f = finding(*plan, "slots-short");
    QVERIFY(english(f.message).find("2 spools are put in") != std::string::npos);
    // One more slot never costs a refill more.
    int before = 100;
    for (int slots = 1; slots <= 6; ++slots) {
        Project q = p;
        q.machine.toolheads[0].slots = slots;
        const int now = plan_of(q)->totals.refills;
        QVERIFY(now <= before);
        before = now;
    }
    QCOMPARE(before, 0);
}

void TestSeating::too_many_in_one_layer() {
    // Common practice, no source: five colours in a layer work on four slots, but the printer waits.
    Project p = row("ABCD", 1, "feeder-4");
    p.filaments.push_back(pla('E', "#d9c18c"));
    p.pieces[0].parts.push_back(part("fifth", solids::box(40, 0, 0, 50, 10, 1), 'E'));
    const auto plan = plan_of(p);
    check_stays(p, *plan);
    QVERIFY(plan->totals.refills >= plan->grid.count - 1);
    QCOMPARE(plan->totals.pauses, plan->totals.refills);
    QVERIFY(plan->totals.change_s > 0);
    QVERIFY(english(finding(*plan, "slots-short").message).find("the printer waits") != std::string::npos);
}

void TestSeating::spool_that_comes_later() {
    Project p = stack("ABCD", 8, "feeder-4"); // D is first needed in layer 121
    p.filaments[3].free_after_h = 0.2;
    auto plan = plan_of(p);
    QCOMPARE(plan->refills.size(), std::size_t{1});
    const Refill r = plan->refills[0];
    QCOMPARE(r.out, -1);
    QCOMPARE(r.in, 3);
    QVERIFY(!r.pause);
    QCOMPARE(r.latest_layer, 120);
    QVERIFY(r.earliest_s >= 0.2 * 3600 - 1e-6);
    QVERIFY(!starting_places(p, *plan)[3].at_start);
    // Too late: the printer waits, and longer the later it is.
    p.filaments[3].free_after_h = 20;
    plan = plan_of(p);
    QVERIFY(plan->refills[0].pause);
    QCOMPARE(plan->refills[0].latest_layer, 121);
    QVERIFY(plan->totals.total_s > 20 * 3600);
}

void TestSeating::refill_is_put_where_the_user_wants() {
    Project p = six_on_four();
    p.refill_choices = {{'E', 1, 60}, {'F', 1, 9999}};
    const auto plan = plan_of(p);
    QCOMPARE(plan->refills[0].layer, 60);
    QCOMPARE(plan->refills[1].layer, plan->refills[1].latest_layer); // not outside its window
}

void TestSeating::missing_and_other_nozzles() {
    Project p = row("ABCD", 1, "carousel");
    for (std::size_t n = 2; n < p.machine.nozzles.size(); ++n)
        p.machine.nozzles[n].missing = true;
    auto plan = plan_of(p);
    for (const int n : plan->loading.nozzle)
        QVERIFY(n < 2);
    // A nozzle too wide for the lines is left alone.
    p.machine.nozzles[1].diameter_mm = 0.8;
    plan = plan_of(p);
    for (const int n : plan->loading.nozzle)
        QCOMPARE(n, 0);
    // None suits: all that are there are used, and it is an error.
    p.settings.line_width_mm = 0.2;
    QCOMPARE(finding(*plan_of(p), "no-nozzle").severity, Severity::error);
    // Common practice, no source: lines between 0.75 and twice the nozzle (from memory).
    QVERIFY(prints_line({0.4, 0}, 0.4) && prints_line({0.4, 0}, 0.6) && !prints_line({0.4, 0}, 0.25) &&
            !prints_line({0.2, 0}, 0.5));
    p = row("AB", 1, "twin");
    p.machine.nozzles[1].missing = true;
    p.pins = {{'B', 1}};
    QCOMPARE(finding(*plan_of(p), "pinned-away").severity, Severity::error);
    QVERIFY(english(what_it_can(p.machine)).find("Holds 1 filament at once") == 0);
    p.machine.nozzles[0].missing = true;
    QVERIFY(english(what_it_can(p.machine)).find("Cannot print") == 0);
}

void TestSeating::pinned_to_the_fixed_nozzle() {
    Project p = row("ABCD", 1, "carousel");
    const auto free = plan_of(p);
    for (const char letter : {'A', 'B', 'C', 'D'}) {
        Project q = p;
        pin(q, letter, 0);
        const auto plan = plan_of(q);
        QCOMPARE(plan->loading.nozzle[static_cast<std::size_t>(letter - 'A')], 0);
        QVERIFY(plan->totals.purge_mm3 >= free->totals.purge_mm3 - 1e-9);
    }
    pin(p, 'A', 0);
    pin(p, 'A', 1); // the later one holds
    QCOMPARE(p.pins.size(), std::size_t{1});
    pin(p, 'A', -1);
    QVERIFY(p.pins.empty());
    pin(p, 'A', 6);
    set_machine(p, *find_machine("twin"));
    QVERIFY(p.pins.empty()); // there is no nozzle 7 on it
}

void TestSeating::locked_order() {
    Project p = row("ABCD", 1);
    const auto free = plan_of(p);
    QCOMPARE(free->locked_changes, 0);
    for (const char letter : {'A', 'B', 'C', 'D'}) {
        Project q = p;
        q.print_first = letter;
        const auto plan = plan_of(q);
        for (std::size_t l = 0; l < plan->sequence.layers(); ++l)
            QCOMPARE(q.filaments[plan->sequence.layer(l).front()].letter, letter);
        COMPARE_NEAR(plan->totals.purge_mm3 - free->totals.purge_mm3, plan->locked_mm3, 1e-9);
        QVERIFY(plan->locked_mm3 >= 0);
        QVERIFY(plan->locked_changes > 0); // every layer must go back to it
        COMPARE_NEAR(plan->bound.purge_mm3, plan->totals.purge_mm3, 0.5);
    }
    // On two nozzles as well: the nozzle of the locked filament comes first.
    Project two = row("ABCD", 1, "twin");
    two.print_first = "C";
    const auto plan = plan_of(two);
    for (std::size_t l = 0; l < plan->sequence.layers(); ++l)
        QCOMPARE(two.filaments[plan->sequence.layer(l).front()].letter, 'C');
}

void TestSeating::presence_by_day_and_night() {
    Project p = stack("ABCD", 8); // three swaps by hand
    p.settings.start_hour = 9;
    p.settings.night_from = 22;
    p.settings.night_to = 7;
    auto plan = plan_of(p);
    QVERIFY(plan->attendance.trips >= 1 && plan->attendance.trips <= 3);
    QCOMPARE(plan->attendance.night_trips, 0);
    QVERIFY(english(presence(p, *plan)).find("never at night") != std::string::npos);
    p.settings.start_hour = 23;
    plan = plan_of(p);
    QCOMPARE(plan->attendance.night_trips, plan->attendance.trips);
    QVERIFY(has(*plan, "night"));
    p.settings.night_to = 22; // no night at all
    QCOMPARE(plan_of(p)->attendance.night_trips, 0);
    QVERIFY(in_night({.start_hour = 23, .night_from = 22, .night_to = 7}, 0));
    QVERIFY(!in_night({.start_hour = 23, .night_from = 22, .night_to = 7}, 8 * 3600));
    // A night of 16 hours: a window from its last hour through the day into the next one can be served by
    // day.
    {
        Settings s{.start_hour = 6, .night_from = 15, .night_to = 7};
        Timeline t;
        t.refills.push_back({1, 5, 3, false, 0, 10 * 3600});
        QCOMPARE(attend(s, {}, t).night_trips, 0);
        t.refills[0].latest_s = 0.5 * 3600;
        QCOMPARE(attend(s, {}, t).night_trips, 1);
    }
    // A refill whose window reaches into the day need not be done at night.
    Project q = six_on_four();
    q.settings.copies = 30;
    q.settings.start_hour = 20;
    const auto slow = plan_of(q);
    for (const Visit& v : slow->attendance.visits)
        if (v.at_night)
            QVERIFY(in_night(q.settings, v.from_s) && in_night(q.settings, v.to_s));
}

void TestSeating::trips_equal_brute_force() {
    // Windows only: the fewest moments that meet them all, by trying every set of ends.
    std::mt19937 rng(6);
    for (int round = 0; round < 200; ++round) {
        Timeline timeline;
        const int n = 1 + static_cast<int>(rng() % 7);
        for (int i = 0; i < n; ++i) {
            RefillTime r;
            r.earliest_s = static_cast<double>(rng() % 100) * 1000;
            r.latest_s = r.earliest_s + 1 + static_cast<double>(rng() % 30) * 1000;
            timeline.refills.push_back(r);
        }
        int best = n;
        for (int set = 1; set < 1 << n; ++set) {
            bool all = true;
            for (const RefillTime& r : timeline.refills) {
                bool met = false;
                for (int i = 0; i < n; ++i)
                    met |= (set >> i & 1) &&
                           r.earliest_s <= timeline.refills[static_cast<std::size_t>(i)].latest_s &&
                           timeline.refills[static_cast<std::size_t>(i)].latest_s <= r.latest_s;
                all &= met;
            }
            if (all)
                best = std::min(best, std::popcount(static_cast<unsigned>(set)));
        }
        QCOMPARE(attend({}, {}, timeline).trips, best);
    }
}

void TestSeating::commands_are_filled_in() {
    // RS-274 (NIST IR 6556): T words select tools, M0 stops. M600 and M25 are common practice, no source.
    Project p = row("AB", 1, "twin");
    const auto plan = plan_of(p);
    const Change& c = plan->changes[0];
    QCOMPARE(command_for(p, plan->grid, c, c.slot), "T" + std::to_string(c.nozzle));
    p.machine.commands.tool = "T{nozzle} M6 ; {from}>{to} layer {layer} at {z} {other}";
    QCOMPARE(command_for(p, plan->grid, c, c.slot),
             "T" + std::to_string(c.nozzle + 1) + " M6 ; " + p.filaments[c.from].letter + ">" +
                 p.filaments[c.to].letter + " layer 1 at 0.00 {other}");
    Project hand = stack("AB", 1);
    const auto by_hand = plan_of(hand);
    QCOMPARE(command_for(hand, by_hand->grid, by_hand->changes[0], by_hand->changes[0].slot),
             std::string("M600"));
    hand.machine.commands.hand = "M0 {unclosed";
    QCOMPARE(command_for(hand, by_hand->grid, by_hand->changes[0], by_hand->changes[0].slot),
             std::string("M0 {unclosed"));
    const Project fed = six_on_four();
    const auto feeder = plan_of(fed);
    QCOMPARE(command_for(fed, feeder->grid, feeder->changes[0], feeder->changes[0].slot), std::string("T1"));
    QVERIFY(command_for(fed, feeder->grid, feeder->refills[0]).find("M0 ; put E into slot 2") == 0);
}

void TestSeating::aims_are_what_they_say() {
    const auto demo = load_project(source_file("demo/signal-flags.vitrail"));
    QVERIFY(demo);
    const Project p = *demo;
    const auto plan = plan_of(p);
    const auto choices = compare_aims(p, *plan);
    QVERIFY(choices);
    QVERIFY(choices->size() >= 4 && (*choices)[0].own);
    const Plan &waste = *(*choices)[1].plan, &time = *(*choices)[2].plan, &handling = *(*choices)[3].plan;
    for (const AimChoice& c : *choices) {
        QVERIFY(waste_g(waste.totals) <= waste_g(c.plan->totals) + 1e-6); // purge, tower and walls together
        QVERIFY(handlings(handling) <= handlings(*c.plan));
        QVERIFY(c.plan->loading.proven ? c.plan->loading.bound == c.plan->loading.cost
                                       : c.plan->loading.bound <= c.plan->loading.cost);
        QVERIFY(c.plan->bound.purge_mm3 <= c.plan->totals.purge_mm3 + 1e-9);
        QVERIFY(c.plan->findings.empty()); // compared, not checked
    }
    QVERIFY(time.totals.change_s <= waste.totals.change_s + 1 &&
            time.totals.change_s <= handling.totals.change_s + 1);
    QVERIFY(handlings(handling) < handlings(waste)); // the demo has something to argue about
    QVERIFY(waste_g(waste.totals) < waste_g(handling.totals));
    std::stop_source stop;
    stop.request_stop();
    QVERIFY(!compare_aims(p, *plan, {stop.get_token(), {}}));
}

void TestSeating::hands_for_little_are_told() {
    const auto demo = load_project(source_file("demo/signal-flags.vitrail"));
    QVERIFY(demo);
    Project p = *demo;
    // The fixed nozzle washes out a little faster: least waste now puts two filaments there, to be swapped by
    // hand.
    p.machine.calibrations = {{"fixed", 0.4, Material::PLA, 36, 58, 1, 1, 0, {}}};
    const auto plan = plan_of(p);
    QVERIFY(plan->totals.hand_swaps > 0);
    const Finding& f = finding(*plan, "hands-for-little");
    QVERIFY(!f.fixes.empty());
    f.fixes[0].apply(p);
    const auto blended = plan_of(p);
    QCOMPARE(blended->totals.hand_swaps, 0);
    QVERIFY(!has(*blended, "hands-for-little"));
    QVERIFY(blended->totals.purge_mm3 >= plan->totals.purge_mm3);
    QVERIFY(!has(*plan_of(stack("ABCD", 2)), "hands-for-little")); // there is no other way
}

void TestSeating::time_and_handling_change_the_order_too() {
    std::mt19937 rng(12);
    for (int round = 0; round < 8; ++round) {
        std::string letters;
        for (int i = 0; i < 10; ++i)
            letters += "ABCD"[rng() % 4];
        Project p = stack(letters, 1);
        for (int i = 0; i < 3; ++i)
            p.pieces[0].parts.push_back(part(
                ("side-" + std::to_string(i)).c_str(),
                solids::box(20.0 + 12 * i, 0, 0, 30.0 + 12 * i, 10, 2.0 + static_cast<double>(rng() % 6)),
                "ABCD"[rng() % 4]));
        const auto waste = plan_of(p);
        p.settings.aim = LoadingAim::handling;
        const auto hands = plan_of(p);
        p.settings.aim = LoadingAim::time;
        const auto time = plan_of(p);
        QVERIFY(hands->totals.hand_swaps <= waste->totals.hand_swaps);
        QCOMPARE(hands->totals.hand_swaps, hands->bound.changes); // one nozzle: every change is a swap
        QVERIFY(time->totals.change_s <= waste->totals.change_s + 1e-6);
        QVERIFY(waste->totals.purge_mm3 <= hands->totals.purge_mm3 + 1e-9);
    }
}

VITRAIL_TEST(TestSeating)
#include "test_seating.moc"
