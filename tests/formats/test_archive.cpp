#include "core/geometry/made_layers.h"
#include "core/patch/stroke.h"
#include "core/picture/make.h"
#include "core/project/regions.h"
#include "formats/archive.h"
#include "formats/files.h"
#include "formats/json.h"
#include "formats/shelf_db.h"
#include "formats/zip.h"

#include "support.h"

#include <set>

#include <QDir>

#include "formats/model.h"

#include <QDir>
#include <QTemporaryDir>

using namespace vitrail;
using namespace vitrail::test;

namespace {

/// A project as it comes from a model file.
Project sample() {
    Project p;
    p.name = "Sample";
    p.machine = *find_machine("carousel");
    p.filaments = {pla('C', "#102030"), make_filament('A', Material::PETG, {200, 60, 40}, "brick")};
    p.filaments[1].td_mm = 3.25;
    const auto bytes = write_3mf(
        {{"plate", solids::box(0, 0, 0, 10, 10, 2), {}}, {"text", solids::box(2, 2, 2, 8, 8, 3), {}}});
    if (!bytes || !add_model(p, 0, "sample.3mf", *bytes))
        return {};
    p.pieces[0].parts[1].filament = 'A';
    p.pieces[0].parts[1].name = "lettering";
    assign_band(p.pieces[0], 0, 0.4, 1.2, 'A');
    p.settings.layer_mm = 0.16;
    p.settings.order = LayerOrder::as_assigned;
    return p;
}

/// The archive with its project.json changed by `change`.
template <class F>
std::string with_json(const std::string& archive, F change) {
    auto entries = read_zip(archive);
    std::vector<ZipEntry> out;
    for (ZipEntry& e : *entries) {
        if (e.name == "project.json") {
            Json j = Json::parse(e.bytes);
            change(j);
            e.bytes = j.dump();
        }
        out.push_back(e);
    }
    return *write_zip(out);
}

std::string json_of(const std::string& archive) {
    const auto entries = read_zip(archive);
    for (const ZipEntry& e : *entries)
        if (e.name == "project.json")
            return e.bytes;
    return {};
}

} // namespace

namespace {

/// A small picture, made.
Project small_picture(PictureUse use) {
    Project p;
    p.machine = *find_machine("feeder-4");
    p.filaments = {pla('A', "#f4f2ec"), pla('B', "#28aad6"), pla('C', "#d22c84")};
    p.settings.first_layer_mm = 0.16;
    p.settings.layer_mm = 0.08;
    p.picture.emplace();
    p.picture->use = use;
    p.picture->name = "flag.png";
    p.picture->bytes = std::make_shared<const std::string>("not looked at here");
    p.picture->width_mm = 12;
    p.picture->dot_mm = 0.4;
    p.picture->prepare.corner_mm = 2;
    p.picture->prepare.text = "Saltmarsh";
    p.picture->prepare.tones = {{0, 0}, {0.5, 0.6}, {1, 1}};
    p.picture->bands = {{'A', 1, 4}, {'B', 5, 8}, {'C', 9, 12}};
    p.picture->panel = usual_films(p.filaments);
    p.picture->panel.film_layers = 2;
    Raster flag{30, 20, {}};
    for (int i = 0; i < 600; ++i)
        flag.dots.push_back(i % 30 < 10   ? Srgb{240, 240, 236}
                            : i % 30 < 20 ? Srgb{40, 160, 210}
                                          : Srgb{200, 50, 130});
    return *with_picture_made(std::move(p), flag);
}

} // namespace
class TestArchive : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void the_angle_of_old();
    void round_trip_keeps_everything();
    void pictures_round_trip();
    void version_four_is_read();
    void variants_and_orders_are_kept();
    void measured_light_is_kept();
    void contents_as_in_the_contract();
    void unknown_keys_and_files_survive();
    void newer_versions_are_refused();
    void mistakes_are_named();
    void writing_is_whole_or_not_at_all();
    void equal_projects_give_equal_bytes();
    void paint_shells_pose_and_spools_survive();
    void version_1_is_read();
    void projects_of_old_are_read_data();
    void projects_of_old_are_read();
    void pieces_and_where_they_stand_survive();
    void what_was_said_about_changes_survives();
    void surfaces_that_do_not_fit_are_refused();
};

void TestArchive::round_trip_keeps_everything() {
    const Project p = sample();
    const auto bytes = write_archive(p, "png");
    QVERIFY(bytes);
    const auto q = read_archive(*bytes);
    QVERIFY2(q, q ? "" : english(q.error().message).c_str());
    QCOMPARE(q->name, p.name);
    QCOMPARE(write_machine(q->machine), write_machine(p.machine));
    QVERIFY(q->filaments == p.filaments);
    QCOMPARE(q->settings, p.settings);
    QVERIFY(q->pieces[0].bands == p.pieces[0].bands);
    QCOMPARE(q->pieces[0].parts.size(), p.pieces[0].parts.size());
    for (std::size_t i = 0; i < p.pieces[0].parts.size(); ++i) {
        QCOMPARE(q->pieces[0].parts[i].name, p.pieces[0].parts[i].name);
        QCOMPARE(q->pieces[0].parts[i].filament, p.pieces[0].parts[i].filament);
        QVERIFY(q->pieces[0].parts[i].mesh->vertices == p.pieces[0].parts[i].mesh->vertices);
        QVERIFY(q->pieces[0].parts[i].mesh->triangles == p.pieces[0].parts[i].mesh->triangles);
    }
    QCOMPARE(*q->models[0].bytes, *p.models[0].bytes); // the file as it was imported
    COMPARE_NEAR(plan_of(*q)->totals.cost, plan_of(p)->totals.cost, 1e-12);
}

void TestArchive::pictures_round_trip() {
    for (const PictureUse use : {PictureUse::relief, PictureUse::panel}) {
        const Project p = small_picture(use);
        const std::string bytes = *write_archive(p);
        const auto entries = read_zip(bytes);
        std::set<std::string> names;
        for (const ZipEntry& e : *entries)
            names.insert(e.name);
        QVERIFY(names.count("pictures/flag.png") && names.count("surfaces/picture.pgm"));
        auto q = read_archive(bytes);
        QVERIFY2(q, q ? "" : english(q.error().message).c_str());
        QVERIFY(q->picture);
        const Picture &a = *p.picture, &b = *q->picture;
        QCOMPARE(*b.bytes, *a.bytes); // as it came
        QVERIFY(b.prepare == a.prepare && b.bands == a.bands &&
                (use == PictureUse::relief || b.panel == a.panel) && b.stacks == a.stacks &&
                *b.dots == *a.dots && b.school == a.school && b.face_down == a.face_down);
        COMPARE_NEAR(b.figures.mean_delta_e, a.figures.mean_delta_e, 1e-9);
        QVERIFY(picture_is_current(*q));
        // The bodies are the same, and planned from their layers.
        QCOMPARE(q->pieces[0].parts.size(), p.pieces[0].parts.size());
        for (std::size_t i = 0; i < p.pieces[0].parts.size(); ++i) {
            QVERIFY(q->pieces[0].parts[i].mesh->vertices == p.pieces[0].parts[i].mesh->vertices);
            QVERIFY(q->pieces[0].parts[i].made &&
                    q->pieces[0].parts[i].made->mesh == q->pieces[0].parts[i].mesh);
            QCOMPARE(q->pieces[0].parts[i].filament, p.pieces[0].parts[i].filament);
        }
        COMPARE_NEAR(plan_of(*q)->totals.total_s, plan_of(p)->totals.total_s, 1e-6);
        // What is damaged is refused with a sentence.
        const auto refused = [&](auto change, const char* what) {
            const auto bad = read_archive(with_json(bytes, change));
            return !bad && english(bad.error().message).find(what) != std::string::npos;
        };
        QVERIFY(
            refused([](Json& j) { j["picture"]["file"] = "pictures/gone.png"; }, "missing from the project"));
        QVERIFY(refused([](Json& j) { j["picture"]["file"] = "models/x"; }, "must lie in pictures"));
        QVERIFY(refused([](Json& j) { j["picture"]["width_mm"] = -3; }, "width_mm"));
        QVERIFY(refused(
            [](Json& j) {
                j["picture"]["prepare"]["crop"] = {0.5, 0, 0.2, 1};
            },
            "leaves nothing"));
        QVERIFY(refused([](Json& j) { j["picture"]["use"] = "mosaic"; }, "mosaic"));
        QVERIFY(refused([](Json& j) { j["pieces"][0]["parts"][0]["body"] = 17; }, "names a body"));
        if (use == PictureUse::relief)
            QVERIFY(refused([](Json& j) { j["picture"]["bands"].erase(1); }, ""));
        else
            QVERIFY(refused([](Json& j) { j["picture"]["made"]["stacks"].erase(0); }, "does not fit"));
        // Taken out, it is gone from the file as well, unknown keys or not.
        q->picture.reset();
        for (Part& part : q->pieces[0].parts)
            part.own_mesh = true;
        const auto without = read_archive(*write_archive(*q));
        QVERIFY2(without, without ? "" : english(without.error().message).c_str());
        QVERIFY(!without->picture);
        QCOMPARE(without->pieces[0].parts.size(), p.pieces[0].parts.size());
    }
}

void TestArchive::version_four_is_read() {
    const auto p =
        read_archive(with_json(*write_archive(sample()), [](Json& j) { j["schema"] = "vitrail.project/4"; }));
    QVERIFY2(p, p ? "" : english(p.error().message).c_str());
    QVERIFY(has_parts(*p) && !p->picture);
    QVERIFY(json_of(*write_archive(*p)).find("vitrail.project/6") != std::string::npos);
}

void TestArchive::variants_and_orders_are_kept() {
    Project p = sample();
    keep_variant(p, "as drawn");
    p.pieces[0].parts[0].filament = 'A';
    p.settings.layer_mm = 0.1;
    keep_variant(p, "thin");
    repaint(p.pieces[0].parts[1], [](const Mesh&, Paint& paint) { paint.patch[0] = 1; });
    p.pieces[0].parts[1].patches = {{"spot", 'C'}};
    keep_variant(p, "spotted");
    p.order.items = {{"plate", "", 40, "2026-12-05T10:00", true, 2.5, 1, true},
                     {"", "../other.vitrail", 3, "", false, 0, 0, false}};
    p.order.aim = OrderAim::trips;
    p.order.start = "2026-12-03T08:00";
    p.order.machines = {"twin", "nobody's"};
    p.asked = {{"2026-11-27",
                "the keeper",
                {{'A', "thin", {{"roof", {1, 2, 3}}}, {{"hours", 3600.5}}}},
                "2026-11-28",
                "A",
                "but\nred"}};
    p.origin = Origin{"../lighthouse.vitrail", "colour A", "0123456789abcdef"};
    const std::string archive = *write_archive(p);
    auto q = read_archive(archive);
    QVERIFY2(q, q ? "" : english(q.error().message).c_str());
    QVERIFY(q->order == p.order);
    QVERIFY(q->asked == p.asked);
    QVERIFY(q->origin == p.origin);
    QCOMPARE(q->variant, std::string("spotted"));
    QCOMPARE(q->variants.size(), std::size_t{3});
    for (std::size_t i = 0; i < 3; ++i) {
        const Project &a = *p.variants[i].project, &b = *q->variants[i].project;
        QCOMPARE(q->variants[i].name, p.variants[i].name);
        QCOMPARE(b.settings.layer_mm, a.settings.layer_mm);
        QCOMPARE(b.pieces[0].parts[0].filament, a.pieces[0].parts[0].filament);
        QCOMPARE(b.pieces[0].parts[1].patches.size(), a.pieces[0].parts[1].patches.size());
        // What they share is there once: in the file, and in memory.
        QVERIFY(b.pieces[0].parts[0].mesh == q->pieces[0].parts[0].mesh);
        QVERIFY(b.models[0].bytes == q->models[0].bytes);
        QVERIFY(b.variants.empty());
    }
    QVERIFY(q->variants[2].project->pieces[0].parts[1].paint == q->pieces[0].parts[1].paint);
    const auto entries = read_zip(archive);
    QCOMPARE(std::count_if(entries->begin(), entries->end(),
                           [](const ZipEntry& e) { return e.name.find("sample.3mf") != std::string::npos; }),
             1);
    // Written again it is the same, and what is taken out stays out.
    QCOMPARE(json_of(*write_archive(*q)), json_of(archive));
    q->origin.reset();
    remove_variant(*q, 0);
    const auto less = read_archive(*write_archive(*q));
    QVERIFY(less && !less->origin && less->variants.size() == 2 && less->variants[0].name == "thin");
    // A variant with a file of its own carries it.
    use_variant(*q, 0);
    QVERIFY(add_model(*q, 0, "more.3mf", *write_3mf({{"more", solids::box(0, 0, 0, 5, 5, 5), {}}})));
    keep_variant(*q, "more");
    use_variant(*q, 0);
    const auto more = read_archive(*write_archive(*q));
    QVERIFY2(more, more ? "" : english(more.error().message).c_str());
    QCOMPARE(more->models.size(), std::size_t{1});
    QCOMPARE(more->variants.back().project->models.size(), std::size_t{2});
    // Damage is said.
    const auto refused = [&](auto change, const char* what) {
        const auto bad = read_archive(with_json(archive, change));
        return !bad && english(bad.error().message).find(what) != std::string::npos;
    };
    QVERIFY(refused([](Json& j) { j["variants"][0]["folder"] = "variants/9/"; }, "missing"));
    QVERIFY(refused([](Json& j) { j["variants"][0]["folder"] = "models/"; }, "folder"));
    QVERIFY(refused([](Json& j) { j["order"]["aim"] = "fame"; }, "waste, hours"));
    QVERIFY(refused([](Json& j) { j["order"]["items"][0]["due"] = "soon"; }, "must be a time"));
    QVERIFY(refused([](Json& j) { j["order"]["items"][0]["count"] = 0; }, "count"));
    QVERIFY(refused([](Json& j) { j["asked"][0]["shown"][0]["letter"] = "?"; }, "letter"));
}

void TestArchive::measured_light_is_kept() {
    Project p = sample();
    p.filaments[0].measured =
        MeasuredOptics{{{0.8, 2.5, 6.125}, {4, 3.5, 3}}, {0.01, 0.02, 0.03}, {0.1, 0.2, 0.3}};
    auto q = read_archive(*write_archive(p));
    QVERIFY(q && q->filaments[0].measured == p.filaments[0].measured);
    q->filaments[0].measured.reset(); // forgotten, it does not come back from the file it was read from
    QVERIFY(!read_archive(*write_archive(*q))->filaments[0].measured);
    const auto bad =
        read_archive(with_json(*write_archive(p), [](Json& j) { j["filaments"][0]["optics"] = "1 2 3"; }));
    QVERIFY(!bad && english(bad.error().message).find("twelve numbers") != std::string::npos);
    // And on the shelf's files.
    Shelf shelf;
    shelf.filaments.push_back({});
    shelf.filaments[0].id = "x";
    shelf.filaments[0].filament = p.filaments[0];
    for (const std::string& text : {shelf_to_csv(shelf), shelf_to_json(shelf)}) {
        const auto back = shelf_from_text(text);
        QVERIFY2(back, back ? "" : english(back.error().message).c_str());
        QVERIFY(back->filaments[0].filament.measured == p.filaments[0].measured);
    }
}

void TestArchive::contents_as_in_the_contract() {
    const auto entries = read_zip(*write_archive(sample(), "png"));
    QCOMPARE(entries->at(0).name, std::string("project.json"));
    QCOMPARE(entries->at(1).name, std::string("models/sample.3mf"));
    QCOMPARE(entries->at(2).name, std::string("thumbnail.png"));
    const Json j = Json::parse(entries->at(0).bytes);
    QCOMPARE(j["schema"].get<std::string>(), std::string("vitrail.project/6"));
    QCOMPARE(j["settings"]["order"].get<std::string>(), std::string("as-assigned"));
}

void TestArchive::unknown_keys_and_files_survive() {
    const std::string archive = with_json(*write_archive(sample()), [](Json& j) {
        j["mood"] = "sunny";
        j["filaments"][0]["smell"] = 3;
        j["settings"]["future.knob"] = 1.5;
        j["pieces"][0]["parts"][1]["tags"] = {"a", "b"};
    });
    auto entries = *read_zip(archive);
    entries.push_back({"pictures/dusk.png", "pixels"});
    auto p = read_archive(*write_zip(entries));
    QVERIFY2(p, p ? "" : english(p.error().message).c_str());
    p->name = "Changed";
    p->filaments[0].price_per_kg = 99;
    const std::string again = *write_archive(*p);
    const Json j = Json::parse(json_of(again));
    QCOMPARE(j["mood"].get<std::string>(), std::string("sunny"));
    QCOMPARE(j["name"].get<std::string>(), std::string("Changed"));
    QCOMPARE(j["filaments"][0]["smell"].get<int>(), 3);
    QCOMPARE(j["filaments"][0]["price_per_kg"].get<double>(), 99.0);
    QCOMPARE(j["settings"]["future.knob"].get<double>(), 1.5);
    QCOMPARE(j["pieces"][0]["parts"][1]["tags"].size(), std::size_t{2});
    bool kept = false;
    const auto written = read_zip(again);
    for (const ZipEntry& e : *written)
        kept |= e.name == "pictures/dusk.png" && e.bytes == "pixels";
    QVERIFY(kept);
    // A filament that was removed takes its unknown keys along.
    remove_filament(*p, 'C', 'A');
    QVERIFY(json_of(*write_archive(*p)).find("smell") == std::string::npos);
}

void TestArchive::newer_versions_are_refused() {
    const auto p =
        read_archive(with_json(*write_archive(sample()), [](Json& j) { j["schema"] = "vitrail.project/7"; }));
    QVERIFY(!p);
    QVERIFY(english(p.error().message).find("newer Vitrail") != std::string::npos);
    QVERIFY(english(p.error().message).find("7") != std::string::npos);
    QVERIFY(!read_archive(with_json(*write_archive(sample()), [](Json& j) { j["schema"] = "other/1"; })));
    QVERIFY(!read_archive(with_json(*write_archive(sample()), [](Json& j) { j.erase("schema"); })));
}

void TestArchive::mistakes_are_named() {
    const std::string good = *write_archive(sample());
    struct Case {
        const char* says;
        std::function<void(Json&)> spoil;
    };
    const Case cases[] = {
        {"filaments[0].colour", [](Json& j) { j["filaments"][0]["colour"] = "blueish"; }},
        {"filaments[1].material", [](Json& j) { j["filaments"][1]["material"] = "cheese"; }},
        {"filaments[1].letter", [](Json& j) { j["filaments"][1]["letter"] = "C"; }},
        {"filaments[0].letter", [](Json& j) { j["filaments"][0]["letter"] = "cc"; }},
        {"filaments[0].density", [](Json& j) { j["filaments"][0]["density_g_cm3"] = -1; }},
        {"parts[0]", [](Json& j) { j["pieces"][0]["parts"][0]["body"] = 9; }},
        {"parts[1].name", [](Json& j) { j["pieces"][0]["parts"][1]["name"] = "plate"; }},
        {"bands[0].part", [](Json& j) { j["pieces"][0]["bands"][0]["part"] = "nowhere"; }},
        {"settings", [](Json& j) { j["settings"]["layer"] = 900; }},
        {"settings", [](Json& j) { j["settings"]["order"] = "chaotic"; }},
        {"machine", [](Json& j) { j["machine"]["toolheads"] = Json::array(); }},
        {"pieces", [](Json& j) { j["pieces"] = "one"; }},
        {"pieces[0].count", [](Json& j) { j["pieces"][0]["count"] = 0; }},
        {"pinned[0].nth",
         [](Json& j) {
             j["pinned"] = Json::array({{{"piece", "sample"}, {"nth", 0}, {"x_mm", 0}, {"y_mm", 0}}});
         }},
        {"models", [](Json& j) { j["models"] = 5; }},
        {"missing", [](Json& j) { j["models"][0] = "models/other.3mf"; }},
        {"missing", [](Json& j) { j["models"][0] = "project.json"; }},
    };
    for (const Case& c : cases) {
        const auto p = read_archive(with_json(good, c.spoil));
        QVERIFY2(!p, c.says);
        QVERIFY2(english(p.error().message).find(c.says) != std::string::npos,
                 english(p.error().message).c_str());
    }
    QVERIFY(!read_archive("not a zip"));
    QVERIFY(!read_archive(*write_zip({{"readme.txt", "hello"}})));
    QVERIFY(!read_archive(*write_zip({{"project.json", "{\"schema\": "}})));
    QVERIFY(!read_archive(*write_zip({{"project.json", std::string(100000, '[')}})));
}

void TestArchive::writing_is_whole_or_not_at_all() {
    QTemporaryDir dir;
    const std::string path = dir.filePath("a.vitrail").toStdString();
    QVERIFY(save_project(sample(), path));
    const std::string before = *read_file(path);
    // A folder that does not exist: nothing is written, the error says why.
    const Status bad = save_project(sample(), dir.filePath("no/such/folder/a.vitrail").toStdString());
    QVERIFY(!bad);
    QVERIFY(english(bad.error().message).find("Nothing was changed") != std::string::npos);
    // The target is a folder: its place cannot be taken, and no part file stays behind.
    QDir(dir.path()).mkdir("b.vitrail");
    QVERIFY(!save_project(sample(), dir.filePath("b.vitrail").toStdString()));
    QCOMPARE(QDir(dir.path()).entryList(QDir::Files), QStringList{"a.vitrail"});
    QCOMPARE(*read_file(path), before);
    QVERIFY(!load_project(dir.filePath("none.vitrail").toStdString()));
    QVERIFY(!load_project(dir.path().toStdString()));
}

void TestArchive::equal_projects_give_equal_bytes() {
    const Project p = sample();
    QCOMPARE(*write_archive(p), *write_archive(p));
    const auto q = read_archive(*write_archive(p));
    QCOMPARE(json_of(*write_archive(*q)), json_of(*write_archive(p)));
}

void TestArchive::paint_shells_pose_and_spools_survive() {
    Project p = sample();
    const PatchNumber n = add_patch(p.pieces[0].parts[0], "rim", 'A');
    repaint(p.pieces[0].parts[0], [&](const Mesh& m, Paint& paint) {
        paint_heights(m, paint, 0.5, 1.5, [n](PatchNumber) { return n; });
    });
    p.filaments[0].spools = {{"S-1", 123.5}, {"S-2", 900}};
    p.filaments[0].shelf_id = "x1";
    p.filaments[0].dried_day = 20769;
    p.filaments[0].opened_day = 20700;
    repaint_support(p.pieces[0].parts[1], [&](const Mesh& m, Paint& paint) {
        paint_heights(m, paint, 0.5, 1.5,
                      [](PatchNumber) { return static_cast<PatchNumber>(SupportWish::hold); });
    });
    p.filaments[1].kept_dry = p.filaments[1].class_confirmed = true;
    p.waivers = {{"tall-thin", "glued"}};
    turn(p, 0, to_bed({0, -1, 0.3f}));
    QVERIFY(p.pieces[0].parts.size() > 2); // its band became parts of their own
    const auto bytes = write_archive(p);
    QVERIFY(bytes);
    const auto q = read_archive(*bytes);
    QVERIFY2(q, q ? "" : english(q.error().message).c_str());
    QCOMPARE(q->pieces[0].parts.size(), p.pieces[0].parts.size());
    for (std::size_t i = 0; i < p.pieces[0].parts.size(); ++i) {
        QCOMPARE(q->pieces[0].parts[i].name, p.pieces[0].parts[i].name);
        QCOMPARE(q->pieces[0].parts[i].own_mesh, p.pieces[0].parts[i].own_mesh);
        QVERIFY(q->pieces[0].parts[i].mesh->triangles == p.pieces[0].parts[i].mesh->triangles);
        for (std::size_t v = 0; v < p.pieces[0].parts[i].mesh->vertices.size(); ++v)
            QVERIFY(length(q->pieces[0].parts[i].mesh->vertices[v] - p.pieces[0].parts[i].mesh->vertices[v]) <
                    1e-4f);
        QVERIFY(q->pieces[0].parts[i].patches == p.pieces[0].parts[i].patches);
        QCOMPARE(bool(q->pieces[0].parts[i].paint), bool(p.pieces[0].parts[i].paint));
        if (p.pieces[0].parts[i].paint)
            QVERIFY(*q->pieces[0].parts[i].paint == *p.pieces[0].parts[i].paint);
        QCOMPARE(bool(q->pieces[0].parts[i].support_paint), bool(p.pieces[0].parts[i].support_paint));
        if (p.pieces[0].parts[i].support_paint)
            QVERIFY(*q->pieces[0].parts[i].support_paint == *p.pieces[0].parts[i].support_paint);
    }
    QVERIFY(q->filaments[0] == p.filaments[0]);
    QVERIFY(q->filaments[1] == p.filaments[1]);
    QVERIFY(q->waivers == p.waivers);
    QVERIFY(q->pieces[0].pose == p.pieces[0].pose);
    // Written again, the same bytes: nothing drifts.
    QVERIFY(*write_archive(*read_archive(*write_archive(*q))) == *write_archive(*q));
}

void TestArchive::version_1_is_read() {
    // As the first version wrote it: no pose, no waivers, no surfaces, nothing about spools.
    const auto old = with_json(*write_archive(sample()), [](Json& j) {
        j["schema"] = "vitrail.project/1";
        j["parts"] = j["pieces"][0]["parts"];
        j["bands"] = j["pieces"][0]["bands"];
        j.erase("pieces");
        j.erase("pinned");
        j.erase("waivers");
        for (Json& f : j["filaments"])
            for (const char* key : {"kept_dry", "class_confirmed", "shelf_id", "spools"})
                f.erase(key);
        Json& settings = j["settings"];
        for (auto it = settings.begin(); it != settings.end();)
            it = it.key().rfind("check.", 0) == 0 ? settings.erase(it) : std::next(it);
    });
    const auto q = read_archive(old);
    QVERIFY2(q, q ? "" : english(q.error().message).c_str());
    QVERIFY(q->pieces[0].pose == kNoRotation);
    QCOMPARE(q->settings.check_tall, Settings().check_tall);
    QVERIFY(json_of(*write_archive(*q)).find("vitrail.project/6") != std::string::npos);
}

void TestArchive::projects_of_old_are_read_data() {
    QTest::addColumn<QString>("file");
    for (const QString& file : QDir(QString::fromStdString(source_file("tests/formats/archives")))
                                   .entryList(QStringList{"*.vitrail"}))
        QTest::newRow(qPrintable(file)) << file;
}

/// As they were committed when their version was written: the demo's of that day.
void TestArchive::projects_of_old_are_read() {
    QFETCH(QString, file);
    const auto bytes = read_file(source_file("tests/formats/archives/" + file.toStdString()));
    QVERIFY(bytes);
    const auto p = read_archive(*bytes);
    QVERIFY2(p, p ? "" : english(p.error().message).c_str());
    QCOMPARE(p->pieces.size(), std::size_t{1});
    QCOMPARE(p->pieces[0].name, p->name);
    QCOMPARE(p->pieces[0].count, 1);
    const Json old = Json::parse(json_of(*bytes));
    QCOMPARE(p->pieces[0].parts.size(), old["parts"].size());
    QCOMPARE(p->pieces[0].bands.size(), old["bands"].size());
    // Saved as today's version it is the same project, and nothing of the old shape is left behind.
    const std::string again = *write_archive(*p);
    const auto q = read_archive(again);
    QVERIFY2(q, q ? "" : english(q.error().message).c_str());
    const Json now = Json::parse(json_of(again));
    QVERIFY(!now.contains("parts") && !now.contains("bands") && !now.contains("pose"));
    const auto a = plan_of(*p), b = plan_of(*q);
    QVERIFY(a && b);
    QCOMPARE(a->totals.changes, b->totals.changes);
    QCOMPARE(a->totals.model_g, b->totals.model_g);
    if (file.contains("badge"))
        QCOMPARE(a->totals.changes, 1); // ten visitor badges, one swap, in every version
    if (file.contains("badge"))
        QCOMPARE(count_of_all(*p), 10);
}

void TestArchive::pieces_and_where_they_stand_survive() {
    Project p = sample();
    QCOMPARE(p.pieces[0].name, std::string("sample")); // as its file
    QCOMPARE(add_piece(p, "tag", 20), 1);
    QVERIFY(add_model(p, 1, "tag.3mf",
                      *write_3mf({{"plate", solids::box(0, 0, 0, 30, 12, 2), {}},
                                  {"dot", solids::box(2, 2, 2, 4, 4, 3), {}}})));
    QCOMPARE(p.pieces[1].parts[0].name, std::string("plate-2")); // names are unique in the project
    QCOMPARE(add_piece(p, "tag"), 2);
    QCOMPARE(p.pieces[2].name, std::string("tag-2"));
    QVERIFY(add_model(p, 2, "disc.3mf", *write_3mf({{"disc", solids::box(0, 0, 0, 5, 5, 5), {}}})));
    assign_band(p.pieces[1], 0, 0.5, 1, 'C');
    add_patch(p.pieces[1].parts[1], "face", 'A');
    repaint(p.pieces[1].parts[1], [](const Mesh& m, Paint& paint) {
        paint_heights(m, paint, 2.2, 2.6, [](PatchNumber) { return PatchNumber{1}; });
    });
    p.pieces[2].parts[0].sacrificial = true;
    turn(p, 2, to_bed({1, 0, 0}));
    pin(p, {"tag", 7, 120.5, 33.25, 90});
    pin(p, {"sample", 1, 50, 60, 0});
    const auto q = read_archive(*write_archive(p));
    QVERIFY2(q, q ? "" : english(q.error().message).c_str());
    QCOMPARE(q->pieces.size(), p.pieces.size());
    for (std::size_t k = 0; k < p.pieces.size(); ++k) {
        const Piece &a = p.pieces[k], &b = q->pieces[k];
        QCOMPARE(b.name, a.name);
        QCOMPARE(b.count, a.count);
        QVERIFY(b.bands == a.bands && b.pose == a.pose);
        QCOMPARE(b.parts.size(), a.parts.size());
        for (std::size_t i = 0; i < a.parts.size(); ++i) {
            QCOMPARE(b.parts[i].name, a.parts[i].name);
            QCOMPARE(b.parts[i].sacrificial, a.parts[i].sacrificial);
            QVERIFY(b.parts[i].mesh->triangles == a.parts[i].mesh->triangles);
            QVERIFY(b.parts[i].patches == a.parts[i].patches);
        }
    }
    QVERIFY(q->pinned == p.pinned);
    // An unknown key of a piece stays with it, and a piece that went takes its own along.
    const auto marked =
        read_archive(with_json(*write_archive(p), [](Json& j) { j["pieces"][1]["glaze"] = "green"; }));
    QVERIFY(json_of(*write_archive(*marked)).find("glaze") != std::string::npos);
    Project without = *marked;
    remove_piece(without, 1);
    QVERIFY(json_of(*write_archive(without)).find("glaze") == std::string::npos);
    QCOMPARE(without.pinned.size(), std::size_t{1});
}

void TestArchive::what_was_said_about_changes_survives() {
    Project p = sample();
    p.filaments[0].delta_e = 4;
    p.filaments[1].free_after_h = 1.5;
    p.pieces[0].parts[1].takes_purge = true;
    p.pins = {{'A', 3}};
    p.pair_purges = {{'A', 'C', 210, 1.5, true, "tested on a badge"}};
    p.in_machine = {{'C', 1}};
    p.refill_choices = {{'A', 2, 40}};
    p.readings = {
        2, 4.5, {{"A", "#f2f2ea", "2", "12,5"}, {"C", "", "a little", ""}}}; // as typed, right or wrong
    p.print_first = "CA";
    p.machine.nozzles[4].missing = true;
    p.machine.commands.hand = "M25 ; {to}";
    p.machine.calibrations = {
        {"carousel", 0.4, Material::PETG, 31.5, 44.25, 2, 1, -1.5, {{{1, 2, 3}, {200, 210, 220}, 2, 410.5}}}};
    p.settings.aim = LoadingAim::blend;
    p.settings.purge_to = PurgeTo::skirt;
    const auto q = read_archive(*write_archive(p));
    QVERIFY2(q, q ? "" : english(q.error().message).c_str());
    QVERIFY(q->filaments == p.filaments);
    QVERIFY(q->pieces[0].parts[1].takes_purge && !q->pieces[0].parts[0].takes_purge);
    QVERIFY(q->pins == p.pins && q->pair_purges == p.pair_purges && q->in_machine == p.in_machine &&
            q->refill_choices == p.refill_choices);
    QVERIFY(q->readings == p.readings);
    QCOMPARE(q->print_first, p.print_first);
    QVERIFY(q->machine == p.machine);
    QVERIFY(q->settings == p.settings);
    // What does not fit is refused with its place.
    const auto refused = [&](auto change) {
        const auto r = read_archive(with_json(*write_archive(p), change));
        return r ? std::string() : english(r.error().message);
    };
    QVERIFY(refused([](Json& j) { j["pins"][0]["nozzle"] = 9; }).find("project.pins[0].nozzle") !=
            std::string::npos);
    QVERIFY(refused([](Json& j) { j["pair_purges"][0]["mm3"] = -1; }).find("pair_purges[0].mm3") !=
            std::string::npos);
    QVERIFY(refused([](Json& j) { j["in_machine"][0]["toolhead"] = 0; }).find("in_machine[0].toolhead") !=
            std::string::npos);
    QVERIFY(refused([](Json& j) { j["readings"]["unit"] = "cups"; }).find("readings.unit") !=
            std::string::npos);
    QVERIFY(refused([](Json& j) { j["readings"]["rows"][1] = 3; }).find("readings.rows[1]") !=
            std::string::npos);
    QVERIFY(refused([](Json& j) { j["print_first"] = "a?"; }).find("print_first") != std::string::npos);
    QVERIFY(refused([](Json& j) {
                j["machine"]["toolheads"][1]["missing"] = Json::array({7});
            }).find("missing") != std::string::npos);
    QVERIFY(refused([](Json& j) {
                j["machine"]["purge"]["calibrations"][0]["material"] = "cheese";
            }).find("calibrations[0].material") != std::string::npos);
}

void TestArchive::surfaces_that_do_not_fit_are_refused() {
    Project p = sample();
    const PatchNumber n = add_patch(p.pieces[0].parts[0], "rim", 'A');
    repaint(p.pieces[0].parts[0], [&](const Mesh& m, Paint& paint) {
        paint_heights(m, paint, 0.5, 1.5, [n](PatchNumber) { return n; });
    });
    const std::string good = *write_archive(p);
    const auto refused = [&](auto change, const char* says) {
        const auto r = read_archive(with_json(good, change));
        QVERIFY(!r);
        QVERIFY2(english(r.error().message).find(says) != std::string::npos,
                 english(r.error().message).c_str());
    };
    refused([](Json& j) { j["pieces"][0]["parts"][0]["surface"] = "surfaces/9.ply"; }, "missing");
    refused([](Json& j) { j["pieces"][0]["parts"][0]["surface"] = "../etc/passwd"; }, "missing");
    refused([](Json& j) { j["pieces"][0]["parts"][0]["support_surface"] = "surfaces/9-support.ply"; },
            "missing");
    refused(
        [](Json& j) {
            j["pieces"][0]["parts"][1]["support_surface"] = j["pieces"][0]["parts"][0]["surface"];
        },
        "missing"); // taken already
    refused([](Json& j) { j["pieces"][0]["parts"][0]["patches"] = Json::array(); }, "faulty");
    refused([](Json& j) { j["pieces"][0]["parts"][0]["body"] = 1; }, "does not fit the body");
    refused([](Json& j) { j["pieces"][0]["pose"] = Json::array({2, 0, 0, 0, 1, 0, 0, 0, 1}); }, "rotation");
    refused([](Json& j) { j["pieces"][0]["pose"] = Json::array({1, 0}); }, "nine numbers");
    refused([](Json& j) { j["filaments"][0]["kept_dry"] = "yes"; }, "true or false");
}

void TestArchive::the_angle_of_old() {
    // The checks had an overhang angle of their own, check.overhang; where only that was changed, it is what
    // counts.
    Project p;
    p.machine = *find_machine("feeder-4");
    QVERIFY(add_model(p, 0, "box.stl", write_stl(solids::box(0, 0, 0, 3, 3, 3), "box")));
    const auto with = [&](double check, double support) {
        auto entries = *read_zip(*write_archive(p));
        for (ZipEntry& e : entries)
            if (e.name == "project.json") {
                Json j = Json::parse(e.bytes);
                j["settings"]["check.overhang"] = check;
                j["settings"]["support.angle"] = support;
                e.bytes = j.dump();
            }
        return *read_archive(*write_zip(entries));
    };
    QCOMPARE(with(40, 50).settings.support_angle_deg, 40.0);
    QCOMPARE(with(50, 60).settings.support_angle_deg, 60.0);
    QCOMPARE(with(40, 60).settings.support_angle_deg, 60.0);
    Project q = with(40, 50);
    q.settings.support_angle_deg = 50; // changed back and kept
    QCOMPARE(read_archive(*write_archive(q))->settings.support_angle_deg, 50.0);
    Settings s;
    QVERIFY(set_setting(s, "check.overhang", "35")); // the command line knows it too
    QCOMPARE(s.support_angle_deg, 35.0);
}

VITRAIL_TEST(TestArchive)
#include "test_archive.moc"
