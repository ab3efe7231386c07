#include "reference/cgal_slice.h"

#include "core/geometry/bvh.h"
#include "core/geometry/hull.h"
#include "core/plan/detail.h"
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
#include <CGAL/Polygon_mesh_processing/measure.h>
#include <CGAL/convex_hull_3.h>

#include <QTemporaryDir>

using namespace vitrail;
using namespace vitrail::test;

/// Layer areas against CGAL's Polygon_mesh_slicer, and volumes against admesh, on the same meshes.
class TestCgal : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void layer_areas();
    void volumes_against_admesh();
    void convex_hulls();
    void point_location();
    void openings_against_minkowski();
};

void TestCgal::layer_areas() {
    std::vector<Mesh> meshes{solids::sphere(10, 60, 30), solids::torus(20, 6, 60, 30), solids::frustum(10, 3, 15, 50)};
    for (const auto& make : {demo::lighthouse, demo::tide_dial}) {
        const auto p = make();
        for (const Part& part : p->parts)
            if (part.mesh->shells == 1)
                meshes.push_back(*part.mesh);
    }
    int compared = 0;
    for (const Mesh& m : meshes) {
        const CgalMesh theirs = to_cgal(m);
        if (!CGAL::is_closed(theirs))
            continue;
        const LayerGrid grid = make_grid(0.37, 0.37, m.bounds.max.z - m.bounds.min.z); // cuts between the corners
        const auto ours = slice(m, grid, m.bounds.min.z);
        const CGAL::Polygon_mesh_slicer<CgalMesh, Kernel> slicer(theirs);
        for (int l = 1; l <= grid.count; ++l) {
            std::vector<Polyline> rings;
            slicer(Kernel::Plane_3(0, 0, 1, -(m.bounds.min.z + grid.middle_mm(l))), std::back_inserter(rings));
            const double area = area_of(rings);
            COMPARE_NEAR(area_mm2(ours->layers[l - 1]), area, 1e-4 * area + 1e-3);
            ++compared;
        }
    }
    QVERIFY2(compared > 300, qPrintable(QString::number(compared)));
}

void TestCgal::volumes_against_admesh() {
    QTemporaryDir dir;
    for (const Mesh& m : {solids::sphere(10, 60, 30), solids::torus(20, 6, 60, 30), solids::frustum(10, 3, 15, 50), *demo::badge()->parts[1].mesh}) {
        const std::string path = dir.filePath("m.stl").toStdString();
        QVERIFY(write_file(path, write_stl(m, "mesh")));
        stl_file stl;
        stl_open(&stl, const_cast<char*>(path.c_str()));
        stl_calculate_volume(&stl);
        COMPARE_NEAR(volume_mm3(m), stl.stats.volume, 2e-4 * stl.stats.volume);
        stl_close(&stl);
    }
}

void TestCgal::convex_hulls() {
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
    for (const Mesh& m : {solids::torus(20, 6, 60, 30), solids::sphere(10, 40, 20), solids::frustum(10, 3, 15, 50)})
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
        const double volume = CGAL::to_double(CGAL::Polygon_mesh_processing::volume(theirs)), area = CGAL::to_double(CGAL::Polygon_mesh_processing::area(theirs));
        COMPARE_NEAR(volume_mm3(hull), volume, 1e-5 * volume);
        COMPARE_NEAR(area_mm2(hull), area, 1e-4 * area);
        // No point lies outside.
        double farthest = 0;
        for (const Triangle& t : hull.triangles) {
            const Vec3 a = hull.vertices[t[0]], n = unit(twice_area({a, hull.vertices[t[1]], hull.vertices[t[2]]}));
            for (const Vec3 v : cloud)
                farthest = std::max(farthest, double(dot(v - a, n)));
        }
        QVERIFY2(farthest < 1e-3, qPrintable(QString::number(farthest)));
    }
}

void TestCgal::point_location() {
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
        const auto reference = theirs.first_intersection(Kernel::Ray_3(Kernel::Point_3(from.x, from.y, from.z), Kernel::Vector_3(way.x, way.y, way.z)));
        QCOMPARE(hit.has_value(), bool(reference));
        if (hit) {
            const auto* p = boost::get<Kernel::Point_3>(&reference->first);
            QVERIFY(p);
            COMPARE_NEAR(hit->point.x, CGAL::to_double(p->x()), 2e-3);
            COMPARE_NEAR(hit->point.z, CGAL::to_double(p->z()), 2e-3);
            ++hits;
        }
        const double d = std::sqrt(CGAL::to_double(theirs.squared_distance(Kernel::Point_3(to.x, to.y, to.z))));
        COMPARE_NEAR(nearest_point(m, ours, to)->distance_mm, d, 1e-3);
    }
    QVERIFY(hits > 200);
}

void TestCgal::openings_against_minkowski() {
    // A comb of teeth from 0.1 to 0.8 mm on a bar, opened by 0.4: the exact construction keeps the teeth of 0.4 and more.
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

QTEST_APPLESS_MAIN(TestCgal)
#include "test_cgal.moc"
