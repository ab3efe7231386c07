// Parts that come from no file get one.
#pragma once

#include "core/project/project.h"

namespace vitrail {

/// A project carries the model files its parts come from: writes the meshes of the first piece into one, as a
/// 3MF of that name, and makes it theirs. For projects whose parts Vitrail made. Error when they cannot be
/// written.
Status carry_meshes(Project& project, const std::string& name);

} // namespace vitrail
