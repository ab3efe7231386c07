// vitrail-cli: the plan without the window. Exit status: 0 done, 1 unusable input or an error found, 2 wrong
// usage.
#include "cli/commands.h"
#include "cli/log_commands.h"
#include "cli/picture_commands.h"
#include "cli/plate_commands.h"
#include "cli/run_commands.h"
#include "version.h"

#include <CLI/CLI.hpp>

#include <iostream>

namespace {

using namespace vitrail;

int run_command(int argc, char** argv) {
    CLI::App app{
        "Vitrail plans multicolour prints: who gets which filament, when it changes, and what that costs."};
    app.name("vitrail-cli");
    app.require_subcommand(1);
    app.set_version_flag("--version", "vitrail-cli " VITRAIL_VERSION);
    std::function<int()> run;

    NewOptions fresh;
    CLI::App* make = app.add_subcommand("new", "Make a project from model files");
    make->add_option("out", fresh.out, "The project to write, *.vitrail")->required();
    std::vector<std::string> models, pieces;
    const CLI::Option* model_option =
        make->add_option("--model", models, "Model files: 3MF, STL or OBJ")->required()->expected(1, -1);
    const CLI::Option* piece_option =
        make->add_option("--piece", pieces,
                         "NAME[xN] before the --model of each piece: its name, and how many of it")
            ->expected(1)
            ->take_all();
    make->add_option("--machine", fresh.machine, "A machine's id (see machines) or a JSON file");
    make->add_option("--filament", fresh.filaments, "LETTER:MATERIAL:#RRGGBB[:TD_MM]")
        ->expected(1)
        ->take_all();
    make->add_option("--assign", fresh.assignments, "PART=LETTER")->expected(1)->take_all();
    make->add_option("--band", fresh.bands, "PART:Z0..Z1=LETTER, heights in mm")->expected(1)->take_all();
    make->add_option("--paint", fresh.paints,
                     "PART:up|down|Z0..Z1=LETTER, surface that looks up or down, or between heights; =free "
                     "keeps it free of support, =hold has it held")
        ->expected(1)
        ->take_all();
    make->add_option("--first-layer", fresh.first_layer, "First layer height, mm");
    make->add_option("--layer", fresh.layer, "Layer height, mm");
    make->add_option("--copies", fresh.copies, "Copies on the plate");
    make->add_option("--set", fresh.settings, "KEY=VALUE: a setting, kept in the project")
        ->expected(1)
        ->take_all();
    make->add_option("--scale", fresh.scale,
                     "Multiply every length of the models: 25.4 for files in inches, 10 for cm, 1000 for m");
    make->callback([&] {
        // Which piece a model is of is told by the order of the command line.
        std::size_t model = 0, piece = 0;
        for (const CLI::Option* o : make->parse_order())
            if (o == piece_option && piece < pieces.size())
                fresh.models.emplace_back(true, pieces[piece++]);
            else if (o == model_option && model < models.size())
                fresh.models.emplace_back(false, models[model++]);
        run = [&] { return run_new(fresh); };
    });

    PlanOptions plan;
    const auto project_and_settings = [&](CLI::App* sub, PlanOptions& o) {
        sub->add_option("project", o.project, "The project, *.vitrail")->required();
        sub->add_option("--set", o.settings, "KEY=VALUE: a setting for this run only")
            ->expected(1)
            ->take_all();
    };
    const auto project_options = [&](CLI::App* sub, PlanOptions& o) {
        project_and_settings(sub, o);
        sub->add_flag("--json", o.json, "Print JSON");
    };
    CLI::App* plan_command = app.add_subcommand("plan", "Plan the print: changes, purge, time, money");
    project_options(plan_command, plan);
    plan_command->add_option("--book", plan.book,
                             "A logbook: with --json the report says what it makes of hours and grams");
    plan_command->callback([&] { run = [&] { return run_plan(plan); }; });

    CLI::App* set = app.add_subcommand("set", "Change settings in a project file");
    set->add_option("project", plan.project, "The project, *.vitrail")->required();
    set->add_option("settings", plan.settings, "KEY=VALUE")->required()->expected(1, -1);
    set->callback([&] { run = [&] { return run_set(plan); }; });

    CLI::App* check =
        app.add_subcommand("check", "List what would spoil the print; status 1 if an error is among it");
    project_options(check, plan);
    check->callback([&] { run = [&] { return run_check(plan); }; });

    SheetOptions sheet;
    CLI::App* sheet_command = app.add_subcommand("sheet", "Write the run sheet");
    project_and_settings(sheet_command, sheet);
    sheet_command->add_option("--book", sheet.book, "A logbook: its ranges stand behind the totals");
    CLI::Option_group* formats = sheet_command->add_option_group("format");
    formats->add_option("--pdf", sheet.pdf, "As PDF");
    formats->add_option("--csv", sheet.csv, "As CSV, one line a change");
    formats->add_option("--html", sheet.html, "As one HTML page");
    formats->require_option(1, 3);
    sheet_command->callback([&] { run = [&] { return run_sheet(sheet); }; });

    CLI::App* orient =
        app.add_subcommand("orient", "What other poses of the piece would cost, cheapest first");
    project_options(orient, plan);
    orient->callback([&] { run = [&] { return run_orient(plan); }; });

    NozzlesOptions nozzles;
    CLI::App* nozzles_command = app.add_subcommand(
        "nozzles", "Which filament on which nozzle, for each aim, and which spool in which slot when");
    project_options(nozzles_command, nozzles);
    nozzles_command
        ->add_option("--aim", nozzles.aim,
                     "What counts: waste, time or handling; otherwise as the project has it")
        ->check(CLI::IsMember({"waste", "time", "handling"}));
    nozzles_command->add_option("--pin", nozzles.pins, "LETTER=NOZZLE, nozzles counted from 1")
        ->expected(1)
        ->take_all();
    nozzles_command->callback([&] { run = [&] { return run_nozzles(nozzles); }; });

    CLI::App* supports = app.add_subcommand("supports", "Five schools of support, compared on the piece");
    SupportsOptions schools;
    project_options(supports, schools);
    supports->add_option("--shelf", schools.shelf, "Your shelf as CSV or JSON: materials are taken from it");
    supports->callback([&] { run = [&] { return run_supports(schools); }; });

    ExportOptions out;
    CLI::App* export_command =
        app.add_subcommand("export", "Write one body per filament, with a shared origin");
    project_and_settings(export_command, out);
    CLI::Option_group* targets = export_command->add_option_group("target");
    targets->add_option("--3mf", out.threemf, "Into one 3MF file, with colours");
    targets->add_option("--stl", out.stl_folder, "Into a folder, one STL file each");
    export_command
        ->add_option("--by", out.by,
                     "A body for each filament; for each part whole, to be swapped by layers; or for each "
                     "band of a relief")
        ->check(CLI::IsMember({"filament", "part", "band"}))
        ->capture_default_str();
    targets->require_option(1, 2);
    export_command->callback([&] { run = [&] { return run_export(out); }; });

    add_picture_commands(app, run);
    add_plate_commands(app, run);
    add_run_commands(app, run);
    add_log_commands(app, run);

    OffsetStripOptions offset;
    CLI::App* offset_command = app.add_subcommand(
        "offset-strip", "Write two combs to print, by which the offset of a toolhead is read");
    project_and_settings(offset_command, offset);
    offset_command
        ->add_option("--toolhead", offset.toolhead, "Whose offset against the first, counted from 1")
        ->check(CLI::Range(2, 32))
        ->capture_default_str();
    offset_command->add_option("--into", offset.folder, "The folder for 3MF, STL, page and project")
        ->required();
    offset_command->callback([&] { run = [&] { return run_offset_strip(offset); }; });

    bool json = false;
    std::string readings;
    CLI::App* fit =
        app.add_subcommand("fit", "Fit dead volume V_d and mixing volume V_m to calibration readings");
    fit->add_option("readings", readings, "CSV: from_rgb,to_rgb,delta_e,clean_mm3")->required();
    fit->add_flag("--json", json, "Print JSON");
    fit->callback([&] { run = [&] { return run_fit(readings, json); }; });
    std::string project, small;
    int size = 256;
    CLI::App* thumb = app.add_subcommand(
        "thumbnail", "Write the small picture in a project file as PNG, for file managers");
    thumb->add_option("project", project, "The project, *.vitrail")->required();
    thumb->add_option("picture", small, "The picture to write")->required();
    thumb->add_option("--size", size, "Dots on its longer side")->check(CLI::Range(16, 2048));
    thumb->callback([&] { run = [&] { return run_thumbnail(project, small, size); }; });
    std::string guide_into;
    CLI::App* guide = app.add_subcommand("guide", "Write the user guide as HTML");
    guide->add_option("folder", guide_into, "A folder for its pages, which is made")->required();
    std::string guide_language = "en";
    guide->add_option("--language", guide_language, "Its language: en, de")->capture_default_str();
    guide->callback([&] { run = [&] { return run_guide(guide_into, guide_language); }; });
    CLI::App* machines = app.add_subcommand("machines", "The machines that ship with Vitrail");
    machines->add_flag("--json", json, "Print JSON");
    machines->callback([&] { run = [&] { return run_machines(json); }; });
    CLI::App* filaments = app.add_subcommand("filaments", "The material classes and their defaults");
    filaments->add_flag("--json", json, "Print JSON");
    filaments->callback([&] { run = [&] { return run_filaments(json); }; });

    try {
        app.parse(argc, argv);
    } catch (const CLI::Success& e) {
        return app.exit(e);
    } catch (const CLI::ParseError& e) {
        std::cerr << "error: " << e.what() << "\nTry --help.\n";
        return 2;
    }
    return run();
}

} // namespace

int main(int argc, char** argv) {
    try {
        return run_command(argc, argv);
    } catch (const std::bad_alloc&) {
        std::cerr << "error: there is not enough memory for this.\n";
        return 1;
    } catch (const std::exception& e) {
        std::cerr << "error: Vitrail made a mistake (" << e.what() << "). Nothing was written.\n";
        return 1;
    }
}
