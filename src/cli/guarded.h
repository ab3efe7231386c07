// What every command does alike: errors as sentences and a status, projects with settings for this run.
#pragma once

#include "cli/arguments.h"
#include "core/plan/planner.h"
#include "formats/archive.h"
#include "formats/files.h"
#include "formats/place_clock.h"

#include <iostream>

namespace vitrail {

template <class F>
int guarded(F run) {
    try {
        return run();
    } catch (const Usage& u) {
        std::cerr << "error: " << u.message << "\n";
        return 2;
    } catch (const Unusable& u) {
        std::cerr << "error: " << u.file << ": " << u.message << "\n";
        return 1;
    }
}

inline Project open_project(const std::string& path, const std::vector<std::string>& settings) {
    auto p = load_project(path);
    if (!p)
        throw Unusable{path, english(p.error().message)};
    apply_settings(p->settings, settings);
    return std::move(*p);
}

inline std::shared_ptr<const Plan> planned(const Project& p, const std::string& file) {
    Planner planner;
    auto plan = planner.plan(p);
    if (!plan)
        throw Unusable{file, english(plan.error().message)};
    return *plan;
}

/// "2026-12-05T18:30" on the clock of the place, with an offset behind it, or "now".
inline std::int64_t instant(const std::string& text, const char* call, const Zone& zone) {
    if (text == "now")
        return now_s();
    const auto s = parse_instant(text, zone);
    if (!s)
        throw Usage{std::string(call) +
                    " is a time like 2026-12-05T18:30, with or without +01:00 behind it, or “now”; not " +
                    text};
    return *s;
}

inline void save(const std::string& path, const std::string& bytes) {
    if (const Status ok = write_file(path, bytes); !ok)
        throw Unusable{path, english(ok.error().message)};
}

} // namespace vitrail
