#include "core/machine/machine.h"

#include <algorithm>

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
    return d == Destination::tower ? "tower" : "ejected";
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

std::string describe(const Machine& m) {
    const auto count = [](std::size_t n, const std::string& one) {
        return std::to_string(n) + " " + one + (n == 1 ? "" : "s");
    };
    std::string s;
    for (std::size_t t = 0; t < m.toolheads.size(); ++t) {
        const auto nozzles = std::count_if(m.nozzles.begin(), m.nozzles.end(),
                                           [&](const Nozzle& n) { return n.toolhead == static_cast<int>(t); });
        if (t)
            s += "; ";
        s += m.toolheads[t].name + ": " + count(static_cast<std::size_t>(nozzles), "nozzle") + ", ";
        s += m.toolheads[t].has_feeder() ? "feeder with " + count(m.toolheads[t].slots, "slot")
                                         : std::string("one external spool");
    }
    return s;
}

} // namespace vitrail
