#include "core/support/access.h"
#include "core/support/bridging.h"
#include "core/support/solid.h"

#include "support.h"

#include <bit>
#include <numbers>
#include <set>

using namespace vitrail;
using namespace vitrail::test;

namespace {

std::shared_ptr<const LayerTable> table_of(std::vector<Mesh> meshes, double layer_mm = 0.2) {
    Project p;
    p.filaments = {pla('A', "#141414")};
    for (std::size_t i = 0; i < meshes.size(); ++i)
        p.pieces[0].parts.push_back(part(("part-" + std::to_string(i)).c_str(), std::move(meshes[i]), 'A'));
    p.settings.layer_mm = p.settings.first_layer_mm = layer_mm;
    auto t = make_layer_table(p.pieces[0], p.settings);
    return t ? *t : nullptr;
}

std::vector<Overhang> overhangs_of(const LayerTable& t, const OverhangRules& rules) {
    auto o = find_overhangs(t, rules);
    return o ? whole_faces(*o, rules.least_mm2).overhangs : std::vector<Overhang>{};
}

SupportLayout layout_of(const LayerTable& t, const std::vector<Overhang>& o, const SupportRules& r) {
    const std::vector<Rows>& piece = t.rows;
    auto beside = space_beside(piece, r.beside_mm);
    auto blocked = blocked_space(piece, *beside, r.gap_layers);
    auto s = lay_out_support(t.grid, piece, whole_faces(o, 0), *blocked, r);
    return s ? *s : SupportLayout{};
}

double sum_mm2(const std::vector<Overhang>& all, Rows Overhang::*what) {
    double sum = 0;
    for (const Overhang& o : all)
        sum += area_mm2(o.*what);
    return sum;
}

/// mm² · layers of support, body and interface.
double stacked_mm2(const SupportLayout& s) {
    double sum = 0;
    for (std::size_t l = 0; l < s.body.size(); ++l)
        sum += area_mm2(s.body[l]) + area_mm2(s.interface[l]);
    return sum;
}

/// A plate 30 × 20 × 2 on a leg 10 × 20 at its left end, 10 mm tall: a T without its right half.
std::shared_ptr<const LayerTable> table_on_a_leg() {
    return table_of({solids::box(0, 0, 0, 10, 20, 10), solids::box(0, 0, 10, 30, 20, 12)});
}

} // namespace

class TestSupport : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void sphere_by_closed_form();
    void cone_by_its_angle();
    void table_and_t();
    void bridges_are_left_free();
    void islands_are_always_held();
    void small_ones_are_left_out();
    void columns_by_closed_form();
    void on_the_bed_only();
    void gap_and_interface();
    void tree_is_slimmer();
    void never_intersects_the_piece();
    void slopes_are_touched_without_a_gap();
    void everything_is_held();
    void pieces_with_holes();
    void stops_when_told();
    void torus_on_edge();
    void slopes_hang_together();
    void arms_in_all_directions_data();
    void arms_in_all_directions();
    void round_undersides_at_all_layer_heights();
    void as_much_at_all_layer_heights_data();
    void as_much_at_all_layer_heights();
    void crowded_out_by_a_steep_side();
    void what_else_stands_there_changes_nothing();
    void wishes_are_followed();
    void wishes_touch_only_their_layers();
    void contact_faces();
    void small_faces_get_no_interface();
    void tops_are_aligned_in_as_few_layers_as_can_be();
    void interface_where_it_stands();
    void solids_have_the_volume();
    void materials_bridge_so_far();
    void unsupported_pieces_are_told();
    void nothing_is_left_inside_discs();
    void nearness_by_brute_force();
    void tools_get_where_there_is_room();
    void water_gets_where_it_can();
};

void TestSupport::sphere_by_closed_form() {
    // The part of a sphere's underside beyond the angle θ from the vertical lies below z = −R·sin θ and is
    // seen from above as a disc of R·cos θ (closed form).
    constexpr double R = 10;
    const auto t = table_of({solids::sphere(R, 240, 160)}, 0.1);
    for (const double deg : {30.0, 45.0, 60.0}) {
        const double a = deg * std::numbers::pi / 180,
                     exact = std::numbers::pi * std::pow(R * std::cos(a), 2);
        const auto o = overhangs_of(*t, {deg, 0, 0});
        // The first layer lies on the bed and needs nothing: add it to what was found.
        const double found = sum_mm2(o, &Overhang::area) + area_mm2(whole_layer(*t, 1));
        COMPARE_NEAR(found, exact, 0.03 * exact);
        for (std::size_t l = 0; l < o.size(); ++l) // none above that height
            if (t->grid.bottom_mm(static_cast<int>(l) + 1) > R - R * std::sin(a) + 0.2)
                QVERIFY(o[l].area.empty());
    }
}

void TestSupport::cone_by_its_angle() {
    // A funnel, tip down, whose wall leans 40° from the vertical: free at 45, held at 35: the whole ring.
    Builder b;
    const double wide = 2 + 10 * std::tan(40 * std::numbers::pi / 180);
    solids::add_revolved(b, {{0, 0}, {2, 0}, {wide, 10}, {0, 10}}, 180);
    const auto t = table_of({b.build()});
    QCOMPARE(sum_mm2(overhangs_of(*t, {45, 0, 0}), &Overhang::area), 0.0);
    const double held = sum_mm2(overhangs_of(*t, {35, 0, 0}), &Overhang::area),
                 exact = std::numbers::pi * (wide * wide - 4);
    COMPARE_NEAR(held, exact, 0.03 * exact);
}

void TestSupport::table_and_t() {
    const auto t = table_on_a_leg();
    const auto o = overhangs_of(*t, {45, 10, 0.5});
    // The plate's underside but for the leg: 30·20 − 10·20, in the plate's first layer, 51.
    for (std::size_t l = 0; l < o.size(); ++l)
        QCOMPARE(o[l].area.empty(), l != 50);
    COMPARE_NEAR(area_mm2(o[50].area), 600 - 10 * 20, 0.5);
    // A T: the same on both sides.
    const auto both = table_of({solids::box(10, 0, 0, 20, 20, 10), solids::box(0, 0, 10, 30, 20, 12)});
    COMPARE_NEAR(area_mm2(overhangs_of(*both, {45, 10, 0.5})[50].area), 600 - 10 * 20, 0.5);
}

void TestSupport::bridges_are_left_free() {
    const auto gate = [](double span) {
        return table_of({solids::box(0, 0, 0, 5, 8, 6), solids::box(5 + span, 0, 0, 10 + span, 8, 6),
                         solids::box(0, 0, 6, 10 + span, 8, 7)});
    };
    const auto narrow = gate(8);
    auto o = overhangs_of(*narrow, {50, 10, 0.5});
    QCOMPARE(sum_mm2(o, &Overhang::area), 0.0);
    QVERIFY(sum_mm2(o, &Overhang::bridges) > 8 * 7);
    QVERIFY(sum_mm2(overhangs_of(*narrow, {50, 6, 0.5}), &Overhang::area) >
            8 * 7); // a material that spans 6 only
    QVERIFY(sum_mm2(overhangs_of(*narrow, {50, 0, 0.5}), &Overhang::area) > 8 * 7); // or not at all
    o = overhangs_of(*gate(14), {50, 10, 0.5});
    QCOMPARE(sum_mm2(o, &Overhang::bridges), 0.0);
    // A cantilever is none, however short.
    const auto shelf = table_of({solids::box(0, 0, 0, 5, 8, 6), solids::box(0, 0, 6, 8, 8, 7)});
    QCOMPARE(sum_mm2(overhangs_of(*shelf, {50, 10, 0.5}), &Overhang::bridges), 0.0);
}

void TestSupport::islands_are_always_held() {
    const auto t = table_of({solids::box(0, 0, 0, 10, 10, 8), solids::box(14, 0, 5, 14.5, 0.5, 8)});
    const auto o = overhangs_of(*t, {50, 10, 4}); // smaller than what is filtered
    QCOMPARE(area_mm2(o[25].islands) > 0.2, true);
    COMPARE_NEAR(area_mm2(o[25].area), 0.25, 0.01);
    COMPARE_NEAR(sum_mm2(o, &Overhang::islands), 0.25, 0.01); // only where it begins
}

void TestSupport::small_ones_are_left_out() {
    const auto t = table_of({solids::box(0, 0, 0, 10, 10, 5), solids::box(0, 0, 5, 10.9, 1, 6)});
    QVERIFY(sum_mm2(overhangs_of(*t, {45, 0, 0.5}), &Overhang::area) > 0.5);
    QCOMPARE(sum_mm2(overhangs_of(*t, {45, 0, 2}), &Overhang::area), 0.0);
}

void TestSupport::columns_by_closed_form() {
    const auto t = table_on_a_leg();
    const auto o = overhangs_of(*t, {45, 10, 0.5});
    SupportRules r;
    r.beside_mm = 0.6;
    r.gap_layers = 1;
    const SupportLayout s = layout_of(*t, o, r);
    // From x = 10.6 on, beside the leg, 48 layers high under the plate whose first layer is 51; and all of
    // the overhang, from 10.2 on, in the layer that touches.
    COMPARE_NEAR(stacked_mm2(s), 48 * (30 - 10.6) * 20 + (30 - 10.2) * 20, 49 * 0.5);
    COMPARE_NEAR(s.contact_mm2, (30 - 10.2) * 20, 0.5);
    QCOMPARE(s.contacts.size(), std::size_t{1});
    QCOMPARE(s.contacts[0].layer, 51);
    QVERIFY(s.contacts[0].held && s.contacts[0].has_interface);
}

void TestSupport::on_the_bed_only() {
    // A shelf over a step: half of it can reach the bed, half stands on the step.
    const auto t = table_of({solids::box(0, 0, 0, 5, 10, 20), solids::box(5, 0, 0, 15, 10, 4),
                             solids::box(0, 0, 20, 25, 10, 22)});
    const auto o = overhangs_of(*t, {45, 0, 0.5});
    SupportRules r;
    const double everywhere = stacked_mm2(layout_of(*t, o, r));
    r.on_piece = false;
    const SupportLayout bed = layout_of(*t, o, r);
    QVERIFY(stacked_mm2(bed) < everywhere);
    for (std::size_t l = 1; l < bed.body.size(); ++l) {
        const Rows here = unite(bed.body[l], bed.interface[l]),
                   below = unite(bed.body[l - 1], bed.interface[l - 1]);
        COMPARE_NEAR(area_mm2(subtract(here, below)), 0, 1e-6); // nothing begins in the air or on the piece
    }
}

void TestSupport::gap_and_interface() {
    const auto t = table_on_a_leg();
    const auto o = overhangs_of(*t, {45, 10, 0.5});
    for (const int gap : {0, 1, 2})
        for (const int layers : {0, 2, 5}) {
            SupportRules r;
            r.gap_layers = gap;
            r.interface_layers = layers;
            const SupportLayout s = layout_of(*t, o, r);
            int with = 0, top = 0;
            for (std::size_t l = 0; l < s.body.size(); ++l) {
                with += !s.interface[l].empty();
                if (!s.body[l].empty() || !s.interface[l].empty())
                    top = static_cast<int>(l) + 1;
                COMPARE_NEAR(area_mm2(intersect(s.body[l], s.interface[l])), 0, 1e-6);
            }
            QCOMPARE(with, layers);
            QCOMPARE(top, 50 - gap);
            QCOMPARE(s.contacts[0].has_interface, layers > 0); // a missed interface does not go unnoticed
        }
}

void TestSupport::tree_is_slimmer() {
    const auto t = table_of({solids::box(0, 0, 0, 10, 20, 40), solids::box(0, 0, 40, 30, 20, 42)});
    const auto o = overhangs_of(*t, {45, 10, 0.5});
    SupportRules r;
    const SupportLayout columns = layout_of(*t, o, r);
    r.kind = SupportKind::tree;
    const SupportLayout tree = layout_of(*t, o, r);
    QVERIFY(stacked_mm2(tree) < 0.6 * stacked_mm2(columns));
    COMPARE_NEAR(tree.contact_mm2, columns.contact_mm2, 0.02 * columns.contact_mm2); // the roof is as large
    // Branches merge downwards.
    QVERIFY(pieces_of(tree.body[5]).size() < pieces_of(tree.body[185]).size());
    QVERIFY(!tree.body[0].empty()); // and stand on the bed
}

void TestSupport::never_intersects_the_piece() {
    std::mt19937 rng(19);
    for (int round = 0; round < 10; ++round) {
        std::vector<Mesh> meshes;
        for (int i = 0; i < 5; ++i) {
            const double x = static_cast<double>(rng() % 30), y = static_cast<double>(rng() % 30),
                         z = i ? static_cast<double>(rng() % 20) : 0;
            meshes.push_back(i % 2 ? solids::box(x, y, z, x + 3 + static_cast<double>(rng() % 12),
                                                 y + 3 + static_cast<double>(rng() % 12),
                                                 z + 2 + static_cast<double>(rng() % 8))
                                   : solids::sphere(3 + static_cast<double>(rng() % 5), 32, 16,
                                                    {static_cast<float>(x), static_cast<float>(y),
                                                     static_cast<float>(z)}));
        }
        const auto t = table_of(std::move(meshes), 0.4);
        const auto o = overhangs_of(*t, {45, 8, 0.5});
        for (const SupportKind kind : {SupportKind::columns, SupportKind::tree})
            for (const bool on_piece : {true, false}) {
                SupportRules r;
                r.kind = kind;
                r.on_piece = on_piece;
                r.gap_layers = static_cast<int>(rng() % 3);
                r.interface_below = static_cast<int>(rng() % 2);
                const SupportLayout s = layout_of(*t, o, r);
                for (int l = 1; l <= t->grid.count; ++l) {
                    const auto i = static_cast<std::size_t>(l) - 1;
                    const Paths piece = whole_layer(*t, l);
                    const Rows all = unite(s.body[i], s.interface[i]);
                    QVERIFY(intersect(rows_of(piece, all.pitch), all).empty());
                    COMPARE_NEAR(area_mm2(intersect(piece, paths_of(all))), 0,
                                 0.05); // corners are cut off between two lines
                    // It keeps beside it, but for a little below what it touches.
                    Rows lower = all;
                    const double near_mm = drawn_back_mm(
                        r.beside_mm + (kind == SupportKind::tree ? r.branch_mm / 2 : 0), r.angle_deg);
                    std::size_t over = i + 1 + static_cast<std::size_t>(r.gap_layers);
                    for (double up = 0; over < o.size() && up < near_mm + 2 * t->grid.height_mm;
                         ++over, up += t->grid.height_mm)
                        lower = subtract(lower, grown(o[over].area, kind == SupportKind::tree ? 1.3 : 0.02));
                    COMPARE_NEAR(
                        area_mm2(intersect(round_offset(piece, r.beside_mm - 0.05), paths_of(lower))), 0,
                        0.02);
                }
            }
    }
}

void TestSupport::slopes_are_touched_without_a_gap() {
    // A funnel that leans 68° from the vertical: each layer reaches half a millimetre, less than the space
    // kept beside the piece.
    Builder b;
    solids::add_revolved(b, {{0, 0}, {5, 0}, {5, 10}, {10, 12}, {10, 14}, {0, 14}}, 180);
    const auto t = table_of({b.build()});
    const auto o = overhangs_of(*t, {50, 0, 0.5});
    for (const int gap : {0, 1}) {
        SupportRules r;
        r.gap_layers = gap;
        double held = 0, all = 0;
        for (const SupportContact& c : layout_of(*t, o, r).contacts) {
            all += area_mm2(c.area);
            held += c.held ? area_mm2(c.area) : 0;
        }
        QVERIFY(held > 0.9 * all && all > 0.5 * sum_mm2(o, &Overhang::area));
    }
}

void TestSupport::everything_is_held() {
    const auto t = table_of(
        {solids::sphere(8, 64, 32), solids::box(20, 0, 0, 24, 4, 30), solids::box(14, -4, 26, 30, 8, 30)},
        0.3);
    const auto o = overhangs_of(*t, {45, 0, 0.5});
    for (const SupportKind kind : {SupportKind::columns, SupportKind::tree}) {
        SupportRules r;
        r.kind = kind;
        r.gap_layers = 0;
        const SupportLayout s = layout_of(*t, o, r);
        double held = 0, all = 0;
        for (const SupportContact& c : s.contacts)
            (c.held ? held : all) += area_mm2(c.area);
        all += held;
        QVERIFY(held > 0.7 * all); // but for what lies right beside the piece
        COMPARE_NEAR(held, s.contact_mm2, 1e-6);
    }
}

void TestSupport::pieces_with_holes() {
    const Paths ring = solids::ring(0, 0, 3, 5), dot = solids::circle(20, 0, 2);
    Paths all = ring;
    all.insert(all.end(), dot.begin(), dot.end());
    const auto pieces = pieces_of(all);
    QCOMPARE(pieces.size(), std::size_t{2});
    double sum = 0;
    for (const Paths& p : pieces)
        sum += area_mm2(p);
    COMPARE_NEAR(sum, area_mm2(all), 1e-6);
    QVERIFY(pieces_of(Paths()).empty());
}

void TestSupport::stops_when_told() {
    std::stop_source stop;
    stop.request_stop();
    const auto t = table_on_a_leg();
    const Progress stopped{stop.get_token(), {}};
    const std::vector<Rows>& piece = t->rows;
    QVERIFY(!find_overhangs(*t, {}, stopped));
    QVERIFY(!space_beside(piece, 1, stopped));
    QVERIFY(!blocked_space(piece, piece, 1, stopped));
    QVERIFY(!lay_out_support(t->grid, piece, whole_faces(overhangs_of(*t, {}), 0), piece, {}, stopped));
}

void TestSupport::torus_on_edge() {
    // Standing on its edge, its axis level: the underside beyond θ of the outer half, and inside the hole
    // above the lower half of the tube. In the plane through the middle of the tube (a circle of radius R + r
    // around a hole of R − r) the overhang ends where the tangent leans θ from the vertical: at a height of
    // (R + r)(1 − sin θ) outside, and inside from (R + r) + (R − r)·sin θ up.
    constexpr double R = 12, r = 4;
    Mesh standing = solids::torus(R, r, 320, 96);
    standing = moved(rotated(Rotation{{{1, 0, 0}, {0, 0, -1}, {0, 1, 0}}}, std::move(standing)), 0, 0,
                     static_cast<float>(R + r));
    const auto t = table_of({std::move(standing)}, 0.2);
    for (const double deg : {35.0, 45.0, 60.0}) {
        const double a = deg * std::numbers::pi / 180;
        const auto o = overhangs_of(*t, {deg, 0, 0});
        double outside = 0, inside = 1e9;
        for (int l = 2; l <= t->grid.count; ++l) {
            const Rows& area = o[static_cast<std::size_t>(l) - 1].area;
            if (area.empty())
                continue;
            const double z = t->grid.bottom_mm(l);
            // Cut by the plane y = 0 the tube is a ring: only what lies in it counts.
            const Rows in_plane = intersect(
                area, rows_of({{{-20000, -50}, {20000, -50}, {20000, 50}, {-20000, 50}}}, area.pitch));
            if (in_plane.empty())
                continue;
            if (z < R)
                outside = std::max(outside, z);
            else
                inside = std::min(inside, z);
        }
        // Strips thinner than 10 µm are rounding: they end a little early.
        COMPARE_NEAR(outside, (R + r) * (1 - std::sin(a)), 1.0);
        COMPARE_NEAR(inside, (R + r) + (R - r) * std::sin(a), 1.0);
    }
}

void TestSupport::slopes_hang_together() {
    // What is held is the whole strip by which a layer steps out, so that support does not fall into rings. A
    // funnel that leans 68°.
    Builder b;
    solids::add_revolved(b, {{0, 0}, {5, 0}, {5, 4}, {12, 6.8}, {12, 8}, {0, 8}}, 180);
    const auto t = table_of({b.build()});
    const auto o = overhangs_of(*t, {50, 0, 0.5});
    SupportRules r;
    r.gap_layers = 0;
    const SupportLayout s = layout_of(*t, o, r);
    QCOMPARE(s.faces.size(), std::size_t{1});
    double touched = 0;
    for (const Overhang& x : o)
        touched += area_mm2(x.area);
    // Seen from above the slope is a ring from 5 to 12 (closed form).
    const double ring = std::numbers::pi * (12 * 12 - 5 * 5);
    COMPARE_NEAR(touched, ring, 0.02 * ring);
    QVERIFY(pieces_of(s.body[0]).size() == 1);
}

namespace {

/// Built up from an outline in x and z, as wide as that in y.
Mesh extruded(std::initializer_list<std::array<double, 2>> outline, double wide_mm) {
    Path ring;
    for (const auto& [x, z] : outline)
        ring.emplace_back(std::llround(x * kUnitsPerMm), std::llround(z * kUnitsPerMm));
    Builder b;
    add_prism(b, {ring}, 0, wide_mm);
    return moved(rotated(Rotation{{{1, 0, 0}, {0, 0, -1}, {0, 1, 0}}}, b.build()), 0,
                 static_cast<float>(wide_mm), 0);
}

constexpr double kArmOut_mm = 12, kArmWide_mm = 30, kDegree = std::numbers::pi / 180;

/// A pillar with an arm that leans so far from the vertical, turned about Z. From above its underside is 12 ×
/// 30 mm.
Mesh arm(double lean_deg, double turn_deg) {
    const double rise = kArmOut_mm / std::tan(lean_deg * std::numbers::pi / 180), low = 5,
                 tall = low + rise + 3;
    Mesh m = extruded(
        {{0, 0}, {10, 0}, {10, low}, {10 + kArmOut_mm, low + rise}, {10 + kArmOut_mm, tall}, {0, tall}},
        kArmWide_mm);
    const double a = turn_deg * std::numbers::pi / 180;
    m = rotated(Rotation{{{std::cos(a), -std::sin(a), 0}, {std::sin(a), std::cos(a), 0}, {0, 0, 1}}},
                std::move(m));
    return moved(std::move(m), 0, 0, -m.bounds.min.z);
}

} // namespace

void TestSupport::arms_in_all_directions_data() {
    QTest::addColumn<double>("layer_mm");
    for (const double h : {0.05, 0.1, 0.2, 0.3})
        QTest::addRow("%.2f mm", h) << h;
}

void TestSupport::arms_in_all_directions() {
    // Closed form: what an arm's underside covers, whatever its slope beyond the angle, its direction and the
    // layer height.
    QFETCH(double, layer_mm);
    for (const double lean : {46.0, 50.0, 55.0, 60.0, 65.0, 75.0, 89.0})
        for (int direction = 0; direction < 12; ++direction) {
            const auto t = table_of({arm(lean, 30 * direction + 3)}, layer_mm);
            const double found = sum_mm2(overhangs_of(*t, {45, 0, 0.5}), &Overhang::area);
            QVERIFY2(std::abs(found - kArmOut_mm * kArmWide_mm) < 0.05 * kArmOut_mm * kArmWide_mm,
                     qPrintable(QString("%1° turned %2°: %3").arg(lean).arg(30 * direction + 3).arg(found)));
        }
    for (const double lean : {30.0, 44.0, 45.0}) // carries itself
        QCOMPARE(sum_mm2(overhangs_of(*table_of({arm(lean, 33)}, layer_mm), {45, 0, 0.5}), &Overhang::area),
                 0.0);
}

void TestSupport::round_undersides_at_all_layer_heights() {
    const double a = 45 * std::numbers::pi / 180;
    Builder b;
    solids::add_revolved(
        b, {{0, 0}, {4, 0}, {4, 3}, {4 + 10 * std::tan(55 * std::numbers::pi / 180), 13}, {0, 13}}, 240);
    const Mesh funnel = b.build(), ball = solids::sphere(15, 240, 160), ring = solids::torus(20, 8, 320, 160);
    for (const double h : {0.05, 0.1, 0.2, 0.3}) {
        const auto held = [&](const Mesh& m) {
            return sum_mm2(overhangs_of(*table_of({m}, h), {45, 0, 0.5}), &Overhang::area);
        };
        const auto foot = [&](const Mesh& m) { return area_mm2(whole_layer(*table_of({m}, h), 1)); };
        // Closed forms, less what the first layer lays on the bed: a ball's disc of R·cos θ; a funnel's ring;
        // below a lying torus the ring between R ± r·cos θ. Where the slope passes the angle, up to half a
        // layer's strip is taken or left.
        const double disc = std::numbers::pi * std::pow(15 * std::cos(a), 2) - foot(ball);
        COMPARE_NEAR(held(ball), disc, 0.05 * disc);
        const double cone =
            std::numbers::pi * (std::pow(4 + 10 * std::tan(55 * std::numbers::pi / 180), 2) - 16);
        COMPARE_NEAR(held(funnel), cone, 0.05 * cone);
        const double tube =
            std::numbers::pi * (std::pow(20 + 8 * std::cos(a), 2) - std::pow(20 - 8 * std::cos(a), 2)) -
            foot(ring);
        COMPARE_NEAR(held(ring), tube, 0.05 * tube);
    }
}

namespace {

/// Regions of support with nothing solid below: no support, and no piece across the gap or, beside a slope,
/// as far below as support keeps beside it.
double in_the_air_mm2(const LayerTable& t, const SupportLayout& s, const SupportRules& r) {
    double sum = 0;
    const auto all = [&](int l) {
        const auto i = static_cast<std::size_t>(l) - 1;
        return unite(s.body[i], s.interface[i]);
    };
    Rows below = all(1);
    for (int l = 2; l <= t.grid.count; ++l) {
        const Rows here = all(l);
        const int over = l - 1 - r.gap_layers;
        for (int k = over; k >= 1 && t.grid.top_mm(over) - t.grid.top_mm(k) <= r.beside_mm; --k)
            below = unite(below, t.rows[static_cast<std::size_t>(k) - 1]);
        constexpr double kPrinted_mm2 = 0.1; // a dot as wide as half a line: less leaves no nozzle
        for (const Rows& region : pieces_of(here))
            if (const double mm2 = area_mm2(region); mm2 > kPrinted_mm2 && intersect(region, below).empty())
                sum += mm2;
        below = here;
    }
    return sum;
}

double volume_mm3(const LayerGrid& grid, const SupportLayout& s) {
    double sum = 0;
    for (std::size_t i = 0; i < s.body.size(); ++i)
        sum += (area_mm2(s.body[i]) + area_mm2(s.interface[i])) * grid.thickness_mm(static_cast<int>(i) + 1);
    return sum;
}

} // namespace

void TestSupport::as_much_at_all_layer_heights_data() {
    QTest::addColumn<Mesh>("mesh");
    QTest::addColumn<double>("lean"); // of an arm; 0: none
    for (const double lean : {46.0, 60.0, 75.0})
        QTest::addRow("arm %g°", lean) << arm(lean, 33) << lean;
    QTest::newRow("ball") << solids::sphere(10, 96, 64) << 0.0;
    Builder b;
    solids::add_revolved(b, {{0, 0}, {3, 0}, {3, 4}, {11, 4 + 8 / std::tan(65 * kDegree)}, {0, 20}}, 120);
    QTest::newRow("cone 65°") << b.build() << 0.0;
}

void TestSupport::as_much_at_all_layer_heights() {
    QFETCH(Mesh, mesh);
    QFETCH(double, lean);
    for (const SupportKind kind : {SupportKind::columns, SupportKind::tree}) {
        SupportRules r;
        r.kind = kind;
        r.angle_deg = 45;
        std::vector<double> mm3;
        for (const double h : {0.05, 0.1, 0.2, 0.3}) {
            const auto t = table_of({mesh}, h);
            const auto o = overhangs_of(*t, {r.angle_deg, 0, 0.5});
            const SupportLayout s = layout_of(*t, o, r);
            mm3.push_back(volume_mm3(t->grid, s));
            // All that hangs is held but for the edge beside the piece, and nothing of it by air.
            const double hangs = sum_mm2(o, &Overhang::area);
            QVERIFY2(s.contact_mm2 > 0.85 * hangs, qPrintable(QString::number(s.contact_mm2 / hangs)));
            COMPARE_NEAR(in_the_air_mm2(*t, s, r), 0, 1e-6);
            if (lean > 0 && kind == SupportKind::columns) {
                // Closed form: what lies below the slope from the space beside the pillar on, less the gap,
                // or where that is more the 0.2 mm beside the slope.
                const double flat = 1 / std::tan(lean * kDegree), from = r.beside_mm, to = kArmOut_mm,
                             gap = std::max(h, 0.2 * flat);
                const double below = (to - from) * (5 - gap) + (to * to - from * from) / 2 * flat;
                COMPARE_NEAR(mm3.back(), kArmWide_mm * below, 0.05 * kArmWide_mm * below);
            }
        }
        const double middle = std::accumulate(mm3.begin(), mm3.end(), 0.0) / static_cast<double>(mm3.size());
        for (const double v : mm3)
            QVERIFY2(std::abs(v - middle) < 0.15 * middle,
                     qPrintable(QString("%1 of %2").arg(v).arg(middle)));
    }
}

void TestSupport::crowded_out_by_a_steep_side() {
    // A tower that widens downwards by 11°, with a square gallery that is nowhere wider than the tower's
    // foot: the tower is in the way of all that goes straight down, and too steep to stand on, so that
    // columns have to go on along it to the bed.
    for (const double h : {0.1, 0.2}) {
        const auto t =
            table_of({solids::frustum(8, 4, 20, 96), solids::box(-5.9, -5.9, 16, 5.9, 5.9, 18)}, h);
        const auto o = overhangs_of(*t, {45, 0, 0.5});
        const double hangs = sum_mm2(o, &Overhang::area), r_mm = 8 - 4 * 16.0 / 20;
        // What leans out by 45° at the tower may count or not.
        COMPARE_NEAR(hangs, 11.8 * 11.8 - std::numbers::pi * r_mm * r_mm, 2 * std::numbers::pi * r_mm * h);
        for (const SupportKind kind : {SupportKind::columns, SupportKind::tree}) {
            SupportRules r;
            r.kind = kind;
            const SupportLayout s = layout_of(*t, o, r);
            // But for that, and the edge beside the tower that support stays off.
            const double edge = 2 * std::numbers::pi * r_mm * (off_slope_mm(r) + h);
            QVERIFY2(s.contact_mm2 > hangs - edge, qPrintable(QString::number(s.contact_mm2)));
            QVERIFY(!s.body[0].empty());
            COMPARE_NEAR(in_the_air_mm2(*t, s, r), 0, 1e-6);
        }
    }
}

void TestSupport::what_else_stands_there_changes_nothing() {
    const double alone = sum_mm2(overhangs_of(*table_of({arm(65, 0)}), {50, 0, 0.5}), &Overhang::area);
    const double beside =
        sum_mm2(overhangs_of(*table_of({arm(65, 0), solids::box(160, 0, 0, 180, 20, 20)}), {50, 0, 0.5}),
                &Overhang::area);
    COMPARE_NEAR(beside, alone, 0.01 * alone);
    // Smallness is judged on the whole face: of the strips of this arm, 2 mm wide, none has 0.5 mm².
    Mesh thin = solids::box(0, 0, 0, 4, 2, 12);
    const double rise = 6 / std::tan(60 * std::numbers::pi / 180);
    Mesh out = extruded({{4, 5}, {10, 5 + rise}, {10, 12}, {4, 12}}, 2);
    COMPARE_NEAR(sum_mm2(overhangs_of(*table_of({std::move(thin), std::move(out)}, 0.1), {50, 0, 0.5}),
                         &Overhang::area),
                 12, 0.6);
}

namespace {

/// The underside of a table's plate, half of it painted.
Part plate_with(SupportWish wish, double from_x, double to_x) {
    Part p = part("plate", solids::box(0, 0, 10, 30, 20, 12), 'A');
    auto paint = std::make_shared<Paint>(bare(*p.mesh));
    for (std::uint32_t t = 0; t < p.mesh->triangles.size(); ++t)
        if (normal(*p.mesh, t).z < -0.5f) {
            std::vector<std::array<Vec3, 3>> inside, outside;
            const float x0 = static_cast<float>(from_x), x1 = static_cast<float>(to_x);
            clip(corners(*p.mesh, t), {[x0](Vec3 v) { return x0 - v.x; }, [x1](Vec3 v) { return v.x - x1; }},
                 inside, outside);
            std::vector<Facet> facets;
            for (const auto& f : inside)
                facets.push_back({f, static_cast<PatchNumber>(wish)});
            for (const auto& f : outside)
                facets.push_back({f, kUnpainted});
            paint->patch[t] = kCut;
            paint->cut[t] = std::move(facets);
        }
    p.support_paint = std::move(paint);
    return p;
}

} // namespace

void TestSupport::wishes_are_followed() {
    Project p;
    p.machine = *find_machine("feeder-4");
    p.filaments = {pla('A', "#141414")};
    p.pieces[0].parts = {part("leg", solids::box(0, 0, 0, 10, 20, 10), 'A'),
                         plate_with(SupportWish::keep_free, 20, 31)};
    p.settings.support = SupportStyle::columns;
    p.settings.support_bridge_mm = 0;
    auto plan = plan_of(p);
    const double all = (30 - 10.2) * 20; // with a gap above it the support keeps off the wall
    COMPARE_NEAR(plan->pieces[0].support->layout->contact_mm2, all - 10 * 20, 2);
    COMPARE_NEAR(plan->pieces[0].support->hanging->overhangs[50].freed_mm2, 10 * 20, 2);
    QVERIFY(has(*plan, "support-kept-off"));
    // What would be left to a bridge or to its angle is held where that is asked for.
    p.pieces[0].parts[1] = plate_with(SupportWish::hold, -1, 31);
    p.settings.support_bridge_mm = 200;
    p.settings.support_angle_deg = 89;
    plan = plan_of(p);
    COMPARE_NEAR(plan->pieces[0].support->layout->contact_mm2, 19.8 * 20, 2);
    p.pieces[0].parts[1].support_paint = nullptr;
    plan = plan_of(p);
    QCOMPARE(plan->pieces[0].support->layout->contact_mm2 < 300, true);
    // An island that is to be kept free is.
    p.pieces[0].parts = {part("leg", solids::box(40, 0, 0, 50, 20, 14), 'A'),
                         plate_with(SupportWish::keep_free, -1, 31)};
    QCOMPARE(plan_of(p)->pieces[0].support->layout->contact_mm2, 0.0);
    // Painting about support changes no colour: nothing is sliced or measured again.
    Planner planner;
    QVERIFY(planner.plan(p));
    const int sliced = planner.sliced(), measured = planner.measured();
    Part painted = plate_with(SupportWish::keep_free, 5, 31);
    p.pieces[0].parts[1].support_paint = painted.support_paint; // the triangles are the same
    QVERIFY(planner.plan(p));
    QCOMPARE(planner.sliced(), sliced);
    QCOMPARE(planner.measured(), measured);
}

void TestSupport::wishes_touch_only_their_layers() {
    const auto t = table_of({solids::sphere(8, 64, 32)});
    const auto found = overhangs_of(*t, {45, 0, 0.5});
    SupportWishes w;
    w.hold.resize(found.size());
    w.keep_free.resize(found.size());
    const std::vector<Rows>& piece = t->rows;
    w.keep_free[4] = rows_of(solids::circle(0, 0, 30), piece[0].pitch);
    const auto after = with_wishes(piece, found, w);
    for (std::size_t i = 0; i < found.size(); ++i) {
        QCOMPARE(after[i].area == found[i].area, i != 4);
    }
    QVERIFY(after[4].area.empty());
}

void TestSupport::contact_faces() {
    // Two shelves at different heights on one wall, and a ball: each underside is a face of its own.
    const auto t = table_of({solids::box(0, 0, 0, 4, 30, 30), solids::box(4, 0, 10, 16, 12, 12),
                             solids::box(4, 18, 20, 12, 30, 22), solids::sphere(5, 64, 32, {40, 10, 5})});
    const SupportLayout s = layout_of(*t, overhangs_of(*t, {45, 0, 0.5}), {});
    QCOMPARE(s.faces.size(), std::size_t{3});
    double sum = 0;
    for (std::size_t k = 0; k < s.faces.size(); ++k) {
        QVERIFY(k == 0 || s.faces[k].mm2 <= s.faces[k - 1].mm2);
        sum += s.faces[k].held_mm2;
    }
    COMPARE_NEAR(sum, s.contact_mm2, 1e-6);
    COMPARE_NEAR(s.faces[0].mm2, 12.0 * 12, 1);
    QCOMPARE(s.faces[0].from_layer, 51);
    for (const SupportContact& c : s.contacts)
        QVERIFY(c.face >= 0 && c.face < 3 &&
                c.layer >= s.faces[static_cast<std::size_t>(c.face)].from_layer &&
                c.layer <= s.faces[static_cast<std::size_t>(c.face)].to_layer);
}

void TestSupport::small_faces_get_no_interface() {
    const auto t = table_of({solids::box(0, 0, 0, 4, 30, 30), solids::box(4, 0, 10, 16, 12, 12),
                             solids::box(4, 20, 20, 8, 24, 22)});
    SupportRules r;
    r.gap_layers = 0;
    r.least_face_mm2 = 40;
    const SupportLayout s = layout_of(*t, overhangs_of(*t, {45, 0, 0.5}), r);
    QCOMPARE(s.faces.size(), std::size_t{2});
    QVERIFY(!s.faces[0].small && s.faces[0].interface_mm2 > 0.99 * s.faces[0].held_mm2);
    QVERIFY(s.faces[1].small && s.faces[1].interface_mm2 == 0 && s.faces[1].held_mm2 > 0);
    // It bonds, so it keeps a gap of a layer.
    for (const SupportContact& c : s.contacts)
        QCOMPARE(c.layer - 1 - c.top, c.face == 1 ? 1 : 0);
}

void TestSupport::tops_are_aligned_in_as_few_layers_as_can_be() {
    // Shelves at random heights; brute force over all sets of tops is the reference.
    std::mt19937 rng(31);
    for (int round = 0; round < 25; ++round) {
        std::vector<Mesh> meshes{solids::box(-4, 0, 0, 0, 80, 12)};
        std::vector<int> tops;
        for (int i = 0; i < 5; ++i) {
            const int layer = 10 + static_cast<int>(rng() % 12); // bottom of the shelf
            meshes.push_back(solids::box(0, 16.0 * i, 0.2 * layer, 8, 16.0 * i + 10, 0.2 * layer + 2));
            tops.push_back(layer);
        }
        const auto t = table_of(std::move(meshes));
        const auto o = overhangs_of(*t, {45, 0, 0.5});
        SupportRules r;
        r.gap_layers = 0;
        r.interface_layers = 1;
        r.align_layers = static_cast<int>(rng() % 5);
        const SupportLayout s = layout_of(*t, o, r);
        std::set<int> ours;
        for (const SupportContact& c : s.contacts) {
            QVERIFY(c.top <= c.layer - 1 && c.top >= c.layer - 1 - r.align_layers);
            ours.insert(c.top);
        }
        std::size_t fewest = tops.size();
        for (unsigned set = 1; set < 1u << 24; set = set < 1u << 20 ? set + 1 : 1u << 24) {
            // Bits are layers 5 … 24.
            if (static_cast<std::size_t>(std::popcount(set)) >= fewest)
                continue;
            if (std::all_of(tops.begin(), tops.end(), [&](int top) {
                    for (int l = top - r.align_layers; l <= top; ++l)
                        if (l >= 5 && l < 25 && set >> (l - 5) & 1)
                            return true;
                    return false;
                }))
                fewest = static_cast<std::size_t>(std::popcount(set));
        }
        QCOMPARE(ours.size(), fewest);
        std::size_t with = 0;
        for (const Rows& area : s.interface)
            with += !area.empty();
        QCOMPARE(with, ours.size());
    }
}

void TestSupport::interface_where_it_stands() {
    const auto t = table_of({solids::box(0, 0, 0, 30, 10, 4), solids::box(0, 0, 4, 4, 10, 14),
                             solids::box(0, 0, 14, 30, 10, 16)});
    SupportRules r;
    r.gap_layers = 1;
    r.interface_layers = 2;
    r.interface_below = 2;
    const SupportLayout s = layout_of(*t, overhangs_of(*t, {45, 0, 0.5}), r);
    // The step ends with layer 20; one layer is left free, then two of interface.
    QVERIFY(s.interface[20].empty() && s.body[20].empty());
    for (const std::size_t i : {21u, 22u})
        QVERIFY(area_mm2(s.interface[i]) > 100 && s.body[i].empty());
    QVERIFY(s.interface[23].empty() && area_mm2(s.body[23]) > 100);
}

void TestSupport::solids_have_the_volume() {
    const auto t = table_of({solids::box(0, 0, 0, 10, 20, 40), solids::box(0, 0, 40, 30, 20, 42),
                             solids::sphere(6, 48, 24, {50, 10, 6})});
    const auto o = overhangs_of(*t, {45, 0, 0.5});
    for (const SupportKind kind : {SupportKind::columns, SupportKind::tree}) {
        SupportRules r;
        r.kind = kind;
        const SupportLayout s = layout_of(*t, o, r);
        const auto solids = solids_of(s, t->grid, 0);
        QVERIFY(solids && !solids->contacts.empty());
        // By the divergence theorem over all faces together: body and interface close each other.
        double volume = 0, exact = 0;
        for (const auto* list : {&solids->body, &solids->interface})
            for (std::size_t i = 0; i + 2 < list->size(); i += 3)
                volume += double(dot((*list)[i], cross((*list)[i + 1], (*list)[i + 2]))) / 6;
        for (int l = 1; l <= t->grid.count; ++l)
            exact += t->grid.thickness_mm(l) * (area_mm2(s.body[static_cast<std::size_t>(l) - 1]) +
                                                area_mm2(s.interface[static_cast<std::size_t>(l) - 1]));
        COMPARE_NEAR(volume, exact,
                     (kind == SupportKind::columns ? 0.02 : 0.08) *
                         exact); // a branch grows by less than a face shows
    }
}

void TestSupport::materials_bridge_so_far() {
    // A gate of 8 mm: PLA spans it with 10 mm set, PETG and TPU do not.
    Project p;
    p.machine = *find_machine("feeder-4");
    p.settings.support = SupportStyle::columns;
    p.pieces[0].parts = {part("gate", solids::box(0, 0, 0, 5, 8, 6), 'A'),
                         part("post", solids::box(13, 0, 0, 18, 8, 6), 'A'),
                         part("lintel", solids::box(0, 0, 6, 18, 8, 7), 'A')};
    for (const Material m : {Material::PLA, Material::PETG, Material::TPU}) {
        p.filaments = {make_filament('A', m, {30, 60, 90})};
        QCOMPARE(plan_of(p)->pieces[0].support->layout->contact_mm2 > 0, m != Material::PLA);
    }
    p.settings.support_bridge_mm = 12; // 8.4 mm for PETG
    p.filaments = {make_filament('A', Material::PETG, {30, 60, 90})};
    QCOMPARE(plan_of(p)->pieces[0].support->layout->contact_mm2, 0.0);
    for (const MaterialFacts& m : all_materials())
        QVERIFY(bridged_share(m.material) > 0 && bridged_share(m.material) <= 1);
}

void TestSupport::unsupported_pieces_are_told() {
    Project p;
    p.machine = *find_machine("feeder-4");
    p.filaments = {pla('A', "#141414")};
    const auto with = [&](std::vector<Mesh> meshes) {
        p.pieces[0].parts.clear();
        for (std::size_t i = 0; i < meshes.size(); ++i)
            p.pieces[0].parts.push_back(
                part(("part-" + std::to_string(i)).c_str(), std::move(meshes[i]), 'A'));
        return plan_of(p);
    };
    // A T-shaped table sags; a bar hung from it begins in the air, below the plate.
    auto plan = with({solids::box(0, 0, 0, 10, 20, 10), solids::box(0, 0, 10, 30, 20, 12)});
    QVERIFY(has(*plan, "needs-support") && !has(*plan, "in-the-air"));
    QCOMPARE(finding(*plan, "needs-support").layer, 51);
    plan = with({solids::box(0, 0, 0, 10, 20, 10), solids::box(0, 0, 10, 30, 20, 12),
                 solids::box(26, 8, 6, 28, 10, 10)});
    QVERIFY(has(*plan, "in-the-air"));
    const Finding& f = finding(*plan, "in-the-air");
    QCOMPARE(f.severity, Severity::error);
    QCOMPARE(f.layer, 31);
    COMPARE_NEAR(double(f.spots.at(0).point.x), 27, 0.1);
    f.fixes.at(0).apply(p);
    plan = plan_of(p);
    QVERIFY(!has(*plan, "in-the-air") && !has(*plan, "needs-support"));
    COMPARE_NEAR(plan->pieces[0].support->layout->contact_mm2, (30 - 10.2) * 20, 4);
    p.settings.support = SupportStyle::none;
    // What carries itself is left alone: stacked bodies, slopes of 45°, a gate that is bridged, a lip of a
    // few mm².
    Builder cone;
    solids::add_revolved(cone, {{0, 0}, {4, 0}, {12, 8}, {0, 8}}, 96);
    for (auto& meshes : std::vector<std::vector<Mesh>>{
             {solids::box(0, 0, 0, 10, 10, 5), solids::box(1, 1, 5, 9, 9, 9)},
             {cone.build()},
             {solids::box(0, 0, 0, 5, 8, 6), solids::box(13, 0, 0, 18, 8, 6), solids::box(0, 0, 6, 18, 8, 7)},
             {solids::box(0, 0, 0, 5, 5, 5), solids::box(0, 0, 5, 6, 5, 6)}}) {
        plan = with(std::move(meshes));
        QVERIFY(!has(*plan, "in-the-air") && !has(*plan, "needs-support"));
    }
    // What is painted to be kept free is the user's own choice.
    p.pieces[0].parts = {part("leg", solids::box(0, 0, 0, 10, 20, 10), 'A'),
                         plate_with(SupportWish::keep_free, -1, 31)};
    QVERIFY(!has(*plan_of(p), "needs-support"));
}

void TestSupport::nothing_is_left_inside_discs() {
    // Discs on a stem: support stands between them, and no hair of it beside the stem where a disc is.
    Builder b;
    std::vector<std::pair<double, double>> profile{{0, 0}, {20, 0}, {20, 3}, {7, 3}};
    for (int i = 0; i < 4; ++i)
        for (const auto& [r, z] :
             std::vector<std::pair<double, double>>{{7, 5.4}, {20, 5.4}, {20, 7}, {7, 7}})
            profile.emplace_back(r, z + 4 * i);
    profile.emplace_back(0, 19);
    solids::add_revolved(b, profile, 96);
    const auto t = table_of({b.build()});
    for (const int gap : {0, 1}) {
        SupportRules r;
        r.gap_layers = gap;
        const SupportLayout s = layout_of(*t, overhangs_of(*t, {50, 0, 0.5}), r);
        for (int l = 1; l <= t->grid.count; ++l) {
            const double all = area_mm2(s.body[static_cast<std::size_t>(l) - 1]) +
                               area_mm2(s.interface[static_cast<std::size_t>(l) - 1]);
            QVERIFY2(all == 0 || all > 900, std::to_string(l).c_str());
            if (area_mm2(whole_layer(*t, l)) > 1000)
                QCOMPARE(all, 0.0);
        }
    }
}

void TestSupport::nearness_by_brute_force() {
    std::mt19937 rng(77);
    for (int round = 0; round < 60; ++round) {
        const Paths a = solids::circle(static_cast<double>(rng() % 40), static_cast<double>(rng() % 40),
                                       1 + static_cast<double>(rng() % 6), 48);
        const double x = static_cast<double>(rng() % 40000), y = static_cast<double>(rng() % 40000);
        // Points along the outline, close together.
        double least = 1e300;
        for (const Path& ring : a)
            for (std::size_t i = 0; i < ring.size(); ++i)
                for (int k = 0; k < 200; ++k) {
                    const IntPoint &p = ring[i], &q = ring[(i + 1) % ring.size()];
                    least = std::min(
                        least,
                        std::hypot(static_cast<double>(p.X) + static_cast<double>(q.X - p.X) * k / 200 - x,
                                   static_cast<double>(p.Y) + static_cast<double>(q.Y - p.Y) * k / 200 - y));
                }
        const NearestOn n = nearest_on(a, x, y);
        COMPARE_NEAR(n.away, least, 3);
        COMPARE_NEAR(std::hypot(n.x - x, n.y - y), n.away, 1e-6);
    }
    QVERIFY(nearest_on({}, 0, 0).away > 1e100);
}

void TestSupport::tools_get_where_there_is_room() {
    // Every cell the middle of the tool gets to has half its thickness free all around, by looking at all
    // cells of the piece.
    std::mt19937 rng(12);
    for (int round = 0; round < 6; ++round) {
        std::vector<Mesh> meshes;
        for (int i = 0; i < 4; ++i) {
            const double x = static_cast<double>(rng() % 12), y = static_cast<double>(rng() % 12),
                         z = i ? static_cast<double>(rng() % 8) : 0;
            meshes.push_back(solids::box(x, y, z, x + 2 + static_cast<double>(rng() % 6),
                                         y + 2 + static_cast<double>(rng() % 6),
                                         z + 2 + static_cast<double>(rng() % 5)));
        }
        const auto t = table_of(std::move(meshes));
        const double tool = 1 + static_cast<double>(rng() % 4);
        const auto made = map_access(*t, tool);
        QVERIFY(made);
        const AccessMap& m = **made;
        struct Cell {
            int x, y, z;
        };
        std::vector<Cell> solid;
        for (int z = 0; z < m.nz; ++z)
            for (int y = 0; y < m.ny; ++y)
                for (int x = 0; x < m.nx; ++x)
                    if (m.flags[m.at(x, y, z)] & AccessMap::solid)
                        solid.push_back({x, y, z});
        const double need = tool / 2 + m.cell_mm / 2;
        int reached = 0;
        for (int z = 1; z + 1 < m.nz; z += 2)
            for (int y = 1; y + 1 < m.ny; y += 2)
                for (int x = 1; x + 1 < m.nx; x += 2) {
                    if (!(m.flags[m.at(x, y, z)] & AccessMap::tool))
                        continue;
                    ++reached;
                    for (const Cell& c : solid)
                        QVERIFY(std::hypot(std::hypot((c.x - x) * m.cell_mm, (c.y - y) * m.cell_mm),
                                           (c.z - z) * m.z_mm) >= need - 1e-3);
                }
        QVERIFY(reached > 0);
    }
}

void TestSupport::water_gets_where_it_can() {
    // A cell is wet exactly when it is free and has a wet neighbour, or lies outside.
    const auto t = table_of({solids::sphere(7, 48, 24, {0, 0, 7}), solids::box(10, 0, 0, 20, 10, 2),
                             solids::box(10, 0, 8, 20, 10, 10), solids::box(10, 0, 2, 12, 10, 8),
                             solids::box(18, 0, 2, 20, 10, 8), solids::box(12, 8, 2, 18, 10, 8)});
    const auto made = map_access(*t, 3);
    const AccessMap& m = **made;
    for (int z = 1; z + 1 < m.nz; ++z)
        for (int y = 1; y + 1 < m.ny; ++y)
            for (int x = 1; x + 1 < m.nx; ++x) {
                const auto wet = [&](int dx, int dy, int dz) {
                    return (m.flags[m.at(x + dx, y + dy, z + dz)] & AccessMap::water) != 0;
                };
                const bool neighbour = wet(1, 0, 0) || wet(-1, 0, 0) || wet(0, 1, 0) || wet(0, -1, 0) ||
                                       wet(0, 0, 1) || wet(0, 0, -1);
                const std::uint8_t f = m.flags[m.at(x, y, z)];
                QCOMPARE((f & AccessMap::water) != 0, !(f & AccessMap::solid) && neighbour);
            }
    QCOMPARE(m.enclosed_mm3, 0.0); // its front is open
    // However flat or thin a piece is, the map stays small.
    for (const auto& box : {solids::box(0, 0, 0, 4000, 4000, 0.4), solids::box(0, 0, 0, 1, 1, 300)}) {
        const auto flat = map_access(*table_of({box}, 0.2), 3);
        QVERIFY((*flat)->flags.size() <= static_cast<std::size_t>(2 * AccessMap::kMostCells));
    }
}

VITRAIL_TEST(TestSupport)
#include "test_support.moc"
