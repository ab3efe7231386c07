// The guide and what asks the window: pages without dead ends, terms on hover and by key.
#include "app/window_fixture.h"

#include "app/guide/explain.h"
#include "app/guide/guide_window.h"
#include "app/parts/elided_label.h"
#include "core/terms/terms.h"

#include <QHelpEvent>
#include <QListWidget>
#include <QRegularExpression>
#include <QSpinBox>
#include <QTableWidget>
#include <QTextBrowser>
#include <QToolTip>
#include <QWhatsThis>
#include <QWhatsThisClickedEvent>

using namespace vitrail;
using namespace vitrail::test;

class TestGuideWindow : public WindowFixture {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare(); }
    void init() { begin(); }
    void cleanup() { end(); }
    void no_dead_ends_data();
    void no_dead_ends();
    void every_word_of_the_trade();
    void found_by_its_words();
    void read_beside_the_work();
    void words_explain_themselves();
    void cut_texts_are_told_whole();
    void keys_explain();
    void everything_can_be_asked();
    void written_as_html();

private:
    static std::vector<GuidePage> pages(const char* language = "en") {
        return guide_pages(guide_folder(), QString::fromLatin1(language));
    }
    /// What a tool tip would say there.
    static QString hover(QWidget* w) {
        QToolTip::hideText();
        [[maybe_unused]] const bool gone = QTest::qWaitFor([] { return !QToolTip::isVisible(); }, 2000);
        QHelpEvent e(QEvent::ToolTip, w->rect().center(), w->mapToGlobal(w->rect().center()));
        QApplication::sendEvent(w, &e);
        return QToolTip::text().simplified();
    }
    static QWidget* explained() {
        for (QWidget* w : QApplication::topLevelWidgets())
            if (w->inherits("QWhatsThat") && w->isVisible())
                return w;
        return nullptr;
    }
};

void TestGuideWindow::no_dead_ends_data() {
    QTest::addColumn<QString>("language");
    for (const QString& language : QDir(guide_folder()).entryList(QDir::Dirs | QDir::NoDotAndDotDot))
        QTest::newRow(qPrintable(language)) << language;
}

void TestGuideWindow::no_dead_ends() {
    QFETCH(QString, language);
    const auto all = pages(qPrintable(language));
    QVERIFY(all.size() >= 20);
    std::map<QString, QString> texts;
    for (const GuidePage& p : all)
        texts[p.file] = p.html;
    static const QRegularExpression link(QStringLiteral("href=\"([^\"]+)\"")),
        picture(QStringLiteral("src=\"([^\"]+)\"")), tag(QStringLiteral("<(/?)([a-z0-9]+)[^>]*?(/?)>"));
    for (const GuidePage& p : all) {
        QVERIFY2(!p.title.isEmpty(), qPrintable(p.file));
        for (auto m = link.globalMatch(p.html); m.hasNext();) {
            const QString to = m.next().captured(1), file = to.section('#', 0, 0), place = to.section('#', 1);
            if (to == QLatin1String("../guide.css"))
                continue;
            QVERIFY2(texts.count(file), qPrintable(p.file + " → " + to));
            QVERIFY2(place.isEmpty() || texts[file].contains("id=\"" + place + "\""),
                     qPrintable(p.file + " → " + to));
        }
        for (auto m = picture.globalMatch(p.html); m.hasNext();) {
            const QString file = m.next().captured(1);
            QVERIFY2(QFile::exists(guide_folder() + "/en/" + file), qPrintable(p.file + " shows " + file));
        }
        // What is opened is closed.
        QStringList open;
        for (auto m = tag.globalMatch(p.html); m.hasNext();) {
            const auto t = m.next();
            const QString name = t.captured(2);
            if (QStringList{"meta", "link", "img", "br"}.contains(name))
                continue;
            if (t.captured(1).isEmpty())
                open << name;
            else
                QVERIFY2(!open.isEmpty() && open.takeLast() == name,
                         qPrintable(p.file + ": </" + name + ">"));
        }
        QVERIFY2(open.isEmpty(), qPrintable(p.file));
    }
    for (const Term& t : all_terms())
        QVERIFY2(texts.count(t.page), t.id);
}

void TestGuideWindow::every_word_of_the_trade() {
    // The table of words practitioners use: common practice, no source.
    for (const char* word : {"piece",
                             "region",
                             "plate",
                             "filament",
                             "spool",
                             "toolhead",
                             "nozzle",
                             "slot",
                             "change",
                             "hand swap",
                             "feeder change",
                             "tool change",
                             "purge",
                             "purge tower",
                             "ooze wall",
                             "skirt",
                             "support",
                             "interface",
                             "transmission distance",
                             "TD",
                             "overhang angle",
                             "infill",
                             "prime",
                             "relief",
                             "panel",
                             "variant",
                             "run sheet",
                             "lower bound"}) {
        const auto terms = terms_in(QString::fromLatin1(word));
        QVERIFY2(terms.size() == 1, word);
    }
    // The longest counts, whole words only, each once.
    const auto terms = terms_in("A purge tower takes purge; another purge tower. Purgery is none.");
    QCOMPARE(terms.size(), std::size_t(2));
    QCOMPARE(std::string(terms[0]->id), std::string("tower"));
    QCOMPARE(std::string(terms[1]->id), std::string("purge"));
    QVERIFY(find_term("tower") == terms[0] && !find_term("no such"));
    // No two terms claim one word.
    std::map<QString, const char*> owners;
    for (const Term& t : all_terms())
        for (const QString& form : QString::fromUtf8(t.words).split('|'))
            QVERIFY2(owners.emplace(form.toLower(), t.id).second, qPrintable(form));
}

void TestGuideWindow::found_by_its_words() {
    const auto hits = search_guide(pages(), "grey WHITE");
    QVERIFY(!hits.empty());
    QCOMPARE(hits.front().file, QString("trouble.html"));
    QVERIFY(hits.front().excerpt.contains("grey", Qt::CaseInsensitive));
    QCOMPARE(search_guide(pages(), "purge").front().file,
             QString("purge.html")); // the page of that name first
    QVERIFY(search_guide(pages(), "  ").empty());
    QVERIFY(search_guide(pages(), "zzzz purge").empty());
}

void TestGuideWindow::read_beside_the_work() {
    window_->choose_bench(MainWindow::kPurge);
    window_->findChild<QAction*>("guide")->trigger();
    auto* guide = window_->findChild<GuideWindow*>();
    QVERIFY(guide && guide->isVisible());
    QVERIFY(guide->browser()->toPlainText().startsWith("Purge"));
    auto* contents = guide->findChild<QListWidget*>("guide_contents");
    QCOMPARE(contents->currentItem()->text(), QString("Purge"));
    contents->setCurrentRow(0);
    QVERIFY(guide->browser()->toPlainText().startsWith("The work"));
    guide->findChild<QAction*>("guide_back")->trigger();
    QVERIFY(guide->browser()->toPlainText().startsWith("Purge"));
    // Typed.
    auto* search = guide->findChild<QLineEdit*>("guide_search");
    search->setFocus();
    QTest::keyClicks(search, "one layer late");
    QVERIFY2(guide->browser()->toPlainText().contains("page(s) with") ||
                 guide->browser()->toPlainText().contains("pages with"),
             qPrintable(guide->browser()->toPlainText().left(80)));
    QVERIFY(guide->browser()->toPlainText().contains("What went wrong, and why"));
    QCOMPARE(contents->currentRow(), -1);
    guide->findChild<QAction*>("guide_back")->trigger(); // one step, however much was typed
    QVERIFY(guide->browser()->toPlainText().startsWith("Purge"));
    // In colours of the theme, at once.
    apply_theme(*qApp, ThemeChoice::light);
    QVERIFY(guide->browser()->document()->defaultStyleSheet().contains(Theme::current().ink.name()));
    apply_theme(*qApp, ThemeChoice::dark);
    guide->activateWindow();
    QTRY_VERIFY(guide->isActiveWindow());
    QTest::keyClick(guide, Qt::Key_Escape);
    QVERIFY(!guide->isVisible());
}

void TestGuideWindow::words_explain_themselves() {
    open_demo("badge.vitrail");
    window_->choose_bench(MainWindow::kPiece);
    QLabel* first = nullptr;
    for (QLabel* l : window_->findChildren<QLabel*>())
        if (l->isVisible() && l->text().contains("First layer"))
            first = l;
    QVERIFY(first);
    QVERIFY2(hover(first).contains("every later swap comes too early or too late"), qPrintable(hover(first)));
    QVERIFY(!first->toolTip().isEmpty() &&
            hover(first).startsWith(first->toolTip().left(20))); // its own tip stays
    // Names are no markup, here as little as elsewhere.
    QLabel named("purge");
    named.setToolTip("<b>of a file</b>");
    named.show();
    QVERIFY2(hover(&named).startsWith("<b>of a file</b> purge — "), qPrintable(hover(&named)));
    QVERIFY(explanation(&named, {}).contains("&lt;b&gt;of a file"));
    // A sentence is left alone.
    QLabel sentence(
        "A purge tower beside the piece takes what is purged at each change, and primes nozzles besides.");
    sentence.show();
    QVERIFY(hover(&sentence).isEmpty());
}

void TestGuideWindow::cut_texts_are_told_whole() {
    ElidedLabel heading("Purge by pair, and the purge tower"); // with a word of the trade in it
    heading.resize(heading.fontMetrics().averageCharWidth() * 10, 30);
    heading.show();
    QVERIFY(QTest::qWaitForWindowExposed(&heading));
    const QString said = hover(&heading);
    QVERIFY2(said.startsWith(heading.text()), qPrintable(said));
    QVERIFY2(said.size() > heading.text().size() + 10, qPrintable(said)); // and the word's sentence
    heading.setText("Nothing that anybody would have to explain");        // and without one
    QCOMPARE(hover(&heading), heading.text());
    heading.resize(heading.sizeHint().width() + 20, 30);
    QVERIFY(hover(&heading).isEmpty());
}

void TestGuideWindow::keys_explain() {
    open_demo("badge.vitrail");
    window_->choose_bench(MainWindow::kPurge);
    auto* some = find<QWidget>("strips");
    QVERIFY(some);
    some->setFocus();
    key(Qt::Key_F1);
    QWidget* shown = explained();
    QVERIFY(shown);
    QWhatsThis::hideText();
    // A link in it leads to the guide, at this bench.
    const QString text = explanation(some, some->rect().center());
    static const QRegularExpression link(QStringLiteral("href=\"([^\"]+)\""));
    QCOMPARE(link.match(text).captured(1), QString("purge.html"));
    QWhatsThisClickedEvent click(link.match(text).captured(1));
    QApplication::sendEvent(some, &click);
    auto* guide = window_->findChild<GuideWindow*>();
    QVERIFY(guide && guide->isVisible() && guide->browser()->toPlainText().startsWith("Purge"));
    guide->close();
    // In a dialog as well.
    bool in_dialog = false;
    in_next_dialog([&](QDialog* d) {
        QTest::keyClick(d->focusWidget() ? d->focusWidget() : d, Qt::Key_F1);
        in_dialog = explained();
        QWhatsThis::hideText();
        d->reject();
    });
    window_->findChild<QAction*>("describe_printer")->trigger();
    QVERIFY(in_dialog);
}

void TestGuideWindow::everything_can_be_asked() {
    // Whatever can be pointed at on a bench and takes the focus has an explanation with a way into the guide.
    open_demo("lighthouse.vitrail");
    QStringList silent;
    for (int bench = MainWindow::kPicture; bench <= MainWindow::kLogbook; ++bench) {
        window_->choose_bench(static_cast<MainWindow::Bench>(bench));
        QCoreApplication::processEvents();
        for (QWidget* w : window_->findChildren<QWidget*>())
            if (w->isVisible() && w->focusPolicy() != Qt::NoFocus &&
                !explanation(w, w->rect().center()).contains("href="))
                silent << QStringLiteral("%1 %2 on bench %3")
                              .arg(w->metaObject()->className(), w->objectName())
                              .arg(bench);
    }
    QVERIFY2(silent.isEmpty(), qPrintable(silent.join('\n')));
}

void TestGuideWindow::written_as_html() {
    const QString into = dir_->filePath("guide");
    QVERIFY(write_guide(into, "en"));
    for (const GuidePage& p : pages()) {
        QFile file(into + "/en/" + p.file);
        QVERIFY2(file.open(QIODevice::ReadOnly), qPrintable(p.file));
        const QString html = QString::fromUtf8(file.readAll());
        static const QRegularExpression picture(QStringLiteral("src=\"([^\"]+)\""));
        for (auto m = picture.globalMatch(html); m.hasNext();)
            QVERIFY(QFile::exists(into + "/en/" + m.next().captured(1)));
    }
    QVERIFY(QFile::exists(into + "/guide.css"));
    QFile in_the_way(dir_->filePath("file"));
    QVERIFY(in_the_way.open(QIODevice::WriteOnly));
    QVERIFY(!write_guide(dir_->filePath("file/below"), "en"));
}

VITRAIL_TEST(TestGuideWindow)
#include "test_guide_window.moc"
