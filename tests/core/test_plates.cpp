#include "core/plan/planner.h"
#include "core/project/regions.h"
#include "core/purge/arrange.h"
#include "core/run_sheet/run_sheet.h"
#include "core/study/poses.h"

#include "support.h"

using namespace vitrail;
using namespace vitrail::test;
using namespace vitrail::solids;

/// Several pieces on one plate.
class TestPlates : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void layers_are_the_union();
    void as_one_piece_of_far_parts();
    void a_change_of_one_works_no_other_out();
    void shares_add_up();
    void purge_of_one_goes_into_another();
    void different_pieces_stand_apart();
    void more_by_outline_than_in_rows();
    void half_an_arrangement_is_not_remembered();
    void pinned_stays();
    void pinned_where_it_cannot_stand();
    void too_many_are_refused();
    void names_stay_in_step();
    void findings_say_whose();
    void supports_of_each();
    void turned_outlines();
    void sheet_tells_where();
    void tangents_hold_the_outline();
    void rectangles_with_a_known_optimum();
    void what_lasts_stands_close();
};

namespace {

Piece piece(const char* name, std::vector<Part> parts, int count = 1) {
    Piece p;
    p.name = name;
    p.parts = std::move(parts);
    p.count = count;
    return p;
}

Project plate(std::vector<Piece> pieces, const char* machine = "feeder-4") {
    Project p = stack("", 1, machine);
    p.name = "plate";
    p.pieces = std::move(pieces);
    return p;
}

/// A tall one in two bands, and two flat ones.
Project three() {
    Piece tall = piece("tall", {part("tower", solids::box(0, 0, 0, 20, 20, 12), 'A')});
    tall.bands.push_back({"tower", 6, 12, 'B'});
    return plate({tall,
                  piece("tag",
                        {part("tag", solids::box(0, 0, 0, 30, 10, 2), 'A'),
                         part("letters", solids::box(5, 2, 2, 20, 8, 3), 'C')},
                        3),
                  piece("disc", {part("disc", solids::box(-8, -8, 1, 8, 8, 5), 'B')}, 2)});
}

/// Distance of two convex outlines that do not meet, by their corners and edges.
double distance(const Outline& a, const Outline& b) {
    const auto to_edges = [](const Outline& from, const Outline& to) {
        double least = 1e300;
        for (const auto& [px, py] : from)
            for (std::size_t i = 0; i < to.size(); ++i) {
                const auto [x0, y0] = to[i];
                const auto [x1, y1] = to[(i + 1) % to.size()];
                const double ex = x1 - x0, ey = y1 - y0,
                             along = std::clamp(((px - x0) * ex + (py - y0) * ey) / (ex * ex + ey * ey), 0.0,
                                                1.0);
                least = std::min(least, std::hypot(px - x0 - along * ex, py - y0 - along * ey));
            }
        return least;
    };
    return std::min(to_edges(a, b), to_edges(b, a));
}

/// Everything of a plate that must not meet.
std::vector<Outline> outlines_of(const Plate& plate) {
    std::vector<Outline> all;
    for (const Placed& x : plate.placed)
        all.push_back(x.outline);
    for (const Footprint& t : plate.towers)
        all.push_back({{t.x_mm - t.w_mm / 2, t.y_mm - t.d_mm / 2},
                       {t.x_mm + t.w_mm / 2, t.y_mm - t.d_mm / 2},
                       {t.x_mm + t.w_mm / 2, t.y_mm + t.d_mm / 2},
                       {t.x_mm - t.w_mm / 2, t.y_mm + t.d_mm / 2}});
    return all;
}

void check_apart(const Project& p, const Plate& plate) {
    const std::vector<Outline> all = outlines_of(plate);
    for (std::size_t i = 0; i < all.size(); ++i) {
        for (const auto& [x, y] : all[i])
            QVERIFY(x >= -0.01 && y >= -0.01 && x <= p.machine.bed_x_mm + 0.01 &&
                    y <= p.machine.bed_y_mm + 0.01);
        for (std::size_t j = 0; j < i; ++j) {
            QVERIFY(!overlap(all[i], all[j]));
            QVERIFY2(
                distance(all[i], all[j]) >= p.settings.spacing_mm - 0.05,
                qPrintable(QStringLiteral("%1 and %2: %3 mm").arg(i).arg(j).arg(distance(all[i], all[j]))));
        }
    }
}

} // namespace

void TestPlates::layers_are_the_union() {
    const Project p = three();
    const auto plan = plan_of(p);
    QVERIFY(plan);
    QCOMPARE(plan->grid.count, 60); // of the tallest
    QCOMPARE(plan->pieces[1].layers(), 15);
    QCOMPARE(plan->pieces[2].layers(),
             20); // each stands on the bed by itself: this one's file begins at 1 mm
    // What a layer prints of each filament is what the pieces take, so many of each.
    for (int l = 1; l <= plan->grid.count; ++l)
        for (int f = 0; f < plan->filaments; ++f) {
            double sum = 0;
            for (std::size_t k = 0; k < p.pieces.size(); ++k)
                for (std::size_t i = 0; i < p.pieces[k].parts.size() && l <= plan->pieces[k].layers(); ++i)
                    if (plan->pieces[k].owner[i][static_cast<std::size_t>(l) - 1] == f)
                        sum += plan->pieces[k].demand->parts[i][static_cast<std::size_t>(l) - 1].total() *
                               p.pieces[k].count;
            COMPARE_NEAR(plan->model_in(l, f), sum, 1e-9);
        }
    // Layer 12 (2.2 to 2.4 mm): tower A, letters C, disc B. Layer 25: the tower alone. Layer 40: its band.
    const auto letters = [&](int l) {
        std::set<int> s(plan->sequence.layer(static_cast<std::size_t>(l) - 1).begin(),
                        plan->sequence.layer(static_cast<std::size_t>(l) - 1).end());
        return s;
    };
    QCOMPARE(letters(12), (std::set<int>{0, 1, 2}));
    QCOMPARE(letters(25), (std::set<int>{0}));
    QCOMPARE(letters(40), (std::set<int>{1}));
}

/// The same things as parts of one piece, too far apart to touch: sliced in one table instead of three.
void TestPlates::as_one_piece_of_far_parts() {
    const Project p = three();
    Project one = plate({piece("all", {})});
    double x = 0;
    int n = 0;
    for (const Piece& from : p.pieces)
        for (int k = 0; k < from.count; ++k) {
            const double bed = bounds(from).min.z;
            for (const Part& each : from.parts) {
                Part moved = each;
                moved.name = "p" + std::to_string(++n);
                move_part(moved, x, 0, -bed);
                one.pieces[0].parts.push_back(moved);
                for (const Band& b : from.bands)
                    if (b.part == each.name)
                        one.pieces[0].bands.push_back({moved.name, b.z0_mm, b.z1_mm, b.filament});
            }
            x += 60;
        }
    const auto a = plan_of(p), b = plan_of(one);
    QCOMPARE(a->totals.changes, b->totals.changes);
    COMPARE_NEAR(a->totals.purge_mm3, b->totals.purge_mm3, 1e-6);
    COMPARE_NEAR(a->totals.model_g, b->totals.model_g, 1e-6);
    COMPARE_NEAR(a->totals.tower_g, b->totals.tower_g, 1e-6);
    COMPARE_NEAR(a->totals.total_s, b->totals.total_s,
                 0.01 * b->totals.total_s); // the way from piece to piece is a guess
    COMPARE_NEAR(a->totals.cost, b->totals.cost, 1e-6);
    QVERIFY(a->bound.changes == b->bound.changes);
}

void TestPlates::a_change_of_one_works_no_other_out() {
    Project p = three();
    Planner planner;
    QVERIFY(planner.plan(p, {}, Scope::findings));
    QCOMPARE(planner.sliced(), 3);
    QCOMPARE(planner.measured(), 3);
    const int arranged = planner.arranged(); // by the best order and by letter, as their towers differ
    QVERIFY(planner.plan(p, {}, Scope::findings));
    QCOMPARE(planner.arranged(), arranged);
    p.pieces[1].parts[1].filament = 'D'; // a colour
    p.pieces[1].count = 4;               // a count
    QVERIFY(planner.plan(p, {}, Scope::findings));
    QCOMPARE(planner.sliced(), 3);
    move_part(p.pieces[2].parts[0], 0, 0, 3); // a shape
    QVERIFY(planner.plan(p, {}, Scope::findings));
    QCOMPARE(planner.sliced(), 4);
    QCOMPARE(planner.measured(), 4);
    std::rotate(p.pieces.begin(), p.pieces.begin() + 1, p.pieces.end()); // another order
    QVERIFY(planner.plan(p, {}, Scope::findings));
    QCOMPARE(planner.sliced(), 4);
    // And a planner that is told what is known slices nothing.
    const auto plan = planner.plan(p, {}, Scope::findings);
    Planner other(p, **plan);
    p.settings.delta_e = 1;
    QVERIFY(other.plan(p, {}, Scope::findings));
    QCOMPARE(other.sliced(), 0);
}

void TestPlates::shares_add_up() {
    Project p = three();
    p.settings.copies = 2; // two of everything
    const auto plan = plan_of(p);
    double g = 0, s = 0, cost = 0;
    for (std::size_t k = 0; k < p.pieces.size(); ++k) {
        const PieceShare& share = plan->piece_shares[k];
        QCOMPARE(share.count, 2 * p.pieces[k].count);
        g += share.model_g * share.count;
        s += share.total_s * share.count;
        cost += share.cost * share.count;
        // One of it by itself weighs the same.
        Project alone = plate({p.pieces[k]});
        alone.pieces[0].count = 1;
        COMPARE_NEAR(share.model_g, plan_of(alone)->totals.model_g, 1e-9);
    }
    COMPARE_NEAR(g, plan->totals.model_g, 1e-9);
    COMPARE_NEAR(s, plan->totals.total_s, 1e-6);
    COMPARE_NEAR(cost, plan->totals.cost, 1e-9);
    QCOMPARE(plan->plate.placed.size(), std::size_t{12});
}

void TestPlates::purge_of_one_goes_into_another() {
    Project p = plate({piece("banded", {part("a", solids::box(0, 0, 0, 10, 10, 4), 'A'),
                                        part("b", solids::box(10, 0, 0, 20, 10, 4), 'B')}),
                       piece("spare", {part("spare", solids::box(0, 0, 0, 40, 40, 4), 'C')})});
    p.pieces[1].parts[0].takes_purge = true;
    const auto plan = plan_of(p);
    QVERIFY(plan->totals.useful_purge_g > 0);
    for (const Change& c : plan->changes) {
        QCOMPARE(c.flows.front().where, Destination::piece);
        QCOMPARE(c.flows.front().piece, 1);
    }
    // Where the first piece has ended, the spare one is printed in its own.
    p.pieces[1].parts[0].mesh = std::make_shared<Mesh>(solids::box(0, 0, 0, 40, 40, 6));
    const auto taller = plan_of(p);
    QCOMPARE(taller->free_mm3[24], 0.0);
    QVERIFY(taller->model_in(25, 2) > 0);
}

void TestPlates::different_pieces_stand_apart() {
    std::mt19937 rng(11);
    for (int round = 0; round < 8; ++round) {
        std::vector<Piece> pieces;
        for (int k = 0; k < 4; ++k) {
            const double w = 8 + rng() % 40, d = 8 + rng() % 30;
            Builder b;
            if (k % 2)
                add_prism(b, circle(3.0 * k, -7, w / 2, 48), 0, 3);
            else
                add_prism(b, polygon({{0, 0}, {w, 0}, {w * 0.3, d}}), 0, 3);
            pieces.push_back(piece(("p" + std::to_string(k)).c_str(),
                                   {part(("part" + std::to_string(k)).c_str(), b.build(), k % 2 ? 'A' : 'B')},
                                   1 + int(rng() % 4)));
        }
        Project p = plate(std::move(pieces));
        p.settings.spacing_mm = 2 + double(rng() % 4);
        p.settings.arrange_turns = round % 2 ? Turns::quarter : Turns::none;
        const auto plan = plan_of(p);
        QVERIFY(plan->plate.fits);
        QCOMPARE(static_cast<int>(plan->plate.placed.size()), count_of_all(p));
        QVERIFY(!plan->plate.towers.empty()); // its place was kept
        check_apart(p, plan->plate);
        for (const Placed& x : plan->plate.placed) {
            QVERIFY(round % 2 || x.turn_deg == 0);
            QVERIFY(std::abs(std::remainder(x.turn_deg, 90)) < 1e-6);
        }
        // The same again stands where it stood.
        const auto again = plan_of(p);
        for (std::size_t i = 0; i < plan->plate.placed.size(); ++i)
            QVERIFY(plan->plate.placed[i].outline == again->plate.placed[i].outline);
    }
}

void TestPlates::more_by_outline_than_in_rows() {
    Builder b; // half of its box is empty, so that two share one
    add_prism(b, polygon({{0, 0}, {44, 0}, {0, 44}}), 0, 2);
    Project p = plate({piece("gusset", {part("gusset", b.build(), 'A')})});
    p.machine.bed_x_mm = p.machine.bed_y_mm = 110;
    p.settings.spacing_mm = 2;
    p.settings.copies = 4;
    QCOMPARE(plan_of(p)->plate.across, 2); // in rows as long as there is room
    p.settings.copies = 6;
    const auto plan = plan_of(p);
    QVERIFY(plan->plate.fits);
    QCOMPARE(plan->plate.across, 0);
    QCOMPARE(plan->plate.placed.size(), std::size_t{6});
    check_apart(p, plan->plate);
    p.settings.copies = 60; // more than any way has room for: said, and how many there is room for
    const auto many = plan_of(p);
    QVERIFY(!many->plate.fits);
    QVERIFY(many->plate.room_for >= 4 && many->plate.room_for < 60);
    QVERIFY(english(finding(*many, "off-bed").message).find(std::to_string(many->plate.room_for) + " do") !=
            std::string::npos);
}

void TestPlates::half_an_arrangement_is_not_remembered() {
    const Project p = three();
    const auto plan = plan_of(p);
    std::stop_source stop;
    stop.request_stop();
    PlateStage stage;
    QVERIFY(!stage.lay_out(p, *plan, plan->tower, stop.get_token()).fits);
    const Plate plate = stage.lay_out(p, *plan, plan->tower);
    QVERIFY(plate.fits);
    QCOMPARE(static_cast<int>(plate.placed.size()), count_of_all(p));
}

void TestPlates::pinned_stays() {
    Project p = three();
    pin(p, {"tag", 2, 200, 220, 30});
    pin(p, {"tall", 1, 40, 60, 0});
    const auto plan = plan_of(p);
    QVERIFY(plan->plate.fits);
    check_apart(p, plan->plate);
    int seen = 0;
    for (const Placed& x : plan->plate.placed)
        if (x.pinned) {
            ++seen;
            const bool tag = x.piece == 1;
            QCOMPARE(x.nth, tag ? 2 : 1);
            COMPARE_NEAR(x.x_mm, tag ? 200 : 40, 1e-6);
            COMPARE_NEAR(x.y_mm, tag ? 220 : 60, 1e-6);
            QCOMPARE(x.turn_deg, tag ? 30.0 : 0.0);
        }
    QCOMPARE(seen, 2);
    // What is planned does not depend on where it stands.
    Project free = three();
    QCOMPARE(plan_of(free)->totals.changes, plan->totals.changes);
    COMPARE_NEAR(plan_of(free)->totals.model_g, plan->totals.model_g, 1e-9);
    unpin(p, "tag", 2);
    QCOMPARE(p.pinned.size(), std::size_t{1});
}

void TestPlates::pinned_where_it_cannot_stand() {
    Project p = three();
    pin(p, {"tall", 1, 3, 100, 0});
    auto plan = plan_of(p);
    QVERIFY(has(*plan, "off-bed"));
    Project fixed = p;
    finding(*plan, "off-bed").fixes.front().apply(fixed);
    QVERIFY(fixed.pinned.empty() && !has(*plan_of(fixed), "off-bed"));
    p.pinned.clear();
    pin(p, {"tag", 1, 100, 100, 0});
    pin(p, {"disc", 2, 105, 100, 0});
    plan = plan_of(p);
    const Finding& f = finding(*plan, "pieces-collide");
    QVERIFY2(english(f.message).find("tag") != std::string::npos &&
                 english(f.message).find("disc") != std::string::npos,
             english(f.message).c_str());
    QCOMPARE(std::count_if(plan->findings.begin(), plan->findings.end(),
                           [](const Finding& x) { return x.code == "pieces-collide"; }),
             std::ptrdiff_t{1}); // once, not for each of the two
    fixed = p;
    f.fixes.front().apply(fixed);
    QVERIFY(!has(*plan_of(fixed), "pieces-collide"));
    // Pinned for a piece or a number that is not there: nothing.
    pin(p, {"gone", 1, 0, 0, 0});
    p.pinned = {{"tag", 99, 5, 5, 0}};
    QVERIFY(plan_of(p)->plate.fits);
}

void TestPlates::too_many_are_refused() {
    Project p = three();
    p.pieces[0].count = kMostPlaced;
    Planner planner;
    auto plan = planner.plan(p);
    QVERIFY(!plan && english(plan.error().message).find("pieces") != std::string::npos);
    p.settings.copies = 10000;
    QVERIFY(!planner.plan(p)); // 10,000 × 10,000 does not overflow
    p = three();
    p.pieces[1].parts.clear();
    plan = planner.plan(p);
    QVERIFY(!plan && english(plan.error().message).find("tag") != std::string::npos);
}

void TestPlates::names_stay_in_step() {
    Project p = three();
    pin(p, {"tag", 1, 50, 50, 90});
    rename_piece(p, 1, "label");
    QCOMPARE(p.pieces[1].name, std::string("label"));
    QCOMPARE(p.pinned[0].piece, std::string("label"));
    rename_piece(p, 1, "tall"); // taken
    QCOMPARE(p.pieces[1].name, std::string("tall-2"));
    rename_piece(p, 1, "");
    QCOMPARE(p.pieces[1].name, std::string("tall-2"));
    remove_piece(p, 1);
    QVERIFY(p.pinned.empty());
    QCOMPARE(p.pieces.size(), std::size_t{2});
    remove_piece(p, 0);
    remove_piece(p, 0);
    QCOMPARE(p.pieces.size(), std::size_t{1}); // never none
    QVERIFY(!has_parts(p));
    // Part names are unique through all pieces, so that bands and fixes find theirs.
    Project q = three();
    QCOMPARE(free_part_name(q, "letters"), std::string("letters-2"));
    QVERIFY((find_part(q, "letters") == PartAt{1, 1}));
}

void TestPlates::findings_say_whose() {
    Project p = three();
    p.pieces[1].parts[1].filament = 0;
    p.pieces[2].bands.push_back({"disc", 1.13, 2, 'A'});
    const auto plan = plan_of(p);
    const Finding& f = finding(*plan, "unassigned");
    QCOMPARE(f.piece, 1);
    QCOMPARE(f.parts, std::vector<int>{1});
    QVERIFY(english(f.where).find("tag") != std::string::npos);
    Project q = p;
    f.fixes[0].apply(q);
    QCOMPARE(q.pieces[1].parts[1].filament, 'A');
    q = p;
    finding(*plan, "band-rounded").fixes[0].apply(q);
    QVERIFY(std::abs(q.pieces[2].bands[0].z0_mm - 1.2) < 1e-9 ||
            std::abs(q.pieces[2].bands[0].z0_mm - 1.0) < 1e-9);
    QCOMPARE(q.pieces[0].bands.size(), std::size_t{1});
    // Two pieces that stand in the same place in their files do not overlap: each is by itself.
    QVERIFY(!has(*plan, "overlap") && !has(*plan, "gap"));
}

void TestPlates::supports_of_each() {
    const std::vector<Part> table{part("leg", solids::box(0, 0, 0, 10, 20, 10), 'A'),
                                  part("top", solids::box(0, 0, 10, 30, 20, 12), 'A')};
    Project p = plate(
        {piece("table", table, 2), piece("block", {part("block", solids::box(0, 0, 0, 10, 10, 20), 'B')})});
    p.settings.support = SupportStyle::columns;
    Project alone = plate({piece("table", table)});
    alone.settings = p.settings;
    const auto both = plan_of(p), one = plan_of(alone);
    QVERIFY(both->pieces[0].support->layout->contact_mm2 > 300);
    COMPARE_NEAR(both->pieces[1].support->layout->contact_mm2, 0, 1e-9);
    COMPARE_NEAR(both->totals.support_g, 2 * one->totals.support_g, 1e-9);
    COMPARE_NEAR(both->cleanup.contact_mm2(), 2 * one->cleanup.contact_mm2(), 1e-6);
    // Its support is printed in its own filament, not in the block's.
    for (const std::uint8_t f : both->pieces[0].support_by)
        QCOMPARE(int(f), 0);
    // Poses are of one of the pieces.
    const PoseCost turned = study_pose(p, 0, poses_of(p.pieces[0])[1]);
    QCOMPARE(turned.piece, std::string("table"));
    QVERIFY(turned.overhang_mm2 < 0.5 * study_pose(p, 0, poses_of(p.pieces[0])[0]).overhang_mm2);
}

void TestPlates::turned_outlines() {
    const Project p = plate({piece("bar", {part("bar", solids::box(5, 5, 0, 45, 15, 2), 'A')})});
    const auto plan = plan_of(p);
    const LayerTable& t = *plan->pieces[0].table;
    const Placed quarter = place_at(t, 0, 1, 100, 80, 90);
    COMPARE_NEAR(quarter.w_mm, 10, 0.01);
    COMPARE_NEAR(quarter.d_mm, 40, 0.01);
    COMPARE_NEAR(quarter.x_mm, 100, 1e-6);
    // Turned by 45° a bar of 40 × 10 is (40 + 10) / √2 wide and deep.
    const Placed diagonal = place_at(t, 0, 1, 100, 80, 45);
    COMPARE_NEAR(diagonal.w_mm, 50 / std::sqrt(2.0), 0.01);
    COMPARE_NEAR(diagonal.d_mm, 50 / std::sqrt(2.0), 0.01);
}

void TestPlates::sheet_tells_where() {
    Project p = three();
    pin(p, {"tag", 2, 200, 220, 90});
    const RunSheet sheet = make_run_sheet(p, *plan_of(p));
    const auto says = [](const std::vector<Message>& lines, const std::string& text) {
        return std::any_of(lines.begin(), lines.end(),
                           [&](const Message& s) { return english(s).find(text) != std::string::npos; });
    };
    QVERIFY(says(sheet.settings, "1 × “tall”, 3 × “tag”, 2 × “disc”"));
    QVERIFY(says(sheet.preparation, "(200, 220) turned by 90°"));
    QVERIFY(says(sheet.preparation, "“disc” at "));
}

void TestPlates::tangents_hold_the_outline() {
    Outline round;
    for (int i = 0; i < 400; ++i)
        round.emplace_back(50 * std::cos(2 * 3.14159265358979 * i / 400),
                           20 * std::sin(2 * 3.14159265358979 * i / 400));
    const Outline few = simplified(round, 24);
    QVERIFY(few.size() <= 24 && few.size() >= 12);
    double inside = 0; // every corner of the fine one lies left of every edge of the coarse one
    for (std::size_t i = 0; i < few.size(); ++i) {
        const auto [x0, y0] = few[i];
        const auto [x1, y1] = few[(i + 1) % few.size()];
        for (const auto& [x, y] : round)
            inside = std::min(inside, (x1 - x0) * (y - y0) - (y1 - y0) * (x - x0));
    }
    QVERIFY(inside > -1e-6);
    QCOMPARE(simplified(few, 24).size(), few.size());
}

// Hopper & Turton 2001, European Journal of Operational Research 128(1), 34-57: instance C1-P1, 16 rectangles
// that fill a strip 20 wide to the height 20. The sizes are from memory; that they add up to 400 speaks for
// them.
void TestPlates::rectangles_with_a_known_optimum() {
    constexpr std::pair<double, double> kSizes[] = {{2, 12}, {7, 12}, {8, 6}, {3, 6}, {3, 5}, {5, 5},
                                                    {3, 12}, {3, 7},  {5, 7}, {2, 6}, {3, 2}, {4, 2},
                                                    {3, 4},  {4, 4},  {9, 2}, {11, 2}};
    ArrangeTask task;
    task.bed_x_mm = 20;
    task.turns = 4;
    double area = 0;
    for (const auto& [w, d] : kSizes) {
        area += w * d;
        task.items.push_back({{{-w / 2, -d / 2}, {w / 2, -d / 2}, {w / 2, d / 2}, {-w / 2, d / 2}}, 1, 0});
    }
    QCOMPARE(area, 400.0);
    const auto least = [&](Layout layout) {
        task.layout = layout;
        for (double height = 15; height < 60; height += 0.5) {
            task.bed_y_mm = height;
            if (arrange(task).fits)
                return height;
        }
        return 60.0;
    };
    // Nothing fits into less than the optimum; rows of boxes keep the bound of next-fit decreasing height,
    // 2·OPT + h_max (Coffman et al. 1980).
    const double boxes = least(Layout::boxes), outlines = least(Layout::outlines);
    QVERIFY2(boxes >= 20 && boxes <= 2 * 20 + 12, qPrintable(QString::number(boxes)));
    QVERIFY2(outlines >= 20 && outlines <= boxes, qPrintable(QString::number(outlines)));
}

void TestPlates::what_lasts_stands_close() {
    // A wide and a thin one last long, ten flat ones are soon finished: by size alone the thin one would come
    // last, at the edge.
    ArrangeTask task;
    task.bed_x_mm = task.bed_y_mm = 220;
    task.gap_mm = 3;
    const auto box = [](double w, double d) {
        return Outline{{-w / 2, -d / 2}, {w / 2, -d / 2}, {w / 2, d / 2}, {-w / 2, d / 2}};
    };
    task.items = {{box(40, 30), 10, 5}, {box(60, 60), 1, 400}, {box(9, 9), 1, 400}};
    const Arrangement made = arrange(task);
    QVERIFY(made.fits);
    ArrangeTask alike = task;
    for (ArrangeItem& item : alike.items)
        item.layers = 1;
    const double now = travel_mm(task, made), by_size = travel_mm(task, arrange(alike));
    QVERIFY2(now < 0.7 * by_size, qPrintable(QStringLiteral("%1, by size alone %2").arg(now).arg(by_size)));
    const Arranged &a = made.items[1][0], &b = made.items[2][0];
    QVERIFY(std::hypot(a.x_mm - b.x_mm, a.y_mm - b.y_mm) <
            60); // side by side: 30 + 4.5 and the gap, at most on the diagonal
    // The tree over two at a distance, in closed form: both last all their layers.
    Arrangement two;
    two.items = {std::vector<Arranged>(10), {{true, 0, 0, 0}}, {{true, 30, 40, 0}}};
    COMPARE_NEAR(travel_mm(task, two), 400 * 50.0, 1e-9);
    two.items[0][0] = {true, 0, 10, 0}; // and one that is soon finished: 10 to the nearest, in five layers
    COMPARE_NEAR(travel_mm(task, two), 5 * (10 + std::hypot(30, 30)) + 395 * 50.0, 1e-9);
}

VITRAIL_TEST(TestPlates)
#include "test_plates.moc"
