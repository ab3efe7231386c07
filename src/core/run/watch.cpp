#include "core/run/watch.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

void hear(PrinterSays& says, std::string_view line) {
    const auto has = [&](std::string_view text) { return line.find(text) != std::string_view::npos; };
    if (const std::size_t name = line.find("FIRMWARE_NAME:"); name != std::string_view::npos) {
        const std::string_view rest = line.substr(name + 14);
        says.firmware = rest.substr(0, rest.find(' '));
        says.simulated = has("SIMULATED:1");
    } else if (line == "start") {
        says.started_anew = true;
    } else if (has("paused for user") || line.substr(0, 9) == "// waits " || has("action:paused")) {
        says.waits = true;
    } else if (line.substr(0, 11) == "// goes on " || has("action:resumed")) {
        says.waits = false;
    } else if (const auto byte = number_behind(line, "SD printing byte ")) {
        const std::size_t slash = line.find('/');
        const double all =
            slash == std::string_view::npos ? 0 : number_behind(line.substr(slash), "/").value_or(0);
        if (all > 0)
            says.card = std::clamp(*byte / all, 0.0, 1.0);
    } else if (has("Done printing file")) {
        says.card_done = true;
    }
    if (const auto heat = heat_of(line))
        says.heat = heat;
    if (line.substr(0, 2) == "X:")
        if (const auto z = number_behind(line, "Z:")) {
            says.z_before_mm = says.z_mm;
            says.z_mm = z;
            ++says.readings;
        }
}

int layer_of(const PrinterSays& says, const LayerGrid& grid) {
    if (!says.z_mm || !says.z_before_mm)
        return 0;
    const double z = std::min(*says.z_mm, *says.z_before_mm);
    const int layer = layer_ending_at(grid, z);
    if (grid.count < 1 || std::abs(grid.top_mm(layer) - z) > 0.3 * grid.thickness_mm(layer))
        return 0;
    return layer;
}

std::vector<RunEvent> follow(Following& so_far, const PrinterSays& says, const Run& run, int plate,
                             const LayerGrid& grid, std::int64_t now) {
    std::vector<RunEvent> out;
    if (run.task.plates.empty())
        return out;
    const RunPlate& planned = run.task.plates[static_cast<std::size_t>(plate)];
    using What = RunEvent::What;
    if (const int layer = layer_of(says, grid); layer > so_far.layer) {
        so_far.layer = layer;
        out.push_back({What::layer, now, plate, layer, -1});
    }
    if (says.waits && !so_far.waits) {
        so_far.waits = true;
        so_far.known = false;
        so_far.readings = says.readings;
        so_far.visit = -1;
    }
    if (so_far.waits && !so_far.known && (!says.waits || says.readings >= so_far.readings + 2)) {
        so_far.known = true;
        for (std::size_t v = 0; v < planned.visits.size() && so_far.visit < 0; ++v) {
            const Visit& visit = planned.visits[v];
            const bool done = std::any_of(run.events.begin(), run.events.end(), [&](const RunEvent& e) {
                return e.what == What::done && e.plate == plate && e.visit == static_cast<int>(v);
            });
            if (!done && visit.what != Visit::What::refill && std::abs(visit.layer - so_far.layer) <= 1)
                so_far.visit = static_cast<int>(v);
        }
        if (so_far.visit < 0)
            out.push_back({What::paused, now, plate, so_far.layer, -1});
    }
    if (!says.waits && so_far.waits) {
        so_far.waits = false;
        out.push_back(so_far.visit < 0 ? RunEvent{What::resumed, now, plate, so_far.layer, -1}
                                       : RunEvent{What::done, now, plate, so_far.layer, so_far.visit});
    }
    if (says.card_done)
        out.push_back({What::finished, now, plate, so_far.layer, -1});
    return out;
}

} // namespace vitrail
