// A machine from answers that anybody who has one can give.
#pragma once

#include "core/machine/machine.h"

namespace vitrail {

/// How filament comes to the nozzles.
enum class FedBy {
    spools,          ///< each nozzle has a spool beside the printer, which a person exchanges
    one_feeder,      ///< a feeder changes filament by itself; with several nozzles it serves all of them
    feeder_each,     ///< each nozzle has a feeder of its own
    spool_and_feeder ///< the first nozzle has a spool, the others a feeder together
};

struct MachineAnswers {
    std::string name;
    double bed_x_mm = 220, bed_y_mm = 220, height_mm = 220;
    int nozzles = 1; ///< 1 … 16
    double nozzle_mm = 0.4;
    bool take_turns = false; ///< each nozzle is in a toolhead that is parked and fetched; else they hang on
                             ///< the same head. Counts with several
    FedBy fed_by = FedBy::spools;
    int slots = 4; ///< of each feeder, 1 … 64
    /// the feeder cuts the filament above the nozzle and pulls; else it shapes the tip and pulls
    bool cuts = true;
    bool chute = false;  ///< what is purged falls out beside the bed; else it goes into a tower
    double swap_min = 3; ///< what a person needs for a spool
    bool operator==(const MachineAnswers&) const = default;
};

/// Questions that do not arise with these answers.
bool asks_slots(const MachineAnswers& a);
bool asks_turns(const MachineAnswers& a);
bool asks_feeding(const MachineAnswers& a, FedBy by); ///< whether that can be at all

/// The machine. Times and volumes that nobody answered are defaults from memory; assumed() says which, and
/// to_measure() what to put right first.
Machine machine_from(const MachineAnswers& answers);
/// "A change by the feeder takes 100 s: from memory" …
std::vector<Message> assumed(const MachineAnswers& answers);
/// What is worth measuring, the most important first.
std::vector<Message> to_measure(const MachineAnswers& answers);

} // namespace vitrail
