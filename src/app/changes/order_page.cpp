#include "app/changes/order_page.h"

#include "app/changes/changes_model.h"
#include "app/changes/layer_order_view.h"
#include "app/document/document.h"
#include "app/document/view_state.h"
#include "app/parts/tables.h"
#include "core/base/numbers.h"
#include "core/run_sheet/run_sheet.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QComboBox>
#include <QCoreApplication>
#include <QHeaderView>
#include <QPainter>
#include <QSignalBlocker>
#include <QSplitter>
#include <QStyledItemDelegate>
#include <QTableView>

namespace vitrail {

namespace {

/// Two badges with a lead between them.
class FromToDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    void paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        QStyledItemDelegate::paint(p, option, index);
        const double s = em(1.45);
        const QString out = index.data(ChangesModel::FromRole).toString();
        const QRectF from(option.rect.left() + em(0.3), option.rect.center().y() + 0.5 - s / 2, s, s),
            to = from.translated(em(2.7), 0);
        p->save();
        p->setPen(QPen(Theme::current().quiet, 2));
        p->drawLine(QPointF(from.right() + 2, from.center().y()), QPointF(to.left() - 2, to.center().y()));
        if (!out.isEmpty()) // else the slot was empty
            paint_badge(*p, from, out.at(0).toLatin1(),
                        index.data(ChangesModel::FromColourRole).value<QColor>(), option.font);
        paint_badge(*p, to, index.data(ChangesModel::ToRole).toString().at(0).toLatin1(),
                    index.data(ChangesModel::ToColourRole).value<QColor>(), option.font);
        p->restore();
    }
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override {
        return {em(5.2), em(1.9)};
    }
};

QString grams_text(double g) {
    return QCoreApplication::translate("OrderPage", "%1 g").arg(number(g, g < 10 ? 2 : 1));
}

/// "20 min, there 3:00 min"; what is nothing is left out.
QString time_and_there(double time_s, double attended_s) {
    const QString time = QString::fromStdString(duration(time_s)),
                  there = QString::fromStdString(duration(attended_s));
    return attended_s <= 0 ? time
           : time_s <= 0   ? QCoreApplication::translate("OrderPage", "there %1").arg(there)
                           : QCoreApplication::translate("OrderPage", "%1, there %2").arg(time, there);
}

} // namespace

OrderPage::OrderPage(Document* document, ViewState* view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view), model_(new ChangesModel(document, this)),
      table_(new QTableView), sentence_(new QLabel), sums_(new QLabel), saves_(new QLabel),
      empty_(new QLabel), order_(new QComboBox), first_(new QComboBox), lock_(new QLabel) {
    list_ = new Panel(tr("Changes"));
    sentence_->setObjectName(QStringLiteral("good"));
    sentence_->setWordWrap(true);
    sentence_->setToolTip(tr("Within a layer: the cheapest path through its filaments for every first and "
                             "last one (Held and Karp 1962). "
                             "Over the layers: a shortest path with the filament that was last as state. "
                             "Together they are the optimum, and its proof."));
    list_->body()->addWidget(sentence_);
    table_->setObjectName(QStringLiteral("changes"));
    table_->setAccessibleName(tr("Changes"));
    table_->setModel(model_);
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->setShowGrid(false);
    table_->verticalHeader()->hide();
    table_->verticalHeader()->setDefaultSectionSize(em(1.95));
    table_->horizontalHeader()->setHighlightSections(false);
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Fixed);
    table_->setItemDelegateForColumn(ChangesModel::kFromTo, new FromToDelegate(table_));
    table_->setTabKeyNavigation(false);
    table_->setFrameShape(QFrame::NoFrame);
    const double widths[] = {1.8, 5.3, 4.7, 4.3, 4.6, 4.9, 4.9, 3.7, 3.1, 3.1, 4.0, 3};
    for (int c = 0; c < ChangesModel::kColumns; ++c)
        set_column_width(table_, c, widths[c]);
    table_->horizontalHeader()->setStretchLastSection(true);
    list_->body()->addWidget(table_, 1);
    sums_->setObjectName(QStringLiteral("change_sums"));
    sums_->setWordWrap(true);
    list_->body()->addWidget(sums_);
    empty_->setObjectName(QStringLiteral("quiet"));
    empty_->setAlignment(Qt::AlignCenter);
    empty_->setWordWrap(true);
    list_->body()->addWidget(empty_, 1);

    auto* saving = new Panel(tr("What the order saves"));
    saves_->setWordWrap(true);
    saves_->setObjectName(QStringLiteral("saves"));
    saves_->setTextFormat(Qt::RichText);
    saving->body()->addWidget(saves_);
    auto* row = new QHBoxLayout;
    auto* label = new QLabel(tr("&Order within layers"));
    label->setBuddy(order_);
    order_->setObjectName(QStringLiteral("order"));
    order_->addItems({tr("worked out for the least purge"), tr("by letter in every layer")});
    order_->setAccessibleName(tr("Order within layers"));
    order_->setToolTip(tr("By letter is what happens when nobody thinks about it: every layer starts with "
                          "the first letter again."));
    row->addWidget(label);
    row->addWidget(order_, 1);
    saving->body()->addLayout(row);

    order_panel_ = new Panel(tr("In the cursor layer"));
    order_panel_->body()->addWidget(new LayerOrderView(document, view), 1);
    auto* second = new QHBoxLayout;
    auto* first_label = new QLabel(tr("Always &first in a layer"));
    first_label->setBuddy(first_);
    first_->setObjectName(QStringLiteral("print_first"));
    first_->setAccessibleName(tr("Filament that is always first in a layer"));
    first_->setToolTip(tr(
        "Locks the order: where a layer has this filament it begins with it. What that costs stands below."));
    second->addWidget(first_label);
    second->addWidget(first_, 1);
    saving->body()->addLayout(second);
    lock_->setObjectName(QStringLiteral("lock_costs"));
    lock_->setWordWrap(true);
    saving->body()->addWidget(lock_);

    auto* right = make_splitter("order.right", Qt::Vertical, {saving, order_panel_}, {190, 260});
    auto* all = make_splitter("order.all", Qt::Horizontal, {list_, right}, {810, 330});
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(all);

    connect(document, &Document::plan_changed, this, &OrderPage::refresh);
    connect(view, &ViewState::layer_changed, this, &OrderPage::show_layer);
    connect(table_->selectionModel(), &QItemSelectionModel::currentRowChanged, this,
            [this](const QModelIndex& i) {
                if (moving_ || !i.isValid())
                    return;
                moving_ = true;
                view_->set_layer(i.data(ChangesModel::LayerRole).toInt());
                moving_ = false;
            });
    connect(order_, &QComboBox::activated, this, [this](int choice) {
        document_->edit(tr("Change the order within layers"),
                        [&](Project& p) { p.settings.order = static_cast<LayerOrder>(choice); });
    });
    connect(first_, &QComboBox::activated, this, [this](int choice) {
        const std::string letters =
            choice > 0 ? first_->itemData(choice).toString().toStdString() : std::string();
        document_->edit(choice > 0 ? tr("Print %1 first in every layer").arg(QString::fromStdString(letters))
                                   : tr("Lift the lock on the order"),
                        [&](Project& p) { p.print_first = letters; });
    });
    refresh();
    show_layer(view->layer());
}

/// Chooses the row of the change that is next to be done at the cursor.
void OrderPage::show_layer(int layer) {
    const int r = moving_ ? -1 : model_->row_at(layer);
    if (r < 0)
        return;
    moving_ = true;
    table_->selectRow(r);
    table_->scrollTo(model_->index(r, 0));
    moving_ = false;
}

void OrderPage::refresh() {
    const auto plan = document_->plan();
    const bool any = plan && !plan->changes.empty();
    table_->setVisible(any);
    sums_->setVisible(any);
    empty_->setVisible(!any);
    sentence_->setVisible(any);
    const QSignalBlocker quiet(order_), silent(first_);
    first_->clear();
    first_->addItem(tr("whichever costs least"));
    for (const Filament& f : document_->project().filaments)
        first_->addItem(
            QStringLiteral("%1  %2").arg(QChar::fromLatin1(f.letter)).arg(QString::fromStdString(f.name)),
            QString(QChar::fromLatin1(f.letter)));
    if (!document_->project().print_first.empty())
        first_->setCurrentIndex(std::max(
            0, first_->findData(QString(QChar::fromLatin1(document_->project().print_first.front())))));
    first_->setEnabled(plan != nullptr);
    lock_->setVisible(plan && !document_->project().print_first.empty());
    if (plan)
        lock_->setText(
            plan->locked_changes || plan->locked_mm3 > 0.5
                ? tr("The lock costs %n change(s) and %1 mm³ of purge.", nullptr, plan->locked_changes)
                      .arg(number(plan->locked_mm3, 0))
                : tr("The lock costs nothing here."));
    order_->setCurrentIndex(static_cast<int>(document_->project().settings.order));
    order_->setEnabled(plan != nullptr);
    if (!plan) {
        empty_->setText(
            tr("Once there is a piece, every change of filament stands here with its layer and height."));
        saves_->setText(tr("Nothing to order yet."));
        list_->set_aside({});
        return;
    }
    empty_->setText(tr("No change: the whole print is in one filament.\nGive a part or a band another one on "
                       "the Piece bench."));
    QStringList sums;
    for (const KindSum& k : sums_by_kind(*plan))
        sums << QStringLiteral("%1 × %2 %3")
                    .arg(k.count)
                    .arg(words(k.kind), time_and_there(k.time_s, k.attended_s));
    sums_->setText(tr("%1. In all %2.")
                       .arg(sums.join(QStringLiteral(" · ")),
                            time_and_there(plan->totals.change_s, plan->totals.attended_s)));
    const Totals& now = plan->totals;
    list_->set_aside(any ? tr("%n change(s)", nullptr, now.changes) : QString());
    const bool tight = now.changes == plan->bound.changes && now.purge_mm3 <= plan->bound.purge_mm3 + 0.5;
    if (tight)
        sentence_->setText(
            tr("Proven: no order of these layers takes fewer than %n change(s) or purges less than %1 mm³.",
               nullptr, plan->bound.changes)
                .arg(number(plan->bound.purge_mm3, 0)));
    else
        sentence_->setText(tr("Any order takes at least %1 changes and purges at least %2 mm³; this one "
                              "takes %3 and %4 mm³.")
                               .arg(plan->bound.changes)
                               .arg(number(plan->bound.purge_mm3, 0))
                               .arg(now.changes)
                               .arg(number(now.purge_mm3, 0)));
    const Totals& letters = plan->as_assigned;
    const auto line = [](const QString& what, const QString& value, const QString& other) {
        return QStringLiteral("<tr><td style='padding-right:%4px'>%1</td><td align='right' "
                              "style='padding-right:%4px'><b>%2</b></td><td align='right'>%3</td></tr>")
            .arg(what, value, other)
            .arg(em(1.2));
    };
    saves_->setText(
        QStringLiteral("<table width='100%'>") +
        line(QString(),
             now.changes == letters.changes && document_->project().settings.order == LayerOrder::as_assigned
                 ? tr("by letter")
                 : tr("this order"),
             tr("by letter")) +
        line(tr("changes"), QString::number(now.changes), QString::number(letters.changes)) +
        line(tr("purge"), grams_text(now.purge_g), grams_text(letters.purge_g)) +
        line(tr("tower fill"), grams_text(now.tower_g), grams_text(letters.tower_g)) +
        line(tr("time"), QString::fromStdString(duration(now.total_s)),
             QString::fromStdString(duration(letters.total_s))) +
        QStringLiteral("</table>") +
        (letters.changes > now.changes || letters.purge_g > now.purge_g + 0.005
             ? tr("Saved: %1 changes, %2 of purge, %3.")
                   .arg(letters.changes - now.changes)
                   .arg(grams_text(letters.purge_g - now.purge_g),
                        QString::fromStdString(duration(letters.total_s - now.total_s)))
             : tr("Here both orders cost the same.")));
}

} // namespace vitrail

#include "moc_order_page.cpp"
