#include "core/run/against_plan.h"
#include "core/run/commands.h"
#include "core/run/read_gcode.h"
#include "core/run/sketch_gcode.h"
#include "core/run/write_gcode.h"
#include "formats/machine_file.h"

#include "support.h"

#include <map>
#include <sstream>

using namespace vitrail;
using namespace vitrail::test;

namespace {

/// Goes through a file's text with nozzles and slots as a person would who only has the machine and the
/// spools that were put in before the start, and no plan: T calls the so-manieth place, counted nozzle by
/// nozzle and slot by slot, a pause says in words what goes where. Only a hand swap does not say what it
/// brings.
std::vector<std::vector<int>> lived_through(const Project& p, const Plan& plan, const std::string& text) {
    struct Spot {
        int nozzle, head, slot;
    };
    std::vector<Spot> spots;
    for (int n = 0; n < static_cast<int>(p.machine.nozzles.size()); ++n) {
        const int head = p.machine.nozzles[static_cast<std::size_t>(n)].toolhead;
        const int slots = p.machine.toolheads[static_cast<std::size_t>(head)].slots;
        for (int s = slots ? 1 : 0; s <= slots; ++s)
            spots.push_back({n, head, s});
    }
    std::map<std::pair<int, int>, int>
        lies; // slot of a toolhead, or external spool of a nozzle as (−1 − n, 0)
    const auto key = [](const Spot& s) {
        return s.slot ? std::pair(s.head, s.slot) : std::pair(-1 - s.nozzle, 0);
    };
    for (const Stay& s : plan.stays)
        if (s.at_start)
            lies[key({s.nozzle, s.toolhead, s.slot})] = s.filament;
    const auto letter_of = [&](char c) {
        for (std::size_t f = 0; f < p.filaments.size(); ++f)
            if (p.filaments[f].letter == c)
                return static_cast<int>(f);
        return -1;
    };
    Spot now = spots.front();
    std::size_t swap = 0, refill = 0;
    std::vector<std::vector<int>> out;
    std::istringstream in(text);
    for (std::string line; std::getline(in, line);) {
        if (line[0] == 'T') {
            if (spots.size() > 1) // a machine with one place has no tools
                now = spots.at(static_cast<std::size_t>(std::stoi(line.substr(1))));
        } else if (const auto put = line.find("; put "); put != std::string::npos) {
            const char c = line[put + 6];
            const std::string where = line.substr(line.find(" into ", put) + 6);
            for (const Spot& s : spots)
                if (where == english(slot_name(p.machine, s.head, s.slot)))
                    lies[key(s)] = letter_of(c);
        } else if (line.rfind("M600", 0) == 0) {
            while (plan.changes[swap].kind != ChangeKind::hand)
                ++swap;
            lies[key(p.machine.nozzles.size() > 1 ? now : spots.front())] = plan.changes[swap++].to;
        } else if (line.find(" Z") != std::string::npos && line[0] == 'G') {
            out.emplace_back();
            for (; refill < plan.refills.size() && // what was put in while it printed
                   (plan.refills[refill].pause ||
                    plan.refills[refill].latest_layer < static_cast<int>(out.size()));
                 ++refill)
                if (const Refill& r = plan.refills[refill]; !r.pause)
                    lies[r.slot ? std::pair(r.toolhead, r.slot) : std::pair(-1 - r.toolhead, 0)] = r.in;
        } else if (line.rfind("G1 X", 0) == 0) {
            const auto at = lies.find(key(now));
            const int f = at == lies.end() ? -1 : at->second;
            if (out.back().empty() || out.back().back() != f)
                out.back().push_back(f);
        }
    }
    return out;
}

void check_lived(const Project& p, const Plan& plan, const std::string& text) {
    const auto printed = lived_through(p, plan, text);
    QCOMPARE(printed.size(), plan.sequence.layers());
    for (std::size_t l = 0; l < printed.size(); ++l) {
        const auto planned = plan.sequence.layer(l);
        QVERIFY2(std::equal(printed[l].begin(), printed[l].end(), planned.begin(), planned.end()),
                 qPrintable(QStringLiteral("layer %1 of %2 on %3")
                                .arg(l + 1)
                                .arg(printed.size())
                                .arg(QString::fromStdString(p.machine.id))));
    }
}

ToolpathFile read(const Project& p, const std::string& text) {
    return read_gcode(text, p.machine.motion, file_words(p.machine.commands));
}

/// Without the lines at which somebody is waited for to fill a slot.
std::string without_pauses(const std::string& text) {
    std::string out;
    std::istringstream in(text);
    for (std::string line; std::getline(in, line);)
        if (line.find("; put ") == std::string::npos)
            out += line + "\n";
    return out;
}

std::string with(std::string text, const std::vector<Insertion>& insertions) {
    for (auto i = insertions.rbegin(); i != insertions.rend(); ++i)
        text.insert(i->byte, i->text + (i->comment_to ? "; " : ""));
    return text;
}

std::vector<Filament> many_filaments(int n) {
    std::vector<Filament> out;
    for (int i = 0; i < n; ++i)
        out.push_back(
            pla(static_cast<char>('A' + i),
                QStringLiteral("#%1").arg(0x141414 + i * 0x0d1705, 6, 16, QLatin1Char('0')).toLatin1()));
    return out;
}

/// Whether a slot is filled while it prints, and prints on: a file that calls places says nothing there.
bool within_one_slot(const Project& p, const Plan& plan) {
    std::map<int, int> last; // [nozzle] tool
    for (const Change& c : plan.changes) {
        const int tool = tool_for(p, plan, c);
        if (const auto at = last.find(c.nozzle);
            at != last.end() && at->second == tool && c.displaced != c.to)
            return true;
        last[c.nozzle] = tool;
    }
    return false;
}

/// Four boxes, and a fifth that begins with the third layer.
Project fifth_from_layer_three() {
    Project p = stack("", 1, "feeder-4");
    p.settings.first_layer_mm = p.settings.layer_mm = 0.2;
    p.filaments = many_filaments(5);
    for (int i = 0; i < 5; ++i)
        p.pieces[0].parts.push_back(part(std::string(1, static_cast<char>('a' + i)).c_str(),
                                         solids::box(10.0 * i, 0, i == 4 ? 0.4 : 0, 10.0 * i + 10, 10, 1.2),
                                         static_cast<char>('A' + i)));
    return p;
}

} // namespace

class TestPrintedIn : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void refill_within_a_layer();
    void five_in_the_first_layer();
    void pause_in_the_wrong_place_is_seen();
    void each_place_has_a_command();
    void comes_back_to_the_feeder();
    void one_person_for_many_pauses();
    void another_order_is_no_mistake();
    void random_plates();
};

/// C's slot is wanted for E in a layer that still prints C: after C's last line, before E's first.
void TestPrintedIn::refill_within_a_layer() {
    const Project p = fifth_from_layer_three();
    const auto plan = plan_of(p);
    QVERIFY(plan);
    QVERIFY(plan->totals.pauses > 0);
    for (const Refill& r : plan->refills) {
        QVERIFY(r.pause);
        const auto order = plan->sequence.layer(static_cast<std::size_t>(r.latest_layer) - 1);
        const auto in = std::find(order.begin(), order.end(), r.in),
                   out = std::find(order.begin(), order.end(), r.out);
        QCOMPARE(r.within_layer, out != order.end());
        QVERIFY(!r.within_layer || out < in);
    }
    QVERIFY(std::any_of(plan->refills.begin(), plan->refills.end(),
                        [](const Refill& r) { return r.within_layer; }));
    // The clock: each pause ends before what it puts in is changed to.
    for (const Refill& r : plan->refills)
        for (const Change& c : plan->changes)
            if (c.layer == r.latest_layer && c.to == r.in)
                COMPARE_NEAR(c.at_s, r.earliest_s + r.time_s, 1e-6);
    const std::string text = sketch_gcode(p, *plan);
    check_lived(p, *plan, text);
    const AgainstPlan a = against_plan(p, *plan, read(p, text));
    for (const Finding& f : a.findings)
        QVERIFY2(f.severity != Severity::error, english(f.message).c_str());
    std::int64_t last = 0; // each has a place of its own, also where a layer calls a slot twice
    for (const ComparedStop& s : a.stops) {
        QVERIFY(s.stop >= 0 && s.state == ComparedStop::State::as_planned);
        const std::int64_t line = read(p, text).stops[static_cast<std::size_t>(s.stop)].line;
        QVERIFY(line > last);
        last = line;
    }
    // Written into the file that has none.
    const std::string bare = without_pauses(text);
    const ToolpathFile file = read(p, bare);
    const AgainstPlan before = against_plan(p, *plan, file);
    QVERIFY(!before.as_planned());
    const auto insertions_made = insertions(p, *plan, file, before, {});
    QVERIFY2(bool(insertions_made), insertions_made ? "" : english(insertions_made.error().message).c_str());
    const std::string written = with(bare, *insertions_made);
    check_lived(p, *plan, written);
    QVERIFY(bool(proven(p, *plan, file, read(p, written))));
}

void TestPrintedIn::five_in_the_first_layer() {
    Project p = fifth_from_layer_three();
    p.pieces[0].parts.back().mesh = std::make_shared<Mesh>(solids::box(40, 0, 0, 50, 10, 1.2));
    const auto plan = plan_of(p);
    QVERIFY(plan && plan->refills.front().latest_layer == 1 && plan->refills.front().within_layer);
    const std::string text = sketch_gcode(p, *plan);
    check_lived(p, *plan, text);
    const AgainstPlan a = against_plan(p, *plan, read(p, text));
    QVERIFY(a.as_planned());
    QCOMPARE(a.stops.size(), plan->changes.size() + static_cast<std::size_t>(plan->totals.pauses));
    const ToolpathFile bare = read(p, without_pauses(text));
    QVERIFY(bool(insertions(p, *plan, bare, against_plan(p, *plan, bare), {})));
}

/// As it was once written: before the layer, while the old filament is still needed in it.
void TestPrintedIn::pause_in_the_wrong_place_is_seen() {
    const Project p = fifth_from_layer_three();
    const auto plan = plan_of(p);
    std::string text = sketch_gcode(p, *plan);
    const auto put = text.find("M0 ; put "), end = text.find('\n', put) + 1;
    const std::string line = text.substr(put, end - put);
    text.erase(put, end - put);
    auto begins = text.rfind(" Z", put); // of that layer
    begins = text.rfind('\n', begins) + 1;
    for (int changes = 0; text[text.rfind('\n', begins - 2) + 1] == 'T' && changes < 2; ++changes)
        begins = text.rfind('\n', begins - 2) + 1;
    text.insert(begins, line);
    const ToolpathFile file = read(p, text);
    const AgainstPlan a = against_plan(p, *plan, file);
    QVERIFY(!a.as_planned());
    QVERIFY(lived_through(p, *plan, text) != lived_through(p, *plan, sketch_gcode(p, *plan)));
    QVERIFY(!proven(p, *plan, file, file));
}

void TestPrintedIn::each_place_has_a_command() {
    for (const Machine& m : shipped_machines()) {
        QVERIFY2(!called_alike(m), m.id.c_str());
        std::map<int, Place> called;
        for (const Place& place : places_of(m))
            for (const ChangeKind kind : {ChangeKind::tool, ChangeKind::feeder}) {
                const int tool = tool_number(m, kind, place);
                const auto [at, fresh] = called.emplace(tool, place);
                QVERIFY2(fresh || at->second == place, m.id.c_str());
                if (m.nozzles.size() > 1)
                    QCOMPARE(places_by_tool(m).at(tool), place);
            }
    }
    Machine old = *find_machine("twin-feeders");
    old.commands.tool = "T{nozzle0}", old.commands.feeder = "T{slot0}";
    QVERIFY(called_alike(old));
    Project twin = row("AB", 1, "twin-feeders");
    const auto says = [&](const Project& p) {
        const auto plan = plan_of(p);
        const AgainstPlan a = against_plan(p, *plan, read(p, sketch_gcode(p, *plan)));
        return std::any_of(a.findings.begin(), a.findings.end(),
                           [](const Finding& f) { return f.code == "file-places-alike"; });
    };
    QVERIFY(!says(twin));
    twin.machine.commands = old.commands;
    QVERIFY(says(twin));
    const auto read_back =
        read_machine(write_machine(old)); // files that have the old words are read with the new
    QVERIFY(read_back && !called_alike(*read_back));
}

/// Bands A B C D E B C D A on four slots: A starts in a slot and comes back later.
void TestPrintedIn::comes_back_to_the_feeder() {
    Project p = stack("ABCDEBCDA", 1, "feeder-4");
    p.filaments = many_filaments(5);
    const auto plan = plan_of(p);
    QVERIFY(plan);
    QCOMPARE(plan->totals.spools_to_load, 4);
    std::set<int> at_start;
    for (const Stay& s : plan->stays)
        if (s.at_start)
            at_start.insert(s.filament);
    QCOMPARE(at_start.size(), 4u);
    QVERIFY(at_start.count(0));
}

/// Whoever stays for the next pause is not waited for again.
void TestPrintedIn::one_person_for_many_pauses() {
    Project p = fifth_from_layer_three();
    p.settings.hand_wait_s = 1800;
    const auto plan = plan_of(p);
    double free_s = -1e300, waited = 0;
    for (const Refill& r : plan->refills) {
        if (r.earliest_s > free_s + kWorthStaying_s)
            waited += 1800;
        free_s = r.earliest_s + r.time_s;
    }
    double stood = 0;
    for (const Refill& r : plan->refills)
        stood += r.time_s - p.machine.hand.time_s;
    COMPARE_NEAR(stood, waited, 1e-6);
    QVERIFY(waited < 1800.0 * plan->totals.pauses);
}

/// A then B in every layer, where the plan has it otherwise: a note with what it costs.
void TestPrintedIn::another_order_is_no_mistake() {
    const Project p = row("AB", 2);
    const auto plan = plan_of(p);
    Project by_letter = p;
    by_letter.settings.order = LayerOrder::as_assigned;
    const auto other = plan_of(by_letter);
    QVERIFY(other->totals.changes > plan->totals.changes);
    const AgainstPlan a = against_plan(p, *plan, read(p, sketch_gcode(by_letter, *other)));
    QVERIFY(a.as_planned());
    const auto note = std::find_if(a.findings.begin(), a.findings.end(),
                                   [](const Finding& f) { return f.code == "file-order"; });
    QVERIFY(note != a.findings.end());
    QVERIFY(english(note->message)
                .find(std::to_string(other->totals.changes - plan->totals.changes) + " more changes") !=
            std::string::npos);
    // The other colour in one layer is one.
    std::string swapped = sketch_gcode(p, *plan);
    const auto t = swapped.rfind("\nT1\n");
    if (t != std::string::npos)
        swapped.replace(t, 4, "\nT2\n");
    QVERIFY(!against_plan(p, *plan, read(p, swapped)).as_planned());
}

/// Plates of 2 to 9 filaments, each box beginning and ending anywhere, on all machines: planned, written as a
/// toolpath, its pauses taken out and written again, read and lived through.
void TestPrintedIn::random_plates() {
    std::mt19937 random(31);
    const auto pick = [&](int n) { return static_cast<int>(random() % static_cast<unsigned>(n)); };
    int paused = 0, within = 0, refused = 0;
    const auto& machines = shipped_machines();
    Planner planner;
    for (int round = 0; round < 300; ++round) {
        Project p = stack("", 1);
        p.machine = machines[static_cast<std::size_t>(round) % machines.size()];
        const int n = 2 + pick(8);
        p.filaments = many_filaments(n);
        p.settings.first_layer_mm = p.settings.layer_mm = 0.4;
        for (int i = 0; i < n; ++i) {
            const int from = i ? pick(6) : 0, to = i ? from + 1 + pick(8 - from) : 8;
            p.pieces[0].parts.push_back(part(std::string(1, static_cast<char>('a' + i)).c_str(),
                                             solids::box(8.0 * i, 0, 0.4 * from, 8.0 * i + 8, 8, 0.4 * to),
                                             static_cast<char>('A' + i)));
        }
        const auto made = planner.plan(p, {}, Scope::costs);
        if (!made)
            continue; // more nozzles than it has, say
        const Plan& plan = **made;
        const std::string text = sketch_gcode(p, plan);
        check_lived(p, plan, text);
        if (QTest::currentTestFailed())
            return;
        const AgainstPlan a = against_plan(p, plan, read(p, text));
        for (const Finding& f : a.findings)
            QVERIFY2(f.severity != Severity::error || f.code == "file-grams",
                     qPrintable(QStringLiteral("%1: %2").arg(QString::fromStdString(p.machine.id),
                                                             QString::fromStdString(english(f.message)))));
        const std::string bare = without_pauses(text);
        const ToolpathFile file = read(p, bare);
        const auto made_insertions = insertions(p, plan, file, against_plan(p, plan, file), {});
        paused += plan.totals.pauses > 0;
        within += std::any_of(plan.refills.begin(), plan.refills.end(),
                              [](const Refill& r) { return r.within_layer; });
        if (!made_insertions) { // only where one slot prints on with what is put into it, and no line says
                                // where
            QVERIFY2(within_one_slot(p, plan), english(made_insertions.error().message).c_str());
            ++refused;
            continue;
        }
        const std::string written = with(bare, *made_insertions);
        check_lived(p, plan, written);
        const Status ok = proven(p, plan, file, read(p, written));
        QVERIFY2(bool(ok), ok ? "" : english(ok.error().message).c_str());
    }
    QVERIFY(paused > 20);
    QVERIFY(within > 20);
    QVERIFY2(refused < 30, qPrintable(QString::number(refused)));
}

VITRAIL_TEST(TestPrintedIn)
#include "test_printed_in.moc"
