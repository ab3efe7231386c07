// When to come: nights and clocks, trips, starts, calendars.
#include "support.h"

#include "core/run/when.h"
#include "core/run_sheet/run_sheet.h"
#include "demo/scenario.h"
#include "formats/calendar.h"
#include "formats/place_clock.h"

#include <libical/ical.h>

#include <cmath>
#include <set>

using namespace vitrail;
using namespace vitrail::test;

class TestWhen : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void clocks_of_a_place();
    void zones_against_rfc5545();
    void nights_over_a_change_of_the_clock();
    void trips_against_brute_force();
    void a_plate_on_the_clock();
    void waits_until_morning();
    void plates_in_sequence();
    void on_its_way();
    void starts_against_brute_force();
    void calendars_read_by_libical();
    void calendars_of_rfc5545();
    void cleanup() { use_zone("UTC"); }

private:
    static void use_zone(const char* name) {
        qputenv("TZ", name);
        ::tzset();
    }
};

namespace {

constexpr std::int64_t kHour = 3600, kDay = 86400;

/// A plate with swaps (from = to) and refills at these seconds.
RunPlate plate(const std::vector<std::pair<double, double>>& visits, double total_s, int layers = 100) {
    RunPlate p;
    p.name = "plate";
    p.total_s = total_s;
    for (int l = 0; l < layers; ++l)
        p.layers_s.push_back(total_s * l / layers);
    for (const auto& [from, to] : visits) {
        p.visits.push_back({from == to ? Visit::What::swap : Visit::What::refill, from, to, 1, 0, 0, false});
        p.says.push_back(say("do it"));
    }
    return p;
}

RunTask task_of(std::vector<RunPlate> plates, Zone zone = {}) {
    RunTask t;
    t.plates = std::move(plates);
    t.zone = std::move(zone);
    return t;
}

std::int64_t at(const char* text, const Zone& zone = {}) {
    return *parse_instant(text, zone);
}

} // namespace

void TestWhen::clocks_of_a_place() {
    Zone zone{{{0, 3600}, {at("2026-03-29T01:00:00Z"), 7200}, {at("2026-10-25T01:00:00Z"), 3600}}};
    QCOMPARE(instant_text(at("2026-07-01T12:00:00Z"), zone), std::string("2026-07-01T14:00:00+02:00"));
    QCOMPARE(at("2026-07-01T14:00", zone), at("2026-07-01T12:00:00Z"));
    QCOMPARE(at("2026-07-01T14:00:30+02:00"), at("2026-07-01T12:00:30Z"));
    // 02:30 is leapt over in spring: as much later; it comes twice in autumn: the first time.
    QCOMPARE(instant_text(at("2026-03-29T02:30", zone), zone), std::string("2026-03-29T03:30:00+02:00"));
    QCOMPARE(instant_text(at("2026-10-25T02:30", zone), zone), std::string("2026-10-25T02:30:00+02:00"));
    QCOMPARE(at("2026-10-25T02:30:00+01:00"), at("2026-10-25T02:30", zone) + kHour);
    for (const char* bad : {"", "2026-13-01T00:00", "2026-02-30", "18:30", "2026-07-01T14:00+2",
                            "2026-07-01T25:00", "2026-07-01T14:00:00+25:00", "now"})
        QVERIFY2(!parse_instant(bad, zone), bad);
    QCOMPARE(*parse_hour("22:30"), 22.5);
    QVERIFY(!parse_hour("22") && !parse_hour("25:00"));
}

/// RFC 5545, 3.6.5: the example of America/New_York "since 2007", as libical reads it, hour by hour through a
/// year.
void TestWhen::zones_against_rfc5545() {
    static const char* kExample =
        "BEGIN:VTIMEZONE\r\nTZID:America/New_York\r\n"
        "BEGIN:STANDARD\r\nDTSTART:20071104T020000\r\nRRULE:FREQ=YEARLY;BYMONTH=11;BYDAY=1SU\r\nTZOFFSETFROM:"
        "-0400\r\nTZOFFSETTO:-0500\r\nTZNAME:EST\r\nEND:STANDARD\r\n"
        "BEGIN:DAYLIGHT\r\nDTSTART:20070311T020000\r\nRRULE:FREQ=YEARLY;BYMONTH=3;BYDAY=2SU\r\nTZOFFSETFROM:-"
        "0500\r\nTZOFFSETTO:-0400\r\nTZNAME:EDT\r\nEND:DAYLIGHT\r\nEND:VTIMEZONE\r\n";
    icaltimezone* theirs = icaltimezone_new();
    QVERIFY(icaltimezone_set_component(theirs, icalparser_parse_string(kExample)));
    use_zone("America/New_York");
    const std::int64_t from = at("2008-01-01T00:00:00Z");
    const Zone ours = place_zone(from + 200 * kDay);
    for (std::int64_t s = from; s < from + 366 * kDay; s += kHour) {
        icaltimetype t =
            icaltime_from_timet_with_zone(static_cast<std::time_t>(s), 0, icaltimezone_get_utc_timezone());
        int dst = 0;
        QVERIFY2(icaltimezone_get_utc_offset_of_utc_time(theirs, &t, &dst) == ours.offset_s(s),
                 instant_text(s, {}).c_str());
    }
    icaltimezone_free(theirs, 1);
}

void TestWhen::nights_over_a_change_of_the_clock() {
    use_zone("Europe/Berlin");
    const Zone zone = place_zone(at("2026-06-01T00:00:00Z"));
    const auto night_h = [&](const char* evening) {
        const std::int64_t zero = at(evening, zone);
        const std::vector<Night> nights = nights_between(zone, 22, 7, zero, 0, 4 * kHour);
        return nights.empty() ? 0.0 : (nights.back().to_s - nights.back().from_s) / kHour;
    };
    QCOMPARE(night_h("2026-03-27T20:00"), 9.0);
    QCOMPARE(night_h("2026-03-28T20:00"), 8.0);  // put forward
    QCOMPARE(night_h("2026-10-24T20:00"), 10.0); // put back
    // The morning is at seven on that clock, whatever has happened to it.
    for (const char* evening : {"2026-03-28T20:00", "2026-10-24T20:00", "2026-07-01T20:00"}) {
        const std::int64_t zero = at(evening, zone);
        const std::vector<Night> nights = nights_between(zone, 22, 7, zero, 0, kDay);
        QCOMPARE(hour_of(zero + static_cast<std::int64_t>(next_day_s(nights, 5 * kHour)), zone), 7.0);
    }
    QVERIFY(nights_between(zone, 7, 7, 0, 0, kDay).empty());
    // By day, too: somebody who works nights.
    QCOMPARE(nights_between({}, 9, 17, at("2026-07-01T08:00"), 0, 4 * kHour).size(), std::size_t(1));
}

/// Fewest trips at night, then fewest trips: against all sets of moments at which anything ends.
void TestWhen::trips_against_brute_force() {
    std::mt19937 random(17);
    for (int round = 0; round < 300; ++round) {
        std::vector<Night> nights{{-2.0 * kHour, 7.0 * kHour - 2 * kHour},
                                  {22.0 * kHour - 2 * kHour, 31.0 * kHour - 2 * kHour}};
        std::vector<Visit> visits;
        for (int i = 0; i < 6; ++i) {
            const double from = random() % 30 * kHour + 100, to = from + random() % 12 * kHour + 1800;
            visits.push_back({Visit::What::refill, from, to, 0, 0, 0, false});
        }
        std::vector<double> moments;
        for (const Visit& v : visits)
            moments.push_back(v.to_s);
        for (const Night& n : nights) // the last moment of the day
            moments.push_back(n.from_s - 1);
        std::pair<int, int> best{99, 99};
        for (unsigned set = 0; set < (1u << moments.size()); ++set) {
            bool all = true;
            for (const Visit& v : visits) {
                bool served = false;
                for (std::size_t m = 0; m < moments.size(); ++m)
                    served |= (set >> m & 1) && moments[m] >= v.from_s && moments[m] <= v.to_s;
                all &= served;
            }
            if (!all)
                continue;
            int night = 0;
            for (std::size_t m = 0; m < moments.size(); ++m)
                night += (set >> m & 1) && night_at(nights, moments[m]) != nullptr;
            best = std::min(best, {night, std::popcount(set)});
        }
        const std::vector<Trip> trips = trips_for(visits, nights);
        const int night = static_cast<int>(
            std::count_if(trips.begin(), trips.end(), [](const Trip& t) { return t.night; }));
        QCOMPARE(night, best.first);
        if (night == 0)
            QCOMPARE(static_cast<int>(trips.size()), best.second);
        std::set<int> served;
        for (const Trip& t : trips) {
            QVERIFY(t.from_s <= t.to_s);
            for (const int v : t.visits) { // the end of each trip does for all of them
                QVERIFY(served.insert(v).second);
                QVERIFY(visits[static_cast<std::size_t>(v)].from_s <= t.to_s &&
                        visits[static_cast<std::size_t>(v)].to_s >= t.to_s);
            }
            QCOMPARE(night_at(nights, t.to_s - (t.night ? 0 : 1)) != nullptr, t.night);
        }
        QCOMPARE(served.size(), visits.size());
    }
    // Swaps that follow closely are one stay, also across the beginning of a night.
    std::vector<Visit> swaps;
    for (const double s : {0.0, 500.0, 900.0, 8000.0})
        swaps.push_back({Visit::What::swap, s, s, 0, 0, 0, false});
    const std::vector<Night> night{{300, 5000}};
    const std::vector<Trip> trips = trips_for(swaps, night);
    QCOMPARE(trips.size(), std::size_t(2));
    QVERIFY(trips[0].stays && trips[0].night && trips[0].visits.size() == 3);
}

void TestWhen::a_plate_on_the_clock() {
    Project p = stack("ABCA", 2);
    p.settings.night_from = 22;
    p.settings.night_to = 7;
    const auto plan = plan_of(p);
    const RunTask task = run_task(p.settings, {}, {run_plate(p, *plan)});
    const std::int64_t start = at("2026-12-05T18:30:00Z");
    const RunTimes t = run_times(task, {start, 0, 0, 1, {}});
    QCOMPARE(t.visits.size(), plan->changes.size() + 1);
    for (std::size_t i = 0; i < plan->changes.size(); ++i) {
        QVERIFY(std::abs(static_cast<double>(t.visits[i].from_s - start) - plan->changes[i].at_s) < 1);
        QVERIFY(std::abs(static_cast<double>(utc_at(t, 0, plan->changes[i].at_s) - t.visits[i].from_s)) <= 1);
    }
    QVERIFY(std::abs(static_cast<double>(t.end_s - start) - plan->totals.total_s) < 1);
    QVERIFY(t.visits.back().visit.what == Visit::What::take_off && t.visits.back().trip < 0);
    QVERIFY2(QRegularExpression(QStringLiteral("^A.* out, B.* in on the nozzle, before layer \\d+$"))
                 .match(QString::fromStdString(english(task.plates[0].says[0])))
                 .hasMatch(),
             english(task.plates[0].says[0]).c_str());
    // Layers: which is printed when, and back.
    const RunPlate& r = task.plates[0];
    for (int n = 1; n <= plan->grid.count; ++n)
        QCOMPARE(layer_at(r, layer_s(r, n) + 0.001), n);
    QCOMPARE(layer_at(r, 0), 0);
    QCOMPARE(layer_s(r, plan->grid.count + 1), plan->totals.total_s);
    // The plan's own attendance is the same thing at the hour of its settings.
    p.settings.start_hour = 18;
    const auto again = plan_of(p);
    const RunTimes same = run_times(run_task(p.settings, {}, {run_plate(p, *again)}),
                                    {at("2026-12-05T18:00:00Z"), 0, 0, 1, {}});
    QCOMPARE(static_cast<int>(same.trips.size()), again->attendance.trips);
    QCOMPARE(same.night_trips, again->attendance.night_trips);
}

void TestWhen::waits_until_morning() {
    RunTask task = task_of(
        {plate({{4 * kHour, 4 * kHour}, {5 * kHour, 5 * kHour}, {6.0 * kHour, 20.0 * kHour}}, 22 * kHour)});
    const std::int64_t start = at("2026-12-05T20:00:00Z"); // swaps at 00:00 and 01:00
    QCOMPARE(run_times(task, {start, 0, 0, 1, {}}).night_trips, 2);
    task.at_night = AtNight::wait;
    const RunTimes t = run_times(task, {start, 0, 0, 1, {}});
    QCOMPARE(t.night_trips, 0);
    QCOMPARE(t.visits[0].from_s, at("2026-12-06T07:00:00Z"));
    QCOMPARE(t.visits[1].from_s, at("2026-12-06T08:00:00Z"));
    QCOMPARE(t.waited_s, 7.0 * kHour);
    QCOMPARE(t.end_s, start + 29 * kHour);
    QCOMPARE(utc_at(t, 0, 3 * kHour), start + 3 * kHour);
    QCOMPARE(utc_at(t, 0, 6 * kHour), start + 13 * kHour);
    QCOMPARE(t.visits[2].from_s, start + 13 * kHour); // the refill's window moves with it
}

void TestWhen::plates_in_sequence() {
    RunTask task = task_of({plate({}, 2 * kHour), plate({{kHour, kHour}}, 3 * kHour), plate({}, kHour)});
    const std::int64_t start = at("2026-12-05T20:30:00Z"); // done at 22:30: nobody is there
    const RunTimes t = run_times(task, {start, 0, 0, 1, {}});
    QCOMPARE(t.plates.size(), std::size_t(3));
    QCOMPARE(t.plates[1].start_s, at("2026-12-06T07:10:00Z"));
    QCOMPARE(t.plates[2].start_s, at("2026-12-06T10:20:00Z"));
    QCOMPARE(static_cast<int>(t.trips.size()), 3); // both plates and the swap
    QCOMPARE(t.night_trips, 0);
    // The sheet says so, and spools have to last for all of them.
    Project p = stack("AB", 2);
    p.settings.times = 3;
    p.settings.by_itself = true;
    p.filaments[0].spools = {
        {"A-1", plan_of(p)->use[0].total_g * 2.5 + plan_of(p)->use[0].first_load_g * 2.5}};
    const auto plan = plan_of(p);
    const auto short_of = std::find_if(plan->findings.begin(), plan->findings.end(),
                                       [](const Finding& f) { return f.code == "spool-short"; });
    QVERIFY(short_of != plan->findings.end() &&
            english(short_of->message).find("runs out in plate 3") != std::string::npos);
    const RunSheet sheet = make_run_sheet(p, *plan);
    QVERIFY(std::any_of(sheet.settings.begin(), sheet.settings.end(), [](const Message& m) {
        return english(m) == "printed 3 times, one after another on the same bed";
    }));
    QVERIFY(std::any_of(sheet.preparation.begin(), sheet.preparation.end(),
                        [](const Message& m) { return english(m).find("Lay 3 of it out") == 0; }));
    QVERIFY(std::any_of(sheet.totals.begin(), sheet.totals.end(),
                        [](const auto& t) { return english(t.first) == "all 3 in a row"; }));
    // What follows by itself needs nobody.
    task.plates[1].by_itself = task.plates[2].by_itself = true;
    const RunTimes chain = run_times(task, {start, 0, 0, 1, {}});
    QCOMPARE(chain.end_s, start + 6 * kHour);
    QCOMPARE(chain.night_trips, 1);
    QCOMPARE(static_cast<int>(chain.trips.size()), 1);
}

void TestWhen::on_its_way() {
    const RunTask task =
        task_of({plate({{kHour, kHour}, {3 * kHour, 3 * kHour}}, 4 * kHour), plate({}, kHour)});
    const std::int64_t now = at("2026-12-05T10:00:00Z");
    // Two hours of the plan are done, the rest goes a tenth slower.
    Standing s{now, 0, 2 * kHour, 1.1, {1, 0}};
    const RunTimes t = run_times(task, s);
    QCOMPARE(t.visits[0].from_s, now + 3960);
    QCOMPARE(t.plates[0].end_s, now + 7920);
    QCOMPARE(t.plates[1].start_s, now + 7920 + 600);
    // Waiting at a swap that is due: it is due now.
    s = {now, 0, 3 * kHour, 1, {1, 0}};
    QCOMPARE(run_times(task, s).visits[0].from_s, now);
    s.done = {1, 1};
    QCOMPARE(run_times(task, s).visits[0].from_s, now + kHour); // only what ends the plate is left
    // On the second plate already.
    s = {now, 1, 0, 1, {}};
    QCOMPARE(run_times(task, s).end_s, now + kHour);
}

void TestWhen::starts_against_brute_force() {
    std::mt19937 random(23);
    use_zone("Europe/Berlin");
    const Zone zone = place_zone(at("2026-10-24T00:00:00Z"));
    for (int round = 0; round < 20; ++round) {
        std::vector<std::pair<double, double>> visits;
        for (int i = 0; i < 5; ++i) {
            const double from = random() % 50000;
            visits.push_back({from, random() % 2 ? from : from + random() % 9000});
        }
        std::sort(visits.begin(), visits.end(),
                  [](const auto& a, const auto& b) { return a.second < b.second; });
        RunTask task = task_of({plate(visits, 60000)}, zone);
        task.at_night = random() % 2 ? AtNight::come : AtNight::wait;
        const std::int64_t from = at("2026-10-24T08:00", zone), deadline = at("2026-10-26T10:00", zone);
        const auto curve = start_curve(task, from, from + 30 * kHour, 900);
        QCOMPARE(curve.size(), std::size_t(121));
        const StartPoint& best = curve[static_cast<std::size_t>(best_start(curve, {deadline}))];
        for (const StartPoint& x : curve) {
            const RunTimes t = run_times(task, {x.start_s, 0, 0, 1, {}});
            QCOMPARE(x.night_trips, t.night_trips);
            QCOMPARE(x.end_s, t.end_s);
            QCOMPARE(x.at_night, hour_of(x.start_s, zone) >= 22 || hour_of(x.start_s, zone) < 7);
            if (!x.at_night && x.end_s <= deadline)
                QVERIFY(std::tuple(best.night_trips, best.waited_s, best.trips, best.end_s) <=
                        std::tuple(x.night_trips, x.waited_s, x.trips, x.end_s));
        }
        QVERIFY(!best.at_night);
    }
    QCOMPARE(best_start({}, {}), -1);
}

void TestWhen::calendars_read_by_libical() {
    Project p = stack("ABCA", 2);
    p.name = "Marsh, “tide”; dial\\";
    const auto plan = plan_of(p);
    const RunTask task = run_task(p.settings, {}, {run_plate(p, *plan)});
    const RunTimes t = run_times(task, {at("2026-12-05T18:30:00Z"), 0, 0, 1, {}});
    const auto events = run_events(task, t, 12);
    QCOMPARE(events.size(), t.trips.size() + 1);
    const std::string text = calendar_text(p.name, events, at("2026-12-01T00:00:00Z"));
    for (std::size_t from = 0; from < text.size();) { // lines of 75 octets at most, ended by CR LF (3.1)
        const std::size_t end = text.find("\r\n", from);
        QVERIFY(end != std::string::npos && end - from <= 75);
        from = end + 2;
    }
    icalcomponent* calendar = icalparser_parse_string(text.c_str());
    QVERIFY(calendar && icalcomponent_count_errors(calendar) == 0);
    QVERIFY(icalrestriction_check(calendar));
    std::size_t n = 0;
    for (icalcomponent* e = icalcomponent_get_first_component(calendar, ICAL_VEVENT_COMPONENT); e;
         e = icalcomponent_get_next_component(calendar, ICAL_VEVENT_COMPONENT), ++n) {
        QCOMPARE(std::string(icalcomponent_get_uid(e)), events[n].uid);
        QCOMPARE(std::string(icalcomponent_get_summary(e)), events[n].summary);
        QCOMPARE(static_cast<std::int64_t>(icaltime_as_timet_with_zone(icalcomponent_get_dtstart(e),
                                                                       icaltimezone_get_utc_timezone())),
                 events[n].from_s);
        icalcomponent* alarm = icalcomponent_get_first_component(e, ICAL_VALARM_COMPONENT);
        QVERIFY(alarm);
        const icaltriggertype trigger =
            icalproperty_get_trigger(icalcomponent_get_first_property(alarm, ICAL_TRIGGER_PROPERTY));
        QCOMPARE(icaldurationtype_as_int(trigger.duration), -720);
    }
    QCOMPARE(n, events.size());
    icalcomponent_free(calendar);
    // Another start: the same events, later.
    const auto later = run_events(task, run_times(task, {at("2026-12-06T18:30:00Z"), 0, 0, 1, {}}), 12);
    QCOMPARE(later[0].uid, events[0].uid);
    QVERIFY(later[0].from_s != events[0].from_s);
}

/// RFC 5545, section 4 and 3.6.6: the first example's event, and an alarm "30 minutes prior", written by us
/// and read by libical.
void TestWhen::calendars_of_rfc5545() {
    static const char* kExample =
        "BEGIN:VCALENDAR\r\nPRODID:-//xyz Corp//NONSGML PDA Calendar Version "
        "1.0//EN\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nDTSTAMP:19960704T120000Z\r\nUID:uid1@example.com\r\n"
        "DTSTART:19960918T143000Z\r\nDTEND:19960920T220000Z\r\nSUMMARY:Networld+Interop "
        "Conference\r\nDESCRIPTION:Networld+Interop Conference\r\n"
        " and Exhibit\\nAtlanta World Congress Center\\n\r\n Atlanta\\, "
        "Georgia\r\nBEGIN:VALARM\r\nTRIGGER:-PT30M\r\nACTION:DISPLAY\r\nDESCRIPTION:Breakfast\r\nEND:"
        "VALARM\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
    CalendarEvent e;
    e.uid = "uid1@example.com";
    e.from_s = at("1996-09-18T14:30:00Z");
    e.to_s = at("1996-09-20T22:00:00Z");
    e.summary = "Networld+Interop Conference";
    e.description = "Networld+Interop Conferenceand Exhibit\nAtlanta World Congress Center\nAtlanta, Georgia";
    e.alarms_min = {30};
    icalcomponent* theirs = icalparser_parse_string(kExample);
    icalcomponent* ours = icalparser_parse_string(calendar_text("", {e}, at("1996-07-04T12:00:00Z")).c_str());
    icalcomponent *a = icalcomponent_get_first_component(theirs, ICAL_VEVENT_COMPONENT),
                  *b = icalcomponent_get_first_component(ours, ICAL_VEVENT_COMPONENT);
    for (const icalproperty_kind kind :
         {ICAL_UID_PROPERTY, ICAL_DTSTAMP_PROPERTY, ICAL_DTSTART_PROPERTY, ICAL_DTEND_PROPERTY,
          ICAL_SUMMARY_PROPERTY, ICAL_DESCRIPTION_PROPERTY}) {
        const auto value = [&](icalcomponent* c) {
            return QString::fromUtf8(
                icalproperty_get_value_as_string(icalcomponent_get_first_property(c, kind)));
        };
        QCOMPARE(value(b), value(a));
    }
    const auto trigger = [](icalcomponent* c) {
        return icaldurationtype_as_int(
            icalproperty_get_trigger(
                icalcomponent_get_first_property(icalcomponent_get_first_component(c, ICAL_VALARM_COMPONENT),
                                                 ICAL_TRIGGER_PROPERTY))
                .duration);
    };
    QCOMPARE(trigger(b), trigger(a));
    icalcomponent_free(theirs);
    icalcomponent_free(ours);
}

VITRAIL_TEST(TestWhen)
#include "test_when.moc"
