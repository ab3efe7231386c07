// When each layer begins, and how long changes and refills take.
#pragma once

#include "core/changes/seating.h"
#include "core/estimate/booking.h"

namespace vitrail {

struct LayerTime {
    double start_s = 0; ///< when the layer begins, from the start of the print
    double print_s = 0, change_s = 0;
    bool waits_to_cool = false; ///< the least time per layer decides
    double end_s() const { return start_s + print_s + change_s; }
};

struct SwitchTime {
    double time_s = 0, attended_s = 0; ///< purging and waiting included
};

/// A refill once the layers' times are known: a spool that is busy elsewhere narrows its window, or makes the printer wait.
struct RefillTime {
    int earliest_layer = 0, latest_layer = 0, layer = 0;
    bool pause = false;
    double earliest_s = 0, latest_s = 0;
};

struct Timeline {
    std::vector<LayerTime> layers;    ///< [layer − 1]
    std::vector<SwitchTime> switches; ///< [switch]
    std::vector<RefillTime> refills;  ///< [refill of the seating]
    double print_s = 0, change_s = 0, attended_s = 0;
};

/// A layer's printing time is its volume over what nozzle speed or hot end allow, plus travel, at least the least
/// time per layer. What a change takes: the machine's time for its kind, the purge at the hot end's flow, and for a
/// hand swap the wait for the person.
Timeline make_timeline(const Project& project, const LayerGrid& grid, const Books& books, std::span<const Switch> switches, const Seating& seating);

/// mm³ per second of a filament in a layer: the slower of line width × layer height × speed and what melts.
double flow_mm3_s(const Project& project, const Filament& f, const LayerGrid& grid, int layer);

} // namespace vitrail
