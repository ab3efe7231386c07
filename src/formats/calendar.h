// Visits as a calendar (iCalendar, RFC 5545), so that one's own calendar reminds one.
#pragma once

#include "core/run/when.h"

namespace vitrail {

struct CalendarEvent {
    std::string uid;
    std::int64_t from_s = 0, to_s = 0; ///< UTC
    std::string summary, description;
    std::vector<int> alarms_min; ///< so many minutes before it begins
};

/// Times stand in UTC, which is right on every clock. `stamp_s`: when it was made.
std::string calendar_text(const std::string& name, const std::vector<CalendarEvent>& events,
                          std::int64_t stamp_s);

/// An event for each trip and for the end. The same run gives the same ids, so that a calendar takes later
/// times over. `language`: of whose calendar it is.
std::vector<CalendarEvent> run_events(const RunTask& task, const RunTimes& times, double alarm_min,
                                      const Language& language = {});

} // namespace vitrail
