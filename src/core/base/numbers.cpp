#include "core/base/numbers.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

namespace vitrail {

std::string duration(double seconds) {
    const auto s = static_cast<long long>(std::llround(std::max(0.0, seconds)));
    if (s >= 3600)
        return fmt::format("{} h {:02}", s / 3600, s % 3600 / 60);
    if (s >= 600)
        return fmt::format("{} min", (s + 30) / 60);
    if (s >= 60)
        return fmt::format("{}:{:02} min", s / 60, s % 60);
    return fmt::format("{} s", s);
}

} // namespace vitrail
