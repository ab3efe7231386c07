#include "core/layers/bodies.h"
#include "core/layers/patches.h"
#include "core/patch/stroke.h"
#include "core/project/regions.h"
#include "core/purge/plate.h"
#include "core/run_sheet/run_sheet.h"

#include "support.h"

using namespace vitrail;
using namespace vitrail::test;

/// What must hold for any painting: nothing printed twice, nothing lost, patches inside their part and beside
/// each other. Random paintings with fixed seeds, over solids of several kinds.
class TestPaintPlan : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void painting_conserves_volume_data();
    void painting_conserves_volume();
    void patches_lie_inside_and_apart_data() { painting_conserves_volume_data(); }
    void patches_lie_inside_and_apart();
    void exported_bodies_fill_the_piece_data() { painting_conserves_volume_data(); }
    void exported_bodies_fill_the_piece();
    void painting_in_the_own_filament_changes_nothing();
    void walls_deeper_take_more();
    void more_skins_take_more();
    void regions_add_up_to_filaments();
    void layers_add_up_to_what_is_used();
    void turning_keeps_paint_where_it_is();
    void bands_and_patches_together();
    void run_sheet_says_what_the_lettering_needs();
    void two_jobs_agree();
    void run_sheet_leaves_nothing_to_remember();
    void run_sheet_names_spools_and_drying();
    void run_sheet_says_where_things_stand();

private:
    Project painted(unsigned seed);
};

Project TestPaintPlan::painted(unsigned seed) {
    std::mt19937 rng(seed);
    const auto pick = [&](double low, double high) {
        return low + (high - low) * double(rng() % 1000) / 1000;
    };
    Project p = stack("", 1, "feeder-4");
    Mesh m;
    switch (seed % 4) {
    case 0:
        m = solids::box(0, 0, 0, pick(8, 20), pick(8, 20), pick(4, 10));
        break;
    case 1:
        m = solids::frustum(pick(6, 10), pick(2, 12), pick(4, 9), 24);
        break;
    case 2:
        m = solids::torus(pick(8, 11), pick(2, 4), 32, 16);
        break;
    default:
        m = solids::sphere(pick(4, 7), 24, 12);
        break;
    }
    p.pieces[0].parts.push_back(part("piece", std::move(m), 'A'));
    p.settings.infill_pct = 100;
    Part& part = p.pieces[0].parts[0];
    const Bvh tree = build_bvh(*part.mesh);
    for (int i = 0; i < 4; ++i) {
        const PatchNumber n = add_patch(part, "patch", static_cast<char>('B' + i % 3));
        const auto to = [n](PatchNumber) { return n; };
        repaint(part, [&](const Mesh& mesh, Paint& paint) {
            const Bounds& b = mesh.bounds;
            switch (rng() % 4) {
            case 0: {
                const double z = pick(b.min.z, b.max.z);
                paint_heights(mesh, paint, z, z + pick(0.3, 3), to);
                break;
            }
            case 1:
                paint_triangles(
                    paint,
                    looking(mesh, {float(pick(-1, 1)), float(pick(-1, 1)), float(pick(-1, 1))}, pick(20, 60)),
                    to);
                break;
            default: {
                const Vec3 over{float(pick(b.min.x, b.max.x)), float(pick(b.min.y, b.max.y)), b.max.z + 10};
                if (const auto hit = cast_ray(mesh, tree, over, {0, 0, -100}))
                    Brush(mesh, float(pick(0.6, 4)), to).draw(paint, *hit, *hit);
            }
            }
        });
    }
    drop_empty_patches(part);
    return p;
}

void TestPaintPlan::painting_conserves_volume_data() {
    QTest::addColumn<unsigned>("seed");
    for (unsigned s = 0; s < 16; ++s)
        QTest::addRow("%u", s) << s;
}

void TestPaintPlan::painting_conserves_volume() {
    QFETCH(unsigned, seed);
    const Project p = painted(seed);
    Project bare_piece = p;
    bare_piece.pieces[0].parts[0].paint = nullptr;
    bare_piece.pieces[0].parts[0].patches.clear();
    const auto with = plan_of(p), without = plan_of(bare_piece);
    QVERIFY(with && without);
    double a = 0, b = 0;
    for (int l = 1; l <= with->grid.count; ++l) {
        double layer = 0, whole = 0;
        for (int f = 0; f < with->filaments; ++f) {
            layer += with->model_in(l, f);
            whole += without->model_in(l, f);
        }
        // Solid inside: what a patch takes, the body no longer has, layer by layer.
        COMPARE_NEAR(layer, whole, 0.02 * whole + 0.02);
        a += layer;
        b += whole;
    }
    COMPARE_NEAR(a / b, 1, 2e-3);
}

void TestPaintPlan::patches_lie_inside_and_apart() {
    QFETCH(unsigned, seed);
    const Project p = painted(seed);
    const auto plan = plan_of(p);
    const auto& patches = plan->pieces[0].demand->patches[0];
    for (int l = 1; l <= plan->grid.count; ++l) {
        const Paths& outline = plan->pieces[0].table->parts[0].layers[l - 1];
        Paths before;
        double sum = 0;
        for (const PatchDemand& patch : patches) {
            const Paths& area = patch.layers[l - 1];
            COMPARE_NEAR(area_mm2(subtract(area, outline)), 0, 0.02);
            COMPARE_NEAR(area_mm2(intersect(area, before)), 0, 0.02);
            before = unite(before, area);
            sum += area_mm2(area);
            COMPARE_NEAR(patch.mm3[l - 1], area_mm2(area) * plan->grid.thickness_mm(l), 1e-6);
        }
        QVERIFY(sum <= area_mm2(outline) + 0.05);
    }
}

void TestPaintPlan::exported_bodies_fill_the_piece() {
    QFETCH(unsigned, seed);
    const Project p = painted(seed);
    const auto plan = plan_of(p);
    double volume = 0, sliced = 0;
    for (const FilamentBody& b :
         filament_bodies(p, p.pieces[0], *plan->pieces[0].table, *plan->pieces[0].demand, plan->pieces[0]))
        volume += volume_mm3(b.mesh);
    for (int l = 1; l <= plan->grid.count; ++l)
        sliced += area_mm2(plan->pieces[0].table->parts[0].layers[l - 1]) * plan->grid.thickness_mm(l);
    COMPARE_NEAR(volume / sliced, 1, 0.02);
}

void TestPaintPlan::painting_in_the_own_filament_changes_nothing() {
    Project p = painted(0);
    for (Patch& patch : p.pieces[0].parts[0].patches)
        patch.filament = 'A';
    const auto plan = plan_of(p);
    QCOMPARE(plan->totals.changes, 0);
    const auto bodies =
        filament_bodies(p, p.pieces[0], *plan->pieces[0].table, *plan->pieces[0].demand, plan->pieces[0]);
    QCOMPARE(bodies.size(), std::size_t{1});
    QVERIFY(bodies[0].mesh.triangles ==
            p.pieces[0].parts[0].mesh->triangles); // not layered: it is the mesh itself
}

void TestPaintPlan::walls_deeper_take_more() {
    Project p = stack("", 1);
    p.pieces[0].parts.push_back(part("box", solids::box(0, 0, 0, 20, 20, 6), 'A'));
    const PatchNumber n = add_patch(p.pieces[0].parts[0], "side", 'B');
    repaint(p.pieces[0].parts[0], [&](const Mesh& m, Paint& paint) {
        paint_triangles(paint, looking(m, {1, 0, 0}, 5), [n](PatchNumber) { return n; });
    });
    double before = 0;
    for (const double walls : {0.0, 1.0, 2.0, 4.0}) {
        p.settings.walls = walls;
        const double mm3 = plan_of(p)->use[1].model_mm3;
        COMPARE_NEAR(mm3, 20 * 6 * 0.4 * std::max(1.0, walls), 1); // at least one line
        QVERIFY(mm3 >= before);
        before = mm3;
    }
}

void TestPaintPlan::more_skins_take_more() {
    Project p = stack("", 1);
    p.pieces[0].parts.push_back(part("box", solids::box(0, 0, 0, 20, 20, 6), 'A'));
    const PatchNumber n = add_patch(p.pieces[0].parts[0], "top", 'B');
    repaint(p.pieces[0].parts[0], [&](const Mesh& m, Paint& paint) {
        paint_triangles(paint, looking(m, {0, 0, 1}, 5), [n](PatchNumber) { return n; });
    });
    for (const double skins : {0.0, 1.0, 3.0, 7.0}) {
        p.settings.top_skins = skins;
        COMPARE_NEAR(plan_of(p)->use[1].model_mm3, 400 * 0.2 * std::max(1.0, skins), 1);
    }
}

void TestPaintPlan::regions_add_up_to_filaments() {
    Project p = painted(5);
    assign_band(p.pieces[0], 0, 1, 2, 'D');
    p.settings.copies = 3;
    const auto plan = plan_of(p);
    std::vector<double> g(static_cast<std::size_t>(plan->filaments), 0);
    for (const RegionUse& r : plan->pieces[0].regions) {
        const Part& part = p.pieces[0].parts[static_cast<std::size_t>(r.part)];
        const char letter = r.patch       ? part.patches[static_cast<std::size_t>(r.patch) - 1].filament
                            : r.band >= 0 ? p.pieces[0].bands[static_cast<std::size_t>(r.band)].filament
                                          : part.filament;
        g[static_cast<std::size_t>(find_filament(p, letter))] += r.g;
    }
    for (int f = 0; f < plan->filaments; ++f)
        COMPARE_NEAR(g[static_cast<std::size_t>(f)], plan->use[static_cast<std::size_t>(f)].model_g, 1e-6);
}

void TestPaintPlan::layers_add_up_to_what_is_used() {
    const auto plan = plan_of(painted(6));
    for (const FilamentUse& u : plan->use) {
        double sum = 0;
        for (const double g : u.g_by_layer)
            sum += g;
        COMPARE_NEAR(sum, u.total_g + u.first_load_g, 1e-6);
    }
}

void TestPaintPlan::turning_keeps_paint_where_it_is() {
    Project p = painted(9);
    const Part before = p.pieces[0].parts[0];
    turn(p, 0, to_bed({0.2f, 0.9f, -0.3f}));
    const auto a = patch_areas_mm2(*before.mesh, *before.paint, static_cast<int>(before.patches.size()));
    const auto b = patch_areas_mm2(*p.pieces[0].parts[0].mesh, *p.pieces[0].parts[0].paint,
                                   static_cast<int>(p.pieces[0].parts[0].patches.size()));
    QCOMPARE(a.size(), b.size());
    for (std::size_t i = 0; i < a.size(); ++i)
        COMPARE_NEAR(b[i], a[i], 1e-3 * a[i] + 1e-3);
}

void TestPaintPlan::bands_and_patches_together() {
    // The band has the inside, the patch the surface, also within the band.
    Project p = stack("", 1);
    p.pieces[0].parts.push_back(part("box", solids::box(0, 0, 0, 20, 20, 6), 'A'));
    p.settings.infill_pct = 100;
    const PatchNumber n = add_patch(p.pieces[0].parts[0], "side", 'B');
    repaint(p.pieces[0].parts[0], [&](const Mesh& m, Paint& paint) {
        paint_triangles(paint, looking(m, {1, 0, 0}, 5), [n](PatchNumber) { return n; });
    });
    assign_band(p.pieces[0], 0, 2, 4, 'C');
    const auto plan = plan_of(p);
    COMPARE_NEAR(plan->use[1].model_mm3, 20 * 0.8 * 6, 1);
    COMPARE_NEAR(plan->use[2].model_mm3, (20 * 20 - 20 * 0.8) * 2, 2);
    COMPARE_NEAR(plan->use[0].model_mm3, (20 * 20 - 20 * 0.8) * 4, 2);
}

void TestPaintPlan::run_sheet_says_what_the_lettering_needs() {
    Project p = stack("AB", 2);
    const auto says = [&](const char* what) {
        const auto plan = plan_of(p);
        const RunSheet sheet = make_run_sheet(p, *plan);
        return std::any_of(sheet.preparation.begin(), sheet.preparation.end(),
                           [&](const Message& s) { return english(s).find(what) != std::string::npos; });
    };
    QVERIFY(!says("Job one"));
    p.settings.lettering_two_jobs = true;
    QVERIFY(!says("Job one")); // there is no lettering
    QVERIFY(!says("release coat"));
    p.settings.release_coat = true;
    QVERIFY(says("release coat"));
    QVERIFY(!says("file it off"));
    p.pieces[0].parts[0].sacrificial = true;
    QVERIFY(says("600 to 2000 grit"));
}

void TestPaintPlan::two_jobs_agree() {
    // Lettering face down, printed as outlines first and then printed over: plan, sheet and findings say the
    // same.
    const Paths plate = solids::polygon({{-5, -5}, {60, -5}, {60, 12}, {-5, 12}}),
                letters = solids::lettering("TIDE", 0, 0, 5, 0.5);
    const auto body = [](const Paths& outline, double z0, double z1) {
        Builder b;
        add_prism(b, outline, z0, z1);
        return b.build();
    };
    Project p = stack("AB", 1);
    p.pieces[0].parts = {part("plate", body(subtract(plate, letters), 0, 0.4), 'A'),
                         part("cover", body(plate, 0.4, 3), 'A'),
                         part("letters", body(letters, 0, 0.4), 'B')};
    p.settings.layer_mm = p.settings.first_layer_mm = 0.2;
    const auto one_job = plan_of(p);
    QVERIFY(one_job->totals.changes > 0 && !one_job->first_job);
    finding(*one_job, "first-layer-lettering").fixes[1].apply(p);
    const auto plan = plan_of(p);
    QCOMPARE(plan->totals.changes, 0); // no swap in layer 1, nor anywhere
    QCOMPARE(plan->use[1].printed_mm3(), 0.0);
    QVERIFY(plan->first_job);
    QCOMPARE(plan->first_job->parts, std::vector<std::string>{"letters"});
    // The outlines, one line wide, one layer of 0.2 mm: no more than all of the letters, no less than half of
    // their edges.
    const double line = p.settings.line_width_mm * 0.2;
    QVERIFY(plan->first_job->mm3 <= 1.1 * perimeter_mm(letters) * line &&
            plan->first_job->mm3 >= 0.5 * perimeter_mm(letters) * line);
    QVERIFY(plan->first_job->start_s > 300 && plan->first_job->print_s > 2);
    // Nothing of the piece is lost: the letters are printed over in the plate's filament.
    Project in_one = p;
    in_one.settings.lettering_two_jobs = false; // with the same first layer
    const auto apart = plan_of(in_one);
    COMPARE_NEAR(plan->use[0].model_mm3, apart->use[0].model_mm3 + apart->use[1].model_mm3, 1e-6);
    const RunSheet sheet = make_run_sheet(p, *plan);
    const auto says = [&](const char* what) {
        return std::any_of(sheet.preparation.begin(), sheet.preparation.end(),
                           [&](const Message& s) { return english(s).find(what) != std::string::npos; });
    };
    QVERIFY(says("Job one, a start and a file of its own") && says("skirt and prime line off") &&
            says("Job two")); // common practice, no source
    QCOMPARE(sheet.filaments.size(), std::size_t{2});
    QVERIFY(sheet.filaments[1].first_job);
    QVERIFY(sheet.changes.empty());
    // The second first layer must be thicker than the first job's (common practice, no source): else it is an
    // error, with its fix.
    QVERIFY(!has(*plan, "second-job"));
    p.settings.first_layer_mm = 0.2;
    const auto over_it = plan_of(p);
    const Finding& thin = finding(*over_it, "second-job");
    QVERIFY(thin.severity == Severity::error);
    thin.fixes[0].apply(p);
    QVERIFY(!has(*plan_of(p), "second-job"));
}

void TestPaintPlan::run_sheet_leaves_nothing_to_remember() {
    Project p = stack("AB", 3);
    p.filaments[1] = make_filament('B', Material::CoPolyester, {200, 160, 60}, "lamp glow");
    p.settings.start_hour = 13;
    p.settings.purge_to = PurgeTo::skirt;
    p.settings.support = SupportStyle::columns;
    p.pieces[0].parts.push_back(part("arm", solids::box(10, 0, 4, 25, 10, 6), 'A'));
    const auto plan = plan_of(p);
    const RunSheet sheet = make_run_sheet(p, *plan);
    // Per filament: heat, drying (common practice, no source: 6 h at 55 °C), spools.
    QVERIFY(english(sheet.filaments[1].heat).find("190 to 230") != std::string::npos);
    QVERIFY(english(sheet.filaments[1].drying).find("6 h at 55 \u00b0C") != std::string::npos);
    QVERIFY(english(sheet.filaments[1].handling).find("retract 1 mm at 20 mm/s") != std::string::npos);
    const auto value = [&](const char* what) -> std::string {
        for (const auto& [name, text] : sheet.values)
            if (english(name) == what)
                return english(text);
        return "missing";
    };
    QCOMPARE(value("walls"), std::string("2"));
    QCOMPARE(value("top skins"), std::string("4 layers"));
    QCOMPARE(value("line width"), std::string("0.40 mm"));
    QCOMPARE(value("interface layers"), std::string("3 layers"));
    QCOMPARE(value("gap above support"), std::string("1 layer"));
    // Every change with a time of day, in order.
    QVERIFY(!sheet.changes.empty());
    QVERIFY(sheet.changes.front().clock >= "13:05" && sheet.changes.front().clock < "20:00");
    Project late;
    late.settings.start_hour = 22;
    QCOMPARE(clock_at(late, 3 * 3600), std::string("01:00 +1"));
    // The clock is put back that night: three hours later it shows 00:00 + 3 − 1.
    late.start_date = "2026-10-24";
    const Zone zone{{{0, 7200}, {*parse_instant("2026-10-25T01:00:00Z", {}), 3600}}};
    QCOMPARE(clock_at(late, 3 * 3600, zone), std::string("01:00 +1"));
    QCOMPARE(clock_at(late, 6 * 3600, zone), std::string("03:00 +1"));
    // What the skirt takes, and what becomes of the rest.
    const auto line = std::find_if(sheet.preparation.begin(), sheet.preparation.end(), [](const Message& s) {
        return english(s).find("skirt") != std::string::npos;
    });
    QVERIFY(line != sheet.preparation.end());
    QVERIFY2(english(*line).find(fmt::format("{:.0f} mm\u00b3 of the purge", plan->skirt.purge_mm3)) !=
                 std::string::npos,
             english(*line).c_str());
    QCOMPARE(english(*line).find("no room") != std::string::npos, plan->skirt.overflow_mm3 >= 1);
    // The plate as it is planned.
    QCOMPARE(sheet.plate.shapes.size(), plan->plate.placed.size() + plan->plate.towers.size());
    QVERIFY(!sheet.plate.skirt.empty());
}

void TestPaintPlan::run_sheet_names_spools_and_drying() {
    Project p = stack("AB", 10);
    p.settings.infill_pct = 100;
    p.filaments[1] = make_filament('B', Material::TPU, {90, 90, 90});
    p.filaments[0].spools = {{"S-1", 0.5}, {"S-2", 900}};
    const auto plan = plan_of(p);
    std::string all;
    for (const Message& s : make_run_sheet(p, *plan).preparation)
        all += english(s) + "\n";
    QVERIFY2(all.find("Spool S-1 of A is empty in layer") != std::string::npos, all.c_str());
    QVERIFY(all.find("have spool S-2 ready") != std::string::npos);
    QVERIFY(all.find("Dry B, TPU: 6 h at 55 °C") != std::string::npos);
}

void TestPaintPlan::run_sheet_says_where_things_stand() {
    const auto places = [](const Project& p) {
        const auto plan = plan_of(p);
        for (const Message& s : make_run_sheet(p, *plan).preparation)
            if (english(s).find("On the bed") == 0)
                return english(s);
        return std::string();
    };
    Project p = stack("AB", 4); // by hand: no tower, and the piece in the middle
    QVERIFY(places(p).empty());
    p.settings.copies = 2;
    const std::string two = places(p);
    QVERIFY2(two.find("copies at (") != std::string::npos && two.find("tower") == std::string::npos,
             two.c_str());
    // What it says is the plate's.
    p = row("AB", 4);
    p.settings.purge_to = PurgeTo::tower;
    const auto plan = plan_of(p);
    const Plate plate = plan->plate;
    QVERIFY(plate.fits && plate.towers.size() == 1);
    char tower[64];
    std::snprintf(tower, sizeof tower, "the tower at (%.0f, %.0f).", plate.towers[0].x_mm,
                  plate.towers[0].y_mm);
    QVERIFY2(places(p).find(tower) != std::string::npos, places(p).c_str());
    p.settings.copies = 400; // more than the bed holds
    QVERIFY(places(p).empty());
}

VITRAIL_TEST(TestPaintPlan)
#include "test_paint_plan.moc"
