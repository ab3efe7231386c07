#include "core/changes/nozzles.h"

#include "core/changes/slots.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <bit>
#include <functional>
#include <limits>
#include <map>

namespace vitrail {

namespace {

constexpr double kUnreached = std::numeric_limits<double>::infinity();

/// Decides between equals only: nozzles that come first are used first, and letters run in the order of
/// nozzles.
double tie(int nozzle, Set group) {
    double t = group ? 1e-6 * (nozzle + 1) : 0;
    for (Set r = group; r; r &= r - 1)
        t -= 1e-9 * nozzle * std::countr_zero(r);
    return t;
}

double layers_with(std::span<const Set> layers, Set group) {
    double n = 0;
    for (const Set s : layers)
        n += (s & group) != 0;
    return n;
}

/// What a nozzle costs that serves the group.
double nozzle_cost(const LoadingProblem& p, const LoadingProblem::Nozzle& n, Set group) {
    if (!group)
        return 0;
    const double order =
        std::popcount(group) < 2
            ? 0
            : static_cast<double>(
                  order_layers(seen_by(p.layers, group), p.costs[static_cast<std::size_t>(n.costs)]).cost);
    return order * p.scale + (n.visit > 0 ? n.visit * layers_with(p.layers, group) : 0);
}

/// What a toolhead costs whatever nozzle its filaments are on.
double head_cost(const LoadingProblem& p, const LoadingProblem::Head& h, Set group) {
    double cost = h.move * std::popcount(group & ~h.loaded);
    if (h.slots > 0 && std::popcount(group) > h.slots) {
        std::vector<Set> jobs;
        for (const Set s : p.layers)
            if ((s & group) && (jobs.empty() || jobs.back() != (s & group)))
                jobs.push_back(s & group);
        cost += h.refill * fewest_refills(jobs, h.slots);
    }
    return cost;
}

/// Groups a nozzle may take: all its pins and none of another's; nothing else where it cannot be used.
bool allowed(const LoadingProblem::Nozzle& n, Set pinned, Set group) {
    return (group & n.must) == n.must && !(group & ((pinned | n.never) & ~n.must)) &&
           (n.usable || group == n.must);
}

Set pinned_filaments(const LoadingProblem& p) {
    Set all = 0;
    for (const auto& n : p.nozzles)
        all |= n.must;
    return all;
}

Loading exact(const LoadingProblem& p, const std::stop_token& stop) {
    const int n = p.filaments();
    const std::size_t all = std::size_t{1} << n, nozzles = p.nozzles.size();
    const Set pinned = pinned_filaments(p);
    std::vector<std::vector<double>> order;
    for (const CostMatrix& c : p.costs)
        order.push_back(costs_of_subsets(p.layers, c));
    // How many layers print something of a set: those that do not lie wholly outside it.
    std::vector<double> outside(all, 0);
    for (const Set s : p.layers)
        outside[~s & (all - 1)] += 1; // a set meets s unless it is part of the rest
    for (int b = 0; b < n; ++b)
        for (std::size_t s = 0; s < all; ++s)
            if (!(s >> b & 1))
                outside[s] += outside[s | std::size_t{1} << b];
    const double layers = static_cast<double>(p.layers.size());

    // Head by head: best[s] is the cheapest way to serve s with the heads so far; within a head nozzle by
    // nozzle.
    struct Step {
        std::vector<Set> pick;
    };
    std::vector<double> best(all, kUnreached);
    best[0] = 0;
    std::vector<Step> by_nozzle(nozzles), by_head(p.heads.size());
    const auto for_subsets = [&](std::size_t s, auto each) {
        for (std::size_t g = s;; g = (g - 1) & s) {
            each(g);
            if (g == 0)
                break;
        }
    };
    for (std::size_t h = 0; h < p.heads.size(); ++h) {
        std::vector<double> head(all, kUnreached);
        head[0] = 0;
        for (std::size_t i = 0; i < nozzles; ++i) {
            const LoadingProblem::Nozzle& nozzle = p.nozzles[i];
            if (nozzle.head != static_cast<int>(h))
                continue;
            std::vector<double> cost(all, kUnreached), next(all, kUnreached);
            for (std::size_t g = 0; g < all; ++g)
                if (allowed(nozzle, pinned, static_cast<Set>(g)))
                    cost[g] = order[static_cast<std::size_t>(nozzle.costs)][g] * p.scale +
                              (g ? nozzle.visit * (layers - outside[g]) : 0) +
                              tie(static_cast<int>(i), static_cast<Set>(g));
            std::vector<Set>& pick = by_nozzle[i].pick;
            pick.assign(all, 0);
            tbb::parallel_for(std::size_t{0}, all, [&](std::size_t s) {
                if (stop.stop_requested())
                    return;
                for_subsets(s, [&](std::size_t g) {
                    if (const double c = head[s & ~g] + cost[g]; c < next[s])
                        next[s] = c, pick[s] = static_cast<Set>(g);
                });
            });
            head.swap(next);
        }
        std::vector<double> next(all, kUnreached);
        tbb::parallel_for(std::size_t{0}, all, [&](std::size_t g) {
            if (head[g] < kUnreached && !stop.stop_requested())
                head[g] += head_cost(p, p.heads[h], static_cast<Set>(g));
        });
        by_head[h].pick.assign(all, 0);
        tbb::parallel_for(std::size_t{0}, all, [&](std::size_t s) {
            for_subsets(s, [&](std::size_t g) {
                if (const double c = best[s & ~g] + head[g]; c < next[s])
                    next[s] = c, by_head[h].pick[s] = static_cast<Set>(g);
            });
        });
        best.swap(next);
    }
    Loading out;
    out.nozzle.assign(static_cast<std::size_t>(n), 0);
    std::size_t rest = all - 1;
    for (std::size_t h = p.heads.size(); h-- > 0;) {
        std::size_t group = by_head[h].pick[rest];
        rest &= ~group;
        for (std::size_t i = nozzles; i-- > 0;) {
            if (p.nozzles[i].head != static_cast<int>(h))
                continue;
            const Set g = by_nozzle[i].pick[group];
            for (int f = 0; f < n; ++f)
                if (g >> f & 1)
                    out.nozzle[static_cast<std::size_t>(f)] = static_cast<int>(i);
            group &= ~std::size_t{g};
        }
    }
    if (stop.stop_requested()) {
        out.proven = false;
        return out;
    }
    out.cost = out.bound = cost_of(p, out.nozzle);
    return out;
}

/// The same problem with only some of the filaments; changes may take a detour by the others.
LoadingProblem only(const LoadingProblem& p, const std::vector<int>& kept) {
    LoadingProblem q = p;
    const auto shrink = [&](Set s) {
        Set t = 0;
        for (std::size_t i = 0; i < kept.size(); ++i)
            if (s >> kept[i] & 1)
                t |= Set{1} << i;
        return t;
    };
    for (Set& s : q.layers)
        s = shrink(s);
    std::erase(q.layers, Set{0});
    for (auto& n : q.nozzles)
        n.must = shrink(n.must), n.never = shrink(n.never);
    for (auto& h : q.heads)
        h.loaded = shrink(h.loaded);
    q.costs.clear();
    for (const CostMatrix& full : p.costs) {
        CostMatrix closed = full;
        for (int k = 0; k < full.n; ++k)
            for (int i = 0; i < full.n; ++i)
                for (int j = 0; j < full.n; ++j)
                    closed.at(i, j) = std::min(closed.at(i, j), closed.at(i, k) + closed.at(k, j));
        CostMatrix c(static_cast<int>(kept.size()));
        for (int i = 0; i < c.n; ++i)
            for (int j = 0; j < c.n; ++j)
                if (i != j)
                    c.at(i, j) =
                        closed.at(kept[static_cast<std::size_t>(i)], kept[static_cast<std::size_t>(j)]);
        q.costs.push_back(std::move(c));
    }
    return q;
}

Loading searched(const LoadingProblem& p, const std::stop_token& stop) {
    const int n = p.filaments(), nozzles = static_cast<int>(p.nozzles.size());
    const Set pinned = pinned_filaments(p);
    std::map<std::pair<int, Set>, double> known_nozzle, known_head;
    const auto cost_with = [&](const std::vector<int>& at) {
        double sum = 0;
        std::vector<Set> group(static_cast<std::size_t>(nozzles), 0), head(p.heads.size(), 0);
        for (int f = 0; f < n; ++f) {
            group[static_cast<std::size_t>(at[static_cast<std::size_t>(f)])] |= Set{1} << f;
            head[static_cast<std::size_t>(
                p.nozzles[static_cast<std::size_t>(at[static_cast<std::size_t>(f)])].head)] |= Set{1} << f;
        }
        for (int i = 0; i < nozzles; ++i) {
            const Set g = group[static_cast<std::size_t>(i)];
            const auto [it, fresh] =
                known_nozzle.try_emplace({p.nozzles[static_cast<std::size_t>(i)].costs, g}, 0);
            if (fresh)
                it->second = nozzle_cost(p, p.nozzles[static_cast<std::size_t>(i)], g);
            sum += it->second + tie(i, g);
        }
        for (std::size_t h = 0; h < head.size(); ++h) {
            const auto [it, fresh] = known_head.try_emplace({static_cast<int>(h), head[h]}, 0);
            if (fresh)
                it->second = head_cost(p, p.heads[h], head[h]);
            sum += it->second;
        }
        return sum;
    };
    std::vector<int> open, at(static_cast<std::size_t>(n), -1);
    for (int i = 0; i < nozzles; ++i)
        if (p.nozzles[static_cast<std::size_t>(i)].usable)
            open.push_back(i);
    const auto never = [&](int nozzle, int f) {
        return p.nozzles[static_cast<std::size_t>(nozzle)].never >> f & 1;
    };
    const auto first_open = [&](int f) {
        const auto it = std::find_if(open.begin(), open.end(), [&](int i) { return !never(i, f); });
        return it == open.end() ? open.front() : *it;
    };
    std::vector<int> busiest;
    for (int f = 0; f < n; ++f)
        busiest.push_back(f);
    std::stable_sort(busiest.begin(), busiest.end(), [&](int a, int b) {
        return layers_with(p.layers, Set{1} << a) > layers_with(p.layers, Set{1} << b);
    });
    for (int i = 0; i < nozzles; ++i)
        for (int f = 0; f < n; ++f)
            if (p.nozzles[static_cast<std::size_t>(i)].must >> f & 1)
                at[static_cast<std::size_t>(f)] = i;
    // The busiest filaments get nozzles of their own as long as there are any; the others join where they
    // cost least.
    std::size_t next = 0;
    std::vector<int> best = at;
    for (int f = 0; f < n; ++f)
        if (best[static_cast<std::size_t>(f)] < 0)
            best[static_cast<std::size_t>(f)] = first_open(f);
    for (const int f : busiest) {
        if (pinned >> f & 1)
            continue;
        while (next < open.size() && never(open[next], f))
            ++next;
        if (next < open.size()) {
            best[static_cast<std::size_t>(f)] = open[next++];
            continue;
        }
        double least = kUnreached;
        int where = first_open(f);
        for (const int i : open) {
            if (never(i, f))
                continue;
            best[static_cast<std::size_t>(f)] = i;
            if (const double c = cost_with(best); c < least)
                least = c, where = i;
        }
        best[static_cast<std::size_t>(f)] = where;
    }
    double cost = cost_with(best);
    for (bool better = true; better && !stop.stop_requested();) {
        better = false;
        for (int f = 0; f < n; ++f) {
            if (pinned >> f & 1)
                continue;
            for (const int i : open) {
                if (never(i, f))
                    continue;
                std::vector<int> other = best;
                other[static_cast<std::size_t>(f)] = i;
                if (const double c = cost_with(other); c < cost - 1e-9)
                    cost = c, best = other, better = true;
            }
            for (int g = f + 1; g < n; ++g) {
                if (pinned >> g & 1 || never(best[static_cast<std::size_t>(g)], f) ||
                    never(best[static_cast<std::size_t>(f)], g))
                    continue;
                std::vector<int> other = best;
                std::swap(other[static_cast<std::size_t>(f)], other[static_cast<std::size_t>(g)]);
                if (const double c = cost_with(other); c < cost - 1e-9)
                    cost = c, best = other, better = true;
            }
        }
    }
    Loading out;
    out.nozzle = best;
    out.proven = false;
    out.cost = cost_of(p, best);
    busiest.resize(static_cast<std::size_t>(kExactFilaments));
    std::sort(busiest.begin(), busiest.end());
    // Refills need all filaments to be counted; without them the bound stays a bound.
    LoadingProblem part = only(p, busiest);
    for (auto& h : part.heads)
        h.refill = 0;
    out.bound = std::min(out.cost, exact(part, stop).cost);
    out.proven = !stop.stop_requested() && out.bound >= out.cost * (1 - 1e-12);
    return out;
}

} // namespace

std::vector<Set> seen_by(std::span<const Set> layers, Set group) {
    std::vector<Set> seen;
    for (Set s : layers)
        if ((s & group) && !(seen.size() > 0 && std::popcount(s & group) == 1 && seen.back() == (s & group)))
            seen.push_back(s & group);
    return seen;
}

double cost_of_nozzle(const LoadingProblem& p, std::size_t nozzle, Set filaments) {
    return nozzle_cost(p, p.nozzles[nozzle], filaments);
}

double cost_of(const LoadingProblem& p, const std::vector<int>& nozzle) {
    double sum = 0;
    std::vector<Set> head(p.heads.size(), 0);
    for (std::size_t i = 0; i < p.nozzles.size(); ++i) {
        Set group = 0;
        for (std::size_t f = 0; f < nozzle.size(); ++f)
            if (nozzle[f] == static_cast<int>(i))
                group |= Set{1} << f;
        sum += nozzle_cost(p, p.nozzles[i], group);
        head[static_cast<std::size_t>(p.nozzles[i].head)] |= group;
    }
    for (std::size_t h = 0; h < head.size(); ++h)
        sum += head_cost(p, p.heads[h], head[h]);
    return sum;
}

Loading load_nozzles(const LoadingProblem& p, const std::stop_token& stop) {
    const int n = p.filaments();
    Loading out;
    out.nozzle.assign(static_cast<std::size_t>(n), 0);
    int usable = 0, only_one = 0;
    for (std::size_t i = 0; i < p.nozzles.size(); ++i)
        if (p.nozzles[i].usable || p.nozzles[i].must)
            ++usable, only_one = static_cast<int>(i);
    if (usable <= 1 || n == 0) {
        out.nozzle.assign(static_cast<std::size_t>(n), only_one);
        return out; // nothing to choose
    }
    return n <= kExactFilaments ? exact(p, stop) : searched(p, stop);
}

} // namespace vitrail
