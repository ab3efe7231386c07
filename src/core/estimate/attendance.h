// When somebody must be at the printer.
#pragma once

#include "core/estimate/timeline.h"

namespace vitrail {

/// Something a person must do, at some time between two.
struct Visit {
    enum class What { swap, refill, pause };
    What what = What::swap;
    double from_s = 0, to_s = 0; ///< from the start; equal where the printer waits
    int layer = 0;
    int change = -1, refill = -1; ///< index into the changes or the refills
    bool at_night = false; ///< the whole of that time lies in the night
};

/// How often somebody must come.
struct Attendance {
    std::vector<Visit> visits; ///< by time
    int trips = 0;       ///< visits taken together where their times allow
    int night_trips = 0; ///< of those, how many cannot be made outside the night
    double longest_stay_s = 0; ///< hand swaps that follow each other so closely that leaving is not worth it
};

/// Visits in the order of time: each hand swap when the printer waits for it, each refill at any time of its window. Trips
/// are the fewest moments that serve all visits (the earliest end first serves all that it can); swaps closer than
/// kWorthStaying_s to each other are one stay. Night is from settings.night_from to night_to, the print starting at
/// settings.start_hour; a trip is at night when every moment that would do lies in it.
Attendance attend(const Settings& settings, std::span<const Switch> switches, const Timeline& timeline);

/// Hour of the day (0 … 24) so many seconds after the start.
double hour_at(const Settings& s, double seconds);
bool in_night(const Settings& s, double seconds);

} // namespace vitrail
