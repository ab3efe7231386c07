#include "formats/place_clock.h"

#include "core/run/when.h"

#include <ctime>

namespace vitrail {

namespace {

int offset_at(std::int64_t utc_s) {
    const std::time_t t = static_cast<std::time_t>(utc_s);
    std::tm local{};
    return ::localtime_r(&t, &local) ? static_cast<int>(local.tm_gmtoff) : 0;
}

} // namespace

Zone place_zone(std::int64_t around) {
    constexpr std::int64_t kDay = 86400;
    ::tzset();
    Zone zone;
    std::int64_t at = around - 366 * kDay;
    int offset = offset_at(at);
    zone.steps.push_back({at, offset});
    for (; at < around + 3 * 366 * kDay; at += kDay) {
        const int next = offset_at(at + kDay);
        if (next == offset)
            continue;
        std::int64_t low = at, high = at + kDay; // the change lies between
        while (high - low > 1) {
            const std::int64_t middle = (low + high) / 2;
            (offset_at(middle) == offset ? low : high) = middle;
        }
        zone.steps.push_back({high, next});
        offset = next;
    }
    return zone;
}

Zone place_zone(const Project& p) {
    return place_zone(start_of(p, {}).value_or(now_s()));
}

std::int64_t now_s() {
    return static_cast<std::int64_t>(std::time(nullptr));
}

} // namespace vitrail
