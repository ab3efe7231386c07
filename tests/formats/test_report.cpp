#include "formats/files.h"
#include "formats/machine_file.h"
#include "formats/report.h"

#include "support.h"

#include <valijson/adapters/nlohmann_json_adapter.hpp>
#include <valijson/schema.hpp>
#include <valijson/schema_parser.hpp>
#include <valijson/validation_results.hpp>
#include <valijson/validator.hpp>

#include <QRegularExpression>
#include <QXmlStreamReader>

using namespace vitrail;
using namespace vitrail::test;

namespace {

/// Fields of RFC 4180 text, read by a reader written from the RFC.
std::vector<std::vector<std::string>> read_csv(const std::string& text) {
    std::vector<std::vector<std::string>> rows{{}};
    std::string field;
    bool quoted = false;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (quoted) {
            if (c != '"')
                field += c;
            else if (i + 1 < text.size() && text[i + 1] == '"')
                field += text[++i];
            else
                quoted = false;
        } else if (c == '"') {
            quoted = true;
        } else if (c == ',') {
            rows.back().push_back(std::exchange(field, {}));
        } else if (c == '\r' && i + 1 < text.size() && text[i + 1] == '\n') {
            rows.back().push_back(std::exchange(field, {}));
            rows.emplace_back();
            ++i;
        } else {
            field += c;
        }
    }
    rows.pop_back();
    return rows;
}

/// Puts all that is said between marks, so that what is written otherwise stands out.
struct Marked : Language {
    std::string sentence(const Message& m) const override { return "‹" + Language::sentence(m) + "›"; }
    std::string code() const override { return "de"; }
};

} // namespace

class TestReport : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void fits_its_schema();
    void schema_refuses_what_is_wrong();
    void says_what_the_plan_says();
    void csv_is_rfc_4180();
    void html_is_well_formed_and_complete();
    void the_sheet_is_in_the_readers_language();
    void machines_that_ship_are_said();
    void sheet_states_every_change_three_ways();
    void cautions_follow_the_materials();
    void hatches_differ();
};

namespace {

QString schema_errors(const nlohmann::json& report) {
    const auto text = read_file(source_file("docs/plan-report.schema.json"));
    const nlohmann::json schema_json = nlohmann::json::parse(*text);
    valijson::Schema schema;
    valijson::SchemaParser parser;
    parser.populateSchema(valijson::adapters::NlohmannJsonAdapter(schema_json), schema);
    valijson::Validator validator;
    valijson::ValidationResults results;
    if (validator.validate(schema, valijson::adapters::NlohmannJsonAdapter(report), &results))
        return {};
    QString all;
    valijson::ValidationResults::Error e;
    while (results.popError(e)) {
        for (const std::string& c : e.context)
            all += QString::fromStdString(c);
        all += ": " + QString::fromStdString(e.description) + "\n";
    }
    return all;
}

nlohmann::json plain(const Json& j) {
    return nlohmann::json::parse(j.dump());
}

} // namespace

void TestReport::fits_its_schema() {
    for (const char* machine : {"hand-swap", "feeder-4", "twin", "carousel"}) {
        Project p = row("ABC", 2.0, machine);
        p.filaments[2] = make_filament('C', Material::PETG, {200, 60, 40});
        p.pieces[0].parts[0].filament = 0;
        const QString errors = schema_errors(plain(plan_report(p, *plan_of(p))));
        QVERIFY2(errors.isEmpty(), qPrintable(errors));
    }
}

void TestReport::schema_refuses_what_is_wrong() {
    const Project p = row("AB", 1.0);
    nlohmann::json good = plain(plan_report(p, *plan_of(p)));
    for (const char* key : {"layers", "changes", "totals", "lower_bound", "sequence"}) {
        nlohmann::json bad = good;
        bad.erase(key);
        QVERIFY2(!schema_errors(bad).isEmpty(), key);
    }
    good["changes"][0]["kind"] = "magic";
    QVERIFY(!schema_errors(good).isEmpty());
}

void TestReport::says_what_the_plan_says() {
    const Project p = row("ABC", 2.0, "twin");
    const auto plan = plan_of(p);
    const Json r = plan_report(p, *plan);
    QCOMPARE(r["layers"]["count"].get<int>(), plan->grid.count);
    QCOMPARE(r["sequence"].size(), std::size_t(plan->grid.count));
    QCOMPARE(r["changes"].size(), plan->changes.size());
    QCOMPARE(r["purge_table"].size(), std::size_t{4 * 3});
    double purge = 0;
    std::string before;
    std::size_t change = 0;
    for (const Json& layer : r["sequence"])
        for (const Json& letter : layer) {
            if (!before.empty() && before != letter.get<std::string>()) {
                QCOMPARE(r["changes"][change]["from"].get<std::string>(), before);
                QCOMPARE(r["changes"][change]["to"].get<std::string>(), letter.get<std::string>());
                ++change;
            }
            before = letter.get<std::string>();
        }
    QCOMPARE(change, plan->changes.size()); // the sequence and the list of changes tell the same story
    for (const Json& c : r["changes"])
        purge += c["purge_g"].get<double>();
    COMPARE_NEAR(purge, r["totals"]["purge_g"].get<double>(), 1e-6);
    for (const Json& f : r["filaments"])
        COMPARE_NEAR(f["total_g"].get<double>(),
                     f["model_g"].get<double>() + f["purge_g"].get<double>() + f["tower_g"].get<double>() +
                         f["support_g"].get<double>() + f["interface_g"].get<double>(),
                     1e-8);
    QCOMPARE(r["changes"][0]["z_after_mm"].get<double>(), 0.2); // no noise of binary fractions
}

void TestReport::csv_is_rfc_4180() {
    Project p = stack("ABA", 1.0);
    p.filaments[0].name = "black, \"deep\"";
    const auto rows = read_csv(sheet_csv(make_run_sheet(p, *plan_of(p))));
    QCOMPARE(rows.size(), std::size_t{3});
    for (const auto& row : rows)
        QCOMPARE(row.size(), rows[0].size());
    QCOMPARE(rows[0][1], std::string("before_layer"));
    QCOMPARE(rows[1][1], std::string("6"));
    QCOMPARE(rows[1][2], std::string("5"));
    QCOMPARE(rows[1][3], std::string("1.000"));
    QCOMPARE(rows[1][4], std::string("1.200"));
    QCOMPARE(rows[1].back(),
             std::string("before layer 6 · after layer 5 · with 1.00 mm printed, layer 6 ends at 1.20 mm"));
    QVERIFY(sheet_csv(make_run_sheet(p, *plan_of(p))).find('\n') ==
            sheet_csv(make_run_sheet(p, *plan_of(p))).find("\r\n") + 1);
}

void TestReport::html_is_well_formed_and_complete() {
    Project p = stack("AB", 1.0);
    p.name = "<Badge> & \"more\"";
    const std::string html = sheet_html(make_run_sheet(p, *plan_of(p)));
    QVERIFY(html.find("<Badge>") == std::string::npos);
    QVERIFY(html.find("<script") == std::string::npos && html.find("http") == std::string::npos);
    QString text = QString::fromStdString(html);
    text.remove("<!DOCTYPE html>\n").remove("<meta charset=\"utf-8\">").replace("<br>", "<br/>");
    QXmlStreamReader xml(text);
    while (!xml.atEnd())
        xml.readNext();
    QVERIFY2(!xml.hasError(), qPrintable(xml.errorString()));
    for (const char* words : {"before layer 6", "after layer 5", "1.00 mm printed", "layer 6 ends at 1.20 mm",
                              "Load A", "Keep B", "Cautions", "200 °C"})
        QVERIFY2(html.find(words) != std::string::npos, words);
}

void TestReport::the_sheet_is_in_the_readers_language() {
    const Project p = stack("ABC", 1.0);
    const RunSheet sheet = make_run_sheet(p, *plan_of(p));
    QString html = QString::fromStdString(sheet_html(sheet, Marked()));
    QVERIFY(html.contains("<html lang=\"de\">") && html.contains("aria-label=\"‹filament A›\""));
    for (const char* not_said : {"<style>.*</style>", "<symbol.*</symbol>", "<code>[^<]*</code>", "<[^>]*>"})
        html.remove(QRegularExpression(not_said, QRegularExpression::DotMatchesEverythingOption));
    QString left;
    int depth = 0;
    for (const QChar c : html) {
        depth += c == QChar(u'‹') ? 1 : c == QChar(u'›') ? -1 : 0;
        if (depth == 0)
            left += c;
    }
    for (const Filament& f : p.filaments)
        left.remove(QString::fromStdString(f.name)).remove(QString::fromStdString(facts(f.material).id));
    const auto english = QRegularExpression("[A-Za-z]{2,}").match(left);
    QVERIFY2(!english.hasMatch(), qPrintable(left.simplified()));
}

void TestReport::machines_that_ship_are_said() {
    for (const Machine& m : shipped_machines())
        for (const std::string& text : {m.name, m.note}) {
            QVERIFY(machine_text(text).arguments.empty()); // a text that translators have
            QCOMPARE(english(machine_text(text)), text);
        }
    QCOMPARE(english(machine_text("{My} printer")), std::string("{My} printer"));
}

void TestReport::sheet_states_every_change_three_ways() {
    const Project p = row("AB", 2.0);
    const auto plan = plan_of(p);
    const RunSheet sheet = make_run_sheet(p, *plan);
    QCOMPARE(sheet.changes.size(), plan->changes.size());
    for (const SheetChange& c : sheet.changes) {
        QVERIFY(english(c.when).find("layer " + std::to_string(c.change.layer)) != std::string::npos);
        QVERIFY(english(c.when).find("after ") != std::string::npos);
        QVERIFY(english(c.when).find("mm printed") != std::string::npos);
        QVERIFY(english(c.when).find("ends at") != std::string::npos);
    }
}

void TestReport::cautions_follow_the_materials() {
    Project p = stack("AB", 1.0);
    const auto says = [&](const char* word) {
        for (const Message& c : make_run_sheet(p, *plan_of(p)).cautions)
            if (english(c).find(word) != std::string::npos)
                return true;
        return false;
    };
    QVERIFY(says("cool"));
    QVERIFY(says("Hand swaps"));
    QVERIFY(!says("fumes"));
    p.filaments[0] = p.filaments[1] = make_filament('A', Material::ABS, {9, 9, 9});
    p.filaments[1].letter = 'B';
    QVERIFY(says("fumes"));
    p.filaments[1] = make_filament('B', Material::PVA, {200, 200, 200});
    QVERIFY(says("strain"));
}

void TestReport::hatches_differ() {
    for (char a = 'A'; a < 'A' + 8; ++a)
        for (char b = a + 1; b < 'A' + 8; ++b) {
            const auto x = hatch_lines(a), y = hatch_lines(b);
            QVERIFY(x.size() != y.size() ||
                    !std::equal(x.begin(), x.end(), y.begin(), [](const HatchLine& p, const HatchLine& q) {
                        return p.x0 == q.x0 && p.y0 == q.y0 && p.x1 == q.x1 && p.y1 == q.y1;
                    }));
        }
}

VITRAIL_TEST(TestReport)
#include "test_report.moc"
