#include "app/changes/changes_model.h"
#include "app/document/document.h"
#include "app/document/shelf_store.h"
#include "app/document/view_state.h"
#include "app/palette/needs_view.h"
#include "app/palette/shelf_model.h"
#include "app/parts/badge_delegate.h"
#include "app/piece/filaments_model.h"
#include "app/piece/findings_panel.h"
#include "app/piece/regions_model.h"

#include "core/project/regions.h"
#include "demo/scenario.h"
#include "support.h"

#include <QAbstractItemModelTester>
#include <QSignalSpy>
#include <QTemporaryDir>

using namespace vitrail;
using namespace vitrail::test;

/// The models behind the lists, without a window; Qt's own model tester watches them.
class TestItemModels : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void regions();
    void regions_grams_add_up();
    void filaments();
    void findings();
    void changes();
    void regions_with_patches();
    void needs();
    void shelf();

private:
    static void load(Document& d, Project p) {
        d.reset(std::move(p), {});
        QTRY_VERIFY_WITH_TIMEOUT(!d.planning(), 60000);
    }
};

void TestItemModels::regions() {
    Document d;
    ViewState view;
    RegionsModel m(&d, &view);
    const QAbstractItemModelTester tester(&m, QAbstractItemModelTester::FailureReportingMode::Fatal);
    QCOMPARE(m.rowCount(), 0);
    load(d, *demo::lighthouse());
    QCOMPARE(m.rowCount(), 6);
    const QModelIndex tower = m.part_index(1), band = m.index(0, 0, tower);
    QCOMPARE(m.rowCount(tower), 2);
    QCOMPARE(m.rowCount(band), 0);
    QCOMPARE(band.data().toString(), QString("band 24–36 mm"));
    QCOMPARE(band.data(BadgeDelegate::LetterRole).toString(), QString("C"));
    QCOMPARE(band.data(RegionsModel::PartRole).toInt(), 1);
    QCOMPARE(band.data(RegionsModel::BandRole).toInt(), 0);
    QCOMPARE(tower.data(RegionsModel::BandRole).toInt(), -1);
    QVERIFY(band.data(Qt::AccessibleTextRole).toString().contains("filament C"));
    // Recolouring keeps rows and selection; another band does not.
    QSignalSpy resets(&m, &QAbstractItemModel::modelReset), changed(&m, &QAbstractItemModel::dataChanged);
    d.edit("letter", [](Project& p) { p.pieces[0].parts[0].filament = 'B'; });
    QTRY_VERIFY_WITH_TIMEOUT(!d.planning(), 60000);
    QCOMPARE(resets.count(), 0);
    QVERIFY(changed.count() > 0);
    QCOMPARE(m.part_index(0).data(BadgeDelegate::LetterRole).toString(), QString("B"));
    d.edit("band", [](Project& p) { assign_band(p.pieces[0], 0, 2, 4, 'C'); });
    QCOMPARE(resets.count(), 1);
    QCOMPARE(m.rowCount(m.part_index(0)), 1);
    QTRY_VERIFY_WITH_TIMEOUT(!d.planning(), 60000);
}

void TestItemModels::regions_grams_add_up() {
    Document d;
    ViewState view;
    RegionsModel m(&d, &view);
    load(d, *demo::lighthouse());
    double sum = 0;
    const auto grams = [](const QModelIndex& i) {
        return shown_number(i.siblingAtColumn(1).data().toString());
    };
    for (int part = 0; part < m.rowCount(); ++part) {
        sum += grams(m.part_index(part));
        for (int b = 0; b < m.rowCount(m.part_index(part)); ++b)
            sum += grams(m.index(b, 0, m.part_index(part)));
    }
    COMPARE_NEAR(sum, d.plan()->totals.model_g, 0.05 * 8); // each row is rounded to 0.1 g
}

void TestItemModels::filaments() {
    Document d;
    FilamentsModel m(&d);
    const QAbstractItemModelTester tester(&m, QAbstractItemModelTester::FailureReportingMode::Fatal);
    load(d, *demo::badge());
    QCOMPARE(m.rowCount(), 2);
    QCOMPARE(m.index(0, 0).data().toString(), QString("harbour blue · PLA"));
    const FilamentUse& u = d.plan()->use[1];
    QCOMPARE(m.index(1, 1).data().toString(),
             shown(QString("%1 g").arg(u.total_g + u.first_load_g, 0, 'f', 1)));
    // A figure can be traced to its parts.
    const QString why = m.index(1, 1).data(Qt::ToolTipRole).toString();
    for (const double part : {u.model_g, u.purge_g, u.tower_g, u.first_load_g})
        QVERIFY2(why.contains(shown(QString::number(part, 'f', 2))), qPrintable(why));
    d.edit("add", [](Project& p) { p.filaments.push_back(pla('C', "#00aa00")); });
    QCOMPARE(m.rowCount(), 3);
    QTRY_VERIFY_WITH_TIMEOUT(!d.planning(), 60000);
}

void TestItemModels::findings() {
    Document d;
    FindingsModel m(&d);
    const QAbstractItemModelTester tester(&m, QAbstractItemModelTester::FailureReportingMode::Fatal);
    Project p = *demo::badge();
    p.filaments[1] = make_filament('B', Material::PETG, p.filaments[1].colour);
    load(d, p);
    QVERIFY(m.rowCount() >= 1);
    QCOMPARE(m.index(0, 0).data(FindingsModel::SeverityRole).toInt(), 0);
    QCOMPARE(m.index(0, 0).data(Qt::ToolTipRole).toString(), QString("no-bond"));
    QVERIFY(m.index(0, 0).data(Qt::AccessibleTextRole).toString().startsWith("error: "));
    QVERIFY(m.index(0, 0).data(FindingsModel::WhereRole).toString().contains("layer 11"));
}

void TestItemModels::changes() {
    Document d;
    ChangesModel m(&d);
    const QAbstractItemModelTester tester(&m, QAbstractItemModelTester::FailureReportingMode::Fatal);
    load(d, *demo::tide_dial());
    QCOMPARE(m.rowCount(), 3);
    QCOMPARE(m.index(1, ChangesModel::kBefore).data().toString(), QString("in 2"));
    QCOMPARE(m.index(1, ChangesModel::kKind).data().toString(), QString("tool"));
    QCOMPARE(m.index(1, ChangesModel::kFromTo).data(ChangesModel::FromRole).toString(), QString("A"));
    QCOMPARE(m.index(1, ChangesModel::kFromTo).data(Qt::AccessibleTextRole).toString(), QString("A to B"));
    QVERIFY(m.index(1, ChangesModel::kPurge).data(Qt::ToolTipRole).toString().contains("only primes"));
    for (int c = 0; c < ChangesModel::kColumns; ++c) {
        QVERIFY(!m.headerData(c, Qt::Horizontal, Qt::DisplayRole).toString().isEmpty());
        QVERIFY(!m.headerData(c, Qt::Horizontal, Qt::ToolTipRole).toString().isEmpty());
    }
    load(d, *demo::badge());
    QCOMPARE(m.rowCount(), 1);
    const QString why = m.index(0, ChangesModel::kPurge).data(Qt::ToolTipRole).toString();
    for (const char* part : {"ΔE 2", "V_d 40", "V_m 60", "1.24"})
        QVERIFY2(why.contains(shown(QString::fromUtf8(part))), qPrintable(why));
}

void TestItemModels::regions_with_patches() {
    Document d;
    ViewState view;
    RegionsModel m(&d, &view);
    const QAbstractItemModelTester tester(&m, QAbstractItemModelTester::FailureReportingMode::Fatal);
    load(d, *demo::painted());
    const QModelIndex tower = m.part_index(0);
    QCOMPARE(m.rowCount(tower), 4);
    double g = 0;
    for (int r = 0; r < 4; ++r) {
        QCOMPARE(m.index(r, 0, tower).data(RegionsModel::PatchRole).toInt(), r + 1);
        QCOMPARE(m.index(r, 0, tower).data(RegionsModel::BandRole).toInt(), -1);
        QVERIFY(m.index(r, 0, tower).data().toString().startsWith("painted: "));
        g += shown_number(m.index(r, 1, tower).data().toString());
    }
    QVERIFY(g > 1);
    // A letter for a patch keeps the rows.
    QSignalSpy resets(&m, &QAbstractItemModel::modelReset);
    d.edit("letter", [](Project& p) { p.pieces[0].parts[0].patches[1].filament = 'A'; });
    QTRY_VERIFY_WITH_TIMEOUT(!d.planning(), 60000);
    QCOMPARE(resets.count(), 0);
    QCOMPARE(m.index(1, 0, tower).data(BadgeDelegate::LetterRole).toString(), QString("A"));
    d.edit("remove", [](Project& p) { remove_patch(p.pieces[0].parts[0], 2); });
    QCOMPARE(m.rowCount(m.part_index(0)), 3);
    QTRY_VERIFY_WITH_TIMEOUT(!d.planning(), 60000);
}

void TestItemModels::needs() {
    Document d;
    NeedsModel m(&d);
    const QAbstractItemModelTester tester(&m, QAbstractItemModelTester::FailureReportingMode::Fatal);
    Project p = stack("AB", 4);
    p.filaments[0].spools = {{"S-1", 1000}};
    p.filaments[1].spools = {{"S-2", 0.1}};
    load(d, std::move(p));
    QCOMPARE(m.rowCount(), 4);
    QCOMPARE(m.index(0).data(NeedsModel::StateRole).toInt(), int(NeedsModel::kEnough));
    QVERIFY(m.index(0).data(NeedsModel::WordsRole).toString().contains("spool S-1"));
    QCOMPARE(m.index(1).data(NeedsModel::StateRole).toInt(), int(NeedsModel::kShort));
    QCOMPARE(m.index(2).data(NeedsModel::StateRole).toInt(), int(NeedsModel::kUnknown));
    QVERIFY(m.index(2).data(NeedsModel::WordsRole).toString().contains("not used"));
    QVERIFY(m.index(0).data(NeedsModel::MarginRole).toDouble() >
            m.index(0).data(NeedsModel::NeedRole).toDouble());
}

void TestItemModels::shelf() {
    QTemporaryDir dir;
    qputenv("VITRAIL_SHELF", dir.filePath("s.sqlite").toUtf8());
    ShelfStore store;
    Document d;
    ShelfModel m(&store, &d);
    const QAbstractItemModelTester tester(&m, QAbstractItemModelTester::FailureReportingMode::Fatal);
    QCOMPARE(m.rowCount(), 0);
    store.open();
    QTRY_VERIFY(store.is_open());
    QVERIFY(m.rowCount() > 10);
    store.edit("spool", [](Shelf& s) {
        s.spools.push_back({"Q-1", s.filaments[0].id, 1000, 200, 250, 0, 0, SpoolPlace::slot, "slot 3", ""});
    });
    const QModelIndex first = m.index(0, 0);
    QCOMPARE(m.rowCount(first), 1);
    const QModelIndex spool = m.index(0, ShelfModel::kLeft, first);
    QCOMPARE(spool.data().toString(), QString("250 g"));
    COMPARE_NEAR(spool.data(ShelfModel::ShareRole).toDouble(), 0.25, 1e-9);
    QCOMPARE(m.index(0, ShelfModel::kPlace, first).data().toString(), QString("slot 3"));
    QCOMPARE(m.index(0, ShelfModel::kLeft).data().toString(),
             QString("250 g")); // the filament's spools together
    store.undo_stack()->undo();
    QCOMPARE(m.rowCount(m.index(0, 0)), 0);
    QCOMPARE(m.headerData(ShelfModel::kDry, Qt::Horizontal, Qt::DisplayRole).toString(), QString("dried"));
}

VITRAIL_TEST(TestItemModels)
#include "test_item_models.moc"
