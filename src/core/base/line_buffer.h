// Bytes as they come over a line, cut anywhere, put together to lines of text.
#pragma once

#include <string>
#include <string_view>
#include <utility>

namespace vitrail {

class LineBuffer {
public:
    /// Of a longer line only so much is kept.
    explicit LineBuffer(std::size_t longest = 512) : longest_(longest) {}

    /// `each(const std::string&)` for every line that is whole now, without its end.
    template <class F>
    void take(std::string_view bytes, F each) {
        for (const char c : bytes)
            if (c == '\n') {
                const std::string line = std::exchange(rest_, {});
                each(line);
            } else if (c != '\r' && rest_.size() < longest_) {
                rest_ += c;
            }
    }
    void clear() { rest_.clear(); }

private:
    std::size_t longest_;
    std::string rest_;
};

} // namespace vitrail
