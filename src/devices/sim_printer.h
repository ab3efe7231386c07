// A printer that does not exist: it takes line-numbered G-code, moves and heats in a time of its own, and has its moods.
#pragma once

#include "core/machine/machine.h"

#include <cstdint>
#include <deque>
#include <random>
#include <string>
#include <string_view>

namespace vitrail {

/// What goes wrong, on demand; all of it by the seed, so that a run can be repeated.
struct Moods {
    double drops = 0;      ///< share of lines that arrive damaged, 0 … 1: it asks for them again
    double slow = 1;       ///< everything takes so many times as long
    double resets_s = 0;   ///< it forgets everything after about so many seconds of printing; 0: never
    double runs_out_mm = 0;///< the filament ends after so many mm, and it waits for somebody; 0: never
    double late_s = 0;     ///< whoever is called comes up to so much later
};

/// Speaks as common firmware does (from memory): N lines with checksums, `ok`, `Resend:`, M105, M114, M110. Waits in M0, M1, M25, M600 and where the
/// filament ends until somebody comes: "HAND swap C" puts a filament in, "HAND go" lets it go on; these lines are not G-code, and stand for a person.
/// Seconds are its own; whoever runs it says how fast they pass.
class SimPrinter {
public:
    SimPrinter(Machine machine, Moods moods, unsigned seed);

    /// Bytes as they come, cut anywhere. What it answers at once.
    std::string take(std::string_view bytes);
    /// Lets time pass. What it says meanwhile.
    std::string pass(double seconds);
    /// Seconds until it says something by itself; below 0: never, it waits for a line or for somebody.
    double next_s() const;

    double now_s() const { return now_s_; }
    bool waits_for_somebody() const { return waiting_; }
    int stops() const { return stops_; }          ///< how often it waited by now
    double extruded_mm() const { return extruded_mm_; }
    char loaded() const { return loaded_; }       ///< letter somebody put in last; 0: nobody has
    double z_mm() const { return z_; }
    double nozzle_c() const { return nozzle_c_; }
    double target_c() const { return target_c_; }

private:
    struct Answer {
        double at_s;
        std::string text;
    };
    std::string line(std::string text);
    std::string run(const std::string& command);
    void move(const std::string& command, int code);
    void heat(double& now, double target, double per_s, double until_s);
    void wait(const std::string& why);
    std::string hand(const std::string& what);
    std::string temperatures() const;
    void say(double at_s, std::string text) { answers_.push_back({at_s, std::move(text)}); }
    void reset();

    Machine machine_;
    Moods moods_;
    std::mt19937 random_;
    std::string rest_;
    std::deque<Answer> answers_;
    std::deque<std::string> held_; ///< lines that came while it waited
    double now_s_ = 0, busy_s_ = 0; ///< when the moves it has taken are done
    long last_line_ = 0;
    bool waiting_ = false, out_ = false;
    double somebody_s_ = -1;        ///< when whoever was called is done; below 0: nobody was
    double reset_s_ = 0;
    int stops_ = 0;
    char loaded_ = 0, put_in_ = 0;
    double x_ = 0, y_ = 0, z_ = 0, e_ = 0, feed_ = 3000;
    bool relative_ = false, e_relative_ = false;
    double unit_ = 1, extruded_mm_ = 0, spool_mm_ = 0;
    double nozzle_c_ = 20, bed_c_ = 20, target_c_ = 0, bed_target_c_ = 0;
    int tool_ = 0;
};

/// "N12 G1 X1*87\n": the checksum is the exclusive or of all bytes before the star.
std::string numbered_line(long number, std::string_view command);

} // namespace vitrail
