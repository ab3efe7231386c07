// For everybody: what a screen reader is told, and whether it can be read, in both themes and in high
// contrast.
#include "app/window_fixture.h"

#include "app/changes/changes_bench.h"
#include "app/layer_window/layer_window.h"
#include "app/ribbon/ribbon.h"
#include "app/theme/desktop.h"

#include <QAccessible>
#include <QComboBox>
#include <QGroupBox>
#include <QScrollBar>
#include <QSignalSpy>
#include <QTabBar>

using namespace vitrail;
using namespace vitrail::test;

namespace {

/// WCAG 2.1, 1.4.3: relative luminance of sRGB, and the ratio of two.
double luminance(const QColor& c) {
    const auto linear = [](double v) {
        return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
    };
    return 0.2126 * linear(c.redF()) + 0.7152 * linear(c.greenF()) + 0.0722 * linear(c.blueF());
}
double contrast(const QColor& a, const QColor& b) {
    const double x = luminance(a), y = luminance(b);
    return (std::max(x, y) + 0.05) / (std::min(x, y) + 0.05);
}

/// The two colours that cover most of a picture of text: its ground, and the farthest from it in luminance.
double contrast_of(const QImage& image) {
    std::map<QRgb, int> counts;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            ++counts[image.pixel(x, y)];
    QRgb ground = 0;
    int most = 0;
    for (const auto& [c, n] : counts)
        if (n > most)
            most = n, ground = c;
    double best = 1;
    for (const auto& [c, n] : counts)
        best = std::max(best, contrast(QColor(c), QColor(ground)));
    return best;
}

} // namespace

class TestAccessWindow : public WindowFixture {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() {
        prepare();
        QAccessible::setActive(true);
    }
    void init() { begin(runs_now({"pictures_tell_their_values"})); }
    void cleanup() {
        QSettings().remove("contrast");
        apply_theme(*qApp, ThemeChoice::dark);
        end();
    }
    void everything_has_a_name_and_a_role();
    void the_desktop_is_followed();
    void pictures_tell_their_values();
    void text_can_be_read_data();
    void text_can_be_read();
    void every_bench_without_a_mouse();

private:
    /// Walks what a screen reader would, below the window.
    void walk(QAccessibleInterface* at, const QString& where, QStringList& wrong, int depth = 0) {
        if (!at || !at->isValid() || depth > 40)
            return;
        const QAccessible::State state = at->state();
        if (state.invisible || state.offscreen)
            return;
        if (state.focusable && at->role() != QAccessible::Window) {
            const QObject* object = at->object();
            const QString what =
                where + QStringLiteral(": ") +
                (object ? QString::fromLatin1(object->metaObject()->className()) + ' ' + object->objectName()
                        : QStringLiteral("?"));
            const bool nameless = at->text(QAccessible::Name).isEmpty();
            // A viewport, an edit in a spin box: their parents speak for them.
            const QWidget* w = qobject_cast<const QWidget*>(object);
            const bool part =
                w && w->parentWidget() &&
                (w->parentWidget()->focusProxy() == w ||
                 qobject_cast<const QAbstractScrollArea*>(w->parentWidget()) ||
                 qobject_cast<const QComboBox*>(w->parentWidget()) || w->objectName().startsWith("qt_"));
            if (nameless && !part && at->role() != QAccessible::Cell && at->role() != QAccessible::ListItem &&
                at->role() != QAccessible::TreeItem)
                wrong << what + QStringLiteral(": no name");
            if (at->role() == QAccessible::NoRole)
                wrong << what + QStringLiteral(": no role");
            // What holds a value says it.
            const auto holds = {QAccessible::SpinBox, QAccessible::Slider, QAccessible::ProgressBar,
                                QAccessible::ComboBox, QAccessible::Dial};
            if (std::find(holds.begin(), holds.end(), at->role()) != holds.end() && !at->valueInterface() &&
                at->text(QAccessible::Value).isEmpty() && (!w || w->isEnabled()) &&
                !(qobject_cast<const QComboBox*>(w) &&
                  qobject_cast<const QComboBox*>(w)->isEditable())) // one to type into may be empty
                wrong << what + QStringLiteral(": no value");
        }
        if (at->role() == QAccessible::Table || at->role() == QAccessible::Tree ||
            at->role() == QAccessible::List)
            return; // their rows are the models'
        for (int i = 0; i < at->childCount(); ++i)
            walk(at->child(i), where, wrong, depth + 1);
    }
    template <class F>
    void on_every_page(F look) {
        for (int bench = MainWindow::kPicture; bench <= MainWindow::kLogbook; ++bench) {
            window_->choose_bench(static_cast<MainWindow::Bench>(bench));
            QCoreApplication::processEvents();
            bool paged = false;
            for (QTabBar* bar : window_->findChildren<QTabBar*>())
                for (int i = 0; bar->isVisible() && i < bar->count(); ++i) {
                    paged = true;
                    bar->setCurrentIndex(i);
                    QCoreApplication::processEvents();
                    look(QStringLiteral("bench %1, %2").arg(bench).arg(bar->tabText(i)));
                }
            if (!paged)
                look(QStringLiteral("bench %1").arg(bench));
        }
    }
    QString spoken(QWidget* w) {
        QAccessibleInterface* a = QAccessible::queryAccessibleInterface(w);
        return a ? a->text(QAccessible::Name) + '\n' + a->text(QAccessible::Description) + '\n' +
                       a->text(QAccessible::Value)
                 : QString();
    }
};

void TestAccessWindow::everything_has_a_name_and_a_role() {
    open_demo("lighthouse.vitrail");
    QStringList wrong;
    on_every_page([&](const QString& where) {
        walk(QAccessible::queryAccessibleInterface(window_.get()), where, wrong);
    });
    wrong.removeDuplicates();
    QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join('\n')));
}

void TestAccessWindow::the_desktop_is_followed() {
    DesktopWishes& desktop = DesktopWishes::instance();
    QSignalSpy changed(&desktop, &DesktopWishes::changed);
    const QColor usual = Theme::current().ground;
    // As the portal says it: a variant, in older ones within another.
    desktop.note("org.freedesktop.appearance", "contrast",
                 QDBusVariant(QVariant::fromValue(QDBusVariant(1u))));
    QCOMPARE(changed.size(), 1);
    QVERIFY(desktop.contrast());
    apply_theme(*qApp, ThemeChoice::dark);
    QVERIFY(Theme::current().ground != usual);
    QSettings().setValue("contrast", "usual"); // what was chosen here counts more
    apply_theme(*qApp, ThemeChoice::dark);
    QCOMPARE(Theme::current().ground, usual);
    desktop.note("org.gnome.desktop.interface", "enable-animations", QDBusVariant(false));
    QVERIFY(desktop.calm() && !QApplication::isEffectEnabled(Qt::UI_AnimateMenu));
    desktop.note("org.gnome.desktop.interface", "font-name", QDBusVariant("Some 11"));
    QCOMPARE(changed.size(), 2);
    desktop.note("org.freedesktop.appearance", "contrast", QDBusVariant(0u));
    desktop.note("org.gnome.desktop.interface", "enable-animations", QDBusVariant(true));
    QVERIFY(!desktop.contrast() && !desktop.calm());
}

void TestAccessWindow::pictures_tell_their_values() {
    open_demo("lighthouse.vitrail");
    // The ribbon: the layer at its cursor, and what is in it; another after a key.
    view()->set_layer(61);
    const QString at_61 = spoken(window_->ribbon());
    QVERIFY2(at_61.contains("Layer 61") && at_61.contains(": B"), qPrintable(at_61));
    window_->ribbon()->setFocus();
    QTest::keyClick(window_->ribbon(), Qt::Key_Right);
    QVERIFY(spoken(window_->ribbon()).contains("62"));
    // The layer window and the piece.
    const QString cut = spoken(window_->findChild<LayerWindow*>());
    QVERIFY2(cut.contains("62") && cut.contains("chalk"), qPrintable(cut));
    const QString piece_says = spoken(piece());
    QVERIFY2(piece_says.contains("tower") && piece_says.contains("chalk"), qPrintable(piece_says));
    // Strips, and plots.
    window_->choose_bench(MainWindow::kPurge);
    const QString strips = spoken(find<QWidget>("strips"));
    QVERIFY2(strips.contains(QStringLiteral("mm³")), qPrintable(strips));
    window_->choose_bench(MainWindow::kRun);
    QCoreApplication::processEvents();
    QTRY_VERIFY2(spoken(find<QWidget>("starts_view")).contains(QRegularExpression("\\d:\\d\\d")),
                 qPrintable(spoken(find<QWidget>("starts_view"))));
}

void TestAccessWindow::text_can_be_read_data() {
    QTest::addColumn<ThemeChoice>("theme");
    QTest::addColumn<bool>("high");
    QTest::newRow("dark") << ThemeChoice::dark << false;
    QTest::newRow("light") << ThemeChoice::light << false;
    QTest::newRow("dark, high contrast") << ThemeChoice::dark << true;
    QTest::newRow("light, high contrast") << ThemeChoice::light << true;
}

void TestAccessWindow::text_can_be_read() {
    QFETCH(ThemeChoice, theme);
    QFETCH(bool, high);
    QSettings().setValue("contrast", high ? "more" : "usual");
    apply_theme(*qApp, theme);
    open_demo("lighthouse.vitrail");
    // 4.5 : 1 for text (WCAG 2.1 AA), 7 : 1 where more contrast is asked for (AAA).
    const double least = high ? 7 : 4.5;
    QStringList wrong;
    on_every_page([&](const QString& where) {
        for (QWidget* w : window_->findChildren<QWidget*>()) {
            const auto* label = qobject_cast<QLabel*>(w);
            const auto* button = qobject_cast<QPushButton*>(w);
            if (!w->isVisible() || w->visibleRegion().isEmpty() || !w->isEnabled() || (!label && !button) ||
                (label ? label->text() : button->text()).trimmed().size() < 3)
                continue;
            const double ratio =
                contrast_of(window_->grab(QRect(w->mapTo(window_.get(), QPoint()), w->size())).toImage());
            if (ratio < least)
                wrong << QStringLiteral("%1: %2 “%3” %4")
                             .arg(where, w->objectName(), (label ? label->text() : button->text()).left(40))
                             .arg(ratio, 0, 'f', 2);
        }
    });
    wrong.removeDuplicates();
    QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join('\n')));
}

void TestAccessWindow::every_bench_without_a_mouse() {
    open_demo("badge.vitrail");
    for (int bench = MainWindow::kPicture; bench <= MainWindow::kLogbook; ++bench) {
        window_->choose_bench(static_cast<MainWindow::Bench>(bench));
        QCoreApplication::processEvents();
        // Tab goes through what is there and comes round again.
        window_->setFocus();
        QSet<QWidget*> seen;
        for (int k = 0; k < 200; ++k) {
            QTest::keyClick(QApplication::focusWidget() ? QApplication::focusWidget() : window_.get(),
                            Qt::Key_Tab);
            QWidget* at = QApplication::focusWidget();
            if (!at || (seen.contains(at) && k > 20))
                break;
            seen.insert(at);
        }
        QStringList names;
        for (QWidget* w : seen)
            names << QString::fromLatin1(w->metaObject()->className()) + ' ' + w->objectName();
        QVERIFY2(seen.size() >= 6,
                 qPrintable(QStringLiteral("bench %1: %2").arg(bench).arg(names.join(", "))));
        // From there the ribbon can be reached.
        QVERIFY2(seen.contains(window_->ribbon()), qPrintable(QString::number(bench)));
    }
}

VITRAIL_TEST(TestAccessWindow)
#include "test_access_window.moc"
