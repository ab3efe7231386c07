// The plan: everything Vitrail knows about a print before it is printed. Views, sheets and reports read it.
#pragma once

#include "core/base/value.h"
#include "core/changes/sequence.h"
#include "core/estimate/attendance.h"
#include "core/estimate/first_job.h"
#include "core/estimate/pairs.h"
#include "core/plan/finding.h"
#include "core/support/cleanup.h"

#include <memory>

namespace vitrail {

/// A change with all that is known about it: what the stages found out, each in its own list, put side by
/// side.
struct Change : Switch, SwitchTime {
    int slot = 0; ///< of its toolhead's feeder, from 1; 0: external spool
    double purge_g = 0;
    Destination destination = Destination::ejected; ///< of most of the purge
    std::vector<Flow> flows;                        ///< all of it
};

/// A refill, as far as possible when the user means to do it.
struct Refill : SlotRefill {
    double earliest_s = 0, latest_s = 0; ///< from the start
    double time_s = 0, attended_s = 0;   ///< the printer stands still only where it pauses
};

/// Purge and time of each layer, for the skyline and the tables.
struct LayerCost : LayerPurge, LayerTime {};

/// The results of the stages, collected; nothing is worked out here. What is shared by plans of the same
/// pieces is a pointer.
struct Plan : Printed {
    Cleanup cleanup;
    std::vector<PieceShare> piece_shares;          ///< [piece]
    std::vector<std::shared_ptr<const Work>> work; ///< [piece] how long its lines take
    std::optional<FirstJob> first_job;             ///< printed before it; nothing of it is in the totals
    std::vector<double> printing_s; ///< [(layer − 1)·filaments + filament], all of it on the plate

    PurgeTables purge_tables;
    CostMatrix purge_table{0}; ///< mm³ from → to on the nozzle that prints `to`
    Loading loading;
    Sequence sequence; ///< filaments in printing order, per layer
    LowerBound bound;
    int locked_changes = 0; ///< how many more changes, and mm³, the lock on the order costs
    double locked_mm3 = 0;

    std::vector<Change> changes;
    std::vector<FirstLoad> first_loads;
    std::vector<Stay> stays;
    std::vector<Refill> refills;                     ///< as they are due at the latest
    Destination rest_goes_to = Destination::ejected; ///< what nothing has use for
    Tower tower;
    Skirt skirt;
    OozeWall ooze;
    Plate plate;

    std::vector<LayerCost> layers;    ///< [layer − 1]
    std::vector<FilamentUse> use;     ///< per filament
    std::vector<PairUse> pairs;       ///< that occur, dearest first
    std::vector<WashoutUse> washouts; ///< of the classes and toolheads in use
    Totals totals;
    Totals as_assigned; ///< the same print in the order as assigned: what the optimum is measured against
    Attendance attendance;

    std::vector<Finding> findings;
    std::vector<Finding> waived; ///< what the project's waivers keep out of the list

    VITRAIL_VALUE(Plan)
};

/// The pair, if it occurs on a nozzle; else null.
inline const PairUse* find_pair(const Plan& plan, int from, int to) {
    for (const PairUse& u : plan.pairs)
        if (u.from == from && u.to == to)
            return &u;
    return nullptr;
}

/// Grams of the tower, purge and fill, and its share of all filament (0…1).
double tower_g(const Plan& plan);
double tower_share(const Plan& plan);

} // namespace vitrail
