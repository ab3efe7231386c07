#include "formats/files.h"
#include "formats/json.h"
#include "formats/model.h"
#include "formats/zip.h"

#include "support.h"

#include <QProcess>
#include <QTemporaryDir>

#include <sys/resource.h>

using namespace vitrail;
using namespace vitrail::test;

/// What nobody means: refused with a sentence, in under two seconds and 2 GB, before work is begun that
/// cannot end.
class TestExtremes : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void init();
    void refused_data();
    void refused();
    void large_but_meant_data();
    void large_but_meant();

private:
    std::string path(const std::string& name) {
        return dir_->filePath(QString::fromStdString(name)).toStdString();
    }
    void file(const std::string& name, std::string_view bytes) { QVERIFY(write_file(path(name), bytes)); }
    QProcess& run(const QStringList& arguments) {
        process_ = std::make_unique<QProcess>();
        process_->setWorkingDirectory(dir_->path());
        process_->setChildProcessModifier([] {
            const rlimit two_gb{rlim_t{2} << 30, rlim_t{2} << 30};
            ::setrlimit(RLIMIT_DATA, &two_gb);
        });
        process_->start(VITRAIL_CLI, arguments);
        process_->waitForFinished(30000);
        return *process_;
    }

    std::unique_ptr<QTemporaryDir> dir_;
    std::unique_ptr<QProcess> process_;
};

namespace {

/// A project file with its JSON changed.
std::string with_json(const Project& p, const std::function<void(Json&)>& change) {
    auto entries = *read_zip(*write_archive(p));
    for (ZipEntry& e : entries)
        if (e.name == "project.json") {
            Json j = Json::parse(e.bytes);
            change(j);
            e.bytes = j.dump();
        }
    return *write_zip(entries);
}

Project block(double height_mm) {
    Project p;
    p.name = "block";
    p.machine = *find_machine("feeder-4");
    const bool ok = static_cast<bool>(
        add_model(p, 0, "block.stl", write_stl(solids::box(0, 0, 0, 10, 10, height_mm), "block")));
    Q_ASSERT(ok);
    return p;
}

/// Components that double at every level: 2^depth bodies from a few lines.
std::string doubling_3mf(int depth) {
    std::string model =
        "<?xml version=\"1.0\" encoding=\"UTF-8\"?><model unit=\"millimeter\" "
        "xmlns=\"http://schemas.microsoft.com/3dmanufacturing/core/2015/02\"><resources>"
        "<object id=\"1\" type=\"model\"><mesh><vertices><vertex x=\"0\" y=\"0\" z=\"0\"/><vertex x=\"1\" "
        "y=\"0\" z=\"0\"/><vertex x=\"0\" y=\"1\" z=\"0\"/><vertex x=\"0\" y=\"0\" z=\"1\"/></vertices>"
        "<triangles><triangle v1=\"0\" v2=\"2\" v3=\"1\"/><triangle v1=\"0\" v2=\"1\" v3=\"3\"/><triangle "
        "v1=\"1\" v2=\"2\" v3=\"3\"/><triangle v1=\"0\" v2=\"3\" v3=\"2\"/></triangles></mesh></object>";
    for (int i = 2; i <= depth; ++i)
        model += "<object id=\"" + std::to_string(i) +
                 "\" type=\"model\"><components><component objectid=\"" + std::to_string(i - 1) +
                 "\"/><component objectid=\"" + std::to_string(i - 1) + "\"/></components></object>";
    model += "</resources><build><item objectid=\"" + std::to_string(depth) + "\"/></build></model>";
    auto entries = *read_zip(*write_3mf({{"a", solids::box(0, 0, 0, 1, 1, 1), {}}}));
    for (ZipEntry& e : entries)
        if (e.name == "3D/3dmodel.model")
            e.bytes = model;
    return *write_zip(entries);
}

} // namespace

void TestExtremes::init() {
    dir_ = std::make_unique<QTemporaryDir>();
    file("block.stl", write_stl(solids::box(0, 0, 0, 10, 10, 5), "block"));
}

void TestExtremes::refused_data() {
    QTest::addColumn<QString>("made"); ///< name of what refused() makes first; empty: nothing
    QTest::addColumn<QStringList>("call");
    QTest::addColumn<int>("status");
    const auto fresh = [](QStringList more) {
        return QStringList{"new", "p.vitrail", "--model", "block.stl"} + more;
    };
    QTest::newRow("layers of a micrometre") << "" << fresh({"--layer", "0.001"}) << 2;
    QTest::newRow("layers of nothing") << "" << fresh({"--layer", "0"}) << 2;
    QTest::newRow("layers of 1e-300") << "" << fresh({"--layer", "1e-300"}) << 2;
    QTest::newRow("layers of 1e999") << "" << fresh({"--layer", "1e999"}) << 2;
    QTest::newRow("a first layer that is no number") << "" << fresh({"--first-layer", "nan"}) << 2;
    QTest::newRow("a billion copies") << "" << fresh({"--copies", "1000000000"}) << 2;
    QTest::newRow("minus one copy") << "" << fresh({"--copies", "-1"}) << 2;
    QTest::newRow("a band up to infinity") << "" << fresh({"--band", "block:0..inf=A"}) << 2;
    QTest::newRow("a scale of 1e30") << "" << fresh({"--scale", "1e30"}) << 2;
    QTest::newRow("scaled beyond every bed") << "scaled" << QStringList{"plan", "scaled.vitrail"} << 1;
    QTest::newRow("heights of 1e7 mm")
        << "tall.stl" << QStringList{"new", "p.vitrail", "--model", "tall.stl"} << 1;
    QTest::newRow("90 m in layers of 0.02") << "90m.vitrail" << QStringList{"plan", "90m.vitrail"} << 1;
    QTest::newRow("a billion of a piece") << "count.vitrail" << QStringList{"plan", "count.vitrail"} << 1;
    QTest::newRow("all the pieces a plate may hold, ten thousand times")
        << "copies-of-many.vitrail" << QStringList{"plan", "copies-of-many.vitrail"} << 1;
    QTest::newRow("100,000 pieces") << "pieces.vitrail" << QStringList{"plan", "pieces.vitrail"} << 1;
    QTest::newRow("100,000 bands") << "bands.vitrail" << QStringList{"plan", "bands.vitrail"} << 1;
    QTest::newRow("a band at 1e300") << "far-band.vitrail" << QStringList{"plan", "far-band.vitrail"} << 1;
    QTest::newRow("a layer of 1e-9 in the file")
        << "thin.vitrail" << QStringList{"plan", "thin.vitrail"} << 1;
    QTest::newRow("a bed of 1e9 mm") << "bed.vitrail" << QStringList{"plan", "bed.vitrail"} << 1;
    QTest::newRow("JSON 100,000 deep") << "deep.vitrail" << QStringList{"plan", "deep.vitrail"} << 1;
    QTest::newRow("an archive that unfolds to gigabytes")
        << "bomb.vitrail" << QStringList{"plan", "bomb.vitrail"} << 1;
    QTest::newRow("an archive in an archive in an archive")
        << "nested.vitrail" << QStringList{"plan", "nested.vitrail"} << 1;
    QTest::newRow("an archive of 100,000 files")
        << "files.vitrail" << QStringList{"plan", "files.vitrail"} << 1;
    QTest::newRow("a 3MF that doubles 30 times")
        << "doubling.3mf" << QStringList{"new", "p.vitrail", "--model", "doubling.3mf"} << 1;
    QTest::newRow("an STL that promises four billion triangles")
        << "promise.stl" << QStringList{"new", "p.vitrail", "--model", "promise.stl"} << 1;
    QTest::newRow("a file of 3 GB") << "huge.stl" << QStringList{"new", "p.vitrail", "--model", "huge.stl"}
                                    << 1;
    QTest::newRow("nothing but NaN") << "nan.stl" << QStringList{"new", "p.vitrail", "--model", "nan.stl"}
                                     << 1;
    QTest::newRow("nothing but infinity")
        << "inf.stl" << QStringList{"new", "p.vitrail", "--model", "inf.stl"} << 1;
    QTest::newRow("a device") << "" << QStringList{"new", "p.vitrail", "--model", "/dev/zero"} << 1;
}

void TestExtremes::refused() {
    QFETCH(QString, made);
    QFETCH(QStringList, call);
    QFETCH(int, status);
    const auto flat = [](float v) {
        Mesh m = solids::box(0, 0, 0, 10, 10, 5);
        for (Vec3& p : m.vertices)
            p = {v, v, v};
        return write_stl(m, "flat");
    };
    if (made == "tall.stl")
        file("tall.stl", write_stl(scaled(solids::box(0, 0, 0, 1e-6, 1e-6, 1), 1e7), "tall"));
    else if (made == "scaled") {
        Project p = block(5);
        p.models[0].scale = 1; // as with --scale 1000000: ten kilometres
        file("scaled.vitrail", with_json(p, [](Json& j) { j["model_scales"] = Json::array({1e6}); }));
    } else if (made == "90m.vitrail") {
        Project p = block(90000);
        p.settings.layer_mm = p.settings.first_layer_mm = 0.02;
        file("90m.vitrail", *write_archive(p));
    } else if (made == "count.vitrail") {
        file("count.vitrail", with_json(block(5), [](Json& j) { j["pieces"][0]["count"] = 1000000000; }));
    } else if (made == "copies-of-many.vitrail") {
        file("copies-of-many.vitrail", with_json(block(5), [](Json& j) {
                 j["pieces"][0]["count"] = 10000;
                 j["settings"]["copies"] = 10000;
             }));
    } else if (made == "pieces.vitrail") {
        file("pieces.vitrail", with_json(block(5), [](Json& j) {
                 for (int i = 0; i < 100000; ++i)
                     j["pieces"].push_back({{"name", "p" + std::to_string(i)},
                                            {"parts", Json::array()},
                                            {"bands", Json::array()}});
             }));
    } else if (made == "bands.vitrail") {
        file("bands.vitrail", with_json(block(5), [](Json& j) {
                 for (int i = 0; i < 100000; ++i)
                     j["pieces"][0]["bands"].push_back({{"part", "block"},
                                                        {"z0_mm", i * 1e-5},
                                                        {"z1_mm", (i + 1) * 1e-5},
                                                        {"filament", "A"}});
             }));
    } else if (made == "far-band.vitrail")
        file("far-band.vitrail", with_json(block(5), [](Json& j) {
                 j["pieces"][0]["bands"].push_back(
                     {{"part", "block"}, {"z0_mm", 1e300}, {"z1_mm", 1e301}, {"filament", "A"}});
             }));
    else if (made == "thin.vitrail")
        file("thin.vitrail", with_json(block(5), [](Json& j) { j["settings"]["layer"] = 1e-9; }));
    else if (made == "bed.vitrail")
        file("bed.vitrail", with_json(block(5), [](Json& j) {
                 j["machine"]["bed_mm"] = Json::array({1e9, 1e9});
             }));
    else if (made == "deep.vitrail")
        file("deep.vitrail", *write_zip({{"project.json", std::string(100000, '[')}}));
    else if (made == "bomb.vitrail") {
        std::vector<ZipEntry> bomb{{"project.json", "{}"}};
        for (int i = 0; i < 40; ++i)
            bomb.push_back({"models/" + std::to_string(i), std::string(std::size_t{10} << 20, ' ')});
        file("bomb.vitrail", *write_zip(bomb));
    } else if (made == "nested.vitrail") {
        std::string inner(1 << 20, ' ');
        for (int i = 0; i < 6; ++i)
            inner = *write_zip({{"project.json", inner}, {"models/a", inner}, {"models/b", inner}});
        file("nested.vitrail", inner);
    } else if (made == "files.vitrail") {
        std::vector<ZipEntry> many;
        for (int i = 0; i < 100000; ++i)
            many.push_back({"models/" + std::to_string(i), ""});
        file("files.vitrail", *write_zip(many));
    } else if (made == "doubling.3mf")
        file("doubling.3mf", doubling_3mf(30));
    else if (made == "promise.stl") {
        std::string s = write_stl(solids::box(0, 0, 0, 1, 1, 1), "x");
        s[80] = s[81] = s[82] = s[83] = '\xff';
        file("promise.stl", s);
    } else if (made == "huge.stl") {
        QFile f(dir_->filePath("huge.stl"));
        QVERIFY(f.open(QIODevice::WriteOnly) && f.resize(qint64{3} << 30)); // takes no room on the disk
    } else if (made == "nan.stl")
        file("nan.stl", flat(std::numeric_limits<float>::quiet_NaN()));
    else if (made == "inf.stl")
        file("inf.stl", flat(std::numeric_limits<float>::infinity()));

    QProcess& p = run(call);
    QVERIFY2(p.state() == QProcess::NotRunning, "it is refused, not chewed on for half a minute");
    const QString said = QString::fromUtf8(p.readAllStandardError());
    QCOMPARE(p.exitStatus(), QProcess::NormalExit);
    QVERIFY2(p.exitCode() == status, qPrintable(QString::number(p.exitCode()) + said));
    QVERIFY2(said.startsWith("error: ") && said.size() > 30 && said.count('\n') <= 2, qPrintable(said));
    QVERIFY2(!QFile::exists(dir_->filePath("p.vitrail")), "no file is made");
}

void TestExtremes::large_but_meant_data() {
    QTest::addColumn<double>("height");
    QTest::addColumn<double>("layer");
    QTest::addColumn<int>("copies");
    QTest::newRow("ten thousand copies") << 5.0 << 0.2 << 10000;
    QTest::newRow("ten thousand layers") << 400.0 << 0.04 << 1;
}

void TestExtremes::large_but_meant() {
    QFETCH(double, height);
    QFETCH(double, layer);
    QFETCH(int, copies);
    Project p = block(height);
    p.settings.layer_mm = p.settings.first_layer_mm = layer;
    p.settings.copies = copies;
    file("p.vitrail", *write_archive(p));
    QProcess& r = run({"plan", "p.vitrail", "--json"});
    QVERIFY2(r.exitCode() == 0, r.readAllStandardError().constData());
}

VITRAIL_TEST(TestExtremes)
#include "test_extremes.moc"
