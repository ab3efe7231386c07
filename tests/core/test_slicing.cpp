#include "core/geometry/narrow.h"
#include "core/geometry/prism.h"
#include "core/geometry/slice.h"
#include "core/layers/demand.h"
#include "core/layers/detail.h"
#include "core/layers/layer_table.h"

#include "support.h"

#include <numbers>

using namespace vitrail;
using namespace vitrail::solids;
using std::numbers::pi;

namespace {

double sliced_volume(const Mesh& m, double h, double first = 0) {
    const LayerGrid g = make_grid(first > 0 ? first : h, h, m.bounds.max.z - m.bounds.min.z);
    const auto s = slice(m, g, m.bounds.min.z);
    double v = 0;
    for (int l = 1; s && l <= g.count; ++l)
        v += area_mm2(s->layers[l - 1]) * g.thickness_mm(l);
    return v;
}

Mesh join(std::initializer_list<Mesh> meshes) {
    std::vector<Vec3> v;
    std::vector<Triangle> t;
    for (const Mesh& m : meshes) {
        const auto base = static_cast<std::uint32_t>(v.size());
        v.insert(v.end(), m.vertices.begin(), m.vertices.end());
        for (Triangle x : m.triangles)
            t.push_back({x[0] + base, x[1] + base, x[2] + base});
    }
    return build_mesh(std::move(v), std::move(t));
}

Mesh inverted(const Mesh& m) {
    std::vector<Triangle> t = m.triangles;
    for (Triangle& x : t)
        std::swap(x[1], x[2]);
    Mesh out = m;
    out.triangles = t;
    for (Triangle& n : out.neighbours)
        std::swap(n[0], n[2]);
    return out;
}

double area_at(const Mesh& m, double z) {
    const LayerGrid g{2 * z, 1, 1}; // one layer whose middle is z
    const auto s = slice(m, g, 0);
    return s ? area_mm2(s->layers[0]) : -1;
}

} // namespace

class TestSlicing : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void closed_forms();
    void idle_points_are_left_out();
    void error_shrinks_with_layer_height();
    void holes_and_shells();
    void overlapping_shells_unite();
    void inward_shell_is_a_cavity();
    void missing_face_is_closed();
    void flipped_faces_are_turned();
    void duplicates_and_slivers_are_dropped();
    void inside_out_is_turned();
    void bad_numbers_are_dropped();
    void self_intersection_is_united();
    void vertices_on_the_cut();
    void random_rubble_never_crashes();
    void simple_test_of_rings();
    void triangulation_keeps_the_area();
    void what_is_surely_not_narrow();
    void quick_offsets_are_offsets();
    void skins_of_many_points();
    void stopping();
    void threads_agree();
};

void TestSlicing::idle_points_are_left_out() {
    // Rings of 3,000 points; less than 2 µm away from each, no area is lost that the perimeter times that
    // does not bound.
    const Mesh fine = sphere(20, 3000, 40), coarse = sphere(20, 300, 40);
    const LayerGrid g = make_grid(0.5, 0.5, 40);
    constexpr double kIdle = 0.002;
    const auto points = [](const Paths& rings) {
        std::size_t n = 0;
        for (const Path& r : rings)
            n += r.size();
        return n;
    };
    const auto all = slice(fine, g, -20), lean = slice(fine, g, -20, {}, 0, kIdle);
    QVERIFY(all && lean);
    for (std::size_t l = 0; l < all->layers.size(); ++l) {
        const Paths &a = all->layers[l], &b = lean->layers[l];
        if (points(a) <= 1000) {
            QVERIFY(a == b);
            continue;
        }
        QVERIFY2(2 * points(b) < points(a), qPrintable(QString::number(points(b))));
        COMPARE_NEAR(area_mm2(b), area_mm2(a), kIdle * perimeter_mm(a));
        for (const Path& ring : a)
            for (const IntPoint& q : ring) // a µm for each of the two roundings besides
                QVERIFY(nearest_on(b, double(q.X), double(q.Y)).away <= kIdle * kUnitsPerMm + 1);
    }
    // Of few points none is left out.
    const auto few = slice(coarse, g, -20), few_lean = slice(coarse, g, -20, {}, 0, kIdle);
    QVERIFY(few && few_lean && few->layers == few_lean->layers);
    // Shells so near that their outlines may touch without some points: where they were apart they stay
    // apart.
    const Mesh two = join({fine, inverted(sphere(19.998, 2999, 40))});
    const auto near = slice(two, g, -20), near_lean = slice(two, g, -20, {}, 0, kIdle);
    QVERIFY(near && near_lean);
    int apart = 0;
    for (std::size_t l = 0; l < near->layers.size(); ++l)
        if (!near->layers[l].empty() && simple(near->layers[l])) {
            ++apart;
            QVERIFY2(simple(near_lean->layers[l]), qPrintable(QString::number(l)));
        }
    QVERIFY(apart > 5);
}

void TestSlicing::closed_forms() {
    // Archimedes: sphere 4/3·π·r³; torus 2·π²·R·r²; cone 1/3·π·r²·h; frustum π·h/3·(R² + R·r + r²); prism
    // a·b·c.
    COMPARE_NEAR(sliced_volume(sphere(10, 256, 128), 0.1) / (4.0 / 3 * pi * 1000), 1, 0.001);
    COMPARE_NEAR(sliced_volume(torus(20, 5, 256, 128), 0.1) / (2 * pi * pi * 20 * 25), 1, 0.001);
    COMPARE_NEAR(sliced_volume(frustum(10, 0, 20, 256), 0.1) / (pi * 100 * 20 / 3), 1, 0.001);
    COMPARE_NEAR(sliced_volume(frustum(10, 4, 20, 256), 0.1) / (pi * 20 / 3 * (100 + 40 + 16)), 1, 0.001);
    COMPARE_NEAR(sliced_volume(box(0, 0, 0, 10, 20, 30), 0.2), 6000, 1e-6);
    COMPARE_NEAR(area_at(sphere(10, 512, 256, {0, 0, 10}), 5), pi * 75, 0.1);
    // Meshes know their own volume: the divergence theorem against the same closed form.
    COMPARE_NEAR(volume_mm3(sphere(10, 256, 128)) / (4.0 / 3 * pi * 1000), 1, 0.001);
    COMPARE_NEAR(volume_mm3(box(0, 0, 0, 1, 2, 3)), 6, 1e-6);
}

void TestSlicing::error_shrinks_with_layer_height() {
    // Sampling at mid-height is the midpoint rule: four times better for half the layer, against the mesh's
    // own volume.
    const Mesh cone = frustum(10, 0, 16, 128);
    const double exact = volume_mm3(cone);
    double before = std::abs(sliced_volume(cone, 1.6) - exact);
    for (const double h : {0.8, 0.4, 0.2}) {
        const double error = std::abs(sliced_volume(cone, h) - exact);
        QVERIFY2(error < before / 3, qPrintable(QString::number(error)));
        before = error;
    }
}

void TestSlicing::holes_and_shells() {
    Builder b;
    add_prism(b, ring(0, 0, 5, 10, 200), 0, 4);
    const Mesh tube = b.build();
    QVERIFY(tube.check.clean());
    QCOMPARE(tube.shells, 1);
    COMPARE_NEAR(area_at(tube, 2), pi * 75, 0.15);
    const auto s = slice(tube, LayerGrid{4, 1, 1}, 0);
    QCOMPARE(s->layers[0].size(), std::size_t{2});
    QVERIFY(ClipperLib::Orientation(s->layers[0][0]) != ClipperLib::Orientation(s->layers[0][1]));
    QVERIFY(contains(s->layers[0], IntPoint(7500, 0)));
    QVERIFY(!contains(s->layers[0], IntPoint(0, 0)));
    COMPARE_NEAR(perimeter_mm(s->layers[0]), 2 * pi * 15, 0.05);
}

void TestSlicing::overlapping_shells_unite() {
    const Mesh two = join({box(0, 0, 0, 10, 10, 5), box(5, 5, 0, 15, 15, 5)});
    QCOMPARE(two.shells, 2);
    COMPARE_NEAR(area_at(two, 2), 175, 1e-6);
    // One wholly inside the other, both facing outwards: still one area.
    COMPARE_NEAR(area_at(join({box(0, 0, 0, 10, 10, 5), box(2, 2, 0, 8, 8, 5)}), 2), 100, 1e-6);
}

void TestSlicing::inward_shell_is_a_cavity() {
    const Mesh hollow = join({box(0, 0, 0, 10, 10, 10), inverted(box(2, 2, 2, 8, 8, 8))});
    COMPARE_NEAR(area_at(hollow, 5), 64, 1e-6);
    COMPARE_NEAR(area_at(hollow, 1), 100, 1e-6);
    COMPARE_NEAR(sliced_volume(hollow, 0.2), 1000 - 216, 1e-6);
}

void TestSlicing::missing_face_is_closed() {
    Mesh m = box(0, 0, 0, 10, 10, 10);
    std::vector<Triangle> left;
    for (const Triangle& t : m.triangles) {
        bool side = true; // the wall at x = 10
        for (const std::uint32_t v : t)
            side &= m.vertices[v].x == 10;
        if (!side)
            left.push_back(t);
    }
    const Mesh open = build_mesh(m.vertices, left);
    QCOMPARE(open.triangles.size(), std::size_t{10});
    QCOMPARE(open.check.open_edges, std::size_t{4});
    const LayerGrid g = make_grid(0.2, 0.2, 10);
    const auto s = slice(open, g, 0);
    QCOMPARE(s->check.open_layers, g.count);
    COMPARE_NEAR(s->check.widest_gap_mm, 10, 1e-6);
    COMPARE_NEAR(area_mm2(s->layers[20]), 100, 1e-6);
}

void TestSlicing::flipped_faces_are_turned() {
    std::mt19937 rng(4);
    const Mesh good = sphere(10, 32, 16);
    std::vector<Triangle> t = good.triangles;
    int flipped = 0;
    for (Triangle& x : t)
        if (rng() % 4 == 0) {
            std::swap(x[0], x[1]);
            ++flipped;
        }
    const Mesh m = build_mesh(good.vertices, t);
    QCOMPARE(m.check.flipped, static_cast<std::size_t>(flipped));
    COMPARE_NEAR(volume_mm3(m), volume_mm3(good), 1e-3);
    COMPARE_NEAR(sliced_volume(m, 0.2), sliced_volume(good, 0.2), 1e-6);
}

void TestSlicing::duplicates_and_slivers_are_dropped() {
    const Mesh good = box(0, 0, 0, 10, 10, 10);
    std::vector<Triangle> t = good.triangles;
    t.push_back(t[3]);
    t.push_back(t[5]);
    t.push_back({0, 1, 1});
    const Mesh m = build_mesh(good.vertices, t);
    QCOMPARE(m.check.duplicate, std::size_t{2});
    QCOMPARE(m.check.zero_area, std::size_t{1});
    QCOMPARE(m.check.open_edges, std::size_t{0});
    COMPARE_NEAR(area_at(m, 5), 100, 1e-6);
}

void TestSlicing::inside_out_is_turned() {
    const Mesh good = box(0, 0, 0, 10, 10, 10);
    std::vector<Triangle> t = good.triangles;
    for (Triangle& x : t)
        std::swap(x[1], x[2]);
    const Mesh m = build_mesh(good.vertices, t);
    QVERIFY(m.check.inside_out);
    COMPARE_NEAR(volume_mm3(m), 1000, 1e-6);
    COMPARE_NEAR(area_at(m, 5), 100, 1e-6);
}

void TestSlicing::bad_numbers_are_dropped() {
    const Mesh good = box(0, 0, 0, 10, 10, 10);
    std::vector<Vec3> v = good.vertices;
    std::vector<Triangle> t = good.triangles;
    const auto n = static_cast<std::uint32_t>(v.size());
    v.push_back({std::numeric_limits<float>::quiet_NaN(), 0, 0});
    v.push_back({0, std::numeric_limits<float>::infinity(), 0});
    v.push_back({0, 0, 3e9f});
    for (std::uint32_t i = 0; i < 3; ++i)
        t.push_back({n + i, 0, 1});
    t.push_back({0, 1, 4000});
    const Mesh m = build_mesh(v, t);
    QCOMPARE(m.check.not_finite, std::size_t{3});
    QCOMPARE(m.check.too_far, std::size_t{1});
    COMPARE_NEAR(area_at(m, 5), 100, 1e-6);
}

void TestSlicing::self_intersection_is_united() {
    // A bent strip whose ends run through each other, as one closed shell: two boxes sharing a lid.
    const Mesh cross = join({box(-10, -2, 0, 10, 2, 5), box(-2, -10, 0, 2, 10, 5)});
    const auto s = slice(cross, LayerGrid{4, 1, 1}, 0);
    QCOMPARE(s->check.crossing_layers, 1);
    COMPARE_NEAR(area_mm2(s->layers[0]), 2 * 80 - 16, 1e-6);
}

void TestSlicing::vertices_on_the_cut() {
    // An octahedron with its waist exactly on a cut; corners on a cut count as above it.
    const std::vector<Vec3> v{{10, 0, 5}, {0, 10, 5}, {-10, 0, 5}, {0, -10, 5}, {0, 0, 0}, {0, 0, 10}};
    const std::vector<Triangle> t{{0, 1, 5}, {1, 2, 5}, {2, 3, 5}, {3, 0, 5},
                                  {1, 0, 4}, {2, 1, 4}, {3, 2, 4}, {0, 3, 4}};
    const Mesh m = build_mesh(v, t);
    QVERIFY(m.check.clean());
    COMPARE_NEAR(area_at(m, 5), 200, 1e-6);
    COMPARE_NEAR(area_at(m, 2.5), 50, 1e-6);
}

void TestSlicing::random_rubble_never_crashes() {
    std::mt19937 rng(1);
    for (int round = 0; round < 60; ++round) {
        std::vector<Vec3> v;
        std::vector<Triangle> t;
        const auto coordinate = [&] { return static_cast<float>(rng() % 50) / 5; };
        for (int i = 0; i < 40; ++i)
            v.push_back({coordinate(), coordinate(), coordinate()});
        for (int i = 0; i < 120; ++i)
            t.push_back({static_cast<std::uint32_t>(rng() % 40), static_cast<std::uint32_t>(rng() % 40),
                         static_cast<std::uint32_t>(rng() % 40)});
        const Mesh m = build_mesh(v, t);
        const LayerGrid g = make_grid(0.3, 0.3, 10);
        const auto s = slice(m, g, 0);
        QVERIFY(s);
        for (const Paths& layer : s->layers) {
            QVERIFY(area_mm2(layer) >= -1e-9);
            QVERIFY(area_mm2(layer) <= 100 + 1e-6);
        }
    }
}

void TestSlicing::simple_test_of_rings() {
    const Paths square = polygon({{0, 0}, {10, 0}, {10, 10}, {0, 10}}),
                bow = polygon({{0, 0}, {10, 10}, {10, 0}, {0, 10}});
    QVERIFY(simple(square));
    QVERIFY(!simple(bow));
    QVERIFY(simple(circle(0, 0, 5, 1000)));
    QVERIFY(simple(lettering("SALT", 0, 0, 10, 1)));
    Paths apart = square;
    const Paths far = moved(square, 20, 0), over = moved(square, 5, 5);
    apart.push_back(far[0]);
    QVERIFY(simple(apart));
    apart.push_back(over[0]);
    QVERIFY(!simple(apart));
    // Against Clipper on random polygons: whatever passes as simple keeps its area when it is filled.
    std::mt19937 rng(11);
    int passed = 0;
    for (int i = 0; i < 3000; ++i) {
        Path p;
        const int n = 3 + static_cast<int>(rng() % 6);
        for (int k = 0; k < n; ++k)
            p.push_back(
                IntPoint(1000 * (rng() % 12), 1000 * (rng() % 12))); // coarse, so that points often touch
        if (!simple({p}))
            continue;
        ++passed;
        const double a = std::abs(ClipperLib::Area(p));
        ClipperLib::Paths out;
        ClipperLib::SimplifyPolygon(p, out, ClipperLib::pftEvenOdd);
        double sum = 0;
        for (const Path& r : out)
            sum += ClipperLib::Area(r);
        COMPARE_NEAR(sum / a, 1, 1e-3);
    }
    QVERIFY(passed > 100);
}

void TestSlicing::triangulation_keeps_the_area() {
    for (const Paths& outline : {lettering("SALTMARSH 0123456789", 0, 0, 8, 1.1), ring(0, 0, 4, 9),
                                 rounded_rectangle(0, 0, 30, 20, 4)}) {
        double sum = 0;
        for (const auto& t : triangulated(outline))
            sum += 0.5e-6 *
                   double((t[1].X - t[0].X) * (t[2].Y - t[0].Y) - (t[1].Y - t[0].Y) * (t[2].X - t[0].X));
        COMPARE_NEAR(sum, area_mm2(outline), 1e-3);
    }
    // A plate with holes at random: the cut to one must not lead through another.
    std::mt19937 rng(14);
    for (int round = 0; round < 60; ++round) {
        Paths plate = rounded_rectangle(0, 0, 24, 24, 2);
        for (int place = 0; place < 25; ++place)
            if (rng() % 4) {
                Path hole =
                    circle(4 + 4 * (place % 5) + 0.1 * static_cast<double>(rng() % 5), 4 + 4 * (place / 5),
                           0.8 + 0.1 * static_cast<double>(rng() % 8), 5 + static_cast<int>(rng() % 9))[0];
                std::reverse(hole.begin(), hole.end());
                plate.push_back(std::move(hole));
            }
        double sum = 0;
        for (const auto& t : triangulated(plate))
            sum += 0.5e-6 *
                   double((t[1].X - t[0].X) * (t[2].Y - t[0].Y) - (t[1].Y - t[0].Y) * (t[2].X - t[0].X));
        COMPARE_NEAR(sum, area_mm2(plate), 1e-3);
    }
}

namespace {

/// A wavy ring; the more `rough`, the deeper its bays.
Paths blob(std::mt19937& rng, double r_mm, double rough, int points) {
    std::uniform_real_distribution<double> phase(0, 2 * pi), amount(0, rough);
    const double p1 = phase(rng), p2 = phase(rng), p3 = phase(rng), a1 = amount(rng), a2 = amount(rng),
                 a3 = amount(rng);
    Path ring;
    for (int i = 0; i < points; ++i) {
        const double a = 2 * pi * i / points, r = r_mm *
                                                  (1 + a1 * std::sin(2 * a + p1) + a2 * std::sin(5 * a + p2) +
                                                   a3 * std::sin(11 * a + p3)) *
                                                  kUnitsPerMm;
        ring.emplace_back(std::llround(r * std::cos(a)), std::llround(r * std::sin(a)));
    }
    return {ring};
}

double xor_mm2(const Paths& a, const Paths& b) {
    return area_mm2(subtract(a, b)) + area_mm2(subtract(b, a));
}

} // namespace

void TestSlicing::what_is_surely_not_narrow() {
    std::mt19937 rng(11);
    int sure = 0, narrow = 0;
    for (int i = 0; i < 200; ++i) {
        Paths area = blob(rng, 3 + i % 9, 0.3, 60 + i);
        if (i % 3 == 0) { // with a hole, somewhere
            Paths hole = blob(rng, 1.2, 0.3, 40);
            for (IntPoint& q : hole[0])
                q.X += (i % 7) * 500;
            area = subtract(area, hole);
        }
        for (const double width : {0.4, 0.8, 1.6}) {
            const bool may = may_be_narrow(area, width),
                       lost = !lost_by_opening(area, width).empty() || !lost_by_closing(area, width).empty();
            QVERIFY2(may || !lost, qPrintable(QString("%1 at %2").arg(i).arg(width)));
            sure += !may;
            narrow += lost;
        }
    }
    QVERIFY2(sure > 100 && narrow > 100, qPrintable(QString("%1 sure, %2 narrow").arg(sure).arg(narrow)));
    // A strip, a bay, a speck and a pinhole.
    const auto box = [](double x, double y, double w, double h) {
        return Path{{std::llround(x * 1000), std::llround(y * 1000)},
                    {std::llround((x + w) * 1000), std::llround(y * 1000)},
                    {std::llround((x + w) * 1000), std::llround((y + h) * 1000)},
                    {std::llround(x * 1000), std::llround((y + h) * 1000)}};
    };
    QVERIFY(may_be_narrow({box(0, 0, 20, 0.5)}, 0.8));
    QVERIFY(may_be_narrow(subtract({box(0, 0, 20, 20)}, {box(5, -1, 0.5, 10)}), 0.8));
    QVERIFY(may_be_narrow({box(0, 0, 0.5, 0.5)}, 0.8));
    QVERIFY(may_be_narrow(subtract({box(0, 0, 20, 20)}, {box(5, 5, 0.5, 0.5)}), 0.8));
    QVERIFY(may_be_narrow({box(0, 0, 20, 20)}, 0.8)); // four corners are cut quicker than asked about
    std::mt19937 round(1);
    QVERIFY(!may_be_narrow(blob(round, 10, 0, 400), 0.8));
    QVERIFY(!may_be_narrow({}, 0.8));
}

void TestSlicing::quick_offsets_are_offsets() {
    std::mt19937 rng(12);
    for (int i = 0; i < 300; ++i) {
        const Paths area = blob(rng, 2 + i % 11, 0.25, 30 + 2 * i);
        for (const double mm : {-0.8, -0.3, 0.3, 0.8}) {
            const Paths quick = quick_offset(area, mm), judge = offset(area, mm);
            QVERIFY2(xor_mm2(quick, judge) < 0.006 * perimeter_mm(area),
                     qPrintable(QString("%1 by %2: %3").arg(i).arg(mm).arg(xor_mm2(quick, judge))));
        }
    }
}

void TestSlicing::skins_of_many_points() {
    // A step from r = 10 to r = 6: the ring between them is skin for as many layers as there are skins, π·(R²
    // − r²)·n·h, less the walls. Few points are cut as polygons, many in rows.
    for (const int segments : {120, 2400}) {
        Project p;
        p.filaments = {test::pla('A', "#141414")};
        Builder b;
        for (const auto& [r, z0, z1] : {std::array{10.0, 0.0, 6.0}, std::array{6.0, 6.0, 12.0}}) {
            Path ring;
            for (int i = 0; i < segments; ++i)
                ring.emplace_back(std::llround(1000 * r * std::cos(2 * pi * i / segments)),
                                  std::llround(1000 * r * std::sin(2 * pi * i / segments)));
            add_prism(b, {ring}, z0, z1);
        }
        p.pieces[0].parts = {test::part("step", b.build(), 'A')};
        p.settings.first_layer_mm = p.settings.layer_mm;
        const auto table = *make_layer_table(p.pieces[0], p.settings, {});
        const auto demand = *make_demand(*table, p.pieces[0].parts, p.settings, {});
        const Settings& s = p.settings;
        const double walls = s.walls * s.line_width_mm, h = s.layer_mm;
        const auto disc = [](double r) { return pi * r * r; };
        double skin = 0;
        for (const Volume& v : demand->parts[0])
            skin += v.skin_mm3;
        // The ring below the step, the whole top, the whole bottom.
        const double wanted = h * (s.top_skins * (disc(10 - walls) - disc(6)) +
                                   s.top_skins * disc(6 - walls) + s.bottom_skins * disc(10 - walls));
        COMPARE_NEAR(skin / wanted, 1, 0.002);
    }
}

void TestSlicing::stopping() {
    std::stop_source stop;
    stop.request_stop();
    const auto s = slice(sphere(10, 64, 32), make_grid(0.2, 0.2, 20), -10, {stop.get_token(), {}});
    QVERIFY(!s);
    QVERIFY(!s.error().message.empty());
}

void TestSlicing::threads_agree() {
    const Mesh m = torus(20, 5, 200, 100);
    const LayerGrid g = make_grid(0.1, 0.1, 10);
    double last = 0;
    const auto one = slice(m, g, -5, {{}, [&](double share) { last = share; }}, 1),
               two = slice(m, g, -5, {}, 2);
    QVERIFY(last > 0.99);
    for (int l = 0; l < g.count; ++l)
        QVERIFY(one->layers[l] == two->layers[l]);
}

VITRAIL_TEST(TestSlicing)
#include "test_slicing.moc"
