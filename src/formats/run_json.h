// Runs as JSON: what is under way outlives the program.
#pragma once

#include "core/run/live.h"
#include "core/run/rehearsal.h"
#include "formats/json_fwd.h"

namespace vitrail {

/// Schema "vitrail.runs/1".
std::string runs_text(const std::vector<Run>& runs);
/// Error: a sentence with the place. What visits say comes back as text, in the language it was written in.
Result<std::vector<Run>> runs_from(const std::string& text);

/// What `vitrail-cli rehearse --json` says: the score, how each step went, and what comes of it. `start_s`
/// UTC.
Json rehearsal_report(const Rehearsal& rehearsal, std::int64_t start_s, const Zone& zone);

} // namespace vitrail
