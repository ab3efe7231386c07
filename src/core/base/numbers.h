// How numbers are said.
#pragma once

#include <string>

namespace vitrail {

/// "2 h 05", "12 min", "1:52 min", "40 s".
std::string duration(double seconds);

} // namespace vitrail
