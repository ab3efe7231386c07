#include "core/base/text.h"

#include <array>
#include <cstdint>

namespace vitrail {

namespace {

/// Bytes of the well-formed character at the front, 0 where there is none (Unicode Standard, table 3-7).
std::size_t character_length(std::string_view s) {
    const auto byte = [&](std::size_t i) { return i < s.size() ? static_cast<unsigned char>(s[i]) : 0u; };
    const auto follows = [&](std::size_t i, unsigned low = 0x80, unsigned high = 0xbf) {
        return byte(i) >= low && byte(i) <= high;
    };
    const unsigned b = byte(0);
    if (b < 0x80)
        return 1;
    if (b >= 0xc2 && b <= 0xdf)
        return follows(1) ? 2 : 0;
    if (b >= 0xe0 && b <= 0xef)
        return follows(1, b == 0xe0 ? 0xa0 : 0x80, b == 0xed ? 0x9f : 0xbf) && follows(2) ? 3 : 0;
    if (b >= 0xf0 && b <= 0xf4)
        return follows(1, b == 0xf0 ? 0x90 : 0x80, b == 0xf4 ? 0x8f : 0xbf) && follows(2) && follows(3) ? 4
                                                                                                        : 0;
    return 0;
}

bool is_utf8(std::string_view s) {
    while (!s.empty()) {
        const std::size_t n = character_length(s);
        if (!n)
            return false;
        s.remove_prefix(n);
    }
    return true;
}

void append_utf8(std::string& out, std::uint32_t c) {
    if (c < 0x80) {
        out += static_cast<char>(c);
    } else if (c < 0x800) {
        out += static_cast<char>(0xc0 | c >> 6);
        out += static_cast<char>(0x80 | (c & 0x3f));
    } else {
        out += static_cast<char>(0xe0 | c >> 12);
        out += static_cast<char>(0x80 | (c >> 6 & 0x3f));
        out += static_cast<char>(0x80 | (c & 0x3f));
    }
}

/// What Windows-1252 has at 0x80 … 0x9f; 0 where it has nothing.
constexpr std::array<std::uint16_t, 32> kWindows1252{
    0x20ac, 0,      0x201a, 0x0192, 0x201e, 0x2026, 0x2020, 0x2021, 0x02c6, 0x2030, 0x0160,
    0x2039, 0x0152, 0,      0x017d, 0,      0,      0x2018, 0x2019, 0x201c, 0x201d, 0x2022,
    0x2013, 0x2014, 0x02dc, 0x2122, 0x0161, 0x203a, 0x0153, 0,      0x017e, 0x0178};

/// U+FFFE and U+FFFF are no characters; XML refuses them as it refuses control characters.
bool is_no_character(std::string_view c) {
    return c.size() == 3 && static_cast<unsigned char>(c[0]) == 0xef &&
           static_cast<unsigned char>(c[1]) == 0xbf && static_cast<unsigned char>(c[2]) >= 0xbe;
}
/// C1 control characters, U+0080 … U+009F.
bool is_late_control(std::string_view c) {
    return c.size() == 2 && static_cast<unsigned char>(c[0]) == 0xc2 &&
           static_cast<unsigned char>(c[1]) < 0xa0;
}
bool is_control(char c) {
    return static_cast<unsigned char>(c) < 0x20 || c == 0x7f;
}

} // namespace

std::string repaired(std::string_view text) {
    std::string out;
    out.reserve(text.size());
    if (is_utf8(text)) {
        while (!text.empty()) {
            const std::string_view c = text.substr(0, character_length(text));
            const bool keep = c.size() == 1 ? !is_control(c[0]) || c[0] == '\n' || c[0] == '\t'
                                            : !is_late_control(c) && !is_no_character(c);
            if (keep)
                out += c;
            text.remove_prefix(c.size());
        }
        return out;
    }
    for (const char c : text) {
        const auto b = static_cast<unsigned char>(c);
        if (b >= 0x80 && b < 0xa0) {
            if (kWindows1252[b - 0x80u])
                append_utf8(out, kWindows1252[b - 0x80u]);
        } else if (b >= 0xa0 || !is_control(c) || c == '\n' || c == '\t') {
            append_utf8(out, b);
        }
    }
    return out;
}

std::string one_line(std::string_view text) {
    std::string out = repaired(text);
    for (char& c : out)
        if (c == '\n' || c == '\t')
            c = ' ';
    for (const char* separator : {"\u2028", "\u2029"})
        for (std::size_t at = out.find(separator); at != std::string::npos; at = out.find(separator, at)) {
            out.erase(at, 2);
            out[at] = ' ';
        }
    const std::size_t first = out.find_first_not_of(' '), last = out.find_last_not_of(' ');
    return first == std::string::npos ? std::string() : out.substr(first, last - first + 1);
}

std::string html_escaped(std::string_view text) {
    std::string out;
    for (const char c : repaired(text))
        switch (c) {
        case '&':
            out += "&amp;";
            break;
        case '<':
            out += "&lt;";
            break;
        case '>':
            out += "&gt;";
            break;
        case '"':
            out += "&quot;";
            break;
        case '\'':
            out += "&#39;";
            break;
        default:
            out += c;
        }
    return out;
}

} // namespace vitrail
