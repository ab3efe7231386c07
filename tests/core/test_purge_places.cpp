#include "core/check/landing.h"
#include "core/purge/place.h"
#include "core/purge/plate.h"
#include "core/purge/strip.h"
#include "core/study/purge_options.h"

#include "core/estimate/timeline.h"
#include "core/run_sheet/run_sheet.h"

#include "support.h"

#include <fmt/format.h>

#include <numbers>

using namespace vitrail;
using namespace vitrail::test;

namespace {

double flow_sum(const Plan& plan, Destination where) {
    double sum = 0;
    for (const Change& c : plan.changes)
        for (const Flow& f : c.flows)
            sum += f.where == where ? f.mm3 : 0;
    return sum;
}

/// Thick blocks side by side: much infill, many changes.
Project blocks(const char* machine = "feeder-4") {
    Project p;
    p.name = "blocks";
    p.machine = *find_machine(machine);
    p.filaments = {pla('A', "#2f3a63"), pla('B', "#303c64"), pla('C', "#b82e28")};
    for (Filament& f : p.filaments)
        f.td_mm = 0.4;
    for (int i = 0; i < 3; ++i)
        p.pieces[0].parts.push_back(part(("block-" + std::to_string(i)).c_str(),
                                         solids::box(30.0 * i, 0, 0, 30.0 * i + 30, 30, 10), "ABC"[i]));
    return p;
}

} // namespace

class TestPurgePlaces : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void one_plate_for_everybody();
    void flows_add_up();
    void infill_takes_what_it_has_room_for();
    void peaks_keep_the_tower_small();
    void colours_that_show_are_kept_out();
    void other_materials_are_kept_out();
    void second_piece();
    void skirt_is_as_tall_as_the_last_change();
    void ooze_wall_by_closed_form();
    void tower_shapes();
    void tower_steps_are_the_best();
    void plate_has_room();
    void levels_by_project_filament_and_pair();
    void cut_by_hand_and_locked();
    void too_little_lands_somewhere();
    void calibration_is_used_and_said();
    void uncertainty_by_hand();
    void strip_by_closed_form();
    void options_are_plans();
    void what_has_no_effect_is_told();
};

void TestPurgePlaces::flows_add_up() {
    std::mt19937 rng(3);
    for (int round = 0; round < 12; ++round) {
        Project p = blocks();
        p.settings.purge_infill = static_cast<IntoInfill>(rng() % 3);
        p.settings.purge_to = static_cast<PurgeTo>(1 + rng() % 3);
        p.settings.ooze_wall = rng() % 2 == 1;
        p.settings.tower_shape = static_cast<TowerKind>(rng() % 3);
        p.settings.walls = static_cast<int>(rng() % 4);
        if (rng() % 2)
            p.pieces[0].parts[2].takes_purge = true;
        const auto plan = plan_of(p);
        double all = 0;
        for (const Change& c : plan->changes) {
            double sum = 0;
            for (const Flow& f : c.flows) {
                QVERIFY(f.mm3 > 0);
                sum += f.mm3;
            }
            COMPARE_NEAR(sum, c.purge_mm3, 1e-6);
            all += sum;
        }
        COMPARE_NEAR(all, plan->totals.purge_mm3, 1e-6);
        // Every gram extruded is somewhere: by layer and by use.
        for (const FilamentUse& u : plan->use) {
            double by_layer = 0;
            for (const double g : u.g_by_layer)
                by_layer += g;
            COMPARE_NEAR(by_layer, u.total_g + u.first_load_g, 1e-6);
            QVERIFY(u.model_mm3 > -1e-9);
        }
        // The piece weighs the same wherever its infill comes from.
        Project plain = p;
        plain.settings.purge_infill = IntoInfill::no;
        double with = 0, without = 0;
        const auto other = plan_of(plain);
        for (const FilamentUse& u : plan->use)
            with += u.model_mm3;
        for (const FilamentUse& u : other->use)
            without += u.model_mm3;
        COMPARE_NEAR(with, without, 1e-6 * without);
        QVERIFY(waste_g(plan->totals) <= waste_g(other->totals) + 1e-9);
    }
}

void TestPurgePlaces::infill_takes_what_it_has_room_for() {
    Project p = blocks();
    p.settings.purge_infill = IntoInfill::yes;
    p.settings.walls = 4;
    const auto plan = plan_of(p);
    QVERIFY(flow_sum(*plan, Destination::infill) > 0);
    for (int l = 1; l <= plan->grid.count; ++l)
        for (std::size_t i = 0; i < p.pieces[0].parts.size(); ++i) {
            double taken = 0;
            for (const Change& c : plan->changes)
                for (const Flow& f : c.flows)
                    if (c.layer == l && f.part == static_cast<int>(i))
                        taken += f.mm3;
            QVERIFY(taken <=
                    plan->pieces[0].demand->parts[i][static_cast<std::size_t>(l) - 1].infill_mm3 + 1e-9);
        }
    COMPARE_NEAR(plan->totals.useful_purge_g, grams(p.filaments[0], flow_sum(*plan, Destination::infill)),
                 1e-9);
    COMPARE_NEAR(plan->totals.purge_g,
                 grams(p.filaments[0], plan->totals.purge_mm3 - flow_sum(*plan, Destination::infill)), 1e-9);
    // No infill, no room.
    p.settings.infill_pct = 0;
    QCOMPARE(plan_of(p)->totals.useful_purge_g, 0.0);
}

void TestPurgePlaces::peaks_keep_the_tower_small() {
    Project p = blocks();
    p.settings.walls = 4;
    p.settings.infill_pct = 100;
    p.settings.top_skins = p.settings.bottom_skins =
        0; // a layer of skin has no infill, and its peak stays a peak
    const auto plain = plan_of(p);
    p.settings.purge_infill = IntoInfill::peaks;
    const auto peaks = plan_of(p);
    p.settings.purge_infill = IntoInfill::yes;
    const auto all = plan_of(p);
    QVERIFY(peaks->tower.width_mm < plain->tower.width_mm);
    QVERIFY(flow_sum(*peaks, Destination::infill) > 0);
    QVERIFY(flow_sum(*peaks, Destination::infill) < flow_sum(*all, Destination::infill)); // only what must
    QVERIFY(waste_g(peaks->totals) < waste_g(plain->totals));
    for (const Change& c : peaks->changes) {
        double sum = 0;
        for (const Flow& f : c.flows)
            sum += f.mm3;
        COMPARE_NEAR(sum, c.purge_mm3, 1e-6);
    }
    // Into a tower of a given width goes what it holds.
    p.settings.purge_infill = IntoInfill::peaks;
    p.settings.tower_width_mm = plain->tower.width_mm + 1;
    QCOMPARE(flow_sum(*plan_of(p), Destination::infill), 0.0);
}

void TestPurgePlaces::colours_that_show_are_kept_out() {
    // T = 0.1^(t/TD): by the definition of the domain. Two lines of 0.4 mm at TD 0.4 let 1 % through, at TD 4
    // 63 %.
    Filament white = pla('A', "#f2f2ea");
    white.td_mm = 0.4;
    QVERIFY(hides_behind(white, 0.8, {0x14, 0x14, 0x14}, 2));
    white.td_mm = 4;
    QVERIFY(!hides_behind(white, 0.8, {0x14, 0x14, 0x14}, 2));
    QVERIFY(hides_behind(white, 0.8, white.colour, 0.2)); // its own colour never shows
    // By hand: 0.1^(0.8/4) = 0.631 shines through. The difference it makes is where the answer turns.
    const LinearRgb w = to_linear(white.colour), b = to_linear(Srgb{0x14, 0x14, 0x14});
    const auto seen = [&](const LinearRgb& below) {
        return to_lab(LinearRgb{w.r * 0.369 + below.r * 0.631, w.g * 0.369 + below.g * 0.631,
                                w.b * 0.369 + below.b * 0.631});
    };
    const double apart = delta_e_2000(seen(w), seen(b));
    QVERIFY(hides_behind(white, 0.8, {0x14, 0x14, 0x14}, 1.01 * apart) &&
            !hides_behind(white, 0.8, {0x14, 0x14, 0x14}, 0.99 * apart));
    // A thicker wall hides more, a wider tolerance too.
    for (const double mm : {0.4, 0.8, 1.6, 3.2, 12.8})
        QVERIFY(!hides_behind(white, mm, {0x14, 0x14, 0x14}, 2) ||
                hides_behind(white, 2 * mm, {0x14, 0x14, 0x14}, 2));
    QVERIFY(hides_behind(white, 16, {0x14, 0x14, 0x14}, 2));

    // In a plan: with walls that let light through, blue never ends in red, nor red in blue.
    Project p = blocks();
    p.settings.purge_infill = IntoInfill::yes;
    for (Filament& f : p.filaments)
        f.td_mm = 6;
    const auto plan = plan_of(p);
    for (const Change& c : plan->changes)
        for (const Flow& f : c.flows)
            if (f.where == Destination::infill) {
                QVERIFY((c.to == 2) == (f.part == 2));
                QVERIFY((c.displaced == 2) == (f.part == 2));
            }
}

void TestPurgePlaces::other_materials_are_kept_out() {
    Project p = blocks();
    p.settings.purge_infill = IntoInfill::yes;
    p.settings.walls = 6;
    p.filaments[2].material = Material::PETG;
    const auto plan = plan_of(p);
    for (const Change& c : plan->changes)
        for (const Flow& f : c.flows)
            if (f.where == Destination::infill)
                QVERIFY(c.to != 2 && c.displaced != 2 && f.part != 2);
    // A minimum between classes holds, whatever the colour.
    for (const PairUse& u : plan->pairs)
        if ((u.from == 2) != (u.to == 2))
            QVERIFY(u.mm3 >= p.machine.class_minimum_mm3);
}

void TestPurgePlaces::second_piece() {
    Project p = blocks();
    const auto without = plan_of(p);
    p.pieces[0].parts[2].takes_purge = true; // C is not needed any more
    const auto plan = plan_of(p);
    QVERIFY(plan->totals.changes < without->totals.changes);
    QVERIFY(flow_sum(*plan, Destination::piece) > 0);
    QCOMPARE(plan->use[2].model_mm3, 0.0);
    double one = 0;
    for (const Volume& v : plan->pieces[0].demand->parts[2])
        one += v.total();
    double printed = 0;
    for (const FilamentUse& u : plan->use)
        printed += u.model_mm3;
    double wanted = 0;
    for (std::size_t i = 0; i < 3; ++i)
        for (const Volume& v : plan->pieces[0].demand->parts[i])
            wanted += v.total();
    COMPARE_NEAR(printed, wanted, 1e-6 * wanted); // all of it is printed, from purge or not
    // Alone on its layers it keeps its own filament.
    Project tall = p;
    tall.pieces[0].parts[2] = part("tall", solids::box(60, 0, 0, 90, 30, 14), 'C');
    tall.pieces[0].parts[2].takes_purge = true;
    const auto over = plan_of(tall);
    QCOMPARE(over->use[2].first_layer, 51);
}

void TestPurgePlaces::skirt_is_as_tall_as_the_last_change() {
    // Common practice, no source: colours end at layer 3, so the skirt is three layers high.
    Project p = row("AB", 0.6, "hand-swap");
    p.pieces[0].parts.push_back(part("rest", solids::box(0, 0, 0.6, 20, 10, 6), 'A'));
    p.settings.purge_to = PurgeTo::skirt;
    p.settings.skirt_loops = 20;
    auto plan = plan_of(p);
    QCOMPARE(plan->changes.back().layer <= 4, true);
    QCOMPARE(plan->skirt.layers, plan->changes.back().layer);
    COMPARE_NEAR(plan->skirt.height_mm, plan->grid.top_mm(plan->skirt.layers), 1e-9);
    // Loops around a rectangle, closed form: 2(a + b) + 2πd each.
    double length = 0;
    for (int k = 0; k < 20; ++k)
        length += 2 * (20 + 10) + 2 * 3.14159265358979 * (p.settings.skirt_gap_mm + (k + 0.5) * 0.4);
    COMPARE_NEAR(plan->skirt.length_mm, length, 1e-6);
    COMPARE_NEAR(plan->skirt.purge_mm3 + plan->skirt.fill_mm3, length * 0.4 * plan->skirt.height_mm, 1e-6);
    // A short one has no room for all, and throws the rest out.
    p.settings.skirt_loops = 1;
    plan = plan_of(p);
    QVERIFY(plan->skirt.overflow_mm3 > 0);
    COMPARE_NEAR(flow_sum(*plan, Destination::skirt), plan->skirt.purge_mm3, 1e-6);
    COMPARE_NEAR(flow_sum(*plan, Destination::ejected), plan->skirt.overflow_mm3, 1e-6);
    COMPARE_NEAR(plan->totals.skirt_g, grams(p.filaments[0], plan->skirt.fill_mm3), 1e-6);
}

void TestPurgePlaces::ooze_wall_by_closed_form() {
    Project p = row("AB", 4, "twin");
    p.settings.purge_to = PurgeTo::ejected;
    QVERIFY(has(*plan_of(p), "hairs"));
    p.settings.ooze_wall = true;
    const auto plan = plan_of(p);
    QVERIFY(!has(*plan, "hairs"));
    const double length = 2 * (20 + 10) + 2 * 3.14159265358979 * (p.settings.ooze_gap_mm + 0.2);
    COMPARE_NEAR(plan->ooze.length_mm, length, 1e-6);
    COMPARE_NEAR(plan->ooze.mm3, length * 0.4 * plan->grid.top_mm(plan->changes.back().layer), 1e-6);
    COMPARE_NEAR(plan->totals.ooze_g, grams(p.filaments[0], plan->ooze.mm3), 1e-6);
    COMPARE_NEAR(plan->totals.tower_g, plan->totals.ooze_g, 1e-9);
}

void TestPurgePlaces::tower_shapes() {
    // Busy below, quiet above: what narrows or ends early carries less.
    const LayerGrid g{0.2, 0.2, 200};
    std::vector<double> purge(200, 0);
    for (int l = 0; l < 40; ++l)
        purge[static_cast<std::size_t>(l)] = 300;
    purge[199] = 30;
    const Tower block = build_tower(purge, g, {}),
                stepped = build_tower(purge, g, {.kind = TowerKind::stepped}),
                split = build_tower(purge, g, {.kind = TowerKind::split});
    QVERIFY(stepped.fill_mm3 < block.fill_mm3 && split.fill_mm3 < block.fill_mm3);
    QCOMPARE(block.columns.size(), std::size_t{1});
    QCOMPARE(stepped.columns.size(), std::size_t{2});
    QCOMPARE(stepped.columns[0].to_layer, 40);
    QCOMPARE(stepped.columns[1].from_layer, 41);
    QCOMPARE(split.columns[1].from_layer, 1);
    for (const Tower* t : {&block, &stepped, &split}) {
        QCOMPARE(t->layers, 200);
        QCOMPARE(t->overflow_mm3, 0.0);
        COMPARE_NEAR(t->purge_mm3, 40 * 300 + 30, 1e-6);
        QVERIFY(t->slenderness() <= 8 + 1e-9); // beyond 8 it is at risk: from memory
        for (int l = 0; l < 200; ++l)
            QVERIFY(purge[static_cast<std::size_t>(l)] + t->fill_by_layer_mm3[static_cast<std::size_t>(l)] >
                    0);
    }
    // A width the user gave is a block.
    QCOMPARE(build_tower(purge, g, {.width_mm = 60, .kind = TowerKind::split}).columns.size(),
             std::size_t{1});
}

void TestPurgePlaces::tower_steps_are_the_best() {
    std::mt19937 rng(17);
    for (int round = 0; round < 60; ++round) {
        const LayerGrid g{0.2, 0.2, 60};
        std::vector<double> purge(60, 0);
        for (double& v : purge)
            v = rng() % 3 ? 0 : static_cast<double>(rng() % 500);
        const Tower block = build_tower(purge, g, {});
        for (const TowerKind kind : {TowerKind::stepped, TowerKind::split}) {
            const Tower t = build_tower(purge, g, {.kind = kind});
            QVERIFY(t.fill_mm3 <= block.fill_mm3 + 1e-9); // never worse than a block
            QVERIFY(t.overflow_mm3 < 1e-6);
            double sum = 0, taken = 0;
            for (const double v : t.fill_by_layer_mm3)
                sum += v;
            for (const double v : purge)
                taken += v;
            COMPARE_NEAR(sum, t.fill_mm3, 1e-6);
            COMPARE_NEAR(t.purge_mm3, taken, 1e-6);
        }
    }
}

void TestPurgePlaces::plate_has_room() {
    for (const int copies : {1, 4, 9}) {
        Project p = row("ABC", 4);
        p.settings.copies = copies;
        const auto plan = plan_of(p);
        const Plate plate = plan->plate;
        QVERIFY(plate.fits);
        QCOMPARE(plate.placed.size(), static_cast<std::size_t>(copies));
        QCOMPARE(plate.towers.size(), std::size_t{1});
        std::vector<Footprint> all(plate.placed.begin(), plate.placed.end());
        all.insert(all.end(), plate.towers.begin(), plate.towers.end());
        for (std::size_t i = 0; i < all.size(); ++i) {
            const Footprint& a = all[i];
            QVERIFY(a.x_mm - a.w_mm / 2 >= -1e-6 && a.x_mm + a.w_mm / 2 <= p.machine.bed_x_mm + 1e-6);
            QVERIFY(a.y_mm - a.d_mm / 2 >= -1e-6 && a.y_mm + a.d_mm / 2 <= p.machine.bed_y_mm + 1e-6);
            for (std::size_t j = 0; j < i; ++j) // apart by the space between copies
                QVERIFY(std::abs(a.x_mm - all[j].x_mm) >=
                            (a.w_mm + all[j].w_mm) / 2 + p.settings.spacing_mm - 1e-6 ||
                        std::abs(a.y_mm - all[j].y_mm) >=
                            (a.d_mm + all[j].d_mm) / 2 + p.settings.spacing_mm - 1e-6);
        }
    }
    Project big = row("AB", 2);
    big.settings.copies = 500;
    QVERIFY(!plan_of(big)->plate.fits);
}

void TestPurgePlaces::levels_by_project_filament_and_pair() {
    Project p = row("AB", 2);
    const auto volume = [&](int a, int b) { return plan_of(p)->purge_table.at(a, b); };
    const int normal = volume(0, 1), back = volume(1, 0);
    p.filaments[1].delta_e = 4; // B is hidden
    QVERIFY(volume(0, 1) < normal);
    QCOMPARE(volume(1, 0), back); // only changes to it
    p.filaments[1].delta_e = 1;   // B shows
    QVERIFY(volume(0, 1) > normal);
    pair_purge_of(p, 'A', 'B').delta_e = 2; // the pair knows better
    QCOMPARE(volume(0, 1), normal);
    p.settings.delta_e = 4;
    QCOMPARE(volume(0, 1), normal);
    QVERIFY(volume(1, 0) < back);
}

void TestPurgePlaces::cut_by_hand_and_locked() {
    Project p = row("AB", 2);
    pair_purge_of(p, 'A', 'B').mm3 = 123;
    auto plan = plan_of(p);
    QCOMPARE(plan->purge_table.at(0, 1), 123);
    QVERIFY(find_pair(*plan, 0, 1)->rule == PurgeRule::by_hand);
    pair_purge_of(p, 'A', 'B') = {'A', 'B', 200, 0, true, "tested on a badge"};
    p.settings.delta_e = 1;
    p.settings.dead_mm3 = 90;
    plan = plan_of(p);
    QCOMPARE(plan->purge_table.at(0, 1), 200);
    QVERIFY(find_pair(*plan, 0, 1)->rule == PurgeRule::locked);
    // Never less than the prime.
    pair_purge_of(p, 'A', 'B').mm3 = 0.5;
    QCOMPARE(plan_of(p)->purge_table.at(0, 1), static_cast<int>(p.machine.prime_mm3));
    // Gone with its filament.
    remove_filament(p, 'B', 'A');
    QVERIFY(p.pair_purges.empty());
}

void TestPurgePlaces::too_little_lands_somewhere() {
    Project p = row("AB", 2);
    auto plan = plan_of(p);
    const PairUse* u = find_pair(*plan, 0, 1);
    Landing l = landing_of(p, *plan, *u);
    QCOMPARE(l.dirty_mm3, 0.0);
    QVERIFY(!has(*plan, "dirty-start"));
    pair_purge_of(p, 'A', 'B').mm3 = 150;
    plan = plan_of(p);
    u = find_pair(*plan, 0, 1);
    l = landing_of(p, *plan, *u);
    QCOMPARE(l.part, 1); // black is washed out onto the white block
    QCOMPARE(english(l.face), std::string("walls"));
    COMPARE_NEAR(l.dirty_mm3, u->clean_mm3 - 150, 1e-9);
    COMPARE_NEAR(l.dirty_mm, l.dirty_mm3 / (0.4 * 0.2), 1e-6);
    QVERIFY(l.delta_e > 2 && u->left_delta_e == l.delta_e);
    QVERIFY(english(describe(p, l)).find("“block-2”") != std::string::npos);
    const Finding& f = finding(*plan, "dirty-start");
    QVERIFY(f.layer == l.layer && !f.fixes.empty());
    f.fixes[0].apply(p);
    QVERIFY(!has(*plan_of(p), "dirty-start"));
}

void TestPurgePlaces::calibration_is_used_and_said() {
    Project p = row("AB", 2);
    const int before = plan_of(p)->purge_table.at(0, 1);
    KeptCalibration c{
        "head", 0.4, Material::PLA, 30, 45, 2, 1.5, -1, {{{20, 20, 20}, {242, 242, 234}, 2, 420}}};
    p.machine.calibrations = {c};
    auto plan = plan_of(p);
    QVERIFY(plan->purge_table.at(0, 1) < before);
    QCOMPARE(plan->washouts.size(), std::size_t{1});
    QCOMPARE(plan->washouts[0].readings, 1);
    COMPARE_NEAR(plan->washouts[0].washout.dead_mm3, 30, 0);
    QVERIFY(find_pair(*plan, 0, 1)->sd_mm3 > 0);
    // Not for another class, another diameter, another toolhead.
    for (auto spoil : {+[](KeptCalibration& x) { x.material = Material::PETG; },
                       +[](KeptCalibration& x) { x.nozzle_mm = 0.6; },
                       +[](KeptCalibration& x) { x.toolhead = "other"; }}) {
        KeptCalibration other = c;
        spoil(other);
        p.machine.calibrations = {other};
        QCOMPARE(plan_of(p)->purge_table.at(0, 1), before);
    }
    // The project's own figures go before.
    p.machine.calibrations = {c};
    p.settings.dead_mm3 = 40;
    p.settings.mixing_mm3 = 60;
    plan = plan_of(p);
    QCOMPARE(plan->purge_table.at(0, 1), before);
    QVERIFY(plan->washouts[0].by_setting);
    // Two toolheads, two washouts: each nozzle purges by its own.
    Project two = row("ABCD", 2, "twin");
    two.machine.calibrations = {{"left", 0.4, Material::PLA, 10, 12, 0, 0, 0, {}}};
    pin(two, 'A', 0);
    pin(two, 'B', 0);
    pin(two, 'C', 1);
    pin(two, 'D', 1);
    const auto apart = plan_of(two);
    QCOMPARE(apart->purge_tables.tables.size(), std::size_t{2});
    QVERIFY(apart->purge_table.at(0, 1) < 150);
    QCOMPARE(apart->purge_table.at(2, 3), apart->purge_tables.on(1).at(2, 3));
}

void TestPurgePlaces::uncertainty_by_hand() {
    // Var(V_d + x·V_m) = σd² + x²σm² + 2x·cov: any statistics text on linear combinations.
    Project p = row("AB", 2);
    p.machine.calibrations = {{"head", 0.4, Material::PLA, 40, 60, 5, 3, -12, {}}};
    const auto plan = plan_of(p);
    for (const PairUse& u : plan->pairs) {
        const double x = (u.clean_mm3 - 40) / 60;
        COMPARE_NEAR(u.sd_mm3, std::sqrt(25 + 9 * x * x - 24 * x), 1e-9);
    }
}

void TestPurgePlaces::strip_by_closed_form() {
    Project p = row("ABCD", 2);
    const std::string letters = strip_letters(p);
    QVERIFY(letters.size() >= 5 && letters.size() <= 7);
    QCOMPARE(letters.substr(0, 3), std::string("ABA")); // darkest, lightest, and back
    for (std::size_t i = 1; i < letters.size(); ++i)
        QVERIFY(letters[i] != letters[i - 1]);
    const auto strip = calibration_strip(p, letters, 20);
    QVERIFY(strip);
    // A hollow square of one line: its middle line is 4·(20 − w) long.
    COMPARE_NEAR(strip->mm3_per_mm, 4 * (20 - 0.4) * 0.4, 1e-9);
    QCOMPARE(strip->changes.size(), letters.size() - 1);
    const auto plan = plan_of(strip->project);
    QVERIFY(plan);
    QCOMPARE(plan->totals.changes, static_cast<int>(strip->changes.size()));
    for (std::size_t i = 0; i < strip->changes.size(); ++i) {
        COMPARE_NEAR(plan->changes[i].z_before_mm, strip->changes[i].z_mm, 1e-6);
        QCOMPARE(strip->project.filaments[static_cast<std::size_t>(plan->changes[i].to)].letter,
                 strip->changes[i].to);
        QVERIFY(strip->changes[i].length_mm >= 1.4 * strip->changes[i].expected_mm); // room beyond
    }
    double mm3 = 0;
    for (const FilamentUse& u : plan->use)
        mm3 += u.model_mm3;
    COMPARE_NEAR(mm3, strip->mm3_per_mm * plan->grid.top_mm(plan->grid.count), 0.01 * mm3);
    for (const char* wrong : {"", "A", "AA", "AZ"})
        QVERIFY(!calibration_strip(p, wrong));
    QVERIFY(!calibration_strip(p, "ABABABABABABABABABABABABABABAB")); // taller than the printer
    COMPARE_NEAR(reading_mm3(ReadingUnit::strip_mm, 10, 31.36, 5), 313.6, 1e-9);
    COMPARE_NEAR(reading_mm3(ReadingUnit::seconds, 10, 31.36, 5), 50, 1e-9);
    COMPARE_NEAR(reading_mm3(ReadingUnit::mm3, 10, 31.36, 5), 10, 1e-9);
}

void TestPurgePlaces::options_are_plans() {
    const Project p = blocks();
    const auto plan = plan_of(p);
    const auto options = purge_options(p, *plan);
    QVERIFY(options && options->size() >= 6);
    QVERIFY((*options)[0].now);
    for (const PurgeOption& o : *options) {
        if (o.now)
            continue;
        Project q = p;
        o.apply(q);
        const auto made = plan_of(q);
        COMPARE_NEAR(waste_g(made->totals), waste_g(o.totals), 1e-9); // what it promised
        COMPARE_NEAR(made->totals.total_s, o.totals.total_s, 1e-6);
        COMPARE_NEAR(tower_g(*made), o.tower_g, 1e-9);
    }
}

void TestPurgePlaces::one_plate_for_everybody() {
    // The skirt that is counted is the one that is drawn: its length is that of the line around all copies,
    // grown.
    Project p = stack("AB", 1);
    p.settings.purge_to = PurgeTo::skirt;
    p.settings.skirt_loops = 1;
    for (const int copies : {1, 2, 3, 7, 12, 21}) {
        p.settings.copies = copies;
        const auto plan = plan_of(p);
        QVERIFY(plan->skirt.layers > 0);
        double box[4] = {1e9, 1e9, -1e9, -1e9};
        for (const Footprint& c : plan->plate.placed) {
            box[0] = std::min(box[0], c.x_mm - c.w_mm / 2), box[1] = std::min(box[1], c.y_mm - c.d_mm / 2);
            box[2] = std::max(box[2], c.x_mm + c.w_mm / 2), box[3] = std::max(box[3], c.y_mm + c.d_mm / 2);
        }
        QCOMPARE(plan->plate.placed.size(), std::size_t(copies));
        // Never longer than around their box; shorter where the last row is not full. π·2·d for the corners.
        const double d = p.settings.skirt_gap_mm + p.settings.line_width_mm / 2,
                     around = 2 * (box[2] - box[0] + box[3] - box[1]) + 2 * std::numbers::pi * d;
        QVERIFY(plan->skirt.length_mm <= around + 1e-6);
        if (copies % plan->plate.across == 0)
            COMPARE_NEAR(plan->skirt.length_mm, around, 1e-6);
        QVERIFY(!plan->plate.skirt.empty());
    }
    // As many as the finding says do fit, and one more does not; the sheet says where they stand.
    Project full = row("ABCD", 8);
    full.settings.purge_to = PurgeTo::tower;
    full.settings.copies = 400;
    const auto plan = plan_of(full);
    QVERIFY(!plan->plate.fits);
    const Finding& f = finding(*plan, "off-bed");
    QCOMPARE(f.fixes.size(), std::size_t{1});
    f.fixes[0].apply(full);
    const int most = int(full.settings.copies);
    const auto fits = plan_of(full);
    QVERIFY(fits->plate.fits && !has(*fits, "off-bed"));
    const RunSheet sheet = make_run_sheet(full, *fits);
    QVERIFY(std::any_of(sheet.preparation.begin(), sheet.preparation.end(), [&](const Message& s) {
        return english(s).find(fits->plate.across ? std::to_string(most) + " copies in rows of " +
                                                        std::to_string(fits->plate.across)
                                                  : std::string("copies at (")) != std::string::npos;
    }));
    full.settings.copies = most + 1;
    QVERIFY(!plan_of(full)->plate.fits);
    // Nothing lies on anything else, or beyond the bed.
    std::vector<Footprint> all(fits->plate.placed.begin(), fits->plate.placed.end());
    all.insert(all.end(), fits->plate.towers.begin(), fits->plate.towers.end());
    for (std::size_t i = 0; i < all.size(); ++i) {
        QVERIFY(all[i].x_mm - all[i].w_mm / 2 >= -1e-9 &&
                all[i].x_mm + all[i].w_mm / 2 <= full.machine.bed_x_mm + 1e-9);
        QVERIFY(all[i].y_mm - all[i].d_mm / 2 >= -1e-9 &&
                all[i].y_mm + all[i].d_mm / 2 <= full.machine.bed_y_mm + 1e-9);
        for (std::size_t j = i + 1; j < all.size(); ++j)
            QVERIFY(std::abs(all[i].x_mm - all[j].x_mm) >= (all[i].w_mm + all[j].w_mm) / 2 - 1e-9 ||
                    std::abs(all[i].y_mm - all[j].y_mm) >= (all[i].d_mm + all[j].d_mm) / 2 - 1e-9);
    }
}

void TestPurgePlaces::what_has_no_effect_is_told() {
    // Infill of a white that lets light through cannot take black: it says so, and how much did not fit.
    Project p = stack("AB", 4, "feeder-4");
    p.filaments[0].td_mm = p.filaments[1].td_mm = 20;
    p.settings.purge_infill = IntoInfill::yes;
    const auto plan = plan_of(p);
    const Finding& f = finding(*plan, "no-effect");
    QVERIFY(english(f.message).find("show") != std::string::npos);
    QVERIFY(english(f.message).find(fmt::format("{:.0f} mm³", plan->totals.purge_mm3)) != std::string::npos);
    Project fixed = p;
    f.fixes[0].apply(fixed);
    QVERIFY(!has(*plan_of(fixed), "no-effect"));
    p.settings.infill_pct = 100;
    p.settings.top_skins = p.settings.bottom_skins = 0;
    p.filaments[0].td_mm = p.filaments[1].td_mm = 0.05; // nothing shows, and there is infill
    QVERIFY(!has(*plan_of(p), "no-effect"));
    p.settings.walls = 20; // solid: none
    QVERIFY(english(finding(*plan_of(p), "no-effect").message).find("solid") != std::string::npos);
    p.settings.purge_infill = IntoInfill::no;
    p.settings.purge_support = true;
    QVERIFY(english(finding(*plan_of(p), "no-effect").message).find("there is no support") !=
            std::string::npos);
    p.settings.purge_support = false;
    p.settings.ooze_wall = true;
    QVERIFY(english(finding(*plan_of(p), "no-effect").message).find("one nozzle prints all") !=
            std::string::npos);
    p.settings.ooze_wall = false;
    QVERIFY(!has(*plan_of(p), "no-effect"));
    // A skirt without room: how much is thrown out, and a number of loops that is enough.
    Project skirt = row("ABC", 2);
    skirt.settings.purge_to = PurgeTo::skirt;
    skirt.settings.skirt_loops = 1;
    const auto full = plan_of(skirt);
    QVERIFY(full->skirt.overflow_mm3 > 1);
    const Finding& overflow = finding(*full, "skirt-full");
    QVERIFY(english(overflow.message).find(fmt::format("{:.0f} mm³", full->skirt.overflow_mm3)) !=
            std::string::npos);
    overflow.fixes[0].apply(skirt);
    QVERIFY(!has(*plan_of(skirt), "skirt-full"));
}

VITRAIL_TEST(TestPurgePlaces)
#include "test_purge_places.moc"
