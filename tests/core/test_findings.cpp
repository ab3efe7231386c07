#include "support.h"

#include <set>

using namespace vitrail;
using namespace vitrail::test;

/// Every check has a case that it must find and one that it must not.
class TestFindings : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void a_good_piece_has_none();
    void no_bond();
    void no_bond_between_bands();
    void no_bond_is_told_at_the_first_meeting();
    void experimental_bond();
    void unassigned();
    void overlap_and_its_fix();
    void temperature_windows();
    void bed_window();
    void off_bed();
    void slots_short();
    void tower();
    void layer_heights();
    void band_between_layers();
    void hands_within_layers();
    void open_mesh();
    void sorted_by_severity();
};

void TestFindings::a_good_piece_has_none() {
    Project p = stack("AB", 2.0);
    for (Filament& f : p.filaments)
        f.class_confirmed = true;
    QVERIFY(plan_of(p)->findings.empty());
}

void TestFindings::no_bond() {
    Project p = stack("AB", 2.0);
    p.filaments[1] = make_filament('B', Material::PETG, {200, 60, 40});
    const auto plan = plan_of(p);
    const Finding& f = finding(*plan, "no-bond");
    QCOMPARE(f.severity, Severity::error);
    QCOMPARE(f.layer, 11); // where they first meet
    QCOMPARE(f.parts, (std::vector<int>{0, 1}));
    QVERIFY(!f.fixes.empty());
    f.fixes[0].apply(p);
    QVERIFY(!has(*plan_of(p), "no-bond"));
    // Two bodies that do not touch may be of any two materials.
    Project apart = stack("", 1);
    apart.filaments[1] = make_filament('B', Material::PETG, {200, 60, 40});
    apart.pieces[0].parts = {part("one", solids::box(0, 0, 0, 10, 10, 2), 'A'),
                             part("two", solids::box(15, 0, 0, 25, 10, 2), 'B')};
    QVERIFY(!has(*plan_of(apart), "no-bond"));
    apart.pieces[0].parts[1] = part("two", solids::box(10, 0, 0, 25, 10, 2), 'B');
    QVERIFY(has(*plan_of(apart), "no-bond"));
}

void TestFindings::no_bond_between_bands() {
    Project p = stack("A", 4.0);
    p.filaments[1] = make_filament('B', Material::CoPolyester, {200, 60, 40});
    assign_band(p.pieces[0], 0, 2, 3, 'B');
    QCOMPARE(finding(*plan_of(p), "no-bond").layer, 11);
}

void TestFindings::no_bond_is_told_at_the_first_meeting() {
    // A mast beside two signs, one low and one high; the mast changes to another filament between them.
    Project p = stack("", 1);
    p.filaments[3] = make_filament('D', Material::PETG, {200, 60, 40});
    Mesh signs = solids::box(10, 0, 1, 14, 10, 2), high = solids::box(10, 0, 6, 14, 10, 7);
    const auto base = static_cast<std::uint32_t>(signs.vertices.size());
    std::vector<Vec3> v = signs.vertices;
    std::vector<Triangle> t = signs.triangles;
    v.insert(v.end(), high.vertices.begin(), high.vertices.end());
    for (const Triangle& x : high.triangles)
        t.push_back({x[0] + base, x[1] + base, x[2] + base});
    p.pieces[0].parts = {part("mast", solids::box(0, 0, 0, 10, 10, 10), 'A'),
                         part("signs", build_mesh(v, t), 'D')};
    assign_band(p.pieces[0], 0, 4, 10, 'B');
    const auto plan = plan_of(p);
    std::set<int> layers;
    for (const Finding& f : plan->findings)
        if (f.code == "no-bond")
            layers.insert(f.layer);
    QCOMPARE(layers, (std::set<int>{6, 31})); // A and D from 1.0 mm, B and D from 6.0 mm
}

void TestFindings::experimental_bond() {
    Project p = stack("AB", 2.0);
    p.filaments[1] = make_filament('B', Material::TPU, {200, 60, 40});
    QCOMPARE(finding(*plan_of(p), "experimental-bond").severity, Severity::warning);
}

void TestFindings::unassigned() {
    Project p = stack("AB", 2.0);
    p.pieces[0].parts[1].filament = 0;
    const auto plan = plan_of(p);
    QCOMPARE(finding(*plan, "unassigned").severity, Severity::error);
    finding(*plan, "unassigned").fixes.at(0).apply(p);
    QVERIFY(!has(*plan_of(p), "unassigned"));
}

void TestFindings::overlap_and_its_fix() {
    Project p = stack("", 1);
    p.pieces[0].parts = {part("plate", solids::box(0, 0, 0, 10, 10, 2), 'A'),
                         part("inlay", solids::box(6, 6, 1, 12, 12, 2), 'B')};
    const auto plan = plan_of(p);
    const Overlap& o = plan->pieces[0].table->overlaps.at(0);
    COMPARE_NEAR(o.mm3, 16, 0.01); // 4 × 4 over 1 mm
    QCOMPARE(o.from_layer, 6);
    QCOMPARE(o.to_layer, 10);
    COMPARE_NEAR(o.x_mm, 8, 0.01);
    // The later one wins: the plate lost the corner.
    COMPARE_NEAR(area_mm2(plan->pieces[0].table->parts[0].layers[7]), 84, 1e-6);
    COMPARE_NEAR(area_mm2(plan->pieces[0].table->parts[1].layers[7]), 36, 1e-6);
    finding(*plan, "overlap").fixes.at(0).apply(p);
    QCOMPARE(p.pieces[0].parts[1].name, std::string("plate"));
    COMPARE_NEAR(area_mm2(plan_of(p)->pieces[0].table->parts[1].layers[7]), 100, 1e-6);
    // Neighbours that share a wall do not overlap.
    QVERIFY(!has(*plan_of(row("AB", 2.0)), "overlap"));
}

void TestFindings::temperature_windows() {
    Project p = row("AB", 2.0);
    p.filaments[1].nozzle_c = {240, 260};
    QCOMPARE(finding(*plan_of(p), "temperature-window").severity, Severity::warning);
    p.machine = *find_machine("twin"); // a nozzle each
    QCOMPARE(finding(*plan_of(p), "temperature-window").severity, Severity::note);
    p.filaments[1].nozzle_c = {230, 260};
    QVERIFY(!has(*plan_of(p), "temperature-window"));
}

void TestFindings::bed_window() {
    Project p = row("AB", 2.0);
    p.filaments[1].bed_c = {80, 100};
    QCOMPARE(finding(*plan_of(p), "bed-window").severity, Severity::error);
    p.filaments[1].bed_c = {60, 100};
    QVERIFY(!has(*plan_of(p), "bed-window"));
}

void TestFindings::off_bed() {
    Project p = stack("", 1);
    p.pieces[0].parts = {part("long", solids::box(0, 0, 0, 221, 10, 2), 'A')};
    QVERIFY(has(*plan_of(p), "off-bed"));
    p.pieces[0].parts = {part("long", solids::box(0, 0, 0, 219, 10, 2), 'A')};
    QVERIFY(!has(*plan_of(p), "off-bed"));
    // Copies: 62 × 36 with 5 between fit 3 × 5 times on 220 × 220.
    p.pieces[0].parts = {part("badge", solids::box(0, 0, 0, 62, 36, 2), 'A')};
    p.settings.copies = 15;
    QVERIFY(!has(*plan_of(p), "off-bed"));
    p.settings.copies = 16;
    const auto plan = plan_of(p);
    finding(*plan, "off-bed").fixes.at(0).apply(p);
    QCOMPARE(p.settings.copies, 15.0);
}

void TestFindings::slots_short() {
    Project p = row("ABCD", 2.0);
    QVERIFY(!has(*plan_of(p), "slots-short"));
    p.filaments.push_back(pla('E', "#00aa00"));
    p.pieces[0].parts.push_back(part("fifth", solids::box(40, 0, 0, 50, 10, 2), 'E'));
    QCOMPARE(finding(*plan_of(p), "slots-short").severity, Severity::warning);
}

void TestFindings::tower() {
    Project p = row("AB", 60.0);
    p.settings.purge_to = PurgeTo::tower;
    QVERIFY(!has(*plan_of(p), "tower-slender"));
    p.settings.tower_width_mm = 6;
    const auto plan = plan_of(p);
    QVERIFY(has(*plan, "tower-slender"));
    QVERIFY(has(*plan, "tower-small"));
    finding(*plan, "tower-slender").fixes.at(0).apply(p);
    QVERIFY(!has(*plan_of(p), "tower-small"));
}

void TestFindings::layer_heights() {
    // Common practice, no source: 25 to 75 % of the nozzle's diameter.
    Project p = stack("A", 4.0);
    for (const double ok : {0.1, 0.2, 0.3}) {
        p.settings.layer_mm = p.settings.first_layer_mm = ok;
        QVERIFY(!has(*plan_of(p), "layer-height") && !has(*plan_of(p), "first-layer"));
    }
    p.settings.layer_mm = 0.04;
    QCOMPARE(finding(*plan_of(p), "layer-height").severity, Severity::note);
    p.settings.layer_mm = 0.36;
    QCOMPARE(finding(*plan_of(p), "layer-height").severity, Severity::error);
    p.settings.first_layer_mm = 0.05;
    QVERIFY(has(*plan_of(p), "first-layer"));
}

void TestFindings::band_between_layers() {
    Project p = stack("A", 4.0);
    assign_band(p.pieces[0], 0, 1.0, 2.0, 'B');
    QVERIFY(!has(*plan_of(p), "band-rounded") && !has(*plan_of(p), "band-empty"));
    p.pieces[0].bands[0].z1_mm = 2.06;
    QVERIFY(has(*plan_of(p), "band-rounded"));
    p.pieces[0].bands[0] = {"slab-1", 1.12, 1.18, 'B'};
    QCOMPARE(finding(*plan_of(p), "band-empty").severity, Severity::warning);
}

void TestFindings::hands_within_layers() {
    QVERIFY(has(*plan_of(row("AB", 2.0, "hand-swap")), "hand-within-layer"));
    QVERIFY(!has(*plan_of(stack("AB", 2.0, "hand-swap")), "hand-within-layer"));
    QVERIFY(!has(*plan_of(row("AB", 2.0, "feeder-4")), "hand-within-layer"));
}

void TestFindings::open_mesh() {
    const Mesh good = solids::box(0, 0, 0, 10, 10, 4);
    std::vector<Triangle> left;
    for (const Triangle& t : good.triangles) {
        bool side = true;
        for (const std::uint32_t v : t)
            side &= good.vertices[v].x == 10;
        if (!side)
            left.push_back(t);
    }
    Project p = stack("", 1);
    p.pieces[0].parts = {part("open", build_mesh(good.vertices, left), 'A')};
    const Finding f = finding(*plan_of(p), "mesh-open");
    QCOMPARE(f.severity, Severity::error);
    QCOMPARE(f.layer, 1);
}

void TestFindings::sorted_by_severity() {
    Project p = row("AB", 2.0, "hand-swap");
    p.settings.layer_mm = 0.08;
    p.filaments[1] = make_filament('B', Material::PETG, {200, 60, 40});
    const auto plan = plan_of(p);
    QVERIFY(plan->findings.size() >= 3);
    for (std::size_t i = 1; i < plan->findings.size(); ++i)
        QVERIFY(plan->findings[i - 1].severity <= plan->findings[i].severity);
    for (const Finding& f : plan->findings)
        QVERIFY(!f.message.empty() && !f.where.empty() && !f.code.empty());
}

VITRAIL_TEST(TestFindings)
#include "test_findings.moc"
