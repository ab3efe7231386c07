#include "core/geometry/cut.h"
#include "core/geometry/hull.h"
#include "core/layers/bodies.h"
#include "core/patch/stroke.h"
#include "core/project/regions.h"
#include "core/study/poses.h"

#include "support.h"

#include <numbers>

using namespace vitrail;
using namespace vitrail::test;

/// Taking parts apart, putting them together, turning the piece, and what goes out as one body per filament.
class TestRegions : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void cutting_keeps_the_volume();
    void cutting_through_level_faces();
    void cavities_stay_with_their_body();
    void split_and_join();
    void joining_keeps_colours();
    void paint_follows_a_cut();
    void bands_become_parts_when_turned();
    void turning_there_and_back();
    void right_angles_are_exact();
    void base_thickened();
    void moving_a_part();
    void remove_filament_reaches_patches();
    void hull_of_known_solids();
    void resting_faces_of_a_box_and_a_tilted_one();
    void a_top_heavy_face_tips();
    void colours_beside_each_other_are_cheaper_lying();
    void poses_have_each_direction_once();
    void poses_count_support();
    void bodies_of_parts_bands_and_patches();
    void exported_patches_slice_as_planned();
    void plan_export_and_checks_agree_on_borders();
    void a_model_in_the_wrong_unit();
};

void TestRegions::cutting_keeps_the_volume() {
    for (const Mesh& m :
         {solids::torus(20, 7, 60, 30), solids::sphere(12, 48, 24), solids::frustum(20, 5, 30, 40)}) {
        const double h = double(m.bounds.max.z) - m.bounds.min.z;
        const auto slabs =
            cut_at(m, {m.bounds.min.z + 0.21 * h, m.bounds.min.z + 0.5 * h, m.bounds.min.z + 0.83 * h});
        QCOMPARE(slabs.size(), std::size_t{4});
        double sum = 0;
        for (const Derived& s : slabs) {
            QVERIFY(!s.mesh.triangles.empty());
            QCOMPARE(s.origin.size(), s.mesh.triangles.size());
            // Closed: rebuilt, it has no open edge.
            QCOMPARE(build_mesh(s.mesh.vertices, s.mesh.triangles).check.open_edges, std::size_t{0});
            sum += volume_mm3(s.mesh);
        }
        COMPARE_NEAR(sum / volume_mm3(m), 1, 1e-5);
    }
}

void TestRegions::cutting_through_level_faces() {
    // Steps whose faces lie exactly in the planes: the plane gives way by a micrometre.
    Builder b;
    add_prism(b, solids::polygon({{0, 0}, {20, 0}, {20, 20}, {0, 20}}), 0, 5);
    const Mesh box = b.build();
    const auto slabs = cut_at(box, {0, 2.5, 5});
    double sum = 0;
    for (const Derived& s : slabs)
        sum += s.mesh.triangles.empty() ? 0 : volume_mm3(s.mesh);
    COMPARE_NEAR(sum, 2000, 1e-2);
    COMPARE_NEAR(volume_mm3(slabs[1].mesh), 1000, 1);
}

void TestRegions::cavities_stay_with_their_body() {
    // A hollow ball and a solid one beside it: two bodies of three shells.
    Mesh outer = solids::sphere(10, 32, 16), inner = solids::sphere(8, 32, 16),
         beside = solids::sphere(5, 32, 16, {30, 0, 0});
    for (Triangle& t : inner.triangles)
        std::swap(t[1], t[2]);
    const Mesh all = joined({&outer, &inner, &beside}).mesh;
    QCOMPARE(all.shells, 3);
    const auto bodies = split_bodies(all);
    QCOMPARE(bodies.size(), std::size_t{2});
    COMPARE_NEAR(volume_mm3(bodies[0].mesh), volume_mm3(outer) - volume_mm3(solids::sphere(8, 32, 16)), 1);
    COMPARE_NEAR(volume_mm3(bodies[1].mesh), volume_mm3(beside), 0.1);
}

void TestRegions::split_and_join() {
    Project p = stack("", 1);
    const Mesh a = solids::box(0, 0, 0, 5, 5, 5), b = solids::box(10, 0, 0, 15, 5, 5),
               c = solids::box(20, 0, 0, 25, 5, 5);
    p.pieces[0].parts.push_back(part("feet", joined({&a, &b, &c}).mesh, 'A'));
    assign_band(p.pieces[0], 0, 1, 2, 'B');
    QCOMPARE(split_part(p, 0, 0), 3);
    QCOMPARE(p.pieces[0].parts.size(), std::size_t{3});
    QCOMPARE(p.pieces[0].parts[0].name, std::string("feet"));
    QCOMPARE(p.pieces[0].parts[2].name, std::string("feet-3"));
    QCOMPARE(p.pieces[0].bands.size(), std::size_t{3}); // each keeps the band
    QCOMPARE(split_part(p, 0, 1), 1);                   // one body: nothing to do
    p.pieces[0].parts[1].filament = 'C';
    join_parts(p.pieces[0], {0, 1, 2});
    QCOMPARE(p.pieces[0].parts.size(), std::size_t{1});
    COMPARE_NEAR(volume_mm3(*p.pieces[0].parts[0].mesh), 375, 1e-3);
    QCOMPARE(p.pieces[0].bands.size(), std::size_t{1});
    QCOMPARE(p.pieces[0].parts[0].patches.size(), std::size_t{1}); // the one in C stays, as a patch
    QCOMPARE(p.pieces[0].parts[0].patches[0].filament, 'C');
    COMPARE_NEAR(patch_areas_mm2(*p.pieces[0].parts[0].mesh, *p.pieces[0].parts[0].paint, 1)[1], 150, 1e-3);
}

void TestRegions::joining_keeps_colours() {
    Project p = row("ABA", 4);
    repaint(p.pieces[0].parts[2], [&](const Mesh& m, Paint& paint) {
        paint_triangles(paint, looking(m, {0, 0, 1}, 5), [](PatchNumber) -> PatchNumber { return 1; });
    });
    p.pieces[0].parts[2].patches.push_back({"lid", 'D'});
    join_parts(p.pieces[0], {0, 1, 2});
    QCOMPARE(p.pieces[0].parts.size(), std::size_t{1});
    QCOMPARE(p.pieces[0].parts[0].patches.size(), std::size_t{2});
    QCOMPARE(p.pieces[0].parts[0].patches[1].name, std::string("lid"));
    COMPARE_NEAR(patch_areas_mm2(*p.pieces[0].parts[0].mesh, *p.pieces[0].parts[0].paint, 2)[2], 100, 1e-3);
}

void TestRegions::paint_follows_a_cut() {
    const Mesh m = solids::box(0, 0, 0, 20, 20, 20);
    Paint p = bare(m);
    const Hit front = *cast_ray(m, build_bvh(m), {10, -5, 10}, {0, 50, 0});
    Brush(m, 6, [](PatchNumber) -> PatchNumber { return 1; }).draw(p, front, front);
    const double before = patch_areas_mm2(m, p, 1)[1];
    double after = 0;
    for (const Derived& slab : cut_at(m, {7.3, 11.9}))
        after += patch_areas_mm2(slab.mesh, carried_over(m, p, slab.mesh, slab.origin), 1)[1];
    COMPARE_NEAR(after / before, 1, 1e-3);
}

void TestRegions::bands_become_parts_when_turned() {
    Project p = stack("", 1);
    p.pieces[0].parts.push_back(part("post", solids::box(0, 0, 0, 10, 10, 30), 'A'));
    assign_band(p.pieces[0], 0, 10, 20, 'B');
    const double before = plan_of(p)->use[1].model_g;
    turn(p, 0, to_bed({1, 0, 0}));
    QVERIFY(p.pieces[0].bands.empty());
    QCOMPARE(p.pieces[0].parts.size(), std::size_t{3});
    QCOMPARE(p.pieces[0].parts[1].filament, 'B');
    QCOMPARE(p.pieces[0].parts[1].name, std::string("post 10–20"));
    COMPARE_NEAR(bounds(p.pieces[0]).max.z - bounds(p.pieces[0]).min.z, 10, 1e-3);
    COMPARE_NEAR(volume_mm3(*p.pieces[0].parts[1].mesh), 1000, 1);
    QVERIFY(plan_of(p)->use[1].model_g > 0.5 * before);
}

void TestRegions::turning_there_and_back() {
    Project p = row("AB", 6);
    repaint(p.pieces[0].parts[0], [&](const Mesh& m, Paint& paint) {
        paint_heights(m, paint, 1.5, 3.3, [](PatchNumber) -> PatchNumber { return 1; });
    });
    p.pieces[0].parts[0].patches.push_back({"band", 'C'});
    const Mesh before = *p.pieces[0].parts[0].mesh;
    const Rotation r = to_bed({0.3f, -0.8f, 0.4f});
    QVERIFY(is_rotation(r, 1e-9));
    turn(p, 0, r);
    Rotation back;
    for (int i = 0; i < 3; ++i)
        for (int j = 0; j < 3; ++j)
            back[i][j] = r[j][i];
    turn(p, 0, back);
    for (std::size_t v = 0; v < before.vertices.size(); ++v)
        QVERIFY(length(before.vertices[v] - p.pieces[0].parts[0].mesh->vertices[v]) < 1e-4f);
    COMPARE_NEAR(p.pieces[0].pose[0][0], 1, 1e-9);
    COMPARE_NEAR(patch_areas_mm2(*p.pieces[0].parts[0].mesh, *p.pieces[0].parts[0].paint, 1)[1], 4 * 10 * 1.8,
                 1e-2);
    const Vec3 d = rotated(r, {0.3f, -0.8f, 0.4f});
    COMPARE_NEAR(d.z / length(d), -1, 1e-6);
}

void TestRegions::right_angles_are_exact() {
    for (const Vec3 d : {Vec3{1, 0, 0}, Vec3{-1, 0, 0}, Vec3{0, 1, 0}, Vec3{0, 0, 1}, Vec3{0, 0, -1}})
        for (const auto& row : to_bed(d))
            for (const double v : row)
                QVERIFY(v == 0 || v == 1 || v == -1);
}

void TestRegions::base_thickened() {
    // Common practice, no source: Δ = 0.08 with h = 0.04 moves every later change by 2 layers.
    Settings s;
    s.layer_mm = 0.04;
    QCOMPARE(base_shift(s, 0.08).layers, 2);
    QCOMPARE(base_shift(s, 0.08).error_mm, 0.0);
    QCOMPARE(base_shift(s, 0.05).layers, 1);
    COMPARE_NEAR(base_shift(s, 0.05).error_mm, 0.01, 1e-12);
    Project p = stack("AB", 2);
    p.settings.layer_mm = p.settings.first_layer_mm = 0.2;
    const int before = plan_of(p)->changes[0].layer;
    thicken_base(p.pieces[0], 0.4);
    QCOMPARE(plan_of(p)->changes[0].layer, before + 2);
    COMPARE_NEAR(bounds(p.pieces[0]).max.z, 4.4, 1e-5);
    COMPARE_NEAR(bounds(p.pieces[0]).min.z, 0, 1e-9);
}

void TestRegions::moving_a_part() {
    Project p = row("AB", 3);
    move_part(p.pieces[0].parts[1], 2, -1, 0.5);
    COMPARE_NEAR(p.pieces[0].parts[1].mesh->bounds.min.x, 12, 1e-6);
    COMPARE_NEAR(p.pieces[0].parts[1].mesh->bounds.min.z, 0.5, 1e-6);
    QVERIFY(p.pieces[0].parts[1].own_mesh);
}

void TestRegions::remove_filament_reaches_patches() {
    Project p = row("AA", 3);
    add_patch(p.pieces[0].parts[0], "x", 'B');
    remove_filament(p, 'B', 'C');
    QCOMPARE(p.pieces[0].parts[0].patches[0].filament, 'C');
}

void TestRegions::hull_of_known_solids() {
    QCOMPARE(convex_hull(solids::box(0, 0, 0, 1, 2, 3).vertices).points.size(), std::size_t{8});
    QCOMPARE(convex_hull(solids::box(0, 0, 0, 1, 2, 3).vertices).faces.size(), std::size_t{12});
    // Points inside do not count.
    std::vector<Vec3> v = solids::box(0, 0, 0, 10, 10, 10).vertices;
    std::mt19937 rng(1);
    std::uniform_real_distribution<float> in(1, 9);
    for (int i = 0; i < 500; ++i)
        v.push_back({in(rng), in(rng), in(rng)});
    QCOMPARE(convex_hull(v).points.size(), std::size_t{8});
    QVERIFY(convex_hull({{0, 0, 0}, {1, 0, 0}, {0, 1, 0}, {1, 1, 0}}).faces.empty()); // flat
    QVERIFY(convex_hull({}).faces.empty());
}

void TestRegions::resting_faces_of_a_box_and_a_tilted_one() {
    const auto faces = resting_faces(convex_hull(solids::box(0, 0, 0, 10, 20, 30).vertices), {5, 10, 15});
    QCOMPARE(faces.size(), std::size_t{6});
    COMPARE_NEAR(faces[0].area_mm2, 600, 1e-3);
    COMPARE_NEAR(faces[0].margin_mm, 10, 1e-3); // half of the 20 × 30 face's shorter side
    for (const RestingFace& f : faces)
        QVERIFY(f.margin_mm > 0);
}

void TestRegions::a_top_heavy_face_tips() {
    // A flat stone on a slanted foot: its centre of mass stands outside of the small face.
    const Hull hull = convex_hull(
        {{0, 0, 0}, {4, 0, 0}, {4, 4, 0}, {0, 4, 0}, {30, 0, 40}, {40, 0, 40}, {40, 4, 40}, {30, 4, 40}});
    bool tips = false;
    for (const RestingFace& f : resting_faces(hull, {20, 2, 22}))
        if (f.outwards.z < -0.99f)
            tips = f.margin_mm < 0;
    QVERIFY(tips);
}

void TestRegions::colours_beside_each_other_are_cheaper_lying() {
    // Two blocks side by side change in every layer; turned so that one lies on the other they change once.
    const Project p = row("AB", 20);
    std::vector<PoseCost> poses;
    for (const Pose& pose : poses_of(p.pieces[0]))
        poses.push_back(study_pose(p, 0, pose));
    sort_poses(poses, PoseAim::changes);
    QCOMPARE(poses.front().totals.changes, 1);
    const auto now = std::find_if(poses.begin(), poses.end(),
                                  [](const PoseCost& c) { return c.pose.rotation == kNoRotation; });
    QVERIFY(now->totals.changes > 90);
    Project turned = p;
    turn(turned, 0, poses.front().pose.rotation);
    QCOMPARE(plan_of(turned)->totals.changes, 1);
    sort_poses(poses, PoseAim::height);
    COMPARE_NEAR(poses.front().height_mm, 10, 1e-3);
}

void TestRegions::poses_count_support() {
    // A table: upside down nothing hangs. As it stands its support is waste, time and cleaning, and it comes
    // later.
    Project p = stack("", 1);
    p.pieces[0].parts.push_back(part("leg", solids::box(10, 10, 0, 20, 20, 20), 'A'));
    p.pieces[0].parts.push_back(part("top", solids::box(0, 0, 20, 30, 30, 22), 'A'));
    const std::vector<Pose> poses = poses_of(p.pieces[0]);
    PoseCost standing = study_pose(p, 0, poses[0]), over = study_pose(p, 0, poses[1]);
    COMPARE_NEAR(standing.overhang_mm2, 30 * 30 - 10 * 10,
                 5); // seen from above; between the two bodies that touch there is none
    COMPARE_NEAR(over.overhang_mm2, 0, 1e-6);
    QVERIFY(waste_g(standing.totals) > waste_g(over.totals) + 1 && standing.price > over.price);
    std::vector<PoseCost> both{standing, over};
    sort_poses(both, PoseAim::price);
    QCOMPARE(english(both.front().pose.name), std::string("upside down"));
    // Lettering that the support would touch is not put there for a little less tower.
    p.pieces[0].parts.push_back(part("letters", solids::box(3, 3, 19.6, 8, 8, 20), 'A'));
    PoseCost scarred = study_pose(p, 0, poses[0]);
    QVERIFY(scarred.scarred_mm2 > 20);
    scarred.price = over.price - 0.03;
    both = {scarred, over};
    sort_poses(both, PoseAim::price);
    QCOMPARE(english(both.front().pose.name), std::string("upside down"));
}

void TestRegions::poses_have_each_direction_once() {
    const Project p = row("AB", 20);
    const auto poses = poses_of(p.pieces[0]);
    QCOMPARE(poses.size(), std::size_t{6}); // a box rests on its axes only
    QVERIFY(poses.front().rotation == kNoRotation);
    Project ball = stack("", 1);
    ball.pieces[0].parts.push_back(part("ball", solids::sphere(10, 60, 30), 'A'));
    QCOMPARE(poses_of(ball.pieces[0]).size(), std::size_t(kMostPoses));
}

void TestRegions::bodies_of_parts_bands_and_patches() {
    Project p = stack("AB", 4);
    assign_band(p.pieces[0], 0, 1, 2, 'C');
    const auto plan = plan_of(p);
    const auto bodies =
        filament_bodies(p, p.pieces[0], *plan->pieces[0].table, *plan->pieces[0].demand, plan->pieces[0]);
    QCOMPARE(bodies.size(), std::size_t{3});
    COMPARE_NEAR(volume_mm3(bodies[0].mesh), 300, 0.5);
    COMPARE_NEAR(volume_mm3(bodies[1].mesh), 400, 1e-2);
    COMPARE_NEAR(volume_mm3(bodies[2].mesh), 100, 0.5);
}

void TestRegions::exported_patches_slice_as_planned() {
    Project p = stack("", 1);
    p.pieces[0].parts.push_back(part("cone", solids::frustum(12, 8, 12, 48), 'A'));
    p.settings.infill_pct = 100;
    const PatchNumber n = add_patch(p.pieces[0].parts[0], "band", 'B');
    repaint(p.pieces[0].parts[0], [&](const Mesh& m, Paint& paint) {
        paint_heights(m, paint, 4, 8, [n](PatchNumber) { return n; });
    });
    const auto plan = plan_of(p);
    const auto bodies =
        filament_bodies(p, p.pieces[0], *plan->pieces[0].table, *plan->pieces[0].demand, plan->pieces[0]);
    QCOMPARE(bodies.size(), std::size_t{2});
    // Read back as parts and planned: the same grams in the same layers, and no overlap.
    Project q = stack("", 1);
    for (const FilamentBody& b : bodies)
        q.pieces[0].parts.push_back(part(b.filament ? "B" : "A", b.mesh, b.filament ? 'B' : 'A'));
    q.settings.infill_pct = 100;
    const auto again = plan_of(q);
    for (int f = 0; f < 2; ++f) {
        COMPARE_NEAR(again->use[f].model_mm3, plan->use[f].model_mm3, 0.5);
        QCOMPARE(again->use[f].first_layer, plan->use[f].first_layer);
        QCOMPARE(again->use[f].last_layer, plan->use[f].last_layer);
    }
    QVERIFY(!has(*again, "overlap"));
    QCOMPARE(again->totals.changes, plan->totals.changes);
}

void TestRegions::plan_export_and_checks_agree_on_borders() {
    // Borders at and around the middles of layers, where rounding could tip either way; the export read back
    // tells what it did.
    int looked = 0;
    for (const double first : {0.16, 0.2, 0.24, 0.3})
        for (const double height : {0.04, 0.08, 0.1, 0.2, 0.28})
            for (int n = 2; n < 12; ++n)
                for (const double off : {-1e-3, -1e-7, 0.0, 1e-7, 1e-3}) {
                    Project p = stack("A", first + 14 * height);
                    p.settings.first_layer_mm = first;
                    p.settings.layer_mm = height;
                    const LayerGrid grid = make_grid(first, height, first + 14 * height);
                    const double border = grid.middle_mm(n) + off;
                    assign_band(p.pieces[0], 0, border, 1000, 'B');
                    const auto plan = plan_of(p);
                    QVERIFY(plan);
                    QCOMPARE(plan->changes.size(), std::size_t{1});
                    double lowest = 1e9;
                    for (const FilamentBody& b : filament_bodies(p, p.pieces[0], *plan->pieces[0].table,
                                                                 *plan->pieces[0].demand, plan->pieces[0]))
                        if (b.filament == 1)
                            lowest = b.mesh.bounds.min.z;
                    COMPARE_NEAR(lowest, plan->grid.bottom_mm(plan->changes[0].layer),
                                 2e-3); // cuts may lie a µm higher
                    QCOMPARE(
                        int(plan->pieces[0].owner[0][static_cast<std::size_t>(plan->changes[0].layer) - 1]),
                        1);
                    QCOMPARE(
                        int(plan->pieces[0].owner[0][static_cast<std::size_t>(plan->changes[0].layer) - 2]),
                        0);
                    if (std::abs(off) > 1e-4)
                        QCOMPARE(plan->changes[0].layer, off < 0 ? n : n + 1);
                    ++looked;
                }
    QCOMPARE(looked, 4 * 5 * 10 * 5);
}

void TestRegions::a_model_in_the_wrong_unit() {
    // A 50.8 mm cube exported in inches: 2 units. With a band at half its height, and paint on its top.
    Project p;
    p.machine = *find_machine("hand-swap");
    QVERIFY(add_model(p, 0, "cube.stl", write_stl(solids::box(0, 0, 0, 2, 2, 2), "cube")));
    p.filaments.push_back(pla('B', "#112233"));
    p.settings.layer_mm = p.settings.first_layer_mm = 0.1;
    assign_band(p.pieces[0], 0, 0, 1, 'B');
    const PatchNumber n = patch_with(p.pieces[0].parts[0], 'B', "top");
    repaint(p.pieces[0].parts[0], [&](const Mesh& m, Paint& paint) {
        paint_triangles(paint, looking(m, {0, 0, 1}, 10), [n](PatchNumber) { return n; });
    });
    const auto plan = plan_of(p);
    QVERIFY(has(*plan, "unit"));
    const Finding& f = finding(*plan, "unit");
    QCOMPARE(f.fixes.size(), std::size_t{2}); // inches or centimetres; in metres it would not fit the printer
    QVERIFY(english(f.fixes[0].label).find("inches") != std::string::npos);
    f.fixes[0].apply(p);
    COMPARE_NEAR(p.pieces[0].parts[0].mesh->bounds.max.z, 50.8, 1e-3);
    COMPARE_NEAR(p.pieces[0].bands[0].z1_mm, 25.4, 1e-6);
    QVERIFY(!has(*plan_of(p), "unit"));
    // Kept in the file, and the model file is still the one that was read.
    const auto back = read_archive(*write_archive(p));
    QVERIFY(back);
    COMPARE_NEAR(back->models[0].scale, 25.4, 1e-12);
    COMPARE_NEAR(volume_mm3(*back->pieces[0].parts[0].mesh), 50.8 * 50.8 * 50.8, 1);
    QVERIFY(!back->pieces[0].parts[0].own_mesh);
    COMPARE_NEAR(patch_areas_mm2(*back->pieces[0].parts[0].mesh, *back->pieces[0].parts[0].paint, 1)[1],
                 50.8 * 50.8, 0.1);
    // The other way round: a millimetre file read as inches is larger than the printer.
    scale_model(p, 0, 25.4);
    const Finding large = finding(*plan_of(p), "unit");
    QVERIFY(english(large.message).find("more than the printer holds") != std::string::npos);
    large.fixes[0].apply(p);
    COMPARE_NEAR(p.pieces[0].parts[0].mesh->bounds.max.z, 50.8, 1e-2);
}

VITRAIL_TEST(TestRegions)
#include "test_regions.moc"
