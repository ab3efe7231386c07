// Strips to print, as files.
#pragma once

#include "core/purge/strip.h"

namespace vitrail {

/// Writes into the folder, which must exist: NAME.3mf, an STL for each filament, NAME.html (run sheet, with
/// `first` before all other preparation), in the language of the reader, and NAME.vitrail. `strip`: parts
/// that come from no model file. Error with the file that could not be written.
Status write_strip(const Project& strip, const std::string& name, std::vector<Message> first,
                   const std::string& folder, const Language& language = {});

/// What has to be done before a calibration strip is printed.
std::vector<Message> before_calibration_strip();
/// The same for a step wedge, and how it is photographed.
std::vector<Message> before_wedge();
/// The same for an offset strip, and how it is read.
std::vector<Message> before_offset_strip(const Machine& machine, int toolhead);

} // namespace vitrail
