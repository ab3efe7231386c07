#include "bench.h"

#include "core/geometry/slice.h"
#include "demo/solids.h"
#include "reference/cgal_slice.h"

#include <cmath>
#include <cstdio>
#include <fstream>
#include <unistd.h>

namespace vitrail::bench {

namespace {

constexpr int kLayers = 500;

LayerGrid grid_of(const Mesh& m) {
    const double h = (double(m.bounds.max.z) - m.bounds.min.z) / kLayers;
    return {h, h, kLayers};
}

double peak_mb() {
    std::ifstream status("/proc/self/status");
    for (std::string word; status >> word;)
        if (word == "VmHWM:") {
            double kb = 0;
            status >> kb;
            return kb / 1024;
        }
    return 0;
}

} // namespace

int run_memory_child() {
    const Mesh m = bumpy_torus(1000, 500);
    const auto s = slice(m, grid_of(m), m.bounds.min.z);
    if (!s)
        return 1;
    std::printf("%f\n", peak_mb());
    return 0;
}

void bench_slicing(Table& table) {
    const Mesh m = bumpy_torus(1000, 500);
    const LayerGrid grid = grid_of(m);
    std::vector<double> ours(kLayers), theirs(kLayers);
    const auto run = [&](int threads) {
        return fastest(5, [&] {
            const auto s = slice(m, grid, m.bounds.min.z, {}, threads);
            for (int l = 0; l < kLayers; ++l)
                ours[l] = area_mm2(s->layers[l]);
        });
    };
    const double one = run(1), two = run(2);
    const test::CgalMesh cgal = test::to_cgal(m);
    const double reference = fastest(1, [&] {
        const CGAL::Polygon_mesh_slicer<test::CgalMesh, test::Kernel> slicer(cgal);
        for (int l = 1; l <= kLayers; ++l) {
            std::vector<test::Polyline> rings;
            slicer(test::Kernel::Plane_3(0, 0, 1, -(m.bounds.min.z + grid.middle_mm(l))),
                   std::back_inserter(rings));
            theirs[l - 1] = test::area_of(rings);
        }
    });
    double a = 0, b = 0, worst = 0;
    for (int l = 0; l < kLayers; ++l) {
        a += ours[l];
        b += theirs[l];
        worst = std::max(worst, std::abs(ours[l] - theirs[l]) / std::max(1.0, theirs[l]));
    }
    char text[80];
    std::snprintf(text, sizeof text, "%zu triangles into 500 layers, two threads", m.triangles.size());
    table.push_back({text, seconds(two), "CGAL Polygon_mesh_slicer " + seconds(reference),
                     times(reference / two), "≥ 15×", reference / two >= 15});
    std::snprintf(text, sizeof text, "%.5f %%", 100 * worst);
    table.push_back(
        {"… areas, worst layer", "", "CGAL", text, "≤ 0.01 %", worst <= 1e-4 && std::abs(a - b) <= 1e-4 * b});
    table.push_back({"… second thread", seconds(two), "one thread " + seconds(one), times(one / two),
                     "≥ 1.6×", one / two >= 1.6});
    char self[4096] = {};
    if (readlink("/proc/self/exe", self, sizeof self - 1) > 0)
        if (FILE* child = popen((std::string(self) + " --memory-child").c_str(), "r")) {
            double mb = 0;
            if (std::fscanf(child, "%lf", &mb) == 1) {
                std::snprintf(text, sizeof text, "%.0f MB", mb);
                table.push_back({"… peak memory of the process", text, "", "", "≤ 500 MB", mb <= 500});
            }
            pclose(child);
        }
}

} // namespace vitrail::bench
