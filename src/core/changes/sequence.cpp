#include "core/changes/sequence.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

/// Purge volumes as costs: mm³ count first; among orders that purge the same, the one with fewer changes
/// wins.
struct ScaledCosts {
    NozzleOrder nozzles;
    std::int32_t per_mm3;

    ScaledCosts(const Project& p, const PurgeTables& purge, const std::vector<Set>& group) {
        std::int32_t dearest = std::max(1, static_cast<int>(std::ceil(p.machine.prime_mm3)));
        for (const CostMatrix& mm3 : purge.tables)
            dearest = std::max(dearest, *std::max_element(mm3.cost.begin(), mm3.cost.end()));
        per_mm3 = std::clamp((CostMatrix::kLargestCost - 1) / dearest, 1, 32768);
        for (std::size_t n = 0; n < group.size(); ++n) {
            CostMatrix costs = purge.on(n);
            for (int i = 0; i < costs.n; ++i)
                for (int j = 0; j < costs.n; ++j)
                    if (i != j)
                        costs.at(i, j) = costs.at(i, j) * per_mm3 + 1;
            nozzles.nozzles.push_back({group[n], std::move(costs)});
        }
        nozzles.come = static_cast<std::int32_t>(std::lround(p.machine.prime_mm3 * per_mm3)) + 1;
    }

    /// No order of the same items purges less: its cost is at least the bound, of which changes are at most
    /// `items`.
    double least_mm3(const Ordered& o) const {
        return static_cast<double>(
                   std::max(std::int64_t{0}, o.bound - static_cast<std::int64_t>(o.sequence.items.size()))) /
               per_mm3;
    }
};

double purge_of(const Project& p, const PurgeTables& purge, const std::vector<Set>& group,
                const Sequence& sequence) {
    NozzleOrder mm3;
    for (std::size_t n = 0; n < group.size(); ++n)
        mm3.nozzles.push_back({group[n], purge.on(n)});
    NozzleOrder primes = mm3;
    primes.come = 1;
    const std::int64_t between = cost_of(sequence, mm3);
    return static_cast<double>(between) +
           p.machine.prime_mm3 * static_cast<double>(cost_of(sequence, primes) - between);
}

/// What a change costs by the aim's weights.
NozzleOrder weighed(const Project& p, const PurgeTables& purge, const std::vector<Set>& group,
                    std::span<const Set> sets) {
    const LoadingProblem q = loading_problem(p, purge, sets, weights_for(p.settings));
    NozzleOrder out;
    for (std::size_t n = 0; n < group.size(); ++n)
        out.nozzles.push_back({group[n], q.costs[static_cast<std::size_t>(q.nozzles[n].costs)]});
    out.come = q.tool;
    return out;
}

} // namespace

std::vector<std::int8_t> locked_first(const Project& p, std::span<const Set> sets) {
    std::vector<int> order;
    for (const char letter : p.print_first)
        if (const int f = find_filament(p, letter); f >= 0)
            order.push_back(f);
    if (order.empty())
        return {};
    std::vector<std::int8_t> first(sets.size(), -1);
    for (std::size_t l = 0; l < sets.size(); ++l)
        for (const int f : order)
            if (sets[l] >> f & 1) {
                first[l] = static_cast<std::int8_t>(f);
                break;
            }
    return first;
}

CheapestOrder cheapest_order(const Project& p, const PurgeTables& purge, const Loading& loading,
                             std::span<const Set> sets, const std::vector<std::int8_t>& first) {
    const int filaments = static_cast<int>(p.filaments.size());
    std::vector<Set> group(p.machine.nozzles.size(), 0);
    for (int f = 0; f < filaments; ++f)
        group[static_cast<std::size_t>(loading.nozzle[static_cast<std::size_t>(f)])] |= Set{1} << f;
    const ScaledCosts by_mm3(p, purge, group);
    Ordered least = order_on_nozzles(sets, by_mm3.nozzles, first);
    CheapestOrder out;
    const double purges_mm3 = purge_of(p, purge, group, least.sequence);
    out.bound.purge_mm3 =
        least.cost == least.bound ? purges_mm3 : std::min(purges_mm3, by_mm3.least_mm3(least));
    if (first.empty())
        out.bound.changes = static_cast<int>(fewest_changes(sets, filaments).bound);
    else {
        CostMatrix one(filaments);
        std::fill(one.cost.begin(), one.cost.end(), 1);
        out.bound.changes = static_cast<int>(order_layers(sets, one, first).bound);
    }
    out.sequence = p.settings.aim == LoadingAim::waste
                       ? std::move(least.sequence)
                       : order_on_nozzles(sets, weighed(p, purge, group, sets), first).sequence;
    return out;
}

} // namespace vitrail
