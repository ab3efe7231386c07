#include "cli/plate_commands.h"

#include "core/project/order.h"

#include <CLI/CLI.hpp>

#include <memory>

namespace vitrail {

namespace {

void add_fill(CLI::App& app, std::function<int()>& run) {
    const auto o = std::make_shared<FillCall>();
    CLI::App* c = app.add_subcommand(
        "fill", "How many at once: waste, time and money of each number of copies, and how many fit");
    c->add_option("project", o->project, "The project, *.vitrail")->required();
    c->add_option("--counts", o->counts, "N..M copies; else from 1 to as many as fit");
    c->add_option("--set", o->settings, "KEY=VALUE: a setting for this run only")->expected(1)->take_all();
    c->add_flag("--json", o->json, "Print JSON");
    c->callback([o, &run] { run = [o] { return run_fill(*o); }; });
}

void add_order(CLI::App& app, std::function<int()>& run) {
    const auto o = std::make_shared<OrderCall>();
    CLI::App* c = app.add_subcommand(
        "order", "Cut an order into plates: what shares one, in which sequence, on which machine");
    c->add_option("items", o->items,
                  "PROJECT=COUNT, or PROJECT:PIECE=COUNT; or one project whose own order is meant")
        ->required()
        ->expected(1, -1);
    c->add_option("--into", o->into,
                  "A folder for the sheet of the order, and a project and a sheet of each plate");
    c->add_option("--aim", o->aim, "What counts")
        ->check(CLI::IsMember({"waste", "hours", "trips", "money", "earliest"}));
    c->add_option("--machine", o->machines,
                  "A machine it may be printed on, by its id or file; else those of the projects")
        ->expected(1)
        ->take_all();
    c->add_option("--start", o->start, "When the first plate can start, 2026-12-05T10:00");
    c->add_option("--due", o->due, "ITEM=2026-12-05T10:00: by when it is wanted; ITEM counted from 1")
        ->expected(1)
        ->take_all();
    c->add_option("--price", o->prices, "ITEM=PRICE of one that is for sale")->expected(1)->take_all();
    c->add_option("--together", o->together, "ITEM,ITEM,…: on the same plates")->expected(1)->take_all();
    c->add_option("--by-day", o->by_day, "ITEM: no plate with it runs at night")->expected(1)->take_all();
    c->add_option("--plans", o->plans, "So many plates are planned at most while searching")
        ->check(CLI::Range(1, 1000000))
        ->capture_default_str();
    c->add_option("--set", o->settings, "KEY=VALUE for the order: nights, money, worth of hands")
        ->expected(1)
        ->take_all();
    c->add_flag("--json", o->json, "Print JSON");
    c->callback([o, &run] { run = [o] { return run_order(*o); }; });
}

void add_jobs(CLI::App& app, std::function<int()>& run) {
    const auto o = std::make_shared<JobsCall>();
    CLI::App* c = app.add_subcommand("jobs", "One print as several: parts by colour, put together after; or "
                                             "lettering first and the piece over it");
    c->add_option("project", o->project, "The project, *.vitrail")->required();
    c->add_flag("--by-colour", o->by_colour, "A job for each colour (else, without --lettering)");
    c->add_flag("--lettering", o->lettering,
                "The outlines of first-layer lettering, then the piece over them")
        ->excludes("--by-colour");
    c->add_option("--into", o->into,
                  "A folder for a project, a sheet and bodies of each job, and the list of parts");
    c->add_option("--set", o->settings, "KEY=VALUE: a setting for this run only")->expected(1)->take_all();
    c->add_flag("--json", o->json, "Print JSON");
    c->callback([o, &run] { run = [o] { return run_jobs(*o); }; });
}

void add_variants(CLI::App& app, std::function<int()>& run) {
    const auto o = std::make_shared<VariantsCall>();
    CLI::App* c = app.add_subcommand("variants",
                                     "Variants side by side, and a sheet of them for somebody who has a say");
    c->add_option("projects", o->projects, "A project with variants; or several projects, each a variant")
        ->required()
        ->expected(1, -1);
    c->add_option("--html", o->html, "Write the sheet as one HTML page");
    c->add_option("--pdf", o->pdf, "As PDF");
    c->add_option("--png", o->png, "As a picture");
    c->add_option("--figure", o->figures,
                  "waste, changes, hand_swaps, hours, money, grams, filaments, per_piece: those that the "
                  "sheet shows; else hours and money")
        ->expected(1)
        ->take_all();
    c->add_option("--date", o->date, "The sheet's date, 2026-11-27");
    c->add_option("--whom", o->whom, "Whom it is for");
    c->add_option("--set", o->settings, "KEY=VALUE: a setting for this run only")->expected(1)->take_all();
    c->add_flag("--json", o->json, "Print JSON");
    c->callback([o, &run] { run = [o] { return run_variants(*o); }; });
}

} // namespace

void add_plate_commands(CLI::App& app, std::function<int()>& run) {
    add_fill(app, run);
    add_order(app, run);
    add_jobs(app, run);
    add_variants(app, run);
}

} // namespace vitrail
