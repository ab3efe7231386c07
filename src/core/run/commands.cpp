#include "core/run/commands.h"

#include <fmt/format.h>

#include <algorithm>
#include <string_view>

namespace vitrail {

namespace {

struct Values {
    int nozzle, slot, layer;
    char from, to;
    double z_mm;
    double purge_mm3 = 0, purge_mm = 0, up_mm = 0;
    const Seam* at = nullptr;
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
        if (v.at) {
            // As the file counts: in inches, if it does.
            const auto length = [&](double mm) {
                return v.at->inches ? fmt::format("{:.5f}", mm / 25.4) : fmt::format("{:.3f}", mm);
            };
            if (key == "x")
                return length(v.at->x_mm);
            if (key == "y")
                return length(v.at->y_mm);
            if (key == "e")
                return v.at->inches ? fmt::format("{:.7f}", v.at->e / 25.4) : fmt::format("{:.5f}", v.at->e);
            if (key == "feed")
                return length(v.at->feed_mm_min);
            if (key == "up")
                return length(v.up_mm);
            if (key == "purge")
                return fmt::format("{:.1f}", v.purge_mm3);
            if (key == "purge_mm")
                return length(v.purge_mm);
        }
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

namespace {

const std::string& pattern_for(const Project& p, ChangeKind kind) {
    const Commands& m = p.machine.commands;
    return kind == ChangeKind::hand ? m.hand : kind == ChangeKind::feeder ? m.feeder : m.tool;
}

Values values_of(const Project& p, const LayerGrid& grid, const Switch& c, int slot) {
    return {c.nozzle, slot, c.layer, letter(p, c.from), letter(p, c.to), grid.bottom_mm(c.layer)};
}

Values values_of(const Project& p, const LayerGrid& grid, const SlotRefill& r) {
    return {0, r.slot, r.layer, letter(p, r.out), letter(p, r.in), grid.bottom_mm(r.layer)};
}

void place(Values& v, const Project& p, const Seam& at) {
    constexpr double kUp = 10; // clear of the print. From memory
    v.up_mm = std::min(p.machine.height_mm, at.z_mm + kUp);
    v.at = &at;
}

} // namespace

std::string command_for(const Project& p, const LayerGrid& grid, const Switch& c, int slot) {
    return filled_in(pattern_for(p, c.kind), values_of(p, grid, c, slot));
}

std::string command_for(const Project& p, const LayerGrid& grid, const SlotRefill& r) {
    return filled_in(p.machine.commands.pause, values_of(p, grid, r));
}

std::string command_for(const Project& p, const LayerGrid& grid, const Switch& c, int slot, const Seam& at) {
    Values v = values_of(p, grid, c, slot);
    v.purge_mm3 = c.purge_mm3;
    v.purge_mm = 1000 * metres(p.filaments[static_cast<std::size_t>(c.to)], c.purge_mm3);
    place(v, p, at);
    return filled_in(pattern_for(p, c.kind), v);
}

std::string command_for(const Project& p, const LayerGrid& grid, const SlotRefill& r, const Seam& at) {
    Values v = values_of(p, grid, r);
    place(v, p, at);
    return filled_in(p.machine.commands.pause, v);
}

StopWords stop_words(const Commands& c) {
    // Of several lines the one that stops is not known: each may be it that files do not use for something
    // else.
    const auto words = [](const std::string& pattern) {
        static constexpr std::string_view kHarmless[] = {
            "G0",   "G1",   "G4",   "G28",  "G90",  "G91",  "G92",  "M82",  "M83",
            "M104", "M109", "M140", "M190", "M400", "M106", "M107", "M117", "M118",
            "M300", "M73",  "M84",  "M204", "M205", "M220", "M221"};
        std::vector<std::string> out;
        for (std::size_t from = 0; from < pattern.size();) {
            const std::size_t end = std::min(pattern.find('\n', from), pattern.size());
            const std::string line = pattern.substr(from, end - from);
            const std::size_t first = line.find_first_not_of(" \t");
            if (first != std::string::npos && line[first] != ';' && line[first] != '(') {
                const std::string word = line.substr(first, line.find_first_of(" \t;(", first) - first);
                if (word[0] != 'T' &&
                    std::find(std::begin(kHarmless), std::end(kHarmless), word) == std::end(kHarmless))
                    out.push_back(word);
            }
            from = end + 1;
        }
        return out;
    };
    return {words(c.hand), words(c.pause)};
}

} // namespace vitrail
