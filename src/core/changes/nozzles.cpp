#include "core/changes/nozzles.h"

#include <algorithm>
#include <bit>
#include <limits>

namespace vitrail {

namespace {

constexpr int kExactFilaments = 10;
// A change by hand weighs this much beside a mm³ of purge: it only decides between equals.
constexpr double kHandTie = 1e-3;

/// What a nozzle costs that serves `group`.
double group_cost(std::span<const Set> layers, const CostMatrix& purge, Set group, bool by_hand) {
    if (std::popcount(group) < 2)
        return 0;
    const std::vector<Set> seen = seen_by(layers, group);
    const Ordered o = order_layers(seen, purge);
    return static_cast<double>(o.cost) + (by_hand ? kHandTie * static_cast<double>(o.sequence.items.size()) : 0);
}

} // namespace

std::vector<Set> seen_by(std::span<const Set> layers, Set group) {
    std::vector<Set> seen;
    for (Set s : layers)
        if ((s & group) && !(seen.size() > 0 && std::popcount(s & group) == 1 && seen.back() == (s & group)))
            seen.push_back(s & group);
    return seen;
}

Loading load_nozzles(std::span<const Set> layers, const CostMatrix& purge, const Machine& machine) {
    const int n = purge.n, nozzles = static_cast<int>(machine.nozzles.size());
    Loading out;
    out.nozzle.assign(n, 0);
    if (nozzles <= 1 || n == 0)
        return out;
    const auto by_hand = [&](int nozzle) { return !machine.toolheads[machine.nozzles[nozzle].toolhead].has_feeder(); };

    if (n > kExactFilaments) {
        out.proven = false;
        std::vector<Set> groups;
        for (int i = 0; i < n; ++i)
            groups.push_back(Set{1} << i);
        while (static_cast<int>(groups.size()) > nozzles) {
            double best = std::numeric_limits<double>::infinity();
            std::size_t a = 0, b = 1;
            for (std::size_t i = 0; i < groups.size(); ++i)
                for (std::size_t j = i + 1; j < groups.size(); ++j)
                    if (const double c = group_cost(layers, purge, groups[i] | groups[j], false) -
                                         group_cost(layers, purge, groups[i], false) -
                                         group_cost(layers, purge, groups[j], false);
                        c < best)
                        best = c, a = i, b = j;
            groups[a] |= groups[b];
            groups.erase(groups.begin() + static_cast<std::ptrdiff_t>(b));
        }
        // Nozzles fed by hand take the groups with the fewest members.
        std::stable_sort(groups.begin(), groups.end(), [](Set x, Set y) { return std::popcount(x) < std::popcount(y); });
        std::vector<int> order(nozzles);
        for (int i = 0; i < nozzles; ++i)
            order[i] = i;
        std::stable_sort(order.begin(), order.end(), [&](int x, int y) { return by_hand(x) > by_hand(y); });
        for (std::size_t g = 0; g < groups.size(); ++g)
            for (int i = 0; i < n; ++i)
                if (groups[g] >> i & 1)
                    out.nozzle[i] = order[g];
        return out;
    }

    const std::size_t all = std::size_t{1} << n;
    std::vector<double> fed(all), hand(all);
    for (Set g = 0; g < all; ++g) {
        fed[g] = group_cost(layers, purge, g, false);
        hand[g] = group_cost(layers, purge, g, true);
    }
    // best[i][s]: cheapest way to serve the set s with the first i nozzles; pick[i][s]: what nozzle i − 1 then takes.
    std::vector<std::vector<double>> best(nozzles + 1, std::vector<double>(all, std::numeric_limits<double>::infinity()));
    std::vector<std::vector<Set>> pick(nozzles + 1, std::vector<Set>(all, 0));
    best[0][0] = 0;
    // Among equals, nozzles that come first are used first, and letters run in the order of nozzles.
    const auto tie = [](int nozzle, Set g) {
        double t = g ? 1e-6 * nozzle : 0;
        for (Set r = g; r; r &= r - 1)
            t -= 1e-9 * nozzle * std::countr_zero(r);
        return t;
    };
    for (int i = 1; i <= nozzles; ++i) {
        const std::vector<double>& cost = by_hand(i - 1) ? hand : fed;
        for (Set s = 0; s < all; ++s)
            for (Set g = s;; g = (g - 1) & s) {
                const double c = best[i - 1][s & ~g] + cost[g] + tie(i - 1, g);
                if (c < best[i][s])
                    best[i][s] = c, pick[i][s] = g;
                if (g == 0)
                    break;
            }
    }
    Set rest = static_cast<Set>(all - 1);
    for (int i = nozzles; i > 0; --i) {
        const Set g = pick[i][rest];
        for (int f = 0; f < n; ++f)
            if (g >> f & 1)
                out.nozzle[f] = i - 1;
        rest &= ~g;
    }
    return out;
}

} // namespace vitrail
