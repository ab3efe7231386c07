// What would spoil the print. The codes are listed in docs/findings.md.
#pragma once

#include "core/plan/plan.h"

namespace vitrail {

/// Looks the finished plan over; errors first, then warnings, then notes.
std::vector<Finding> find_problems(const Project& project, const Plan& plan);

} // namespace vitrail
