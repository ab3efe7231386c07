// The order in which every layer prints its filaments, for a loading.
#pragma once

#include "core/changes/loading.h"

namespace vitrail {

/// What no plan with this loading can go below.
struct LowerBound {
    int changes = 0;
    double purge_mm3 = 0;
};

/// The filament that each layer must print first by Project::print_first, −1 where any may; empty where
/// nothing is locked.
std::vector<std::int8_t> locked_first(const Project& project, std::span<const Set> layers);

struct CheapestOrder {
    Sequence sequence;
    LowerBound bound;
};
/// The cheapest order for the loading, and the bound that proves it. `first` as locked_first() makes it.
CheapestOrder cheapest_order(const Project& project, const PurgeTables& purge, const Loading& loading,
                             std::span<const Set> layers, const std::vector<std::int8_t>& first);

} // namespace vitrail
