#include "bench.h"

#include "core/check/findings.h"
#include "core/patch/stroke.h"
#include "core/project/regions.h"
#include "core/study/poses.h"
#include "demo/solids.h"
#include "formats/machine_file.h"

#include <cmath>
#include <cstdio>
#include <optional>

namespace vitrail::bench {

namespace {

/// What a program without a tree would do for each step of the pointer: look at every triangle for the ray,
/// and at every triangle for the brush.
std::size_t step_by_scan(const Mesh& m, Vec3 from, Vec3 way, float radius) {
    float nearest = 1e30f, along = 0;
    std::uint32_t hit = 0;
    for (std::uint32_t t = 0; t < m.triangles.size(); ++t)
        if (ray_meets(corners(m, t), from, way, along) && along < nearest)
            nearest = along, hit = t;
    if (nearest > 1e29f)
        return 0;
    const Vec3 p = from + way * nearest;
    std::size_t found = hit > 0;
    for (std::uint32_t t = 0; t < m.triangles.size(); ++t)
        found += length(nearest_on(corners(m, t), p) - p) < radius;
    return found;
}

} // namespace

void bench_painting(Table& table) {
    const Mesh m = solids::torus(40, 16, 1000, 500); // 1,000,000 triangles
    const Bvh tree = build_bvh(m);
    // A stroke over the crown: 200 steps of the pointer, half a millimetre apart.
    std::vector<std::pair<Vec3, Vec3>> rays;
    for (int i = 0; i < 200; ++i) {
        const float a = 0.0125f * float(i), r = 40 + 6 * std::sin(5 * a);
        rays.emplace_back(Vec3{r * std::cos(a), r * std::sin(a), 200}, Vec3{0, 0, -400});
    }
    constexpr float kRadius = 1.5f;
    Paint paint = bare(m);
    const double ours = fastest(5,
                                [&] {
                                    Brush brush(m, kRadius, [](PatchNumber) -> PatchNumber { return 1; });
                                    std::optional<Hit> last;
                                    for (const auto& [from, way] : rays) {
                                        const Hit hit = *cast_ray(m, tree, from, way);
                                        brush.draw(paint, last.value_or(hit), hit);
                                        last = hit;
                                    }
                                }) /
                        double(rays.size());
    std::size_t found = 0;
    const double theirs = fastest(1,
                                  [&] {
                                      for (int i = 0; i < 10; ++i)
                                          found += step_by_scan(m, rays[i].first, rays[i].second, kRadius);
                                  }) /
                          10;
    table.push_back({"pick and brush on 1,000,000 triangles, a step", seconds(ours),
                     "linear scan " + seconds(theirs), times(theirs / ours), "≥ 200×",
                     found > 0 && theirs / ours >= 200});
}

void bench_poses(Table& table) {
    // A bumpy ball of 200,000 triangles in two halves that stand side by side.
    Project p;
    p.machine = *find_machine("feeder-4");
    p.filaments = {make_filament('A', Material::PLA, {20, 20, 20}),
                   make_filament('B', Material::PLA, {240, 240, 230})};
    for (const float x : {-16.0f, 16.0f}) {
        Part part;
        part.name = x < 0 ? "left" : "right";
        const Mesh ball = solids::sphere(16, 400, 126, {x, 0, 0});
        std::vector<Vec3> v = ball.vertices;
        for (Vec3& q : v)
            q.z += 0.4f * std::sin(0.7f * q.x) * std::cos(0.6f * q.y);
        part.mesh = std::make_shared<Mesh>(build_mesh(std::move(v), ball.triangles));
        part.filament = x < 0 ? 'A' : 'B';
        p.pieces[0].parts.push_back(std::move(part));
    }
    const std::size_t triangles =
        p.pieces[0].parts[0].mesh->triangles.size() + p.pieces[0].parts[1].mesh->triangles.size();
    const double one = fastest(3, [&] {
        Planner planner;
        if (!plan_with_findings(planner, p))
            std::abort();
    });
    int count = 0;
    const double all = fastest(1, [&] {
        count = 0;
        for (const Pose& pose : poses_of(p.pieces[0])) {
            study_pose(p, 0, pose);
            ++count;
        }
    });
    char text[96];
    std::snprintf(text, sizeof text, "%d poses of %zu triangles", count, triangles);
    table.push_back({text, seconds(all), "one plan " + seconds(one), times(all / one), "< 26×",
                     count == kMostPoses && all / one < 26});
}

} // namespace vitrail::bench
