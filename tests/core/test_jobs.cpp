#include "core/plate/jobs.h"
#include "core/plate/variants.h"
#include "core/project/digest.h"
#include "core/project/regions.h"
#include "core/run_sheet/choice_page.h"
#include "core/run_sheet/jobs_page.h"
#include "formats/page_html.h"

#include "support.h"

using namespace vitrail;
using namespace vitrail::test;
using namespace vitrail::solids;

/// One print as several jobs, and one project in several colourings.
class TestJobs : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void parts_by_colour();
    void what_changes_inside_stays_whole();
    void separate_bodies_count_as_parts();
    void more_than_a_plate_holds();
    void nothing_to_put_together();
    void lettering_first();
    void jobs_know_where_they_come_from();
    void variants_are_planned_side_by_side();
    void kept_used_and_taken_away();
    void what_a_wish_costs();
    void a_sheet_to_choose_from();
    void what_has_changed_since();
};

namespace {

/// A base in A, two equal posts in B on it, a roof in A over them.
Project house() {
    Project p = stack("", 1, "feeder-4");
    p.name = "house";
    p.pieces[0].name = "house";
    p.pieces[0].parts = {
        part("base", box(0, 0, 0, 40, 20, 2), 'A'), part("left post", box(2, 2, 2, 8, 18, 12), 'B'),
        part("right post", box(32, 2, 2, 38, 18, 12), 'B'), part("roof", box(0, 0, 12, 40, 20, 14), 'A')};
    return carried(p);
}

double volume_of(const Project& p) {
    double sum = 0;
    for (const Piece& piece : p.pieces)
        for (const Part& x : piece.parts)
            sum += std::abs(volume_mm3(*x.mesh)) * count_of(p, piece);
    return sum;
}

} // namespace

void TestJobs::parts_by_colour() {
    Project p = house();
    p.settings.copies = 3;
    const auto plan = plan_of(p);
    const auto jobs = jobs_by_colour(p, *plan);
    QVERIFY(jobs && jobs->possible);
    QCOMPARE(jobs->jobs.size(), std::size_t{2});
    double volume = 0;
    for (const Job& job : jobs->jobs) {
        volume += volume_of(job.project);
        QCOMPARE(job.project.filaments.size(), std::size_t{1});
        QCOMPARE(job.plan->totals.changes, 0);
        for (const Piece& piece : job.project.pieces)
            COMPARE_NEAR(bounds(piece).min.z, 0, 1e-6); // lies on the bed
    }
    COMPARE_NEAR(volume, 3 * volume_of(house()), 1e-6); // nothing lost, nothing twice
    const Job& posts = jobs->jobs[0].key == "colour B" ? jobs->jobs[0] : jobs->jobs[1];
    QCOMPARE(posts.key, std::string("colour B"));
    QCOMPARE(posts.parts.size(), std::size_t{1}); // of one shape
    QCOMPARE(posts.parts[0].count, 6);
    QCOMPARE(posts.project.pieces[0].count, 6);
    QCOMPARE(jobs->joints, 3 * 4); // each post on the base and below the roof
    // The light one first: light after dark would purge more.
    QCOMPARE(jobs->jobs[0].key,
             std::string(plan->purge_table.at(0, 1) < plan->purge_table.at(1, 0) ? "colour A" : "colour B"));
    QVERIFY(jobs->waste_g < waste_g(plan->totals));
    const auto back = read_archive(*write_archive(posts.project));
    QVERIFY(back && back->origin);
    QCOMPARE(back->origin->job, std::string("colour B"));
    QCOMPARE(digest(*back), digest(posts.project));
}

void TestJobs::what_changes_inside_stays_whole() {
    Project p = house();
    p.pieces[0].bands.push_back({"roof", 13, 14, 'C'});
    const auto jobs = jobs_by_colour(p, *plan_of(p));
    QVERIFY(jobs && jobs->possible);
    QCOMPARE(jobs->jobs.size(), std::size_t{3});
    const Job& mixed = jobs->jobs.back();
    QCOMPARE(mixed.key, std::string("mixed"));
    QCOMPARE(mixed.plan->totals.changes, 1); // its band has come down with it
    COMPARE_NEAR(mixed.project.pieces[0].bands[0].z0_mm, 1, 1e-6);
}

void TestJobs::separate_bodies_count_as_parts() {
    // One part of two blocks, the second painted all over.
    Project p = stack("", 1, "feeder-4");
    const Mesh a = box(0, 0, 0, 10, 10, 5), b = box(20, 0, 0, 30, 10, 5);
    p.pieces[0].parts = {part("blocks", joined({&a, &b}).mesh, 'A')};
    Part& blocks = p.pieces[0].parts[0];
    const PatchNumber red = add_patch(blocks, "red", 'C');
    repaint(blocks, [&](const Mesh& m, Paint& paint) {
        for (std::size_t t = 0; t < m.triangles.size(); ++t)
            if (m.vertices[m.triangles[t][0]].x > 15)
                paint.patch[t] = red;
    });
    const auto jobs = jobs_by_colour(p, *plan_of(p));
    QVERIFY2(jobs && jobs->possible, jobs ? english(jobs->why_not).c_str() : "");
    QCOMPARE(jobs->jobs.size(), std::size_t{2});
    std::set<std::string> keys{jobs->jobs[0].key, jobs->jobs[1].key};
    QVERIFY(keys == (std::set<std::string>{"colour A", "colour C"}));
    for (const Job& job : jobs->jobs)
        COMPARE_NEAR(volume_of(job.project), 500, 1e-6);
}

void TestJobs::more_than_a_plate_holds() {
    Project p = house();
    p.settings.copies = 60;
    const auto jobs = jobs_by_colour(p, *plan_of(p));
    QVERIFY(jobs && jobs->possible);
    std::map<char, double> volume;
    for (const Job& job : jobs->jobs) {
        QVERIFY2(job.plan->plate.fits, job.key.c_str());
        volume[job.project.filaments[0].letter] += volume_of(job.project);
    }
    QVERIFY(jobs->jobs.size() > 2);
    COMPARE_NEAR(volume['A'], 60 * 3200.0, 1e-3);
    COMPARE_NEAR(volume['B'], 60 * 1920.0, 1e-3);
}

void TestJobs::nothing_to_put_together() {
    const Project one = stack("A", 2);
    const auto of_one = jobs_by_colour(one, *plan_of(one));
    QVERIFY(of_one && !of_one->possible && !of_one->why_not.empty());
    const Project same = stack("AA", 2);
    const auto of_same = jobs_by_colour(same, *plan_of(same));
    QVERIFY(of_same && !of_same->possible);
    QVERIFY(english(of_same->why_not).find("one colour") != std::string::npos);
    const auto plain = lettering_jobs(house(), *plan_of(house()));
    QVERIFY(plain && !plain->possible && !plain->why_not.empty());
}

// domain.md, common practice, no source: outlines of 0.2 first, the piece over them with a first layer of
// 0.3.
void TestJobs::lettering_first() {
    Project p = stack("", 1, "hand-swap");
    p.pieces[0].name = "dial";
    const Mesh plate = box(0, 0, 0, 60, 40, 3);
    Paths hole{{{10000, 10000}, {30000, 10000}, {30000, 30000}, {10000, 30000}}};
    Builder dial, letter;
    add_prism(dial, subtract(Paths{{{0, 0}, {60000, 0}, {60000, 40000}, {0, 40000}}}, hole), 0, 0.6);
    add_prism(dial, Paths{{{0, 0}, {60000, 0}, {60000, 40000}, {0, 40000}}}, 0.6, 3);
    add_prism(letter, hole, 0, 0.6);
    p.pieces[0].parts = {part("dial", dial.build(), 'A'), part("letter", letter.build(), 'B')};
    p.pieces[0].count = 2;
    p = carried(p);
    const auto jobs = lettering_jobs(p, *plan_of(p));
    QVERIFY2(jobs && jobs->possible, jobs ? english(jobs->why_not).c_str() : "");
    QCOMPARE(jobs->jobs.size(), std::size_t{2});
    const Job &one = jobs->jobs[0], &two = jobs->jobs[1];
    QCOMPARE(one.plan->grid.count, 1);
    COMPARE_NEAR(one.project.settings.first_layer_mm, 0.2, 1e-9);
    COMPARE_NEAR(two.project.settings.first_layer_mm, 0.3, 1e-9);
    QCOMPARE(one.project.filaments.size(), std::size_t{1});
    QCOMPARE(one.project.filaments[0].letter, 'B');
    QCOMPARE(two.plan->totals.changes, 0); // the letters are printed over in the dial's filament
    // One line along the inside of a square of 20: 20² − (20 − 2w)², w 0.4; two copies.
    COMPARE_NEAR(volume_of(one.project), 2 * (400 - 19.2 * 19.2) * 0.2, 0.05);
    // Both stand in the same places: the letter's middle is 10 mm left of the dial's, as in the piece.
    QCOMPARE(one.plan->plate.placed.size(), std::size_t{2});
    for (std::size_t i = 0; i < 2; ++i) {
        const Placed &a = one.plan->plate.placed[i], &b = two.plan->plate.placed[i];
        const double turn = b.turn_deg * 3.14159265358979 / 180;
        COMPARE_NEAR(a.x_mm, b.x_mm - 10 * std::cos(turn), 0.02);
        COMPARE_NEAR(a.y_mm, b.y_mm - 10 * std::sin(turn), 0.02);
    }
    // Each is saved with its body, and the steps name both layers and what has to come off.
    for (const Job& job : jobs->jobs) {
        const auto back = read_archive(*write_archive(job.project));
        QVERIFY(back);
        COMPARE_NEAR(volume_of(*back), volume_of(job.project), 0.01);
    }
    QVERIFY(english(one.steps[2]).find("skirt and prime line off") != std::string::npos);
    QVERIFY(english(two.steps[1]).find("0.30 mm") != std::string::npos);
    const std::string html = page_html(jobs_page(say("Jobs"), p, *plan_of(p), *jobs, {}));
    QVERIFY(html.find("letter") != std::string::npos);
}

void TestJobs::jobs_know_where_they_come_from() {
    Project p = house();
    const auto jobs = jobs_by_colour(p, *plan_of(p));
    const Job job = jobs->jobs[0];
    // Nothing has changed: the same job again.
    const auto same = job_again(p, job.key);
    QVERIFY(same);
    QCOMPARE(same->project.origin->made_of, job.project.origin->made_of);
    // Names and orders are nobody's business; a wider base is.
    p.name = "another";
    p.order.items = {OrderItem{"house", "", 3, "", false, 0, 0, false}};
    keep_variant(p, "kept");
    QCOMPARE(job_again(p, job.key)->project.origin->made_of, job.project.origin->made_of);
    p.pieces[0].parts[0] = part("base", box(0, 0, 0, 42, 20, 2), 'A');
    p.pieces[0].parts[1] = part("left post", box(2, 2, 2, 8, 18, 12.5), 'B');
    QVERIFY(job_again(p, job.key)->project.origin->made_of != job.project.origin->made_of);
    for (Part& x : p.pieces[0].parts)
        x.filament = 'A';
    QVERIFY(!job_again(p, "colour B"));
}

void TestJobs::variants_are_planned_side_by_side() {
    Project p = house();
    keep_variant(p, "as drawn");
    p.pieces[0].parts[3].filament = 'C';
    keep_variant(p, "red roof");
    p.settings.copies = 2;
    const auto all = plan_variants(p, plan_of(p));
    QCOMPARE(all.size(), std::size_t{3});
    for (const PlannedVariant& v : all) {
        const auto alone = plan_of(*v.project);
        QCOMPARE(v.plan->totals.changes, alone->totals.changes);
        COMPARE_NEAR(v.plan->totals.cost, alone->totals.cost, 1e-9);
        for (std::size_t k = 0; k < v.plan->pieces.size(); ++k)
            QVERIFY(v.plan->pieces[k].table == all[0].plan->pieces[k].table); // sliced once
    }
    QCOMPARE(value_of(VariantFigure::filaments, *all[2].project, *all[2].plan), 3.0);
    COMPARE_NEAR(value_of(VariantFigure::per_piece, p, *all[0].plan), all[0].plan->totals.cost / 2, 1e-12);
    // One that cannot be planned says why, the others are there.
    Project none = p;
    none.filaments.clear();
    keep_variant(p, "empty");
    p.variants.back().project = std::make_shared<const Project>(none);
    const auto with_error = plan_variants(p, plan_of(p));
    QVERIFY(!with_error.back().plan && !with_error.back().why_not.empty());
}

void TestJobs::kept_used_and_taken_away() {
    Project p = house();
    keep_variant(p, "one");
    p.pieces[0].parts[0].filament = 'D';
    keep_variant(p, "two");
    p.asked.push_back({"2026-11-27", "the keeper", {}, {}, {}, {}});
    p.order.items = {OrderItem{"house", "", 3, "", false, 0, 0, false}};
    use_variant(p, 0);
    QCOMPARE(p.pieces[0].parts[0].filament, 'A');
    QCOMPARE(p.variant, std::string("one"));
    QCOMPARE(p.variants.size(), std::size_t{2});
    QCOMPARE(p.asked.size(), std::size_t{1});
    QCOMPARE(p.order.items.size(), std::size_t{1});
    QCOMPARE(p.variants[1].project->pieces[0].parts[0].filament, 'D');
    QVERIFY(p.variants[0].project->variants.empty());
    keep_variant(p, "two"); // is replaced
    QCOMPARE(p.variants.size(), std::size_t{2});
    QCOMPARE(p.variants[1].project->pieces[0].parts[0].filament, 'A');
    rename_variant(p, 0, "two");
    QCOMPARE(p.variants[0].name, std::string("two-2"));
    remove_variant(p, 1);
    QVERIFY(p.variant.empty());
    QCOMPARE(find_variant(p, "two-2"), 0);
}

void TestJobs::what_a_wish_costs() {
    const Project p = house();
    const auto plan = plan_of(p);
    const auto cost = cost_of(p, *plan, {0, 3, -1, 0, 'C'}); // the roof in red
    QVERIFY(cost);
    Project q = p;
    q.pieces[0].parts[3].filament = 'C';
    const auto red = plan_of(q);
    QCOMPARE(cost->changes, red->totals.changes - plan->totals.changes);
    COMPARE_NEAR(cost->waste_g, waste_g(red->totals) - waste_g(plan->totals), 1e-9);
    COMPARE_NEAR(cost->total_s, red->totals.total_s - plan->totals.total_s, 1e-6);
    QCOMPARE(cost->loading.size(), std::size_t{1});
    QCOMPARE(english(cost->loading[0]), std::string("C comes in"));
    // "Make the posts as the base": one filament is no longer needed.
    Project less = p;
    less.pieces[0].parts[1].filament = 'A';
    const auto saved = cost_of(less, *plan_of(less), {0, 2, -1, 0, 'A'});
    QVERIFY(saved && saved->changes < 0 && saved->waste_g < 0);
    QCOMPARE(english(saved->loading[0]), std::string("B is no longer needed"));
    // A band, a patch.
    Project banded = p;
    banded.pieces[0].bands.push_back({"base", 1, 2, 'D'});
    grant(banded, {0, 0, 0, 0, 'B'});
    QCOMPARE(banded.pieces[0].bands[0].filament, 'B');
    grant(banded, {7, 0, 0, 0, 'B'}); // nowhere: nothing
    QCOMPARE(banded.pieces[0].parts[0].filament, 'A');
}

void TestJobs::a_sheet_to_choose_from() {
    Project p = house();
    p.settings.currency = Currency::EUR;
    keep_variant(p, "as <drawn>");
    p.pieces[0].parts[3].filament = 'C';
    keep_variant(p, "red roof");
    auto all = plan_variants(p, plan_of(p));
    all.erase(all.begin());
    const ChoiceSheet sheet =
        choice_sheet(say("Which one?"), all, {VariantFigure::hours, VariantFigure::money}, "2026-11-27",
                     "the keeper", [](const Project&) { return std::string("\x89PNG"); });
    QCOMPARE(sheet.asked.shown.size(), std::size_t{2});
    QCOMPARE(sheet.asked.shown[1].letter, 'B');
    QCOMPARE(sheet.asked.shown[1].variant, std::string("red roof"));
    QVERIFY(std::find(sheet.asked.shown[1].regions.begin(), sheet.asked.shown[1].regions.end(),
                      std::pair<std::string, Srgb>("roof", p.filaments[2].colour)) !=
            sheet.asked.shown[1].regions.end());
    const std::string html = page_html(sheet.page);
    QVERIFY(html.find("as &lt;drawn&gt;") != std::string::npos);
    QVERIFY(html.find("EUR") != std::string::npos);
    QVERIFY(html.find("time to print") != std::string::npos);
    for (const char* jargon :
         {"purge", "tower", "nozzle", "ΔE", "http", "<script"}) // stands alone, and in words that anybody has
        QVERIFY2(html.find(jargon) == std::string::npos, jargon);
}

void TestJobs::what_has_changed_since() {
    Project p = house();
    keep_variant(p, "one");
    keep_variant(p, "two");
    const auto sheet_of = [&](const Asked* since) {
        auto all = plan_variants(p, plan_of(p));
        all.erase(all.begin());
        return choice_sheet(say("Which one?"), all, {VariantFigure::hours}, "2026-11-28", {}, {}, since);
    };
    Asked first = sheet_of(nullptr).asked;
    first.answered = "2026-11-27";
    first.chosen = "B";
    first.words = "but the roof red";
    const auto text = [](const std::vector<Message>& list) {
        std::string all;
        for (const Message& m : list)
            all += english(m) + "\n";
        return all;
    };
    QVERIFY(changes_since(first, sheet_of(&first).asked).empty());
    QVERIFY(page_html(sheet_of(&first).page).find("Nothing has changed") != std::string::npos);
    p.pieces[0].parts[3].filament = 'C';
    keep_variant(p, "two");
    keep_variant(p, "three");
    remove_variant(p, 0);
    const std::string changes = text(changes_since(first, sheet_of(&first).asked));
    QVERIFY2(changes.find("roof") != std::string::npos && changes.find("was") != std::string::npos,
             changes.c_str());
    QVERIFY(changes.find("“three”: new") != std::string::npos);
    QVERIFY(changes.find("“one” is no longer offered") != std::string::npos);
    QVERIFY(page_html(sheet_of(&first).page).find("but the roof red") != std::string::npos);
}

VITRAIL_TEST(TestJobs)
#include "test_jobs.moc"
