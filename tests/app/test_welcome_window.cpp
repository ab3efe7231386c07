#include "window_fixture.h"

#include "app/machine/machine_assistant.h"
#include "app/shell/tour.h"
#include "app/shell/welcome.h"
#include "app/theme/language.h"
#include "demo/solids.h"
#include "formats/files.h"
#include "formats/model.h"
#include "paint/words.h"

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
        begin(runs_now({"a_demo_is_opened", "the_tour_by_keyboard"}));
        qputenv("VITRAIL_MACHINES", dir_->filePath("machines").toUtf8());
    }
    void cleanup() {
        apply_language("en");
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
    void the_first_ten_minutes_by_keyboard_data();
    void the_first_ten_minutes_by_keyboard();

private:
    QListWidget* list(const char* name) { return find<QListWidget>(name); }
};

namespace {

/// Where the keys go: within the dialog, if there is one.
QWidget* focused() {
    see_to_focus();
    QWidget* window =
        QApplication::activeModalWidget() ? QApplication::activeModalWidget() : QApplication::activeWindow();
    return window && window->focusWidget() ? window->focusWidget() : window;
}
void strike(Qt::Key k, Qt::KeyboardModifiers m = {}) {
    QTest::keyClick(focused(), k, m);
}
void type(const QString& text) {
    QTest::keyClicks(focused(), text);
}

/// Goes on with Tab until the focus is there.
bool tab_to(const char* name) {
    constexpr int kMost = 120;
    for (int i = 0; i < kMost; ++i) {
        if (focused()->objectName() == QLatin1String(name))
            return true;
        strike(Qt::Key_Tab);
    }
    return false;
}

/// Answers a dialog for files.
void give_path(const QString& path) {
    in_next_dialog([path](QDialog* d) {
        const bool there = d->inherits("QFileDialog") && tab_to("fileNameEdit");
        if (there) {
            qobject_cast<QLineEdit*>(focused())->setText(
                path); // typed, it is completed by what lies in other folders
            strike(Qt::Key_Return);
        } else
            d->reject();
        QVERIFY(there);
    });
}

} // namespace

void TestWelcomeWindow::empty_benches_say_what_to_do() {
    for (const int bench : {MainWindow::kSupports, MainWindow::kPlate, MainWindow::kChanges,
                            MainWindow::kPurge, MainWindow::kVariants, MainWindow::kRun}) {
        window_->choose_bench(static_cast<MainWindow::Bench>(bench));
        auto* says = find<QLabel>("empty_hint_says");
        QVERIFY2(says->isVisible() && says->text().contains("add a model"),
                 qPrintable(QString::number(bench)));
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
        QVERIFY2(!demos->item(i)->toolTip().isEmpty() && !demos->item(i)->text().isEmpty(),
                 qPrintable(QString::number(i)));
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
    QTest::mouseClick(recent->viewport(), Qt::LeftButton, {},
                      recent->visualItemRect(recent->item(0)).center());
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
    key(Qt::Key_A);               // nothing to assign, no crash
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
    QCOMPARE(view()->parts(),
             std::set<int>{1}); // the lettering is selected, so a letter does what the step says
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
    QVERIFY(find<QComboBox>("machine")->findText("Cellar printer (yours)") >= 0 ||
            window_->findChild<QComboBox*>("machine")->findText("Cellar printer (yours)") >= 0);
    undo();
    QVERIFY(project().machine.name != "Cellar printer");
}

void TestWelcomeWindow::the_first_ten_minutes_by_keyboard_data() {
    QTest::addColumn<QString>("code");
    QTest::addColumn<QString>("swaps");
    QTest::newRow("English") << "en"
                             << "<h2>Changes";
    QTest::newRow("German") << "de"
                            << "<h2>Wechsel";
}

/// Somebody's own file, on their own printer's description, to a sheet they can take to it; the mouse stays
/// where it is.
void TestWelcomeWindow::the_first_ten_minutes_by_keyboard() {
    QFETCH(QString, code);
    QFETCH(QString, swaps);
    const QString model = dir_->filePath("sign.3mf"), sheet = dir_->filePath("sign.html"),
                  saved = dir_->filePath("sign.vitrail");
    QVERIFY(write_file(model.toStdString(), *write_3mf({{"ground", solids::box(0, 0, 0, 60, 30, 3), {}},
                                                        {"star", solids::box(20, 10, 3, 40, 20, 4), {}}})));
    apply_language(code);
    window_ = std::make_unique<MainWindow>();
    window_->show();
    window_->activateWindow();
    QVERIFY(QTest::qWaitForWindowActive(window_.get()));
    window_->show_welcome();
    // The printer: wider than usual, with a feeder.
    in_next_dialog([](QDialog* d) {
        const bool name = tab_to("assistant_name");
        strike(Qt::Key_A, Qt::ControlModifier);
        type("Cellar printer");
        const bool bed = tab_to("assistant_bed_x");
        strike(Qt::Key_A, Qt::ControlModifier);
        type("300");
        const bool fed = tab_to("assistant_fed");
        strike(Qt::Key_Down);
        const bool slots_asked = d->findChild<QSpinBox*>("assistant_slots")->isVisible();
        strike(Qt::Key_Return);
        QVERIFY(name && bed && fed && slots_asked);
    });
    QVERIFY(tab_to("begin_machine"));
    strike(Qt::Key_Space);
    QCOMPARE(project().machine.name, std::string("Cellar printer"));
    QCOMPARE(project().machine.bed_x_mm, 300.0);
    // The file.
    give_path(model);
    strike(Qt::Key_O, Qt::ControlModifier);
    wait_for_plan();
    QCOMPARE(project().pieces[0].parts.size(), std::size_t(2));
    QCOMPARE(project().machine.name, std::string("Cellar printer"));
    // Another filament, and what is printed in it.
    if (project().filaments.size() < 2) {
        in_next_dialog([](QDialog*) { strike(Qt::Key_Return); });
        QVERIFY(tab_to("add_filament"));
        strike(Qt::Key_Space);
    }
    QVERIFY(project().filaments.size() >= 2);
    QCOMPARE(project().filaments[0].name,
             words(describe_colour(project().filaments[0].colour)).toStdString());
    QVERIFY(tab_to("regions"));
    strike(Qt::Key_Home);
    strike(Qt::Key_Down);
    QCOMPARE(view()->parts(), std::set<int>{1});
    strike(Qt::Key_B);
    wait_for_plan();
    QCOMPARE(project().pieces[0].parts[1].filament, 'B');
    QCOMPARE(document()->plan()->totals.changes, 1);
    // Why: the part that has the focus is explained.
    strike(Qt::Key_F1);
    const auto explained = []() -> QWidget* {
        for (QWidget* w : qApp->topLevelWidgets())
            if (w->isVisible() && w->inherits("QWhatsThat"))
                return w;
        return nullptr;
    };
    QTRY_VERIFY(explained());
    QTest::keyClick(explained(), Qt::Key_Escape);
    QTRY_VERIFY(!explained() && window_->isActiveWindow());
    // The sheet.
    strike(Qt::Key_9, Qt::AltModifier);
    QVERIFY(tab_to("qt_tabwidget_tabbar"));
    for (int i = 0; i < 5; ++i)
        strike(Qt::Key_Right);
    give_path(sheet);
    QVERIFY(tab_to("sheet_html"));
    strike(Qt::Key_Space);
    QFile file(sheet);
    QVERIFY(file.open(QIODevice::ReadOnly));
    const QString html = QString::fromUtf8(file.readAll());
    QVERIFY(html.contains("Cellar printer"));
    for (const Filament& f : project().filaments)
        QVERIFY2(html.contains(QString::fromStdString(f.name).toHtmlEscaped()), f.name.c_str());
    QVERIFY2(html.contains(swaps), qPrintable(html.left(2000)));
    // And all of it is kept.
    give_path(saved);
    strike(Qt::Key_S, Qt::ControlModifier);
    QTRY_VERIFY(!document()->modified());
    QVERIFY(QFile::exists(saved));
}

/// Benches are made when they are first asked for; what they show then is what they would have shown all
/// along.
void TestWelcomeWindow::benches_made_late_show_everything() {
    open_demo("lighthouse.vitrail");
    for (int bench = 0; bench < 10; ++bench) {
        key(static_cast<Qt::Key>(bench == 9 ? Qt::Key_0 : Qt::Key_1 + bench), Qt::AltModifier);
        QCoreApplication::processEvents();
    }
    window_->choose_bench(MainWindow::kChanges);
    QCOMPARE(find<QTableView>("changes")->model()->rowCount(),
             static_cast<int>(document()->plan()->changes.size()));
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
