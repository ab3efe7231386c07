// Orders and jobs as files: a project, a sheet and, of jobs, bodies for each, and one page for all.
#pragma once

#include "core/plate/jobs.h"
#include "core/plate/order.h"

#include <string>

namespace vitrail {

/// Pages are in the language of the reader.

/// order.html, and plate-1.vitrail with plate-1.html, … The folder is made. Each file is written whole or not
/// at all; the error names it.
Status write_order(const std::string& folder, const Message& title, const OrderTask& task,
                   const OrderPlan& plan, const Language& language = {});

/// jobs.html with pictures of where each part goes, and of each job a project that knows `origin` (a path), a
/// sheet and its bodies as 3MF, named by its key.
Status write_jobs(const std::string& folder, const std::string& origin, const Project& project,
                  const Plan& plan, const Jobs& jobs, const Language& language = {});

} // namespace vitrail
