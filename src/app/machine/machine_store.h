// The machines the user owns: machine files in a folder of the user's.
#pragma once

#include "core/base/result.h"
#include "core/machine/machine.h"

#include <QString>

namespace vitrail {

/// Where they are kept; $VITRAIL_MACHINES where it is set.
QString machine_folder();
/// All that can be read, by name.
std::vector<Machine> owned_machines();
/// Writes it, over the one with the same id.
Status keep_machine(const Machine& machine);
/// Takes it out of the folder.
Status forget_machine(const std::string& id);
/// Small letters, digits and dashes, as a file may be named; never empty.
std::string machine_id(const std::string& name);

} // namespace vitrail
