#include "core/picture/relief_project.h"

#include "support.h"

#include <random>
#include <set>

using namespace vitrail;
using namespace vitrail::test;

namespace {

Raster random_picture(int width, int height, std::mt19937& rng) {
    Raster p{width, height, {}};
    for (int i = 0; i < width * height; ++i)
        p.dots.push_back({static_cast<std::uint8_t>(rng()), static_cast<std::uint8_t>(rng()), static_cast<std::uint8_t>(rng())});
    return p;
}

LinearRgb mean_of(const Raster& p) {
    LinearRgb sum;
    for (const Srgb c : p.dots) {
        const LinearRgb l = to_linear(c);
        sum.r += l.r, sum.g += l.g, sum.b += l.b;
    }
    const double n = static_cast<double>(p.dots.size());
    return {sum.r / n, sum.g / n, sum.b / n};
}

/// Dusk on the marsh: night blue below, white above, then sand and red.
struct Dusk {
    std::vector<Tint> tints{tint_of({0x16, 0x1c, 0x2e}, 0.6), tint_of({0xf2, 0xf2, 0xea}, 4), tint_of({0xd8, 0xb0, 0x70}, 3), tint_of({0xb8, 0x2e, 0x28}, 2)};
    ReliefLayers layers;
    Dusk() {
        for (const auto& [tint, count] : {std::pair{0, 6}, {3, 5}, {2, 6}, {1, 8}})
            layers.tints.insert(layers.tints.end(), static_cast<std::size_t>(count), tint);
    }
};

/// Whether some level has two dots that touch at a corner and nowhere else.
bool touches_at_a_corner(const DotMap& h) {
    for (int y = 0; y + 1 < h.height; ++y)
        for (int x = 0; x + 1 < h.width; ++x) {
            const int a = h.at(x, y), b = h.at(x + 1, y), c = h.at(x, y + 1), d = h.at(x + 1, y + 1);
            if (std::min(a, d) > std::max(b, c) || std::min(b, c) > std::max(a, d))
                return true;
        }
    return false;
}

/// Level by level and square by square: the definition. `open`: what squares of so many dots fill; else what their complement leaves.
DotMap by_squares(const DotMap& h, int dots, bool open) {
    DotMap out = h;
    std::set<int> levels(h.dots.begin(), h.dots.end());
    std::fill(out.dots.begin(), out.dots.end(), *levels.begin());
    for (const int level : levels) {
        std::vector<char> in(h.dots.size(), open ? 0 : 1);
        for (int y = 0; y + dots <= h.height; ++y)
            for (int x = 0; x + dots <= h.width; ++x) {
                bool whole = true;
                for (int j = 0; j < dots; ++j)
                    for (int i = 0; i < dots; ++i)
                        whole &= (h.at(x + i, y + j) >= level) == open;
                for (int j = 0; j < dots && whole; ++j)
                    for (int i = 0; i < dots; ++i)
                        in[static_cast<std::size_t>((y + j) * h.width + x + i)] = open;
            }
        for (std::size_t i = 0; i < in.size(); ++i)
            if (in[i])
                out.dots[i] = static_cast<std::uint16_t>(std::max<int>(out.dots[i], level));
    }
    return out;
}

} // namespace

class TestRelief : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void scaling_keeps_the_light();
    void heights_in_mm();
    void luminance_is_monotone();
    void nearest_by_brute_force();
    void lifted_the_look_stays();
    void detail_by_squares();
    void no_corner_contacts();
    void difference_by_hand();
    void equal_lightness_collides();
    void project_prints_what_was_asked();
    void what_cannot_be_a_relief();
};

void TestRelief::scaling_keeps_the_light() {
    std::mt19937 rng(1);
    const Raster p = random_picture(60, 45, rng);
    for (const auto& [w, h] : {std::pair{60, 45}, {30, 15}, {37, 22}, {7, 45}, {1, 1}, {120, 90}}) {
        const Raster q = scaled(p, w, h);
        QCOMPARE(static_cast<int>(q.dots.size()), w * h);
        const LinearRgb a = mean_of(p), b = mean_of(q);
        for (const double off : {a.r - b.r, a.g - b.g, a.b - b.b})
            QVERIFY(std::abs(off) < 0.003); // eight bits a channel
    }
    QVERIFY(scaled(p, 60, 45) == p);
    // Black beside white is mid grey in light, #bcbcbc, not #808080 (IEC 61966-2-1).
    QCOMPARE(to_hex(scaled({2, 1, {{0, 0, 0}, {255, 255, 255}}}, 1, 1).dots[0]), std::string("#bcbcbc"));
}

void TestRelief::heights_in_mm() {
    // Common practice, no source: h1 0.24, h 0.04, changes at 12, 13, 16, 22 are at 0.68, 0.72, 0.84, 1.08 mm; 19 layers of 0.16 are 3.04.
    const ReliefLayers fine{{}, 0.24, 0.04}, bold{{}, 0.16, 0.16};
    for (const auto& [layer, mm] : {std::pair{12, 0.68}, {13, 0.72}, {16, 0.84}, {22, 1.08}})
        COMPARE_NEAR(fine.top_mm(layer), mm, 1e-9);
    COMPARE_NEAR(bold.top_mm(19), 3.04, 1e-9);
    QCOMPARE(fine.top_mm(0), 0.0);
}

void TestRelief::luminance_is_monotone() {
    std::mt19937 rng(2);
    const Raster p = random_picture(80, 60, rng);
    const DotMap h = heights_from_luminance(p, 4, 25);
    const auto [least, most] = std::minmax_element(h.dots.begin(), h.dots.end());
    QVERIFY(*least == 4 && *most == 25);
    for (int n = 0; n < 2000; ++n) {
        const std::size_t i = rng() % p.dots.size(), j = rng() % p.dots.size();
        if (to_lab(p.dots[i]).l <= to_lab(p.dots[j]).l)
            QVERIFY(h.dots[i] <= h.dots[j]);
    }
    // A curve bends it, and keeps its ends.
    const DotMap bent = heights_from_luminance(p, 4, 25, {{0, 0}, {0.5, 0.9}, {1, 1}});
    QVERIFY(std::accumulate(bent.dots.begin(), bent.dots.end(), 0) > std::accumulate(h.dots.begin(), h.dots.end(), 0));
    QCOMPARE(int(*std::max_element(bent.dots.begin(), bent.dots.end())), 25);
    // One colour is as tall as it can be.
    QCOMPARE(int(heights_from_luminance({1, 1, {{90, 90, 90}}}, 3, 9).layers[0]), 9);
}

void TestRelief::nearest_by_brute_force() {
    std::mt19937 rng(3);
    const Dusk dusk;
    const std::vector<Srgb> colours = colours_by_height(dusk.layers, dusk.tints, {});
    QCOMPARE(static_cast<int>(colours.size()), dusk.layers.count());
    const Raster p = random_picture(40, 30, rng);
    const DotMap h = heights_from_nearest(p, colours, 5);
    for (std::size_t i = 0; i < p.dots.size(); ++i) {
        int best = 5;
        for (int l = 5; l <= dusk.layers.count(); ++l)
            if (delta_e_2000(to_lab(p.dots[i]), to_lab(colours[static_cast<std::size_t>(l) - 1])) < delta_e_2000(to_lab(p.dots[i]), to_lab(colours[static_cast<std::size_t>(best) - 1])))
                best = l;
        QCOMPARE(int(h.dots[i]), best);
    }
    // Nothing is nearer: not height from luminance either.
    QVERIFY(difference(p, h, colours).mean <= difference(p, heights_from_luminance(p, 5, dusk.layers.count()), colours).mean + 1e-9);
}

void TestRelief::lifted_the_look_stays() {
    // Common practice, no source: the whole lifted by two layers, every border moves by two and the look stays, within ΔE 1.
    const Dusk dusk;
    Dusk lifted;
    lifted.layers.tints.insert(lifted.layers.tints.begin(), 2, 0);
    const auto before = colours_by_height(dusk.layers, dusk.tints, {}), after = colours_by_height(lifted.layers, lifted.tints, {});
    for (std::size_t n = 6; n < before.size(); ++n)
        QVERIFY(delta_e_2000(to_lab(before[n]), to_lab(after[n + 2])) < 1);
}

void TestRelief::detail_by_squares() {
    // Opening and closing by squares, against the definition, on random steps that touch at no corner.
    std::mt19937 rng(4);
    int compared = 0;
    for (int round = 0; round < 200; ++round) {
        DotMap h{14, 11, std::vector<std::uint16_t>(14 * 11, 3)};
        for (int n = 0; n < 5; ++n) {
            const int x0 = static_cast<int>(rng() % 14), y0 = static_cast<int>(rng() % 11), w = 1 + static_cast<int>(rng() % 6), d = 1 + static_cast<int>(rng() % 6);
            for (int y = y0; y < std::min(11, y0 + d); ++y)
                for (int x = x0; x < std::min(14, x0 + w); ++x)
                    h.dots[static_cast<std::size_t>(y * 14 + x)] = static_cast<std::uint16_t>(3 + rng() % 2 * 4 + static_cast<unsigned>(n));
        }
        const int dots = 1 + static_cast<int>(rng() % 3);
        const DotMap wanted = by_squares(by_squares(h, dots, true), dots, false);
        const Merged merged = without_detail_below(h, dots);
        if (touches_at_a_corner(wanted)) // then corners are bridged on top
            continue;
        ++compared;
        QVERIFY(merged.heights == wanted);
        std::size_t other = 0;
        for (std::size_t i = 0; i < h.dots.size(); ++i)
            other += h.dots[i] != wanted.dots[i];
        COMPARE_NEAR(merged.lost, double(other) / double(h.dots.size()), 1e-12);
        QVERIFY(without_detail_below(merged.heights, dots).heights == merged.heights); // twice is once
    }
    QVERIFY(compared > 80);
    // A hair goes, a line stays.
    DotMap line{9, 9, std::vector<std::uint16_t>(81, 2)};
    for (int y = 0; y < 9; ++y)
        line.dots[static_cast<std::size_t>(9 * y + 4)] = 7;
    QCOMPARE(int(without_detail_below(line, 2).heights.at(4, 4)), 2);
    for (int y = 0; y < 9; ++y)
        line.dots[static_cast<std::size_t>(9 * y + 5)] = 7;
    QVERIFY(without_detail_below(line, 2).heights == line && without_detail_below(line, 2).lost == 0);
}

void TestRelief::no_corner_contacts() {
    std::mt19937 rng(5);
    for (int round = 0; round < 60; ++round) {
        DotMap h{20, 20, {}};
        for (int i = 0; i < 400; ++i)
            h.dots.push_back(static_cast<std::uint16_t>(1 + rng() % 6));
        const Merged merged = without_detail_below(h, 1 + static_cast<int>(rng() % 3));
        QVERIFY(!touches_at_a_corner(merged.heights));
        QVERIFY(merged.lost > 0 && merged.lost <= 1);
    }
    const DotMap checker{2, 2, {5, 1, 1, 5}};
    QVERIFY(!touches_at_a_corner(without_detail_below(checker, 1).heights));
}

void TestRelief::difference_by_hand() {
    const Dusk dusk;
    const std::vector<Srgb> colours = colours_by_height(dusk.layers, dusk.tints, {});
    Raster p{20, 1, {}};
    DotMap h{20, 1, {}};
    for (int i = 0; i < 20; ++i) {
        h.dots.push_back(static_cast<std::uint16_t>(i + 1));
        p.dots.push_back(colours[static_cast<std::size_t>(i)]);
    }
    QCOMPARE(difference(p, h, colours).mean, 0.0);
    p.dots[3] = {255, 0, 255}; // one of twenty is off
    const double off = delta_e_2000(to_lab(p.dots[3]), to_lab(colours[3]));
    COMPARE_NEAR(difference(p, h, colours).mean, off / 20, 1e-9);
    QCOMPARE(difference(p, h, colours).p95, 0.0);
}

void TestRelief::equal_lightness_collides() {
    // A red and a green of the same lightness land on one height: neither can be right there.
    Raster p{40, 10, {}};
    const Srgb red{0xd0, 0x4a, 0x3c}, grey{0x81, 0x81, 0x81};
    Srgb green{0, 0, 0x30};
    while (to_lab(green).l < to_lab(red).l && green.g < 255)
        ++green.g;
    for (int i = 0; i < 400; ++i)
        p.dots.push_back(i % 40 < 20 ? red : green);
    p.dots[0] = {0, 0, 0}; // or else all there is of lightness would lie between the two
    p.dots[1] = p.dots[2] = p.dots[3] = p.dots[0];
    p.dots[39] = p.dots[38] = p.dots[37] = p.dots[36] = {255, 255, 255};
    const DotMap h = heights_from_luminance(p, 3, 20);
    QCOMPARE(h.at(5, 5), h.at(30, 5));
    QVERIFY(collisions(p, h).share > 0.95);
    DotMap same = h;
    std::fill(same.dots.begin(), same.dots.end(), std::uint16_t{9});
    std::fill(p.dots.begin(), p.dots.end(), grey);
    QCOMPARE(collisions(p, same).share, 0.0);
}

namespace {

/// A slope of light from left to right.
Raster slope(int width, int height) {
    Raster p{width, height, {}};
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x) {
            const auto v = static_cast<std::uint8_t>(30 + 210 * x / width);
            p.dots.push_back({v, v, static_cast<std::uint8_t>(v * 9 / 10)});
        }
    return p;
}

std::vector<Filament> five() {
    return {pla('A', "#141824"), pla('B', "#2f6db5"), pla('C', "#b82e28"), pla('D', "#e0a23c"), pla('E', "#f2f2ea")};
}

} // namespace

void TestRelief::project_prints_what_was_asked() {
    // Five colours on four slots, black from the start, then at layers 12, 13, 16 and 22; h1 0.24, h 0.04: at 0.68 − 0.04, … mm (common practice, no
    // source).
    Settings s;
    s.first_layer_mm = 0.24;
    s.layer_mm = 0.04;
    ReliefOptions o;
    o.width_mm = 60;
    o.bands = {{'A', 1, 11}, {'B', 12, 12}, {'C', 13, 15}, {'D', 16, 21}, {'E', 22, 30}};
    o.school = ReliefSchool::luminance;
    const auto relief = make_relief(slope(300, 200), five(), s, *find_machine("feeder-4"), o);
    QVERIFY(relief);
    QVERIFY(relief->heights.width == 300 && relief->heights.height == 200);
    QVERIFY(*std::min_element(relief->heights.dots.begin(), relief->heights.dots.end()) == 11 && *std::max_element(relief->heights.dots.begin(), relief->heights.dots.end()) == 30);
    const auto plan = plan_of(relief->project);
    QVERIFY(plan);
    QCOMPARE(plan->grid.count, 30);
    std::vector<int> layers;
    std::vector<double> ends;
    for (const Change& c : plan->changes) {
        layers.push_back(c.layer);
        ends.push_back(c.z_after_mm);
    }
    QCOMPARE(layers, (std::vector<int>{12, 13, 16, 22}));
    for (std::size_t i = 0; i < 4; ++i)
        COMPARE_NEAR(ends[i], (std::vector{0.68, 0.72, 0.84, 1.08}[i]), 1e-6);
    QVERIFY(std::none_of(plan->changes.begin(), plan->changes.end(), [](const Change& c) { return c.within_layer; })); // only between layers
    QCOMPARE(plan->tower.layers, 0);
    QCOMPARE(plan->totals.refills, 1);
    for (const Finding& f : plan->findings)
        QVERIFY2(f.severity != Severity::error, f.code.c_str());
    // What is printed is what the dots say: solid, so grams are heights.
    double mm3 = 0;
    for (const std::uint16_t h : relief->heights.dots)
        mm3 += 0.04 * (0.24 + 0.04 * (h - 1));
    double planned = 0;
    for (const FilamentUse& u : plan->use)
        planned += u.model_mm3;
    COMPARE_NEAR(planned, mm3, 0.005 * mm3);
    // The nearest stack is nearer than the lightness alone.
    o.school = ReliefSchool::nearest;
    QVERIFY(make_relief(slope(300, 200), five(), s, *find_machine("feeder-4"), o)->difference.mean < relief->difference.mean);
}

void TestRelief::what_cannot_be_a_relief() {
    const auto says = [](const ReliefOptions& o, const char* what, const Raster& picture = slope(30, 20)) {
        Settings s;
        s.first_layer_mm = 0.16;
        s.layer_mm = 0.08;
        const auto relief = make_relief(picture, five(), s, *find_machine("feeder-4"), o);
        return !relief && english(relief.error().message).find(what) != std::string::npos;
    };
    ReliefOptions o;
    QVERIFY(says(o, "one band at least"));
    o.bands = {{'A', 1, 4}, {'F', 5, 9}};
    QVERIFY(says(o, "no filament F"));
    o.bands = {{'A', 1, 4}, {'B', 6, 9}};
    QVERIFY(says(o, "must begin with layer 5"));
    o.bands = {{'A', 1, 2}, {'B', 3, 9}};
    QVERIFY(says(o, "0.24 mm thick"));
    o.bands = {{'A', 1, 4}, {'B', 5, 400}};
    QVERIFY(says(o, "400 layers"));
    o.bands = {{'A', 1, 4}, {'B', 5, 9}};
    o.dot_mm = 0.02;
    o.width_mm = 1000;
    QVERIFY(says(o, "25 million"));
    o.dot_mm = 10;
    o.width_mm = 4;
    QVERIFY(says(o, "0 by 0 dots"));
}

VITRAIL_TEST(TestRelief)
#include "test_relief.moc"
