// A project from the options of `new`.
#pragma once

#include "cli/commands.h"
#include "core/project/project.h"

namespace vitrail {

/// Throws Usage and Unusable (arguments.h).
Project build_project(const NewOptions& options);

} // namespace vitrail
