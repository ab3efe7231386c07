#include "app/changes/changes_bench.h"
#include "app/changes/changes_model.h"
#include "app/changes/nozzles_page.h"
#include "app/changes/slots_view.h"
#include "app/machine/machine_editor.h"
#include "app/machine/machine_store.h"
#include "app/machine/machine_view.h"
#include "app/purge/calibration_page.h"
#include "app/purge/purge_bench.h"
#include "app/purge/strips_page.h"
#include "app/purge/strips_view.h"
#include "core/base/numbers.h"
#include "core/run_sheet/run_sheet.h"
#include "core/study/aims.h"

#include "window_fixture.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QListWidget>
#include <QSlider>
#include <QSpinBox>
#include <QTabWidget>
#include <QTableView>
#include <QTableWidget>
#include <QTreeWidget>

using namespace vitrail;
using namespace vitrail::test;

/// Changes, Purge and the machine editor in the real window.
class TestChangesWindow : public WindowFixture {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare(); }
    void init() {
        machines_ = std::make_unique<QTemporaryDir>();
        qputenv("VITRAIL_MACHINES", machines_->path().toUtf8());
        begin();
    }
    void cleanup() { end(); }
    void aims_are_compared_and_used();
    void a_filament_is_dragged_to_another_nozzle();
    void a_filament_is_moved_with_the_keys();
    void spools_that_are_in_the_machine();
    void a_refill_is_moved();
    void nights_are_counted();
    void the_order_is_locked();
    void commands_are_shown();
    void three_ways_by_hand();
    void a_suggestion_is_previewed_applied_and_undone();
    void preview_ends_with_an_edit();
    void a_cut_is_dragged();
    void a_cut_is_moved_with_the_keys_and_locked();
    void levels_of_filaments();
    void purge_goes_elsewhere();
    void a_second_piece_takes_purge();
    void readings_are_fitted_and_kept();
    void wrong_readings_are_told();
    void strip_is_written();
    void machine_is_edited();
    void offset_is_measured();
    void refills_stand_among_the_changes();
    void machine_is_kept_and_owned();
    void empty_project_says_what_to_do();
    void everything_has_a_name();

private:
    void changes(ChangesBench::Page page) {
        key(Qt::Key_6, Qt::AltModifier);
        window_->changes_bench()->show_page(page);
        QCoreApplication::processEvents();
    }
    void purge(PurgeBench::Page page) {
        key(Qt::Key_7, Qt::AltModifier);
        window_->purge_bench()->show_page(page);
        QCoreApplication::processEvents();
    }
    MachineView* machine() { return window_->changes_bench()->nozzles_page()->machine_view(); }
    StripsView* strips() { return window_->purge_bench()->strips_page()->strips(); }
    QTableWidget* table(const char* name) { return find<QTableWidget>(name); }
    void drag(QWidget* w, QPoint from, QPoint to) {
        QTest::mousePress(w, Qt::LeftButton, {}, from);
        for (int i = 1; i <= 4; ++i) {
            const QPoint at = from + (to - from) * i / 4;
            QMouseEvent move(QEvent::MouseMove, at, w->mapToGlobal(at), Qt::NoButton, Qt::LeftButton,
                             Qt::NoModifier);
            QCoreApplication::sendEvent(w, &move);
        }
        QTest::mouseRelease(w, Qt::LeftButton, {}, to);
        wait_for_plan();
    }
    int nozzle_of(char letter) {
        return document()->plan()->loading.nozzle[static_cast<std::size_t>(find_filament(project(), letter))];
    }
    std::unique_ptr<QTemporaryDir> machines_;
};

void TestChangesWindow::aims_are_compared_and_used() {
    open_demo("signal-flags.vitrail");
    changes(ChangesBench::kNozzles);
    QTRY_VERIFY_WITH_TIMEOUT(table("aims")->rowCount() >= 4, 20000);
    QCOMPARE(table("aims")->item(0, 0)->text(), QString("now"));
    QCOMPARE(table("aims")->item(3, 0)->text(), QString("least handling"));
    QVERIFY(find<QLabel>("reason")->text().contains("saves"));
    const double waste = document()->plan()->totals.purge_mm3;
    const int by_hand = handlings(*document()->plan());
    table("aims")->selectRow(3);
    press("use_aim");
    wait_for_plan();
    QCOMPARE(project().settings.aim, LoadingAim::handling);
    QVERIFY(handlings(*document()->plan()) < by_hand);
    QVERIFY(document()->plan()->totals.purge_mm3 > waste);
    undo();
    QCOMPARE(project().settings.aim, LoadingAim::waste);
    // The slider walks along the trade-offs.
    QTRY_VERIFY_WITH_TIMEOUT(table("aims")->rowCount() >= 4 && find<QSlider>("blend")->isEnabled(), 20000);
    auto* slider = find<QSlider>("blend");
    slider->setFocus();
    QTest::keyClick(slider, Qt::Key_End);
    wait_for_plan();
    QCOMPARE(project().settings.aim, LoadingAim::handling);
}

void TestChangesWindow::a_filament_is_dragged_to_another_nozzle() {
    open_demo("signal-flags.vitrail");
    changes(ChangesBench::kNozzles);
    const int b = find_filament(project(), 'B');
    const int before = nozzle_of('B');
    const int to = before == 0 ? 1 : 0;
    drag(machine(), machine()->letter_rect(b).center().toPoint(),
         machine()->nozzle_rect(to).center().toPoint());
    QCOMPARE(project().pins.size(), std::size_t{1});
    QCOMPARE(nozzle_of('B'), to);
    QVERIFY(find<QPushButton>("unpin")->isEnabled());
    QTRY_COMPARE_WITH_TIMEOUT(table("aims")->item(0, 0) ? table("aims")->item(0, 0)->text() : QString(),
                              QString("now, pinned"), 20000);
    // A click lets go of it, a click pins it where it is.
    QTest::mouseClick(machine(), Qt::LeftButton, {}, machine()->letter_rect(b).center().toPoint());
    wait_for_plan();
    QVERIFY(project().pins.empty());
    QTest::mouseClick(machine(), Qt::LeftButton, {}, machine()->letter_rect(b).center().toPoint());
    wait_for_plan();
    QCOMPARE(project().pins.size(), std::size_t{1});
    press("unpin");
    wait_for_plan();
    QVERIFY(project().pins.empty());
    undo();
    QCOMPARE(project().pins.size(), std::size_t{1});
}

void TestChangesWindow::a_filament_is_moved_with_the_keys() {
    open_demo("signal-flags.vitrail");
    changes(ChangesBench::kNozzles);
    machine()->setFocus();
    QTest::keyClick(machine(), Qt::Key_Right); // A
    const int before = nozzle_of('A');
    QTest::keyClick(machine(), Qt::Key_Right, Qt::ShiftModifier);
    wait_for_plan();
    QVERIFY(nozzle_of('A') != before);
    QVERIFY(!project().machine.nozzles[static_cast<std::size_t>(nozzle_of('A'))].missing);
    QTest::keyClick(machine(), Qt::Key_Delete);
    wait_for_plan();
    QVERIFY(project().pins.empty());
}

void TestChangesWindow::spools_that_are_in_the_machine() {
    show_project(row("ABCD", 2, "feeder-4"));
    changes(ChangesBench::kNozzles);
    QCOMPARE(document()->plan()->totals.spools_to_load, 4);
    press("loaded_now");
    wait_for_plan();
    QCOMPARE(document()->plan()->totals.spools_to_load, 0);
}

void TestChangesWindow::a_refill_is_moved() {
    Project p = stack("ABCDEF", 6, "feeder-4");
    p.filaments.push_back(pla('E', "#d9c18c"));
    p.filaments.push_back(pla('F', "#5c7a3e"));
    show_project(p);
    changes(ChangesBench::kNozzles);
    const auto plan = document()->plan();
    QCOMPARE(plan->refills.size(), std::size_t{2});
    QVERIFY(find<QLabel>("presence")->text().contains("2 refill"));
    SlotsView* slots = window_->changes_bench()->nozzles_page()->slots_view();
    const QPoint at = slots->handle_rect(0).center().toPoint();
    drag(slots, at, at + QPoint(30, 0));
    const Refill moved = document()->plan()->refills[0];
    QVERIFY(moved.layer > plan->refills[0].layer);
    QVERIFY(moved.layer <= moved.latest_layer);
    // Not beyond its window, however far it is dragged; one undo takes the drag back.
    drag(slots, slots->handle_rect(0).center().toPoint(), QPoint(slots->width() - 2, at.y()));
    QCOMPARE(document()->plan()->refills[0].layer, document()->plan()->refills[0].latest_layer);
    undo();
    QCOMPARE(document()->plan()->refills[0].layer, moved.layer);
    slots->setFocus();
    QTest::keyClick(slots, Qt::Key_Down);
    QTest::keyClick(slots, Qt::Key_Right);
    wait_for_plan();
    QCOMPARE(project().refill_choices.size(), std::size_t{2});
}

void TestChangesWindow::nights_are_counted() {
    Project p = stack("ABCD", 8);
    p.settings.start_hour = 9;
    show_project(p);
    changes(ChangesBench::kNozzles);
    QVERIFY(find<QLabel>("presence")->text().contains("never at night"));
    find<QDoubleSpinBox>("start.hour")->setValue(23);
    wait_for_plan();
    QVERIFY(find<QLabel>("presence")->text().contains("at night, between 22:00 and 07:00"));
    QVERIFY(has(*document()->plan(), "night"));
}

void TestChangesWindow::the_order_is_locked() {
    show_project(row("ABC", 2));
    changes(ChangesBench::kOrder);
    const int changes_before = document()->plan()->totals.changes;
    auto* first = find<QComboBox>("print_first");
    first->setFocus();
    QTest::keyClick(first, Qt::Key_Down);
    wait_for_plan();
    QCOMPARE(project().print_first, std::string("A"));
    QVERIFY(document()->plan()->totals.changes > changes_before);
    QVERIFY(find<QLabel>("lock_costs")->isVisible());
    QVERIFY(find<QLabel>("lock_costs")->text().contains("mm³ of purge"));
    undo();
    QVERIFY(!find<QLabel>("lock_costs")->isVisible());
}

void TestChangesWindow::commands_are_shown() {
    show_project(stack("AB", 2));
    changes(ChangesBench::kOrder);
    auto* table = find<QTableView>("changes");
    bool shown = false;
    for (int c = 0; c < table->model()->columnCount(); ++c)
        shown |= table->model()->index(0, c).data().toString() == "M600";
    QVERIFY(shown);
}

void TestChangesWindow::three_ways_by_hand() {
    open_demo("marsh-map.vitrail");
    changes(ChangesBench::kByHand);
    QTRY_VERIFY_WITH_TIMEOUT(table("by_hand")->rowCount() > 0, 20000);
    QCOMPARE(table("by_hand")->item(0, 1)->text(), QString::number(document()->plan()->totals.hand_swaps));
    const int banded = table("by_hand")->item(0, 2)->text().toInt();
    press("to_bands");
    wait_for_plan();
    QCOMPARE(document()->plan()->totals.hand_swaps, banded);
    undo();
    press("to_skirt");
    wait_for_plan();
    QVERIFY(document()->plan()->skirt.layers > 0);
    QVERIFY(find<QLabel>("commands")->text().contains("M600"));
}

void TestChangesWindow::a_suggestion_is_previewed_applied_and_undone() {
    Project p = row("ABC", 2);
    p.filaments[2].colour = {0xee, 0xee, 0xe8};
    show_project(p);
    changes(ChangesBench::kFewer);
    QTRY_VERIFY_WITH_TIMEOUT(table("suggestions")->rowCount() > 0, 20000);
    int row = -1;
    for (int r = 0; r < table("suggestions")->rowCount(); ++r)
        if (table("suggestions")->item(r, 0)->text().startsWith("Print C"))
            row = r;
    QVERIFY(row >= 0);
    table("suggestions")->selectRow(row);
    const int before = document()->plan()->totals.changes;
    const int index = document()->undo_stack()->index();
    press("preview_suggestion");
    QVERIFY(document()->previewing());
    QVERIFY(document()->plan()->totals.changes < before); // every view shows it
    QCOMPARE(find<QLabel>("tally_changes")->text(), QString::number(document()->plan()->totals.changes));
    QVERIFY(window_->messages()->text().contains("Only a preview"));
    QCOMPARE(document()->undo_stack()->index(), index); // nothing was changed
    press("preview_suggestion");
    QCOMPARE(document()->plan()->totals.changes, before);
    press("apply_suggestion");
    wait_for_plan();
    QVERIFY(document()->plan()->totals.changes < before);
    undo();
    QCOMPARE(document()->plan()->totals.changes, before);
}

void TestChangesWindow::preview_ends_with_an_edit() {
    Project p = row("ABC", 2);
    p.settings.order = LayerOrder::as_assigned;
    show_project(p);
    changes(ChangesBench::kFewer);
    QTRY_VERIFY_WITH_TIMEOUT(table("suggestions")->rowCount() > 0, 20000);
    press("preview_suggestion");
    QVERIFY(document()->previewing());
    document()->edit("x", [](Project& q) { q.settings.copies = 2; });
    QVERIFY(!document()->previewing());
    wait_for_plan();
    QTRY_VERIFY_WITH_TIMEOUT(table("suggestions")->rowCount() > 0, 20000);
    press("preview_suggestion");
    key(Qt::Key_2, Qt::AltModifier); // and with leaving the page
    QVERIFY(!document()->previewing());
}

void TestChangesWindow::a_cut_is_dragged() {
    show_project(row("AB", 2));
    purge(PurgeBench::kStrips);
    const auto pair = strips()->pair_at(0);
    const double before = find_pair(*document()->plan(), pair.first, pair.second)->mm3,
                 g = document()->plan()->totals.purge_g;
    const QRectF r = strips()->strip_rect(0);
    drag(strips(), QPoint(int(strips()->x_of(before)), int(r.center().y())),
         QPoint(int(strips()->x_of(before / 2)), int(r.center().y())));
    const PairUse* u = find_pair(*document()->plan(), pair.first, pair.second);
    COMPARE_NEAR(u->mm3, before / 2, 6);
    QVERIFY(u->rule == PurgeRule::by_hand);
    QVERIFY(document()->plan()->totals.purge_g < g);
    QVERIFY(find<QLabel>("lands")->text().contains("mm of line start in") ||
            find<QLabel>("lands")->text().contains("m of line start in"));
    QVERIFY(has(*document()->plan(), "dirty-start"));
    undo(); // the whole drag is one edit
    COMPARE_NEAR(find_pair(*document()->plan(), pair.first, pair.second)->mm3, before, 1e-9);
}

void TestChangesWindow::a_cut_is_moved_with_the_keys_and_locked() {
    show_project(row("AB", 2));
    purge(PurgeBench::kStrips);
    strips()->setFocus();
    const auto pair = strips()->chosen();
    const double before = find_pair(*document()->plan(), pair.first, pair.second)->mm3;
    QTest::keyClick(strips(), Qt::Key_Left);
    wait_for_plan();
    COMPARE_NEAR(find_pair(*document()->plan(), pair.first, pair.second)->mm3, before - 5, 1e-9);
    find<QLineEdit>("lock_reason")->setText("tested");
    QTest::mouseClick(find<QCheckBox>("locked"), Qt::LeftButton, {},
                      QPoint(8, find<QCheckBox>("locked")->height() / 2));
    wait_for_plan();
    QVERIFY(project().pair_purges[0].locked);
    QCOMPARE(project().pair_purges[0].reason, std::string("tested"));
    strips()->setFocus();
    QTest::keyClick(strips(), Qt::Key_Left);
    wait_for_plan();
    COMPARE_NEAR(find_pair(*document()->plan(), pair.first, pair.second)->mm3, before - 5, 1e-9); // it stays
    QVERIFY(window_->messages()->text().contains("locked: tested"));
    QVERIFY(!find<QPushButton>("as_computed")->isEnabled());
    QTest::mouseClick(find<QCheckBox>("locked"), Qt::LeftButton, {},
                      QPoint(8, find<QCheckBox>("locked")->height() / 2));
    wait_for_plan();
    press("as_computed");
    wait_for_plan();
    QVERIFY(project().pair_purges.empty());
    find<QDoubleSpinBox>("pair_level")->setValue(8);
    wait_for_plan();
    QVERIFY(find_pair(*document()->plan(), pair.first, pair.second)->mm3 < before);
}

void TestChangesWindow::levels_of_filaments() {
    show_project(row("AB", 2));
    purge(PurgeBench::kStrips);
    const int before = document()->plan()->purge_table.at(0, 1);
    auto* level = find<QComboBox>("level_1");
    level->setFocus();
    QTest::keyClick(level, Qt::Key_End); // hidden
    wait_for_plan();
    QCOMPARE(project().filaments[1].delta_e, 4.0);
    QVERIFY(document()->plan()->purge_table.at(0, 1) < before);
}

void TestChangesWindow::purge_goes_elsewhere() {
    open_demo("lighthouse.vitrail");
    purge(PurgeBench::kWhere);
    QTRY_VERIFY_WITH_TIMEOUT(table("purge_options")->rowCount() > 4, 30000);
    const double wasted = document()->plan()->totals.purge_g + document()->plan()->totals.tower_g;
    int skirt = -1;
    for (int r = 0; r < table("purge_options")->rowCount(); ++r)
        if (table("purge_options")->item(r, 0)->text() == "a skirt")
            skirt = r;
    QVERIFY(skirt > 0);
    table("purge_options")->selectRow(skirt);
    press("use_option");
    wait_for_plan();
    QVERIFY(document()->plan()->skirt.layers > 0 && !document()->plan()->tower.layers);
    QVERIFY(document()->plan()->totals.purge_g + document()->plan()->totals.tower_g < wasted);
    QVERIFY(find<QLabel>("tower_says")->text().startsWith("The skirt is"));
    undo();
    QVERIFY(document()->plan()->tower.layers > 0);
}

void TestChangesWindow::a_second_piece_takes_purge() {
    show_project(row("ABC", 4));
    purge(PurgeBench::kWhere);
    auto* list = find<QListWidget>("takes_purge");
    list->item(2)->setCheckState(Qt::Checked);
    wait_for_plan();
    QVERIFY(project().pieces[0].parts[2].takes_purge);
    QVERIFY(document()->plan()->totals.useful_purge_g > 0);
    undo();
    QVERIFY(!project().pieces[0].parts[2].takes_purge);
}

void TestChangesWindow::readings_are_fitted_and_kept() {
    show_project(row("ABCD", 2));
    purge(PurgeBench::kCalibration);
    CalibrationPage* page = window_->purge_bench()->calibration_page();
    press("rows_for_strip");
    QVERIFY(page->table()->rowCount() >= 4);
    // What a nozzle with V_d 30 and V_m 50 would show, in mm of strip.
    const double per_mm = 4 * 19.6 * 0.4;
    for (int r = 0; r < page->table()->rowCount(); ++r) {
        const auto colour = [&](int c) {
            return project()
                .filaments[static_cast<std::size_t>(
                    find_filament(project(), page->table()->item(r, c)->text().at(0).toLatin1()))]
                .colour;
        };
        page->table()->item(r, 3)->setText(
            QString::number(clean_mm3({30, 50}, colour(0), colour(1), 2) / per_mm, 'f', 4));
    }
    QVERIFY(find<QLabel>("fit_result")
                ->text()
                .startsWith(shown("Dead volume V_d 30.0 ± 0.0 mm³, mixing volume V_m 50.0")));
    const int before = document()->plan()->purge_table.at(0, 1);
    press("keep_calibration");
    wait_for_plan();
    QCOMPARE(project().machine.calibrations.size(), std::size_t{1});
    QVERIFY(document()->plan()->purge_table.at(0, 1) < before);
    QVERIFY(find<QListWidget>("kept_calibrations")->item(0)->text().contains(shown("V_d 30.0")));
    undo();
    QVERIFY(project().machine.calibrations.empty());
    QCOMPARE(document()->plan()->purge_table.at(0, 1), before);
    // An outlier is marked.
    page->table()->item(1, 3)->setText(QString::number(page->table()->item(1, 3)->text().toDouble() + 4));
    for (int r = 0; r < page->table()->rowCount();
         ++r) // a little noise, so that there is something to measure against
        if (r != 1)
            page->table()->item(r, 3)->setText(
                QString::number(page->table()->item(r, 3)->text().toDouble() + (r % 2 ? 0.05 : -0.05)));
    QVERIFY(page->table()->item(1, 5)->text().contains(QStringLiteral("✗")));
}

void TestChangesWindow::wrong_readings_are_told() {
    show_project(row("AB", 2));
    purge(PurgeBench::kCalibration);
    CalibrationPage* page = window_->purge_bench()->calibration_page();
    page->add_row("A", "Z", 2, "12");
    QVERIFY(find<QLabel>("readings_problem")->text().contains("“Z” is neither a letter"));
    page->table()->item(0, 1)->setText("#f2f2ea");
    page->table()->item(0, 3)->setText("a lot");
    QVERIFY(find<QLabel>("readings_problem")->text().contains("“a lot” is no number"));
    page->table()->item(0, 3)->setText("12,5"); // a comma will do
    QVERIFY(find<QLabel>("readings_problem")->text().contains("Two readings"));
    QVERIFY(!find<QPushButton>("keep_calibration")->isEnabled());
    // What was typed is part of the project: it can be undone, and is there again after the project has been
    // opened anew.
    undo();
    QCOMPARE(page->table()->item(0, 3)->text(), QStringLiteral("a lot"));
    QVERIFY(find<QLabel>("readings_problem")->text().contains("“a lot” is no number"));
    press("add_reading");
    QCOMPARE(page->table()->rowCount(), 2);
    const Project typed = project();
    undo();
    QCOMPARE(page->table()->rowCount(), 1);
    show_project(row("AB", 2));
    QCOMPARE(page->table()->rowCount(), 0);
    show_project(typed);
    QCOMPARE(page->table()->rowCount(), 2);
    QCOMPARE(page->table()->item(0, 1)->text(), QStringLiteral("#f2f2ea"));
    auto* letters = find<QLineEdit>("strip_letters");
    letters->setFocus();
    letters->selectAll();
    QTest::keyClicks(letters, "aa");
    QVERIFY(find<QLabel>("strip_says")->text().contains("follows itself"));
    QVERIFY(!find<QPushButton>("write_strip")->isEnabled());
}

void TestChangesWindow::strip_is_written() {
    show_project(row("AB", 2));
    purge(PurgeBench::kCalibration);
    QTemporaryDir folder;
    choose_in_next_dialog(folder.path());
    press("write_strip");
    QTRY_VERIFY(QFile::exists(folder.filePath("strip.3mf")));
    QVERIFY(QFile::exists(folder.filePath("strip.html")) && QFile::exists(folder.filePath("strip.vitrail")));
    QVERIFY(load_project(folder.filePath("strip.vitrail").toStdString()));
}

void TestChangesWindow::machine_is_edited() {
    open_demo("signal-flags.vitrail");
    changes(ChangesBench::kNozzles);
    in_next_dialog([&](QDialog* d) {
        auto* editor = qobject_cast<MachineEditor*>(d);
        QVERIFY(editor);
        auto* sentence = d->findChild<QLabel*>("machine_sentence");
        QVERIFY(sentence->text().contains("Holds 5 filaments"));
        // The missing nozzle is put in again: choose it in the drawing.
        auto* view = d->findChild<MachineView*>("machine_view");
        QTest::mouseClick(view, Qt::LeftButton, {}, view->nozzle_rect(3).center().toPoint());
        auto* missing = d->findChild<QCheckBox*>("nozzle_missing");
        QVERIFY(missing->isChecked());
        missing->setChecked(false);
        QVERIFY(sentence->text().contains("5 of them on nozzles of their own"));
        d->findChild<QSpinBox*>("head_slots")->setValue(5);
        QVERIFY(sentence->text().contains("Holds 6 filaments"));
        d->findChild<QPushButton*>("add_nozzle")->click();
        QCOMPARE(editor->machine().nozzles.size(), std::size_t{6});
        d->findChild<QPushButton*>("remove_part")->click();
        QCOMPARE(editor->machine().nozzles.size(), std::size_t{5});
        d->findChild<QPushButton*>("add_toolhead")->click();
        QCOMPARE(editor->machine().toolheads.size(), std::size_t{3});
        d->findChild<QComboBox*>("command_hand")->setCurrentText("M25");
        auto* g90 = d->findChild<QComboBox*>("command_g90");
        QCOMPARE(g90->currentIndex(), 0); // found out for each file
        g90->setCurrentIndex(2);
        d->accept();
    });
    press("edit_machine");
    wait_for_plan();
    QCOMPARE(project().machine.commands.g90_sets_e, std::optional(false));
    QVERIFY(!project().machine.nozzles[3].missing);
    QCOMPARE(project().machine.toolheads[1].slots, 5);
    QCOMPARE(project().machine.commands.hand, std::string("M25"));
    QCOMPARE(document()->plan()->totals.purge_mm3,
             document()->plan()->bound.purge_mm3); // everyone has a nozzle now
    undo();
    QVERIFY(project().machine.nozzles[3].missing);
}

void TestChangesWindow::offset_is_measured() {
    show_project(row("AB", 2, "twin"));
    changes(ChangesBench::kNozzles);
    QTemporaryDir folder;
    in_next_dialog([&](QDialog* d) {
        auto* editor = qobject_cast<MachineEditor*>(d);
        QVERIFY(editor);
        auto *x = d->findChild<QSpinBox*>("offset_line_x"), *y = d->findChild<QSpinBox*>("offset_line_y");
        QVERIFY(!x->isEnabled()); // the first toolhead is what others are measured from
        editor->parts()->setCurrentItem(editor->parts()->topLevelItem(1));
        QVERIFY(x->isEnabled());
        choose_in_next_dialog(folder.path());
        d->findChild<QPushButton*>("write_offset_strip")->click();
        QVERIFY(QFile::exists(folder.filePath("offset-strip.3mf")) &&
                QFile::exists(folder.filePath("offset-strip.html")));
        x->setValue(3);
        QVERIFY(!editor->machine().toolheads[1].offset); // one number is no measurement
        y->setValue(-1);
        QVERIFY(d->findChild<QLabel*>("offset_says")->text().contains(shown("X -0.15 mm, Y 0.05 mm")));
        editor->parts()->setCurrentItem(editor->parts()->topLevelItem(1)->child(0));
        d->findChild<QComboBox*>("nozzle_use")->setCurrentIndex(2);
        d->accept();
    });
    press("edit_machine");
    wait_for_plan();
    QVERIFY(load_project(folder.filePath("offset-strip.vitrail").toStdString()));
    COMPARE_NEAR(project().machine.toolheads[1].offset->x_mm, 0.15, 1e-9);
    COMPARE_NEAR(project().machine.toolheads[1].offset->y_mm, -0.05, 1e-9);
    QCOMPARE(project().machine.nozzles[1].use, NozzleUse::soluble);
    undo();
    QVERIFY(!project().machine.toolheads[1].offset);
}

void TestChangesWindow::refills_stand_among_the_changes() {
    open_demo("signal-flags.vitrail");
    changes(ChangesBench::kOrder);
    auto* table = find<QTableView>("changes");
    const auto plan = document()->plan();
    QVERIFY(plan->totals.refills > 0);
    QCOMPARE(table->model()->rowCount(), plan->totals.changes + plan->totals.refills);
    int refills = 0;
    for (int r = 0; r < table->model()->rowCount(); ++r)
        refills += table->model()->index(r, ChangesModel::kKind).data().toString() == QString("refill");
    QCOMPARE(refills, plan->totals.refills);
    const QString sums = find<QLabel>("change_sums")->text();
    QVERIFY2(sums.contains("refill") &&
                 sums.contains(QString::fromStdString(duration(plan->totals.change_s))) &&
                 sums.contains(QString::fromStdString(duration(plan->totals.attended_s))),
             qPrintable(sums));
}

void TestChangesWindow::machine_is_kept_and_owned() {
    show_project(row("ABC", 2, "hand-swap"));
    changes(ChangesBench::kNozzles);
    QVERIFY(owned_machines().empty());
    in_next_dialog([&](QDialog* d) {
        d->findChild<QSpinBox*>("head_slots")->setValue(4);
        auto* name = d->findChild<QLineEdit*>("machine_name");
        name->selectAll();
        QTest::keyClicks(name, "Attic printer");
        d->findChild<QPushButton*>("keep_machine")->click();
        d->reject(); // the project keeps its own
    });
    press("edit_machine");
    QCOMPARE(owned_machines().size(), std::size_t{1});
    QCOMPARE(owned_machines()[0].id, std::string("attic-printer"));
    QVERIFY(project().machine.by_hand(0));
    QVERIFY(find<QComboBox>("machine")->findText("Attic printer (yours)") >= 0);
    // Owned, it is suggested.
    changes(ChangesBench::kFewer);
    const auto suggested = [&] {
        for (int r = 0; r < table("suggestions")->rowCount(); ++r)
            if (table("suggestions")->item(r, 0)->text() == "Print it on Attic printer")
                return true;
        return false;
    };
    QTRY_VERIFY_WITH_TIMEOUT(suggested(), 20000);
    in_next_dialog([&](QDialog* d) {
        auto* name = d->findChild<QLineEdit*>("machine_name");
        name->selectAll();
        QTest::keyClicks(name, "Attic printer");
        d->findChild<QPushButton*>("forget_machine")->click();
        d->reject();
    });
    changes(ChangesBench::kNozzles);
    press("edit_machine");
    QVERIFY(owned_machines().empty());
    QVERIFY(find<QComboBox>("machine")->findText("Attic printer (yours)") < 0);
}

void TestChangesWindow::empty_project_says_what_to_do() {
    for (const auto page :
         {ChangesBench::kOrder, ChangesBench::kNozzles, ChangesBench::kByHand, ChangesBench::kFewer})
        changes(page);
    for (const auto page : {PurgeBench::kStrips, PurgeBench::kWhere, PurgeBench::kCalibration})
        purge(page);
    QVERIFY(find<QLabel>("strip_says")->text().contains("two filaments"));
    QVERIFY(!find<QPushButton>("keep_calibration")->isEnabled());
    show_project(stack("A", 2)); // one filament: nothing to do, and it says so
    changes(ChangesBench::kNozzles);
    QTRY_VERIFY_WITH_TIMEOUT(find<QLabel>("reason")->text().contains("nothing to choose"), 20000);
}

void TestChangesWindow::everything_has_a_name() {
    open_demo("signal-flags.vitrail");
    for (const auto page :
         {ChangesBench::kOrder, ChangesBench::kNozzles, ChangesBench::kByHand, ChangesBench::kFewer}) {
        changes(page);
        check_names(window_->changes_bench());
    }
    for (const auto page : {PurgeBench::kStrips, PurgeBench::kWhere, PurgeBench::kCalibration}) {
        purge(page);
        check_names(window_->purge_bench());
    }
}

VITRAIL_TEST(TestChangesWindow)
#include "test_changes_window.moc"
