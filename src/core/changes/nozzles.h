// Which filament sits on which nozzle.
#pragma once

#include "core/changes/order.h"
#include "core/machine/machine.h"

#include <span>
#include <vector>

namespace vitrail {

/// nozzle[i]: the nozzle that prints filament i. Proven when every split of the filaments was looked at.
struct Loading {
    std::vector<int> nozzle;
    bool proven = true;
};

/// The split of the filaments over the nozzles that purges least; among equals the one with the fewest changes by
/// hand. Exact, a dynamic programme over subsets, up to 10 filaments; beyond that the nozzles start with
/// one filament each, and the two groups that cost least together are merged until there are enough nozzles.
Loading load_nozzles(std::span<const Set> layers, const CostMatrix& purge, const Machine& machine);

/// The layers as seen by one nozzle: only the members of `group`, consecutive equal sets once.
std::vector<Set> seen_by(std::span<const Set> layers, Set group);

} // namespace vitrail
