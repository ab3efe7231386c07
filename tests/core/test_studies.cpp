#include "core/study/by_hand.h"
#include "core/study/suggestions.h"

#include "support.h"

using namespace vitrail;
using namespace vitrail::test;

namespace {

const Suggestion* suggestion(const std::vector<Suggestion>& list, const std::string& code) {
    for (const Suggestion& s : list)
        if (s.code == code)
            return &s;
    return nullptr;
}

} // namespace

class TestStudies : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void three_ways_by_hand();
    void bands_are_what_was_said();
    void painted_parts_cannot_be_assembled();
    void by_hand_of_a_machine_with_a_feeder();
    void suggestions_keep_their_word();
    void similar_filaments_are_merged();
    void small_regions_are_dropped();
    void borders_are_moved_together();
    void order_and_lock();
    void another_machine();
    void copies_together();
    void poses_are_tried();
    void sorted_by_saving_per_loss();
    void stops_when_told();
};

void TestStudies::three_ways_by_hand() {
    const auto demo = load_project(source_file("demo/marsh-map.vitrail"));
    QVERIFY(demo);
    const auto plan = plan_of(*demo);
    const auto study = study_by_hand(*demo, *plan);
    QVERIFY(study);
    QCOMPARE(study->ways.size(), std::size_t{3});
    const ByHand &layer = study->ways[0], &bands = study->ways[1], &parts = study->ways[2];
    QCOMPARE(layer.swaps, plan->totals.hand_swaps);
    QCOMPARE(layer.other_colour_mm3, 0.0);
    QVERIFY(bands.swaps < layer.swaps && bands.other_colour_mm3 > 0);
    QCOMPARE(parts.jobs, 7);
    QCOMPARE(parts.swaps, 6); // between seven jobs
    QVERIFY(parts.possible && parts.joints >= 6);
    COMPARE_NEAR(parts.attended_s,
                 6 * demo->machine.hand.attended_s + parts.joints * demo->settings.joint_min * 60, 1e-9);
    QVERIFY(!study->advice.empty());
    // One copy more to glue, or a slower glue, and assembling is advised less, never more.
    Project slow = *demo;
    slow.settings.joint_min = 60;
    const auto other = study_by_hand(slow, *plan_of(slow));
    QVERIFY(other->ways[2].attended_s > parts.attended_s);
    QVERIFY(other->best != 2);
    slow.settings.joint_min = 0;
    QVERIFY(study_by_hand(slow, *plan_of(slow))->ways[2].attended_s < parts.attended_s);
}

void TestStudies::bands_are_what_was_said() {
    std::mt19937 rng(4);
    for (int round = 0; round < 10; ++round) {
        Project p = stack("ABCB", 1);
        p.pieces[0].parts.push_back(part(
            "side", solids::box(20, 0, 0, 26, 6, 1.0 + static_cast<double>(rng() % 3)), "CD"[rng() % 2]));
        const auto plan = plan_of(p);
        const auto study = study_by_hand(p, *plan);
        QVERIFY(study);
        Project q = p;
        if (study->ways[1].apply)
            study->ways[1].apply(q);
        const auto banded = plan_of(q);
        QCOMPARE(banded->totals.hand_swaps, study->ways[1].swaps);
        COMPARE_NEAR(banded->totals.attended_s, study->ways[1].attended_s, 1e-9);
        for (std::size_t l = 0; l < banded->sequence.layers(); ++l)
            QVERIFY(banded->sequence.layer(l).size() <= 1); // one filament a layer
        QVERIFY(study->ways[1].swaps <= study->ways[0].swaps);
    }
}

void TestStudies::painted_parts_cannot_be_assembled() {
    const auto demo = load_project(source_file("demo/painted.vitrail"));
    QVERIFY(demo);
    const auto study = study_by_hand(*demo, *plan_of(*demo));
    QVERIFY(study);
    QVERIFY(!study->ways[2].possible);
    QVERIFY(english(study->ways[2].why_not).find("is painted on") != std::string::npos);
    QVERIFY(study->best != 2);
}

void TestStudies::by_hand_of_a_machine_with_a_feeder() {
    const Project p = row("ABC", 2, "carousel");
    const auto study = study_by_hand(p, *plan_of(p));
    QVERIFY(study);
    QVERIFY(study->ways[0].swaps >= 2 * 9); // each of ten layers takes two, whatever the carousel could do
}

void TestStudies::suggestions_keep_their_word() {
    const auto demo = load_project(source_file("demo/lighthouse.vitrail"));
    QVERIFY(demo);
    Project p = *demo;
    p.settings.order = LayerOrder::as_assigned;
    p.settings.small_mm3 = 3000;
    p.settings.similar_delta_e = 40;
    const auto plan = plan_of(p);
    const auto list = suggest(p, *plan, shipped_machines(), false);
    QVERIFY(list && list->size() >= 4);
    for (const Suggestion& s : *list) {
        if (s.only_told)
            continue;
        Project q = p;
        s.apply(q);
        const Totals t = plan_of(q)->totals;
        QCOMPARE(t.changes, s.after.changes);
        COMPARE_NEAR(t.purge_g + t.tower_g, s.after.purge_g + s.after.tower_g, 1e-9);
        COMPARE_NEAR(t.total_s, s.after.total_s, 1e-6);
        QCOMPARE(s.before.changes, plan->totals.changes);
        QVERIFY(saved_share(s.before, s.after) > 0);
    }
}

void TestStudies::similar_filaments_are_merged() {
    Project p = row("ABC", 2);
    p.filaments[2].colour = {0xee, 0xee, 0xe8}; // beside B, #f2f2ea
    const auto list = suggest(p, *plan_of(p), {}, false);
    const Suggestion* s = suggestion(*list, "merge");
    QVERIFY(s);
    QVERIFY(s->loss > 0 && s->loss < 0.05);
    Project q = p;
    s->apply(q);
    QVERIFY(q.pieces[0].parts[1].filament == q.pieces[0].parts[2].filament);
    p.settings.similar_delta_e = 0;
    QVERIFY(!suggestion(*suggest(p, *plan_of(p), {}, false), "merge"));
    p.settings.similar_delta_e = 6;
    p.filaments[2].material = Material::PETG; // not the same thing
    QVERIFY(!suggestion(*suggest(p, *plan_of(p), {}, false), "merge"));
}

void TestStudies::small_regions_are_dropped() {
    Project p = stack("A", 4);
    p.pieces[0].parts.push_back(part("dot", solids::box(12, 0, 1, 14, 2, 3), 'B'));
    p.pieces[0].bands.push_back({"slab-1", 2, 2.2, 'C'});
    const auto list = suggest(p, *plan_of(p), {}, false);
    bool dot = false, band = false;
    for (const Suggestion& s : *list) {
        dot |= s.code == "drop" && english(s.label).find("dot") != std::string::npos;
        band |= s.code == "drop" && english(s.label).find("band") != std::string::npos;
    }
    QVERIFY(dot && band);
    p.settings.small_mm3 = 0;
    QVERIFY(!suggestion(*suggest(p, *plan_of(p), {}, false), "drop"));
}

void TestStudies::borders_are_moved_together() {
    // Two posts whose bands end two layers apart: four changes become fewer when they end together.
    Project p = stack("", 1);
    for (int i = 0; i < 2; ++i)
        p.pieces[0].parts.push_back(part(("post-" + std::to_string(i)).c_str(),
                                         solids::box(20.0 * i, 0, 0, 20.0 * i + 8, 8, 10), 'A'));
    p.pieces[0].bands = {{"post-0", 4, 10, 'B'}, {"post-1", 4.4, 10, 'B'}};
    p.settings.small_mm3 = 0;
    const auto plan = plan_of(p);
    const auto list = suggest(p, *plan, {}, false);
    const Suggestion* s = suggestion(*list, "border");
    QVERIFY(s);
    QVERIFY(s->after.changes < plan->totals.changes);
    QVERIFY(s->loss_mm3 > 0);
    Project q = p;
    s->apply(q);
    QCOMPARE(plan_of(q)->totals.changes, 1); // all below in A, all above in B
}

void TestStudies::order_and_lock() {
    Project p = row("ABC", 2);
    p.settings.order = LayerOrder::as_assigned;
    const Suggestion* s = nullptr;
    auto list = suggest(p, *plan_of(p), {}, false);
    QVERIFY((s = suggestion(*list, "order")) && s->loss == 0);
    p.settings.order = LayerOrder::optimal;
    p.print_first = "B";
    list = suggest(p, *plan_of(p), {}, false);
    QVERIFY(suggestion(*list, "unlock"));
    QVERIFY(!suggestion(*list, "order"));
}

void TestStudies::another_machine() {
    Project p = row("ABC", 2, "hand-swap");
    const auto list = suggest(p, *plan_of(p), shipped_machines(), false);
    const Suggestion* s = suggestion(*list, "machine");
    QVERIFY(s && s->after.hand_swaps == 0);
    Machine small = *find_machine("carousel");
    small.bed_x_mm = 20; // the row is 30 mm long
    small.id = "small";
    QVERIFY(!suggestion(*suggest(p, *plan_of(p), {small}, false), "machine"));
}

void TestStudies::copies_together() {
    // Common practice, no source: changes do not grow with the copies that are printed together.
    Project p = row("AB", 2);
    p.settings.copies = 5;
    const auto plan = plan_of(p);
    const auto list = suggest(p, *plan, {}, false);
    const Suggestion* s = suggestion(*list, "together");
    QVERIFY(s && s->only_told);
    QVERIFY(s->before.changes >= 5 * plan->totals.changes);
    QVERIFY(s->before.purge_g >= 5 * plan->totals.purge_g - 1e-9);
    p.settings.copies = 1;
    QVERIFY(!suggestion(*suggest(p, *plan_of(p), {}, false), "together"));
}

void TestStudies::poses_are_tried() {
    // A row lying down has all colours in every layer; standing on its end it changes twice.
    Project p = row("ABC", 10);
    const auto plan = plan_of(p);
    const auto list = suggest(p, *plan, {}, true);
    const Suggestion* s = suggestion(*list, "pose");
    QVERIFY(s);
    QCOMPARE(s->after.changes, 2);
    Project q = p;
    s->apply(q);
    QCOMPARE(plan_of(q)->totals.changes, 2);
}

void TestStudies::sorted_by_saving_per_loss() {
    const auto demo = load_project(source_file("demo/signal-flags.vitrail"));
    QVERIFY(demo);
    const auto list = suggest(*demo, *plan_of(*demo), shipped_machines(), false);
    QVERIFY(list);
    double before = 1e300;
    for (const Suggestion& s : *list) {
        if (s.only_told)
            continue;
        QVERIFY(s.score <= before);
        before = s.score;
    }
    Totals a, b;
    a.purge_g = 10;
    b.purge_g = 5;
    COMPARE_NEAR(saved_share(a, b), 0.5, 1e-12);
    a.hand_swaps = 4, b.hand_swaps = 4;
    COMPARE_NEAR(saved_share(a, b), 0.25, 1e-12);
}

void TestStudies::stops_when_told() {
    std::stop_source stop;
    stop.request_stop();
    const Project p = row("ABC", 2);
    QVERIFY(!suggest(p, *plan_of(p), shipped_machines(), true, {stop.get_token(), {}}));
}

VITRAIL_TEST(TestStudies)
#include "test_studies.moc"
