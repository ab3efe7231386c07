// vitrail-printer: a printer to rehearse with.
#include "devices/serve.h"
#include "devices/sim_printer.h"

#include "core/run/commands.h"
#include "formats/files.h"
#include "formats/machine_file.h"

#include <CLI/CLI.hpp>
#include <fmt/format.h>

#include <fstream>
#include <iterator>

namespace {

using namespace vitrail;

Result<Machine> machine_of(const std::string& name) {
    if (const Machine* m = find_machine(name))
        return *m;
    const Result<std::string> json = read_file(name);
    if (!json)
        return json.error();
    return read_machine(*json);
}

} // namespace

int main(int argc, char** argv) {
    CLI::App app{"A simulated printer: line-numbered G-code with checksums, over a port of this machine and "
                 "a pseudo-terminal. Nothing gets hot."};
    Serving serving;
    Moods moods;
    std::string machine_id = "hand-swap", card;
    unsigned seed = 1;
    bool print = false;
    app.add_option("--port", serving.port, "Port on 127.0.0.1; 0: any that is free")
        ->check(CLI::Range(0, 65535));
    app.add_option("--machine", machine_id, "A machine that ships, or a machine file");
    app.add_option("--speed", serving.speed, "Seconds of the printer in one of ours")
        ->check(CLI::Range(0.01, 1e9));
    app.add_option("--seed", seed, "Of its moods");
    app.add_option("--runs-out", moods.runs_out_mm, "The filament ends after so many mm")
        ->check(CLI::Range(0.0, 1e9));
    app.add_option("--drops", moods.drops, "Share of lines that arrive damaged or not at all")
        ->check(CLI::Range(0.0, 0.9));
    app.add_option("--resets", moods.resets_s, "It starts anew after about so many seconds")
        ->check(CLI::Range(0.0, 1e9));
    app.add_option("--slow", moods.slow, "Everything takes so many times as long")
        ->check(CLI::Range(0.01, 100.0));
    app.add_option("--late", moods.late_s, "Whoever is called comes up to so many seconds later")
        ->check(CLI::Range(0.0, 1e7));
    app.add_option("--card", card, "A toolpath file that it prints by itself once it is told to (M24)")
        ->check(CLI::ExistingFile);
    app.add_flag("--print", print, "Begin with the card at once");
    app.add_flag("!--no-terminal", serving.terminal, "Only the port");
    app.add_flag("--once", serving.once, "End with the first that connects and hangs up");
    CLI11_PARSE(app, argc, argv);

    const Result<Machine> machine = machine_of(machine_id);
    if (!machine) {
        fmt::print(stderr, "error: {}: {}\n", machine_id, english(machine.error().message));
        return 1;
    }
    SimPrinter printer(*machine, stop_words(machine->commands), moods, seed);
    if (!card.empty()) {
        std::ifstream in(card, std::ios::binary);
        printer.set_card({std::istreambuf_iterator<char>(in), {}});
        if (print)
            printer.take("M24\n");
    }
    return serve(serving,
                 {"vitrail-printer", [&](std::string_view bytes) { return printer.take(bytes); },
                  [&](double s) { return printer.pass(s); }, [&] { return printer.next_s(); },
                  [&] { return printer.waits_for_somebody() ? 1.0 : 0.0; }, [&] { return printer.speed(); }});
}
