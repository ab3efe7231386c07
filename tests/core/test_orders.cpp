#include "core/base/civil.h"
#include "core/plate/copies.h"
#include "core/plate/order_items.h"
#include "core/plate/together.h"
#include "core/run_sheet/order_page.h"

#include "support.h"

#include <numeric>
#include <set>

using namespace vitrail;
using namespace vitrail::test;
using namespace vitrail::solids;

/// How many at once, one after another, and orders cut into plates.
class TestOrders : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void chip_of_the_trade();
    void curve_is_what_plans_say();
    void enough_by_closed_form();
    void most_is_where_it_no_longer_fits();
    void one_after_another();
    void never_offered_where_it_collides();
    void moments();
    void nights_and_days();
    void fewest_loads_by_brute_force();
    void due_comes_first();
    void pieces_of_several_projects();
    void what_cannot_share();
    void small_orders_by_brute_force_data();
    void small_orders_by_brute_force();
    void large_orders_are_never_worse();
    void cut_by_outlines_data();
    void cut_by_outlines();
    void what_stays_together();
    void several_machines();
    void plates_become_projects();
    void spools_run_short();
    void orders_that_make_no_sense();
    void stopped();
    void the_sheet_tells_when();
};

namespace {

/// A slab with a smaller one on it, in two colours: one change.
std::shared_ptr<const Project> tag(const std::string& name, double w_mm, double d_mm, char below, char above,
                                   const char* machine = "feeder-4") {
    Project p = stack("", 1, machine);
    p.name = name;
    p.pieces[0].name = name;
    p.pieces[0].parts = {part((name + "-plate").c_str(), box(0, 0, 0, w_mm, d_mm, 1), below),
                         part((name + "-letters").c_str(), box(1, 1, 1, w_mm - 1, d_mm - 1, 1.6), above)};
    return std::make_shared<const Project>(carried(std::move(p)));
}

OrderTask order_of(std::vector<std::pair<std::shared_ptr<const Project>, int>> kinds,
                   OrderAim aim = OrderAim::waste) {
    OrderTask task;
    task.aim = aim;
    task.machines = {kinds.front().first->machine};
    for (auto& [project, count] : kinds)
        task.kinds.push_back({project->name, project, count});
    return task;
}

std::vector<int> sums_of(const OrderPlan& plan, std::size_t kinds) {
    std::vector<int> sums(kinds, 0);
    for (const OrderPlate& p : plan.plates)
        for (std::size_t k = 0; k < kinds; ++k)
            sums[k] += p.counts[k];
    return sums;
}

} // namespace

// domain.md, common practice, no source: 11 g of purge for one 3.6 g two-colour piece is a waste ratio
// of 3.1; thirteen on the plate is 0.23 to 0.24.
void TestOrders::chip_of_the_trade() {
    Project p = stack("", 1, "feeder-4");
    p.pieces[0].parts = {part("chip", box(0, 0, 0, 38, 38, 2), 'A'),
                         part("mark", box(4, 4, 2, 34, 34, 2.4), 'B')};
    p.settings.infill_pct = 100;
    p.machine.purge_to = Destination::ejected;
    p.pair_purges = {{'A', 'B', 11.0 / 1.24e-3, 0, true, "as weighed"}};
    const auto plan = plan_of(p);
    const double one_g = plan->totals.model_g;
    // Scaled to the chip's 3.6 g: what matters is the ratio of the two.
    p.pair_purges[0].mm3 *= one_g / 3.6;
    const auto curve = copies_curve(p, *plan_of(p), 1, 13);
    QVERIFY(curve);
    QCOMPARE(curve->points.size(), std::size_t{13});
    COMPARE_NEAR(curve->points[0].purge_g / one_g, 11 / 3.6, 0.01);
    QVERIFY(std::round(curve->points[0].purge_g / one_g * 10) == 31);
    const CopiesPoint& all = curve->points[12];
    COMPARE_NEAR(all.purge_g, curve->points[0].purge_g, 1e-9); // constant for the plate
    const double ratio = all.purge_g / (13 * one_g);
    QVERIFY2(ratio > 0.23 && ratio < 0.24, qPrintable(QString::number(ratio)));
    COMPARE_NEAR(all.purge_g / 13 * 3.6 / one_g, 0.85, 0.005);
}

void TestOrders::curve_is_what_plans_say() {
    const Project p = *tag("tag", 90, 60, 'A', 'B');
    const auto plan = plan_of(p);
    const auto curve = copies_curve(p, *plan, 1, 20);
    QVERIFY(curve);
    const int most = curve->most;
    QVERIFY(most >= 4 && most < 10);
    const auto of = [&](int n) {
        Project q = p;
        q.settings.copies = n;
        return plan_of(q);
    };
    for (const CopiesPoint& x : curve->points) {
        double waste = 0, seconds = 0, cost = 0;
        int changes = 0, plates = 0;
        for (int left = x.n; left > 0; left -= most) {
            const auto made = of(std::min(left, most));
            waste += waste_g(made->totals);
            seconds += made->totals.total_s;
            cost += made->totals.cost;
            changes += made->totals.changes;
            ++plates;
        }
        QCOMPARE(x.plates, plates);
        QCOMPARE(x.changes, changes);
        COMPARE_NEAR(x.waste_g, waste, 1e-6);
        COMPARE_NEAR(x.total_s, seconds, 1e-4);
        COMPARE_NEAR(x.cost, cost, 1e-9);
        COMPARE_NEAR(x.stake_share, double(std::min(x.n, most)) / x.n, 1e-12);
        COMPARE_NEAR(x.stake_s, of(std::min(x.n, most))->totals.total_s, 1e-4);
    }
    // A full plate's purge for one more piece: a step.
    QCOMPARE(curve->points[static_cast<std::size_t>(most)].plates, 2);
    QVERIFY(curve->points[static_cast<std::size_t>(most)].waste_g >
            curve->points[static_cast<std::size_t>(most) - 1].waste_g * 1.5);
}

// Where a plate costs F + a·n, one more lowers the mean by F/(n(n + 1)) of F/n + a.
void TestOrders::enough_by_closed_form() {
    Project p = *tag("tag", 30, 20, 'A', 'B');
    p.settings.enough_pct = 3;
    p.settings.min_layer_s = 0;
    const auto curve = copies_curve(p, *plan_of(p), 1, 25);
    QVERIFY(curve && curve->most >= 25);
    const auto& at = curve->points;
    // Waste has no part that grows: 1/(n + 1) < 3 % from 33 on, which these 25 do not reach.
    QCOMPARE(curve->enough_waste, 0);
    const double a = (at[24].total_s - at[4].total_s) / 20, f = at[4].total_s - 5 * a;
    int n = 1;
    while (f / (n * (n + 1.0)) / (f / n + a) >= 0.03)
        ++n;
    QVERIFY2(std::abs(curve->enough_time - n) <= 1,
             qPrintable(QStringLiteral("%1, by the formula %2").arg(curve->enough_time).arg(n)));
    p.settings.enough_pct = 20;
    QCOMPARE(copies_curve(p, *plan_of(p), 1, 25)->enough_waste, 5); // 1/5 is not less than 20 %, 1/6 is
}

void TestOrders::most_is_where_it_no_longer_fits() {
    for (const auto& p : {*tag("wide", 100, 50, 'A', 'B'), *tag("small", 62, 47, 'A', 'B')}) {
        const auto most = most_copies(p, *plan_of(p));
        QVERIFY(most);
        Project q = p;
        q.settings.copies = *most;
        QVERIFY(!has(*plan_of(q), "off-bed"));
        q.settings.copies = *most + 1;
        QVERIFY(has(*plan_of(q), "off-bed"));
    }
    // The edge that stays free, and what the machine keeps clear, leave less room.
    Project p = *tag("small", 62, 47, 'A', 'B');
    const int before = *most_copies(p, *plan_of(p));
    p.settings.margin_mm = 25;
    const int framed = *most_copies(p, *plan_of(p));
    QVERIFY(framed < before);
    p.settings.margin_mm = 0;
    p.machine.keep_clear = {{0, 0, 120, 120}};
    const int cleared = *most_copies(p, *plan_of(p));
    QVERIFY2(cleared > 0 && cleared < before, qPrintable(QString::number(cleared)));
    p.settings.copies = cleared;
    const auto plan = plan_of(p);
    QCOMPARE(static_cast<int>(plan->plate.placed.size()), cleared);
    for (const Placed& x : plan->plate.placed)
        QVERIFY(!kept_clear(x.outline, p.machine));
}

void TestOrders::one_after_another() {
    Project p = *tag("tag", 30, 20, 'A', 'B');
    p.machine.purge_to = Destination::ejected;
    p.settings.copies = 4;
    const auto plan = plan_of(p);
    const auto one = one_by_one(p, *plan);
    QVERIFY(one);
    QVERIFY2(one->possible, english(one->why_not).c_str());
    // Each has its own change, and the first colour comes back between them: 4 + 3.
    QCOMPARE(plan->totals.changes, 1);
    QCOMPARE(one->changes, 7);
    QCOMPARE(one->changes_together, 1);
    QVERIFY(one->waste_g > 3 * one->waste_together_g);
    QVERIFY(one->total_s > one->total_together_s);
    // A failure loses one, not four.
    QVERIFY(one->stake_g < one->stake_together_g / 2);
    QVERIFY(one->stake_s < one->stake_together_s / 2);
    QCOMPARE(one->placed.size(), std::size_t{4});
    for (std::size_t i = 0; i < 4; ++i)
        for (std::size_t k = 0; k < i; ++k)
            QVERIFY(distance_mm(one->placed[i].outline, one->placed[k].outline) >=
                    p.machine.head_reach_mm - 0.01);
}

void TestOrders::never_offered_where_it_collides() {
    Project p = *tag("tag", 30, 20, 'A', 'B');
    p.machine.purge_to = Destination::ejected;
    p.settings.copies = 2;
    const auto why = [](const Project& q) {
        const auto one = one_by_one(q, *plan_of(q));
        return one && !one->possible ? english(one->why_not) : std::string();
    };
    QVERIFY(why(p).empty());
    Project q = p;
    q.settings.copies = 1;
    QVERIFY(why(q).find("only one") != std::string::npos);
    q = p;
    q.machine.head_reach_mm = 0;
    QVERIFY(why(q).find("not known") != std::string::npos);
    q = p;
    q.machine.bar_height_mm = 1;
    QVERIFY(why(q).find("tall") != std::string::npos);
    q = p;
    q.machine.purge_to = Destination::tower;
    QVERIFY(why(q).find("tower") != std::string::npos);
    q = p;
    q.settings.copies = 30; // without the head's room they would all fit
    QVERIFY(plan_of(q)->plate.fits);
    QVERIFY(why(q).find("have room") != std::string::npos);
    q = p;
    pin(q, {"tag", 1, 60, 60, 0});
    pin(q, {"tag", 2, 95, 60, 0}); // 5 mm beside it
    QVERIFY(why(q).find("pinned") != std::string::npos);
    // A tall one is no harm where it comes last.
    q = p;
    q.settings.copies = 1;
    q.pieces.emplace_back();
    q.pieces.back().name = "post";
    q.pieces.back().parts = {part("post", box(0, 0, 0, 12, 12, 60), 'A')};
    QVERIFY2(why(q).empty(), why(q).c_str());
    QCOMPARE(one_by_one(q, *plan_of(q))->placed.back().piece, 1);
}

void TestOrders::moments() {
    QCOMPARE(*parse_moment("1970-01-01"), std::int64_t{0});
    QCOMPARE(*parse_moment("2000-03-01T00:00"), std::int64_t{951868800} / 60); // POSIX, 2000 is a leap year
    for (const char* text : {"2026-12-05T10:00", "2024-02-29T23:59", "1999-12-31T00:01"})
        QCOMPARE(moment_text(*parse_moment(text)), std::string(text));
    for (const char* text : {"", "2026", "2026-13-01", "2026-02-29", "2026-12-05T24:00", "2026-12-05T10:60",
                             "2026-12-05X10:00", "2026-12-05T10:00Z", "05.12.2026 10:00", "2026-1-05T10:000"})
        QVERIFY2(!parse_moment(text), text);
    COMPARE_NEAR(hour_of_day(*parse_moment("2026-12-05T18:30")), 18.5, 1e-9);
}

void TestOrders::nights_and_days() {
    const Presence p{20, 22, 7}; // begins at eight in the evening
    COMPARE_NEAR(next_awake_h(p, 0), 0, 1e-9);
    COMPARE_NEAR(next_awake_h(p, 1.99), 1.99, 1e-9);
    COMPARE_NEAR(next_awake_h(p, 2.5), 11, 1e-9); // half past ten: until seven
    COMPARE_NEAR(next_awake_h(p, 26), 35, 1e-9);  // ten, a day later
    QVERIFY(!runs_at_night(p, 0, 2));
    QVERIFY(runs_at_night(p, 0, 2.1));
    QVERIFY(!runs_at_night(p, 11, 26));
    QVERIFY(!runs_at_night({8, 5, 5}, 0, 100)); // no night
    // By day only: five hours do not fit before ten, so tomorrow.
    ScheduleTask task;
    task.presence = p;
    task.places = {4};
    task.plates = {{{5}, {1}, {0}, {}, true}};
    Schedule s = make_schedule(task);
    COMPARE_NEAR(s.plates[0].start_h, 11, 1e-9);
    QVERIFY(!s.plates[0].night);
    // From plate to plate somebody takes off what is done, cools and cleans: half an hour, and none at the
    // end.
    ScheduleTask two;
    two.presence = p;
    two.places = {4};
    two.between_h = 0.5;
    two.plates = {{{1}, {1}, {0}, {}, false}, {{2}, {1}, {0}, {}, false}};
    s = make_schedule(two);
    COMPARE_NEAR(s.plates[1].start_h, s.plates[0].end_h + 0.5, 1e-9);
    COMPARE_NEAR(s.finish_h, 3.5, 1e-9);
    // What is done at night is taken off in the morning.
    two.plates = {{{4}, {1}, {0}, {}, false}, {{2}, {1}, {0}, {{3, 1}}, false}};
    s = make_schedule(two);
    QCOMPARE(s.plates[0].plate, 1); // what is due first
    // Sixteen hours never fit between seven and ten: said, not hidden.
    task.plates[0].hours = {16};
    s = make_schedule(task);
    QCOMPARE(s.nights_broken, 1);
    QVERIFY(s.plates[0].night);
}

// Plates are the jobs, filaments the tools of Tang & Denardo 1988: for a fixed order keeping what is needed
// soonest is best, and over all orders so is the least.
void TestOrders::fewest_loads_by_brute_force() {
    std::mt19937 random(7);
    for (int round = 0; round < 40; ++round) {
        const int places = 2 + static_cast<int>(random() % 3), plates = 3 + static_cast<int>(random() % 3);
        ScheduleTask task;
        task.presence = {8, 0, 0};
        task.places = {places};
        task.load_worth = 1;
        for (int i = 0; i < plates; ++i) {
            std::set<int> needs;
            while (static_cast<int>(needs.size()) <
                   1 + static_cast<int>(random() % static_cast<unsigned>(places)))
                needs.insert(static_cast<int>(random() % 6));
            task.plates.push_back({{1}, {0}, {needs.begin(), needs.end()}, {}, false});
        }
        std::vector<int> order(static_cast<std::size_t>(plates));
        std::iota(order.begin(), order.end(), 0);
        int least = 1000;
        do { // every choice of what makes room, too
            std::function<void(std::size_t, std::set<int>, int)> go = [&](std::size_t k, std::set<int> holds,
                                                                          int loads) {
                if (k == order.size()) {
                    least = std::min(least, loads);
                    return;
                }
                const auto& needs = task.plates[static_cast<std::size_t>(order[k])].filaments;
                for (const int f : needs)
                    loads += holds.insert(f).second;
                std::vector<int> out;
                for (const int f : holds)
                    if (!std::binary_search(needs.begin(), needs.end(), f))
                        out.push_back(f);
                const int too_many = static_cast<int>(holds.size()) - places;
                if (too_many <= 0)
                    return go(k + 1, holds, loads);
                for (unsigned set = 0; set < 1u << out.size(); ++set)
                    if (std::popcount(set) == too_many) {
                        std::set<int> kept = holds;
                        for (std::size_t i = 0; i < out.size(); ++i)
                            if (set >> i & 1)
                                kept.erase(out[i]);
                        go(k + 1, kept, loads);
                    }
            };
            go(0, {}, 0);
        } while (std::next_permutation(order.begin(), order.end()));
        QCOMPARE(make_schedule(task).loads, least);
    }
}

void TestOrders::due_comes_first() {
    ScheduleTask task;
    task.presence = {8, 0, 0};
    task.places = {4};
    for (int i = 0; i < 9; ++i)
        task.plates.push_back({{2}, {1}, {i % 3}, {}, false});
    task.plates[7].due = {{2.0, 3}};
    task.plates[2].due = {{4.0, 1}};
    const Schedule s = make_schedule(task);
    QCOMPARE(s.plates[0].plate, 7);
    QCOMPARE(s.plates[1].plate, 2);
    QCOMPARE(s.late, 0);
    task.plates[4].due = {{3.0, 5}}; // three plates by then cannot be
    const Schedule late = make_schedule(task);
    QVERIFY(late.late > 0);
    QVERIFY(late.late_h > 0);
}

void TestOrders::pieces_of_several_projects() {
    // The same filaments under other letters, names that collide.
    Project a = *tag("tag", 30, 20, 'A', 'B'), b = *tag("tag", 40, 20, 'A', 'C');
    b.filaments = {pla('A', "#f2f2ea"), pla('C', "#141414")}; // what a calls B and A
    b.pieces[0].bands.push_back({"tag-plate", 0, 0.5, 'C'});
    const std::vector<Share> shares{{&a, 3}, {&b, 2}};
    const auto p = on_one_plate(shares, a.machine);
    QVERIFY(p);
    QCOMPARE(p->pieces.size(), std::size_t{2});
    QVERIFY(p->pieces[0].name != p->pieces[1].name);
    QCOMPARE(p->pieces[0].count, 3);
    QCOMPARE(p->filaments.size(), a.filaments.size()); // nothing new came in
    QCOMPARE(p->pieces[1].parts[0].filament, 'B');
    QCOMPARE(p->pieces[1].parts[1].filament, 'A');
    QCOMPARE(p->pieces[1].bands[0].filament, 'A');
    QCOMPARE(p->pieces[1].bands[0].part, p->pieces[1].parts[0].name);
    // It weighs what they weigh, and is read back.
    const auto plan = plan_of(*p);
    QVERIFY(plan);
    COMPARE_NEAR(plan->totals.model_g, 3 * plan_of(a)->totals.model_g + 2 * plan_of(b)->totals.model_g, 1e-3);
    Project named = b;
    for (int i = 0; i < 23; ++i) // 2 + 23 of its own, 4 of a of which 2 are alike: 27
        named.filaments.push_back(pla(free_letter(named), fmt::format("#{:02x}4080", 10 * i + 1).c_str()));
    const std::vector<Share> many{{&a, 1}, {&named, 1}};
    const auto too_many = on_one_plate(many, a.machine);
    QVERIFY(!too_many && english(too_many.error().message).find("letters") != std::string::npos);
}

void TestOrders::what_cannot_share() {
    const Project a = *tag("tag", 30, 20, 'A', 'B');
    Project b = a;
    QVERIFY(cannot_share(a, b).empty());
    b.settings.copies = 9; // the plate's business
    b.settings.start_hour = 3;
    QVERIFY(cannot_share(a, b).empty());
    b.settings.layer_mm = 0.1;
    QVERIFY(english(cannot_share(a, b)).find("Layer height") != std::string::npos);
    b = a;
    b.filaments[0].bed_c = {90, 110};
    QVERIFY(english(cannot_share(a, b)).find("beds") != std::string::npos);
    // In an order they are printed apart.
    auto thin = std::make_shared<Project>(a);
    thin->settings.layer_mm = 0.1;
    thin->name = "thin";
    const auto plan = plan_order(order_of({{std::make_shared<const Project>(a), 2}, {thin, 2}}));
    QVERIFY(plan);
    for (const OrderPlate& p : plan->plates)
        QVERIFY(p.counts[0] == 0 || p.counts[1] == 0);
}

void TestOrders::small_orders_by_brute_force_data() {
    QTest::addColumn<int>("aim");
    QTest::addColumn<int>("seed");
    for (const int aim : {0, 1, 2, 3})
        for (int seed = 1; seed <= 2; ++seed)
            QTest::addRow("%s %d", to_string(static_cast<OrderAim>(aim)), seed) << aim << seed;
}

// Every partition of the pieces into plates, each planned by itself.
void TestOrders::small_orders_by_brute_force() {
    QFETCH(int, aim);
    QFETCH(int, seed);
    std::mt19937 random(static_cast<unsigned>(100 * aim + seed));
    const char letters[] = "ABCD";
    std::vector<std::pair<std::shared_ptr<const Project>, int>> kinds;
    std::vector<int> pieces; // kind of each
    for (int k = 0; k < 3; ++k) {
        const char below = letters[random() % 4];
        char above = letters[random() % 4];
        const int count = 1 + static_cast<int>(random() % 2) + (k == 0);
        kinds.emplace_back(tag("kind" + std::to_string(k + 1), 60 + static_cast<double>(random() % 60),
                               50 + static_cast<double>(random() % 70), below, above),
                           count);
        pieces.insert(pieces.end(), static_cast<std::size_t>(count), k);
    }
    OrderTask task = order_of(kinds, static_cast<OrderAim>(aim));
    const auto found = plan_order(task);
    QVERIFY2(found, found ? "" : english(found.error().message).c_str());
    QVERIFY(found->proven);
    QCOMPARE(sums_of(*found, 3), (std::vector<int>{kinds[0].second, kinds[1].second, kinds[2].second}));

    struct Cost {
        double worth = 0;
        std::set<std::string> needs; // colours
    };
    std::map<std::vector<int>, std::optional<Cost>> known;
    const auto cost_of = [&](const std::vector<int>& counts) -> const std::optional<Cost>& {
        const auto at = known.find(counts);
        if (at != known.end())
            return at->second;
        std::vector<Share> shares;
        for (std::size_t k = 0; k < 3; ++k)
            if (counts[k])
                shares.push_back({kinds[k].first.get(), counts[k]});
        Project p = *on_one_plate(shares, task.machines[0]);
        p.settings.start_hour = task.start_hour;
        const auto plan = plan_of(p);
        if (!plan->plate.fits)
            return known[counts];
        Cost c;
        const Totals& t = plan->totals;
        c.worth = aim == 0   ? waste_g(t)
                  : aim == 1 ? t.total_s / 3600
                  : aim == 2 ? 1 + plan->attendance.trips
                             : price_of(task.settings, t, 0);
        for (std::size_t f = 0; f < p.filaments.size(); ++f)
            if (plan->use[f].total_g > 0)
                c.needs.insert(to_hex(p.filaments[f].colour));
        return known[counts] = c;
    };
    const Machine& m = task.machines[0];
    const double a_load = aim == 0   ? m.first_load_mm3 * 1.24e-3
                          : aim == 1 ? m.hand.time_s / 3600
                          : aim == 2 ? 0.1
                                     : m.hand.attended_s / 3600 * own_hour(task.settings);
    double least = 1e300;
    std::vector<std::vector<int>> plates;
    std::set<std::vector<std::vector<int>>> done;
    const auto weigh = [&] {
        std::vector<std::vector<int>> sorted = plates;
        std::sort(sorted.begin(), sorted.end());
        if (!done.insert(sorted).second)
            return;
        double sum = 0;
        for (const auto& plate : sorted) {
            if (!cost_of(plate))
                return;
            sum += cost_of(plate)->worth;
        }
        std::set<std::string> colours; // four slots hold them all: each is put in once
        for (const auto& plate : sorted)
            colours.insert(cost_of(plate)->needs.begin(), cost_of(plate)->needs.end());
        least = std::min(least, sum + a_load * static_cast<double>(colours.size()));
    };
    std::function<void(std::size_t)> place = [&](std::size_t i) {
        if (i == pieces.size())
            return weigh();
        for (std::size_t k = 0; k <= plates.size(); ++k) {
            if (k == plates.size())
                plates.push_back({0, 0, 0});
            ++plates[k][static_cast<std::size_t>(pieces[i])];
            place(i + 1);
            --plates[k][static_cast<std::size_t>(pieces[i])];
            if (plates[k] == std::vector<int>{0, 0, 0}) {
                plates.pop_back();
                break;
            }
        }
    };
    place(0);
    const double tolerance = 1e-6 + (aim == 0 ? 0 : 1e-9 * least);
    QVERIFY2(std::abs(found->totals.worth - least) < tolerance,
             qPrintable(QStringLiteral("found %1, brute force %2").arg(found->totals.worth).arg(least)));
}

void TestOrders::large_orders_are_never_worse() {
    std::mt19937 random(3);
    std::vector<std::pair<std::shared_ptr<const Project>, int>> kinds;
    for (int k = 0; k < 8; ++k) // half of them in two colours, half in two others
        kinds.emplace_back(tag("kind" + std::to_string(k + 1), 30 + static_cast<double>(random() % 50),
                               20 + static_cast<double>(random() % 40), k % 2 ? 'A' : 'C', k % 2 ? 'B' : 'D'),
                           3 + static_cast<int>(random() % 12));
    for (const OrderAim aim :
         {OrderAim::waste, OrderAim::hours, OrderAim::trips, OrderAim::money, OrderAim::earliest}) {
        OrderTask task = order_of(kinds, aim);
        task.plans = 80;
        const auto plan = plan_order(task);
        QVERIFY(plan);
        QVERIFY(plan->totals.worth <= plan->apart.worth + 1e-9);
        QVERIFY(plan->bound <= plan->totals.worth + 1e-9);
        QVERIFY(plan->bound > 0);
        if (aim == OrderAim::money) // the same task, the same plan
            QCOMPARE(plan_order(task)->totals.worth, plan->totals.worth);
        std::vector<int> wanted;
        for (const auto& [p, n] : kinds)
            wanted.push_back(n);
        QCOMPARE(sums_of(*plan, kinds.size()), wanted);
        OrderTotals sum;
        for (const OrderPlate& p : plan->plates) {
            QVERIFY(p.figures.fits);
            sum.waste_g += p.figures.waste_g;
            sum.total_s += p.figures.total_s;
        }
        COMPARE_NEAR(plan->totals.waste_g, sum.waste_g, 1e-9);
        // One machine: no two plates at once, none begun at night.
        for (std::size_t i = 1; i < plan->plates.size(); ++i)
            QVERIFY(plan->plates[i].when.start_h >= plan->plates[i - 1].when.end_h - 1e-9);
        for (const OrderPlate& p : plan->plates)
            COMPARE_NEAR(next_awake_h({task.start_hour, task.settings.night_from, task.settings.night_to},
                                      p.when.start_h),
                         p.when.start_h, 1e-9);
        if (aim == OrderAim::waste) // those that share colours share plates: that is what it is for
            QVERIFY2(plan->totals.waste_g < 0.8 * plan->apart.waste_g,
                     qPrintable(QStringLiteral("%1 of %2, bound %3")
                                    .arg(plan->totals.waste_g)
                                    .arg(plan->apart.waste_g)
                                    .arg(plan->bound)));
        QVERIFY(plan->singly.waste_g > plan->totals.waste_g);
    }
}

void TestOrders::cut_by_outlines_data() {
    QTest::addColumn<Paths>("outline");
    const auto mm = [](std::initializer_list<std::array<double, 2>> corners) {
        Path ring;
        for (const auto& [x, y] : corners)
            ring.emplace_back(std::llround(x * kUnitsPerMm), std::llround(y * kUnitsPerMm));
        return Paths{ring};
    };
    QTest::newRow("discs") << solids::circle(0, 0, 50);
    QTest::newRow("triangles") << mm({{0, 0}, {130, 0}, {0, 130}});
    QTest::newRow("L") << mm({{0, 0}, {120, 0}, {120, 30}, {30, 30}, {30, 120}, {0, 120}});
}

// As many on a plate as filling a plate of one kind says, which arranges by outlines.
void TestOrders::cut_by_outlines() {
    QFETCH(Paths, outline);
    Project p = stack("", 1, "feeder-4");
    p.name = p.pieces[0].name = "disc";
    Builder plate, mark;
    add_prism(plate, outline, 0, 1);
    add_prism(mark, offset(outline, -4), 1, 1.6);
    p.pieces[0].parts = {part("plate", plate.build(), 'A'), part("mark", mark.build(), 'B')};
    const auto kind = std::make_shared<const Project>(carried(std::move(p)));
    const auto most = most_copies(*kind, *plan_of(*kind));
    QVERIFY(most && *most > 0);
    constexpr int kPieces = 9;
    const auto plan = plan_order(order_of({{kind, kPieces}}));
    QVERIFY(plan);
    QCOMPARE(static_cast<int>(plan->plates.size()), (kPieces + *most - 1) / *most);
    for (const OrderPlate& x : plan->plates)
        QVERIFY(x.figures.fits);
    QCOMPARE(sums_of(*plan, 1), std::vector<int>{kPieces});
}

void TestOrders::what_stays_together() {
    // Apart they would be no worse: no colour in common.
    OrderTask task = order_of({{tag("one", 40, 30, 'A', 'A'), 12},
                               {tag("two", 40, 30, 'B', 'B'), 6},
                               {tag("three", 40, 30, 'C', 'C'), 6}},
                              OrderAim::waste);
    task.kinds[0].together = task.kinds[1].together = 1;
    const auto plan = plan_order(task);
    QVERIFY(plan);
    for (const OrderPlate& p : plan->plates)
        QCOMPARE(p.counts[0] > 0, p.counts[1] > 0);
    // What is small is looked at whole, and keeps it too.
    task.kinds[0].count = task.kinds[1].count = task.kinds[2].count = 2;
    const auto small = plan_order(task);
    QVERIFY(small && small->proven);
    for (const OrderPlate& p : small->plates)
        QCOMPARE(p.counts[0] > 0, p.counts[1] > 0);
}

void TestOrders::several_machines() {
    OrderTask task = order_of({{tag("one", 100, 90, 'A', 'B'), 8}, {tag("two", 110, 90, 'A', 'B'), 8}},
                              OrderAim::earliest);
    const auto alone = plan_order(task);
    task.machines.push_back(task.machines[0]);
    const auto both = plan_order(task);
    QVERIFY(alone && both);
    QVERIFY(both->totals.finish_h < 0.75 * alone->totals.finish_h);
    std::set<int> used;
    for (const OrderPlate& p : both->plates)
        used.insert(p.when.machine);
    QCOMPARE(used.size(), std::size_t{2});
    // One that is too small for the piece is left out.
    task.machines[1].bed_x_mm = task.machines[1].bed_y_mm = 60;
    const auto one = plan_order(task);
    QVERIFY(one);
    for (const OrderPlate& p : one->plates)
        QCOMPARE(p.when.machine, 0);
    task.machines.erase(task.machines.begin());
    const auto none = plan_order(task);
    QVERIFY(!none && english(none.error().message).find("cannot be printed") != std::string::npos);
}

void TestOrders::plates_become_projects() {
    const OrderTask task = order_of({{tag("one", 60, 50, 'A', 'B'), 7}, {tag("two", 40, 30, 'B', 'A'), 9}});
    const auto plan = plan_order(task);
    QVERIFY(plan);
    for (std::size_t i = 0; i < plan->plates.size(); ++i) {
        const auto p = project_of(task, *plan, i);
        QVERIFY(p);
        const auto planned = plan_of(*p);
        QVERIFY(planned && planned->plate.fits);
        QCOMPARE(planned->totals.changes, plan->plates[i].figures.changes);
        COMPARE_NEAR(waste_g(planned->totals), plan->plates[i].figures.waste_g, 1e-6);
        QVERIFY(
            std::abs(std::remainder(p->settings.start_hour - task.start_hour - plan->plates[i].when.start_h,
                                    24)) <= 1.0 / 120 + 1e-9);
        QCOMPARE(p->in_machine.size(), plan->plates[i].when.stays.size());
        const auto back = read_archive(*write_archive(*p));
        QVERIFY2(back, back ? "" : english(back.error().message).c_str());
        QCOMPARE(back->pieces.size(), p->pieces.size());
    }
}

void TestOrders::spools_run_short() {
    auto p = std::make_shared<Project>(*tag("one", 60, 50, 'A', 'B'));
    p->filaments[0].spools = {{"A-1", 5}, {"A-2", 3}};
    p->filaments[1].spools = {{"B-1", 900}};
    const auto plan = plan_order(order_of({{p, 12}}));
    QVERIFY(plan);
    QCOMPARE(plan->needs[0].left_g, 8.0);
    QVERIFY(plan->needs[0].short_of());
    QVERIFY(!plan->needs[1].short_of());
    double all = 0;
    for (const SpoolNeed& n : plan->needs)
        all += n.g;
    COMPARE_NEAR(all, plan->totals.model_g + plan->totals.waste_g, 1e-6);
}

void TestOrders::orders_that_make_no_sense() {
    Project p = *tag("one", 60, 50, 'A', 'B');
    const OrderSources sources{[](const std::string&) -> Result<std::shared_ptr<const Project>> {
                                   return Error{say("is not there")};
                               },
                               [](const std::string&) -> std::optional<Machine> { return {}; }};
    const auto error = [&] {
        const auto task = order_task(p, sources);
        if (!task)
            return english(task.error().message);
        const auto plan = plan_order(*task);
        return plan ? std::string() : english(plan.error().message);
    };
    QVERIFY(error().find("empty") != std::string::npos);
    p.order.items = {OrderItem{"one", "", 2, "", false, 0, 0, false}};
    QVERIFY(error().empty());
    p.order.items[0].piece = "two";
    QVERIFY(error().find("does not have") != std::string::npos);
    p.order.items[0] = {"", "gone.vitrail", 2, "", false, 0, 0, false};
    QVERIFY(error().find("gone.vitrail") != std::string::npos);
    p.order.items[0] = {"one", "", 2, "2026-12-05T10:00", false, 0, 0, false};
    QVERIFY(error().find("when the first plate can start") != std::string::npos);
    p.order.start = "2026-12-06T10:00";
    QVERIFY(error().find("before the first plate") != std::string::npos);
    p.order.start = "2026-12-04T10:00";
    QVERIFY(error().empty());
    p.order.machines = {"nobody's"};
    QVERIFY(error().find("not known") != std::string::npos);
    p.order.machines.clear();
    p.pieces[0].parts[0] = part("one-plate", box(0, 0, 0, 500, 50, 1), 'A');
    QVERIFY(error().find("cannot be printed") != std::string::npos);
}

void TestOrders::stopped() {
    std::stop_source stop;
    stop.request_stop();
    const OrderTask task = order_of({{tag("one", 60, 50, 'A', 'B'), 20}});
    QVERIFY(!plan_order(task, {stop.get_token(), {}}));
    const Project p = *task.kinds[0].project;
    QVERIFY(!copies_curve(p, *plan_of(p), 1, 5, {stop.get_token(), {}}));
}

void TestOrders::the_sheet_tells_when() {
    OrderTask task = order_of({{tag("one", 60, 50, 'A', 'B'), 20}, {tag("<b>two</b>", 60, 50, 'A', 'B'), 2}});
    task.start_min = parse_moment("2026-12-03T08:00");
    task.kinds[0].due_h = 50;
    const auto plan = plan_order(task);
    QVERIFY(plan);
    const Page page = order_page(say("Order"), task, *plan);
    std::string all;
    for (const PageBlock& b : page.blocks) {
        all += english(b.text) + "\n";
        for (const Message& m : b.items)
            all += english(m) + "\n";
        for (const auto& row : b.rows)
            for (const PageCell& c : row)
                all += english(c.text) + "\n";
    }
    for (const char* part : {"2026-12-03 08:00", "by 2026-12-05 10:00", "each kind by itself",
                             "one piece at a time", "not known"})
        QVERIFY2(all.find(part) != std::string::npos, (std::string(part) + " in " + all).c_str());
    task.start_min.reset();
    QCOMPARE(english(clock_text(task, 0)), std::string("day 1, 08:00"));
    QCOMPARE(english(clock_text(task, 17.5)), std::string("day 2, 01:30"));
}

VITRAIL_TEST(TestOrders)
#include "test_orders.moc"
