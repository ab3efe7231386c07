#include "core/changes/sequence.h"

#include <algorithm>

namespace vitrail {

namespace {

/// Purge volumes as costs: mm³ count first; among orders that purge the same, the one with fewer changes wins.
struct ScaledCosts {
    CostMatrix costs;
    std::int32_t per_mm3;

    /// `less`: taken off every volume, not below 0.
    explicit ScaledCosts(const CostMatrix& mm3, double less = 0) : costs(mm3.n) {
        const std::int32_t dearest = *std::max_element(mm3.cost.begin(), mm3.cost.end());
        per_mm3 = std::clamp((CostMatrix::kLargestCost - 1) / std::max(1, dearest), 1, 32768);
        for (int i = 0; i < mm3.n; ++i)
            for (int j = 0; j < mm3.n; ++j)
                if (i != j)
                    costs.at(i, j) = std::max(0, mm3.at(i, j) - static_cast<int>(less)) * per_mm3 + 1;
    }

    /// No order of the same items purges less: its cost is at least the bound, of which changes are at most `items`.
    double least_mm3(const Ordered& o) const {
        const std::int64_t rest = o.bound - static_cast<std::int64_t>(o.sequence.items.size());
        return rest <= 0 ? 0 : static_cast<double>((rest + per_mm3 - 1) / per_mm3);
    }
};

/// Each nozzle's own order, visited in the order of nozzles that takes the fewest tool changes.
Sequence compose(const std::vector<Sequence>& by_nozzle, const Sequence& nozzles) {
    Sequence s;
    for (std::size_t l = 0; l < nozzles.layers(); ++l) {
        for (const std::uint8_t n : nozzles.layer(l)) {
            const auto own = by_nozzle[n].layer(l);
            s.items.insert(s.items.end(), own.begin(), own.end());
        }
        s.start.push_back(static_cast<std::uint32_t>(s.items.size()));
    }
    return s;
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

CheapestOrder cheapest_order(const Project& p, const PurgeTables& purge, const Loading& loading, std::span<const Set> sets, const std::vector<std::int8_t>& first) {
    const auto nozzles = p.machine.nozzles.size();
    const int filaments = static_cast<int>(p.filaments.size());
    std::vector<Set> group(nozzles, 0);
    for (int f = 0; f < filaments; ++f)
        group[static_cast<std::size_t>(loading.nozzle[static_cast<std::size_t>(f)])] |= Set{1} << f;
    const bool by_purge = p.settings.aim == LoadingAim::waste;
    const LoadingProblem weighed = by_purge ? LoadingProblem{} : loading_problem(p, purge, sets, weights_for(p.settings));

    CheapestOrder out;
    std::vector<Sequence> by_nozzle(nozzles);
    std::vector<Set> visits(sets.size(), 0);
    double least = 0, least_above_prime = 0;
    for (std::size_t n = 0; n < nozzles; ++n) {
        std::vector<Set> own(sets.size());
        for (std::size_t l = 0; l < sets.size(); ++l) {
            own[l] = sets[l] & group[n];
            if (own[l])
                visits[l] |= Set{1} << n;
        }
        const CostMatrix& table = purge.on(n);
        const ScaledCosts by_mm3(table);
        Ordered o = order_layers(own, by_mm3.costs, first);
        least += by_mm3.least_mm3(o);
        if (nozzles > 1) {
            const ScaledCosts above_prime(table, p.machine.prime_mm3);
            least_above_prime += above_prime.least_mm3(order_layers(own, above_prime.costs, first));
        }
        by_nozzle[n] = by_purge ? std::move(o.sequence) : order_layers(own, weighed.costs[static_cast<std::size_t>(weighed.nozzles[n].costs)], first).sequence;
    }
    const auto fewest = [](std::span<const Set> layers, int n, const std::vector<std::int8_t>& locked) {
        if (locked.empty())
            return fewest_changes(layers, n);
        CostMatrix one(n);
        std::fill(one.cost.begin(), one.cost.end(), 1);
        return order_layers(layers, one, locked);
    };
    std::vector<std::int8_t> first_nozzle(first.size(), -1);
    for (std::size_t l = 0; l < first.size(); ++l)
        if (first[l] >= 0)
            first_nozzle[l] = static_cast<std::int8_t>(loading.nozzle[static_cast<std::size_t>(first[l])]);
    const Ordered switches = fewest(visits, static_cast<int>(nozzles), first_nozzle);
    // Two bounds, both proven, the larger one counts. (1) The purge between filaments alone. (2) Every switch of
    // nozzles takes a prime, or a purge of at least that: so count the primes, and of each purge what exceeds one.
    const double primes = p.machine.prime_mm3 * static_cast<double>(switches.bound);
    out.bound.purge_mm3 = nozzles > 1 ? std::max(least, least_above_prime + primes) : least;
    out.bound.changes = static_cast<int>(fewest(sets, filaments, first).bound);
    out.sequence = nozzles > 1 ? compose(by_nozzle, switches.sequence) : std::move(by_nozzle[0]);
    return out;
}

} // namespace vitrail
