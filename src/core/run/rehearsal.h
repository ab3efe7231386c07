// A night at the printer before it comes: what it asks of whoever is there, what they do, and what comes of
// it.
#pragma once

#include "core/base/line_buffer.h"
#include "core/run/against_plan.h"
#include "core/run/sender.h"
#include "core/run/when.h"

#include <random>

namespace vitrail {

/// Something a person has to do.
struct RehearsalStep {
    int visit = -1; ///< of the plan
    /// the printer waits for it; else any time while layers `from_layer` … `to_layer` are printed
    bool stands = false;
    int from_layer = 0, to_layer = 0;
    int place = 0;         ///< where the filament goes
    int in = 0, out = -1;  ///< filaments
    double due_s = 0;      ///< by the plan, from the start; of a window its beginning
    double takes_s = 0;    ///< by hand, while the printer stands
    std::int64_t line = 0; ///< of the toolpath, that stops; 0: none does
    Message says;
};

/// Where a filament is put in by hand: a slot, or the external spool of a nozzle.
struct RehearsalPlace {
    int nozzle = 0, toolhead = 0, slot = 0; ///< slot from 1; 0: external spool
    int at_start = -1;                      ///< filament
    Message name;
};

/// What is rehearsed.
struct RehearsalScript {
    std::vector<RehearsalStep> steps; ///< by due_s
    std::vector<RehearsalPlace> places;
    struct Use {
        int place = 0, filament = 0, from_layer = 0, to_layer = 0; ///< as planned
    };
    std::vector<Use> uses;
    std::vector<std::vector<int>> printed; ///< [layer − 1] filaments
    std::vector<double> layer_s;           ///< [layer − 1] how long it takes
    std::vector<std::int64_t> layer_line;  ///< [layer − 1] first line of it; 0: none
    double total_s = 0;
    double hand_wait_s = 0;         ///< that the plan gives whoever is called
    std::vector<std::string> names; ///< of filaments
};
/// Of a toolpath that was read and compared: a real one or sketch_gcode().
RehearsalScript rehearsal_script(const Project& project, const Plan& plan, const ToolpathFile& file,
                                 const AgainstPlan& against);

/// What it means if nobody does a step until then, seconds from the start.
struct IfMissed {
    double end_s = 0;                            ///< of the print
    int from_layer = 0, to_layer = 0, came = -1; ///< that come out in another filament; 0: none do
};
IfMissed if_missed(const RehearsalScript& script, int step, double until_s);

/// Whoever is at the printer.
struct Person {
    bool by_themselves = true; ///< does what is due; else somebody says it step by step
    std::vector<Night> away;   ///< seconds from the start: nobody is there, and nobody comes
    double late_s = 0;         ///< up to so much later than asked
    double speed = 0; ///< that the printer is told to have; 0: left alone. While it waits for somebody who is
                      ///< told its clock is that of the room
};

/// How a step went.
struct StepResult {
    enum class Is {
        coming,
        asked, ///< the printer waits for it now, or its window is open
        right,
        late,  ///< done, and the printer waited much longer than the plan has for it
        wrong, ///< another filament was put in
        missed ///< nobody was there when it was due
    };
    Is is = Is::coming;
    double asked_s = -1, done_s = -1; ///< from the start
    double waited_s = 0;              ///< that the printer stood with nobody there
    int put = -1;                     ///< filament
    bool operator==(const StepResult&) const = default;
};
const char* to_string(StepResult::Is is);

/// Layers that came out in another filament than planned.
struct WrongLayers {
    int from_layer = 0, to_layer = 0, meant = 0, came = -1; ///< −1: none was there
};

struct RehearsalOutcome {
    std::vector<StepResult> steps; ///< [step]
    std::vector<WrongLayers> wrong;
    int right = 0, due = 0; ///< the score: so many of so many
    int missed = 0, stops = 0;
    int layer = 0; ///< that was reached
    /// from the start; total: where it goes on as planned from here
    double clock_s = 0, waited_s = 0, total_s = 0;
    std::int64_t repeated = 0; ///< lines sent again
    bool over = false, broke_off = false;
};

/// Drives a simulated printer through a toolpath and stands in for the person. Takes what the printer says
/// and gives what it is to be told; knows no sockets and no clock but the printer's.
class Rehearsal {
public:
    Rehearsal(RehearsalScript script, Person person, unsigned seed, Sender::Lines lines);

    std::string begin();
    std::string take(std::string_view bytes);
    /// After a break of the connection, or when nothing has come for long.
    std::string again();

    /// Somebody puts a filament in; into the place that waits, or another one. Only where they do not act by
    /// themselves.
    std::string put(int filament, int place);
    /// Lets it go on as it is.
    std::string go_on();
    /// Nobody is there for so long; they are told again afterwards.
    std::string stay_away(double seconds);

    /// What the printer waits for, to be done by whoever is told; nothing while it prints, or once it is
    /// being done. −1: for what no step has.
    std::optional<int> asks() const;
    bool waits() const { return waits_; }
    int holds(int place) const { return holds_[static_cast<std::size_t>(place)]; } ///< filament; −1: none
    double clock_s() const { return clock_s_; }
    int layer() const { return layer_; }
    bool over() const { return sender_.is() == Sender::Is::done || sender_.is() == Sender::Is::lost; }
    const RehearsalScript& script() const { return script_; }
    const std::string& printer_says() const { return says_; } ///< why it waits
    RehearsalOutcome outcome() const;

private:
    std::string line(std::string_view text);
    std::string asked(double clock_s, std::string_view why);
    void went_on(double clock_s);
    std::string passed_lines();
    bool comes_within(int filament, int layer) const;
    void printed(int filament, int layer);
    void windows();
    void fill(int place, int filament);

    RehearsalScript script_;
    Person person_;
    std::mt19937 random_;
    Sender sender_;
    LineBuffer lines_;
    std::string says_;
    std::vector<StepResult> results_;
    std::vector<int> holds_;
    std::vector<WrongLayers> wrong_;
    double clock_s_ = 0, waited_s_ = 0, asked_s_ = 0, last_left_s_ = -1e300;
    int layer_ = 0, stops_ = 0, step_ = -1; ///< step_: that the printer waits for
    int put_ = -1;                          ///< is being put in
    bool waits_ = false, comes_ = false;    ///< comes_: somebody is on their way
};

} // namespace vitrail
