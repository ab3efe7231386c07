#include "app/changes/changes_bench.h"

#include "app/shell/document.h"
#include "app/shell/view_state.h"
#include "core/run_sheet/run_sheet.h"
#include "paint/filament_paint.h"

#include <QComboBox>
#include <QHeaderView>
#include <QCoreApplication>
#include <QPainter>
#include <QPainterPath>
#include <QSignalBlocker>
#include <QSplitter>
#include <QStyledItemDelegate>
#include <QTableView>

#include <cmath>

namespace vitrail {

namespace {

/// Two badges with a lead between them.
class FromToDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    void paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        QStyledItemDelegate::paint(p, option, index);
        const double s = em(1.45);
        const QRectF from(option.rect.left() + em(0.3), option.rect.center().y() + 0.5 - s / 2, s, s), to = from.translated(em(2.7), 0);
        p->save();
        p->setPen(QPen(Theme::current().quiet, 2));
        p->drawLine(QPointF(from.right() + 2, from.center().y()), QPointF(to.left() - 2, to.center().y()));
        paint_badge(*p, from, index.data(ChangesModel::FromRole).toString().at(0).toLatin1(), index.data(ChangesModel::FromColourRole).value<QColor>(), option.font);
        paint_badge(*p, to, index.data(ChangesModel::ToRole).toString().at(0).toLatin1(), index.data(ChangesModel::ToColourRole).value<QColor>(), option.font);
        p->restore();
    }
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override { return {em(5.2), em(1.9)}; }
};

QString grams_text(double g) {
    return QCoreApplication::translate("ChangesBench", "%1 g").arg(g, 0, 'f', g < 10 ? 2 : 1);
}

} // namespace

ChangesBench::ChangesBench(Document* document, ViewState* view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view), model_(new ChangesModel(document, this)), table_(new QTableView),
      sentence_(new QLabel), saves_(new QLabel), empty_(new QLabel), order_(new QComboBox) {
    list_ = new Panel(tr("Changes"));
    sentence_->setObjectName(QStringLiteral("good"));
    sentence_->setWordWrap(true);
    sentence_->setToolTip(tr("Within a layer: the cheapest path through its filaments for every first and last one (Held and Karp 1962). "
                             "Over the layers: a shortest path with the filament that was last as state. Together they are the optimum, and its proof."));
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
    const double widths[] = {2.2, 5.3, 4.9, 5.5, 6.0, 5.0, 4.3, 3.9, 3.3, 3.6};
    for (int c = 0; c < ChangesModel::kColumns; ++c)
        table_->setColumnWidth(c, em(widths[c]));
    table_->horizontalHeader()->setStretchLastSection(true);
    list_->body()->addWidget(table_, 1);
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
    order_->setToolTip(tr("By letter is what happens when nobody thinks about it: every layer starts with the first letter again."));
    row->addWidget(label);
    row->addWidget(order_, 1);
    saving->body()->addLayout(row);

    order_panel_ = new Panel(tr("In the cursor layer"));
    order_panel_->body()->addWidget(new LayerOrderView(document, view), 1);
    auto* loading = new Panel(tr("Nozzles and slots"));
    loading->set_aside(tr("before the start"));
    loading->body()->addWidget(new LoadingView(document), 1);

    auto* right = new QSplitter(Qt::Vertical);
    right->addWidget(saving);
    right->addWidget(order_panel_);
    right->addWidget(loading);
    right->setStretchFactor(1, 1);
    right->setStretchFactor(2, 1);
    auto* all = new QSplitter(Qt::Horizontal);
    all->addWidget(list_);
    all->addWidget(right);
    all->setStretchFactor(0, 3);
    all->setStretchFactor(1, 2);
    all->setSizes({720, 420});
    for (QSplitter* s : {right, all}) {
        s->setChildrenCollapsible(false);
        s->setHandleWidth(em(0.6));
    }
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(em(0.8), em(0.7), em(0.8), em(0.7));
    column->addWidget(all);

    connect(document, &Document::plan_changed, this, &ChangesBench::refresh);
    connect(view, &ViewState::layer_changed, this, [this](int layer) {
        if (moving_)
            return;
        // The row of the change that is next to be done at the cursor.
        const auto plan = document_->plan();
        for (int r = 0; plan && r < model_->rowCount(); ++r)
            if (plan->changes[r].layer >= layer) {
                moving_ = true;
                table_->selectRow(r);
                table_->scrollTo(model_->index(r, 0));
                moving_ = false;
                break;
            }
    });
    connect(table_->selectionModel(), &QItemSelectionModel::currentRowChanged, this, [this](const QModelIndex& i) {
        if (moving_ || !i.isValid())
            return;
        moving_ = true;
        view_->set_layer(i.data(ChangesModel::LayerRole).toInt());
        moving_ = false;
    });
    connect(order_, &QComboBox::activated, this, [this](int choice) {
        document_->edit(tr("Change the order within layers"), [&](Project& p) { p.settings.order = choice; });
    });
    refresh();
}

void ChangesBench::refresh() {
    const auto plan = document_->plan();
    const bool any = plan && !plan->changes.empty();
    table_->setVisible(any);
    empty_->setVisible(!any);
    sentence_->setVisible(any);
    const QSignalBlocker quiet(order_);
    order_->setCurrentIndex(static_cast<int>(document_->project().settings.order));
    order_->setEnabled(plan != nullptr);
    if (!plan) {
        empty_->setText(tr("Once there is a piece, every change of filament stands here with its layer and height."));
        saves_->setText(tr("Nothing to order yet."));
        list_->set_aside({});
        return;
    }
    empty_->setText(tr("No change: the whole print is in one filament.\nGive a part or a band another one on the Piece bench."));
    const Totals& now = plan->totals;
    list_->set_aside(any ? tr("%n change(s)", nullptr, now.changes) : QString());
    const bool tight = now.changes == plan->bound.changes && now.purge_mm3 <= plan->bound.purge_mm3 + 0.5;
    if (tight)
        sentence_->setText(tr("Proven: no order of these layers takes fewer than %1 changes or purges less than %2 mm³.")
                               .arg(plan->bound.changes).arg(plan->bound.purge_mm3, 0, 'f', 0));
    else
        sentence_->setText(tr("Any order takes at least %1 changes and purges at least %2 mm³; this one takes %3 and %4 mm³.")
                               .arg(plan->bound.changes).arg(plan->bound.purge_mm3, 0, 'f', 0).arg(now.changes).arg(now.purge_mm3, 0, 'f', 0));
    const Totals& letters = plan->as_assigned;
    const auto line = [](const QString& what, const QString& value, const QString& other) {
        return QStringLiteral("<tr><td style='padding-right:%4px'>%1</td><td align='right' style='padding-right:%4px'><b>%2</b></td><td align='right'>%3</td></tr>")
            .arg(what, value, other).arg(em(1.2));
    };
    saves_->setText(QStringLiteral("<table width='100%'>") +
                    line(QString(), now.changes == letters.changes && document_->project().settings.order == kAsAssigned ? tr("by letter") : tr("this order"), tr("by letter")) +
                    line(tr("changes"), QString::number(now.changes), QString::number(letters.changes)) +
                    line(tr("purge"), grams_text(now.purge_g), grams_text(letters.purge_g)) +
                    line(tr("tower fill"), grams_text(now.tower_g), grams_text(letters.tower_g)) +
                    line(tr("time"), QString::fromStdString(duration(now.total_s)), QString::fromStdString(duration(letters.total_s))) +
                    QStringLiteral("</table>") +
                    (letters.changes > now.changes || letters.purge_g > now.purge_g + 0.005
                         ? tr("Saved: %1 changes, %2 of purge, %3.").arg(letters.changes - now.changes).arg(grams_text(letters.purge_g - now.purge_g), QString::fromStdString(duration(letters.total_s - now.total_s)))
                         : tr("Here both orders cost the same.")));
}

LayerOrderView::LayerOrderView(Document* document, ViewState* view, QWidget* parent) : QWidget(parent), document_(document), view_(view) {
    setAccessibleName(tr("Order of the filaments in the cursor layer"));
    connect(document, &Document::plan_changed, this, [this] { update(); });
    connect(view, &ViewState::layer_changed, this, [this] { update(); });
}

QSize LayerOrderView::sizeHint() const {
    return {em(16), em(8)};
}

void LayerOrderView::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const auto plan = document_->plan();
    p.setPen(t.quiet);
    if (!plan) {
        p.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap, tr("The order of a layer shows here."));
        return;
    }
    const Project& project = document_->planned_project();
    const int layer = std::clamp(view_->layer(), 1, plan->grid.count);
    p.drawText(QRect(0, 0, width(), em(1.3)), Qt::AlignLeft, tr("layer %1, %2 to %3 mm").arg(layer).arg(plan->grid.bottom_mm(layer), 0, 'f', 2).arg(plan->grid.top_mm(layer), 0, 'f', 2));
    const auto order = plan->sequence.layer(layer - 1);
    if (order.empty()) {
        p.drawText(QRect(0, em(1.5), width(), em(1.3)), Qt::AlignLeft, tr("nothing is printed in this layer"));
        return;
    }
    // Widths share the room by volume, but none gets too narrow for its letter.
    double total = 0;
    for (const std::uint8_t f : order)
        total += plan->model_in(layer, f);
    const double least = em(2.4), y = em(1.8), h = std::min<double>(em(3.6), height() - em(4.4));
    const double room = width() - 2 - least * static_cast<double>(order.size());
    double x = 1;
    std::vector<std::pair<double, double>> spans;
    for (const std::uint8_t f : order) {
        const double w = least + std::max(0.0, room) * plan->model_in(layer, f) / total;
        const QRectF pane(x, y, w, h);
        paint_pane(p, pane, project.filaments[f]);
        p.setPen(QPen(t.lead, 3));
        p.setBrush(Qt::NoBrush);
        p.drawRect(pane);
        const double s = em(1.6);
        paint_badge(p, QRectF(pane.center().x() - s / 2, pane.center().y() - s / 2, s, s), project.filaments[f].letter, to_qcolor(project.filaments[f].colour), font());
        p.setPen(t.ink);
        p.drawText(QRectF(x, y + h + 2, w, em(1.2)), Qt::AlignCenter, tr("%1 g").arg(grams(project.filaments[f], plan->model_in(layer, f)), 0, 'f', 2));
        spans.emplace_back(x, w);
        x += w;
    }
    // What the changes of this layer purge, below.
    QString purge;
    for (const Change& c : plan->changes)
        if (c.layer == layer)
            purge += (purge.isEmpty() ? QString() : QStringLiteral(" · ")) +
                     tr("%1 → %2 purges %3 g").arg(QChar::fromLatin1(project.filaments[c.from].letter)).arg(QChar::fromLatin1(project.filaments[c.to].letter)).arg(c.purge_g, 0, 'f', 2);
    p.setPen(t.quiet);
    p.drawText(QRectF(0, y + h + em(1.4), width(), em(2.6)), Qt::AlignLeft | Qt::TextWordWrap, purge.isEmpty() ? tr("no change in this layer") : purge);
}

LoadingView::LoadingView(Document* document, QWidget* parent) : QWidget(parent), document_(document) {
    setAccessibleName(tr("Nozzles and slots before the start"));
    connect(document, &Document::plan_changed, this, [this] { update(); });
}

QSize LoadingView::sizeHint() const {
    return {em(16), em(9)};
}

void LoadingView::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const auto plan = document_->plan();
    p.setPen(t.quiet);
    if (!plan) {
        p.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap, tr("What sits where shows here."));
        return;
    }
    const Project& project = document_->planned_project();
    const std::vector<Place> places = starting_places(project, *plan);
    // One column per place: the spool, its name below, a strand down to its nozzle.
    struct Column {
        int filament = -1;
        int toolhead = 0, slot = 0;
    };
    std::vector<Column> columns;
    QStringList later;
    for (int head = 0; head < static_cast<int>(project.machine.toolheads.size()); ++head) {
        const int slots = project.machine.toolheads[head].slots;
        for (int s = slots ? 1 : 0; s <= slots; ++s) {
            Column c{-1, head, s};
            for (std::size_t f = 0; f < places.size(); ++f)
                if (plan->use[f].model_mm3 > 0 && places[f].at_start && places[f].toolhead == head && places[f].slot == s)
                    c.filament = static_cast<int>(f);
            columns.push_back(c);
        }
    }
    for (std::size_t f = 0; f < places.size(); ++f)
        if (plan->use[f].model_mm3 > 0 && !places[f].at_start)
            later << QString(QChar::fromLatin1(project.filaments[f].letter));
    const double pitch = std::min<double>(em(6), double(width()) / static_cast<double>(columns.size()));
    const double side = std::min({pitch - em(0.6), double(em(4)), double(height() - em(5.4))});
    const double nozzle_y = std::min<double>(height() - em(later.isEmpty() ? 0.6 : 2.0), side + em(5.0));
    for (std::size_t i = 0; i < columns.size(); ++i) {
        const Column& c = columns[i];
        const QRectF spool(double(i) * pitch + (pitch - side) / 2, 2, side, side);
        if (c.filament >= 0) {
            const Filament& f = project.filaments[c.filament];
            paint_pane(p, spool, f);
            p.setBrush(Qt::NoBrush);
            p.setPen(QPen(t.lead, 2.5));
            p.drawRect(spool);
            const double s = std::min<double>(em(1.8), side * 0.8);
            paint_badge(p, QRectF(spool.center().x() - s / 2, spool.center().y() - s / 2, s, s), f.letter, to_qcolor(f.colour), font());
        } else {
            p.setPen(QPen(t.line, 1.5, Qt::DashLine));
            p.setBrush(Qt::NoBrush);
            p.drawRect(spool);
        }
        p.setPen(t.quiet);
        p.setFont(font_of(0.95));
        p.drawText(QRectF(double(i) * pitch, side + 4, pitch, em(1.2)), Qt::AlignCenter, c.slot ? tr("slot %1").arg(c.slot) : tr("external"));
        // Strand to the middle of its toolhead.
        std::size_t first = i, last = i;
        while (first > 0 && columns[first - 1].toolhead == c.toolhead)
            --first;
        while (last + 1 < columns.size() && columns[last + 1].toolhead == c.toolhead)
            ++last;
        const double centre = (double(first + last) / 2 + 0.5) * pitch, top = side + em(1.7);
        const QColor strand = c.filament >= 0 ? to_qcolor(project.filaments[c.filament].colour) : t.line;
        QPainterPath path(QPointF(spool.center().x(), top));
        path.lineTo(spool.center().x(), top + em(0.5));
        path.lineTo(centre, nozzle_y - em(1.5));
        if (c.filament >= 0) {
            p.setBrush(Qt::NoBrush);
            p.setPen(QPen(t.lead, 5));
            p.drawPath(path);
        }
        p.setPen(QPen(strand, c.filament >= 0 ? 3 : 1, c.filament >= 0 ? Qt::SolidLine : Qt::DotLine));
        p.drawPath(path);
        if (i == first) {
            const double w = em(0.9);
            p.setPen(QPen(t.ink, 1.5));
            p.setBrush(t.panel);
            p.drawPolygon(QPolygonF() << QPointF(centre - w, nozzle_y - em(1.5)) << QPointF(centre + w, nozzle_y - em(1.5)) << QPointF(centre + w * 0.7, nozzle_y - em(0.6)) << QPointF(centre, nozzle_y) << QPointF(centre - w * 0.7, nozzle_y - em(0.6)));
            int nozzles = 0;
            double diameter = 0;
            for (const Nozzle& n : project.machine.nozzles)
                if (n.toolhead == c.toolhead)
                    ++nozzles, diameter = n.diameter_mm;
            p.setPen(t.quiet);
            const QString name = nozzles > 1 ? tr("%1 × %2 mm").arg(nozzles).arg(diameter) : tr("%1 mm").arg(diameter);
            p.drawText(QRectF(centre + w + 4, nozzle_y - em(1.6), em(7), em(1.3)), Qt::AlignLeft | Qt::AlignVCenter, name);
        }
    }
    if (!later.isEmpty()) {
        p.setPen(t.warn);
        p.drawText(QRect(0, height() - em(1.5), width(), em(1.4)), Qt::AlignLeft | Qt::AlignVCenter, tr("goes in later, by hand: %1").arg(later.join(QStringLiteral(", "))));
    }
}

} // namespace vitrail
