#include "core/run/live.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace vitrail {

namespace {

constexpr double kAsExpected_s = 3600; ///< counts beside what was printed
constexpr std::array<const char*, 8> kEvents{"started", "layer",    "done",   "paused",
                                             "resumed", "finished", "failed", "called-off"};

} // namespace

const char* to_string(RunEvent::What what) {
    return kEvents[static_cast<std::size_t>(what)];
}

std::optional<RunEvent::What> run_event_of(std::string_view text) {
    const auto at = std::find(kEvents.begin(), kEvents.end(), text);
    return at == kEvents.end() ? std::nullopt
                               : std::optional(static_cast<RunEvent::What>(at - kEvents.begin()));
}

namespace {

RunState begun_at(double pace) {
    RunState s;
    s.pace = pace;
    return s;
}

/// Replays what happened.
struct Replay {
    const Run& run;
    RunState s = begun_at(run.task.pace.likely);
    RunFigures figures{};
    double at_s = 0;                     ///< of the last event
    double printed_s = 0, planned_s = 0; ///< from which the pace is learned
    bool clean = false;                  ///< since the last layer that was reported nothing unknown happened

    const RunPlate& plate() const { return run.task.plates[static_cast<std::size_t>(s.plate)]; }
    bool running() const { return s.is == RunState::Is::printing || s.is == RunState::Is::waiting; }

    /// The first visit the printer will stand still for, at its latest moment; −1: none.
    int next_stop() const {
        const auto at = std::find(s.done.begin(), s.done.end(), 0);
        return at == s.done.end() ? -1 : static_cast<int>(at - s.done.begin());
    }

    /// Lets time pass until `now`.
    void pass(double now) {
        const double span = std::max(0.0, now - at_s);
        at_s = std::max(at_s, now);
        if (s.is == RunState::Is::paused)
            figures.paused_s += span;
        if (!running())
            return;
        const int stop = next_stop();
        const double reach = s.plan_s + span / s.pace,
                     until = stop < 0 ? plate().total_s : plate().visits[static_cast<std::size_t>(stop)].to_s;
        if (stop >= 0 && reach >= until) {
            const double waited = (reach - std::max(s.plan_s, until)) * s.pace;
            s.waited_s = (s.waits_for == stop ? s.waited_s : 0) + waited;
            figures.waited_s += waited;
            s.waits_for = stop;
            s.is = RunState::Is::waiting;
            clean = clean && waited < 60; // nobody reports to the second
        }
        s.plan_s = std::max(s.plan_s, std::min(reach, until));
    }

    void goes_on() {
        s.is = RunState::Is::printing;
        s.waits_for = -1;
        s.waited_s = 0;
    }

    void starts(int plate_index) {
        s.plate = plate_index;
        s.plan_s = 0;
        s.done.assign(plate().visits.size(), 0);
        goes_on();
        clean = true;
    }

    void layer(int n) {
        const double plan_s = layer_s(plate(), n);
        for (std::size_t i = 0; i < plate().visits.size(); ++i)
            if (plate().visits[i].to_s < plan_s && !s.done[i]) {
                s.done[i] = 1;
                ++figures.unreported;
                clean = false;
            }
        goes_on();
        s.plan_s = plan_s;
    }

    void take(const RunEvent& e) {
        using What = RunEvent::What;
        const double was_at = at_s, was_plan = s.plan_s;
        const bool was_clean = clean && s.is == RunState::Is::printing;
        pass(static_cast<double>(e.at_s));
        const bool on_plate =
            s.is != RunState::Is::planned && s.is != RunState::Is::between && s.is != RunState::Is::over;
        switch (e.what) {
        case What::started:
            if (e.plate >= 0 && e.plate < static_cast<int>(run.task.plates.size()))
                starts(e.plate);
            break;
        case What::layer:
            if (!on_plate)
                break;
            layer(std::clamp(e.layer, 1, static_cast<int>(plate().layers_s.size())));
            if (was_clean && clean && s.plan_s > was_plan) {
                printed_s += at_s - was_at;
                planned_s += s.plan_s - was_plan;
                s.pace = std::clamp((printed_s + kAsExpected_s * run.task.pace.likely) /
                                        (planned_s + kAsExpected_s),
                                    0.5, 2.0);
            }
            clean = true;
            break;
        case What::done:
            if (!on_plate || e.visit < 0 || e.visit >= static_cast<int>(s.done.size()))
                break;
            s.done[static_cast<std::size_t>(e.visit)] = 1;
            ++figures.swaps;
            if (const Visit& v = plate().visits[static_cast<std::size_t>(e.visit)];
                v.from_s == v.to_s || s.waits_for == e.visit) {
                s.plan_s = std::max(s.plan_s, v.to_s + plate().takes_s[static_cast<std::size_t>(e.visit)]);
                goes_on();
                clean = false;
            }
            break;
        case What::paused:
            if (on_plate)
                s.is = RunState::Is::paused;
            break;
        case What::resumed:
            if (s.is == RunState::Is::paused)
                goes_on();
            break;
        case What::finished:
        case What::failed:
            if (!on_plate)
                break;
            figures.planned_s += plate().total_s;
            s.failed |= e.what == What::failed;
            if (e.what == What::failed || s.plate + 1 >= static_cast<int>(run.task.plates.size()))
                s.is = RunState::Is::over;
            else if (run.task.plates[static_cast<std::size_t>(s.plate) + 1].by_itself)
                starts(s.plate + 1);
            else
                s.is = RunState::Is::between, ++s.plate, s.plan_s = 0, s.done.clear();
            break;
        case What::called_off:
            s.is = RunState::Is::over;
            break;
        }
    }
};

} // namespace

RunState run_state(const Run& run, std::int64_t now) {
    Replay r{run};
    if (run.task.plates.empty())
        return r.s;
    for (const RunEvent& e : run.events)
        r.take(e);
    r.pass(static_cast<double>(now));
    RunState s = std::move(r.s);
    const double doubt = std::sqrt(kAsExpected_s / (kAsExpected_s + r.planned_s));
    s.layer =
        s.is == RunState::Is::planned
            ? 0
            : std::min(layer_at(run.task.plates[static_cast<std::size_t>(s.plate)], s.plan_s),
                       static_cast<int>(run.task.plates[static_cast<std::size_t>(s.plate)].layers_s.size()));
    if (s.is == RunState::Is::over)
        return s;
    const std::int64_t from = s.is == RunState::Is::planned ? std::max(now, run.start_s) : now;
    s.rest = run_times(run.task, {from, s.plate, s.plan_s, s.pace, s.done, doubt});
    return s;
}

std::vector<Notice> notices(const Run& run, const RunState& state, std::int64_t now) {
    std::vector<Notice> out;
    if (state.is == RunState::Is::planned || state.is == RunState::Is::over)
        return out;
    for (const DueVisit& v : state.rest.visits)
        if (static_cast<double>(v.from_s) - run.alarm_min * 60 <= static_cast<double>(now))
            out.push_back({v, v.from_s <= now});
    return out;
}

RunFigures run_figures(const Run& run) {
    Replay r{run};
    if (run.task.plates.empty())
        return {};
    std::int64_t first = 0, last = 0;
    for (const RunEvent& e : run.events) {
        r.take(e);
        if (e.what == RunEvent::What::started && !first)
            first = e.at_s;
        last = e.at_s;
    }
    r.figures.real_s = first ? static_cast<double>(last - first) : 0;
    return r.figures;
}

} // namespace vitrail
