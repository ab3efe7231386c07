#include "core/picture/search.h"

#include "support.h"

#include <functional>
#include <random>
#include <set>

using namespace vitrail;
using vitrail::test::pla;

namespace {

/// Five spools as people have them.
std::vector<Tint> spools(std::size_t count = 5) {
    std::vector<Tint> all{tint_of({0x14, 0x18, 0x24}, 0.6), tint_of({0xf2, 0xf2, 0xea}, 4),
                          tint_of({0xb8, 0x2e, 0x28}, 2), tint_of({0xe0, 0xa2, 0x3c}, 3),
                          tint_of({0x2f, 0x6d, 0xb5}, 2.5)};
    all.resize(count);
    return all;
}

/// A picture in the colours that a stack has at its heights, so that one stack is right.
std::vector<PictureColour> colours_of(const std::vector<Tint>& tints, const std::vector<StackBand>& bands) {
    ReliefLayers layers;
    for (const StackBand& b : bands)
        layers.tints.insert(layers.tints.end(), static_cast<std::size_t>(b.layers), b.tint);
    const auto colours = colours_by_height(layers, tints, {});
    std::vector<PictureColour> out;
    for (std::size_t l = static_cast<std::size_t>(bands.front().layers) - 1; l < colours.size(); ++l)
        out.push_back({to_lab(colours[l]), 0});
    for (PictureColour& c : out)
        c.share = 1.0 / static_cast<double>(out.size());
    return out;
}

std::vector<PictureColour> random_colours(int count, std::mt19937& rng) {
    std::vector<PictureColour> out;
    for (int i = 0; i < count; ++i)
        out.push_back({to_lab(Srgb{static_cast<std::uint8_t>(rng()), static_cast<std::uint8_t>(rng()),
                                   static_cast<std::uint8_t>(rng())}),
                       1.0 / count});
    return out;
}

/// The least error of all stacks of at most so many bands, one after the other.
double brute_force(const StackSearch& s, int bands) {
    double best = 1e300;
    std::vector<StackBand> stack;
    const std::function<void(int)> on = [&](int left) {
        if (!stack.empty())
            best = std::min(best, stack_error(s, stack));
        if (static_cast<int>(stack.size()) == bands)
            return;
        for (int tint = 0; tint < static_cast<int>(s.tints.size()); ++tint)
            for (int layers = stack.empty() ? s.base_layers : 1;
                 layers <= left && (stack.empty() || stack.back().tint != tint); ++layers) {
                stack.push_back({tint, layers});
                on(left - layers);
                stack.pop_back();
            }
    };
    on(s.most_layers);
    return best;
}

} // namespace

/// The search for the stack that comes nearest to a picture.
class TestSearch : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void colours_of_a_picture();
    void error_by_hand();
    void small_ones_by_brute_force();
    void annealing_by_brute_force();
    void finds_the_stack_a_picture_was_made_of();
    void more_bands_are_never_worse();
    void near_to_a_longer_search();
    void what_is_settled_is_kept();
    void what_comes_apart_does_not_touch();
    void better_ones_as_they_come();
    void stops_when_told();
};

void TestSearch::colours_of_a_picture() {
    std::mt19937 rng(1);
    Raster p{50, 40, {}};
    for (int i = 0; i < 2000; ++i)
        p.dots.push_back(i % 4 ? Srgb{200, 30, 30} : Srgb{20, 20, 90});
    const auto two = picture_colours(p);
    QCOMPARE(two.size(), std::size_t{2});
    COMPARE_NEAR(two[0].share, 0.75, 1e-12);
    QVERIFY(delta_e_2000(two[0].lab, to_lab(Srgb{200, 30, 30})) < 1e-6);
    for (Srgb& c : p.dots)
        c = {static_cast<std::uint8_t>(rng()), static_cast<std::uint8_t>(rng()),
             static_cast<std::uint8_t>(rng())};
    const auto many = picture_colours(p, 100);
    QCOMPARE(many.size(), std::size_t{100});
    double sum = 0;
    for (const PictureColour& c : many)
        sum += c.share;
    COMPARE_NEAR(sum, 1, 1e-9);
}

void TestSearch::error_by_hand() {
    std::mt19937 rng(2);
    StackSearch s{spools(), random_colours(60, rng), 0.16, 0.08, {}, 3, 20, 4, 1000};
    const std::vector<StackBand> bands{{0, 4}, {2, 5}, {1, 6}};
    ReliefLayers layers{{}, 0.16, 0.08};
    for (const StackBand& b : bands)
        layers.tints.insert(layers.tints.end(), static_cast<std::size_t>(b.layers), b.tint);
    const auto colours = colours_by_height(layers, s.tints, {});
    double all = 0;
    for (const PictureColour& c : s.colours) {
        double best = 1e9;
        for (std::size_t l = 3; l < colours.size(); ++l) // the base is everywhere
            best = std::min(best, delta_e_2000(c.lab, to_lab(colours[l])));
        all += c.share * best;
    }
    COMPARE_NEAR(stack_error(s, bands), all,
                 0.05 * all); // the two nearest in Lab hold the nearest, or one that is as good
    QVERIFY(stack_error(s, bands) >= all - 1e-9);
}

void TestSearch::small_ones_by_brute_force() {
    std::mt19937 rng(3);
    for (int round = 0; round < 8; ++round) {
        StackSearch s{spools(2 + rng() % 3),
                      random_colours(12, rng),
                      0.16,
                      0.08,
                      {},
                      2,
                      6 + static_cast<int>(rng() % 3),
                      3,
                      1000};
        const auto front = best_stacks(s);
        QCOMPARE(front.size(), std::size_t{3});
        for (int bands = 1; bands <= 3; ++bands) {
            const FoundStack& found = front[static_cast<std::size_t>(bands) - 1];
            QVERIFY(found.proven);
            COMPARE_NEAR(found.error, brute_force(s, bands), 1e-9);
            COMPARE_NEAR(found.error, stack_error(s, found.bands), 1e-12);
        }
    }
}

void TestSearch::annealing_by_brute_force() {
    // Too many to look at all of them, few enough to do so here once.
    std::mt19937 rng(4);
    for (int round = 0; round < 2; ++round) {
        StackSearch s{spools(4), random_colours(10, rng), 0.16, 0.08, {}, 3, 14, 4, 20000};
        const auto front = best_stacks(s);
        QCOMPARE(front.size(), std::size_t{4});
        QVERIFY(!front[3].proven);
        const double best = brute_force(s, 4);
        QVERIFY(front[3].error >= best - 1e-9);
        QVERIFY2(front[3].error <= 1.01 * best, qPrintable(QString::number(front[3].error / best)));
    }
}

void TestSearch::finds_the_stack_a_picture_was_made_of() {
    const std::vector<StackBand> made{{0, 5}, {4, 4}, {3, 4}, {1, 7}};
    StackSearch s{spools(), colours_of(spools(), made), 0.16, 0.08, {}, 4, 24, 4, 20000};
    const auto front = best_stacks(s);
    QCOMPARE(front.size(), std::size_t{4});
    QVERIFY2(front[3].error < 0.5, qPrintable(QString::number(front[3].error)));
    QVERIFY(front[2].error > front[3].error); // with three it cannot be had
    QCOMPARE(front[3].bands.front().tint, 0);
}

void TestSearch::more_bands_are_never_worse() {
    std::mt19937 rng(5);
    StackSearch s{spools(), random_colours(80, rng), 0.16, 0.08, {}, 4, 26, 6, 2000};
    const auto front = best_stacks(s);
    QCOMPARE(front.size(), std::size_t{6});
    for (std::size_t i = 0; i < front.size(); ++i) {
        QVERIFY(i == 0 || front[i].error <= front[i - 1].error);
        QVERIFY(static_cast<int>(front[i].bands.size()) <= static_cast<int>(i) + 1);
        int layers = 0;
        for (std::size_t b = 0; b < front[i].bands.size(); ++b) {
            layers += front[i].bands[b].layers;
            QVERIFY(b == 0 || front[i].bands[b].tint != front[i].bands[b - 1].tint);
        }
        QVERIFY(layers <= 26 && front[i].bands.front().layers >= 4);
    }
    // The same search finds the same.
    const auto again = best_stacks(s);
    for (std::size_t i = 0; i < front.size(); ++i)
        QVERIFY(again[i].bands == front[i].bands);
}

void TestSearch::near_to_a_longer_search() {
    std::mt19937 rng(6);
    StackSearch s{spools(), random_colours(40, rng), 0.16, 0.08, {}, 4, 26, 5, 3000};
    const double quick = best_stacks(s).back().error;
    s.evaluations *= 10;
    const double longer = best_stacks(s).back().error;
    QVERIFY2(quick <= 1.02 * longer, qPrintable(QString::number(quick / longer)));
}

void TestSearch::what_is_settled_is_kept() {
    std::mt19937 rng(8);
    // Small: among all stacks that keep the wishes none is better, by looking at all of them.
    for (int round = 0; round < 6; ++round) {
        StackSearch s{spools(3), random_colours(12, rng), 0.16, 0.08, {}, 2, 7, 3, 1000};
        s.layers = {-1, -1, static_cast<int>(rng() % 3), -1};
        if (round % 2)
            s.borders = {3};
        if (round % 3 == 0)
            s.exactly_layers = 6;
        if (round > 3)
            s.most_filaments = 2;
        double best = 1e9;
        for (int a = 0; a < 3; ++a)
            for (int b = 0; b < 3; ++b)
                for (int c = 0; c < 3; ++c)
                    for (int x = 2; x <= 7; ++x)
                        for (int y = 0; x + y <= 7; ++y)
                            for (int z = 0; x + y + z <= 7; ++z) {
                                if (a == b || b == c)
                                    continue;
                                const std::vector<StackBand> stacks[] = {
                                    {{a, x}}, {{a, x}, {b, y}}, {{a, x}, {b, y}, {c, z}}};
                                for (const auto& bands : stacks)
                                    if (std::all_of(bands.begin(), bands.end(),
                                                    [](const StackBand& one) { return one.layers > 0; }) &&
                                        broken_wishes(s, bands) == 0)
                                        best = std::min(best, stack_error(s, bands));
                            }
        const FoundStack found = best_stacks(s).back();
        if (best > 1e8) {
            QVERIFY(found.broken > 0);
            continue;
        }
        QCOMPARE(found.broken, 0);
        COMPARE_NEAR(found.error, best, 1e-9);
    }
    // Large: annealing keeps them too.
    StackSearch s{spools(), random_colours(40, rng), 0.16, 0.08, {}, 4, 26, 5, 3000};
    s.layers.assign(12, -1);
    s.layers[10] = s.layers[11] = 3;
    s.borders = {8};
    s.wanted = {1, 4};
    s.exactly_layers = 24;
    s.most_filaments = 4;
    const FoundStack found = best_stacks(s).back();
    QCOMPARE(found.broken, 0);
    QCOMPARE(broken_wishes(s, found.bands), 0);
    std::vector<int> tints;
    std::set<int> used;
    for (const StackBand& b : found.bands) {
        tints.insert(tints.end(), static_cast<std::size_t>(b.layers), b.tint);
        used.insert(b.tint);
    }
    QCOMPARE(static_cast<int>(tints.size()), 24);
    QVERIFY(tints[10] == 3 && tints[11] == 3 && tints[7] != tints[8] && used.count(1) && used.count(4) &&
            used.size() <= 4);
}

void TestSearch::what_comes_apart_does_not_touch() {
    // PETG comes apart from PLA: neither lies on the other, however well the colour would fit.
    Picture picture;
    picture.width_mm = 20;
    std::vector<Filament> filaments{pla('A', "#141824"), pla('B', "#f2f2ea"),
                                    make_filament('C', Material::PETG, {0xb8, 0x2e, 0x28}),
                                    make_filament('D', Material::PETG, {0x2f, 0x6d, 0xb5})};
    Raster flag{40, 30, {}};
    for (int i = 0; i < 1200; ++i)
        flag.dots.push_back(i % 3 == 0   ? Srgb{0xb8, 0x2e, 0x28}
                            : i % 3 == 1 ? Srgb{0xf2, 0xf2, 0xea}
                                         : Srgb{0x14, 0x18, 0x24});
    StackSearch s = search_for(picture, filaments, 0.16, 0.08, flag);
    s.most_bands = 4;
    s.most_layers = 20;
    s.evaluations = 4000;
    for (const FoundStack& f : best_stacks(s))
        for (std::size_t i = 1; i < f.bands.size(); ++i)
            QCOMPARE(f.bands[i].tint > 1, f.bands[i - 1].tint > 1);
    // Seen from afar fine detail is one colour.
    picture.seen_from_cm = 10000;
    QCOMPARE(static_cast<int>(search_for(picture, filaments, 0.16, 0.08, flag).colours.size()), 1);
}

void TestSearch::better_ones_as_they_come() {
    std::mt19937 rng(9);
    StackSearch s{spools(), random_colours(20, rng), 0.16, 0.08, {}, 4, 20, 4, 1000};
    std::vector<std::size_t> sizes;
    double last = 1e9;
    const auto front = best_stacks(s, {}, [&](const std::vector<FoundStack>& so_far) {
        sizes.push_back(so_far.size());
        QVERIFY(so_far.back().error <= last + 1e-9);
        last = so_far.back().error;
    });
    QCOMPARE(sizes, (std::vector<std::size_t>{1, 2, 3, 4}));
    QCOMPARE(front.size(), std::size_t{4});
}

void TestSearch::stops_when_told() {
    std::mt19937 rng(7);
    StackSearch s{spools(), random_colours(256, rng), 0.16, 0.08, {}, 4, 40, 8, 100'000'000};
    std::stop_source stop;
    stop.request_stop();
    const auto front = best_stacks(s, {stop.get_token(), {}});
    for (const FoundStack& f : front)
        QVERIFY(!f.proven);
    s.base_layers = 50; // no stack at all
    QVERIFY(best_stacks(s).empty());
}

VITRAIL_TEST(TestSearch)
#include "test_search.moc"
