#include "app/run/sheet_page.h"

#include "app/document/background.h"
#include "paint/thumbnail.h"

#include "app/document/document.h"
#include "app/document/logbook_store.h"
#include "app/parts/panel.h"
#include "formats/files.h"
#include "formats/place_clock.h"
#include "formats/report.h"
#include "paint/page_paint.h"
#include "paint/sheet_paint.h"
#include "paint/words.h"

#include <QFileDialog>
#include <QFileInfo>
#include <QPaintEvent>
#include <QPainter>
#include <QPrintDialog>
#include <QPrinter>
#include <QPushButton>
#include <QScrollArea>

namespace vitrail {

namespace {
constexpr double kZoom = 1.12; ///< pixels per point of the preview
constexpr int kGap = 18;
} // namespace

void PagesView::show_pages(std::shared_ptr<const SheetPages> pages) {
    pages_ = std::move(pages);
    if (pages_) {
        const QSizeF page = pages_->page_size() * kZoom;
        setFixedSize(qRound(page.width()) + 2 * kGap,
                     pages_->count() * (qRound(page.height()) + kGap) + kGap);
    }
    update();
}

void PagesView::paintEvent(QPaintEvent* e) {
    QPainter p(this);
    if (!pages_)
        return;
    const QSizeF page = pages_->page_size() * kZoom;
    for (int i = 0; i < pages_->count(); ++i) {
        const QRectF at(kGap, kGap + i * (page.height() + kGap), page.width(), page.height());
        if (!at.intersects(e->rect()))
            continue;
        p.fillRect(at.translated(3, 3), Theme::current().lead);
        p.save();
        p.translate(at.topLeft());
        p.scale(kZoom, kZoom);
        p.setClipRect(QRectF({0, 0}, pages_->page_size()));
        pages_->paint(p, i);
        p.restore();
    }
}

SheetPage::SheetPage(Document* document, LogbookStore* logbook, QWidget* parent)
    : QWidget(parent), document_(document), logbook_(logbook), view_(new PagesView), scroll_(new QScrollArea),
      summary_(new QLabel), empty_(new QLabel) {
    auto* side = new Panel(tr("Run sheet"));
    auto* words = new QLabel(tr("What to load before the start, every change with its layer stated all ways, "
                                "and the cautions that apply. "
                                "Keep it at the printer and tick the changes off."));
    words->setWordWrap(true);
    words->setObjectName(QStringLiteral("quiet"));
    side->body()->addWidget(words);
    summary_->setWordWrap(true);
    side->body()->addWidget(summary_);
    const auto button = [&](const char* name, const QString& text, const QString& picture, auto act) {
        auto* b = new QPushButton(icon(picture), text);
        b->setObjectName(QString::fromLatin1(name));
        connect(b, &QPushButton::clicked, this, act);
        side->body()->addWidget(b);
        buttons_ << b;
    };
    button("print_sheet", tr("&Print…"), QStringLiteral("printer"), [this] { print(); });
    button("sheet_pdf", tr("Save as P&DF…"), QStringLiteral("clipboard-list"),
           [this] { ask(tr("PDF (*.pdf)"), QStringLiteral("pdf")); });
    button("sheet_html", tr("Save as &HTML…"), QStringLiteral("clipboard-list"),
           [this] { ask(tr("HTML page (*.html)"), QStringLiteral("html")); });
    button("sheet_csv", tr("Save as &CSV…"), QStringLiteral("clipboard-list"),
           [this] { ask(tr("Comma-separated values (*.csv)"), QStringLiteral("csv")); });
    side->body()->addStretch();
    side->setFixedWidth(em(17));
    scroll_->setObjectName(QStringLiteral("pages"));
    view_->setObjectName(QStringLiteral("pages_view"));
    scroll_->setWidget(view_);
    scroll_->viewport()->setObjectName(QStringLiteral("pages_view"));
    scroll_->setAlignment(Qt::AlignHCenter | Qt::AlignTop);
    scroll_->setAccessibleName(tr("Pages of the run sheet"));
    empty_->setAlignment(Qt::AlignCenter);
    empty_->setObjectName(QStringLiteral("quiet"));
    empty_->setText(tr("Once there is a plan, the sheet for the printer stands here."));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(em(0.8), em(0.7), em(0.8), em(0.7));
    row->setSpacing(em(0.6));
    row->addWidget(scroll_, 1);
    row->addWidget(empty_, 1);
    row->addWidget(side);
    connect(document, &Document::plan_changed, this, [this] {
        stale_ = true;
        if (isVisible())
            refresh();
    });
    refresh();
}

void SheetPage::showEvent(QShowEvent*) {
    if (stale_)
        refresh();
}

void SheetPage::refresh() {
    stale_ = false;
    const auto plan = document_->plan();
    scroll_->setVisible(plan != nullptr);
    empty_->setVisible(!plan);
    for (QPushButton* b : buttons_)
        b->setEnabled(plan != nullptr);
    if (!plan) {
        pages_.reset();
        view_->show_pages(nullptr);
        summary_->clear();
        return;
    }
    show_sheet();
    draw_picture();
}

/// The picture comes later: big meshes take their time.
void SheetPage::draw_picture() {
    drawing_.request_stop();
    drawing_ = document_->background()->run(
        this, [this, project = document_->planned_project()](const std::stop_token&) -> Background::Then {
            return [this, png = thumbnail_png(project, 384)] {
                if (png == picture_)
                    return;
                picture_ = png;
                if (document_->plan())
                    show_sheet();
            };
        });
}

/// Of the plan, with what the logbook makes of it.
RunSheet SheetPage::sheet() const {
    const Project& p = document_->planned_project();
    const Plan& plan = *document_->plan();
    RunSheet out = make_run_sheet(p, plan, place_zone(p));
    out.picture = picture_;
    if (logbook_->is_open())
        add_outlook(out, logbook_->outlook(p, plan));
    return out;
}

void SheetPage::show_sheet() {
    RunSheet sheet = this->sheet();
    const int changes = static_cast<int>(sheet.changes.size()),
              warnings = static_cast<int>(sheet.warnings.size());
    pages_ = std::make_shared<SheetPages>(std::move(sheet));
    view_->show_pages(pages_);
    summary_->setText(
        tr("%n page(s)", nullptr, pages_->count()) + QStringLiteral(" · ") +
        tr("%n change(s)", nullptr, changes) + QStringLiteral(" · ") +
        (warnings ? tr("%n thing(s) to look at first", nullptr, warnings) : tr("nothing to look at first")));
}

void SheetPage::ask(const QString& filter, const QString& ending) {
    const QString stem = document_->path().isEmpty()
                             ? document_->title()
                             : QFileInfo(document_->path()).path() + QLatin1Char('/') +
                                   QFileInfo(document_->path()).completeBaseName();
    const QString path = QFileDialog::getSaveFileName(this, tr("Save the run sheet"),
                                                      stem + QLatin1Char('.') + ending, filter);
    if (!path.isEmpty())
        export_to(path);
}

void SheetPage::export_to(const QString& path) {
    const auto plan = document_->plan();
    if (!plan)
        return;
    const RunSheet sheet = this->sheet();
    const std::string target = path.toStdString();
    const Status ok = path.endsWith(QLatin1String(".csv"), Qt::CaseInsensitive)
                          ? write_file(target, sheet_csv(sheet))
                      : path.endsWith(QLatin1String(".html"), Qt::CaseInsensitive)
                          ? write_file(target, sheet_html(sheet, window_language()))
                          : write_sheet_pdf(sheet, target);
    Q_EMIT said(ok ? tr("The run sheet was saved as %1.").arg(QFileInfo(path).fileName())
                   : tr("%1 was not saved. %2").arg(QFileInfo(path).fileName(), words(ok.error().message)));
}

void SheetPage::print() {
    if (!pages_)
        return;
    QPrinter printer(QPrinter::HighResolution);
    printer.setPageSize(usual_paper());
    printer.setFullPage(true);
    QPrintDialog dialog(&printer, this);
    if (dialog.exec() == QDialog::Accepted)
        pages_->print(printer);
}

} // namespace vitrail

#include "moc_sheet_page.cpp"
