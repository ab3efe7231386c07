// At the printer, on the command line: when to come, what a toolpath file says, a rehearsal, a rescue.
#pragma once

#include <functional>
#include <string>
#include <vector>

namespace CLI {
class App;
}

namespace vitrail {

struct WhenCall {
    std::vector<std::string> projects, settings;
    std::string start, quiet, at_night, ics, zone, by, book;
    double within_h = 0;
    bool json = false;
};
struct GcodeCall {
    std::string project, file, write;
    bool json = false, take_tools = false, take_others = false;
    std::vector<std::string> settings;
};

struct RescueCall {
    std::string project, out, file, rest, missed, gone, wrong;
    int at_layer = 0, extra = 0, layers = 1;
    double measured = 0;
    bool json = false, not_homed = false, cold = false, exact = false;
    std::vector<std::string> settings;
};

struct RehearseCall {
    std::string project, file, start, quiet, zone;
    double late_min = 0, slow = 1, drops = 0, runs_out_m = 0, resets_h = 0;
    unsigned seed = 1;
    bool json = false;
    std::vector<std::string> settings;
};

int run_rehearse(const RehearseCall& o);
int run_rescue(const RescueCall& o);
int run_when(const WhenCall& o);
int run_gcode(const GcodeCall& o);

/// Their subcommands; the one that is called goes into `run`.
void add_run_commands(CLI::App& app, std::function<int()>& run);

} // namespace vitrail
