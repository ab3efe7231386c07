// CSV as RFC 4180 has it, read with tolerance for line ends.
#pragma once

#include <string>
#include <vector>

namespace vitrail {

/// Records of fields; empty lines are left out. Nothing at all when a quotation mark is not closed. What
/// csv_field put before a text that looks like a formula is taken off again.
std::vector<std::vector<std::string>> csv_records(const std::string& text);

/// A field as it is written: quoted where it must be. A text that a spreadsheet would take for a formula (= +
/// − @ first, no number) gets an apostrophe, by which spreadsheets know text (common practice, no source).
std::string csv_field(const std::string& s);

} // namespace vitrail
