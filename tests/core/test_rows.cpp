#include "core/geometry/rows.h"

#include "support.h"

#include <numbers>

using namespace vitrail;
using namespace vitrail::test;

namespace {

using Rng = std::mt19937;

double between(Rng& rng, double low, double high) {
    return std::uniform_real_distribution<double>(low, high)(rng);
}

/// Blobs and boxes at random, some on top of each other, with holes where they lie so.
Paths random_area(Rng& rng, int shapes = 5) {
    Paths all;
    for (int i = 0; i < shapes; ++i) {
        const double x = between(rng, -20, 20), y = between(rng, -20, 20);
        if (rng() % 2) {
            const double w = between(rng, 1, 15), h = between(rng, 1, 15);
            all.push_back({{std::llround(x * 1000), std::llround(y * 1000)},
                           {std::llround((x + w) * 1000), std::llround(y * 1000)},
                           {std::llround((x + w) * 1000), std::llround((y + h) * 1000)},
                           {std::llround(x * 1000), std::llround((y + h) * 1000)}});
        } else {
            const double r = between(rng, 2, 12), wave = between(rng, 0, 0.3);
            Path blob;
            for (int k = 0; k < 240; ++k) {
                const double a = 2 * std::numbers::pi * k / 240, q = r * (1 + wave * std::sin(5 * a));
                blob.emplace_back(std::llround((x + q * std::cos(a)) * 1000),
                                  std::llround((y + q * std::sin(a)) * 1000));
            }
            all.push_back(std::move(blob));
        }
    }
    const Paths ring = solids::ring(between(rng, -10, 10), between(rng, -10, 10), 4, 6);
    return unite(filled(all), ring);
}

double difference_mm2(const Paths& a, const Paths& b) {
    return area_mm2(subtract(a, b)) + area_mm2(subtract(b, a));
}

constexpr int kPitch = 50;

} // namespace

class TestRows : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void shapes_by_closed_form();
    void outlines_come_back();
    void set_operations_as_clipper_does();
    void set_operations_keep_their_laws();
    void growing_is_a_minkowski_sum();
    void farther_than_is_exact();
    void far_along_leaves_out_only_what_is_near();
    void hundredths_of_a_mm_count();
    void idle_points_are_left_out();
    void pieces_as_polygons_have_them();
    void neighbours_by_brute_force();
    void points_inside();
    void pitch_follows_size();
    void nothing_makes_nothing();
    void tangled_outlines_do_no_harm();
};

void TestRows::shapes_by_closed_form() {
    // A polygon of n corners on a circle of radius r: area ½·n·r²·sin(2π/n), around 2·n·r·sin(π/n).
    constexpr int n = 96;
    for (const double r : {0.5, 3.0, 20.0}) {
        const Rows disc = rows_of(solids::circle(1.23, -4.56, r, n), kPitch);
        const double area = 0.5 * n * r * r * std::sin(2 * std::numbers::pi / n),
                     around = 2 * n * r * std::sin(std::numbers::pi / n);
        COMPARE_NEAR(area_mm2(disc), area, 0.002 * area);
        COMPARE_NEAR(perimeter_mm(disc), around, 0.03 * around);
        COMPARE_NEAR(area_mm2(paths_of(disc)), area, 0.002 * area);
    }
    // A square whose edges lie between lines: none of them counts double or not at all, whatever its place.
    for (int k = 0; k < 40; ++k) {
        const ClipperLib::cInt at = 7 * k, size = 10000;
        const Rows square =
            rows_of({{{at, at}, {at + size, at}, {at + size, at + size}, {at, at + size}}}, kPitch);
        COMPARE_NEAR(area_mm2(square), 100, 0.01);
        COMPARE_NEAR(perimeter_mm(square), 40, 0.4);
        const Box box = box_of(square);
        for (const auto& [is, should] :
             {std::pair{box.left, at}, {box.top, at}, {box.right, at + size}, {box.bottom, at + size}})
            QVERIFY(std::abs(is - should) <= kPitch);
    }
}

void TestRows::outlines_come_back() {
    Rng rng(4);
    for (int round = 0; round < 60; ++round) {
        const Paths area = random_area(rng);
        const Rows rows = rows_of(area, kPitch);
        const Paths back = paths_of(rows);
        COMPARE_NEAR(area_mm2(back), area_mm2(rows), 0.1);
        COMPARE_NEAR(difference_mm2(back, area), 0, 0.005 * perimeter_mm(area)); // 5 µm of the way round
        COMPARE_NEAR(difference_mm2(filled(back), back), 0, 1e-3); // rings run the right way and do not cross
        // On the lines nothing is lost.
        const Rows again = rows_of(back, kPitch);
        COMPARE_NEAR(area_mm2(subtract(again, rows)) + area_mm2(subtract(rows, again)), 0,
                     0.002 * area_mm2(rows));
    }
}

void TestRows::set_operations_as_clipper_does() {
    Rng rng(5);
    for (int round = 0; round < 60; ++round) {
        const Paths a = random_area(rng), b = random_area(rng);
        const Rows x = rows_of(a, kPitch), y = rows_of(b, kPitch);
        COMPARE_NEAR(area_mm2(x), area_mm2(a), 0.1);
        COMPARE_NEAR(area_mm2(unite(x, y)), area_mm2(unite(a, b)), 0.15);
        COMPARE_NEAR(area_mm2(subtract(x, y)), area_mm2(subtract(a, b)), 0.15);
        COMPARE_NEAR(area_mm2(intersect(x, y)), area_mm2(intersect(a, b)), 0.15);
    }
}

void TestRows::set_operations_keep_their_laws() {
    Rng rng(6);
    for (int round = 0; round < 40; ++round) {
        const Rows a = rows_of(random_area(rng, 3), kPitch), b = rows_of(random_area(rng, 3), kPitch),
                   c = rows_of(random_area(rng, 3), kPitch);
        QVERIFY(unite(a, b) == unite(b, a) && intersect(a, b) == intersect(b, a));
        QVERIFY(unite({&a, &b, &c}) == unite(unite(a, b), c));
        QVERIFY(subtract(a, unite(b, c)) == subtract(subtract(a, b), c));
        QVERIFY(intersect(a, unite(b, c)) == unite(intersect(a, b), intersect(a, c)));
        QVERIFY(unite(subtract(a, b), intersect(a, b)) == a);
        QVERIFY(subtract(a, a).empty() && intersect(subtract(a, b), b).empty());
        QVERIFY(unite(a, Rows{}) == a && subtract(a, Rows{}) == a && intersect(a, Rows{}).empty());
        COMPARE_NEAR(area_mm2(unite(a, b)) + area_mm2(intersect(a, b)), area_mm2(a) + area_mm2(b), 1e-9);
    }
}

void TestRows::growing_is_a_minkowski_sum() {
    // By closed form: a disc grows into a disc; a square by its sides and four quarters of a disc. By
    // Clipper: anything.
    const Rows disc = grown(rows_of(solids::circle(0, 0, 5, 400), kPitch), 2);
    COMPARE_NEAR(area_mm2(disc), std::numbers::pi * 49, 0.2);
    const Rows square = grown(rows_of({{{0, 0}, {10000, 0}, {10000, 10000}, {0, 10000}}}, kPitch), 1.5);
    COMPARE_NEAR(area_mm2(square), 100 + 4 * 10 * 1.5 + std::numbers::pi * 1.5 * 1.5, 0.4);
    Rng rng(7);
    for (int round = 0; round < 40; ++round) {
        const Paths area = random_area(rng);
        const Rows rows = rows_of(area, kPitch);
        const double mm = between(rng, 0.1, 2), around = perimeter_mm(area);
        const Rows larger = grown(rows, mm), smaller = shrunk(rows, mm);
        COMPARE_NEAR(area_mm2(larger), area_mm2(round_offset(area, mm)), 0.015 * around);
        COMPARE_NEAR(area_mm2(smaller), area_mm2(round_offset(area, -mm)), 0.015 * around);
        QVERIFY(subtract(rows, larger).empty() && subtract(smaller, rows).empty());
        QVERIFY(subtract(opened(rows, mm), rows).empty());
        QVERIFY(subtract(rows, closed(rows, mm)).empty());
        QVERIFY(grown(rows, 0) == rows && shrunk(rows, 0) == rows);
    }
    // What is thinner goes, what is thicker stays.
    const Rows thin = rows_of({{{0, 0}, {20000, 0}, {20000, 300}, {0, 300}}}, kPitch),
               thick = rows_of({{{0, 5000}, {20000, 5000}, {20000, 6000}, {0, 6000}}}, kPitch);
    QVERIFY(opened(thin, 0.2).empty());
    COMPARE_NEAR(area_mm2(opened(thick, 0.2)), 20, 0.5);
    // Gaps the other way round.
    const Rows slit = rows_of({{{0, 0}, {20000, 0}, {20000, 5000}, {0, 5000}},
                               {{0, 5300}, {20000, 5300}, {20000, 9000}, {0, 9000}}},
                              kPitch);
    COMPARE_NEAR(area_mm2(closed(slit, 0.2)), 20 * 9, 0.5);
    COMPARE_NEAR(area_mm2(closed(slit, 0.1)), 20 * 8.7, 0.5);
}

void TestRows::far_along_leaves_out_only_what_is_near() {
    // A bar 10 mm long from 2 mm in, on one line: 2 mm to either end are left out, along a line that is
    // askew.
    const auto on_a_line = [](std::int32_t from, std::int32_t to) {
        return Rows{.pitch = kPitch, .first = 0, .starts = {0, 1}, .spans = {{from, to}}};
    };
    const double along = std::hypot(1, Rows::kSkew);
    const Rows middle = far_along(on_a_line(2000, 12000), on_a_line(0, 20000), 2 * along);
    QCOMPARE(middle.spans, (std::vector<Rows::Span>{{4000, 10000}}));
    // Where it ends with the whole, there is nothing beyond to be near to.
    QCOMPARE(far_along(on_a_line(0, 12000), on_a_line(0, 20000), 2 * along).spans,
             (std::vector<Rows::Span>{{0, 10000}}));
    QCOMPARE(far_along(on_a_line(0, 20000), on_a_line(0, 20000), 2), on_a_line(0, 20000));
    Rng rng(81);
    for (int round = 0; round < 60; ++round) {
        const Rows all = rows_of(random_area(rng), kPitch),
                   part = intersect(all, rows_of(random_area(rng), kPitch)), rest = subtract(all, part);
        const double mm = between(rng, 0.1, 3);
        const Rows far = far_along(part, all, mm);
        QVERIFY(subtract(far, part).empty());
        // What grown samples leave is in it.
        QVERIFY(subtract(subtract(part, grown(rest, mm)), far).empty());
    }
}

void TestRows::farther_than_is_exact() {
    Rng rng(8);
    for (int round = 0; round < 60; ++round) {
        const Paths from = random_area(rng), area = random_area(rng);
        const double mm = between(rng, 0.05, 3);
        const Rows near_by = rows_of(from, kPitch), outside = subtract(rows_of(area, kPitch), near_by),
                   far = farther_than(outside, near_by, from, mm);
        QVERIFY(subtract(far, outside).empty());
        COMPARE_NEAR(area_mm2(far), area_mm2(subtract(area, round_offset(from, mm))), 0.2);
        // Sample by sample: neither end of a span is nearer, and what was taken away is.
        for (std::size_t i = 0; i < far.spans.size(); i += 1 + far.spans.size() / 200) {
            const int line = far.first +
                             static_cast<int>(std::upper_bound(far.starts.begin(), far.starts.end(), i) -
                                              far.starts.begin()) -
                             1;
            const double x = (double(far.spans[i].from) + far.spans[i].to) / 2;
            QVERIFY(nearest_on(from, x, (line + 0.5) * kPitch - Rows::kSkew * x).away >=
                    mm * kUnitsPerMm - 3);
        }
        const Rows near = subtract(outside, far);
        for (std::size_t i = 0; i < near.spans.size(); i += 1 + near.spans.size() / 200) {
            const int line = near.first +
                             static_cast<int>(std::upper_bound(near.starts.begin(), near.starts.end(), i) -
                                              near.starts.begin()) -
                             1;
            const double x = (double(near.spans[i].from) + near.spans[i].to) / 2;
            QVERIFY(nearest_on(from, x, (line + 0.5) * kPitch - Rows::kSkew * x).away <=
                    1.004 * mm * kUnitsPerMm + 3); // slight turns are mitred
        }
    }
}

void TestRows::hundredths_of_a_mm_count() {
    // Two slopes a hundredth of a mm apart, whichever way they face: one is allowed, the other is not.
    for (int degrees = 0; degrees < 360; degrees += 7) {
        const double a = degrees * std::numbers::pi / 180;
        const auto turned = [a](double x, double y) {
            return IntPoint(std::llround((x * std::cos(a) - y * std::sin(a)) * 1000),
                            std::llround((x * std::sin(a) + y * std::cos(a)) * 1000));
        };
        const Paths below{{turned(-10, -10), turned(0, -10), turned(0, 10), turned(-10, 10)}},
            above{{turned(-10, -9), turned(0.3, -9), turned(0.3, 9), turned(-10, 9)}};
        const Rows under = rows_of(below, kPitch), beyond = subtract(rows_of(above, kPitch), under);
        COMPARE_NEAR(area_mm2(farther_than(beyond, under, below, 0.305)), 0, 1e-9);
        COMPARE_NEAR(area_mm2(farther_than(beyond, under, below, 0.295)), 0.005 * 18,
                     degrees % 90 == 0 ? 0.01 : 0.06);
    }
}

void TestRows::idle_points_are_left_out() {
    // A square with many points on its sides keeps its corners and where it begins.
    Path square;
    for (int side = 0; side < 4; ++side)
        for (int k = 0; k < 50; ++k) {
            const int t = 200 * k;
            square.emplace_back(side == 0   ? t
                                : side == 1 ? 10000
                                : side == 2 ? 10000 - t
                                            : 0,
                                side == 0   ? 0
                                : side == 1 ? t
                                : side == 2 ? 10000
                                            : 10000 - t);
        }
    const Path corners = without_idle_points(square, 0.002);
    QVERIFY(corners.size() >= 4 && corners.size() <= 6);
    COMPARE_NEAR(ClipperLib::Area(corners), 1e8, 1e-6 * 1e8);
    // Whatever the outline: none of the points left out is farther away than asked for.
    Rng rng(12);
    for (const double mm : {0.002, 0.02, 0.2}) {
        std::size_t before = 0, after = 0;
        for (int round = 0; round < 15; ++round)
            for (const Path& ring : random_area(rng)) {
                const Path fewer = without_idle_points(ring, mm);
                before += ring.size();
                after += fewer.size();
                for (const IntPoint& p : ring)
                    QVERIFY(nearest_on({fewer}, double(p.X), double(p.Y)).away <= mm * kUnitsPerMm + 1);
            }
        QVERIFY(after < (mm > 0.1 ? before / 2 : before));
    }
    QVERIFY(without_idle_points(Path{}, 1).empty());
}

void TestRows::pieces_as_polygons_have_them() {
    Rng rng(9);
    for (int round = 0; round < 40; ++round) {
        // In places of their own: discs, rings with a dot inside, bars.
        Paths area;
        int known = 0;
        for (int place = 0; place < 16; ++place) {
            const double x = 10.0 * (place % 4), y = 10.0 * (place / 4) + 1, r = between(rng, 1, 4.9);
            Paths shape = solids::circle(x, y, r);
            if (rng() % 2 && r > 2) {
                shape = solids::ring(x, y, r - 0.4, r);
                shape.push_back(solids::circle(x, y, r - 0.6)[0]);
            }
            known += static_cast<int>(std::count_if(shape.begin(), shape.end(), ClipperLib::Orientation));
            area.insert(area.end(), shape.begin(), shape.end());
        }
        const Rows rows = rows_of(area, kPitch);
        const RowPieces in = pieces_in(rows);
        const std::vector<Rows> pieces = pieces_of(rows);
        QCOMPARE(pieces.size(), in.mm2.size());
        double sum = 0;
        std::vector<const Rows*> all;
        for (std::size_t k = 0; k < pieces.size(); ++k) {
            COMPARE_NEAR(area_mm2(pieces[k]), in.mm2[k], 1e-9);
            sum += in.mm2[k];
            all.push_back(&pieces[k]);
            std::vector<char> only(pieces.size(), 0);
            only[k] = 1;
            QVERIFY(picked(rows, in, only) == pieces[k]);
            QCOMPARE(pieces_in(pieces[k]).mm2.size(), std::size_t{1});
        }
        COMPARE_NEAR(sum, area_mm2(rows), 1e-9);
        QVERIFY(unite(all) == rows);
        QCOMPARE(static_cast<int>(pieces.size()), known);
    }
}

void TestRows::neighbours_by_brute_force() {
    Rng rng(10);
    for (int round = 0; round < 40; ++round) {
        Paths dots_a, dots_b;
        for (int i = 0; i < 12; ++i)
            for (Paths* dots : {&dots_a, &dots_b})
                dots->push_back(
                    solids::circle(between(rng, 0, 20), between(rng, 0, 20), between(rng, 0.3, 1), 48)[0]);
        const Rows a = rows_of(dots_a, kPitch), b = rows_of(dots_b, kPitch);
        const double mm = between(rng, 0.2, 1.5);
        const auto found = neighbours(a, pieces_in(a), b, pieces_in(b), mm);
        const std::vector<Rows> pa = pieces_of(a), pb = pieces_of(b);
        for (std::size_t i = 0; i < pa.size(); ++i)
            for (std::size_t j = 0; j < pb.size(); ++j) {
                const bool near = std::count(found.begin(), found.end(),
                                             std::pair{static_cast<int>(i), static_cast<int>(j)}) > 0;
                // Beyond doubt one way or the other.
                if (!intersect(grown(pa[i], mm - 0.06), pb[j]).empty())
                    QVERIFY(near);
                if (intersect(grown(pa[i], mm + 0.06), pb[j]).empty())
                    QVERIFY(!near);
            }
    }
}

void TestRows::points_inside() {
    Rng rng(11);
    int checked = 0;
    for (int round = 0; round < 20; ++round) {
        const Paths area = random_area(rng);
        const Rows rows = rows_of(area, kPitch), coarse = coarser(rows, 5);
        QCOMPARE(coarse.pitch, 5 * kPitch);
        COMPARE_NEAR(area_mm2(coarse), area_mm2(area), 1.5);
        const Rows again = finer(coarse, 5); // on as many lines as before, each within two of where it was
        QCOMPARE(again.pitch, kPitch);
        COMPARE_NEAR(area_mm2(again), area_mm2(coarse), 1e-6);
        QVERIFY(coarser(again, 5) == coarse);
        for (int k = 0; k < 400; ++k) {
            const IntPoint p(std::llround(between(rng, -35000, 35000)),
                             std::llround(between(rng, -35000, 35000)));
            const double away = nearest_on(area, double(p.X), double(p.Y)).away;
            if (away > kPitch) {
                QCOMPARE(contains(rows, p), contains(area, p));
                ++checked;
            }
            if (away > 5 * kPitch)
                QCOMPARE(contains(coarse, p), contains(area, p));
        }
    }
    QVERIFY(checked > 5000);
}

void TestRows::pitch_follows_size() {
    QCOMPARE(pitch_for(Box{}), Rows::kFinest);
    QCOMPARE(pitch_for({0, 0, 20000, 20000}), Rows::kFinest);
    for (const ClipperLib::cInt size : {80000, 250000, 1000000}) {
        const int pitch = pitch_for({-size, 0, size, size});
        QVERIFY(pitch > Rows::kFinest);
        const Rows all = rows_of({{{-size, 0}, {size, 0}, {size, size}, {-size, size}}}, pitch);
        QVERIFY(all.lines() <= 1002 && all.lines() > 900);
    }
}

void TestRows::nothing_makes_nothing() {
    const Rows none = rows_of({}, kPitch);
    QVERIFY(none.empty() && none.lines() == 0 && paths_of(none).empty() && box_of(none).empty());
    QVERIFY(rows_of({{{0, 0}, {1000, 0}}}, kPitch).empty());               // no area
    QVERIFY(rows_of({{{0, 0}, {0, 3000}, {3000, 3000}}}, kPitch).empty()); // clockwise: a hole in nothing
    QVERIFY(grown(none, 1).empty() && shrunk(none, 1).empty() &&
            farther_than(none, none, solids::circle(0, 0, 1), 1).empty());
    QVERIFY(pieces_of(none).empty() && unite(std::vector<const Rows*>{}).empty() && coarser(none, 3).empty());
    QVERIFY(!contains(none, {0, 0}) && none.line(0).empty());
    QCOMPARE(area_mm2(none), 0.0);
    QCOMPARE(perimeter_mm(none), 0.0);
}

void TestRows::tangled_outlines_do_no_harm() {
    // Rings that cross themselves, run back on themselves, repeat points or have no area: by winding number,
    // as Clipper fills them, and all that is made of them holds together.
    Rng rng(13);
    for (int round = 0; round < 300; ++round) {
        Paths area(1 + rng() % 3);
        for (Path& ring : area) {
            const int n = static_cast<int>(rng() % 12);
            for (int k = 0; k < n; ++k) {
                ring.emplace_back(500 * static_cast<int>(rng() % 20), 500 * static_cast<int>(rng() % 20));
                if (rng() % 4 == 0)
                    ring.push_back(ring[rng() % ring.size()]);
            }
        }
        const Rows rows = rows_of(area, kPitch);
        COMPARE_NEAR(area_mm2(rows), area_mm2(filled(area)), 0.15);
        COMPARE_NEAR(area_mm2(paths_of(rows)), area_mm2(rows), 0.6);
        const RowPieces pieces = pieces_in(rows);
        QCOMPARE(pieces.of.size(), rows.spans.size());
        QVERIFY(subtract(rows, grown(rows, 0.3)).empty() && subtract(shrunk(rows, 0.3), rows).empty());
        QVERIFY(
            subtract(farther_than(subtract(grown(rows, 1), rows), rows, area, 0.5), grown(rows, 1)).empty());
        for (const Rows::Span s : rows.spans)
            QVERIFY(s.from < s.to);
        for (int n = rows.first; n < rows.first + rows.lines(); ++n)
            for (std::size_t k = 1; k < rows.line(n).size(); ++k)
                QVERIFY(rows.line(n)[k - 1].to < rows.line(n)[k].from);
    }
}

VITRAIL_TEST(TestRows)
#include "test_rows.moc"
