#include "devices/sim_printer.h"

#include "core/estimate/motion.h"

#include <fmt/format.h>

#include <algorithm>
#include <charconv>
#include <cmath>

namespace vitrail {

namespace {

constexpr double kAhead_s = 2;        ///< it takes lines as long as it has less to do than that
constexpr std::size_t kLongest = 512; ///< longer lines are no lines

int checksum(std::string_view text) {
    int sum = 0;
    for (const char c : text)
        sum ^= static_cast<unsigned char>(c);
    return sum;
}

/// The number behind a letter; nothing where it is not there.
bool value_of(const std::string& command, char letter, double& out) {
    for (std::size_t i = 1; i < command.size(); ++i)
        if (command[i] == letter && (command[i - 1] == ' ' || (command[i - 1] >= '0' && command[i - 1] <= '9'))) {
            const char* p = command.data() + i + 1;
            while (p < command.data() + command.size() && (*p == ' ' || *p == '+'))
                ++p;
            double v = 0;
            if (std::from_chars(p, command.data() + command.size(), v).ec == std::errc() && std::isfinite(v) && std::abs(v) < 1e7) {
                out = v;
                return true;
            }
        }
    return false;
}

} // namespace

std::string numbered_line(long number, std::string_view command) {
    const std::string text = fmt::format("N{} {}", number, command);
    return fmt::format("{}*{}\n", text, checksum(text));
}

SimPrinter::SimPrinter(Machine machine, Moods moods, unsigned seed) : machine_(std::move(machine)), moods_(moods), random_(seed) {
    reset();
    say(0, "start\n");
}

void SimPrinter::reset() {
    answers_.clear();
    held_.clear();
    rest_.clear();
    busy_s_ = now_s_;
    last_line_ = 0;
    waiting_ = out_ = false;
    somebody_s_ = -1;
    x_ = y_ = z_ = e_ = 0;
    relative_ = e_relative_ = false;
    unit_ = 1;
    target_c_ = bed_target_c_ = 0;
    if (moods_.resets_s > 0)
        reset_s_ = now_s_ + moods_.resets_s * (0.5 + std::uniform_real_distribution<double>(0, 1)(random_));
}

std::string SimPrinter::take(std::string_view bytes) {
    std::string out;
    for (const char c : bytes) {
        if (c != '\n') {
            if (c != '\r' && rest_.size() < kLongest)
                rest_ += c;
            continue;
        }
        std::string text = std::move(rest_);
        rest_.clear();
        out += line(std::move(text));
    }
    return out;
}

std::string SimPrinter::line(std::string text) {
    if (text.rfind("HAND ", 0) == 0)
        return hand(text.substr(5));
    if (text.empty())
        return {};
    if (moods_.drops > 0 && std::uniform_real_distribution<double>(0, 1)(random_) < moods_.drops) // a byte is lost on the way
        text.erase(text.size() / 2, 1);
    long number = -1;
    if (text[0] == 'N') {
        const std::size_t star = text.rfind('*');
        int sum = -1;
        if (star != std::string::npos)
            std::from_chars(text.data() + star + 1, text.data() + text.size(), sum);
        const auto parsed = std::from_chars(text.data() + 1, text.data() + text.size(), number);
        if (star == std::string::npos || sum != checksum(std::string_view(text).substr(0, star)) || parsed.ec != std::errc())
            return fmt::format("Error:checksum mismatch, last line: {}\nResend: {}\nok\n", last_line_, last_line_ + 1);
        text = text.substr(0, star);
        text.erase(0, static_cast<std::size_t>(parsed.ptr - text.data()));
        text.erase(0, text.find_first_not_of(' '));
        if (text.rfind("M110", 0) == 0) {
            last_line_ = number;
            return "ok\n";
        }
        if (number != last_line_ + 1)
            return fmt::format("Error:line number is not last line + 1, last line: {}\nResend: {}\nok\n", last_line_, last_line_ + 1);
        last_line_ = number;
    }
    if (const std::size_t comment = text.find(';'); comment != std::string::npos)
        text.resize(comment);
    while (!text.empty() && text.back() == ' ')
        text.pop_back();
    if (text.empty())
        return "ok\n";
    // What only asks is answered whatever it does.
    if (text.rfind("M105", 0) == 0)
        return "ok " + temperatures() + "\n";
    if (text.rfind("M114", 0) == 0)
        return fmt::format("X:{:.2f} Y:{:.2f} Z:{:.2f} E:{:.2f}\nok\n", x_, y_, z_, e_);
    if (waiting_) {
        held_.push_back(std::move(text));
        return {};
    }
    return run(text);
}

std::string SimPrinter::temperatures() const {
    return fmt::format("T:{:.1f} /{:.1f} B:{:.1f} /{:.1f}", nozzle_c_, target_c_, bed_c_, bed_target_c_);
}

void SimPrinter::wait(const std::string& why) {
    waiting_ = true;
    ++stops_;
    busy_s_ = std::max(busy_s_, now_s_);
    say(busy_s_, "// waits: " + why + "\n");
}

std::string SimPrinter::hand(const std::string& what) {
    if (!waiting_)
        return "// nobody is needed\n";
    if (what.rfind("swap ", 0) == 0 && what.size() > 5)
        put_in_ = what[5];
    else if (what != "go")
        return "// hand: swap LETTER, or go\n";
    const double late = moods_.late_s > 0 ? std::uniform_real_distribution<double>(0, moods_.late_s)(random_) : 0;
    somebody_s_ = now_s_ + late + (put_in_ ? machine_.hand.time_s * moods_.slow : 0);
    return "// somebody comes\n";
}

void SimPrinter::heat(double& now, double target, double per_s, double until_s) {
    const double step = per_s * until_s;
    now = now < target ? std::min(target, now + step) : std::max(std::max(20.0, target), now - step / 2);
}

void SimPrinter::move(const std::string& command, int code) {
    double v = 0, nx = x_, ny = y_, nz = z_, ne = e_;
    const auto axis = [&](char letter, double& to, bool relative) {
        if (value_of(command, letter, v))
            to = relative ? to + v * unit_ : v * unit_;
    };
    axis('X', nx, relative_);
    axis('Y', ny, relative_);
    axis('Z', nz, relative_);
    axis('E', ne, e_relative_);
    if (value_of(command, 'F', v) && v > 0)
        feed_ = v * unit_;
    const double mm = std::sqrt(std::pow(nx - x_, 2) + std::pow(ny - y_, 2) + std::pow(nz - z_, 2)), de = ne - e_;
    const double speed = std::max(0.1, feed_ / 60), corner = std::min(speed, machine_.motion.corner);
    const double seconds = mm > 0 ? line_s(mm, speed, corner, corner, machine_.motion.acceleration) : std::abs(de) / speed;
    (void)code;
    busy_s_ = std::max(busy_s_, now_s_) + seconds * moods_.slow;
    x_ = nx, y_ = ny, z_ = nz, e_ = ne;
    extruded_mm_ += de;
    spool_mm_ += std::max(0.0, de);
    if (moods_.runs_out_mm > 0 && spool_mm_ > moods_.runs_out_mm) {
        spool_mm_ = 0;
        out_ = true;
    }
}

/// A command that is to be done. Its `ok` comes when there is room for the next.
std::string SimPrinter::run(const std::string& command) {
    double v = 0;
    int code = -1;
    std::from_chars(command.data() + 1, command.data() + command.size(), code);
    if (command[0] == 'G') {
        if (code >= 0 && code <= 3)
            move(command, code);
        else if (code == 4)
            busy_s_ = std::max(busy_s_, now_s_) + (value_of(command, 'P', v) ? v / 1000 : 0) + (value_of(command, 'S', v) ? v : 0);
        else if (code == 20 || code == 21)
            unit_ = code == 20 ? 25.4 : 1;
        else if (code == 28)
            x_ = y_ = z_ = 0, busy_s_ = std::max(busy_s_, now_s_) + 20 * moods_.slow;
        else if (code == 90 || code == 91)
            relative_ = e_relative_ = code == 91;
        else if (code == 92) {
            for (auto [letter, at] : {std::pair{'X', &x_}, {'Y', &y_}, {'Z', &z_}, {'E', &e_}})
                if (value_of(command, letter, v))
                    *at = v * unit_;
        }
    } else if (command[0] == 'T') {
        if (code >= 0 && code != tool_) {
            tool_ = code;
            busy_s_ = std::max(busy_s_, now_s_) + (machine_.nozzles.size() > 1 ? machine_.tool.time_s : machine_.feeder.time_s) * moods_.slow;
        }
    } else if (command[0] == 'M') {
        switch (code) {
        case 82: case 83: e_relative_ = code == 83; break;
        case 104: case 109: target_c_ = value_of(command, 'S', v) ? v : target_c_; break;
        case 140: case 190: bed_target_c_ = value_of(command, 'S', v) ? v : bed_target_c_; break;
        case 0: case 1: case 25: wait("somebody"); return {};
        case 600: wait("filament"); return {};
        default: break;
        }
        const auto heating = [&](double from, double to, double per_s) { busy_s_ = std::max(busy_s_, now_s_) + std::max(0.0, to - from) / per_s * moods_.slow; };
        if (code == 109)
            heating(nozzle_c_, target_c_, machine_.motion.nozzle_c_s);
        if (code == 190)
            heating(bed_c_, bed_target_c_, machine_.motion.bed_c_s);
        if (code == 109 || code == 190) {
            say(busy_s_, "ok\n");
            return {};
        }
    }
    if (out_) {
        out_ = false;
        wait("filament ran out");
        return {};
    }
    const double at = busy_s_ - kAhead_s;
    if (at <= now_s_ && answers_.empty())
        return "ok\n";
    say(std::max(at, now_s_), "ok\n");
    return {};
}

double SimPrinter::next_s() const {
    double next = answers_.empty() ? -1 : std::max(0.0, answers_.front().at_s - now_s_);
    if (waiting_ && somebody_s_ >= 0)
        next = next < 0 ? std::max(0.0, somebody_s_ - now_s_) : std::min(next, std::max(0.0, somebody_s_ - now_s_));
    return next;
}

std::string SimPrinter::pass(double seconds) {
    std::string out;
    double left = seconds;
    while (true) {
        const double next = next_s(), step = next < 0 ? left : std::min(left, next);
        now_s_ += step;
        left -= step;
        heat(nozzle_c_, target_c_, machine_.motion.nozzle_c_s / moods_.slow, step);
        heat(bed_c_, bed_target_c_, machine_.motion.bed_c_s / moods_.slow, step);
        if (moods_.resets_s > 0 && now_s_ >= reset_s_) {
            reset();
            return out + "start\n";
        }
        if (next < 0 || next > step + 1e-9)
            break;
        while (!answers_.empty() && answers_.front().at_s <= now_s_ + 1e-9) {
            out += answers_.front().text;
            answers_.pop_front();
        }
        if (waiting_ && somebody_s_ >= 0 && somebody_s_ <= now_s_ + 1e-9) {
            waiting_ = false;
            somebody_s_ = -1;
            if (put_in_)
                loaded_ = put_in_, spool_mm_ = 0;
            put_in_ = 0;
            busy_s_ = now_s_;
            out += "// goes on\nok\n";
            std::deque<std::string> held = std::move(held_);
            held_.clear();
            for (std::string& text : held)
                out += waiting_ ? (held_.push_back(std::move(text)), std::string()) : run(text);
        }
    }
    return out;
}

} // namespace vitrail
