#include "formats/files.h"
#include "formats/model.h"
#include "formats/shelf_db.h"
#include "formats/zip.h"

#include "support.h"

#include <QDir>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <QTemporaryDir>

using namespace vitrail;
using namespace vitrail::test;

/// The program as others call it: what the README says of it.
class TestCli : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void init();
    void new_and_plan();
    void colours_of_the_file();
    void every_option_of_new();
    void plan_set_is_for_this_run_only();
    void settings_kept_in_the_project();
    void scale_of_a_file_in_inches();
    void summary_reads_well();
    void check_status();
    void sheets();
    void lists();
    void paint_and_export();
    void orient();
    void pieces_on_a_plate();
    void fit();
    void nozzles();
    void supports();
    void machine_from_a_file();
    void offset_strip();
    void stack();
    void relief();
    void picture_is_prepared();
    void panel_and_looks();
    void wedge();
    void fill();
    void order();
    void jobs();
    void variants();
    void when();
    void gcode();
    void rehearse();
    void layer_bands();
    void log();
    void wrong_usage_is_2();
    void unusable_input_is_1_and_touches_nothing();

private:
    struct Ran {
        int status;
        QString out, err;
    };
    Ran run(const QStringList& arguments) {
        QProcess p;
        p.setWorkingDirectory(dir_->path());
        p.start(VITRAIL_CLI, arguments);
        p.waitForFinished(60000);
        return {p.exitStatus() == QProcess::NormalExit ? p.exitCode() : -1,
                QString::fromUtf8(p.readAllStandardOutput()), QString::fromUtf8(p.readAllStandardError())};
    }
    void write_flag() {
        QVERIFY(write_file(
            path("flag.ppm"), "P3 6 4 255 " + [] {
                std::string dots;
                for (int i = 0; i < 24; ++i)
                    dots += i % 3 == 0 ? "200 50 40 " : i % 3 == 1 ? "230 230 220 " : "40 150 210 ";
                return dots;
            }()));
    }
    const QJsonObject json(const QStringList& arguments) {
        return QJsonDocument::fromJson(run(arguments).out.toUtf8()).object();
    }
    std::string path(const char* name) { return dir_->filePath(name).toStdString(); }

    std::unique_ptr<QTemporaryDir> dir_;
};

void TestCli::init() {
    dir_ = std::make_unique<QTemporaryDir>();
    QVERIFY(write_file(path("base.stl"), write_stl(solids::box(0, 0, 0, 20, 20, 2), "base")));
    QVERIFY(write_file(path("top.stl"), write_stl(solids::box(5, 5, 2, 15, 15, 3), "top")));
    QVERIFY(write_file(path("badge.3mf"),
                       *write_3mf({{"plate", solids::box(0, 0, 0, 20, 20, 2), Srgb{0x14, 0x14, 0x14}},
                                   {"text", solids::box(5, 5, 2, 15, 15, 3), Srgb{0xf2, 0xf2, 0xea}}})));
}

void TestCli::offset_strip() {
    QCOMPARE(run({"new", "twin.vitrail", "--machine", "twin", "--filament", "A:PLA:#141414", "--filament",
                  "B:PLA:#f2f2ea", "--model", "base.stl"})
                 .status,
             0);
    Ran r = run({"offset-strip", "twin.vitrail", "--into", "strip"});
    QCOMPARE(r.err, QString());
    QVERIFY2(r.out.contains("Each line is 0.05 mm"), qPrintable(r.out));
    QCOMPARE(run({"plan", "strip/offset-strip.vitrail"}).status, 0); // a project like any other
    QVERIFY(read_file(path("strip/offset-strip.3mf")) && read_file(path("strip/offset-strip.html")));
    r = run({"offset-strip", "twin.vitrail", "--into", "strip", "--toolhead", "3"});
    QVERIFY(r.status == 1 && r.err.contains("the machine has 2"));
    QCOMPARE(run({"offset-strip", "twin.vitrail", "--into", "strip", "--toolhead", "1"}).status, 2);
}

void TestCli::stack() {
    const QStringList filaments{"--filament",      "A:PLA:#202226:0.6", "--filament",
                                "B:PLA:#f2f2ea:4", "--filament",        "C:PLA:#b82e28:2"};
    const QJsonObject front = json(
        QStringList{"stack", "--layers", "A4B2C1", "--layer", "0.08", "--first-layer", "0.16", "--json"} +
        filaments);
    COMPARE_NEAR(front["mm"].toDouble(), 0.16 + 6 * 0.08, 1e-9);
    QCOMPARE(front["lab"].toArray().size(), 3);
    for (int c = 0; c < 3; ++c)
        QVERIFY(front["reflectance"].toArray()[c].toDouble() +
                    front["transmittance"].toArray()[c].toDouble() <=
                1);
    // Thick, it is the spool's own colour; blended, too.
    for (const char* model : {"two-flux", "blend"})
        QCOMPARE(json(QStringList{"stack", "--layers", "C900", "--model", model, "--json"} + filaments)["rgb"]
                     .toString(),
                 "#b82e28");
    // Light from behind passes what a piece lies on.
    const QJsonObject behind =
        json(QStringList{"stack", "--layers", "C1B5", "--light", "behind", "--lamp", "2700", "--json"} +
             filaments);
    QVERIFY(behind["light"].toArray()[2].toDouble() < behind["transmittance"].toArray()[2].toDouble());
    QVERIFY(run(QStringList{"stack", "--layers", "A4B2"} + filaments).out.contains("6 layers, 0.48 mm: #"));
    for (const char* bad : {"", "4A", "A", "A0", "A4?", "a4", "A99999"})
        QCOMPARE(run(QStringList{"stack", "--layers", bad} + filaments).status, 2);
    QCOMPARE(run(QStringList{"stack", "--layers", "D4"} + filaments).status, 2); // nobody describes D
    QCOMPARE(run(QStringList{"stack", "--layers", "A4", "--lamp", "100"} + filaments).status, 2);
    QCOMPARE(run(QStringList{"stack", "--layers", "A4", "--backing", "white"} + filaments).status, 2);
}

void TestCli::picture_is_prepared() {
    write_flag();
    const QStringList make{"relief",
                           "flag.ppm",
                           "made.vitrail",
                           "--width",
                           "30",
                           "--filament",
                           "A:PLA:#202226:0.6",
                           "--filament",
                           "B:PLA:#b82e28:2",
                           "--band",
                           "A=1..4",
                           "--band",
                           "B=5..9"};
    QVERIFY(
        run(make + QStringList{"--frame",  "2",          "--corners",     "3",       "--hole", "4",
                               "--text",   "Saltmarsh",  "--text-height", "3",       "--turn", "1",
                               "--mirror", "--contrast", "1.2",           "--gamma", "0.9",    "--brightness",
                               "0.05",     "--face-down"})
            .status == 0);
    const auto p = load_project(dir_->filePath("made.vitrail").toStdString());
    QVERIFY(p && p->picture);
    const Preparation& x = p->picture->prepare;
    QVERIFY(x.turn == 1 && x.mirror && x.frame_mm == 2 && x.hole_mm == 4 && x.text == "Saltmarsh" &&
            p->picture->face_down);
    QVERIFY(p->picture->bytes->size() > 20);
    QCOMPARE(run(make + QStringList{"--crop", "0,0,9999,5"}).status, 2);
    QCOMPARE(run(make + QStringList{"--frame-colour", "white"}).status, 2);
    QVERIFY(run(make + QStringList{"--layer", "0.5"}).err.contains("too thick for a nozzle"));
    // Pinned layers are kept; more than there is room for is refused.
    const QStringList search{"relief",
                             "flag.ppm",
                             "made.vitrail",
                             "--width",
                             "30",
                             "--filament",
                             "A:PLA:#202226:0.6",
                             "--filament",
                             "B:PLA:#b82e28:2",
                             "--filament",
                             "C:PLA:#f2f2ea:4",
                             "--most",
                             "1"};
    QVERIFY(run(search + QStringList{"--pin", "B=5..6"}).status == 0);
    const auto pinned = load_project(dir_->filePath("made.vitrail").toStdString());
    bool kept = false;
    for (const ReliefBand& b : pinned->picture->bands)
        kept |= b.filament == 'B' && b.from_layer <= 5 && b.to_layer >= 6;
    QVERIFY(kept);
    QCOMPARE(run(search + QStringList{"--pin", "B=50..51"}).status, 2);
    QCOMPARE(run(search + QStringList{"--pin", "X=3..4"}).status, 2);
    QCOMPARE(run(search + QStringList{"--pin", "B=5..6", "--pin", "A=7..8", "--swaps", "0"}).status,
             1); // one filament cannot be both
}

void TestCli::panel_and_looks() {
    write_flag();
    const QStringList make{
        "panel",           "flag.ppm",        "panel.vitrail",   "--size",          "24x16",
        "--filament",      "A:PLA:#f4f2ec:2", "--filament",      "B:PLA:#28aad6:4", "--filament",
        "C:PLA:#d22c84:4", "--filament",      "D:PLA:#f0d228:4", "--cover-most",    "10",
        "--machine",       "feeder-4"};
    const auto made = run(make);
    QVERIFY2(made.status == 0, qPrintable(made.err));
    QVERIFY(made.out.contains("5 bodies") || made.out.contains("4 bodies"));
    QVERIFY(made.out.contains("licensed electrician"));
    const auto p = load_project(dir_->filePath("panel.vitrail").toStdString());
    QVERIFY(p && p->picture->use == PictureUse::panel && p->picture->panel.white == 'A' &&
            p->picture->panel.films == "BCD");
    COMPARE_NEAR(p->picture->dots->width * p->picture->dot_mm, 24, 0.5);
    COMPARE_NEAR(p->picture->dots->height * p->picture->dot_mm, 16, 0.5);
    const QJsonObject look = json({"look", "panel.vitrail", "--json"});
    for (const char* key : {"mean_delta_e", "p95_delta_e", "lost_detail", "bands"})
        QVERIFY2(look.contains(key), key);
    COMPARE_NEAR(look["mean_delta_e"].toDouble(), p->picture->figures.mean_delta_e, 1e-6);
    for (const QString& as : {QString("printed"), QString("flat"), QString("lit"), QString("unlit"),
                              QString("original"), QString("difference"), QString("collisions")}) {
        QVERIFY2(run({"look", "panel.vitrail", "--png", "look.png", "--as", as}).status == 0, qPrintable(as));
        QFile file(dir_->filePath("look.png"));
        QVERIFY(file.open(QIODevice::ReadOnly) && file.read(4) == "\x89PNG");
    }
    const auto parts = run({"export", "panel.vitrail", "--stl", "parts", "--by", "part"});
    QVERIFY2(parts.status == 0 && parts.out.contains("white below") && parts.out.contains("white above"),
             qPrintable(parts.err));
    QVERIFY(QFile::exists(dir_->filePath("parts/A-white-below.stl")));
    QVERIFY(json({"plan", "panel.vitrail", "--json"})["picture"].toObject().contains("out_of_reach"));
    // What is no project with a picture, or no way to look, is said.
    QCOMPARE(run({"look", "panel.vitrail"}).status, 2);
    QCOMPARE(run({"look", "panel.vitrail", "--png", "x.png", "--as", "sideways"}).status, 2);
    QCOMPARE(run({"look", QString::fromStdString(source_file("demo/badge.vitrail")), "--json"}).status, 1);
    QCOMPARE(run(make + QStringList{"--films", "BB"}).status, 1);
    QCOMPARE(run(make + QStringList{"--size", "wide"}).status, 2);
    QCOMPARE(run(make + QStringList{"--film-layers", "50"}).status, 1);
    QCOMPARE(run({"panel", "flag.ppm", "x.vitrail"}).status, 2);
}

void TestCli::wedge() {
    QVERIFY(QDir(dir_->path()).mkpath("wedge"));
    const auto printed = run({"wedge", "--print", "C:PLA:#28aad6:4", "--into", "wedge", "--steps", "5"});
    QVERIFY2(printed.status == 0, qPrintable(printed.err));
    for (const char* file : {"wedge.3mf", "wedge.html", "wedge.vitrail"})
        QVERIFY2(QFile::exists(dir_->filePath(QString("wedge/") + file)), file);
    QVERIFY(json({"plan", "wedge/wedge.vitrail", "--json"})["layers"].toObject()["count"].toInt() == 12 + 5);
    QCOMPARE(run({"wedge", "--print", "C:PLA:#28aad6:4"}).status, 2);
    // A photo of nothing: said so.
    write_flag();
    QCOMPARE(run({"wedge", "flag.ppm", "--corners", "1,1,5,1,5,5"}).status, 2);
    QCOMPARE(run({"wedge", "flag.ppm", "--corners", "1,1,2,1,2,2,1,2"}).status, 1);
    QCOMPARE(run({"wedge"}).status, 2);
}

void TestCli::relief() {
    QVERIFY(write_file(path("flag.ppm"), "P3 2 1 255 200 50 40 230 230 220\n")); // red beside white
    const QStringList make{
        "relief",          "flag.ppm",   "flag.vitrail",   "--width",           "30",
        "--machine",       "feeder-4",   "--filament",     "A:PLA:#202226:0.6", "--filament",
        "B:PLA:#b82e28:2", "--filament", "C:PLA:#f2f2ea:4"};
    Ran r = run(make + QStringList{"--band", "A=1..4", "--band", "B=5..9", "--band", "C=10..16"});
    QCOMPARE(r.err, QString());
    QVERIFY2(r.out.contains("30.0 × 15.0 mm, 150 × 75 dots, 16 layers"), qPrintable(r.out));
    const QJsonObject plan = json({"plan", "flag.vitrail", "--json"});
    QCOMPARE(plan["changes"].toArray().size(), 2);
    QCOMPARE(plan["changes"].toArray()[0].toObject()["layer"].toInt(), 5);
    QCOMPARE(plan["layers"].toObject()["first_mm"].toDouble(), 0.16);
    for (const QStringList& bad : {QStringList{"--band", "A1..4"},
                                   {"--band", "A=4..1"},
                                   {"--band", "A=0..4"},
                                   {"--band", "A=1..4", "--ground", "white"}})
        QCOMPARE(run(make + bad).status, 2);
    QCOMPARE(run(make + QStringList{"--band", "A=1..4", "--band", "Z=5..6"}).status, 1);
    // Without bands the best stack is searched for: here all are looked at.
    r = run(make + QStringList{"--swaps", "1", "--most", "0.9"});
    QVERIFY2(r.status == 0 && r.out.contains("0 swaps: ΔE") && r.out.contains("1 swap: ΔE") &&
                 r.out.contains("proven"),
             qPrintable(r.out + r.err));
    QVERIFY(json({"plan", "flag.vitrail", "--json"})["changes"].toArray().size() <= 1);
    QVERIFY(write_file(path("shelf.csv"),
                       "id,material,colour,name,td_mm\nink,PLA,#202226,ink,0.6\npaper,PLA,#"
                       "f2f2ea,paper,4\nred,PLA,#b82e28,red,2\nglue,PVA,#e6e0c0,glue,4\n"));
    const QStringList shelf{
        "relief",  "flag.ppm", "shelf.vitrail", "--width", "30",         "--shelf", "shelf.csv",
        "--swaps", "2",        "--most",        "1.5",     "--search-s", "20"};
    r = run(shelf);
    QVERIFY2(r.status == 0, qPrintable(r.out + r.err));
    for (const QJsonValue& f : json({"plan", "shelf.vitrail", "--json"})["filaments"].toArray())
        QVERIFY(f.toObject()["material"].toString() == "PLA"); // what dissolves is no picture
    QCOMPARE(run(shelf + QStringList{"--band", "A=1..4"}).status, 2);
    QCOMPARE(run({"relief", "flag.ppm", "x.vitrail"}).status, 2);
    QVERIFY(write_file(path("bad.png"), "not a picture"));
    QStringList broken = make;
    broken[1] = "bad.png";
    r = run(broken + QStringList{"--band", "A=1..4"});
    QVERIFY(r.status == 1 && r.err.contains("no picture"));
}

void TestCli::pieces_on_a_plate() {
    const QStringList make{"new",           "plate.vitrail", "--machine",     "feeder-4",  "--filament",
                           "A:PLA:#141414", "--filament",    "B:PLA:#f2f2ea", "--piece",   "block",
                           "--model",       "base.stl",      "--piece",       "badge 2x3", "--model",
                           "badge.3mf",     "--assign",      "text=B",        "--band",    "base:1..2=B"};
    Ran r = run(make);
    QCOMPARE(r.err, QString());
    QVERIFY2(r.out.contains("2 pieces, 3 parts"), qPrintable(r.out));
    const QJsonObject plan = json({"plan", "plate.vitrail", "--json"});
    const QJsonArray pieces = plan["pieces"].toArray();
    QCOMPARE(pieces.size(), 2);
    QCOMPARE(pieces[0]["name"].toString(), "block");
    QCOMPARE(pieces[1]["name"].toString(), "badge 2");
    QCOMPARE(pieces[1]["count"].toInt(), 3);
    QCOMPARE(pieces[1]["placements"].toArray().size(), 3);
    QCOMPARE(pieces[0]["layers"].toInt(), 10);
    QCOMPARE(plan["layers"]["count"].toInt(), 15);
    COMPARE_NEAR(pieces[0]["model_g"].toDouble() + 3 * pieces[1]["model_g"].toDouble(),
                 plan["totals"]["model_g"].toDouble(), 1e-6);
    r = run({"plan", "plate.vitrail"});
    QVERIFY2(r.out.contains("1 × “block”, 3 × “badge 2”") && r.out.contains("of one"), qPrintable(r.out));
    // The plate as it will be printed: one object a piece, built where it stands.
    QCOMPARE(run({"export", "plate.vitrail", "--3mf", "out.3mf", "--stl", "out"}).status, 0);
    const auto bodies = read_3mf("out", *read_file(path("out.3mf")));
    QVERIFY(bodies);
    QCOMPARE(bodies->size(), std::size_t{2 + 3 * 2}); // the block is A and B by its band, a badge A and B
    double volume = 0;
    for (const Body& b : *bodies) {
        volume += volume_mm3(b.mesh);
        QVERIFY(b.mesh.bounds.min.x > 0 && b.mesh.bounds.max.x < 250 && b.mesh.bounds.min.y > 0 &&
                std::abs(b.mesh.bounds.min.z) < 2.01f);
    }
    COMPARE_NEAR(volume, 20 * 20 * 2 + 3 * (20 * 20 * 2 + 100), 0.1);
    for (const QJsonValue& x :
         pieces[1]["placements"].toArray()) { // a body of a badge stands in the middle of each place
        const auto there = [&](const Body& b) {
            return std::hypot((double(b.mesh.bounds.min.x) + b.mesh.bounds.max.x) / 2 - x["x_mm"].toDouble(),
                              (double(b.mesh.bounds.min.y) + b.mesh.bounds.max.y) / 2 -
                                  x["y_mm"].toDouble()) < 0.01;
        };
        QCOMPARE(std::count_if(bodies->begin(), bodies->end(), there), std::ptrdiff_t{2});
    }
    double in_stl = 0;
    for (const QString& file : QDir(dir_->filePath("out")).entryList(QStringList{"*.stl"}))
        in_stl +=
            volume_mm3((*read_stl("x", *read_file(dir_->filePath("out/" + file).toStdString())))[0].mesh);
    COMPARE_NEAR(in_stl, volume, 0.1);
    // Poses are of each piece.
    const QJsonArray poses = json({"orient", "plate.vitrail", "--json"})["poses"].toArray();
    QVERIFY(std::any_of(poses.begin(), poses.end(),
                        [](const QJsonValue& p) { return p["piece"].toString() == "badge 2"; }));
    // Copies are of the whole plate.
    QCOMPARE(json({"plan", "plate.vitrail", "--json", "--set", "copies=2"})["pieces"]
                 .toArray()
                 .at(1)["count"]
                 .toInt(),
             6);
    // What cannot be meant.
    for (const QStringList& wrong :
         {QStringList{"--piece", "a", "--piece", "b", "--model", "base.stl"},
          QStringList{"--piece", "a", "--model", "base.stl", "--piece", "b"},
          QStringList{"--piece", "a", "--model", "base.stl", "--piece", "a", "--model", "top.stl"},
          QStringList{"--piece", "ax0", "--model", "base.stl"},
          QStringList{"--piece", "ax99999999999", "--model", "base.stl"},
          QStringList{"--piece", "", "--model", "base.stl"}}) {
        r = run(QStringList{"new", "wrong.vitrail"} + wrong);
        QVERIFY2(r.status == 2 && r.err.contains("--piece"), qPrintable(wrong.join(' ') + ": " + r.err));
        QVERIFY(!QFile::exists(dir_->filePath("wrong.vitrail")));
    }
}

void TestCli::new_and_plan() {
    Ran r = run({"new", "p.vitrail", "--model", "base.stl", "top.stl", "--filament", "A:PLA:#141414",
                 "--filament", "B:PLA:#f2f2ea:4.5", "--assign", "top=B", "--first-layer", "0.24", "--layer",
                 "0.08"});
    QCOMPARE(r.err, QString());
    QCOMPARE(r.status, 0);
    const QJsonObject plan = json({"plan", "p.vitrail", "--json"});
    QCOMPARE(plan["schema"].toString(), "vitrail.plan-report/1");
    const QJsonArray changes = plan["changes"].toArray();
    QCOMPARE(changes.size(), 1);
    const QJsonObject c = changes[0].toObject();
    // 2 mm of base: 0.24 + 22 × 0.08, so layer 24 is the first in the new filament.
    QCOMPARE(c["layer"].toInt(), 24);
    QCOMPARE(c["z_before_mm"].toDouble(), 2.0);
    QCOMPARE(c["z_after_mm"].toDouble(), 2.08);
    QCOMPARE(c["kind"].toString(), "hand");
    QCOMPARE(plan["totals"]["hand_swaps"].toInt(), 1);
    QCOMPARE(plan["lower_bound"]["changes"].toInt(), 1);
    QCOMPARE(plan["lower_bound"]["purge_mm3"].toDouble(), c["purge_mm3"].toDouble());
}

void TestCli::colours_of_the_file() {
    QCOMPARE(run({"new", "p.vitrail", "--model", "badge.3mf"}).status, 0);
    const QJsonArray filaments = json({"plan", "p.vitrail", "--json"})["filaments"].toArray();
    QCOMPARE(filaments.size(), 2);
    QCOMPARE(filaments[0]["letter"].toString(), "A");
    QCOMPARE(filaments[0]["colour"].toString(), "#141414");
    QCOMPARE(filaments[0]["material"].toString(), "PLA");
    // Without colours every part is A.
    QCOMPARE(run({"new", "q.vitrail", "--model", "base.stl", "top.stl"}).status, 0);
    const QJsonObject plain = json({"plan", "q.vitrail", "--json"});
    QCOMPARE(plain["filaments"].toArray().size(), 1);
    QCOMPARE(plain["changes"].toArray().size(), 0);
}

void TestCli::every_option_of_new() {
    QCOMPARE(run({"new", "p.vitrail", "--model", "base.stl", "--machine", "feeder-4", "--filament",
                  "A:PLA:#141414", "--filament", "C:petg:#f80", "--band", "base:0.4..0.8=C", "--band",
                  "base:1.2..2=C", "--copies", "3"})
                 .status,
             0);
    const QJsonObject plan = json({"plan", "p.vitrail", "--json"});
    QCOMPARE(plan["machine"].toString(), "feeder-4");
    QCOMPARE(plan["copies"].toInt(), 3);
    QCOMPARE(plan["changes"].toArray().size(), 3);
    QCOMPARE(plan["sequence"].toArray().at(2).toArray().at(0).toString(), "C");
    QCOMPARE(plan["changes"].toArray().at(0)["destination"].toString(), "tower");
    bool bond = false;
    for (const auto f : plan["findings"].toArray())
        bond |= f.toObject()["code"].toString() == "no-bond";
    QVERIFY(bond);
}

void TestCli::plan_set_is_for_this_run_only() {
    QCOMPARE(run({"new", "p.vitrail", "--model", "badge.3mf"}).status, 0);
    const std::string before = *read_file(path("p.vitrail"));
    const QJsonObject usual = json({"plan", "p.vitrail", "--json"});
    const QJsonObject other = json({"plan", "p.vitrail", "--json", "--set", "layer=0.1", "--set", "delta_e=1",
                                    "--set", "copies=4", "--set", "infill=50"});
    QCOMPARE(other["layers"]["height_mm"].toDouble(), 0.1);
    QVERIFY(other["totals"]["purge_g"].toDouble() > usual["totals"]["purge_g"].toDouble());
    QVERIFY(other["totals"]["model_g"].toDouble() > 4 * usual["totals"]["model_g"].toDouble());
    const double dead =
        json({"plan", "p.vitrail", "--json", "--set", "purge.dead_mm3=140"})["totals"]["purge_mm3"]
            .toDouble();
    COMPARE_NEAR(dead - usual["totals"]["purge_mm3"].toDouble(), 100, 1e-6);
    QCOMPARE(*read_file(path("p.vitrail")), before);
}

void TestCli::settings_kept_in_the_project() {
    QCOMPARE(
        run({"new", "p.vitrail", "--model", "base.stl", "--set", "infill=40", "--set", "layer=0.1"}).status,
        0);
    QCOMPARE(load_project(path("p.vitrail"))->settings.infill_pct, 40.0);
    QCOMPARE(run({"set", "p.vitrail", "infill=30", "order=as-assigned"}).status, 0);
    const auto p = load_project(path("p.vitrail"));
    QCOMPARE(p->settings.infill_pct, 30.0);
    QCOMPARE(p->settings.layer_mm, 0.1);
    QVERIFY(p->settings.order == LayerOrder::as_assigned);
    QCOMPARE(run({"set", "p.vitrail", "infill=3000"}).status, 2);
    QCOMPARE(run({"set", "p.vitrail", "infill"}).status, 2);
    QCOMPARE(load_project(path("p.vitrail"))->settings.infill_pct, 30.0); // nothing of it was kept
    // The sheet and the export take --set for their run.
    QCOMPARE(run({"sheet", "p.vitrail", "--set", "layer=0.25", "--csv", "s.csv", "--html", "s.html"}).status,
             0);
    QVERIFY(read_file(path("s.html"))->find("layers 0.25 mm") != std::string::npos);
    QCOMPARE(run({"export", "p.vitrail", "--set", "layer=0.25", "--3mf", "e.3mf"}).status, 0);
    QCOMPARE(load_project(path("p.vitrail"))->settings.layer_mm, 0.1);
}

void TestCli::scale_of_a_file_in_inches() {
    QVERIFY(write_file(path("inch.stl"), write_stl(solids::box(0, 0, 0, 2, 2, 1), "inch")));
    QCOMPARE(run({"new", "p.vitrail", "--model", "inch.stl"}).status, 0);
    QVERIFY(run({"check", "p.vitrail"}).out.contains("[unit,"));
    QCOMPARE(run({"new", "q.vitrail", "--model", "inch.stl", "--scale", "25.4"}).status, 0);
    QVERIFY(!run({"check", "q.vitrail"}).out.contains("[unit,"));
    COMPARE_NEAR(json({"plan", "q.vitrail", "--json"})["layers"]["top_mm"].toDouble(), 25.4, 0.1);
    QCOMPARE(run({"new", "q.vitrail", "--model", "inch.stl", "--scale", "0"}).status, 2);
}

void TestCli::summary_reads_well() {
    QCOMPARE(run({"new", "p.vitrail", "--model", "badge.3mf"}).status, 0);
    const Ran r = run({"plan", "p.vitrail"});
    QCOMPARE(r.status, 0);
    for (const char* words :
         {"hand swap", "before layer 11 · after layer 10 · with 2.00 mm printed, layer 11 ends at 2.20 mm",
          "waste ratio", "proven", "black", "off-white"})
        QVERIFY2(r.out.contains(QString::fromUtf8(words)), words);
}

void TestCli::check_status() {
    QCOMPARE(run({"new", "good.vitrail", "--model", "badge.3mf"}).status, 0);
    QCOMPARE(run({"check", "good.vitrail"}).status, 0);
    const QJsonArray good = json({"check", "good.vitrail", "--json"})["findings"].toArray();
    QCOMPARE(good.size(), 1); // nobody has read the labels yet
    QCOMPARE(good[0].toObject()["code"].toString(), QString("class-unconfirmed"));
    QCOMPARE(run({"new", "bad.vitrail", "--model", "badge.3mf", "--filament", "A:PLA:#141414", "--filament",
                  "B:PETG:#f2f2ea", "--assign", "text=B"})
                 .status,
             0);
    const Ran r = run({"check", "bad.vitrail"});
    QCOMPARE(r.status, 1);
    QVERIFY(r.out.contains("do not bond"));
    QVERIFY(r.err.startsWith("error: bad.vitrail: "));
    QCOMPARE(json({"check", "bad.vitrail", "--json"})["findings"].toArray().at(0)["code"].toString(),
             "no-bond");
}

void TestCli::sheets() {
    QCOMPARE(run({"new", "p.vitrail", "--model", "badge.3mf"}).status, 0);
    QCOMPARE(run({"sheet", "p.vitrail", "--csv", "s.csv", "--html", "s.html"}).status, 0);
    QVERIFY(read_file(path("s.csv"))->find("before layer 11") != std::string::npos);
    QVERIFY(read_file(path("s.html"))->find("<!DOCTYPE html>") == 0);
    QCOMPARE(run({"sheet", "p.vitrail", "--pdf", "s.pdf"}).status, 0);
    QVERIFY(read_file(path("s.pdf"))->find("%PDF-") == 0);
    // What the paper says, read back by poppler.
    QProcess text;
    text.start("pdftotext", {"-layout", dir_->filePath("s.pdf"), "-"});
    QVERIFY(text.waitForFinished());
    const QString words = QString::fromUtf8(text.readAllStandardOutput());
    for (const char* want :
         {"before layer 11", "after layer 10", "2.00 mm printed", "layer 11 ends at 2.20 mm",
          "Before the start", "Cautions", "page 1 of", "To set in the toolpath program"})
        QVERIFY2(words.contains(QString::fromUtf8(want)), want);
}

void TestCli::lists() {
    const Ran machines = run({"machines"});
    for (const char* id : {"hand-swap", "feeder-4", "twin", "carousel"})
        QVERIFY(machines.out.contains(id));
    QCOMPARE(run({"thumbnail", QString::fromStdString(source_file("demo/badge.vitrail")), "small.png",
                  "--size", "64"})
                 .status,
             0);
    QVERIFY(read_file(path("small.png"))->starts_with("\x89PNG"));
    QCOMPARE(run({"thumbnail", "base.stl", "small.png"}).status, 1);
    // The guide, in either language; pages and lists.
    QCOMPARE(run({"guide", "guide"}).status, 0);
    QCOMPARE(run({"guide", "guide", "--language", "de"}).status, 0);
    for (const auto& [page, says] : {std::pair{"guide/en/terms.html", "purge tower"},
                                     {"guide/de/terms.html", "Spülturm"},
                                     {"guide/de/purge.html", "Kalibrierung"},
                                     {"guide/de/settings.html", "Schichthöhe"}}) {
        const auto bytes = read_file(path(page));
        QVERIFY2(bytes && bytes->find(says) != std::string::npos, page);
    }
    QCOMPARE(run({"guide", "guide", "--language", "xx"}).status, 2);
    QCOMPARE(run({"guide", "base.stl"}).status, 1);
    QCOMPARE(QJsonDocument::fromJson(run({"machines", "--json"}).out.toUtf8()).array().size(), 12);
    QVERIFY(run({"filaments"}).out.contains("co-polyester"));
    QCOMPARE(QJsonDocument::fromJson(run({"filaments", "--json"}).out.toUtf8()).array().size(), 11);
}

void TestCli::machine_from_a_file() {
    Machine m = *find_machine("twin");
    m.id = "mine";
    m.tool.time_s = 55;
    QVERIFY(write_file(path("mine.json"), write_machine(m)));
    QCOMPARE(run({"new", "p.vitrail", "--model", "badge.3mf", "--machine", "mine.json"}).status, 0);
    const QJsonObject plan = json({"plan", "p.vitrail", "--json"});
    QCOMPARE(plan["machine"].toString(), "mine");
    QVERIFY(plan["changes"].toArray().at(0)["time_s"].toDouble() > 55);
    QVERIFY(write_file(path("broken.json"), "{\"schema\": \"vitrail.machine/1\"}"));
    const Ran r = run({"new", "q.vitrail", "--model", "badge.3mf", "--machine", "broken.json"});
    QCOMPARE(r.status, 1);
    QVERIFY(r.err.startsWith("error: broken.json: "));
}

void TestCli::wrong_usage_is_2() {
    QCOMPARE(run({"new", "p.vitrail", "--model", "badge.3mf"}).status, 0);
    for (const QStringList& call :
         QList<QStringList>{{},
                            {"bake"},
                            {"plan"},
                            {"new", "q.vitrail"},
                            {"plan", "p.vitrail", "--set", "layer"},
                            {"plan", "p.vitrail", "--set", "colour=blue"},
                            {"plan", "p.vitrail", "--set", "layer=-4"},
                            {"sheet", "p.vitrail"},
                            {"new", "q.vitrail", "--model", "badge.3mf", "--filament", "A:PLA"},
                            {"new", "q.vitrail", "--model", "badge.3mf", "--filament", "AA:PLA:#000000"},
                            {"new", "q.vitrail", "--model", "badge.3mf", "--filament", "A:WOOD:#000000"},
                            {"new", "q.vitrail", "--model", "badge.3mf", "--filament", "A:PLA:#00"},
                            {"new", "q.vitrail", "--model", "badge.3mf", "--assign", "nothing=A"},
                            {"new", "q.vitrail", "--model", "badge.3mf", "--assign", "plate=Z"},
                            {"new", "q.vitrail", "--model", "badge.3mf", "--band", "plate:2..1=A"},
                            {"new", "q.vitrail", "--model", "badge.3mf", "--band", "plate=A"},
                            {"new", "q.vitrail", "--model", "badge.3mf", "--machine", "warp-drive"}}) {
        const Ran r = run(call);
        QVERIFY2(r.status == 2, qPrintable(call.join(' ') + " → " + QString::number(r.status)));
        QVERIFY2(r.err.startsWith("error: "), qPrintable(r.err));
        QVERIFY(!QFile::exists(dir_->filePath("q.vitrail")));
    }
}

void TestCli::unusable_input_is_1_and_touches_nothing() {
    QVERIFY(write_file(path("broken.stl"), "solid x\nfacet\n"));
    QVERIFY(write_file(path("broken.vitrail"), "not a zip"));
    QVERIFY(write_file(path("kept.vitrail"), "precious"));
    for (const QStringList& call :
         QList<QStringList>{{"new", "kept.vitrail", "--model", "broken.stl"},
                            {"new", "kept.vitrail", "--model", "badge.3mf", "missing.stl"},
                            {"plan", "broken.vitrail"},
                            {"plan", "missing.vitrail", "--json"},
                            {"check", "broken.vitrail"},
                            {"sheet", "broken.vitrail", "--csv", "kept.vitrail"}}) {
        const Ran r = run(call);
        QVERIFY2(r.status == 1, qPrintable(call.join(' ')));
        QVERIFY2(r.err.startsWith("error: ") && r.err.count('\n') == 1, qPrintable(r.err));
        QCOMPARE(*read_file(path("kept.vitrail")), std::string("precious"));
    }
    // A folder that does not exist: said, and nothing is left behind.
    QCOMPARE(run({"new", "no/where/p.vitrail", "--model", "badge.3mf"}).status, 1);
    QVERIFY(!QDir(dir_->path()).exists("no"));
}

void TestCli::paint_and_export() {
    QCOMPARE(run({"new", "p.vitrail", "--model", "base.stl", "--filament", "A:PLA:#141414", "--filament",
                  "B:PLA:#f2f2ea", "--filament", "C:PLA:#b82e28", "--paint", "base:up=B", "--paint",
                  "base:0..0.6=C"})
                 .status,
             0);
    const QJsonObject plan = json({"plan", "p.vitrail", "--json"});
    const QJsonArray filaments = plan["filaments"].toArray();
    for (const QJsonValue& f : filaments)
        QVERIFY(f["model_g"].toDouble() > 0);
    // The top takes its four skins: layers 7 to 10 of ten.
    QCOMPARE(plan["sequence"].toArray()[9].toArray().contains("B"), true);
    QCOMPARE(plan["sequence"].toArray()[5].toArray().contains("B"), false);
    QVERIFY(plan["sequence"].toArray()[0].toArray().contains("C"));
    const Ran out = run({"export", "p.vitrail", "--3mf", "out.3mf", "--stl", "bodies"});
    QCOMPARE(out.status, 0);
    const auto bodies = read_model("out.3mf", *read_file(path("out.3mf")));
    QVERIFY(bodies);
    QCOMPARE(bodies->size(), std::size_t{3});
    double volume = 0;
    for (const Body& b : *bodies)
        volume += volume_mm3(b.mesh);
    COMPARE_NEAR(volume, 800, 1);
    QCOMPARE(QDir(dir_->filePath("bodies")).entryList(QStringList{"*.stl"}).size(), 3);
    // Mistakes.
    QCOMPARE(run({"new", "q.vitrail", "--model", "base.stl", "--filament", "A:PLA:#fff", "--paint",
                  "base:sideways=A"})
                 .status,
             2);
    QCOMPARE(
        run({"new", "q.vitrail", "--model", "base.stl", "--filament", "A:PLA:#fff", "--paint", "base:3..2=A"})
            .status,
        2);
    QCOMPARE(
        run({"new", "q.vitrail", "--model", "base.stl", "--filament", "A:PLA:#fff", "--paint", "lid:up=A"})
            .status,
        2);
    QVERIFY(!QFile::exists(dir_->filePath("q.vitrail")));
    QCOMPARE(run({"export", "p.vitrail"}).status, 2);
    QCOMPARE(run({"export", "nothing.vitrail", "--3mf", "x.3mf"}).status, 1);
    QCOMPARE(run({"export", "p.vitrail", "--3mf", "/nowhere/x.3mf"}).status, 1);
}

void TestCli::orient() {
    // Two blocks side by side: a change in every layer, or one when they lie on each other.
    QVERIFY(write_file(path("left.stl"), write_stl(solids::box(0, 0, 0, 10, 10, 8), "left")));
    QVERIFY(write_file(path("right.stl"), write_stl(solids::box(10, 0, 0, 20, 10, 8), "right")));
    QCOMPARE(run({"new", "p.vitrail", "--model", "left.stl", "right.stl", "--machine", "feeder-4",
                  "--filament", "A:PLA:#141414", "--filament", "B:PLA:#f2f2ea", "--assign", "right=B"})
                 .status,
             0);
    const QJsonArray poses = json({"orient", "p.vitrail", "--json"})["poses"].toArray();
    QCOMPARE(poses.size(), 6);
    QCOMPARE(poses[0]["changes"].toInt(), 1);
    for (const char* key : {"rotation", "changes", "purge_g", "tower_g", "overhang_mm2", "total_s"})
        QVERIFY2(poses[0].toObject().contains(key), key);
    double before = 0;
    for (const QJsonValue& p : poses) { // cheapest first
        const double waste = p["purge_g"].toDouble() + p["tower_g"].toDouble();
        QVERIFY(waste >= before - 0.01);
        before = waste;
    }
    QVERIFY(run({"orient", "p.vitrail"}).out.contains("as it stands"));
}

void TestCli::fit() {
    QVERIFY(
        write_file(path("r.csv"), std::string("from_rgb,to_rgb,delta_e,clean_mm3\r\n#141414,#f2f2ea,2,"
                                              "560\r\n#f2f2ea,#141414,2,101\r\n#b82e28,#f2f2ea,2,402\r\n")));
    const QJsonObject c = json({"fit", "r.csv", "--json"});
    QVERIFY(c["dead_mm3"].toDouble() > 0);
    QVERIFY(c["mixing_mm3"].toDouble() > 20);
    for (const char* key : {"dead_sd_mm3", "mixing_sd_mm3", "readings"})
        QVERIFY2(c.contains(key), key);
    QVERIFY(run({"fit", "r.csv"}).out.contains("V_d"));
    QVERIFY(
        write_file(path("bad.csv"), std::string("from_rgb,to_rgb,delta_e,clean_mm3\n#141414,blue,2,560\n")));
    const Ran bad = run({"fit", "bad.csv"});
    QCOMPARE(bad.status, 1);
    QVERIFY2(bad.err.contains("Line 2: to_rgb"), qPrintable(bad.err));
    QVERIFY(write_file(path("short.csv"), std::string("from_rgb,to_rgb\n")));
    QVERIFY(run({"fit", "short.csv"}).err.contains("delta_e"));
    QCOMPARE(run({"fit"}).status, 2);
}

void TestCli::nozzles() {
    QVERIFY(write_file(path("flags.vitrail"), *read_file(source_file("demo/signal-flags.vitrail"))));
    const QJsonObject all = json({"nozzles", "flags.vitrail", "--json"});
    QCOMPARE(all["schema"].toString(), QString("vitrail.nozzles/1"));
    QVERIFY(all["aims"].toArray().size() >= 4);
    QCOMPARE(all["chosen"]["aim"].toString(), QString("own"));
    const auto chosen = [&](const QStringList& more) {
        return json(QStringList{"nozzles", "flags.vitrail", "--json"} + more)["chosen"].toObject();
    };
    const QJsonObject waste = chosen({"--aim", "waste"}), time = chosen({"--aim", "time"}),
                      handling = chosen({"--aim", "handling"});
    QVERIFY(waste["purge_mm3"].toDouble() <= handling["purge_mm3"].toDouble());
    QVERIFY(handling["handlings"].toInt() <= waste["handlings"].toInt());
    QVERIFY(time["change_s"].toDouble() <= waste["change_s"].toDouble() + 1);
    QVERIFY(waste["lower_bound"]["purge_mm3"].toDouble() <= waste["purge_mm3"].toDouble());
    const QJsonObject pinned = chosen({"--pin", "B=1"});
    for (const QJsonValue& n : pinned["nozzles"].toArray())
        if (n["letter"].toString() == "B")
            QCOMPARE(n["nozzle"].toInt(), 1);
    QVERIFY(pinned["purge_mm3"].toDouble() >= waste["purge_mm3"].toDouble());
    QVERIFY(!waste["reason"].toString().isEmpty());
    for (const QJsonValue& s : all["loading"].toArray())
        for (const char* key : {"nozzle", "slot", "letter", "from_layer", "to_layer"})
            QVERIFY2(s.toObject().contains(key), key);
    QCOMPARE(all["refills"].toArray().size(), 1);
    QVERIFY(run({"nozzles", "flags.vitrail"}).out.contains("least handling"));
    // Mistakes.
    QCOMPARE(run({"nozzles", "flags.vitrail", "--aim", "beauty"}).status, 2);
    QCOMPARE(run({"nozzles", "flags.vitrail", "--pin", "B=9"}).status, 2);
    QCOMPARE(run({"nozzles", "flags.vitrail", "--pin", "Z=1"}).status, 2);
    QCOMPARE(run({"nozzles", "flags.vitrail", "--pin", "B"}).status, 2);
    QCOMPARE(run({"nozzles", "none.vitrail"}).status, 1);
    // The report has the same.
    const QJsonObject report = json({"plan", "flags.vitrail", "--json"});
    QCOMPARE(report["loading"].toArray().size(), all["loading"].toArray().size());
    for (const char* key : {"slot", "out", "in", "earliest_layer", "latest_layer"})
        QVERIFY2(report["refills"][0].toObject().contains(key), key);
    QCOMPARE(report["washout"][0]["source"].toString(), QString("machine"));
}

void TestCli::supports() {
    QVERIFY(write_file(path("leg.stl"), write_stl(solids::box(0, 0, 0, 10, 20, 10), "leg")));
    QVERIFY(write_file(path("plate.stl"), write_stl(solids::box(0, 0, 10, 30, 20, 12), "plate")));
    QCOMPARE(run({"new", "p.vitrail", "--model", "leg.stl", "plate.stl", "--machine", "feeder-4",
                  "--filament", "A:PLA:#1f3a63"})
                 .status,
             0);
    const QJsonObject all = json({"supports", "p.vitrail", "--json"});
    const QJsonArray schools = all["schools"].toArray();
    QCOMPARE(schools.size(), 5);
    for (const QJsonValue& s : schools)
        for (const char* key : {"school", "materials", "support_g", "interface_g", "contact_mm2", "changes",
                                "purge_g", "total_s", "cost", "cleanup_s", "risks"})
            QVERIFY2(s.toObject().contains(key), key);
    QCOMPARE(schools[0]["school"].toString(), QString("same"));
    QVERIFY(schools[0]["contact_mm2"].toDouble() > 300);
    QVERIFY(run({"supports", "p.vitrail"}).out.contains("soluble throughout"));
    QCOMPARE(run({"supports", "none.vitrail"}).status, 1);
    for (const char* key : {"extra_g", "verdict", "snap_places", "enclosed_mm2", "source"})
        QVERIFY2(schools[1].toObject().contains(key), key);
    QCOMPARE(all["interfaces"].toArray().size() >= 12, true);
    bool tree = false;
    for (const QJsonValue& way : all["less"].toArray())
        tree |= way["code"].toString() == "tree";
    QVERIFY(tree);
    // Materials come from a shelf that is given.
    QVERIFY(write_file(path("shelf.json"), shelf_to_json(starter_shelf())));
    QVERIFY(json({"supports", "p.vitrail", "--json", "--shelf", "shelf.json"})["schools"][1]["source"]
                .toString()
                .contains("shelf"));
    QCOMPARE(run({"supports", "p.vitrail", "--shelf", "none.json"}).status, 1);
    // What is painted about support is kept to.
    QCOMPARE(run({"new", "free.vitrail", "--model", "leg.stl", "plate.stl", "--machine", "feeder-4",
                  "--filament", "A:PLA:#1f3a63", "--paint", "plate:down=free"})
                 .status,
             0);
    QVERIFY(json({"supports", "free.vitrail", "--json"})["advice"].toString().startsWith(
        "Nothing needs holding"));
    QCOMPARE(
        run({"new", "x.vitrail", "--model", "leg.stl", "--filament", "A:PLA:#1f3a63", "--paint", "leg=free"})
            .status,
        2);
    QVERIFY(run({"sheet", "p.vitrail", "--html", "sheet.html"}).status == 0);
    // Support that is wanted is in the plan.
    const QJsonObject with = json({"plan", "p.vitrail", "--json", "--set", "support.kind=tree"});
    QVERIFY(with["totals"]["support_g"].toDouble() > 0 && with["totals"]["interface_g"].toDouble() > 0);
    QCOMPARE(run({"plan", "p.vitrail", "--set", "support.kind=lattice"}).status, 2);
}

void TestCli::fill() {
    QVERIFY(write_file(path("badge.vitrail"), *read_file(source_file("demo/badge.vitrail"))));
    const QJsonObject all = json({"fill", "badge.vitrail", "--json"});
    QCOMPARE(all["schema"].toString(), QString("vitrail.fill/1"));
    const QJsonArray curve = all["curve"].toArray();
    QCOMPARE(curve.size(), all["most"].toInt());
    for (const QJsonValue& x : curve)
        for (const char* key :
             {"n", "plates", "changes", "purge_g", "waste_g", "total_s", "cost", "per_piece"})
            QVERIFY2(x.toObject().contains(key), key);
    // The trade's rule: purge is the plate's, and a piece's share of it falls as 1/n.
    COMPARE_NEAR(curve[9]["purge_g"].toDouble(), curve[0]["purge_g"].toDouble(), 1e-9);
    COMPARE_NEAR(curve[9]["per_piece"]["purge_g"].toDouble() * 10, curve[0]["purge_g"].toDouble(), 1e-9);
    const QJsonObject some = json({"fill", "badge.vitrail", "--counts", "10..20", "--json"});
    QCOMPARE(some["curve"].toArray().size(), 11);
    QCOMPARE(some["curve"][0]["n"].toInt(), 10);
    QCOMPARE(some["curve"][10]["plates"].toInt(), 2);
    QVERIFY(run({"fill", "badge.vitrail"}).out.contains("fit on one plate"));
    for (const char* bad : {"0..3", "5..2", "1..", "x..3", "3", "1..2.5"})
        QCOMPARE(run({"fill", "badge.vitrail", "--counts", bad}).status, 2);
    QCOMPARE(run({"fill", "none.vitrail"}).status, 1);
}

void TestCli::order() {
    for (const char* name : {"badge", "open-day", "lighthouse"})
        QVERIFY(write_file(path((std::string(name) + ".vitrail").c_str()),
                           *read_file(source_file(std::string("demo/") + name + ".vitrail"))));
    const QJsonObject all =
        json({"order", "badge.vitrail=20", "open-day.vitrail:key tag=6", "--machine", "feeder-4", "--start",
              "2026-12-03T08:00", "--due", "1=2026-12-05T10:00", "--json"});
    QCOMPARE(all["schema"].toString(), QString("vitrail.order/1"));
    int badges = 0, tags = 0;
    for (const QJsonValue& p : all["plates"].toArray()) {
        for (const char* key :
             {"pieces", "changes", "waste_g", "total_s", "cost", "machine", "start", "put_in"})
            QVERIFY2(p.toObject().contains(key), key);
        badges += p["pieces"]["Visitor badge"].toInt();
        tags += p["pieces"]["key tag"].toInt();
    }
    QCOMPARE(badges, 20);
    QCOMPARE(tags, 6);
    QCOMPARE(all["plates"][0]["start"].toString(), QString("2026-12-03 08:00"));
    QVERIFY(all["totals"]["worth"].toDouble() <= all["apart"]["worth"].toDouble() + 1e-9);
    QVERIFY(all["bound"].toDouble() <= all["totals"]["worth"].toDouble() + 1e-9);
    // A folder of projects and sheets.
    QCOMPARE(run({"order", "badge.vitrail=20", "--into", "out"}).status, 0);
    for (const char* file :
         {"out/order.html", "out/plate-1.vitrail", "out/plate-1.html", "out/plate-2.vitrail"})
        QVERIFY2(QFile::exists(dir_->filePath(file)), file);
    QCOMPARE(run({"plan", "out/plate-1.vitrail"}).status, 0);
    // The order that a project holds.
    QVERIFY(run({"order", "open-day.vitrail", "--plans", "20"}).out.contains("each kind by itself"));
    // Mistakes.
    QCOMPARE(run({"order", "badge.vitrail=many"}).status, 2);
    QCOMPARE(run({"order", "badge.vitrail=0"}).status, 2);
    QCOMPARE(run({"order", "badge.vitrail=3", "--due", "2=2026-12-05T10:00"}).status, 2);
    QCOMPARE(run({"order", "badge.vitrail=3", "--due", "1=soon"}).status, 2);
    QCOMPARE(run({"order", "badge.vitrail=3", "--aim", "fame"}).status, 2);
    const Ran none = run({"order", "badge.vitrail"});
    QCOMPARE(none.status, 1);
    QVERIFY(none.err.contains("holds no order"));
    QCOMPARE(run({"order", "none.vitrail=3"}).status, 1);
    const Ran due = run({"order", "badge.vitrail=3", "--due", "1=2026-12-05T10:00"});
    QCOMPARE(due.status, 1);
    QVERIFY(due.err.contains("first plate can start"));
}

void TestCli::jobs() {
    for (const char* name : {"badge", "tide-dial"})
        QVERIFY(write_file(path((std::string(name) + ".vitrail").c_str()),
                           *read_file(source_file(std::string("demo/") + name + ".vitrail"))));
    const QJsonObject all = json({"jobs", "badge.vitrail", "--by-colour", "--into", "jobs", "--json"});
    QCOMPARE(all["schema"].toString(), QString("vitrail.jobs/1"));
    QCOMPARE(all["jobs"].toArray().size(), 2);
    for (const QJsonValue& j : all["jobs"].toArray()) {
        QCOMPARE(j["filaments"].toArray().size(), 1);
        QCOMPARE(j["changes"].toInt(), 0);
        QVERIFY(j["total_s"].toDouble() > 0);
    }
    QCOMPARE(all["jobs"][0]["parts"][0]["count"].toInt(), 10);
    for (const char* file :
         {"jobs/jobs.html", "jobs/colour-A.vitrail", "jobs/colour-A.3mf", "jobs/colour-B.html"})
        QVERIFY2(QFile::exists(dir_->filePath(file)), file);
    const auto job = load_project(path("jobs/colour-A.vitrail"));
    QVERIFY(job && job->origin);
    QCOMPARE(job->origin->file, std::string("../badge.vitrail"));
    const QJsonObject letters = json({"jobs", "tide-dial.vitrail", "--lettering", "--json"});
    QCOMPARE(letters["jobs"].toArray().size(), 2);
    COMPARE_NEAR(letters["jobs"][0]["first_layer_mm"].toDouble(), 0.2, 1e-9);
    COMPARE_NEAR(letters["jobs"][1]["first_layer_mm"].toDouble(), 0.3, 1e-9);
    QCOMPARE(run({"jobs", "badge.vitrail", "--lettering"}).status, 1); // it has none
    QCOMPARE(run({"jobs", "badge.vitrail", "--lettering", "--by-colour"}).status, 2);
}

void TestCli::variants() {
    QVERIFY(write_file(path("light.vitrail"), *read_file(source_file("demo/lighthouse.vitrail"))));
    QVERIFY(write_file(path("badge.vitrail"), *read_file(source_file("demo/badge.vitrail"))));
    const QJsonObject all = json({"variants", "light.vitrail", "--json"});
    QCOMPARE(all["schema"].toString(), QString("vitrail.variants/1"));
    QCOMPARE(all["variants"].toArray().size(), 3);
    QCOMPARE(all["variants"][2]["regions"]["roof"].toString(), QString("C"));
    QCOMPARE(json({"variants", "light.vitrail", "badge.vitrail", "--json"})["variants"].toArray().size(), 2);
    QCOMPARE(run({"variants", "light.vitrail", "--html", "v.html", "--png", "v.png", "--pdf", "v.pdf",
                  "--figure", "hours", "--date", "2026-11-27"})
                 .status,
             0);
    const auto html = read_file(path("v.html"));
    QVERIFY(html && html->find("blue bands") != std::string::npos &&
            html->find("time to print") != std::string::npos && html->find("material") == std::string::npos);
    for (const char* file : {"v.png", "v.pdf"})
        QVERIFY2(QFile::exists(dir_->filePath(file)), file);
    QCOMPARE(run({"variants", "light.vitrail", "--figure", "beauty"}).status, 2);
    QCOMPARE(run({"variants", "none.vitrail"}).status, 1);
}

void TestCli::when() {
    QCOMPARE(run({"new", "p.vitrail", "--machine", "hand-swap", "--filament", "A:PLA:#141414", "--filament",
                  "B:PLA:#f2f2ea", "--assign", "text=B", "--model", "badge.3mf", "--set", "min_layer=300"})
                 .status,
             0);
    // Started at 18:30, ten layers of five minutes before the swap.
    const QJsonObject j = json({"when", "p.vitrail", "--start", "2026-12-05T18:30", "--zone", "Europe/Berlin",
                                "--ics", "visits.ics", "--json"});
    QCOMPARE(j["start"].toString(), "2026-12-05T18:30:00+01:00");
    const QJsonArray visits = j["visits"].toArray();
    QCOMPARE(visits.size(), 2);
    const QJsonObject swap = visits[0].toObject();
    QCOMPARE(swap["what"].toString(), "swap");
    QCOMPARE(swap["layer"].toInt(), 11);
    const QDateTime at = QDateTime::fromString(swap["from"].toString(), Qt::ISODate),
                    start = QDateTime::fromString(j["start"].toString(), Qt::ISODate);
    QVERIFY(start.secsTo(at) > 3000 && start.secsTo(at) < 3900);
    QVERIFY(QString::fromStdString(*read_file(path("visits.ics"))).contains("BEGIN:VALARM"));
    // In summer the same moment is another hour; with an offset of its own nothing depends on the zone.
    QCOMPARE(json({"when", "p.vitrail", "--start", "2026-07-05T18:30", "--zone", "Europe/Berlin",
                   "--json"})["start"]
                 .toString(),
             "2026-07-05T18:30:00+02:00");
    QCOMPARE(
        json({"when", "p.vitrail", "--start", "2026-07-05T18:30Z", "--zone", "Asia/Tokyo", "--json"})["start"]
            .toString(),
        "2026-07-06T03:30:00+09:00");
    // Quiet hours, and the best start in a span.
    QCOMPARE(json({"when", "p.vitrail", "--start", "2026-12-05T21:30", "--quiet", "22:00-07:00", "--zone",
                   "UTC", "--json"})["night_trips"]
                 .toInt(),
             1);
    const QJsonObject wait = json({"when", "p.vitrail", "--start", "2026-12-05T21:30", "--quiet",
                                   "22:00-07:00", "--night", "wait", "--zone", "UTC", "--json"});
    QCOMPARE(wait["night_trips"].toInt(), 0);
    QCOMPARE(wait["visits"].toArray()[0].toObject()["from"].toString(), "2026-12-06T07:00:00+00:00");
    const QJsonObject best = json({"when", "p.vitrail", "--start", "2026-12-05T20:00", "--within", "24",
                                   "--quiet", "22:00-07:00", "--zone", "UTC", "--json"});
    QCOMPARE(best["night_trips"].toInt(), 0);
    QCOMPARE(best["curve"].toArray().size(), 289);
    // Two plates in a row.
    QCOMPARE(json({"when", "p.vitrail", "p.vitrail", "--start", "2026-12-05T08:00", "--zone", "UTC",
                   "--json"})["plates"]
                 .toArray()
                 .size(),
             2);
    for (const QStringList& wrong : {QStringList{"--start", "half past six"},
                                     {"--start", "2026-12-05T18:30", "--quiet", "late"},
                                     {"--start", "2026-12-05T18:30", "--zone", "../../etc/passwd"},
                                     {}})
        QCOMPARE(run(QStringList{"when", "p.vitrail"} + wrong).status, 2);
    QCOMPARE(run({"when", "nowhere.vitrail", "--start", "now"}).status, 1);
}

void TestCli::gcode() {
    QCOMPARE(run({"new", "p.vitrail", "--machine", "hand-swap", "--filament", "A:PLA:#141414", "--filament",
                  "B:PLA:#f2f2ea", "--assign", "text=B", "--model", "badge.3mf"})
                 .status,
             0);
    const QJsonObject totals = json({"plan", "p.vitrail", "--json"})["totals"].toObject();
    const double mm3 = totals["model_g"].toDouble() / 1.24 * 1000 / 15; // as much as the plan, layer by layer
    std::string text = "G21\nG90\nM83\n";
    for (int n = 1; n <= 15; ++n)
        text += fmt::format("G1 Z{:.2f} F600\nG1 X{} F3000\nG1 X{} E{:.4f} F2400\n", 0.2 * n, 10 + n % 3, 30,
                            mm3 / 2.40528);
    QVERIFY(write_file(path("plain.gcode"), text));
    Ran r = run({"gcode", "p.vitrail", "plain.gcode"});
    QCOMPARE(r.status, 1);
    QVERIFY2(r.out.contains("nothing stops between layers 10 and 11"), qPrintable(r.out));
    r = run({"gcode", "p.vitrail", "plain.gcode", "--write", "with.gcode"});
    QVERIFY2(r.status == 0 && r.out.contains("read again and proven"), qPrintable(r.out + r.err));
    QCOMPARE(*read_file(path("plain.gcode")), text);
    const QJsonObject j = json({"gcode", "p.vitrail", "with.gcode", "--json"});
    QCOMPARE(j["layers"].toArray().size(), 15);
    QCOMPARE(j["changes"].toArray()[0].toObject()["state"].toString(), "as-planned");
    QVERIFY(j["as_planned"].toBool() && j["layers_match"].toBool());
    COMPARE_NEAR(j["mm3"].toArray()[0].toDouble(), 15 * mm3, 1);
    QVERIFY(j["seconds"].toDouble() > 10);
    // Over itself, other layers, no toolpath file, none at all: a sentence, a status, no file.
    QCOMPARE(run({"gcode", "p.vitrail", "plain.gcode", "--write", "plain.gcode"}).status, 1);
    r = run({"gcode", "p.vitrail", "plain.gcode", "--write", "no.gcode", "--set", "first_layer=0.3"});
    QVERIFY2(r.status == 1 && r.err.contains("first layer is 0.20 mm in the file, 0.30 mm in the plan"),
             qPrintable(r.err));
    QVERIFY(!read_file(path("no.gcode")));
    QCOMPARE(run({"gcode", "p.vitrail", "badge.3mf"}).status, 1);
    QCOMPARE(run({"gcode", "p.vitrail", "nowhere.gcode"}).status, 1);
    QCOMPARE(*read_file(path("plain.gcode")), text);
}

void TestCli::rehearse() {
    QCOMPARE(run({"new", "p.vitrail", "--machine", "hand-swap", "--filament", "A:PLA:#141414", "--filament",
                  "B:PLA:#f2f2ea", "--assign", "text=B", "--model", "badge.3mf", "--set", "layer=0.2"})
                 .status,
             0);
    const QStringList base{"rehearse", "p.vitrail", "--start", "2026-12-05T18:30", "--zone", "UTC", "--json"};
    QJsonObject j = json(base + QStringList{"--quiet", "00:00-00:00"});
    QCOMPARE(j["right"].toInt(), 1);
    QCOMPARE(j["missed"].toInt(), 0);
    QCOMPARE(j["steps"].toArray()[0].toObject()["result"].toString(), "right");
    QVERIFY(j["wrong"].toArray().isEmpty());
    j = json(base + QStringList{"--quiet", "18:00-08:00", "--drops", "0.1", "--seed",
                                "3"}); // everybody is asleep, and the line is bad
    QCOMPARE(j["missed"].toInt(), 1);
    QVERIFY(j["end"].toString().startsWith("2026-12-06T08"));
    QVERIFY(j["repeated_lines"].toInt() > 0);
    QVERIFY(json(base + QStringList{"--resets", "0.05"})["broke_off"].toBool());
    const Ran text = run(base.mid(0, 6));
    QVERIFY2(text.status == 0 && text.out.contains("of 1 right"), qPrintable(text.out + text.err));
    // A file of other layers; nonsense.
    QVERIFY(write_file(path("other.gcode"), "G1 Z0.3\nM83\nG1 X1 E1 F600\n"));
    QCOMPARE(run({"rehearse", "p.vitrail", "--gcode", "other.gcode"}).status, 1);
    QCOMPARE(run({"rehearse", "p.vitrail", "--start", "never"}).status, 2);
    QCOMPARE(run({"rehearse", "p.vitrail", "--drops", "2"}).status, 2);
}

void TestCli::layer_bands() {
    QCOMPARE(run({"new", "p.vitrail", "--model", "badge.3mf", "--set", "layer=0.2", "--set",
                  "layer.bands=0.1:1..2"})
                 .status,
             0);
    QJsonObject j = json({"plan", "p.vitrail", "--json"});
    QCOMPARE(j["layers"].toObject()["runs"].toArray().size(), 3);
    const int with = j["layers"].toObject()["count"].toInt();
    QCOMPARE(
        json({"plan", "p.vitrail", "--json", "--set", "layer.bands="})["layers"].toObject()["count"].toInt(),
        with - 5);
    const Ran r = run({"set", "p.vitrail", "layer.bands=thin"});
    QVERIFY2(r.status != 0 && r.err.contains("layer.bands"), qPrintable(r.err));
    QCOMPARE(json({"plan", "p.vitrail", "--json"})["layers"].toObject()["count"].toInt(), with);
}

void TestCli::log() {
    QCOMPARE(run({"new", "p.vitrail", "--model", "badge.3mf"}).status, 0);
    const auto log = [&](QStringList what) {
        return QStringList{"log"} + what + QStringList{"--book", "book.sqlite"};
    };
    QJsonObject out = json(log({"outlook", "p.vitrail", "--json"}));
    QCOMPARE(out["time_s"].toObject()["prints"].toInt(), 0); // a guess
    for (int i = 0; i < 6; ++i) {
        const Ran r = run(log({"add", "p.vitrail", "--start", QString("2026-11-0%1T10:00:00Z").arg(i + 1),
                               "--hours", "1.5", "--piece-g", "4.2", "--fault", "damp", "--outcome", "usable",
                               "--notes", "strings", "--sure"}));
        QVERIFY2(r.status == 0, qPrintable(r.err));
    }
    QCOMPARE(QJsonDocument::fromJson(run(log({"list", "--json"})).out.toUtf8())
                 .object()["prints"]
                 .toArray()
                 .size(),
             6);
    // What no print can have is asked about first; without --pieces everything that was printed was weighed.
    const double piece_g = json({"plan", "p.vitrail", "--set", "copies=10", "--json"})["totals"]
                               .toObject()["model_g"]
                               .toDouble();
    const Ran odd =
        run(log({"add", "p.vitrail", "--set", "copies=10", "--piece-g", QString::number(10 * piece_g)}));
    QVERIFY2(odd.status == 2 && odd.err.contains("--sure"), qPrintable(odd.err));
    const QJsonObject kept = json(
        log({"add", "p.vitrail", "--set", "copies=10", "--piece-g", QString::number(piece_g), "--json"}));
    const QString kept_id = kept["id"].toString();
    QVERIFY(!kept_id.isEmpty());
    COMPARE_NEAR(kept["figures"].toObject()["piece"].toObject()["real"].toDouble(), piece_g, 0.01);
    QCOMPARE(run(log({"remove", kept_id})).status, 0);
    const QJsonObject taught = json(log({"teach", "--json"}));
    bool printing = false;
    for (const QJsonValue& f : taught["factors"].toArray())
        if (f.toObject()["quantity"].toString() == "printing") {
            printing = true;
            QCOMPARE(f.toObject()["prints"].toInt(), 6);
            QVERIFY(f.toObject()["factor"].toDouble() > 1 &&
                    f.toObject()["low"].toDouble() < f.toObject()["high"].toDouble());
        }
    QVERIFY(printing);
    QVERIFY(taught["score"].toObject()["figures"].toInt() >= 6);
    out = json(log({"outlook", "p.vitrail", "--json"}));
    QCOMPARE(out["time_s"].toObject()["prints"].toInt(), 6);
    // Report and sheet say it, too, where a logbook is named.
    QCOMPARE(json({"plan", "p.vitrail", "--json", "--book", "book.sqlite"})["outlook"]
                 .toObject()["time_s"]
                 .toObject()["prints"]
                 .toInt(),
             6);
    QVERIFY(!json({"plan", "p.vitrail", "--json"}).contains("outlook"));
    QCOMPARE(run({"sheet", "p.vitrail", "--html", "s.html", "--book", "book.sqlite"}).status, 0);
    QVERIFY(read_file(path("s.html"))->find("by the logbook") != std::string::npos);
    // The run has its windows from it.
    const QJsonObject when =
        json({"when", "p.vitrail", "--start", "2026-12-05T10:00:00Z", "--book", "book.sqlite", "--json"});
    QCOMPARE(when["pace_prints"].toInt(), 6);
    QVERIFY(when["early_end"].toString() < when["end"].toString() &&
            when["end"].toString() < when["late_end"].toString());
    QVERIFY(json({"when", "p.vitrail", "--start", "2026-12-05T10:00:00Z", "--json"})["early_end"].isNull());
    // Looked for, compared, on paper, with a photograph, in a machine file.
    QCOMPARE(QJsonDocument::fromJson(
                 run(log({"list", "--json", "--find", "damp date>2026-11-03 date<2026-11-05"})).out.toUtf8())
                 .object()["prints"]
                 .toArray()
                 .size(),
             2);
    QVERIFY(run(log({"add", "p.vitrail", "--start", "2026-11-09T10:00:00Z", "--hours", "2", "--sure", "--set",
                     "layer=0.15"}))
                .status == 0);
    bool layer = false;
    for (const QJsonValue& d :
         json(log({"compare", "2026-11-01T10:00", "2026-11-09T10:00", "--json"}))["differences"].toArray())
        layer |= d.toObject()["of"].toString() == "setting" && d.toObject()["second"].toString() == "0.15 mm";
    QVERIFY(layer);
    write_flag();
    QCOMPARE(run(log({"photo", "2026-11-01T10:00", "flag.ppm"})).out, QString("flag\n"));
    QCOMPARE(run(log({"photo", "2026-11-01T10:00", "base.stl"})).status, 1);
    QCOMPARE(run(log({"page", "2026-11-01T10:00", "page.html"})).status, 0);
    QVERIFY(read_file(path("page.html"))->find("damp filament") != std::string::npos &&
            read_file(path("page.html"))->find("data:image/png") != std::string::npos);
    QCOMPARE(run(log({"page", "2026-11-01T10:00", "page.pdf"})).status, 0);
    QCOMPARE(run(log({"compare", "2026-11-01T10:00", "never"})).status, 2);
    const QString machine =
        json(log({"list", "--json"}))["prints"].toArray()[0].toObject()["machine"].toString();
    QCOMPARE(run(log({"machine", machine, "machine.json"})).status, 0);
    QCOMPARE(run({"new", "q.vitrail", "--model", "badge.3mf", "--machine", "machine.json"}).status, 0);
    QVERIFY(json({"log", "outlook", "q.vitrail", "--json", "--book", "empty.sqlite"})["time_s"]
                .toObject()["prints"]
                .toInt() >= 6); // somebody without a logbook
    QVERIFY(json(log({"remarks", machine, "--json"}))["remarks"].isArray());
    QCOMPARE(run(log({"remove", "2026-11-09T10:00"})).status, 0);
    // In and out.
    QCOMPARE(run(log({"export", "all.csv"})).status, 0);
    QCOMPARE(run(log({"export", "all.json"})).status, 0);
    QCOMPARE(run({"log", "import", "all.csv", "--book", "other.sqlite"}).status, 0);
    QCOMPARE(json({"log", "list", "--json", "--book", "other.sqlite"})["prints"].toArray().size(), 6);
    QCOMPARE(run(log({"remove", "2026-11-01T10:00"})).status, 0);
    QCOMPARE(run(log({"remove", "2026-11-01T10:00"})).status, 2);
    // What cannot be.
    QCOMPARE(run(log({"add", "p.vitrail", "--fault", "bad luck"})).status, 2);
    QCOMPARE(
        run(log({"add", "p.vitrail", "--start", "2026-11-01T10:00:00Z", "--end", "2026-10-01T10:00:00Z"}))
            .status,
        2);
    QCOMPARE(run(log({"add", "nowhere.vitrail"})).status, 1);
    QVERIFY(write_file(path("bad.csv"), "id,machine,start\na,m,never\n"));
    const Ran bad = run(log({"import", "bad.csv"}));
    QVERIFY2(bad.status == 1 && bad.err.contains("line 2"), qPrintable(bad.err));
}

VITRAIL_TEST(TestCli)
#include "test_cli.moc"
