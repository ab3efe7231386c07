#include "cli/run_commands.h"

#include <memory>

namespace vitrail {

void add_run_commands(CLI::App& app, std::function<int()>& run) {
    const auto when = std::make_shared<WhenCall>();
    CLI::App* when_command = app.add_subcommand("when", "When to come: a run on the clock, plate after plate");
    when_command->add_option("projects", when->projects, "The projects, *.vitrail, in the order they are printed on one machine")->required()->expected(1, -1);
    when_command->add_option("--start", when->start, "2026-12-05T18:30, or now")->required();
    when_command->add_option("--within", when->within_h, "Hours after --start within which the best start is sought")->check(CLI::Range(0.1, 2400.0));
    when_command->add_option("--by", when->by, "With --within: finished by then");
    when_command->add_option("--quiet", when->quiet, "HH:MM-HH:MM: when nobody comes; else the project's night");
    when_command->add_option("--night", when->at_night, "What falls due then: come (somebody gets up) or wait (until morning)")->check(CLI::IsMember({"come", "wait"}));
    when_command->add_option("--zone", when->zone, "The time zone of the place, such as Europe/Lisbon; else this machine's");
    when_command->add_option("--ics", when->ics, "Write the visits as a calendar (iCalendar)");
    when_command->add_option("--set", when->settings, "KEY=VALUE: a setting for this run only")->expected(1)->take_all();
    when_command->add_flag("--json", when->json, "Print JSON");
    when_command->callback([when, &run] { run = [when] { return run_when(*when); }; });

    const auto gcode = std::make_shared<GcodeCall>();
    CLI::App* gcode_command = app.add_subcommand("gcode", "What a toolpath file says against the plan; status 1 if something would spoil the print");
    gcode_command->add_option("project", gcode->project, "The project, *.vitrail")->required();
    gcode_command->add_option("file", gcode->file, "The toolpath file (G-code)")->required();
    gcode_command->add_option("--write", gcode->write, "Write the same file with the plan's pauses or swaps, to this one");
    gcode_command->add_flag("--take-tools", gcode->take_tools, "With --write: tool changes become swaps by hand");
    gcode_command->add_flag("--take-others", gcode->take_others, "With --write: stops that stand elsewhere become comments");
    gcode_command->add_option("--set", gcode->settings, "KEY=VALUE: a setting for this run only")->expected(1)->take_all();
    gcode_command->add_flag("--json", gcode->json, "Print JSON");
    gcode_command->callback([gcode, &run] { run = [gcode] { return run_gcode(*gcode); }; });
}

} // namespace vitrail
