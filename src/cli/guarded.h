// What every command does alike: errors as sentences and a status, projects with settings for this run.
#pragma once

#include "cli/arguments.h"
#include "formats/archive.h"
#include "formats/files.h"

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

inline void save(const std::string& path, const std::string& bytes) {
    if (const Status ok = write_file(path, bytes); !ok)
        throw Unusable{path, english(ok.error().message)};
}

} // namespace vitrail
