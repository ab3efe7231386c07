// Which filament sits on which nozzle.
#pragma once

#include "core/changes/subset_costs.h"

#include <span>
#include <stop_token>
#include <vector>

namespace vitrail {

/// What counts when filaments are put on nozzles, per unit. Zero counts nothing.
struct Weights {
    double mm3 = 1;  ///< of purge
    double s = 0;    ///< of the printer's time
    double hand = 0; ///< each thing a person does: a swap, a refill, a spool put in before the start
};

/// The choice as plain numbers.
struct LoadingProblem {
    struct Nozzle {
        bool usable = true;
        int head = 0;
        int costs = 0;    ///< index into `costs`
        double visit = 0; ///< each layer in which it prints
        Set must = 0;     ///< filaments pinned to it
        Set never = 0;    ///< filaments that it is not meant for; a pin holds all the same
    };
    struct Head {
        int slots = 0;     ///< of its feeder; 0: none, its nozzles are fed by hand
        double refill = 0; ///< each time a slot must get another filament during the print
        double move = 0;   ///< each filament that is not in it yet
        Set loaded = 0;    ///< filaments that are
    };
    std::vector<Set> layers;       ///< which filaments each layer prints
    std::vector<CostMatrix> costs; ///< what a change costs on a nozzle that holds another filament
    std::vector<Nozzle> nozzles;
    std::vector<Head> heads;
    std::int32_t tool = 0; ///< a switch to another nozzle that keeps its filament, in units of `costs`
    double scale = 1;      ///< what one unit of `costs` is in units of the other numbers
    int filaments() const { return costs.empty() ? 0 : costs.front().n; }
};

/// nozzle[i]: the nozzle that prints filament i.
struct Loading {
    std::vector<int> nozzle;
    bool proven = true; ///< every split of the filaments over the nozzles was looked at
    double cost = 0;    ///< as the problem counts it
    double bound = 0;   ///< no split costs less; equal to cost where proven
};

/// Filaments that the exact split can deal with.
inline constexpr int kExactFilaments = kMostSubsets;

/// The split that costs least. Among equals: fewer nozzles, those that come first, letters in their order.
/// Exact up to kExactFilaments: a dynamic programme over subsets (domain of 3^n steps for each nozzle) on top
/// of costs_of_subsets; refills of a feeder by fewest_refills for each set that does not fit its slots.
/// Beyond that, a local search (moves and exchanges from a greedy start), and a bound from the exact split of
/// the kExactFilaments filaments that take part in most layers, with costs closed under detours so that
/// leaving the others out cannot cost more. A pin to a nozzle that cannot be used holds all the same. Long
/// with many filaments whose sets do not fit their slots: once `stop` is requested it returns soon, with any
/// split, not proven.
Loading load_nozzles(const LoadingProblem& problem, const std::stop_token& stop = {});

/// What that nozzle costs by itself when it serves those filaments.
double cost_of_nozzle(const LoadingProblem& problem, std::size_t nozzle, Set filaments);

/// What a split costs, by the same count.
double cost_of(const LoadingProblem& problem, const std::vector<int>& nozzle);

/// The layers as seen by one nozzle: only the members of `group`, consecutive equal sets of one member once.
std::vector<Set> seen_by(std::span<const Set> layers, Set group);

} // namespace vitrail
