#include "cli/run_commands.h"

#include <CLI/CLI.hpp>

#include <memory>

namespace vitrail {

void add_run_commands(CLI::App& app, std::function<int()>& run) {
    const auto when = std::make_shared<WhenCall>();
    CLI::App* when_command =
        app.add_subcommand("when", "When to come: a run on the clock, plate after plate");
    when_command
        ->add_option("projects", when->projects,
                     "The projects, *.vitrail, in the order they are printed on one machine")
        ->required()
        ->expected(1, -1);
    when_command->add_option("--start", when->start, "2026-12-05T18:30, or now")->required();
    when_command->add_option("--book", when->book,
                             "A logbook: visits then have the times between which they come due with 80 %");
    when_command
        ->add_option("--within", when->within_h, "Hours after --start within which the best start is sought")
        ->check(CLI::Range(0.1, 2400.0));
    when_command->add_option("--by", when->by, "With --within: finished by then");
    when_command->add_option("--quiet", when->quiet,
                             "HH:MM-HH:MM: when nobody comes; else the project's night");
    when_command
        ->add_option("--night", when->at_night,
                     "What falls due then: come (somebody gets up) or wait (until morning)")
        ->check(CLI::IsMember({"come", "wait"}));
    when_command->add_option("--zone", when->zone,
                             "The time zone of the place, such as Europe/Lisbon; else this machine's");
    when_command->add_option("--ics", when->ics, "Write the visits as a calendar (iCalendar)");
    when_command->add_option("--set", when->settings, "KEY=VALUE: a setting for this run only")
        ->expected(1)
        ->take_all();
    when_command->add_flag("--json", when->json, "Print JSON");
    when_command->callback([when, &run] { run = [when] { return run_when(*when); }; });

    const auto rescue = std::make_shared<RescueCall>();
    CLI::App* rescue_command = app.add_subcommand(
        "rescue", "A plan for the rest after a layer went wrong, and what else can be done");
    rescue_command
        ->add_option("project", rescue->project,
                     "The project that was being printed, *.vitrail; it is not changed")
        ->required();
    rescue_command->add_option("out", rescue->out, "The rescue plan to write, *.vitrail");
    rescue_command
        ->add_option("--at-layer", rescue->at_layer,
                     "The last layer that is printed; of a mishap the first it concerns")
        ->required();
    CLI::Option* extra =
        rescue_command
            ->add_option("--extra", rescue->extra, "So many layers more of what that layer is printed in")
            ->check(CLI::Range(1, 1000));
    rescue_command
        ->add_option("--measured", rescue->measured,
                     "The height that is really there, mm: the layers follow from it")
        ->check(CLI::Range(0.01, 10000.0))
        ->excludes(extra);
    rescue_command->add_flag(
        "--exact", rescue->exact,
        "With --measured: the extra layers get a height of their own, so that nothing is left over");
    rescue_command->add_flag("--not-homed", rescue->not_homed, "The printer has lost its position");
    rescue_command->add_flag("--cold", rescue->cold, "The bed has cooled");
    rescue_command->add_option("--gcode", rescue->file, "The toolpath file that was being printed");
    rescue_command->add_option("--rest", rescue->rest,
                               "With --gcode: write what is left of it, lifted, to this file");
    rescue_command->add_option("--gone", rescue->gone,
                               "Instead: this filament is not there any more; lists the ways on");
    rescue_command->add_option("--missed", rescue->missed,
                               "Instead, FROM>TO: the swap before that layer was missed for --layers layers");
    rescue_command->add_option(
        "--wrong", rescue->wrong,
        "Instead, MEANT>PRINTED: that layer and so many on were printed in another filament");
    rescue_command->add_option("--layers", rescue->layers, "How many layers a mishap took")
        ->check(CLI::Range(1, 30000));
    rescue_command->add_option("--set", rescue->settings, "KEY=VALUE: a setting for this run only")
        ->expected(1)
        ->take_all();
    rescue_command->add_flag("--json", rescue->json, "Print JSON");
    rescue_command->callback([rescue, &run] { run = [rescue] { return run_rescue(*rescue); }; });

    const auto rehearse = std::make_shared<RehearseCall>();
    CLI::App* rehearse_command = app.add_subcommand(
        "rehearse", "The print on a simulated printer: which swaps would be missed, and what comes of it");
    rehearse_command->add_option("project", rehearse->project, "The project, *.vitrail")->required();
    rehearse_command->add_option("--gcode", rehearse->file,
                                 "The toolpath file to be printed; else the plan in short");
    rehearse_command->add_option("--start", rehearse->start,
                                 "2026-12-05T18:30, or now; else the project's start today");
    rehearse_command->add_option("--quiet", rehearse->quiet,
                                 "HH:MM-HH:MM: when nobody comes; else the project's night");
    rehearse_command->add_option("--zone", rehearse->zone,
                                 "The time zone of the place, such as Europe/Lisbon; else this machine's");
    rehearse_command
        ->add_option("--late", rehearse->late_min, "Whoever is called comes up to so many minutes later")
        ->check(CLI::Range(0.0, 10000.0));
    rehearse_command->add_option("--slow", rehearse->slow, "The printer takes so many times as long")
        ->check(CLI::Range(0.1, 10.0));
    rehearse_command
        ->add_option("--drops", rehearse->drops, "Share of lines that arrive damaged or not at all")
        ->check(CLI::Range(0.0, 0.9));
    rehearse_command->add_option("--runs-out", rehearse->runs_out_m, "A spool ends after so many metres")
        ->check(CLI::Range(0.0, 1e6));
    rehearse_command
        ->add_option("--resets", rehearse->resets_h, "The printer starts anew after about so many hours")
        ->check(CLI::Range(0.0, 1e5));
    rehearse_command->add_option("--seed", rehearse->seed, "Of all that is left to chance");
    rehearse_command->add_option("--set", rehearse->settings, "KEY=VALUE: a setting for this run only")
        ->expected(1)
        ->take_all();
    rehearse_command->add_flag("--json", rehearse->json, "Print JSON");
    rehearse_command->callback([rehearse, &run] { run = [rehearse] { return run_rehearse(*rehearse); }; });

    const auto gcode = std::make_shared<GcodeCall>();
    CLI::App* gcode_command = app.add_subcommand(
        "gcode", "What a toolpath file says against the plan; status 1 if something would spoil the print");
    gcode_command->add_option("project", gcode->project, "The project, *.vitrail")->required();
    gcode_command->add_option("file", gcode->file, "The toolpath file (G-code)")->required();
    gcode_command->add_option("--write", gcode->write,
                              "Write the same file with the plan's pauses or swaps, to this one");
    gcode_command->add_flag("--take-tools", gcode->take_tools,
                            "With --write: tool changes become swaps by hand");
    gcode_command->add_flag("--take-others", gcode->take_others,
                            "With --write: stops that stand elsewhere become comments");
    gcode_command->add_option("--set", gcode->settings, "KEY=VALUE: a setting for this run only")
        ->expected(1)
        ->take_all();
    gcode_command->add_flag("--json", gcode->json, "Print JSON");
    gcode_command->callback([gcode, &run] { run = [gcode] { return run_gcode(*gcode); }; });
}

} // namespace vitrail
