#include "window_fixture.h"

#include "app/machine/machine_assistant.h"
#include "app/shell/tour.h"
#include "app/shell/welcome.h"

#include <QListWidget>
#include <QSpinBox>
#include <QTableView>
#include <QTableWidget>

using namespace vitrail;
using namespace vitrail::test;

/// The first ten minutes: what an empty window offers, the tour, and a printer described by questions.
class TestWelcomeWindow : public WindowFixture {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare(); }
    void init() {
        QSettings().clear();
        begin();
        qputenv("VITRAIL_MACHINES", dir_->filePath("machines").toUtf8());
    }
    void cleanup() {
        qunsetenv("VITRAIL_MACHINES");
        end();
    }
    void a_demo_is_opened();
    void what_was_open_is_found_again();
    void ways_to_begin();
    void the_tour_by_keyboard();
    void a_printer_is_described();
    void benches_made_late_show_everything();
    void empty_benches_say_what_to_do();

private:
    QListWidget* list(const char* name) { return find<QListWidget>(name); }
};

void TestWelcomeWindow::empty_benches_say_what_to_do() {
    for (const int bench : {MainWindow::kSupports, MainWindow::kPlate, MainWindow::kChanges, MainWindow::kPurge, MainWindow::kVariants, MainWindow::kRun}) {
        window_->choose_bench(static_cast<MainWindow::Bench>(bench));
        auto* says = find<QLabel>("empty_hint_says");
        QVERIFY2(says->isVisible() && says->text().contains("add a model"), qPrintable(QString::number(bench)));
    }
    QVERIFY(find<QLabel>("empty_hint_says")->text().startsWith("The print at the printer"));
    window_->choose_bench(MainWindow::kPiece); // has buttons of its own
    QVERIFY(!find<QLabel>("empty_hint_says")->isVisible());
    window_->choose_bench(MainWindow::kRun);
    press("empty_hint_demos");
    QVERIFY(find<Welcome>("welcome_page")->isVisible());
    open_demo("badge.vitrail");
    window_->choose_bench(MainWindow::kRun);
    QVERIFY(!find<QLabel>("empty_hint_says")->isVisible());
}

void TestWelcomeWindow::a_demo_is_opened() {
    window_->show_welcome();
    QVERIFY(find<Welcome>("welcome_page")->isVisible());
    auto* demos = list("welcome_demos");
    QCOMPARE(demos->count(), 8);
    for (int i = 0; i < demos->count(); ++i)
        QVERIFY2(!demos->item(i)->toolTip().isEmpty() && !demos->item(i)->text().isEmpty(), qPrintable(QString::number(i)));
    QTRY_VERIFY(!demos->item(0)->icon().isNull()); // small pictures
    check_names(find<Welcome>("welcome_page"));
    // By keyboard.
    demos->setFocus();
    demos->setCurrentRow(0);
    QTest::keyClick(demos, Qt::Key_Return);
    wait_for_plan();
    QVERIFY(document()->plan());
    QVERIFY(!find<Welcome>("welcome_page")->isVisible());
    QVERIFY(piece()->isVisible());
    // It is nobody's file yet: saving asks for one, and nothing is remembered.
    QCOMPARE(document()->path(), QString());
    QVERIFY(!document()->modified());
    QVERIFY(QSettings().value("recent").toStringList().isEmpty());
}

void TestWelcomeWindow::what_was_open_is_found_again() {
    window_->show_welcome();
    QVERIFY(!list("welcome_recent")->isVisible());
    const QString file = dir_->filePath("badge.vitrail");
    QVERIFY(QFile::copy(QString::fromStdString(source_file("demo/badge.vitrail")), file));
    open(file);
    window_->findChild<QAction*>("new")->trigger();
    window_->findChild<QAction*>("welcome")->trigger();
    auto* recent = list("welcome_recent");
    QVERIFY(recent->isVisible());
    QCOMPARE(recent->item(0)->text(), QString("badge"));
    QTRY_VERIFY(!recent->item(0)->icon().isNull());
    QTest::mouseClick(recent->viewport(), Qt::LeftButton, {}, recent->visualItemRect(recent->item(0)).center());
    wait_for_plan();
    QCOMPARE(document()->path(), file);
    // What has gone is not offered.
    QVERIFY(QFile::remove(file));
    window_->show_welcome();
    QCOMPARE(list("welcome_recent")->count(), 0);
}

void TestWelcomeWindow::ways_to_begin() {
    window_->show_welcome();
    press("begin_order");
    QVERIFY(find<QTableWidget>("order_items")->isVisible());
    window_->show_welcome();
    key(Qt::Key_4, Qt::AltModifier); // any bench takes its place
    QVERIFY(!find<Welcome>("welcome_page")->isVisible());
    window_->show_welcome();
    key(Qt::Key_A); // nothing to assign, no crash
    show_project(stack("AB", 2)); // something came
    QVERIFY(!find<Welcome>("welcome_page")->isVisible());
}

void TestWelcomeWindow::the_tour_by_keyboard() {
    window_->show_welcome();
    find<QPushButton>("begin_tour")->setFocus();
    QTest::keyClick(find<QPushButton>("begin_tour"), Qt::Key_Space);
    wait_for_plan();
    auto* tour = find<TourBar>("tour");
    QVERIFY(tour->isVisible() && document()->plan());
    std::set<QString> texts;
    const auto next = [&] {
        texts.insert(find<QLabel>("tour_text")->text());
        QTest::keyClick(find<QPushButton>("tour_next"), Qt::Key_Return);
        QCoreApplication::processEvents();
    };
    QVERIFY(piece()->isVisible());
    next();
    QCOMPARE(view()->parts(), std::set<int>{1}); // the lettering is selected, so a letter does what the step says
    key(Qt::Key_A);
    wait_for_plan();
    QCOMPARE(project().pieces[0].parts[1].filament, 'A');
    undo();
    next();
    QCOMPARE(view()->layer(), document()->plan()->changes.front().layer);
    next();
    QVERIFY(find<QTableView>("changes")->isVisible());
    next();
    QVERIFY(find<QWidget>("strips")->isVisible());
    next();
    QVERIFY(find<QPushButton>("sheet_pdf")->isVisible());
    QTest::keyClick(find<QPushButton>("tour_back"), Qt::Key_Space);
    QVERIFY(find<QWidget>("strips")->isVisible());
    next();
    next();
    QCOMPARE(int(texts.size()), int(TourBar::kSteps));
    QVERIFY(!tour->isVisible());
    // It can be left at any time.
    window_->findChild<QAction*>("tour")->trigger();
    wait_for_plan();
    QVERIFY(tour->isVisible());
    QTest::keyClick(tour, Qt::Key_Escape);
    QVERIFY(!tour->isVisible());
}

void TestWelcomeWindow::a_printer_is_described() {
    in_next_dialog([](QDialog* d) {
        const auto label = [&](const char* name) { return d->findChild<QLabel*>(name)->text(); };
        QCOMPARE(d->objectName(), QString("machine_assistant"));
        QVERIFY(!d->findChild<QComboBox*>("assistant_turns")->isVisible()); // does not arise with one nozzle
        QVERIFY(!d->findChild<QSpinBox*>("assistant_slots")->isVisible());
        const QString before = label("assistant_sentence");
        d->findChild<QLineEdit*>("assistant_name")->setText("Cellar printer");
        auto* nozzles = d->findChild<QSpinBox*>("assistant_nozzles");
        nozzles->setFocus();
        QTest::keyClick(nozzles, Qt::Key_Up);
        QCOMPARE(nozzles->value(), 2);
        QVERIFY(d->findChild<QComboBox*>("assistant_turns")->isVisible());
        QVERIFY(label("assistant_measure").contains("offset strip"));
        auto* fed = d->findChild<QComboBox*>("assistant_fed");
        fed->setFocus();
        QTest::keyClick(fed, Qt::Key_End); // a spool and a feeder
        QVERIFY(d->findChild<QSpinBox*>("assistant_slots")->isVisible());
        QVERIFY(label("assistant_assumed").contains("from memory"));
        QVERIFY(label("assistant_sentence") != before);
        d->accept();
    });
    window_->show_welcome();
    press("begin_machine");
    const Machine& m = project().machine;
    QCOMPARE(m.name, std::string("Cellar printer"));
    QCOMPARE(m.nozzles.size(), std::size_t(2));
    QVERIFY(m.by_hand(0) && !m.by_hand(1));
    QVERIFY(QFile::exists(dir_->filePath("machines/cellar-printer.json"))); // kept
    QVERIFY(find<QComboBox>("machine")->findText("Cellar printer (yours)") >= 0 || window_->findChild<QComboBox*>("machine")->findText("Cellar printer (yours)") >= 0);
    undo();
    QVERIFY(project().machine.name != "Cellar printer");
}

/// Benches are made when they are first asked for; what they show then is what they would have shown all along.
void TestWelcomeWindow::benches_made_late_show_everything() {
    open_demo("lighthouse.vitrail");
    for (int bench = 0; bench < 10; ++bench) {
        key(static_cast<Qt::Key>(bench == 9 ? Qt::Key_0 : Qt::Key_1 + bench), Qt::AltModifier);
        QCoreApplication::processEvents();
    }
    window_->choose_bench(MainWindow::kChanges);
    QCOMPARE(find<QTableView>("changes")->model()->rowCount(), static_cast<int>(document()->plan()->changes.size()));
    QVERIFY(find<QTableView>("changes")->currentIndex().isValid());
    window_->choose_bench(MainWindow::kPurge);
    QVERIFY(find<QWidget>("strips")->isVisible());
    // A letter's dialog of the layer's picture is offered there, too.
    window_->choose_bench(MainWindow::kPlate);
    bool offered = false;
    for (QWidget* w : window_->findChildren<QWidget*>())
        if (w->isVisible())
            for (QAction* a : w->actions())
                offered |= a->objectName() == "picture_bed";
    QVERIFY(offered);
}

VITRAIL_TEST(TestWelcomeWindow)
#include "test_welcome_window.moc"
