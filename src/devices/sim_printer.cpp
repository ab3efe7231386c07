#include "devices/sim_printer.h"

#include "core/estimate/motion.h"
#include "core/run/commands.h"
#include "core/run/sender.h"

#include <fmt/format.h>

#include <algorithm>
#include <charconv>
#include <cmath>

namespace vitrail {

namespace {

constexpr double kAhead_s = 2; ///< it takes commands as long as it has less to do than that
constexpr double kSaysBusy_s = 2;
constexpr double kRoom_c = 20;
constexpr double kMelts_c = 170; ///< below it nothing is pushed, as common firmware has it (from memory)

/// The number behind a letter; nothing where it is not there.
bool value_of(const std::string& command, char letter, double& out) {
    for (std::size_t i = 1; i < command.size(); ++i)
        if (command[i] == letter &&
            (command[i - 1] == ' ' || (command[i - 1] >= '0' && command[i - 1] <= '9'))) {
            const char* p = command.data() + i + 1;
            const char* end = command.data() + command.size();
            while (p < end && (*p == ' ' || *p == '+'))
                ++p;
            double v = 0;
            if (std::from_chars(p, end, v).ec == std::errc() && std::isfinite(v) && std::abs(v) < 1e7) {
                out = v;
                return true;
            }
        }
    return false;
}

double towards(double from, double to, double step) {
    return from < to ? std::min(to, from + step) : std::max(to, from - step);
}

} // namespace

SimPrinter::SimPrinter(Machine machine, FileWords stops, Moods moods, unsigned seed)
    : machine_(std::move(machine)), places_(places_by_tool(machine_)), words_(std::move(stops)),
      moods_(moods), random_(seed) {
    moods_.slow = std::clamp(moods_.slow, 0.01, 100.0);
    slot_in_.assign(machine_.nozzles.size(), -1);
    slot_in_[0] = machine_.by_hand(0) ? 0 : 1; // a file that calls no place begins there
    reset();
    announced_ = "start\n";
}

void SimPrinter::set_card(std::string text) {
    card_ = std::move(text);
    card_at_ = 0;
}

void SimPrinter::reset() {
    held_.clear();
    lines_.clear();
    announced_.clear();
    busy_s_ = ready_s_ = now_s_;
    owes_ok_ = waiting_ = out_ = puts_ = from_card_ = false;
    last_line_ = 0;
    somebody_s_ = -1;
    x_ = y_ = z_ = e_ = 0;
    relative_ = e_relative_ = false;
    unit_ = 1;
    target_c_ = bed_target_c_ = 0;
    reset_s_ = moods_.resets_s > 0 ? now_s_ + moods_.resets_s * (0.5 + chance()) : 0;
}

std::string SimPrinter::take(std::string_view bytes) {
    std::string out;
    if (!waiting_)
        out.swap(announced_); // it has woken up
    lines_.take(bytes, [&](const std::string& text) { out += line(text); });
    return out + pump();
}

/// Numbers and checksums are looked at as a line comes; what only asks is answered at once, the rest waits
/// for its turn.
std::string SimPrinter::line(std::string text) {
    if (text.rfind("HAND ", 0) == 0)
        return hand(text.substr(5));
    if (text.empty())
        return {};
    if (moods_.drops > 0 && text[0] == 'N' && chance() < moods_.drops) {
        if (chance() < 0.2)
            return {}; // all of it is lost
        text.erase(text.size() / 2, 1);
    }
    const auto refuse = [&](const char* why) {
        return fmt::format("Error:{}, last line: {}\nResend: {}\nok\n", why, last_line_, last_line_ + 1);
    };
    if (text[0] == 'N') {
        const std::size_t star = text.rfind('*');
        int sum = -1;
        std::int64_t number = 0;
        if (star != std::string::npos)
            std::from_chars(text.data() + star + 1, text.data() + text.size(), sum);
        const auto parsed = std::from_chars(text.data() + 1, text.data() + text.size(), number);
        if (star == std::string::npos || sum != line_checksum(std::string_view(text).substr(0, star)) ||
            parsed.ec != std::errc())
            return refuse("checksum mismatch");
        text = command_of(std::string_view(text).substr(0, star).substr(
            static_cast<std::size_t>(parsed.ptr - text.data())));
        if (text.rfind("M110", 0) == 0) {
            last_line_ = number;
            return "ok\n";
        }
        if (number != last_line_ + 1)
            return refuse("line number is not last line + 1");
        last_line_ = number;
    } else {
        if (text.find('*') != std::string::npos)
            return refuse("no line number with checksum"); // a damaged one
        text = command_of(text);
    }
    if (text.empty())
        return "ok\n";
    int code = -1;
    std::from_chars(text.data() + 1, text.data() + text.size(), code);
    if (text[0] == 'M')
        switch (code) {
        case 105:
            return "ok " + temperatures() + "\n";
        case 114:
            return fmt::format("X:{:.2f} Y:{:.2f} Z:{:.3f} E:{:.2f}\nok\n", x_, y_, z_, e_);
        case 115:
            return fmt::format("FIRMWARE_NAME:vitrail-printer MACHINE_TYPE:{} SIMULATED:1\nok\n",
                               machine_.id);
        case 27:
            return from_card_ || (card_at_ > 0 && card_at_ < card_.size())
                       ? fmt::format("SD printing byte {}/{}\nok\n", card_at_, card_.size())
                       : std::string("Not SD printing\nok\n");
        case 24:
            if (waiting_)
                return hand("go") + "ok\n";
            from_card_ = card_at_ < card_.size();
            return from_card_ ? "ok\n" : "Error:no file\nok\n";
        default:
            break;
        }
    held_.push_back(std::move(text));
    return {};
}

/// Does what is its turn.
std::string SimPrinter::pump() {
    std::string out;
    for (int n = 0; n < 10000 && !waiting_ && !owes_ok_ && now_s_ >= ready_s_; ++n) {
        if (!held_.empty()) {
            const std::string command = std::move(held_.front());
            held_.pop_front();
            out += run(command);
        } else if (from_card_) {
            const std::size_t end = std::min(card_.find('\n', card_at_), card_.size());
            const std::string command = command_of(std::string_view(card_).substr(card_at_, end - card_at_));
            card_at_ = std::min(end + 1, card_.size());
            from_card_ = card_at_ < card_.size();
            if (command.empty())
                continue;
            run(command);
            owes_ok_ = false; // nobody waits for it
            if (!from_card_ && !waiting_)
                out += "Done printing file\n";
        } else {
            break;
        }
    }
    return out;
}

std::string SimPrinter::temperatures() const {
    return fmt::format("T:{:.1f} /{:.1f} B:{:.1f} /{:.1f}", nozzle_c_, target_c_, bed_c_, bed_target_c_);
}

/// Once the moves before it are done it stands, and says so.
void SimPrinter::wait(const std::string& why) {
    waiting_ = true;
    ++stops_;
    wait_from_s_ = std::max(busy_s_, now_s_);
    announced_ = fmt::format("echo:busy: paused for user\n// waits {:.3f}: {}\n", wait_from_s_, why);
}

std::string SimPrinter::hand(const std::string& what) {
    if (what == "clock")
        return fmt::format("// clock {:.3f}\n", now_s_);
    double value = 0;
    if (what.rfind("speed ", 0) == 0 &&
        std::from_chars(what.data() + 6, what.data() + what.size(), value).ec == std::errc() && value > 0) {
        speed_ = value;
        return {};
    }
    if (what.rfind("skip ", 0) == 0 &&
        std::from_chars(what.data() + 5, what.data() + what.size(), value).ec == std::errc() && value > 0 &&
        value < 1e7) {
        if (waiting_ && somebody_s_ < 0)
            now_s_ = std::max(now_s_, wait_from_s_) + value;
        return fmt::format("// clock {:.3f}\n", now_s_);
    }
    const bool put = what.rfind("put", 0) == 0;
    if (!put && what.rfind("go", 0) != 0)
        return "// hand: put, go, clock, skip and seconds, or speed and a number\n";
    if (!waiting_)
        return "// nobody is needed\n";
    if (const std::size_t after = what.find("after "); after != std::string::npos)
        std::from_chars(what.data() + after + 6, what.data() + what.size(), value);
    const double late = moods_.late_s > 0 ? moods_.late_s * chance() : 0;
    puts_ = put;
    somebody_s_ = std::max(now_s_, wait_from_s_) + std::clamp(value, 0.0, 1e7) + late +
                  (put ? machine_.hand.time_s * moods_.slow : 0);
    return fmt::format("// somebody comes {:.3f}\n", somebody_s_);
}

void SimPrinter::move(const std::string& command) {
    double v = 0, nx = x_, ny = y_, nz = z_, de = 0;
    const auto axis = [&](char letter, double& to, bool relative) {
        if (value_of(command, letter, v))
            to = relative ? to + v * unit_ : v * unit_;
    };
    axis('X', nx, relative_);
    axis('Y', ny, relative_);
    axis('Z', nz, relative_);
    if (value_of(command, 'E', v)) {
        de = e_relative_ ? v * unit_ : v * unit_ - e_;
        e_ += de;
    }
    if (value_of(command, 'F', v) && v > 0)
        feed_ = v * unit_;
    if (nozzle_c_ < kMelts_c)
        de = 0; // it protects itself
    const double mm = std::sqrt((nx - x_) * (nx - x_) + (ny - y_) * (ny - y_) + (nz - z_) * (nz - z_));
    const double speed = std::max(0.01, feed_ / 60), corner = std::min(speed, machine_.motion.corner);
    busy(mm > 0 ? line_s(mm, speed, corner, corner, machine_.motion.acceleration) : std::abs(de) / speed);
    x_ = nx, y_ = ny, z_ = nz;
    extruded_mm_ += de;
    spool_mm_ += std::max(0.0, de);
    if (moods_.runs_out_mm > 0 && spool_mm_ > moods_.runs_out_mm) {
        spool_mm_ = 0;
        out_ = true;
    }
}

void SimPrinter::do_g(const std::string& command, int code) {
    double v = 0;
    switch (code) {
    case 0:
    case 1:
    case 2:
    case 3:
        move(command);
        break;
    case 4:
        busy((value_of(command, 'P', v) ? v / 1000 : 0) + (value_of(command, 'S', v) ? v : 0));
        break;
    case 20:
    case 21:
        unit_ = code == 20 ? 25.4 : 1;
        break;
    case 28:
        x_ = y_ = z_ = 0;
        busy(machine_.motion.start_s);
        break;
    case 90:
    case 91:
        relative_ = e_relative_ = code == 91;
        break;
    case 92:
        for (auto [letter, at] : {std::pair{'X', &x_}, {'Y', &y_}, {'Z', &z_}, {'E', &e_}})
            if (value_of(command, letter, v))
                *at = v * unit_;
        break;
    default:
        break;
    }
}

/// A T calls a place. Its nozzle takes over, and where that holds what lies in another slot, the feeder
/// changes it. What it begins with was put in before.
void SimPrinter::take_over(int tool) {
    const auto called = places_.find(tool);
    const Place place = called == places_.end() ? Place{} : called->second;
    if (extruded_mm_ <= 0)
        slot_in_.assign(machine_.nozzles.size(), -1);
    int& in = slot_in_[static_cast<std::size_t>(place.nozzle)];
    const bool feeds = in >= 0 ? in != place.slot : machine_.nozzles.size() == 1 && place.slot > 0;
    if (extruded_mm_ > 0)
        busy(feeds ? machine_.feeder.time_s : machine_.tool.time_s);
    in = place.slot;
}

bool SimPrinter::is_stop(const std::string& command) const {
    const std::string word = command.substr(0, command.find_first_of(" \t"));
    for (const char* known : {"M0", "M1", "M25", "M226", "M600", "M601"})
        if (word == known)
            return true;
    return std::find(words_.swap.begin(), words_.swap.end(), word) != words_.swap.end() ||
           std::find(words_.pause.begin(), words_.pause.end(), word) != words_.pause.end();
}

/// Whether the next command has to wait until this one is done.
bool SimPrinter::do_m(const std::string& command, int code) {
    double v = 0;
    const auto heating = [&](double from, double to, double per_s) {
        busy(std::max(0.0, to - from - std::max(0.0, busy_s_ - now_s_) * per_s) / per_s);
    };
    switch (code) {
    case 82:
    case 83:
        e_relative_ = code == 83;
        return false;
    case 104:
        target_c_ = value_of(command, 'S', v) ? v : target_c_;
        return false;
    case 140:
        bed_target_c_ = value_of(command, 'S', v) ? v : bed_target_c_;
        return false;
    case 109:
        target_c_ = value_of(command, 'S', v) ? v : target_c_;
        heating(nozzle_c_, target_c_, machine_.motion.nozzle_c_s);
        return true;
    case 190:
        bed_target_c_ = value_of(command, 'S', v) ? v : bed_target_c_;
        heating(bed_c_, bed_target_c_, machine_.motion.bed_c_s);
        return true;
    case 400:
        return true;
    default:
        return false;
    }
}

/// A command whose turn it is. Its `ok` comes when there is room for the next.
std::string SimPrinter::run(const std::string& command) {
    ++commands_;
    int code = -1;
    std::from_chars(command.data() + 1, command.data() + command.size(), code);
    bool until_done = false;
    if (is_stop(command)) {
        owes_ok_ = true;
        wait(command);
        return {};
    }
    if (command[0] == 'G') {
        do_g(command, code);
    } else if (command[0] == 'T' && code >= 0 && code != tool_) {
        tool_ = code;
        take_over(code);
    } else if (command[0] == 'M') {
        until_done = do_m(command, code);
    }
    if (out_) {
        out_ = false;
        owes_ok_ = true;
        wait("filament ran out");
        return {};
    }
    ready_s_ = until_done ? busy_s_ : busy_s_ - kAhead_s;
    owes_ok_ = now_s_ < ready_s_;
    return owes_ok_ ? std::string() : std::string("ok\n");
}

double SimPrinter::next_s() const {
    double next = -1;
    const auto at = [&](double s) {
        next = next < 0 ? std::max(0.0, s - now_s_) : std::min(next, std::max(0.0, s - now_s_));
    };
    if (!announced_.empty())
        at(waiting_ ? wait_from_s_ : now_s_);
    if (waiting_ && somebody_s_ >= 0)
        at(somebody_s_);
    if (!waiting_ && (owes_ok_ || from_card_) && now_s_ < ready_s_)
        at(ready_s_);
    if (!waiting_ && (owes_ok_ || from_card_) && now_s_ >= ready_s_)
        at(now_s_);
    if (next > 0 && reset_s_ > 0)
        at(reset_s_);
    return next;
}

std::string SimPrinter::pass(double seconds) {
    std::string out;
    double left = seconds;
    while (true) {
        const double next = next_s();
        if (next < 0) { // it has nothing to do, and its clock stands; whoever it waits for is waited for
            now_s_ += waiting_ ? left : 0;
            break;
        }
        const double step = std::min(left, next);
        now_s_ += step;
        left -= step;
        const double heat_s = step / moods_.slow;
        nozzle_c_ = towards(nozzle_c_, std::max(kRoom_c, target_c_),
                            machine_.motion.nozzle_c_s * heat_s * (target_c_ > nozzle_c_ ? 1 : 0.5));
        bed_c_ = towards(bed_c_, std::max(kRoom_c, bed_target_c_),
                         machine_.motion.bed_c_s * heat_s * (bed_target_c_ > bed_c_ ? 1 : 0.5));
        if (next > step)
            break;
        if (reset_s_ > 0 && now_s_ >= reset_s_) {
            reset();
            return out + "start\n";
        }
        const double now = now_s_ + 1e-9;
        if (!announced_.empty() && (!waiting_ || wait_from_s_ <= now)) {
            out += announced_;
            announced_.clear();
        }
        if (waiting_ && somebody_s_ >= 0 && somebody_s_ <= now) {
            waiting_ = false;
            somebody_s_ = -1;
            if (puts_)
                spool_mm_ = 0;
            puts_ = false;
            busy_s_ = ready_s_ = now_s_;
            out += fmt::format("// goes on {:.3f}\n", now_s_);
        }
        if (!waiting_ && ready_s_ <= now) {
            ready_s_ = std::min(ready_s_, now_s_);
            if (owes_ok_) {
                owes_ok_ = false;
                out += "ok\n";
            }
            out += pump();
        }
        if (left <= 0 && next_s() != 0)
            break;
    }
    if (out.empty() && owes_ok_ && !waiting_ &&
        now_s_ - busy_said_s_ >= kSaysBusy_s) { // so that nobody takes its silence for a lost line
        busy_said_s_ = now_s_;
        out = "echo:busy: processing\n";
    }
    return out;
}

} // namespace vitrail
