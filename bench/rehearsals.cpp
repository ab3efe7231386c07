#include "bench.h"

#include "core/plan/planner.h"
#include "core/run/commands.h"
#include "core/run/read_gcode.h"
#include "core/run/sketch_gcode.h"
#include "demo/solids.h"
#include "devices/rehearse.h"
#include "formats/machine_file.h"

#include <fmt/format.h>

namespace vitrail::bench {

void bench_rehearsals(Table& table) {
    // A column of a thousand layers, its colour exchanged by hand every hundred.
    Project p;
    p.machine = *find_machine("hand-swap");
    p.settings.first_layer_mm = p.settings.layer_mm = 0.2;
    p.filaments = {make_filament('A', Material::PLA, {20, 20, 20}),
                   make_filament('B', Material::PLA, {240, 240, 230})};
    for (int i = 0; i < 10; ++i) {
        Part part;
        part.name = fmt::format("slab-{}", i + 1);
        part.mesh = std::make_shared<Mesh>(solids::box(0, 0, i * 20.0, 20, 20, (i + 1) * 20.0));
        part.filament = i % 2 ? 'B' : 'A';
        p.pieces[0].parts.push_back(std::move(part));
    }
    Planner planner;
    const auto plan = *planner.plan(p);
    const std::string text = sketch_gcode(p, *plan);
    const FileWords stops = file_words(p.machine.commands);
    const ToolpathFile file = read_gcode(text, p.machine.motion, stops);
    const RehearsalScript script = rehearsal_script(p, *plan, file, against_plan(p, *plan, file));
    double rehearsed_s = 0;
    int layers = 0;
    const double took = fastest(3, [&] {
        SimPrinter printer(p.machine, stops, {}, 1);
        Rehearsal rehearsal(script, {}, 1, lines_of(text));
        rehearse(rehearsal, printer);
        rehearsed_s = rehearsal.outcome().clock_s;
        layers = rehearsal.outcome().layer;
    });
    table.push_back({fmt::format("{} layers rehearsed, against the time they take ({:.0f} h)", layers,
                                 rehearsed_s / 3600),
                     seconds(took), seconds(rehearsed_s), times(rehearsed_s / took), "≥ 1000×",
                     layers == 1000 && rehearsed_s / took >= 1000});
}

} // namespace vitrail::bench
