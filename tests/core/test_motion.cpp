#include "core/estimate/work.h"
#include "core/project/regions.h"

#include "support.h"

#include <numbers>

using namespace vitrail;
using namespace vitrail::test;

Q_DECLARE_METATYPE(vitrail::Mesh)

/// Printing time against a simulation that makes every line and moves along it.
class TestMotion : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void lines_by_the_textbook();
    void rings_by_the_textbook();
    void against_lines_that_are_made_data();
    void against_lines_that_are_made();
    void what_melts_is_a_limit();
    void a_chip_alone_and_thirteen();
    void first_the_machine_heats();
};

namespace {

/// Moves along a polyline in steps of time's own making: speeds at the corners first, then segment by
/// segment.
class Mover {
public:
    explicit Mover(const Motion& m) : m_(m) {}

    double along(const std::vector<std::array<double, 2>>& points, double speed) const {
        const std::size_t n = points.size();
        if (n < 2)
            return 0;
        std::vector<double> v(n, speed);
        v.front() = v.back() = 0;
        const auto length = [&](std::size_t i) {
            return std::hypot(points[i + 1][0] - points[i][0], points[i + 1][1] - points[i][1]);
        };
        for (std::size_t i = 1; i + 1 < n; ++i) {
            const double a = std::atan2(points[i][1] - points[i - 1][1], points[i][0] - points[i - 1][0]),
                         b = std::atan2(points[i + 1][1] - points[i][1], points[i + 1][0] - points[i][0]);
            const double jump = 2 * std::abs(std::sin((b - a) / 2)); // of the unit velocity
            if (jump > 1e-9)
                v[i] = std::min(v[i], m_.corner / jump);
        }
        for (std::size_t i = 1; i < n; ++i)
            v[i] = std::min(v[i], std::sqrt(v[i - 1] * v[i - 1] + 2 * m_.acceleration * length(i - 1)));
        for (std::size_t i = n - 1; i-- > 0;)
            v[i] = std::min(v[i], std::sqrt(v[i + 1] * v[i + 1] + 2 * m_.acceleration * length(i)));
        double seconds = 0;
        for (std::size_t i = 0; i + 1 < n; ++i) {
            // By the distance travelled, in small steps: v² grows by 2a·ds until it must shrink.
            const double L = length(i);
            const int steps = std::max(4, static_cast<int>(L / 0.05));
            const double ds = L / steps;
            for (int k = 0; k < steps; ++k) {
                const auto at = [&](double s) {
                    return std::min({speed, std::sqrt(v[i] * v[i] + 2 * m_.acceleration * s),
                                     std::sqrt(v[i + 1] * v[i + 1] + 2 * m_.acceleration * (L - s))});
                };
                const double v0 = at(k * ds), v1 = at((k + 1) * ds);
                seconds += 2 * ds / std::max(1e-6, v0 + v1);
            }
        }
        return seconds;
    }

private:
    const Motion& m_;
};

std::vector<std::array<double, 2>> points_of(const Path& path, bool closed) {
    std::vector<std::array<double, 2>> out;
    for (const IntPoint& q : path)
        out.push_back({double(q.X) / kUnitsPerMm, double(q.Y) / kUnitsPerMm});
    if (closed && !out.empty())
        out.push_back(out.front());
    return out;
}

/// Straight lines that fill an area, each joined to the next where that is near; as polylines.
std::vector<Path> filled_with_lines(const Paths& area, double apart_mm, bool rising) {
    std::vector<Path> chains;
    if (area.empty())
        return chains;
    const Box b = box_of(area);
    const double apart = apart_mm * std::numbers::sqrt2 * kUnitsPerMm; // between lines of 45°, along x
    const auto tall = double(b.bottom - b.top);
    ClipperLib::Clipper c;
    for (double x = double(b.left) - tall; x <= double(b.right); x += apart) {
        const IntPoint low(std::llround(x), rising ? b.top : b.bottom),
            high(std::llround(x + tall), rising ? b.bottom : b.top);
        c.AddPath({low, high}, ClipperLib::ptSubject, false);
    }
    c.AddPaths(area, ClipperLib::ptClip, true);
    ClipperLib::PolyTree tree;
    c.Execute(ClipperLib::ctIntersection, tree, ClipperLib::pftNonZero, ClipperLib::pftNonZero);
    Paths lines;
    ClipperLib::OpenPathsFromPolyTree(tree, lines);
    // By the line they lie on, then along it.
    const auto offset_of = [&](const Path& l) {
        return rising ? l.front().X - (l.front().Y - b.top) : l.front().X - (b.bottom - l.front().Y);
    };
    for (Path& l : lines)
        if (l.front().X > l.back().X)
            std::reverse(l.begin(), l.end());
    std::sort(lines.begin(), lines.end(), [&](const Path& p, const Path& q) {
        return std::pair(offset_of(p) / 50, p.front().X) < std::pair(offset_of(q) / 50, q.front().X);
    });
    std::vector<char> taken(lines.size(), 0);
    for (std::size_t i = 0; i < lines.size(); ++i) {
        if (taken[i])
            continue;
        taken[i] = 1;
        Path chain = lines[i];
        for (bool more = true; more;) {
            more = false;
            for (std::size_t j = i + 1; j < lines.size() && j < i + 60; ++j) {
                if (taken[j])
                    continue;
                const auto far = [&](const IntPoint& q) {
                    return std::hypot(double(q.X - chain.back().X), double(q.Y - chain.back().Y)) /
                           kUnitsPerMm;
                };
                const double to_front = far(lines[j].front()), to_back = far(lines[j].back());
                if (std::min(to_front, to_back) > 2.5 * apart_mm)
                    continue;
                Path next = lines[j];
                if (to_back < to_front)
                    std::reverse(next.begin(), next.end());
                chain.insert(chain.end(), next.begin(), next.end());
                taken[j] = 1;
                more = true;
                break;
            }
        }
        chains.push_back(std::move(chain));
    }
    return chains;
}

/// Every line of a project of one part without support, one after the other.
double simulated_s(const Project& p, const LayerTable& t) {
    const Motion m = motion_of(p);
    const Mover mover(m);
    const double w = p.settings.line_width_mm, flow = facts(p.filaments[0].material).flow_mm3_s;
    double seconds = 0;
    for (int l = 1; l <= t.grid.count; ++l) {
        const Paths& outline = whole_layer(t, l);
        const double h = t.grid.thickness_mm(l);
        const auto at = [&](double speed) { return laid_at(l == 1 ? m.first_layer : speed, flow, w, h); };
        IntPoint where = outline.empty() ? IntPoint(0, 0) : outline.front().front();
        const auto away = [&](const IntPoint& to) {
            return std::hypot(double(to.X - where.X), double(to.Y - where.Y)) / kUnitsPerMm;
        };
        const auto go = [&](const IntPoint& to) {
            const double mm = away(to);
            seconds += mover.along({{0, 0}, {mm, 0}}, m.travel) + (mm > 5 ? m.retract_s : 0);
            where = to;
        };
        for (int k = p.settings.walls; k-- > 0;)
            for (Path ring : offset(outline, -(k + 0.5) * w)) {
                // Begun at the corner that is nearest.
                std::rotate(
                    ring.begin(),
                    std::min_element(ring.begin(), ring.end(),
                                     [&](const IntPoint& p, const IntPoint& q) { return away(p) < away(q); }),
                    ring.end());
                go(ring.front());
                seconds += mover.along(points_of(ring, true), at(k == 0 ? m.outer_wall : m.wall));
            }
        const Paths inside = offset(outline, -p.settings.walls * w);
        Paths covered = inside;
        for (int k = l - p.settings.bottom_skins; k <= l + p.settings.top_skins; ++k)
            covered = k < 1 || k > t.grid.count ? Paths{} : intersect(covered, whole_layer(t, k));
        const auto fill = [&](const Paths& area, double apart, double speed) {
            // Lines end half a width inside, where the next one joins on.
            std::vector<Path> chains = filled_with_lines(offset(area, -w / 2), apart, l % 2);
            while (!chains.empty()) { // the nearest next
                const auto near = [&](const Path& c) { return std::min(away(c.front()), away(c.back())); };
                const auto next =
                    std::min_element(chains.begin(), chains.end(),
                                     [&](const Path& p, const Path& q) { return near(p) < near(q); });
                if (away(next->back()) < away(next->front()))
                    std::reverse(next->begin(), next->end());
                go(next->front());
                seconds += mover.along(points_of(*next, false), speed);
                where = next->back();
                chains.erase(next);
            }
        };
        const Paths skin = subtract(inside, covered);
        const Paths over_air = l > 1 ? subtract(skin, whole_layer(t, l - 1)) : Paths{};
        fill(subtract(skin, over_air), w, at(m.skin));
        fill(over_air, w, at(m.bridge));
        fill(covered, w * 100 / p.settings.infill_pct, at(m.infill));
    }
    return seconds;
}

Paths star(int points, double out, double in) {
    std::vector<std::pair<double, double>> corners;
    for (int i = 0; i < 2 * points; ++i) {
        const double a = std::numbers::pi * i / points, r = i % 2 ? in : out;
        corners.emplace_back(r * std::cos(a), r * std::sin(a));
    }
    Path ring;
    for (const auto& [x, y] : corners)
        ring.emplace_back(std::llround(x * kUnitsPerMm), std::llround(y * kUnitsPerMm));
    return {ring};
}

Paths box(double x0, double y0, double x1, double y1) {
    return solids::polygon({{x0, y0}, {x1, y0}, {x1, y1}, {x0, y1}});
}

Mesh upright(const Paths& outline, double tall_mm) {
    Builder b;
    add_prism(b, outline, 0, tall_mm);
    return b.build();
}

} // namespace

void TestMotion::lines_by_the_textbook() {
    // From any mechanics text: L/v + v/a where it reaches v, else 2·√(L/a).
    COMPARE_NEAR(line_s(100, 100, 0, 0, 1000), 100.0 / 100 + 100.0 / 1000, 1e-9);
    COMPARE_NEAR(line_s(2, 100, 0, 0, 1000), 2 * std::sqrt(2.0 / 1000), 1e-9);
    COMPARE_NEAR(line_s(10, 100, 100, 100, 1000), 0.1, 1e-9); // at speed all along
    QCOMPARE(line_s(0, 100, 0, 0, 1000), 0.0);
}

void TestMotion::rings_by_the_textbook() {
    Motion m;
    // A square: four lines, and three corners of 90° taken at corner/√2.
    const double v = m.corner / std::numbers::sqrt2;
    const Paths square = box(0, 0, 30, 30);
    COMPARE_NEAR(ring_s(square[0], 80, m),
                 2 * line_s(30, 80, 0, v, m.acceleration) + 2 * line_s(30, 80, v, v, m.acceleration), 1e-9);
    // A circle of many corners, so slight that none slows it down.
    const Paths circle = solids::circle(0, 0, 30, 400);
    COMPARE_NEAR(ring_s(circle[0], 80, m), perimeter_mm(circle) / 80 + 80 / m.acceleration, 1e-3);
}

void TestMotion::against_lines_that_are_made_data() {
    QTest::addColumn<Mesh>("mesh");
    QTest::newRow("box") << solids::box(0, 0, 0, 40, 40, 6);
    QTest::newRow("small box") << solids::box(0, 0, 0, 8, 8, 6);
    QTest::newRow("bar") << solids::box(0, 0, 0, 100, 6, 4);
    QTest::newRow("disc") << upright(solids::circle(0, 0, 19, 96), 3);
    QTest::newRow("ring") << upright(subtract(solids::circle(0, 0, 20, 96), solids::circle(0, 0, 14, 96)), 5);
    QTest::newRow("tube") << upright(subtract(solids::circle(0, 0, 10, 96), solids::circle(0, 0, 9.2, 96)),
                                     8);
    QTest::newRow("angle") << upright(unite(box(0, 0, 40, 8), box(0, 0, 8, 40)), 5);
    QTest::newRow("star") << upright(star(7, 20, 9), 4);
    QTest::newRow("plate with holes") << upright(
        subtract(subtract(box(0, 0, 50, 30), solids::circle(12, 15, 6, 48)), solids::circle(36, 15, 8, 48)),
        4);
    QTest::newRow("lettering") << upright(solids::lettering("TIDE", 0, 0, 12, 1.6), 2);
    QTest::newRow("cone") << solids::frustum(14, 5, 14, 64);
    QTest::newRow("ball") << solids::sphere(9, 64, 32);
    QTest::newRow("stairs") << upright(unite(box(0, 0, 30, 20), box(10, -10, 20, 30)), 7);
}

void TestMotion::against_lines_that_are_made() {
    QFETCH(Mesh, mesh);
    for (const double infill : {15.0, 100.0}) {
        Project p = stack("", 1);
        p.pieces[0].parts = {part("piece", mesh, 'A')};
        p.settings.infill_pct = infill;
        p.settings.min_layer_s = 0;
        const auto plan = plan_of(p);
        const double ours = plan->totals.print_s - plan->totals.start_s,
                     made = simulated_s(p, *plan->pieces[0].table);
        qInfo("%s at %.0f %%: %.0f s, simulated %.0f s, %+.1f %%", QTest::currentDataTag(), infill, ours,
              made, 100 * (ours / made - 1));
        QVERIFY2(std::abs(ours - made) < 0.15 * made,
                 qPrintable(QString("%1 % infill: %2 s, simulated %3 s").arg(infill).arg(ours).arg(made)));
    }
}

void TestMotion::what_melts_is_a_limit() {
    Project p = stack("", 1);
    p.pieces[0].parts = {part("box", solids::box(0, 0, 0, 40, 40, 6), 'A')};
    const double pla = plan_of(p)->totals.print_s;
    p.filaments[0].material = Material::TPU; // melts a third as fast
    QVERIFY(plan_of(p)->totals.print_s > 1.3 * pla);
    p.filaments[0].material = Material::PLA;
    p.settings.speed_mm_s = 40; // no faster in this project
    QVERIFY(plan_of(p)->totals.print_s > 1.3 * pla);
}

void TestMotion::a_chip_alone_and_thirteen() {
    // Common practice, no source: a two-colour chip 38 mm across, 3.6 g, takes about 60 min alone, of
    // which 12.5 min beside the changes, and thirteen of them about 210 min.
    Project p = stack("AB", 1, "feeder-4");
    p.filaments = {pla('A', "#141414"), pla('B', "#f2f2ea")};
    const Paths disc = solids::circle(0, 0, 19, 96), mark = solids::circle(0, 0, 9, 64);
    constexpr double kTall_mm = 2.56;
    p.pieces[0].parts = {part("chip", upright(subtract(disc, mark), kTall_mm), 'A'),
                         part("mark", upright(mark, kTall_mm), 'B')};
    p.settings.infill_pct = 100;
    p.settings.layer_mm = p.settings.first_layer_mm =
        0.16; // 16 layers with both colours: 47.5 min are about 16 changes of nearly 3 min
    const auto one = plan_of(p);
    COMPARE_NEAR(one->totals.model_g, 3.6, 0.1);
    COMPARE_NEAR(one->totals.total_s / 60, 60, 15);
    qInfo("alone %.1f min, of which %.1f to heat, %.1f of lines, %.1f of %d changes",
          one->totals.total_s / 60, one->totals.start_s / 60,
          (one->totals.print_s - one->totals.start_s) / 60, one->totals.change_s / 60, one->totals.changes);
    COMPARE_NEAR((one->totals.print_s - one->totals.start_s) / 60, 12.5, 0.25 * 12.5);
    p.settings.copies = 13;
    const auto many = plan_of(p);
    qInfo("thirteen %.1f min", many->totals.total_s / 60);
    COMPARE_NEAR(many->totals.total_s / 60, 210, 52);
    QCOMPARE(many->totals.changes, one->totals.changes);
}

void TestMotion::first_the_machine_heats() {
    // From memory: 5 to 10 min until the first line.
    for (const Material m : {Material::PLA, Material::PETG, Material::ABS}) {
        Project p = stack("AB", 2);
        for (Filament& f : p.filaments)
            f = make_filament(f.letter, m, f.colour);
        const auto plan = plan_of(p);
        QVERIFY(plan->totals.start_s >= 300 && plan->totals.start_s <= 600);
        COMPARE_NEAR(plan->layers[0].start_s, plan->totals.start_s, 1e-9);
        COMPARE_NEAR(plan->totals.total_s, plan->totals.print_s + plan->totals.change_s, 1e-9);
        QVERIFY(plan->changes.front().at_s > plan->totals.start_s); // no pause at 0 s
    }
}

VITRAIL_TEST(TestMotion)
#include "test_motion.moc"
