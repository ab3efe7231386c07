// Speaks to a printer line by line: numbers, checksums, and nothing lost or done twice when either side
// fails.
#pragma once

#include <cstdint>
#include <deque>
#include <functional>
#include <optional>
#include <string>
#include <string_view>

namespace vitrail {

/// "N12 G1 X1*87\n": the checksum is the exclusive or of all bytes before the star, as common firmware has it
/// (from memory).
std::string numbered_line(std::int64_t number, std::string_view command);
/// Of the bytes of a text.
int line_checksum(std::string_view text);
/// Without comments (after ; or in parentheses) and blanks at either end.
std::string command_of(std::string_view line);

/// What a printer says of its heat, °C.
struct Heat {
    double nozzle_c = 0, nozzle_target_c = 0, bed_c = 0, bed_target_c = 0;
};
/// "T:210.3 /215.0 B:58.9 /60.0"; nothing where the line has no T.
std::optional<Heat> heat_of(std::string_view line);
/// The number behind a mark such as "Z:" or "Resend:"; nothing where there is none.
std::optional<double> number_behind(std::string_view line, std::string_view mark);

/// A text line by line; it must outlive what reads it.
std::function<std::optional<std::string>()> lines_of(const std::string& text);

/// Sends commands one by one: the next when the one before is answered with `ok`. A damaged line is sent
/// again when the printer asks for it; after a break of the connection the line that was not answered is sent
/// again, and a printer that already has it says so. Takes and gives bytes, knows no sockets.
class Sender {
public:
    enum class Is {
        quiet, ///< nothing to send, or not begun
        sending,
        done, ///< all is answered
        lost  ///< the printer has started anew, or counts lines as nobody did
    };
    /// The next line of what is to be sent, comments and all; nothing at the end.
    using Lines = std::function<std::optional<std::string>()>;

    explicit Sender(Lines lines) : lines_(std::move(lines)) {}

    /// Begins with line 1. What is to be sent.
    std::string begin();
    /// Goes on in the middle, when a program that was stopped comes back: asks the printer what it has.
    std::string resume();
    /// A line that came, without its end. What is to be sent.
    std::string take(std::string_view line);
    /// Sends what is not answered again: after a break, or when nothing has come for long.
    std::string again();

    Is is() const { return is_; }
    std::int64_t answered_line() const {
        return answered_;
    } ///< of the text, from 1: so far everything is answered
    std::int64_t sent_line() const { return current_line_; } ///< of the text: on its way
    std::int64_t sent() const { return number_; }            ///< commands, by now
    std::int64_t repeated() const { return repeated_; }

private:
    std::string next();
    std::string read_to(std::int64_t number);
    std::string send_from(std::int64_t number);
    std::string current() const;

    struct Kept {
        std::int64_t number, line;
        std::string command;
    };
    Lines lines_;
    Is is_ = Is::quiet;
    bool asks_ = false;       ///< where the printer stands
    bool begun_ = false;      ///< M110 is answered
    bool ended_ = false;      ///< everything is sent; the printer is asked whether it has it
    int skip_oks_ = 0;        ///< answers that belong to lines which were refused
    std::int64_t number_ = 0; ///< of the command that is on its way
    std::int64_t read_ = 0;   ///< of the last command that was read
    std::int64_t line_ = 0;   ///< of the text, that was read last
    std::int64_t current_line_ = 0, answered_ = 0, repeated_ = 0;
    std::deque<Kept> kept_; ///< the last commands, in case they are asked for again
};

} // namespace vitrail
