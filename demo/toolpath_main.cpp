// The demo's own toolpath program: make-toolpath PROJECT.vitrail OUT.gcode [tools|stops] [LATE]
// Plain: one tool prints everything. tools: a tool for each filament. stops: what the machine writes at
// changes, LATE layers late.
#include "demo/toolpath.h"

#include "core/plan/planner.h"
#include "formats/archive.h"
#include "formats/files.h"

#include <cstdio>
#include <cstdlib>

int main(int argc, char** argv) {
    using namespace vitrail;
    if (argc < 3) {
        std::fprintf(stderr, "usage: make-toolpath PROJECT.vitrail OUT.gcode [tools|stops] [LATE]\n");
        return 2;
    }
    const auto fail = [](const char* file, const Error& e) {
        std::fprintf(stderr, "error: %s: %s\n", file, english(e.message).c_str());
        return 1;
    };
    const auto project = load_project(argv[1]);
    if (!project)
        return fail(argv[1], project.error());
    Planner planner;
    const auto plan = planner.plan(*project);
    if (!plan)
        return fail(argv[1], plan.error());
    const std::string kind = argc > 3 ? argv[3] : "";
    demo::ToolpathWishes wishes;
    wishes.tools = kind == "tools";
    wishes.stops = kind == "stops";
    wishes.late = argc > 4 ? std::atoi(argv[4]) : 0;
    const Status ok = write_file(argv[2], demo::toolpath_of(*project, **plan, wishes));
    return ok ? 0 : fail(argv[2], ok.error());
}
