#include "formats/calendar.h"

#include <fmt/format.h>
#include <libical/ical.h>

#include <ctime>

#include <algorithm>
#include <memory>

namespace vitrail {

namespace {

constexpr std::int64_t kShortest_s = 600; ///< so that it shows in a calendar

icaltimetype utc(std::int64_t s) {
    return icaltime_from_timet_with_zone(static_cast<std::time_t>(s), 0, icaltimezone_get_utc_timezone());
}

icalcomponent* alarm(int minutes, const std::string& words) {
    icaltriggertype trigger{};
    trigger.time = icaltime_null_time();
    trigger.duration = icaldurationtype_from_int(-60 * minutes);
    icalcomponent* out = icalcomponent_new(ICAL_VALARM_COMPONENT);
    icalcomponent_add_property(out, icalproperty_new_action(ICAL_ACTION_DISPLAY));
    icalcomponent_add_property(out, icalproperty_new_trigger(trigger));
    icalcomponent_add_property(out, icalproperty_new_description(words.c_str()));
    return out;
}

} // namespace

std::string calendar_text(const std::string& name, const std::vector<CalendarEvent>& events,
                          std::int64_t stamp) {
    const std::unique_ptr<icalcomponent, void (*)(icalcomponent*)> calendar(icalcomponent_new_vcalendar(),
                                                                            icalcomponent_free);
    icalcomponent_add_property(calendar.get(), icalproperty_new_prodid("-//Vitrail//When to come//EN"));
    icalcomponent_add_property(calendar.get(), icalproperty_new_version("2.0"));
    if (!name.empty()) {
        icalproperty* title = icalproperty_new_x(name.c_str());
        icalproperty_set_x_name(title, "X-WR-CALNAME");
        icalcomponent_add_property(calendar.get(), title);
    }
    for (const CalendarEvent& e : events) {
        icalcomponent* event = icalcomponent_new_vevent();
        icalcomponent_add_property(event, icalproperty_new_uid(e.uid.c_str()));
        icalcomponent_add_property(event, icalproperty_new_dtstamp(utc(stamp)));
        icalcomponent_add_property(event, icalproperty_new_dtstart(utc(e.from_s)));
        icalcomponent_add_property(event,
                                   icalproperty_new_dtend(utc(std::max(e.to_s, e.from_s + kShortest_s))));
        icalcomponent_add_property(event,
                                   icalproperty_new_sequence(static_cast<int>(stamp / 60 % 100'000'000)));
        icalcomponent_add_property(event, icalproperty_new_summary(e.summary.c_str()));
        if (!e.description.empty())
            icalcomponent_add_property(event, icalproperty_new_description(e.description.c_str()));
        icalcomponent_add_property(event, icalproperty_new_transp(ICAL_TRANSP_TRANSPARENT));
        for (const int minutes : e.alarms_min)
            icalcomponent_add_component(event, alarm(minutes, e.summary));
        icalcomponent_add_component(calendar.get(), event);
    }
    const std::unique_ptr<char, void (*)(void*)> text(icalcomponent_as_ical_string_r(calendar.get()),
                                                      icalmemory_free_buffer);
    return text.get();
}

std::vector<CalendarEvent> run_events(const RunTask& task, const RunTimes& times, double alarm_min,
                                      const Language& language) {
    std::vector<CalendarEvent> out;
    const bool named = !task.plates.empty() && !task.plates.front().name.empty();
    const std::string name = named ? task.plates.front().name : "print";
    const Argument title = named ? Argument(name) : Argument(say("print"));
    const auto event = [&](const std::vector<int>& visits, std::int64_t from, std::int64_t to) {
        CalendarEvent e;
        const DueVisit& first = times.visits[static_cast<std::size_t>(visits.front())];
        std::uint64_t id = 1469598103934665603u; // FNV-1a: the same visit of the same run, whenever it is due
        for (const char c : name + fmt::format("/{}/{}", first.plate, first.index))
            id = (id ^ static_cast<unsigned char>(c)) * 1099511628211u;
        e.uid = fmt::format("{:016x}@vitrail", id);
        e.from_s = from;
        e.to_s = to;
        const Message summary =
            visits.size() == 1
                ? say("{}: {}", title, visit_text(task, first))
                : say("{}: {}", title,
                      counted("{} thing to do at the printer", "{} things to do at the printer",
                              static_cast<long long>(visits.size())));
        e.summary = in_words(summary, language);
        for (const int v : visits) {
            e.description += e.description.empty() ? "" : "\n";
            e.description += in_words(visit_text(task, times.visits[static_cast<std::size_t>(v)]), language);
        }
        e.alarms_min = {static_cast<int>(alarm_min)};
        out.push_back(std::move(e));
    };
    for (const Trip& t : times.trips)
        event(t.visits, times.at_s + static_cast<std::int64_t>(t.from_s),
              times.at_s + static_cast<std::int64_t>(t.to_s));
    for (std::size_t v = 0; v < times.visits.size(); ++v)
        if (times.visits[v].trip < 0)
            event({static_cast<int>(v)}, times.visits[v].from_s, times.visits[v].from_s + 900);
    return out;
}

} // namespace vitrail
