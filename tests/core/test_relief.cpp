#include "core/picture/look.h"
#include "core/picture/make.h"
#include "core/picture/preview.h"
#include "core/picture/stacks.h"

#include "formats/export.h"
#include "support.h"

#include <numbers>
#include <random>
#include <set>

using namespace vitrail;
using namespace vitrail::test;

namespace {

Raster random_picture(int width, int height, std::mt19937& rng) {
    Raster p{width, height, {}};
    for (int i = 0; i < width * height; ++i)
        p.dots.push_back({static_cast<std::uint8_t>(rng()), static_cast<std::uint8_t>(rng()),
                          static_cast<std::uint8_t>(rng())});
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
    std::vector<Tint> tints{tint_of({0x16, 0x1c, 0x2e}, 0.6), tint_of({0xf2, 0xf2, 0xea}, 4),
                            tint_of({0xd8, 0xb0, 0x70}, 3), tint_of({0xb8, 0x2e, 0x28}, 2)};
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

/// Level by level and square by square: the definition. `open`: what squares of so many dots fill; else what
/// their complement leaves.
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
    void outlines_are_planned_as_the_mesh_slices();
    void bands_as_bodies();
    void lifted_everything_moves();
    void face_down_is_mirrored();
    void preview_is_what_is_made();
    void prepared_as_told();
    void framed_cut_and_hung();
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
    // Common practice, no source: h1 0.24, h 0.04, changes at 12, 13, 16, 22 are at 0.68, 0.72, 0.84, 1.08
    // mm; 19 layers of 0.16 are 3.04.
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
    QVERIFY(std::accumulate(bent.dots.begin(), bent.dots.end(), 0) >
            std::accumulate(h.dots.begin(), h.dots.end(), 0));
    QCOMPARE(int(*std::max_element(bent.dots.begin(), bent.dots.end())), 25);
    // One colour is as tall as it can be.
    QCOMPARE(int(heights_from_luminance({1, 1, {{90, 90, 90}}}, 3, 9).dots[0]), 9);
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
            if (delta_e_2000(to_lab(p.dots[i]), to_lab(colours[static_cast<std::size_t>(l) - 1])) <
                delta_e_2000(to_lab(p.dots[i]), to_lab(colours[static_cast<std::size_t>(best) - 1])))
                best = l;
        QCOMPARE(int(h.dots[i]), best);
    }
    // Nothing is nearer: not height from luminance either.
    QVERIFY(difference(p, h, colours).mean <=
            difference(p, heights_from_luminance(p, 5, dusk.layers.count()), colours).mean + 1e-9);
}

void TestRelief::lifted_the_look_stays() {
    // Common practice, no source: the whole lifted by two layers, every border moves by two and the look
    // stays, within ΔE 1.
    const Dusk dusk;
    Dusk lifted;
    lifted.layers.tints.insert(lifted.layers.tints.begin(), 2, 0);
    const auto before = colours_by_height(dusk.layers, dusk.tints, {}),
               after = colours_by_height(lifted.layers, lifted.tints, {});
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
            const int x0 = static_cast<int>(rng() % 14), y0 = static_cast<int>(rng() % 11),
                      w = 1 + static_cast<int>(rng() % 6), d = 1 + static_cast<int>(rng() % 6);
            for (int y = y0; y < std::min(11, y0 + d); ++y)
                for (int x = x0; x < std::min(14, x0 + w); ++x)
                    h.dots[static_cast<std::size_t>(y * 14 + x)] =
                        static_cast<std::uint16_t>(3 + rng() % 2 * 4 + static_cast<unsigned>(n));
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

/// A picture 0.16 and 0.08 mm in dots of 0.2, without bands yet.
Project five_colours() {
    Project p;
    p.machine = *find_machine("feeder-4");
    p.filaments = {pla('A', "#141824"), pla('B', "#2f6db5"), pla('C', "#b82e28"), pla('D', "#e0a23c"),
                   pla('E', "#f2f2ea")};
    p.settings.first_layer_mm = 0.16;
    p.settings.layer_mm = 0.08;
    p.picture.emplace();
    p.picture->dot_mm = 0.2;
    return p;
}

} // namespace

void TestRelief::project_prints_what_was_asked() {
    // Five colours on four slots, black from the start, then at layers 12, 13, 16 and 22; h1 0.24, h 0.04: at
    // 0.68 − 0.04, … mm (common practice, no source).
    Project p = five_colours();
    p.settings.first_layer_mm = 0.24;
    p.settings.layer_mm = 0.04;
    p.picture->width_mm = 60;
    p.picture->bands = {{'A', 1, 11}, {'B', 12, 12}, {'C', 13, 15}, {'D', 16, 21}, {'E', 22, 30}};
    p.picture->school = ReliefSchool::luminance;
    const auto relief = with_picture_made(p, slope(300, 200));
    QVERIFY(relief);
    const DotMap& dots = *relief->picture->dots;
    QVERIFY(dots.width == 300 && dots.height == 200);
    QVERIFY(*std::min_element(dots.dots.begin(), dots.dots.end()) == 11 &&
            *std::max_element(dots.dots.begin(), dots.dots.end()) == 30);
    const auto plan = plan_of(*relief);
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
    QVERIFY(std::none_of(plan->changes.begin(), plan->changes.end(),
                         [](const Change& c) { return c.within_layer; })); // only between layers
    QCOMPARE(plan->tower.layers, 0);
    QCOMPARE(plan->totals.refills, 1);
    for (const Finding& f : plan->findings)
        QVERIFY2(f.severity != Severity::error, f.code.c_str());
    // What is printed is what the dots say: solid, so grams are heights.
    double mm3 = 0;
    for (const std::uint16_t h : dots.dots)
        mm3 += 0.04 * (0.24 + 0.04 * (h - 1));
    double planned = 0;
    for (const FilamentUse& u : plan->use)
        planned += u.model_mm3;
    COMPARE_NEAR(planned, mm3, 0.005 * mm3);
    // The nearest stack is nearer than the lightness alone.
    p.picture->school = ReliefSchool::nearest;
    QVERIFY(with_picture_made(p, slope(300, 200))->picture->figures.mean_delta_e <
            relief->picture->figures.mean_delta_e);
}

void TestRelief::outlines_are_planned_as_the_mesh_slices() {
    // Vitrail plans from the outlines; whoever slices the body must get the same plan.
    std::mt19937 rng(8);
    Project p = five_colours();
    p.picture->width_mm = 40;
    p.picture->bands = {{'A', 1, 4}, {'B', 5, 9}, {'E', 10, 16}};
    const Raster noisy = scaled(random_picture(40, 30, rng), 200, 150);
    const auto made = with_picture_made(p, noisy);
    QVERIFY(made);
    Project sliced = *made;
    sliced.pieces[0].parts[0].made = nullptr;
    const auto a = plan_of(*made), b = plan_of(sliced);
    QVERIFY(a && b);
    QCOMPARE(a->changes.size(), b->changes.size());
    for (std::size_t i = 0; i < a->use.size(); ++i)
        COMPARE_NEAR(a->use[i].model_mm3, b->use[i].model_mm3, 0.002 * a->use[i].model_mm3 + 0.01);
    COMPARE_NEAR(a->totals.print_s, b->totals.print_s, 0.02 * a->totals.print_s);
    // Turned on its side it is no longer the body of its layers, and is sliced.
    Project turned = *made;
    turned.pieces[0].parts[0].mesh = std::make_shared<Mesh>(
        rotated({{{1, 0, 0}, {0, 0, -1}, {0, 1, 0}}}, Mesh(*turned.pieces[0].parts[0].mesh)));
    QVERIFY(plan_of(turned)->grid.count > 100);
}

void TestRelief::bands_as_bodies() {
    Project p = five_colours();
    p.picture->width_mm = 40;
    p.picture->bands = {{'A', 1, 4}, {'B', 5, 9}, {'E', 10, 16}};
    const Project made = *with_picture_made(p, slope(200, 150));
    const auto plan = plan_of(made);
    const auto whole = bodies_of_pieces(made, *plan, ExportBy::part),
               bands = bodies_of_pieces(made, *plan, ExportBy::band);
    QCOMPARE(whole[0].size(), std::size_t{1});
    QCOMPARE(bands[0].size(), std::size_t{3});
    double mm3 = 0;
    for (std::size_t i = 0; i < 3; ++i) {
        const Mesh& m = bands[0][i].mesh;
        QCOMPARE(static_cast<int>(m.check.open_edges), 0);
        mm3 += volume_mm3(m);
        COMPARE_NEAR(m.bounds.min.z, (std::vector{0.0, 0.4, 0.8}[i]), 1e-5);
        COMPARE_NEAR(volume_mm3(m), plan->use[static_cast<std::size_t>(bands[0][i].filament)].model_mm3,
                     0.01 * volume_mm3(m));
    }
    COMPARE_NEAR(mm3, volume_mm3(whole[0][0].mesh), 1e-3 * mm3);
    QCOMPARE(export_stl(made, *plan, bands).size(), std::size_t{3});
    QVERIFY(export_3mf(made, *plan, whole));
}

void TestRelief::lifted_everything_moves() {
    Project p = five_colours();
    p.picture->width_mm = 40;
    p.picture->bands = {{'A', 1, 4}, {'B', 5, 9}, {'E', 10, 16}};
    const Project before = *with_picture_made(p, slope(200, 150));
    Project lifted = before;
    lift(*lifted.picture, 2);
    lifted = *with_picture_made(lifted, slope(200, 150));
    // Common practice, no source: every border moves by two, and the look stays within ΔE 1.
    for (std::size_t i = 0; i < 3; ++i)
        QCOMPARE(lifted.picture->bands[i].to_layer, before.picture->bands[i].to_layer + 2);
    const auto a = plan_of(before)->changes, b = plan_of(lifted)->changes;
    for (std::size_t i = 0; i < a.size(); ++i)
        QCOMPARE(b[i].layer, a[i].layer + 2);
    const std::vector<Srgb> was = colours_of(*before.picture, before.filaments, before.picture->lighting),
                            is = colours_of(*lifted.picture, lifted.filaments, lifted.picture->lighting);
    for (std::size_t n = 4; n < was.size(); ++n)
        QVERIFY(delta_e_2000(to_lab(was[n]), to_lab(is[n + 2])) < 1);
    int same = 0;
    for (std::size_t i = 0; i < before.picture->dots->dots.size(); ++i)
        same += lifted.picture->dots->dots[i] == before.picture->dots->dots[i] + 2;
    QVERIFY2(same > 0.95 * static_cast<double>(before.picture->dots->dots.size()),
             qPrintable(QString::number(same)));
    // The base holds: no lower than it may be.
    lift(*lifted.picture, -100);
    QCOMPARE(lifted.picture->bands.front().to_layer, least_base_layers(0.16, 0.08));
    // A border moves as far as its neighbours leave room.
    const int room = lifted.picture->bands[2].to_layer - 1 - lifted.picture->bands[1].to_layer;
    QCOMPARE(move_border(*lifted.picture, 1, 100), room);
    QCOMPARE(move_border(*lifted.picture, 1, 1), 0);
    for (std::size_t i = 0; i + 1 < lifted.picture->bands.size(); ++i)
        QCOMPARE(lifted.picture->bands[i + 1].from_layer, lifted.picture->bands[i].to_layer + 1);
    QVERIFY(lifted.picture->bands[2].to_layer >= lifted.picture->bands[2].from_layer);
}

void TestRelief::face_down_is_mirrored() {
    Project p = five_colours();
    p.picture->width_mm = 20;
    p.picture->bands = {{'E', 1, 4}, {'B', 5, 9}, {'A', 10, 16}};
    p.picture->face_down = true;
    p.picture->lighting.backing = {0.9, 0.9, 0.9}; // it hangs before a white wall
    const auto made = with_picture_made(p, slope(100, 50));
    QVERIFY(made);
    const DotMap &seen = *made->picture->dots, lies = as_printed(*made->picture);
    for (int x = 0; x < 100; ++x)
        QCOMPARE(seen.at(x, 20), lies.at(99 - x, 20));
    // Dark layers behind make it darker: the dark side of the picture is the taller one.
    QVERIFY(seen.at(2, 20) > seen.at(97, 20));
    p.picture->school = ReliefSchool::luminance;
    const auto by_light = with_picture_made(p, slope(100, 50));
    QVERIFY(by_light->picture->dots->at(2, 20) > by_light->picture->dots->at(97, 20));
    // Seen from the bed's side only the first layer and what shines through counts.
    const std::vector<Srgb> colours = colours_of(*made->picture, made->filaments, made->picture->lighting);
    QVERIFY(to_lab(colours[4]).l > to_lab(colours[16]).l);
    QVERIFY(delta_e_2000(to_lab(colours[15]), to_lab(colours[16])) < 1);
}

void TestRelief::preview_is_what_is_made() {
    // Few colours, so that the preview's cells are the picture's own: then it is exact but for what is
    // merged.
    Raster flags{120, 80, {}};
    const Srgb few[] = {{16, 24, 40}, {200, 40, 40}, {240, 240, 232}, {48, 112, 184}};
    for (int i = 0; i < 120 * 80; ++i)
        flags.dots.push_back(few[i % 120 / 30]);
    Project p = five_colours();
    p.picture->width_mm = 24;
    for (const ReliefSchool school : {ReliefSchool::nearest, ReliefSchool::luminance}) {
        p.picture->school = school;
        p.picture->bands = {{'A', 1, 4}, {'C', 5, 9}, {'B', 10, 12}, {'E', 13, 20}};
        const auto made = with_picture_made(p, flags);
        QVERIFY(made);
        const Prepared ready = prepared(*made->picture, flags);
        const ReliefPreview preview(ready);
        std::vector<Srgb> colours = colours_of(*made->picture, made->filaments, made->picture->lighting);
        const Raster look = vitrail::look(*made->picture, made->filaments, ready, LookAs::printed);
        colours.erase(colours.begin());
        const auto tried = preview.tried(*made->picture, colours);
        QVERIFY(preview.look(tried) == look);
        COMPARE_NEAR(std::accumulate(tried.ends.begin(), tried.ends.end(), 0.0), 1, 1e-9);
        COMPARE_NEAR(tried.mean_delta_e, made->picture->figures.mean_delta_e, 0.02);
    }
}

void TestRelief::prepared_as_told() {
    Picture picture;
    picture.width_mm = 8;
    picture.dot_mm = 1;
    Raster r{8, 4, {}};
    for (int i = 0; i < 32; ++i)
        r.dots.push_back({static_cast<std::uint8_t>(8 * i), 0, 0});
    const auto reds = [](const Prepared& p) {
        std::vector<int> out;
        for (const Srgb c : p.picture.dots)
            out.push_back(c.r);
        return out;
    };
    QVERIFY(prepared(picture, r).picture == r);
    picture.prepare.mirror = true;
    QCOMPARE(reds(prepared(picture, r))[0], 56);
    picture.prepare.mirror = false;
    // A quarter to the right: the lower left corner comes up left.
    picture.prepare.turn = 1;
    picture.width_mm = 4;
    Prepared turned = prepared(picture, r);
    QVERIFY(turned.picture.width == 4 && turned.picture.height == 8);
    QCOMPARE(reds(turned)[0], 8 * 24);
    QCOMPARE(reds(turned)[3], 0);
    // Four quarters are none.
    Raster round = r;
    for (int i = 0; i < 4; ++i) {
        picture.width_mm = round.height;
        round = prepared(picture, round).picture;
    }
    QVERIFY(round == r);
    picture.prepare.turn = 0;
    // Cut to its right half, twice the dots.
    picture.prepare.left = 0.5;
    picture.width_mm = 8;
    const Prepared half = prepared(picture, r);
    QVERIFY(half.picture.width == 8 && half.picture.height == 8);
    QCOMPARE(reds(half)[0], 32);
    picture.prepare.left = 0;
    crop_to(picture.prepare, 8, 4, 1);
    COMPARE_NEAR(picture.prepare.left, 0.25, 1e-12);
    COMPARE_NEAR(picture.prepare.right, 0.75, 1e-12);
    picture.prepare = {};
    // Tones: contrast 0 is mid grey, a curve bends, gamma lightens the middle and keeps the ends.
    picture.prepare.contrast = 0;
    QVERIFY(std::abs(reds(prepared(picture, r))[5] - 128) <= 1);
    picture.prepare = {};
    picture.prepare.tones = {{0, 1}, {1, 1}};
    QCOMPARE(reds(prepared(picture, r))[0], 255);
    picture.prepare = {};
    picture.prepare.gamma = 2;
    QCOMPARE(reds(prepared(picture, r))[0], 0);
    QVERIFY(reds(prepared(picture, r))[10] > 8 * 10);
}

void TestRelief::framed_cut_and_hung() {
    Picture picture;
    picture.width_mm = 40;
    picture.dot_mm = 0.5;
    Raster r{80, 60, std::vector<Srgb>(80 * 60, Srgb{250, 250, 250})};
    for (int y = 20; y < 40; ++y)
        for (int x = 30; x < 50; ++x)
            r.dots[static_cast<std::size_t>(y * 80 + x)] = {30, 60, 120};
    r.dots[30 * 80 + 40] = {250, 250, 250}; // ground within the subject hangs together with no edge
    const auto count = [](const Prepared& p, DotRole role) {
        return static_cast<int>(std::count(p.roles.begin(), p.roles.end(), role));
    };
    picture.prepare.ground_out = GroundOut::cut;
    QCOMPARE(count(prepared(picture, r), DotRole::picture), 400);
    picture.prepare.ground_out = GroundOut::lowest;
    QCOMPARE(count(prepared(picture, r), DotRole::lowest), 80 * 60 - 400);
    picture.prepare = {};
    // A frame of 2 mm is four dots; corners and hole by their areas: a quarter of (4 − π)·r² at each corner,
    // π·d²/4.
    picture.prepare.frame_mm = 2;
    picture.prepare.frame = {9, 9, 9};
    const Prepared framed = prepared(picture, r);
    QCOMPARE(
        static_cast<int>(std::count(framed.picture.dots.begin(), framed.picture.dots.end(), Srgb{9, 9, 9})),
        80 * 60 - 72 * 52);
    picture.prepare.corner_mm = 6;
    picture.prepare.hole_mm = 5;
    const double gone = count(prepared(picture, r), DotRole::nothing) * 0.25,
                 wanted = (4 - std::numbers::pi) * 36 + std::numbers::pi * 25 / 4;
    COMPARE_NEAR(gone, wanted, 0.06 * wanted);
    // Made as a relief the hole is a hole: the volume lacks it.
    Project p = five_colours();
    p.picture->width_mm = 40;
    p.picture->bands = {{'A', 1, 5}};
    p.picture->prepare.hole_mm = 8;
    const auto made = with_picture_made(p, r);
    QVERIFY(made);
    const double mm3 = volume_mm3(*made->pieces[0].parts[0].mesh);
    COMPARE_NEAR(mm3, (40 * 30 - std::numbers::pi * 16) * (0.16 + 4 * 0.08), 0.01 * mm3);
    // Text lies in the frame where that is wide enough.
    Raster text{10, 4, std::vector<Srgb>(40, Srgb{255, 255, 255})};
    picture.prepare = {};
    picture.prepare.frame_mm = 4;
    picture.prepare.text_colour = {1, 2, 3};
    const Prepared lettered = prepared(picture, r, text);
    int lowest = 0, highest = 1000;
    for (int y = 0; y < 60; ++y)
        for (int x = 0; x < 80; ++x)
            if (lettered.picture.at(x, y) == Srgb{1, 2, 3})
                lowest = std::max(lowest, y), highest = std::min(highest, y);
    QVERIFY(lowest - highest == 3 && highest >= 52 && lowest <= 57);
}

void TestRelief::what_cannot_be_a_relief() {
    const auto says = [](const Project& p, const char* what, const Raster& picture = slope(30, 20)) {
        const auto relief = with_picture_made(p, picture);
        return !relief && english(relief.error().message).find(what) != std::string::npos;
    };
    Project p = five_colours();
    QVERIFY(says(p, "one band at least"));
    p.picture->bands = {{'A', 1, 4}, {'F', 5, 9}};
    QVERIFY(says(p, "no filament F"));
    p.picture->bands = {{'A', 1, 4}, {'B', 6, 9}};
    QVERIFY(says(p, "must begin with layer 5"));
    p.picture->bands = {{'A', 1, 2}, {'B', 3, 9}};
    QVERIFY(says(p, "0.24 mm thick"));
    p.picture->bands = {{'A', 1, 4}, {'B', 5, 400}};
    QVERIFY(says(p, "400 layers"));
    p.picture->bands = {{'A', 1, 4}, {'B', 5, 9}};
    p.picture->dot_mm = 0.02;
    p.picture->width_mm = 1000;
    QVERIFY(says(p, "25 million"));
    p.picture->dot_mm = 10;
    p.picture->width_mm = 4;
    QVERIFY(says(p, "0 by 0 dots"));
    p.picture->dot_mm = 0.2;
    p.picture->width_mm = 10;
    p.picture->prepare.ground_out = GroundOut::cut;
    QVERIFY(says(p, "Nothing of the picture is left", {1, 1, {{9, 9, 9}}}));
    // Layers that the nozzle cannot print.
    p.picture->prepare = {};
    p.settings.layer_mm = 0.35;
    QVERIFY(says(p, "too thick for a nozzle of 0.4"));
    p.settings.layer_mm = 0.02;
    QVERIFY(says(p, "too thin"));
}

VITRAIL_TEST(TestRelief)
#include "test_relief.moc"
