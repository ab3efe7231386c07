// When each layer begins, and how long changes and refills take.
#pragma once

#include "core/changes/seating.h"
#include "core/estimate/booking.h"
#include "core/estimate/work.h"

namespace vitrail {

struct LayerTime {
    double start_s = 0; ///< when the layer begins, from the start of the print
    double print_s = 0, change_s = 0;
    bool waits_to_cool = false; ///< the least time per layer decides
    double end_s() const { return start_s + print_s + change_s; }
};

struct SwitchTime {
    double time_s = 0, attended_s = 0; ///< purging and waiting included
    double wait_s = 0;                 ///< of it, until somebody comes
    double at_s = 0;                   ///< when it begins, from the start of the print
};

/// A refill once the layers' times are known: a spool that is busy elsewhere narrows its window, or makes the
/// printer wait.
struct RefillTime {
    int earliest_layer = 0, latest_layer = 0, layer = 0;
    bool pause = false;
    double earliest_s = 0, latest_s = 0;
    double time_s = 0, attended_s = 0; ///< the printer stands still only where it pauses
    double wait_s = 0;                 ///< of it, until somebody comes; not for a spool that is busy
};

struct Timeline {
    double start_s = 0;               ///< heating, homing and levelling, before the first layer
    std::vector<LayerTime> layers;    ///< [layer − 1]
    std::vector<SwitchTime> switches; ///< [switch]
    std::vector<RefillTime> refills;  ///< [refill of the seating]
    double print_s = 0, change_s = 0, attended_s = 0; ///< print_s: start_s and all layers
};

/// A layer takes the time of its lines (printing_s(), in parts: what purge replaced is left out) and of what
/// carries tower and skirt, at least the least time per layer; both times settings.correct_time. What a
/// change takes: the machine's time for its kind; its purge, at the pace of the layer's lines where it is
/// laid down and as fast as it melts where it is thrown out; and for a hand swap, as for a pause, the wait
/// for the person, unless the one before is so short a time ago that nobody went away.
Timeline make_timeline(const Project& project, const Printed& printed, std::span<const double> printing_s,
                       const Books& books, std::span<const Switch> switches, const PurgePlan& purge,
                       const Seating& seating);

/// Nobody goes away for less. From memory.
inline constexpr double kWorthStaying_s = 600;

/// mm³ per second of a filament laid down in long lines in a layer: line width × layer height × speed, or
/// what melts.
double flow_mm3_s(const Project& project, const Filament& f, const LayerGrid& grid, int layer);

/// Seconds from the start to the first line: homing and levelling, then the bed or the nozzle, whichever
/// takes longer to heat for that filament.
double start_up_s(const Project& project, const Filament& first);

} // namespace vitrail
