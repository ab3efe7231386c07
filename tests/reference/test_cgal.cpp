#include "reference/cgal_slice.h"

#include "demo/scenario.h"
#include "formats/files.h"
#include "formats/model.h"
#include "support.h"

extern "C" {
#include <admesh/stl.h>
}

#include <QTemporaryDir>

using namespace vitrail;
using namespace vitrail::test;

/// Layer areas against CGAL's Polygon_mesh_slicer, and volumes against admesh, on the same meshes.
class TestCgal : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void layer_areas();
    void volumes_against_admesh();
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

QTEST_APPLESS_MAIN(TestCgal)
#include "test_cgal.moc"
