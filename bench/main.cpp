// bench-all [WHAT]…: prints a table; exit status 1 when a ratio falls short. WHAT: slicing, planning,
// loading, startup, painting, poses, nozzles, supports, big, window, pictures, plates, toolpaths or
// rehearsals; none: all.
#include "bench.h"

#include <cstdio>
#include <cstring>

namespace vitrail::bench {

std::string seconds(double s) {
    char buffer[40];
    std::snprintf(buffer, sizeof buffer,
                  s < 1e-3 ? "%.1f µs"
                  : s < 1  ? "%.2f ms"
                           : "%.2f s",
                  s < 1e-3 ? s * 1e6
                  : s < 1  ? s * 1e3
                           : s);
    return buffer;
}

std::string times(double ratio) {
    char buffer[40];
    std::snprintf(buffer, sizeof buffer, ratio < 10 ? "%.2f×" : "%.0f×", ratio);
    return buffer;
}

} // namespace vitrail::bench

int main(int argc, char** argv) {
    using namespace vitrail::bench;
    if (argc > 1 && !std::strcmp(argv[1], "--memory-child"))
        return run_memory_child();
    const struct {
        const char* name;
        void (*run)(Table&);
    } parts[] = {{"slicing", bench_slicing},     {"planning", bench_planning},    {"loading", bench_loading},
                 {"startup", bench_startup},     {"painting", bench_painting},    {"poses", bench_poses},
                 {"nozzles", bench_nozzles},     {"supports", bench_supports},    {"big", bench_big_pieces},
                 {"window", bench_window},       {"pictures", bench_pictures},    {"plates", bench_plates},
                 {"toolpaths", bench_toolpaths}, {"rehearsals", bench_rehearsals}};
    Table table;
    for (const auto& part : parts) {
        bool wanted = argc == 1;
        for (int i = 1; i < argc; ++i)
            wanted |= !std::strcmp(argv[i], part.name);
        if (wanted) {
            std::fprintf(stderr, "%s…\n", part.name);
            part.run(table);
        }
    }
    bool all = true;
    std::printf("\n| what | ours | against | ratio | wanted | |\n|---|---|---|---|---|---|\n");
    for (const Line& l : table) {
        std::printf("| %s | %s | %s | %s | %s | %s |\n", l.what.c_str(), l.ours.c_str(), l.theirs.c_str(),
                    l.ratio.c_str(), l.wanted.c_str(),
                    l.wanted.empty() ? ""
                    : l.met          ? "met"
                                     : "MISSED");
        all &= l.met;
    }
    return all ? 0 : 1;
}
