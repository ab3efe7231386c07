#include "reference/cgal_slice.h"

#include "core/geometry/bvh.h"
#include "core/geometry/hull.h"
#include "core/geometry/prism.h"
#include "core/layers/detail.h"
#include "core/picture/terraces.h"
#include "core/purge/arrange.h"
#include "core/support/layout.h"
#include "demo/scenario.h"
#include "formats/files.h"
#include "formats/model.h"
#include "support.h"

extern "C" {
#include <admesh/stl.h>
}

#include <CGAL/AABB_face_graph_triangle_primitive.h>
#include <CGAL/AABB_traits.h>
#include <CGAL/AABB_tree.h>
#include <CGAL/Exact_predicates_exact_constructions_kernel.h>
#include <CGAL/Polygon_mesh_processing/measure.h>
#include <CGAL/Polygon_set_2.h>
#include <CGAL/convex_hull_3.h>

#include <QTemporaryDir>

#include <numbers>
#include <random>

using namespace vitrail;
using namespace vitrail::test;

/// Layer areas against CGAL's Polygon_mesh_slicer, and volumes against admesh, on the same meshes.
class TestReferenceCgal : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void layer_areas();
    void volumes_against_admesh();
    void convex_hulls();
    void reliefs_are_closed();
    void point_location();
    void openings_against_minkowski();
    void overhangs_against_polygon_sets();
    void support_is_disjoint_by_polygon_sets();
    void rows_against_polygon_sets();
    void arrangements_by_exact_polygons();
};

void TestReferenceCgal::layer_areas() {
    std::vector<Mesh> meshes{solids::sphere(10, 60, 30), solids::torus(20, 6, 60, 30),
                             solids::frustum(10, 3, 15, 50)};
    for (const auto& make : {demo::lighthouse, demo::tide_dial}) {
        const auto p = make();
        for (const Part& part : p->pieces[0].parts)
            if (part.mesh->shells == 1)
                meshes.push_back(*part.mesh);
    }
    int compared = 0;
    for (const Mesh& m : meshes) {
        const CgalMesh theirs = to_cgal(m);
        if (!CGAL::is_closed(theirs))
            continue;
        const LayerGrid grid =
            make_grid(0.37, 0.37, m.bounds.max.z - m.bounds.min.z); // cuts between the corners
        const auto ours = slice(m, grid, m.bounds.min.z);
        const CGAL::Polygon_mesh_slicer<CgalMesh, Kernel> slicer(theirs);
        for (int l = 1; l <= grid.count; ++l) {
            std::vector<Polyline> rings;
            slicer(Kernel::Plane_3(0, 0, 1, -(m.bounds.min.z + grid.middle_mm(l))),
                   std::back_inserter(rings));
            const double area = area_of(rings);
            COMPARE_NEAR(area_mm2(ours->layers[l - 1]), area, 1e-4 * area + 1e-3);
            ++compared;
        }
    }
    QVERIFY2(compared > 300, qPrintable(QString::number(compared)));
}

void TestReferenceCgal::volumes_against_admesh() {
    QTemporaryDir dir;
    for (const Mesh& m : {solids::sphere(10, 60, 30), solids::torus(20, 6, 60, 30),
                          solids::frustum(10, 3, 15, 50), *demo::badge()->pieces[0].parts[1].mesh}) {
        const std::string path = dir.filePath("m.stl").toStdString();
        QVERIFY(write_file(path, write_stl(m, "mesh")));
        stl_file stl;
        stl_open(&stl, const_cast<char*>(path.c_str()));
        stl_calculate_volume(&stl);
        COMPARE_NEAR(volume_mm3(m), stl.stats.volume, 2e-4 * stl.stats.volume);
        stl_close(&stl);
    }
}

void TestReferenceCgal::reliefs_are_closed() {
    // By CGAL closed, outward and of the volume of its levels; by admesh without an edge that lacks a
    // neighbour.
    QTemporaryDir dir;
    std::mt19937 rng(11);
    const ReliefLayers z{{}, 0.16, 0.08};
    for (int round = 0; round < 6; ++round) {
        DotMap h{40, 30, {}};
        for (int y = 0; y < 30; ++y)
            for (int x = 0; x < 40; ++x)
                h.dots.push_back(round % 2
                                     ? static_cast<std::uint16_t>(1 + rng() % 7)
                                     : static_cast<std::uint16_t>(
                                           2 + 8 * (std::sin(x / 5.0) * std::cos(y / 7.0 + round) + 1)));
        const TerraceMap map = terrace_map(without_detail_below(h, 1 + round % 3).heights, 0.2);
        const Mesh body = terrace_bodies(map, z, {whole_heights(map.most)}).front();
        const CgalMesh theirs = to_cgal(body);
        QCOMPARE(theirs.number_of_faces(),
                 body.triangles.size()); // none refused: every edge between two faces that agree
        QVERIFY(CGAL::is_closed(theirs));
        double mm3 = 0;
        const auto levels = terrace_levels(map, whole_heights(map.most));
        for (std::size_t l = 0; l < levels.size(); ++l)
            mm3 += area_mm2(levels[l]) * (z.top_mm(static_cast<int>(l) + 1) - z.top_mm(static_cast<int>(l)));
        COMPARE_NEAR(CGAL::Polygon_mesh_processing::volume(theirs), mm3,
                     1e-4 * mm3); // positive: it faces outward
        const std::string path = dir.filePath("m.stl").toStdString();
        QVERIFY(write_file(path, write_stl(body, "relief")));
        stl_file stl;
        stl_open(&stl, const_cast<char*>(path.c_str()));
        stl_check_facets_exact(&stl);
        QCOMPARE(stl.stats.connected_facets_3_edge, stl.stats.number_of_facets);
        stl_close(&stl);
    }
}

void TestReferenceCgal::convex_hulls() {
    using Exact = CGAL::Exact_predicates_inexact_constructions_kernel;
    std::mt19937 rng(4);
    std::normal_distribution<float> g(0, 10);
    std::vector<std::vector<Vec3>> clouds;
    for (const int n : {5, 20, 200, 3000}) {
        std::vector<Vec3> v;
        for (int i = 0; i < n; ++i)
            v.push_back({g(rng), g(rng), g(rng)});
        clouds.push_back(v);
    }
    for (const Mesh& m :
         {solids::torus(20, 6, 60, 30), solids::sphere(10, 40, 20), solids::frustum(10, 3, 15, 50)})
        clouds.push_back(m.vertices);
    for (const auto& cloud : clouds) {
        const Hull ours = convex_hull(cloud);
        std::vector<Exact::Point_3> points;
        for (const Vec3 v : cloud)
            points.emplace_back(v.x, v.y, v.z);
        CGAL::Surface_mesh<Exact::Point_3> theirs;
        CGAL::convex_hull_3(points.begin(), points.end(), theirs);
        Mesh hull;
        hull.vertices = ours.points;
        hull.triangles = ours.faces;
        const double volume = CGAL::to_double(CGAL::Polygon_mesh_processing::volume(theirs)),
                     area = CGAL::to_double(CGAL::Polygon_mesh_processing::area(theirs));
        COMPARE_NEAR(volume_mm3(hull), volume, 1e-5 * volume);
        COMPARE_NEAR(area_mm2(hull), area, 1e-4 * area);
        // No point lies outside.
        double farthest = 0;
        for (const Triangle& t : hull.triangles) {
            const Vec3 a = hull.vertices[t[0]],
                       n = unit(twice_area({a, hull.vertices[t[1]], hull.vertices[t[2]]}));
            for (const Vec3 v : cloud)
                farthest = std::max(farthest, double(dot(v - a, n)));
        }
        QVERIFY2(farthest < 1e-3, qPrintable(QString::number(farthest)));
    }
}

void TestReferenceCgal::point_location() {
    // Rays and nearest points against CGAL's AABB tree.
    using Primitive = CGAL::AABB_face_graph_triangle_primitive<CgalMesh>;
    using Tree = CGAL::AABB_tree<CGAL::AABB_traits<Kernel, Primitive>>;
    const Mesh m = solids::torus(20, 7, 80, 40);
    const CgalMesh mesh = to_cgal(m);
    const Tree theirs(faces(mesh).first, faces(mesh).second, mesh);
    const Bvh ours = build_bvh(m);
    std::mt19937 rng(6);
    std::uniform_real_distribution<float> place(-30, 30);
    int hits = 0;
    for (int i = 0; i < 1500; ++i) {
        const Vec3 from{place(rng), place(rng), 50}, to{place(rng), place(rng), -20}, way = to - from;
        const auto hit = cast_ray(m, ours, from, way);
        const auto reference = theirs.first_intersection(
            Kernel::Ray_3(Kernel::Point_3(from.x, from.y, from.z), Kernel::Vector_3(way.x, way.y, way.z)));
        QCOMPARE(hit.has_value(), bool(reference));
        if (hit) {
            const auto* p = boost::get<Kernel::Point_3>(&reference->first);
            QVERIFY(p);
            COMPARE_NEAR(hit->point.x, CGAL::to_double(p->x()), 2e-3);
            COMPARE_NEAR(hit->point.z, CGAL::to_double(p->z()), 2e-3);
            ++hits;
        }
        const double d =
            std::sqrt(CGAL::to_double(theirs.squared_distance(Kernel::Point_3(to.x, to.y, to.z))));
        COMPARE_NEAR(nearest_point(m, ours, to)->distance_mm, d, 1e-3);
    }
    QVERIFY(hits > 200);
}

void TestReferenceCgal::openings_against_minkowski() {
    // A comb of teeth from 0.1 to 0.8 mm on a bar, opened by 0.4: the exact construction keeps the teeth of
    // 0.4 and more.
    double exact = 0;
    Paths comb = solids::polygon({{0, -5}, {40, -5}, {40, 0}, {0, 0}});
    for (int i = 0; i < 8; ++i) {
        const double t = 0.1 * (i + 1), x = 2 + 4.5 * i, deep = 6;
        comb = unite(comb, solids::polygon({{x, -1}, {x + t, -1}, {x + t, deep}, {x, deep}}));
        if (t < 0.4 - 1e-9)
            exact += t * deep;
    }
    COMPARE_NEAR(area_mm2(lost_by_opening(comb, 0.4)), exact, 0.02 * exact);
}

namespace {

using Exact = CGAL::Exact_predicates_exact_constructions_kernel;
using ExactPolygon = CGAL::Polygon_2<Exact>;
using ExactSet = CGAL::Polygon_set_2<Exact>;

ExactSet to_set(const Paths& rings) {
    ExactSet set;
    // CGAL wants strictly simple rings: a hair's shrinking parts those that touch themselves.
    Paths area;
    ClipperLib::ClipperOffset hair;
    hair.AddPaths(rings, ClipperLib::jtMiter, ClipperLib::etClosedPolygon);
    hair.Execute(area, -0.9);
    ClipperLib::SimplifyPolygons(area);
    for (const Paths& piece : pieces_of(strictly_simple(area))) {
        const auto ring = [](const Path& path, bool outer) {
            ExactPolygon p;
            for (const IntPoint& v : path)
                p.push_back({static_cast<double>(v.X), static_cast<double>(v.Y)});
            if (p.is_clockwise_oriented() == outer)
                p.reverse_orientation();
            return p;
        };
        ExactSet one(ring(piece[0], true));
        for (std::size_t h = 1; h < piece.size(); ++h)
            one.difference(ring(piece[h], true));
        set.join(one);
    }
    return set;
}

double mm2_of(const ExactSet& set) {
    std::vector<CGAL::Polygon_with_holes_2<Exact>> parts;
    set.polygons_with_holes(std::back_inserter(parts));
    double sum = 0;
    for (const auto& p : parts) {
        sum += CGAL::to_double(p.outer_boundary().area());
        for (auto h = p.holes_begin(); h != p.holes_end(); ++h)
            sum += CGAL::to_double(h->area()); // holes run clockwise: below 0
    }
    return sum / (kUnitsPerMm * kUnitsPerMm);
}

/// Boxes at random, some hanging in the air.
std::shared_ptr<const LayerTable> random_table(unsigned seed, bool with_spheres) {
    std::mt19937 rng(seed);
    Project p;
    p.filaments = {pla('A', "#141414")};
    p.settings.layer_mm = p.settings.first_layer_mm = 0.4;
    for (int i = 0; i < 5; ++i) {
        const double x = static_cast<double>(rng() % 30), y = static_cast<double>(rng() % 30),
                     z = i ? 0.4 * static_cast<double>(rng() % 40) : 0;
        p.pieces[0].parts.push_back(
            part(("part-" + std::to_string(i)).c_str(),
                 with_spheres && i % 2
                     ? solids::sphere(3 + static_cast<double>(rng() % 4), 24, 12,
                                      {static_cast<float>(x), static_cast<float>(y), static_cast<float>(z)})
                     : solids::box(x, y, z, x + 3 + static_cast<double>(rng() % 12),
                                   y + 3 + static_cast<double>(rng() % 12),
                                   z + 2 + static_cast<double>(rng() % 8)),
                 'A'));
    }
    auto t = make_layer_table(p.pieces[0], p.settings);
    return t ? *t : nullptr;
}

} // namespace

void TestReferenceCgal::overhangs_against_polygon_sets() {
    // Layers of axis-parallel boxes: growing one by d is its Minkowski sum with a disc, box by box, which
    // CGAL's exact polygon sets then subtract from the layer above.
    int compared = 0;
    for (unsigned seed = 1; seed <= 12; ++seed) {
        const auto t = random_table(seed, false);
        constexpr double kAngle_deg = 40;
        const double reach = 0.4 * std::tan(kAngle_deg * 3.14159265358979 / 180);
        const std::vector<Rows>& rows = t->rows;
        for (int l = 2; l <= t->grid.count; ++l) {
            ExactSet over = to_set(whole_layer(*t, l)), below;
            const auto d = static_cast<ClipperLib::cInt>(std::llround(reach * kUnitsPerMm));
            for (const PartLayers& part : t->parts)
                if (const Box b = box_of(part.layers[static_cast<std::size_t>(l) - 2]); !b.empty()) {
                    Path rounded;
                    constexpr int kSides = 64;
                    for (int k = 0; k < kSides; ++k) {
                        const double a = 2 * std::numbers::pi * (k + 0.5) / kSides;
                        rounded.emplace_back((k < kSides / 4 || k >= kSides / 4 * 3 ? b.right : b.left) +
                                                 std::llround(static_cast<double>(d) * std::cos(a)),
                                             (k < kSides / 2 ? b.bottom : b.top) +
                                                 std::llround(static_cast<double>(d) * std::sin(a)));
                    }
                    const Paths grown_box{rounded};
                    // What later parts took of a part is no box any more: only layers without overlap are
                    // compared.
                    below.join(to_set(grown_box));
                }
            bool boxes = true;
            for (const PartLayers& part : t->parts)
                for (const int k : {l - 1, l}) {
                    const Paths& area = part.layers[static_cast<std::size_t>(k) - 1];
                    boxes &= area.empty() ||
                             std::abs(area_mm2(area) - double(box_of(area).right - box_of(area).left) *
                                                           double(box_of(area).bottom - box_of(area).top) /
                                                           1e6) < 1e-6;
                }
            if (!boxes)
                continue;
            over.difference(below);
            const double exact = mm2_of(over);
            const Rows &here = rows[static_cast<std::size_t>(l) - 1],
                       &under = rows[static_cast<std::size_t>(l) - 2];
            COMPARE_NEAR(area_mm2(farther_than(subtract(here, under), under, whole_layer(*t, l - 1), reach)),
                         exact, 0.01 * exact + 0.05);
            ++compared;
        }
    }
    QVERIFY2(compared > 200, std::to_string(compared).c_str());
}

void TestReferenceCgal::support_is_disjoint_by_polygon_sets() {
    for (unsigned seed = 21; seed <= 24; ++seed) {
        const auto t = random_table(seed, true);
        const std::vector<Rows>& rows = t->rows;
        const auto o = find_overhangs(*t, {45, 6, 0.5});
        const auto beside = space_beside(rows, 0.6);
        QVERIFY(o && beside);
        for (const SupportKind kind : {SupportKind::columns, SupportKind::tree}) {
            SupportRules r;
            r.kind = kind;
            r.gap_layers = static_cast<int>(seed % 2);
            r.interface_below = 1;
            const auto blocked = blocked_space(rows, *beside, r.gap_layers);
            QVERIFY(blocked);
            const auto s = lay_out_support(t->grid, rows, whole_faces(*o, 0.5), *blocked, r);
            QVERIFY(s);
            for (int l = 1; l <= t->grid.count; l += 2) {
                const auto i = static_cast<std::size_t>(l) - 1;
                ExactSet piece = to_set(whole_layer(*t, l)), body = to_set(paths_of(s->body[i])),
                         face = to_set(paths_of(s->interface[i]));
                ExactSet both = body;
                both.intersection(face);
                COMPARE_NEAR(mm2_of(both), 0, 0.05); // corners are cut off between two lines
                body.join(face);
                body.intersection(piece);
                COMPARE_NEAR(mm2_of(body), 0, 0.05);
            }
        }
    }
}

void TestReferenceCgal::rows_against_polygon_sets() {
    // Layers of random pieces: what rows say of unions, differences and intersections is what CGAL's exact
    // sets say, but for the corners that are cut off between two lines.
    int compared = 0;
    for (unsigned seed = 31; seed <= 34; ++seed) {
        const auto t = random_table(seed, true);
        const std::vector<Rows>& rows = t->rows;
        for (std::size_t l = 3; l < rows.size(); l += 5) {
            const Rows &a = rows[l], &b = rows[l - 3];
            const ExactSet x = to_set(whole_layer(*t, static_cast<int>(l) + 1)),
                           y = to_set(whole_layer(*t, static_cast<int>(l) - 2));
            if (a.empty() || b.empty())
                continue;
            const double tolerance = 0.1 + 1e-3 * mm2_of(x);
            COMPARE_NEAR(area_mm2(a), mm2_of(x), tolerance);
            ExactSet set = x;
            set.join(y);
            COMPARE_NEAR(area_mm2(unite(a, b)), mm2_of(set), tolerance);
            set = x;
            set.difference(y);
            COMPARE_NEAR(area_mm2(subtract(a, b)), mm2_of(set), tolerance);
            set = x;
            set.intersection(y);
            COMPARE_NEAR(area_mm2(intersect(a, b)), mm2_of(set), tolerance);
            // And the outlines made of rows bound what they did.
            set = to_set(paths_of(a));
            ExactSet outside = set;
            outside.difference(x);
            COMPARE_NEAR(mm2_of(set), mm2_of(x), tolerance);
            COMPARE_NEAR(mm2_of(outside), 0, tolerance);
            ++compared;
        }
    }
    QVERIFY(compared > 20);
}

// What is arranged lies on the bed, apart, and nothing on anything: the union's area is the sum of the areas,
// exactly.
void TestReferenceCgal::arrangements_by_exact_polygons() {
    using Exact = CGAL::Exact_predicates_exact_constructions_kernel;
    std::mt19937 random(23);
    for (int round = 0; round < 6; ++round) {
        ArrangeTask task;
        task.bed_x_mm = 200;
        task.bed_y_mm = 180;
        task.gap_mm = round % 3;
        task.margin_mm = round % 2 ? 4 : 0;
        task.turns = 4;
        task.layout = round == 5 ? Layout::boxes : Layout::outlines;
        for (int i = 0; i < 12; ++i) {
            ArrangeItem item;
            const int corners = 5 + static_cast<int>(random() % 9);
            const double a = 6 + static_cast<double>(random() % 90) / 10,
                         b = 6 + static_cast<double>(random() % 90) / 10;
            for (int k = 0; k < corners; ++k)
                item.outline.emplace_back(a * std::cos(2 * std::numbers::pi * k / corners),
                                          b * std::sin(2 * std::numbers::pi * k / corners));
            double x0 = 1e9, x1 = -1e9, y0 = 1e9, y1 = -1e9; // around the middle of its own box
            for (const auto& [x, y] : item.outline)
                x0 = std::min(x0, x), x1 = std::max(x1, x), y0 = std::min(y0, y), y1 = std::max(y1, y);
            for (auto& [x, y] : item.outline)
                x -= (x0 + x1) / 2, y -= (y0 + y1) / 2;
            item.layers = 1 + static_cast<int>(random() % 5);
            task.items.push_back(std::move(item));
        }
        const Arrangement made = arrange(task);
        QVERIFY(made.fits);
        CGAL::Polygon_set_2<Exact> all;
        Exact::FT sum = 0;
        for (std::size_t i = 0; i < task.items.size(); ++i) {
            const Arranged& at = made.items[i][0];
            const double t = at.turn_deg * std::numbers::pi / 180, c = std::cos(t), s = std::sin(t),
                         shrink = 1 - 1e-4; // whole micrometres
            CGAL::Polygon_2<Exact> polygon;
            for (const auto& [x, y] : task.items[i].outline) {
                const double px = at.x_mm + shrink * (x * c - y * s), py = at.y_mm + shrink * (x * s + y * c);
                QVERIFY(px >= task.margin_mm - 1e-3 && px <= task.bed_x_mm - task.margin_mm + 1e-3 &&
                        py >= task.margin_mm - 1e-3 && py <= task.bed_y_mm - task.margin_mm + 1e-3);
                polygon.push_back({px, py});
            }
            QVERIFY(!all.do_intersect(polygon));
            all.join(polygon);
            sum += polygon.area();
        }
        Exact::FT together = 0;
        std::vector<CGAL::Polygon_with_holes_2<Exact>> parts;
        all.polygons_with_holes(std::back_inserter(parts));
        for (const auto& part : parts) {
            together += part.outer_boundary().area();
            for (const auto& hole : part.holes())
                together += hole.area();
        }
        COMPARE_NEAR(CGAL::to_double(together), CGAL::to_double(sum), 1e-9);
    }
}

VITRAIL_TEST(TestReferenceCgal)
#include "test_reference_cgal.moc"
