#include "bench.h"

#include "core/check/findings.h"
#include "demo/solids.h"
#include "formats/machine_file.h"
#include "reference/glpk_order.h"

#include <cmath>
#include <random>

namespace vitrail::bench {

namespace {

/// Twelve fluted columns in twelve filaments, all in every layer: the hardest sets there are, 1,000 layers.
Project twelve_columns(int layers) {
    Project p;
    p.name = "columns";
    p.machine = *find_machine("feeder-4");
    std::mt19937 rng(1);
    const double height = 0.1 * layers;
    for (int i = 0; i < 12; ++i) {
        p.filaments.push_back(
            make_filament(static_cast<char>('A' + i), Material::PLA,
                          {static_cast<std::uint8_t>(rng()), static_cast<std::uint8_t>(rng()),
                           static_cast<std::uint8_t>(rng())}));
        // 84,000 triangles each: a million together.
        Path ring;
        constexpr int kPoints = 210, kRows = 200;
        std::vector<Vec3> v;
        std::vector<Triangle> t;
        for (int row = 0; row <= kRows; ++row)
            for (int k = 0; k < kPoints; ++k) {
                const double a = 2 * 3.14159265358979 * k / kPoints,
                             r = 6 + 0.6 * std::cos(12 * a + 0.05 * row);
                v.push_back({static_cast<float>(20 * (i % 4) + r * std::cos(a)),
                             static_cast<float>(20 * (i / 4) + r * std::sin(a)),
                             static_cast<float>(height * row / kRows)});
            }
        const auto bottom = static_cast<std::uint32_t>(v.size());
        v.push_back({static_cast<float>(20 * (i % 4)), static_cast<float>(20 * (i / 4)), 0});
        v.push_back(
            {static_cast<float>(20 * (i % 4)), static_cast<float>(20 * (i / 4)), static_cast<float>(height)});
        for (std::uint32_t row = 0; row < kRows; ++row)
            for (std::uint32_t k = 0; k < kPoints; ++k) {
                const std::uint32_t a = row * kPoints + k, b = row * kPoints + (k + 1) % kPoints;
                t.push_back({a, b, b + kPoints});
                t.push_back({a, b + kPoints, a + kPoints});
            }
        for (std::uint32_t k = 0; k < kPoints; ++k) {
            t.push_back({bottom, (k + 1) % kPoints, k});
            t.push_back({bottom + 1, kRows * kPoints + k, kRows * kPoints + (k + 1) % kPoints});
        }
        Part part;
        part.name = "column-" + std::to_string(i + 1);
        part.mesh = std::make_shared<Mesh>(build_mesh(std::move(v), std::move(t)));
        part.filament = p.filaments.back().letter;
        p.pieces[0].parts.push_back(std::move(part));
    }
    p.settings.layer_mm = p.settings.first_layer_mm = 0.1;
    return p;
}

void recolouring(Table& table) {
    double before = 0;
    for (const int layers : {250, 500, 1000, 2000}) {
        Project p = twelve_columns(layers);
        Planner planner;
        const auto slicing =
            fastest(1, [&] { (void)static_cast<bool>(make_layer_table(p.pieces[0], p.settings)); });
        (void)static_cast<bool>(plan_with_findings(planner, p));
        std::uint8_t shade = 0;
        const double recolour = fastest(15, [&] {
            p.filaments[3].colour = {shade, static_cast<std::uint8_t>(90 + shade), 40};
            shade += 7;
            (void)static_cast<bool>(plan_with_findings(planner, p));
        });
        Line line{"recolour to complete plan, " + std::to_string(layers) + " layers × 12 filaments",
                  seconds(recolour),
                  "slicing again " + seconds(slicing),
                  times(slicing / recolour),
                  "",
                  true};
        if (layers == 1000) {
            line.wanted = "≥ 100×";
            line.met = slicing / recolour >= 100;
        }
        table.push_back(line);
        if (before > 0)
            table.push_back({"… against half as many layers", seconds(recolour), seconds(before),
                             times(recolour / before), "≤ 2.3×, linear", recolour / before <= 2.3});
        before = recolour;
    }
}

void ordering(Table& table) {
    // The largest case GLPK still solves within a minute is looked for: layers grow until it gives up.
    std::mt19937 rng(9);
    const int n = 5;
    CostMatrix costs(n);
    for (int i = 0; i < n; ++i)
        for (int j = 0; j < n; ++j)
            if (i != j)
                costs.at(i, j) = 60 + static_cast<int>(rng() % 540);
    std::vector<Set> layers;
    double theirs = 0, ours = 1;
    bool same = true;
    std::size_t solved = 0;
    for (int more = 0; more < 12; ++more) {
        layers.push_back(0b11111);
        layers.push_back(0b01101);
        std::optional<std::int64_t> best;
        const double s = fastest(1, [&] { best = test::glpk_order(layers, costs, 60); });
        if (!best)
            break;
        theirs = s;
        solved = layers.size();
        Ordered o;
        ours = fastest(20, [&] { o = order_layers(layers, costs); });
        same &= o.cost == *best;
        if (s > 15) // the next one would take minutes
            break;
    }
    table.push_back({"exact order, " + std::to_string(solved) + " layers of up to 5", seconds(ours),
                     "GLPK " + seconds(theirs), times(theirs / ours), "≥ 1000×", theirs / ours >= 1000});
    table.push_back({"… same optimum", "", "GLPK", same ? "yes" : "no", "yes", same});
}

} // namespace

void bench_planning(Table& table) {
    recolouring(table);
    ordering(table);
}

} // namespace vitrail::bench
