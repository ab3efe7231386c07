#include "cli/log_commands.h"

#include "core/logbook/query.h"

#include <CLI/CLI.hpp>

#include <memory>

namespace vitrail {

void add_log_commands(CLI::App& app, std::function<int()>& run) {
    CLI::App* log = app.add_subcommand(
        "log", "The logbook: prints as foretold and as they came out, and what they teach");
    log->require_subcommand(1);
    const auto call = std::make_shared<LogCall>();
    const auto command = [&](const char* name, const char* what, int (*does)(const LogCall&)) {
        CLI::App* c = log->add_subcommand(name, what);
        c->add_option("--book", call->book, "The database; else $VITRAIL_SHELF, else the program's own");
        c->callback([call, does, &run] { run = [call, does] { return does(*call); }; });
        return c;
    };
    const auto not_negative = CLI::Range(0.0, 1e6);
    CLI::App* add = command("add", "Keep a print", run_log_add);
    add->add_option("project", call->project, "The project that was printed, *.vitrail")->required();
    add->add_option("--start", call->start, "2026-12-05T18:30, or now; else as long ago as planned");
    CLI::Option* end = add->add_option("--end", call->end, "When it was done");
    add->add_option("--hours", call->hours, "How long it took in all")->check(not_negative)->excludes(end);
    add->add_option("--waited-min", call->waited_min, "Of it, standing until somebody came")
        ->check(not_negative);
    add->add_option(
           "--piece-g", call->piece_g,
           "The piece with its support, as weighed: all that was printed, or so many as --pieces says")
        ->check(not_negative);
    add->add_option("--pieces", call->pieces, "How many were on the scale, where not all")
        ->check(CLI::Range(1, 100000));
    add->add_option("--step", call->step_g, "Steps of the scale, g")->check(CLI::Range(0.001, 100.0));
    add->add_option("--purge-g", call->purge_g, "What was thrown out at the changes")->check(not_negative);
    add->add_option("--tower-g", call->tower_g, "Tower, skirt and ooze wall")->check(not_negative);
    add->add_option("--cleaning-min", call->cleaning_min, "Getting the support off, by hand")
        ->check(not_negative);
    add->add_option("--soaking-h", call->soaking_h, "In water")->check(not_negative);
    add->add_option("--outcome", call->outcome, "good, usable or failed")
        ->check(CLI::IsMember({"good", "usable", "failed"}));
    add->add_option("--failed-layer", call->failed_layer, "The layer in which it failed")
        ->check(CLI::Range(1, 1000000));
    add->add_option("--fault", call->fault, "What went wrong, from the list of mistakes");
    add->add_flag("--sure", call->sure, "Keep weights and hours that no print can have, too");
    add->add_option("--notes", call->notes, "Whatever else is worth knowing");
    add->add_option("--set", call->settings, "KEY=VALUE: a setting it was printed with")
        ->expected(1)
        ->take_all();
    add->add_flag("--json", call->json, "Print JSON");
    CLI::App* list = command("list", "The prints that were kept", run_log_list);
    CLI::App* teach =
        command("teach", "Factors with their uncertainty, drifts, outliers, and how good the ranges were",
                run_log_teach);
    CLI::App* compare =
        command("compare", "What came out otherwise in two prints, and what was otherwise", run_log_compare);
    compare->add_option("first", call->id, "Its id")->required();
    compare->add_option("second", call->other, "The id of the other")->required();
    compare->add_option("--page", call->file, "A page to write instead, PDF or HTML");
    CLI::App* says =
        command("remarks", "What the prints of a machine say about its purge, its calibration, its towers",
                run_log_remarks);
    says->add_option("machine", call->machine, "Its id")->required();
    for (CLI::App* c : {list, teach})
        c->add_option("--machine", call->machine, "Only those of a machine");
    for (CLI::App* c : {list, teach, compare, says})
        c->add_flag("--json", call->json, "Print JSON");
    std::string fields;
    for (const QueryField& f : query_fields())
        fields += (fields.empty() ? "" : ", ") + f.name;
    CLI::App* out = command("export", "Write prints as CSV or JSON, by the name's ending", run_log_export);
    out->add_option("file", call->file, "The list to write")->required();
    for (CLI::App* c : {list, out})
        c->add_option("--find", call->find,
                      "Only those with these words; -word: without it; and waste>20, date<2026-10, of " +
                          fields);
    CLI::App* page = command("page", "Write a print as a page, PDF or HTML", run_log_page);
    page->add_option("id", call->id, "Its id")->required();
    page->add_option("file", call->file, "The page")->required();
    CLI::App* photo = command("photo", "Keep a photograph with a print", run_log_photo);
    photo->add_option("id", call->id, "Its id")->required();
    photo->add_option("photograph", call->photograph, "JPEG, PNG, …")->required();
    CLI::App* machine =
        command("machine", "Write a machine file that carries what its prints taught", run_log_machine);
    machine->add_option("machine", call->machine, "A machine's id, or its file")->required();
    machine->add_option("file", call->file, "The machine file to write")->required();
    CLI::App* next =
        command("outlook", "What the logbook makes of a plan: ranges that hold with 80 %", run_log_outlook);
    next->add_option("project", call->project, "The project, *.vitrail")->required();
    next->add_option("--set", call->settings, "KEY=VALUE: a setting for this run only")
        ->expected(1)
        ->take_all();
    next->add_flag("--json", call->json, "Print JSON");
    command("import", "Add prints from CSV or JSON; those with the same id are replaced", run_log_import)
        ->add_option("file", call->file, "The list")
        ->required();
    command("remove", "Take a print out", run_log_remove)->add_option("id", call->id, "Its id")->required();
}

} // namespace vitrail
