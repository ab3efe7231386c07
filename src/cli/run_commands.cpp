#include "cli/run_commands.h"

#include "cli/guarded.h"
#include "cli/log_commands.h"
#include "core/base/numbers.h"
#include "core/run/commands.h"
#include "core/run/rehearsal.h"
#include "core/run/sketch_gcode.h"
#include "core/run/when.h"
#include "devices/rehearse.h"
#include "formats/calendar.h"
#include "formats/json.h"
#include "formats/run_json.h"
#include "formats/toolpath_file.h"

#include <fmt/format.h>

#include <cstdlib>
#include <filesystem>

namespace vitrail {

namespace {

/// "22:00-07:00"
std::pair<double, double> quiet_hours(const std::string& text) {
    const std::size_t dash = text.find('-');
    const auto from = dash == std::string::npos ? std::nullopt : parse_hour(text.substr(0, dash));
    const auto to = dash == std::string::npos ? std::nullopt : parse_hour(text.substr(dash + 1));
    if (!from || !to)
        throw Usage{"--quiet is HH:MM-HH:MM, such as 22:00-07:00, not " + text};
    return {*from, *to};
}

/// The system's zone, or another one: the C library takes it from TZ.
void choose_zone(const std::string& name) {
    if (name.empty())
        return;
    std::error_code ec;
    if (name != "UTC" && (name.find("..") != std::string::npos ||
                          !std::filesystem::is_regular_file("/usr/share/zoneinfo/" + name, ec)))
        throw Usage{"--zone is a time zone such as Europe/Lisbon, not " + name};
    ::setenv("TZ", name.c_str(), 1);
}

Json when_report(const RunTask& task, const RunTimes& t, const std::vector<StartPoint>& curve) {
    const auto text = [&](std::int64_t s) { return instant_text(s, task.zone); };
    const auto known = [&](std::int64_t from, std::int64_t to, std::int64_t s) {
        return from < to ? Json(text(s)) : Json();
    }; // null: nobody knows
    Json visits = Json::array(), plates = Json::array();
    for (const DueVisit& v : t.visits)
        visits.push_back({{"from", text(v.from_s)},
                          {"to", text(v.to_s)},
                          {"what", to_string(v.visit.what)},
                          {"layer", v.visit.layer},
                          {"plate", v.plate + 1},
                          {"early", known(v.early_s, v.late_s, v.early_s)},
                          {"late", known(v.early_s, v.late_s, v.late_s)},
                          {"trip", v.trip < 0 ? Json() : Json(v.trip + 1)},
                          {"at_night", v.visit.at_night},
                          {"waits_s", v.waits_s},
                          {"says", english(visit_text(task, v))}});
    for (std::size_t i = 0; i < t.plates.size(); ++i)
        plates.push_back({{"name", task.plates[i].name},
                          {"start", text(t.plates[i].start_s)},
                          {"end", text(t.plates[i].end_s)}});
    Json report{{"schema", "vitrail.when/1"},
                {"start", text(t.at_s)},
                {"end", text(t.end_s)},
                {"early_end", known(t.early_end_s, t.late_end_s, t.early_end_s)},
                {"late_end", known(t.early_end_s, t.late_end_s, t.late_end_s)},
                {"pace_prints", task.pace.prints},
                {"trips", t.trips.size()},
                {"night_trips", t.night_trips},
                {"waited_s", t.waited_s},
                {"starts_at_night", t.starts_at_night},
                {"visits", visits},
                {"plates", plates}};
    if (!curve.empty()) {
        Json points = Json::array();
        for (const StartPoint& x : curve)
            points.push_back({{"start", text(x.start_s)},
                              {"end", text(x.end_s)},
                              {"trips", x.trips},
                              {"night_trips", x.night_trips},
                              {"waited_s", x.waited_s},
                              {"at_night", x.at_night}});
        report["curve"] = points;
    }
    return report;
}

void print_when(const RunTask& task, const RunTimes& t) {
    const auto clock = [&](std::int64_t s) { return instant_text(s, task.zone).substr(0, 16); };
    fmt::print("starts {}{}, done {}\n", clock(t.at_s), t.starts_at_night ? ", at night" : "",
               clock(t.end_s));
    if (t.early_end_s < t.late_end_s)
        fmt::print("with 80 % done between {} and {}, by {}\n", clock(t.early_end_s), clock(t.late_end_s),
                   english(counted("{} print", "{} prints", task.pace.prints)));
    fmt::print("{}, {} at night{}\n\n",
               counted("{} trip", "{} trips", static_cast<long long>(t.trips.size())), t.night_trips,
               t.waited_s > 0 ? ", waits " + duration(t.waited_s) + " until morning" : "");
    for (const DueVisit& v : t.visits)
        fmt::print("{}{:19}  {:8} {:>6}  {}{}\n", clock(v.from_s),
                   v.to_s > v.from_s ? " – " + clock(v.to_s) : std::string(), to_string(v.visit.what),
                   v.trip < 0 ? std::string() : fmt::format("trip {}", v.trip + 1),
                   english(visit_text(task, v)), v.visit.at_night ? "  (at night)" : "");
}

void print_rehearsal(const Rehearsal& r, std::int64_t start, const Zone& zone) {
    const RehearsalOutcome out = r.outcome();
    const auto clock = [&](double s) { return instant_text(start + std::llround(s), zone).substr(0, 16); };
    const auto name = [&](int f) {
        return f < 0 ? std::string("nothing") : r.script().names[static_cast<std::size_t>(f)];
    };
    if (out.broke_off)
        fmt::print("broke off in layer {} at {}: the printer started anew\n", out.layer, clock(out.clock_s));
    else
        fmt::print("starts {}, done {}; planned {}\n", clock(0), clock(out.total_s),
                   clock(r.script().total_s));
    fmt::print("{} of {} right, {} missed; the printer stood {} with nobody there\n\n", out.right, out.due,
               out.missed, duration(out.waited_s));
    for (std::size_t i = 0; i < out.steps.size(); ++i) {
        const StepResult& s = out.steps[i];
        fmt::print("{:16}  {:7} {}{}\n", s.asked_s < 0 ? std::string("–") : clock(s.asked_s), to_string(s.is),
                   english(r.script().steps[i].says),
                   s.waited_s > 60 ? ", waited " + duration(s.waited_s) : std::string());
    }
    for (const WrongLayers& w : out.wrong)
        fmt::print("layers {} to {} come out in {} instead of {}\n", w.from_layer, w.to_layer, name(w.came),
                   name(w.meant));
}

} // namespace

int run_when(const WhenCall& o) {
    return guarded([&] {
        choose_zone(o.zone);
        const std::int64_t now = now_s();
        Zone zone = place_zone(now);
        std::int64_t start = instant(o.start, "--start", zone);
        if (std::abs(start - now) > 300 * 86400) // what is known of the zone has to reach there
            zone = place_zone(start);
        std::vector<RunPlate> plates;
        Settings settings;
        std::vector<PrintRecord> foretold;
        Machine machine;
        for (const std::string& name : o.projects) {
            const Project p = open_project(name, o.settings);
            if (plates.empty())
                settings = p.settings;
            const auto plan = planned(p, name);
            plates.push_back(run_plate(p, *plan));
            foretold.push_back(record_of(p, *plan));
            machine = p.machine;
        }
        if (!o.quiet.empty())
            std::tie(settings.night_from, settings.night_to) = quiet_hours(o.quiet);
        if (!o.at_night.empty())
            settings.at_night = o.at_night == "wait" ? AtNight::wait : AtNight::come;
        RunTask task = run_task(settings, zone, std::move(plates));
        if (!o.book.empty())
            task.pace = pace_by(o.book, foretold, machine);
        std::vector<StartPoint> curve;
        if (o.within_h > 0) {
            curve = start_curve(task, start, start + std::llround(o.within_h * 3600), 300);
            StartWish wish;
            if (!o.by.empty())
                wish.finished_by_s = instant(o.by, "--by", zone);
            start = curve[static_cast<std::size_t>(best_start(curve, wish))].start_s;
        }
        const RunTimes times = run_times(task, not_begun(task, start));
        if (!o.ics.empty())
            save(o.ics,
                 calendar_text(task.plates.front().name, run_events(task, times, settings.alarm_min), now));
        if (o.json)
            std::cout << json_text(when_report(task, times, curve)) << "\n";
        else
            print_when(task, times);
        return 0;
    });
}

int run_rehearse(const RehearseCall& o) {
    return guarded([&] {
        choose_zone(o.zone);
        const Project p = open_project(o.project, o.settings);
        const auto plan = planned(p, o.project);
        const FileWords stops = file_words(p.machine.commands);
        std::string text;
        ToolpathFile file;
        if (o.file.empty()) {
            text = sketch_gcode(p, *plan);
            file = read_gcode(text, p.machine.motion, stops);
        } else {
            auto read = read_toolpath(o.file, p.machine.motion, stops);
            if (!read)
                throw Unusable{o.file, english(read.error().message)};
            file = std::move(*read);
        }
        const AgainstPlan against = against_plan(p, *plan, file);
        if (!against.layers_match)
            throw Unusable{o.file, "its layers are not those of the plan, so nothing can be rehearsed with "
                                   "it; `vitrail-cli gcode` says what is different"};
        const std::int64_t now = now_s();
        Zone zone = place_zone(now);
        const std::int64_t start =
            o.start.empty() ? next_start_s(p, zone, now) : instant(o.start, "--start", zone);
        zone = place_zone(start);
        Settings s = p.settings;
        if (!o.quiet.empty())
            std::tie(s.night_from, s.night_to) = quiet_hours(o.quiet);
        Person person;
        person.away =
            nights_between(zone, s.night_from, s.night_to, start, 0, plan->totals.total_s * 3 + 14 * 86400);
        person.late_s = o.late_min * 60;
        Moods moods{o.drops, o.slow, o.resets_h * 3600, o.runs_out_m * 1000, 0};
        SimPrinter printer(p.machine, stops, moods, o.seed);
        Rehearsal rehearsal(rehearsal_script(p, *plan, file, against), person, o.seed,
                            o.file.empty() ? lines_of(text) : toolpath_lines(o.file));
        rehearse(rehearsal, printer);
        if (o.json)
            std::cout << json_text(rehearsal_report(rehearsal, start, zone)) << "\n";
        else
            print_rehearsal(rehearsal, start, zone);
        return 0;
    });
}

int run_gcode(const GcodeCall& o) {
    return guarded([&] {
        const Project p = open_project(o.project, o.settings);
        const auto plan = planned(p, o.project);
        const auto file = read_toolpath(o.file, p.machine.motion, file_words(p.machine.commands));
        if (!file)
            throw Unusable{o.file, english(file.error().message)};
        const AgainstPlan against = against_plan(p, *plan, *file);
        int written = -1;
        if (!o.write.empty()) {
            const auto put_in = insertions(p, *plan, *file, against, {o.take_tools, o.take_others});
            if (!put_in)
                throw Unusable{o.file, english(put_in.error().message)};
            if (const Status ok = write_toolpath(p, *plan, o.file, o.write, *file, *put_in); !ok)
                throw Unusable{o.write, english(ok.error().message)};
            written = static_cast<int>(put_in->size());
        }
        if (o.json) {
            Json report = toolpath_report(p, *plan, *file, against);
            if (written >= 0)
                report["written"] = written;
            std::cout << json_text(report) << "\n";
        } else {
            fmt::print(
                "{} layers up to {:.2f} mm, {} lines, {} of lines ({} planned), {:.1f} g ({:.1f} planned)\n",
                file->layers.size(), file->layers.back().z_mm, file->lines, duration(against.file_s),
                duration(against.planned_s), against.file_g, against.planned_g);
            for (const Finding& f : against.findings)
                fmt::print("{:8} {} ({})\n", to_string(f.severity), f.message, f.where);
            if (against.findings.empty())
                fmt::print("as planned: every change stands where the plan has it\n");
            if (written >= 0)
                fmt::print("{}: written, with what was missing in {}; read again and proven\n", o.write,
                           counted("{} place", "{} places", written));
        }
        return written >= 0 || against.as_planned() ? 0 : 1;
    });
}

namespace {

/// "A>B"
std::pair<char, char> letters(const std::string& text, const char* call) {
    if (text.size() != 3 || text[1] != '>')
        throw Usage{fmt::format("{} is two letters, such as A>B, not {}", call, text)};
    return {letter(text.substr(0, 1), call), letter(text.substr(2), call)};
}

int list_ways(const RescueCall& o, const Project& p, const Plan& plan, const Mishap& mishap) {
    const auto ways = ways_out(p, plan, mishap);
    if (!ways)
        throw Unusable{o.project, english(ways.error().message)};
    if (!o.out.empty())
        if (const Status ok = save_project(ways->front().project, o.out, {}); !ok)
            throw Unusable{o.out, english(ok.error().message)};
    Json list = Json::array();
    for (const WayOut& w : *ways) {
        if (o.json)
            list.push_back({{"name", english(w.name)},
                            {"says", english(w.says)},
                            {"delta_e", w.delta_e},
                            {"changes", w.plan->totals.changes},
                            {"hand_swaps", w.plan->totals.hand_swaps},
                            {"lost_g", w.lost_g},
                            {"lost_s", w.lost_s},
                            {"more_g", w.more_g},
                            {"more_s", w.more_s}});
        else
            fmt::print("{:34} colours {:4.1f} apart, {:+7.1f} g, {}{}, {}\n{:34} {}\n", english(w.name),
                       w.delta_e, w.more_g, w.more_s < 0 ? "-" : "+", duration(std::abs(w.more_s)),
                       counted("{} change", "{} changes", w.plan->totals.changes), "", english(w.says));
    }
    if (o.json)
        std::cout << json_text({{"schema", "vitrail.ways-out/1"}, {"ways", list}}) << "\n";
    return 0;
}

void print_rescue(const Project& p, const Rescue& r) {
    fmt::print("{} after layer {}\n",
               counted("{0} layer more of {1}", "{0} layers more of {1}", r.extra, r.filaments), r.at_layer);
    for (const Rescue::Height& h : r.bands)
        fmt::print("  {}  {:.2f} mm{}\n", h.letter, h.before_mm,
                   std::abs(h.after_mm - h.before_mm) > 1e-9 ? fmt::format(" becomes {:.2f} mm", h.after_mm)
                                                             : "");
    for (const Rescue::Move& m : r.moves) {
        const Change& c = r.plan->changes[static_cast<std::size_t>(m.change)];
        fmt::print("  {} to {}: before layer {} instead of {}\n",
                   p.filaments[static_cast<std::size_t>(c.from)].letter,
                   p.filaments[static_cast<std::size_t>(c.to)].letter, m.to_layer, m.from_layer);
    }
    if (r.look_mean >= 0)
        fmt::print("  the look changes by {:.1f} on average, {:.1f} at most (CIEDE2000)\n", r.look_mean,
                   r.look_worst);
    int n = 0;
    for (const Message& m : r.steps)
        fmt::print("{}. {}\n", ++n, english(m));
    for (const Message& m : r.cautions)
        fmt::print("! {}\n", english(m));
}

} // namespace

int run_rescue(const RescueCall& o) {
    return guarded([&] {
        const Project p = open_project(o.project, o.settings);
        const auto plan = planned(p, o.project);
        if (!o.out.empty()) {
            std::error_code ec;
            if (std::filesystem::equivalent(o.project, o.out, ec))
                throw Unusable{
                    o.out, "that is the plan that is running, and it stays as it is; choose another name"};
        }
        if (!o.gone.empty())
            return list_ways(o, p, *plan,
                             {Mishap::What::gone, o.at_layer, o.at_layer, letter(o.gone, "--gone"), 0});
        if (!o.missed.empty() || !o.wrong.empty()) {
            const bool missed = !o.missed.empty();
            const auto [first, second] =
                letters(missed ? o.missed : o.wrong, missed ? "--missed" : "--wrong");
            return list_ways(o, p, *plan,
                             {missed ? Mishap::What::missed : Mishap::What::wrong, o.at_layer,
                              o.at_layer + o.layers - 1, missed ? second : first, missed ? first : second});
        }
        Botch botch{o.at_layer,   o.extra, o.measured > 0 ? std::optional(o.measured) : std::nullopt,
                    !o.not_homed, !o.cold, o.exact};
        const auto r = rescue(p, *plan, botch);
        if (!r)
            throw Unusable{o.project, english(r.error().message)};
        if (o.rest.empty() != o.file.empty())
            throw Usage{"--rest needs the file that was printed (--gcode), and the other way round"};
        if (!o.rest.empty()) {
            const auto file = read_toolpath(o.file, p.machine.motion, file_words(p.machine.commands));
            if (!file)
                throw Unusable{o.file, english(file.error().message)};
            if (const Status ok = write_rest(o.file, o.rest, *file, *r, botch); !ok)
                throw Unusable{o.rest, english(ok.error().message)};
        }
        if (!o.out.empty())
            if (const Status ok = save_project(r->project, o.out, {}); !ok)
                throw Unusable{o.out, english(ok.error().message)};
        if (o.json)
            std::cout << json_text(rescue_report(p, *r)) << "\n";
        else
            print_rescue(p, *r);
        return 0;
    });
}

} // namespace vitrail
