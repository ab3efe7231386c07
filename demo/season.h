// A season's logbook of the Saltmarsh Light: invented prints of its projects, with factors that are known, so
// that what is learned can be held against them.
#pragma once

#include "core/logbook/record.h"

#include <vector>

namespace vitrail::demo {

/// What the season was made with: real = foretold · factor · scatter.
struct SeasonFactors {
    double printing = 1.12, waiting = 1.6, hand = 1.10, piece = 1.03, purge = 0.92, tower = 0.80,
           cleaning = 1.45, soaking = 1.20;
    /// the feeder of feeder-4 is slower since the beginning of October
    double feeder_before = 1.0, feeder_after = 1.20;
    std::int64_t feeder_since_s = 1'790'812'800; ///< 2026-10-01
};
inline constexpr SeasonFactors kSeason{};

/// Forty prints from May to November 2026, in order; each with what was believed before it. The same at every
/// call.
std::vector<PrintRecord> season();

} // namespace vitrail::demo
