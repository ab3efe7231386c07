#include "app/window_fixture.h"

#include "app/parts/wedge_dialog.h"
#include "app/parts/wedge_photo_view.h"
#include "app/picture/core_view.h"
#include "app/picture/crop_view.h"
#include "app/picture/curve_view.h"
#include "app/picture/look_page.h"
#include "app/picture/picture_bench.h"
#include "app/picture/picture_desk.h"
#include "app/picture/picture_view.h"
#include "app/picture/prepare_page.h"
#include "app/ribbon/ribbon.h"
#include "demo/pictures.h"
#include "formats/files.h"
#include "paint/make_picture.h"

#include <QCheckBox>
#include <QDoubleSpinBox>
#include <QDropEvent>
#include <QMimeData>
#include <QPainter>
#include <QRadioButton>
#include <QSpinBox>
#include <QTabWidget>
#include <QTableWidget>
#include <QUndoStack>

using namespace vitrail;
using namespace vitrail::test;

/// The Picture bench in the real window. Its files say "window", so it has a display of its own.
class TestPictureWindow : public WindowFixture {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare(); }
    void init() {
        begin();
        window_->resize(1280, 800);
    }
    void cleanup() { end(); }

    void empty_says_what_to_do();
    void dropped_it_asks_relief_or_panel();
    void bar_and_pointer_by_mouse_and_keys();
    void a_lead_is_dragged_on_the_ribbon();
    void lifted_by_keys_and_undone();
    void letters_give_bands_a_filament();
    void prepared_by_mouse_and_keys();
    void the_search_is_used();
    void panel_lamp_and_films();
    void what_cannot_be_made_is_said();
    void saved_and_opened_again();
    void filament_is_measured();
    void what_is_tried_is_no_edit();

private:
    PictureBench* bench() { return window_->picture_bench(); }
    PictureDesk* desk() { return bench()->desk(); }
    PictureView* picture() { return bench()->look()->picture(); }
    void show_demo(const char* name) {
        open_demo(name);
        window_->choose_bench(MainWindow::kPicture);
        QTRY_VERIFY_WITH_TIMEOUT(desk()->ready(), 20000);
    }
    void show_rose_window() {
        auto p = small_rose_window();
        QVERIFY(p);
        show_project(std::move(*p));
        window_->choose_bench(MainWindow::kPicture);
        QTRY_VERIFY_WITH_TIMEOUT(desk()->ready(), 20000);
    }
    void settle() {
        QTRY_VERIFY_WITH_TIMEOUT(!desk()->working(), 30000);
        wait_for_plan();
        QTRY_VERIFY_WITH_TIMEOUT(!desk()->picture() || desk()->ready(), 20000);
    }
    QString figures() { return find<QLabel>("picture_figures")->text(); }
    QTableWidget* bands() { return find<QTableWidget>("picture_bands"); }
    /// A small picture of a few colours, as a file.
    QString small_picture() {
        const QString path = dir_->filePath("flag.png");
        QImage image(60, 40, QImage::Format_RGB32);
        for (int y = 0; y < 40; ++y)
            for (int x = 0; x < 60; ++x)
                image.setPixel(x, y,
                               x < 20   ? qRgb(30, 40, 90)
                               : x < 40 ? qRgb(190, 60, 50)
                                        : qRgb(240, 238, 228));
        if (!image.save(path))
            qFatal("the picture could not be written");
        return path;
    }
};

void TestPictureWindow::empty_says_what_to_do() {
    window_->choose_bench(MainWindow::kPicture);
    QVERIFY(find<QPushButton>("choose_picture")->isVisible());
    QVERIFY(!find<QPushButton>("make_anew")->isEnabled());
    QVERIFY(picture()->picture_rect().isEmpty());
    QVERIFY(!bench()->findChild<QTabWidget*>("picture_pages")->isTabEnabled(1));
    key(Qt::Key_A); // nothing to assign
    QVERIFY(!project().picture);
    check_names(bench());
}

void TestPictureWindow::dropped_it_asks_relief_or_panel() {
    for (const bool panel : {false, true}) {
        in_next_dialog([panel](QDialog* d) {
            if (panel)
                d->findChild<QRadioButton*>("as_panel")->click();
            d->findChild<QDoubleSpinBox*>("new_width")->setValue(30);
            d->accept();
        });
        QMimeData data;
        data.setUrls({QUrl::fromLocalFile(small_picture())});
        QDragEnterEvent enter(QPoint(300, 300), Qt::CopyAction, &data, Qt::LeftButton, {});
        QApplication::sendEvent(window_.get(), &enter);
        QDropEvent drop(QPointF(300, 300), Qt::CopyAction, &data, Qt::LeftButton, {});
        QApplication::sendEvent(window_.get(), &drop);
        QTRY_VERIFY_WITH_TIMEOUT(project().picture && project().picture->use ==
                                                          (panel ? PictureUse::panel : PictureUse::relief),
                                 30000);
        settle();
        QVERIFY(document()->plan());
        QVERIFY(bench()->isVisible());
        COMPARE_NEAR(project().picture->width_mm, 30, 1e-9);
        QCOMPARE(project().pieces.size(), std::size_t{1}); // the new one took the old one's place
        QVERIFY(figures().contains("ΔE"));
        for (const Finding& f : document()->plan()->findings)
            QVERIFY2(f.severity != Severity::error, f.code.c_str());
    }
    undo();
    settle();
    QVERIFY(project().picture->use == PictureUse::relief);
}

void TestPictureWindow::bar_and_pointer_by_mouse_and_keys() {
    show_demo("dusk.vitrail");
    const QRect r = picture()->picture_rect();
    // The bar follows the mouse.
    const QPoint from(r.left() + r.width() / 2, r.top() + 10), to(r.left() + r.width() / 4, r.top() + 10);
    QTest::mousePress(picture(), Qt::LeftButton, {}, from);
    QTest::mouseMove(picture(), to);
    QTest::mouseRelease(picture(), Qt::LeftButton, {}, to);
    COMPARE_NEAR(picture()->bar(), 0.25, 0.02);
    picture()->setFocus();
    QTest::keyClick(picture(), Qt::Key_Right, Qt::ShiftModifier | Qt::ControlModifier);
    COMPARE_NEAR(picture()->bar(), 0.45, 0.02);
    // The core is drilled where the mouse is, and where the keys go.
    auto* core = bench()->look()->core();
    QTest::mouseMove(picture(), QPoint(r.left() + r.width() / 10, r.top() + r.height() / 20));
    QTRY_VERIFY(core->accessibleDescription().startsWith("From the top: "));
    const QString sky = core->accessibleDescription();
    const QPoint dot = picture()->dot();
    QTest::keyClick(picture(), Qt::Key_Down, Qt::ControlModifier);
    QCOMPARE(picture()->dot(), dot + QPoint(0, 20));
    for (int i = 0; i < 12; ++i)
        QTest::keyClick(picture(), Qt::Key_Down, Qt::ControlModifier);
    QVERIFY(core->accessibleDescription() != sky);
    QVERIFY(picture()->accessibleDescription().contains("bar is at"));
    // What lies left and right of the bar is chosen.
    auto* right = find<QComboBox>("look_right");
    right->setCurrentIndex(right->findText("Differences"));
    QTRY_VERIFY(find<QLabel>("difference_legend")->isVisible());
}

void TestPictureWindow::a_lead_is_dragged_on_the_ribbon() {
    show_demo("dusk.vitrail");
    Ribbon* ribbon = window_->ribbon();
    const std::vector<ReliefBand> before = project().picture->bands;
    QCOMPARE(ribbon->cuts().size(), before.size() - 1);
    const std::size_t cut = before.size() - 2;
    const int layer = before[cut].to_layer, y = ribbon->lanes_rect().center().y();
    const auto x = [&](int l) { return static_cast<int>(ribbon->x_of(l + 1)); };
    QTest::mousePress(ribbon, Qt::LeftButton, {}, QPoint(x(layer), y));
    QTest::mouseMove(ribbon, QPoint(x(layer - 1), y));
    QTest::mouseMove(ribbon, QPoint(x(layer - 2), y));
    QVERIFY(desk()->tried()); // the picture follows before anything is edited
    QVERIFY(figures().contains("with these borders"));
    QCOMPARE(project().picture->bands, before);
    QCOMPARE(ribbon->cuts()[cut], layer - 2);
    QTest::mouseRelease(ribbon, Qt::LeftButton, {}, QPoint(x(layer - 2), y));
    settle();
    QCOMPARE(project().picture->bands[cut].to_layer, layer - 2);
    bool planned = false;
    for (const Change& c : document()->plan()->changes)
        planned |= c.layer == layer - 1;
    QVERIFY(planned);
    undo();
    QCOMPARE(project().picture->bands, before);
    // By the keys, from the cursor layer.
    view()->set_layer(layer);
    ribbon->setFocus();
    QTest::keyClick(ribbon, Qt::Key_Right, Qt::AltModifier);
    settle();
    QCOMPARE(project().picture->bands[cut].to_layer, layer + 1);
    // On another bench the ribbon is as ever.
    window_->choose_bench(MainWindow::kPiece);
    QVERIFY(ribbon->cuts().empty());
}

void TestPictureWindow::lifted_by_keys_and_undone() {
    show_demo("dusk.vitrail");
    const std::vector<ReliefBand> before = project().picture->bands;
    auto* lift = find<QPushButton>("lift");
    lift->setFocus();
    QTest::keyClick(lift, Qt::Key_Space);
    settle();
    for (std::size_t i = 0; i < before.size(); ++i)
        QCOMPARE(project().picture->bands[i].to_layer, before[i].to_layer + 1);
    QCOMPARE(document()->undo_stack()->count(), 1);
    undo();
    QCOMPARE(project().picture->bands, before);
    // Face down: reversed and mirrored, and back.
    press("turn_over");
    settle();
    QVERIFY(project().picture->face_down);
    QCOMPARE(project().picture->bands.front().filament, before.back().filament);
    QVERIFY(document()->plan());
    press("other_school");
    settle();
    QCOMPARE(project().picture->school, ReliefSchool::luminance);
    QVERIFY(figures().contains("shares its lightness"));
    auto* right = find<QComboBox>("look_right");
    QVERIFY(right->findText("Equal lightness") >= 0); // where two colours land on one height
    // The heights bend, light and optics are chosen, each an edit.
    bench()->findChild<QTabWidget*>("picture_pages")->setCurrentIndex(1);
    auto* heights = find<CurveView>("heights_curve");
    QVERIFY(heights->isVisibleTo(bench()));
    heights->setFocus();
    QTest::keyClick(heights, Qt::Key_Insert);
    QTest::keyClick(heights, Qt::Key_Up);
    settle();
    QCOMPARE(project().picture->heights.size(), std::size_t{3});
    auto* model = find<QComboBox>("look_model");
    const double two_flux = project().picture->figures.mean_delta_e;
    model->setCurrentIndex(1);
    Q_EMIT model->activated(1);
    settle();
    QCOMPARE(project().picture->lighting.model, LookModel::blend);
    QVERIFY(std::abs(project().picture->figures.mean_delta_e - two_flux) > 0.01); // the two differ
}

void TestPictureWindow::letters_give_bands_a_filament() {
    show_demo("dusk.vitrail");
    bands()->setCurrentCell(0, 0); // the highest
    const char was = project().picture->bands.back().filament;
    QVERIFY(was != 'C');
    key(Qt::Key_C);
    settle();
    QCOMPARE(project().picture->bands.back().filament, 'C');
    undo();
    bands()->setCurrentCell(0, 0);
    key(Qt::Key_X);
    QTRY_VERIFY(window_->messages()->isVisible()); // there is none
    const std::size_t many = project().picture->bands.size();
    press("divide_band");
    settle();
    QCOMPARE(project().picture->bands.size(), many + 1);
    bands()->setCurrentCell(0, 0);
    press("remove_picture_band");
    settle();
    QVERIFY(project().picture->bands.size() <= many);
    for (std::size_t i = 1; i < project().picture->bands.size(); ++i)
        QCOMPARE(project().picture->bands[i].from_layer, project().picture->bands[i - 1].to_layer + 1);
}

void TestPictureWindow::prepared_by_mouse_and_keys() {
    show_demo("dusk.vitrail");
    auto* pages = bench()->findChild<QTabWidget*>("picture_pages");
    pages->setCurrentIndex(1);
    CropView* crop = bench()->prepare()->crop();
    QTRY_VERIFY(!crop->picture_rect().isEmpty());
    const QRectF r = crop->picture_rect();
    // The lower right corner to the middle.
    QTest::mousePress(crop, Qt::LeftButton, {}, r.bottomRight().toPoint());
    QTest::mouseMove(crop, r.center().toPoint());
    QTest::mouseRelease(crop, Qt::LeftButton, {}, r.center().toPoint());
    settle();
    COMPARE_NEAR(project().picture->prepare.right, 0.5, 0.02);
    COMPARE_NEAR(project().picture->prepare.bottom, 0.5, 0.02);
    // A format with its size.
    auto* format = find<QComboBox>("picture_format");
    format->setCurrentIndex(format->findText("130 × 90 mm"));
    Q_EMIT format->activated(format->currentIndex());
    settle();
    COMPARE_NEAR(project().picture->width_mm, 130, 1e-9);
    COMPARE_NEAR(project().picture->dots->height * project().picture->dot_mm, 90, 0.5);
    // Numbers are typed.
    auto* contrast = find<QDoubleSpinBox>("contrast");
    contrast->setFocus();
    contrast->selectAll();
    QTest::keyClicks(contrast, QLocale().toString(1.3, 'f', 2));
    QTest::keyClick(contrast, Qt::Key_Return);
    settle();
    COMPARE_NEAR(project().picture->prepare.contrast, 1.3, 1e-9);
    // A curve by the keys: a point more, and up.
    auto* tones = find<CurveView>("tones");
    tones->setFocus();
    QTest::keyClick(tones, Qt::Key_Insert);
    QTest::keyClick(tones, Qt::Key_Up);
    settle();
    QCOMPARE(project().picture->prepare.tones.size(), std::size_t{3});
    QVERIFY(project().picture->prepare.tones[1].second > 0.5);
    // Moved by the arrows.
    crop->setFocus();
    const double left = project().picture->prepare.left;
    QTest::keyClick(crop, Qt::Key_Left, Qt::ControlModifier);
    settle();
    QVERIFY(project().picture->prepare.left <= left);
    find<QCheckBox>("picture_mirror")->click();
    settle();
    QVERIFY(project().picture->prepare.mirror);
    auto* text = find<QLineEdit>("picture_text");
    text->setFocus();
    QTest::keyClicks(text, "Dusk");
    QTest::keyClick(text, Qt::Key_Return);
    settle();
    QCOMPARE(project().picture->prepare.text, std::string("Dusk"));
    check_names(bench());
}

void TestPictureWindow::the_search_is_used() {
    show_demo("dusk.vitrail");
    bench()->findChild<QTabWidget*>("picture_pages")->setCurrentIndex(2);
    find<QSpinBox>("most_swaps")->setValue(1);
    auto* filaments = find<QTableWidget>("stack_filaments");
    // D must be in it, those of the shelf not: by the keys.
    for (int row = 0; row < filaments->rowCount(); ++row) {
        const int times = filaments->item(row, 0)->text().startsWith("D") ? 1 : row >= 5 ? 2 : 0;
        filaments->setCurrentCell(row, 2);
        for (int i = 0; i < times; ++i)
            QTest::keyClick(filaments, Qt::Key_Return);
    }
    press("search_stack");
    auto* front = find<QTableWidget>("stack_front");
    QTRY_VERIFY_WITH_TIMEOUT(
        front->rowCount() == 2 && find<QPushButton>("search_stack")->text().contains("Search"), 30000);
    QVERIFY(front->item(1, 3)->text().contains("lamp amber"));
    front->setCurrentCell(1, 0);
    press("use_stack");
    settle();
    QVERIFY(project().picture->bands.size() <= 2);
    bool amber = false;
    for (const ReliefBand& b : project().picture->bands)
        amber |= b.filament == 'D';
    QVERIFY(amber);
    QCOMPARE(document()->plan()->totals.changes, static_cast<int>(project().picture->bands.size()) - 1);
    // The lowest band stays as it is, and the stack gets the height it is given.
    auto* kept = find<QTableWidget>("stack_kept");
    const ReliefBand lowest = project().picture->bands.front();
    QCOMPARE(kept->rowCount(), static_cast<int>(project().picture->bands.size()));
    kept->setCurrentCell(kept->rowCount() - 1, 2);
    QTest::keyClick(kept, Qt::Key_Return);
    QCOMPARE(kept->item(kept->rowCount() - 1, 2)->text(), QString("its layers"));
    find<QCheckBox>("exactly_height")->click();
    find<QDoubleSpinBox>("most_height")->setValue(2.0);
    find<QSpinBox>("most_swaps")->setValue(2);
    press("search_stack");
    QTRY_VERIFY_WITH_TIMEOUT(
        front->rowCount() == 3 && find<QPushButton>("search_stack")->text().contains("Search"), 30000);
    front->setCurrentCell(2, 0);
    press("use_stack");
    settle();
    QCOMPARE(project().picture->bands.front().filament, lowest.filament);
    QVERIFY(project().picture->bands.front().to_layer >= lowest.to_layer);
    const Settings& s = project().settings;
    QVERIFY(std::abs(s.first_layer_mm + (project().picture->bands.back().to_layer - 1) * s.layer_mm - 2.0) <
            s.layer_mm);
    // A band that is too high to stay is said to be.
    kept->setCurrentCell(0, 2);
    QTest::keyClick(kept, Qt::Key_Return);
    find<QDoubleSpinBox>("most_height")->setValue(0.5);
    press("search_stack");
    QVERIFY(find<QLabel>("stack_says")->text().contains("higher than the stack may be"));
    find<QDoubleSpinBox>("most_height")->setValue(2.4);
    // It can be stopped.
    find<QSpinBox>("most_swaps")->setValue(9);
    press("search_stack");
    press("search_stack");
    QTRY_VERIFY(find<QLabel>("stack_says")->text().contains("topped"));
}

void TestPictureWindow::panel_lamp_and_films() {
    show_rose_window();
    QCOMPARE(find<QComboBox>("look_left")->currentText(), QString("Lit"));
    // Another lamp to look in: no edit.
    auto* lamp = find<QComboBox>("lamp");
    lamp->setCurrentIndex(0);
    Q_EMIT lamp->activated(0);
    COMPARE_NEAR(desk()->lamp_k(), 2700, 1e-9);
    QVERIFY(!document()->modified());
    // Made for it, it is one.
    press("make_anew");
    settle();
    COMPARE_NEAR(project().picture->lighting.lamp_k, 2700, 1e-9);
    bench()->findChild<QTabWidget*>("picture_pages")->setCurrentIndex(3);
    QVERIFY(find<QLabel>("lamp_caution")->text().contains("licensed electrician"));
    auto* order = find<QComboBox>("panel_order");
    order->setCurrentIndex(0);
    Q_EMIT order->activated(0);
    settle();
    QCOMPARE(project().picture->panel.order, FilmOrder::apart);
    press("compare_orders");
    auto* orders = find<QTableWidget>("film_orders");
    QTRY_VERIFY_WITH_TIMEOUT(orders->rowCount() == 3 && orders->item(2, 2)->text() != "–", 60000);
    QVERIFY(orders->item(0, 2)->text().toInt() < orders->item(1, 2)->text().toInt());
    check_names(bench());
}

void TestPictureWindow::what_cannot_be_made_is_said() {
    show_rose_window();
    bench()->findChild<QTabWidget*>("picture_pages")->setCurrentIndex(3);
    const auto before = project().picture->panel;
    auto* films = find<QLineEdit>("panel_films");
    films->setFocus();
    films->selectAll();
    QTest::keyClicks(films, "BXD");
    QTest::keyClick(films, Qt::Key_Return);
    QTRY_VERIFY_WITH_TIMEOUT(window_->messages()->isVisible(), 10000);
    QVERIFY(!desk()->working());
    QVERIFY(project().picture->panel == before); // nothing is lost
    // A file that is no picture.
    QVERIFY(write_file(dir_->filePath("broken.png").toStdString(), "no picture"));
    window_->messages()->hide();
    in_next_dialog([](QDialog* d) { d->accept(); });
    window_->open_files({dir_->filePath("broken.png")});
    QTRY_VERIFY_WITH_TIMEOUT(
        window_->messages()->isVisible() &&
            window_->messages()->findChild<QLabel*>()->text().contains("no picture that can be read"),
        10000);
    QVERIFY(project().picture->panel == before);
}

void TestPictureWindow::saved_and_opened_again() {
    show_demo("dusk.vitrail");
    press("lift");
    settle();
    const Picture kept = *project().picture;
    const QString path = dir_->filePath("saved.vitrail");
    document()->save(path);
    QTRY_VERIFY(!document()->busy_with_files() && !document()->modified());
    document()->start_anew();
    QTRY_VERIFY(!desk()->picture());
    open(path);
    QTRY_VERIFY_WITH_TIMEOUT(desk()->ready(), 20000);
    QVERIFY(project().picture->bands == kept.bands && *project().picture->dots == *kept.dots);
    QVERIFY(!figures().contains("have changed"));
    // Other layers than it was made for: said, and put right by the finding.
    document()->edit("layers", [](Project& p) { p.settings.layer_mm = 0.1; });
    wait_for_plan();
    bool found = false;
    for (const Finding& f : document()->plan()->findings)
        if (f.code == "picture-layers") {
            found = true;
            document()->edit("fix", f.fixes.front().apply);
        }
    QVERIFY(found);
    wait_for_plan();
    QVERIFY(picture_is_current(project()));
}

void TestPictureWindow::filament_is_measured() {
    // A wedge of known optics, drawn straight; its marks are dragged onto it.
    WedgePlan plan;
    const Optics optics{{0.8, 2.5, 6}, {4, 3.5, 3}};
    constexpr int kField = 50, kLeft = 100, kTop = 60;
    QImage photo(kLeft * 2 + kField * plan.columns(), 420, QImage::Format_RGB32);
    photo.fill(qRgb(120, 120, 120));
    const auto colour = [](const Channels& r) {
        const Srgb c = to_srgb(LinearRgb{0.9 * r[0], 0.9 * r[1], 0.9 * r[2]});
        return QColor(c.r, c.g, c.b);
    };
    QPainter p(&photo);
    for (int row = 0; row < 4; ++row)
        for (int column = 0; column < plan.columns(); ++column) {
            const int k = column > plan.steps || row == 0 || row == 3 ? 0 : column;
            const Channels backing = row == 2 ? Channels{0.03, 0.03, 0.03} : Channels{0.86, 0.85, 0.82};
            p.fillRect(kLeft + column * kField, kTop + row * kField, kField, kField,
                       colour(k ? seen_over(sheet_of(optics, k * plan.layer_mm), backing) : backing));
        }
    p.fillRect(150, 300, 80, 80, colour({0.9, 0.9, 0.9}));
    p.fillRect(350, 300, 80, 80, colour({0.18, 0.18, 0.18}));
    p.end();
    const QString path = dir_->filePath("photo.png");
    QVERIFY(photo.save(path));
    WedgeDialog dialog(project().filaments.empty() ? pla('A', "#2f6db5") : project().filaments.front(),
                       window_.get());
    dialog.show();
    dialog.findChild<QTabWidget*>("wedge_pages")->setCurrentIndex(1);
    dialog.open_photo(path);
    WedgePhotoView* view = dialog.photo();
    QVERIFY(QTest::qWaitForWindowExposed(&dialog));
    const QPointF marks[] = {{kLeft, kTop},
                             {double(kLeft + kField * plan.columns()), kTop},
                             {double(kLeft + kField * plan.columns()), kTop + 4 * kField},
                             {kLeft, kTop + 4 * kField},
                             {190, 340},
                             {390, 340}};
    for (int i = 0; i < WedgePhotoView::kMarks; ++i) {
        QTest::mousePress(view, Qt::LeftButton, {}, view->on_screen(view->mark(i)).toPoint());
        QTest::mouseMove(view, view->on_screen(marks[i]).toPoint());
        QTest::mouseRelease(view, Qt::LeftButton, {}, view->on_screen(marks[i]).toPoint());
    }
    QVERIFY2(dialog.measured(), qPrintable(dialog.findChild<QLabel*>("wedge_says")->text()));
    for (std::size_t c = 0; c < 3; ++c) {
        COMPARE_NEAR(dialog.measured()->optics.k[c], optics.k[c], 0.1 * optics.k[c]);
        COMPARE_NEAR(dialog.measured()->optics.s[c], optics.s[c], 0.1 * optics.s[c]);
    }
    QCOMPARE(dialog.findChild<QTableWidget*>("wedge_result")->rowCount(), 3);
    // By eye: the same patch in two rows.
    dialog.findChild<QTabWidget*>("wedge_pages")->setCurrentIndex(2);
    for (const char* name : {"eye_1_4", "eye_4_4"})
        QTest::mouseClick(dialog.findChild<QAbstractButton*>(name), Qt::LeftButton);
    QVERIFY(!dialog.measured());
    QVERIFY(dialog.td_mm() > 0 && dialog.findChild<QLabel*>("eye_says")->text().contains("2 row"));
}

void TestPictureWindow::what_is_tried_is_no_edit() {
    show_demo("dusk.vitrail");
    const std::vector<ReliefBand> before = project().picture->bands;
    const QImage as_it_was = picture()->grab().toImage();
    Picture moved = *project().picture;
    move_border(moved, 2, 1);
    desk()->try_bands(moved.bands);
    QVERIFY(picture()->grab().toImage() != as_it_was);
    QVERIFY(project().picture->bands == before && !document()->modified());
    desk()->drop();
}

VITRAIL_TEST(TestPictureWindow)
#include "test_picture_window.moc"
