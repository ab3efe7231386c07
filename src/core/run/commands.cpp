#include "core/run/commands.h"

#include <fmt/format.h>

#include <algorithm>
#include <charconv>
#include <string_view>

namespace vitrail {

namespace {

struct Values {
    int nozzle = 0, slot = 0, place = 0, layer = 1;
    char from = 'A', to = 'B';
    double z_mm = 0;
    std::string where = {};
    double purge_mm3 = 0, purge_mm = 0, up_mm = 0;
    const Seam* at = nullptr;
};

std::string filled_in(const std::string& pattern, const Values& v) {
    const auto value = [&](const std::string& key) -> std::string {
        if (key == "nozzle")
            return std::to_string(v.nozzle + 1);
        if (key == "nozzle0")
            return std::to_string(v.nozzle);
        if (key == "where")
            return v.where;
        if (key == "place")
            return std::to_string(v.place + 1);
        if (key == "place0")
            return std::to_string(v.place);
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

const std::string& pattern_for(const Machine& machine, ChangeKind kind) {
    const Commands& m = machine.commands;
    return kind == ChangeKind::hand ? m.hand : kind == ChangeKind::feeder ? m.feeder : m.tool;
}

Values values_of(const Project& p, const LayerGrid& grid, const Switch& c, int slot) {
    const int toolhead = p.machine.nozzles[static_cast<std::size_t>(c.nozzle)].toolhead;
    return {.nozzle = c.nozzle,
            .slot = slot,
            .place = std::max(0, place_number(p.machine, {c.nozzle, slot})),
            .layer = c.layer,
            .from = letter(p, c.from),
            .to = letter(p, c.to),
            .z_mm = grid.bottom_mm(c.layer),
            .where = english(slot_name(p.machine, toolhead, slot))};
}

Values values_of(const Project& p, const LayerGrid& grid, const SlotRefill& r) {
    return {.slot = r.slot,
            .layer = r.layer,
            .from = letter(p, r.out),
            .to = letter(p, r.in),
            .z_mm = grid.bottom_mm(r.layer),
            .where = english(slot_name(p.machine, r.toolhead, r.slot))};
}

void place(Values& v, const Project& p, const Seam& at) {
    constexpr double kUp = 10; // clear of the print. From memory
    v.up_mm = std::min(p.machine.height_mm, at.z_mm + kUp);
    v.at = &at;
}

} // namespace

std::string command_for(const Project& p, const LayerGrid& grid, const Switch& c, int slot) {
    return filled_in(pattern_for(p.machine, c.kind), values_of(p, grid, c, slot));
}

std::string command_for(const Project& p, const LayerGrid& grid, const SlotRefill& r) {
    return filled_in(p.machine.commands.pause, values_of(p, grid, r));
}

std::string command_for(const Project& p, const LayerGrid& grid, const Switch& c, int slot, const Seam& at) {
    Values v = values_of(p, grid, c, slot);
    v.purge_mm3 = c.purge_mm3;
    v.purge_mm = 1000 * metres(p.filaments[static_cast<std::size_t>(c.to)], c.purge_mm3);
    place(v, p, at);
    return filled_in(pattern_for(p.machine, c.kind), v);
}

std::string command_for(const Project& p, const LayerGrid& grid, const SlotRefill& r, const Seam& at) {
    Values v = values_of(p, grid, r);
    place(v, p, at);
    return filled_in(p.machine.commands.pause, v);
}

int tool_number(const Machine& m, ChangeKind kind, Place place) {
    Values v;
    v.nozzle = place.nozzle, v.slot = place.slot, v.place = std::max(0, place_number(m, place));
    const std::string text = filled_in(pattern_for(m, kind), v);
    int tool = -1;
    if (text.size() > 1 && text[0] == 'T')
        std::from_chars(text.data() + 1, text.data() + text.size(), tool);
    return tool;
}

namespace {

/// Numbers that call a place: where there is one nozzle only its feeder's, else those of both kinds of
/// change.
std::vector<int> tool_numbers(const Machine& m, Place place) {
    std::vector<int> out;
    for (const ChangeKind kind : {ChangeKind::tool, ChangeKind::feeder})
        if (kind == ChangeKind::tool ? m.nozzles.size() > 1 : place.slot > 0)
            if (const int tool = tool_number(m, kind, place); tool >= 0)
                out.push_back(tool);
    return out;
}

} // namespace

std::map<int, Place> places_by_tool(const Machine& m) {
    std::map<int, Place> out;
    for (const Place& place : places_of(m))
        for (const int number : tool_numbers(m, place))
            out.emplace(number, place);
    return out;
}

std::optional<std::pair<Place, Place>> called_alike(const Machine& m) {
    const std::map<int, Place> called = places_by_tool(m);
    for (const Place& place : places_of(m))
        for (const int number : tool_numbers(m, place))
            if (const Place& first = called.at(number); !(first == place))
                return std::pair{first, place};
    return {};
}

FileWords file_words(const Commands& c) {
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
    return {words(c.hand), words(c.pause), c.g90_sets_e};
}

} // namespace vitrail
