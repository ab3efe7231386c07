#include "window_fixture.h"

#include "app/document/logbook_store.h"
#include "app/document/shelf_store.h"
#include "app/logbook/factor_view.h"
#include "app/logbook/logbook_bench.h"
#include "app/logbook/pairs_view.h"
#include "app/run/run_store.h"
#include "demo/season.h"
#include "formats/files.h"
#include "formats/logbook_text.h"

#include <QComboBox>
#include <QDateTimeEdit>
#include <QDialog>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QTableWidget>

using namespace vitrail;
using namespace vitrail::test;

/// The logbook in the real window.
class TestLogbookWindow : public WindowFixture {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare(); }
    void init() {
        begin();
        for (const char* part : {"", "-wal", "-shm"})
            QFile::remove(ShelfStore::path() + part);
    }
    void cleanup() { end(); }
    void an_empty_one_says_what_to_do();
    void a_print_is_logged_by_a_key();
    void a_season_is_looked_at();
    void factors_are_switched_and_prints_left_out();
    void it_outlives_the_window();
    void lists_come_and_go();

private:
    LogbookStore* store() { return window_->logbook(); }
    void go() {
        key(Qt::Key_0, Qt::AltModifier);
        QTRY_VERIFY(store()->is_open());
        QCoreApplication::processEvents();
    }
    void show_season() {
        go();
        const QString path = dir_->filePath("season.json");
        QVERIFY(bool(write_file(path.toStdString(), logbook_to_json(demo::season()))));
        window_->logbook_bench()->prints()->import_list(path);
    }
    QString label(const char* name) { return find<QLabel>(name)->text(); }
    /// "time  1 h 20 – 1 h 50"
    bool tally_has_range() { return find<QLabel>("tally_time")->accessibleName().contains("By the logbook"); }
    QTableWidget* prints() { return find<QTableWidget>("log_prints"); }
};

void TestLogbookWindow::an_empty_one_says_what_to_do() {
    go();
    QCOMPARE(prints()->rowCount(), 0);
    bool said = false;
    for (QLabel* l : window_->findChildren<QLabel*>("quiet"))
        said |= l->isVisible() && l->text().contains("No print yet");
    QVERIFY(said);
    QVERIFY(!find<QPushButton>("log_print")->isEnabled()); // there is no plan
    window_->logbook_bench()->show_page(LogbookBench::kTeach);
    QVERIFY(label("teach_says").contains("1.12"));
    check_names(window_->logbook_bench());
}

/// Weighed on the simulated scale, five entries, one key.
void TestLogbookWindow::a_print_is_logged_by_a_key() {
    Project p = stack("AB", 4);
    p.name = "Stack";
    p.settings.copies = 4;
    show_project(std::move(p));
    wait_for_plan();
    QTimer answer;
    bool weighed = false;
    connect(&answer, &QTimer::timeout, [&] {
        auto* d = qobject_cast<QDialog*>(QApplication::activeModalWidget());
        if (!d || d->objectName() != "record_dialog")
            return;
        auto* piece = d->findChild<QDoubleSpinBox*>("record_piece");
        if (piece->value() < 0) {
            if (d->findChild<QPushButton*>("scale_read")->text().contains("Read"))
                d->findChild<QPushButton*>("scale_read")->click();
            return;
        }
        weighed = true;
        QVERIFY(d->findChild<QLabel*>("record_weigh")->text().contains("all 4 pieces"));
        d->findChild<QPlainTextEdit*>("record_notes")->setPlainText("smooth");
        d->findChild<QDateTimeEdit*>("record_ended")->setDateTime(d->findChild<QDateTimeEdit*>("record_ended")->dateTime().addSecs(1800));
        d->accept();
    });
    answer.start(50);
    key(Qt::Key_L, Qt::ControlModifier);
    QTRY_COMPARE_WITH_TIMEOUT(int(store()->prints().size()), 1, 15000);
    answer.stop();
    QVERIFY(weighed);
    const PrintRecord& r = store()->prints()[0];
    QCOMPARE(r.title, std::string("Stack"));
    QCOMPARE(r.notes, std::string("smooth"));
    QVERIFY(*r.at(Quantity::printing).real > r.at(Quantity::printing).foretold + 1000);
    QVERIFY(r.at(Quantity::piece).real.has_value());
    QVERIFY(r.at(Quantity::printing).spread > 0); // it was held against a range
    QCOMPARE(prints()->rowCount(), 1);
    auto* pairs = find<PairsView>("pairs");
    QVERIFY(pairs->rows() >= 3);
    QVERIFY(pairs->row_text(0).contains("in fact"));
    QVERIFY(window_->messages()->text().contains("in the logbook"));
    // The next plan has ranges from it.
    window_->logbook_bench()->show_page(LogbookBench::kTeach);
    auto* ranges = find<QTableWidget>("teach_outlook");
    QVERIFY(ranges->rowCount() >= 3);
    QVERIFY(ranges->item(1, 3)->text().contains("print"));
    QVERIFY2(tally_has_range(), "the tally has a range beside the hours");
    // Undo takes it out again.
    window_->findChild<QAction*>("undo")->trigger();
    QCOMPARE(int(store()->prints().size()), 0);
    QVERIFY(!tally_has_range());
}

void TestLogbookWindow::a_season_is_looked_at() {
    show_season();
    QCOMPARE(prints()->rowCount(), 40);
    QVERIFY(label("log_sums").contains("40 print"));
    QVERIFY(label("log_sums").contains("2 failed"));
    find<QComboBox>("log_outcome")->setCurrentIndex(3);
    QCOMPARE(prints()->rowCount(), 2);
    QVERIFY(label("log_facts").contains("layer"));
    QVERIFY(!label("log_notes").isEmpty());
    find<QComboBox>("log_outcome")->setCurrentIndex(0);
    QTest::keyClicks(find<QLineEdit>("log_search"), "damp");
    QCOMPARE(prints()->rowCount(), 1);
    find<QLineEdit>("log_search")->clear();
    find<QComboBox>("log_machine")->setCurrentIndex(1);
    QVERIFY(prints()->rowCount() < 40 && prints()->rowCount() > 1);
    // Months and years.
    window_->logbook_bench()->show_page(LogbookBench::kTotals);
    auto* months = find<QTableWidget>("totals");
    QCOMPARE(months->rowCount(), 7 + 1); // May to November, and all of it
    QCOMPARE(months->item(7, 1)->text(), QString("40"));
    find<QComboBox>("totals_period")->setCurrentIndex(1);
    QCOMPARE(months->rowCount(), 1);
    QVERIFY(find<QTableWidget>("totals_faults")->rowCount() >= 3);
    QVERIFY(find<QTableWidget>("totals_rates")->rowCount() >= 1);
    window_->logbook_bench()->show_page(LogbookBench::kPrints);
    // A row of the pairs says itself by keyboard.
    auto* pairs = find<PairsView>("pairs");
    pairs->setFocus();
    const QString first = pairs->accessibleDescription();
    QTest::keyClick(pairs, Qt::Key_Down);
    QVERIFY(pairs->accessibleDescription() != first);
}

void TestLogbookWindow::factors_are_switched_and_prints_left_out() {
    show_season();
    window_->logbook_bench()->show_page(LogbookBench::kTeach);
    auto* table = find<QTableWidget>("teach_factors");
    QVERIFY(table->rowCount() > 5);
    int feeder = -1;
    for (int r = 0; r < table->rowCount(); ++r)
        if (table->item(r, 0)->text().contains("feeder") && table->item(r, 1)->text().contains("feeder-4"))
            feeder = r;
    QVERIFY(feeder >= 0);
    table->setCurrentCell(feeder, 0);
    QVERIFY2(label("teach_says").contains("more"), qPrintable(label("teach_says"))); // the drift
    auto* view = find<FactorView>("factor_view");
    view->setFocus();
    QTest::keyClick(view, Qt::Key_Left);
    QVERIFY(label("teach_sample").contains("times what was foretold"));
    const int prints_before = table->item(feeder, 4)->text().toInt();
    press("teach_leave_out");
    QCOMPARE(table->item(feeder, 4)->text().toInt(), prints_before - 1);
    QVERIFY(label("teach_sample").contains("left out"));
    press("teach_switch");
    QCOMPARE(table->item(feeder, 2)->text(), QString("off"));
    QVERIFY(label("teach_says").contains("Switched off"));
    QVERIFY(label("teach_score").contains("80"));
    for (int i = 0; i < 2; ++i)
        window_->findChild<QAction*>("undo")->trigger();
    QCOMPARE(table->item(feeder, 4)->text().toInt(), prints_before);
}

void TestLogbookWindow::it_outlives_the_window() {
    show_season();
    store()->edit("Remove", [](LogbookStore::Book& b) { b.prints.erase(b.prints.begin()); });
    store()->wait_written();
    LogbookStore again;
    again.open();
    QTRY_VERIFY(again.is_open());
    QVERIFY(again.prints() == store()->prints());
    QCOMPARE(int(again.prints().size()), 39);
    QCOMPARE(again.factors().size(), store()->factors().size());
}

void TestLogbookWindow::lists_come_and_go() {
    show_season();
    auto* page = window_->logbook_bench()->prints();
    page->export_list(dir_->filePath("out.csv"));
    QVERIFY(window_->messages()->text().contains("written"));
    const auto back = logbook_from_text(*read_file(dir_->filePath("out.csv").toStdString()));
    QVERIFY(bool(back));
    QCOMPARE(int(back->size()), 40);
    QVERIFY(bool(write_file(dir_->filePath("bad.csv").toStdString(), "id,machine,start\na,m,never\n")));
    page->import_list(dir_->filePath("bad.csv"));
    QVERIFY(window_->messages()->text().contains("line 2"));
    QCOMPARE(int(store()->prints().size()), 40);
    prints()->setCurrentCell(0, 0);
    press("log_remove");
    QCOMPARE(prints()->rowCount(), 39);
}

VITRAIL_TEST(TestLogbookWindow)
#include "test_logbook_window.moc"
