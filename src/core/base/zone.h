// The clock of a place against the world's: what it is off by, and when it is put forward or back.
#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace vitrail {

/// Without steps: the world's own clock (UTC).
struct Zone {
    struct Step {
        std::int64_t from_s = 0; ///< seconds since 1970-01-01T00:00 UTC
        int offset_s = 0;        ///< from then on the place is so far ahead of UTC
    };
    std::vector<Step> steps; ///< by time; before the first its offset holds, too

    int offset_s(std::int64_t utc_s) const;
    /// What the clock shows, as if it were UTC.
    std::int64_t local_s(std::int64_t utc_s) const { return utc_s + offset_s(utc_s); }
    /// When the clock shows this: where it shows it twice the first time, where it leaps over it as much
    /// later.
    std::int64_t utc_s(std::int64_t local_s) const;
};

/// "2026-12-05T18:30" on the clock of the place, or with "Z" or "+01:00" behind it; seconds may be there. UTC
/// seconds; nothing where it is none (ISO 8601, as core/base/civil reads it).
std::optional<std::int64_t> parse_instant(std::string_view text, const Zone& zone);
/// "2026-12-05T18:30:00+01:00"
std::string instant_text(std::int64_t utc_s, const Zone& zone);
/// Hour of the day on that clock, 0 … 24.
double hour_of(std::int64_t utc_s, const Zone& zone);

/// "22:00" as an hour of the day, 0 … 24.
std::optional<double> parse_hour(std::string_view text);

} // namespace vitrail
