// Reading line-based text files.
#pragma once

#include <charconv>
#include <cstddef>
#include <string>
#include <string_view>

namespace vitrail {

/// So many lines are read between two looks at whether to stop.
inline constexpr std::size_t kLinesBetweenLooks = 1 << 16;

/// Line after line, without the line ends.
class Lines {
public:
    explicit Lines(std::string_view text) : rest_(text), whole_(text.size()) {}
    bool next() {
        if (rest_.empty())
            return false;
        const std::size_t end = rest_.find('\n');
        line_ = rest_.substr(0, end);
        rest_.remove_prefix(end == std::string_view::npos ? rest_.size() : end + 1);
        if (!line_.empty() && line_.back() == '\r')
            line_.remove_suffix(1);
        ++number_;
        return true;
    }
    std::string_view line() const { return line_; }
    std::size_t number() const { return number_; }
    /// 0 … 1
    double share_read() const {
        return whole_ ? 1 - static_cast<double>(rest_.size()) / static_cast<double>(whole_) : 1;
    }

private:
    std::string_view rest_, line_;
    std::size_t whole_;
    std::size_t number_ = 0;
};

/// The words of a line, and the numbers among them.
class Words {
public:
    explicit Words(std::string_view line) : rest_(line) {}
    std::string_view next() {
        skip();
        std::size_t n = 0;
        while (n < rest_.size() && !blank(rest_[n]))
            ++n;
        const std::string_view w = rest_.substr(0, n);
        rest_.remove_prefix(n);
        return w;
    }
    std::string rest() {
        skip();
        while (!rest_.empty() && blank(rest_.back()))
            rest_.remove_suffix(1);
        return std::string(rest_);
    }
    /// Whether a number follows; huge ones become infinite and are sorted out with the mesh.
    bool number(float& v) {
        std::string_view w = next();
        if (!w.empty() && w.front() == '+')
            w.remove_prefix(1);
        double d = 0;
        const auto [end, error] = std::from_chars(w.data(), w.data() + w.size(), d);
        if (w.empty() || end != w.data() + w.size() || error == std::errc::invalid_argument)
            return false;
        v = error == std::errc::result_out_of_range ? 1e30f : static_cast<float>(d);
        return true;
    }

private:
    static bool blank(char c) { return c == ' ' || c == '\t' || c == '\r'; }
    void skip() {
        while (!rest_.empty() && blank(rest_.front()))
            rest_.remove_prefix(1);
    }
    std::string_view rest_;
};

} // namespace vitrail
