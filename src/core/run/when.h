// When to come: a run on the clock of the place, plate after plate.
#pragma once

#include "core/base/zone.h"
#include "core/plan/plan.h"

#include <span>
#include <string>

namespace vitrail {

/// What a plate asks of people, and how long it takes. Seconds count from its start, with nothing waiting for
/// anybody.
struct RunPlate {
    std::string name;
    std::vector<Visit> visits; ///< by the latest time; take_off is not among them
    std::vector<Message> says; ///< [visit] what to do
    /// [visit] what the plan has for it, while the printer stands; 0: it goes on
    std::vector<double> takes_s;
    std::vector<double> layers_s; ///< [layer − 1]: when it begins
    double total_s = 0;
    bool by_itself = false; ///< it begins as soon as the one before ends, on the same bed, with nobody there
};
RunPlate run_plate(const Project& project, const Plan& plan);
/// When the layer of a plate begins; of one more than there are: its end. Layers count from 1.
double layer_s(const RunPlate& plate, int layer);
/// The layer that is printed so many seconds after the start; 0 before the first.
int layer_at(const RunPlate& plate, double s);

/// What a second of the plan takes in fact, by what earlier prints taught: the likely, and 80 % between low
/// and high. prints 0: nobody knows.
struct Pace {
    double low = 1, likely = 1, high = 1;
    int prints = 0;
    bool operator==(const Pace&) const = default;
};

/// A run as it is meant: plates one after the other on one machine.
struct RunTask {
    std::vector<RunPlate> plates;
    Zone zone;
    /// hours of the day on the clock of the place; equal: there is no night
    double night_from = 22, night_to = 7;
    AtNight at_night = AtNight::come;
    double between_s = 600; ///< from the end of a plate to the start of the next
    Pace pace;
};
/// With the settings' night, and what they say about it.
RunTask run_task(const Settings& settings, Zone zone, std::vector<RunPlate> plates);

/// Where a run stands: before it starts, or on its way.
struct Standing {
    std::int64_t at_s = 0; ///< UTC; the moment for which the rest is said
    int plate = 0;
    double plan_s = 0;      ///< how far the plate is, in the seconds of its plan
    double pace = 1;        ///< what a second of the plan takes
    std::vector<char> done; ///< [visit of that plate]; empty: none
    double doubt = 1; ///< how much of the task's range is left, 0 … 1: what was printed says more of this run
                      ///< than earlier ones
};
/// Before it starts, at its likely pace.
Standing not_begun(const RunTask& task, std::int64_t start_s);

/// When it starts, UTC; nothing where the day is not settled.
std::optional<std::int64_t> start_of(const Project& project, const Zone& zone);
/// The same; where it is not settled the next time the clock of the place shows settings.start_hour.
std::int64_t next_start_s(const Project& project, const Zone& zone, std::int64_t now_s);

/// A visit on the clock. UTC seconds.
struct DueVisit {
    Visit visit;              ///< its seconds count from Standing::at_s, and waits are in them
    int plate = 0, index = 0; ///< index: of the plate's visits; −1: take it off, and start the next
    std::int64_t from_s = 0, to_s = 0;
    std::int64_t early_s = 0, late_s = 0; ///< with 80 % the printer is ready for it, or needs it, between
                                          ///< these; equal: nobody knows
    double waits_s = 0;                   ///< the printer stands still until morning
    int trip = 0;
};

struct PlateTime {
    std::int64_t start_s = 0, end_s = 0;
};

/// A run on the clock. UTC seconds.
struct RunTimes {
    std::vector<PlateTime> plates; ///< from the one that is printed on
    int first_plate = 0;
    std::vector<DueVisit> visits; ///< by time
    std::vector<Trip> trips;      ///< seconds from at_s; of `visits`
    std::vector<Night> nights;    ///< seconds from at_s
    std::int64_t at_s = 0, end_s = 0;
    std::int64_t early_end_s = 0, late_end_s = 0; ///< with 80 % between these; equal: nobody knows
    int night_trips = 0;
    double waited_s = 0; ///< until morning, all in all
    bool starts_at_night = false;
    struct Wait {
        int plate = 0;
        double plan_s = 0, wait_s = 0;
    };
    std::vector<Wait> waits;
    double pace = 1;
    std::vector<double> began_plan_s; ///< [plate − first_plate]: how far it is at its PlateTime::start_s
};

/// When everything is due. What falls due at night is done then, or waits until morning, as the task says;
/// refills can be done at any time of their windows, and wait only where all of it is night. A later plate is
/// started by day by whoever takes the one before off. Early and late are those of the run at the ends of the
/// task's range of paces, waits until morning and all.
RunTimes run_times(const RunTask& task, const Standing& standing);
/// What a visit is, as a sentence; of an index −1: take the plate off.
Message visit_text(const RunTask& task, const DueVisit& visit);
/// UTC second at which a plate has come so far.
std::int64_t utc_at(const RunTimes& times, int plate, double plan_s);

/// Where in the layers a plate is at that moment: 2.5 is half-way through layer 3; 0 before the first, their
/// number after the last.
double layers_at(const RunTimes& times, const RunTask& task, int plate, std::int64_t utc_s);

/// Nights on the clock of the place between two moments, seconds from `zero_s`. A night over which the clock
/// is changed is an hour shorter or longer.
std::vector<Night> nights_between(const Zone& zone, double night_from, double night_to, std::int64_t zero_s,
                                  double from_s, double to_s);

/// What a start comes to.
struct StartPoint {
    std::int64_t start_s = 0, end_s = 0;
    int trips = 0, night_trips = 0;
    double waited_s = 0;
    bool at_night = false; ///< somebody would have to get up to start it
};
/// Every `step_s` > 0 from … to.
std::vector<StartPoint> start_curve(const RunTask& task, std::int64_t from_s, std::int64_t to_s, int step_s);

/// What a start is chosen for.
struct StartWish {
    std::optional<std::int64_t> finished_by_s;
};
/// Of the curve: not started at night, finished in time where that can be; then the fewest trips at night,
/// then the shortest wait until morning, then the fewest trips, then the earliest end. −1: the curve is
/// empty.
int best_start(std::span<const StartPoint> curve, const StartWish& wish);

} // namespace vitrail
