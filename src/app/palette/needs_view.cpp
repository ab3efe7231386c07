#include "app/palette/needs_view.h"

#include "app/document/document.h"
#include "app/theme/theme.h"
#include "core/material/shelf.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QCoreApplication>
#include <QPainter>
#include <QStyledItemDelegate>

namespace vitrail {

NeedsModel::NeedsModel(Document* document, QObject* parent)
    : QAbstractListModel(parent), document_(document) {
    connect(document, &Document::plan_changed, this, [this] {
        beginResetModel();
        endResetModel();
    });
}

int NeedsModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() || !document_->plan() ? 0 : document_->plan()->filaments;
}

QVariant NeedsModel::data(const QModelIndex& index, int role) const {
    const auto plan = document_->plan();
    if (!plan || index.row() >= plan->filaments)
        return {};
    const Project& p = document_->planned_project();
    const Filament& f = p.filaments[static_cast<std::size_t>(index.row())];
    const FilamentUse& use = plan->use[static_cast<std::size_t>(index.row())];
    const double needs = use.total_g + use.first_load_g, margin = p.settings.check_margin_pct / 100;
    double left = 0;
    for (const SpoolLeft& s : f.spools)
        left += s.left_g;
    const State state = f.spools.empty()              ? kUnknown
                        : left < needs                ? kShort
                        : left < needs * (1 + margin) ? kTight
                                                      : kEnough;
    const auto words = [&]() -> QString {
        if (needs <= 0)
            return tr("not used in this project");
        if (state == kUnknown)
            return f.shelf_id.empty() ? tr("takes %1 g · not matched with the shelf").arg(number(needs, 1))
                                      : tr("takes %1 g · no spool of it on the shelf").arg(number(needs, 1));
        const RunsOut out = runs_out(use.g_by_layer, f.spools);
        QString spools;
        for (std::size_t i = 0; i < f.spools.size(); ++i) {
            // Spools the print never gets to are not named.
            if (i > 0 && out.spool_layers[i - 1] == 0)
                break;
            spools += (spools.isEmpty() ? QString() : tr(", then ")) +
                      tr("spool %1").arg(QString::fromStdString(f.spools[i].code));
            if (out.spool_layers[i])
                spools += tr(" (empty in layer %1)").arg(out.spool_layers[i]);
        }
        const QString amounts = tr("takes %1 g of %2 g").arg(number(needs, 1)).arg(number(left, 0));
        if (state == kShort)
            return tr("%1 · runs out in layer %2, %3 g short")
                .arg(amounts)
                .arg(out.last_layer)
                .arg(number(needs - left, 1));
        return tr("%1 · %2 · %3")
            .arg(amounts, state == kTight ? tr("enough, within the margin") : tr("enough"), spools);
    };
    switch (role) {
    case Qt::DisplayRole:
        return QStringLiteral("%1 · %2").arg(QString::fromStdString(f.name),
                                             QString::fromLatin1(facts(f.material).id));
    case Qt::AccessibleTextRole:
        return tr("Filament %1: %2").arg(QChar::fromLatin1(f.letter)).arg(words());
    case Qt::ToolTipRole:
        return tr("All it takes: piece, purge, tower and first load. The thin mark is the margin of %1 % "
                  "(setting “Spool margin”).")
            .arg(number(p.settings.check_margin_pct));
    case LetterRole:
        return QString(QChar::fromLatin1(f.letter));
    case ColourRole:
        return to_qcolor(f.colour);
    case NeedRole:
        return needs;
    case LeftRole:
        return left;
    case MarginRole:
        return needs * (1 + margin);
    case StateRole:
        return state;
    case WordsRole:
        return words();
    default:
        return {};
    }
}

namespace {

/// Name and words, with a bar: what is taken of what is there.
class NeedDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override {
        return {em(20), em(3.5)};
    }
    void paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        const Theme& t = Theme::current();
        QStyleOptionViewItem o = option;
        initStyleOption(&o, index);
        const QString name = o.text;
        o.text.clear();
        o.widget->style()->drawControl(QStyle::CE_ItemViewItem, &o, p, o.widget);
        p->save();
        p->setRenderHint(QPainter::Antialiasing);
        const QRect r = option.rect;
        const double s = em(1.5);
        paint_badge(*p, QRectF(r.left() + em(0.3), r.top() + em(0.25), s, s),
                    index.data(NeedsModel::LetterRole).toString().at(0).toLatin1(),
                    index.data(NeedsModel::ColourRole).value<QColor>(), option.font);
        const auto state = static_cast<NeedsModel::State>(index.data(NeedsModel::StateRole).toInt());
        const QColor word = state == NeedsModel::kShort    ? t.bad
                            : state == NeedsModel::kTight  ? t.warn
                            : state == NeedsModel::kEnough ? t.good
                                                           : t.quiet;
        const QRect text(r.left() + em(2.2), r.top() + em(0.2), r.width() - em(2.6), em(1.5));
        p->setPen(t.ink);
        p->setFont(option.font);
        p->drawText(text, Qt::AlignLeft | Qt::AlignVCenter, name);
        // Shape besides colour: a cross stops, a triangle warns, a tick is well.
        const QString sign = state == NeedsModel::kShort    ? QStringLiteral("✕ ")
                             : state == NeedsModel::kTight  ? QStringLiteral("▲ ")
                             : state == NeedsModel::kEnough ? QStringLiteral("✓ ")
                                                            : QString();
        p->setPen(word);
        p->setFont(font_of(0.94));
        const int name_width = QFontMetrics(option.font).horizontalAdvance(name) + em(0.8);
        const QRect beside = text.adjusted(name_width, 0, 0, 0);
        p->drawText(beside, Qt::AlignRight | Qt::AlignVCenter,
                    p->fontMetrics().elidedText(sign + index.data(NeedsModel::WordsRole).toString(),
                                                Qt::ElideRight, beside.width()));
        const double needs = index.data(NeedsModel::NeedRole).toDouble(),
                     left = index.data(NeedsModel::LeftRole).toDouble(),
                     margin = index.data(NeedsModel::MarginRole).toDouble();
        const double full = std::max({needs, left, margin, 1e-9});
        const QRectF bar(r.left() + em(2.2), r.top() + em(2.0), r.width() - em(2.6), em(0.8));
        if (state == NeedsModel::kUnknown) { // nothing to measure against
            p->setPen(QPen(t.line, 1.5, Qt::DotLine));
            p->setBrush(Qt::NoBrush);
            p->drawRect(bar);
            p->restore();
            return;
        }
        p->setPen(Qt::NoPen);
        p->setBrush(t.line);
        p->drawRect(QRectF(bar.left(), bar.top(), bar.width() * left / full, bar.height()));
        const QColor c = index.data(NeedsModel::ColourRole).value<QColor>();
        const QRectF taken(bar.left(), bar.top(), bar.width() * needs / full, bar.height());
        p->setBrush(c);
        p->drawRect(taken);
        p->setBrush(hatch_brush(index.data(NeedsModel::LetterRole).toString().at(0).toLatin1(), c, 7));
        p->drawRect(taken);
        p->setPen(QPen(t.lead, 1.5));
        p->setBrush(Qt::NoBrush);
        p->drawRect(bar);
        if (needs > 0) {
            p->setPen(QPen(t.ink, 1));
            const double x = bar.left() + bar.width() * margin / full;
            p->drawLine(QPointF(x, bar.top() - 2), QPointF(x, bar.bottom() + 2));
        }
        p->restore();
    }
};

} // namespace

NeedsView::NeedsView(Document* document, QWidget* parent) : QListView(parent) {
    setObjectName(QStringLiteral("needs"));
    setAccessibleName(tr("What the project takes of each filament"));
    setModel(new NeedsModel(document, this));
    setItemDelegate(new NeedDelegate(this));
    setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    setUniformItemSizes(true);
}

} // namespace vitrail

#include "moc_needs_view.cpp"
