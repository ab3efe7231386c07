#include "window_fixture.h"

#include "app/document/logbook_store.h"
#include "app/document/shelf_store.h"
#include "app/logbook/factor_view.h"
#include "app/logbook/logbook_bench.h"
#include "app/logbook/pairs_view.h"
#include "app/logbook/print_detail.h"
#include "app/logbook/record_dialog.h"
#include "app/run/run_bench.h"
#include "app/run/run_store.h"
#include "formats/files.h"
#include "formats/logbook_text.h"
#include "formats/machine_file.h"
#include "paint/page_paint.h"

#include <QComboBox>
#include <QDateTimeEdit>
#include <QDialog>
#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QListWidget>
#include <QMessageBox>
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
    void what_no_print_weighs_is_asked_about();
    void a_season_is_looked_at();
    void factors_are_switched_and_prints_left_out();
    void two_beside_each_other();
    void photographs();
    void machines_over_time();
    void the_run_knows_its_pace();
    void it_outlives_the_window();
    void lists_come_and_go();
    void a_list_is_opened_as_a_file();

private:
    LogbookStore* store() { return window_->logbook(); }
    void go() {
        key(Qt::Key_0, Qt::AltModifier);
        QTRY_VERIFY(store()->is_open());
        QCoreApplication::processEvents();
    }
    void show_season() {
        go();
        store()->import_prints(QString::fromStdString(source_file("demo/season.json")));
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

/// Ten times the weight: asked about, looked at again, kept only when somebody says so.
void TestLogbookWindow::what_no_print_weighs_is_asked_about() {
    PrintRecord r;
    r.title = "Badge";
    r.copies = 10;
    r.start_s = 1'700'000'000;
    r.end_s = r.start_s + 10000;
    r.at(Quantity::printing).foretold = 10000;
    r.at(Quantity::piece).foretold = 36;
    RecordDialog dialog(r);
    dialog.show();
    auto* keep = dialog.findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok);
    int asked = 0;
    const auto answer = [&](const char* button) {
        QTimer::singleShot(100, &dialog, [&, button] {
            auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
            QVERIFY(box && box->objectName() == "record_doubts");
            QVERIFY2(box->text().contains("360"), qPrintable(box->text()));
            QCOMPARE(box->defaultButton()->text(), QString("&Look again"));
            ++asked;
            for (QAbstractButton* b : box->buttons())
                if (b->text() == button)
                    b->click();
        });
        QTest::mouseClick(keep, Qt::LeftButton);
    };
    dialog.findChild<QDoubleSpinBox*>("record_piece")->setValue(360);
    answer("&Look again");
    QVERIFY(dialog.isVisible() && asked == 1);
    answer("&Keep it as it is");
    QVERIFY(!dialog.isVisible() && asked == 2 && dialog.result() == QDialog::Accepted);
    COMPARE_NEAR(*dialog.record().at(Quantity::piece).real, 360, 1e-9);
    RecordDialog usual(r);
    usual.show();
    usual.findChild<QDoubleSpinBox*>("record_piece")->setValue(37);
    QTest::mouseClick(usual.findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok), Qt::LeftButton);
    QVERIFY(!usual.isVisible()); // nobody is asked
}

/// Weighed on the simulated scale, five entries, one key.
void TestLogbookWindow::a_print_is_logged_by_a_key() {
    Project p = stack("AB", 4);
    p.name = "Stack";
    p.settings.copies = 4;
    p.settings.min_layer_s = 120; // so long that half an hour more is nothing odd
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
        d->findChild<QDateTimeEdit*>("record_ended")
            ->setDateTime(d->findChild<QDateTimeEdit*>("record_ended")->dateTime().addSecs(1800));
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
    QTest::keyClicks(find<QLineEdit>("log_search"), "lighthouse -failed hours>8");
    QVERIFY(prints()->rowCount() > 2 && prints()->rowCount() < 12);
    QVERIFY(!prints()->item(0, 1)->icon().isNull()); // a small picture
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
    auto* saved = find<QTableWidget>("totals_saved");
    QVERIFY(saved->rowCount() >= 1);
    QVERIFY(!saved->item(0, 0)->text().isEmpty());
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

void TestLogbookWindow::two_beside_each_other() {
    show_season();
    prints()->setFocus();
    prints()->selectRow(0);
    QTest::keyClick(prints(), Qt::Key_Down, Qt::ShiftModifier);
    auto* table = find<QTableWidget>("log_differences");
    QTRY_VERIFY(table->isVisible());
    QVERIFY(table->rowCount() > 3);
    auto* pairs = find<PairsView>("pairs");
    QVERIFY2(pairs->row_text(0).startsWith("1, printing") && pairs->row_text(0).contains("2, printing"),
             qPrintable(pairs->row_text(0)));
    QVERIFY(!find<QPushButton>("log_change")->isEnabled());
    const Page page = find<PrintDetail>("print_detail")->page();
    QVERIFY(english(page.title).find(" beside ") != std::string::npos);
    // Printed as a page.
    QVERIFY(bool(write_page_pdf(page, dir_->filePath("two.pdf").toStdString(), PageLanguage::window)));
    QVERIFY(read_file(dir_->filePath("two.pdf").toStdString())->starts_with("%PDF"));
    prints()->setCurrentCell(1, 0, QItemSelectionModel::ClearAndSelect | QItemSelectionModel::Rows);
    QTRY_VERIFY(!table->isVisible());
}

void TestLogbookWindow::photographs() {
    show_season();
    prints()->selectRow(0);
    QImage image(640, 480, QImage::Format_RGB32);
    image.fill(QColor(200, 40, 40));
    QVERIFY(image.save(dir_->filePath("front.jpg")));
    auto* detail = find<PrintDetail>("print_detail");
    auto* pictures = find<QListWidget>("log_pictures");
    QTRY_COMPARE(pictures->count(), 1);                           // the plan's
    QVERIFY(!find<QPushButton>("log_photo_remove")->isEnabled()); // which stays
    detail->add_photographs({dir_->filePath("front.jpg")});
    QTRY_COMPARE(pictures->count(), 2);
    QVERIFY(pictures->item(1)->toolTip().contains("front"));
    QCOMPARE(store()->prints().back().photographs, std::vector<std::string>{"front"});
    QCOMPARE(detail->page().blocks.back().pictures.size(), std::size_t(1));
    // Large on Enter.
    bool seen = false;
    QTimer::singleShot(200, [&] {
        auto* d = qobject_cast<QDialog*>(QApplication::activeModalWidget());
        seen = d && d->objectName() == "log_photograph" && d->findChild<QLabel*>()->pixmap().width() > 400;
        if (d)
            d->reject();
    });
    pictures->setFocus();
    pictures->setCurrentRow(1);
    QTest::keyClick(pictures, Qt::Key_Return);
    QTRY_VERIFY(seen);
    // Out by a key, back by undo.
    QTest::keyClick(pictures, Qt::Key_Delete);
    QTRY_COMPARE(pictures->count(), 1);
    window_->findChild<QAction*>("undo")->trigger();
    QTRY_COMPARE(pictures->count(), 2);
    // Two of the same name at once: neither is written over the other.
    QVERIFY(image.save(dir_->filePath("front.png")));
    detail->add_photographs({dir_->filePath("front.jpg"), dir_->filePath("front.png")});
    QTRY_COMPARE(pictures->count(), 4);
    QCOMPARE(store()->prints().back().photographs, (std::vector<std::string>{"front", "front-2", "front-3"}));
    detail->add_photographs({QString::fromStdString(source_file("demo/season.json"))});
    QTRY_VERIFY(window_->messages()->text().contains("season.json was not added"));
}

void TestLogbookWindow::machines_over_time() {
    show_season();
    window_->logbook_bench()->show_page(LogbookBench::kOverTime);
    auto* machine = find<QComboBox>("over_time_machine");
    QCOMPARE(machine->count(), 3);
    machine->setCurrentIndex(machine->findData("feeder-4"));
    auto* first = find<FactorView>("over_time_0");
    QVERIFY(first->accessibleName().contains("printing"));
    first->setFocus();
    QTest::keyClick(first, Qt::Key_Left);
    QVERIFY(label("over_time_sample").contains("times what was foretold"));
    QVERIFY2(label("over_time_says").contains("Towers took"), qPrintable(label("over_time_says")));
    check_names(window_->logbook_bench());
    // A factor begins anew, and undo brings it back.
    window_->logbook_bench()->show_page(LogbookBench::kTeach);
    auto* table = find<QTableWidget>("teach_factors");
    table->setCurrentCell(0, 0);
    const int before = table->item(0, 4)->text().toInt();
    QVERIFY(before > 0);
    press("teach_anew");
    QCOMPARE(table->item(0, 4)->text().toInt(), 0);
    window_->findChild<QAction*>("undo")->trigger();
    QCOMPARE(table->item(0, 4)->text().toInt(), before);
}

/// What the logbook knows of a machine stands at each visit of the run.
void TestLogbookWindow::the_run_knows_its_pace() {
    Project p = stack("ABAB", 40);
    p.machine = *find_machine("hand-swap");
    show_project(std::move(p));
    wait_for_plan();
    show_season();
    window_->run_bench()->show_page(RunBench::kWhen);
    key(Qt::Key_9, Qt::AltModifier);
    QTRY_VERIFY2(label("run_what").contains("with 80 %"), qPrintable(label("run_what")));
    QVERIFY(label("run_says").contains("With 80 % it is done between"));
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
    QCOMPARE(int(back->prints.size()), 40);
    QVERIFY(bool(write_file(dir_->filePath("bad.csv").toStdString(), "id,machine,start\na,m,never\n")));
    store()->import_prints(dir_->filePath("bad.csv"));
    QVERIFY(window_->messages()->text().contains("line 2"));
    QCOMPARE(int(store()->prints().size()), 40);
    prints()->setCurrentCell(0, 0);
    press("log_remove");
    QCOMPARE(prints()->rowCount(), 39);
}

void TestLogbookWindow::a_list_is_opened_as_a_file() {
    // Before anybody has looked at the logbook: it is read first.
    QVERIFY(!store()->is_open());
    window_->open_files({QString::fromStdString(source_file("demo/season.json")),
                         QString::fromStdString(source_file("demo/badge.vitrail"))});
    QTRY_COMPARE(int(store()->prints().size()), 40);
    wait_for_plan();
    QCOMPARE(document()->title(), QString("Visitor badge"));
    store()->undo_stack()->undo();
    QVERIFY(store()->prints().empty());
    // What is none is refused, and nothing is lost.
    QVERIFY(bool(write_file(dir_->filePath("other.json").toStdString(), "{\"kind\": \"something else\"}")));
    window_->open_files({dir_->filePath("other.json")});
    QTRY_VERIFY2(window_->messages()->text().contains("other.json cannot be used"),
                 qPrintable(window_->messages()->text()));
    QCOMPARE(document()->title(), QString("Visitor badge"));
}

VITRAIL_TEST(TestLogbookWindow)
#include "test_logbook_window.moc"
