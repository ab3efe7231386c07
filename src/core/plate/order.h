// An order cut into plates: which pieces share one, how many of each, in which sequence, on which machine.
#pragma once

#include "core/plan/planner.h"
#include "core/plate/plate_cost.h"
#include "core/plate/schedule.h"

namespace vitrail {

/// A piece that is wanted, with the project that says how it is printed.
struct OrderKind {
    std::string name;
    std::shared_ptr<const Project> project; ///< all its pieces together count as one
    int count = 1;
    double due_h = kWhenever; ///< from the start of the order
    bool for_sale = false;
    double price = 0; ///< of one
    int together = 0; ///< as in OrderItem
    bool by_day = false;
};

struct OrderTask {
    std::vector<OrderKind> kinds;
    std::vector<Machine> machines; ///< at least one
    OrderAim aim = OrderAim::waste;
    Settings settings;     ///< presence, money and worth of hands; the print's own are the kinds'
    double start_hour = 8; ///< of the day
    std::optional<std::int64_t> start_min; ///< the moment (base/civil.h), where it is known
    int plans = 600; ///< so many plates are planned at most while searching; more is better and slower
};

/// What a plate comes to on a machine.
struct PlateFigures : PlateCost {
    bool fits = false;
    Message why_not; ///< where it cannot be printed
    int refills = 0;
    int trips = 0, night_trips = 0; ///< to start it, and within it
    double model_g = 0;
    std::vector<int> filaments; ///< it prints, by their place in OrderPlan::filaments
    std::vector<double> grams;  ///< of each
};

struct OrderPlate {
    std::vector<int> counts; ///< [kind]
    PlateFigures figures;
    ScheduledPlate when;
};

struct OrderTotals {
    int plates = 0, changes = 0, trips = 0, loads = 0, late = 0;
    double model_g = 0, waste_g = 0, purge_g = 0, total_s = 0, attended_s = 0, cost = 0, price = 0,
           finish_h = 0;
    double worth = 0; ///< by the aim: g, h, trips, money or h
};

/// What all plates take of a filament.
struct SpoolNeed {
    double g = 0;
    double left_g = -1; ///< on its spools; −1: not known
    bool short_of() const { return left_g >= 0 && left_g < g; }
};

struct OrderPlan {
    std::vector<OrderPlate> plates;  ///< by their starts
    std::vector<Filament> filaments; ///< of all kinds; alike ones are one
    std::vector<SpoolNeed> needs;    ///< [filament]
    OrderTotals totals;
    OrderTotals apart;  ///< each kind by itself, as many on a plate as fit
    OrderTotals singly; ///< one piece at a time
    double income = 0;  ///< of what is for sale
    /// no way to cut it is worth less, by the aim; for `earliest` hours. 0 where none is known
    double bound = 0;
    bool proven = false; ///< every way to cut it was looked at
    int planned = 0;     ///< plates looked at
};

/// Error where a kind cannot be printed on any machine, or the work was stopped before anything was found.
/// Up to 8 pieces (and 6 plates on one machine) every way to cut the order is looked at. Beyond: groups of
/// kinds that share plates are merged, and kinds moved between them, as long as that gains; plates are filled
/// kind after kind, those that stay together side by side. Never worse than each kind by itself.
/// Deterministic for the same task.
Result<OrderPlan> plan_order(const OrderTask& task, const Progress& progress = {});

/// The project of one plate of it, on its machine, with what stays in the machine from the plate before; it
/// starts when the schedule says.
Result<Project> project_of(const OrderTask& task, const OrderPlan& plan, std::size_t plate);

} // namespace vitrail
