#include "app/guide/explain.h"

#include "app/guide/guide_window.h"
#include "core/terms/terms.h"
#include "paint/words.h"

#include <QAbstractButton>
#include <QAbstractItemView>
#include <QApplication>
#include <QGroupBox>
#include <QHash>
#include <QHeaderView>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QLabel>
#include <QRegularExpression>
#include <QTabBar>
#include <QTextDocumentFragment>
#include <QToolTip>
#include <QWhatsThis>
#include <QWhatsThisClickedEvent>

#include <algorithm>
#include <utility>

namespace vitrail {

namespace {

constexpr const char* kPage = "guide_page";
/// Longer texts are sentences, which explain themselves; a tool tip of every word in them would be in the
/// way.
constexpr int kShort = 60;
constexpr int kMostTerms = 4;

/// The words of the terms in the language that is spoken.
struct Words {
    QString language;
    QHash<QString, const Term*> terms; ///< in small letters
    QRegularExpression any;
};

const Words& all_words() {
    static Words w;
    // The language is told from the words themselves, as tests bring translators of their own.
    const QString language = words(all_terms().front().words);
    if (w.language == language)
        return w;
    w = {language, {}, {}};
    QStringList forms;
    for (const Term& t : all_terms())
        for (const QString& form : words(t.words).split(QLatin1Char('|'), Qt::SkipEmptyParts)) {
            w.terms.insert(form.toLower(), &t);
            forms << QRegularExpression::escape(form);
        }
    std::sort(forms.begin(), forms.end(),
              [](const QString& a, const QString& b) { return a.size() > b.size(); });
    w.any = QRegularExpression(
        QStringLiteral("(?<![\\p{L}\\p{N}_])(?:%1)(?![\\p{L}\\p{N}_])").arg(forms.join(QLatin1Char('|'))),
        QRegularExpression::CaseInsensitiveOption | QRegularExpression::UseUnicodePropertiesOption);
    return w;
}

/// As somebody reads it: without mnemonics and markup.
QString readable(QString text) {
    if (Qt::mightBeRichText(text))
        text = QTextDocumentFragment::fromHtml(text).toPlainText();
    static const QRegularExpression mnemonic(QStringLiteral("&(?=\\S)"));
    return text.remove(mnemonic).simplified();
}

QLabel* label_of(const QWidget* w) {
    const QList<QLabel*> labels = w->window()->findChildren<QLabel*>();
    for (QLabel* l : labels)
        if (l->buddy() && (l->buddy() == w || l->buddy()->isAncestorOf(w)))
            return l;
    return nullptr;
}

/// What stands at that place of the widget; empty where it cannot be told.
QString text_at(QWidget* w, const QPoint& at) {
    if (const auto* label = qobject_cast<QLabel*>(w))
        return label->text();
    if (const auto* button = qobject_cast<QAbstractButton*>(w))
        return button->text();
    if (const auto* box = qobject_cast<QGroupBox*>(w))
        return box->title();
    if (const auto* tabs = qobject_cast<QTabBar*>(w))
        return tabs->tabText(tabs->tabAt(at) < 0 ? tabs->currentIndex() : tabs->tabAt(at));
    if (const auto* header = qobject_cast<QHeaderView*>(w->parentWidget()); header && header->viewport() == w)
        return header->model()->headerData(header->logicalIndexAt(at), header->orientation()).toString();
    if (auto* view = qobject_cast<QAbstractItemView*>(w->parentWidget()); view && view->viewport() == w)
        return view->indexAt(at).data().toString();
    return {};
}

/// The whole of a line that has no room; nothing where it has.
QString cut_text(const QWidget* w) {
    const auto* label = qobject_cast<const QLabel*>(w);
    return label && !label->wordWrap() &&
                   label->fontMetrics().horizontalAdvance(label->text()) > label->contentsRect().width()
               ? label->text()
               : QString();
}

/// What is told there, tool tip or not.
QString tip_at(QWidget* w, const QPoint& at) {
    if (const auto* tabs = qobject_cast<QTabBar*>(w))
        return tabs->tabToolTip(tabs->tabAt(at));
    if (const auto* header = qobject_cast<QHeaderView*>(w->parentWidget()); header && header->viewport() == w)
        return header->model()
            ->headerData(header->logicalIndexAt(at), header->orientation(), Qt::ToolTipRole)
            .toString();
    if (auto* view = qobject_cast<QAbstractItemView*>(w->parentWidget()); view && view->viewport() == w)
        return view->indexAt(at).data(Qt::ToolTipRole).toString();
    return w->toolTip().isEmpty() ? cut_text(w) : w->toolTip();
}

QString paragraph(const QString& text) {
    return QStringLiteral("<p>%1</p>")
        .arg(text.toHtmlEscaped().replace(QLatin1Char('\n'), QLatin1String("<br>")));
}

/// Tool tips are plain text, as names stand in them (theme/manners.h), and plain text is not wrapped by
/// itself.
QString wrapped(const QString& text) {
    constexpr int kLine = 80;
    QStringList lines;
    for (const QString& paragraph : text.split(QLatin1Char('\n'))) {
        QString line;
        for (const QString& word : paragraph.split(QLatin1Char(' '))) {
            if (!line.isEmpty() && line.size() + 1 + word.size() > kLine) {
                lines << line;
                line = word;
            } else {
                line += (line.isEmpty() ? QString() : QStringLiteral(" ")) + word;
            }
        }
        lines << line;
    }
    return lines.join(QLatin1Char('\n'));
}

QString said_of(const std::vector<const Term*>& terms) {
    QString out;
    for (std::size_t i = 0; i < terms.size() && i < kMostTerms; ++i)
        out += QStringLiteral("<p><b>%1</b> — %2</p>")
                   .arg(word_of(*terms[i]).toHtmlEscaped(), words(terms[i]->says).toHtmlEscaped());
    return out;
}

QString page_of(const QWidget* w) {
    for (; w; w = w->parentWidget())
        if (const QString page = w->property(kPage).toString(); !page.isEmpty())
            return page;
    return {};
}

class Explainer : public QObject {
public:
    using QObject::QObject;
    bool eventFilter(QObject* watched, QEvent* e) override {
        const auto ours = {QEvent::ToolTip, QEvent::QueryWhatsThis, QEvent::WhatsThis,
                           QEvent::WhatsThisClicked, QEvent::KeyPress};
        auto* w = std::find(ours.begin(), ours.end(), e->type()) == ours.end()
                      ? nullptr
                      : qobject_cast<QWidget*>(watched); // every event comes through here
        if (!w)
            return false;
        switch (e->type()) {
        case QEvent::ToolTip:
            return hover(w, static_cast<QHelpEvent*>(e));
        case QEvent::QueryWhatsThis:
            e->setAccepted(!explanation(w, static_cast<QHelpEvent*>(e)->pos()).isEmpty());
            return e->isAccepted();
        case QEvent::WhatsThis: {
            const auto* help = static_cast<QHelpEvent*>(e);
            if (const QString text = explanation(w, help->pos()); !text.isEmpty()) {
                QWhatsThis::showText(help->globalPos(), text, w);
                return true;
            }
            return false;
        }
        case QEvent::WhatsThisClicked:
            QWhatsThis::hideText();
            GuideWindow::shown_by(w)->show_page(static_cast<QWhatsThisClickedEvent*>(e)->href());
            return true;
        case QEvent::KeyPress: { // windows have an action for it; dialogs and the guide have not
            const auto* key = static_cast<QKeyEvent*>(e);
            if (key->key() != Qt::Key_F1 || key->isAutoRepeat())
                return false;
            if (key->modifiers() == Qt::ShiftModifier)
                QWhatsThis::enterWhatsThisMode();
            else if (key->modifiers() == Qt::NoModifier)
                explain_focus();
            else
                return false;
            return true;
        }
        default:
            return false;
        }
    }

private:
    static bool hover(QWidget* w, const QHelpEvent* help) {
        const QString text = readable(text_at(w, help->pos()));
        QStringList says;
        if (const QString tip = tip_at(w, help->pos()); !tip.isEmpty())
            says << tip;
        if (text.size() <= kShort)
            for (const Term* t : terms_in(text))
                if (says.size() <= kMostTerms)
                    says << QStringLiteral("%1 — %2").arg(word_of(*t), words(t->says));
        const QString all = wrapped(says.join(QStringLiteral("\n\n")));
        const bool by_qt = !w->toolTip().isEmpty() || cut_text(w).isEmpty();
        if (says.isEmpty() || (by_qt && says.size() == 1 && all == says.first()))
            return false; // as Qt shows it
        QToolTip::showText(help->globalPos(), all, w);
        return true;
    }
};

} // namespace

std::vector<const Term*> terms_in(const QString& text) {
    const Words& w = all_words();
    std::vector<const Term*> out;
    for (auto m = w.any.globalMatch(text); m.hasNext();)
        if (const Term* t = w.terms.value(m.next().captured().toLower());
            t && std::find(out.begin(), out.end(), t) == out.end())
            out.push_back(t);
    return out;
}

void set_guide_page(QWidget* widget, const QString& page) {
    widget->setProperty(kPage, page);
}

namespace {

/// Empty where it says nothing of itself, as the editor in a field of numbers.
QString own_explanation(QWidget* widget, const QPoint& at) {
    const QLabel* label = label_of(widget);
    QString title = readable(text_at(widget, at));
    if (title.isEmpty() || title.size() > kShort)
        title = readable(!widget->accessibleName().isEmpty() ? widget->accessibleName()
                         : label                             ? label->text()
                                                             : QString());
    QString tip = widget->whatsThis();
    for (const QString& other :
         {tip_at(widget, at), label ? label->toolTip() : QString(), widget->accessibleDescription()})
        if (tip.isEmpty())
            tip = other;
    if (title.isEmpty() && tip.isEmpty())
        return {};
    QString out;
    if (!title.isEmpty())
        out += QStringLiteral("<p><b>%1</b></p>").arg(title.toHtmlEscaped());
    if (!tip.isEmpty() && tip != title)
        out += paragraph(tip);
    const auto terms = terms_in(title + QLatin1Char('\n') + readable(tip));
    return out + said_of(terms);
}

} // namespace

QString explanation(QWidget* widget, const QPoint& at) {
    QPoint there = at;
    for (QWidget* w = widget; w; w = w->parentWidget()) {
        const QString own = own_explanation(w, there);
        if (!own.isEmpty() || w->isWindow()) {
            const QString page = page_of(widget);
            if (own.isEmpty() && page.isEmpty())
                return {};
            return own +
                   QStringLiteral("<p><a href=\"%1\">%2</a> (%3)</p>")
                       .arg(page.isEmpty() ? QStringLiteral("index.html") : page,
                            QApplication::translate("vitrail::Explain", "More in the guide").toHtmlEscaped(),
                            QKeySequence(QKeySequence(Qt::CTRL | Qt::Key_F1))
                                .toString(QKeySequence::NativeText));
        }
        there = w->mapTo(w->parentWidget(), there);
    }
    return {};
}

void explain_focus() {
    QWidget* w = QApplication::focusWidget() ? QApplication::focusWidget() : QApplication::activeWindow();
    if (!w)
        return;
    QPoint at = w->rect().center();
    if (auto* view = qobject_cast<QAbstractItemView*>(w); view && view->currentIndex().isValid()) {
        at = view->visualRect(view->currentIndex()).center();
        w = view->viewport();
    } else if (auto* tabs = qobject_cast<QTabBar*>(w)) {
        at = tabs->tabRect(tabs->currentIndex()).center();
    }
    if (const QString text = explanation(w, at); !text.isEmpty())
        QWhatsThis::showText(w->mapToGlobal(at), text, w);
    else
        GuideWindow::shown_by(w)->show_page(QStringLiteral("index.html"));
}

void teach_to_explain(QApplication& app) {
    static bool taught = false;
    if (!std::exchange(taught, true))
        app.installEventFilter(new Explainer(&app));
}

} // namespace vitrail
