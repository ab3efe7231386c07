#include "window_fixture.h"

#include "app/ribbon/ribbon.h"
#include "app/run/bands_view.h"
#include "app/run/file_page.h"
#include "app/run/rescue_page.h"
#include "app/run/run_bench.h"
#include "app/run/run_panel.h"
#include "app/run/run_store.h"
#include "app/run/sheet_page.h"
#include "app/run/starts_view.h"
#include "app/run/when_page.h"
#include "demo/toolpath.h"
#include "formats/files.h"
#include "formats/place_clock.h"

#include <QCheckBox>
#include <QDateTimeEdit>
#include <QDir>
#include <QFile>
#include <QListWidget>
#include <QMessageBox>
#include <QSpinBox>
#include <QTableWidget>

using namespace vitrail;
using namespace vitrail::test;

/// When to come, a run that is followed, and what a toolpath file says; all in the real window.
class TestRunWindow : public WindowFixture {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() {
        qputenv("TZ", "Europe/Berlin");
        ::tzset();
        prepare();
    }
    void init() {
        begin();
        now_ = *parse_instant("2026-12-05T17:50:00Z", {}); // 18:50 there
        window_->runs()->set_clock([this] { return now_; });
        window_->runs()->set_tell(
            [this](const QString& title, const QString& text) { told_ << title + ": " + text; });
        told_.clear();
    }
    void cleanup() { end(); }
    void a_start_is_chosen();
    void the_ribbon_is_a_clock();
    void a_run_is_followed();
    void a_run_outlives_the_window();
    void a_calendar_is_written();
    void the_file_is_compared();
    void stops_are_written();
    void the_estimate_is_corrected();
    void plates_in_a_row();
    void says_what_is_missing();
    void a_layer_is_rescued();
    void ways_on_are_offered();

private:
    RunBench* bench() { return window_->run_bench(); }
    void show_bench(Project p, RunBench::Page page = RunBench::kWhen) {
        show_project(std::move(p));
        window_->choose_bench(MainWindow::kRun);
        bench()->show_page(page);
        settle();
    }
    void settle() {
        wait_for_plan();
        QTRY_VERIFY_WITH_TIMEOUT(!bench()->when()->working() && !bench()->file()->working(), 30000);
        if (find<StartsView>("starts_view")->isVisible() && document()->plan())
            QTRY_VERIFY_WITH_TIMEOUT(!find<StartsView>("starts_view")->curve().empty(), 30000);
        QCoreApplication::processEvents();
    }
    /// Slabs of four colours, a swap by hand at each border; long enough for an evening.
    static Project evening() {
        Project p = stack("ABCA", 2);
        p.name = "Evening";
        p.settings.min_layer_s = 300; // forty layers: 3 h 20
        return p;
    }
    QString label(const char* name) { return find<QLabel>(name)->text(); }
    QStringList visits() {
        QStringList out;
        auto* list = find<QListWidget>("run_visits");
        for (int i = 0; i < list->count(); ++i)
            out << list->item(i)->text();
        return out;
    }
    QString write_file_of(const Project& p, const demo::ToolpathWishes& wishes,
                          const char* name = "print.gcode") {
        const QString path = dir_->filePath(name);
        if (!write_file(path.toStdString(), demo::toolpath_of(p, *document()->plan(), wishes)))
            qFatal("cannot write");
        return path;
    }
    void read(const QString& path) {
        bench()->file()->read(path);
        QTRY_VERIFY_WITH_TIMEOUT(!bench()->file()->working(), 30000);
        wait_for_studies();
    }

    /// A button is pressed by its key after it has shown so.
    void run_key(Qt::Key k) {
        key(k);
        wait_for_buttons();
    }

    std::int64_t now_ = 0;
    QStringList told_;
};

void TestRunWindow::a_start_is_chosen() {
    show_bench(evening());
    auto* begins = find<QDateTimeEdit>("run_begins");
    QCOMPARE(begins->dateTime().toString("yyyy-MM-dd HH:mm"),
             QString("2026-12-05 20:00")); // the settings' hour, the next time it comes
    // Typed.
    begins->setDateTime(QDateTime(QDate(2026, 12, 5), QTime(21, 30)));
    settle();
    QCOMPARE(project().start_date, std::string("2026-12-05"));
    QCOMPARE(project().settings.start_hour, 21.5);
    QVERIFY(label("run_says").contains("21:30"));
    QVERIFY2(label("run_says").contains("at night"), qPrintable(label("run_says")));
    // Clicked: the bar under the pointer.
    auto* view = find<StartsView>("starts_view");
    const StartPoint aim = view->curve()[4];
    QTest::mouseClick(
        view, Qt::LeftButton, {},
        QPoint(static_cast<int>(view->x_of(aim.start_s)), static_cast<int>(view->chart().center().y())));
    settle();
    QCOMPARE(view->chosen(), aim.start_s);
    QCOMPARE(begins->dateTime().toSecsSinceEpoch(), static_cast<qint64>(aim.start_s));
    // By keys.
    view->setFocus();
    QTest::keyClick(view, Qt::Key_Right);
    settle();
    QCOMPARE(begins->dateTime().toSecsSinceEpoch(), static_cast<qint64>(aim.start_s + 900));
    // The best: by day, and nobody at night.
    press("run_best");
    settle();
    QVERIFY2(label("run_says").contains("none at night"), qPrintable(label("run_says")));
    // Now.
    press("run_now");
    settle();
    QCOMPARE(begins->dateTime().toSecsSinceEpoch(), static_cast<qint64>(now_));
    undo();
    QVERIFY(begins->dateTime().toSecsSinceEpoch() != static_cast<qint64>(now_));
    // The sheet has the times.
    begins->setDateTime(QDateTime(QDate(2026, 12, 5), QTime(19, 0)));
    settle();
    const QString csv = dir_->filePath("sheet.csv");
    bench()->sheet()->export_to(csv);
    QVERIFY(QString::fromStdString(*read_file(csv.toStdString())).contains("20:"));
    check_names(bench());
}

void TestRunWindow::the_ribbon_is_a_clock() {
    show_bench(evening());
    find<QDateTimeEdit>("run_begins")->setDateTime(QDateTime(QDate(2026, 12, 5), QTime(20, 30)));
    settle();
    Ribbon* ribbon = window_->ribbon();
    QVERIFY(ribbon->clock());
    QCOMPARE(ribbon->clock()->posts.size(), document()->plan()->changes.size());
    QCOMPARE(ribbon->clock()->nights.size(), std::size_t(1)); // it runs past ten
    QVERIFY(ribbon->clock()->hours.size() >= 3);
    QVERIFY(std::abs(ribbon->clock()->posts[0].from - (document()->plan()->changes[0].layer - 1)) < 0.05);
    QVERIFY(ribbon->accessibleDescription().contains("out"));
    QVERIFY(ribbon->clock()->now < 0);
    window_->choose_bench(MainWindow::kPurge);
    QVERIFY(!ribbon->clock());
    window_->choose_bench(MainWindow::kRun);
    QVERIFY(ribbon->clock());
}

void TestRunWindow::a_run_is_followed() {
    show_bench(evening());
    press("run_now");
    settle();
    const QString first = label("run_when");
    run_key(Qt::Key_F6);
    QVERIFY2(label("run_state").contains("printing layer 1"), qPrintable(label("run_state")));
    QCOMPARE(window_->runs()->under_way().size(), std::size_t(1));
    const Plan& plan = *document()->plan();
    // Ten minutes before the swap somebody is told, and again when it is due.
    now_ += std::llround(plan.changes[0].at_s) - 500;
    window_->runs()->tick();
    QCOMPARE(told_.size(), 1);
    QVERIFY2(told_[0].contains("Due at"), qPrintable(told_[0]));
    QVERIFY(window_->messages()->text().contains("Due at"));
    window_->runs()->tick();
    QCOMPARE(told_.size(), 1);
    now_ += 700;
    window_->runs()->tick();
    QCOMPARE(told_.size(), 2);
    QVERIFY(told_[1].contains("Due now"));
    QVERIFY(label("run_state").contains("waits"));
    QCOMPARE(label("run_when"), QString("now"));
    QVERIFY(window_->ribbon()->clock()->now_text.contains("waits"));
    run_key(Qt::Key_F8);
    QVERIFY(label("run_state").contains("printing layer"));
    QVERIFY(visits().filter("✓").size() == 2);
    QCOMPARE(window_->ribbon()->clock()->posts.size(),
             document()->plan()->changes.size()); // the one that was made has its post still
    // A layer that comes late moves the rest.
    const QString before = label("run_when");
    auto* layer = find<QSpinBox>("run_layer_number");
    const int next = layer->value();
    now_ += 1200;
    layer->setValue(next);
    run_key(Qt::Key_F7);
    QTRY_VERIFY(label("run_when") != before);
    // Paused and going on.
    run_key(Qt::Key_F9);
    QVERIFY(label("run_state").contains("paused"));
    now_ += 600;
    run_key(Qt::Key_F9);
    QVERIFY(label("run_state").contains("printing"));
    // A visit is ticked off in the list.
    auto* list = find<QListWidget>("run_visits");
    for (int i = 0; i < list->count(); ++i)
        if (list->item(i)->flags() & Qt::ItemIsUserCheckable) {
            list->item(i)->setCheckState(Qt::Checked);
            break;
        }
    QVERIFY(visits().filter("✓").size() >= 4);
    // A mistake is taken back.
    const auto many = window_->runs()->runs()[0].events.size();
    press("run_back");
    QCOMPARE(window_->runs()->runs()[0].events.size(), many - 1);
    // Done.
    now_ += 5 * 3600;
    run_key(Qt::Key_F10);
    QVERIFY(label("run_state").contains("over"));
    QVERIFY(window_->runs()->under_way().empty());
    QVERIFY(!window_->ribbon()->clock());
}

void TestRunWindow::a_run_outlives_the_window() {
    const QString runs = dir_->filePath("data/runs.json");
    window_->runs()->open(runs);
    show_bench(evening());
    press("run_now");
    settle();
    run_key(Qt::Key_F6);
    now_ += 900;
    window_->runs()->tick();
    const QString state = label("run_state"), when = label("run_when");
    window_->runs()->wait_written();
    QVERIFY(QFile::exists(runs));
    window_.reset();
    window_ = std::make_unique<MainWindow>();
    window_->show();
    QVERIFY(QTest::qWaitForWindowExposed(window_.get()));
    window_->activateWindow();
    QVERIFY(QTest::qWaitForWindowActive(window_.get()));
    window_->runs()->set_clock([this] { return now_; });
    window_->runs()->set_tell({});
    window_->runs()->open(runs);
    show_bench(evening());
    QCOMPARE(label("run_state"), state);
    QCOMPARE(label("run_when"), when);
    // It can be called off; what was real stays.
    in_next_dialog([](QDialog* d) {
        QTest::mouseClick(qobject_cast<QMessageBox*>(d)->button(QMessageBox::Yes), Qt::LeftButton);
    });
    press("run_off");
    QVERIFY(window_->runs()->under_way().empty());
    QCOMPARE(window_->runs()->runs().size(), std::size_t(1));
    window_->runs()->wait_written();
    // Damaged: set aside, said, and a new one begun.
    QVERIFY(bool(write_file(runs.toStdString(), "{ nonsense")));
    RunStore store;
    QStringList said;
    QObject::connect(&store, &RunStore::said, &store, [&](const QString& text) { said << text; });
    store.open(runs);
    QCOMPARE(said.size(), 1);
    QCOMPARE(QDir(dir_->filePath("data")).entryList({"*unreadable*"}).size(), 1);
}

void TestRunWindow::a_calendar_is_written() {
    show_bench(evening());
    const QString path = dir_->filePath("visits.ics");
    bench()->when()->export_calendar(path);
    const QString text = QString::fromStdString(*read_file(path.toStdString()));
    QCOMPARE(text.count("BEGIN:VEVENT"), static_cast<int>(document()->plan()->attendance.trips) + 1);
    QVERIFY(text.contains("TRIGGER:-PT10M"));
    QVERIFY(window_->messages()->text().contains("open it with your calendar"));
    bench()->when()->export_calendar(dir_->filePath("no/where.ics"));
    QVERIFY(window_->messages()->text().contains("not saved"));
}

void TestRunWindow::the_file_is_compared() {
    show_bench(evening(), RunBench::kFile);
    QVERIFY(label("file_verdict").contains("Programs differ"));
    QVERIFY(!find<QPushButton>("file_write")->isEnabled());
    demo::ToolpathWishes late;
    late.stops = true;
    late.late = 1;
    late.leave_out = {2};
    read(write_file_of(project(), late));
    auto* table = find<QTableWidget>("file_stops");
    QCOMPARE(table->rowCount(), 3);
    QVERIFY(table->item(0, 4)->text().contains("one layer late"));
    QVERIFY(table->item(2, 4)->text().contains("missing"));
    QVERIFY(label("file_verdict").contains("3 thing"));
    QVERIFY(find<QTableWidget>("file_findings")->item(0, 1)->text().contains("one off"));
    // Both strips; the one that is a layer late is printed in the old filament.
    const RibbonFile strip = window_->ribbon()->file();
    const int layer = document()->plan()->changes[0].layer;
    QCOMPARE(strip[static_cast<std::size_t>(layer) - 1], std::vector<int>{0});
    QCOMPARE(strip[static_cast<std::size_t>(layer)], std::vector<int>{1});
    // A row shows its layer.
    QTest::mouseClick(table->viewport(), Qt::LeftButton, {},
                      table->visualItemRect(table->item(1, 1)).center());
    QCOMPARE(view()->layer(), document()->plan()->changes[1].layer);
    // Another plan is compared with the same file.
    document()->edit("taller", [](Project& p) { p.settings.first_layer_mm = 0.3; });
    settle();
    QTRY_VERIFY(label("file_verdict").contains("thing"));
    QVERIFY(find<QTableWidget>("file_findings")->item(0, 1)->text().contains(shown("first layer is 0.2")));
    // Not a toolpath file.
    bench()->file()->read(QString::fromStdString(source_file("demo/badge.vitrail")));
    QTRY_VERIFY(window_->messages()->text().contains("cannot be used"));
    check_names(bench());
}

void TestRunWindow::stops_are_written() {
    show_bench(evening(), RunBench::kFile);
    const QString plain = write_file_of(project(), {}), out = dir_->filePath("with.gcode");
    read(plain);
    QTRY_VERIFY(!label("file_verdict").isEmpty()); // it has been compared, too
    const std::string before = *read_file(plain.toStdString());
    bench()->file()->write(plain); // never over itself
    QTRY_VERIFY(window_->messages()->text().contains("stays as it is"));
    bench()->file()->write(out);
    QTRY_VERIFY_WITH_TIMEOUT(label("file_verdict").contains("✓"), 20000);
    QCOMPARE(*read_file(plain.toStdString()), before);
    QCOMPARE(QString::fromStdString(*read_file(out.toStdString())).count("M600"), 3);
    // Refused with its reason.
    demo::ToolpathWishes late;
    late.stops = true;
    late.late = 1;
    read(write_file_of(project(), late, "late.gcode"));
    bench()->file()->write(dir_->filePath("never.gcode"));
    QTRY_VERIFY(window_->messages()->text().contains("wrong place"));
    QVERIFY(!QFile::exists(dir_->filePath("never.gcode")));
    find<QCheckBox>("file_take_others")->setChecked(true);
    bench()->file()->write(dir_->filePath("mended.gcode"));
    QTRY_VERIFY_WITH_TIMEOUT(label("file_verdict").contains("✓"), 20000);
}

void TestRunWindow::the_estimate_is_corrected() {
    Project p = evening();
    p.settings.min_layer_s = 0;
    show_bench(p, RunBench::kFile);
    read(write_file_of(project(), {}));
    const double print_s = document()->plan()->totals.print_s - document()->plan()->totals.start_s;
    press("file_correct");
    settle();
    QVERIFY(project().settings.correct_time < 1);
    const double now_print_s = document()->plan()->totals.print_s - document()->plan()->totals.start_s;
    QVERIFY(std::abs(now_print_s / print_s - project().settings.correct_time) < 0.01);
    undo();
    QCOMPARE(project().settings.correct_time, 1.0);
}

void TestRunWindow::plates_in_a_row() {
    Project p = evening();
    p.settings.times = 3;
    show_bench(p);
    QCOMPARE(visits().filter("take plate").size(), 2);
    document()->edit("by itself", [](Project& q) { q.settings.by_itself = true; });
    settle();
    QCOMPARE(visits().filter("take plate").size(), 0);
    QCOMPARE(visits().filter("out").size(), 9);
}

void TestRunWindow::says_what_is_missing() {
    window_->choose_bench(MainWindow::kRun);
    bench()->show_page(RunBench::kWhen);
    QVERIFY(!find<QPushButton>("run_start")->isEnabled());
    QVERIFY(label("run_state").contains("Nothing to print"));
    bench()->show_page(RunBench::kFile);
    QVERIFY(!find<QPushButton>("file_write")->isEnabled());
}

void TestRunWindow::a_layer_is_rescued() {
    show_bench(evening(), RunBench::kRescue);
    const auto works = [&] { return bench()->rescue()->working(); };
    find<QSpinBox>("rescue_layer")->setValue(15);
    find<QSpinBox>("rescue_extra")->setValue(2);
    QTRY_VERIFY_WITH_TIMEOUT(!works(), 20000);
    auto* moves = find<QTableWidget>("rescue_moves");
    QCOMPARE(moves->rowCount(), 2);
    QCOMPARE(moves->item(0, 2)->text().toInt(), moves->item(0, 1)->text().toInt() + 2);
    QVERIFY2(
        find<BandsView>("bands_view")->accessibleDescription().contains(shown("2.00 mm becomes 2.40 mm")),
        qPrintable(find<BandsView>("bands_view")->accessibleDescription()));
    QVERIFY(find<QListWidget>("rescue_steps")->item(0)->text().contains("awake"));
    // A measured height, a printer that has lost its way.
    find<QCheckBox>("rescue_by_height")->setChecked(true);
    find<QDoubleSpinBox>("rescue_measured")->setValue(2.65);
    find<QCheckBox>("rescue_homed")->setChecked(false);
    QTRY_VERIFY_WITH_TIMEOUT(!works(), 20000);
    QVERIFY(label("rescue_look").contains(shown("0.05 mm higher")));
    QString steps;
    for (int i = 0; i < find<QListWidget>("rescue_steps")->count(); ++i)
        steps += find<QListWidget>("rescue_steps")->item(i)->text();
    QVERIFY(steps.contains("Never Z"));
    // Nonsense is said, and offers nothing.
    find<QDoubleSpinBox>("rescue_measured")->setValue(50);
    QTRY_VERIFY_WITH_TIMEOUT(!works(), 20000);
    QVERIFY(label("rescue_why").contains("Measure again"));
    QVERIFY(!find<QPushButton>("rescue_take")->isEnabled());
    find<QCheckBox>("rescue_by_height")->setChecked(false);
    find<QCheckBox>("rescue_homed")->setChecked(true);
    QTRY_VERIFY_WITH_TIMEOUT(!works(), 20000);
    // Not before the plan that is running is kept somewhere.
    press("rescue_take");
    QVERIFY(window_->messages()->text().contains("Save the project first"));
    const QString file = dir_->filePath("evening.vitrail");
    document()->edit("carry", [](Project& p) { p = carried(p); });
    wait_for_plan();
    document()->save(file);
    wait_for_plan();
    bench()->show_page(RunBench::kWhen);
    settle();
    press("run_now");
    settle();
    run_key(Qt::Key_F6);
    now_ += std::llround(document()->plan()->layers[15].start_s) + 5;
    bench()->show_page(RunBench::kRescue);
    QTRY_VERIFY_WITH_TIMEOUT(!works(), 20000);
    QCOMPARE(find<QSpinBox>("rescue_layer")->value(), 11); // the run waits there, for its first swap
    const int layers = document()->plan()->grid.count;
    // The rest of the file that is being printed.
    const QString printed = write_file_of(project(), [] {
        demo::ToolpathWishes w;
        w.stops = true;
        return w;
    }());
    bench()->rescue()->write_rest(printed, dir_->filePath("rest.gcode"));
    QTRY_VERIFY_WITH_TIMEOUT(window_->messages()->text().contains("read again and proven"), 20000);
    press("rescue_take");
    QTRY_VERIFY_WITH_TIMEOUT(window_->messages()->text().contains("The rescue is the plan now"), 20000);
    wait_for_plan();
    QCOMPARE(document()->plan()->grid.count, layers + 2);
    const QStringList kept = QDir(dir_->path()).entryList({"*-before-rescue-*.vitrail"});
    QCOMPARE(kept.size(), 1);
    QCOMPARE(plan_of(*load_project(dir_->filePath(kept[0]).toStdString()))->grid.count, layers);
    QCOMPARE(static_cast<int>(window_->runs()->under_way()[0]->task.plates[0].layers_s.size()),
             layers + 2); // and the run goes by it
    undo();
    QCOMPARE(document()->plan()->grid.count, layers);
    check_names(bench());
}

void TestRunWindow::ways_on_are_offered() {
    Project p = evening();
    p.machine = *find_machine("feeder-4");
    show_bench(p, RunBench::kRescue);
    find<QComboBox>("rescue_kind")->setCurrentIndex(1);
    find<QComboBox>("rescue_filament")->setCurrentIndex(1);
    find<QSpinBox>("rescue_layer")->setValue(14);
    QTRY_VERIFY_WITH_TIMEOUT(!bench()->rescue()->working(), 20000);
    auto* ways = find<QTableWidget>("rescue_ways");
    QCOMPARE(ways->rowCount(), 3);
    QVERIFY(ways->item(0, 0)->text().contains("instead of B"));
    QVERIFY(find<QPushButton>("rescue_take")->isEnabled());
    ways->selectRow(2); // to start again is no plan
    QVERIFY(!find<QPushButton>("rescue_take")->isEnabled());
    find<QComboBox>("rescue_kind")->setCurrentIndex(2);
    QTRY_VERIFY_WITH_TIMEOUT(!bench()->rescue()->working() && ways->rowCount() > 0, 20000);
    QVERIFY2(ways->item(0, 0)->text().contains("move what follows up"), qPrintable(ways->item(0, 0)->text()));
    QCOMPARE(find<QSpinBox>("rescue_layer")->value(), 11);
    QCOMPARE(find<QSpinBox>("rescue_layers")->value(), 4);
}

VITRAIL_TEST(TestRunWindow)
#include "test_run_window.moc"
