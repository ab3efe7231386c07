#include "core/machine/machine.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

VITRAIL_VALUE_MADE_HERE(Machine)
bool Machine::operator==(const Machine&) const = default;

const char* to_string(ChangeKind k) {
    switch (k) {
    case ChangeKind::hand:
        return term("hand");
    case ChangeKind::feeder:
        return term("feeder");
    case ChangeKind::tool:
        return term("tool");
    }
    return "";
}

const char* to_string(Destination d) {
    switch (d) {
    case Destination::ejected:
        return term("ejected");
    case Destination::tower:
        return term("tower");
    case Destination::infill:
        return term("infill");
    case Destination::support:
        return term("support");
    case Destination::piece:
        return term("piece");
    case Destination::skirt:
        return term("skirt");
    }
    return "";
}

const ChangeTime& Machine::time(ChangeKind k) const {
    return k == ChangeKind::hand ? hand : k == ChangeKind::feeder ? feeder : tool;
}

std::vector<Place> places_of(const Machine& m) {
    std::vector<Place> out;
    for (std::size_t n = 0; n < m.nozzles.size(); ++n) {
        const int slots = m.toolheads[static_cast<std::size_t>(m.nozzles[n].toolhead)].slots;
        for (int s = std::min(1, slots); s <= slots; ++s)
            out.push_back({static_cast<int>(n), s});
    }
    return out;
}

int place_number(const Machine& m, Place place) {
    const std::vector<Place> all = places_of(m);
    const auto at = std::find(all.begin(), all.end(), place);
    return at == all.end() ? -1 : static_cast<int>(at - all.begin());
}

int places_for_filament(const Machine& m) {
    int places = 0;
    for (const Toolhead& t : m.toolheads)
        places += std::max(1, t.slots);
    return places;
}

const char* to_string(NozzleUse u) {
    return u == NozzleUse::structural ? term("structural")
           : u == NozzleUse::soluble  ? term("soluble")
                                      : term("any");
}

bool meant_for(const Nozzle& n, Material material) {
    return n.use == NozzleUse::any || (n.use == NozzleUse::soluble) == facts(material).soluble;
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
        if (c.material == material && c.toolhead == m.toolheads[static_cast<std::size_t>(n.toolhead)].name &&
            std::abs(c.nozzle_mm - n.diameter_mm) < 0.005)
            found = &c;
    return found;
}

Message nozzle_name(const Machine& m, int nozzle) {
    if (m.nozzles.size() == 1)
        return say("the nozzle");
    if (m.toolheads.size() == 1)
        return say("nozzle {}", nozzle + 1);
    return say(
        "nozzle {} ({})", nozzle + 1,
        m.toolheads[static_cast<std::size_t>(m.nozzles[static_cast<std::size_t>(nozzle)].toolhead)].name);
}

Message slot_name(const Machine& m, int toolhead, int slot) {
    const std::string& head = m.toolheads[static_cast<std::size_t>(toolhead)].name;
    if (m.toolheads.size() == 1)
        return slot ? say("slot {}", slot) : say("external spool");
    return slot ? say("{}, slot {}", head, slot) : say("{}, external spool", head);
}

Message describe(const Machine& m) {
    std::vector<Message> heads;
    for (std::size_t t = 0; t < m.toolheads.size(); ++t) {
        int there = 0, missing = 0;
        for (const Nozzle& n : m.nozzles)
            if (n.toolhead == static_cast<int>(t))
                ++(n.missing ? missing : there);
        const Message nozzles = counted("{} nozzle", "{} nozzles", there);
        const Message fed = m.toolheads[t].has_feeder()
                                ? counted("feeder with {} slot", "feeder with {} slots", m.toolheads[t].slots)
                                : say("one external spool");
        heads.push_back(missing ? say("{}: {} and {} missing, {}", m.toolheads[t].name, nozzles, missing, fed)
                                : say("{}: {}, {}", m.toolheads[t].name, nozzles, fed));
    }
    return clauses(std::move(heads));
}

Message what_it_can(const Machine& m) {
    int there = 0, slots = 0, external = 0;
    std::vector<double> diameters;
    for (const Nozzle& n : m.nozzles)
        if (!n.missing) {
            ++there;
            if (std::find(diameters.begin(), diameters.end(), n.diameter_mm) == diameters.end())
                diameters.push_back(n.diameter_mm);
        }
    for (std::size_t t = 0; t < m.toolheads.size(); ++t) {
        const bool prints = std::any_of(m.nozzles.begin(), m.nozzles.end(), [&](const Nozzle& n) {
            return n.toolhead == static_cast<int>(t) && !n.missing;
        });
        slots += prints ? m.toolheads[t].slots : 0;
        external += prints && !m.toolheads[t].has_feeder();
    }
    if (!there)
        return say("Cannot print: every nozzle is missing.");
    const int held = slots + external, pure = std::min(held, there), share = there - external;
    const Message changing =
        there == 1
            ? held == 1 ? say("every change is a swap by hand") : say("every change purges the one nozzle")
        : slots && held > there
            ? counted("{} of them on a nozzle of its own, which changes without purging, the others share",
                      "{} of them on nozzles of their own, which change without purging, the others share",
                      pure)
            : counted("{} of them on a nozzle of its own, which changes without purging",
                      "{} of them on nozzles of their own, which change without purging", pure);
    const Message more =
        slots && slots < share
            ? counted("with only {} slot for {} nozzles, more filaments mean a refill",
                      "with only {} slots for {} nozzles, more filaments mean a refill", slots, share)
        : slots     ? say("more need a refill while a slot is idle")
        : there > 1 ? say("more are swapped by hand")
                    : Message{};
    const Message can = say(
        "{}.",
        clauses({counted("Holds {} filament at once", "Holds {} filaments at once", held), changing, more}));
    return diameters.size() > 1
               ? sentences(
                     {can,
                      say("Nozzles of different diameter: only those that suit the line width are used.")})
               : can;
}

} // namespace vitrail
