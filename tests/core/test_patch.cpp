#include "core/layers/patches.h"
#include "core/patch/stroke.h"
#include "core/project/regions.h"
#include "formats/ply.h"

#include "support.h"

#include <numbers>

using namespace vitrail;
using namespace vitrail::test;

/// Painting surfaces, and what of the layers a painted patch takes.
class TestPatch : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void ray_finds_what_a_scan_finds();
    void nearest_point_is_that_of_a_scan();
    void fill_stops_at_creases();
    void brush_dab_has_the_area_of_a_disc();
    void stroke_has_the_area_of_a_stadium();
    void brush_does_not_paint_through_a_wall();
    void painting_keeps_the_volume();
    void heights_cut_exactly();
    void level_faces_on_a_border();
    void facing();
    void erase_leaves_nothing();
    void grow_and_shrink();
    void mirrored_dab();
    void repeated_strokes_stay_small();
    void painted_side_takes_its_walls();
    void painted_top_takes_its_skins();
    void painted_band_takes_its_layers_only();
    void later_patch_wins();
    void patch_without_filament_costs_nothing();
    void recolouring_a_patch_measures_nothing_again();
    void ply_keeps_paint();
    void ply_refuses_what_does_not_fit();
};

namespace {

Hit hit_at(const Mesh& m, Vec3 from, Vec3 way) {
    return cast_ray(m, build_bvh(m), from, way).value();
}

/// Surface of patch 1, mm².
double area(const Mesh& m, const Paint& p) {
    return patch_areas_mm2(m, p, 1)[1];
}

/// Volume by the divergence theorem over all facets: what the piece would be if they were its mesh.
double facet_volume(const Mesh& m, const Paint& p) {
    double v = 0;
    for_each_facet(m, p, [&](std::uint32_t, const std::array<Vec3, 3>& c, PatchNumber) {
        const auto d = [&](int i) { return std::array<double, 3>{c[i].x, c[i].y, c[i].z}; };
        const auto a = d(0), b = d(1), e = d(2);
        v += (a[0] * (b[1] * e[2] - b[2] * e[1]) - a[1] * (b[0] * e[2] - b[2] * e[0]) +
              a[2] * (b[0] * e[1] - b[1] * e[0])) /
             6;
    });
    return v;
}

const Recolour to_one = [](PatchNumber) -> PatchNumber { return 1; };

Project painted_box(double w, double h) {
    Project p = stack("", 1);
    p.pieces[0].parts.push_back(part("box", solids::box(0, 0, 0, w, w, h), 'A'));
    p.settings.layer_mm = p.settings.first_layer_mm = 0.2;
    p.settings.infill_pct = 100;
    return p;
}

} // namespace

void TestPatch::ray_finds_what_a_scan_finds() {
    const Mesh m = solids::torus(20, 7, 60, 30);
    const Bvh tree = build_bvh(m);
    std::mt19937 rng(3);
    std::uniform_real_distribution<float> place(-40, 40);
    int hits = 0;
    for (int i = 0; i < 2000; ++i) {
        const Vec3 from{place(rng), place(rng), place(rng)},
            way = Vec3{place(rng), place(rng), place(rng)} * 0.4f - from;
        float nearest = 1e30f, along = 0;
        for (std::uint32_t t = 0; t < m.triangles.size(); ++t)
            if (ray_meets(corners(m, t), from, way, along))
                nearest = std::min(nearest, along);
        const auto hit = cast_ray(m, tree, from, way);
        QCOMPARE(hit.has_value(), nearest < 1e30f);
        if (hit) {
            ++hits;
            QCOMPARE(hit->along, nearest);
        }
    }
    QVERIFY(hits > 300);
    QVERIFY(!cast_ray(Mesh{}, Bvh{}, {}, {1, 0, 0}));
}

void TestPatch::nearest_point_is_that_of_a_scan() {
    const Mesh m = solids::torus(20, 7, 40, 20);
    const Bvh tree = build_bvh(m);
    std::mt19937 rng(5);
    std::uniform_real_distribution<float> place(-40, 40);
    for (int i = 0; i < 500; ++i) {
        const Vec3 p{place(rng), place(rng), place(rng)};
        float least = 1e30f;
        for (std::uint32_t t = 0; t < m.triangles.size(); ++t)
            least = std::min(least, length(nearest_on(corners(m, t), p) - p));
        COMPARE_NEAR(nearest_point(m, tree, p)->distance_mm, least, 1e-4);
    }
    QVERIFY(!nearest_point(m, tree, {100, 0, 0}, 5));
}

void TestPatch::fill_stops_at_creases() {
    const Mesh box = solids::box(0, 0, 0, 10, 20, 30);
    const auto sides = crease_areas(box, 30);
    QCOMPARE(std::set<std::uint32_t>(sides.begin(), sides.end()).size(), std::size_t{6});
    const auto one = crease_areas(box, 91);
    QCOMPARE(std::set<std::uint32_t>(one.begin(), one.end()).size(), std::size_t{1});
    // A frustum's cone and its two faces.
    const Mesh cone = solids::frustum(10, 6, 12, 64);
    const auto areas = crease_areas(cone, 30);
    QCOMPARE(std::set<std::uint32_t>(areas.begin(), areas.end()).size(), std::size_t{3});
}

void TestPatch::brush_dab_has_the_area_of_a_disc() {
    // On two coarse triangles and on a fine mesh alike: closed form π·r².
    const Mesh box = solids::box(0, 0, 0, 100, 100, 5);
    for (const float r : {1.0f, 4.0f, 12.0f}) {
        Paint p = bare(box);
        const Hit top = hit_at(box, {31, 42, 50}, {0, 0, -100});
        Brush(box, r, to_one).draw(p, top, top);
        COMPARE_NEAR(area(box, p), std::numbers::pi * r * r, 0.02 * r * r * 3.14);
        QVERIFY(!p.cut.empty());
        double all = 0;
        for (const double a : patch_areas_mm2(box, p, 1))
            all += a;
        COMPARE_NEAR(all, area_mm2(box), 1e-3);
    }
}

void TestPatch::stroke_has_the_area_of_a_stadium() {
    const Mesh box = solids::box(0, 0, 0, 100, 100, 5);
    Paint p = bare(box);
    const Hit a = hit_at(box, {20, 30, 50}, {0, 0, -100}), b = hit_at(box, {60, 60, 50}, {0, 0, -100});
    Brush(box, 3, to_one).draw(p, a, b);
    COMPARE_NEAR(area(box, p), std::numbers::pi * 9 + 6 * 50, 5); // the stretch is 50 mm long
}

void TestPatch::brush_does_not_paint_through_a_wall() {
    const Mesh sheet = solids::box(0, 0, 0, 40, 40, 0.8);
    Paint p = bare(sheet);
    const Hit top = hit_at(sheet, {20, 20, 10}, {0, 0, -100});
    Brush(sheet, 6, to_one).draw(p, top, top); // the ball reaches the underside
    for_each_facet(sheet, p, [&](std::uint32_t t, const std::array<Vec3, 3>&, PatchNumber n) {
        if (n)
            QVERIFY(normal(sheet, t).z > 0);
    });
    // At a corner it goes round, to what looks aside.
    const Hit corner = hit_at(sheet, {39.9f, 20, 10}, {0, 0, -100});
    Brush(sheet, 2, to_one).draw(p, corner, corner);
    bool side = false, below = false;
    for_each_facet(sheet, p, [&](std::uint32_t t, const std::array<Vec3, 3>&, PatchNumber n) {
        side |= n && normal(sheet, t).x > 0.9f;
        below |= n && normal(sheet, t).z < -0.9f;
    });
    QVERIFY(side && !below);
}

void TestPatch::painting_keeps_the_volume() {
    std::mt19937 rng(8);
    for (const Mesh& m :
         {solids::box(0, 0, 0, 40, 30, 20), solids::torus(20, 8, 48, 24), solids::sphere(15, 40, 20)}) {
        Paint p = bare(m);
        const Bvh tree = build_bvh(m);
        std::uniform_real_distribution<float> way(-1, 1);
        for (int i = 0; i < 40; ++i) {
            const Vec3 to{way(rng) * 15 + 15, way(rng) * 15, way(rng) * 10};
            const auto hit = cast_ray(m, tree, to + Vec3{way(rng), way(rng), 1} * 200.0f, Vec3{0, 0, -400});
            if (hit)
                Brush(m, 0.5f + std::abs(way(rng)) * 5,
                      [n = static_cast<PatchNumber>(rng() % 3)](PatchNumber) { return n; })
                    .draw(p, *hit, *hit);
        }
        paint_heights(m, p, 3.3, 7.7, to_one);
        COMPARE_NEAR(facet_volume(m, p) / volume_mm3(m), 1, 1e-4);
        double all = 0;
        for (const double a : patch_areas_mm2(m, p, 3))
            all += a;
        COMPARE_NEAR(all / area_mm2(m), 1, 1e-4);
    }
}

void TestPatch::heights_cut_exactly() {
    // A cylinder's mantle between two heights: 2·π·r·Δz for the polygon of 96 sides.
    Builder b;
    add_prism(b, solids::circle(0, 0, 10, 96), 0, 40);
    const Mesh m = b.build();
    Paint p = bare(m);
    paint_heights(m, p, 10.25, 22.75, to_one);
    const double side = 2 * 10 * std::sin(std::numbers::pi / 96) * 96;
    COMPARE_NEAR(area(m, p), side * 12.5, 0.05);
}

void TestPatch::level_faces_on_a_border() {
    const Mesh m = solids::box(0, 0, 0, 10, 10, 10);
    Paint p = bare(m);
    paint_heights(m, p, 5, 10, to_one); // the top looks up: it belongs to what is below
    COMPARE_NEAR(area(m, p), 4 * 10 * 5 + 100, 1e-3);
    Paint q = bare(m);
    paint_heights(m, q, 10, 12, to_one);
    COMPARE_NEAR(area(m, q), 0, 1e-9);
    Paint r = bare(m);
    paint_heights(m, r, 0, 5, to_one); // and the underside to what is above
    COMPARE_NEAR(area(m, r), 4 * 10 * 5 + 100, 1e-3);
}

void TestPatch::facing() {
    const Mesh m = solids::box(0, 0, 0, 10, 20, 30);
    Paint p = bare(m);
    paint_triangles(p, looking(m, {0, 0, 1}, 30), to_one);
    COMPARE_NEAR(area(m, p), 200, 1e-6);
    paint_triangles(p, looking(m, {0, -1, 0}, 30), to_one);
    COMPARE_NEAR(area(m, p), 500, 1e-6);
    const std::vector<double> levels = level_heights(m, 0);
    QCOMPARE(levels, (std::vector<double>{0, 30}));
}

void TestPatch::erase_leaves_nothing() {
    const Mesh m = solids::box(0, 0, 0, 30, 30, 5);
    Paint p = bare(m);
    const Hit top = hit_at(m, {15, 15, 10}, {0, 0, -100});
    Brush(m, 4, to_one).draw(p, top, top);
    QVERIFY(!(p == bare(m)));
    Brush(m, 6, [](PatchNumber) -> PatchNumber { return 0; }).draw(p, top, top);
    QVERIFY(p == bare(m)); // pieces that are alike are joined again
}

void TestPatch::grow_and_shrink() {
    const Mesh m = solids::box(0, 0, 0, 100, 100, 5);
    Paint p = bare(m);
    const Hit top = hit_at(m, {50, 50, 10}, {0, 0, -100});
    Brush(m, 10, to_one).draw(p, top, top);
    grow(m, p, 1, 3);
    COMPARE_NEAR(area(m, p), std::numbers::pi * 13 * 13, 12);
    grow(m, p, 1, -5);
    COMPARE_NEAR(area(m, p), std::numbers::pi * 8 * 8, 12);
    grow(m, p, 1, -9);
    COMPARE_NEAR(area(m, p), 0, 1e-9);
}

void TestPatch::mirrored_dab() {
    const Mesh m = solids::box(0, 0, 0, 60, 40, 10);
    const Bvh tree = build_bvh(m);
    const Hit left = hit_at(m, {10, 8, 20}, {0, 0, -100});
    const auto right = mirrored(m, tree, left, {30, 20, 5}, 0, 1);
    QVERIFY(right);
    COMPARE_NEAR(right->point.x, 50, 1e-4);
    COMPARE_NEAR(right->point.y, 8, 1e-4);
    COMPARE_NEAR(mirrored(m, tree, left, {30, 20, 5}, 1, 1)->point.y, 32, 1e-4);
    QVERIFY(!mirrored(m, tree, left, {100, 20, 5}, 0, 1)); // nothing there
}

void TestPatch::repeated_strokes_stay_small() {
    const Mesh m = solids::box(0, 0, 0, 60, 60, 5);
    Paint p = bare(m);
    Brush brush(m, 2, to_one);
    Hit last = hit_at(m, {10, 30, 10}, {0, 0, -100});
    for (int i = 1; i < 200; ++i) {
        const Hit next =
            hit_at(m, {10 + 0.2f * float(i), 30 + 3 * std::sin(0.1f * float(i)), 10}, {0, 0, -100});
        brush.draw(p, last, next);
        last = next;
    }
    std::size_t facets = 0;
    for (const auto& [t, f] : p.cut)
        facets += f.size();
    QVERIFY2(facets < 2500, qPrintable(QString::number(facets)));
}

void TestPatch::painted_side_takes_its_walls() {
    // One side of a box, 20 mm wide, 10 mm high: its strip of walls is 2 × 0.4 mm deep.
    Project p = painted_box(20, 10);
    const PatchNumber n = add_patch(p.pieces[0].parts[0], "front", 'B');
    repaint(p.pieces[0].parts[0], [&](const Mesh& m, Paint& paint) {
        paint_triangles(paint, looking(m, {0, -1, 0}, 10), [n](PatchNumber) { return n; });
    });
    const auto plan = plan_of(p);
    COMPARE_NEAR(plan->use[1].model_mm3, 20 * 0.8 * 10, 1);
    COMPARE_NEAR(plan->use[0].model_mm3 + plan->use[1].model_mm3, 20 * 20 * 10,
                 0.5); // nothing is lost or printed twice
    QCOMPARE(plan->use[1].first_layer, 1);
    QCOMPARE(plan->use[1].last_layer, 50);
}

void TestPatch::painted_top_takes_its_skins() {
    Project p = painted_box(20, 10);
    const PatchNumber n = add_patch(p.pieces[0].parts[0], "top", 'B');
    repaint(p.pieces[0].parts[0], [&](const Mesh& m, Paint& paint) {
        paint_triangles(paint, looking(m, {0, 0, 1}, 10), [n](PatchNumber) { return n; });
    });
    const auto plan = plan_of(p);
    QCOMPARE(plan->use[1].first_layer, 47); // four top skins of fifty layers
    COMPARE_NEAR(plan->use[1].model_mm3, 20 * 20 * 0.8, 0.5);
    QCOMPARE(plan->totals.changes, 1);
    // The underside: three bottom skins.
    repaint(p.pieces[0].parts[0], [&](const Mesh& m, Paint& paint) {
        paint = bare(m);
        paint_triangles(paint, looking(m, {0, 0, -1}, 10), [n](PatchNumber) { return n; });
    });
    const auto below = plan_of(p);
    QCOMPARE(below->use[1].last_layer, 3);
    COMPARE_NEAR(below->use[1].model_mm3, 20 * 20 * 0.6, 0.5);
}

void TestPatch::painted_band_takes_its_layers_only() {
    // On a slope of 6.7°, layers show 0.023 mm each: skins must not reach below the band.
    Project p = stack("", 1);
    p.pieces[0].parts.push_back(part("cone", solids::frustum(22, 15, 60, 96), 'A'));
    const PatchNumber n = add_patch(p.pieces[0].parts[0], "band", 'B');
    repaint(p.pieces[0].parts[0], [&](const Mesh& m, Paint& paint) {
        paint_heights(m, paint, 24, 36, [n](PatchNumber) { return n; });
    });
    const auto plan = plan_of(p);
    QCOMPARE(plan->use[1].first_layer, 121);
    QCOMPARE(plan->use[1].last_layer, 180);
}

void TestPatch::later_patch_wins() {
    Project p = painted_box(20, 10);
    const PatchNumber side = add_patch(p.pieces[0].parts[0], "front", 'B'),
                      top = add_patch(p.pieces[0].parts[0], "top", 'C');
    repaint(p.pieces[0].parts[0], [&](const Mesh& m, Paint& paint) {
        paint_triangles(paint, looking(m, {0, -1, 0}, 10), [side](PatchNumber) { return side; });
        paint_triangles(paint, looking(m, {0, 0, 1}, 10), [top](PatchNumber) { return top; });
    });
    const auto plan = plan_of(p);
    COMPARE_NEAR(plan->use[2].model_mm3, 20 * 20 * 0.8, 0.5);
    COMPARE_NEAR(plan->use[1].model_mm3, 20 * 0.8 * 9.2, 1);
    COMPARE_NEAR(plan->use[0].model_mm3 + plan->use[1].model_mm3 + plan->use[2].model_mm3, 4000, 0.5);
}

void TestPatch::patch_without_filament_costs_nothing() {
    Project p = painted_box(20, 10);
    add_patch(p.pieces[0].parts[0], "some", 0);
    repaint(p.pieces[0].parts[0], [](const Mesh& m, Paint& paint) {
        paint_triangles(paint, looking(m, {0, 0, 1}, 10), to_one);
    });
    const auto plan = plan_of(p);
    QCOMPARE(plan->totals.changes, 0);
    COMPARE_NEAR(plan->use[0].model_mm3, 4000, 0.5);
}

void TestPatch::recolouring_a_patch_measures_nothing_again() {
    Project p = painted_box(20, 10);
    add_patch(p.pieces[0].parts[0], "top", 'B');
    repaint(p.pieces[0].parts[0], [](const Mesh& m, Paint& paint) {
        paint_triangles(paint, looking(m, {0, 0, 1}, 10), to_one);
    });
    Planner planner;
    QVERIFY(planner.plan(p));
    p.pieces[0].parts[0].patches[0].filament = 'C';
    const auto plan = planner.plan(p);
    QVERIFY(plan);
    QCOMPARE(planner.measured(), 1);
    QVERIFY((*plan)->use[2].model_mm3 > 300);
    repaint(p.pieces[0].parts[0], [](const Mesh& m, Paint& paint) {
        paint_triangles(paint, looking(m, {1, 0, 0}, 10), to_one);
    });
    QVERIFY(planner.plan(p));
    QCOMPARE(planner.sliced(), 1); // a stroke measures, but never slices
    QCOMPARE(planner.measured(), 2);
}

void TestPatch::ply_keeps_paint() {
    const Mesh m = solids::torus(20, 7, 24, 12);
    Paint p = bare(m);
    paint_heights(m, p, -2, 3, to_one);
    const Hit h = hit_at(m, {20, 0, 50}, {0, 0, -100});
    Brush(m, 3, [](PatchNumber) -> PatchNumber { return 2; }).draw(p, h, h);
    const auto back = read_ply(write_ply(m, &p), 2);
    QVERIFY2(back, back ? "" : english(back.error().message).c_str());
    QVERIFY(back->mesh.vertices == m.vertices);
    QVERIFY(back->mesh.triangles == m.triangles);
    QVERIFY(back->paint == p);
    const auto plain = read_ply(write_ply(m, nullptr), 0);
    QVERIFY(plain && plain->paint == bare(m));
}

void TestPatch::ply_refuses_what_does_not_fit() {
    const Mesh m = solids::box(0, 0, 0, 1, 1, 1);
    Paint p = bare(m);
    p.patch[3] = 7;
    const std::string bytes = write_ply(m, &p);
    QVERIFY(read_ply(bytes, 7));
    QVERIFY(!read_ply(bytes, 6));                             // a patch that is not there
    QVERIFY(!read_ply(bytes.substr(0, bytes.size() - 1), 7)); // cut short
    QVERIFY(!read_ply("ply\n", 7));
    std::string wrong = bytes;
    wrong[bytes.find("end_header\n") + 11] = '\xff';
    wrong[bytes.find("end_header\n") + 14] = '\x7f'; // NaN
    QVERIFY(!read_ply(wrong, 7));
}

VITRAIL_TEST(TestPatch)
#include "test_patch.moc"
