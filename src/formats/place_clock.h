// The clock of the place this runs at.
#pragma once

#include "core/base/zone.h"

namespace vitrail {

/// As the system knows it (TZ, else what the machine is set to), for a year before and three after that moment.
Zone place_zone(std::int64_t around_s);
/// Seconds since 1970, UTC.
std::int64_t now_s();

} // namespace vitrail
