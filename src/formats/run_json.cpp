#include "formats/run_json.h"

#include "formats/json.h"

namespace vitrail {

namespace {

constexpr double kLongest_s = 1e8; ///< three years
constexpr std::size_t kMost = 100'000;

Visit::What what_of(const JsonReader& r) {
    const std::string text = r.text("what");
    for (const auto what :
         {Visit::What::swap, Visit::What::refill, Visit::What::pause, Visit::What::take_off})
        if (text == to_string(what))
            return what;
    throw JsonMisfit{say("{} must be one of swap, refill, pause, take-off", r.place("what"))};
}

Json plate_json(const RunPlate& p) {
    Json visits = Json::array();
    for (std::size_t i = 0; i < p.visits.size(); ++i) {
        const Visit& v = p.visits[i];
        visits.push_back({{"what", to_string(v.what)},
                          {"from_s", v.from_s},
                          {"to_s", v.to_s},
                          {"layer", v.layer},
                          {"change", v.change},
                          {"refill", v.refill},
                          {"takes_s", p.takes_s[i]},
                          {"says", english(p.says[i])}});
    }
    return {{"name", p.name},
            {"total_s", p.total_s},
            {"by_itself", p.by_itself},
            {"layers_s", p.layers_s},
            {"visits", visits}};
}

RunPlate plate_from(const JsonReader& r) {
    RunPlate p;
    p.name = r.text("name", "");
    p.total_s = r.number("total_s", 0, kLongest_s);
    p.by_itself = r.truth("by_itself", false);
    double last = 0;
    for (const Json& s : r.list("layers_s", kMost)) {
        if (!s.is_number() || s.get<double>() < last || s.get<double>() > kLongest_s)
            throw JsonMisfit{say("{} must be seconds in order", r.place("layers_s"))};
        p.layers_s.push_back(last = s.get<double>());
    }
    last = 0;
    for (std::size_t i = 0; i < r.list("visits", kMost).size(); ++i) {
        const JsonReader v = r.item("visits", i);
        Visit x;
        x.what = what_of(v);
        x.to_s = last = v.number("to_s", last, kLongest_s);
        x.from_s = v.number("from_s", 0, x.to_s);
        x.layer = static_cast<int>(v.number("layer", 0, 1e6, 0));
        x.change = static_cast<int>(v.number("change", -1, 1e7, -1));
        x.refill = static_cast<int>(v.number("refill", -1, 1e7, -1));
        p.visits.push_back(x);
        p.takes_s.push_back(v.number("takes_s", 0, kLongest_s, 0));
        p.says.push_back(say("{}", v.prose("says", "")));
    }
    return p;
}

Run run_from(const JsonReader& r) {
    constexpr double kFar = 4e11;
    Run run;
    run.id = r.text("id");
    run.title = r.text("title", "");
    run.project_file = r.prose("project", "");
    run.machine = r.text("machine", "");
    run.start_s = static_cast<std::int64_t>(r.number("start_s", 0, kFar));
    run.alarm_min = r.number("alarm_min", 0, 1440, 10);
    run.task.night_from = r.number("night_from", 0, 24, 22);
    run.task.night_to = r.number("night_to", 0, 24, 7);
    run.task.at_night = r.truth("waits_at_night", false) ? AtNight::wait : AtNight::come;
    run.task.between_s = r.number("between_s", 0, 86400, 600);
    if (r.has("pace")) {
        const JsonReader pace = r.object("pace");
        const double low = pace.number("low", 0.01, 100), likely = pace.number("likely", low, 100);
        run.task.pace = {low, likely, pace.number("high", likely, 100),
                         static_cast<int>(pace.number("prints", 0, 1e6))};
    }
    for (std::size_t i = 0; i < r.list("plates", 1000).size(); ++i)
        run.task.plates.push_back(plate_from(r.item("plates", i)));
    if (run.task.plates.empty())
        throw JsonMisfit{say("{} must not be empty", r.place("plates"))};
    for (std::size_t i = 0; i < r.list("events", kMost).size(); ++i) {
        const JsonReader e = r.item("events", i);
        const auto what = run_event_of(e.text("what"));
        if (!what)
            throw JsonMisfit{say("{} is no event", e.place("what"))};
        run.events.push_back({*what, static_cast<std::int64_t>(e.number("at_s", 0, kFar)),
                              static_cast<int>(e.number("plate", 0, 1000, 0)),
                              static_cast<int>(e.number("layer", 0, 1e6, 0)),
                              static_cast<int>(e.number("visit", -1, 1e6, -1))});
    }
    return run;
}

} // namespace

std::string runs_text(const std::vector<Run>& runs) {
    Json list = Json::array();
    for (const Run& run : runs) {
        Json plates = Json::array(), events = Json::array();
        for (const RunPlate& p : run.task.plates)
            plates.push_back(plate_json(p));
        for (const RunEvent& e : run.events)
            events.push_back({{"what", to_string(e.what)},
                              {"at_s", e.at_s},
                              {"plate", e.plate},
                              {"layer", e.layer},
                              {"visit", e.visit}});
        list.push_back({{"id", run.id},
                        {"title", run.title},
                        {"project", run.project_file},
                        {"machine", run.machine},
                        {"start_s", run.start_s},
                        {"alarm_min", run.alarm_min},
                        {"night_from", run.task.night_from},
                        {"night_to", run.task.night_to},
                        {"waits_at_night", run.task.at_night == AtNight::wait},
                        {"between_s", run.task.between_s},
                        {"pace",
                         {{"low", run.task.pace.low},
                          {"likely", run.task.pace.likely},
                          {"high", run.task.pace.high},
                          {"prints", run.task.pace.prints}}},
                        {"plates", plates},
                        {"events", events}});
    }
    return json_text({{"schema", "vitrail.runs/1"}, {"runs", list}}, -1);
}

Result<std::vector<Run>> runs_from(const std::string& text) {
    const auto json = parse_json(text);
    if (!json)
        return json.error();
    try {
        const JsonReader r(*json, "runs");
        if (r.text("schema", "") != "vitrail.runs/1")
            return Error{say("The runs that were kept are of a newer version.")};
        std::vector<Run> out;
        for (std::size_t i = 0; i < r.list("runs", 10'000).size(); ++i)
            out.push_back(run_from(r.item("runs", i)));
        return out;
    } catch (const JsonMisfit& e) {
        return Error{e.message};
    }
}

Json rehearsal_report(const Rehearsal& rehearsal, std::int64_t start_s, const Zone& zone) {
    const RehearsalOutcome out = rehearsal.outcome();
    const RehearsalScript& script = rehearsal.script();
    const auto time = [&](double s) {
        return s < 0 ? Json() : Json(instant_text(start_s + std::llround(s), zone));
    };
    const auto name = [&](int f) { return f < 0 ? Json() : Json(script.names[static_cast<std::size_t>(f)]); };
    Json steps = Json::array(), wrong = Json::array();
    for (std::size_t i = 0; i < out.steps.size(); ++i) {
        const StepResult& s = out.steps[i];
        steps.push_back({{"asked", time(s.asked_s)},
                         {"done", time(s.done_s)},
                         {"result", to_string(s.is)},
                         {"layer", script.steps[i].from_layer},
                         {"waited_s", s.waited_s},
                         {"put", name(s.put)},
                         {"says", english(script.steps[i].says)}});
    }
    for (const WrongLayers& w : out.wrong)
        wrong.push_back({{"from_layer", w.from_layer},
                         {"to_layer", w.to_layer},
                         {"meant", name(w.meant)},
                         {"came", name(w.came)}});
    return {{"schema", "vitrail.rehearsal/1"},
            {"start", time(0)},
            {"end", time(out.total_s)},
            {"planned_end", time(script.total_s)},
            {"broke_off", out.broke_off},
            {"layer", out.layer},
            {"right", out.right},
            {"due", out.due},
            {"missed", out.missed},
            {"stops", out.stops},
            {"waited_s", out.waited_s},
            {"repeated_lines", out.repeated},
            {"steps", steps},
            {"wrong", wrong}};
}

} // namespace vitrail
