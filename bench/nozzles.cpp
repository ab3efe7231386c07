#include "bench.h"

#include "core/changes/nozzles.h"
#include "core/check/findings.h"
#include "formats/archive.h"
#include "reference/glpk_loading.h"

#include <random>

namespace vitrail::bench {

namespace {

/// Layers as a print has them: sets that change now and then, over a few of the filaments each.
LoadingProblem print_of(int layers, int filaments, int nozzles, unsigned seed) {
    std::mt19937 rng(seed);
    LoadingProblem p;
    CostMatrix costs(filaments);
    for (int i = 0; i < filaments; ++i)
        for (int j = 0; j < filaments; ++j)
            if (i != j)
                costs.at(i, j) = 60 + static_cast<int>(rng() % 540);
    p.costs = {costs};
    p.heads.resize(1);
    p.nozzles.resize(static_cast<std::size_t>(nozzles));
    Set now = 0;
    for (int l = 0; l < layers; ++l) {
        if (l % 7 == 0)
            now = static_cast<Set>(rng() & rng()) & ((Set{1} << filaments) - 1);
        p.layers.push_back(now);
    }
    return p;
}

void exact_loading(Table& table) {
    const LoadingProblem big = print_of(2000, 14, 6, 1);
    bool proven = false;
    const double s = fastest(1, [&] { proven = load_nozzles(big).proven; });
    table.push_back({"filaments on nozzles, 2,000 layers × 14 filaments × 6 nozzles", seconds(s), "", "",
                     "exact", proven});
    double before = 0;
    for (const int layers : {500, 1000, 2000}) {
        const LoadingProblem p = print_of(layers, 12, 6, 2);
        const double t = fastest(2, [&] { (void)costs_of_subsets(p.layers, p.costs[0]); });
        Line line{"… cost of all sets of 12, " + std::to_string(layers) + " layers",
                  seconds(t),
                  before > 0 ? seconds(before) : "",
                  before > 0 ? times(t / before) : "",
                  "",
                  true};
        if (before > 0) {
            line.wanted = "≤ 2.3×, linear";
            line.met = t / before <= 2.3;
        }
        table.push_back(line);
        before = t;
    }
    for (const int n : {4, 6, 8, 10, 12, 14}) {
        const LoadingProblem p = print_of(500, n, 6, 3);
        table.push_back({"… " + std::to_string(n) + " filaments, 500 layers",
                         seconds(fastest(1, [&] { (void)load_nozzles(p); })), "", "", "", true});
    }
}

void against_glpk(Table& table) {
    double ours = 1, theirs = 0;
    int solved = 0;
    bool same = true;
    for (int n = 6; n <= 14; ++n) { // until it takes too long
        const LoadingProblem p = print_of(60, n, 4, 4);
        std::optional<double> best;
        const double s = fastest(1, [&] { best = test::glpk_loading(p, 20); });
        if (!best)
            break;
        double cost = 0;
        ours = fastest(3, [&] { cost = load_nozzles(p).cost; });
        same &= std::abs(cost - *best) < 1e-6 * *best + 1e-6;
        theirs = s;
        solved = n;
        if (s > 10)
            break;
    }
    table.push_back({"filaments on 4 nozzles, " + std::to_string(solved) + " filaments", seconds(ours),
                     "GLPK " + seconds(theirs), times(theirs / ours), "≥ 10×", theirs / ours >= 10});
    table.push_back({"… same optimum", "", "GLPK", same ? "yes" : "no", "yes", same});
}

void dragging(Table& table) {
    for (const char* demo : {"lighthouse", "signal-flags"}) {
        auto project = load_project(std::string(VITRAIL_SOURCE_DIR) + "/demo/" + demo + ".vitrail");
        if (!project)
            continue;
        Planner planner;
        (void)static_cast<bool>(plan_with_findings(planner, *project));
        double mm3 = 100;
        const double s = fastest(40, [&] {
            pair_purge_of(*project, 'A', 'B').mm3 = mm3 += 1;
            (void)static_cast<bool>(plan_with_findings(planner, *project));
        });
        constexpr double kFrame = 1.0 / 60;
        table.push_back({std::string("drag of a cut to complete plan, ") + demo, seconds(s),
                         "a frame " + seconds(kFrame), times(kFrame / s), "≥ 1×", s <= kFrame});
    }
}

} // namespace

void bench_nozzles(Table& table) {
    exact_loading(table);
    against_glpk(table);
    dragging(table);
}

} // namespace vitrail::bench
