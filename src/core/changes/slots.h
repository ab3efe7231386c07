// More filaments than slots: which spool sits where, and when it is exchanged.
#pragma once

#include "core/changes/order.h"

#include <span>
#include <vector>

namespace vitrail {

/// One filament in one slot, from the job it is put in for to the last it is needed in.
struct SlotStay {
    int slot = 0, filament = 0;
    int from = 0, to = 0; ///< jobs; from −1: it is there before the first
};

/// Keep tool needed soonest: at every job that lacks filaments, those that the job does not need and that are
/// needed furthest in the future make room. No plan exchanges fewer. `jobs` are served in order, each needs
/// all its filaments at once, at most `slots` of them. Before the first job the slots are filled with what is
/// needed soonest. Source: Tang & Denardo 1988, Operations Research 36(5), 767–777; for one filament a job,
/// Belady 1966.
std::vector<SlotStay> keep_needed_soonest(std::span<const Set> jobs, int slots);

/// How many exchanges that takes: fillings of a slot after the start. Jobs with more members than slots take
/// at least as many as do not fit, each time they come.
int fewest_refills(std::span<const Set> jobs, int slots);

} // namespace vitrail
