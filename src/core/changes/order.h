// In which order the filaments of each layer are printed, so that the changes cost least. Exact.
#pragma once

#include <cstdint>
#include <span>
#include <vector>

namespace vitrail {

/// A set of up to 32 filaments (or nozzles): bit i stands for index i.
using Set = std::uint32_t;

/// cost(from, to) of a change, from ≠ to; whole numbers so that optima compare exactly. At most kLargestCost
/// each.
struct CostMatrix {
    static constexpr std::int32_t kLargestCost = 50'000'000;
    int n = 0;
    std::vector<std::int32_t> cost;

    explicit CostMatrix(int size) : n(size), cost(static_cast<std::size_t>(size) * size, 0) {}
    std::int32_t& at(int from, int to) { return cost[static_cast<std::size_t>(from) * n + to]; }
    std::int32_t at(int from, int to) const { return cost[static_cast<std::size_t>(from) * n + to]; }
};

/// What is printed in each layer, in printing order.
struct Sequence {
    std::vector<std::uint32_t> start{0}; ///< layer l is items[start[l]] … items[start[l+1]−1]
    std::vector<std::uint8_t> items;

    std::size_t layers() const { return start.size() - 1; }
    std::span<const std::uint8_t> layer(std::size_t l) const {
        return {items.data() + start[l], items.data() + start[l + 1]};
    }
};

struct Ordered {
    Sequence sequence;
    std::int64_t cost = 0; ///< of the sequence
    /// proven: no sequence costs less. Equal to cost unless a layer has more than kExact members
    std::int64_t bound = 0;
};

/// Largest layer set that is solved exactly.
inline constexpr int kExact = 16;

/// What nozzles hold decides what a change costs: one that still holds the filament needs none.
struct NozzleOrder {
    struct Nozzle {
        Set group = 0;    ///< the filaments it prints
        CostMatrix costs; ///< of a change on it, from the filament it holds
    };
    std::vector<Nozzle> nozzles;
    std::int32_t come = 0; ///< a switch from another nozzle to one that still holds the filament, or is
                           ///< filled before the start
};

/// The cheapest order over all layers, of filaments and nozzles together. What is printed first costs nothing
/// to load. Empty layers are skipped. Each layer prints each of its members once. Nozzles take their turns
/// one after the other, but one that has several filaments in a layer may both begin and end it.
///
/// A shortest path over the layers; its state is the last nozzle and what each holds. Within a layer, the
/// cheapest path through a nozzle's set for every first and last member: Held & Karp 1962, J. SIAM 10(1),
/// once per distinct set. Runs of equal layers are stepped over as soon as their costs repeat but for a
/// constant. O(distinct · 2^k·k³ + layers · nozzles² · states). Sets larger than kExact are ordered by
/// nearest neighbour, and the bound then counts the cheapest way into each member. With more than kMostStates
/// states each nozzle is ordered by itself, they are visited with the fewest switches, and the bound is that
/// of its parts. `first`: empty, or for each layer the member that must be printed first, −1 where any may.
/// The optimum is then that of the orders that do so.
Ordered order_on_nozzles(std::span<const Set> layers, const NozzleOrder& nozzles,
                         std::span<const std::int8_t> first = {});
inline constexpr std::size_t kMostStates = 1 << 15;

/// The same with one nozzle.
Ordered order_layers(std::span<const Set> layers, const CostMatrix& costs,
                     std::span<const std::int8_t> first = {});

/// The same where every change costs 1, without the exponential part: an order with the fewest changes.
Ordered fewest_changes(std::span<const Set> layers, int n);

/// Members by index in every layer: what happens when nobody thinks about it.
/// `first` as above.
Sequence in_index_order(std::span<const Set> layers, std::span<const std::int8_t> first = {});

/// What a sequence costs, from first item to last, over layers that are not empty.
std::int64_t cost_of(const Sequence& s, const CostMatrix& costs);
std::int64_t cost_of(const Sequence& s, const NozzleOrder& nozzles);

} // namespace vitrail
