#include "core/picture/terraces.h"

#include "core/layers/layer_table.h"
#include "support.h"

#include <random>

using namespace vitrail;
using namespace vitrail::test;

namespace {

/// Hills: smooth, with steep and flat places.
DotMap hills(int size, int most, unsigned seed) {
    std::mt19937 rng(seed);
    std::uniform_real_distribution<double> any(0, 6.28);
    const double a = any(rng), b = any(rng), c = any(rng);
    DotMap h{size, size * 3 / 4, {}};
    for (int y = 0; y < h.height; ++y)
        for (int x = 0; x < h.width; ++x) {
            const double u = 9.0 * x / size, v = 9.0 * y / size,
                         z = 0.5 + 0.2 * std::sin(u + a) + 0.2 * std::sin(1.3 * v + b) +
                             0.1 * std::sin(u * v / 3 + c);
            h.dots.push_back(static_cast<std::uint16_t>(std::clamp(static_cast<int>(1 + z * most), 1, most)));
        }
    return without_detail_below(h, 2).heights;
}

DotMap noise(int width, int height, int most, unsigned seed) {
    std::mt19937 rng(seed);
    DotMap h{width, height, {}};
    for (int i = 0; i < width * height; ++i)
        h.dots.push_back(static_cast<std::uint16_t>(1 + rng() % static_cast<unsigned>(most)));
    return without_detail_below(h, 1 + static_cast<int>(seed % 3)).heights;
}

double volume_of(const std::vector<Paths>& levels, const ReliefLayers& layers) {
    double mm3 = 0;
    for (std::size_t l = 0; l < levels.size(); ++l)
        mm3 += area_mm2(levels[l]) *
               (layers.top_mm(static_cast<int>(l) + 1) - layers.top_mm(static_cast<int>(l)));
    return mm3;
}

} // namespace

/// Reliefs as outlines and bodies.
class TestTerraces : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void rectangles_by_closed_form();
    void every_dot_keeps_its_height();
    void levels_are_nested();
    void bodies_are_closed();
    void body_slices_into_its_levels();
    void few_triangles();
};

void TestTerraces::rectangles_by_closed_form() {
    // A step of 4 × 6 dots of 0.5 mm in the middle: its four corners are cut at the middles of the dots'
    // sides, an eighth of a dot each.
    DotMap h{12, 10, std::vector<std::uint16_t>(120, 2)};
    for (int y = 3; y < 7; ++y)
        for (int x = 3; x < 9; ++x)
            h.dots[static_cast<std::size_t>(12 * y + x)] = 5;
    const TerraceMap map = terrace_map(h, 0.5);
    const auto levels = terrace_levels(map, whole_heights(map.most));
    QCOMPARE(levels.size(), std::size_t{5});
    for (int l = 0; l < 2; ++l)
        COMPARE_NEAR(area_mm2(levels[static_cast<std::size_t>(l)]), 6.0 * 5.0, 1e-9);
    for (int l = 2; l < 5; ++l)
        COMPARE_NEAR(area_mm2(levels[static_cast<std::size_t>(l)]), (24 - 4 * 0.125) * 0.25, 1e-9);
    const ReliefLayers z{{}, 0.16, 0.08};
    COMPARE_NEAR(volume_mm3(terrace_bodies(map, z, {whole_heights(map.most)}).front()), volume_of(levels, z),
                 1e-4);
}

void TestTerraces::every_dot_keeps_its_height() {
    // No border moves by half a dot: the middle of every dot lies in just the levels of its height.
    for (unsigned seed = 1; seed <= 12; ++seed) {
        const DotMap h = seed % 2 ? noise(24, 18, 5, seed) : hills(60, 9, seed);
        const TerraceMap map = terrace_map(h, 0.2);
        const auto levels = terrace_levels(map, whole_heights(map.most));
        for (int y = 0; y < h.height; ++y)
            for (int x = 0; x < h.width; ++x) {
                const IntPoint middle{100 + 200 * x, 100 + 200 * (h.height - 1 - y)};
                for (std::size_t l = 0; l < levels.size(); ++l) {
                    int inside = 0;
                    for (const Path& ring : levels[l])
                        if (ClipperLib::PointInPolygon(middle, ring))
                            inside += ClipperLib::Orientation(ring) ? 1 : -1;
                    QCOMPARE(inside > 0, h.at(x, y) > static_cast<int>(l));
                }
            }
    }
}

void TestTerraces::levels_are_nested() {
    for (unsigned seed = 1; seed <= 9; ++seed) {
        const TerraceMap map = terrace_map(seed % 2 ? noise(40, 30, 6, seed) : hills(120, 14, seed), 0.2);
        const auto levels = terrace_levels(map, whole_heights(map.most));
        for (std::size_t l = 1; l < levels.size(); ++l) {
            COMPARE_NEAR(area_mm2(subtract(levels[l], levels[l - 1])), 0, 1e-9);
            COMPARE_NEAR(area_mm2(unite(levels[l], {})), area_mm2(levels[l]),
                         1e-9); // no ring crosses itself or another
        }
    }
}

void TestTerraces::bodies_are_closed() {
    const ReliefLayers z{{}, 0.16, 0.08};
    for (unsigned seed = 1; seed <= 15; ++seed) {
        const TerraceMap map = terrace_map(seed % 2 ? noise(30, 22, 6, seed) : hills(90, 12, seed), 0.2);
        const Mesh body = terrace_bodies(map, z, {whole_heights(map.most)}).front();
        QCOMPARE(static_cast<int>(body.check.open_edges), 0);
        QCOMPARE(static_cast<int>(body.check.flipped), 0);
        const double mm3 = volume_of(terrace_levels(map, whole_heights(map.most)), z);
        COMPARE_NEAR(volume_mm3(body), mm3, 1e-4 * mm3);
    }
}

void TestTerraces::body_slices_into_its_levels() {
    // Whoever slices the body gets the areas that Vitrail plans with.
    const ReliefLayers z{{}, 0.16, 0.08};
    const TerraceMap map = terrace_map(hills(120, 10, 3), 0.2);
    const auto levels = terrace_levels(map, whole_heights(map.most));
    Project p = stack("", 1);
    p.settings.first_layer_mm = 0.16;
    p.settings.layer_mm = 0.08;
    p.pieces[0].parts = {part("relief", terrace_bodies(map, z, {whole_heights(map.most)}).front(), 'A')};
    const auto table = make_layer_table(p.pieces[0], p.settings);
    QVERIFY(table);
    QCOMPARE((*table)->grid.count, 10);
    for (int l = 1; l <= 10; ++l)
        COMPARE_NEAR(area_mm2(whole_layer(**table, l)), area_mm2(levels[static_cast<std::size_t>(l) - 1]),
                     1e-3 * area_mm2(levels[static_cast<std::size_t>(l) - 1]));
}

void TestTerraces::few_triangles() {
    // Two triangles a dot is how meshes of pictures are usually made (common practice, no source).
    const DotMap h = hills(1160, 30, 7); // a million dots, 30 layers
    const TerraceMap map = terrace_map(h, 0.2);
    const Mesh body = terrace_bodies(map, {{}, 0.16, 0.08}, {whole_heights(map.most)}).front();
    QCOMPARE(static_cast<int>(body.check.open_edges), 0);
    const double share = static_cast<double>(body.triangles.size()) / (2.0 * h.width * h.height);
    qInfo("%zu triangles, %.1f %% of two a dot", body.triangles.size(), 100 * share);
    QVERIFY(share < 0.1);
}

VITRAIL_TEST(TestTerraces)
#include "test_terraces.moc"
