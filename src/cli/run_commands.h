// At the printer, on the command line: when to come, and what a toolpath file says.
#pragma once

#include <CLI/CLI.hpp>

#include <functional>
#include <string>
#include <vector>

namespace vitrail {

struct WhenCall {
    std::vector<std::string> projects, settings;
    std::string start, quiet, at_night, ics, zone, by;
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
    bool json = false, not_homed = false, cold = false;
    std::vector<std::string> settings;
};

int run_rescue(const RescueCall& o);
int run_when(const WhenCall& o);
int run_gcode(const GcodeCall& o);

/// Their subcommands; the one that is called goes into `run`.
void add_run_commands(CLI::App& app, std::function<int()>& run);

} // namespace vitrail
