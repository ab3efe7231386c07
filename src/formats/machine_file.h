// Machines as JSON files that a user can copy and change.
#pragma once

#include "core/base/result.h"
#include "core/machine/machine.h"
#include "formats/json_fwd.h"

#include <vector>

namespace vitrail {

/// The machines that ship with the program, in the order in which they are offered.
const std::vector<Machine>& shipped_machines();
const Machine* find_machine(const std::string& id);
/// A machine's name or note: of the kinds that ship, which translators have; anybody else's as it stands.
Message machine_text(const std::string& text);

/// Reads schema "vitrail.machine/1". Errors name the key.
Result<Machine> read_machine(const std::string& json);
std::string write_machine(const Machine& m);

Json machine_to_json(const Machine& m);
/// Throws JsonMisfit.
Machine machine_from_json(const JsonReader& r);

} // namespace vitrail
