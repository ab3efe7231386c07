#include "core/purge/tower.h"
#include "core/purge/washout.h"

#include "support.h"

using namespace vitrail;
using namespace vitrail::test;

class TestPurge : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void washout_is_plug_flow_then_decay();
    void near_black_to_off_white();
    void clean_is_clean();
    void light_after_dark_is_dearer();
    void stricter_takes_more();
    void minimum_between_classes();
    void tower_takes_the_busiest_layer();
    void tower_stands();
    void tower_overflow_is_told();
};

void TestPurge::washout_is_plug_flow_then_decay() {
    // Levenspiel, Chemical Reaction Engineering: a plug-flow reactor and a stirred tank in series.
    const Washout w{40, 60};
    QCOMPARE(old_share(w, 0), 1.0);
    QCOMPARE(old_share(w, 40), 1.0);
    COMPARE_NEAR(old_share(w, 100), std::exp(-1.0), 1e-12);
    COMPARE_NEAR(old_share(w, 40 + 60 * std::log(2)), 0.5, 1e-12);
    // All the old filament in the stirred part comes out in the end: the area under the share is V_d + V_m.
    double area = 0;
    for (double v = 0.05; v < 2000; v += 0.1)
        area += 0.1 * old_share(w, v);
    COMPARE_NEAR(area, 100, 0.1);
}

void TestPurge::near_black_to_off_white() {
    // Common practice, no source: about 560 mm³ at ΔE 2, and back about 100.
    const Srgb black = *parse_colour("#141414"), white = *parse_colour("#f2f2ea");
    COMPARE_NEAR(clean_mm3({40, 60}, black, white, 2), 560, 15);
    COMPARE_NEAR(clean_mm3({40, 60}, white, black, 2), 100, 10);
}

void TestPurge::clean_is_clean() {
    std::mt19937 rng(3);
    const Washout w{40, 60};
    for (int i = 0; i < 60; ++i) {
        const auto colour = [&] { return Srgb{static_cast<std::uint8_t>(rng()), static_cast<std::uint8_t>(rng()), static_cast<std::uint8_t>(rng())}; };
        const Srgb from = colour(), to = colour();
        const double v = clean_mm3(w, from, to, 2);
        const Lab pure = to_lab(mix_pigments(to_linear(from), to_linear(to), 0));
        const auto difference = [&](double mm3) { return delta_e_2000(to_lab(washed_colour(w, from, to, mm3)), pure); };
        for (double more = v; more < v + 300; more += 20)
            QVERIFY(difference(more + 1e-6) <= 2 + 1e-3);
        if (v > w.dead_mm3 + 1)
            COMPARE_NEAR(difference(v), 2, 1e-3);
    }
    QCOMPARE(clean_mm3(w, {9, 9, 9}, {9, 9, 9}, 2), 0.0);
}

void TestPurge::light_after_dark_is_dearer() {
    // Common practice, no source: for black or white against every hue and for neutrals among each other.
    const Washout w{40, 60};
    const auto dearer_up = [&](Srgb dark, Srgb light) { return clean_mm3(w, dark, light, 2) > clean_mm3(w, light, dark, 2); };
    const Srgb black{0x14, 0x14, 0x14}, white{0xf2, 0xf2, 0xea};
    for (const char* hue : {"#b82e28", "#e2a63b", "#3c8d5a", "#2f6db5", "#7d3c98", "#d98fb0", "#1f3a63"}) {
        QVERIFY2(dearer_up(black, *parse_colour(hue)), hue);
        QVERIFY2(dearer_up(*parse_colour(hue), white), hue);
    }
    const char* greys[] = {"#141414", "#3a3a3a", "#707070", "#a8a8a8", "#f2f2f2"};
    for (std::size_t i = 0; i < std::size(greys); ++i)
        for (std::size_t j = i + 1; j < std::size(greys); ++j)
            QVERIFY(dearer_up(*parse_colour(greys[i]), *parse_colour(greys[j])));
    // Hues can go either way: grey to yellow takes less than yellow to grey.
    const Srgb grey{0x80, 0x82, 0x86}, yellow{0xf0, 0xc8, 0x20};
    QVERIFY(clean_mm3(w, grey, yellow, 2) < clean_mm3(w, yellow, grey, 2));
}

void TestPurge::stricter_takes_more() {
    const Srgb a{0x1f, 0x3a, 0x63}, b{0xf2, 0xef, 0xe4};
    double before = 0;
    for (const double e : {8.0, 4.0, 2.0, 1.0, 0.5}) {
        const double v = clean_mm3({40, 60}, a, b, e);
        QVERIFY(v > before);
        before = v;
    }
    // Volumes scale with the nozzle's own figures.
    COMPARE_NEAR(clean_mm3({80, 120}, a, b, 2), 2 * clean_mm3({40, 60}, a, b, 2), 1e-6);
}

void TestPurge::minimum_between_classes() {
    const Machine m = *find_machine("feeder-4");
    const Filament pla = make_filament('A', Material::PLA, {30, 30, 30}), petg = make_filament('B', Material::PETG, {30, 30, 30});
    const Filament same = make_filament('C', Material::PLA, {30, 30, 30});
    QCOMPARE(purge_mm3(m, {40, 60}, pla, petg, 2), int(m.class_minimum_mm3));
    QCOMPARE(purge_mm3(m, {40, 60}, pla, same, 2), int(m.prime_mm3));
}

void TestPurge::tower_takes_the_busiest_layer() {
    const LayerGrid g{0.2, 0.2, 50};
    std::vector<double> purge(50, 0);
    purge[4] = 100;
    purge[20] = 400;
    purge[29] = 150;
    const Tower t = build_tower(purge, g, {});
    QCOMPARE(t.layers, 30); // useless above the last change
    QCOMPARE(t.busiest_layer, 21);
    COMPARE_NEAR(t.width_mm * t.width_mm * 0.2, 400, 1e-6);
    COMPARE_NEAR(t.purge_mm3, 650, 1e-9);
    QCOMPARE(t.overflow_mm3, 0.0);
    // Every layer carries the next: purge or sparse fill.
    for (int l = 0; l < t.layers; ++l)
        QVERIFY(purge[l] + t.fill_by_layer_mm3[l] > 0);
    COMPARE_NEAR(t.fill_by_layer_mm3[20], 0, 1e-9);
    QCOMPARE(build_tower(std::vector<double>(50, 0.0), g, {}).layers, 0);
}

void TestPurge::tower_stands() {
    const LayerGrid g{0.2, 0.2, 500};
    std::vector<double> purge(500, 0);
    purge[499] = 5;
    const Tower free = build_tower(purge, g, {});
    QVERIFY(free.slenderness() <= 8 + 1e-9);
    TowerShape slim;
    slim.width_mm = 5;
    COMPARE_NEAR(build_tower(purge, g, slim).slenderness(), 20, 1e-9);
}

void TestPurge::tower_overflow_is_told() {
    const LayerGrid g{0.2, 0.2, 10};
    std::vector<double> purge(10, 0);
    purge[9] = 100;
    TowerShape small;
    small.width_mm = 10; // 20 mm³ a layer
    const Tower t = build_tower(purge, g, small);
    COMPARE_NEAR(t.overflow_mm3, 80, 1e-9);
    COMPARE_NEAR(t.purge_mm3, 20, 1e-9);
}

QTEST_APPLESS_MAIN(TestPurge)
#include "test_purge.moc"
