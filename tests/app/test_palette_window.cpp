#include "app/palette/needs_view.h"
#include "app/palette/pairing_view.h"
#include "app/palette/palette_bench.h"
#include "app/palette/shelf_model.h"
#include "app/parts/badge_delegate.h"
#include "formats/files.h"
#include "formats/shelf_db.h"

#include "window_fixture.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QMenu>
#include <QMessageBox>

using namespace vitrail;
using namespace vitrail::test;

/// The Palette bench in the real window, on a shelf of its own.
class TestPaletteWindow : public WindowFixture {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare(); }
    void init() { begin(); }
    void cleanup() { end(); }
    void starts_with_generic_filaments();
    void spool_added_weighed_dried();
    void a_scale_is_read();
    void a_tag_says_which_spool();
    void identity_is_asked_once();
    void edits_last_and_can_be_undone();
    void project_takes_from_the_shelf();
    void spools_are_measured_against_the_plan();
    void replacements_are_of_the_class();
    void pairing_in_words();
    void damaged_shelf_says_so();
    void spool_needs_a_code_of_its_own();
    void import_with_a_mistake_changes_nothing();
    void everything_has_a_name();

private:
    void go() {
        key(Qt::Key_3, Qt::AltModifier);
        QTRY_VERIFY(window_->shelf()->is_open());
        QCoreApplication::processEvents();
    }
    const Shelf& shelf() { return window_->shelf()->shelf(); }
    QTreeView* tree() { return find<QTreeView>("shelf"); }
    void choose(const char* id) {
        tree()->setCurrentIndex(tree()->model()->index(find_on_shelf(shelf(), id), 0));
    }
    void add_spool(const char* id, const char* code, double left) {
        choose(id);
        in_next_dialog([=](QDialog* d) {
            d->findChild<QLineEdit*>("spool_code")->setText(code);
            d->findChild<QDoubleSpinBox*>("left_g")->setValue(left);
            d->accept();
        });
        press("shelf_add_spool");
    }
};

void TestPaletteWindow::starts_with_generic_filaments() {
    go();
    QCOMPARE(tree()->model()->rowCount(), static_cast<int>(starter_shelf().filaments.size()));
    QVERIFY(!find<QPushButton>("shelf_weigh")->isEnabled()); // there is no spool to weigh yet
}

void TestPaletteWindow::spool_added_weighed_dried() {
    go();
    add_spool("starter-pva", "P-7", 400);
    QCOMPARE(shelf().spools.size(), std::size_t{1});
    in_next_dialog([](QDialog* d) {
        d->findChild<QDoubleSpinBox*>("gross_g")->setValue(520);
        QVERIFY(d->findChild<QLabel*>("weighed")->text().contains(shown("300.0 ± 0.50 g")));
        d->accept();
    });
    press("shelf_weigh");
    COMPARE_NEAR(shelf().spools[0].left_g, 300, 1e-9);
    QVERIFY(is_damp(shelf().spools[0], Material::PVA, ShelfStore::today()));
    press("shelf_dried");
    QVERIFY(!is_damp(shelf().spools[0], Material::PVA, ShelfStore::today()));
}

void TestPaletteWindow::a_scale_is_read() {
    go();
    add_spool("starter-pla-white", "W-1", 500); // on the simulated scale lie 220 g and 3 % less than believed
    QTimer read;
    connect(&read, &QTimer::timeout, [&] {
        auto* d = qobject_cast<QDialog*>(QApplication::activeModalWidget());
        if (!d || d->objectName() != "weigh_dialog")
            return;
        auto* b = d->findChild<QPushButton*>("scale_read");
        const double shown_g = d->findChild<QDoubleSpinBox*>("gross_g")->value();
        if (shown_g == 720 && b->text().contains("Read"))
            b->click();
        else if (shown_g != 720)
            d->accept();
    });
    read.start(50);
    press("shelf_weigh");
    COMPARE_NEAR(shelf().spools[0].left_g, 485, 1e-9); // whole grams
}

void TestPaletteWindow::a_tag_says_which_spool() {
    go();
    add_spool("starter-pla-white", "W-1", 500);
    add_spool("starter-pla-black", "K-1", 300);
    QString said;
    bool gives = false;
    const auto ask = [&] {
        said.clear();
        gives = false;
        QTimer read;
        connect(&read, &QTimer::timeout, [&] {
            auto* d = qobject_cast<QDialog*>(QApplication::activeModalWidget());
            if (!d)
                return;
            auto* b = d->findChild<QPushButton*>("tags_read");
            said = d->findChild<QLabel*>("which_says")->text();
            auto* give = d->findChild<QPushButton*>("which_give");
            if (said.contains("Hold") && b->text().contains("Read"))
                b->click();
            else if (give->isVisible()) {
                gives = true;
                give->click();
            } else if (!said.contains("Hold")) {
                d->reject();
            }
        });
        read.start(50);
        press("shelf_which");
    };
    ask(); // nobody knows it: it is given to the chosen spool
    QVERIFY(gives && said.contains("No spool"));
    QVERIFY(!shelf().spools[1].tag.empty());
    choose("starter-pla-white");
    ask();
    QVERIFY2(said.contains("Spool K-1") && said.contains("300 g"), qPrintable(said));
    QVERIFY(!gives);
    window_->shelf()->undo_stack()->undo();
    QVERIFY(shelf().spools[1].tag.empty());
}

void TestPaletteWindow::identity_is_asked_once() {
    go();
    int asked = 0;
    // Filed as PLA, with the density of a co-polyester.
    window_->shelf()->edit("Weigh it", [](Shelf& s) {
        s.filaments[static_cast<std::size_t>(find_on_shelf(s, "starter-pla-white"))].filament.density_g_cm3 =
            1.20;
    });
    choose("starter-pla-white");
    QTimer answer;
    connect(&answer, &QTimer::timeout, [&] {
        if (auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget())) {
            QVERIFY(box->text().contains("PLA"));
            ++asked;
            for (QAbstractButton* b : box->buttons())
                if (box->buttonRole(b) == QMessageBox::YesRole)
                    b->click();
        }
    });
    answer.start(20);
    press("shelf_take");
    QCOMPARE(asked, 1);
    choose("starter-pla-white");
    press("shelf_take");
    QCOMPARE(asked, 1); // once is enough
    QCOMPARE(project().filaments.size(), std::size_t{2});
    QVERIFY(project().filaments[0].class_confirmed);
    // The shelf shows a letter only where the project has one, and that one; else colour and hatch.
    const auto row = [&](const char* id) { return tree()->model()->index(find_on_shelf(shelf(), id), 0); };
    QCOMPARE(row("starter-pla-white").data(BadgeDelegate::LetterRole).toString(),
             QString(QChar::fromLatin1(project().filaments[0].letter))); // taken twice: the first
    QVERIFY(row("starter-copoly-white").data(BadgeDelegate::LetterRole).toString().isEmpty());
    QVERIFY(!row("starter-copoly-white").data(BadgeDelegate::HatchRole).toString().isEmpty());
    choose("starter-copoly-white"); // filed as what it is
    press("shelf_take");
    QCOMPARE(asked, 1);
    // What is answered about the project's filaments is kept on the shelf.
    choose("starter-pla-red");
    press("shelf_take");
    const auto on_shelf = [&] {
        return shelf()
            .filaments[static_cast<std::size_t>(find_on_shelf(shelf(), "starter-pla-red"))]
            .filament.class_confirmed;
    };
    QVERIFY(!on_shelf());
    document()->edit("The label says PLA", [](Project& p) { p.filaments.back().class_confirmed = true; });
    QTRY_VERIFY(on_shelf());
}

void TestPaletteWindow::edits_last_and_can_be_undone() {
    go();
    add_spool("starter-pla-white", "W-1", 640);
    add_spool("starter-pla-white", "W-2", 1000);
    tree()->setFocus();
    QCoreApplication::processEvents();
    window_->findChild<QAction*>("undo")->trigger(); // the shelf's own history
    QCOMPARE(shelf().spools.size(), std::size_t{1});
    window_->findChild<QAction*>("redo")->trigger();
    QCOMPARE(shelf().spools.size(), std::size_t{2});
    const QByteArray path = qgetenv("VITRAIL_SHELF");
    window_.reset(); // waits until it is written
    auto db = ShelfDb::open(path.toStdString());
    QVERIFY(db);
    QCOMPARE(db->read()->spools.size(), std::size_t{2});
}

void TestPaletteWindow::project_takes_from_the_shelf() {
    go();
    add_spool("starter-pla-red", "R-1", 500);
    choose("starter-pla-red");
    press("shelf_take");
    QCOMPARE(project().filaments.size(), std::size_t{1});
    QCOMPARE(project().filaments[0].letter, 'A');
    QCOMPARE(project().filaments[0].spools.at(0).code, std::string("R-1"));
}

void TestPaletteWindow::spools_are_measured_against_the_plan() {
    open_demo("lighthouse.vitrail");
    document()->edit("match", [](Project& p) { p.filaments[0].shelf_id = "starter-pla-blue"; });
    wait_for_plan();
    go();
    const double needs = document()->plan()->use[0].total_g + document()->plan()->use[0].first_load_g;
    auto* list = find<NeedsView>("needs");
    const auto words = [&] { return list->model()->index(0, 0).data(NeedsModel::WordsRole).toString(); };
    const auto state = [&] { return list->model()->index(0, 0).data(NeedsModel::StateRole).toInt(); };
    add_spool("starter-pla-blue", "B-1", std::floor(needs / 2));
    wait_for_plan();
    QCOMPARE(state(), int(NeedsModel::kShort));
    QVERIFY2(words().contains("runs out in layer"), qPrintable(words()));
    QVERIFY(has(*document()->plan(), "spool-short"));
    QCOMPARE(document()->undo_stack()->count(), 1); // matching is no edit of the person's
    add_spool("starter-pla-blue", "B-2", std::ceil(needs));
    wait_for_plan();
    QCOMPARE(state(), int(NeedsModel::kEnough));
    QVERIFY2(words().contains("B-1 (empty in layer"), qPrintable(words()));
    QVERIFY(!has(*document()->plan(), "spool-short"));
    // What is undone knows today's spools.
    document()->edit("copies", [](Project& p) { p.settings.copies = 2; });
    wait_for_plan();
    // Away from the shelf, which has a history of its own. After a dialog nobody makes the window active
    // again where no window manager is.
    window_->activateWindow();
    QVERIFY(QTest::qWaitForWindowActive(window_.get()));
    list->setFocus();
    QTRY_VERIFY(list->hasFocus());
    undo();
    QCOMPARE(project().settings.copies, 1.0);
    QCOMPARE(project().filaments[0].spools.size(), std::size_t{2});
}

void TestPaletteWindow::replacements_are_of_the_class() {
    open_demo("badge.vitrail");
    go();
    auto* list = find<NeedsView>("needs");
    list->setCurrentIndex(list->model()->index(0, 0)); // harbour blue
    QString first;
    QTimer::singleShot(200, [&] {
        auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
        QVERIFY(menu);
        first = menu->actions().first()->text();
        menu->actions().first()->trigger();
        menu->close();
    });
    press("replace_filament");
    QVERIFY2(first.startsWith("blue"), qPrintable(first));
    QCOMPARE(project().filaments[0].letter, 'A');
    QCOMPARE(project().filaments[0].shelf_id, std::string("starter-pla-blue"));
    undo();
    QVERIFY(project().filaments[0].shelf_id.empty());
}

void TestPaletteWindow::pairing_in_words() {
    Project p = stack("AB", 2);
    p.filaments = {pla('A', "#fff"), make_filament('B', Material::PETG, {0, 0, 0}),
                   make_filament('C', Material::TPU, {9, 9, 9})};
    show_project(std::move(p));
    go();
    auto* words = find<QLabel>("pair_words");
    QVERIFY(words->text().contains("A and B come apart"));
    auto* rose = find<PairingView>("pairing");
    rose->setFocus();
    QTest::keyClick(rose, Qt::Key_Right);
    QTest::keyClick(rose, Qt::Key_Right);
    QTest::keyClick(rose, Qt::Key_Right);
    QCOMPARE(rose->chosen(), 2);
    QCOMPARE(words->text().count('\n'), 3); // its two pairs, the smooth sheet, its drying
    QVERIFY(words->text().contains("nobody vouches"));
    QTest::keyClick(rose, Qt::Key_Escape);
    QCOMPARE(rose->chosen(), -1);
}

void TestPaletteWindow::damaged_shelf_says_so() {
    QVERIFY(write_file(qgetenv("VITRAIL_SHELF").toStdString(), std::string(4000, 'x')));
    go();
    QVERIFY(window_->messages()->text().contains("set aside"));
    QVERIFY(QFile::exists(QString::fromUtf8(qgetenv("VITRAIL_SHELF")) + ".damaged-1"));
}

void TestPaletteWindow::spool_needs_a_code_of_its_own() {
    go();
    add_spool("starter-pla-red", "R-1", 500);
    choose("starter-pla-red");
    in_next_dialog([](QDialog* d) {
        auto* code = d->findChild<QLineEdit*>("spool_code");
        auto* ok = d->findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok);
        code->setText("R-1");
        QVERIFY(!ok->isEnabled());
        QVERIFY(d->findChild<QLabel*>("problem")->text().contains("already"));
        code->setText("");
        QVERIFY(!ok->isEnabled());
        code->setText("R-2");
        QVERIFY(ok->isEnabled());
        d->reject();
    });
    press("shelf_add_spool");
    QCOMPARE(shelf().spools.size(), std::size_t{1});
}

void TestPaletteWindow::import_with_a_mistake_changes_nothing() {
    go();
    const Shelf before = shelf();
    const auto bad = shelf_from_text("id,material,colour\nx,WOOD,#fff\n");
    QVERIFY(!bad);
    const auto good = shelf_from_text("id,name,material,colour,spool,left_g\nx,slate,PLA,#445566,SL-1,321\n");
    QVERIFY(good);
    window_->shelf()->edit("import", [&](Shelf& s) { merge_shelf(s, *good); });
    QCOMPARE(shelf().filaments.size(), before.filaments.size() + 1);
    // It shows, with its spool below it.
    const int at = find_on_shelf(shelf(), "x");
    QCOMPARE(tree()->model()->index(at, 0).data().toString(), QString("slate"));
    QCOMPARE(tree()->model()->index(0, ShelfModel::kLeft, tree()->model()->index(at, 0)).data().toString(),
             QString("321 g"));
}

void TestPaletteWindow::everything_has_a_name() {
    go();
    for (QWidget* w : window_->palette_bench()->findChildren<QWidget*>()) {
        if (w->focusPolicy() == Qt::NoFocus || w->objectName().startsWith("qt_") || !w->isVisible())
            continue;
        QVERIFY2(!w->accessibleName().isEmpty() || !w->property("text").toString().isEmpty() ||
                     w->focusProxy() || w->inherits("QComboBoxListView"),
                 qPrintable(QString::fromLatin1(w->metaObject()->className()) + " " + w->objectName()));
    }
}

VITRAIL_TEST(TestPaletteWindow)
#include "test_palette_window.moc"
