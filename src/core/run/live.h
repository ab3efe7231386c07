// A run that is under way: what was pressed at the printer, and what follows from it.
#pragma once

#include "core/run/when.h"

namespace vitrail {

/// Something that really happened. UTC.
struct RunEvent {
    enum class What {
        started, ///< the plate
        layer,   ///< that layer begins now
        done,    ///< that visit is over, and the printer goes on
        paused,  ///< by somebody, or by itself
        resumed,
        finished,  ///< the plate
        failed,    ///< the plate, in that layer
        called_off ///< the run ends here
    };
    What what = What::started;
    std::int64_t at_s = 0;
    int plate = 0;
    int layer = 0, visit = -1;
    bool operator==(const RunEvent&) const = default;
};
const char* to_string(RunEvent::What what);
std::optional<RunEvent::What> run_event_of(std::string_view text);

/// A run as it was meant, and what happened.
struct Run {
    std::string id; ///< its own, for files
    std::string title, project_file, machine;
    RunTask task;             ///< zone not kept: the clock of wherever it is looked at
    std::int64_t start_s = 0; ///< planned
    double alarm_min = 10;
    std::vector<RunEvent> events; ///< by time
};

/// How a run stands at a moment.
struct RunState {
    enum class Is { planned, printing, waiting, paused, between, over };
    Is is = Is::planned;
    int plate = 0, layer = 0;
    double plan_s = 0; ///< of the plate
    double pace = 1;
    std::vector<char> done; ///< [visit of the plate]
    int waits_for = -1;     ///< visit that the printer stands still for
    double waited_s = 0;    ///< by now, for it
    bool failed = false;
    RunTimes rest; ///< what is to come
};

/// Follows the events. Between them the plate goes on as planned, at the pace it has shown: seconds really
/// printed over seconds planned, with an hour at the task's likely pace counted in, so that a first layer
/// does not decide; 0.5 … 2. The task's range narrows as an average does, by the root of the hours. Where a
/// visit is due that the printer waits for, it stands still until it is reported; a layer beyond it that is
/// reported says it was done.
RunState run_state(const Run& run, std::int64_t now_s);

/// Something to tell somebody: it comes due within the notice, or is due.
struct Notice {
    DueVisit visit;
    bool due = false; ///< now
};
std::vector<Notice> notices(const Run& run, const RunState& state, std::int64_t now_s);

/// What really happened beside what was planned, for the logbook: seconds printed, waited and in all, of the
/// plates that were started.
struct RunFigures {
    double planned_s = 0, real_s = 0, waited_s = 0, paused_s = 0;
    int swaps = 0, unreported = 0; ///< unreported: a later layer was reported, and they never were
};
RunFigures run_figures(const Run& run);

} // namespace vitrail
