// The clock of the place this runs at.
#pragma once

#include "core/base/zone.h"
#include "core/project/project.h"

namespace vitrail {

/// As the system knows it (TZ, else what the machine is set to), for a year before and three after that
/// moment.
Zone place_zone(std::int64_t around_s);
/// For a project: around its start where that is settled, else around now.
Zone place_zone(const Project& project);
/// Seconds since 1970, UTC.
std::int64_t now_s();

} // namespace vitrail
