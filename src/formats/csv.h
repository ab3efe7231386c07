// CSV as RFC 4180 has it, read with tolerance for line ends.
#pragma once

#include <string>
#include <vector>

namespace vitrail {

/// Records of fields; empty lines are left out. Nothing at all when a quotation mark is not closed.
std::vector<std::vector<std::string>> csv_records(const std::string& text);

/// A field as it is written: quoted where it must be.
std::string csv_field(const std::string& s);

} // namespace vitrail
