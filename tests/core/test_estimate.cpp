#include "core/estimate/timeline.h"
#include "core/plan/change_table.h"

#include "support.h"

using namespace vitrail;
using namespace vitrail::test;

/// Hours, worked out by hand for a box.
class TestEstimate : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void flow_is_the_slower_of_speed_and_melting();
    void hours_of_a_solid_box();
    void least_time_per_layer();
    void first_layer_is_slower();
    void lengths_and_money();
    void tower_takes_time_and_filament();
    void first_loads_are_apart();
    void use_tells_first_and_last_layer();
    void kinds_add_up();
    void skins_at_borders_by_closed_form();
};

namespace {

/// 40 × 40 × 4 mm, solid, 20 layers of 0.2: 320 mm³ a layer.
Project solid_box() {
    Project p = stack("", 1);
    p.pieces[0].parts = {part("box", solids::box(0, 0, 0, 40, 40, 4), 'A')};
    p.settings.infill_pct = 100;
    p.settings.min_layer_s = 0;
    return p;
}

} // namespace

void TestEstimate::flow_is_the_slower_of_speed_and_melting() {
    Project p = solid_box();
    const LayerGrid g{0.2, 0.2, 20};
    p.machine.motion.infill = 120;
    p.machine.motion.first_layer = 40;
    // 0.4 × 0.2 × 120 = 9.6 mm³/s, below PLA's 11; first layer 0.4 × 0.2 × 40 = 3.2.
    COMPARE_NEAR(flow_mm3_s(p, p.filaments[0], g, 2), 9.6, 1e-9);
    COMPARE_NEAR(flow_mm3_s(p, p.filaments[0], g, 1), 3.2, 1e-9);
    p.machine.motion.infill = 300; // the hot end decides
    COMPARE_NEAR(flow_mm3_s(p, p.filaments[0], g, 2), 11, 1e-9);
    COMPARE_NEAR(flow_mm3_s(p, make_filament('T', Material::TPU, {}), g, 2), 3.5, 1e-9);
}

void TestEstimate::hours_of_a_solid_box() {
    // Without acceleration, corners and travel to speak of, at one speed: volume over flow.
    Project p = solid_box();
    Motion& m = p.machine.motion;
    m.outer_wall = m.wall = m.infill = m.skin = 60;
    m.first_layer = 20;
    m.acceleration = 1e7;
    m.corner = 1e4;
    m.travel = 1e5;
    const auto plan = plan_of(p);
    COMPARE_NEAR(plan->totals.model_g, 6400 * 1.24 / 1000, 1e-3);
    COMPARE_NEAR(plan->layers[5].print_s, 320 / 4.8, 0.2);
    COMPARE_NEAR(plan->totals.print_s, plan->totals.start_s + 320 / 1.6 + 19 * 320 / 4.8, 3);
    p.settings.copies = 2;
    COMPARE_NEAR(plan_of(p)->totals.print_s - plan->totals.start_s,
                 2 * (plan->totals.print_s - plan->totals.start_s), 10);
}

void TestEstimate::least_time_per_layer() {
    Project p = solid_box();
    const auto free = plan_of(p);
    const double least = (free->layers[0].print_s + free->layers[5].print_s) /
                         2; // longer than a layer, shorter than the first
    p.settings.min_layer_s = least;
    const auto plan = plan_of(p);
    COMPARE_NEAR(plan->totals.print_s, plan->totals.start_s + free->layers[0].print_s + 19 * least, 0.1);
    QVERIFY(plan->layers[5].waits_to_cool);
    QVERIFY(!plan->layers[0].waits_to_cool);
}

void TestEstimate::first_layer_is_slower() {
    const auto plan = plan_of(solid_box());
    QVERIFY(plan->layers[0].print_s > 2 * plan->layers[1].print_s);
}

void TestEstimate::lengths_and_money() {
    Project p = solid_box();
    p.filaments[0].price_per_kg = 30;
    const auto plan = plan_of(p);
    const FilamentUse& u = plan->use[0];
    // Length of a strand of 1.75 mm that holds the box and the first load.
    COMPARE_NEAR(u.length_m, (6400 + p.machine.first_load_mm3) / 2.40528 / 1000, 0.001);
    COMPARE_NEAR(u.cost, (u.total_g + u.first_load_g) * 30 / 1000, 1e-9);
    p.filaments[0].diameter_mm = 2.85;
    COMPARE_NEAR(plan_of(p)->use[0].length_m, (6400 + p.machine.first_load_mm3) / 6.37940 / 1000, 0.001);
}

void TestEstimate::tower_takes_time_and_filament() {
    Project p = row("AB", 2.0);
    p.settings.purge_to = PurgeTo::ejected;
    const auto without = plan_of(p);
    p.settings.purge_to = PurgeTo::tower;
    const auto with = plan_of(p);
    COMPARE_NEAR(with->totals.purge_g, without->totals.purge_g, 1e-9); // the same purge, laid down elsewhere
    QVERIFY(with->totals.print_s >= without->totals.print_s);
    QVERIFY(with->totals.tower_g > 0);
    QVERIFY(tower_share(*with) > 0.3 && tower_share(*with) < 1);
    QCOMPARE(tower_share(*without), 0.0);
    COMPARE_NEAR(tower_g(*with), with->totals.purge_g + with->totals.tower_g, 1e-9);
}

void TestEstimate::first_loads_are_apart() {
    const auto plan = plan_of(row("AB", 2.0, "twin"));
    COMPARE_NEAR(plan->totals.first_load_g, 2 * 120 * 1.24 / 1000, 1e-9);
    for (const FilamentUse& u : plan->use)
        COMPARE_NEAR(u.total_g, u.model_g + u.purge_g + u.tower_g, 1e-9);
    for (const FirstLoad& l : plan->first_loads)
        QCOMPARE(l.layer, 1);
}

void TestEstimate::use_tells_first_and_last_layer() {
    const auto plan = plan_of(stack("AB", 2.0));
    QCOMPARE(plan->use[0].first_layer, 1);
    QCOMPARE(plan->use[0].last_layer, 10);
    QCOMPARE(plan->use[1].first_layer, 11);
    QCOMPARE(plan->use[1].last_layer, 20);
    QCOMPARE(plan->use[2].first_layer, 0); // C is not used
}

void TestEstimate::kinds_add_up() {
    // The table of changes, refills and all, comes to the totals.
    int refills = 0;
    for (const char* machine : {"hand-swap", "feeder-4", "twin", "carousel"})
        for (const double wait : {0.0, 900.0}) {
            Project p = stack("", 1, machine);
            p.filaments.clear();
            for (int i = 0; i < 6; ++i) {
                p.filaments.push_back(make_filament(
                    static_cast<char>('A' + i), Material::PLA,
                    {static_cast<std::uint8_t>(40 * i), static_cast<std::uint8_t>(255 - 30 * i), 90}));
                p.pieces[0].parts.push_back(part(("block-" + std::to_string(i)).c_str(),
                                                 solids::box(10.0 * i, 0, 0, 10.0 * (i + 1), 10, 1 + i % 3),
                                                 static_cast<char>('A' + i)));
            }
            p.settings.hand_wait_s = wait;
            const auto plan = plan_of(p);
            double time_s = 0, attended_s = 0, g = 0;
            int count = 0;
            for (const KindSum& k : sums_by_kind(*plan)) {
                QVERIFY(k.count > 0);
                time_s += k.time_s, attended_s += k.attended_s, g += k.purge_g, count += k.count;
            }
            COMPARE_NEAR(time_s, plan->totals.change_s, 1e-6);
            COMPARE_NEAR(attended_s, plan->totals.attended_s, 1e-6);
            QCOMPARE(count, plan->totals.changes + plan->totals.refills);
            const auto rows = change_rows(*plan);
            QCOMPARE(static_cast<int>(rows.size()), count);
            QVERIFY(std::is_sorted(rows.begin(), rows.end(),
                                   [](const ChangeRow& a, const ChangeRow& b) { return a.layer < b.layer; }));
            refills += plan->totals.refills;
            double waits = 0;
            for (const Change& c : plan->changes)
                waits += c.wait_s;
            QVERIFY(wait > 0 || waits == 0);
        }
    QVERIFY(refills > 0);
}

void TestEstimate::skins_at_borders_by_closed_form() {
    // Two slabs on each other, 20 × 20 mm, two walls of 0.4: 18.4² mm² inside. As one solid only bottom and
    // top have skins; with skins of its own the lower slab is solid in its 4 uppermost layers, the upper one
    // in its 3 lowest: 7 layers at 100 instead of 15 %.
    Project p = stack("", 1, "feeder-4");
    p.pieces[0].parts = {part("low", solids::box(0, 0, 0, 20, 20, 4), 'A'),
                         part("high", solids::box(0, 0, 4, 20, 20, 8), 'B')};
    const auto one = plan_of(p);
    p.settings.skins_at_borders = true;
    const auto own = plan_of(p);
    const auto mm3 = [](const Plan& plan) { return plan.use[0].model_mm3 + plan.use[1].model_mm3; };
    COMPARE_NEAR(mm3(*own) - mm3(*one), 7 * 0.2 * 18.4 * 18.4 * 0.85, 0.05);
    // What is over the other body is no bridge.
    for (const std::vector<Volume>& part : own->pieces[0].demand->parts)
        for (const Volume& v : part)
            COMPARE_NEAR(v.bridge_mm3, 0, 1e-9);
    // Many points go through rows: the same within their pitch.
    Project round = p;
    Mesh high = solids::frustum(10, 10, 4, 900);
    for (Vec3& v : high.vertices)
        v.z += 4;
    round.pieces[0].parts = {part("low", solids::frustum(10, 10, 4, 900), 'A'),
                             part("high", build_mesh(high.vertices, high.triangles), 'B')};
    const double with = mm3(*plan_of(round));
    round.settings.skins_at_borders = false;
    const double inside = 3.14159265 * 9.2 * 9.2;
    COMPARE_NEAR(with - mm3(*plan_of(round)), 7 * 0.2 * inside * 0.85, 0.01 * 7 * 0.2 * inside * 0.85);
}

VITRAIL_TEST(TestEstimate)
#include "test_estimate.moc"
