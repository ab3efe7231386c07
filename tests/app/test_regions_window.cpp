#include "app/layer_window/layer_window.h"
#include "app/paint/painter.h"
#include "app/piece/pose_dialog.h"
#include "core/project/regions.h"
#include "core/study/poses.h"
#include "formats/files.h"

#include "window_fixture.h"

#include <QComboBox>
#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QInputDialog>
#include <QLineEdit>
#include <QListView>
#include <QMenu>
#include <QSlider>
#include <QStandardItemModel>
#include <QTableWidget>

using namespace vitrail;
using namespace vitrail::test;

/// Painting, splitting, posing, file colours and findings, done in the real window.
class TestRegionsWindow : public WindowFixture {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare(); }
    void init() {
        begin(!runs_now({"split_and_join", "band_typed_and_snapped", "thicken_the_base", "colours_of_a_file",
                         "a_file_in_inches", "names_are_text_not_markup", "either_decimal_sign",
                         "calling_the_colours_off", "poses", "several_ways_to_fix", "export_files",
                         "layers_get_heights_of_their_own", "painted_project_saved_and_opened",
                         "waiving_a_check"}));
    }
    void cleanup() { end(); }
    void layers_get_heights_of_their_own();
    void grey_lighthouse_in_four_colours();
    void brush_paints_on_the_surface();
    void brush_goes_on_with_the_chosen_patch();
    void erase_takes_paint_away();
    void fill_shows_what_it_will_take();
    void facing_and_mirror();
    void lasso_takes_what_is_seen();
    void grow_shrink_invert();
    void clicking_a_patch_chooses_it();
    void layer_window_shows_patches();
    void removing_a_patch();
    void split_and_join();
    void band_typed_and_snapped();
    void thicken_the_base();
    void colours_of_a_file();
    void a_file_in_inches();
    void names_are_text_not_markup();
    void either_decimal_sign();
    void calling_the_colours_off();
    void poses();
    void several_ways_to_fix();
    void show_me_marks_places();
    void waiving_a_check();
    void export_files();
    void painted_project_saved_and_opened();
    void undo_by_stroke();

private:
    /// A project of one box, seen from above.
    void show_box(double size = 20) {
        Project p = stack("", 1);
        p.pieces[0].parts.push_back(part("box", solids::box(0, 0, 0, size, size, 6), 'A'));
        show_project(std::move(p));
        piece()->set_angles(0, 90);
        QCoreApplication::processEvents();
    }
    QPoint at(Vec3 v) { return piece()->place_of(v).toPoint(); }
    double painted(int patch, int part = 0) {
        const Part& x = project().pieces[0].parts[static_cast<std::size_t>(part)];
        return x.paint ? patch_areas_mm2(*x.mesh, *x.paint, static_cast<int>(x.patches.size()))
                             .at(static_cast<std::size_t>(patch))
                       : 0;
    }
};

void TestRegionsWindow::grey_lighthouse_in_four_colours() {
    // One body, no colours; painted by heights with typed numbers, letter by letter.
    const std::string file = dir_->filePath("tower.stl").toStdString();
    Builder b;
    solids::add_revolved(b, {{0, 0}, {20, 0}, {14, 10}, {10, 10}, {8, 40}, {12, 44}, {2, 52}, {0, 52}}, 72);
    QVERIFY(write_file(file, write_stl(b.build(), "tower")));
    open(QString::fromStdString(file));
    QCOMPARE(project().pieces[0].parts.size(), std::size_t{1});
    document()->edit("filaments", [](Project& p) {
        for (const auto& [letter, hex] : {std::pair{'B', "#b82e28"}, {'C', "#1f3a63"}, {'D', "#e2a63b"}})
            p.filaments.push_back(pla(letter, hex));
    });
    press("tool_heights");
    // Snapping takes a layer's top, or a level face near by: the rock ends level at 10.
    find<QDoubleSpinBox>("paint_z0")->setValue(5.07);
    find<QDoubleSpinBox>("paint_z1")->setValue(9.88);
    press("paint_snap");
    COMPARE_NEAR(find<QDoubleSpinBox>("paint_z0")->value(), 5.0, 1e-9);
    COMPARE_NEAR(find<QDoubleSpinBox>("paint_z1")->value(), 10.0, 1e-9);
    const auto paint = [&](double z0, double z1, Qt::Key letter) {
        window_->view()->select_patch(-1, 0);
        find<QDoubleSpinBox>("paint_z0")->setValue(z0);
        find<QDoubleSpinBox>("paint_z1")->setValue(z1);
        press("paint_heights_now");
        key(letter);
    };
    paint(0, 10, Qt::Key_C);
    paint(18, 26, Qt::Key_B);
    paint(44, 52, Qt::Key_D);
    wait_for_plan();
    QCOMPARE(project().pieces[0].parts[0].patches.size(), std::size_t{3});
    QCOMPARE(project().pieces[0].parts[0].patches[0].filament, 'C');
    QCOMPARE(project().pieces[0].parts[0].patches[2].filament, 'D');
    const auto plan = document()->plan();
    for (const FilamentUse& u : plan->use)
        QVERIFY(u.model_g > 0);
    QCOMPARE(plan->use[2].first_layer, 1);
    QVERIFY(find<QLabel>("tally_changes")->text().toInt() > 3);
}

void TestRegionsWindow::brush_paints_on_the_surface() {
    show_box();
    press("tool_brush");
    find<QDoubleSpinBox>("brush_size")->setValue(6);
    QTest::mousePress(piece(), Qt::LeftButton, {}, at({6, 10, 6}));
    QTest::mouseMove(piece(), at({10, 10, 6}));
    QTest::mouseMove(piece(), at({14, 10, 6}));
    // QTest's moves carry no buttons; send the drag itself as the window system would.
    QMouseEvent move(QEvent::MouseMove, at({14, 10, 6}), piece()->mapToGlobal(at({14, 10, 6})), Qt::NoButton,
                     Qt::LeftButton, {});
    QCoreApplication::sendEvent(piece(), &move);
    QTest::mouseRelease(piece(), Qt::LeftButton, {}, at({14, 10, 6}));
    QCOMPARE(project().pieces[0].parts[0].patches.size(), std::size_t{1});
    COMPARE_NEAR(painted(1), 3.14159 * 9 + 6 * 8, 6);
    QCOMPARE(view()->patch(), (std::pair{0, 1})); // a stroke leaves its patch chosen
    QCOMPARE(project().pieces[0].parts[0].patches[0].filament, char(0));
    key(Qt::Key_B);
    QCOMPARE(project().pieces[0].parts[0].patches[0].filament, 'B');
    wait_for_plan();
    QVERIFY(document()->plan()->use[1].model_g > 0);
}

void TestRegionsWindow::brush_goes_on_with_the_chosen_patch() {
    show_box();
    press("tool_brush");
    QTest::mouseClick(piece(), Qt::LeftButton, {}, at({5, 5, 6}));
    const double one = painted(1);
    QTest::mouseClick(piece(), Qt::LeftButton, {}, at({15, 15, 6}));
    QCOMPARE(project().pieces[0].parts[0].patches.size(), std::size_t{1});
    COMPARE_NEAR(painted(1), 2 * one, 1);
    window_->findChild<QAction*>("patch_new")->trigger();
    QTest::mouseClick(piece(), Qt::LeftButton, {}, at({15, 5, 6}));
    QCOMPARE(project().pieces[0].parts[0].patches.size(), std::size_t{2});
}

void TestRegionsWindow::erase_takes_paint_away() {
    show_box();
    press("tool_brush");
    QTest::mouseClick(piece(), Qt::LeftButton, {}, at({10, 10, 6}));
    QVERIFY(painted(1) > 5);
    press("paint_erase");
    find<QDoubleSpinBox>("brush_size")->setValue(10);
    QTest::mouseClick(piece(), Qt::LeftButton, {}, at({10, 10, 6}));
    QVERIFY(project().pieces[0].parts[0].patches.empty()); // what covers nothing is no patch
    QVERIFY(!project().pieces[0].parts[0].paint);
}

void TestRegionsWindow::fill_shows_what_it_will_take() {
    show_box();
    press("tool_fill");
    piece()->update();
    const QImage before = piece()->grabFramebuffer();
    QTest::mouseMove(piece(), at({10, 10, 6}));
    QCoreApplication::processEvents();
    const QImage hover = piece()->grabFramebuffer();
    QVERIFY(hover != before); // the face under the pointer is marked before it is clicked
    QTest::mouseClick(piece(), Qt::LeftButton, {}, at({10, 10, 6}));
    COMPARE_NEAR(painted(1), 400, 1e-3);
    QVERIFY(project().pieces[0].parts[0].paint->cut.empty());
}

void TestRegionsWindow::facing_and_mirror() {
    show_box();
    press("tool_facing");
    auto* direction = find<QComboBox>("paint_direction");
    direction->setCurrentIndex(4); // left
    Q_EMIT direction->activated(4);
    for (QAction* a : find<QToolButton>("paint_mirror")->menu()->actions())
        if (a->text().contains("across X"))
            a->trigger();
    press("paint_facing_now");
    COMPARE_NEAR(painted(1), 2 * 20 * 6, 1e-3); // left, and by mirroring right
}

void TestRegionsWindow::lasso_takes_what_is_seen() {
    Project p = stack("", 1);
    p.pieces[0].parts.push_back(part("ball", solids::sphere(10, 40, 20, {10, 10, 10}), 'A'));
    show_project(std::move(p));
    piece()->set_angles(0, 90);
    QCoreApplication::processEvents();
    press("tool_lasso");
    const QPoint c = at({10, 10, 20});
    const auto send = [&](QEvent::Type type, QPoint where, Qt::MouseButton button, Qt::MouseButtons held) {
        QMouseEvent e(type, where, piece()->mapToGlobal(where), button, held, {});
        QCoreApplication::sendEvent(piece(), &e);
    };
    send(QEvent::MouseButtonPress, c + QPoint(-40, -40), Qt::LeftButton, Qt::LeftButton);
    for (const QPoint corner : {QPoint(40, -40), QPoint(40, 40), QPoint(-40, 40)})
        send(QEvent::MouseMove, c + corner, Qt::NoButton, Qt::LeftButton);
    send(QEvent::MouseButtonRelease, c + QPoint(-40, 40), Qt::LeftButton, Qt::NoButton);
    const double area = painted(1);
    QVERIFY2(area > 5, qPrintable(QString::number(area)));
    // Nothing of the far side.
    const Part& ball = project().pieces[0].parts[0];
    for (std::uint32_t t = 0; t < ball.mesh->triangles.size(); ++t)
        if (ball.paint->patch[t])
            QVERIFY(normal(*ball.mesh, t).z > 0);
}

void TestRegionsWindow::grow_shrink_invert() {
    show_box();
    press("tool_brush");
    QTest::mouseClick(piece(), Qt::LeftButton, {}, at({10, 10, 6})); // 4 mm wide
    window_->findChild<QAction*>("patch_grow")->trigger();
    COMPARE_NEAR(painted(1), 3.14159 * 9, 2);
    window_->findChild<QAction*>("patch_shrink")->trigger();
    COMPARE_NEAR(painted(1), 3.14159 * 4, 2);
    const double was = painted(1), all = area_mm2(*project().pieces[0].parts[0].mesh);
    window_->findChild<QAction*>("patch_invert")->trigger();
    COMPARE_NEAR(painted(1), all - was, 0.5);
}

void TestRegionsWindow::clicking_a_patch_chooses_it() {
    show_box();
    press("tool_fill");
    QTest::mouseClick(piece(), Qt::LeftButton, {}, at({10, 10, 6}));
    view()->select({});
    press("tool_choose");
    QTest::mouseClick(piece(), Qt::LeftButton, {}, at({10, 10, 6}));
    QCOMPARE(view()->patch(), (std::pair{0, 1}));
    auto* tree = find<QTreeView>("regions");
    QCOMPARE(tree->selectionModel()->selectedRows().size(), 1);
    QVERIFY(tree->selectionModel()->selectedRows().first().data().toString().contains("painted"));
}

void TestRegionsWindow::layer_window_shows_patches() {
    open_demo("painted.vitrail");
    view()->set_layer(150); // inside the lower red band
    auto* layer = find<LayerWindow>("layer_window");
    QCoreApplication::processEvents();
    // From the rim of the tower inwards: a patch first, then the part.
    bool patch = false;
    for (int x = 0; x < layer->width() && !patch; ++x) {
        QTest::mouseClick(layer, Qt::LeftButton, {}, QPoint(x, layer->height() / 2));
        patch = view()->patch().second > 0;
    }
    QVERIFY(patch);
    QCOMPARE(
        project().pieces[0].parts[0].patches[static_cast<std::size_t>(view()->patch().second) - 1].filament,
        'B');
}

void TestRegionsWindow::removing_a_patch() {
    show_box();
    press("tool_fill");
    QTest::mouseClick(piece(), Qt::LeftButton, {}, at({10, 10, 6}));
    QVERIFY(find<QPushButton>("remove_band")->isEnabled());
    press("remove_band");
    QVERIFY(project().pieces[0].parts[0].patches.empty());
    undo();
    QCOMPARE(project().pieces[0].parts[0].patches.size(), std::size_t{1});
}

void TestRegionsWindow::split_and_join() {
    Project p = stack("", 1);
    Builder b;
    add_prism(b, solids::circle(0, 0, 4, 32), 0, 5);
    add_prism(b, solids::circle(20, 0, 4, 32), 0, 5);
    p.pieces[0].parts.push_back(part("feet", b.build(), 'A'));
    show_project(std::move(p));
    view()->select({0});
    QVERIFY(find<QPushButton>("split_part")->isEnabled());
    press("split_part");
    QCOMPARE(project().pieces[0].parts.size(), std::size_t{2});
    view()->select({1});
    key(Qt::Key_B);
    view()->select({0, 1});
    press("join_parts");
    QCOMPARE(project().pieces[0].parts.size(), std::size_t{1});
    QCOMPARE(project().pieces[0].parts[0].patches.size(), std::size_t{1});
    undo();
    undo();
    undo();
    QCOMPARE(project().pieces[0].parts.size(), std::size_t{1});
    QVERIFY(project().pieces[0].parts[0].patches.empty());
}

void TestRegionsWindow::band_typed_and_snapped() {
    Project p = stack("A", 6);
    assign_band(p.pieces[0], 0, 2, 4, 'B');
    show_project(std::move(p));
    auto* tree = find<QTreeView>("regions");
    tree->expandAll();
    const QModelIndex band = tree->model()->index(0, 0, tree->model()->index(0, 0));
    tree->setCurrentIndex(band);
    in_next_dialog([](QDialog* d) {
        d->findChild<QDoubleSpinBox*>("band_z0")->setValue(1.37);
        d->findChild<QDoubleSpinBox*>("band_z1")->setValue(5.93); // the box's top is level at 6
        QTest::mouseClick(d->findChild<QPushButton*>("band_snap"), Qt::LeftButton);
        QVERIFY(d->findChild<QLabel*>("band_layers")->text().contains("Layers 8 to 30"));
        d->accept();
    });
    QTest::keyClick(tree, Qt::Key_Return);
    COMPARE_NEAR(project().pieces[0].bands[0].z0_mm, 1.4, 1e-9);
    COMPARE_NEAR(project().pieces[0].bands[0].z1_mm, 6.0, 1e-9);
}

void TestRegionsWindow::thicken_the_base() {
    open_demo("badge.vitrail");
    const int before = document()->plan()->changes[0].layer;
    in_next_dialog([](QDialog* d) {
        d->findChild<QDoubleSpinBox*>("base_delta")->setValue(0.5);
        QVERIFY(d->findChild<QLabel*>("base_result")->text().contains("no whole number"));
        d->findChild<QDoubleSpinBox*>("base_delta")->setValue(0.4);
        QVERIFY(d->findChild<QLabel*>("base_result")->text().contains("by 2 layer"));
        d->accept();
    });
    window_->findChild<QAction*>("thicken_base")->trigger();
    wait_for_plan();
    QCOMPARE(document()->plan()->changes[0].layer, before + 2);
    undo();
    QCOMPARE(document()->plan()->changes[0].layer, before);
}

void TestRegionsWindow::colours_of_a_file() {
    // Four vertex colours, two of them near-equal.
    const std::string file = dir_->filePath("cube.obj").toStdString();
    std::string obj;
    const char* colours[] = {"0.9 0.1 0.1", "0.9 0.12 0.1", "0.1 0.1 0.9", "0.1 0.8 0.1"};
    int v = 0;
    for (int k = 0; k < 4; ++k) {
        const Mesh m = solids::box(10.0 * k, 0, 0, 10.0 * (k + 1), 10, 10);
        for (const Vec3 p : m.vertices)
            obj += fmt::format("v {} {} {} {}\n", p.x, p.y, p.z, colours[k]);
        for (const Triangle& t : m.triangles)
            obj += "f " + std::to_string(t[0] + 1 + v) + " " + std::to_string(t[1] + 1 + v) + " " +
                   std::to_string(t[2] + 1 + v) + "\n";
        v += static_cast<int>(m.vertices.size());
    }
    QVERIFY(write_file(file, obj));
    in_next_dialog([](QDialog* d) {
        QCOMPARE(d->objectName(), QString("colour_dialog"));
        auto* table = d->findChild<QTableWidget*>("file_colours");
        QCOMPARE(table->rowCount(), 3); // the two reds are merged to begin with
        auto* left = d->findChild<QSlider*>("colours_left");
        left->setValue(4);
        QCOMPARE(table->rowCount(), 4);
        left->setValue(2);
        QCOMPARE(table->rowCount(), 2);
        left->setValue(3);
        d->accept();
    });
    open(QString::fromStdString(file));
    QCOMPARE(project().filaments.size(), std::size_t{3});
    QCOMPARE(project().pieces[0].parts.size(), std::size_t{1});
    QCOMPARE(project().pieces[0].parts[0].patches.size(),
             std::size_t{2}); // the colour with most surface is the part's own
    QCOMPARE(
        english(describe_colour(
            project().filaments[find_filament(project(), project().pieces[0].parts[0].filament)].colour)),
        std::string("red"));
}

void TestRegionsWindow::a_file_in_inches() {
    const std::string file = dir_->filePath("inch.stl").toStdString();
    QVERIFY(write_file(file, write_stl(solids::box(0, 0, 0, 2, 2, 1), "inch")));
    open(QString::fromStdString(file));
    QVERIFY(has(*document()->plan(), "unit"));
    in_next_dialog([](QDialog* d) {
        QCOMPARE(d->objectName(), QString("scale_dialog"));
        QVERIFY(d->findChild<QLabel*>("scale_result")->text().contains(shown("2.00 × 2.00 × 1.00 mm")));
        auto* unit = d->findChild<QComboBox*>("scale_unit");
        unit->setCurrentIndex(unit->findText("centimetres"));
        QVERIFY(d->findChild<QLabel*>("scale_result")->text().contains(shown("20.0 × 20.0 × 10.0 mm")));
        unit->setCurrentIndex(unit->findText("inches"));
        d->accept();
    });
    window_->findChild<QAction*>("scale_file")->trigger();
    wait_for_plan();
    COMPARE_NEAR(project().pieces[0].parts[0].mesh->bounds.max.x, 50.8, 1e-4);
    QVERIFY(!has(*document()->plan(), "unit"));
    undo();
    COMPARE_NEAR(project().pieces[0].parts[0].mesh->bounds.max.x, 2, 1e-6);
    QVERIFY(has(*document()->plan(), "unit"));
}

void TestRegionsWindow::names_are_text_not_markup() {
    Project p = stack("AB", 1);
    p.name = "<b>bold</b> & <i>more</i>";
    p.filaments[0].name = "<img src=x> A&B";
    p.pieces[0].parts[0].name = "<u>slab</u>";
    show_project(p);
    for (QLabel* label : window_->findChildren<QLabel*>()) {
        label->ensurePolished();
        if (label->textFormat() == Qt::RichText) // says so itself, and escapes what it shows
            QVERIFY(!label->text().contains("<img") && !label->text().contains("<u>slab"));
        else
            QCOMPARE(label->textFormat(), Qt::PlainText);
    }
    QCOMPARE(window_->findChild<QLabel*>("title")->text(), QString("<b>bold</b> & <i>more</i>"));
}

void TestRegionsWindow::either_decimal_sign() {
    open_demo("badge.vitrail");
    auto* field = find<QDoubleSpinBox>("layer");
    QVERIFY(field);
    for (const char* typed : {"0.12", "0,16"}) {
        field->setFocus();
        field->selectAll();
        QTest::keyClicks(field, typed);
        QTest::keyClick(field, Qt::Key_Return);
        wait_for_plan();
        COMPARE_NEAR(project().settings.layer_mm, QString(typed).replace(',', '.').toDouble(), 1e-9);
    }
}

void TestRegionsWindow::calling_the_colours_off() {
    const std::string file = dir_->filePath("two.obj").toStdString();
    QVERIFY(write_file(
        file,
        "v 0 0 0 1 0 0\nv 1 0 0 1 0 0\nv 0 1 0 1 0 0\nv 0 0 1 0 0 1\nf 1 3 2\nf 1 2 4\nf 2 3 4\nf 3 1 4\n"));
    in_next_dialog([](QDialog* d) { d->reject(); });
    window_->open_files({QString::fromStdString(file)});
    wait_for_plan();
    QVERIFY(project().pieces[0].parts.empty());
    QCOMPARE(document()->undo_stack()->count(), 0);
}

void TestRegionsWindow::poses() {
    Project p = row("AB", 20);
    p.machine = *find_machine("feeder-4");
    show_project(std::move(p));
    const int before = document()->plan()->totals.changes;
    in_next_dialog([](QDialog* d) {
        auto* poses = qobject_cast<PoseDialog*>(d);
        QVERIFY(poses);
        QTRY_VERIFY_WITH_TIMEOUT(poses->finished(), 20000);
        auto* list = d->findChild<QListView*>("poses");
        QCOMPARE(list->model()->rowCount(), 6);
        d->findChild<QComboBox*>("pose_aim")->setCurrentIndex(2); // fewest changes
        QVERIFY(!d->findChild<QPushButton*>("pose_turn")->isEnabled());
        list->setCurrentIndex(list->model()->index(0, 0));
        QVERIFY(list->currentIndex().data().toString().contains("1 change"));
        d->accept();
    });
    press("study_poses");
    wait_for_plan();
    QCOMPARE(document()->plan()->totals.changes, 1);
    QVERIFY(!(project().pieces[0].pose == kNoRotation));
    undo();
    QCOMPARE(document()->plan()->totals.changes, before);
}

void TestRegionsWindow::several_ways_to_fix() {
    open_demo("tide-dial.vitrail");
    auto* list = find<QListView>("findings");
    int row = -1;
    for (int r = 0; r < list->model()->rowCount(); ++r)
        if (list->model()->index(r, 0).data().toString().contains("fine lettering"))
            row = r;
    QVERIFY(row >= 0);
    list->setCurrentIndex(list->model()->index(row, 0));
    auto* fix = find<QPushButton>("fix");
    QVERIFY(fix->menu());
    QCOMPARE(fix->menu()->actions().size(), 3);
    // Each way is worked out before it is chosen.
    QTRY_VERIFY_WITH_TIMEOUT(find<QLabel>("fix_preview")->isVisible(), 20000);
    QCOMPARE(find<QLabel>("fix_preview")->text().count('\n'), 2);
    QVERIFY(find<QLabel>("fix_preview")->text().contains("layers"));
    const std::size_t parts = project().pieces[0].parts.size();
    fix->menu()->actions().first()->trigger();
    wait_for_plan();
    QCOMPARE(project().pieces[0].parts.size(), parts + 1); // the sacrificial base
    undo();
    QCOMPARE(project().pieces[0].parts.size(), parts);
}

void TestRegionsWindow::show_me_marks_places() {
    open_demo("painted.vitrail");
    auto* list = find<QListView>("findings");
    for (int r = 0; r < list->model()->rowCount(); ++r)
        if (list->model()->index(r, 0).data().toString().contains("strokes narrower"))
            list->setCurrentIndex(list->model()->index(r, 0));
    const QImage before = piece()->grabFramebuffer();
    press("show_me");
    QVERIFY(!view()->spots().empty());
    QCOMPARE(view()->layer(), view()->spots().back().layer);
    QCoreApplication::processEvents();
    QVERIFY(piece()->grabFramebuffer() != before);
    list->setCurrentIndex(list->model()->index(0, 0));
    QVERIFY(view()->spots().empty()); // another finding, other places
}

void TestRegionsWindow::waiving_a_check() {
    Project p = stack("", 1);
    p.pieces[0].parts.push_back(part("mast", solids::box(0, 0, 0, 4, 20, 40), 'A'));
    for (Filament& f : p.filaments)
        f.class_confirmed = true;
    show_project(std::move(p));
    auto* list = find<QListView>("findings");
    QCOMPARE(list->model()->rowCount(), 1);
    in_next_dialog([](QDialog* d) {
        qobject_cast<QInputDialog*>(d)->setTextValue("it is glued to the table");
        d->accept();
    });
    press("waive");
    wait_for_plan();
    QCOMPARE(list->model()->rowCount(), 0);
    QCOMPARE(project().waivers.at(0).reason, std::string("it is glued to the table"));
    QVERIFY(find<QPushButton>("waived")->isVisible());
    QTimer::singleShot(200, [] {
        auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
        QVERIFY(menu);
        QVERIFY(menu->actions().first()->text().contains("glued"));
        menu->actions().first()->trigger();
        menu->close();
    });
    press("waived");
    wait_for_plan();
    QCOMPARE(list->model()->rowCount(), 1);
}

void TestRegionsWindow::export_files() {
    open_demo("lighthouse.vitrail");
    const QString file = dir_->filePath("out.3mf");
    document()->export_bodies(file, false);
    wait_for_plan();
    QVERIFY(window_->messages()->text().contains("out.3mf"));
    const auto bodies = read_model("out.3mf", *read_file(file.toStdString()));
    QVERIFY(bodies);
    QCOMPARE(bodies->size(), std::size_t{4});
    for (const Body& b : *bodies)
        QVERIFY(b.colour);
    document()->export_bodies(dir_->path(), true);
    wait_for_plan();
    QVERIFY(QFile::exists(dir_->filePath("C-buoy-red.stl")));
    document()->export_bodies("/nowhere/at/all.3mf", false);
    wait_for_plan();
    QVERIFY(window_->messages()->text().contains("was not written"));
}

void TestRegionsWindow::painted_project_saved_and_opened() {
    open_demo("painted.vitrail");
    const Totals before = document()->plan()->totals;
    const Project was = project();
    const QString file = dir_->filePath("kept.vitrail");
    document()->save(file);
    wait_for_plan();
    window_->document()->start_anew();
    open(file);
    QCOMPARE(document()->plan()->totals.changes, before.changes);
    COMPARE_NEAR(document()->plan()->totals.purge_g, before.purge_g, 1e-9);
    for (std::size_t i = 0; i < was.pieces[0].parts.size(); ++i) {
        QVERIFY(project().pieces[0].parts[i].patches == was.pieces[0].parts[i].patches);
        QCOMPARE(bool(project().pieces[0].parts[i].paint), bool(was.pieces[0].parts[i].paint));
        if (was.pieces[0].parts[i].paint)
            QVERIFY(*project().pieces[0].parts[i].paint == *was.pieces[0].parts[i].paint);
    }
}

void TestRegionsWindow::undo_by_stroke() {
    show_box();
    press("tool_brush");
    for (const Vec3 p : {Vec3{4, 4, 6}, Vec3{16, 4, 6}, Vec3{10, 16, 6}})
        QTest::mouseClick(piece(), Qt::LeftButton, {}, at(p));
    const double three = painted(1);
    undo();
    COMPARE_NEAR(painted(1), three * 2 / 3, 1);
    undo();
    COMPARE_NEAR(painted(1), three / 3, 1);
    undo();
    QVERIFY(project().pieces[0].parts[0].patches.empty());
    window_->findChild<QAction*>("redo")->trigger();
    COMPARE_NEAR(painted(1), three / 3, 1);
}

/// Layers of heights of their own: typed into the table, in the plan, undone.
void TestRegionsWindow::layers_get_heights_of_their_own() {
    show_project(stack("AB", 4));
    wait_for_plan();
    const int before = document()->plan()->grid.count;
    in_next_dialog([&](QDialog* d) {
        auto* table = d->findChild<QTableWidget*>("layer_bands_table");
        d->findChild<QPushButton*>("layer_bands_add")->click();
        QCOMPARE(table->rowCount(), 1);
        table->item(0, 0)->setData(Qt::EditRole, 5.0); // no layer is that high
        auto* says = d->findChild<QLabel*>("layer_bands_says");
        QVERIFY(says->text().contains("high"));
        QVERIFY(!d->findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok)->isEnabled());
        table->item(0, 0)->setData(Qt::EditRole, 0.1);
        table->item(0, 1)->setData(Qt::EditRole, 2.0);
        table->item(0, 2)->setData(Qt::EditRole, 4.0);
        QVERIFY2(says->text().contains(QString::number(before + 10)), qPrintable(says->text()));
        d->accept();
    });
    press("layer_bands");
    wait_for_plan();
    QCOMPARE(document()->plan()->grid.count, before + 10);
    QVERIFY(find<QPushButton>("layer_bands")->text().contains("1"));
    document()->undo_stack()->undo();
    wait_for_plan();
    QCOMPARE(document()->plan()->grid.count, before);
}

VITRAIL_TEST(TestRegionsWindow)
#include "test_regions_window.moc"
