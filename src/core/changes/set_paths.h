// The cheapest ways through a set of filaments that one nozzle prints in a layer.
#pragma once

#include "core/changes/order.h"

#include <limits>
#include <memory>
#include <unordered_map>

namespace vitrail {

/// Of a way that does not exist.
inline constexpr std::int32_t kFar = std::numeric_limits<std::int32_t>::max() / 2;

std::vector<std::uint8_t> members_of(Set set);

/// Held & Karp 1962, J. SIAM 10(1), over one set. best(mask, end, start): cheapest path from start through
/// mask to end.
class HeldKarp {
public:
    HeldKarp(const std::vector<std::uint8_t>& members, const CostMatrix& costs);

    std::size_t bytes() const { return best_.size() * sizeof(std::int32_t); }
    /// Cheapest path through `set` that ends with `end`, by its first member; kFar where there is none.
    const std::int32_t* row(std::uint32_t set, int end) const { return at(set, end); }
    std::int32_t path_cost(int start, int end) const { return at((1u << k_) - 1, end)[start]; }
    /// Positions in the set, from start to end.
    std::vector<int> path(int start, int end) const;

private:
    std::int32_t* at(std::uint32_t mask, int end) {
        return &best_[(static_cast<std::size_t>(mask) * k_ + end) * row_];
    }
    const std::int32_t* at(std::uint32_t mask, int end) const {
        return &best_[(static_cast<std::size_t>(mask) * k_ + end) * row_];
    }

    int k_, row_;
    std::vector<std::int32_t> cost_;
    std::vector<std::int32_t> best_;
};

/// One set: what the cheapest path costs for every first and last member, and which it is. Up to kExact
/// members exactly, beyond by nearest neighbour.
class SetPaths {
public:
    SetPaths(Set set, const CostMatrix& costs);

    const std::vector<std::uint8_t>& members() const { return members_; }
    int size() const { return static_cast<int>(members_.size()); }
    bool exact() const { return size() <= kExact; }
    /// Positions in members(); kFar where there is no such path.
    std::int32_t cost(int start, int end) const {
        return inner_[static_cast<std::size_t>(start) * members_.size() + static_cast<std::size_t>(end)];
    }
    /// No path costs less, whatever its ends.
    std::int32_t least() const;
    const std::vector<int>& path(int start, int end);

    std::size_t bytes() const { return solved_ ? solved_->bytes() : 0; }
    /// Gives the memory back; the set is solved again when a path is asked for.
    void forget() { solved_.reset(); }

private:
    const CostMatrix* costs_;
    std::vector<std::uint8_t> members_;
    std::vector<std::int32_t> inner_;
    std::unordered_map<int, std::vector<int>> paths_;
    std::unique_ptr<HeldKarp> solved_;
    std::int32_t into_others_ = 0; ///< where not exact: the cheapest ways into all members but the dearest
};

} // namespace vitrail
