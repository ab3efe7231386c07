// Languages, sizes and screens: the window speaks another language at once, and what it says has room.
#include "app/window_fixture.h"

#include "app/changes/changes_bench.h"
#include "app/guide/guide_window.h"
#include "app/parts/elided_label.h"
#include "app/ribbon/ribbon.h"
#include "app/theme/language.h"
#include "paint/words.h"

#include <QMenuBar>
#include <QScrollArea>
#include <QTabBar>
#include <QTextBrowser>
#include <QUndoStack>
#include <QXmlStreamReader>

#include <map>

using namespace vitrail;
using namespace vitrail::test;

namespace {

/// The texts of a translation file, by context, text and what is counted.
struct Said {
    QStringList forms;
    bool finished = false;
};
using Texts = std::map<QStringList, Said>;

Texts texts_of(const char* file) {
    Texts out;
    QFile f(QString::fromStdString(source_file(file)));
    if (!f.open(QIODevice::ReadOnly))
        return out;
    QXmlStreamReader xml(&f);
    QString context, source, comment;
    Said said;
    bool counted_ones = false;
    while (!xml.atEnd()) {
        xml.readNext();
        if (xml.isStartElement() && xml.name() == QLatin1String("name"))
            context = xml.readElementText();
        else if (xml.isStartElement() && xml.name() == QLatin1String("message"))
            comment.clear(), said = {{}, true}, counted_ones = xml.attributes().hasAttribute("numerus");
        else if (xml.isStartElement() && xml.name() == QLatin1String("source"))
            source = xml.readElementText();
        else if (xml.isStartElement() && xml.name() == QLatin1String("comment"))
            comment = xml.readElementText();
        else if (xml.isStartElement() && xml.name() == QLatin1String("translation")) {
            said.finished = !xml.attributes().hasAttribute("type");
            const QString text = xml.readElementText(QXmlStreamReader::IncludeChildElements);
            said.forms << (counted_ones ? text.trimmed().section('\n', 0, 0) : text);
        } else if (xml.isEndElement() && xml.name() == QLatin1String("message"))
            out[{context, source, comment}] = said;
    }
    return out;
}

/// Places for values: %1, %L2, %n, {}, {0}, counted.
QStringList places(const QString& text) {
    static const QRegularExpression place(QStringLiteral("%L?\\d+|%n|\\{\\d*\\}"));
    QStringList out;
    int next = 0;
    for (auto m = place.globalMatch(text); m.hasNext();) {
        QString p = m.next().captured();
        if (p == QLatin1String("{}"))
            p = QStringLiteral("{%1}").arg(next++);
        if (!out.contains(p))
            out << p;
    }
    out.sort();
    return out;
}

} // namespace

class TestLanguagesWindow : public WindowFixture {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare(); }
    void init() { begin(); }
    void cleanup() {
        apply_language("en");
        QLocale::setDefault(before_);
        end();
    }
    void every_text_is_translated_data();
    void every_text_is_translated();
    void spoken_at_once();
    void windows_of_several_projects();
    void has_room_data();
    void has_room();
    void small_screens_scroll();
    void right_to_left();

private:
    /// The window that took the place of the one the test had.
    void follow_window() {
        MainWindow* next = nullptr;
        for (QWidget* w : QApplication::topLevelWidgets())
            if (auto* m = qobject_cast<MainWindow*>(w); m && m != window_.get() && m->isVisible())
                next = m;
        QVERIFY(next);
        (void)window_.release(); // it deletes itself
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        next->setAttribute(Qt::WA_DeleteOnClose, false);
        window_.reset(next);
        window_->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(window_.get()));
    }
    /// Words that do not fit where they stand.
    static QStringList cut_in(QWidget* top) {
        QStringList out;
        for (QWidget* w : top->findChildren<QWidget*>()) {
            if (!w->isVisible() || w->width() <= 0)
                continue;
            const QString name = QString::fromLatin1(w->metaObject()->className()) + ' ' + w->objectName();
            if (auto* label = qobject_cast<QLabel*>(w);
                label && !qobject_cast<ElidedLabel*>(w) && !label->wordWrap() &&
                label->textFormat() == Qt::PlainText && !label->text().contains('\n')) {
                if (label->fontMetrics().horizontalAdvance(label->text().remove('&')) > label->width() + 2)
                    out << name + ": " + label->text();
            } else if (auto* button = qobject_cast<QPushButton*>(w)) {
                if (button->minimumSizeHint().width() > button->width() + 2)
                    out << name + ": " + button->text();
            }
        }
        return out;
    }

    const QLocale before_;
};

void TestLanguagesWindow::every_text_is_translated_data() {
    QTest::addColumn<QString>("language");
    for (const QString& code : languages())
        if (code != QLatin1String("en"))
            QTest::newRow(qPrintable(code)) << code;
}

void TestLanguagesWindow::every_text_is_translated() {
    QFETCH(QString, language);
    const Texts all = texts_of("translations/vitrail.ts"),
                there = texts_of(qPrintable("translations/vitrail_" + language + ".ts"));
    QVERIFY(all.size() > 4000);
    QStringList wrong;
    for (const auto& [key, english] : all) {
        const auto at = there.find(key);
        if (at == there.end() || !at->second.finished || at->second.forms.value(0).isEmpty()) {
            wrong << "missing: " + key.join(" | ");
            continue;
        }
        QStringList asked = places(key[1]);
        for (const QString& p : places(key[2])) // of core's counted messages either form may say more
            if (!asked.contains(p))
                asked << p;
        for (const QString& p : places(at->second.forms[0]))
            if (!asked.contains(p))
                wrong << "a place that is not there: " + key[1] + " → " + at->second.forms[0];
    }
    QVERIFY2(wrong.isEmpty(), qPrintable(wrong.mid(0, 20).join('\n')));
    QCOMPARE(there.size(), all.size()); // nothing that is said no longer
}

void TestLanguagesWindow::spoken_at_once() {
    open_demo("badge.vitrail");
    window_->choose_bench(MainWindow::kChanges);
    document()->edit("colour", [](Project& p) { p.filaments[0].colour = {1, 2, 3}; });
    wait_for_plan();
    const Document* same = document();
    window_->findChild<QAction*>("language_de")->trigger();
    follow_window();
    QCOMPARE(language(), QString("de"));
    QCOMPARE(QSettings().value("language").toString(), QString("de"));
    QVERIFY(document() == same); // the project and its history are still there
    QVERIFY(document()->modified() && document()->undo_stack()->canUndo());
    QCOMPARE(window_->menuBar()->actions().first()->text(), QString("&Datei"));
    QVERIFY(window_->changes_bench()->isVisible());
    bool found = false;
    for (QTabBar* bar : window_->findChildren<QTabBar*>())
        found |= bar->isVisible() && bar->tabText(0) == QString("Wechsel und Reihenfolge");
    QVERIFY(found);
    // Core's messages too, with the country's numbers.
    QVERIFY2(words(say("layers of {} after {}", mm(0.2), mm(0.3))).startsWith("Schichten von 0,20 mm"),
             qPrintable(words(say("layers of {} after {}", mm(0.2), mm(0.3)))));
    QCOMPARE(words(counted("{} layer", "{} layers", 1)), QString("1 Schicht"));
    QCOMPARE(words(counted("{} layer", "{} layers", 3)), QString("3 Schichten"));
    undo();
    QVERIFY(!document()->modified());
    QVERIFY(window_->findChild<QAction*>("redo")->text().startsWith("&Wiederholen"));
    // The guide in German.
    window_->findChild<QAction*>("guide")->trigger();
    QVERIFY2(window_->findChild<GuideWindow*>()->browser()->toPlainText().startsWith("Wechsel"),
             qPrintable(window_->findChild<GuideWindow*>()->browser()->toPlainText().left(40)));
    // And back.
    window_->findChild<QAction*>("language_en")->trigger();
    follow_window();
    QCOMPARE(window_->menuBar()->actions().first()->text(), QString("&File"));
    QCOMPARE(words(counted("{} layer", "{} layers", 3)), QString("3 layers"));
}

void TestLanguagesWindow::windows_of_several_projects() {
    open_demo("badge.vitrail");
    std::unique_ptr<MainWindow> other(window_->open_window());
    other->setAttribute(Qt::WA_DeleteOnClose, false);
    QVERIFY(other->isVisible() && other->document() != document());
    QVERIFY(other->pos() != window_->pos());
    other->open_files({QString::fromStdString(source_file("demo/lighthouse.vitrail"))});
    QTRY_VERIFY_WITH_TIMEOUT(other->document()->plan() && !other->document()->planning(), 30000);
    QCOMPARE(document()->title(), QString("Visitor badge"));
    QVERIFY(other->document()->title() != document()->title());
    // One shelf for both; its history is that of the window that is used.
    QVERIFY(other->shelf() == window_->shelf() && other->logbook() == window_->logbook());
    other->document()->edit("layer", [](Project& p) { p.settings.layer_mm = 0.1; });
    QVERIFY(!document()->modified());
    other->activateWindow();
    QVERIFY(QTest::qWaitForWindowActive(other.get()));
    other->findChild<QAction*>("undo")->trigger();
    QVERIFY(!other->document()->modified());
    other.reset();
    QVERIFY(window_->isVisible() && document()->plan());
}

void TestLanguagesWindow::has_room_data() {
    QTest::addColumn<QString>("language");
    QTest::addColumn<double>("scale");
    QTest::newRow("English") << "en" << 1.0;
    QTest::newRow("German") << "de" << 1.0;
    QTest::newRow("German, twice as large") << "de" << 2.0;
}

void TestLanguagesWindow::has_room() {
    QFETCH(QString, language);
    QFETCH(double, scale);
    const QFont usual = QApplication::font();
    QFont f = usual;
    f.setPointSizeF(f.pointSizeF() * scale);
    QApplication::setFont(f);
    apply_language(language);
    window_ = std::make_unique<MainWindow>();
    window_->resize(QSize(1280, 800) * scale);
    window_->show();
    QStringList wrong;
    open_demo("open-day.vitrail");
    for (int bench = MainWindow::kPicture; bench <= MainWindow::kLogbook; ++bench) {
        window_->choose_bench(static_cast<MainWindow::Bench>(bench));
        QCoreApplication::processEvents();
        const auto tabs = window_->findChildren<QTabBar*>();
        const auto look = [&](const QString& page) {
            QCoreApplication::processEvents();
            QWidget* room = window_->findChild<QScrollArea*>("bench_room");
            const QSize least = static_cast<QScrollArea*>(room)->widget()->minimumSizeHint();
            if (least.width() > room->width() || least.height() > room->height())
                wrong << QStringLiteral("bench %1, %2: %3 × %4 in %5 × %6")
                             .arg(bench)
                             .arg(page)
                             .arg(least.width())
                             .arg(least.height())
                             .arg(room->width())
                             .arg(room->height());
            // What comes from a thread is laid out a moment later.
            [[maybe_unused]] const bool laid_out =
                QTest::qWaitFor([&] { return cut_in(window_.get()).isEmpty(); }, 1000);
            for (const QString& cut : cut_in(window_.get()))
                wrong << QStringLiteral("bench %1, %2: cut: %3").arg(bench).arg(page, cut);
        };
        bool paged = false;
        for (QTabBar* bar : tabs)
            for (int i = 0; bar->isVisible() && i < bar->count(); ++i) {
                paged = true;
                bar->setCurrentIndex(i);
                look(bar->tabText(i));
            }
        if (!paged)
            look({});
    }
    window_->show_welcome();
    QCoreApplication::processEvents();
    for (const QString& cut : cut_in(window_.get()))
        wrong << "welcome: cut: " + cut;
    wrong.removeDuplicates();
    QApplication::setFont(usual);
    QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join('\n')));
}

void TestLanguagesWindow::small_screens_scroll() {
    open_demo("open-day.vitrail");
    for (int bench = MainWindow::kPicture; bench <= MainWindow::kLogbook; ++bench) {
        window_->choose_bench(static_cast<MainWindow::Bench>(bench));
        QCoreApplication::processEvents();
        const QSize least = window_->minimumSizeHint();
        QVERIFY2(least.width() <= 1024 && least.height() <= 720,
                 qPrintable(
                     QStringLiteral("bench %1: %2 × %3").arg(bench).arg(least.width()).arg(least.height())));
    }
}

void TestLanguagesWindow::right_to_left() {
    QApplication::setLayoutDirection(Qt::RightToLeft);
    window_ = std::make_unique<MainWindow>();
    window_->show();
    open_demo("badge.vitrail");
    QStringList wrong;
    for (int bench = MainWindow::kPicture; bench <= MainWindow::kLogbook; ++bench) {
        window_->choose_bench(static_cast<MainWindow::Bench>(bench));
        QCoreApplication::processEvents();
        QVERIFY(!window_->grab().isNull());
        wrong << cut_in(window_.get());
    }
    QVERIFY(window_->ribbon()->mapTo(window_.get(), QPoint()).x() >= 0);
    // The layers still run from left to right, as heights do not turn with the language.
    QApplication::setLayoutDirection(Qt::LeftToRight);
    QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join('\n')));
}

VITRAIL_TEST(TestLanguagesWindow)
#include "test_languages_window.moc"
