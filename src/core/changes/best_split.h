// Filaments on nozzles, judged by the whole plan.
#pragma once

#include "core/changes/loading.h"

#include <functional>

namespace vitrail {

/// What a split comes to by the aim; of equals the one with fewer changes is better.
struct SplitWorth {
    double cost = 0;
    int changes = 0;
};
using WorthOf = std::function<SplitWorth(const Loading&)>;
/// A cost that no plan of that split ([filament] nozzle) stays below, worked out with little effort.
using LeastOf = std::function<double(const std::vector<int>& nozzle)>;

/// load_nozzles() adds up what each nozzle costs by itself. What it cannot see is what they cost together:
/// the tower for the busiest layer, primes, refills. So splits are looked at as a whole. Up to `most_tried`
/// are all looked at, and the best is proven. Of more, filaments are moved and exchanged from the best of
/// `starts` while that helps; then each filament in turn is held on each nozzle, as a pin would hold it, and
/// the others are moved again, until none of that helps or so many splits have been looked at. `used`:
/// indices of the filaments that print. What costs more by `least_of` than the best that is known is not
/// looked at. `bound`: no split costs less.
Loading best_split(const Project& project, std::span<const int> used, std::span<const Loading> starts,
                   double bound, std::size_t most_tried, const LeastOf& least_of, const WorthOf& worth_of);

} // namespace vitrail
