// Calibration readings as a list: CSV with the columns from_rgb, to_rgb, delta_e, clean_mm3.
#pragma once

#include "core/purge/calibrate.h"

#include <string>

namespace vitrail {

/// Errors say which line and which value.
Result<std::vector<Reading>> readings_from_csv(const std::string& text);

/// The same columns, as they are read.
std::string readings_to_csv(const std::vector<Reading>& readings);

} // namespace vitrail
