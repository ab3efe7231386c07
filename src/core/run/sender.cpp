#include "core/run/sender.h"

#include <fmt/format.h>

#include <charconv>
#include <cmath>

namespace vitrail {

namespace {

/// No more: a printer that has started anew unseen wants the first line, and must not be told to home and
/// heat in the middle of a print.
constexpr std::size_t kKept = 16;

} // namespace

int line_checksum(std::string_view text) {
    int sum = 0;
    for (const char c : text)
        sum ^= static_cast<unsigned char>(c);
    return sum;
}

std::string numbered_line(std::int64_t number, std::string_view command) {
    const std::string text = fmt::format("N{} {}", number, command);
    return fmt::format("{}*{}\n", text, line_checksum(text));
}

std::string command_of(std::string_view line) {
    std::string out;
    bool inside = false;
    for (const char c : line) {
        if (c == ';')
            break;
        if (c == '(')
            inside = true;
        if (!inside && c != '\r' && c != '\n')
            out += c;
        if (c == ')')
            inside = false;
    }
    const std::size_t from = out.find_first_not_of(" \t"), to = out.find_last_not_of(" \t");
    return from == std::string::npos ? std::string() : out.substr(from, to - from + 1);
}

std::optional<double> number_behind(std::string_view line, std::string_view mark) {
    const std::size_t at = line.find(mark);
    if (at == std::string_view::npos)
        return {};
    const char* p = line.data() + at + mark.size();
    const char* end = line.data() + line.size();
    while (p < end && *p == ' ')
        ++p;
    double v = 0;
    if (std::from_chars(p, end, v).ec != std::errc() || !std::isfinite(v))
        return {};
    return v;
}

std::optional<Heat> heat_of(std::string_view line) {
    const std::size_t at = line.find("T:");
    if (at == std::string_view::npos || (at > 0 && line[at - 1] != ' '))
        return {};
    const auto of = [&](std::string_view mark, double& is, double& target) {
        const std::size_t from = line.find(mark);
        if (from == std::string_view::npos)
            return;
        is = number_behind(line.substr(from), mark).value_or(0);
        target = number_behind(line.substr(from), "/").value_or(0);
    };
    Heat h;
    of("T:", h.nozzle_c, h.nozzle_target_c);
    of("B:", h.bed_c, h.bed_target_c);
    return h;
}

std::function<std::optional<std::string>()> lines_of(const std::string& text) {
    return [&text, at = std::size_t{0}]() mutable -> std::optional<std::string> {
        if (at >= text.size())
            return {};
        const std::size_t end = std::min(text.find('\n', at), text.size());
        std::string line = text.substr(at, end - at);
        at = end + 1;
        return line;
    };
}

std::string Sender::begin() {
    is_ = Is::sending;
    return numbered_line(0, "M110 N0");
}

std::string Sender::resume() {
    is_ = Is::sending;
    begun_ = asks_ = true;
    return numbered_line(-1, "M105"); // no printer expects it: it says which one it does expect
}

/// Of the text, whatever was sent before.
std::string Sender::read_to(std::int64_t number) {
    while (read_ < number) {
        const std::optional<std::string> raw = lines_();
        if (!raw)
            return {};
        ++line_;
        std::string command = command_of(*raw);
        if (command.empty())
            continue;
        kept_.push_back({++read_, line_, std::move(command)});
        if (kept_.size() > kKept)
            kept_.pop_front();
    }
    return kept_.empty() || number < kept_.front().number
               ? std::string()
               : kept_[static_cast<std::size_t>(number - kept_.front().number)].command;
}

std::string Sender::next() {
    return send_from(number_ + 1);
}

/// Everything before that number is with the printer.
std::string Sender::send_from(std::int64_t number) {
    const std::string command = read_to(number);
    if (command.empty()) {
        ended_ = number == read_ + 1;
        if (!ended_) {
            is_ = Is::lost;
            return {};
        }
        asks_ = true; // an answer may have been to something else: it is asked what it has
        return current();
    }
    const std::size_t at = static_cast<std::size_t>(number - kept_.front().number);
    if (at > 0)
        answered_ = std::max(answered_, kept_[at - 1].line);
    number_ = number;
    current_line_ = kept_[at].line;
    return current();
}

std::string Sender::current() const {
    if (asks_)
        return numbered_line(-1, "M105");
    if (!begun_)
        return numbered_line(0, "M110 N0");
    return numbered_line(number_, kept_[static_cast<std::size_t>(number_ - kept_.front().number)].command);
}

std::string Sender::again() {
    if (is_ != Is::sending)
        return {};
    skip_oks_ = 0; // whatever was on its way is gone
    return current();
}

std::string Sender::take(std::string_view line) {
    if (is_ != Is::sending)
        return {};
    if (line == "start") { // what it was told before is gone
        if (begun_)
            is_ = Is::lost;
        return {};
    }
    if (const auto wanted = line.substr(0, 7) == "Resend:" ? number_behind(line, "Resend:") : std::nullopt) {
        ++skip_oks_; // the one behind it is for the line that was refused
        if (!begun_)
            return current();
        const auto number = *wanted >= 1 && *wanted < 1e15 ? static_cast<std::int64_t>(*wanted) : 0;
        // It may have what is on its way, and only the answer was lost; what it wants beyond that nobody has
        // sent, or so long ago that it has forgotten.
        if (number < 1 ||
            (!asks_ && (number > read_ + 1 || (!kept_.empty() && number < kept_.front().number)))) {
            is_ = Is::lost;
            return {};
        }
        asks_ = false;
        if (ended_ && number == read_ + 1) {
            is_ = Is::done;
            answered_ = line_;
            return {};
        }
        repeated_ += number <= number_;
        return send_from(number);
    }
    if (line.substr(0, 2) != "ok")
        return {};
    if (skip_oks_ > 0) {
        --skip_oks_;
        return {};
    }
    if (asks_)
        return {}; // of a line from before the break
    begun_ = true;
    return next();
}

} // namespace vitrail
