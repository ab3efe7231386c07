// The list of jobs: which parts in which colour, how many of each, where they go, and what to mind.
#pragma once

#include "core/plate/jobs.h"
#include "core/run_sheet/page.h"

namespace vitrail {

/// `picture` draws where a part of the project goes, as PNG.
Page jobs_page(const Message& title, const Project& project, const Plan& plan, const Jobs& jobs,
               const std::function<std::string(PartAt)>& picture);

} // namespace vitrail
