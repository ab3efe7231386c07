// Photographs of prints, as the logbook keeps them.
#pragma once

#include "core/base/result.h"
#include "core/logbook/record.h"

#include <QImage>

#include <string>

namespace vitrail {

/// A picture file's bytes as a JPEG of at most 1600 dots on its longer side: enough to see a string or a
/// seam, and a year of them stays small. Error where it is no picture. Safe off the window's thread.
Result<std::string> photograph_to_keep(const std::string& bytes);
/// What was kept; null where it is damaged.
QImage photograph_image(const std::string& kept);
/// As a PNG of at most 600 dots, for pages; empty where it is damaged.
std::string photograph_png(const std::string& kept);
/// That name, or one like it that no photograph of the print has.
std::string free_photograph_name(const PrintRecord& record, const std::string& name);

} // namespace vitrail
