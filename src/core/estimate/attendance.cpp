#include "core/estimate/attendance.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

const char* to_string(Visit::What what) {
    static constexpr const char* kNames[] = {"swap", "refill", "pause", "take-off"};
    return kNames[static_cast<std::size_t>(what)];
}

double hour_at(const Settings& s, double seconds) {
    return std::fmod(s.start_hour + seconds / 3600, 24);
}

bool in_night(const Settings& s, double seconds) {
    const double h = hour_at(s, seconds), from = std::fmod(s.night_from, 24), to = std::fmod(s.night_to, 24);
    return from == to ? false : from < to ? h >= from && h < to : h >= from || h < to;
}

std::vector<Night> nights_of(const Settings& s, double until_s) {
    constexpr double kHour = 3600, kDay = 24;
    std::vector<Night> out;
    const double long_h = std::fmod(s.night_to - s.night_from + kDay, kDay);
    if (long_h <= 0)
        return out;
    double from_h = s.night_from - std::fmod(s.start_hour, kDay);
    while (from_h > -kDay + 1e-9)
        from_h -= kDay;
    for (; from_h * kHour <= until_s; from_h += kDay)
        out.push_back({from_h * kHour, (from_h + long_h) * kHour});
    return out;
}

const Night* night_at(std::span<const Night> nights, double s) {
    const auto n = std::upper_bound(nights.begin(), nights.end(), s,
                                    [](double t, const Night& x) { return t < x.to_s; });
    return n != nights.end() && n->from_s <= s ? &*n : nullptr;
}

double next_day_s(std::span<const Night> nights, double s) {
    const Night* n = night_at(nights, s);
    return n ? n->to_s : s;
}

namespace {

/// When a visit can be made: what of its time lies in the day; all of it, where none does.
struct Open {
    int visit = 0;
    double from = 0, to = 0;
    bool point() const { return from == to; }
};

/// A trip for what must be done last of all at `first`, and what else of `open` can be done then. Marks it as
/// served.
Trip make_trip(std::span<const Open> open, std::size_t first, std::vector<char>& served) {
    Trip t;
    double until = open[first].to;
    const double began = until;
    for (std::size_t i = first; i < open.size(); ++i) // swaps that follow closely: one stays for them
        if (!served[i] && (i == first || (open[i].point() && open[i].from <= until + kWorthStaying_s)))
            until = open[i].to, served[i] = 1, t.visits.push_back(open[i].visit);
    t.stays = until > began;
    t.from_s = t.stays ? began : open[first].from;
    t.to_s = until;
    for (std::size_t i = 0; i < open.size(); ++i)
        if (!served[i] && !open[i].point() && open[i].from <= until && open[i].to >= began) {
            served[i] = 1;
            t.visits.push_back(open[i].visit);
            if (!t.stays)
                t.from_s = std::max(t.from_s, open[i].from);
        }
    return t;
}

/// Whoever gets up does what else can be done then, and who is there already, or stays until morning, stays
/// for swaps that are close.
void join_day(Trip& t, std::span<const Visit> visits, std::vector<char>& done) {
    const bool at_swap = visits[static_cast<std::size_t>(t.visits.front())].from_s ==
                         visits[static_cast<std::size_t>(t.visits.front())].to_s;
    for (bool found = at_swap; found;) {
        found = false;
        for (std::size_t i = 0; i < visits.size(); ++i)
            if (const Visit& v = visits[i]; !done[i] && v.from_s == v.to_s &&
                                            v.from_s >= t.from_s - kWorthStaying_s &&
                                            v.from_s <= t.to_s + kWorthStaying_s) {
                done[i] = 1;
                found = t.stays = true;
                t.from_s = std::min(t.from_s, v.from_s);
                t.to_s = std::max(t.to_s, v.from_s);
                t.visits.push_back(static_cast<int>(i));
            }
    }
    for (std::size_t i = 0; i < visits.size(); ++i)
        if (const Visit& v = visits[i];
            !done[i] && v.from_s < v.to_s && v.from_s <= t.to_s && v.to_s >= (t.stays ? t.from_s : t.to_s)) {
            done[i] = 1;
            t.visits.push_back(static_cast<int>(i));
            if (!t.stays)
                t.from_s = std::max(t.from_s, v.from_s);
        }
}

} // namespace

std::vector<Trip> trips_for(std::span<Visit> visits, std::span<const Night> nights) {
    std::vector<Open> night, day;
    for (std::size_t i = 0; i < visits.size(); ++i) {
        Visit& v = visits[i];
        const Night* n = night_at(nights, v.from_s);
        v.at_night = n && v.to_s < n->to_s;
        const Night* last = night_at(nights, v.to_s);
        const Open o{static_cast<int>(i), v.from_s, v.to_s};
        if (v.at_night)
            night.push_back(o);
        else
            day.push_back({o.visit, next_day_s(nights, v.from_s),
                           last && last->from_s > v.from_s ? last->from_s : v.to_s});
    }
    const auto by_end = [](const Open& a, const Open& b) { return a.to < b.to; };
    std::stable_sort(night.begin(), night.end(), by_end);
    std::stable_sort(day.begin(), day.end(), by_end);
    std::vector<Trip> out;
    std::vector<char> done(visits.size(), 0);
    const auto serve = [&](std::vector<Open>& open, bool at_night) {
        std::vector<char> served(open.size(), 0);
        for (std::size_t i = 0; i < open.size(); ++i) {
            if (served[i] || done[static_cast<std::size_t>(open[i].visit)])
                continue;
            out.push_back(make_trip(open, i, served));
            out.back().night = at_night;
            for (const int v : out.back().visits)
                done[static_cast<std::size_t>(v)] = 1;
        }
    };
    serve(night, true);
    for (Trip& t : out)
        join_day(t, visits, done);
    std::erase_if(day, [&](const Open& o) { return done[static_cast<std::size_t>(o.visit)]; });
    serve(day, false);
    for (Trip& t : out)
        std::sort(t.visits.begin(), t.visits.end());
    std::stable_sort(out.begin(), out.end(), [](const Trip& a, const Trip& b) { return a.to_s < b.to_s; });
    return out;
}

std::vector<Visit> visits_of(std::span<const Switch> switches, const Timeline& timeline) {
    std::vector<Visit> out;
    for (std::size_t i = 0; i < switches.size(); ++i) {
        const Switch& c = switches[i];
        if (const double at = timeline.switches[i].at_s; c.kind == ChangeKind::hand)
            out.push_back({Visit::What::swap, at, at, c.layer, static_cast<int>(i), -1, false});
    }
    for (std::size_t i = 0; i < timeline.refills.size(); ++i) {
        const RefillTime& r = timeline.refills[i];
        out.push_back({r.pause ? Visit::What::pause : Visit::What::refill, r.earliest_s, r.latest_s,
                       r.latest_layer, -1, static_cast<int>(i), false});
    }
    std::stable_sort(out.begin(), out.end(), [](const Visit& x, const Visit& y) { return x.to_s < y.to_s; });
    return out;
}

Attendance attend(const Settings& settings, std::span<const Switch> switches, const Timeline& timeline) {
    Attendance a;
    a.visits = visits_of(switches, timeline);
    for (const Trip& t : trips_for(a.visits, nights_of(settings, timeline.print_s + timeline.change_s))) {
        ++a.trips;
        a.night_trips += t.night;
        if (t.stays)
            a.longest_stay_s = std::max(a.longest_stay_s, t.to_s - t.from_s);
    }
    return a;
}

} // namespace vitrail
