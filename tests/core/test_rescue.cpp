// A layer went wrong: the plan for the rest, what is left of the file, and other ways on.
#include "support.h"

#include "core/geometry/cut.h"
#include "core/picture/make.h"
#include "core/project/regions.h"
#include "core/run/rescue_tail.h"
#include "demo/scenario.h"
#include "demo/toolpath.h"
#include "formats/files.h"
#include "formats/toolpath_file.h"

#include <QDir>
#include <QTemporaryDir>

#include <cmath>
#include <numbers>

using namespace vitrail;
using namespace vitrail::test;

class TestRescue : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void bands_of_common_practice();
    void lifted_bodies();
    void layers_stay_what_they_are();
    void pictures_grow();
    void what_was_measured();
    void heights_of_a_text();
    void the_rest_of_a_file();
    void the_rest_of_a_relative_file();
    void the_rest_after_homing();
    void refuses_with_its_reason();
    void a_filament_is_gone();
    void a_swap_was_missed();
    void another_filament_was_printed();
    void what_cannot_be_changed();
};

namespace {

/// 20 × 20 mm slabs of these heights, A, B, C, …
Project slabs(const std::vector<double>& heights, double layer, const char* machine = "hand-swap") {
    Project p = stack("", 1, machine);
    p.settings.layer_mm = p.settings.first_layer_mm = layer;
    double z = 0;
    for (std::size_t i = 0; i < heights.size(); ++i) {
        p.pieces[0].parts.push_back(part(fmt::format("slab-{}", i + 1).c_str(),
                                         solids::box(0, 0, z, 20, 20, z + heights[i]), "ABCDEF"[i]));
        z += heights[i];
    }
    return p;
}

/// Without findings, which nothing here looks at.
std::shared_ptr<const Plan> costs_of(const Project& p) {
    Planner planner;
    auto plan = planner.plan(p);
    return plan ? *plan : nullptr;
}

Rescue rescued(const Project& p, const Botch& b) {
    auto r = rescue(p, *costs_of(p), b);
    if (!r)
        qFatal("%s", english(r.error().message).c_str());
    return std::move(*r);
}

const WayOut* way(const std::vector<WayOut>& ways, const char* name) {
    for (const WayOut& w : ways)
        if (english(w.name).find(name) != std::string::npos)
            return &w;
    return nullptr;
}

/// Letters of each layer, as printed.
std::string layers_text(const Project& p, const Plan& plan) {
    std::string out;
    for (int l = 1; l <= plan.grid.count; ++l) {
        std::string here;
        for (const std::uint8_t f : plan.sequence.layer(l - 1))
            here += p.filaments[f].letter;
        std::sort(here.begin(), here.end());
        out += here + (here.size() > 1 ? "," : "");
    }
    return out;
}

demo::ToolpathWishes with_stops() {
    demo::ToolpathWishes w;
    w.stops = true;
    return w;
}

double area(const PiecePlan& piece, int layer) {
    return area_mm2(whole_layer(*piece.table, layer));
}

} // namespace

/// Common practice, no source: "2.0 + 0.3 + 0.3 mm with two extra 0.1 layers end at 2.0 + 0.5 + 0.3".
void TestRescue::bands_of_common_practice() {
    const Project p = slabs({2.0, 0.3, 0.3}, 0.1);
    const auto plan = costs_of(p);
    QCOMPARE(plan->changes.size(), std::size_t(2));
    const Rescue r = rescued(p, {23, 2, {}, true, true});
    QCOMPARE(r.bands.size(), std::size_t(3));
    const double expected[3][2] = {{2.0, 2.0}, {0.3, 0.5}, {0.3, 0.3}};
    for (int i = 0; i < 3; ++i) {
        COMPARE_NEAR(r.bands[i].before_mm, expected[i][0], 1e-9);
        COMPARE_NEAR(r.bands[i].after_mm, expected[i][1], 1e-9);
    }
    QCOMPARE(r.filaments, std::string("B"));
    // Every later change moves by two layers, the one that is past does not.
    QCOMPARE(r.plan->changes[0].layer, plan->changes[0].layer);
    QCOMPARE(r.plan->changes[1].layer, plan->changes[1].layer + 2);
    QCOMPARE(r.moves.size(), std::size_t(1));
    QCOMPARE(r.moves[0].to_layer, 26);
    QCOMPARE(layers_text(r.project, *r.plan), std::string(20, 'A') + "BBBBB" + "CCC");
    // In the middle of a band it is the same band that grows.
    QCOMPARE(
        layers_text(rescued(p, {22, 2, {}, true, true}).project, *rescued(p, {22, 2, {}, true, true}).plan),
        std::string(20, 'A') + "BBBBB" + "CCC");
    // Bands of one part instead of bodies.
    Project banded = slabs({2.6}, 0.1);
    banded.pieces[0].bands = {{"slab-1", 2.0, 2.3, 'B'}, {"slab-1", 2.3, 2.6, 'C'}};
    const Rescue b = rescued(banded, {23, 2, {}, true, true});
    QCOMPARE(layers_text(b.project, *b.plan), std::string(20, 'A') + "BBBBB" + "CCC");
    COMPARE_NEAR(b.project.pieces[0].bands[1].z0_mm, 2.5, 1e-9);
}

/// Closed forms: what is stretched gains its cross-section times the lift.
void TestRescue::lifted_bodies() {
    Piece piece;
    const auto lifted = [&](Mesh mesh, double z, double by) {
        piece.parts = {part("body", std::move(mesh), 'A')};
        lift_above(piece, z, by);
        return piece.parts[0].mesh;
    };
    auto m = lifted(solids::box(0, 0, 0, 10, 20, 5), 3, 2);
    QVERIFY(m->check.clean());
    COMPARE_NEAR(volume_mm3(*m), 10 * 20 * 7.0, 1e-3);
    COMPARE_NEAR(double(m->bounds.max.z), 7, 1e-5);
    const Mesh ball = solids::sphere(10, 96, 64);
    const double before = volume_mm3(ball);
    m = lifted(ball, 14, 3); // above its bed
    QVERIFY(m->check.clean());
    COMPARE_NEAR(volume_mm3(*m) - before, std::numbers::pi * (100 - 16) * 3,
                 6); // radius² at 4 mm above the middle
    // Outside of it nothing happens, or everything moves.
    QVERIFY(std::abs(volume_mm3(*lifted(solids::box(0, 0, 0, 10, 20, 5), 6, 2)) - 1000) < 1e-3);
}

void TestRescue::layers_stay_what_they_are() {
    for (const auto& made : {demo::badge(), demo::painted()}) {
        QVERIFY(bool(made));
        const auto plan = costs_of(*made);
        const int at = plan->grid.count / 3, more = 3;
        const Rescue r = rescued(*made, {at, more, {}, true, true});
        QCOMPARE(r.plan->grid.count, plan->grid.count + more);
        for (std::size_t k = 0; k < plan->pieces.size(); ++k) {
            const PiecePlan &a = plan->pieces[k], &b = r.plan->pieces[k];
            if (a.layers() <= at)
                continue;
            for (int l = 1; l <= b.layers(); ++l) {
                const int was = l <= at ? l : l <= at + more ? at : l - more;
                QVERIFY2(std::abs(area(b, l) - area(a, was)) < 0.01 * area(a, was) + 0.05,
                         qPrintable(QStringLiteral("%1: layer %2, %3 and %4")
                                        .arg(QString::fromStdString(made->name))
                                        .arg(l)
                                        .arg(area(b, l))
                                        .arg(area(a, was))));
            }
        }
        // The same filaments in each of them.
        for (int l = 1; l <= r.plan->grid.count; ++l) {
            const int was = l <= at ? l : l <= at + more ? at : l - more;
            std::string x, y;
            for (const std::uint8_t f : r.plan->sequence.layer(l - 1))
                x += char('A' + f);
            for (const std::uint8_t f : plan->sequence.layer(was - 1))
                y += char('A' + f);
            std::sort(x.begin(), x.end());
            std::sort(y.begin(), y.end());
            QCOMPARE(x, y);
        }
    }
}

void TestRescue::pictures_grow() {
    const auto p = load_project(source_file("demo/dusk.vitrail"));
    QVERIFY(bool(p));
    const auto plan = costs_of(*p);
    const Rescue r = rescued(*p, {14, 2, {}, true, true});
    QCOMPARE(r.plan->grid.count, plan->grid.count + 2);
    for (int l = 1; l <= r.plan->grid.count; ++l) {
        const int was = l <= 14 ? l : l <= 16 ? 14 : l - 2;
        COMPARE_NEAR(area(r.plan->pieces[0], l), area(plan->pieces[0], was),
                     0.01 * area(plan->pieces[0], was) + 0.5);
    }
    for (std::size_t i = 0; i < plan->changes.size(); ++i)
        QCOMPARE(r.plan->changes[i].layer, plan->changes[i].layer + (plan->changes[i].layer > 14 ? 2 : 0));
    QVERIFY(r.look_mean >= 0 && r.look_worst >= r.look_mean);
    // It is kept as it is.
    QTemporaryDir folder;
    const std::string file = folder.filePath("rescue.vitrail").toStdString();
    QVERIFY(bool(save_project(r.project, file)));
    const auto back = load_project(file);
    QVERIFY(bool(back));
    QCOMPARE(costs_of(*back)->grid.count, r.plan->grid.count);
    // Panels, too: every stack that is that tall grows where it stands.
    const auto panel = load_project(source_file("demo/rose-window.vitrail"));
    const auto panel_plan = costs_of(*panel);
    const Rescue q = rescued(*panel, {5, 1, {}, true, true});
    QCOMPARE(q.plan->grid.count, panel_plan->grid.count + 1);
}

void TestRescue::what_was_measured() {
    const Project p = slabs({2.0, 0.3, 0.3}, 0.1);
    // 2.10 where 2.30 were planned: two layers, and the rest lies where it was meant to.
    Rescue r = rescued(p, {23, 0, 2.10, true, true});
    QCOMPARE(r.extra, 2);
    COMPARE_NEAR(r.off_mm, -0.2, 1e-9);
    COMPARE_NEAR(r.error_mm, 0, 1e-9);
    // 2.16: one layer, and 0.04 that no whole layer makes up for.
    r = rescued(p, {23, 0, 2.16, true, true});
    QCOMPARE(r.extra, 1);
    COMPARE_NEAR(r.error_mm, -0.04, 1e-9);
    QVERIFY(std::any_of(r.steps.begin(), r.steps.end(), [](const Message& m) {
        return english(m).find("0.04 mm lower than planned") != std::string::npos;
    }));
    // Too high: nothing more, the rest is lifted.
    r = rescued(p, {23, 0, 2.45, true, true});
    QCOMPARE(r.extra, 0);
    COMPARE_NEAR(r.off_mm, 0.15, 1e-9);
    COMPARE_NEAR(r.error_mm, 0.15, 1e-9);
}

void TestRescue::heights_of_a_text() {
    LiftedLines lines(0.2, {});
    QCOMPARE(lines.lifted("G1 Z1.2 F600\nG0 X1 Y2\n"), std::string("G1 Z1.400 F600\nG0 X1 Y2\n"));
    QCOMPARE(lines.lifted("N12 G1 X1 Z.5 E1 ; Z9\n"), std::string(" G1 X1 Z0.700 E1 ; Z9\n").substr(0));
    QCOMPARE(lines.lifted("G1 (Z3) Z 2 (up)\nM117 Z4\n; Z5\nG92 Z0\n"),
             std::string("G1 (Z3) Z2.200 (up)\nM117 Z4\n; Z5\nG92 Z0.200\n"));
    QCOMPARE(lines.lifted("G91\nG1 Z1\nG90\nG1 Z1\n"), std::string("G91\nG1 Z1\nG90\nG1 Z1.200\n"));
    QCOMPARE(lines.lifted("G28 Z\nG1 Z\nG1 Zx"), std::string("G28 Z\nG1 Z\nG1 Zx"));
    Seam inches;
    inches.inches = true;
    QCOMPARE(LiftedLines(2.54, inches).lifted("g1 z0.01\n"), std::string("g1 z0.110\n"));
}

void TestRescue::the_rest_of_a_file() {
    QTemporaryDir folder;
    for (const bool relative : {true, false})
        for (const bool inches : {false, true}) {
            const Project p = slabs({2.0, 0.3, 0.6}, 0.1);
            const auto plan = costs_of(p);
            demo::ToolpathWishes w;
            w.stops = true;
            w.relative_e = relative;
            w.inches = inches;
            const std::string original = folder.filePath("printed.gcode").toStdString(),
                              out = folder.filePath("rest.gcode").toStdString(),
                              text = demo::toolpath_of(p, *plan, w);
            QVERIFY(bool(write_file(original, text)));
            const auto file = read_toolpath(original, {}, {});
            QVERIFY(bool(file));
            const Botch b{23, 2, {}, true, true};
            const Rescue r = rescued(p, b);
            const Status ok = write_rest(original, out, *file, r, b);
            QVERIFY2(bool(ok), ok ? "" : english(ok.error().message).c_str());
            QCOMPARE(*read_file(original), text);
            const auto rest = read_toolpath(out, {}, {});
            QCOMPARE(rest->layers.size(), std::size_t(8)); // two more, and six of C
            for (int i = 0; i < 8; ++i)
                COMPARE_NEAR(rest->layers[static_cast<std::size_t>(i)].z_mm, 2.4 + 0.1 * i, 2e-3);
            QCOMPARE(rest->stops.size(), std::size_t(1));
            QCOMPARE(rest->stops[0].layer, 3);
            // What is extruded is what it was.
            COMPARE_NEAR(rest->layers[0].filament_mm[0], file->layers[22].filament_mm[0], 0.01);
            COMPARE_NEAR(rest->layers[7].filament_mm[0], file->layers[28].filament_mm[0], 0.01);
        }
    // With what was measured the heights are those that are there.
    const Project p = slabs({2.0, 0.3, 0.6}, 0.1);
    const std::string original = folder.filePath("printed.gcode").toStdString(),
                      out = folder.filePath("rest.gcode").toStdString();
    QVERIFY(bool(write_file(original, demo::toolpath_of(p, *costs_of(p), with_stops()))));
    const auto file = read_toolpath(original, {}, {});
    const Botch high{23, 0, 2.45, true, true};
    const Status ok = write_rest(original, out, *file, rescued(p, high), high);
    QVERIFY2(bool(ok), ok ? "" : english(ok.error().message).c_str());
    COMPARE_NEAR(read_toolpath(out, {}, {})->layers[0].z_mm, 2.55, 1e-6);
}

/// Every move relative: the rest begins where its first layer does, so much higher.
void TestRescue::the_rest_of_a_relative_file() {
    QTemporaryDir folder;
    const Project p = slabs({2.0, 0.3, 0.6}, 0.1);
    const std::string original = folder.filePath("printed.gcode").toStdString(),
                      out = folder.filePath("rest.gcode").toStdString();
    const auto plan = costs_of(p);
    std::string text = "G21\nG91\nM83\n";
    for (int n = 1; n <= plan->grid.count; ++n) {
        for (const Change& c : plan->changes)
            if (c.layer == n)
                text += "M600\n";
        text += "G1 Z0.1 F600\n";
        for (const auto& [x, y] : {std::pair{20, 0}, {0, 20}, {-20, 0}, {0, -20}})
            text += fmt::format("G1 X{} Y{} E0.6 F3000\n", x, y);
    }
    QVERIFY(bool(write_file(original, text)));
    const auto file = read_toolpath(original, {}, {});
    QCOMPARE(static_cast<int>(file->layers.size()), plan->grid.count);
    for (const int extra : {0, 2}) {
        const Botch b{23, extra, extra ? std::nullopt : std::optional(2.45), true, true};
        const Status ok = write_rest(original, out, *file, rescued(p, b), b);
        QVERIFY2(bool(ok), ok ? "" : english(ok.error().message).c_str());
        const auto rest = read_toolpath(out, {}, {});
        QCOMPARE(rest->layers.size(), file->layers.size() - 23 + static_cast<std::size_t>(extra));
        for (std::size_t i = 0; i < rest->layers.size(); ++i)
            COMPARE_NEAR(rest->layers[i].z_mm, (extra ? 2.4 : 2.55) + 0.1 * static_cast<double>(i), 2e-3);
    }
}

/// Common practice, no source: homed where it cannot hit the print, never Z.
void TestRescue::the_rest_after_homing() {
    const Project p = slabs({2.0, 0.3, 0.6}, 0.1);
    const auto plan = costs_of(p);
    const ToolpathFile file = read_gcode(demo::toolpath_of(p, *plan, with_stops()), {});
    Botch b{23, 2, {}, true, true};
    QVERIFY(tail_begins(file, rescued(p, b), b).find("G28") == std::string::npos);
    b.homed = b.warm = false;
    const Rescue r = rescued(p, b);
    const std::string begins = tail_begins(file, r, b);
    QVERIFY(begins.find("G28 X Y\n") != std::string::npos);
    QVERIFY(begins.find("G28\n") == std::string::npos);
    QVERIFY(begins.find("G1 Z12.300") < begins.find("G28 X Y")); // first clear of the print
    QVERIFY(begins.find("M190 S") < begins.find("G28 X Y"));
    std::string steps;
    for (const Message& m : r.steps)
        steps += english(m) + "\n";
    QVERIFY(steps.find("Never Z") != std::string::npos && steps.find("still sits") != std::string::npos &&
            steps.find("awake") != std::string::npos);
    QVERIFY(r.cautions.size() == 2);
}

void TestRescue::refuses_with_its_reason() {
    const Project p = slabs({2.0, 0.3, 0.3}, 0.1);
    const auto plan = costs_of(p);
    const auto why = [&](const Botch& b) {
        const auto r = rescue(p, *plan, b);
        return r ? std::string() : english(r.error().message);
    };
    QVERIFY(why({0, 1, {}, true, true}).find("is not there") != std::string::npos);
    QVERIFY(why({26, 1, {}, true, true}).find("nothing follows it") != std::string::npos);
    QVERIFY(why({5, 0, {}, true, true}).find("how many layers more") != std::string::npos);
    QVERIFY(why({20, 0, 2.0, true, true}).find("nothing to make up for") != std::string::npos);
    QVERIFY(why({20, 0, 20.0, true, true}).find("Measure again") != std::string::npos);
    QVERIFY(why({20, 30'000, {}, true, true}).find("more than Vitrail plans") != std::string::npos);
    // A file that is another one, or would be written over.
    QTemporaryDir folder;
    const std::string original = folder.filePath("printed.gcode").toStdString();
    QVERIFY(bool(write_file(original, demo::toolpath_of(slabs({1.0}, 0.1), *costs_of(slabs({1.0}, 0.1))))));
    const auto file = read_toolpath(original, {}, {});
    const Botch b{8, 1, {}, true, true};
    QVERIFY(english(write_rest(original, folder.filePath("rest.gcode").toStdString(), *file, rescued(p, b), b)
                        .error()
                        .message)
                .find("not the one that was printed") != std::string::npos);
    QVERIFY(!write_rest(original, original, *file, rescued(p, b), b));
    QCOMPARE(QDir(folder.path()).entryList(QDir::Files).size(), 1);
}

void TestRescue::a_filament_is_gone() {
    const Project p = slabs({1, 1, 1, 1}, 0.1, "feeder-4");
    const auto plan = costs_of(p);
    const auto ways = ways_out(p, *plan, {Mishap::What::gone, 15, 15, 'B', 0});
    QVERIFY(bool(ways));
    QCOMPARE(ways->size(), std::size_t(4)); // A, C, D instead, and again
    for (const WayOut& w : *ways) {
        if (w.lost_g > 0)
            continue;
        const std::string text = layers_text(w.project, *w.plan);
        QCOMPARE(text.substr(0, 14), layers_text(p, *plan).substr(0, 14)); // what is printed stays
        QCOMPARE(text.substr(14).find('B'), std::string::npos);
        QVERIFY(w.delta_e > 0);
    }
    // In order of how near the colours are; again is last, and costs what is printed.
    QVERIFY((*ways)[0].delta_e <= (*ways)[1].delta_e && (*ways)[1].delta_e <= (*ways)[2].delta_e);
    QVERIFY(ways->back().lost_g > 0 && ways->back().lost_s > 0);
    QVERIFY(english(ways_out(p, *plan, {Mishap::What::gone, 30, 30, 'B', 0}).error().message)
                .find("not needed") != std::string::npos);
    QVERIFY(!ways_out(p, *plan, {Mishap::What::gone, 99, 99, 'B', 0}));
    QVERIFY(!ways_out(p, *plan, {Mishap::What::gone, 5, 5, 'Z', 0}));
    QVERIFY(english(ways_out(p, *plan, {Mishap::What::wrong, 5, 5, 'A', 'A'}).error().message)
                .find("same filament") != std::string::npos);
}

void TestRescue::a_swap_was_missed() {
    const Project p = slabs({1, 1, 1}, 0.1);
    const auto plan = costs_of(p);
    const auto ways = ways_out(p, *plan, {Mishap::What::missed, 11, 13, 'B', 'A'});
    QVERIFY(bool(ways));
    const WayOut *live = way(*ways, "live with it"), *up = way(*ways, "move what follows up"),
                 *again = way(*ways, "start again");
    QVERIFY(live && up && again);
    QCOMPARE(layers_text(live->project, *live->plan),
             std::string(13, 'A') + std::string(7, 'B') + std::string(10, 'C'));
    QCOMPARE(layers_text(up->project, *up->plan),
             std::string(13, 'A') + std::string(10, 'B') + std::string(10, 'C'));
    QVERIFY(up->more_g > 0 && up->delta_e == 0 && live->delta_e > 0);
    COMPARE_NEAR(again->lost_s, plan->layers[13].start_s, 1e-6);
}

void TestRescue::another_filament_was_printed() {
    const Project p = slabs({1, 1, 1}, 0.1);
    const auto ways = ways_out(p, *costs_of(p), {Mishap::What::wrong, 11, 12, 'B', 'C'});
    QVERIFY(bool(ways));
    const WayOut *live = way(*ways, "live with it"), *exchange = way(*ways, "exchange both");
    QVERIFY(live && exchange);
    QCOMPARE(layers_text(live->project, *live->plan),
             std::string(10, 'A') + "CC" + std::string(8, 'B') + std::string(10, 'C'));
    QCOMPARE(layers_text(exchange->project, *exchange->plan),
             std::string(10, 'A') + std::string(10, 'C') + std::string(10, 'B'));
}

void TestRescue::what_cannot_be_changed() {
    const auto painted = demo::painted();
    const auto plan = costs_of(*painted);
    QVERIFY(english(ways_out(*painted, *plan,
                             {Mishap::What::gone, 5, 5, painted->pieces[0].parts[0].patches[0].filament, 0})
                        .error()
                        .message)
                .find("painted on") != std::string::npos);
    const auto panel = load_project(source_file("demo/rose-window.vitrail"));
    const auto r =
        ways_out(*panel, *costs_of(*panel), {Mishap::What::gone, 5, 5, panel->picture->panel.films[0], 0});
    QVERIFY(!r && english(r.error().message).find("panel") != std::string::npos);
}

VITRAIL_TEST(TestRescue)
#include "test_rescue.moc"
