// What a scale says over a line.
#pragma once

#include <optional>
#include <string_view>

namespace vitrail {

struct ScaleReading {
    double g = 0;
    bool settled = true;
    double step_g = 1; ///< of the display, by its decimals
};
/// "   36 g", "?  35.5 g", "ST,+ 0.036 kg": the first number before a unit (g, kg, oz, lb; 1 oz
/// = 28.349523125 g and 1 lb = 453.59237 g, the international pound of 1959). Not settled where a question
/// mark, "US" or "D" stands before it, as scales have it (common practice, no source). Nothing where there is
/// no such number.
std::optional<ScaleReading> scale_reading(std::string_view line);

} // namespace vitrail
