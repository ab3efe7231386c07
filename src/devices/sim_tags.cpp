#include "devices/sim_tags.h"

#include <fmt/format.h>

#include <algorithm>
#include <cctype>

namespace vitrail {

SimTags::SimTags(std::vector<std::string> tags, double fails, unsigned seed)
    : tags_(std::move(tags)), fails_(fails), random_(seed) {
    while (tags_.size() < 4)
        tags_.push_back(fmt::format("04{:08X}", std::uniform_int_distribution<unsigned>()(random_)));
}

std::string SimTags::take(std::string_view bytes) {
    std::string out;
    lines_.take(bytes, [&](const std::string& text) { out += line(text); });
    return out;
}

std::string SimTags::read() {
    if (held_.empty())
        return "none\n";
    if (std::uniform_real_distribution<double>(0, 1)(random_) < fails_)
        return "?\n";
    return "tag " + held_ + "\n";
}

std::string SimTags::line(std::string_view text) {
    if (text == "R")
        return read();
    if (text == "HAND away") {
        held_.clear();
        return "none\n";
    }
    if (text.substr(0, 9) != "HAND hold")
        return "// R reads\n";
    text.remove_prefix(9);
    while (!text.empty() && text.front() == ' ')
        text.remove_prefix(1);
    if (text.empty()) {
        held_ = tags_[next_++ % tags_.size()];
    } else if (text.size() > 32 || !std::all_of(text.begin(), text.end(), [](char c) {
                   return std::isxdigit(static_cast<unsigned char>(c));
               })) {
        return "// hand: hold, and the number of a tag in hexadecimal\n";
    } else {
        held_ = text;
        std::transform(held_.begin(), held_.end(), held_.begin(),
                       [](char c) { return static_cast<char>(std::toupper(static_cast<unsigned char>(c))); });
    }
    return read();
}

} // namespace vitrail
