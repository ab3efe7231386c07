// The simulated printer, what speaks to it, and a night rehearsed.
#include "support.h"

#include "core/plan/planner.h"
#include "core/run/commands.h"
#include "core/run/read_gcode.h"
#include "core/run/rehearsal.h"
#include "core/run/sketch_gcode.h"
#include "core/run/watch.h"
#include "devices/rehearse.h"
#include "devices/sim_scale.h"
#include "devices/sim_tags.h"

using namespace vitrail;
using namespace vitrail::test;

class TestRehearsal : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void lines_have_checksums();
    void printer_keeps_time();
    void printer_heats_and_protects_itself();
    void nothing_is_lost_or_printed_twice();
    void a_reset_is_noticed();
    void an_unseen_reset_is_not_obeyed();
    void a_host_that_comes_back_goes_on();
    void sketch_reads_as_the_plan();
    void rehearsed_as_planned();
    void nobody_at_night();
    void a_missed_window_prints_the_wrong_filament();
    void a_trainee_is_scored();
    void moods();
    void a_real_run_is_followed();
    void nonsense_is_survived();
    void scale();
    void tags();
};

namespace {

std::shared_ptr<const Plan> planned(const Project& p) {
    Planner planner;
    return *planner.plan(p);
}

struct Rehearsed {
    Project p;
    std::shared_ptr<const Plan> plan;
    std::string text;
    RehearsalScript script;
    SimPrinter printer;
    Rehearsal rehearsal;

    Rehearsed(Project project, Person person = {}, Moods m = {}, unsigned seed = 1)
        : p(std::move(project)), plan(planned(p)), text(sketch_gcode(p, *plan)), script(made()),
          printer(p.machine, file_words(p.machine.commands), m, seed),
          rehearsal(script, std::move(person), seed, lines_of(text)) {}
    RehearsalScript made() const {
        const ToolpathFile file = read_gcode(text, p.machine.motion, file_words(p.machine.commands));
        return rehearsal_script(p, *plan, file, against_plan(p, *plan, file));
    }
    RehearsalOutcome run() {
        rehearse(rehearsal, printer);
        return rehearsal.outcome();
    }
};

std::string all_of(SimPrinter& printer, double seconds) {
    return printer.pass(seconds);
}

} // namespace

void TestRehearsal::lines_have_checksums() {
    // Worked by hand: 'N'^'1'^' '^'M'^'1'^'0'^'5' = 0x4E^0x31^0x20^0x4D^0x31^0x30^0x35 = 0x26.
    QCOMPARE(numbered_line(1, "M105"), std::string("N1 M105*38\n"));
    QCOMPARE(command_of("  G1 X1 (over there) Y2 ; and back\r\n"), std::string("G1 X1  Y2"));
    QCOMPARE(heat_of("ok T:201.5 /215.0 B:58.0 /60.0")->nozzle_target_c, 215.0);
    QVERIFY(!heat_of("echo:busy: processing"));
    QCOMPARE(*number_behind("X:1.00 Y:2.00 Z:3.20", "Z:"), 3.2);
}

/// Moves far apart in speed from standing to standing take what the closed form says: v/a + s/v.
void TestRehearsal::printer_keeps_time() {
    Machine m = *find_machine("hand-swap");
    m.motion.corner = 0;
    m.motion.acceleration = 1000;
    SimPrinter printer(m, {}, {}, 1);
    all_of(printer, 1);
    printer.take("G1 X100 F6000\nM400\n"); // 100 mm at 100 mm/s: 0.1 + 1 s
    std::string said;
    double passed = 0;
    while (said.find("ok") == std::string::npos || printer.next_s() > 0) {
        const double next = printer.next_s();
        passed += next;
        said += printer.pass(next);
    }
    QVERIFY2(std::abs(passed - 1.1) < 1e-6, qPrintable(QString::number(passed)));
    QCOMPARE(printer.next_s(), -1.0); // its clock stands
    const double now = printer.now_s();
    printer.pass(1000);
    QCOMPARE(printer.now_s(), now);
}

void TestRehearsal::printer_heats_and_protects_itself() {
    Machine m = *find_machine("hand-swap");
    SimPrinter printer(m, {}, {}, 1);
    printer.pass(0);
    printer.take("M83\nG1 E10 F300\n");
    while (printer.next_s() >= 0)
        printer.pass(printer.next_s());
    QCOMPARE(printer.extruded_mm(), 0.0); // cold
    printer.take("M109 S220\n");
    double heated = 0;
    while (printer.next_s() >= 0) {
        heated += printer.next_s();
        printer.pass(printer.next_s());
    }
    QVERIFY(std::abs(heated - 200 / m.motion.nozzle_c_s) < 1e-6);
    QVERIFY(std::abs(printer.nozzle_c() - 220) < 0.01);
    printer.take("G1 E10 F300\n");
    QCOMPARE(printer.extruded_mm(), 10.0);
    QVERIFY(printer.take("M105\n").starts_with("ok T:220.0 /220.0 B:20.0 /0.0"));
    QVERIFY(printer.take("M115\n").find("SIMULATED:1") != std::string::npos);
}

/// Either side of the connection fails at random: bytes are lost, lines are damaged, whole connections break.
/// Each command is done once, in order.
void TestRehearsal::nothing_is_lost_or_printed_twice() {
    for (unsigned seed = 1; seed <= 60; ++seed) {
        std::mt19937 random(seed);
        std::string text = "G21 ; begin\nG90\nM83\nM109 S200\n";
        double expected = 0;
        for (int i = 0; i < 150; ++i) {
            const int mm = 1 + static_cast<int>(random() % 9);
            text += fmt::format("G1 E{} F6000 ; {}\n", mm, i);
            expected += mm;
        }
        SimPrinter printer(*find_machine("hand-swap"), {}, {seed % 3 ? 0.1 : 0.0, 1, 0, 0, 0}, seed);
        printer.pass(0);
        Sender sender(lines_of(text));
        std::string to_printer = sender.begin(), reply, rest;
        int steps = 0, breaks = 0;
        while (sender.is() == Sender::Is::sending && ++steps < 20000) {
            if (random() % 20 == 0) { // the connection breaks: what is on its way is gone, in part
                to_printer.resize(random() % (to_printer.size() + 1));
                printer.take(to_printer);
                rest.clear();
                ++breaks;
                to_printer = "\n" + sender.again();
                continue;
            }
            reply = printer.take(to_printer);
            to_printer.clear();
            if (reply.empty() && printer.next_s() >= 0)
                reply = printer.pass(printer.next_s());
            if (reply.empty()) {
                to_printer = sender.again();
                continue;
            }
            rest += reply;
            for (std::size_t end; (end = rest.find('\n')) != std::string::npos; rest.erase(0, end + 1))
                to_printer += sender.take(std::string_view(rest).substr(0, end));
        }
        QVERIFY2(sender.is() == Sender::Is::done,
                 qPrintable(QStringLiteral("seed %1, %2").arg(seed).arg(int(sender.is()))));
        while (printer.next_s() >= 0)
            printer.pass(printer.next_s());
        QVERIFY(breaks > 0);
        QCOMPARE(printer.commands(), 154);
        QCOMPARE(printer.extruded_mm(), expected);
    }
}

void TestRehearsal::a_reset_is_noticed() {
    const std::string text = "M83\nM109 S200\nG1 E5 F60\nG1 E5 F60\nG1 E5 F60\nG1 E5 F60\n";
    SimPrinter printer(*find_machine("hand-swap"), {}, {0, 1, 100, 0, 0}, 3);
    Sender sender(lines_of(text));
    std::string to = sender.begin(), rest;
    for (int i = 0; i < 100 && sender.is() == Sender::Is::sending; ++i) {
        std::string reply = printer.take(to);
        to.clear();
        if (reply.empty())
            reply = printer.pass(std::max(0.0, printer.next_s()));
        rest += reply;
        for (std::size_t end; (end = rest.find('\n')) != std::string::npos; rest.erase(0, end + 1))
            to += sender.take(std::string_view(rest).substr(0, end));
    }
    QVERIFY(sender.is() == Sender::Is::lost);
    QVERIFY(sender.answered_line() < 6);
    QCOMPARE(printer.nozzle_target_c(), 0.0);
}

/// A printer that started anew while nobody heard it asks for line 1: it is not sent the beginning of the
/// file again.
void TestRehearsal::an_unseen_reset_is_not_obeyed() {
    std::string text;
    for (int i = 0; i < 100; ++i)
        text += "G1 X1\n";
    Sender sender(lines_of(text));
    sender.begin();
    for (int i = 0; i < 30; ++i)
        sender.take("ok");
    QVERIFY(sender.is() == Sender::Is::sending);
    QVERIFY(sender.take("Resend: 1").empty());
    QVERIFY(sender.is() == Sender::Is::lost);
    QVERIFY(sender.again().empty());
}

/// The program was killed in the middle and is started again: the printer says which line it wants, and gets
/// it.
void TestRehearsal::a_host_that_comes_back_goes_on() {
    std::string text = "M83\n; nothing\nM109 S200\n";
    for (int i = 0; i < 50; ++i)
        text += "G1 E1 F6000\n";
    for (const int killed_after : {0, 1, 3, 17, 51}) {
        SimPrinter printer(*find_machine("hand-swap"), {}, {}, 1);
        printer.pass(0);
        for (const bool first : {true, false}) {
            Sender sender(lines_of(text));
            std::string to = first ? sender.begin() : sender.resume(), rest;
            for (int i = 0;
                 i < 5000 && sender.is() == Sender::Is::sending && !(first && sender.sent() > killed_after);
                 ++i) {
                std::string reply = printer.take(to);
                to.clear();
                if (reply.empty())
                    reply = printer.pass(std::max(0.0, printer.next_s()));
                rest += reply;
                for (std::size_t end; (end = rest.find('\n')) != std::string::npos; rest.erase(0, end + 1))
                    to += sender.take(std::string_view(rest).substr(0, end));
            }
            if (!first)
                QVERIFY(sender.is() == Sender::Is::done);
        }
        while (printer.next_s() >= 0)
            printer.pass(printer.next_s());
        QCOMPARE(printer.extruded_mm(), 50.0);
        QCOMPARE(printer.commands(), 52);
    }
}

/// The plan in short is a file like any other: its layers are the plan's, its stops stand where the plan has
/// them, its time is the plan's.
void TestRehearsal::sketch_reads_as_the_plan() {
    for (Project p : {stack("ABA", 2, "hand-swap"), stack("ABCD", 1, "feeder-4"), row("AB", 3, "feeder-4"),
                      row("AB", 2, "twin"), row("AB", 2, "carousel")}) {
        const auto plan = planned(p);
        const ToolpathFile file =
            read_gcode(sketch_gcode(p, *plan), p.machine.motion, file_words(p.machine.commands));
        const AgainstPlan against = against_plan(p, *plan, file);
        QVERIFY(against.layers_match);
        QCOMPARE(int(file.layers.size()), plan->grid.count);
        for (const ComparedStop& s : against.stops)
            QVERIFY2(s.state == ComparedStop::State::as_planned, p.machine.id.c_str());
        QVERIFY(against.extra.empty());
        if (plan->rest_goes_to ==
            Destination::ejected) // else purge is laid down where the sketch pushes it out on the spot
            QVERIFY2(std::abs(against.file_g - against.planned_g) < 0.01 * against.planned_g,
                     qPrintable(QString::number(against.file_g / against.planned_g)));
    }
}

/// With whoever is needed there in the time the plan gives them, the rehearsal ends when the plan does.
void TestRehearsal::rehearsed_as_planned() {
    for (const char* machine : {"hand-swap", "feeder-4", "twin"}) {
        Rehearsed night(stack("ABAB", 2, machine));
        const RehearsalOutcome out = night.run();
        QVERIFY(out.over && !out.broke_off);
        QCOMPARE(out.layer, night.plan->grid.count);
        QCOMPARE(out.stops, night.plan->totals.hand_swaps);
        QCOMPARE(out.right, int(out.steps.size()));
        QCOMPARE(out.missed, 0);
        QVERIFY(out.wrong.empty());
        QVERIFY2(std::abs(out.clock_s - night.plan->totals.total_s) < 0.01 * night.plan->totals.total_s,
                 qPrintable(QStringLiteral("%1: %2 against %3")
                                .arg(QLatin1String(machine))
                                .arg(out.clock_s)
                                .arg(night.plan->totals.total_s)));
    }
}

void TestRehearsal::nobody_at_night() {
    Rehearsed day(stack("AB", 4));
    const RehearsalOutcome by_day = day.run();
    const double swap = by_day.steps[0].asked_s;
    Person person;
    person.away = {{swap - 600, swap + 7200}};
    Rehearsed night(stack("AB", 4), person);
    const RehearsalOutcome out = night.run();
    QVERIFY(out.steps[0].is == StepResult::Is::missed);
    QCOMPARE(out.missed, 1);
    QVERIFY(out.wrong.empty()); // the printer waits, and the right one is put in at last
    const double wait = by_day.steps[0].waited_s;
    QVERIFY(std::abs(out.clock_s - by_day.clock_s - (7200 - wait)) < 1);
}

/// Five filaments for four slots: one has to be put in while others print. Whoever is not there then finds
/// the wrong one in it.
void TestRehearsal::a_missed_window_prints_the_wrong_filament() {
    Project p = stack("ABCD", 3, "feeder-4");
    p.filaments.push_back(pla('E', "#d89030"));
    p.pieces[0].parts.push_back(part("slab-5", solids::box(0, 0, 12, 10, 10, 15), 'E'));
    Rehearsed there(p);
    const RehearsalOutcome good = there.run();
    QCOMPARE(int(good.steps.size()), 1);
    QVERIFY(!there.script.steps[0].stands);
    QVERIFY(good.steps[0].is == StepResult::Is::right);
    QVERIFY(good.wrong.empty());
    Person person;
    person.away = {{0, 1e6}};
    Rehearsed gone(p, person);
    const RehearsalOutcome out = gone.run();
    QVERIFY(out.steps[0].is == StepResult::Is::missed);
    QCOMPARE(int(out.wrong.size()), 1);
    QCOMPARE(out.wrong[0].meant, 4);
    QCOMPARE(out.wrong[0].came, gone.script.steps[0].out);
    const Stay& last = gone.plan->stays.back();
    QCOMPARE(out.wrong[0].from_layer, last.from_layer);
    QCOMPARE(out.wrong[0].to_layer, gone.plan->grid.count);
    QCOMPARE(out.stops, 0); // it printed on
}

void TestRehearsal::a_trainee_is_scored() {
    Person told;
    told.by_themselves = false;
    Rehearsed n(stack("ABAB", 2), told);
    std::string to = n.rehearsal.begin();
    int asked = 0;
    for (int i = 0; i < 100000 && !n.rehearsal.over(); ++i) {
        std::string from = n.printer.take(to);
        to.clear();
        if (from.empty() && n.printer.next_s() >= 0)
            from = n.printer.pass(n.printer.next_s());
        to += n.rehearsal.take(from);
        if (const auto step = n.rehearsal.asks()) {
            QVERIFY(*step >= 0);
            const RehearsalStep& s = n.script.steps[static_cast<std::size_t>(*step)];
            ++asked;
            if (asked == 1) {
                to += n.rehearsal.put(s.in, s.place);
            } else if (asked == 2) {
                n.printer.pass(3600); // an hour late
                to += n.rehearsal.put(s.in, s.place);
            } else {
                to += n.rehearsal.put(s.out, s.place); // the wrong one
            }
        }
    }
    const RehearsalOutcome out = n.rehearsal.outcome();
    QCOMPARE(asked, 3);
    QCOMPARE(out.due, 3);
    QCOMPARE(out.right, 1);
    QVERIFY(out.steps[1].is == StepResult::Is::late);
    QVERIFY(std::abs(out.steps[1].waited_s - 3600) < 1);
    QVERIFY(out.steps[2].is == StepResult::Is::wrong);
    QCOMPARE(int(out.wrong.size()), 1);
    QCOMPARE(out.wrong[0].meant, 1);
    QCOMPARE(out.wrong[0].came, 0);
    QCOMPARE(out.wrong[0].to_layer, n.plan->grid.count);
}

void TestRehearsal::moods() {
    Rehearsed plain(stack("AB", 4));
    const RehearsalOutcome calm = plain.run();
    Rehearsed slow(stack("AB", 4), {}, {0, 1.5, 0, 0, 0});
    QVERIFY(slow.run().clock_s > 1.3 * calm.clock_s);
    Rehearsed lossy(stack("AB", 4), {}, {0.2, 1, 0, 0, 0}, 5);
    const RehearsalOutcome repeated = lossy.run();
    QVERIFY(repeated.repeated > 10);
    QCOMPARE(repeated.layer, calm.layer);
    QVERIFY(std::abs(repeated.clock_s - calm.clock_s) < 30);
    Rehearsed empty(stack("AB", 4), {}, {0, 1, 0, 150, 0});
    const RehearsalOutcome out = empty.run();
    QVERIFY(out.stops > calm.stops);
    QVERIFY(out.over && out.wrong.empty());
    Rehearsed forgets(stack("AB", 4), {}, {0, 1, 400, 0, 0});
    const RehearsalOutcome broken = forgets.run();
    QVERIFY(broken.broke_off);
    QVERIFY(broken.layer < calm.layer);
    // The same seed is the same night.
    Person late;
    late.late_s = 3000;
    Rehearsed once(stack("ABAB", 2), late, {0.1, 1, 0, 0, 0}, 7),
        again(stack("ABAB", 2), late, {0.1, 1, 0, 0, 0}, 7),
        other(stack("ABAB", 2), late, {0.1, 1, 0, 0, 0}, 8);
    const double end = once.run().clock_s;
    QCOMPARE(again.run().clock_s, end);
    QVERIFY(other.run().clock_s != end);
}

/// What a printer says while it prints becomes what is reported of the run.
void TestRehearsal::a_real_run_is_followed() {
    const Project p = stack("ABA", 2);
    const auto plan = planned(p);
    Run run;
    run.task.plates = {run_plate(p, *plan)};
    PrinterSays says;
    Following so_far;
    const auto at = [&](int layer, double lift = 0) {
        hear(says, fmt::format("X:1.00 Y:2.00 Z:{:.3f} E:5.00", plan->grid.top_mm(layer) + lift));
        const auto events = follow(so_far, says, run, 0, plan->grid, 1000 + layer);
        run.events.insert(run.events.end(), events.begin(), events.end());
        return int(events.size());
    };
    hear(says, "FIRMWARE_NAME:whatever 2.1 MACHINE_TYPE:x");
    hear(says, "ok T:201.5 /215.0 B:58.0 /60.0");
    QVERIFY(!says.simulated);
    QCOMPARE(says.heat->bed_target_c, 60.0);
    QCOMPARE(at(1), 0); // one reading says nothing
    QCOMPARE(at(1), 1);
    QCOMPARE(at(1, 0.6), 0); // it has lifted for a travel
    QCOMPARE(at(2), 1);      // the lower of the two is that layer
    QCOMPARE(at(2), 0);
    QCOMPARE(run.events.back().layer, 2);
    const int swap = plan->changes[0].layer;
    at(swap - 1);
    at(swap - 1);
    hear(says, "echo:busy: paused for user");
    QCOMPARE(at(swap - 1, 10), 0); // parked
    QCOMPARE(at(swap - 1, 10), 0);
    hear(says, "//action:resumed");
    QCOMPARE(at(swap - 1), 1);
    QVERIFY(run.events.back().what == RunEvent::What::done);
    QCOMPARE(run.events.back().visit, 0);
    at(swap + 3);
    at(swap + 3);
    hear(says, "//action:paused"); // nothing is due there
    at(swap + 3);
    at(swap + 3);
    QCOMPARE(at(swap + 3), 1);
    QVERIFY(run.events.back().what == RunEvent::What::paused);
    hear(says, "//action:resumed");
    at(swap + 3);
    QVERIFY(run.events.back().what == RunEvent::What::resumed);
    hear(says, "SD printing byte 50/200");
    QCOMPARE(*says.card, 0.25);
    hear(says, "Done printing file");
    at(swap + 3);
    QVERIFY(run.events.back().what == RunEvent::What::finished);
}

void TestRehearsal::nonsense_is_survived() {
    std::mt19937 random(11);
    SimPrinter printer(*find_machine("twin"), {}, {}, 1);
    const std::string text_of = "G1 X1\n";
    Sender sender(lines_of(text_of));
    sender.begin();
    SimScale scale({}, 1);
    SimTags tags({}, 0, 1);
    const char* words[] = {"N1 ",
                           "N-9999999999999999999",
                           "M110",
                           "G1 X1e400",
                           "G4 S1e300",
                           "T99999999999",
                           "M109 S1e9",
                           "HAND put after 1e99",
                           "HAND speed nan",
                           "*",
                           "\n",
                           "Resend:",
                           "Resend: -5",
                           "ok",
                           "// waits nan: x",
                           "// clock inf",
                           "start",
                           "HAND load nan\n",
                           "HAND hold zz\n"};
    for (int i = 0; i < 10000; ++i) {
        std::string text;
        for (int k = 0; k < 6; ++k) {
            text += words[random() % std::size(words)];
            text += static_cast<char>(random());
        }
        text += '\n';
        printer.take(text);
        const double next = printer.next_s();
        QVERIFY(std::isfinite(next));
        printer.pass(std::max(0.0, std::min(next, 1e5)));
        sender.take(text);
        scale.take(text);
        tags.take(text);
    }
}

void TestRehearsal::scale() {
    SimScale scale({1, 0.05, 0, 5000, 1.5}, 4);
    scale.take("HAND load 36.2\n");
    QVERIFY(scale.take("P\n").starts_with("?"));
    scale.pass(3);
    QCOMPARE(scale.take("P\n"), std::string("       36 g\n"));
    scale.take("Z\n");
    QCOMPARE(scale.take("P\n"), std::string("        0 g\n"));
    scale.take("HAND load 9000\n");
    scale.pass(3);
    QVERIFY(scale.take("P\n").find('-') != std::string::npos);
    SimScale fine({0.1, 0, 3.6, 5000, 1.5}, 4);
    fine.pass(1000);
    QCOMPARE(fine.take("P\n"), std::string("      1.0 g\n")); // its zero wanders a milligram a second
}

void TestRehearsal::tags() {
    SimTags reader({"04AB", "04CD"}, 0, 1);
    QCOMPARE(reader.take("R\n"), std::string("none\n"));
    QCOMPARE(reader.take("HAND hold 04ab\n"), std::string("tag 04AB\n"));
    QCOMPARE(reader.take("R\n"), std::string("tag 04AB\n"));
    QCOMPARE(reader.take("HAND away\nR\n"), std::string("none\nnone\n"));
    QVERIFY(reader.take("HAND hold <b>\n").starts_with("// hand"));
}

VITRAIL_TEST(TestRehearsal)
#include "test_rehearsal.moc"
