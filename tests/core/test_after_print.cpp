#include "core/after_print/guide.h"
#include "core/run_sheet/run_sheet.h"
#include "core/study/fewer_supports.h"
#include "core/support/access.h"
#include "formats/report.h"

#include "support.h"

using namespace vitrail;
using namespace vitrail::test;

namespace {

/// A room with a ceiling 14 mm wide, closed or with a way in of that width on one side.
std::vector<Part> room(double opening_mm) {
    std::vector<Part> parts{part("floor", solids::box(0, 0, 0, 20, 20, 3), 'A'),
                            part("left", solids::box(0, 0, 3, 3, 20, 13), 'A'),
                            part("right", solids::box(17, 0, 3, 20, 20, 13), 'A'),
                            part("back", solids::box(3, 17, 3, 17, 20, 13), 'A'),
                            part("roof", solids::box(0, 0, 13, 20, 20, 16), 'A')};
    if (opening_mm <= 0)
        parts.push_back(part("front", solids::box(3, 0, 3, 17, 3, 13), 'A'));
    else if (opening_mm < 14) {
        parts.push_back(part("front left", solids::box(3, 0, 3, 10 - opening_mm / 2, 3, 13), 'A'));
        parts.push_back(part("front right", solids::box(10 + opening_mm / 2, 0, 3, 17, 3, 13), 'A'));
    }
    return parts;
}

Project held(std::vector<Part> parts) {
    Project p;
    p.name = "held";
    p.machine = *find_machine("feeder-4");
    p.filaments = {pla('A', "#1f3a63"), make_filament('B', Material::PVA, {240, 235, 210}, "tide-washed"),
                   make_filament('C', Material::PETG, {200, 180, 60})};
    p.pieces[0].parts = std::move(parts);
    p.settings.support = SupportStyle::columns;
    p.settings.support_bridge_mm = 0;
    p.settings.support_gap_layers = 0;
    p.interface_filament = 'B';
    return p;
}

/// A plate on a leg.
std::vector<Part> shelf() {
    return {part("leg", solids::box(0, 0, 0, 10, 20, 10), 'A'),
            part("plate", solids::box(0, 0, 10, 30, 20, 12), 'A')};
}

const AfterStep* step(const std::vector<AfterStep>& steps, const std::string& title) {
    for (const AfterStep& s : steps)
        if (english(s.title) == title)
            return &s;
    return nullptr;
}

} // namespace

class TestAfterPrint : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void enclosed_cavities_by_their_volume();
    void a_hole_lets_water_out_but_no_tool_in();
    void fins_are_out_of_reach();
    void depth_is_the_way_in();
    void minutes_by_contact_and_material();
    void thin_lugs_are_ready_to_snap();
    void findings_about_support();
    void a_missed_interface_is_noticed();
    void guide_for_each_school();
    void drying();
    void days();
    void cut_halves_what_hangs();
    void cut_pieces_keep_their_volume();
    void less_support_is_planned();
    void aligning_saves_changes();
    void tuning();
    void on_the_run_sheet();
};

void TestAfterPrint::enclosed_cavities_by_their_volume() {
    const auto plan = plan_of(held(room(0)));
    QVERIFY(plan->pieces[0].access);
    COMPARE_NEAR(plan->pieces[0].access->enclosed_mm3, 14 * 14 * 10,
                 0.08 * 14 * 14 * 10); // cells of half a millimetre
    QCOMPARE(plan->pieces[0].face_access.size(), std::size_t{1});
    QVERIFY(plan->pieces[0].face_access[0].enclosed > 0.99 && plan->pieces[0].face_access[0].no_tool > 0.99);
    QVERIFY(has(*plan, "support-trapped"));
    QVERIFY(english(finding(*plan, "support-trapped").message).find("dissolved or not") != std::string::npos);
    // A ball in a ball, by the sphere's volume.
    Project p = held({});
    Builder b;
    const Mesh outer = solids::sphere(12, 96, 64), inner = solids::sphere(8, 96, 64);
    Mesh hollow = outer;
    std::vector<Vec3> v = outer.vertices;
    std::vector<Triangle> t = outer.triangles;
    const auto base = static_cast<std::uint32_t>(v.size());
    v.insert(v.end(), inner.vertices.begin(), inner.vertices.end());
    for (const Triangle& x : inner.triangles)
        t.push_back({x[0] + base, x[2] + base, x[1] + base});
    p.pieces[0].parts = {part("float", build_mesh(std::move(v), std::move(t)), 'A')};
    const auto ball = plan_of(p);
    const double exact = 4.0 / 3 * 3.14159265 * 512;
    COMPARE_NEAR(ball->pieces[0].access->enclosed_mm3, exact, 0.03 * exact);
}

void TestAfterPrint::a_hole_lets_water_out_but_no_tool_in() {
    auto plan = plan_of(held(room(2))); // 2 mm: water gets through, a tool of 3 mm does not
    QVERIFY(plan->pieces[0].face_access[0].enclosed < 0.01);
    QVERIFY(plan->pieces[0].face_access[0].no_tool > 0.8);
    QVERIFY(!has(*plan, "support-trapped"));
    QCOMPARE(plan->pieces[0].access->enclosed_mm3, 0.0);
    Project p = held(room(8)); // a doorway
    plan = plan_of(p);
    QVERIFY(plan->pieces[0].face_access[0].no_tool < 0.2);
    p.settings.tool_mm = 9;
    QVERIFY(plan_of(p)->pieces[0].face_access[0].no_tool > 0.6);
}

void TestAfterPrint::fins_are_out_of_reach() {
    // Discs on a stem, as far apart as given.
    const auto share = [](double apart) {
        Builder b;
        std::vector<std::pair<double, double>> profile{{0, 0}, {16, 0}, {16, 2}, {4, 2}};
        double z = 2;
        for (int i = 0; i < 3; ++i, z += apart + 2)
            for (const auto& [r, up] :
                 std::vector<std::pair<double, double>>{{4, 0}, {16, 0}, {16, 2}, {4, 2}})
                profile.emplace_back(r, z + apart + up);
        profile.emplace_back(0, z);
        solids::add_revolved(b, profile, 96);
        const auto plan = plan_of(held({part("cooler", b.build(), 'A')}));
        double out = 0, all = 0;
        for (std::size_t k = 0; k < plan->pieces[0].face_access.size(); ++k) {
            out +=
                plan->pieces[0].support->layout->faces[k].held_mm2 * plan->pieces[0].face_access[k].no_tool;
            all += plan->pieces[0].support->layout->faces[k].held_mm2;
        }
        return out / all;
    };
    QVERIFY(share(2.2) > 0.6);
    QVERIFY(share(6) < 0.05);
}

void TestAfterPrint::depth_is_the_way_in() {
    const auto plan = plan_of(held(room(8)));
    // From the front to the back of the ceiling: 17 mm, and a few cells sideways.
    QVERIFY(plan->pieces[0].face_access[0].depth_mm > 15 && plan->pieces[0].face_access[0].depth_mm < 26);
}

void TestAfterPrint::minutes_by_contact_and_material() {
    Project p = held(shelf());
    p.settings.copies = 3;
    p.interface_filament = 'C'; // PETG comes off PLA
    auto plan = plan_of(p);
    Cleanup c = plan->cleanup;
    COMPARE_NEAR(c.peeled_mm2, 3 * plan->pieces[0].support->layout->contact_mm2, 1e-6);
    QVERIFY(c.broken_mm2 == 0 && c.dissolved_mm2 == 0 && c.soak_s == 0 &&
            c.unreached_mm2 < 0.05 * c.peeled_mm2);
    COMPARE_NEAR(c.hand_s, 60 * c.peeled_mm2 / 100 * p.settings.release_min_cm2, 0.1 * c.hand_s);
    p.interface_filament = 0; // the same material
    p.settings.support_gap_layers = 1;
    plan = plan_of(p);
    c = plan->cleanup;
    COMPARE_NEAR(c.hand_s, 60 * c.broken_mm2 / 100 * p.settings.same_min_cm2, 0.1 * c.hand_s);
    p.support_filament = p.interface_filament = 'B'; // soluble throughout
    plan = plan_of(p);
    c = plan->cleanup;
    QVERIFY(c.dissolved_mm2 > 0 && c.broken_mm2 == 0);
    COMPARE_NEAR(c.dissolving_cm3, (plan->use[1].support_mm3 + plan->use[1].interface_mm3) / 1000, 1e-9);
    COMPARE_NEAR(c.soak_s, 3600 * (p.settings.soak_start_h + p.settings.soak_h_cm3 * c.dissolving_cm3 / 3),
                 1e-6); // three soak side by side
    QCOMPARE(c.waters, static_cast<int>(std::ceil(c.dissolving_cm3 / p.settings.water_cm3)));
    p.settings.support = SupportStyle::none;
    QCOMPARE(plan_of(p)->cleanup.contact_mm2(), 0.0);
}

void TestAfterPrint::thin_lugs_are_ready_to_snap() {
    Project p = held(shelf());
    p.pieces[0].parts.push_back(
        part("strap", solids::box(15, 4, 7, 16, 14, 10), 'A')); // 1 mm thin, hangs below the plate
    auto plan = plan_of(p);
    const auto places = snap_places(plan->pieces[0].detail.get(), plan->pieces[0].support.get());
    QVERIFY(!places.empty());
    for (const SnapPlace& s : places)
        QCOMPARE(s.part, 2);
    QVERIFY(has(*plan, "thin-lug"));
    QVERIFY(english(finding(*plan, "thin-lug").message).find("ready to snap") != std::string::npos);
    QVERIFY(!finding(*plan, "thin-lug").spots.empty());
    const auto steps = after_print(p, *plan);
    QVERIFY(step(steps, "Cut free what is thin"));
    QVERIFY(english(step(steps, "Cut free what is thin")->text).find("strap") != std::string::npos);
    QVERIFY(english(step(steps, "Cut free what is thin")->text).find("do not pull") != std::string::npos);
    p.pieces[0].parts[2] = part("strap", solids::box(12, 4, 7, 20, 14, 10), 'A'); // 8 mm: no strap
    plan = plan_of(p);
    QVERIFY(snap_places(plan->pieces[0].detail.get(), plan->pieces[0].support.get()).empty() &&
            !has(*plan, "thin-lug"));
}

void TestAfterPrint::findings_about_support() {
    Project p = held(shelf());
    p.filaments[1].kept_dry = true;
    p.interface_filament = 'C';
    auto plan = plan_of(p);
    for (const char* code : {"support-fuses", "support-gap", "interface-missed", "support-unheld",
                             "support-trapped", "support-out-of-reach", "support-kept-off"})
        QVERIFY2(!has(*plan, code), code);
    p.settings.support_gap_layers = 1; // a release material wants none. Common practice, no source
    plan = plan_of(p);
    QVERIFY(has(*plan, "support-gap"));
    finding(*plan, "support-gap").fixes.front().apply(p);
    QVERIFY(!has(*plan_of(p), "support-gap"));
    p.interface_filament = 0; // the same material wants one
    plan = plan_of(p);
    QVERIFY(has(*plan, "support-fuses"));
    finding(*plan, "support-fuses").fixes.front().apply(p);
    QVERIFY(!has(*plan_of(p), "support-fuses"));
    // Over a step on the bed only: nothing gets there.
    p.pieces[0].parts = {part("step", solids::box(0, 0, 0, 30, 20, 4), 'A'),
                         part("wall", solids::box(0, 0, 4, 4, 20, 14), 'A'),
                         part("roof", solids::box(0, 0, 14, 30, 20, 16), 'A')};
    p.settings.support_on_piece = false;
    plan = plan_of(p);
    QVERIFY(has(*plan, "support-unheld"));
    finding(*plan, "support-unheld").fixes.front().apply(p);
    QVERIFY(!has(*plan_of(p), "support-unheld"));
}

void TestAfterPrint::a_missed_interface_is_noticed() {
    Project p = held(shelf());
    p.interface_filament = 'C';
    p.settings.interface_layers = 0;
    auto plan = plan_of(p);
    QVERIFY(has(*plan, "interface-missed"));
    QVERIFY(!finding(*plan, "interface-missed").spots.empty());
    finding(*plan, "interface-missed").fixes.front().apply(p);
    QVERIFY(!has(*plan_of(p), "interface-missed"));
    p.settings.interface_least_mm2 = 100000; // left out on purpose
    QVERIFY(!has(*plan_of(p), "interface-missed"));
}

void TestAfterPrint::guide_for_each_school() {
    Project p = held(shelf());
    // Common practice, no source: cool first; cut near thin features; from outside in; soak with changes of
    // water; sand last.
    auto steps = after_print(p, *plan_of(p)); // soluble interface on a body of PLA
    QCOMPARE(english(steps.front().title), std::string("Let it cool"));
    QVERIFY(step(steps, "Soak it") && step(steps, "Dry it") && !step(steps, "Sand the scars"));
    QVERIFY(english(step(steps, "Soak it")->caution).find("local rules") != std::string::npos);
    QVERIFY(step(steps, "Soak it")->wait_s > 3600);
    p.interface_filament = 0;
    p.settings.support_gap_layers = 1;
    steps = after_print(p, *plan_of(p));
    QVERIFY(step(steps, "Take the support off") && step(steps, "Sand the scars") && !step(steps, "Soak it"));
    QVERIFY(english(step(steps, "Take the support off")->text).find("From outside in") == 0);
    QVERIFY(english(step(steps, "Take the support off")->caution).find("Eye protection") !=
            std::string::npos);
    QVERIFY(english(step(steps, "Sand the scars")->caution).find("dust mask") != std::string::npos);
    QVERIFY(step(steps, "Take the support off")->hand_s > 0);
    p.interface_filament = 'C';
    p.settings.support_gap_layers = 0;
    steps = after_print(p, *plan_of(p));
    QVERIFY(step(steps, "Look at the faces") && !step(steps, "Sand the scars"));
    double hand = 0;
    for (const AfterStep& s : steps) {
        hand += s.hand_s;
        QVERIFY(!s.caution.empty());
    }
    COMPARE_NEAR(hand, plan_of(p)->cleanup.hand_s, 1);
    p.settings.support = SupportStyle::none;
    QVERIFY(after_print(p, *plan_of(p)).empty());
}

void TestAfterPrint::drying() {
    Filament f = make_filament('B', Material::PVA, {240, 235, 210});
    QVERIFY(drying_advice(f, 3600).dry_first);
    QVERIFY(english(drying_advice(f, 3600).text()).find("has no note of") == 0);
    f.dried_day = 20769;
    QVERIFY(english(drying_advice(f, 3600).text()).find("2026-11-12") != std::string::npos);
    QVERIFY(drying_advice(f, 3600).dry_first);
    f.kept_dry = true;
    QVERIFY(!drying_advice(f, 3600).dry_first);
    QVERIFY(english(drying_advice(f, 30 * 3600).text()).find("dry box") !=
            std::string::npos); // longer than it stands open
    QVERIFY(!drying_advice(make_filament('A', Material::PLA, {0, 0, 0}), 1e6).dry_first);
}

void TestAfterPrint::days() {
    QCOMPARE(day_text(0), std::string("1970-01-01"));
    QCOMPARE(day_text(20782), std::string("2026-11-25"));
    QCOMPARE(day_text(19782), std::string("2024-02-29"));
}

void TestAfterPrint::cut_halves_what_hangs() {
    // A spool: two discs on a stem. Cut below the upper disc, that one lies on the bed and the stem stands on
    // the lower one.
    Builder b;
    solids::add_revolved(b, {{0, 0}, {20, 0}, {20, 4}, {6, 4}, {6, 24}, {20, 24}, {20, 28}, {0, 28}}, 120);
    Project p = held({part("spool", b.build(), 'A')});
    const auto plan = plan_of(p);
    const auto cut =
        best_cut(*plan->pieces[0].table, plan->pieces[0].support->hanging->overhangs, {50, 0, 0.5});
    QVERIFY(cut && *cut);
    const double ring = 3.14159265 * (20 * 20 - 6.24 * 6.24);
    COMPARE_NEAR((**cut).now_mm2, ring, 0.02 * ring);
    QVERIFY((**cut).overhang_mm2 < 1);
    QVERIFY((**cut).z_mm > 3.9 && (**cut).z_mm < 24.1);
    // A table's cut leaves nothing either, whichever way the plate lies; of a sphere the bottom is cut off.
    const auto sphere = plan_of(held({part("ball", solids::sphere(12, 96, 64), 'A')}));
    const auto halves =
        best_cut(*sphere->pieces[0].table, sphere->pieces[0].support->hanging->overhangs, {50, 0, 0.5});
    QVERIFY(halves && *halves);
    COMPARE_NEAR((**halves).z_mm, 12 * (1 - std::sin(50 * 3.14159265 / 180)),
                 0.8); // up to where the underside is steep enough, or about
    QVERIFY((**halves).flip_lower && !(**halves).flip_upper);
    // Nothing to cut where nothing hangs.
    const auto box = plan_of(held({part("box", solids::box(0, 0, 0, 10, 10, 10), 'A')}));
    QVERIFY(!*best_cut(*box->pieces[0].table, box->pieces[0].support->hanging->overhangs, {}));
}

void TestAfterPrint::cut_pieces_keep_their_volume() {
    Builder b;
    solids::add_revolved(b, {{0, 0}, {20, 0}, {20, 4}, {6, 4}, {6, 24}, {20, 24}, {20, 28}, {0, 28}}, 120);
    Project p = held({part("spool", b.build(), 'A')});
    p.pieces[0].bands.push_back({"spool", 2, 4, 'C'});
    const auto plan = plan_of(p);
    const auto cut =
        **best_cut(*plan->pieces[0].table, plan->pieces[0].support->hanging->overhangs, {50, 0, 0.5});
    double before = 0, after = 0;
    for (const Part& x : p.pieces[0].parts)
        before += volume_mm3(*x.mesh);
    cut_piece(p, 0, cut);
    QVERIFY(p.pieces[0].parts.size() >= 2 && p.pieces[0].bands.empty());
    for (const Part& x : p.pieces[0].parts) {
        after += volume_mm3(*x.mesh);
        QVERIFY(x.own_mesh);
    }
    COMPARE_NEAR(after, before, 1e-3 * before);
    const auto made = plan_of(p);
    QVERIFY(made);
    QVERIFY(made->pieces[0].support->layout->contact_mm2 <
            0.1 * plan->pieces[0].support->layout->contact_mm2);
    QVERIFY(made->grid.count < plan->grid.count);
}

void TestAfterPrint::less_support_is_planned() {
    Builder b;
    solids::add_revolved(b, {{0, 0}, {20, 0}, {20, 4}, {6, 4}, {6, 24}, {20, 24}, {20, 28}, {0, 28}}, 120);
    Project p = held({part("spool", b.build(), 'A')});
    p.interface_filament = 'C';
    const auto plan = plan_of(p);
    const auto list = fewer_supports(p, *plan, true);
    QVERIFY(list && !list->empty());
    bool cut = false;
    for (std::size_t i = 0; i < list->size(); ++i) {
        const Suggestion& s = (*list)[i];
        QVERIFY(i == 0 || (*list)[i - 1].score >= s.score);
        QVERIFY(!s.gives_up.empty() && !s.detail.empty());
        Project q = p;
        s.apply(q);
        const auto made = plan_of(q);
        COMPARE_NEAR(made->totals.total_s, s.after.total_s, 1e-6);
        QCOMPARE(made->totals.changes, s.after.changes);
        cut |= s.code == "cut";
    }
    QVERIFY(cut);
    p.settings.support = SupportStyle::none;
    QVERIFY(fewer_supports(p, *plan_of(p), false)->empty());
}

void TestAfterPrint::aligning_saves_changes() {
    // Common practice, no source: every layer that has interface costs up to two more changes. Two shelves
    // two layers apart (one layer would save none: neighbours share changes).
    Project p = held({part("wall", solids::box(0, 0, 0, 4, 40, 20), 'A'),
                      part("low", solids::box(4, 0, 10, 16, 14, 12), 'A'),
                      part("high", solids::box(4, 20, 10.4, 16, 34, 12), 'A')});
    p.interface_filament = 'C';
    const auto plan = plan_of(p);
    const auto list = fewer_supports(p, *plan, false);
    const auto align =
        std::find_if(list->begin(), list->end(), [](const Suggestion& s) { return s.code == "align"; });
    QVERIFY(align != list->end());
    QVERIFY(align->after.changes < align->before.changes);
    align->apply(p);
    const auto aligned = plan_of(p);
    QCOMPARE(aligned->totals.changes, align->after.changes);
    int with = 0;
    for (const double mm3 : aligned->interface_mm3)
        with += mm3 > 0;
    QCOMPARE(with, 3);
}

void TestAfterPrint::tuning() {
    Project p = held(shelf());
    p.interface_filament = 'C';
    const auto rows = tune_interface(p, *plan_of(p));
    QVERIFY(rows);
    QCOMPARE(rows->size(), std::size_t{12});
    int now = 0;
    for (const Tuning& t : *rows) {
        now += t.now;
        QCOMPARE(t.interface_layers, t.layers);
        QVERIFY(t.totals.changes <= 2 * t.layers);
        Project q = p;
        t.apply(q);
        COMPARE_NEAR(plan_of(q)->totals.interface_g, t.totals.interface_g, 1e-9);
        // Common practice, no source: 5 layers at 75 % left a slightly open ceiling.
        if (t.layers == 5 && t.density_pct == 75)
            QCOMPARE(english(t.ceiling.text), std::string("slightly open"));
    }
    QCOMPARE(now, 1);
    // Denser is never worse, nor are more layers.
    for (const Tuning& a : *rows)
        for (const Tuning& b : *rows)
            if (a.layers <= b.layers && a.density_pct <= b.density_pct)
                QVERIFY(a.ceiling.grade <= b.ceiling.grade);
    // The same material wants a gap of about a layer; without, it fuses.
    QVERIFY(ceiling_above(ComesOff::broken, 1, 3, 100).grade >
            ceiling_above(ComesOff::broken, 0, 3, 100).grade);
    QVERIFY(ceiling_above(ComesOff::peeled, 0, 3, 100).grade >
            ceiling_above(ComesOff::peeled, 1, 3, 100).grade);
    p.settings.support = SupportStyle::none;
    QVERIFY(tune_interface(p, *plan_of(p))->empty());
}

void TestAfterPrint::on_the_run_sheet() {
    Project p = held(shelf());
    const auto plan = plan_of(p);
    const RunSheet sheet = make_run_sheet(p, *plan);
    QCOMPARE(sheet.after.size(), after_print(p, *plan).size());
    QVERIFY(std::any_of(sheet.preparation.begin(), sheet.preparation.end(),
                        [](const Message& s) { return english(s).find("Dry B, PVA: ") == 0; }));
    const std::string html = sheet_html(sheet);
    QVERIFY(html.find("After the print") != std::string::npos && html.find("Soak it") != std::string::npos &&
            html.find("local rules") != std::string::npos);
    p.settings.support = SupportStyle::none;
    QVERIFY(sheet_html(make_run_sheet(p, *plan_of(p))).find("After the print") == std::string::npos);
}

VITRAIL_TEST(TestAfterPrint)
#include "test_after_print.moc"
