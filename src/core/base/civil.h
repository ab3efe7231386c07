// Moments on the clock of the place, as text and as minutes: no zones, no changes of the clock.
#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>

namespace vitrail {

/// Minutes since 1970-01-01T00:00 on that clock, of "2026-12-05T10:00" (seconds may follow) or "2026-12-05":
/// the beginning of that day. Nothing where it is none: ISO 8601, calendar dates only, years 1970 … 9999.
std::optional<std::int64_t> parse_moment(std::string_view text);

/// "2026-12-05T10:00"
std::string moment_text(std::int64_t minutes);

/// Hour of the day, 0 … 24.
double hour_of_day(std::int64_t minutes);

} // namespace vitrail
