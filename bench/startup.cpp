#include "bench.h"

#include <cstdio>
#include <cstdlib>
#include <filesystem>
#include <string>

namespace vitrail::bench {

void bench_startup(Table& table) {
    if (std::system("command -v xvfb-run >/dev/null") != 0)
        return;
    // Both under the same Xvfb, in turns, each from launch to the first frame that shows what it has to show.
    const std::string home = std::filesystem::temp_directory_path() / "vitrail-bench-home";
    const std::string loop = "for i in 1 2 3 4 5; do s=$(date +%s%N); \"$1\" $2 >/dev/null 2>&1; e=$(date "
                             "+%s%N); echo $((e-s)); done | sort -n | head -1";
    const auto measure = [&](const std::string& program, const std::string& arguments) {
        const std::string command = "mkdir -p " + home + "; HOME=" + home + " XDG_CONFIG_HOME=" + home +
                                    " XDG_DATA_HOME=" + home + " XDG_RUNTIME_DIR=" + home +
                                    " xvfb-run -a -s '-screen 0 1280x800x24' sh -c '" + loop + "' sh " +
                                    program + " '" + arguments + "'";
        double ns = 0;
        if (FILE* p = popen(command.c_str(), "r")) {
            if (std::fscanf(p, "%lf", &ns) != 1)
                ns = 0;
            pclose(p);
        }
        return ns / 1e9;
    };
    const double theirs = measure(EMPTY_WINDOW, ""),
                 ours =
                     measure(VITRAIL_APP, "--exit-at-first-frame " VITRAIL_SOURCE_DIR "/demo/badge.vitrail");
    if (ours > 0 && theirs > 0)
        table.push_back({"launch to the first frame with the demo project", seconds(ours),
                         "empty window with OpenGL " + seconds(theirs), times(ours / theirs), "≤ 2.5×",
                         ours / theirs <= 2.5});
}

} // namespace vitrail::bench
