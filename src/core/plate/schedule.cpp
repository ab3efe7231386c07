#include "core/plate/schedule.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace vitrail {

namespace {

constexpr double kDay = 24;

double hour_of(const Presence& p, double h) {
    return std::fmod(std::fmod(p.start_hour + h, kDay) + kDay, kDay);
}

double night_hours(const Presence& p) {
    return std::fmod(p.night_to - p.night_from + kDay, kDay);
}

/// Hours until the clock shows `hour`.
double until(const Presence& p, double h, double hour) {
    return std::fmod(hour - hour_of(p, h) + 2 * kDay, kDay);
}

bool in_night(const Presence& p, double h) {
    const double night = night_hours(p);
    const double since = std::fmod(hour_of(p, h) - p.night_from + kDay, kDay);
    return night > 0 && since < night - 1e-9;
}

/// When a plate of so many hours starts that must not run at night; whether it can be kept out of it.
std::pair<double, bool> by_day(const Presence& p, double h, double hours) {
    const double awake = next_awake_h(p, h);
    if (!runs_at_night(p, awake, awake + hours))
        return {awake, true};
    const double morning = awake + until(p, awake, p.night_to);
    return hours <= kDay - night_hours(p) ? std::pair(morning, true) : std::pair(awake, false);
}

/// How soon a filament is needed again on the way through `order`.
std::size_t next_use(const ScheduleTask& task, std::span<const int> order, std::size_t from, int filament) {
    for (std::size_t k = from; k < order.size(); ++k) {
        const auto& needs = task.plates[static_cast<std::size_t>(order[k])].filaments;
        if (std::binary_search(needs.begin(), needs.end(), filament))
            return k;
    }
    return order.size();
}

struct MachineState {
    double free_h = 0;
    std::vector<int> holds;
};

int loads_for(const MachineState& m, const ToPrint& plate) {
    return static_cast<int>(std::count_if(plate.filaments.begin(), plate.filaments.end(), [&](int f) {
        return std::find(m.holds.begin(), m.holds.end(), f) == m.holds.end();
    }));
}

/// Puts in what the plate needs.
void load(const ScheduleTask& task, std::span<const int> order, std::size_t k, int places, MachineState& m,
          ScheduledPlate& out) {
    const ToPrint& plate = task.plates[static_cast<std::size_t>(order[k])];
    for (const int f : plate.filaments)
        (std::find(m.holds.begin(), m.holds.end(), f) == m.holds.end() ? out.put_in : out.stays).push_back(f);
    m.holds.insert(m.holds.end(), out.put_in.begin(), out.put_in.end());
    const std::size_t room = std::max<std::size_t>(static_cast<std::size_t>(places), plate.filaments.size());
    while (m.holds.size() > room) {
        auto worst = m.holds.end();
        std::size_t farthest = 0;
        for (auto f = m.holds.begin(); f != m.holds.end(); ++f) {
            if (std::binary_search(plate.filaments.begin(), plate.filaments.end(), *f))
                continue;
            const std::size_t next = next_use(task, order, k + 1, *f) + 1;
            if (next > farthest)
                farthest = next, worst = f;
        }
        if (worst == m.holds.end())
            break;
        m.holds.erase(worst);
    }
    // More than it has places for: what was put in first has made room by the end.
    while (static_cast<int>(m.holds.size()) > places)
        m.holds.erase(m.holds.begin());
}

double late_h(const ToPrint& plate, double end_h, int* pieces = nullptr) {
    double sum = 0;
    for (const auto& [due, n] : plate.due)
        if (end_h > due + 1e-9) {
            sum += (end_h - due) * n;
            if (pieces)
                *pieces += n;
        }
    return sum;
}

} // namespace

double next_awake_h(const Presence& p, double h) {
    return in_night(p, h) ? h + until(p, h, p.night_to) : h;
}

bool runs_at_night(const Presence& p, double from_h, double to_h) {
    if (night_hours(p) <= 0)
        return false;
    return in_night(p, from_h) || from_h + until(p, from_h, p.night_from) < to_h - 1e-9;
}

bool Schedule::better_than(const Schedule& o, bool earliest) const {
    constexpr double kSame = 1e-9;
    if (std::abs(late_h - o.late_h) > kSame)
        return late_h < o.late_h;
    if (nights_broken != o.nights_broken)
        return nights_broken < o.nights_broken;
    const double a = earliest ? finish_h : worth, b = earliest ? o.finish_h : o.worth;
    if (std::abs(a - b) > kSame)
        return a < b;
    return earliest ? worth < o.worth - kSame : finish_h < o.finish_h - kSame;
}

Schedule schedule_in_order(const ScheduleTask& task, std::span<const int> order) {
    Schedule out;
    std::vector<MachineState> machines(task.places.size());
    for (std::size_t k = 0; k < order.size(); ++k) {
        const ToPrint& plate = task.plates[static_cast<std::size_t>(order[k])];
        int best = -1;
        double best_start = 0, best_end = 0, best_late = 0, best_worth = 0;
        bool best_kept = true;
        for (std::size_t m = 0; m < machines.size(); ++m) {
            if (!std::isfinite(plate.hours[m]))
                continue;
            const auto [start, kept] = plate.by_day
                                           ? by_day(task.presence, machines[m].free_h, plate.hours[m])
                                           : std::pair(next_awake_h(task.presence, machines[m].free_h), true);
            const double end = start + plate.hours[m], late = late_h(plate, end),
                         worth = plate.worth[m] + task.load_worth * loads_for(machines[m], plate);
            const auto key = [&](double l, bool k2, double w, double e) {
                return std::tuple(l, !k2, task.earliest ? e : w, task.earliest ? w : e);
            };
            if (best < 0 || key(late, kept, worth, end) < key(best_late, best_kept, best_worth, best_end))
                best = static_cast<int>(m), best_start = start, best_end = end, best_late = late,
                best_worth = worth, best_kept = kept;
        }
        if (best < 0)
            continue;
        ScheduledPlate p{
            order[k], best, best_start, best_end, {}, {}, runs_at_night(task.presence, best_start, best_end)};
        MachineState& m = machines[static_cast<std::size_t>(best)];
        load(task, order, k, task.places[static_cast<std::size_t>(best)], m, p);
        m.free_h = next_awake_h(task.presence, best_end) + task.between_h; // somebody takes it off first
        out.worth += best_worth;
        out.loads += static_cast<int>(p.put_in.size());
        out.late_h += late_h(plate, best_end, &out.late);
        out.nights_broken += best_kept ? 0 : 1;
        out.finish_h = std::max(out.finish_h, best_end);
        out.plates.push_back(std::move(p));
    }
    std::stable_sort(out.plates.begin(), out.plates.end(),
                     [](const ScheduledPlate& a, const ScheduledPlate& b) { return a.start_h < b.start_h; });
    return out;
}

Schedule make_schedule(const ScheduleTask& task) {
    std::vector<int> order(task.plates.size());
    std::iota(order.begin(), order.end(), 0);
    if (order.size() <= kAllOrders) {
        Schedule best = schedule_in_order(task, order);
        while (std::next_permutation(order.begin(), order.end()))
            if (Schedule s = schedule_in_order(task, order); s.better_than(best, task.earliest))
                best = std::move(s);
        return best;
    }
    // What is due first comes first; among those due alike, what needs least put in; what takes long before
    // what is short.
    const auto due_of = [&](int p) {
        double due = kWhenever;
        for (const auto& [d, n] : task.plates[static_cast<std::size_t>(p)].due)
            due = std::min(due, d);
        return due;
    };
    const auto hours_of = [&](int p) {
        return *std::min_element(task.plates[static_cast<std::size_t>(p)].hours.begin(),
                                 task.plates[static_cast<std::size_t>(p)].hours.end());
    };
    std::vector<int> chosen;
    std::vector<int> holds;
    while (!order.empty()) {
        const auto missing = [&](int p) {
            const auto& needs = task.plates[static_cast<std::size_t>(p)].filaments;
            return std::count_if(needs.begin(), needs.end(), [&](int f) {
                return std::find(holds.begin(), holds.end(), f) == holds.end();
            });
        };
        const auto next = std::min_element(order.begin(), order.end(), [&](int a, int b) {
            return std::tuple(due_of(a), missing(a), -hours_of(a)) <
                   std::tuple(due_of(b), missing(b), -hours_of(b));
        });
        holds = task.plates[static_cast<std::size_t>(*next)].filaments;
        chosen.push_back(*next);
        order.erase(next);
    }
    Schedule best = schedule_in_order(task, chosen);
    // Neighbours change places as long as that helps.
    for (bool found = true; found;) {
        found = false;
        for (std::size_t i = 0; i + 1 < chosen.size(); ++i) {
            std::swap(chosen[i], chosen[i + 1]);
            if (Schedule s = schedule_in_order(task, chosen); s.better_than(best, task.earliest))
                best = std::move(s), found = true;
            else
                std::swap(chosen[i], chosen[i + 1]);
        }
    }
    return best;
}

} // namespace vitrail
