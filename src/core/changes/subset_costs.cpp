#include "core/changes/subset_costs.h"

#include "core/changes/set_paths.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <bit>

namespace vitrail {

std::vector<double> costs_of_subsets(std::span<const Set> layers, const CostMatrix& costs) {
    constexpr std::int64_t kNever = std::numeric_limits<std::int64_t>::max() / 2;
    const int n = costs.n;
    const HeldKarp paths(members_of((Set{1} << n) - 1), costs);
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
                std::int64_t best = begun ? kNever : 0;
                for (Set b = begun ? before : 0; b; b &= b - 1) {
                    const int p = std::countr_zero(b);
                    best = std::min(best, from[static_cast<std::size_t>(p)] + (p == s ? 0 : costs.at(p, s)));
                }
                in[static_cast<std::size_t>(s)] = best;
            }
            for (Set r = t; r; r &= r - 1) {
                const int e = std::countr_zero(r);
                const std::int32_t* row = paths.row(t, e);
                std::int64_t best = kNever;
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
            // Adding a constant to the state adds it to the next: once the state repeats but for a constant,
            // it does so for good.
            std::array<State, kPeriods> past;
            int done = 0;
            for (; done < count; ++done) {
                const State next = step(now, t);
                bool jumped = false;
                for (int period = 1; period <= kPeriods && period <= done && !jumped; ++period) {
                    const State& old = past[static_cast<std::size_t>((done - period) % kPeriods)];
                    const int any = std::countr_zero(t);
                    const std::int64_t more =
                        next[static_cast<std::size_t>(any)] - old[static_cast<std::size_t>(any)];
                    bool same = true;
                    for (Set r = t; r && same; r &= r - 1)
                        same = next[static_cast<std::size_t>(std::countr_zero(r))] -
                                   old[static_cast<std::size_t>(std::countr_zero(r))] ==
                               more;
                    if (!same)
                        continue;
                    // past[…] holds the state after each layer of this run; `next` is that after layer done
                    // + 1.
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
        std::int64_t best = begun ? kNever : 0;
        for (Set b = before; b; b &= b - 1)
            best = std::min(best, now[static_cast<std::size_t>(std::countr_zero(b))]);
        out[group] = static_cast<double>(best);
    });
    return out;
}

} // namespace vitrail
