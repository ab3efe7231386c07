// A printer that does not exist: it takes line-numbered G-code, moves and heats in a time of its own, and has
// its moods.
#pragma once

#include "core/base/line_buffer.h"
#include "core/machine/machine.h"
#include "core/run/toolpath.h"

#include <cstdint>
#include <deque>
#include <map>
#include <random>
#include <string>
#include <string_view>

namespace vitrail {

/// What goes wrong, on demand; all of it by the seed, so that it can be had again.
struct Moods {
    double drops = 0; ///< share of lines that arrive damaged or not at all, 0 … 1
    double slow = 1;  ///< everything takes so many times as long
    /// it forgets everything after about so many seconds, half to one and a half times; 0: never
    double resets_s = 0;
    double runs_out_mm = 0; ///< the filament ends after so many mm, and it waits for somebody; 0: never
    double late_s = 0;      ///< whoever is called comes up to so much later
};

/// Speaks as common firmware does (from memory): N lines with checksums, `ok`, `Resend:`, G0 … G4, G20, G21,
/// G28, G90 … G92, M20-like cards left out but for M24, M25 and M27, M82, M83, M104, M105, M109, M110, M114,
/// M115, M140, M190, M400, T. It waits at M0, M1, M25, M226, M600, M601, at the machine's own words for a
/// swap, and where the filament ends, until somebody comes. What a person does comes as lines that are no
/// G-code: "HAND put" exchanges the filament it waits for, "HAND go" lets it go on as it is, both "… after S"
/// seconds; "HAND skip S" lets seconds go by in which it waits; "HAND speed X" and "HAND clock" are for
/// whoever runs it. What it tells a person begins with "// ". Seconds are its own; whoever runs it says how
/// fast they pass. While it has nothing to do none pass; while it waits for somebody who was not called they
/// are those of the room.
class SimPrinter {
public:
    SimPrinter(Machine machine, FileWords stops, Moods moods, unsigned seed);

    /// Bytes as they come, cut anywhere. What it answers at once.
    std::string take(std::string_view bytes);
    /// Lets that many seconds pass, ≥ 0. What it says meanwhile.
    std::string pass(double seconds);
    /// Seconds until something happens by itself; below 0: never, it waits for a line or for somebody.
    double next_s() const;
    /// A toolpath that it prints by itself, once told to (M24).
    void set_card(std::string text);

    double now_s() const { return now_s_; }
    bool waits_for_somebody() const { return waiting_; }
    bool prints() const { return now_s_ < busy_s_ || waiting_; }
    double speed() const { return speed_; } ///< that somebody asked for; 0: nobody has
    int stops() const { return stops_; }    ///< how often it waited by now
    std::int64_t commands() const { return commands_; }
    double extruded_mm() const { return extruded_mm_; }
    double z_mm() const { return z_; }
    double nozzle_c() const { return nozzle_c_; }
    double nozzle_target_c() const { return target_c_; }

private:
    struct Words;
    std::string line(std::string text);
    std::string pump();
    std::string run(const std::string& command);
    void move(const std::string& command);
    void do_g(const std::string& command, int code);
    bool do_m(const std::string& command, int code);
    void wait(const std::string& why);
    std::string hand(const std::string& what);
    std::string temperatures() const;
    void take_over(int tool);
    bool is_stop(const std::string& command) const;
    double chance() { return std::uniform_real_distribution<double>(0, 1)(random_); }
    void busy(double seconds) { busy_s_ = std::max(busy_s_, now_s_) + seconds * moods_.slow; }
    void reset();

    Machine machine_;
    std::map<int, Place> places_; ///< by the T that calls them
    FileWords words_;
    Moods moods_;
    std::mt19937 random_;
    LineBuffer lines_;
    std::deque<std::string> held_;  ///< commands that wait for their turn
    double now_s_ = 0, busy_s_ = 0; ///< when the moves it has taken are done
    double ready_s_ = 0;            ///< when it takes the next command
    bool owes_ok_ = false;
    std::string announced_; ///< said once the moves before it are done
    std::int64_t last_line_ = 0, commands_ = 0;
    bool waiting_ = false, out_ = false;
    double wait_from_s_ = 0, busy_said_s_ = 0;
    double somebody_s_ = -1; ///< when whoever was called is done; below 0: nobody was
    bool puts_ = false;
    double reset_s_ = 0, speed_ = 0;
    int stops_ = 0;
    double x_ = 0, y_ = 0, z_ = 0, e_ = 0, feed_ = 3000;
    bool relative_ = false, e_relative_ = false;
    double unit_ = 1, extruded_mm_ = 0, spool_mm_ = 0;
    double nozzle_c_ = 20, bed_c_ = 20, target_c_ = 0, bed_target_c_ = 0;
    int tool_ = 0;
    std::vector<int> slot_in_; ///< [nozzle] whose filament it holds; −1: none yet
    std::string card_;
    std::size_t card_at_ = 0;
    bool from_card_ = false;
};

} // namespace vitrail
