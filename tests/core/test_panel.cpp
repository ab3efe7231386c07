#include "core/geometry/made_layers.h"
#include "core/picture/film_orders.h"
#include "core/picture/look.h"
#include "core/picture/nearest.h"
#include "core/picture/panel.h"

#include "support.h"

#include <random>
#include <set>

using namespace vitrail;
using namespace vitrail::test;

namespace {

Project white_and_films() {
    Project p;
    p.machine = *find_machine("feeder-4");
    p.filaments = {pla('A', "#f4f2ec"), pla('B', "#28aad6"), pla('C', "#d22c84"), pla('D', "#f0d228")};
    p.filaments[0].td_mm = 2;
    for (std::size_t i = 1; i < 4; ++i)
        p.filaments[i].td_mm = 4;
    p.settings.first_layer_mm = 0.15;
    p.settings.layer_mm = 0.08;
    p.settings.line_width_mm = 0.5;
    p.picture.emplace();
    p.picture->use = PictureUse::panel;
    p.picture->width_mm = 30;
    p.picture->dot_mm = 0.5;
    p.picture->lighting.from = Lighting::From::behind;
    p.picture->panel = usual_films(p.filaments);
    p.picture->panel.film_layers = 2;
    p.picture->panel.cover_most = 12;
    return p;
}

Raster colourful(int width, int height, unsigned seed) {
    std::mt19937 rng(seed);
    Raster small{6, 4, {}};
    for (int i = 0; i < 24; ++i)
        small.dots.push_back({static_cast<std::uint8_t>(60 + rng() % 190),
                              static_cast<std::uint8_t>(60 + rng() % 190),
                              static_cast<std::uint8_t>(60 + rng() % 190)});
    return scaled(small, width, height);
}

LinearRgb mean_light(const PanelDots& dots, const PanelTable& table) {
    LinearRgb sum;
    for (const std::uint16_t n : dots.dots.dots) {
        const LinearRgb& l = table.light[static_cast<std::size_t>(dots.stacks[n - 1u])];
        sum.r += l.r, sum.g += l.g, sum.b += l.b;
    }
    const double n = static_cast<double>(dots.dots.dots.size());
    return {sum.r / n, sum.g / n, sum.b / n};
}

} // namespace

class TestPanel : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void table_has_every_stack();
    void nearest_is_the_nearest();
    void spreading_keeps_the_mean();
    void bodies_fit_together();
    void one_origin_and_names();
    void orders_differ_as_they_should();
    void rim_and_slots();
    void lamps_have_a_colour();
    void what_cannot_be_a_panel();
};

void TestPanel::table_has_every_stack() {
    const Project p = white_and_films();
    Picture picture = *p.picture;
    picture.first_mm = 0.15;
    picture.layer_mm = 0.08;
    for (const FilmOrder order : {FilmOrder::apart, FilmOrder::packed, FilmOrder::above}) {
        picture.panel.order = order;
        const auto table = panel_table(picture, p.filaments);
        QVERIFY(table);
        QCOMPARE(static_cast<int>(table->stacks.size()), 3 * 3 * 3 * 12);
        std::set<std::string> different;
        for (const auto& stack : table->stacks) {
            QCOMPARE(stack.front().filament, 'A'); // white below everything
            QVERIFY(stack.front().layers >= 2);
            std::string text;
            for (const FilamentRun& r : stack)
                text += r.filament + std::to_string(r.layers);
            different.insert(text);
            if (order == FilmOrder::apart)
                QVERIFY(layers_of(stack) >= 2 + 6 + 1 && layers_of(stack) <= 2 + 6 + 12);
        }
        // Where there is no film, white above and white below are one; else every stack is another.
        QVERIFY(different.size() == table->stacks.size());
        for (const LinearRgb& l : table->light)
            QVERIFY(l.r > 0 && l.g > 0 && l.b > 0 && luminance({l.r, l.g, l.b}) <= 1.1);
    }
    // Brightness falls with every layer of white.
    picture.panel.films.clear();
    const auto greys = panel_table(picture, p.filaments);
    for (std::size_t i = 1; i < greys->light.size(); ++i)
        QVERIFY(greys->light[i].g < greys->light[i - 1].g);
    COMPARE_NEAR(luminance({greys->light[0].r, greys->light[0].g, greys->light[0].b}), 1, 1e-9);
}

void TestPanel::nearest_is_the_nearest() {
    // Against a linear scan by CIEDE2000, over random colours and the real table.
    const Project p = white_and_films();
    Picture picture = *p.picture;
    picture.first_mm = 0.15, picture.layer_mm = 0.08;
    const auto table = panel_table(picture, p.filaments);
    std::vector<Lab> labs;
    for (const LinearRgb& l : table->light)
        labs.push_back(to_lab(l));
    const NearestColour nearest(labs);
    std::mt19937 rng(4);
    int same = 0;
    double worst = 0;
    constexpr int kTried = 2000;
    for (int n = 0; n < kTried; ++n) {
        const Lab c = to_lab(Srgb{static_cast<std::uint8_t>(rng()), static_cast<std::uint8_t>(rng()),
                                  static_cast<std::uint8_t>(rng())});
        double best = 1e9;
        for (const Lab& l : labs)
            best = std::min(best, delta_e_2000(c, l));
        const auto found = nearest.of(c);
        COMPARE_NEAR(found.delta_e, delta_e_2000(c, labs[static_cast<std::size_t>(found.index)]), 1e-12);
        same += found.delta_e <= best + 1e-9;
        worst = std::max(worst, found.delta_e - best);
    }
    // Also far from all stacks, at saturated colours that no film reaches, where Lab and CIEDE2000 disagree.
    QCOMPARE(same, kTried);
    QVERIFY2(worst < 1e-9, qPrintable(QString::number(worst)));
    // A colour of the table finds itself.
    for (std::size_t i = 0; i < labs.size(); i += 7)
        COMPARE_NEAR(nearest.of(labs[i]).delta_e, 0, 1e-9);
}

void TestPanel::spreading_keeps_the_mean() {
    // Floyd & Steinberg 1976: what a dot is off by is not lost, so the mean light stays where the stacks can
    // reach it.
    const Project p = white_and_films();
    Picture picture = *p.picture;
    picture.first_mm = 0.15, picture.layer_mm = 0.08;
    const auto table = panel_table(picture, p.filaments);
    const double black = darkest(*table);
    for (const Srgb c : {Srgb{190, 190, 186}, Srgb{150, 190, 200}, Srgb{200, 170, 120}}) {
        const Prepared even{{80, 60, std::vector<Srgb>(4800, c)},
                            std::vector<DotRole>(4800, DotRole::picture)};
        const LinearRgb asked = fitted(to_linear(c), black);
        const auto off = [&](bool spread) {
            const LinearRgb mean = mean_light(*panel_dots(even, *table, black, spread), *table);
            return std::max(
                {std::abs(mean.r - asked.r), std::abs(mean.g - asked.g), std::abs(mean.b - asked.b)});
        };
        QVERIFY2(off(true) < 0.01, qPrintable(QString::number(off(true))));
        QVERIFY(off(true) < off(false));
    }
    // Black goes to the darkest that there is, white stays.
    COMPARE_NEAR(fitted({0, 0, 0}, black).g, black, 1e-12);
    COMPARE_NEAR(fitted({1, 1, 1}, black).g, 1, 1e-12);
}

void TestPanel::bodies_fit_together() {
    for (const FilmOrder order : {FilmOrder::apart, FilmOrder::packed, FilmOrder::above})
        for (const bool spread : {false, true}) {
            Project p = white_and_films();
            p.picture->panel.order = order;
            p.picture->panel.spread = spread;
            p.picture->prepare.corner_mm = 4;
            const auto made = with_picture_made(p, colourful(60, 40, 3));
            QVERIFY(made);
            const Picture& picture = *made->picture;
            const DotMap& dots = *picture.dots;
            // Volumes of the bodies are those of the stacks, filament by filament, but for corners that are
            // cut.
            std::map<char, double> wanted, is;
            for (const std::uint16_t n : dots.dots)
                if (n) {
                    int at = 0;
                    for (const FilamentRun& r : picture.stacks[n - 1u]) {
                        for (int i = 0; i < r.layers; ++i)
                            wanted[r.filament] += 0.25 * (at + i == 0 ? 0.15 : 0.08);
                        at += r.layers;
                    }
                }
            double all = 0, all_wanted = 0;
            for (const Part& part : made->pieces[0].parts) {
                QCOMPARE(static_cast<int>(part.mesh->check.open_edges), 0);
                is[part.filament] += volume_mm3(*part.mesh);
            }
            for (const auto& [letter, mm3] : wanted) {
                COMPARE_NEAR(is[letter], mm3, 0.04 * mm3);
                all += is[letter], all_wanted += mm3;
            }
            COMPARE_NEAR(all, all_wanted, 0.005 * all_wanted);
            // Put together again, layer by layer: no overlap, no gap.
            const auto table = make_layer_table(made->pieces[0], made->settings);
            QVERIFY(table);
            for (int l = 1; l <= (*table)->grid.count; ++l) {
                Paths together;
                double sum = 0;
                for (const PartLayers& part : (*table)->parts) {
                    const Paths& own = part.layers[static_cast<std::size_t>(l) - 1];
                    sum += area_mm2(own);
                    together = unite(together, own);
                }
                const double whole = area_mm2(unite(whole_layer(**table, l), {}));
                COMPARE_NEAR(area_mm2(together), sum, 1e-3 * sum + 1e-3);     // else they overlap
                COMPARE_NEAR(area_mm2(together), whole, 1e-3 * whole + 1e-3); // else there is a gap
            }
        }
}

void TestPanel::one_origin_and_names() {
    Project p = white_and_films();
    p.filaments[1].name = "tide cyan";
    const auto made = with_picture_made(p, colourful(60, 40, 5));
    QVERIFY(made);
    std::vector<std::string> names;
    for (const Part& part : made->pieces[0].parts) {
        names.push_back(part.name);
        QVERIFY(part.mesh->bounds.min.x >= -1e-4f && part.mesh->bounds.max.x <= 30.001f);
    }
    QCOMPARE(names.front(), std::string("white below"));
    QCOMPARE(names.back(), std::string("white above"));
    QVERIFY(std::find(names.begin(), names.end(), "tide cyan") != names.end());
    QCOMPARE(static_cast<int>(names.size()), 5);
    // And it is planned: every filament is printed, changes are within layers.
    const auto plan = plan_of(*made);
    QVERIFY(plan);
    for (const FilamentUse& u : plan->use)
        QVERIFY(u.model_mm3 > 0);
    QVERIFY(std::any_of(plan->changes.begin(), plan->changes.end(),
                        [](const Change& c) { return c.within_layer; }));
    QVERIFY(has(*plan, "picture-lamp"));
}

void TestPanel::orders_differ_as_they_should() {
    Project p = white_and_films();
    const auto orders = compare_film_orders(p, colourful(60, 40, 7), {});
    QCOMPARE(static_cast<int>(orders.size()), 3);
    // Pure layers take fewer changes than mixed ones, and are thicker.
    QVERIFY(orders[0].totals.changes < orders[1].totals.changes);
    QVERIFY(orders[0].height_mm >= orders[1].height_mm);
    // Films above a white of changing thickness are in more layers still.
    QVERIFY(orders[2].totals.changes > orders[1].totals.changes);
    // Apart, a layer has two filaments at most.
    const auto plan = plan_of(*with_picture_made(p, colourful(60, 40, 7)));
    for (int l = 0; l < plan->grid.count; ++l)
        QVERIFY(plan->sequence.layer(l).size() <= 2);
}

void TestPanel::rim_and_slots() {
    Project p = white_and_films();
    const Project bare = *with_picture_made(p, colourful(60, 40, 9));
    p.picture->panel.rim_mm = 5;
    const Project rimmed = *with_picture_made(p, colourful(60, 40, 9));
    QCOMPARE(rimmed.picture->dots->width, bare.picture->dots->width + 20);
    const int tallest = layers_of(rimmed.picture->stacks[rimmed.picture->dots->at(0, 0) - 1u]);
    for (const auto& stack : rimmed.picture->stacks)
        QVERIFY(layers_of(stack) <= tallest);
    QCOMPARE(rimmed.picture->figures, bare.picture->figures); // the rim is no part of the picture
    p.picture->panel.slot_mm = 4;
    const Project slotted = *with_picture_made(p, colourful(60, 40, 9));
    const int gone = static_cast<int>(
        std::count(slotted.picture->dots->dots.begin(), slotted.picture->dots->dots.end(), 0));
    QVERIFY2(std::abs(gone * 0.25 - 2 * 4 * 2.5) < 5, qPrintable(QString::number(gone)));
}

void TestPanel::lamps_have_a_colour() {
    // What is white behind a warm lamp is not white behind a cold one (domain of the trade, common practice,
    // no source).
    Project p = white_and_films();
    const Project made = *with_picture_made(p, colourful(60, 40, 11));
    Picture warm = *made.picture, cold = *made.picture;
    warm.lighting.lamp_k = 2700;
    cold.lighting.lamp_k = 6500;
    const auto a = colours_of(warm, made.filaments, lighting_for(warm, LookAs::lit)),
               b = colours_of(cold, made.filaments, lighting_for(cold, LookAs::lit));
    int warmer = 0;
    for (std::size_t i = 1; i < a.size(); ++i)
        warmer += to_lab(a[i]).b > to_lab(b[i]).b;
    QVERIFY(warmer > static_cast<int>(a.size()) * 9 / 10);
    // Made for the warm lamp it comes nearer there than what was made for the cold one.
    const Prepared ready = prepared(*made.picture, colourful(60, 40, 11));
    std::vector<Srgb> seen(a.begin() + 1, a.end());
    const double cold_one = difference(ready.picture, *made.picture->dots, seen).mean;
    p.picture->lighting.lamp_k = 2700;
    QVERIFY(with_picture_made(p, colourful(60, 40, 11))->picture->figures.mean_delta_e < cold_one);
}

void TestPanel::what_cannot_be_a_panel() {
    const auto says = [](const Project& p, const char* what) {
        const auto made = with_picture_made(p, colourful(30, 20, 1));
        return !made && english(made.error().message).find(what) != std::string::npos;
    };
    Project p = white_and_films();
    p.picture->panel.films = "BXD";
    QVERIFY(says(p, "no filament X"));
    p.picture->panel.films = "BAD";
    QVERIFY(says(p, "A stands twice"));
    p.picture->panel.films = "BCD";
    p.picture->panel.film_layers = 20;
    QVERIFY(says(p, "stacks to choose from"));
    p.picture->panel.films.clear();
    p.picture->panel.cover_least = p.picture->panel.cover_most = 3;
    QVERIFY(says(p, "All dots would be alike"));
    p = white_and_films();
    p.picture->panel.cover_most = 245;
    QVERIFY(says(p, "at most 250"));
    // Stopped, it says so.
    std::stop_source stop;
    stop.request_stop();
    const auto stopped =
        with_picture_made(white_and_films(), colourful(30, 20, 1), {}, {stop.get_token(), {}});
    QVERIFY(!stopped && english(stopped.error().message).find("Stopped") != std::string::npos);
}

VITRAIL_TEST(TestPanel)
#include "test_panel.moc"
