#include "core/run/sketch_gcode.h"

#include "core/run/against_plan.h"
#include "core/run/commands.h"

#include <fmt/format.h>

#include <algorithm>
#include <numeric>

namespace vitrail {

namespace {

constexpr double kLap_mm = 40; // the side of it

struct Sketch {
    const Project& p;
    const Plan& plan;
    std::string out;
    double left_mm = 0, front_mm = 0;
    std::vector<double> filament_mm_s; ///< of each filament while it prints

    double printing_s(int layer, int f) const {
        return plan.printing_s[static_cast<std::size_t>(layer - 1) * p.filaments.size() +
                               static_cast<std::size_t>(f)];
    }

    void line(const std::string& text) { out += text + "\n"; }

    /// Around once in so many seconds.
    void lap(double seconds, double filament_mm) {
        const double feed = std::max(1.0, 4 * kLap_mm / std::max(0.01, seconds) * 60);
        for (const auto& [x, y] : {std::pair{kLap_mm, 0.0}, {kLap_mm, kLap_mm}, {0.0, kLap_mm}, {0.0, 0.0}})
            line(fmt::format("G1 X{:.3f} Y{:.3f} E{:.5f} F{:.2f}", left_mm + x, front_mm + y, filament_mm / 4,
                             feed));
    }

    Seam here(int layer) const {
        Seam s;
        s.x_mm = left_mm, s.y_mm = front_mm, s.z_mm = plan.grid.top_mm(std::max(1, layer)),
        s.feed_mm_min = 3000, s.e_relative = true;
        return s;
    }

    void change(const Change& c) {
        if (c.kind == ChangeKind::hand &&
            c.displaced != c.from) // another nozzle takes over, and its spool is exchanged
            if (const int tool = tool_for(p, plan, c); p.machine.nozzles.size() > 1 && tool >= 0)
                line(fmt::format("T{}", tool));
        line(command_for(p, plan.grid, c, c.slot, here(c.layer - 1)));
        const ChangeTime& time = p.machine.time(c.kind);
        const double purge_mm = 1000 * metres(p.filaments[static_cast<std::size_t>(c.to)], c.purge_mm3),
                     seconds = c.time_s - c.wait_s - time.time_s;
        if (purge_mm > 0 && seconds > 0)
            line(fmt::format("G1 E{:.4f} F{:.2f}", purge_mm, purge_mm / seconds * 60));
        line("G1 F3000");
    }

    void layer(int number, std::size_t& next, std::size_t& next_pause) {
        const auto due = [&] {
            return next_pause < plan.refills.size() ? &plan.refills[next_pause] : nullptr;
        };
        const auto pause = [&] {
            if (due()->pause)
                line(command_for(p, plan.grid, *due(), here(number - 1)));
            ++next_pause;
        };
        while (due() && !due()->within_layer && due()->latest_layer <= number - !due()->pause)
            pause();
        const auto order = plan.sequence.layer(static_cast<std::size_t>(number) - 1);
        const double all_s = std::accumulate(order.begin(), order.end(), 0.0,
                                             [&](double sum, int f) { return sum + printing_s(number, f); });
        const double print_s = plan.layers[static_cast<std::size_t>(number) - 1].print_s;
        bool risen = false;
        for (const int f : order) {
            for (; next < plan.changes.size() && plan.changes[next].layer == number &&
                   plan.changes[next].to == f;
                 ++next) {
                while (due() && due()->pause && comes_before(*due(), plan.changes[next]))
                    pause();
                change(plan.changes[next]);
            }
            if (!risen)
                line(fmt::format("G0 X{:.3f} Y{:.3f} Z{:.4f} F3000", left_mm, front_mm,
                                 plan.grid.top_mm(number)));
            risen = true;
            const double seconds = all_s > 0 ? print_s * printing_s(number, f) / all_s
                                             : print_s / static_cast<double>(order.size());
            lap(seconds, std::max(0.01, filament_mm_s[static_cast<std::size_t>(f)] * printing_s(number, f)));
        }
        for (; next < plan.changes.size() && plan.changes[next].layer <= number; ++next)
            change(plan.changes[next]);
    }
};

} // namespace

std::string sketch_gcode(const Project& p, const Plan& plan) {
    Sketch s{p,
             plan,
             {},
             std::max(0.0, (p.machine.bed_x_mm - kLap_mm) / 2),
             std::max(0.0, (p.machine.bed_y_mm - kLap_mm) / 2),
             {}};
    for (std::size_t f = 0; f < p.filaments.size(); ++f) {
        double seconds = 0;
        for (int layer = 1; layer <= plan.grid.count; ++layer)
            seconds += s.printing_s(layer, static_cast<int>(f));
        const double mm3 = f < plan.use.size() ? plan.use[f].printed_mm3() + plan.use[f].tower_mm3 : 0;
        s.filament_mm_s.push_back(seconds > 0 ? 1000 * metres(p.filaments[f], mm3) / seconds : 0);
    }
    s.line("; a rehearsal, not for a real printer");
    if (plan.sequence.items.empty())
        return s.out;
    const int begins_with = plan.sequence.items.front();
    const Filament& f = p.filaments[static_cast<std::size_t>(begins_with)];
    const double bed = (f.bed_c.low + f.bed_c.high) / 2, nozzle = (f.nozzle_c.low + f.nozzle_c.high) / 2;
    for (const std::string& text :
         {std::string("G21"), std::string("G90"), std::string("M83"), std::string("G28"),
          fmt::format("M140 S{:.0f}", bed), fmt::format("M104 S{:.0f}", nozzle),
          fmt::format("M190 S{:.0f}", bed), fmt::format("M109 S{:.0f}", nozzle)})
        s.line(text);
    for (const Stay& stay : plan.stays)
        if (stay.filament == begins_with) {
            if (const int tool = tool_for(p, plan, stay);
                tool > 0 || (tool == 0 && places_for_filament(p.machine) > 1))
                s.line(fmt::format("T{}", tool));
            break;
        }
    std::size_t next = 0, next_pause = 0;
    for (int layer = 1; layer <= plan.grid.count; ++layer)
        s.layer(layer, next, next_pause);
    for (const char* text : {"M400", "M104 S0", "M140 S0"})
        s.line(text);
    return s.out;
}

} // namespace vitrail
