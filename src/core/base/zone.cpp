#include "core/base/zone.h"

#include "core/base/civil.h"

#include <fmt/format.h>

#include <algorithm>
#include <cstdlib>

namespace vitrail {

int Zone::offset_s(std::int64_t utc) const {
    if (steps.empty())
        return 0;
    const auto after = std::upper_bound(steps.begin(), steps.end(), utc,
                                        [](std::int64_t t, const Step& s) { return t < s.from_s; });
    return after == steps.begin() ? steps.front().offset_s : std::prev(after)->offset_s;
}

std::int64_t Zone::utc_s(std::int64_t local) const {
    if (steps.empty())
        return local;
    // Of all offsets that ever hold, the moment that shows it; the first one where there are two.
    std::optional<std::int64_t> best;
    for (const Step& s : steps)
        if (const std::int64_t utc = local - s.offset_s; local_s(utc) == local && (!best || utc < *best))
            best = utc;
    if (best)
        return *best;
    // Leapt over: as far after the leap as it lies behind its beginning.
    for (std::size_t i = 1; i < steps.size(); ++i) {
        const std::int64_t from = steps[i].from_s + steps[i - 1].offset_s,
                           to = steps[i].from_s + steps[i].offset_s;
        if (local >= from && local < to)
            return local - steps[i - 1].offset_s;
    }
    return local - steps.front().offset_s;
}

std::optional<std::int64_t> parse_instant(std::string_view text, const Zone& zone) {
    std::optional<int> offset_s;
    if (text.size() > 16 && text.back() == 'Z') {
        offset_s = 0;
        text.remove_suffix(1);
    } else if (text.size() > 16 + 5) {
        const std::string_view tail = text.substr(text.size() - 6);
        if ((tail[0] == '+' || tail[0] == '-') && tail[3] == ':') {
            const auto shift = parse_moment("1970-01-01T" + std::string(tail.substr(1)));
            if (!shift)
                return {};
            offset_s = static_cast<int>(*shift * 60) * (tail[0] == '-' ? -1 : 1);
            text.remove_suffix(6);
        }
    }
    const auto minutes = parse_moment(text);
    if (!minutes)
        return {};
    const std::int64_t seconds =
        *minutes * 60 + (text.size() == 19 ? (text[17] - '0') * 10 + (text[18] - '0') : 0);
    return offset_s ? seconds - *offset_s : zone.utc_s(seconds);
}

std::string instant_text(std::int64_t utc, const Zone& zone) {
    const std::int64_t local = zone.local_s(utc), minute = local >= 0 ? local / 60 : -((59 - local) / 60);
    const int offset = zone.offset_s(utc), away = std::abs(offset) / 60;
    return fmt::format("{}:{:02}{}{:02}:{:02}", moment_text(minute), local - minute * 60,
                       offset < 0 ? '-' : '+', away / 60, away % 60);
}

double hour_of(std::int64_t utc, const Zone& zone) {
    constexpr std::int64_t kDay = 86400;
    return static_cast<double>(((zone.local_s(utc) % kDay) + kDay) % kDay) / 3600;
}

std::optional<double> parse_hour(std::string_view text) {
    if (text == "24:00")
        return 24;
    const auto minutes = text.size() == 5 ? parse_moment("1970-01-01T" + std::string(text)) : std::nullopt;
    return minutes ? std::optional(static_cast<double>(*minutes) / 60) : std::nullopt;
}

} // namespace vitrail
