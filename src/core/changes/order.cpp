#include "core/changes/order.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <bit>
#include <limits>
#include <memory>
#include <unordered_map>

namespace vitrail {

namespace {

constexpr std::int32_t kFar = std::numeric_limits<std::int32_t>::max() / 2;
constexpr std::int64_t kFar64 = std::numeric_limits<std::int64_t>::max() / 2;

std::vector<std::uint8_t> members_of(Set s) {
    std::vector<std::uint8_t> m;
    for (; s; s &= s - 1)
        m.push_back(static_cast<std::uint8_t>(std::countr_zero(s)));
    return m;
}

/// Fills best(mask, end, start) for all masks of k members. The start is the innermost index, so that all starts are
/// relaxed side by side, with whatever vector unit there is.
#if defined(__x86_64__) && !defined(__SANITIZE_THREAD__) // which is not ready yet when the one to use is chosen
[[gnu::target_clones("avx2", "default")]]
#endif
void held_karp(int k, int row, const std::int32_t* cost, std::int32_t* best) {
    for (std::uint32_t mask = 1; mask < (1u << k); ++mask)
        for (std::uint32_t ends = mask; ends; ends &= ends - 1) {
            const int end = std::countr_zero(ends);
            std::int32_t* to = best + (static_cast<std::size_t>(mask) * k + end) * row;
            const std::uint32_t rest = mask & ~(1u << end);
            for (std::uint32_t lasts = rest; lasts; lasts &= lasts - 1) {
                const int last = std::countr_zero(lasts);
                const std::int32_t* from = best + (static_cast<std::size_t>(rest) * k + last) * row;
                const std::int32_t step = cost[last * k + end];
                for (int s = 0; s < row; ++s)
                    to[s] = std::min(to[s], from[s] + step);
            }
            for (int s = 0; s < row; ++s)
                to[s] = std::min(to[s], kFar);
        }
}

/// Held–Karp over one set. best(mask, end, start): cheapest path from start through mask to end.
class HeldKarp {
public:
    HeldKarp(const std::vector<std::uint8_t>& members, const CostMatrix& costs)
        : k_(static_cast<int>(members.size())), row_((k_ + 3) & ~3), cost_(static_cast<std::size_t>(k_) * k_),
          best_((std::size_t{1} << k_) * k_ * row_, kFar) {
        for (int i = 0; i < k_; ++i)
            for (int j = 0; j < k_; ++j)
                cost_[i * k_ + j] = costs.at(members[i], members[j]);
        for (int i = 0; i < k_; ++i)
            at(1u << i, i)[i] = 0;
        held_karp(k_, row_, cost_.data(), best_.data());
    }

    std::size_t bytes() const { return best_.size() * sizeof(std::int32_t); }
    /// Cheapest path through `set` that ends with `end`, by its first member; kFar where there is none.
    const std::int32_t* row(std::uint32_t set, int end) const { return at(set, end); }
    std::int32_t path_cost(int start, int end) const { return at((1u << k_) - 1, end)[start]; }

    /// Positions in the set, from start to end.
    std::vector<int> path(int start, int end) const {
        std::vector<int> order(k_);
        std::uint32_t mask = (1u << k_) - 1;
        for (int i = k_ - 1; i > 0; --i) {
            order[i] = end;
            const std::uint32_t rest = mask & ~(1u << end);
            for (std::uint32_t lasts = rest; lasts; lasts &= lasts - 1) {
                const int last = std::countr_zero(lasts);
                if (at(rest, last)[start] + cost_[last * k_ + end] == at(mask, end)[start]) {
                    end = last;
                    break;
                }
            }
            mask = rest;
        }
        order[0] = start;
        return order;
    }

private:
    std::int32_t* at(std::uint32_t mask, int end) { return &best_[(static_cast<std::size_t>(mask) * k_ + end) * row_]; }
    const std::int32_t* at(std::uint32_t mask, int end) const {
        return &best_[(static_cast<std::size_t>(mask) * k_ + end) * row_];
    }

    int k_, row_;
    std::vector<std::int32_t> cost_;
    std::vector<std::int32_t> best_;
};

/// One distinct set: for every item the layer before may have ended with (or none) and every last member, the
/// cheapest way in and through.
struct SetTable {
    std::vector<std::uint8_t> members;
    std::vector<std::int32_t> through; ///< [before · k + end]; before = n: nothing printed yet
    std::vector<std::uint8_t> first;   ///< position of the first member on that way
    std::unordered_map<int, std::vector<int>> paths; ///< start · k + end → positions, filled when walked back
    std::unique_ptr<HeldKarp> solved;                ///< kept for walking back, where memory allows
    bool exact = true;
    std::int32_t bound_in = 0; ///< where not exact: least cost of all but one way in
};

std::vector<int> nearest_neighbour(const std::vector<std::uint8_t>& m, const CostMatrix& costs, int start, int end) {
    const int k = static_cast<int>(m.size());
    std::vector<int> path{start};
    std::vector<char> used(k, 0);
    used[start] = used[end] = 1;
    while (static_cast<int>(path.size()) < k - 1) {
        int next = -1;
        for (int i = 0; i < k; ++i)
            if (!used[i] && (next < 0 || costs.at(m[path.back()], m[i]) < costs.at(m[path.back()], m[next])))
                next = i;
        used[next] = 1;
        path.push_back(next);
    }
    path.push_back(end);
    return path;
}

/// `first`: the member every way must begin with, or −1.
SetTable make_table(Set set, int first, const CostMatrix& costs) {
    SetTable t;
    t.members = members_of(set);
    const int k = static_cast<int>(t.members.size()), n = costs.n;
    t.exact = k <= kExact;
    std::vector<std::int32_t> inner(static_cast<std::size_t>(k) * k, kFar);
    if (k == 1) {
        inner[0] = 0;
    } else if (k == 2) {
        inner[0 * 2 + 1] = costs.at(t.members[0], t.members[1]);
        inner[1 * 2 + 0] = costs.at(t.members[1], t.members[0]);
    } else if (t.exact) {
        t.solved = std::make_unique<HeldKarp>(t.members, costs);
        for (int s = 0; s < k; ++s)
            for (int e = 0; e < k; ++e)
                if (s != e)
                    inner[s * k + e] = t.solved->path_cost(s, e);
    } else {
        for (int s = 0; s < k; ++s)
            for (int e = 0; e < k; ++e) {
                if (s == e)
                    continue;
                const auto path = nearest_neighbour(t.members, costs, s, e);
                std::int32_t sum = 0;
                for (int i = 0; i + 1 < k; ++i)
                    sum += costs.at(t.members[path[i]], t.members[path[i + 1]]);
                inner[s * k + e] = sum;
                t.paths[s * k + e] = path;
            }
        // Every member but the first is entered from another member.
        std::int32_t sum = 0, dearest = 0;
        for (int i = 0; i < k; ++i) {
            std::int32_t in = kFar;
            for (int j = 0; j < k; ++j)
                if (i != j)
                    in = std::min(in, costs.at(t.members[j], t.members[i]));
            sum += in;
            dearest = std::max(dearest, in);
        }
        t.bound_in = sum - dearest;
    }
    t.through.assign(static_cast<std::size_t>(n + 1) * k, kFar);
    t.first.assign(static_cast<std::size_t>(n + 1) * k, 0);
    for (int before = 0; before <= n; ++before)
        for (int s = 0; s < k; ++s) {
            const int m = t.members[s];
            if (first >= 0 && m != first)
                continue;
            const std::int32_t in = before == n || before == m ? 0 : costs.at(before, m);
            for (int e = 0; e < k; ++e)
                if (const std::int32_t c = in + inner[s * k + e]; c < t.through[before * k + e]) {
                    t.through[before * k + e] = c;
                    t.first[before * k + e] = static_cast<std::uint8_t>(s);
                }
        }
    return t;
}

/// Lays down the ways through the set that were taken.
void fill_paths(SetTable& t, const CostMatrix& costs, const std::vector<int>& wanted) {
    const int k = static_cast<int>(t.members.size());
    if (!t.exact)
        return;
    if (k <= 2) {
        for (int w : wanted)
            t.paths[w] = k == 1 ? std::vector<int>{0} : std::vector<int>{w / k, w % k};
        return;
    }
    if (!t.solved)
        t.solved = std::make_unique<HeldKarp>(t.members, costs);
    for (int w : wanted)
        t.paths[w] = t.solved->path(w / k, w % k);
    t.solved.reset();
}

} // namespace

Ordered order_layers(std::span<const Set> layers, const CostMatrix& costs, std::span<const std::int8_t> first) {
    const int n = costs.n;
    std::unordered_map<std::uint64_t, int> index; // by set and who must be first
    const auto first_in = [&](std::size_t l) { return first.empty() || !(layers[l] >> std::max<int>(0, first[l]) & 1) ? -1 : static_cast<int>(first[l]); };
    std::vector<SetTable> tables;
    std::vector<int> table_of(layers.size(), -1);
    constexpr std::size_t kMostKept = std::size_t{64} << 20;
    std::size_t kept = 0;
    for (std::size_t l = 0; l < layers.size(); ++l) {
        if (!layers[l])
            continue;
        const auto [it, fresh] = index.try_emplace(std::uint64_t{layers[l]} << 8 | static_cast<std::uint64_t>(first_in(l) + 1), static_cast<int>(tables.size()));
        if (fresh) {
            tables.push_back(make_table(layers[l], first_in(l), costs));
            SetTable& t = tables.back();
            kept += t.solved ? t.solved->bytes() : 0;
            if (kept > kMostKept) // many large sets: solve again those that are walked back through
                t.solved.reset();
        }
        table_of[l] = it->second;
    }

    // Forward: cheapest cost of having printed so far and ended with each item; n: nothing printed yet.
    std::vector<std::int64_t> cost(n + 1, kFar64), next(n + 1);
    cost[n] = 0;
    std::vector<std::uint8_t> before(layers.size() * static_cast<std::size_t>(n), 0);
    bool exact = true;
    std::int64_t least = 0; // the cheapest way through each layer, whatever came before
    for (std::size_t l = 0; l < layers.size(); ++l) {
        if (table_of[l] < 0)
            continue;
        const SetTable& t = tables[table_of[l]];
        const int k = static_cast<int>(t.members.size());
        std::fill(next.begin(), next.end(), kFar64);
        for (int p = 0; p <= n; ++p) {
            if (cost[p] >= kFar64)
                continue;
            for (int e = 0; e < k; ++e)
                if (const std::int64_t c = cost[p] + t.through[p * k + e]; c < next[t.members[e]]) {
                    next[t.members[e]] = c;
                    before[l * n + t.members[e]] = static_cast<std::uint8_t>(p);
                }
        }
        exact &= t.exact;
        least += t.exact ? *std::min_element(t.through.begin(), t.through.end()) : t.bound_in;
        cost.swap(next);
    }

    Ordered out;
    std::vector<std::pair<int, int>> ends(layers.size(), {0, 0}); // first and last position per layer
    int last = static_cast<int>(std::min_element(cost.begin(), cost.end()) - cost.begin());
    out.cost = cost[last];
    out.bound = exact ? out.cost : least;
    std::vector<std::vector<int>> wanted(tables.size());
    for (std::size_t l = layers.size(); l-- > 0;) {
        if (table_of[l] < 0)
            continue;
        const SetTable& t = tables[table_of[l]];
        const int k = static_cast<int>(t.members.size());
        const int p = before[l * n + last];
        const int e = static_cast<int>(std::find(t.members.begin(), t.members.end(), last) - t.members.begin());
        ends[l] = {t.first[p * k + e], e};
        std::vector<int>& w = wanted[table_of[l]];
        const int key = ends[l].first * k + e;
        if (std::find(w.begin(), w.end(), key) == w.end())
            w.push_back(key);
        last = p;
    }
    for (std::size_t i = 0; i < tables.size(); ++i)
        fill_paths(tables[i], costs, wanted[i]);
    for (std::size_t l = 0; l < layers.size(); ++l) {
        if (table_of[l] >= 0) {
            const SetTable& t = tables[table_of[l]];
            for (int i : t.paths.at(ends[l].first * static_cast<int>(t.members.size()) + ends[l].second))
                out.sequence.items.push_back(t.members[i]);
        }
        out.sequence.start.push_back(static_cast<std::uint32_t>(out.sequence.items.size()));
    }
    return out;
}

std::vector<double> costs_of_subsets(std::span<const Set> layers, const CostMatrix& costs) {
    const int n = costs.n;
    const HeldKarp paths([&] {
        std::vector<std::uint8_t> all(static_cast<std::size_t>(n));
        for (int i = 0; i < n; ++i)
            all[static_cast<std::size_t>(i)] = static_cast<std::uint8_t>(i);
        return all;
    }(), costs);
    std::vector<std::pair<Set, int>> runs;
    for (const Set s : layers)
        if (s) {
            if (runs.empty() || runs.back().first != s)
                runs.emplace_back(s, 0);
            ++runs.back().second;
        }
    std::vector<double> out(std::size_t{1} << n, 0);
    tbb::parallel_for(std::size_t{1}, out.size(), [&](std::size_t group) {
        constexpr int kMost = kMostSubsets, kPeriods = 4;
        using State = std::array<std::int64_t, kMost>; // cheapest cost of having ended with each item
        State now{};
        bool begun = false;
        Set before = 0; // items that can have been last
        // One layer of the set `t`, entered from `before`.
        const auto step = [&](const State& from, Set t) {
            State in{}, to{};
            for (Set r = t; r; r &= r - 1) {
                const int s = std::countr_zero(r);
                std::int64_t best = begun ? kFar64 : 0;
                for (Set b = begun ? before : 0; b; b &= b - 1) {
                    const int p = std::countr_zero(b);
                    best = std::min(best, from[static_cast<std::size_t>(p)] + (p == s ? 0 : costs.at(p, s)));
                }
                in[static_cast<std::size_t>(s)] = best;
            }
            for (Set r = t; r; r &= r - 1) {
                const int e = std::countr_zero(r);
                const std::int32_t* row = paths.row(t, e);
                std::int64_t best = kFar64;
                for (Set q = t; q; q &= q - 1) {
                    const int s = std::countr_zero(q);
                    if (row[s] < kFar)
                        best = std::min(best, in[static_cast<std::size_t>(s)] + row[s]);
                }
                to[static_cast<std::size_t>(e)] = best;
            }
            begun = true;
            before = t;
            return to;
        };
        for (std::size_t i = 0; i < runs.size();) {
            const Set t = runs[i].first & static_cast<Set>(group);
            int count = 0;
            for (; i < runs.size() && (runs[i].first & static_cast<Set>(group)) == t; ++i)
                count += runs[i].second;
            if (!t)
                continue;
            if (!(t & (t - 1))) { // one filament: only the way in costs
                now = step(now, t);
                continue;
            }
            // Adding a constant to the state adds it to the next: once the state repeats but for a constant, it does so for good.
            std::array<State, kPeriods> past;
            int done = 0;
            for (; done < count; ++done) {
                const State next = step(now, t);
                bool jumped = false;
                for (int period = 1; period <= kPeriods && period <= done && !jumped; ++period) {
                    const State& old = past[static_cast<std::size_t>((done - period) % kPeriods)];
                    const int any = std::countr_zero(t);
                    const std::int64_t more = next[static_cast<std::size_t>(any)] - old[static_cast<std::size_t>(any)];
                    bool same = true;
                    for (Set r = t; r && same; r &= r - 1)
                        same = next[static_cast<std::size_t>(std::countr_zero(r))] - old[static_cast<std::size_t>(std::countr_zero(r))] == more;
                    if (!same)
                        continue;
                    // past[…] holds the state after each layer of this run; `next` is that after layer done + 1.
                    const int left = count - done - 1, whole = left / period;
                    now = next;
                    for (Set r = t; r; r &= r - 1)
                        now[static_cast<std::size_t>(std::countr_zero(r))] += whole * more;
                    for (int rest = left % period; rest > 0; --rest)
                        now = step(now, t);
                    jumped = true;
                }
                if (jumped)
                    break;
                past[static_cast<std::size_t>(done % kPeriods)] = next;
                now = next;
            }
        }
        std::int64_t best = begun ? kFar64 : 0;
        for (Set b = before; b; b &= b - 1)
            best = std::min(best, now[static_cast<std::size_t>(std::countr_zero(b))]);
        out[group] = static_cast<double>(best);
    });
    return out;
}

Ordered fewest_changes(std::span<const Set> layers, int n) {
    // A layer of k members takes k − 1 changes, plus one when it cannot start with what came last: because that is
    // not in it, or because it is to end with it too.
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

} // namespace vitrail
