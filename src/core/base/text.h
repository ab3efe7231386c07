// Text that came from somewhere else: made fit to be kept, shown and written.
#pragma once

#include <string>
#include <string_view>

namespace vitrail {

/// Valid UTF-8 without control characters but tab and newline. Text that is no UTF-8 is taken as Latin-1 with
/// the characters of Windows-1252, which is what old programs write (common practice, no source). Valid text
/// comes back as it is.
std::string repaired(std::string_view text);

/// The same in one line: what separates lines becomes a space; no space at either end. For names.
std::string one_line(std::string_view text);

/// Fit to stand in HTML or SVG, in an element or between quotation marks. Control characters go.
std::string html_escaped(std::string_view text);

} // namespace vitrail
