#include "core/colour/lamp.h"
#include "core/colour/stack.h"

#include "support.h"

#include <random>

using namespace vitrail;

namespace {

Optics random_optics(std::mt19937& rng) {
    std::uniform_real_distribution<double> k(0, 8), s(0, 20);
    return {{k(rng), k(rng), k(rng)}, {s(rng), s(rng), s(rng)}};
}

/// The two differential equations of light going down (i) and up (j) through a sheet, depth z from its upper
/// side, solved step by step (Runge & Kutta, fourth order): di/dz = −(K + S)·i + S·j, dj/dz = (K + S)·j −
/// S·i. From the lower side, where nothing comes up, to the upper.
std::pair<double, double> step_by_step(double k, double s, double mm) {
    constexpr int kSteps = 4000;
    const double h = -mm / kSteps;
    double i = 1, j = 0; // just below the sheet: what came through, and nothing from below
    const auto slope = [&](double a, double b) {
        return std::pair{-(k + s) * a + s * b, (k + s) * b - s * a};
    };
    for (int n = 0; n < kSteps; ++n) {
        const auto [i1, j1] = slope(i, j);
        const auto [i2, j2] = slope(i + h / 2 * i1, j + h / 2 * j1);
        const auto [i3, j3] = slope(i + h / 2 * i2, j + h / 2 * j2);
        const auto [i4, j4] = slope(i + h * i3, j + h * j3);
        i += h / 6 * (i1 + 2 * i2 + 2 * i3 + i4);
        j += h / 6 * (j1 + 2 * j2 + 2 * j3 + j4);
    }
    return {j / i, 1 / i}; // sent back and let through, of what fell on it
}

constexpr Srgb kPaper{0xf2, 0xf2, 0xea}, kInk{0x20, 0x22, 0x26}, kRed{0xb8, 0x2e, 0x28},
    kBlue{0x2f, 0x6d, 0xb5};

} // namespace

/// Stacks of filament against two-flux theory: Kubelka & Munk 1931, Kubelka 1948 and 1954.
class TestOptics : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void solves_the_differential_equations();
    void limits();
    void cutting_changes_nothing();
    void same_from_both_sides();
    void no_light_is_made();
    void beer_lambert();
    void spool_as_known();
    void lamps();
    void blending_by_closed_form();
    void stacks_from_the_front();
    void stacks_against_a_lamp();
};

void TestOptics::solves_the_differential_equations() {
    std::mt19937 rng(1);
    std::uniform_real_distribution<double> thick(0.02, 2);
    for (int round = 0; round < 60; ++round) {
        const Optics o = random_optics(rng);
        const double mm = thick(rng);
        const Sheet sheet = sheet_of(o, mm);
        for (std::size_t c = 0; c < 3; ++c) {
            const auto [back, through] = step_by_step(o.k[c], o.s[c], mm);
            COMPARE_NEAR(sheet.above[c], back, 1e-7);
            COMPARE_NEAR(sheet.through[c], through, 1e-7);
        }
    }
}

void TestOptics::limits() {
    std::mt19937 rng(2);
    for (int round = 0; round < 50; ++round) {
        const Optics o = random_optics(rng);
        const Sheet thick = sheet_of(o, 1e6), none = sheet_of(o, 0);
        for (std::size_t c = 0; c < 3; ++c) {
            // x → ∞: R∞ = 1 + K/S − √((K/S)² + 2K/S).
            const double q = o.k[c] / o.s[c];
            COMPARE_NEAR(thick.above[c], 1 + q - std::sqrt(q * q + 2 * q), 1e-9);
            COMPARE_NEAR(thick.through[c], 0, 1e-12);
            QCOMPARE(none.through[c], 1.0);
        }
        const Channels backing{0.2, 0.5, 0.9};
        QVERIFY(seen_over(none, backing) == backing); // x → 0: the backing
    }
    const Sheet white = sheet_of({{0, 0, 0}, {3, 3, 3}}, 0.5); // K = 0: T = 1 / (1 + Sx)
    COMPARE_NEAR(white.through[0], 1 / 2.5, 1e-9);
    for (const double tiny : {1e-14, 1e-9, 1e-4}) // and nothing jumps on the way there
        COMPARE_NEAR(sheet_of({{tiny, tiny, tiny}, {3, 3, 3}}, 0.5).through[0], 1 / 2.5, 1e-4);
}

void TestOptics::cutting_changes_nothing() {
    std::mt19937 rng(3);
    std::uniform_real_distribution<double> thick(0.01, 1.5), share(0, 1);
    for (int round = 0; round < 500; ++round) {
        const Optics o = random_optics(rng);
        const double mm = thick(rng), cut = share(rng) * mm;
        const Sheet whole = sheet_of(o, mm), two = laid_on(sheet_of(o, cut), sheet_of(o, mm - cut));
        for (std::size_t c = 0; c < 3; ++c) {
            COMPARE_NEAR(two.above[c], whole.above[c], 1e-9);
            COMPARE_NEAR(two.below[c], whole.below[c], 1e-9);
            COMPARE_NEAR(two.through[c], whole.through[c], 1e-9);
        }
    }
}

void TestOptics::same_from_both_sides() {
    std::mt19937 rng(4);
    for (int round = 0; round < 200; ++round) {
        Sheet stack, turned;
        for (int n = 0; n < 5; ++n) {
            const Sheet x = sheet_of(random_optics(rng), 0.1 + 0.1 * n);
            stack = laid_on(x, stack);
            turned = laid_on(turned, x);
        }
        for (std::size_t c = 0; c < 3; ++c) {
            COMPARE_NEAR(stack.through[c], turned.through[c], 1e-12);
            COMPARE_NEAR(stack.above[c], turned.below[c], 1e-12);
        }
    }
}

void TestOptics::no_light_is_made() {
    std::mt19937 rng(5);
    for (int round = 0; round < 300; ++round) {
        Optics o = random_optics(rng);
        const Sheet mixed = laid_on(sheet_of(o, 0.3), sheet_of(random_optics(rng), 0.2));
        for (std::size_t c = 0; c < 3; ++c)
            QVERIFY(mixed.above[c] >= 0 && mixed.through[c] >= 0 &&
                    mixed.above[c] + mixed.through[c] <= 1 + 1e-12);
        o.k = {0, 0, 0};
        const Sheet clear = sheet_of(o, 0.7);
        for (std::size_t c = 0; c < 3; ++c)
            COMPARE_NEAR(clear.above[c] + clear.through[c], 1, 1e-9);
    }
}

void TestOptics::beer_lambert() {
    for (const double k : {0.1, 1.0, 7.0})
        for (const double mm : {0.04, 0.5, 3.0}) {
            const Sheet sheet = sheet_of({{k, k, k}, {0, 0, 0}}, mm);
            COMPARE_NEAR(sheet.through[0], std::exp(-k * mm), 1e-12);
            COMPARE_NEAR(sheet.above[0], 0, 1e-12);
        }
}

void TestOptics::spool_as_known() {
    for (const Srgb colour : {kPaper, kInk, kRed, kBlue})
        for (const double td : {0.3, 1.0, 4.0, 12.0}) {
            const Optics o = optics_of(colour, td);
            COMPARE_NEAR(luminance(sheet_of(o, td).through), 0.1,
                         1e-9); // what we call the transmission distance
            const Sheet thick = sheet_of(o, 100 * td);
            QVERIFY(delta_e_2000(to_lab(LinearRgb{thick.above[0], thick.above[1], thick.above[2]}),
                                 to_lab(colour)) < 0.3);
        }
}

void TestOptics::lamps() {
    // CIE 15: illuminant A (2,856 K) 0.44757, 0.40745; D50 and D65 at 5,003 and 6,504 K.
    COMPARE_NEAR(black_body(2856).x, 0.44757, 0.001);
    COMPARE_NEAR(black_body(2856).y, 0.40745, 0.001);
    COMPARE_NEAR(cie_daylight(5003).x, 0.34567, 2e-4);
    COMPARE_NEAR(cie_daylight(5003).y, 0.35850, 2e-4);
    COMPARE_NEAR(cie_daylight(6504).x, 0.31271, 2e-4);
    COMPARE_NEAR(cie_daylight(6504).y, 0.32902, 2e-4);
    // Warmer is redder, without a jump anywhere.
    Channels before = lamp_light(1800);
    for (double k = 1850; k <= 12000; k += 50) {
        const Channels now = lamp_light(k);
        QVERIFY(now[2] / now[0] >= before[2] / before[0] - 1e-9);
        for (std::size_t c = 0; c < 3; ++c)
            COMPARE_NEAR(now[c], before[c], 0.04);
        before = now;
    }
    for (const double v : lamp_light(6504))
        COMPARE_NEAR(v, 1, 0.01);
}

void TestOptics::blending_by_closed_form() {
    // One filament over white: C = T + (1 − T)·C_top, T = 0.1^(t/TD); half the distance lets √0.1 through.
    const std::vector<Tint> tints{tint_of(kRed, 2), tint_of(kInk, 0.5)};
    Lighting l;
    l.model = LookModel::blend;
    l.backing = {1, 1, 1};
    const std::vector<StackLayer> one{{0, 0.5}, {0, 0.5}};
    const double through = std::sqrt(0.1), red = to_linear(kRed).r, ink = to_linear(kInk).r;
    COMPARE_NEAR(look_of(one, tints, l).light[0], through + (1 - through) * red, 1e-9);
    const std::vector<StackLayer> two{{1, 0.25}, {0, 1}};
    COMPARE_NEAR(look_of(two, tints, l).light[0],
                 through * (through + (1 - through) * ink) + (1 - through) * red, 1e-9);
    QVERIFY(look_of({}, tints, l).light == l.backing);
}

void TestOptics::stacks_from_the_front() {
    const std::vector<Tint> tints{tint_of(kInk, 0.6), tint_of(kPaper, 4), tint_of(kRed, 2)};
    Lighting l;
    const auto light = [&](std::vector<StackLayer> layers) {
        return luminance(look_of(layers, tints, l).light);
    };
    // White over ink gets lighter layer by layer and ends at white's own colour.
    double before = light({{0, 1}});
    for (int n = 1; n <= 12; ++n) {
        std::vector<StackLayer> layers{{0, 1}};
        layers.insert(layers.end(), static_cast<std::size_t>(n), {1, 0.08});
        QVERIFY(light(layers) > before);
        before = light(layers);
    }
    const Channels thick = look_of(std::vector<StackLayer>{{0, 1}, {1, 400}}, tints, l).light;
    QVERIFY(delta_e_2000(to_lab(LinearRgb{thick[0], thick[1], thick[2]}), to_lab(kPaper)) < 0.3);
    // What is on top is seen: order matters, layers of one filament are one sheet.
    QVERIFY(std::abs(light({{0, 0.5}, {2, 0.5}}) - light({{2, 0.5}, {0, 0.5}})) > 0.01);
    COMPARE_NEAR(light({{0, 0.5}, {2, 0.2}, {2, 0.3}}), light({{0, 0.5}, {2, 0.5}}), 1e-12);
    // A white backing shows through thin white, nothing behind it does not.
    const double alone = light({{1, 0.3}});
    l.backing = {1, 1, 1};
    QVERIFY(light({{1, 0.3}}) > alone + 0.1);
    COMPARE_NEAR(light({}), 1, 1e-9);
}

void TestOptics::stacks_against_a_lamp() {
    const std::vector<Tint> tints{tint_of(kPaper, 4), tint_of(kBlue, 3)};
    Lighting l;
    l.from = Lighting::From::behind;
    const std::vector<StackLayer> layers{{1, 0.16}, {0, 1.2}};
    const StackLook bare = look_of(layers, tints, l);
    for (std::size_t c = 0; c < 3; ++c) // 6,500 K is the screen's white: what is seen is what gets through
        COMPARE_NEAR(bare.light[c], bare.transmittance[c], 1e-9);
    QVERIFY(bare.light[2] > bare.light[0]); // blue passes
    // Thicker is darker; a warm lamp is redder; a diffuser darkens, and what the print sends back comes
    // again.
    QVERIFY(luminance(look_of(std::vector<StackLayer>{{1, 0.16}, {0, 2.4}}, tints, l).light) <
            luminance(bare.light));
    l.lamp_k = 2700;
    const Channels warm = look_of(layers, tints, l).light;
    QVERIFY(warm[2] / warm[0] < 0.6 * bare.light[2] / bare.light[0]);
    l.lamp_k = 6500;
    l.diffuser = true;
    const Channels soft = look_of(layers, tints, l).light;
    for (std::size_t c = 0; c < 3; ++c)
        QVERIFY(soft[c] < bare.light[c] && soft[c] > kDiffuserThrough * bare.light[c]);
}

VITRAIL_TEST(TestOptics)
#include "test_optics.moc"
