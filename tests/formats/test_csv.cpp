#include "formats/csv.h"
#include "formats/export.h"
#include "formats/readings.h"
#include "formats/report.h"

#include "formats/json.h"

#include "support.h"

using namespace vitrail;
using namespace vitrail::test;

/// CSV as RFC 4180 describes it, calibration readings, poses as JSON, and the names of exported files.
class TestCsv : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void records_of_rfc_4180();
    void fields_come_back();
    void readings();
    void readings_with_mistakes();
    void fuzzed_readings();
    void readings_come_back();
    void poses();
    void exported_names_are_safe();
};

void TestCsv::records_of_rfc_4180() {
    using Records = std::vector<std::vector<std::string>>;
    // RFC 4180, section 2, rules 1 to 7, with its own examples.
    QCOMPARE(csv_records("aaa,bbb,ccc\r\nzzz,yyy,xxx\r\n"),
             (Records{{"aaa", "bbb", "ccc"}, {"zzz", "yyy", "xxx"}}));
    QCOMPARE(csv_records("aaa,bbb,ccc\r\nzzz,yyy,xxx"),
             (Records{{"aaa", "bbb", "ccc"}, {"zzz", "yyy", "xxx"}}));
    QCOMPARE(csv_records("\"aaa\",\"bbb\",\"ccc\"\r\nzzz,yyy,xxx"),
             (Records{{"aaa", "bbb", "ccc"}, {"zzz", "yyy", "xxx"}}));
    QCOMPARE(csv_records("\"aaa\",\"b\r\nbb\",\"ccc\"\r\nzzz,yyy,xxx"),
             (Records{{"aaa", "b\r\nbb", "ccc"}, {"zzz", "yyy", "xxx"}}));
    QCOMPARE(csv_records("\"aaa\",\"b\"\"bb\",\"ccc\""), (Records{{"aaa", "b\"bb", "ccc"}}));
    // Beyond it: other line ends, empty lines and fields.
    QCOMPARE(csv_records("a,,c\n\n,\n"), (Records{{"a", "", "c"}, {"", ""}}));
    QVERIFY(csv_records("\"open").empty());
    QVERIFY(csv_records("").empty());
}

void TestCsv::fields_come_back() {
    for (const std::string& s : {std::string("plain"), std::string("with, comma"), std::string("say \"so\""),
                                 std::string("two\r\nlines"), std::string()}) {
        const auto records = csv_records(csv_field(s) + ",x\r\n");
        QCOMPARE(records.size(), std::size_t{1});
        QCOMPARE(records[0][0], s);
    }
    QCOMPARE(csv_field("plain"), std::string("plain"));
    QCOMPARE(csv_field("a,b"), std::string("\"a,b\""));
}

void TestCsv::readings() {
    const auto r = readings_from_csv("\xef\xbb\xbf"
                                     "note,clean_mm3,to_rgb,from_rgb,delta_e\nfirst,560.5,#f2f2ea,#141414,"
                                     "2\nsecond,101,#141414,#F2F2EA,1.5\n");
    QVERIFY2(r, r ? "" : english(r.error().message).c_str());
    QCOMPARE(r->size(), std::size_t{2});
    QCOMPARE((*r)[0].from, (Srgb{0x14, 0x14, 0x14}));
    QCOMPARE((*r)[1].to, (Srgb{0x14, 0x14, 0x14}));
    COMPARE_NEAR((*r)[0].clean_mm3, 560.5, 1e-12);
    COMPARE_NEAR((*r)[1].delta_e, 1.5, 1e-12);
    QVERIFY(readings_from_csv("from_rgb,to_rgb,delta_e,clean_mm3\n")->empty());
}

void TestCsv::readings_with_mistakes() {
    const auto says = [](const std::string& text, const char* what) {
        const auto r = readings_from_csv(text);
        QVERIFY(!r);
        QVERIFY2(english(r.error().message).find(what) != std::string::npos,
                 english(r.error().message).c_str());
    };
    const std::string head = "from_rgb,to_rgb,delta_e,clean_mm3\n";
    says("", "no readings");
    says("from_rgb,to_rgb,delta_e\n", "clean_mm3");
    says(head + "#141414,#f2f2ea,2\n", "Line 2: clean_mm3");
    says(head + "#141414,#f2f2ea,2,500\ngrey,#f2f2ea,2,500\n", "Line 3: from_rgb");
    says(head + "#141414,#f2f2ea,0,500\n", "delta_e");
    says(head + "#141414,#f2f2ea,2,-5\n", "clean_mm3");
    says(head + "#141414,#f2f2ea,2,nan\n", "clean_mm3");
    says(head + "\"#141414,#f2f2ea,2,5\n", "not closed");
}

void TestCsv::fuzzed_readings() {
    const std::string seed = "from_rgb,to_rgb,delta_e,clean_mm3\r\n#141414,#f2f2ea,2,560\r\n#f2f2ea,#141414,"
                             "2,101\r\n#b82e28,\"#f2f2ea\",2,402\r\n";
    std::mt19937 rng(23);
    int good = 0, bad = 0;
    for (int i = 0; i < 4000; ++i) {
        std::string s = seed;
        for (int k = 1 + static_cast<int>(rng() % 5); k > 0; --k)
            s[rng() % s.size()] = static_cast<char>(rng());
        const auto r = readings_from_csv(s);
        r ? ++good : ++bad;
        if (r)
            (void)fit_washout(*r); // a value or a sentence, never a crash
        else
            QVERIFY(english(r.error().message).size() > 10);
    }
    QVERIFY(good > 10 && bad > 100);
}

void TestCsv::readings_come_back() {
    std::mt19937 rng(5);
    for (int round = 0; round < 50; ++round) {
        std::vector<Reading> readings;
        for (int i = 0; i < 5; ++i) {
            const auto colour = [&] {
                return Srgb{static_cast<std::uint8_t>(rng()), static_cast<std::uint8_t>(rng()),
                            static_cast<std::uint8_t>(rng())};
            };
            readings.push_back({colour(), colour(), 0.2 + static_cast<double>(rng() % 298) / 10,
                                static_cast<double>(rng() % 90000) / 7});
        }
        const auto back = readings_from_csv(readings_to_csv(readings));
        QVERIFY(back);
        QVERIFY(*back == readings); // to the last digit
    }
}

void TestCsv::poses() {
    PoseCost good, bad;
    good.pose = {to_bed({1, 0, 0}), say("right side down"), 120};
    good.totals.changes = 3;
    good.totals.purge_g = 1.25;
    bad.why = say("it does not fit");
    const Json j = poses_report({good, bad});
    QCOMPARE(j["schema"].get<std::string>(), std::string("vitrail.poses/1"));
    QCOMPARE(j["poses"].size(), std::size_t{2});
    QCOMPARE(j["poses"][0]["changes"].get<int>(), 3);
    QCOMPARE(j["poses"][0]["rotation"].size(), std::size_t{3});
    QVERIFY(!j["poses"][0].contains("not_planned"));
    QCOMPARE(j["poses"][1]["not_planned"].get<std::string>(), std::string("it does not fit"));
}

void TestCsv::exported_names_are_safe() {
    Project p = stack("A", 1);
    p.filaments[0].name = "../sea: blue/green?";
    const auto files = export_stl(p, {}, {{{0, *p.pieces[0].parts[0].mesh}}});
    QCOMPARE(files.size(), std::size_t{1});
    QCOMPARE(files[0].first.find_first_of("/\\:?"), std::string::npos);
    QVERIFY(files[0].first.rfind("A-", 0) == 0);
    const auto back = read_model(files[0].first, files[0].second);
    QVERIFY(back);
    COMPARE_NEAR(volume_mm3(back->at(0).mesh), 100, 1e-3);
}

VITRAIL_TEST(TestCsv)
#include "test_csv.moc"
