// A calibration strip as files.
#pragma once

#include "core/purge/strip.h"

namespace vitrail {

/// Writes into the folder, which must exist: strip.3mf, an STL for each filament, strip.html (run sheet: when it changes), and
/// strip.vitrail. Error with the file that could not be written.
Status write_strip(const Strip& strip, const std::string& folder);

} // namespace vitrail
