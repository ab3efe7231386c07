// vitrail-scale: a scale to try weighing with.
#include "devices/device_call.h"
#include "devices/sim_scale.h"

int main(int argc, char** argv) {
    using namespace vitrail;
    Serving serving;
    ScaleMakeUp make_up;
    unsigned seed = 1;
    double load_g = 0;
    DeviceCall call("A simulated scale, over a port of this machine and a pseudo-terminal: P prints what it "
                    "shows, Z sets it to zero.",
                    serving);
    call.number("--step", make_up.step_g, 0.001, 100, "Grams between two readings of the display");
    call.number("--noise", make_up.noise_g, 0, 100, "Standard deviation of a reading, g");
    call.number("--drift", make_up.drift_g_h, -100, 100, "How the zero wanders, g an hour");
    call.number("--largest", make_up.largest_g, 1, 1e6, "Grams that it weighs at most");
    call.number("--load", load_g, 0, 1e6, "Grams that lie on it");
    call.number("--speed", serving.speed, 0.01, 1e9, "Seconds of the scale in one of ours");
    call.seed(seed, "Of its noise");
    if (const auto status = call.read(argc, argv))
        return *status;
    SimScale scale(make_up, seed);
    scale.take("HAND load " + std::to_string(load_g) + "\n");
    scale.pass(10);
    return serve(serving, {"vitrail-scale", [&](std::string_view bytes) { return scale.take(bytes); },
                           [&](double s) { return scale.pass(s); }, [] { return -1.0; },
                           [&] { return serving.speed; }, [] { return 0.0; }});
}
