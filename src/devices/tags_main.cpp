// vitrail-tags: a reader of spool tags to try with.
#include "devices/device_call.h"
#include "devices/sim_tags.h"

int main(int argc, char** argv) {
    using namespace vitrail;
    Serving serving;
    std::vector<std::string> tags;
    double fails = 0.05;
    unsigned seed = 1;
    DeviceCall call("A simulated reader of spool tags, over a port of this machine and a pseudo-terminal: R "
                    "reads the tag that is held to it.",
                    serving);
    call.texts("--tag", tags, "Numbers of its tags, hexadecimal");
    call.number("--fails", fails, 0, 0.9, "Share of reads that fail");
    call.seed(seed, "Of the tags it makes up, and of what fails");
    if (const auto status = call.read(argc, argv))
        return *status;
    SimTags reader(tags, fails, seed);
    return serve(serving, {"vitrail-tags", [&](std::string_view bytes) { return reader.take(bytes); },
                           [](double) { return std::string(); }, [] { return -1.0; }, [] { return 0.0; },
                           [] { return 0.0; }});
}
