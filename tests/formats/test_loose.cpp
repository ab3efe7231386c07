#include "core/patch/stroke.h"
#include "core/project/regions.h"
#include "formats/files.h"
#include "formats/loose.h"
#include "formats/model.h"

#include "support.h"

#include <QDir>
#include <QTemporaryDir>

using namespace vitrail;
using namespace vitrail::test;

/// An archive as loose files: the same project, only what changed is written, and never half of it.
class TestLoose : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void comes_back_whole();
    void writes_only_what_changed();
    void a_failure_leaves_what_was();
    void remove_leaves_nothing();
};

namespace {

Project badge() {
    Project p;
    p.name = "badge";
    p.machine = *find_machine("feeder-4");
    const bool ok =
        static_cast<bool>(add_model(p, 0, "plate.stl", write_stl(solids::box(0, 0, 0, 20, 20, 2), "plate")));
    Q_ASSERT(ok);
    p.filaments.push_back(pla('B', "#112233"));
    assign_band(p.pieces[0], 0, 1, 2, 'B');
    return p;
}

void paint_top(Project& p) {
    const PatchNumber n = patch_with(p.pieces[0].parts[0], 'B', "top");
    repaint(p.pieces[0].parts[0], [&](const Mesh& m, Paint& paint) {
        paint_triangles(paint, looking(m, {0, 0, 1}, 10), [n](PatchNumber) { return n; });
    });
}

} // namespace

void TestLoose::comes_back_whole() {
    QTemporaryDir dir;
    Project p = badge();
    paint_top(p);
    const std::string folder = dir.filePath("copy").toStdString();
    LooseFolder loose(folder);
    QVERIFY(loose.write(p, "/home/somebody/badge.vitrail", write_file));
    const auto back = read_loose(folder);
    QVERIFY(back);
    QCOMPARE(back->path, std::string("/home/somebody/badge.vitrail"));
    QCOMPARE(*write_archive(back->project), *write_archive(p)); // the archive of the one is that of the other
}

void TestLoose::writes_only_what_changed() {
    QTemporaryDir dir;
    Project p = badge();
    std::vector<std::string> written;
    const WriteFile count = [&](const std::string& path, std::string_view bytes) {
        written.push_back(file_name(path));
        return write_file(path, bytes);
    };
    const std::string folder = dir.filePath("copy").toStdString();
    LooseFolder loose(folder);
    QVERIFY(loose.write(p, {}, count));
    QCOMPARE(written.size(), std::size_t{3}); // project, model, index
    for (int i = 0; i < 20; ++i) {
        written.clear();
        p.settings.layer_mm = 0.1 + 0.01 * i;
        QVERIFY(loose.write(p, {}, count));
        QCOMPARE(written.size(), std::size_t{2}); // the model stays where it is
    }
    written.clear();
    paint_top(p);
    QVERIFY(loose.write(p, {}, count));
    QCOMPARE(written.size(), std::size_t{3}); // and the surface
    // Nothing that no longer counts is left lying about: project, model, surface, index.
    QCOMPARE(QDir(dir.filePath("copy")).entryList(QDir::Files).size(), 4);
    QCOMPARE(*write_archive(read_loose(folder)->project), *write_archive(p));
}

void TestLoose::a_failure_leaves_what_was() {
    QTemporaryDir dir;
    Project p = badge();
    const std::string folder = dir.filePath("copy").toStdString();
    LooseFolder loose(folder);
    QVERIFY(loose.write(p, {}, write_file));
    // The disk fails at the k-th file of the next copy.
    for (int k = 0; k < 3; ++k) {
        Project q = p;
        q.name = "another";
        paint_top(q);
        int n = 0;
        const Status ok = loose.write(q, {}, [&](const std::string& path, std::string_view bytes) -> Status {
            if (n++ == k)
                return Error{say("The disk is full.")};
            return write_file(path, bytes);
        });
        QVERIFY(!ok);
        const auto back = read_loose(folder);
        QVERIFY(back);
        QCOMPARE(back->project.name, std::string("badge"));
        QVERIFY(back->project.pieces[0].parts[0].patches.empty());
    }
}

void TestLoose::remove_leaves_nothing() {
    QTemporaryDir dir;
    LooseFolder loose(dir.filePath("copy").toStdString());
    QVERIFY(loose.write(badge(), {}, write_file));
    loose.remove();
    QVERIFY(!QDir(dir.filePath("copy")).exists());
    QVERIFY(!read_loose(dir.filePath("copy").toStdString()));
}

VITRAIL_TEST(TestLoose)
#include "test_loose.moc"
