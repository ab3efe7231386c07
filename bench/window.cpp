#include "bench.h"

#include <cstdio>
#include <cstdlib>
#include <filesystem>
#include <string>

namespace vitrail::bench {

void bench_window(Table& table) {
    if (std::system("command -v xvfb-run >/dev/null") != 0)
        return;
    const std::string home = std::filesystem::temp_directory_path() / "vitrail-bench-home";
    const std::string command = "mkdir -p " + home + "; HOME=" + home + " XDG_CONFIG_HOME=" + home +
                                " XDG_DATA_HOME=" + home + " XDG_RUNTIME_DIR=" + home +
                                " xvfb-run -a -s '-screen 0 1400x900x24' " WINDOW_EVENTS " 2>/dev/null";
    FILE* p = popen(command.c_str(), "r");
    if (!p)
        return;
    constexpr double kFrame_ms = 16;
    char line[400];
    while (std::fgets(line, sizeof line, p)) {
        char what[120], who[120];
        double ms = 0;
        if (std::sscanf(line, "%119[^\t]\t%lf\t%119[^\n]", what, &ms, who) == 3)
            table.push_back({std::string("window's thread, ") + what, seconds(ms / 1e3),
                             "a frame of 16 ms; " + std::string(who), times(ms / kFrame_ms), "≤ 1×",
                             ms <= kFrame_ms});
    }
    pclose(p);
}

} // namespace vitrail::bench
