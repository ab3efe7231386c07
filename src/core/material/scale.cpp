#include "core/material/scale.h"

#include <charconv>
#include <cmath>

namespace vitrail {

std::optional<ScaleReading> scale_reading(std::string_view line) {
    const std::size_t at = line.find_first_of("0123456789");
    if (at == std::string_view::npos)
        return {};
    const char* end = line.data() + line.size();
    double value = 0;
    const auto parsed = std::from_chars(line.data() + at, end, value, std::chars_format::fixed);
    if (parsed.ec != std::errc() || !std::isfinite(value))
        return {};
    const std::string_view before = line.substr(0, at),
                           digits = line.substr(at, static_cast<std::size_t>(parsed.ptr - line.data()) - at);
    const char* p = parsed.ptr;
    while (p < end && *p == ' ')
        ++p;
    std::size_t length = 0;
    while (p + length < end && ((p[length] | 32) >= 'a' && (p[length] | 32) <= 'z'))
        ++length;
    const std::string_view unit(p, length);
    const double g = unit == "g"    ? 1
                     : unit == "kg" ? 1000
                     : unit == "oz" ? 28.349523125
                     : unit == "lb" ? 453.59237
                                    : 0;
    if (g == 0 || value * g > 1e7)
        return {};
    ScaleReading out;
    const std::size_t point = digits.find('.');
    out.step_g =
        g *
        std::pow(10.0, point == std::string_view::npos ? 0 : -static_cast<double>(digits.size() - point - 1));
    out.g = (before.find('-') != std::string_view::npos ? -value : value) * g;
    out.settled = before.find('?') == std::string_view::npos && before.find("US") == std::string_view::npos &&
                  before.find('D') == std::string_view::npos;
    return out;
}

} // namespace vitrail
