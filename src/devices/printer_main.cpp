// vitrail-printer: a printer to rehearse with.
#include "devices/device_call.h"
#include "devices/sim_printer.h"

#include "core/run/commands.h"
#include "formats/files.h"
#include "formats/machine_file.h"

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
    Serving serving;
    Moods moods;
    std::string machine_id = "hand-swap", card;
    unsigned seed = 1;
    bool print = false;
    DeviceCall call(
        "A simulated printer: line-numbered G-code with checksums, over a port of this machine and "
        "a pseudo-terminal. Nothing gets hot.",
        serving);
    call.text("--machine", machine_id, "A machine that ships, or a machine file");
    call.number("--speed", serving.speed, 0.01, 1e9, "Seconds of the printer in one of ours");
    call.seed(seed, "Of its moods");
    call.number("--runs-out", moods.runs_out_mm, 0, 1e9, "The filament ends after so many mm");
    call.number("--drops", moods.drops, 0, 0.9, "Share of lines that arrive damaged or not at all");
    call.number("--resets", moods.resets_s, 0, 1e9, "It starts anew after about so many seconds");
    call.number("--slow", moods.slow, 0.01, 100, "Everything takes so many times as long");
    call.number("--late", moods.late_s, 0, 1e7, "Whoever is called comes up to so many seconds later");
    call.file("--card", card, "A toolpath file that it prints by itself once it is told to (M24)");
    call.flag("--print", print, "Begin with the card at once");
    if (const auto status = call.read(argc, argv))
        return *status;

    const Result<Machine> machine = machine_of(machine_id);
    if (!machine) {
        fmt::print(stderr, "error: {}: {}\n", machine_id, english(machine.error().message));
        return 1;
    }
    SimPrinter printer(*machine, file_words(machine->commands), moods, seed);
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
