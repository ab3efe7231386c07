// Filaments on nozzles so that the least is thrown away: purge, and what carries it.
#pragma once

#include "core/changes/loading.h"

#include <functional>

namespace vitrail {

/// g thrown away with that split.
using WasteOf = std::function<double(const Loading&)>;

/// Where purge goes into a tower, the split of filaments onto nozzles that purges least need not throw least away: a smaller peak makes a
/// smaller tower. Up to 64 splits are all looked at, and the best is proven; of more, filaments are moved one by one from `purges_least`
/// while that helps. `used`: indices of the filaments that print. `bound_g`: no split wastes less. Cost and bound of the result are in g.
Loading least_waste(const Project& project, std::span<const int> used, Loading purges_least, double bound_g, const WasteOf& waste_of);

} // namespace vitrail
