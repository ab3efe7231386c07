// Numbers put into sentences.
#pragma once

#include <cstdio>
#include <string>

namespace vitrail {

/// printf into a string, however long it gets. The values must fit the pattern.
template <class... T>
std::string format(const char* pattern, T... values) {
    const int length = std::snprintf(nullptr, 0, pattern, values...);
    std::string text(length > 0 ? static_cast<std::size_t>(length) : 0, '\0');
    std::snprintf(text.data(), text.size() + 1, pattern, values...);
    return text;
}

} // namespace vitrail
