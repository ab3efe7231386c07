#include "app/guide/guide_window.h"

#include "app/parts/tables.h"
#include "app/theme/language.h"
#include "app/theme/theme.h"
#include "paint/words.h"

#include <QAction>
#include <QApplication>
#include <QFileDialog>
#include <QLineEdit>
#include <QListWidget>
#include <QMessageBox>
#include <QSplitter>
#include <QTextBrowser>
#include <QToolBar>
#include <QVBoxLayout>

namespace vitrail {

namespace {

/// Serves the pages, in the theme's colours and with pictures no wider than the page.
class Browser : public QTextBrowser {
public:
    explicit Browser(const std::vector<GuidePage>& pages) : pages_(pages), folder_(guide_folder()) {}
    void show_hits(const QString& html) {
        hits_ = html;
        const QUrl address(QStringLiteral("hits.html"));
        source() == address ? reload()
                            : setSource(address); // each letter that is typed is no step to go back to
    }

protected:
    QVariant loadResource(int type, const QUrl& name) override {
        const QString path = name.path();
        if (type == QTextDocument::ImageResource) {
            const QImage image(folder_ + QStringLiteral("/en/") + path);
            const int width =
                std::min(image.width(),
                         viewport()->width() - 2 * static_cast<int>(document()->documentMargin()) - em(1));
            return image.isNull() ? QVariant()
                                  : image.scaledToWidth(std::max(width, em(10)), Qt::SmoothTransformation);
        }
        if (type != QTextDocument::HtmlResource)
            return {}; // its style sheet is for other browsers
        if (path == QLatin1String("hits.html"))
            return hits_;
        for (const GuidePage& page : pages_)
            if (page.file == path)
                return page.html;
        return {};
    }

private:
    const std::vector<GuidePage>& pages_;
    const QString folder_;
    QString hits_;
};

QString page_style() {
    const Theme& t = Theme::current();
    return QStringLiteral("body { color: %1; } a { color: %2; } th { text-align: left; padding: 3px 8px; "
                          "background: %3; } td { padding: 3px 8px; border-bottom: 1px solid %4; } "
                          ".caution { background: %3; } kbd, code { font-family: monospace; } h1, h2, h3 { "
                          "font-weight: 700; }")
        .arg(t.ink.name(), t.accent.name(), t.panel.name(), t.line.name());
}

} // namespace

GuideWindow::GuideWindow(QWidget* parent)
    : QMainWindow(parent), contents_(new QListWidget), search_(new QLineEdit), browser_(new Browser(pages_)) {
    setObjectName(QStringLiteral("guide_window"));
    setWindowTitle(tr("Guide"));
    setStyleSheet(theme_sheet());
    contents_->setObjectName(QStringLiteral("guide_contents"));
    contents_->setAccessibleName(tr("Contents"));
    contents_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    contents_->setTextElideMode(Qt::ElideRight);
    search_->setObjectName(QStringLiteral("guide_search"));
    search_->setAccessibleName(tr("Look for words in the guide"));
    search_->setPlaceholderText(tr("Look for words"));
    search_->setClearButtonEnabled(true);
    browser_->setObjectName(QStringLiteral("guide_page"));
    browser_->setAccessibleName(tr("Page"));
    browser_->setOpenExternalLinks(true);
    browser_->document()->setDocumentMargin(em(1.2));

    auto* bar = new QToolBar(tr("Guide"));
    bar->setObjectName(QStringLiteral("guide_bar"));
    bar->setMovable(false);
    const auto add = [&](const char* id, const QString& text, const QKeySequence& keys, auto act) {
        QAction* a = bar->addAction(text);
        a->setObjectName(QString::fromLatin1(id));
        a->setShortcut(keys);
        connect(a, &QAction::triggered, this, act);
        return a;
    };
    QAction* back = add("guide_back", tr("Back"), QKeySequence::Back, [this] { browser_->backward(); });
    QAction* forward =
        add("guide_forward", tr("Forward"), QKeySequence::Forward, [this] { browser_->forward(); });
    back->setEnabled(false);
    forward->setEnabled(false);
    connect(browser_, &QTextBrowser::backwardAvailable, back, &QAction::setEnabled);
    connect(browser_, &QTextBrowser::forwardAvailable, forward, &QAction::setEnabled);
    add("guide_find", tr("Search"), QKeySequence::Find, [this] {
        search_->setFocus();
        search_->selectAll();
    });
    add("guide_html", tr("Save as HTML…"), {}, [this] { save_html(); });
    add("guide_close", tr("Close"), QKeySequence(Qt::Key_Escape), [this] { close(); });
    addToolBar(bar);

    auto* left = new QWidget;
    auto* column = new QVBoxLayout(left);
    column->setContentsMargins(em(0.5), em(0.5), 0, em(0.5));
    column->addWidget(search_);
    column->addWidget(contents_, 1);
    auto* both = make_splitter("guide", Qt::Horizontal, {left, browser_}, {em(16), em(46)});
    setCentralWidget(both);
    resize(em(62), em(48));

    connect(search_, &QLineEdit::textChanged, this, [this](const QString& text) { search(text); });
    connect(search_, &QLineEdit::returnPressed, browser_, qOverload<>(&QWidget::setFocus));
    connect(contents_, &QListWidget::currentRowChanged, this, [this](int row) {
        if (row >= 0 && browser_->source().path() != pages_[static_cast<std::size_t>(row)].file)
            browser_->setSource(QUrl(pages_[static_cast<std::size_t>(row)].file));
    });
    connect(browser_, &QTextBrowser::sourceChanged, this,
            [this](const QUrl& url) { mark_contents(url.path()); });
    read();
    show_page(QStringLiteral("index.html"));
}

void GuideWindow::read() {
    browser_->document()->setDefaultStyleSheet(page_style());
    pages_ = guide_pages(guide_folder(), language());
    const QSignalBlocker quiet(contents_);
    contents_->clear();
    for (const GuidePage& page : pages_)
        contents_->addItem(page.title);
}

void GuideWindow::mark_contents(const QString& file) {
    const QSignalBlocker quiet(contents_);
    contents_->setCurrentRow(-1); // a page of hits is none of them
    for (std::size_t i = 0; i < pages_.size(); ++i)
        if (pages_[i].file == file)
            contents_->setCurrentRow(static_cast<int>(i));
}

void GuideWindow::show_page(const QString& link) {
    browser_->setSource(QUrl(link));
}

void GuideWindow::search(const QString& words) {
    if (words.trimmed().isEmpty())
        return;
    const auto hits = search_guide(pages_, words);
    QString body = QStringLiteral("<h1>%1</h1>")
                       .arg(tr("%n page(s) with “%1”", nullptr, static_cast<int>(hits.size()))
                                .arg(words.trimmed().toHtmlEscaped()));
    for (const GuideHit& hit : hits)
        body += QStringLiteral("<p><a href=\"%1\"><b>%2</b></a><br>… %3 …</p>")
                    .arg(hit.file, hit.title.toHtmlEscaped(), hit.excerpt.toHtmlEscaped());
    if (hits.empty())
        body += QStringLiteral("<p>%1</p>").arg(tr("Try fewer words, or part of one."));
    static_cast<Browser*>(browser_)->show_hits(body);
}

void GuideWindow::save_html() {
    const QString into = QFileDialog::getExistingDirectory(this, tr("A folder for the guide's pages"));
    if (into.isEmpty())
        return;
    if (const Status ok = write_guide(into, language()); !ok)
        QMessageBox::warning(this, tr("Guide"), words(ok.error().message));
}

void GuideWindow::changeEvent(QEvent* e) {
    QMainWindow::changeEvent(e);
    if (e->type() != QEvent::PaletteChange || pages_.empty())
        return;
    browser_->document()->setDefaultStyleSheet(page_style());
    browser_->reload();
}

GuideWindow* GuideWindow::shown_by(QWidget* asking) {
    QWidget* window = asking->window();
    while (window->parentWidget())
        window = window->parentWidget()->window();
    auto* guide = window->findChild<GuideWindow*>();
    if (!guide)
        guide = new GuideWindow(window);
    guide->show();
    guide->raise();
    guide->activateWindow();
    return guide;
}

} // namespace vitrail

#include "moc_guide_window.cpp"
