#include "core/changes/order.h"

#include "core/changes/set_paths.h"

#include <algorithm>
#include <bit>

namespace vitrail {

Ordered order_layers(std::span<const Set> layers, const CostMatrix& costs,
                     std::span<const std::int8_t> first) {
    return order_on_nozzles(layers, {{{~Set{0}, costs}}, 0}, first);
}

Ordered fewest_changes(std::span<const Set> layers, int n) {
    // A layer of k members takes k − 1 changes, plus one when it cannot start with what came last: because
    // that is not in it, or because it is to end with it too.
    std::vector<int> cost(n, kFar), next(n);
    std::vector<std::uint8_t> before(layers.size() * static_cast<std::size_t>(n), 0);
    bool begun = false;
    for (std::size_t l = 0; l < layers.size(); ++l) {
        const Set s = layers[l];
        if (!s)
            continue;
        const int k = std::popcount(s);
        std::fill(next.begin(), next.end(), kFar);
        for (Set ends = s; ends; ends &= ends - 1) {
            const int e = std::countr_zero(ends);
            if (!begun) {
                next[e] = k - 1;
                continue;
            }
            for (int p = 0; p < n; ++p) {
                if (cost[p] >= kFar)
                    continue;
                const bool straight_in = (s >> p & 1) && (p != e || k == 1);
                const int c = cost[p] + k - 1 + !straight_in;
                if (c < next[e])
                    next[e] = c, before[l * n + e] = static_cast<std::uint8_t>(p);
            }
        }
        begun = true;
        cost.swap(next);
    }
    Ordered out;
    out.sequence.start.resize(layers.size() + 1);
    if (!begun)
        return out;
    int last = static_cast<int>(std::min_element(cost.begin(), cost.end()) - cost.begin());
    out.cost = out.bound = cost[last];
    std::vector<std::pair<int, int>> way(layers.size()); // what came before, and what is printed last
    for (std::size_t l = layers.size(); l-- > 0;)
        if (layers[l]) {
            way[l] = {before[l * n + last], last};
            last = before[l * n + last];
        }
    begun = false;
    for (std::size_t l = 0; l < layers.size(); ++l) {
        const Set s = layers[l];
        if (s) {
            const auto [p, e] = way[l];
            const bool straight_in = begun && (s >> p & 1) && p != e;
            if (straight_in)
                out.sequence.items.push_back(static_cast<std::uint8_t>(p));
            for (std::uint8_t m : members_of(s))
                if (m != e && !(straight_in && m == p))
                    out.sequence.items.push_back(m);
            out.sequence.items.push_back(static_cast<std::uint8_t>(e));
            begun = true;
        }
        out.sequence.start[l + 1] = static_cast<std::uint32_t>(out.sequence.items.size());
    }
    return out;
}

Sequence in_index_order(std::span<const Set> layers, std::span<const std::int8_t> first) {
    Sequence s;
    for (std::size_t l = 0; l < layers.size(); ++l) {
        const int leads = !first.empty() && first[l] >= 0 && (layers[l] >> first[l] & 1) ? first[l] : -1;
        if (leads >= 0)
            s.items.push_back(static_cast<std::uint8_t>(leads));
        for (std::uint8_t m : members_of(layers[l]))
            if (m != leads)
                s.items.push_back(m);
        s.start.push_back(static_cast<std::uint32_t>(s.items.size()));
    }
    return s;
}

std::int64_t cost_of(const Sequence& s, const CostMatrix& costs) {
    std::int64_t sum = 0;
    for (std::size_t i = 1; i < s.items.size(); ++i)
        if (s.items[i] != s.items[i - 1])
            sum += costs.at(s.items[i - 1], s.items[i]);
    return sum;
}

std::int64_t cost_of(const Sequence& s, const NozzleOrder& p) {
    std::vector<int> holds(p.nozzles.size(), -1);
    std::int64_t sum = 0;
    int last = -1;
    for (const std::uint8_t f : s.items) {
        const auto n = static_cast<std::size_t>(
            std::find_if(p.nozzles.begin(), p.nozzles.end(),
                         [&](const NozzleOrder::Nozzle& x) { return x.group >> f & 1; }) -
            p.nozzles.begin());
        if (last >= 0 && last != f)
            sum += holds[n] < 0 || holds[n] == f ? p.come : p.nozzles[n].costs.at(holds[n], f);
        last = holds[n] = f;
    }
    return sum;
}

} // namespace vitrail
