// Plates one after another on machines: when each can start, what is put in for it, and when everything is
// there.
#pragma once

#include <limits>
#include <span>
#include <vector>

namespace vitrail {

/// Up to so many plates every order is looked at.
inline constexpr std::size_t kAllOrders = 6;
inline constexpr double kWhenever = std::numeric_limits<double>::infinity();

/// A plate that has to be printed.
struct ToPrint {
    std::vector<double> hours;               ///< [machine]; infinite: it cannot be printed there
    std::vector<double> worth;               ///< [machine] what it costs there by the aim
    std::vector<int> filaments;              ///< it needs, sorted
    std::vector<std::pair<double, int>> due; ///< hours from the start, and how many pieces of it are due then
    bool by_day = false;                     ///< must not run at night
};

/// Somebody is there outside the night, takes plates off and starts the next. Hours of the day, 0 … 24;
/// equal: there is no night.
struct Presence {
    double start_hour = 8, night_from = 22, night_to = 7;
};

struct ScheduleTask {
    std::vector<ToPrint> plates;
    std::vector<int> places; ///< [machine] filaments it holds at once
    Presence presence;
    double between_h = 0;  ///< from when a plate is taken off to when the next can start
    double load_worth = 0; ///< what putting in one filament costs by the aim
    bool earliest = false; ///< the aim is to be finished early; else what it costs
};

struct ScheduledPlate {
    int plate = 0, machine = 0;
    double start_h = 0, end_h = 0;
    std::vector<int> put_in, stays; ///< filaments
    bool night = false;             ///< some of it runs at night
};

struct Schedule {
    std::vector<ScheduledPlate> plates; ///< by start
    double finish_h = 0, worth = 0;     ///< worth: of plates and loads
    int loads = 0;
    int late = 0;          ///< pieces
    double late_h = 0;     ///< the sum over them
    int nights_broken = 0; ///< plates that must not run at night, and do, because they are too long
    /// Lateness, then what must not run at night, then the aim.
    bool better_than(const Schedule& other, bool earliest) const;
};

/// In that order of plates, each on the machine that suits the aim best: latest first by lateness, then by
/// worth, or by when it is finished. What a machine holds stays in as long as there is room; what is needed
/// again last makes room (Belady 1966).
Schedule schedule_in_order(const ScheduleTask& task, std::span<const int> order);

/// The best of all orders up to 6 plates, proven in what schedule_in_order() does with an order; beyond, by
/// due time, then greedily by loads.
Schedule make_schedule(const ScheduleTask& task);

/// The first moment from `h` hours after the start on at which somebody is there.
double next_awake_h(const Presence& p, double h);
/// Whether any of that time lies in the night.
bool runs_at_night(const Presence& p, double from_h, double to_h);

} // namespace vitrail
