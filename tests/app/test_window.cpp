#include "app/document/document.h"
#include "app/document/view_state.h"
#include "app/layer_window/layer_window.h"
#include "app/piece/piece_bench.h"
#include "app/ribbon/ribbon.h"
#include "app/run/run_bench.h"
#include "app/run/sheet_page.h"
#include "app/shell/bench_rail.h"
#include "app/shell/main_window.h"
#include "app/shell/message_bar.h"
#include "app/theme/theme.h"
#include "app/view3d/view3d.h"
#include "core/colour/colour.h"
#include "core/geometry/prism.h"
#include "formats/files.h"
#include "formats/model.h"
#include "paint/filament_paint.h"

#include "window_fixture.h"

#include <QAction>
#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QDoubleSpinBox>
#include <QDropEvent>
#include <QFileInfo>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QMenuBar>
#include <QMessageBox>
#include <QMimeData>
#include <QProcess>
#include <QPushButton>
#include <QSettings>
#include <QSignalSpy>
#include <QTableView>
#include <QTemporaryDir>
#include <QTimer>
#include <QTreeView>
#include <QUrl>

using namespace vitrail;
using namespace vitrail::test;

/// Drives the real window: clicks, types and drags, and reads what it then shows.
class TestWindow : public WindowFixture {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare(); }
    void init() { begin(runs_now({"clicking_the_piece_selects"})); }
    void cleanup() { end(); }
    void empty_window_says_what_to_do();
    void badge_from_file_to_plan();
    void letter_gives_a_part_its_filament();
    void letter_without_selection_says_why();
    void drag_over_the_ribbon_makes_a_band();
    void keyboard_makes_a_band();
    void removing_a_band();
    void arrows_move_the_cursor();
    void colour_change_is_reflected_everywhere();
    void adding_and_removing_filaments();
    void layer_height_and_machine();
    void all_settings_dialog();
    void settings_are_found_and_reset();
    void findings_get_more_room();
    void focus_goes_with_the_bench();
    void split_is_offered();
    void undo_covers_every_edit();
    void changes_bench_lists_all_three_ways();
    void order_as_assigned_costs_more();
    void pinning_shows_differences();
    void findings_show_and_fix();
    void run_sheet_files();
    void save_and_open_again();
    void broken_file_is_a_sentence();
    void dropping_models();
    void clicking_the_piece_selects();
    void layer_window_selects_and_turns_layers();
    void without_opengl();
    void themes_have_contrast();
    void everything_has_a_name();
    void replanning_is_off_the_window_thread();
    void planning_can_be_cancelled();

private:
    using WindowFixture::open;
    void open(const char* demo) { open_demo(demo); }
    QLabel* label(const char* name) { return window_->findChild<QLabel*>(name); }
    QPushButton* button(const char* name) { return window_->findChild<QPushButton*>(name); }
    QString tally(const char* what) { return label((std::string("tally_") + what).c_str())->text(); }
    void select_region(int part, int band = -1);
};

void TestWindow::select_region(int part, int band) {
    auto* tree = window_->findChild<QTreeView*>("regions");
    tree->expandAll();
    QModelIndex i = tree->model()->index(part, 0);
    if (band >= 0)
        i = tree->model()->index(band, 0, i);
    tree->scrollTo(i);
    QTest::mouseClick(tree->viewport(), Qt::LeftButton, {}, tree->visualRect(i).center());
}

void TestWindow::empty_window_says_what_to_do() {
    QCOMPARE(tally("purge"), QString("–"));
    QVERIFY(!button("pin")->isEnabled());
    QVERIFY(window_->windowTitle().contains("Vitrail"));
    window_->choose_bench(MainWindow::kChanges);
    window_->choose_bench(MainWindow::kRun);
    window_->run_bench()->show_page(RunBench::kSheet);
    QVERIFY(!button("sheet_pdf")->isEnabled());
    window_->choose_bench(MainWindow::kPiece);
    key(Qt::Key_A); // nothing to assign, no crash
}

void TestWindow::badge_from_file_to_plan() {
    open("badge.vitrail");
    QCOMPARE(label("title")->text(), QString("Visitor badge"));
    QCOMPARE(tally("changes"), QString("1"));
    QCOMPARE(tally("hand_swaps"), QString("1"));
    QCOMPARE(tally("purge"), shown("0.7 g"));
    QCOMPARE(window_->view()->layer(), 11); // a project opens where something happens
    key(Qt::Key_6, Qt::AltModifier);
    auto* table = window_->findChild<QTableView*>("changes");
    QTRY_VERIFY(table->isVisible());
    QCOMPARE(table->model()->rowCount(), 1);
}

void TestWindow::letter_gives_a_part_its_filament() {
    open("lighthouse.vitrail");
    const QString before = tally("changes");
    select_region(3); // gallery
    QCOMPARE(window_->view()->parts(), std::set<int>{3});
    key(Qt::Key_B);
    wait_for_plan();
    QCOMPARE(project().pieces[0].parts[3].filament, 'B');
    QVERIFY(tally("changes") != before);
    QVERIFY(window_->windowTitle().contains("*"));
    // A band takes the letter for itself.
    select_region(1, 0);
    key(Qt::Key_D);
    QCOMPARE(project().pieces[0].bands[0].filament, 'D');
    QCOMPARE(project().pieces[0].parts[1].filament, 'B');
}

void TestWindow::letter_without_selection_says_why() {
    open("lighthouse.vitrail");
    key(Qt::Key_B);
    QVERIFY(window_->messages()->text().contains("Select a part"));
    select_region(0);
    key(Qt::Key_X);
    QVERIFY(window_->messages()->text().contains("no filament X"));
    QVERIFY(!window_->document()->modified());
}

void TestWindow::drag_over_the_ribbon_makes_a_band() {
    open("lighthouse.vitrail");
    select_region(0); // the rock, layers 1 to 60
    Ribbon* r = window_->ribbon();
    const int y = r->lanes_rect().center().y();
    const QPoint from(int(r->x_of(20)) + 1, y), to(int(r->x_of(40)) + 1, y);
    QTest::mousePress(r, Qt::LeftButton, {}, from);
    QTest::mouseMove(r, (from + to) / 2);
    QTest::mouseMove(r, to);
    QTest::mouseRelease(r, Qt::LeftButton, {}, to);
    QCOMPARE(window_->view()->range(), std::pair(20, 40));
    const std::size_t bands = project().pieces[0].bands.size();
    key(Qt::Key_C);
    wait_for_plan();
    QCOMPARE(project().pieces[0].bands.size(), bands + 1);
    const Band& b = project().pieces[0].bands.back();
    QCOMPARE(b.part, std::string("rock"));
    COMPARE_NEAR(b.z0_mm, 3.8, 1e-9);
    COMPARE_NEAR(b.z1_mm, 8.0, 1e-9);
    QCOMPARE(window_->view()->range(), std::pair(0, 0));
    QCOMPARE(window_->document()->plan()->changes[0].layer, 20);
}

void TestWindow::keyboard_makes_a_band() {
    open("badge.vitrail");
    select_region(0);
    window_->ribbon()->setFocus();
    QTest::keyClick(window_->ribbon(), Qt::Key_Home);
    for (int i = 0; i < 3; ++i)
        QTest::keyClick(window_->ribbon(), Qt::Key_Right);
    for (int i = 0; i < 2; ++i)
        QTest::keyClick(window_->ribbon(), Qt::Key_Right, Qt::ShiftModifier);
    QCOMPARE(window_->view()->range(), std::pair(4, 6));
    QTest::keyClick(window_->ribbon(), Qt::Key_Left, Qt::ShiftModifier);
    QCOMPARE(window_->view()->range(), std::pair(4, 5));
    key(Qt::Key_B);
    wait_for_plan();
    QCOMPARE(tally("changes"), QString("3"));
    QTest::keyClick(window_->ribbon(), Qt::Key_Right, Qt::ShiftModifier);
    QTest::keyClick(window_->ribbon(), Qt::Key_Escape);
    QCOMPARE(window_->view()->range(), std::pair(0, 0));
}

void TestWindow::removing_a_band() {
    open("lighthouse.vitrail");
    QVERIFY(!button("remove_band")->isEnabled());
    select_region(1, 1);
    QVERIFY(button("remove_band")->isEnabled());
    QTest::mouseClick(button("remove_band"), Qt::LeftButton);
    QCOMPARE(project().pieces[0].bands.size(), std::size_t{1});
    wait_for_plan();
    QCOMPARE(window_->findChild<QTreeView*>("regions")->model()->rowCount(
                 window_->findChild<QTreeView*>("regions")->model()->index(1, 0)),
             1);
}

void TestWindow::arrows_move_the_cursor() {
    open("lighthouse.vitrail");
    Ribbon* r = window_->ribbon();
    r->setFocus();
    QTest::keyClick(r, Qt::Key_Home);
    QCOMPARE(window_->view()->layer(), 1);
    QTest::keyClick(r, Qt::Key_Left);
    QCOMPARE(window_->view()->layer(), 1);
    QTest::keyClick(r, Qt::Key_Right, Qt::ControlModifier);
    QCOMPARE(window_->view()->layer(), 11);
    QTest::keyClick(r, Qt::Key_PageDown);
    QCOMPARE(window_->view()->layer(), 61); // the next change
    QTest::keyClick(r, Qt::Key_PageDown);
    QCOMPARE(window_->view()->layer(), 121);
    QTest::keyClick(r, Qt::Key_PageUp);
    QCOMPARE(window_->view()->layer(), 61);
    QTest::keyClick(r, Qt::Key_End);
    QCOMPARE(window_->view()->layer(), 490);
    // Dragging below the lanes moves it too.
    QTest::mouseClick(r, Qt::LeftButton, {}, QPoint(int(r->x_of(200)) + 1, r->skyline_rect().center().y()));
    QCOMPARE(window_->view()->layer(), 200);
    QCOMPARE(window_->view()->range(), std::pair(0, 0));
}

void TestWindow::colour_change_is_reflected_everywhere() {
    open("badge.vitrail");
    const QString purge = tally("purge");
    auto* list = window_->findChild<QTreeView*>("filaments");
    list->setCurrentIndex(list->model()->index(0, 0));
    in_next_dialog([](QDialog* d) {
        auto* hex = d->findChild<QLineEdit*>("colour_hex");
        hex->selectAll();
        QTest::keyClicks(hex, "#e8e4d8");
        QTest::keyClick(d, Qt::Key_Return);
    });
    QTest::mouseClick(button("edit_filament"), Qt::LeftButton);
    QCOMPARE(project().filaments[0].colour, (Srgb{0xe8, 0xe4, 0xd8}));
    wait_for_plan();
    QVERIFY(tally("purge") != purge); // light after light takes less
    // The ribbon, the layer window and the 3D piece show the new colour.
    const QColor light(0xe8, 0xe4, 0xd8);
    const auto near = [&](QColor c) {
        return std::abs(c.red() - light.red()) + std::abs(c.green() - light.green()) +
                   std::abs(c.blue() - light.blue()) <
               60;
    };
    const auto shows = [&](QWidget* w) {
        const QImage image = w->grab().toImage();
        int hits = 0;
        for (int y = 0; y < image.height(); y += 2)
            for (int x = 0; x < image.width(); x += 2)
                hits += near(image.pixelColor(x, y));
        return hits;
    };
    window_->view()->set_layer(5);
    QTRY_VERIFY(shows(window_->ribbon()) > 200);
    QTRY_VERIFY(shows(window_->findChild<LayerWindow*>("layer_window")) > 1000);
}

void TestWindow::adding_and_removing_filaments() {
    open("badge.vitrail");
    in_next_dialog([](QDialog* d) {
        d->findChild<QComboBox*>("material")->setCurrentText("PETG");
        d->accept();
    });
    QTest::mouseClick(button("add_filament"), Qt::LeftButton);
    QCOMPARE(project().filaments.size(), std::size_t{3});
    QCOMPARE(project().filaments[2].letter, 'C');
    COMPARE_NEAR(project().filaments[2].density_g_cm3, 1.27, 1e-9);
    select_region(1);
    key(Qt::Key_C);
    wait_for_plan();
    auto* findings = window_->findChild<QListView*>("findings");
    QTRY_VERIFY(findings->model()->index(0, 0).data().toString().contains("do not bond"));
    auto* list = window_->findChild<QTreeView*>("filaments");
    list->setCurrentIndex(list->model()->index(2, 0));
    QTest::mouseClick(button("remove_filament"), Qt::LeftButton);
    wait_for_plan();
    QCOMPARE(project().filaments.size(), std::size_t{2});
    QVERIFY(findings->model()->index(0, 0).data().toString().contains("no filament"));
}

void TestWindow::layer_height_and_machine() {
    open("badge.vitrail");
    auto* layer = window_->findChild<QDoubleSpinBox*>("layer");
    layer->setFocus();
    layer->selectAll();
    QTest::keyClicks(layer, "0.1");
    QTest::keyClick(layer, Qt::Key_Return);
    wait_for_plan();
    QCOMPARE(project().settings.layer_mm, 0.1);
    QCOMPARE(window_->document()->plan()->changes[0].layer, 20); // 0.2 + 18 × 0.1
    auto* machine = window_->findChild<QComboBox*>("machine");
    machine->setFocus();
    for (int i = machine->findData("feeder-4") - machine->currentIndex(); i > 0; --i)
        QTest::keyClick(machine, Qt::Key_Down);
    wait_for_plan();
    QCOMPARE(project().machine.id, std::string("feeder-4"));
    QCOMPARE(tally("hand_swaps"), QString("0"));
}

void TestWindow::all_settings_dialog() {
    open("badge.vitrail");
    in_next_dialog([](QDialog* d) {
        d->findChild<QDoubleSpinBox*>("infill")->setValue(100);
        d->findChild<QComboBox*>("purge.to")->setCurrentIndex(2);
        d->accept();
    });
    const double before = window_->document()->plan()->totals.model_g;
    QTest::mouseClick(button("all_settings"), Qt::LeftButton);
    wait_for_plan();
    QCOMPARE(project().settings.infill_pct, 100.0);
    QVERIFY(window_->document()->plan()->totals.model_g > before);
    QVERIFY(window_->document()->plan()->tower.layers > 0);
}

void TestWindow::settings_are_found_and_reset() {
    open("badge.vitrail");
    window_->document()->edit("infill", [](Project& p) { p.settings.infill_pct = 40; });
    wait_for_plan();
    in_next_dialog([](QDialog* d) {
        auto* search = d->findChild<QLineEdit*>("settings_search");
        auto* infill = d->findChild<QDoubleSpinBox*>("infill");
        auto* reset = d->findChild<QPushButton*>("reset.infill");
        QVERIFY(infill->isVisible() && reset->isVisible());
        QVERIFY(!d->findChild<QPushButton*>("reset.walls")->isVisible());
        QTest::keyClicks(search, "ooze");
        QVERIFY(!infill->isVisible());
        QVERIFY(d->findChild<QDoubleSpinBox*>("ooze.gap")->isVisible());
        QTRY_VERIFY(d->findChild<QDoubleSpinBox*>("ooze.gap")->mapTo(d, QPoint()).y() <
                    d->height() / 2); // what is not found leaves no gap
        search->setText("no such words at all");
        QVERIFY(!d->findChild<QDoubleSpinBox*>("ooze.gap")->isVisible());
        search->clear();
        d->findChild<QCheckBox*>("only_changed")->setChecked(true);
        QVERIFY(infill->isVisible());
        QVERIFY(!d->findChild<QDoubleSpinBox*>("ooze.gap")->isVisible());
        // Rows that went let the others move up.
        QTRY_VERIFY(d->childAt(reset->mapTo(d, reset->rect().center())) == reset);
        QTest::mouseClick(reset, Qt::LeftButton);
        QCOMPARE(infill->value(), 15.0);
        QVERIFY(!reset->isVisible());
        d->accept();
    });
    QTest::mouseClick(button("all_settings"), Qt::LeftButton);
    wait_for_plan();
    QCOMPARE(project().settings.infill_pct, 15.0);
}

void TestWindow::findings_get_more_room() {
    open("badge.vitrail");
    auto* list = window_->findChild<QListView*>("findings");
    const int before = list->height();
    QTest::mouseClick(button("findings_taller"), Qt::LeftButton);
    QTRY_VERIFY(list->height() > before + 60);
    QTest::mouseClick(button("findings_taller"), Qt::LeftButton);
    QTRY_VERIFY(list->height() < before + 60);
}

void TestWindow::focus_goes_with_the_bench() {
    open("badge.vitrail");
    const auto benches = window_->findChildren<BenchButton*>();
    QCOMPARE(benches.size(), 10);
    benches[0]->setFocus();
    QTRY_VERIFY(benches[0]->hasFocus());
    QTest::keyClick(window_.get(), Qt::Key_2, Qt::AltModifier);
    QTRY_VERIFY(benches[1]->hasFocus());
    QVERIFY(benches[1]->isChecked());
    QTest::keyClick(window_.get(), Qt::Key_1, Qt::AltModifier);
    QTRY_VERIFY(benches[0]->hasFocus());
}

void TestWindow::split_is_offered() {
    // An STL knows no bodies: two cubes in one file are one part, and splitting it is offered.
    QTemporaryDir folder;
    Builder two;
    for (const double x : {0.0, 30.0}) {
        const auto u = [](double mm) { return static_cast<ClipperLib::cInt>(mm * kUnitsPerMm); };
        add_prism(two, {Path{{u(x), 0}, {u(x + 10), 0}, {u(x + 10), u(10)}, {u(x), u(10)}}}, 0, 10);
    }
    const std::string path = folder.filePath("two.stl").toStdString();
    QVERIFY(write_file(path, write_stl(two.build(), "two cubes")));
    window_->open_files({QString::fromStdString(path)});
    QTRY_VERIFY_WITH_TIMEOUT(has_parts(project()), 20000);
    wait_for_plan();
    QCOMPARE(project().pieces[0].parts.size(), std::size_t{1});
    auto* list = window_->findChild<QListView*>("findings");
    int row = -1;
    for (int r = 0; r < list->model()->rowCount(); ++r)
        if (list->model()->index(r, 0).data().toString().contains("2 separate bodies"))
            row = r;
    QVERIFY(row >= 0);
    list->setCurrentIndex(list->model()->index(row, 0));
    QTest::mouseClick(button("fix"), Qt::LeftButton);
    wait_for_plan();
    QCOMPARE(project().pieces[0].parts.size(), std::size_t{2});
}

void TestWindow::undo_covers_every_edit() {
    open("badge.vitrail");
    const auto archive = [&] { return *write_archive(project()); };
    std::vector<std::string> states{archive()};
    const auto did = [&] {
        wait_for_plan();
        QVERIFY(archive() != states.back());
        states.push_back(archive());
    };
    select_region(0);
    key(Qt::Key_B);
    did();
    window_->view()->set_range(2, 4);
    key(Qt::Key_A);
    did();
    window_->findChild<QDoubleSpinBox*>("copies")->setValue(3);
    did();
    window_->findChild<QDoubleSpinBox*>("first_layer")->setValue(0.24);
    did();
    in_next_dialog([](QDialog* d) { d->accept(); });
    QTest::mouseClick(button("add_filament"), Qt::LeftButton);
    did();
    auto* machine = window_->findChild<QComboBox*>("machine");
    machine->setFocus();
    QTest::keyClick(machine, Qt::Key_Down);
    did();
    for (std::size_t i = states.size() - 1; i-- > 0;) {
        window_->findChild<QAction*>("undo")->trigger();
        QCOMPARE(archive(), states[i]);
    }
    QVERIFY(!window_->document()->modified());
    for (std::size_t i = 1; i < states.size(); ++i) {
        window_->findChild<QAction*>("redo")->trigger();
        QCOMPARE(archive(), states[i]);
    }
    wait_for_plan();
    // The plan is that of the newest project, however fast the edits came.
    COMPARE_NEAR(window_->document()->plan()->totals.cost, plan_of(project())->totals.cost, 1e-9);
}

void TestWindow::changes_bench_lists_all_three_ways() {
    open("lighthouse.vitrail");
    window_->choose_bench(MainWindow::kChanges);
    auto* table = window_->findChild<QTableView*>("changes");
    const auto plan = window_->document()->plan();
    QCOMPARE(table->model()->rowCount(), static_cast<int>(plan->changes.size()));
    const auto cell = [&](int row, int column) {
        return table->model()->index(row, column).data().toString();
    };
    QCOMPARE(cell(0, 1), QString("61"));
    QCOMPARE(cell(0, 2), QString("60"));
    QCOMPARE(cell(0, 3), shown("12.00 mm"));
    QCOMPARE(cell(0, 4), shown("12.20 mm"));
    QVERIFY(label("good")->text().startsWith("Proven"));
    // Choosing a row moves the cursor; moving the cursor chooses the next change.
    QTest::mouseClick(table->viewport(), Qt::LeftButton, {},
                      table->visualRect(table->model()->index(1, 1)).center());
    QCOMPARE(window_->view()->layer(), 121);
    window_->view()->set_layer(62);
    QCOMPARE(table->currentIndex().row(), 1);
}

void TestWindow::order_as_assigned_costs_more() {
    open("lighthouse.vitrail");
    window_->choose_bench(MainWindow::kChanges);
    const double best = window_->document()->plan()->totals.purge_g;
    auto* order = window_->findChild<QComboBox*>("order");
    order->setFocus();
    QTest::keyClick(order, Qt::Key_Down);
    wait_for_plan();
    QVERIFY(window_->document()->plan()->totals.purge_g > best);
    QVERIFY(!label("good")->text().startsWith("Proven"));
    QVERIFY(label("saves")->text().contains("same"));
}

void TestWindow::pinning_shows_differences() {
    open("badge.vitrail");
    QTest::mouseClick(button("pin"), Qt::LeftButton);
    QVERIFY(button("pin")->isChecked());
    QCOMPARE(label("difference_changes")->text(), QString("±0"));
    select_region(1);
    key(Qt::Key_A); // everything in one filament
    wait_for_plan();
    QCOMPARE(label("difference_changes")->text(), QString("−1"));
    QVERIFY(label("difference_purge")->text().startsWith("−"));
    QTest::mouseClick(button("pin"), Qt::LeftButton);
    QCOMPARE(label("difference_changes")->text(), QString());
}

void TestWindow::findings_show_and_fix() {
    open("badge.vitrail");
    window_->document()->edit("spoil", [](Project& p) {
        p.filaments[1] = make_filament('B', Material::PETG, p.filaments[1].colour);
    });
    wait_for_plan();
    auto* list = window_->findChild<QListView*>("findings");
    QTRY_VERIFY(list->isVisible());
    QVERIFY(list->model()->rowCount() >= 1);
    list->setCurrentIndex(list->model()->index(0, 0));
    window_->view()->set_layer(1);
    QTest::mouseClick(button("show_me"), Qt::LeftButton);
    QCOMPARE(window_->view()->layer(), 11);
    QCOMPARE(window_->view()->parts(), (std::set<int>{0, 1}));
    QVERIFY(button("fix")->text().contains("make B PLA"));
    QTest::mouseClick(button("fix"), Qt::LeftButton);
    wait_for_plan();
    QCOMPARE(project().filaments[1].material, Material::PLA);
    for (int r = 0; r < list->model()->rowCount(); ++r)
        QVERIFY(!list->model()->index(r, 0).data().toString().contains("do not bond"));
    window_->findChild<QAction*>("undo")->trigger(); // a fix can be undone
    QCOMPARE(project().filaments[1].material, Material::PETG);
}

void TestWindow::run_sheet_files() {
    open("badge.vitrail");
    window_->choose_bench(MainWindow::kRun);
    window_->run_bench()->show_page(RunBench::kSheet);
    QVERIFY(button("sheet_pdf")->isEnabled());
    for (const char* ending : {"pdf", "html", "csv"}) {
        const QString path = dir_->filePath(QString("sheet.") + ending);
        window_->run_bench()->sheet()->export_to(path);
        QVERIFY(QFileInfo(path).size() > 200);
        QVERIFY(window_->messages()->text().contains("was saved"));
    }
    window_->run_bench()->sheet()->export_to(dir_->filePath("no/where/sheet.pdf"));
    QVERIFY(window_->messages()->text().contains("not saved"));
}

void TestWindow::save_and_open_again() {
    open("badge.vitrail");
    select_region(0);
    key(Qt::Key_B);
    QVERIFY(window_->document()->modified());
    const QString path = dir_->filePath("mine.vitrail");
    window_->document()->save(path);
    QTRY_VERIFY(!window_->document()->modified());
    QVERIFY(!window_->windowTitle().contains("*"));
    const std::string saved = *write_archive(project());
    window_->document()->reset({}, {});
    QVERIFY(project().pieces[0].parts.empty());
    window_->open_files({path});
    wait_for_plan();
    QCOMPARE(project().pieces[0].parts[0].filament, 'B');
    QCOMPARE(*write_archive(project()), saved);
    QVERIFY(QSettings().value("recent").toStringList().contains(path));
}

void TestWindow::broken_file_is_a_sentence() {
    open("badge.vitrail");
    const QString path = dir_->filePath("broken.vitrail");
    QFile f(path);
    QVERIFY(f.open(QIODevice::WriteOnly) && f.write("not a zip") > 0);
    f.close();
    window_->open_files({path});
    wait_for_plan();
    QVERIFY(window_->messages()->text().contains("broken.vitrail could not be opened"));
    QCOMPARE(project().pieces[0].parts.size(), std::size_t{2}); // what was open stays
    window_->open_files({dir_->filePath("none.stl")});
    wait_for_plan();
    QVERIFY(window_->messages()->text().contains("none.stl was not added"));
}

void TestWindow::dropping_models() {
    const QString path = dir_->filePath("cube.stl");
    QFile f(path);
    const std::string bytes = write_stl(solids::box(0, 0, 0, 10, 10, 4), "cube");
    QVERIFY(f.open(QIODevice::WriteOnly) && f.write(bytes.data(), qint64(bytes.size())) > 0);
    f.close();
    QMimeData data;
    data.setUrls({QUrl::fromLocalFile(path)});
    QDragEnterEvent enter(QPoint(200, 200), Qt::CopyAction, &data, Qt::LeftButton, {});
    QApplication::sendEvent(window_.get(), &enter);
    QVERIFY(enter.isAccepted());
    QDropEvent drop(QPointF(200, 200), Qt::CopyAction, &data, Qt::LeftButton, {});
    QApplication::sendEvent(window_.get(), &drop);
    wait_for_plan();
    QCOMPARE(project().pieces[0].parts.size(), std::size_t{1});
    QCOMPARE(label("title")->text(), QString("cube •"));
    QCOMPARE(window_->document()->plan()->grid.count, 20);
    QCOMPARE(write_machine(project().machine), write_machine(*find_machine("hand-swap")));
    window_->findChild<QAction*>("undo")->trigger();
    wait_for_plan();
    QVERIFY(project().pieces[0].parts.empty());
    QCOMPARE(tally("time"), QString("–"));
}

void TestWindow::clicking_the_piece_selects() {
    open("badge.vitrail");
    View3d* v = window_->piece_bench()->view3d();
    QVERIFY2(v, "tests run with software OpenGL");
    v->set_angles(0, 90); // from above
    QCoreApplication::processEvents();
    QTest::mouseClick(v, Qt::LeftButton, {}, v->rect().center());
    QCOMPARE(window_->view()->parts().size(), std::size_t{1});
    QTest::mouseClick(v, Qt::LeftButton, {}, QPoint(3, 3));
    QVERIFY(window_->view()->parts().empty());
    // It is drawn: the middle differs from the ground.
    const QImage image = v->grabFramebuffer();
    QVERIFY(image.pixelColor(image.width() / 2, image.height() / 2) != image.pixelColor(2, 2));
}

void TestWindow::layer_window_selects_and_turns_layers() {
    open("badge.vitrail");
    auto* w = window_->findChild<LayerWindow*>("layer_window");
    window_->view()->set_layer(3);
    QCoreApplication::processEvents();
    w->repaint();
    QTest::mouseClick(w, Qt::LeftButton, {}, w->rect().center());
    QCOMPARE(window_->view()->parts(), std::set<int>{0});
    QTest::mouseClick(w, Qt::LeftButton, {}, QPoint(2, w->height() / 2));
    QVERIFY(window_->view()->parts().empty());
}

void TestWindow::without_opengl() {
    // As somebody starts it.
    QProcess app;
    QProcessEnvironment env = QProcessEnvironment::systemEnvironment();
    env.insert("VITRAIL_NO_OPENGL", "1");
    app.setProcessEnvironment(env);
    app.start(VITRAIL_APP,
              {"--exit-at-first-frame", QString::fromStdString(source_file("demo/badge.vitrail"))});
    QVERIFY(app.waitForFinished(30000)); // it shows the plan, and ends
    QCOMPARE(app.exitStatus(), QProcess::NormalExit);
    QCOMPARE(app.exitCode(), 0);
}

void TestWindow::themes_have_contrast() {
    // WCAG 2.1 AA: 4.5 : 1 for text.
    for (const ThemeChoice choice : {ThemeChoice::light, ThemeChoice::dark}) {
        apply_theme(*qApp, choice);
        const Theme& t = Theme::current();
        for (const QColor& text : {t.ink, t.quiet, t.good, t.bad, t.warn, t.accent})
            for (const QColor& ground : {t.ground, t.panel, t.field})
                QVERIFY2(contrast_ratio(vitrail::to_srgb(text), vitrail::to_srgb(ground)) >= 4.5,
                         qPrintable(text.name() + " on " + ground.name()));
    }
}

void TestWindow::everything_has_a_name() {
    open("badge.vitrail");
    for (QWidget* w : window_->findChildren<QWidget*>()) {
        if (w->focusPolicy() == Qt::NoFocus || w->objectName().startsWith("qt_") || !w->isEnabled() ||
            !w->isVisible())
            continue;
        const QString text = w->property("text").toString();
        QVERIFY2(!w->accessibleName().isEmpty() || !text.isEmpty() || w->focusProxy() ||
                     qobject_cast<QLineEdit*>(w) || qobject_cast<QMenuBar*>(w) ||
                     w->inherits("QComboBoxListView") || w->inherits("QScrollArea"),
                 qPrintable(QString::fromLatin1(w->metaObject()->className()) + " " + w->objectName()));
    }
}

void TestWindow::replanning_is_off_the_window_thread() {
    open("lighthouse.vitrail");
    select_region(1);
    // An edit is done before its plan is: the key returns while the planning goes on, and edits do not queue
    // up.
    QSignalSpy plans(window_->document(), &Document::plan_changed);
    const auto old = window_->document()->plan();
    for (int i = 0; i < 20; ++i) {
        window_->document()->edit("letter",
                                  [&](Project& p) { p.pieces[0].parts[1].filament = i % 2 ? 'B' : 'A'; });
        QVERIFY(window_->document()->planning());
        QCOMPARE(window_->document()->plan(), old);
    }
    wait_for_plan();
    QVERIFY(plans.count() < 20);
    COMPARE_NEAR(window_->document()->plan()->totals.cost, plan_of(project())->totals.cost, 1e-9);
}

void TestWindow::planning_can_be_cancelled() {
    open("badge.vitrail");
    const auto before = window_->document()->plan();
    window_->document()->edit("big", [](Project& p) {
        p.pieces[0].parts.push_back(
            part("ball", solids::sphere(60, 300, 150, {0, 0, 60}), 'A')); // takes many seconds
        p.settings.layer_mm = 0.02;
    });
    QVERIFY(window_->document()->planning());
    QTRY_VERIFY(button("cancel")->isVisible());
    QTest::mouseClick(button("cancel"), Qt::LeftButton);
    QTRY_VERIFY_WITH_TIMEOUT(!window_->document()->planning(), 20000);
    QVERIFY(!button("cancel")->isVisible());
    QCOMPARE(project().pieces[0].parts.size(), std::size_t{3}); // the project stays
    window_->findChild<QAction*>("undo")->trigger();
    wait_for_plan();
    COMPARE_NEAR(window_->document()->plan()->totals.cost, before->totals.cost, 1e-9);
}

VITRAIL_TEST(TestWindow)
#include "test_window.moc"
