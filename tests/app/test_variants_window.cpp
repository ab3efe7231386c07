#include "window_fixture.h"

#include "app/changes/changes_bench.h"
#include "app/parts/save_picture.h"
#include "app/variants/choice_dialogs.h"
#include "app/variants/variant_card.h"
#include "app/variants/variants_bench.h"
#include "paint/layer_paint.h"

#include <QCheckBox>
#include <QDialogButtonBox>
#include <QDir>
#include <QFileDialog>
#include <QListWidget>
#include <QMenu>
#include <QPainter>
#include <QPlainTextEdit>
#include <QSpinBox>
#include <QSvgRenderer>
#include <QTableWidget>

using namespace vitrail;
using namespace vitrail::test;

/// Colourings side by side, wishes, sheets and their answers, pictures; all in the real window.
class TestVariantsWindow : public WindowFixture {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare(); }
    void init() { begin(runs_now({"pictures_at_a_chosen_size"})); }
    void cleanup() { end(); }
    void kept_by_one_key();
    void hung_side_by_side();
    void used_renamed_and_taken_away();
    void a_wish_is_planned_at_once();
    void a_sheet_and_its_answer();
    void pictures_at_a_chosen_size();

private:
    VariantsBench* bench() { return window_->variants_bench(); }
    void show_bench(const char* demo) {
        open_demo(demo);
        window_->choose_bench(MainWindow::kVariants);
        settle();
    }
    void settle() {
        wait_for_plan();
        QTRY_VERIFY_WITH_TIMEOUT(bench()->up_to_date(), 30000);
        QCoreApplication::processEvents(); // new cards are shown by the next round only
    }
    QList<VariantCard*> cards() {
        QList<VariantCard*> out;
        for (VariantCard* c : bench()->findChildren<VariantCard*>())
            if (c->isVisible())
                out << c;
        std::sort(out.begin(), out.end(), [](VariantCard* a, VariantCard* b) { return a->x() < b->x(); });
        return out;
    }
    static QString text(VariantCard* card) {
        QString all;
        for (QLabel* l : card->findChildren<QLabel*>())
            all += l->text() + QLatin1Char('\n');
        return all;
    }
};

void TestVariantsWindow::kept_by_one_key() {
    window_->choose_bench(MainWindow::kVariants);
    QVERIFY(find<QLabel>("variants_empty")->text().contains("Once there is a plan"));
    key(Qt::Key_K, Qt::ControlModifier); // nothing to keep: said, not done
    QVERIFY(project().variants.empty());
    show_bench("badge.vitrail");
    QVERIFY(find<QLabel>("variants_empty")->text().contains("Nothing is kept yet"));
    key(Qt::Key_K, Qt::ControlModifier);
    settle();
    QCOMPARE(project().variants.size(), std::size_t{1});
    QCOMPARE(cards().size(), 1);
    document()->edit("colour", [](Project& p) { p.filaments[0].colour = {200, 30, 30}; });
    settle();
    QCOMPARE(cards().size(), 2); // as it stands, beside the one that was kept
    press("keep_variant");
    settle();
    QCOMPARE(project().variants.size(), std::size_t{2});
    QCOMPARE(cards().size(), 2);
    undo();
    QCOMPARE(project().variants.size(), std::size_t{1});
}

void TestVariantsWindow::hung_side_by_side() {
    show_bench("lighthouse.vitrail");
    QCOMPARE(cards().size(), 3);
    QVERIFY(text(cards()[0]).contains("red bands · current"));
    QVERIFY(text(cards()[2]).contains("white tower, red roof"));
    // Figures are those of the plans, differences those to the one they are measured against.
    const auto plans = plan_variants(project(), document()->plan());
    const auto figure = [&](std::size_t i) { return waste_g(plans[i + 1].plan->totals); };
    QVERIFY(text(cards()[1]).contains(shown(QStringLiteral("%1 g").arg(figure(1), 0, 'f', 1))));
    QVERIFY(text(cards()[1]).contains(shown(QStringLiteral("+%1 g").arg(figure(1) - figure(0), 0, 'f', 1))));
    QVERIFY(!text(cards()[0]).contains("+"));
    QVERIFY(text(cards()[2]).contains("roof in buoy red"));
    // Measured against another.
    QTest::mouseClick(cards()[1]->findChild<QAbstractButton*>("compare_variant"), Qt::LeftButton);
    QVERIFY(text(cards()[0]).contains(shown(QStringLiteral("−%1 g").arg(figure(1) - figure(0), 0, 'f', 1))));
    QVERIFY(!text(cards()[1]).contains(QStringLiteral("−")));
    check_names(bench());
}

void TestVariantsWindow::used_renamed_and_taken_away() {
    show_bench("lighthouse.vitrail");
    QTest::mouseClick(cards()[2]->findChild<QAbstractButton*>("use_variant"), Qt::LeftButton);
    settle();
    QCOMPARE(project().variant, std::string("white tower, red roof"));
    QVERIFY(project().pieces[0].bands.empty());
    QCOMPARE(cards().size(), 3);
    QVERIFY(text(cards()[2]).contains("current"));
    undo();
    settle();
    QCOMPARE(project().pieces[0].bands.size(), std::size_t{2});
    const auto menu = [&](int card, const char* action) {
        cards()[card]->findChild<QAction*>(action)->trigger();
    };
    in_next_dialog([](QDialog* d) {
        d->findChild<QLineEdit*>()->setText("harbour");
        d->accept();
    });
    menu(1, "rename");
    settle();
    QCOMPARE(project().variants[1].name, std::string("harbour"));
    document()->edit("colour", [](Project& p) { assign_part(p.pieces[0], 0, 'C'); });
    settle();
    QCOMPARE(cards().size(), 4);
    cards()[2]->findChild<QAction*>("renew")->trigger(); // as it stands comes first, so this is "harbour"
    settle();
    QCOMPARE(project().variants[1].project->pieces[0].parts[0].filament, 'C');
    cards()[1]->findChild<QAction*>("remove")->trigger();
    settle();
    QCOMPARE(project().variants.size(), std::size_t{2});
    undo();
    QCOMPARE(project().variants.size(), std::size_t{3});
}

void TestVariantsWindow::a_wish_is_planned_at_once() {
    show_bench("lighthouse.vitrail");
    auto *region = find<QComboBox>("wish_region"), *filament = find<QComboBox>("wish_filament");
    const int rock = region->findText("rock");
    QVERIFY(rock >= 0);
    region->setCurrentIndex(rock);
    filament->setCurrentIndex(2); // C
    Q_EMIT filament->activated(2);
    Project wished = project();
    wished.pieces[0].parts[0].filament = 'C';
    const auto plan = plan_of(wished);
    const double more_g = waste_g(plan->totals) - waste_g(document()->plan()->totals);
    QTRY_VERIFY_WITH_TIMEOUT(find<QLabel>("wish_says")
                                 ->text()
                                 .contains(shown(QStringLiteral("%1 g").arg(std::abs(more_g), 0, 'f', 1))),
                             30000);
    QCOMPARE(project().pieces[0].parts[0].filament, 'A'); // nothing has changed
    press("keep_wish");
    settle();
    QCOMPARE(project().variants.size(), std::size_t{4});
    QCOMPARE(project().variants.back().project->pieces[0].parts[0].filament, 'C');
    QCOMPARE(project().pieces[0].parts[0].filament, 'A');
    // The same as it is: nothing changes, and there is nothing to keep.
    filament->setCurrentIndex(0);
    Q_EMIT filament->activated(0);
    QTRY_VERIFY_WITH_TIMEOUT(find<QLabel>("wish_says")->text().contains("Nothing changes"), 30000);
    QVERIFY(!find<QPushButton>("keep_wish")->isEnabled());
}

void TestVariantsWindow::a_sheet_and_its_answer() {
    show_bench("lighthouse.vitrail");
    QVERIFY(!find<QPushButton>("ask_answer")->isEnabled());
    QTemporaryDir dir;
    for (const char* ending : {"html", "png", "pdf"}) {
        SheetDialog dialog(plan_variants(project(), document()->plan()), !project().asked.empty(),
                           window_.get());
        auto* figures = dialog.findChild<QListWidget*>("sheet_figures");
        figures->item(0)->setCheckState(Qt::Checked); // thrown away, too
        auto* which = dialog.findChild<QListWidget*>("sheet_variants");
        QCOMPARE(which->item(0)->checkState(), Qt::Unchecked); // as it stands is one of them
        dialog.findChild<QLineEdit*>("sheet_whom")->setText("the keeper");
        const std::size_t before = project().asked.size();
        bench()->write_sheet(dir.filePath(QStringLiteral("sheet.%1").arg(ending)), dialog);
        QTRY_COMPARE_WITH_TIMEOUT(project().asked.size(), before + 1, 30000);
        settle();
    }
    settle();
    QCOMPARE(project().asked.size(), std::size_t{3});
    QCOMPARE(project().asked[0].shown.size(), std::size_t{3});
    QFile html(dir.filePath("sheet.html")), pdf(dir.filePath("sheet.pdf"));
    QVERIFY(html.open(QIODevice::ReadOnly) && pdf.open(QIODevice::ReadOnly));
    const QByteArray page = html.readAll();
    QVERIFY(page.contains("red bands") && page.contains("data:image/png;base64") &&
            page.contains("thrown away"));
    QVERIFY(!page.contains("http://") && !page.contains("https://"));
    QVERIFY(pdf.readAll().startsWith("%PDF"));
    const QImage image(dir.filePath("sheet.png"));
    QVERIFY(image.width() == 900 && image.height() > 300);
    // Nothing is lost where it cannot be written.
    SheetDialog dialog(plan_variants(project(), document()->plan()), true, window_.get());
    QVERIFY(dialog.since_last());
    bench()->write_sheet("/nowhere/at all/sheet.pdf", dialog);
    QTRY_VERIFY_WITH_TIMEOUT(
        window_->messages()->isVisible() && !window_->messages()->text().contains("was saved"), 30000);
    QCOMPARE(project().asked.size(), std::size_t{3});
    // The answer, typed in.
    in_next_dialog([](QDialog* d) {
        QTest::keyClicks(d->findChild<QLineEdit*>("answer_letters"), "B");
        d->findChild<QPlainTextEdit*>("answer_words")->setPlainText("but the roof red");
        QTest::mouseClick(d->findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok), Qt::LeftButton);
    });
    press("ask_answer");
    settle();
    QCOMPARE(project().asked.back().chosen, std::string("B"));
    QCOMPARE(project().asked.back().words, std::string("but the roof red"));
    QVERIFY(find<QTableWidget>("asked")->item(0, 3)->text().contains("but the roof red"));
    undo();
    QVERIFY(project().asked.back().answered.empty());
}

void TestVariantsWindow::pictures_at_a_chosen_size() {
    PictureDialog dialog({1200, 900});
    dialog.findChild<QSpinBox*>("picture_width")->setValue(640);
    dialog.findChild<QCheckBox*>("picture_legend")->click();
    QCOMPARE(dialog.size_wanted(), QSize(640, 900));
    QVERIFY(dialog.legend());
    QTemporaryDir dir;
    open_demo("lighthouse.vitrail");
    const auto draw = [](QPainter& p, QSize size) {
        p.fillRect(QRect(QPoint(0, 0), size), QColor(10, 200, 30));
    };
    QVERIFY(write_picture(dir.filePath("a.png"), {640, 480}, draw, nullptr));
    QVERIFY(write_picture(dir.filePath("b.png"), {640, 480}, draw, &project()));
    QVERIFY(write_picture(dir.filePath("c.svg"), {640, 480}, draw, &project()));
    const QImage plain(dir.filePath("a.png")), with(dir.filePath("b.png"));
    QCOMPARE(plain.size(), QSize(640, 480));
    QCOMPARE(with.size(), QSize(640, 480));
    QCOMPARE(plain.pixelColor(630, 470), QColor(10, 200, 30));
    QCOMPARE(with.pixelColor(636, 476), QColor(Qt::white)); // the legend's side
    // The piece as it is seen, at a size that is not the view's; a layer, to scale.
    QVERIFY(document()->plan());
    const QImage seen = piece()->picture({500, 300});
    QCOMPARE(seen.size(), QSize(500, 300));
    QCOMPARE(seen.pixelColor(2, 2), QColor(Qt::white));
    int coloured = 0;
    for (int y = 0; y < 300; y += 5)
        for (int x = 0; x < 500; x += 5)
            coloured += seen.pixelColor(x, y) != QColor(Qt::white);
    QVERIFY2(coloured > 300 && coloured < 5000, qPrintable(QString::number(coloured)));
    QImage layer(300, 300, QImage::Format_RGB32);
    layer.fill(Qt::white);
    {
        QPainter p(&layer);
        paint_layer(p, QRectF(0, 0, 300, 300), project(), *document()->plan(), 0, 1);
    }
    QVERIFY(layer.pixelColor(150, 150) != QColor(Qt::white)); // the rock
    QCOMPARE(layer.pixelColor(2, 2), QColor(Qt::white));
    const QSvgRenderer svg(dir.filePath("c.svg"));
    QVERIFY(svg.isValid());
    QCOMPARE(svg.viewBox().size(), QSize(640, 480));
}

VITRAIL_TEST(TestVariantsWindow)
#include "test_variants_window.moc"
