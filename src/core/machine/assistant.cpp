#include "core/machine/assistant.h"

#include <algorithm>

namespace vitrail {

namespace {

// From memory, as those of the machines that ship. A cutter leaves the filament between blade and nozzle
// behind, which has to go out; a tip that was shaped and pulled leaves less.
constexpr double kDeadCut_mm3 = 40, kDeadPulled_mm3 = 25;
constexpr double kCut_s = 100, kPulled_s = 70;
constexpr double kTurn_s = 20, kSwitch_s = 12;

int nozzles(const MachineAnswers& a) {
    return std::clamp(a.nozzles, 1, 16);
}

FedBy fed_by(const MachineAnswers& a) {
    return asks_feeding(a, a.fed_by)   ? a.fed_by
           : a.fed_by == FedBy::spools ? FedBy::spools
                                       : FedBy::one_feeder;
}

bool has_feeder(const MachineAnswers& a) {
    return fed_by(a) != FedBy::spools;
}

/// Toolheads in the sense of the plan: nozzles behind the same feeder, or behind a spool of their own.
void feed(const MachineAnswers& a, Machine& m) {
    m.toolheads.clear();
    m.nozzles.clear();
    const auto head = [&](const std::string& name, int slots, int count) {
        m.toolheads.push_back({name, slots});
        for (int i = 0; i < count; ++i)
            m.nozzles.push_back({a.nozzle_mm, static_cast<int>(m.toolheads.size()) - 1});
    };
    const int n = nozzles(a), slots = std::clamp(a.slots, 1, 64);
    const auto name = [&](int i) {
        return n == 1 ? std::string("head") : (a.take_turns ? "tool " : "nozzle ") + std::to_string(i + 1);
    };
    switch (fed_by(a)) {
    case FedBy::spools:
        for (int i = 0; i < n; ++i)
            head(name(i), 0, 1);
        break;
    case FedBy::feeder_each:
        for (int i = 0; i < n; ++i)
            head(name(i), slots, 1);
        break;
    case FedBy::one_feeder:
        head("head", slots, n);
        break;
    case FedBy::spool_and_feeder:
        head("spool", 0, 1);
        head("feeder", slots, n - 1);
        break;
    }
}

} // namespace

bool asks_slots(const MachineAnswers& a) {
    return has_feeder(a);
}

bool asks_turns(const MachineAnswers& a) {
    return nozzles(a) > 1;
}

bool asks_feeding(const MachineAnswers& a, FedBy by) {
    return nozzles(a) > 1 || by == FedBy::spools || by == FedBy::one_feeder;
}

Machine machine_from(const MachineAnswers& a) {
    Machine m;
    m.name = a.name;
    m.bed_x_mm = a.bed_x_mm, m.bed_y_mm = a.bed_y_mm, m.height_mm = a.height_mm;
    feed(a, m);
    m.hand = {a.swap_min * 60, a.swap_min * 60};
    m.feeder = {a.cuts ? kCut_s : kPulled_s, 0};
    m.tool = {a.take_turns ? kTurn_s : kSwitch_s, 0};
    m.purge_to = a.chute || (!has_feeder(a) && nozzles(a) == 1) ? Destination::ejected : Destination::tower;
    m.dead_mm3 = has_feeder(a) && !a.cuts ? kDeadPulled_mm3 : kDeadCut_mm3;
    m.prime_mm3 = nozzles(a) > 1 ? 10 : 6;
    return m;
}

std::vector<Message> assumed(const MachineAnswers& a) {
    const Machine m = machine_from(a);
    std::vector<Message> out;
    if (has_feeder(a))
        out.push_back(say("A change by the feeder takes {0} s, and {1} mm³ of filament stay in the nozzle: "
                          "from memory, for a feeder that {2}.",
                          num(m.feeder.time_s, 0), num(m.dead_mm3, 0),
                          a.cuts ? say("cuts and pulls") : say("shapes the tip and pulls")));
    else
        out.push_back(
            say("{} mm³ of filament stay in the nozzle at a swap: from memory.", num(m.dead_mm3, 0)));
    out.push_back(say("Colours mix over {} mm³ behind that: from memory.", num(m.mixing_mm3, 0)));
    if (nozzles(a) > 1)
        out.push_back(say("A change of nozzles takes {0} s, and {1} mm³ until it flows again: from memory.",
                          num(m.tool.time_s, 0), num(m.prime_mm3, 0)));
    out.push_back(say("A swap by hand takes {} min: as you say.", num(a.swap_min, 1)));
    out.push_back(say("Speeds are those of a printer of the middle sort, from memory: {0} mm/s for walls, "
                      "{1} mm/s² of acceleration.",
                      num(m.motion.wall, 0), num(m.motion.acceleration, 0)));
    out.push_back(say(
        "How far the head reaches is not known, so pieces are not printed one after another until you say."));
    return out;
}

std::vector<Message> to_measure(const MachineAnswers& a) {
    std::vector<Message> out;
    if (nozzles(a) > 1)
        out.push_back(say("How far the nozzles are off against each other: an offset strip, in the machine "
                          "editor. Without it colours gape or overlap."));
    if (has_feeder(a) || nozzles(a) < 2)
        out.push_back(say("How much purge is enough: a calibration strip, on the Purge bench. It saves most, "
                          "or keeps colours from bleeding."));
    out.push_back(
        say("How long it really prints: log the first three prints, and estimates get ranges of their own."));
    out.push_back(
        say("Speeds and acceleration: take them from the printer's own settings into the machine editor."));
    return out;
}

} // namespace vitrail
