#include "app/plate/plate_bench.h"
#include "app/plate_view/plate_view.h"
#include "app/supports/supports_bench.h"
#include "formats/files.h"

#include "demo/scenario.h"
#include "window_fixture.h"

#include <QCheckBox>
#include <QDoubleSpinBox>
#include <QSpinBox>
#include <QTableWidget>

using namespace vitrail;
using namespace vitrail::test;

/// Several pieces on one plate, in the real window.
class TestPlateWindow : public WindowFixture {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare(); }
    void init() { begin(); }
    void cleanup() { end(); }

    void a_plate_of_three_pieces();
    void dragging_pins();
    void keys_and_fields();
    void pieces_are_counted_renamed_and_removed();
    void each_piece_is_looked_at_by_itself();
    void findings_lead_to_their_piece();

private:
    PlateView* plate() { return window_->plate_bench()->plate(); }
    const Placed& placed(int piece, int nth) {
        for (const Placed& p : document()->plan()->plate.placed)
            if (p.piece == piece && p.nth == nth)
                return p;
        static const Placed none;
        return none;
    }
    QTableWidget* pieces() { return find<QTableWidget>("pieces"); }
    std::string model(const char* name, const Mesh& mesh) {
        const std::string file = dir_->filePath(QString::fromLatin1(name) + ".stl").toStdString();
        const bool ok = static_cast<bool>(write_file(file, write_stl(mesh, name)));
        return ok ? file : std::string();
    }
    void choose_file(const std::string& file) { choose_in_next_dialog(QString::fromStdString(file)); }
};

/// Made, planned, saved, opened again, exported: all by the window.
void TestPlateWindow::a_plate_of_three_pieces() {
    window_->open_files({QString::fromStdString(model("light", solids::box(0, 0, 0, 30, 30, 20)))});
    wait_for_plan();
    window_->choose_bench(MainWindow::kPlate);
    for (const auto& [name, mesh] : {std::pair{"bracket", solids::box(0, 0, 0, 40, 20, 10)},
                                     std::pair{"tag", solids::box(0, 0, 0, 38, 15, 2)}}) {
        choose_file(model(name, mesh));
        press("add_piece_here");
        wait_for_plan();
    }
    QCOMPARE(project().pieces.size(), std::size_t{3});
    QCOMPARE(pieces()->rowCount(), 3);
    QCOMPARE(pieces()->item(2, 0)->text(), "tag");
    for (const auto& [row, n] : {std::pair{1, 2}, std::pair{2, 20}}) {
        QTest::mouseClick(pieces()->viewport(), Qt::LeftButton, {},
                          pieces()->visualItemRect(pieces()->item(row, 0)).center());
        auto* count = find<QSpinBox>("piece_count");
        count->selectAll();
        QTest::keyClicks(count, QString::number(n));
        QTest::keyClick(count, Qt::Key_Return);
        wait_for_plan();
    }
    QCOMPARE(count_of_all(project()), 23);
    QVERIFY(document()->plan()->plate.fits);
    QCOMPARE(document()->plan()->plate.placed.size(), std::size_t{23});
    QVERIFY2(find<QLabel>("plate_says")->text().contains("23"),
             qPrintable(find<QLabel>("plate_says")->text()));
    QCOMPARE(pieces()->item(2, 1)->text(), "20");
    const QString file = dir_->filePath("plate.vitrail");
    document()->save(file);
    wait_for_plan();
    QVERIFY(!document()->modified());
    const double grams = document()->plan()->totals.model_g;
    open(file);
    QCOMPARE(project().pieces.size(), std::size_t{3});
    QCOMPARE(project().pieces[2].count, 20);
    COMPARE_NEAR(document()->plan()->totals.model_g, grams, 1e-9);
    document()->export_bodies(dir_->filePath("plate.3mf"), false);
    wait_for_plan();
    const auto bodies = read_3mf("plate", *read_file(dir_->filePath("plate.3mf").toStdString()));
    QVERIFY(bodies);
    QCOMPARE(bodies->size(), std::size_t{23});
    check_names(window_->plate_bench());
}

void TestPlateWindow::dragging_pins() {
    open_demo("open-day.vitrail");
    window_->choose_bench(MainWindow::kPlate);
    QTRY_VERIFY(plate()->isVisible());
    const Placed before = placed(0, 1);
    const QPoint from = plate()->middle_of(0, 1);
    const double mm = QLineF(plate()->mapToScene(QPoint(0, 0)), plate()->mapToScene(QPoint(1, 0))).length();
    QTest::mousePress(plate()->viewport(), Qt::LeftButton, {}, from);
    for (int k = 1; k <= 6; ++k)
        QTest::mouseMove(plate()->viewport(), from + QPoint(-10 * k, 5 * k));
    QTest::mouseRelease(plate()->viewport(), Qt::LeftButton, {}, from + QPoint(-60, 30));
    wait_for_plan();
    QCOMPARE(project().pinned.size(), std::size_t{1});
    const Placed& after = placed(0, 1);
    QVERIFY(after.pinned);
    COMPARE_NEAR(after.x_mm, before.x_mm - 60 * mm, 2 * mm);
    COMPARE_NEAR(after.y_mm, before.y_mm - 30 * mm, 2 * mm);
    QCOMPARE(find<QCheckBox>("place_pinned")->isChecked(), true);
    COMPARE_NEAR(find<QDoubleSpinBox>("place_x")->value(), after.x_mm, 0.051);
    undo();
    QVERIFY(project().pinned.empty());
    QVERIFY(!placed(0, 1).pinned);
}

void TestPlateWindow::keys_and_fields() {
    open_demo("open-day.vitrail");
    window_->choose_bench(MainWindow::kPlate);
    QTRY_VERIFY(plate()->isVisible());
    QVERIFY(!find<QDoubleSpinBox>("place_x")->isEnabled());
    plate()->setFocus();
    QTest::keyClick(plate(), Qt::Key_PageDown); // the first of all
    QVERIFY(plate()->chosen());
    const Placed first = *plate()->chosen();
    QVERIFY(find<QDoubleSpinBox>("place_x")->isEnabled());
    for (int k = 0; k < 3; ++k) // faster than plans are made
        QTest::keyClick(plate(), Qt::Key_Right);
    wait_for_plan();
    QTest::keyClick(plate(), Qt::Key_Up, Qt::ShiftModifier);
    wait_for_plan();
    COMPARE_NEAR(plate()->chosen()->x_mm, first.x_mm + 3, 0.02);
    COMPARE_NEAR(plate()->chosen()->y_mm, first.y_mm + 10, 0.02);
    QTest::keyClick(plate(), Qt::Key_Left, Qt::ControlModifier);
    wait_for_plan();
    COMPARE_NEAR(plate()->chosen()->turn_deg, std::fmod(first.turn_deg + 15, 360), 0.01);
    undo(); // a row of presses is one edit, a turn another
    COMPARE_NEAR(plate()->chosen()->turn_deg, first.turn_deg, 0.01);
    undo();
    QVERIFY(project().pinned.empty());
    QTest::keyClick(plate(), Qt::Key_Space);
    wait_for_plan();
    QVERIFY(plate()->chosen()->pinned);
    // Typed: under this locale with a comma.
    auto* x = find<QDoubleSpinBox>("place_x");
    x->setFocus();
    x->selectAll();
    QTest::keyClicks(x, QLocale().toString(61.5, 'f', 1));
    QTest::keyClick(x, Qt::Key_Return);
    wait_for_plan();
    COMPARE_NEAR(plate()->chosen()->x_mm, 61.5, 0.01);
    press("arrange_all");
    wait_for_plan();
    QVERIFY(project().pinned.empty());
    QVERIFY(document()->plan()->plate.fits);
}

void TestPlateWindow::pieces_are_counted_renamed_and_removed() {
    open_demo("open-day.vitrail");
    window_->choose_bench(MainWindow::kPlate);
    view()->show_piece(2);
    auto* name = find<QLineEdit>("piece_name");
    QCOMPARE(name->text(), "key tag");
    name->setFocus();
    name->selectAll();
    QTest::keyClicks(name, "token");
    QTest::keyClick(name, Qt::Key_Return);
    wait_for_plan();
    QCOMPARE(project().pieces[2].name, std::string("token"));
    QCOMPARE(pieces()->item(2, 0)->text(), "token");
    press("remove_piece");
    wait_for_plan();
    QCOMPARE(project().pieces.size(), std::size_t{2});
    QCOMPARE(document()->plan()->plate.placed.size(), std::size_t{3});
    undo();
    undo();
    QCOMPARE(project().pieces[2].name, std::string("key tag"));
    QCOMPARE(document()->plan()->plate.placed.size(), std::size_t{23});
    // More than the bed holds: said, and nothing breaks.
    view()->show_piece(1);
    find<QSpinBox>("piece_count")->setValue(12);
    wait_for_plan();
    QVERIFY(!document()->plan()->plate.fits);
    QVERIFY2(find<QLabel>("plate_says")->text().startsWith("Does not fit"),
             qPrintable(find<QLabel>("plate_says")->text()));
    // All of them gone: an empty project, which says how to begin.
    for (int k = 0; k < 3; ++k) {
        press("remove_piece");
        wait_for_plan();
    }
    QVERIFY(!has_parts(project()));
    QCOMPARE(pieces()->rowCount(), 0);
    QVERIFY(!find<QPushButton>("remove_piece")->isEnabled());
}

void TestPlateWindow::each_piece_is_looked_at_by_itself() {
    open_demo("open-day.vitrail");
    auto* chooser = find<QComboBox>("piece");
    QVERIFY(chooser->isVisible());
    QCOMPARE(chooser->count(), 3);
    auto* regions = find<QTreeView>("regions");
    QCOMPARE(regions->model()->rowCount(), 6); // the lighthouse's parts
    chooser->setFocus();
    QTest::keyClick(chooser, Qt::Key_Down);
    QTest::keyClick(chooser, Qt::Key_Down);
    QCOMPARE(view()->piece_in(project()), std::size_t{2});
    QCOMPARE(regions->model()->rowCount(), 2);
    QCOMPARE(regions->model()->index(1, 0).data().toString(), "letters");
    // A letter goes to the part of that piece.
    view()->select({1});
    key(Qt::Key_C);
    wait_for_plan();
    QCOMPARE(project().pieces[2].parts[1].filament, 'C');
    QVERIFY(project().pieces[0].parts[1].filament != 'C');
    // In a layer that the piece does not reach there is nothing of it.
    view()->set_layer(200);
    QCoreApplication::processEvents();
    view()->show_piece(0);
    view()->select({0});
    key(Qt::Key_D);
    wait_for_plan();
    QCOMPARE(project().pieces[0].parts[0].filament, 'D');
    show_project(*demo::badge()); // one piece: nothing to choose
    QVERIFY(!window_->findChild<QComboBox*>("piece")->isVisible());
}

void TestPlateWindow::findings_lead_to_their_piece() {
    open_demo("open-day.vitrail");
    // What is ready to snap on the bracket is not said of the lighthouse.
    window_->supports_bench()->show_page(SupportsBench::kHeld);
    const auto* held = window_->supports_bench()->findChild<QLabel*>("held_says");
    QVERIFY2(!held->text().contains("snap"), qPrintable(held->text()));
    view()->show_piece(1);
    QVERIFY2(held->text().contains("snap"), qPrintable(held->text()));
    view()->show_piece(0);
    QVERIFY(view()->piece_in(project()) == 0);
    auto* list = find<QAbstractItemView>("findings");
    const auto& findings = document()->plan()->findings;
    int row = 0;
    while (row < static_cast<int>(findings.size()) && findings[static_cast<std::size_t>(row)].piece != 1)
        ++row;
    QVERIFY(row < list->model()->rowCount());
    list->setCurrentIndex(list->model()->index(row, 0));
    press("show_me");
    QCOMPARE(view()->piece_in(project()), std::size_t{1});
    QCOMPARE(view()->layer(), findings[static_cast<std::size_t>(row)].layer);
}

VITRAIL_TEST(TestPlateWindow)
#include "test_plate_window.moc"
