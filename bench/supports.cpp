#include "bench.h"

#include "core/check/findings.h"
#include "core/study/schools.h"
#include "formats/machine_file.h"

namespace vitrail::bench {

namespace {

/// 500,000 triangles and 500 layers.
Project big_piece() {
    Project p;
    p.machine = *find_machine("feeder-4");
    p.filaments = {make_filament('A', Material::PLA, {0x1f, 0x3a, 0x63})};
    Part part;
    part.name = "torus";
    part.mesh = std::make_shared<Mesh>(bumpy_torus(1000, 250));
    part.filament = 'A';
    const double tall = double(part.mesh->bounds.max.z) - part.mesh->bounds.min.z;
    p.pieces[0].parts = {std::move(part)};
    p.settings.layer_mm = p.settings.first_layer_mm = tall / 500;
    return p;
}

} // namespace

void bench_supports(Table& table) {
    const Project p = big_piece();
    std::shared_ptr<const LayerTable> layers;
    const double slicing = fastest(3, [&] { layers = *make_layer_table(p.pieces[0], p.settings); });
    const OverhangRules rules;
    Hanging hanging;
    std::vector<Rows> beside, blocked;
    const double finding =
        fastest(3, [&] { hanging = whole_faces(*find_overhangs(*layers, rules), rules.least_mm2); });
    const double clearing = fastest(3, [&] {
        beside = *space_beside(layers->rows, 0.6);
        blocked = *blocked_space(layers->rows, beside, 1);
    });
    double both = finding + clearing;
    table.push_back({"overhangs of " + std::to_string(p.pieces[0].parts[0].mesh->triangles.size()) +
                         " triangles, " + std::to_string(layers->grid.count) + " layers",
                     seconds(finding), seconds(slicing), times(finding / slicing), "", true});
    table.push_back({"… space beside the piece", seconds(clearing), seconds(slicing),
                     times(clearing / slicing), "", true});
    for (const SupportKind kind : {SupportKind::columns, SupportKind::tree}) {
        SupportRules r;
        r.kind = kind;
        const double t =
            fastest(2, [&] { (void)lay_out_support(layers->grid, layers->rows, hanging, blocked, r); });
        both += t;
        table.push_back({kind == SupportKind::columns ? "… columns" : "… tree", seconds(t), seconds(slicing),
                         times(t / slicing), "", true});
    }
    table.push_back({"overhangs and both kinds of support, against slicing", seconds(both), seconds(slicing),
                     times(both / slicing), "≤ 3×", both / slicing <= 3});

    // A full run: slicing, overhangs, support and everything else of the plan. Then what a school costs on
    // top.
    Project held = p;
    held.settings.support = SupportStyle::columns;
    held.filaments.push_back(make_filament('B', Material::PETG, {0xe8, 0xb2, 0x4a}));
    std::shared_ptr<const Plan> plan;
    const double full = fastest(2, [&] {
        Planner planner;
        plan = *plan_with_findings(planner, held);
    });
    const auto study = compare_schools(held, *plan);
    if (study) {
        Planner planner(held, *plan);
        for (const School& s :
             study->schools) { // the layouts of both gaps are known by now, as they are in the study
            Project q = held;
            s.apply(q);
            (void)planner.plan(q);
        }
        double worst = 0;
        for (const School& s : study->schools) {
            Project q = held;
            s.apply(q);
            worst = std::max(worst, fastest(2, [&] { (void)planner.plan(q); }));
        }
        table.push_back({"a school replanned from the shared geometry, the slowest", seconds(worst),
                         seconds(both), times(worst / both), "≤ 0.1×", worst / both <= 0.1});
    }
    const double all_five = fastest(1, [&] { (void)compare_schools(held, *plan); });
    table.push_back({"five schools compared, layouts, access and findings included", seconds(all_five),
                     seconds(full), times(all_five / full), "", true});

    // A stroke of 12 mm that keeps faces free, on top of a plan that is there, at three places of the
    // underside.
    Planner planner;
    (void)plan_with_findings(planner, held);
    double edit = 1e9;
    for (int round = 0; round < 3; ++round) {
        auto paint = std::make_shared<Paint>(bare(*held.pieces[0].parts[0].mesh));
        const Mesh& m = *held.pieces[0].parts[0].mesh;
        std::vector<std::uint32_t> down;
        for (std::uint32_t t = 0; t < m.triangles.size(); ++t)
            if (normal(m, t).z < -0.8f)
                down.push_back(t);
        const Vec3 middle =
            m.vertices[m.triangles[down[down.size() * static_cast<std::size_t>(round + 1) / 4]][0]];
        for (const std::uint32_t t : down)
            if (length(m.vertices[m.triangles[t][0]] - middle) < 6)
                paint->patch[t] = static_cast<PatchNumber>(SupportWish::keep_free);
        held.pieces[0].parts[0].support_paint = paint;
        edit = std::min(edit, fastest(1, [&] { (void)plan_with_findings(planner, held); }));
    }
    table.push_back({"an edited blocker to the complete plan, against a full run", seconds(edit),
                     seconds(full), times(edit / full), "≤ 0.2×", edit / full <= 0.2});
}

} // namespace vitrail::bench
