// When somebody must be at the printer.
#pragma once

#include "core/plan/plan.h"

namespace vitrail {

/// Visits in the order of time: each hand swap when the printer waits for it, each refill at any time of its window. Trips
/// are the fewest moments that serve all visits (the earliest end first serves all that it can); swaps closer than
/// kWorthStaying_s to each other are one stay. Night is from settings.night_from to night_to, the print starting at
/// settings.start_hour; a trip is at night when every moment that would do lies in it.
Attendance attend(const Project& project, const Plan& plan);

/// Nobody goes away for less. From memory.
inline constexpr double kWorthStaying_s = 600;

/// Hour of the day (0 … 24) so many seconds after the start.
double hour_at(const Settings& s, double seconds);
bool in_night(const Settings& s, double seconds);

} // namespace vitrail
