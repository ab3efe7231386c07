// All that is done to filaments during the print: changes and refills, in order, and what each kind comes to.
#pragma once

#include "core/plan/plan.h"

namespace vitrail {

/// A change, or a refill of a slot.
struct ChangeRow {
    int change = -1, refill = -1; ///< index into the plan's changes or refills; the other is −1
    int layer = 0;                ///< before which it is due; a refill at the latest
};
std::vector<ChangeRow> change_rows(const Plan& plan);

/// What all of one kind come to.
struct KindSum {
    Message kind;
    int count = 0;
    double purge_g = 0, time_s = 0, attended_s = 0;
};
/// Hand swaps, feeder changes, tool changes, refills while it prints, refills the printer waits for; only
/// those that there are. Their times add up to totals.change_s and totals.attended_s.
std::vector<KindSum> sums_by_kind(const Plan& plan);

} // namespace vitrail
