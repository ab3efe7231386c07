#include "core/machine/machine.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

const char* to_string(ChangeKind k) {
    switch (k) {
    case ChangeKind::hand: return "hand";
    case ChangeKind::feeder: return "feeder";
    case ChangeKind::tool: return "tool";
    }
    return "";
}

const char* to_string(Destination d) {
    switch (d) {
    case Destination::ejected: return "ejected";
    case Destination::tower: return "tower";
    case Destination::infill: return "infill";
    case Destination::support: return "support";
    case Destination::piece: return "piece";
    case Destination::skirt: return "skirt";
    }
    return "";
}

const ChangeTime& Machine::time(ChangeKind k) const {
    return k == ChangeKind::hand ? hand : k == ChangeKind::feeder ? feeder : tool;
}

int places_for_filament(const Machine& m) {
    int places = 0;
    for (const Toolhead& t : m.toolheads)
        places += std::max(1, t.slots);
    return places;
}

bool prints_line(const Nozzle& n, double line_width_mm) {
    return line_width_mm >= 0.75 * n.diameter_mm - 1e-9 && line_width_mm <= 2 * n.diameter_mm + 1e-9;
}

std::vector<char> usable_nozzles(const Machine& m, double line_width_mm) {
    std::vector<char> usable, there;
    for (const Nozzle& n : m.nozzles) {
        there.push_back(!n.missing);
        usable.push_back(!n.missing && prints_line(n, line_width_mm));
    }
    const auto any = [](const std::vector<char>& v) { return std::find(v.begin(), v.end(), 1) != v.end(); };
    return any(usable) ? usable : any(there) ? there : std::vector<char>(m.nozzles.size(), 1);
}

const KeptCalibration* calibration_for(const Machine& m, int nozzle, Material material) {
    const Nozzle& n = m.nozzles[static_cast<std::size_t>(nozzle)];
    const KeptCalibration* found = nullptr;
    for (const KeptCalibration& c : m.calibrations)
        if (c.material == material && c.toolhead == m.toolheads[static_cast<std::size_t>(n.toolhead)].name && std::abs(c.nozzle_mm - n.diameter_mm) < 0.005)
            found = &c;
    return found;
}

std::string nozzle_name(const Machine& m, int nozzle) {
    if (m.nozzles.size() == 1)
        return "the nozzle";
    const std::string name = "nozzle " + std::to_string(nozzle + 1);
    return m.toolheads.size() == 1 ? name : name + " (" + m.toolheads[static_cast<std::size_t>(m.nozzles[static_cast<std::size_t>(nozzle)].toolhead)].name + ")";
}

std::string slot_name(const Machine& m, int toolhead, int slot) {
    return (m.toolheads.size() > 1 ? m.toolheads[static_cast<std::size_t>(toolhead)].name + ", " : std::string()) + (slot ? "slot " + std::to_string(slot) : std::string("external spool"));
}

std::string describe(const Machine& m) {
    const auto count = [](int n, const std::string& one) { return std::to_string(n) + " " + one + (n == 1 ? "" : "s"); };
    std::string s;
    for (std::size_t t = 0; t < m.toolheads.size(); ++t) {
        int there = 0, missing = 0;
        for (const Nozzle& n : m.nozzles)
            if (n.toolhead == static_cast<int>(t))
                ++(n.missing ? missing : there);
        if (t)
            s += "; ";
        s += m.toolheads[t].name + ": " + count(there, "nozzle") + (missing ? " and " + std::to_string(missing) + " missing" : "") + ", ";
        s += m.toolheads[t].has_feeder() ? "feeder with " + count(m.toolheads[t].slots, "slot") : std::string("one external spool");
    }
    return s;
}

std::string what_it_can(const Machine& m) {
    int there = 0, slots = 0, external = 0;
    std::vector<double> diameters;
    for (const Nozzle& n : m.nozzles)
        if (!n.missing) {
            ++there;
            if (std::find(diameters.begin(), diameters.end(), n.diameter_mm) == diameters.end())
                diameters.push_back(n.diameter_mm);
        }
    for (std::size_t t = 0; t < m.toolheads.size(); ++t) {
        const bool prints = std::any_of(m.nozzles.begin(), m.nozzles.end(), [&](const Nozzle& n) { return n.toolhead == static_cast<int>(t) && !n.missing; });
        slots += prints ? m.toolheads[t].slots : 0;
        external += prints && !m.toolheads[t].has_feeder();
    }
    if (!there)
        return "Cannot print: every nozzle is missing.";
    const int held = slots + external;
    const auto filaments = [](int n) { return std::to_string(n) + (n == 1 ? " filament" : " filaments"); };
    std::string s = "Holds " + filaments(held) + " at once";
    const int pure = std::min(held, there);
    s += there == 1 ? held == 1 ? "; every change is a swap by hand" : "; every change purges the one nozzle"
                    : "; " + std::to_string(pure) + " of them on nozzles of their own, which change without purging";
    if (slots && there > 1 && held > there)
        s += ", the others share";
    if (slots && slots < there - external)
        s += "; with only " + std::to_string(slots) + (slots == 1 ? " slot" : " slots") + " for " + std::to_string(there - external) + " nozzles, more filaments mean a refill";
    else if (slots)
        s += "; more need a refill while a slot is idle";
    else if (there > 1)
        s += "; more are swapped by hand";
    if (diameters.size() > 1)
        s += ". Nozzles of different diameter: only those that suit the line width are used";
    return s + ".";
}

} // namespace vitrail
