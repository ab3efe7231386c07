// vitrail-tags: a reader of spool tags to try with.
#include "devices/serve.h"
#include "devices/sim_tags.h"

#include <CLI/CLI.hpp>

int main(int argc, char** argv) {
    using namespace vitrail;
    CLI::App app{"A simulated reader of spool tags, over a port of this machine and a pseudo-terminal: R "
                 "reads the tag that is held to it."};
    Serving serving;
    std::vector<std::string> tags;
    double fails = 0.05;
    unsigned seed = 1;
    app.add_option("--port", serving.port, "Port on 127.0.0.1; 0: any that is free")
        ->check(CLI::Range(0, 65535));
    app.add_option("--tag", tags, "Numbers of its tags, hexadecimal");
    app.add_option("--fails", fails, "Share of reads that fail")->check(CLI::Range(0.0, 0.9));
    app.add_option("--seed", seed, "Of the tags it makes up, and of what fails");
    app.add_flag("--once", serving.once, "End with the first that connects and hangs up");
    app.add_flag("!--no-terminal", serving.terminal, "Only the port");
    CLI11_PARSE(app, argc, argv);
    SimTags reader(tags, fails, seed);
    return serve(serving, {"vitrail-tags", [&](std::string_view bytes) { return reader.take(bytes); },
                           [](double) { return std::string(); }, [] { return -1.0; }, [] { return 0.0; },
                           [] { return 0.0; }});
}
