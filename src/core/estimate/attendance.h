// When somebody must be at the printer.
#pragma once

#include "core/estimate/timeline.h"

namespace vitrail {

/// Something a person must do, at some time between two.
struct Visit {
    enum class What { swap, refill, pause, take_off };
    What what = What::swap;
    double from_s = 0, to_s = 0; ///< from the start; equal where the printer waits
    int layer = 0;
    int change = -1, refill = -1; ///< index into the changes or the refills
    bool at_night = false;        ///< the whole of that time lies in the night
};

/// As files have it: swap, refill, pause, take-off.
const char* to_string(Visit::What what);

/// A time in which nobody is there, seconds from the start; `from_s` may be negative.
struct Night {
    double from_s = 0, to_s = 0;
};
/// The nights of a print that starts at settings.start_hour, until so many seconds after it, by time.
std::vector<Night> nights_of(const Settings& settings, double until_s);
/// The night that a moment lies in; null by day.
const Night* night_at(std::span<const Night> nights, double s);
/// That moment, or the end of the night it lies in.
double next_day_s(std::span<const Night> nights, double s);

/// Once at the printer, for one visit or several.
struct Trip {
    double from_s = 0, to_s = 0; ///< any moment between them will do for all its visits; where one stays for
                                 ///< several, from the first to the last
    bool night = false;          ///< every such moment lies in a night
    bool stays = false;          ///< swaps follow each other so closely that leaving is not worth it
    std::vector<int> visits;
};
/// The fewest trips that serve all visits, by time. First those that can only be made at night, then the
/// others, by day: the earliest end first serves all that it can, which is the fewest (interval stabbing; any
/// textbook on algorithms). Swaps closer than kWorthStaying_s to each other are one stay. Sets at_night of
/// the visits.
std::vector<Trip> trips_for(std::span<Visit> visits, std::span<const Night> nights);

/// What a plan asks of people, by the latest time: each hand swap when the printer waits for it, each refill
/// at any time of its window.
std::vector<Visit> visits_of(std::span<const Switch> switches, const Timeline& timeline);

/// How often somebody must come.
struct Attendance {
    std::vector<Visit> visits; ///< by time
    int trips = 0;             ///< visits taken together where their times allow
    int night_trips = 0;       ///< of those, how many cannot be made outside the night
    double longest_stay_s = 0; ///< hand swaps that follow each other so closely that leaving is not worth it
};
/// The print starting at settings.start_hour, night from settings.night_from to night_to.
Attendance attend(const Settings& settings, std::span<const Switch> switches, const Timeline& timeline);

/// Hour of the day (0 … 24) so many seconds after the start.
double hour_at(const Settings& s, double seconds);
bool in_night(const Settings& s, double seconds);

} // namespace vitrail
