// Ways to cut an order into plates.
#pragma once

#include "core/plate/plate_costs.h"
#include "core/plate/together.h"

namespace vitrail {

struct Cut {
    std::vector<Counts> plates;
    Schedule schedule; ///< of these plates
    bool all_looked_at = false;
};

/// What the schedule has to know of plates. Where one does not fit on a machine its hours there are infinite.
ScheduleTask schedule_task(const OrderTask& task, PlateCosts& costs, const std::vector<Counts>& plates,
                           Scope scope);

/// Each kind by itself, as many on a plate as fit, the last with the rest.
Cut cut_apart(const OrderTask& task, PlateCosts& costs, const Progress& progress);
/// See plan_order(). Empty where it was stopped too soon.
Cut best_cut(const OrderTask& task, PlateCosts& costs, const Progress& progress);

/// Whether a keeps more together, or else is better by the aim; anything is better than none.
bool better(const OrderTask& task, const Cut& a, const Cut& b);
/// Plates on which not all of those lie that stay together, though there is one of them.
int torn(const OrderTask& task, const std::vector<Counts>& plates);

} // namespace vitrail
