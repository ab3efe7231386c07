// From the project and what its layers print to filaments on nozzles: the numbers that load_nozzles works
// with.
#pragma once

#include "core/changes/nozzles.h"
#include "core/changes/purge_tables.h"
#include "core/support/printed.h"

namespace vitrail {

/// Which filaments each layer prints.
std::vector<Set> layer_sets(const Printed& printed);

/// settings.aim as weights. The other two count a very little, so that they decide between equals.
/// Waste: mm³ of purge. Time: seconds. Handling: things a person does. Blend: settings.blend_pct between
/// waste and handling, a thing done by hand at 50 % worth as much as 500 mm³ (from memory).
Weights weights_for(const Settings& s);

/// [nozzle] whether that filament may sit there: it prints such lines and is meant for such material. Where
/// no nozzle is meant for it, all that print such lines will do, and a finding says so.
std::vector<char> nozzles_for(const Project& project, const Filament& filament);

/// From the layers' sets, the machine, pins, spools in it and the purge.
LoadingProblem loading_problem(const Project& project, const PurgeTables& purge, std::span<const Set> layers,
                               const Weights& weights);

/// What each nozzle costs by itself, added up. Only the filaments that are printed compete for nozzles; the
/// others stand on the first that can be used. Once `stop` is requested it returns soon, with any split.
Loading load_filaments(const Project& project, const PurgeTables& purge, std::span<const Set> layers,
                       const Weights& weights, const std::stop_token& stop = {});

} // namespace vitrail
