// What to do once the print is done: getting it off the bed, the support off it, and the faces clean.
#pragma once

#include "core/plan/plan.h"

namespace vitrail {

struct AfterStep {
    Message title;     ///< "Let it cool"
    Message text;      ///< what to do here, with this print's own numbers
    Message caution;   ///< what can hurt, or where local rules decide; may be empty
    double hand_s = 0; ///< a person's time, where it is known
    double wait_s = 0; ///< time nobody is needed for
};

/// In order; empty where there is no support. Order of removal: from outside in, so by how far a face is from
/// the outside. Steps and cautions: common practice, no source; times as in Cleanup.
std::vector<AfterStep> after_print(const Project& project, const Plan& plan);

/// Whether a filament has to be dried before this print, and why. Limits as in is_damp(), from memory; a long
/// print is time in the open as well.
struct DryingAdvice {
    bool dry_first = false;
    Message how; ///< "6 h at 55 °C"
    Message why; ///< "has no note of when it was dried"
    Message text() const { return dry_first ? say("{}: dry it, {}.", why, how) : say("{}.", why); }
};
DryingAdvice drying_advice(const Filament& filament, double print_s);

/// "8 min by hand, then 3.2 h by itself"; empty where no time is known.
Message after_times(const AfterStep& step);

/// "2026-11-25" for a day since 1970-01-01.
std::string day_text(int day);

} // namespace vitrail
