#include "core/estimate/timeline.h"

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
    COMPARE_NEAR(plan_of(p)->totals.print_s - plan->totals.start_s, 2 * (plan->totals.print_s - plan->totals.start_s), 10);
}

void TestEstimate::least_time_per_layer() {
    Project p = solid_box();
    const auto free = plan_of(p);
    const double least = (free->layers[0].print_s + free->layers[5].print_s) / 2; // longer than a layer, shorter than the first
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

VITRAIL_TEST(TestEstimate)
#include "test_estimate.moc"
