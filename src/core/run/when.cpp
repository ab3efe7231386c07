#include "core/run/when.h"

#include "core/base/civil.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace vitrail {

namespace {

constexpr double kHour_s = 3600, kDay_s = 86400;

std::string letter_and_name(const Project& p, int filament) {
    const Filament& f = p.filaments[static_cast<std::size_t>(filament)];
    return f.name.empty() ? std::string(1, f.letter) : std::string(1, f.letter) + " " + f.name;
}

Message what_to_do(const Project& p, const Plan& plan, const Visit& v) {
    if (v.what == Visit::What::swap) {
        const Change& c = plan.changes[static_cast<std::size_t>(v.change)];
        return say("{0} out, {1} in on {2}, before layer {3}", letter_and_name(p, c.displaced),
                   letter_and_name(p, c.to), nozzle_name(p.machine, c.nozzle), c.layer);
    }
    const Refill& r = plan.refills[static_cast<std::size_t>(v.refill)];
    const Message slot = slot_name(p.machine, r.toolhead, r.slot);
    const Message layers = r.pause ? say("the printer waits in layer {}", r.latest_layer)
                           : r.earliest_layer == r.latest_layer
                               ? say("while layer {} is printed", r.earliest_layer)
                               : say("any time in layers {} to {}", r.earliest_layer, r.latest_layer);
    return r.out < 0 ? say("{0} into {1}: {2}", letter_and_name(p, r.in), slot, layers)
                     : say("{0} out of {1}, {2} in: {3}", letter_and_name(p, r.out), slot,
                           letter_and_name(p, r.in), layers);
}

} // namespace

RunPlate run_plate(const Project& project, const Plan& plan) {
    RunPlate out;
    out.name = project.name;
    out.total_s = plan.totals.total_s;
    for (const LayerCost& l : plan.layers)
        out.layers_s.push_back(l.start_s);
    out.visits = plan.attendance.visits;
    for (const Visit& v : out.visits) {
        out.says.push_back(what_to_do(project, plan, v));
        out.takes_s.push_back(
            v.what == Visit::What::swap    ? plan.changes[static_cast<std::size_t>(v.change)].time_s
            : v.what == Visit::What::pause ? plan.refills[static_cast<std::size_t>(v.refill)].time_s
                                           : 0);
    }
    return out;
}

double layer_s(const RunPlate& plate, int layer) {
    return layer < 1 ? 0
           : layer <= static_cast<int>(plate.layers_s.size())
               ? plate.layers_s[static_cast<std::size_t>(layer) - 1]
               : plate.total_s;
}

int layer_at(const RunPlate& plate, double s) {
    return static_cast<int>(std::upper_bound(plate.layers_s.begin(), plate.layers_s.end(), s) -
                            plate.layers_s.begin());
}

RunTask run_task(const Settings& s, Zone zone, std::vector<RunPlate> plates) {
    return {std::move(plates),
            std::move(zone),
            s.night_from,
            s.night_to,
            s.at_night,
            s.between_plates_min * 60,
            {}};
}

Standing not_begun(const RunTask& task, std::int64_t start) {
    return {start, 0, 0, task.pace.likely, {}, 1};
}

std::optional<std::int64_t> start_of(const Project& p, const Zone& zone) {
    const auto day = p.start_date.empty() ? std::nullopt : parse_moment(p.start_date);
    return day ? std::optional(zone.utc_s((*day + std::llround(p.settings.start_hour * 60)) * 60))
               : std::nullopt;
}

std::int64_t next_start_s(const Project& p, const Zone& zone, std::int64_t now) {
    if (const auto s = start_of(p, zone))
        return *s;
    const std::int64_t midnight = zone.utc_s(zone.local_s(now) / 86400 * 86400),
                       hour = static_cast<std::int64_t>(p.settings.start_hour * kHour_s);
    return midnight + hour >= now ? midnight + hour : zone.utc_s(zone.local_s(midnight) + 86400 + hour);
}

std::vector<Night> nights_between(const Zone& zone, double night_from, double night_to, std::int64_t zero,
                                  double from, double to) {
    std::vector<Night> out;
    if (std::fmod(night_from, 24) == std::fmod(night_to, 24))
        return out;
    const auto day_of = [&](double s) {
        return static_cast<std::int64_t>(
            std::floor(static_cast<double>(zone.local_s(zero + static_cast<std::int64_t>(s))) / kDay_s));
    };
    for (std::int64_t day = day_of(from) - 1; day <= day_of(to); ++day) {
        const auto clock = [&](double hour, std::int64_t d) {
            return static_cast<double>(
                zone.utc_s(d * static_cast<std::int64_t>(kDay_s) + std::llround(hour * kHour_s)) - zero);
        };
        const Night n{clock(night_from, day), clock(night_to, night_to > night_from ? day : day + 1)};
        if (n.to_s > from && n.from_s <= to)
            out.push_back(n);
    }
    return out;
}

namespace {

/// Works a run out, plate by plate.
struct Clockwork {
    const RunTask& task;
    const Standing& now;
    RunTimes out;
    double clock_s = 0; ///< from at_s: when the plate at hand is at `plan_s`
    double plan_s = 0;
    double waits_s = 0; ///< of the plate at hand

    double at(double plan) const { return clock_s + (plan - plan_s) * now.pace + waits_s; }
    /// When a window opens that may lie before some of the waits.
    double opens(int plate, double plan) const {
        double s = at(plan) - waits_s;
        for (const RunTimes::Wait& w : out.waits)
            if (w.plate == plate && w.plan_s <= plan)
                s += w.wait_s;
        return std::max(0.0, s);
    }

    void visit(int plate, int index) {
        Visit v = task.plates[static_cast<std::size_t>(plate)].visits[static_cast<std::size_t>(index)];
        const double plan = std::max(plan_s, v.to_s);
        const bool point = v.from_s == v.to_s;
        v.from_s = point ? at(plan) : opens(plate, v.from_s);
        v.to_s = at(plan);
        DueVisit d{v, plate, index, 0, 0, 0, 0, 0, -1};
        if (const Night* n = night_at(out.nights, v.from_s);
            n && v.to_s < n->to_s && task.at_night == AtNight::wait) {
            d.waits_s = n->to_s - v.to_s;
            out.waits.push_back({plate, plan, d.waits_s});
            out.waited_s += d.waits_s;
            waits_s += d.waits_s;
            d.visit.from_s = d.visit.to_s = n->to_s;
        }
        out.visits.push_back(d);
    }

    void run() {
        const int last = static_cast<int>(task.plates.size()) - 1;
        double all_s = 0;
        for (const RunPlate& p : task.plates)
            all_s += p.total_s;
        // Days are used to print, whatever waits at night: so much it can take at most.
        const double night_h = std::fmod(task.night_to - task.night_from + 24, 24);
        out.nights = nights_between(task.zone, task.night_from, task.night_to, now.at_s, 0,
                                    all_s * now.pace * 24 / std::max(1.0, 24 - night_h) +
                                        (last + 3) * (kDay_s + task.between_s));
        out.starts_at_night = night_at(out.nights, 0) != nullptr;
        for (int k = now.plate; k <= last; ++k) {
            const RunPlate& plate = task.plates[static_cast<std::size_t>(k)];
            plan_s = k == now.plate ? now.plan_s : 0;
            waits_s = 0;
            out.plates.push_back({static_cast<std::int64_t>(clock_s), 0});
            out.began_plan_s.push_back(plan_s);
            for (int i = 0; i < static_cast<int>(plate.visits.size()); ++i) {
                const bool done = k == now.plate && (static_cast<std::size_t>(i) < now.done.size()
                                                         ? now.done[static_cast<std::size_t>(i)]
                                                         : false);
                if (!done && plate.visits[static_cast<std::size_t>(i)].to_s >= plan_s)
                    visit(k, i);
            }
            clock_s = at(std::max(plan_s, plate.total_s));
            out.plates.back().end_s = static_cast<std::int64_t>(std::llround(clock_s));
            if (k < last && task.plates[static_cast<std::size_t>(k) + 1].by_itself)
                continue;
            Visit off{Visit::What::take_off,
                      clock_s,
                      clock_s,
                      static_cast<int>(plate.layers_s.size()),
                      -1,
                      -1,
                      false};
            if (k < last) {
                off.from_s = off.to_s = next_day_s(out.nights, clock_s);
                clock_s = off.to_s + task.between_s;
            }
            out.visits.push_back({off, k, -1, 0, 0, 0, 0, 0, -1});
        }
    }
};

} // namespace

namespace {

/// At that pace.
RunTimes times_at(const RunTask& task, const Standing& standing) {
    Clockwork c{task, standing, {}, 0, 0, 0};
    c.out.at_s = standing.at_s;
    c.out.first_plate = standing.plate;
    c.out.pace = standing.pace;
    c.run();
    RunTimes& out = c.out;
    std::stable_sort(out.visits.begin(), out.visits.end(),
                     [](const DueVisit& a, const DueVisit& b) { return a.visit.to_s < b.visit.to_s; });
    // The last plate can be taken off whenever somebody likes.
    std::vector<Visit> visits;
    std::vector<int> index;
    for (std::size_t i = 0; i < out.visits.size(); ++i)
        if (out.visits[i].index >= 0 || out.visits[i].plate + 1 < static_cast<int>(task.plates.size())) {
            visits.push_back(out.visits[i].visit);
            index.push_back(static_cast<int>(i));
        }
    out.trips = trips_for(visits, out.nights);
    for (std::size_t i = 0; i < visits.size(); ++i)
        out.visits[static_cast<std::size_t>(index[i])].visit.at_night = visits[i].at_night;
    for (std::size_t t = 0; t < out.trips.size(); ++t) {
        out.night_trips += out.trips[t].night;
        for (int& v : out.trips[t].visits) {
            v = index[static_cast<std::size_t>(v)];
            out.visits[static_cast<std::size_t>(v)].trip = static_cast<int>(t);
        }
    }
    const auto utc = [&](double s) { return out.at_s + static_cast<std::int64_t>(std::llround(s)); };
    for (DueVisit& d : out.visits) {
        d.from_s = utc(d.visit.from_s);
        d.to_s = d.early_s = d.late_s = utc(d.visit.to_s);
    }
    for (PlateTime& p : out.plates) {
        p.start_s += out.at_s;
        p.end_s += out.at_s;
    }
    out.end_s = out.plates.empty() ? out.at_s : out.plates.back().end_s;
    out.early_end_s = out.late_end_s = out.end_s;
    return std::move(c.out);
}

} // namespace

RunTimes run_times(const RunTask& task, const Standing& standing) {
    RunTimes out = times_at(task, standing);
    if (task.pace.prints == 0)
        return out;
    const auto at = [&](double pace) {
        Standing s = standing;
        s.pace *= std::pow(pace / task.pace.likely, standing.doubt);
        return times_at(task, s);
    };
    const RunTimes early = at(task.pace.low), late = at(task.pace.high);
    const auto due = [](const RunTimes& t) {
        std::map<std::pair<int, int>, std::int64_t> to;
        for (const DueVisit& v : t.visits)
            to[{v.plate, v.index}] = v.to_s;
        return to;
    };
    const auto first = due(early), last = due(late);
    for (DueVisit& v : out.visits)
        v.early_s = first.at({v.plate, v.index}), v.late_s = last.at({v.plate, v.index});
    out.early_end_s = early.end_s, out.late_end_s = late.end_s;
    return out;
}

Message visit_text(const RunTask& task, const DueVisit& v) {
    const auto plate = static_cast<std::size_t>(v.plate);
    if (v.index >= 0)
        return task.plates[plate].says[static_cast<std::size_t>(v.index)];
    if (plate + 1 == task.plates.size())
        return say("done: take it off once the bed is cool");
    return say("take plate {0} off once the bed is cool, start plate {1}", v.plate + 1, v.plate + 2);
}

std::int64_t utc_at(const RunTimes& t, int plate, double plan_s) {
    const std::size_t k =
        static_cast<std::size_t>(std::clamp(plate - t.first_plate, 0, static_cast<int>(t.plates.size()) - 1));
    double s = (plan_s - t.began_plan_s[k]) * t.pace;
    for (const RunTimes::Wait& w : t.waits)
        if (w.plate == plate && w.plan_s <= plan_s)
            s += w.wait_s;
    return t.plates[k].start_s + std::llround(s);
}

double layers_at(const RunTimes& t, const RunTask& task, int plate, std::int64_t utc) {
    const RunPlate& p = task.plates[static_cast<std::size_t>(plate)];
    const int count = static_cast<int>(p.layers_s.size());
    int low = 1, high = count + 1; // the last layer that has begun by then
    if (count == 0 || utc < utc_at(t, plate, layer_s(p, 1)))
        return 0;
    while (high - low > 1) {
        const int middle = (low + high) / 2;
        (utc_at(t, plate, layer_s(p, middle)) <= utc ? low : high) = middle;
    }
    const double from = static_cast<double>(utc_at(t, plate, layer_s(p, low))),
                 to = static_cast<double>(utc_at(t, plate, layer_s(p, low + 1)));
    return std::min<double>(
        count,
        low - 1 + (to > from ? std::clamp((static_cast<double>(utc) - from) / (to - from), 0.0, 1.0) : 1));
}

std::vector<StartPoint> start_curve(const RunTask& task, std::int64_t from, std::int64_t to, int step) {
    std::vector<StartPoint> out;
    for (std::int64_t s = from; s <= to; s += step) {
        const RunTimes t = times_at(task, not_begun(task, s));
        out.push_back(
            {s, t.end_s, static_cast<int>(t.trips.size()), t.night_trips, t.waited_s, t.starts_at_night});
    }
    return out;
}

int best_start(std::span<const StartPoint> curve, const StartWish& wish) {
    const auto key = [&](const StartPoint& p) {
        const std::int64_t late =
            wish.finished_by_s && p.end_s > *wish.finished_by_s ? p.end_s - *wish.finished_by_s : 0;
        return std::tuple(late > 0, p.at_night, late, p.night_trips, p.waited_s, p.trips, p.end_s);
    };
    const auto best =
        std::min_element(curve.begin(), curve.end(),
                         [&](const StartPoint& a, const StartPoint& b) { return key(a) < key(b); });
    return best == curve.end() ? -1 : static_cast<int>(best - curve.begin());
}

} // namespace vitrail
