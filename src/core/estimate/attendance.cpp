#include "core/estimate/attendance.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

double hour_at(const Settings& s, double seconds) {
    return std::fmod(s.start_hour + seconds / 3600, 24);
}

bool in_night(const Settings& s, double seconds) {
    const double h = hour_at(s, seconds), from = std::fmod(s.night_from, 24), to = std::fmod(s.night_to, 24);
    return from == to ? false : from < to ? h >= from && h < to : h >= from || h < to;
}

namespace {

/// Whether all of from … to lies in one night.
bool all_night(const Settings& s, double from, double to) {
    if (!in_night(s, from) || !in_night(s, to))
        return false;
    return (to - from) / 3600 <= std::fmod(s.night_to - hour_at(s, from) + 48, 24); // else there is a day between
}

} // namespace

Attendance attend(const Settings& settings, std::span<const Switch> switches, const Timeline& timeline) {
    Attendance a;
    for (std::size_t i = 0; i < switches.size(); ++i) {
        const Switch& c = switches[i];
        if (const double at = timeline.switches[i].at_s; c.kind == ChangeKind::hand)
            a.visits.push_back({Visit::What::swap, at, at, c.layer, static_cast<int>(i), -1, false});
    }
    for (std::size_t i = 0; i < timeline.refills.size(); ++i) {
        const RefillTime& r = timeline.refills[i];
        a.visits.push_back({r.pause ? Visit::What::pause : Visit::What::refill, r.earliest_s, r.latest_s, r.latest_layer, -1, static_cast<int>(i), false});
    }
    for (Visit& v : a.visits)
        v.at_night = all_night(settings, v.from_s, v.to_s);
    std::stable_sort(a.visits.begin(), a.visits.end(), [](const Visit& x, const Visit& y) { return x.to_s < y.to_s; });
    // Earliest end first: a trip at the last moment of the window that closes first serves all that are open then.
    double until = -1, began = 0;
    bool night = false;
    std::vector<char> served(a.visits.size(), 0);
    std::vector<std::size_t> waiting; // refills: only they can be served before their end
    for (std::size_t i = 0; i < a.visits.size(); ++i)
        if (a.visits[i].from_s < a.visits[i].to_s)
            waiting.push_back(i);
    for (std::size_t i = 0; i < a.visits.size(); ++i) {
        if (served[i])
            continue;
        const Visit& v = a.visits[i];
        if (a.trips && v.from_s <= until + kWorthStaying_s && v.from_s == v.to_s) { // one stays for it
            until = v.to_s;
            night |= v.at_night;
        } else {
            a.night_trips += night;
            ++a.trips;
            began = until = v.to_s;
            night = v.at_night;
        }
        a.longest_stay_s = std::max(a.longest_stay_s, until - began);
        for (const std::size_t j : waiting)
            if (a.visits[j].from_s <= until && a.visits[j].to_s >= began)
                served[j] = 1;
    }
    a.night_trips += night;
    return a;
}

} // namespace vitrail
