#include "app/logbook/print_detail.h"

#include "app/document/document.h"
#include "app/document/logbook_store.h"
#include "app/logbook/pairs_view.h"
#include "app/parts/tables.h"
#include "app/theme/theme.h"
#include "core/run_sheet/log_page.h"
#include "formats/place_clock.h"
#include "paint/page_paint.h"
#include "paint/thumbnail.h"
#include "paint/words.h"

#include <QBoxLayout>
#include <QDialog>
#include <QDragEnterEvent>
#include <QFileDialog>
#include <QImageReader>
#include <QLabel>
#include <QListWidget>
#include <QMimeData>
#include <QPrintDialog>
#include <QPrinter>
#include <QPushButton>
#include <QTableWidget>

#include <algorithm>

namespace vitrail {

namespace {

constexpr int kPhotograph = Qt::UserRole; ///< index; −1: the picture of the plan

QStringList pictures_in(const QMimeData* data) {
    QStringList out;
    const auto formats = QImageReader::supportedImageFormats();
    for (const QUrl& url : data->urls())
        if (url.isLocalFile() && formats.contains(QFileInfo(url.toLocalFile()).suffix().toLower().toLatin1()))
            out << url.toLocalFile();
    return out;
}

} // namespace

PrintDetail::PrintDetail(Document* document, LogbookStore* store, QWidget* parent)
    : QWidget(parent), document_(document), store_(store), pairs_(new PairsView), title_(new QLabel),
      facts_(new QLabel), notes_(new QLabel),
      key_(new QLabel(tr("◇ foretold · ▌ as it came · the band is where it was expected with 80 %"))),
      differences_(
          make_table("log_differences", tr("What differs"), {{QString(), 7}, {tr("1"), 0}, {tr("2"), 0}})),
      pictures_(new QListWidget), add_(new QPushButton(tr("Add a p&hotograph…"))),
      take_out_(new QPushButton(tr("&Take out"))),
      print_(new QPushButton(icon(QStringLiteral("printer")), tr("&Print…"))) {
    setAcceptDrops(true);
    setObjectName(QStringLiteral("print_detail"));
    title_->setFont(font_of(1.15, true));
    for (auto [label, name] :
         {std::pair{title_, "log_title"}, {facts_, "log_facts"}, {notes_, "log_notes"}}) {
        label->setObjectName(QString::fromLatin1(name));
        label->setWordWrap(true);
    }
    notes_->setTextFormat(Qt::PlainText);
    title_->setTextFormat(Qt::PlainText);
    key_->setObjectName(QStringLiteral("quiet"));
    key_->setWordWrap(true);
    differences_->setWordWrap(true);
    differences_->setTextElideMode(Qt::ElideNone);
    pictures_->setObjectName(QStringLiteral("log_pictures"));
    pictures_->setAccessibleName(tr("Pictures of this print"));
    pictures_->setViewMode(QListView::IconMode);
    pictures_->setFlow(QListView::LeftToRight);
    pictures_->setWrapping(false);
    pictures_->setMovement(QListView::Static);
    pictures_->setIconSize({em(5), em(5)});
    pictures_->setFixedHeight(em(7.6));
    pictures_->installEventFilter(this);
    add_->setObjectName(QStringLiteral("log_photo_add"));
    add_->setToolTip(tr("Or drop it here"));
    take_out_->setObjectName(QStringLiteral("log_photo_remove"));
    print_->setObjectName(QStringLiteral("log_page"));
    auto* row = new QHBoxLayout;
    for (QWidget* w : {add_, take_out_})
        row->addWidget(w);
    row->addStretch();
    row->addWidget(print_);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(title_);
    column->addWidget(facts_);
    column->addWidget(pairs_, 5);
    column->addWidget(key_);
    column->addWidget(differences_, 4);
    column->addWidget(notes_);
    column->addWidget(pictures_);
    column->addLayout(row);
    connect(add_, &QPushButton::clicked, this, &PrintDetail::ask_photographs);
    connect(take_out_, &QPushButton::clicked, this, &PrintDetail::remove_photograph);
    connect(print_, &QPushButton::clicked, this, &PrintDetail::print);
    connect(pictures_, &QListWidget::itemActivated, this, &PrintDetail::open_photograph);
    connect(pictures_, &QListWidget::currentItemChanged, this, [this](QListWidgetItem* item) {
        take_out_->setEnabled(item && item->data(kPhotograph).toInt() >= 0);
    });
    show_prints({});
}

void PrintDetail::show_prints(std::vector<PrintRecord> prints) {
    prints.resize(std::min<std::size_t>(2, prints.size()));
    const bool same = shown_.size() == prints.size() &&
                      std::equal(prints.begin(), prints.end(), shown_.begin(),
                                 [](const PrintRecord& a, const PrintRecord& b) {
                                     return a.id == b.id && a.photographs == b.photographs;
                                 });
    shown_ = std::move(prints);
    pairs_->show_prints(shown_);
    show_facts();
    const bool two = shown_.size() == 2;
    differences_->setVisible(two);
    key_->setVisible(!two);
    facts_->setVisible(!two);
    pictures_->setVisible(shown_.size() == 1);
    add_->setVisible(!two);
    take_out_->setVisible(!two);
    add_->setEnabled(shown_.size() == 1);
    print_->setEnabled(!shown_.empty());
    if (same) {
        show_differences();
        return;
    }
    photographs_.clear();
    show_photographs();
    show_differences();
    const int asked = ++asked_;
    if (shown_.size() == 1)
        store_->read_photographs(this, shown_[0].id, [this, asked](LogbookStore::Photographs photographs) {
            if (asked != asked_)
                return;
            photographs_ = std::move(photographs);
            show_photographs();
        });
}

void PrintDetail::show_facts() {
    notes_->setVisible(shown_.size() == 1 && !shown_[0].notes.empty());
    if (shown_.empty()) {
        title_->clear();
        facts_->clear();
        return;
    }
    const PrintRecord& r = shown_[0];
    if (shown_.size() == 2) {
        title_->setText(
            tr("1: %1\n2: %2").arg(QString::fromStdString(r.title), QString::fromStdString(shown_[1].title)));
        return;
    }
    title_->setText(QString::fromStdString(r.title));
    QStringList facts{QString::fromStdString(r.machine_name.empty() ? r.machine : r.machine_name),
                      tr("%n layer(s)", nullptr, r.layers), tr("%n change(s)", nullptr, r.changes)};
    if (r.copies > 1)
        facts << tr("%1 pieces").arg(r.copies);
    if (r.night_trips > 0)
        facts << tr("%n trip(s) at night", nullptr, r.night_trips);
    if (const Fault* f = find_fault(r.fault))
        facts << tr("▲ %1").arg(words(f->words));
    if (r.outcome == Outcome::failed && r.failed_layer > 0)
        facts << tr("failed in layer %1").arg(r.failed_layer);
    for (const Saving& s : savings_of(r))
        if (s.waste_g >= 0.1)
            facts << tr("%1 saved %2 g").arg(words(saving_label(s.code)), number(s.waste_g, 1));
    facts_->setText(facts.join(QStringLiteral(" · ")));
    notes_->setText(QString::fromStdString(r.notes));
}

void PrintDetail::show_differences() {
    if (shown_.size() != 2)
        return differences_->setRowCount(0);
    const auto all = differences(shown_[0], shown_[1], document_->project().settings);
    differences_->setRowCount(static_cast<int>(all.size()));
    for (int i = 0; i < differences_->rowCount(); ++i) {
        const Difference& d = all[static_cast<std::size_t>(i)];
        set_row(differences_, i, {words(d.what), words(d.first), words(d.second)},
                tr("%1: %2 beside %3").arg(words(d.what), words(d.first), words(d.second)));
    }
    differences_->resizeRowsToContents();
}

void PrintDetail::show_photographs() {
    pictures_->clear();
    take_out_->setEnabled(false);
    if (shown_.size() != 1)
        return;
    const auto add = [&](const QImage& image, const QString& name, int index) {
        auto* item = new QListWidgetItem(
            QPixmap::fromImage(image.scaled(pictures_->iconSize() * devicePixelRatioF(), Qt::KeepAspectRatio,
                                            Qt::SmoothTransformation)),
            fontMetrics().elidedText(name, Qt::ElideMiddle, em(6)));
        item->setData(kPhotograph, index);
        item->setToolTip(tr("%1: press Enter to see it large").arg(name));
        pictures_->addItem(item); // the first becomes the current one, and is asked what it is
    };
    if (const auto at = store_->pictures().find(shown_[0].id); at != store_->pictures().end())
        if (const QImage planned = QImage::fromData(QByteArray::fromStdString(at->second)); !planned.isNull())
            add(planned, tr("as planned"), -1);
    for (std::size_t i = 0; i < photographs_.size(); ++i)
        if (!photographs_[i].second.isNull())
            add(photographs_[i].second, QString::fromStdString(photographs_[i].first), static_cast<int>(i));
    pictures_->setVisible(pictures_->count() > 0);
}

void PrintDetail::add_photographs(const QStringList& paths) {
    if (shown_.size() == 1)
        for (const QString& path : paths)
            store_->add_photograph(shown_[0].id, path);
}

void PrintDetail::ask_photographs() {
    QStringList kinds;
    for (const QByteArray& f : QImageReader::supportedImageFormats())
        kinds << QStringLiteral("*.") + QString::fromLatin1(f);
    add_photographs(QFileDialog::getOpenFileNames(this, tr("Add photographs"), {},
                                                  tr("Pictures (%1)").arg(kinds.join(QLatin1Char(' ')))));
}

void PrintDetail::remove_photograph() {
    const QListWidgetItem* item = pictures_->currentItem();
    const int i = item ? item->data(kPhotograph).toInt() : -1;
    if (i < 0 || shown_.size() != 1)
        return;
    store_->edit(
        tr("Take a photograph out"),
        [id = shown_[0].id, name = photographs_[static_cast<std::size_t>(i)].first](LogbookStore::Book& b) {
            for (PrintRecord& r : b.prints)
                if (r.id == id)
                    std::erase(r.photographs, name);
        });
}

void PrintDetail::open_photograph() {
    const QListWidgetItem* item = pictures_->currentItem();
    if (!item || shown_.size() != 1)
        return;
    const int i = item->data(kPhotograph).toInt();
    const auto planned = store_->pictures().find(shown_[0].id);
    const QImage image = i >= 0 ? photographs_[static_cast<std::size_t>(i)].second
                         : planned != store_->pictures().end()
                             ? QImage::fromData(QByteArray::fromStdString(planned->second))
                             : QImage();
    QDialog dialog(this);
    dialog.setObjectName(QStringLiteral("log_photograph"));
    dialog.setWindowTitle(tr("%1: %2").arg(QString::fromStdString(shown_[0].title), item->text()));
    auto* label = new QLabel;
    label->setAccessibleName(item->text());
    label->setPixmap(
        QPixmap::fromImage(image.scaled(em(60), em(44), Qt::KeepAspectRatio, Qt::SmoothTransformation)));
    (new QVBoxLayout(&dialog))->addWidget(label);
    dialog.exec();
}

Page PrintDetail::page() const {
    if (shown_.size() == 2)
        return compare_page(shown_[0], shown_[1],
                            differences(shown_[0], shown_[1], document_->project().settings));
    std::vector<PagePicture> pictures;
    constexpr int kWidth = 300;
    for (const auto& [name, image] : photographs_)
        if (!image.isNull())
            pictures.push_back(
                {png_of(image.scaled(2 * kWidth, 2 * kWidth, Qt::KeepAspectRatio, Qt::SmoothTransformation)),
                 kWidth, say("{}", Name{name})});
    return log_page(shown_.at(0), document_->project().settings, place_zone(shown_[0].start_s),
                    std::move(pictures));
}

void PrintDetail::print() {
    QPrinter printer(QPrinter::HighResolution);
    QPrintDialog dialog(&printer, this);
    dialog.setWindowTitle(tr("Print this page"));
    if (dialog.exec() != QDialog::Accepted)
        return;
    print_page(page(), printer, PageLanguage::window);
    Q_EMIT said(tr("The page was sent to the printer."));
}

void PrintDetail::dragEnterEvent(QDragEnterEvent* e) {
    if (shown_.size() == 1 && !pictures_in(e->mimeData()).isEmpty())
        e->acceptProposedAction();
}

void PrintDetail::dropEvent(QDropEvent* e) {
    add_photographs(pictures_in(e->mimeData()));
    e->acceptProposedAction();
}

bool PrintDetail::eventFilter(QObject* o, QEvent* e) {
    if (o == pictures_ && e->type() == QEvent::KeyPress &&
        static_cast<QKeyEvent*>(e)->matches(QKeySequence::Delete)) {
        remove_photograph();
        return true;
    }
    return QWidget::eventFilter(o, e);
}

} // namespace vitrail

#include "moc_print_detail.cpp"
