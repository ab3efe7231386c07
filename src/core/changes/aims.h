// From what the user wants to the numbers that load_nozzles and order_layers work with.
#pragma once

#include "core/plan/plan.h"

namespace vitrail {

/// settings.aim as weights. The other two count a very little, so that they decide between equals.
/// Waste: mm³ of purge. Time: seconds. Handling: things a person does. Blend: settings.blend_pct between waste and handling, a
/// thing done by hand at 50 % worth as much as 500 mm³ (from memory).
Weights weights_for(const Settings& s);

/// From the layers' sets, the machine, pins, spools in it and plan.purge_tables.
LoadingProblem loading_problem(const Project& project, const Plan& plan, std::span<const Set> layers, const Weights& weights);

/// Why the filaments sit where they do, in words: who is alone on a nozzle and what that saves, in grams of purge against the
/// best other place for it. One sentence.
std::string loading_reason(const Project& project, const Plan& plan);

} // namespace vitrail
