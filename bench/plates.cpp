#include "bench.h"

#include "core/plate/copies.h"
#include "core/plate/order.h"
#include "core/plate/variants.h"
#include "core/purge/arrange.h"
#include "demo/scenario.h"
#include "demo/solids.h"
#include "formats/machine_file.h"

#include <cmath>
#include <numbers>
#include <random>

namespace vitrail::bench {

namespace {

/// Convex outlines of 200 corners, egg-shaped, 12 to 40 mm.
std::vector<ArrangeItem> sixty_outlines() {
    std::mt19937 rng(11);
    std::vector<ArrangeItem> items;
    for (int i = 0; i < 60; ++i) {
        const double a = 6 + static_cast<double>(rng() % 140) / 10,
                     b = 6 + static_cast<double>(rng() % 140) / 10,
                     skew = static_cast<double>(rng() % 100) / 400;
        ArrangeItem item;
        for (int k = 0; k < 200; ++k) {
            const double t = 2 * std::numbers::pi * k / 200;
            item.outline.emplace_back(a * std::cos(t) * (1 + skew * std::sin(t)), b * std::sin(t));
        }
        items.push_back(std::move(item));
    }
    return items;
}

/// The smallest square bed that holds them, mm.
double smallest_bed(ArrangeTask task) {
    double low = 100, high = 400;
    while (high - low > 2) {
        const double side = (low + high) / 2;
        task.bed_x_mm = task.bed_y_mm = side;
        (arrange(task).fits ? high : low) = side;
    }
    return high;
}

std::shared_ptr<const Project> tag(int n, std::mt19937& rng) {
    Project p;
    p.name = "tag " + std::to_string(n);
    p.machine = *find_machine("feeder-4");
    for (const auto& [letter, colour] :
         {std::pair('A', Srgb{20, 20, 20}), std::pair('B', Srgb{242, 242, 234}),
          std::pair('C', Srgb{184, 46, 40}), std::pair('D', Srgb{47, 109, 181})})
        p.filaments.push_back(make_filament(letter, Material::PLA, colour));
    const double w = 20 + static_cast<double>(rng() % 60), d = 15 + static_cast<double>(rng() % 50);
    const auto part = [&](const char* name, Mesh mesh, char letter) {
        Part x;
        x.name = name;
        x.mesh = std::make_shared<Mesh>(std::move(mesh));
        x.filament = letter;
        return x;
    };
    p.pieces[0].name = p.name;
    p.pieces[0].parts = {
        part("plate", solids::box(0, 0, 0, w, d, 2), static_cast<char>('A' + rng() % 4)),
        part("letters", solids::box(2, 2, 2, w - 2, d - 2, 2.6), static_cast<char>('A' + rng() % 4))};
    return std::make_shared<const Project>(std::move(p));
}

} // namespace

void bench_plates(Table& lines) {
    const auto light = demo::all()[1].project;
    const double one_plan = fastest(3, [&] {
        Planner planner;
        (void)(*planner.plan(*light));
    });
    Planner planner;
    const auto plan = *planner.plan(*light);
    const double curve = fastest(3, [&] { (void)(*copies_curve(*light, *plan, 1, 50)); });
    lines.push_back({"curve over 1 … 50 copies | one plan from the mesh", seconds(curve), seconds(one_plan),
                     times(curve / one_plan), "≤ 3×", curve <= 3 * one_plan});

    ArrangeTask task;
    task.gap_mm = 2;
    task.turns = 4;
    task.items = sixty_outlines();
    const double by_outline = smallest_bed(task);
    task.layout = Layout::boxes;
    const double by_boxes = smallest_bed(task);
    const double denser = by_boxes * by_boxes / (by_outline * by_outline);
    task.layout = Layout::outlines;
    task.bed_x_mm = task.bed_y_mm = by_outline;
    const double took = fastest(1, [&] { (void)(arrange(task)); });
    char beds[80];
    std::snprintf(beds, sizeof beds, "%.0f mm bed", by_outline);
    char boxes[80];
    std::snprintf(boxes, sizeof boxes, "%.0f mm bed", by_boxes);
    lines.push_back({"60 outlines of 200 points | their boxes in rows", beds, boxes, times(denser),
                     "≥ 1.1× as dense", denser >= 1.1});
    lines.push_back({"arranging them", seconds(took), "", "", "≤ 3 s", took <= 3});

    std::mt19937 rng(4);
    OrderTask order;
    order.machines = {*find_machine("feeder-4")};
    for (int k = 0; k < 20; ++k) {
        const auto project = tag(k, rng);
        order.kinds.push_back({project->name, project, 10});
    }
    const double cut = fastest(1, [&] { (void)(*plan_order(order)); });
    const auto found = plan_order(order);
    char against[80];
    std::snprintf(against, sizeof against, "%.1f g of %.1f g apart", found->totals.worth, found->apart.worth);
    lines.push_back({"200 pieces of 20 kinds cut into plates", seconds(cut), against,
                     times(found->totals.worth / found->apart.worth), "≤ 10 s, never worse",
                     cut <= 10 && found->totals.worth <= found->apart.worth});

    Project p = *light;
    std::vector<PlannedVariant> known = plan_variants(p, plan);
    const double again = fastest(5, [&] { (void)(plan_variants(p, plan, {}, known)); });
    Planner other(p, *plan);
    use_variant(p, 1);
    const double replan = fastest(5, [&] {
        Planner fresh(*light, *plan);
        (void)(*fresh.plan(p));
    });
    lines.push_back(
        {"variants that are planned shown again", seconds(again), "", "", "≤ 16 ms", again <= 0.016});
    lines.push_back({"another variant planned | one plan from the mesh", seconds(replan), seconds(one_plan),
                     times(one_plan / replan), "≥ 3×", replan * 3 <= one_plan});
}

} // namespace vitrail::bench
