// Runs as JSON: what is under way outlives the program.
#pragma once

#include "core/run/live.h"
#include "formats/json_fwd.h"

namespace vitrail {

/// Schema "vitrail.runs/1".
std::string runs_text(const std::vector<Run>& runs);
/// Error: a sentence with the place. What visits say comes back as text, in the language it was written in.
Result<std::vector<Run>> runs_from(const std::string& text);

} // namespace vitrail
