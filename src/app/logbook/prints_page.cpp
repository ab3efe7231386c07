#include "app/logbook/prints_page.h"

#include "app/document/background.h"
#include "app/document/document.h"
#include "app/document/logbook_store.h"
#include "app/document/shelf_store.h"
#include "app/logbook/print_detail.h"
#include "app/logbook/record_dialog.h"
#include "app/parts/panel.h"
#include "app/parts/tables.h"
#include "core/base/numbers.h"
#include "core/logbook/totals.h"
#include "formats/files.h"
#include "formats/logbook_text.h"
#include "formats/place_clock.h"
#include "paint/thumbnail.h"
#include "paint/words.h"

#include <QComboBox>
#include <QDateTime>
#include <QFileDialog>
#include <QFileInfo>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QLocale>
#include <QMessageBox>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSplitter>
#include <QTableWidget>
#include <QUuid>

#include <algorithm>

namespace vitrail {

namespace {

constexpr int kId = Qt::UserRole;
/// Figures as the reader calls them.
std::map<std::string, std::string> own_names() {
    std::map<std::string, std::string> out;
    for (const QueryField& f : query_fields())
        out[words(f.label).toStdString()] = f.name;
    return out;
}

constexpr int kPicture = 96; ///< dots square, as kept

QString hours(double s) {
    return QString::fromStdString(duration(s));
}

} // namespace

PrintsPage::PrintsPage(Document* document, ShelfStore* shelf, LogbookStore* store, LastRun run,
                       QWidget* parent)
    : QWidget(parent), document_(document), shelf_(shelf), store_(store), run_(std::move(run)),
      search_(new QLineEdit), machine_(new QComboBox), outcome_(new QComboBox),
      detail_(new PrintDetail(document, store)), sums_(new QLabel), empty_(new QLabel),
      log_(new QPushButton(icon(QStringLiteral("plus")), tr("&Log this print…"))),
      change_(new QPushButton(tr("&Change…"))), remove_(new QPushButton(tr("&Remove"))) {
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(0, em(0.5), 0, 0);
    all->addWidget(make_splitter("logbook.prints", Qt::Horizontal, {make_list(), make_detail()}, {720, 400}));
    connect(store, &LogbookStore::changed, this, &PrintsPage::fill);
    connect(store, &LogbookStore::pictures_changed, this, &PrintsPage::fill);
    connect(detail_, &PrintDetail::said, this, &PrintsPage::said);
    connect(document, &Document::plan_changed, this,
            [this] { log_->setEnabled(store_->is_open() && document_->plan() != nullptr); });
    fill();
}

QWidget* PrintsPage::make_list() {
    auto* panel = new Panel(tr("Prints"));
    log_->setObjectName(QStringLiteral("log_print"));
    log_->setToolTip(tr("How the open project came out (Ctrl+L)"));
    panel->add_to_heading(log_);
    auto* row = new QHBoxLayout;
    search_->setObjectName(QStringLiteral("log_search"));
    search_->setPlaceholderText(tr("badge -failed waste>20 date>2026-10"));
    QStringList fields;
    for (const QueryField& f : query_fields())
        fields << words(f.label);
    search_->setToolTip(tr("Words that stand anywhere in it: name, machine, material, filament, spool, "
                           "fault, notes, date. -word: without it. Figures: %1, with < or >.")
                            .arg(fields.join(QStringLiteral(", "))));
    search_->setAccessibleName(tr("Only prints with these words"));
    search_->setClearButtonEnabled(true);
    for (auto [box, name, spoken] : {std::tuple{machine_, "log_machine", tr("Only this machine")},
                                     {outcome_, "log_outcome", tr("Only those that came out so")}}) {
        box->setObjectName(QString::fromLatin1(name));
        box->setAccessibleName(spoken);
    }
    machine_->setMaximumWidth(em(11));
    outcome_->addItems({tr("all outcomes"), tr("good"), tr("usable"), tr("failed")});
    row->addWidget(search_, 1);
    row->addWidget(machine_);
    row->addWidget(outcome_);
    panel->body()->addLayout(row);
    table_ = make_table("log_prints", tr("Prints"),
                        {{tr("begun"), 5.8},
                         {tr("print"), 0},
                         {tr("machine"), 5.4},
                         {tr("time"), 4.2, true},
                         {tr("foretold"), 4.4, true},
                         {tr("waste"), 4.2, true},
                         {tr("came out"), 4.6}});
    table_->setSelectionMode(QAbstractItemView::ExtendedSelection);
    table_->setToolTip(tr("Choose two, with Ctrl or Shift, to see them beside each other"));
    table_->setIconSize({em(1.9), em(1.9)});
    table_->verticalHeader()->setDefaultSectionSize(em(2.3));
    panel->body()->addWidget(table_, 1);
    empty_->setWordWrap(true);
    empty_->setObjectName(QStringLiteral("quiet"));
    panel->body()->addWidget(empty_);
    sums_->setObjectName(QStringLiteral("log_sums"));
    sums_->setWordWrap(true);
    panel->body()->addWidget(sums_);
    panel->body()->addWidget(make_keys());
    connect(search_, &QLineEdit::textChanged, this, &PrintsPage::fill);
    for (QComboBox* box : {machine_, outcome_})
        connect(box, &QComboBox::currentIndexChanged, this, &PrintsPage::fill);
    connect(table_, &QTableWidget::itemSelectionChanged, this, &PrintsPage::show_chosen);
    connect(table_, &QTableWidget::itemActivated, this, &PrintsPage::change);
    connect(log_, &QPushButton::clicked, this, &PrintsPage::log_print);
    return panel;
}

/// Small as the list wants it; kept, as the same print is drawn over and over.
QIcon PrintsPage::picture_of(const std::string& id) {
    const auto png = store_->pictures().find(id);
    if (png == store_->pictures().end())
        return {};
    QIcon& icon = icons_[QByteArray::fromStdString(png->second)];
    if (icon.isNull())
        icon = QIcon(QPixmap::fromImage(QImage::fromData(QByteArray::fromStdString(png->second))));
    return icon;
}

QWidget* PrintsPage::make_detail() {
    auto* panel = new Panel(tr("Foretold and real"));
    panel->body()->addWidget(detail_, 1);
    return panel;
}

QWidget* PrintsPage::make_keys() {
    auto* keys = new QWidget;
    auto* row = new QHBoxLayout(keys);
    row->setContentsMargins(0, 0, 0, 0);
    change_->setObjectName(QStringLiteral("log_change"));
    remove_->setObjectName(QStringLiteral("log_remove"));
    auto* in = new QPushButton(tr("&Import…"));
    auto* out = new QPushButton(tr("&Export…"));
    in->setObjectName(QStringLiteral("log_import"));
    out->setObjectName(QStringLiteral("log_export"));
    row->addWidget(change_);
    row->addWidget(remove_);
    row->addStretch();
    row->addWidget(in);
    row->addWidget(out);
    connect(change_, &QPushButton::clicked, this, &PrintsPage::change);
    connect(remove_, &QPushButton::clicked, this, &PrintsPage::remove);
    const QString kinds = tr("Logbooks (*.json *.csv)");
    connect(in, &QPushButton::clicked, this, [this, kinds] {
        if (const QString path = QFileDialog::getOpenFileName(this, tr("Import prints"), {}, kinds);
            !path.isEmpty())
            store_->import_prints(path);
    });
    connect(out, &QPushButton::clicked, this, [this, kinds] {
        if (const QString path =
                QFileDialog::getSaveFileName(this, tr("Export prints"), tr("logbook.json"), kinds);
            !path.isEmpty())
            export_list(path);
    });
    return keys;
}

const PrintRecord* PrintsPage::chosen() const {
    const QTableWidgetItem* item = table_->item(table_->currentRow(), 0);
    return item ? store_->print(item->data(kId).toString().toStdString()) : nullptr;
}

std::vector<std::string> PrintsPage::selected() const {
    std::vector<std::string> out;
    for (const QModelIndex& i : table_->selectionModel()->selectedRows())
        out.push_back(i.data(kId).toString().toStdString());
    return out;
}

/// Whether all its words stand somewhere in what is known of a print.
bool PrintsPage::wanted(const PrintRecord& r, const Query& query) const {
    const Fault* fault = find_fault(r.fault);
    QStringList parts{
        outcome_->itemText(static_cast<int>(r.outcome) + 1), fault ? words(fault->words) : QString(),
        words(school_label(r.school)), QDateTime::fromSecsSinceEpoch(r.start_s).toString(Qt::ISODate),
        QLocale().toString(QDateTime::fromSecsSinceEpoch(r.start_s).date(), QLocale::LongFormat)};
    for (const std::string& text : {r.title, r.machine, r.machine_name, r.material, r.notes})
        parts << QString::fromStdString(text);
    for (const UsedFilament& u : r.filaments)
        for (const std::string& text : {u.name, u.material, u.spool, u.colour})
            parts << QString::fromStdString(text);
    const QString text = parts.join(QLatin1Char('\n'));
    const auto has = [&](const std::string& word) {
        return text.contains(QString::fromStdString(word), Qt::CaseInsensitive);
    };
    return within(r, query) && std::all_of(query.words.begin(), query.words.end(), has) &&
           std::none_of(query.without.begin(), query.without.end(), has);
}

void PrintsPage::fill() {
    const auto kept = selected();
    const auto& prints = store_->prints();
    {
        const QSignalBlocker quiet(machine_);
        const QString machine = machine_->currentData().toString();
        machine_->clear();
        machine_->addItem(tr("all machines"));
        for (const PrintRecord& r : prints)
            if (const QString id = QString::fromStdString(r.machine); machine_->findData(id) < 0)
                machine_->addItem(QString::fromStdString(r.machine_name.empty() ? r.machine : r.machine_name),
                                  id);
        machine_->setCurrentIndex(std::max(0, machine_->findData(machine)));
    }
    const Query query = parse_query(search_->text().toStdString(), place_zone(now_s()), own_names());
    const QString machine = machine_->currentData().toString();
    std::vector<const PrintRecord*> shown;
    for (auto r = prints.rbegin(); r != prints.rend(); ++r) // the newest first
        if (wanted(*r, query) && (machine.isEmpty() || QString::fromStdString(r->machine) == machine) &&
            (outcome_->currentIndex() <= 0 || static_cast<int>(r->outcome) == outcome_->currentIndex() - 1))
            shown.push_back(&*r);
    const Theme& t = Theme::current();
    {
        const QSignalBlocker quiet(table_);
        table_->setRowCount(static_cast<int>(shown.size()));
        QItemSelection chosen;
        for (int i = 0; i < table_->rowCount(); ++i) {
            const PrintRecord& r = *shown[static_cast<std::size_t>(i)];
            const auto real = r.real_s();
            const QString came = r.outcome == Outcome::good     ? tr("good")
                                 : r.outcome == Outcome::usable ? tr("usable")
                                                                : tr("▲ failed");
            const Fault* fault = find_fault(r.fault);
            set_row(
                table_, i,
                {QLocale().toString(QDateTime::fromSecsSinceEpoch(r.start_s).date(), QLocale::ShortFormat),
                 QString::fromStdString(r.title), QString::fromStdString(r.machine),
                 real ? hours(*real) : tr("–"), hours(r.foretold_s()), tr("%1 g").arg(number(r.waste_g(), 1)),
                 came},
                fault ? words(fault->words) : QString());
            table_->item(i, 0)->setData(kId, QString::fromStdString(r.id));
            if (r.outcome == Outcome::failed)
                table_->item(i, 6)->setForeground(t.bad);
            table_->item(i, 1)->setIcon(picture_of(r.id));
            if (std::find(kept.begin(), kept.end(), r.id) != kept.end())
                chosen.select(table_->model()->index(i, 0),
                              table_->model()->index(i, table_->columnCount() - 1));
        }
        if (chosen.isEmpty() && table_->rowCount() > 0)
            chosen.select(table_->model()->index(0, 0), table_->model()->index(0, table_->columnCount() - 1));
        if (!chosen.isEmpty())
            table_->setCurrentCell(chosen.indexes().front().row(), 0, QItemSelectionModel::NoUpdate);
        table_->selectionModel()->select(chosen, QItemSelectionModel::ClearAndSelect);
    }
    Total total;
    for (const PrintRecord* r : shown)
        add(total, *r);
    empty_->setVisible(shown.empty());
    empty_->setText(!store_->is_open() ? tr("The logbook is being opened.")
                    : prints.empty()
                        ? tr("No print yet. After the next one press “Log this print”: when it was done, and "
                             "what it weighs, is enough. From then on estimates get ranges, and better.")
                        : tr("No print is like that."));
    sums_->setVisible(!shown.empty());
    QString sums = tr("%n print(s)", nullptr, static_cast<int>(shown.size())) +
                   tr(": %1 g in the pieces, %2 g of waste, %3 at the printer, %4 of filament, power and "
                      "hands; %5 failed.")
                       .arg(number(total.printed_g, 0), number(total.waste_g, 0), hours(total.seconds),
                            money_text(document_->project().settings, total.cost))
                       .arg(total.failed);
    if (total.saved_g >= 1)
        sums += QLatin1Char(' ') + tr("Proposals saved %1 g and %2.")
                                       .arg(number(total.saved_g, 0),
                                            money_text(document_->project().settings, total.saved_cost));
    sums_->setText(sums);
    log_->setEnabled(store_->is_open() && document_->plan() != nullptr);
    show_chosen();
}

void PrintsPage::show_chosen() {
    const auto ids = selected();
    change_->setEnabled(ids.size() == 1);
    remove_->setEnabled(!ids.empty());
    std::vector<PrintRecord> shown;
    for (const std::string& id : ids)
        if (const PrintRecord* p = store_->print(id); p && shown.size() < 2)
            shown.push_back(*p);
    detail_->show_prints(std::move(shown));
}

void PrintsPage::log_print() {
    if (!store_->is_open()) { // it is being read: as soon as that is done
        connect(store_, &LogbookStore::ready, this, &PrintsPage::log_print,
                static_cast<Qt::ConnectionType>(Qt::QueuedConnection | Qt::SingleShotConnection));
        return;
    }
    const auto plan = document_->plan();
    if (!plan)
        return Q_EMIT said(
            tr("There is no plan to hold a print against: open the project that was printed."));
    const Project project = document_->planned_project();
    PrintRecord r = record_of(project, *plan);
    r.title = document_->title().toStdString();
    r.project_file = document_->path().toStdString();
    r.id = QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString();
    const std::int64_t now = QDateTime::currentSecsSinceEpoch() / 60 * 60;
    r.start_s = now - static_cast<std::int64_t>(r.foretold_s());
    r.end_s = now;
    if (const auto run = run_())
        take_run(r, *run);
    name_spools(r);
    foretell(r, factors_for(project.machine, store_->factors()));
    RecordDialog dialog(r, this);
    if (dialog.exec() != QDialog::Accepted)
        return;
    const PrintRecord kept = dialog.record();
    store_->edit(tr("Log a print"), [&](LogbookStore::Book& b) { b.prints.push_back(kept); });
    table_->setCurrentCell(
        0, 0, QItemSelectionModel::ClearAndSelect | QItemSelectionModel::Rows); // Ctrl may still be held
    document_->background()->run(
        this, [this, id = kept.id, project, plan](const std::stop_token&) -> Background::Then {
            auto extras = std::make_shared<PrintExtras>(
                PrintExtras{plan_snapshot(project, *plan), thumbnail_png(project, kPicture)});
            return [this, id, extras] { store_->keep_extras(id, std::move(*extras)); };
        });
    take_from_spools(kept);
}

/// The spool each filament comes off: the first of its kind that has enough left, else the first.
void PrintsPage::name_spools(PrintRecord& r) const {
    const Shelf& shelf = shelf_->shelf();
    for (UsedFilament& u : r.filaments) {
        const int f = find_filament(document_->project(), u.letter);
        const auto at =
            f < 0 || !shelf_->is_open()
                ? std::vector<int>()
                : spools_of(shelf, document_->project().filaments[static_cast<std::size_t>(f)].shelf_id);
        const auto enough = std::find_if(at.begin(), at.end(), [&](int s) {
            return shelf.spools[static_cast<std::size_t>(s)].left_g >= u.foretold_g;
        });
        if (!at.empty()) {
            const Spool& spool =
                shelf.spools[static_cast<std::size_t>(enough != at.end() ? *enough : at.front())];
            u.spool = spool.code;
            u.before_g = spool.left_g;
        }
    }
}

/// What was printed is gone from the spools; what was weighed says by how much more or less.
void PrintsPage::take_from_spools(const PrintRecord& r) {
    if (!shelf_->is_open())
        return;
    const Figure& piece = r.at(Quantity::piece);
    const double factor = piece.real && piece.foretold > 0 ? *piece.real / piece.foretold : 1;
    QStringList taken;
    shelf_->edit(tr("Take a print off the spools"), [&](Shelf& s) {
        for (const UsedFilament& u : r.filaments) {
            const int f = find_filament(document_->project(), u.letter);
            if (f < 0)
                continue;
            double g = u.foretold_g * factor;
            for (const int at :
                 spools_of(s, document_->project().filaments[static_cast<std::size_t>(f)].shelf_id)) {
                Spool& spool = s.spools[static_cast<std::size_t>(at)];
                const double part = std::min(g, spool.left_g);
                if (part <= 0)
                    continue;
                spool.left_g -= part;
                g -= part;
                taken << tr("%1 g off %2").arg(number(part, 1), QString::fromStdString(spool.code));
            }
        }
    });
    Q_EMIT said(taken.isEmpty()
                    ? tr("The print is in the logbook.")
                    : tr("The print is in the logbook; %1.").arg(taken.join(QStringLiteral(", "))));
}

void PrintsPage::change() {
    const PrintRecord* r = chosen();
    if (!r)
        return;
    RecordDialog dialog(*r, this);
    if (dialog.exec() != QDialog::Accepted)
        return;
    const PrintRecord after = dialog.record();
    store_->edit(tr("Change a print of the logbook"), [&](LogbookStore::Book& b) {
        for (PrintRecord& x : b.prints)
            if (x.id == after.id)
                x = after;
    });
}

void PrintsPage::remove() {
    const auto ids = selected();
    if (!ids.empty())
        store_->edit(ids.size() == 1 ? tr("Remove a print from the logbook")
                                     : tr("Remove prints from the logbook"),
                     [&](LogbookStore::Book& b) {
                         std::erase_if(b.prints, [&](const PrintRecord& x) {
                             return std::find(ids.begin(), ids.end(), x.id) != ids.end();
                         });
                     });
}

void PrintsPage::export_list(const QString& path) {
    const Status ok =
        write_file(path.toStdString(), path.endsWith(QLatin1String(".csv"), Qt::CaseInsensitive)
                                           ? logbook_to_csv(store_->prints())
                                           : logbook_to_json({store_->prints(), store_->pictures()}));
    Q_EMIT said(ok ? tr("%1 was written.").arg(QFileInfo(path).fileName())
                   : tr("%1 was not written. %2").arg(QFileInfo(path).fileName(), words(ok.error().message)));
}

} // namespace vitrail

#include "moc_prints_page.cpp"
