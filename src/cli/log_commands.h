// The logbook on the command line: prints in, prints out, what they teach.
#pragma once

#include "core/logbook/learn.h"

#include <functional>
#include <string>
#include <vector>

namespace CLI {
class App;
}

namespace vitrail {

struct LogCall {
    std::string book; ///< the database; else $VITRAIL_SHELF, else where the program keeps its shelf
    std::string project, file, id, other, find, photograph;
    std::string start, end, outcome = "good", fault, notes, machine, zone;
    int failed_layer = 0, pieces = 0; ///< pieces: on the scale; 0: all
    double piece_g = -1, purge_g = -1, tower_g = -1, step_g = 1, hours = -1, waited_min = -1,
           cleaning_min = -1, soaking_h = -1;
    bool json = false, sure = false;
    std::vector<std::string> settings;
};

// Each does what its subcommand says and returns the exit status.
int run_log_add(const LogCall& call);
int run_log_list(const LogCall& call);
int run_log_teach(const LogCall& call);
int run_log_outlook(const LogCall& call);
int run_log_import(const LogCall& call);
int run_log_export(const LogCall& call);
int run_log_compare(const LogCall& call);
int run_log_page(const LogCall& call);
int run_log_photo(const LogCall& call);
int run_log_machine(const LogCall& call);
int run_log_remarks(const LogCall& call);
int run_log_remove(const LogCall& call);

/// What the logbook in that database makes of a plan; throws Unusable.
Outlook outlook_of(const std::string& book, const Project& project, const Plan& plan);

/// The pace it teaches for prints one after the other, each with its plan; throws Unusable.
Pace pace_by(const std::string& book, const std::vector<PrintRecord>& foretold, const Machine& machine);

/// Its subcommands; the one that is called goes into `run`.
void add_log_commands(CLI::App& app, std::function<int()>& run);

} // namespace vitrail
