#include "formats/optics_text.h"

#include <charconv>
#include <cmath>

namespace vitrail {

std::string optics_text(const std::optional<MeasuredOptics>& m) {
    std::string text;
    if (!m)
        return text;
    for (const Channels* four : {&m->optics.k, &m->optics.s, &m->k_sd, &m->s_sd})
        for (const double v : *four) {
            char buffer[40];
            text += (text.empty() ? "" : " ") +
                    std::string(
                        buffer,
                        std::to_chars(buffer, buffer + sizeof buffer, v, std::chars_format::general, 6).ptr);
        }
    return text;
}

std::optional<MeasuredOptics> parse_optics(const std::string& text, bool* fits) {
    if (fits)
        *fits = true;
    if (text.empty())
        return {};
    if (fits)
        *fits = false;
    MeasuredOptics m;
    const char *at = text.data(), *end = at + text.size();
    for (Channels* four : {&m.optics.k, &m.optics.s, &m.k_sd, &m.s_sd})
        for (double& v : *four) {
            while (at < end && *at == ' ')
                ++at;
            const auto [next, error] = std::from_chars(at, end, v);
            constexpr double kMost = 1e5;
            if (error != std::errc{} || !(v >= 0 && v <= kMost))
                return {};
            at = next;
        }
    if (at != end || m.optics.s[0] <= 0 || m.optics.s[1] <= 0 || m.optics.s[2] <= 0)
        return {};
    if (fits)
        *fits = true;
    return m;
}

} // namespace vitrail
