// Big pieces: a whole first plan, findings included, against slicing the same piece; and the export of paint
// against the plan.
#include "bench.h"

#include "core/check/findings.h"
#include "core/geometry/slice.h"
#include "core/layers/bodies.h"
#include "core/patch/stroke.h"
#include "core/project/regions.h"
#include "demo/solids.h"
#include "formats/machine_file.h"

#include <cmath>

namespace vitrail::bench {

namespace {

/// A tower with a lattice inside: a hollow shell, and bars along all three axes, one body of many shells.
Mesh lattice(double side_mm, double height_mm, int cells) {
    std::vector<Mesh> bodies;
    const double wall = 1.2, bar = 1.6, step = side_mm / cells;
    for (const auto& [x0, x1, y0, y1] :
         {std::array{0.0, wall, 0.0, side_mm}, std::array{side_mm - wall, side_mm, 0.0, side_mm},
          std::array{0.0, side_mm, 0.0, wall}, std::array{0.0, side_mm, side_mm - wall, side_mm}})
        bodies.push_back(solids::box(x0, y0, 0, x1, y1, height_mm));
    for (int i = 1; i < cells; ++i)
        for (int j = 1; j < cells; ++j)
            bodies.push_back(solids::box(i * step - bar / 2, j * step - bar / 2, 0, i * step + bar / 2,
                                         j * step + bar / 2, height_mm));
    for (double z = step; z < height_mm; z += step)
        for (int i = 1; i < cells; ++i) {
            bodies.push_back(solids::box(i * step - bar / 2, wall / 2, z - bar / 2, i * step + bar / 2,
                                         side_mm - wall / 2, z + bar / 2));
            bodies.push_back(solids::box(wall / 2, i * step - bar / 2, z - bar / 2, side_mm - wall / 2,
                                         i * step + bar / 2, z + bar / 2));
        }
    std::vector<Vec3> v;
    std::vector<Triangle> t;
    for (const Mesh& m : bodies) {
        const auto first = static_cast<std::uint32_t>(v.size());
        v.insert(v.end(), m.vertices.begin(), m.vertices.end());
        for (const Triangle& x : m.triangles)
            t.push_back({x[0] + first, x[1] + first, x[2] + first});
    }
    return build_mesh(std::move(v), std::move(t));
}

Project piece_of(Mesh mesh, double layer_mm) {
    Project p;
    p.machine = *find_machine("feeder-4");
    p.machine.bed_x_mm = p.machine.bed_y_mm = p.machine.height_mm = 400;
    p.filaments = {make_filament('A', Material::PLA, {0x14, 0x14, 0x14}),
                   make_filament('B', Material::PLA, {0xf2, 0xf2, 0xea})};
    Part part;
    part.name = "piece";
    part.mesh = std::make_shared<Mesh>(std::move(mesh));
    part.filament = 'A';
    p.pieces[0].parts.push_back(std::move(part));
    const double height =
        double(p.pieces[0].parts[0].mesh->bounds.max.z) - p.pieces[0].parts[0].mesh->bounds.min.z;
    p.settings.layer_mm = p.settings.first_layer_mm = layer_mm > 0 ? layer_mm : height / 500;
    assign_band(p.pieces[0], 0, height * 0.3, height * 0.6, 'B');
    return p;
}

void bench_plan(Table& table, const char* what, const Project& p) {
    const LayerGrid grid =
        make_grid(p.settings.first_layer_mm, p.settings.layer_mm,
                  double(p.pieces[0].parts[0].mesh->bounds.max.z) - p.pieces[0].parts[0].mesh->bounds.min.z);
    const double slicing = fastest(
        2, [&] { (void)slice(*p.pieces[0].parts[0].mesh, grid, p.pieces[0].parts[0].mesh->bounds.min.z); });
    std::shared_ptr<const Plan> plan;
    const double whole = fastest(2, [&] {
        Planner planner;
        plan = *plan_with_findings(planner, p);
    });
    table.push_back({std::string("first plan of ") + what + ", " +
                         std::to_string(p.pieces[0].parts[0].mesh->triangles.size()) + " triangles, " +
                         std::to_string(grid.count) + " layers, against slicing",
                     seconds(whole), seconds(slicing), times(whole / slicing), "≤ 4×", whole / slicing <= 4});
    if (!p.pieces[0].parts[0].paint)
        return;
    const double out = fastest(1, [&] {
        (void)filament_bodies(p, p.pieces[0], *plan->pieces[0].table, *plan->pieces[0].demand,
                              plan->pieces[0]);
    });
    table.push_back({"export of its paint, against the plan", seconds(out), seconds(whole),
                     times(out / whole), "≤ 3×", out / whole <= 3});
}

} // namespace

void bench_big_pieces(Table& table) {
    bench_plan(table, "a bumpy torus", piece_of(bumpy_torus(1000, 500), 0));
    bench_plan(table, "a lattice in a shell", piece_of(lattice(100, 250, 12), 0.2));
    Project painted = piece_of(bumpy_torus(800, 400), 0.2);
    painted.pieces[0].bands.clear();
    const PatchNumber patch = add_patch(painted.pieces[0].parts[0], "spots", 'B');
    repaint(painted.pieces[0].parts[0], [&](const Mesh& m, Paint& paint) {
        for (std::uint32_t t = 0; t < m.triangles.size(); ++t) {
            const Vec3 c = m.vertices[m.triangles[t][0]];
            if (std::sin(0.35f * c.x) * std::cos(0.3f * c.y) * std::sin(0.4f * c.z) > 0.1f)
                paint.patch[t] = patch;
        }
    });
    bench_plan(table, "a painted torus", painted);
}

} // namespace vitrail::bench
