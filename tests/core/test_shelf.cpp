#include "core/colour/merge.h"
#include "core/material/pairing.h"
#include "core/material/scale.h"
#include "core/material/shelf.h"
#include "formats/files.h"
#include "formats/shelf_db.h"

#include "support.h"

#include <QDir>
#include <QProcess>
#include <QTemporaryDir>

#include <signal.h>
#include <sqlite3.h>
#include <sys/wait.h>
#include <unistd.h>

using namespace vitrail;
using namespace vitrail::test;

/// The user's shelf: what spools hold, the database behind them, lists in and out; and merging colours.
class TestShelf : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void spool_mass_and_length();
    void weighing();
    void runs_out_by_layer();
    void spools_in_order_of_use();
    void dampness();
    void matching_a_project();
    void substitutes_are_near_and_of_the_class();
    void pairing();
    void database_keeps_everything();
    void new_database_has_the_starter_set();
    void old_version_is_migrated();
    void newer_version_is_left_alone();
    void damaged_file_is_set_aside();
    void a_kill_in_mid_write_loses_nothing();
    void csv_and_json_round_trip();
    void csv_as_others_write_it();
    void lists_with_mistakes_say_where();
    void fuzzed_lists();
    void merging_adds_and_replaces();
    void merge_order_by_hand();
    void merged_to_n();

private:
    Shelf sample();
};

Shelf TestShelf::sample() {
    Shelf s = starter_shelf();
    for (ShelfFilament& f : s.filaments)
        f.filament.shelf_id = f.id;
    s.filaments[0].notes = "for the tower, \"matt\"\nsecond line";
    s.filaments[0].dry_h = 5;
    s.filaments[1].filament.class_confirmed = true;
    s.spools = {{"W-1", "starter-pla-white", 1000, 210, 640.5, 20000, 20100, SpoolPlace::slot, "slot 2",
                 "04A2B1C0D3"},
                {"W-2", "starter-pla-white", 1000, 210, 1000, 0, 0, SpoolPlace::shelf, "", ""},
                {"P-1", "starter-pva", 500, 190, 120, 20000, 0, SpoolPlace::dryer, "left, \"small\"", ""}};
    return s;
}

void TestShelf::spool_mass_and_length() {
    // Common practice, no source: 1 m of 1.75 mm PLA is 2.98 g, and 1 kg about 335 m.
    const Filament f = make_filament('A', Material::PLA, {0, 0, 0});
    COMPARE_NEAR(grams(f, cross_section_mm2(f) * 1000), 2.98, 0.005);
    COMPARE_NEAR(metres(f, 1000 / f.density_g_cm3 * 1000), 335, 1);
}

void TestShelf::weighing() {
    // What scales say.
    QCOMPARE(scale_reading("       36 g")->g, 36.0);
    QVERIFY(scale_reading("       36 g")->settled && !scale_reading("?      35 g")->settled &&
            !scale_reading("US,+ 35.5 g")->settled);
    COMPARE_NEAR(scale_reading("ST,GS,+  0.0365 kg")->g, 36.5, 1e-9);
    COMPARE_NEAR(scale_reading("ST,GS,+  0.0365 kg")->step_g, 0.1, 1e-9);
    COMPARE_NEAR(scale_reading(" 1.5 oz")->g, 42.5242847,
                 1e-6); // NIST Handbook 44, appendix C: 1 oz = 28.349523125 g
    QCOMPARE(scale_reading(" - 2 g")->g, -2.0);
    QVERIFY(!scale_reading("  ------ g") && !scale_reading("ok") && !scale_reading("12 %") &&
            !scale_reading(""));
    QCOMPARE(spool_with_tag(sample(), "04:a2:b1:c0:d3"), 0);
    QCOMPARE(spool_with_tag(sample(), ""), -1);
    QCOMPARE(spool_with_tag(sample(), "FFFF"), -1);
    // Common practice, no source: 10 pieces at 36 g on a 1 g scale are 3.60 ± 0.05 g each; n ≥ r /
    // (2·tolerance).
    Spool s;
    s.tare_g = 210;
    COMPARE_NEAR(weigh(s, 700, 1).left_g, 490, 1e-12);
    COMPARE_NEAR(weigh(s, 700, 1).plus_minus_g, 0.5, 1e-12);
    COMPARE_NEAR(weigh(s, 100, 1).left_g, 0, 1e-12);
    QCOMPARE(pieces_to_weigh(1, 0.05), 10);
    QCOMPARE(pieces_to_weigh(0.1, 0.05), 1);
}

void TestShelf::runs_out_by_layer() {
    const std::vector<double> g{2, 2, 2, 0, 4, 4};
    const std::vector<SpoolLeft> two{{"a", 5}, {"b", 6}};
    const RunsOut out = runs_out(g, two);
    QCOMPARE(out.spool_layers[0], 3);
    QCOMPARE(out.spool_layers[1], 6);
    QCOMPARE(out.last_layer, 6);
    COMPARE_NEAR(out.short_g, 3, 1e-12);
    QCOMPARE(runs_out(g, std::vector<SpoolLeft>{{"a", 14}}).last_layer, 0);
    QCOMPARE(runs_out(g, std::vector<SpoolLeft>{}).last_layer, 1);
}

void TestShelf::spools_in_order_of_use() {
    Shelf s = sample();
    const auto order = spools_of(s, "starter-pla-white");
    QCOMPARE(order.size(), std::size_t{2});
    QCOMPARE(s.spools[order[0]].code, std::string("W-1")); // opened ones first
}

void TestShelf::dampness() {
    Spool s;
    s.dried_day = 100;
    QVERIFY(!is_damp(s, Material::PVA, 101));
    QVERIFY(is_damp(s, Material::PVA, 102));
    QVERIFY(!is_damp(s, Material::PLA, 130));
    s.place = SpoolPlace::dryer;
    QVERIFY(!is_damp(s, Material::PVA, 160));
    QVERIFY(is_damp(Spool{}, Material::PVA, 160)); // nobody knows
    QVERIFY(!is_damp(Spool{}, Material::PLA, 160));
}

void TestShelf::matching_a_project() {
    const Shelf s = sample();
    Filament f = s.filaments[0].filament;
    match_with_shelf(f, s, 20101);
    QCOMPARE(f.spools.size(), std::size_t{2});
    COMPARE_NEAR(f.spools[0].left_g, 640.5, 1e-12);
    Filament none = pla('A', "#101010");
    none.spools = {{"x", 3}};
    match_with_shelf(none, s, 20101);
    QVERIFY(none.spools.empty());
}

void TestShelf::substitutes_are_near_and_of_the_class() {
    const Shelf s = sample();
    Filament f = pla('A', "#7b8085");
    const auto list = substitutes(s, f);
    QCOMPARE(s.filaments[list[0].filament].id, std::string("starter-pla-grey"));
    for (std::size_t i = 0; i < list.size(); ++i) {
        QCOMPARE(s.filaments[list[i].filament].filament.material, Material::PLA);
        QVERIFY(i == 0 || list[i].delta_e >= list[i - 1].delta_e);
    }
    f.shelf_id = "starter-pla-grey";
    QVERIFY(s.filaments[substitutes(s, f)[0].filament].id != "starter-pla-grey"); // not itself
}

void TestShelf::pairing() {
    // Common practice, no source: exactly the pairs that do not bond make release interfaces.
    const Filament a = pla('A', "#fff"), b = make_filament('B', Material::PETG, {0, 0, 0}),
                   c = make_filament('C', Material::ABS, {0, 0, 0});
    QCOMPARE(pair_up(a, b).bond, Bond::releases);
    QVERIFY(pair_up(a, b).proven);
    QVERIFY(english(describe(pair_up(a, b))).find("release interface") != std::string::npos);
    QVERIFY(pair_up(a, b).nozzle_meets());
    QVERIFY(!pair_up(a, c).bed_meets());
    QCOMPARE(pair_up(b, make_filament('D', Material::TPU, {0, 0, 0})).bond, Bond::experimental);
    QVERIFY(!pair_up(b, make_filament('D', Material::TPU, {0, 0, 0})).proven);
    QCOMPARE(pair_up(a, a).bond, Bond::holds);
    // Common practice, no source: co-polyester grips textured PEI so hard that it can tear it.
    QCOMPARE(english(sheet_risk(Material::CoPolyester, BuildSheet::textured, "C")),
             std::string("C grips textured PEI so hard that it can tear it."));
    QVERIFY(sheet_risk(Material::CoPolyester, BuildSheet::satin, "C").empty());
    QVERIFY(sheet_risk(Material::PLA, BuildSheet::textured, "C").empty());
}

void TestShelf::database_keeps_everything() {
    QTemporaryDir dir;
    const std::string path = dir.filePath("deep/shelf.sqlite").toStdString();
    const Shelf s = sample();
    {
        auto db = ShelfDb::open(path);
        QVERIFY2(db, db ? "" : english(db.error().message).c_str());
        QVERIFY(db->write(s));
    }
    auto db = ShelfDb::open(path);
    QVERIFY(db);
    const auto back = db->read();
    QVERIFY(back);
    QVERIFY(*back == s);
}

void TestShelf::new_database_has_the_starter_set() {
    QTemporaryDir dir;
    Message note;
    auto db = ShelfDb::open(dir.filePath("s.sqlite").toStdString(), &note);
    QVERIFY(db && note.empty());
    QCOMPARE(db->read()->filaments.size(), starter_shelf().filaments.size());
}

void TestShelf::old_version_is_migrated() {
    // A shelf as version 1 wrote it: it knew nothing of confirmed labels.
    QTemporaryDir dir;
    const std::string path = dir.filePath("old.sqlite").toStdString();
    sqlite3* raw = nullptr;
    QCOMPARE(sqlite3_open(path.c_str(), &raw), SQLITE_OK);
    const char* sql = "CREATE TABLE filament (id TEXT PRIMARY KEY, place INTEGER NOT NULL, letter TEXT NOT "
                      "NULL, name TEXT NOT NULL, material TEXT NOT NULL,"
                      " colour TEXT NOT NULL, td_mm REAL NOT NULL, diameter_mm REAL NOT NULL, density_g_cm3 "
                      "REAL NOT NULL, price_per_kg REAL NOT NULL,"
                      " nozzle_low REAL NOT NULL, nozzle_high REAL NOT NULL, bed_low REAL NOT NULL, bed_high "
                      "REAL NOT NULL, dry_c REAL NOT NULL,"
                      " dry_h REAL NOT NULL, notes TEXT NOT NULL);"
                      "CREATE TABLE spool (code TEXT PRIMARY KEY, place INTEGER NOT NULL, filament TEXT NOT "
                      "NULL REFERENCES filament(id), full_g REAL NOT NULL,"
                      " tare_g REAL NOT NULL, left_g REAL NOT NULL, opened_day INTEGER NOT NULL, dried_day "
                      "INTEGER NOT NULL, at INTEGER NOT NULL,"
                      " place_note TEXT NOT NULL);"
                      "INSERT INTO filament VALUES "
                      "('f1',0,'C','slate','PLA','#445566',2,1.75,1.24,20,190,230,25,65,0,0,'');"
                      "INSERT INTO spool VALUES ('S9',0,'f1',1000,200,321,0,0,1,'');PRAGMA user_version = 1;";
    QCOMPARE(sqlite3_exec(raw, sql, nullptr, nullptr, nullptr), SQLITE_OK);
    sqlite3_close(raw);
    auto db = ShelfDb::open(path);
    QVERIFY2(db, db ? "" : english(db.error().message).c_str());
    const auto s = db->read();
    QCOMPARE(s->filaments.size(), std::size_t{1});
    QVERIFY(!s->filaments[0].filament.class_confirmed);
    COMPARE_NEAR(s->spools.at(0).left_g, 321, 1e-12);
}

void TestShelf::newer_version_is_left_alone() {
    QTemporaryDir dir;
    const std::string path = dir.filePath("new.sqlite").toStdString();
    QVERIFY(ShelfDb::open(path));
    sqlite3* raw = nullptr;
    sqlite3_open(path.c_str(), &raw);
    sqlite3_exec(raw, "PRAGMA user_version = 99", nullptr, nullptr, nullptr);
    sqlite3_close(raw);
    const auto db = ShelfDb::open(path);
    QVERIFY(!db);
    QVERIFY(english(db.error().message).find("newer") != std::string::npos);
    QCOMPARE(QDir(dir.path()).entryList({"*damaged*"}).size(), 0);
}

void TestShelf::damaged_file_is_set_aside() {
    QTemporaryDir dir;
    const std::string path = dir.filePath("s.sqlite").toStdString();
    const std::string nonsense(5000, '?');
    QVERIFY(write_file(path, nonsense));
    Message note;
    auto db = ShelfDb::open(path, &note);
    QVERIFY(db);
    QVERIFY(english(note).find("damaged") != std::string::npos);
    QCOMPARE(*read_file(path + ".damaged-1"), nonsense); // not a byte of it was touched
    QVERIFY(db->read()->filaments.size() > 5);
    // A sound database of something else is no shelf either.
    const std::string other = dir.filePath("o.sqlite").toStdString();
    sqlite3* raw = nullptr;
    sqlite3_open(other.c_str(), &raw);
    sqlite3_exec(raw, "CREATE TABLE recipes (a); PRAGMA user_version = 1", nullptr, nullptr, nullptr);
    sqlite3_close(raw);
    QVERIFY(ShelfDb::open(other, &note));
    QVERIFY(QFile::exists(QString::fromStdString(other + ".damaged-1")));
}

void TestShelf::a_kill_in_mid_write_loses_nothing() {
    QTemporaryDir dir;
    const std::string path = dir.filePath("s.sqlite").toStdString();
    QVERIFY(ShelfDb::open(path)->write(sample()));
    for (int round = 0; round < 12; ++round) {
        const pid_t child = fork();
        if (child == 0) {
            // Writes two states in turn, until it is killed.
            auto db = ShelfDb::open(path);
            Shelf a = sample(), b = a;
            b.spools.pop_back();
            for (;;) {
                (void)db->write(b);
                (void)db->write(a);
            }
        }
        usleep(20000 + 3000 * static_cast<unsigned>(round));
        kill(child, SIGKILL);
        waitpid(child, nullptr, 0);
        Message note;
        auto db = ShelfDb::open(path, &note);
        QVERIFY2(db && note.empty(), english(note).c_str());
        const auto s = db->read();
        QVERIFY(s);
        QCOMPARE(s->filaments.size(), sample().filaments.size()); // one state or the other, whole
        QVERIFY(s->spools.size() == 2 || s->spools.size() == 3);
    }
}

void TestShelf::csv_and_json_round_trip() {
    const Shelf s = sample();
    for (const std::string& text : {shelf_to_csv(s), shelf_to_json(s)}) {
        const auto back = shelf_from_text(text);
        QVERIFY2(back, back ? "" : english(back.error().message).c_str());
        QCOMPARE(back->filaments.size(), s.filaments.size());
        for (std::size_t i = 0; i < s.filaments.size(); ++i)
            QVERIFY2(back->filaments[i] == s.filaments[i], s.filaments[i].id.c_str());
        QCOMPARE(back->spools.size(), s.spools.size());
        for (std::size_t i = 0; i < s.spools.size(); ++i)
            QVERIFY(back->spools[i] == s.spools[i]);
    }
    QVERIFY(shelf_to_csv(s).find("\r\n") != std::string::npos); // RFC 4180
}

void TestShelf::csv_as_others_write_it() {
    const auto s = shelf_from_text("\xef\xbb\xbfid,material,colour,spool,left_g,extra\nx,PLA,#102030,S1,250,"
                                   "what\nx,PLA,#102030,S2,,\ny,petg,#fff,,,\n");
    QVERIFY2(s, s ? "" : english(s.error().message).c_str());
    QCOMPARE(s->filaments.size(), std::size_t{2});
    QCOMPARE(s->spools.size(), std::size_t{2});
    COMPARE_NEAR(s->spools[1].left_g, 1000, 1e-12);
    QCOMPARE(s->filaments[1].filament.material, Material::PETG);
}

void TestShelf::lists_with_mistakes_say_where() {
    const auto says = [](const std::string& text, const char* part) {
        const auto s = shelf_from_text(text);
        QVERIFY2(!s, text.c_str());
        QVERIFY2(english(s.error().message).find(part) != std::string::npos,
                 english(s.error().message).c_str());
    };
    says("", "empty");
    says("id,material\nx,PLA\n", "colour");
    says("id,material,colour\nx,WOOD,#fff\n", "line 2");
    says("id,material,colour\nx,PLA,#fff\ny,PLA,blue\n", "line 3");
    says("id,material,colour,density_g_cm3\nx,PLA,#fff,heavy\n", "density_g_cm3");
    says("id,material,colour,spool\nx,PLA,#fff,S1\nx,PLA,#fff,S1\n", "twice");
    says("id,material,colour\nx,PLA,\"#fff\n", "not closed");
    says("{\"schema\":\"other/1\"}", "schema");
    says("{\"schema\":\"vitrail.shelf/1\",\"filaments\":[1],\"spools\":[]}", "filaments[0]");
    says("{\"schema\":\"vitrail.shelf/1\",\"filaments\":[],\"spools\":[{\"id\":\"q\",\"spool\":\"s\"}]}",
         "spools[0]");
}

void TestShelf::fuzzed_lists() {
    std::mt19937 rng(17);
    const std::string seeds[] = {shelf_to_csv(sample()), shelf_to_json(sample())};
    int good = 0, bad = 0;
    for (int i = 0; i < 3000; ++i) {
        std::string s = seeds[i % 2];
        for (int k = 1 + static_cast<int>(rng() % 5); k > 0 && !s.empty(); --k) {
            const std::size_t at = rng() % s.size();
            switch (rng() % 4) {
            case 0:
                s[at] = static_cast<char>(rng());
                break;
            case 1:
                s.erase(at, rng() % 30);
                break;
            case 2:
                s.insert(at, "\"1e999,\n{");
                break;
            case 3:
                s.resize(at);
                break;
            }
        }
        const auto r = shelf_from_text(s);
        r ? ++good : ++bad;
        if (!r)
            QVERIFY(english(r.error().message).size() > 8);
    }
    QVERIFY(bad > 100 && good + bad == 3000);
}

void TestShelf::merging_adds_and_replaces() {
    Shelf a = sample(), b;
    b.filaments = {a.filaments[0]};
    b.filaments[0].filament.price_per_kg = 31;
    b.spools = {{"NEW", "starter-pla-white", 1000, 200, 900, 0, 0, SpoolPlace::shelf, "", ""}};
    const std::size_t filaments = a.filaments.size(), spools = a.spools.size();
    merge_shelf(a, b);
    QCOMPARE(a.filaments.size(), filaments);
    COMPARE_NEAR(a.filaments[0].filament.price_per_kg, 31, 1e-12);
    QCOMPARE(a.spools.size(), spools + 1);
    // One's own come before the ones to begin with.
    Shelf own = starter_shelf(), more;
    const std::size_t starters = own.filaments.size();
    for (const char* id : {"mine", "mine too"}) {
        more.filaments.push_back(a.filaments[0]);
        more.filaments.back().id = id;
    }
    merge_shelf(own, more);
    QCOMPARE(own.filaments.size(), starters + 2);
    QCOMPARE(own.filaments[0].id, std::string("mine"));
    QCOMPARE(own.filaments[1].id, std::string("mine too"));
}

void TestShelf::merge_order_by_hand() {
    // Two greys one step apart, a red and a blue: the greys go first, into the one that covers more.
    const std::vector<ColourUse> c{
        {{100, 100, 100}, 5}, {{200, 20, 20}, 50}, {{102, 102, 102}, 9}, {{20, 20, 200}, 50}};
    const auto order = merge_order(c);
    QCOMPARE(order.size(), std::size_t{3});
    QCOMPARE(order[0].from, 0);
    QCOMPARE(order[0].into, 2);
    COMPARE_NEAR(order[0].delta_e, delta_e_2000(to_lab(c[0].colour), to_lab(c[2].colour)), 1e-12);
    for (std::size_t i = 1; i < order.size(); ++i)
        QVERIFY(order[i].delta_e >= order[0].delta_e);
    QVERIFY(merge_order({}).empty());
    QCOMPARE(nearest_colour({101, 99, 100}, {{0, 0, 0}, {100, 100, 100}}), 1);
    QCOMPARE(nearest_colour({1, 1, 1}, {}), -1);
}

void TestShelf::merged_to_n() {
    std::mt19937 rng(2);
    std::vector<ColourUse> c;
    for (int i = 0; i < 60; ++i)
        c.push_back({{static_cast<std::uint8_t>(rng()), static_cast<std::uint8_t>(rng()),
                      static_cast<std::uint8_t>(rng())},
                     double(rng() % 100)});
    const auto order = merge_order(c);
    for (int left = 1; left <= 60; ++left) {
        const auto to = merged_to(60, order, left);
        QCOMPARE(std::set<int>(to.begin(), to.end()).size(), static_cast<std::size_t>(left));
        for (const int t : to)
            QCOMPARE(to[t], t); // what is left stays itself
    }
}

VITRAIL_TEST(TestShelf)
#include "test_shelf.moc"
