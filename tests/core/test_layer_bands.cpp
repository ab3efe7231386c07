// Layers of heights of their own, in one plan.
#include "support.h"

#include "core/geometry/slice.h"
#include "core/plan/planner.h"
#include "core/run/against_plan.h"
#include "core/run/commands.h"
#include "core/run/read_gcode.h"
#include "core/run/rescue.h"
#include "core/run/sketch_gcode.h"
#include "core/run_sheet/run_sheet.h"
#include "formats/json.h"
#include "formats/report.h"

using namespace vitrail;
using namespace vitrail::test;

class TestLayerBands : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void written_and_read();
    void heights_by_hand();
    void found_as_without();
    void slices_of_a_pyramid();
    void a_plan_of_them();
    void checked_against_the_nozzle();
    void not_for_pictures();
    void a_rescue_without_remainder();
    void kept_in_the_archive();
    void extremes_are_refused();
};

namespace {

std::shared_ptr<const Plan> planned(const Project& p) {
    Planner planner;
    return *planner.plan(p);
}

} // namespace

void TestLayerBands::written_and_read() {
    Settings s;
    QVERIFY(bool(set_setting(s, "layer.bands", "0.28:30..60, 0.1:12.5..20")));
    QCOMPARE(s.layer_bands, (std::vector<LayerBand>{{12.5, 20, 0.1}, {30, 60, 0.28}}));
    QCOMPARE(layer_bands_text(s.layer_bands), std::string("0.1:12.5..20 0.28:30..60"));
    for (const char* wrong :
         {"0.1", "0.1:3", "0.1:3..", "0.1:..4", "x:1..2", "0.1:5..4", "0.001:1..2", "5:1..2",
          "0.1:1..3 0.2:2..4", "0.1:-1..2", "0.1:1..1e9", "0.1:nan..2", "0,1:1..2"})
        QVERIFY2(!set_setting(s, "layer.bands", wrong), wrong);
    QCOMPARE(int(s.layer_bands.size()), 2); // nothing was changed
    QVERIFY(bool(set_setting(s, "layer.bands", "")));
    QVERIFY(s.layer_bands.empty());
}

/// 2 mm: the first 0.2, then 0.2 up to 1, of 0.1 from 1 to 1.5, then 0.25 of its own, and the usual again.
void TestLayerBands::heights_by_hand() {
    const std::vector<LayerBand> bands{{1, 1.5, 0.1}, {1.5, 1.75, 0.25}};
    const LayerGrid g = make_grid(0.2, 0.2, 2.15, bands);
    const double tops[] = {0.2, 0.4, 0.6, 0.8, 1.0, 1.1, 1.2, 1.3, 1.4, 1.5, 1.75, 1.95, 2.15};
    QCOMPARE(g.count, int(std::size(tops)));
    for (int l = 1; l <= g.count; ++l)
        COMPARE_NEAR(g.top_mm(l), tops[l - 1], 1e-9);
    COMPARE_NEAR(g.thickness_mm(11), 0.25, 1e-9);
    COMPARE_NEAR(g.middle_mm(6), 1.05, 1e-9);
    const auto runs = layer_runs(g);
    QCOMPARE(int(runs.size()), 4);
    QCOMPARE(runs[1].from_layer, 6);
    QCOMPARE(runs[1].to_layer, 10);
    QCOMPARE(int(own_heights(g).size()), 2);
    QCOMPARE(layer_ending_at(g, 1.12), 6);
    QCOMPARE(layer_ending_at(g, 1.66), 11);
    QCOMPARE(layer_ending_at(g, -5), 1);
    QCOMPARE(layer_ending_at(g, 99), g.count);
    QCOMPARE(first_layer_above(g, 1.0), 6);
    QCOMPARE(first_layer_above(g, 1.6), 11);
    QCOMPARE(first_layer_above(g, 99), g.count + 1);
    QVERIFY(g == make_grid(0.2, 0.2, 2.15, bands));
    QVERIFY(!(g == make_grid(0.2, 0.2, 2.15)));
}

/// Bands that say the usual height change nothing, wherever layers are looked for.
void TestLayerBands::found_as_without() {
    std::mt19937 random(5);
    const LayerGrid plain = make_grid(0.24, 0.16, 9.7);
    const std::vector<LayerBand> bands{{2, 5, 0.16}};
    const LayerGrid same = make_grid(0.24, 0.16, 9.7, bands);
    QCOMPARE(same.count, plain.count);
    QVERIFY(own_heights(same).empty());
    for (int i = 0; i < 2000; ++i) {
        const double z = std::uniform_real_distribution<double>(-1, 11)(random);
        QCOMPARE(first_layer_above(same, z), first_layer_above(plain, z));
        QCOMPARE(layer_ending_at(same, z), layer_ending_at(plain, z));
    }
    for (int l = 1; l <= plain.count; ++l) {
        QCOMPARE(first_layer_above(same, plain.bottom_mm(l)), first_layer_above(plain, plain.bottom_mm(l)));
        QCOMPARE(layer_ending_at(same, plain.top_mm(l)), l);
    }
}

/// Each layer of a pyramid has the closed form's area at its middle; the volumes add up.
void TestLayerBands::slices_of_a_pyramid() {
    const std::vector<LayerBand> bands{{2, 4, 0.05}, {4, 7, 0.3}};
    const LayerGrid g = make_grid(0.2, 0.2, 10, bands);
    const Mesh pyramid = build_mesh({{0, 0, 0}, {20, 0, 0}, {20, 20, 0}, {0, 20, 0}, {10, 10, 10}},
                                    {{0, 2, 1}, {0, 3, 2}, {0, 1, 4}, {1, 2, 4}, {2, 3, 4}, {3, 0, 4}});
    const auto s = slice(pyramid, g, 0);
    QVERIFY(bool(s));
    double mm3 = 0;
    for (int l = 1; l <= g.count; ++l) {
        const double side = 20 * (1 - g.middle_mm(l) / 10),
                     area = area_mm2(s->layers[static_cast<std::size_t>(l) - 1]);
        QVERIFY2(std::abs(area - side * side) < 0.05 + 0.002 * side,
                 qPrintable(QStringLiteral("layer %1: %2 against %3").arg(l).arg(area).arg(side * side)));
        mm3 += area * g.thickness_mm(l);
    }
    QVERIFY(std::abs(mm3 - 20.0 * 20 * 10 / 3) < 0.01 * 1333);
}

void TestLayerBands::a_plan_of_them() {
    const Project plain = stack("ABA", 2);
    Project fine = plain;
    fine.settings.layer_bands = {{2, 4, 0.1}};
    const auto a = planned(plain), b = planned(fine);
    QCOMPARE(b->grid.count, a->grid.count + 10); // ten layers of 0.2 become twenty
    QCOMPARE(int(b->changes.size()), int(a->changes.size()));
    QCOMPARE(b->changes[0].layer, a->changes[0].layer);
    QCOMPARE(b->changes[1].layer, a->changes[1].layer + 10);
    COMPARE_NEAR(b->changes[1].z_before_mm, a->changes[1].z_before_mm, 1e-9);
    COMPARE_NEAR(b->use[1].model_mm3 / a->use[1].model_mm3, 1,
                 0.35); // solid skins are thinner; the body is the same
    QVERIFY(b->totals.total_s > a->totals.total_s);
    const Json report = plan_report(fine, *b);
    QCOMPARE(int(report["layers"]["runs"].size()), 3);
    // Its sketch is read as the plan's layers.
    const ToolpathFile file =
        read_gcode(sketch_gcode(fine, *b), fine.machine.motion, file_words(fine.machine.commands));
    const AgainstPlan against = against_plan(fine, *b, file);
    QVERIFY(against.layers_match);
    for (const ComparedStop& s : against.stops)
        QVERIFY(s.state == ComparedStop::State::as_planned);
    // And one memory plans both.
    Planner planner;
    (void)planner.plan(plain);
    QCOMPARE((*planner.plan(fine))->grid.count, b->grid.count);
    QCOMPARE((*planner.plan(plain))->grid.count, a->grid.count);
}

void TestLayerBands::checked_against_the_nozzle() {
    Project p = stack("A", 4);
    p.settings.layer_bands = {{1, 2, 0.36}};
    const auto plan = plan_of(p);
    const auto found = std::find_if(plan->findings.begin(), plan->findings.end(),
                                    [](const Finding& f) { return f.code == "layer-height"; });
    QVERIFY(found != plan->findings.end());
    QVERIFY(found->severity == Severity::error);
}

/// A picture's colours come from layers that are all alike: that is said, with its remedy, and no rescue
/// gives them others.
void TestLayerBands::not_for_pictures() {
    auto p = load_project(source_file("demo/dusk.vitrail"));
    QVERIFY(bool(p));
    p->settings.layer_bands = {{0.5, 1, 0.04}};
    const auto plan = plan_of(*p);
    QVERIFY(has(*plan, "picture-layers"));
    const Finding& f = finding(*plan, "picture-layers");
    QCOMPARE(int(f.fixes.size()), 1);
    f.fixes[0].apply(*p);
    QVERIFY(p->settings.layer_bands.empty());
    const auto good = plan_of(*p);
    QVERIFY(!has(*good, "picture-layers"));
    Botch b;
    b.at_layer = 14;
    b.measured_mm = good->grid.top_mm(14) - 0.1;
    b.exact = true;
    const auto exact = rescue(*p, *good, b);
    QVERIFY(!exact);
    QVERIFY(english(exact.error().message).find("equally high") != std::string::npos);
}

/// 0.25 mm are missing with layers of 0.1: two whole layers leave 0.05, two of 0.125 leave nothing.
void TestLayerBands::a_rescue_without_remainder() {
    Project p = stack("", 1);
    p.settings.layer_mm = p.settings.first_layer_mm = 0.1;
    double z = 0;
    for (const auto& [height, letter] : {std::pair{2.0, 'A'}, {1.0, 'B'}, {1.0, 'A'}}) {
        p.pieces[0].parts.push_back(
            part(fmt::format("slab-{}", z).c_str(), solids::box(0, 0, z, 20, 20, z + height), letter));
        z += height;
    }
    const auto plan = planned(p);
    Botch b;
    b.at_layer = 25;
    b.measured_mm = 2.25;
    const auto whole = rescue(p, *plan, b);
    QVERIFY(bool(whole));
    QCOMPARE(std::abs(whole->error_mm) > 0.04, true);
    b.exact = true;
    const auto exact = rescue(p, *plan, b);
    QVERIFY2(bool(exact), exact ? "" : english(exact.error().message).c_str());
    QVERIFY(exact->extra == 2 || exact->extra == 3);
    COMPARE_NEAR(exact->extra * exact->extra_mm, 0.25, 1e-9);
    COMPARE_NEAR(exact->error_mm, 0, 1e-9);
    const LayerGrid& g = exact->plan->grid;
    QCOMPARE(g.count, plan->grid.count + exact->extra);
    COMPARE_NEAR(g.thickness_mm(26), exact->extra_mm, 1e-9);
    COMPARE_NEAR(g.thickness_mm(26 + exact->extra), 0.1, 1e-9);
    COMPARE_NEAR(g.top_mm(g.count) + exact->off_mm, 4.0, 1e-9); // as tall as first meant
    // A second mishap above: what has a height of its own stays where it is.
    Botch again;
    again.at_layer = 32;
    again.extra = 1;
    const auto second = rescue(exact->project, *exact->plan, again);
    QVERIFY(bool(second));
    COMPARE_NEAR(second->plan->grid.thickness_mm(26), exact->extra_mm, 1e-9);
    QCOMPARE(second->plan->grid.count, g.count + 1);
}

void TestLayerBands::kept_in_the_archive() {
    Project p = stack("AB", 2);
    p.settings.layer_bands = {{1, 2, 0.1}, {2.5, 3, 0.25}};
    const QString path =
        QDir::temp().filePath(QStringLiteral("bands-%1.vitrail").arg(QCoreApplication::applicationPid()));
    QVERIFY(bool(save_project(carried(p), path.toStdString())));
    const auto back = load_project(path.toStdString());
    QFile::remove(path);
    QVERIFY(bool(back));
    QCOMPARE(back->settings.layer_bands, p.settings.layer_bands);
}

void TestLayerBands::extremes_are_refused() {
    Project p = stack("A", 1000);
    p.settings.layer_bands = {{0, 1000, 0.02}};
    Planner planner;
    const auto plan = planner.plan(p);
    QVERIFY(!plan);
    QVERIFY(english(plan.error().message).find("more than Vitrail plans") != std::string::npos);
}

VITRAIL_TEST(TestLayerBands)
#include "test_layer_bands.moc"
