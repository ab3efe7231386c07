#include "core/run/commands.h"

#include <fmt/format.h>

namespace vitrail {

namespace {

struct Values {
    int nozzle, slot, layer;
    char from, to;
    double z_mm;
};

std::string filled_in(const std::string& pattern, const Values& v) {
    const auto value = [&](const std::string& key) -> std::string {
        if (key == "nozzle")
            return std::to_string(v.nozzle + 1);
        if (key == "nozzle0")
            return std::to_string(v.nozzle);
        if (key == "slot")
            return std::to_string(v.slot);
        if (key == "slot0")
            return std::to_string(v.slot > 0 ? v.slot - 1 : 0);
        if (key == "from")
            return v.from ? std::string(1, v.from) : "nothing";
        if (key == "to")
            return std::string(1, v.to);
        if (key == "layer")
            return std::to_string(v.layer);
        if (key == "z")
            return fmt::format("{:.2f}", v.z_mm);
        return "{" + key + "}"; // not ours: leave it as it is
    };
    std::string out;
    for (std::size_t i = 0; i < pattern.size(); ++i) {
        const std::size_t end = pattern[i] == '{' ? pattern.find('}', i) : std::string::npos;
        if (end == std::string::npos) {
            out += pattern[i];
            continue;
        }
        out += value(pattern.substr(i + 1, end - i - 1));
        i = end;
    }
    return out;
}

char letter(const Project& p, int filament) {
    return filament < 0 ? 0 : p.filaments[static_cast<std::size_t>(filament)].letter;
}

} // namespace

std::string command_for(const Project& p, const LayerGrid& grid, const Switch& c, int slot) {
    const Commands& m = p.machine.commands;
    return filled_in(c.kind == ChangeKind::hand ? m.hand : c.kind == ChangeKind::feeder ? m.feeder : m.tool,
                     {c.nozzle, slot, c.layer, letter(p, c.from), letter(p, c.to), grid.bottom_mm(c.layer)});
}

std::string command_for(const Project& p, const LayerGrid& grid, const SlotRefill& r) {
    return filled_in(p.machine.commands.pause, {0, r.slot, r.layer, letter(p, r.out), letter(p, r.in), grid.bottom_mm(r.layer)});
}

} // namespace vitrail
