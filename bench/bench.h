// What the benchmarks share: timing, and the table they fill.
#pragma once

#include "core/geometry/mesh.h"

#include <algorithm>
#include <chrono>
#include <string>
#include <vector>

namespace vitrail::bench {

struct Line {
    std::string what, ours, theirs, ratio, wanted;
    bool met = true;
};

using Table = std::vector<Line>;

/// Seconds of the fastest of `rounds` runs.
template <class F>
double fastest(int rounds, F run) {
    double best = 1e300;
    for (int i = 0; i < rounds; ++i) {
        const auto start = std::chrono::steady_clock::now();
        run();
        best =
            std::min(best, std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count());
    }
    return best;
}

std::string seconds(double s);
std::string times(double ratio);

/// A bumpy torus standing on its rim, of twice `segments` · `rings` triangles: several rings in many layers,
/// undersides outside, inside the hole, and in every dent.
Mesh bumpy_torus(int segments, int rings);

void bench_slicing(Table& table);
void bench_planning(Table& table);
void bench_loading(Table& table);
void bench_startup(Table& table);
void bench_painting(Table& table);
void bench_poses(Table& table);
void bench_nozzles(Table& table);
void bench_supports(Table& table);
void bench_big_pieces(Table& table);
void bench_window(Table& table);
void bench_pictures(Table& table);
void bench_plates(Table& table);
void bench_toolpaths(Table& table);
void bench_rehearsals(Table& table);

/// Slices the big mesh in a process of its own and prints its peak memory in MB.
int run_memory_child();

} // namespace vitrail::bench
