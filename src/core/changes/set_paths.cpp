#include "core/changes/set_paths.h"

#include <algorithm>
#include <bit>

namespace vitrail {

std::vector<std::uint8_t> members_of(Set s) {
    std::vector<std::uint8_t> m;
    for (; s; s &= s - 1)
        m.push_back(static_cast<std::uint8_t>(std::countr_zero(s)));
    return m;
}

namespace {

/// Fills best(mask, end, start) for all masks of k members. The start is the innermost index, so that all
/// starts are relaxed side by side, with whatever vector unit there is.
#if defined(__x86_64__) &&                                                                                   \
    !defined(__SANITIZE_THREAD__) // which is not ready yet when the one to use is chosen
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

std::vector<int> nearest_neighbour(const std::vector<std::uint8_t>& m, const CostMatrix& costs, int start,
                                   int end) {
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

} // namespace

HeldKarp::HeldKarp(const std::vector<std::uint8_t>& members, const CostMatrix& costs)
    : k_(static_cast<int>(members.size())), row_((k_ + 3) & ~3), cost_(static_cast<std::size_t>(k_) * k_),
      best_((std::size_t{1} << k_) * k_ * row_, kFar) {
    for (int i = 0; i < k_; ++i)
        for (int j = 0; j < k_; ++j)
            cost_[i * k_ + j] = costs.at(members[i], members[j]);
    for (int i = 0; i < k_; ++i)
        at(1u << i, i)[i] = 0;
    held_karp(k_, row_, cost_.data(), best_.data());
}

std::vector<int> HeldKarp::path(int start, int end) const {
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

SetPaths::SetPaths(Set set, const CostMatrix& costs) : costs_(&costs), members_(members_of(set)) {
    const int k = size();
    inner_.assign(static_cast<std::size_t>(k) * k, kFar);
    if (k == 1) {
        inner_[0] = 0;
    } else if (k == 2) {
        inner_[1] = costs.at(members_[0], members_[1]);
        inner_[2] = costs.at(members_[1], members_[0]);
    } else if (exact()) {
        solved_ = std::make_unique<HeldKarp>(members_, costs);
        for (int s = 0; s < k; ++s)
            for (int e = 0; e < k; ++e)
                if (s != e)
                    inner_[s * k + e] = solved_->path_cost(s, e);
    } else {
        for (int s = 0; s < k; ++s)
            for (int e = 0; e < k; ++e) {
                if (s == e)
                    continue;
                std::vector<int>& path = paths_[s * k + e] = nearest_neighbour(members_, costs, s, e);
                std::int32_t sum = 0;
                for (int i = 0; i + 1 < k; ++i)
                    sum += costs.at(members_[path[i]], members_[path[i + 1]]);
                inner_[s * k + e] = sum;
            }
        // Every member but the first is entered from another member.
        std::int32_t sum = 0, dearest = 0;
        for (int i = 0; i < k; ++i) {
            std::int32_t in = kFar;
            for (int j = 0; j < k; ++j)
                if (i != j)
                    in = std::min(in, costs.at(members_[j], members_[i]));
            sum += in;
            dearest = std::max(dearest, in);
        }
        into_others_ = sum - dearest;
    }
}

std::int32_t SetPaths::least() const {
    return exact() ? *std::min_element(inner_.begin(), inner_.end()) : into_others_;
}

const std::vector<int>& SetPaths::path(int start, int end) {
    const int k = size();
    const auto [it, fresh] = paths_.try_emplace(start * k + end);
    if (!fresh)
        return it->second;
    if (k <= 2)
        return it->second = k == 1 ? std::vector<int>{0} : std::vector<int>{start, end};
    if (!solved_)
        solved_ = std::make_unique<HeldKarp>(members_, *costs_);
    return it->second = solved_->path(start, end);
}

} // namespace vitrail
