// What would spoil the print. The codes are listed in docs/guide/en/findings.html.
#pragma once

#include "core/plan/planner.h"

namespace vitrail {

/// Looks the finished plan over; errors first, then warnings, then notes. Codes the project waives are left
/// out and returned in `waived`, where given.
std::vector<Finding> find_problems(const Project& project, const Plan& plan,
                                   std::vector<Finding>* waived = nullptr);

/// A whole plan: what the planner makes, and its findings. Long: takes Progress.
Result<std::shared_ptr<const Plan>> plan_with_findings(Planner& planner, const Project& project,
                                                       const Progress& progress = {});

} // namespace vitrail
