#include "bench.h"

#include "core/run/moves.h"
#include "formats/toolpath_file.h"

#include <fmt/format.h>

#include <cmath>
#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <sys/resource.h>

namespace vitrail::bench {

namespace {

/// Two million lines in 400 layers, as programs write them.
std::string write_toolpaths() {
    const std::string path = (std::filesystem::temp_directory_path() / "vitrail-bench.gcode").string();
    std::ofstream out(path, std::ios::binary);
    std::string text = "G21\nG90\nM82\nM109 S210\n";
    double e = 0;
    for (int layer = 1; layer <= 400; ++layer) {
        text += fmt::format("; layer {}\nG1 E{:.5f} F1800\nG1 Z{:.3f} F600\nG1 E{:.5f} F1800\n", layer,
                            e - 0.8, layer * 0.2, e);
        for (int i = 0; i < 5000; ++i) {
            e += 0.05;
            text += fmt::format("G1 X{:.3f} Y{:.3f} E{:.5f}\n", 100 + 30 * std::cos(i * 0.05) + 0.001 * i,
                                100 + 30 * std::sin(i * 0.055), e);
        }
        out << text;
        text.clear();
    }
    return path;
}

/// The same work by std::getline and strtod: layers by height, filament, the time of the moves.
std::pair<std::size_t, double> line_by_line(const std::string& path) {
    std::ifstream in(path);
    std::string line;
    MoveTimes times(8);
    double x = 0, y = 0, z = 0, e = 0, feed = 120, filament = 0;
    std::vector<std::pair<double, double>> layers;
    while (std::getline(in, line)) {
        if (const std::size_t comment = line.find(';'); comment != std::string::npos)
            line.resize(comment);
        double nx = x, ny = y, nz = z, ne = e;
        bool moves = false;
        for (const char* p = line.c_str(); *p;) {
            const char letter = *p++;
            if (letter == ' ')
                continue;
            char* end = nullptr;
            const double v = std::strtod(p, &end);
            if (end == p)
                break;
            p = end;
            switch (letter) {
            case 'G':
                moves = v == 0 || v == 1;
                break;
            case 'X':
                nx = v;
                break;
            case 'Y':
                ny = v;
                break;
            case 'Z':
                nz = v;
                break;
            case 'E':
                ne = v;
                break;
            case 'F':
                feed = v / 60;
                break;
            default:
                break;
            }
        }
        if (!moves)
            continue;
        const double dx = nx - x, dy = ny - y, dz = nz - z, mm = std::sqrt(dx * dx + dy * dy + dz * dz),
                     de = ne - e;
        if (de > 0 && dx * dx + dy * dy > 0) {
            if (layers.empty() || std::abs(layers.back().first - nz) > 0.001)
                layers.emplace_back(nz, 0);
            layers.back().second += de;
        }
        filament += de;
        x = nx, y = ny, z = nz, e = ne;
        const Direction d{dx / mm, dy / mm, dz / mm};
        if (mm > 0)
            times.move(mm, feed, 2000, d, d);
        else
            times.stand(std::abs(de) / feed);
    }
    times.finish();
    return {layers.size(), filament};
}

double peak_mb() {
    rusage use{};
    getrusage(RUSAGE_SELF, &use);
    return static_cast<double>(use.ru_maxrss) / 1024;
}

} // namespace

void bench_toolpaths(Table& table) {
    const std::string path = write_toolpaths();
    const double mb = static_cast<double>(std::filesystem::file_size(path)) / 1e6;
    std::size_t ours_layers = 0, their_layers = 0;
    const double ours = fastest(5, [&] { ours_layers = read_toolpath(path, {}, {})->layers.size(); });
    const double theirs = fastest(3, [&] { their_layers = line_by_line(path).first; });
    const double ratio = theirs / ours;
    table.push_back({fmt::format("{:.0f} MB of G-code read, against std::getline and strtod", mb),
                     seconds(ours) + fmt::format(" ({:.0f} MB/s)", mb / ours), seconds(theirs), times(ratio),
                     "≥ 5×, ≥ 30 MB/s", ratio >= 5 && mb / ours >= 30 && ours_layers == their_layers});
    // A gigabyte: memory must not grow with it.
    std::ifstream in(path, std::ios::binary);
    const std::string text((std::istreambuf_iterator<char>(in)), {});
    const double before = peak_mb();
    GcodeReader reader(Motion{});
    double fed = 0;
    const double gigabyte_s = fastest(1, [&] {
        for (; fed < 1e9; fed += static_cast<double>(text.size()))
            reader.read(text);
    });
    const double more = peak_mb() - before;
    table.push_back({"1 GB of G-code: memory more than before",
                     fmt::format("{:.0f} MB in {}", more, seconds(gigabyte_s)), "", "", "≤ 200 MB",
                     more <= 200});
    std::filesystem::remove(path);
}

} // namespace vitrail::bench
