// Every text goes through the translator: the window is shown in a language made of ours, in which no English
// may be left.
#include "app/window_fixture.h"

#include "app/guide/guide_window.h"
#include "app/shell/bench_rail.h"
#include "app/shell/tour.h"
#include "core/base/message.h"
#include "formats/shelf_db.h"
#include "paint/words.h"

#include <QAbstractSpinBox>
#include <QDirIterator>
#include <QGroupBox>
#include <QHeaderView>
#include <QListView>
#include <QMenu>
#include <QMenuBar>
#include <QPlainTextEdit>
#include <QProcess>
#include <QTabBar>
#include <QTableView>
#include <QTextBrowser>
#include <QTranslator>
#include <QXmlStreamReader>

#include <set>

using namespace vitrail;
using namespace vitrail::test;

namespace {

struct Entry {
    QString context, source, many; ///< many: the English for several, of core's messages that count
    bool operator<(const Entry& o) const {
        return std::tie(context, source, many) < std::tie(o.context, o.source, o.many);
    }
};

/// What translators get: translations/vitrail.ts.
const std::set<Entry>& catalogue() {
    static const std::set<Entry> all = [] {
        std::set<Entry> entries;
        QFile file(QString::fromStdString(source_file("translations/vitrail.ts")));
        if (!file.open(QIODevice::ReadOnly))
            qFatal("there is no translations/vitrail.ts");
        QXmlStreamReader xml(&file);
        QString context;
        Entry e;
        while (!xml.atEnd()) {
            xml.readNext();
            if (xml.isStartElement() && xml.name() == QLatin1String("name"))
                context = xml.readElementText();
            else if (xml.isStartElement() && xml.name() == QLatin1String("source"))
                e = {context, xml.readElementText(), {}};
            else if (xml.isStartElement() && xml.name() == QLatin1String("comment"))
                e.many = xml.readElementText();
            else if (xml.isEndElement() && xml.name() == QLatin1String("message"))
                entries.insert(e);
        }
        return entries;
    }();
    return all;
}

/// Letters and digits become wide ones; places for values, tags, entities and mnemonics stay.
QString foreign(const QString& english) {
    static const QRegularExpression keep(QStringLiteral("%L?[0-9n]+|<[^>]*>|&\\w+;|\\{[^}]*\\}"));
    QString out;
    auto matches = keep.globalMatch(english);
    qsizetype at = 0;
    const auto widen = [&](qsizetype to) {
        for (; at < to; ++at) {
            const char16_t c = english[at].unicode();
            out += (c >= '0' && c <= '9') || (c >= 'A' && c <= 'Z') || (c >= 'a' && c <= 'z')
                       ? QChar(char16_t(c + 0xFEE0))
                       : QChar(c);
        }
    };
    while (matches.hasNext()) {
        const auto m = matches.next();
        widen(m.capturedStart());
        out += m.captured();
        at = m.capturedEnd();
    }
    widen(english.size());
    return out;
}

class Foreign : public QTranslator {
public:
    bool isEmpty() const override { return false; }
    QString translate(const char* context, const char* source, const char* comment, int) const override {
        const QString c = QString::fromUtf8(context), s = QString::fromUtf8(source);
        const bool qt = c.startsWith(QLatin1Char('Q')); // its own texts have their own catalogues
        return qt || catalogue().count({c, s, QString::fromUtf8(comment)}) ? foreign(s) : QString();
    }
};

QStringList english_words(QString text) {
    static const QRegularExpression markup(
        QStringLiteral("<style.*?</style>|<[^>]*>|&\\w+;|#[0-9a-fA-F]{6}\\b"),
        QRegularExpression::DotMatchesEverythingOption),
        word(QStringLiteral("[A-Za-z]{2,}"));
    text.remove(markup);
    QStringList out;
    // Days and months are the locale's.
    static const QSet<QString> calendar = [] {
        QSet<QString> names;
        for (const auto format : {QLocale::ShortFormat, QLocale::LongFormat}) {
            for (int d = 1; d <= 7; ++d)
                names.insert(QLocale().dayName(d, format));
            for (int m = 1; m <= 12; ++m)
                names.insert(QLocale().monthName(m, format));
        }
        return names;
    }();
    static const std::vector<const char*>& currencies =
        find_setting("currency")->choices; // codes of ISO 4217, after the word for none
    for (auto m = word.globalMatch(text); m.hasNext();)
        if (const QString found = m.next().captured();
            !calendar.contains(found) &&
            std::none_of(currencies.begin() + 1, currencies.end(),
                         [&](const char* code) { return found == QLatin1String(code); }))
            out << found;
    return out;
}

} // namespace

class TestWordsWindow : public WindowFixture {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() {
        prepare();
        qApp->installTranslator(foreign_.get());
    }
    void cleanupTestCase() { qApp->removeTranslator(foreign_.get()); }
    void init() {
        left_.clear();
        begin();
    }
    void cleanup() { end(); }
    void every_message_of_core();
    void numbers_follow_the_locale();
    void nothing_english_in_the_window_data();
    void nothing_english_in_the_window();
    void nothing_english_in_dialogs();
    void errors_are_translated();

private:
    void note(const std::string& name) {
        for (const QString& w : english_words(QString::fromStdString(name)))
            given_.insert(w);
    }
    /// Names that somebody gave, symbols and codes.
    void note_names() {
        given_ = {"mm",   "cm",      "min",     "kg",    "km",     "XY",      "PEI",    "ABS",
                  "ASA",  "HIPS",    "CIEDE",   "CSV",   "PDF",    "HTML",    "STL",    "OBJ",
                  "JSON", "Vitrail", "vitrail", "Inter", "Lucide", "English", "Deutsch"};
        for (const MaterialFacts& m : all_materials())
            note(m.id);
        const Project& p = project();
        note(p.name);
        for (const Filament& f : p.filaments)
            note(f.name);
        for (const Piece& piece : p.pieces) {
            note(piece.name);
            for (const Part& part : piece.parts) {
                note(part.name);
                for (const Patch& patch : part.patches)
                    note(patch.name);
            }
        }
        for (const ModelFile& m : p.models)
            note(m.name);
        for (const OrderItem& x : p.order.items)
            note(x.file);
        for (const Variant& v : p.variants)
            note(v.name);
        std::vector<Machine> machines = shipped_machines();
        machines.push_back(p.machine);
        for (const Machine& m : machines) {
            note(m.name);
            note(m.note);
            note(m.id);
            for (const Toolhead& t : m.toolheads)
                note(t.name);
        }
        note("M0 ; swap {from} for {to} ; put into {slot} {slot0} {nozzle} {nozzle0} {place} {place0} "
             "{where} {layer} {up} {feed} "
             "{purge}"); // commands for printers, and their fields
        for (const ShelfFilament& f : starter_shelf().filaments)
            note(f.filament.name);
        if (document()->plan())
            for (const Finding& f : document()->plan()->findings)
                note(f.code);
    }
    /// Filaments are called by letters.
    bool is_letters(const QString& word) {
        return std::all_of(word.begin(), word.end(),
                           [this](QChar c) { return find_filament(project(), c.toLatin1()) >= 0; });
    }
    void look_at(const QString& where, const QString& text) {
        if (text.startsWith(QLatin1String("/dev/"))) // this machine's serial ports
            return;
        for (const QString& w : english_words(text))
            if (!given_.contains(w) && !is_letters(w))
                left_.insert(where + QStringLiteral(": ") + text.left(120));
        static const QRegularExpression point(QStringLiteral("\\d\\.\\d")),
            version(QStringLiteral("Ｖｉｔｒａｉｌ \\d"));
        if (text.contains(point) && !text.contains(version))
            left_.insert(where + QStringLiteral(": a decimal point in ") + text.left(120));
    }
    void look_at_model(const QString& where, const QAbstractItemModel* m, const QModelIndex& parent = {},
                       int depth = 0) {
        for (int c = 0; c < m->columnCount(parent) && depth == 0; ++c)
            for (const int role : {Qt::DisplayRole, Qt::ToolTipRole})
                look_at(where + QStringLiteral(" header"), m->headerData(c, Qt::Horizontal, role).toString());
        for (int r = 0; r < std::min(m->rowCount(parent), 60) && depth < 4; ++r)
            for (int c = 0; c < m->columnCount(parent); ++c) {
                const QModelIndex i = m->index(r, c, parent);
                for (const int role : {Qt::DisplayRole, Qt::ToolTipRole, Qt::AccessibleTextRole})
                    look_at(where, i.data(role).toString());
                if (c == 0)
                    look_at_model(where, m, i, depth + 1);
            }
    }
    /// Everything a person can read or hear in it.
    void look_at(QWidget* top) {
        QList<QWidget*> all = top->findChildren<QWidget*>();
        all << top;
        for (QWidget* w : all) {
            if (w->inherits("QCalendarWidget") ||
                (w->parentWidget() && w->parentWidget()->inherits("QCalendarWidget")))
                continue;
            const QString name = w->objectName().isEmpty() ? QString::fromLatin1(w->metaObject()->className())
                                                           : w->objectName();
            for (const QString& text : {w->toolTip(), w->statusTip(), w->whatsThis(), w->accessibleName(),
                                        w->accessibleDescription(), w->windowTitle()})
                look_at(name, text);
            for (QAction* a : w->actions())
                for (const QString& text : {a->text(), a->toolTip()})
                    look_at(name, text);
            if (auto* label = qobject_cast<QLabel*>(w))
                look_at(name, label->text());
            if (auto* button = qobject_cast<QAbstractButton*>(w))
                look_at(name, button->text());
            if (auto* box = qobject_cast<QGroupBox*>(w))
                look_at(name, box->title());
            if (auto* edit = qobject_cast<QLineEdit*>(w)) {
                look_at(name, edit->placeholderText());
                if (qobject_cast<QAbstractSpinBox*>(w->parentWidget()))
                    look_at(name, edit->text());
            }
            if (auto* box = qobject_cast<QComboBox*>(w))
                look_at_model(name, box->model());
            if (auto* tabs = qobject_cast<QTabBar*>(w))
                for (int i = 0; i < tabs->count(); ++i)
                    look_at(name, tabs->tabText(i) + tabs->tabToolTip(i));
            if (auto* view = qobject_cast<QAbstractItemView*>(w);
                view && view->model() && !w->inherits("QHeaderView"))
                look_at_model(name, view->model());
            if (auto* text = qobject_cast<QTextEdit*>(w))
                look_at(name, text->toPlainText());
        }
    }
    QString left() const { return QStringList(left_.begin(), left_.end()).join(QLatin1Char('\n')); }

    std::unique_ptr<QTranslator> foreign_ = std::make_unique<Foreign>();
    QSet<QString> given_;
    std::set<QString> left_;
};

void TestWordsWindow::every_message_of_core() {
    static const QRegularExpression place(QStringLiteral("\\{(\\d*)\\}"));
    const auto places = [](const QString& text) {
        int n = 0, most = 0;
        for (auto m = place.globalMatch(text); m.hasNext();) {
            const QString number = m.next().captured(1);
            most = std::max(most, number.isEmpty() ? ++n : number.toInt() + 1);
        }
        return most;
    };
    int messages = 0;
    for (const Entry& e : catalogue()) {
        if (e.context != QLatin1String("core"))
            continue;
        ++messages;
        const QByteArray one = e.source.toUtf8(), many = e.many.toUtf8();
        Message m{one.constData(), e.many.isEmpty() ? nullptr : many.constData(), 1, {}};
        // As many values as there are places: each has to come out, in English and in any other language.
        for (int i = 0; i < std::max(places(e.source), places(e.many)); ++i)
            m.arguments.emplace_back(
                i == 0 && m.many ? Argument(1) : Argument(QStringLiteral("⟦%1⟧").arg(i).toStdString()));
        const QString said = QString::fromStdString(english(m)), shown_as = words(m);
        QVERIFY2(!said.contains(QLatin1Char('{')) && english_words(shown_as).isEmpty(),
                 qPrintable(said + QLatin1Char('\n') + shown_as));
        for (int i = 1; i < static_cast<int>(m.arguments.size()); ++i)
            QVERIFY2(said.contains(QStringLiteral("⟦%1⟧").arg(i)) &&
                         shown_as.contains(QStringLiteral("⟦%1⟧").arg(i)),
                     qPrintable(said));
    }
    // None was forgotten: `ninja update_translations` keeps the catalogue in step.
    QStringList arguments{dir_->filePath("messages.cpp")};
    for (const char* folder :
         {"src/core", "src/formats", "src/paint", "src/app"}) // the command line's own are English
        for (QDirIterator i(QString::fromStdString(source_file(folder)), {"*.cpp", "*.h", "*.json"},
                            QDir::Files, QDirIterator::Subdirectories);
             i.hasNext();) // machines have their texts in JSON
            arguments << i.next();
    QCOMPARE(QProcess::execute(QString::fromStdString(source_file("scripts/list-messages")), arguments), 0);
    QFile list(arguments.front());
    QVERIFY(list.open(QIODevice::ReadOnly));
    QCOMPARE(static_cast<int>(list.readAll().count("NOOP")), messages);
}

void TestWordsWindow::numbers_follow_the_locale() {
    QCOMPARE(QLocale().decimalPoint(), QStringLiteral(",")); // or this tests nothing
    const Message m = say("let {} down by {}", Name{"a"}, mm(12.5, 3));
    QCOMPARE(words(m), QStringLiteral("ｌｅｔ “a” ｄｏｗｎ ｂｙ 12,500 mm"));
    QCOMPARE(english(m), std::string("let “a” down by 12.500 mm"));
}

void TestWordsWindow::nothing_english_in_the_window_data() {
    QTest::addColumn<QString>("demo");
    for (const char* demo : {"lighthouse.vitrail", "lamp-bracket.vitrail", "open-day.vitrail", "dusk.vitrail",
                             "rose-window.vitrail"})
        QTest::newRow(demo) << QString::fromLatin1(demo);
}

void TestWordsWindow::nothing_english_in_the_window() {
    QFETCH(QString, demo);
    if (demo == "rose-window.vitrail") {
        auto small = small_rose_window();
        QVERIFY(small);
        show_project(std::move(*small));
    } else {
        open_demo(qPrintable(demo));
    }
    note_names();
    for (int bench = 0; bench < 10; ++bench) {
        key(static_cast<Qt::Key>(bench == 9 ? Qt::Key_0 : Qt::Key_1 + bench), Qt::AltModifier);
        QCoreApplication::processEvents();
        const auto tabs = window_->findChildren<QTabBar*>();
        for (QTabBar* bar : tabs)
            for (int i = 0; bar->isVisible() && i < bar->count(); ++i) {
                bar->setCurrentIndex(i);
                QCoreApplication::processEvents(); // what studies add comes later
                look_at(bar->parentWidget());
            }
    }
    QTRY_VERIFY_WITH_TIMEOUT(!document()->planning(), 30000);
    look_at(window_.get());
    QVERIFY2(left_.empty(), qPrintable(left()));
}

void TestWordsWindow::nothing_english_in_dialogs() {
    open_demo("badge.vitrail");
    note_names();
    const auto look_at_next = [this] {
        in_next_dialog([this](QDialog* d) {
            look_at(d);
            d->reject();
        });
    };
    for (const char* action : {"thicken_base", "scale_file", "edit_machine", "describe_printer", "about"}) {
        look_at_next();
        window_->findChild<QAction*>(action)->trigger();
        QVERIFY2(qApp->findChildren<QTimer*>("next_dialog").isEmpty(), action);
    }
    for (const char* button : {"all_settings", "add_filament", "study_poses"}) {
        look_at_next();
        find<QAbstractButton>(button)->click();
        QVERIFY2(qApp->findChildren<QTimer*>("next_dialog").isEmpty(), button);
    }
    // Of the guide what the program makes; its pages are written by hand in each language.
    window_->findChild<QAction*>("guide")->trigger();
    auto* guide = window_->findChild<GuideWindow*>();
    guide->show_page("terms.html");
    look_at("terms of the guide", guide->browser()->toPlainText());
    for (QAction* a : guide->findChildren<QAction*>())
        look_at("guide", a->text());
    delete guide;
    QSettings().remove("recent"); // paths
    window_->show_welcome();
    look_at(window_.get());
    window_->begin_tour();
    for (int step = 0; step < TourBar::kSteps; ++step) {
        wait_for_plan();
        look_at(window_->findChild<TourBar*>());
        press("tour_next");
    }
    window_->choose_bench(MainWindow::kPalette); // by key only once the window is active again
    look_at_next();
    press("shelf_add_filament");
    QVERIFY2(left_.empty(), qPrintable(left()));
}

void TestWordsWindow::errors_are_translated() {
    note_names();
    const QString path = dir_->filePath("no-model.obj");
    QFile file(path);
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write("v 1 2 x\n");
    file.close();
    window_->open_files({path});
    QTRY_VERIFY_WITH_TIMEOUT(!window_->messages()->text().isEmpty(), 10000);
    QString text = window_->messages()->text();
    text.remove("no-model");
    text.remove("obj");
    look_at("message", text);
    QVERIFY2(left_.empty(), qPrintable(left()));
}

VITRAIL_TEST(TestWordsWindow)
#include "test_words_window.moc"
