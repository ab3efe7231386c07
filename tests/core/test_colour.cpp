#include "core/colour/colour.h"
#include "core/colour/pigment.h"
#include "core/colour/stand_out.h"

#include "support.h"

using namespace vitrail;

class TestColour : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void marks_stand_out();
    void ciede2000_published_pairs();
    void srgb_round_trips();
    void srgb_transfer_curve();
    void lab_of_known_colours();
    void xyz_and_lab_invert();
    void pigment_mix_ends_and_middle();
    void hex_is_read_and_refused();
    void contrast_as_in_wcag();
};

void TestColour::ciede2000_published_pairs() {
    // Sharma, Wu & Dalal 2005, table 1: the 34 test pairs.
    struct Pair {
        Lab a, b;
        double expected;
    };
    const Pair pairs[] = {
        {{50, 2.6772, -79.7751}, {50, 0, -82.7485}, 2.0425},
        {{50, 3.1571, -77.2803}, {50, 0, -82.7485}, 2.8615},
        {{50, 2.8361, -74.0200}, {50, 0, -82.7485}, 3.4412},
        {{50, -1.3802, -84.2814}, {50, 0, -82.7485}, 1.0000},
        {{50, -1.1848, -84.8006}, {50, 0, -82.7485}, 1.0000},
        {{50, -0.9009, -85.5211}, {50, 0, -82.7485}, 1.0000},
        {{50, 0, 0}, {50, -1, 2}, 2.3669},
        {{50, -1, 2}, {50, 0, 0}, 2.3669},
        {{50, 2.4900, -0.0010}, {50, -2.4900, 0.0009}, 7.1792},
        {{50, 2.4900, -0.0010}, {50, -2.4900, 0.0010}, 7.1792},
        {{50, 2.4900, -0.0010}, {50, -2.4900, 0.0011}, 7.2195},
        {{50, 2.4900, -0.0010}, {50, -2.4900, 0.0012}, 7.2195},
        {{50, -0.0010, 2.4900}, {50, 0.0009, -2.4900}, 4.8045},
        {{50, -0.0010, 2.4900}, {50, 0.0010, -2.4900}, 4.8045},
        {{50, -0.0010, 2.4900}, {50, 0.0011, -2.4900}, 4.7461},
        {{50, 2.5, 0}, {50, 0, -2.5}, 4.3065},
        {{50, 2.5, 0}, {73, 25, -18}, 27.1492},
        {{50, 2.5, 0}, {61, -5, 29}, 22.8977},
        {{50, 2.5, 0}, {56, -27, -3}, 31.9030},
        {{50, 2.5, 0}, {58, 24, 15}, 19.4535},
        {{50, 2.5, 0}, {50, 3.1736, 0.5854}, 1.0000},
        {{50, 2.5, 0}, {50, 3.2972, 0}, 1.0000},
        {{50, 2.5, 0}, {50, 1.8634, 0.5757}, 1.0000},
        {{50, 2.5, 0}, {50, 3.2592, 0.3350}, 1.0000},
        {{60.2574, -34.0099, 36.2677}, {60.4626, -34.1751, 39.4387}, 1.2644},
        {{63.0109, -31.0961, -5.8663}, {62.8187, -29.7946, -4.0864}, 1.2630},
        {{61.2901, 3.7196, -5.3901}, {61.4292, 2.2480, -4.9620}, 1.8731},
        {{35.0831, -44.1164, 3.7933}, {35.0232, -40.0716, 1.5901}, 1.8645},
        {{22.7233, 20.0904, -46.6940}, {23.0331, 14.9730, -42.5619}, 2.0373},
        {{36.4612, 47.8580, 18.3852}, {36.2715, 50.5065, 21.2231}, 1.4146},
        {{90.8027, -2.0831, 1.4410}, {91.1528, -1.6435, 0.0447}, 1.4441},
        {{90.9257, -0.5406, -0.9208}, {88.6381, -0.8985, -0.7239}, 1.5381},
        {{6.7747, -0.2908, -2.4247}, {5.8714, -0.0985, -2.2286}, 0.6377},
        {{2.0776, 0.0795, -1.1350}, {0.9033, -0.0636, -0.5514}, 0.9082},
    };
    QCOMPARE(std::size(pairs), std::size_t{34});
    for (const Pair& p : pairs) {
        COMPARE_NEAR(delta_e_2000(p.a, p.b), p.expected, 0.00005);
        COMPARE_NEAR(delta_e_2000(p.b, p.a), p.expected, 0.00005); // symmetric
    }
}

void TestColour::srgb_round_trips() {
    for (int v = 0; v < 256; ++v) {
        const auto byte = static_cast<std::uint8_t>(v);
        const Srgb c{byte, static_cast<std::uint8_t>(255 - v), static_cast<std::uint8_t>((v * 7) & 255)};
        QCOMPARE(to_srgb(to_linear(c)), c);
        QCOMPARE(to_srgb(to_linear(to_xyz(to_linear(c)))), c);
        QCOMPARE(parse_colour(to_hex(c)), std::optional(c));
    }
}

void TestColour::srgb_transfer_curve() {
    // IEC 61966-2-1: 0.04045 encoded is 0.0031308 linear; 255 is 1; mid-grey 119 is close to 18 %.
    COMPARE_NEAR(to_linear(Srgb{255, 0, 0}).r, 1.0, 1e-12);
    COMPARE_NEAR(to_linear(Srgb{10, 0, 0}).r, 10 / 255.0 / 12.92, 1e-12);
    COMPARE_NEAR(to_linear(Srgb{119, 0, 0}).r, 0.1845, 0.0005);
}

void TestColour::lab_of_known_colours() {
    // sRGB primaries in Lab under D65, as published in colour-science handbooks (from memory, two decimals).
    const Lab white = to_lab(Srgb{255, 255, 255}), red = to_lab(Srgb{255, 0, 0}),
              blue = to_lab(Srgb{0, 0, 255});
    COMPARE_NEAR(white.l, 100, 0.01);
    COMPARE_NEAR(std::hypot(white.a, white.b), 0, 0.02);
    COMPARE_NEAR(red.l, 53.24, 0.02);
    COMPARE_NEAR(red.a, 80.09, 0.03);
    COMPARE_NEAR(red.b, 67.20, 0.03);
    COMPARE_NEAR(blue.l, 32.30, 0.02);
    COMPARE_NEAR(blue.a, 79.19, 0.03);
    COMPARE_NEAR(blue.b, -107.86, 0.03);
}

void TestColour::xyz_and_lab_invert() {
    for (const Lab c : {Lab{0, 0, 0}, Lab{5, 3, -9}, Lab{50, -40, 60}, Lab{97, 4, 2}}) {
        for (const Xyz white : {kD65, kD50}) {
            const Lab back = to_lab(to_xyz(c, white), white);
            COMPARE_NEAR(back.l, c.l, 1e-9);
            COMPARE_NEAR(back.a, c.a, 1e-9);
            COMPARE_NEAR(back.b, c.b, 1e-9);
        }
    }
}

void TestColour::pigment_mix_ends_and_middle() {
    const LinearRgb dark = to_linear(Srgb{0x14, 0x14, 0x14}), light = to_linear(Srgb{0xf2, 0xf2, 0xea});
    COMPARE_NEAR(mix_pigments(dark, light, 1).r, dark.r, 1e-9);
    COMPARE_NEAR(mix_pigments(dark, light, 0).g, light.g, 1e-9);
    // Kubelka–Munk by hand: R 0.5 has K/S 0.25, R 0.8 has 0.025; half and half 0.1375 gives R = 1.1375 −
    // √0.29390625.
    const LinearRgb a{0.5, 0.5, 0.5}, b{0.8, 0.8, 0.8};
    COMPARE_NEAR(mix_pigments(a, b, 0.5).r, 1.1375 - std::sqrt(0.1375 * 0.1375 + 2 * 0.1375), 1e-12);
    // A little dark weighs more than a little light (common practice, no source).
    QVERIFY(mix_pigments(dark, light, 0.05).r < 0.6 * light.r);
    QVERIFY(mix_pigments(light, dark, 0.05).r < 1.2 * dark.r);
}

void TestColour::hex_is_read_and_refused() {
    QCOMPARE(parse_colour("#FF8000"), std::optional(Srgb{255, 128, 0}));
    QCOMPARE(parse_colour("f80"), std::optional(Srgb{255, 136, 0}));
    for (const char* bad : {"", "#", "#12345", "#1234567", "#gg0000", "red", "##ff0000"})
        QVERIFY2(!parse_colour(bad), bad);
}

void TestColour::contrast_as_in_wcag() {
    COMPARE_NEAR(contrast_ratio({0, 0, 0}, {255, 255, 255}), 21, 1e-9);
    COMPARE_NEAR(contrast_ratio({119, 119, 119}, {255, 255, 255}), 4.48,
                 0.01); // the well-known #777 on white
}

void TestColour::marks_stand_out() {
    // The mark is the candidate farthest from its nearest neighbour, by brute force over all of them.
    std::mt19937 rng(4);
    const std::vector<Srgb> vivid = vivid_colours();
    for (int round = 0; round < 200; ++round) {
        std::vector<Srgb> used;
        for (int i = 0; i < 1 + round % 8; ++i)
            used.push_back(round % 3
                               ? Srgb{static_cast<std::uint8_t>(rng()), static_cast<std::uint8_t>(rng()),
                                      static_cast<std::uint8_t>(rng())}
                               : vivid[rng() % vivid.size()]);
        const auto nearest = [&](Srgb c) {
            double d = 1e9;
            for (const Srgb u : used)
                d = std::min(d, delta_e_2000(to_lab(c), to_lab(u)));
            return d;
        };
        const Srgb mark = stand_out(used, vivid);
        for (const Srgb c : vivid)
            QVERIFY(nearest(mark) >= nearest(c));
    }
    for (const Srgb dark :
         {Srgb{16, 16, 16}, Srgb{250, 250, 245}}) // black on black is seen, and white on white
        QVERIFY(delta_e_2000(to_lab(stand_out(std::vector{dark}, vivid)), to_lab(dark)) > 40);
}

VITRAIL_TEST(TestColour)
#include "test_colour.moc"
