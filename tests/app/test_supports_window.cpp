#include "app/paint/painter.h"
#include "app/supports/held_page.h"
#include "app/supports/schools_page.h"
#include "app/supports/supports_bench.h"

#include "window_fixture.h"

#include <QClipboard>
#include <QDoubleSpinBox>
#include <QListView>
#include <QListWidget>
#include <QTableWidget>

using namespace vitrail;
using namespace vitrail::test;

/// The Supports bench in the real window.
class TestSupportsWindow : public WindowFixture {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare(); }
    void init() { begin(runs_now({"faces_are_kept_free_with_the_brush", "support_is_seen_in_the_piece"})); }
    void cleanup() { end(); }
    void five_schools_side_by_side();
    void a_school_is_used_and_undone();
    void the_price_of_the_hour_decides();
    void values_are_copied();
    void contact_faces_are_listed_and_shown();
    void support_is_switched_and_redone_in_another_filament();
    void faces_are_kept_free_with_the_brush();
    void what_hangs_is_told_and_mended();
    void interfaces_are_tuned();
    void drying_is_noted();
    void a_cut_is_previewed_and_applied();
    void support_is_seen_in_the_piece();
    void layer_window_marks_the_interface();
    void empty_project_says_what_to_do();
    void everything_has_a_name();

private:
    void supports(SupportsBench::Page page) {
        key(Qt::Key_4, Qt::AltModifier);
        window_->supports_bench()->show_page(page);
        QCoreApplication::processEvents();
    }
    QTableWidget* table(const char* name) { return find<QTableWidget>(name); }
    /// On the Supports bench: the settings dialog and the Purge bench have editors of the same name.
    template <class T>
    T* here(const char* name) {
        return window_->supports_bench()->findChild<T*>(name);
    }
    void wait_for_schools() {
        QTRY_VERIFY_WITH_TIMEOUT(window_->supports_bench()->schools_page()->study() &&
                                     table("schools")->columnCount() == 5,
                                 60000);
    }
    int row_of(const QString& name) {
        for (int r = 0; r < table("schools")->rowCount(); ++r)
            if (table("schools")->verticalHeaderItem(r)->text() == name)
                return r;
        return -1;
    }
    QString cell(const QString& row, int column) {
        return table("schools")->item(row_of(row), column)->text();
    }
};

void TestSupportsWindow::five_schools_side_by_side() {
    open_demo("lamp-bracket.vitrail");
    supports(SupportsBench::kSchools);
    wait_for_schools();
    QCOMPARE(table("schools")->horizontalHeaderItem(0)->text(), QString("same material throughout"));
    QCOMPARE(cell("materials", 1).section('\n', 0, 0), QString("PETG, interface PLA"));
    QVERIFY(cell("materials", 1).contains("in the project"));
    QVERIFY(cell("materials", 4).contains("shelf")); // the starter shelf has it, or nobody does
    const SchoolStudy& study = *window_->supports_bench()->schools_page()->study();
    for (int c = 0; c < 5; ++c)
        QCOMPARE(cell("changes", c),
                 QString::number(study.schools[static_cast<std::size_t>(c)].totals.changes));
    QCOMPARE(cell("worth it", study.best), QString("wins here"));
    QVERIFY(study.best != 0); // scars on a lamp's seat cost more than eight changes
    QVERIFY(find<QLabel>("school_advice")->text().contains("cleaning up"));
    // The chosen one says why, what can go wrong, and what to set.
    table("schools")->setFocus();
    table("schools")->setCurrentCell(1, 0);
    QTest::keyClick(table("schools"), Qt::Key_Right);
    QCOMPARE(table("schools")->currentColumn(), 1);
    QVERIFY(find<QLabel>("school_why")->text().contains("cm²"));
    QVERIFY(find<QListWidget>("school_risks")->count() > 0);
    QVERIFY(find<QListWidget>("school_risks")->item(0)->text().startsWith("snap"));
    QCOMPARE(table("school_values")->item(2, 0)->text(), QString("gap above support"));
    QCOMPARE(table("school_values")->item(2, 1)->text(), QString("none"));
}

void TestSupportsWindow::a_school_is_used_and_undone() {
    open_demo("lighthouse.vitrail");
    QVERIFY(!document()->plan()->pieces[0].support);
    supports(SupportsBench::kSchools);
    wait_for_schools();
    table("schools")->setCurrentCell(1, 1);
    const int changes = cell("changes", 1).toInt();
    press("use_school");
    wait_for_plan();
    QVERIFY(document()->plan()->pieces[0].support);
    QCOMPARE(document()->plan()->totals.changes, changes);
    QVERIFY(project().interface_filament != 0);
    undo();
    QVERIFY(!document()->plan()->pieces[0].support);
    QCOMPARE(project().interface_filament, char(0));
}

void TestSupportsWindow::the_price_of_the_hour_decides() {
    open_demo("lamp-bracket.vitrail");
    supports(SupportsBench::kSchools);
    wait_for_schools();
    QVERIFY(window_->supports_bench()->schools_page()->study()->best != 0);
    auto* hour = here<QDoubleSpinBox>("attended_cost");
    hour->setFocus();
    hour->selectAll();
    QTest::keyClicks(hour, "0.01");
    QTest::keyClick(hour, Qt::Key_Return);
    wait_for_plan();
    wait_for_schools();
    QCOMPARE(cell("worth it", 0), QString("wins here"));
    QVERIFY(find<QLabel>("school_advice")->text().contains("not worth it"));
    QVERIFY(cell("worth it", 1).startsWith("from ")); // the price from which it pays
}

void TestSupportsWindow::values_are_copied() {
    open_demo("lamp-bracket.vitrail");
    supports(SupportsBench::kSchools);
    wait_for_schools();
    table("schools")->setCurrentCell(1, 3);
    press("copy_values");
    const QString text = QApplication::clipboard()->text();
    QVERIFY(text.contains("interface material\tPVA") && text.contains("gap above support\tnone"));
}

void TestSupportsWindow::contact_faces_are_listed_and_shown() {
    open_demo("lamp-bracket.vitrail");
    supports(SupportsBench::kHeld);
    const SupportLayout& layout = *document()->plan()->pieces[0].support->layout;
    QCOMPARE(table("contact_faces")->rowCount(), static_cast<int>(layout.faces.size()));
    QCOMPARE(table("contact_faces")->item(0, 3)->text(), QString("100 %"));
    QVERIFY(find<QLabel>("held_says")->text().contains("ready to snap"));
    table("contact_faces")->setCurrentCell(0, 0);
    QVERIFY(!view()->spots().empty());
    QCOMPARE(view()->layer(), layout.faces[0].from_layer - 1);
}

void TestSupportsWindow::support_is_switched_and_redone_in_another_filament() {
    open_demo("lamp-bracket.vitrail");
    supports(SupportsBench::kHeld);
    const double columns = document()->plan()->totals.support_g;
    auto* kind = here<QComboBox>("support.kind");
    kind->setFocus();
    QTest::keyClick(kind, Qt::Key_Down);
    wait_for_plan();
    QCOMPARE(project().settings.support, SupportStyle::tree);
    QVERIFY(document()->plan()->totals.support_g < columns);
    auto* body = here<QComboBox>("support_filament");
    body->setFocus();
    QTest::keyClick(body, Qt::Key_End);
    wait_for_plan();
    QCOMPARE(project().support_filament, 'B');
    undo();
    undo();
    QCOMPARE(project().settings.support, SupportStyle::columns);
    QCOMPARE(project().support_filament, char(0));
}

void TestSupportsWindow::faces_are_kept_free_with_the_brush() {
    QVERIFY2(window_->supports_bench()->held_page()->view3d(), "tests run with software OpenGL");
    Project p;
    p.machine = *find_machine("feeder-4");
    p.filaments = {pla('A', "#1f3a63")};
    p.pieces[0].parts = {part("leg", solids::box(0, 0, 0, 10, 20, 10), 'A'),
                         part("plate", solids::box(0, 0, 10, 30, 20, 12), 'A')};
    p.settings.support = SupportStyle::columns;
    show_project(p);
    supports(SupportsBench::kHeld);
    const double before = document()->plan()->pieces[0].support->layout->contact_mm2;
    View3d* v = window_->supports_bench()->held_page()->view3d();
    v->set_angles(-35, -40); // from below
    // The support itself is not in the way of the pointer.
    here<QToolButton>("tool_fill")->click();
    const QPointF at = v->place_of({22, 10, 10});
    QTest::mouseClick(v, Qt::LeftButton, {}, at.toPoint());
    wait_for_plan();
    QVERIFY(project().pieces[0].parts[1].support_paint);
    QVERIFY(!project().pieces[0].parts[1].paint); // no colour is touched
    QVERIFY(document()->plan()->pieces[0].support->layout->contact_mm2 < 0.1 * before);
    QVERIFY(has(*document()->plan(), "support-kept-off"));
    here<QToolButton>("paint_erase")->click();
    QTest::mouseClick(v, Qt::LeftButton, {}, at.toPoint());
    wait_for_plan();
    QVERIFY(!project().pieces[0].parts[1].support_paint);
    COMPARE_NEAR(document()->plan()->pieces[0].support->layout->contact_mm2, before, 1e-6);
    undo();
    QVERIFY(project().pieces[0].parts[1].support_paint);
    undo();
    QVERIFY(!project().pieces[0].parts[1].support_paint);
}

void TestSupportsWindow::what_hangs_is_told_and_mended() {
    open_demo("lighthouse.vitrail");
    auto* list = find<QListView>("findings");
    const auto told = [&] {
        for (int r = 0; r < list->model()->rowCount(); ++r)
            if (list->model()->index(r, 0).data().toString().contains("no support is planned"))
                return r;
        return -1;
    };
    QVERIFY(told() >= 0); // the gallery
    list->setCurrentIndex(list->model()->index(told(), 0));
    auto* fix = find<QPushButton>("fix");
    QVERIFY2(fix->text().contains("plan columns of support"), qPrintable(fix->text()));
    QTRY_VERIFY_WITH_TIMEOUT(find<QLabel>("fix_preview")->text().contains("min"),
                             20000); // what it takes, before it is chosen
    press("show_me");
    QVERIFY(!view()->spots().empty());
    QTest::mouseClick(fix, Qt::LeftButton);
    wait_for_plan();
    QVERIFY(document()->plan()->pieces[0].support &&
            document()->plan()->pieces[0].support->layout->contact_mm2 > 500);
    QCOMPARE(told(), -1);
    undo();
    QVERIFY(!document()->plan()->pieces[0].support && told() >= 0);
}

void TestSupportsWindow::interfaces_are_tuned() {
    open_demo("lamp-bracket.vitrail");
    supports(SupportsBench::kInterface);
    QTRY_VERIFY_WITH_TIMEOUT(table("tuning")->rowCount() == 12, 60000);
    int now = -1;
    for (int r = 0; r < 12; ++r)
        if (table("tuning")->item(r, 2)->text().contains("(now)"))
            now = r;
    QVERIFY(now >= 0);
    QVERIFY(!find<QPushButton>("use_tuning")->isEnabled());
    table("tuning")->selectRow(11);
    press("use_tuning");
    wait_for_plan();
    QCOMPARE(project().settings.interface_layers, 5.0);
    undo();
    QCOMPARE(project().settings.interface_layers, 3.0);
}

void TestSupportsWindow::drying_is_noted() {
    open_demo("lamp-cooler.vitrail");
    supports(SupportsBench::kInterface);
    auto* list = find<QListWidget>("drying");
    int pva = 0; // it lay open
    for (int r = 0; r < list->count(); ++r)
        pva = list->item(r)->text().contains("PVA") ? r : pva;
    QVERIFY(list->item(pva)->text().contains("2026-11-12"));
    QVERIFY(has(*document()->plan(), "damp"));
    list->setCurrentRow(pva);
    press("dried_today");
    wait_for_plan();
    QVERIFY(!has(*document()->plan(), "damp"));
    QCOMPARE(project().filaments[1].dried_day, ShelfStore::today());
    QVERIFY(list->item(pva)->text().contains("no need to dry it"));
    undo();
    QVERIFY(has(*document()->plan(), "damp"));
}

void TestSupportsWindow::a_cut_is_previewed_and_applied() {
    open_demo("lamp-bracket.vitrail");
    supports(SupportsBench::kLess);
    auto* page = window_->supports_bench();
    auto* list = page->findChild<QTableWidget*>("suggestions");
    QTRY_VERIFY_WITH_TIMEOUT(list->rowCount() > 0, 60000);
    int cut = -1;
    for (int r = 0; r < list->rowCount(); ++r)
        if (list->item(r, 0)->text().startsWith("Cut it at"))
            cut = r;
    QVERIFY(cut >= 0);
    list->selectRow(cut);
    QVERIFY(list->item(cut, 7)->text().contains("seam"));
    const std::size_t parts = project().pieces[0].parts.size();
    QTest::mouseClick(page->findChild<QPushButton*>("preview_suggestion"), Qt::LeftButton);
    QVERIFY(document()->previewing());
    QCOMPARE(project().pieces[0].parts.size(), parts); // nothing has changed yet
    QTest::mouseClick(page->findChild<QPushButton*>("apply_suggestion"), Qt::LeftButton);
    wait_for_plan();
    QVERIFY(project().pieces[0].parts.size() >= parts);
    QVERIFY(document()->plan()->totals.support_g + document()->plan()->totals.interface_g < 2);
    undo();
    QCOMPARE(project().pieces[0].parts.size(), parts);
}

void TestSupportsWindow::support_is_seen_in_the_piece() {
    QVERIFY2(piece(), "tests run with software OpenGL");
    open_demo("lamp-bracket.vitrail");
    QImage with;
    auto* action = window_->findChild<QAction*>("show_support");
    QVERIFY(action->isChecked());
    // The support appears once it has been worked out, and goes with the action.
    const QImage bare = [&] {
        action->trigger();
        QCoreApplication::processEvents();
        QImage i = piece()->grabFramebuffer();
        action->trigger();
        return i;
    }();
    QTRY_VERIFY_WITH_TIMEOUT((with = piece()->grabFramebuffer()) != bare, 10000);
    QCOMPARE(piece()->shown_support(), View3d::Held::support);
    action->trigger();
    QCOMPARE(piece()->shown_support(), View3d::Held::nothing);
}

void TestSupportsWindow::layer_window_marks_the_interface() {
    // A black interface on a black piece is seen all the same.
    Project p;
    p.machine = *find_machine("feeder-4");
    p.filaments = {pla('A', "#101010"), make_filament('B', Material::PETG, {0x12, 0x12, 0x12})};
    p.pieces[0].parts = {part("leg", solids::box(0, 0, 0, 10, 20, 10), 'A'),
                         part("plate", solids::box(0, 0, 10, 30, 20, 12), 'A')};
    p.settings.support = SupportStyle::columns;
    p.settings.support_gap_layers = 0;
    p.interface_filament = 'B';
    show_project(p);
    auto* window = window_->piece_bench()->findChild<QWidget*>("layer_window");
    QVERIFY(window);
    const auto vivid = [&] {
        const QImage i = window->grab().toImage();
        int n = 0;
        for (int y = 0; y < i.height(); y += 2)
            for (int x = 0; x < i.width(); x += 2)
                n += i.pixelColor(x, y).hslSaturation() > 120 && i.pixelColor(x, y).value() > 120;
        return n;
    };
    view()->set_layer(20);
    QCoreApplication::processEvents();
    const int body = vivid();
    view()->set_layer(49); // interface
    QCoreApplication::processEvents();
    QVERIFY(vivid() > body + 200);
}

void TestSupportsWindow::empty_project_says_what_to_do() {
    supports(SupportsBench::kSchools);
    QVERIFY(find<QLabel>("school_advice")->text().contains("Once there is a piece"));
    QVERIFY(!find<QPushButton>("use_school")->isEnabled());
    show_project(row("AB", 2)); // nothing to hold
    QTRY_VERIFY_WITH_TIMEOUT(window_->supports_bench()->schools_page()->study(), 60000);
    QVERIFY(find<QLabel>("school_advice")->text().startsWith("Nothing needs holding"));
    QVERIFY(!table("schools")->isVisible()); // and nothing is compared
    supports(SupportsBench::kHeld);
    QVERIFY(find<QLabel>("held_says")->text().contains("No support is planned"));
    supports(SupportsBench::kInterface);
    QCOMPARE(table("tuning")->rowCount(), 0);
}

void TestSupportsWindow::everything_has_a_name() {
    open_demo("lamp-bracket.vitrail");
    for (const auto page :
         {SupportsBench::kSchools, SupportsBench::kHeld, SupportsBench::kInterface, SupportsBench::kLess}) {
        supports(page);
        check_names(window_->supports_bench());
    }
}

VITRAIL_TEST(TestSupportsWindow)
#include "test_supports_window.moc"
