#include "core/base/civil.h"

#include <fmt/format.h>

#include <charconv>
#include <chrono>

namespace vitrail {

namespace {

/// A number of just so many digits; −1: it is none.
int digits(std::string_view text, std::size_t at, std::size_t many) {
    int v = -1;
    if (at + many > text.size() || text[at] < '0' || text[at] > '9')
        return -1;
    const auto [end, error] = std::from_chars(text.data() + at, text.data() + at + many, v);
    return error == std::errc() && end == text.data() + at + many ? v : -1;
}

constexpr std::int64_t kDay = 24 * 60;

} // namespace

std::optional<std::int64_t> parse_moment(std::string_view t) {
    using namespace std::chrono;
    if (t.size() != 10 && t.size() != 16 && t.size() != 19)
        return {};
    const int y = digits(t, 0, 4), m = digits(t, 5, 2), d = digits(t, 8, 2);
    if (y < 1970 || m < 1 || d < 1 || t[4] != '-' || t[7] != '-')
        return {};
    const year_month_day date{year{y}, month{static_cast<unsigned>(m)}, day{static_cast<unsigned>(d)}};
    if (!date.ok())
        return {};
    std::int64_t minutes = sys_days{date}.time_since_epoch().count() * kDay;
    if (t.size() > 10) {
        const int h = digits(t, 11, 2), min = digits(t, 14, 2);
        if ((t[10] != 'T' && t[10] != ' ') || t[13] != ':' || h < 0 || h > 23 || min < 0 || min > 59)
            return {};
        if (t.size() == 19 && (t[16] != ':' || digits(t, 17, 2) < 0 || digits(t, 17, 2) > 59))
            return {};
        minutes += h * 60 + min;
    }
    return minutes;
}

std::string moment_text(std::int64_t minutes) {
    using namespace std::chrono;
    const std::int64_t day = minutes >= 0 ? minutes / kDay : -((kDay - 1 - minutes) / kDay);
    const year_month_day date{sys_days{days{day}}};
    const std::int64_t in_day = minutes - day * kDay;
    return fmt::format("{:04}-{:02}-{:02}T{:02}:{:02}", static_cast<int>(date.year()),
                       static_cast<unsigned>(date.month()), static_cast<unsigned>(date.day()), in_day / 60,
                       in_day % 60);
}

double hour_of_day(std::int64_t minutes) {
    return static_cast<double>(((minutes % kDay) + kDay) % kDay) / 60;
}

} // namespace vitrail
