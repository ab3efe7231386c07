// Which spool sits in which slot, from which layer to which.
#pragma once

#include "core/plan/plan.h"

namespace vitrail {

/// Fills `stays`, `refills` and the slots of `changes` from `sequence` and `loading`.
///
/// A feeder keeps what it needs soonest (keep_needed_soonest). Where a layer's filaments fit the slots together they are
/// asked for together, so that no refill falls inside it; a layer that takes more is served filament by filament.
/// Whatever a feeder holds at the start is put in before it, but for spools that are busy elsewhere.
void seat_spools(const Project& project, Plan& plan);

/// Once the layers' times are known: windows of refills in seconds, spools that come later, and the totals that follow.
void time_refills(const Project& project, Plan& plan);

} // namespace vitrail
