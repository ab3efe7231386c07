// vitrail-scale: a scale to try weighing with.
#include "devices/serve.h"
#include "devices/sim_scale.h"

#include <CLI/CLI.hpp>

int main(int argc, char** argv) {
    using namespace vitrail;
    CLI::App app{"A simulated scale, over a port of this machine and a pseudo-terminal: P prints what it "
                 "shows, Z sets it to zero."};
    Serving serving;
    ScaleMakeUp make_up;
    unsigned seed = 1;
    double load_g = 0;
    app.add_option("--port", serving.port, "Port on 127.0.0.1; 0: any that is free")
        ->check(CLI::Range(0, 65535));
    app.add_option("--step", make_up.step_g, "Grams between two readings of the display")
        ->check(CLI::Range(0.001, 100.0));
    app.add_option("--noise", make_up.noise_g, "Standard deviation of a reading, g")
        ->check(CLI::Range(0.0, 100.0));
    app.add_option("--drift", make_up.drift_g_h, "How the zero wanders, g an hour")
        ->check(CLI::Range(-100.0, 100.0));
    app.add_option("--largest", make_up.largest_g, "Grams that it weighs at most")
        ->check(CLI::Range(1.0, 1e6));
    app.add_option("--load", load_g, "Grams that lie on it")->check(CLI::Range(0.0, 1e6));
    app.add_option("--speed", serving.speed, "Seconds of the scale in one of ours")
        ->check(CLI::Range(0.01, 1e9));
    app.add_option("--seed", seed, "Of its noise");
    app.add_flag("--once", serving.once, "End with the first that connects and hangs up");
    app.add_flag("!--no-terminal", serving.terminal, "Only the port");
    CLI11_PARSE(app, argc, argv);
    SimScale scale(make_up, seed);
    scale.take("HAND load " + std::to_string(load_g) + "\n");
    scale.pass(10);
    return serve(serving, {"vitrail-scale", [&](std::string_view bytes) { return scale.take(bytes); },
                           [&](double s) { return scale.pass(s); }, [] { return -1.0; },
                           [&] { return serving.speed; }, [] { return 0.0; }});
}
