#include "app/piece/regions_model.h"

#include "app/shell/document.h"
#include "app/theme/theme.h"
#include "paint/filament_paint.h"

#include <QApplication>
#include <QPainter>

#include <algorithm>

namespace vitrail {

RegionsModel::RegionsModel(Document* document, QObject* parent) : QAbstractItemModel(parent), document_(document) {
    connect(document, &Document::project_changed, this, &RegionsModel::rebuild);
    connect(document, &Document::plan_changed, this, &RegionsModel::rebuild);
    rebuild();
}

void RegionsModel::rebuild() {
    const Project& p = document_->project();
    const auto plan = document_->plan();
    const bool matches = plan && plan->demand->parts.size() == p.parts.size();
    std::vector<PartRow> rows;
    for (std::size_t i = 0; i < p.parts.size(); ++i) {
        PartRow row{-1, {}};
        for (std::size_t b = 0; b < p.bands.size(); ++b)
            if (p.bands[b].part == p.parts[i].name)
                row.bands.push_back({static_cast<int>(b), -1});
        if (matches) {
            row.grams = 0;
            for (Row& r : row.bands)
                r.grams = 0;
            for (int l = 1; l <= plan->grid.count; ++l) {
                const double z = plan->grid.middle_mm(l);
                Row* owner = nullptr;
                for (Row& r : row.bands)
                    if (z >= p.bands[r.band].z0_mm && z < p.bands[r.band].z1_mm)
                        owner = &r;
                // What has no filament yet is planned in the first one.
                const int f = std::max(0, find_filament(p, owner ? p.bands[owner->band].filament : p.parts[i].filament));
                const double g = grams(p.filaments[f], plan->demand->parts[i][l - 1].total() * p.settings.copies);
                (owner ? owner->grams : row.grams) += g;
            }
        }
        rows.push_back(std::move(row));
    }
    // Views keep selection and expansion while the shape stays.
    const auto same_shape = [&] {
        if (rows.size() != rows_.size())
            return false;
        for (std::size_t i = 0; i < rows.size(); ++i)
            if (rows[i].bands.size() != rows_[i].bands.size())
                return false;
        return true;
    };
    if (same_shape()) {
        rows_ = std::move(rows);
        for (int i = 0; i < rowCount(); ++i) {
            const QModelIndex part = index(i, 0);
            Q_EMIT dataChanged(part, index(i, 1));
            if (const int n = rowCount(part))
                Q_EMIT dataChanged(index(0, 0, part), index(n - 1, 1, part));
        }
        return;
    }
    beginResetModel();
    rows_ = std::move(rows);
    endResetModel();
}

// Internal ids: 0 for parts, part + 1 for its bands.
QModelIndex RegionsModel::index(int row, int column, const QModelIndex& parent) const {
    return createIndex(row, column, parent.isValid() ? quintptr(parent.row() + 1) : 0);
}

QModelIndex RegionsModel::parent(const QModelIndex& child) const {
    return child.internalId() ? createIndex(static_cast<int>(child.internalId()) - 1, 0, quintptr(0)) : QModelIndex();
}

QModelIndex RegionsModel::part_index(int part) const {
    return index(part, 0);
}

int RegionsModel::rowCount(const QModelIndex& parent) const {
    if (!parent.isValid())
        return static_cast<int>(rows_.size());
    return parent.internalId() || parent.column() ? 0 : static_cast<int>(rows_[parent.row()].bands.size());
}

QVariant RegionsModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole)
        return {};
    return section == 0 ? tr("part or band") : tr("grams");
}

QVariant RegionsModel::data(const QModelIndex& index, int role) const {
    const Project& p = document_->project();
    const bool is_band = index.internalId() != 0;
    const int part = is_band ? static_cast<int>(index.internalId()) - 1 : index.row();
    if (part >= static_cast<int>(rows_.size()) || part >= static_cast<int>(p.parts.size()))
        return {};
    const int band = is_band ? rows_[part].bands[index.row()].band : -1;
    if (band >= static_cast<int>(p.bands.size()))
        return {};
    const char letter = is_band ? p.bands[band].filament : p.parts[part].filament;
    const double g = is_band ? rows_[part].bands[index.row()].grams : rows_[part].grams;
    switch (role) {
    case Qt::DisplayRole:
        if (index.column() == 1)
            return g < 0 ? QString() : tr("%1 g").arg(g, 0, 'f', 1);
        return is_band ? tr("band %1–%2 mm").arg(p.bands[band].z0_mm, 0, 'g', 5).arg(p.bands[band].z1_mm, 0, 'g', 5)
                       : QString::fromStdString(p.parts[part].name);
    case Qt::TextAlignmentRole: return int(index.column() == 1 ? Qt::AlignRight | Qt::AlignVCenter : Qt::AlignLeft | Qt::AlignVCenter);
    case Qt::AccessibleTextRole:
        return tr("%1, filament %2").arg(data(index, Qt::DisplayRole).toString(), letter ? QString(QChar::fromLatin1(letter)) : tr("none"));
    case Qt::ToolTipRole:
        if (index.column() == 1)
            return tr("Walls, skins and infill of this region over its layers, all copies, times the filament's density.");
        return tr("Press a letter to give it that filament.");
    case LetterRole: return index.column() ? QVariant() : QVariant(letter ? QString(QChar::fromLatin1(letter)) : QStringLiteral("?"));
    case ColourRole: {
        const int f = find_filament(p, letter);
        return f < 0 ? QVariant(Theme::current().line) : QVariant(to_qcolor(p.filaments[f].colour));
    }
    case PartRole: return part;
    case BandRole: return band;
    default: return {};
    }
}

void BadgeDelegate::paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const {
    const QString letter = index.data(RegionsModel::LetterRole).toString();
    if (letter.isEmpty()) {
        QStyledItemDelegate::paint(p, option, index);
        return;
    }
    QStyleOptionViewItem o = option;
    initStyleOption(&o, index);
    o.icon = QIcon();
    const int size = em(1.45);
    const QRect badge(o.rect.left() + em(0.2), o.rect.center().y() - size / 2, size, size);
    // The row as the style draws it, with the text moved to the right of the badge.
    o.text.clear();
    (o.widget ? o.widget->style() : QApplication::style())->drawControl(QStyle::CE_ItemViewItem, &o, p, o.widget);
    paint_badge(*p, badge, letter.front().toLatin1(), index.data(RegionsModel::ColourRole).value<QColor>(), o.font);
    p->setPen(Theme::current().ink);
    p->setFont(o.font);
    const QRect text = o.rect.adjusted(size + em(0.6), 0, -2, 0);
    p->drawText(text, Qt::AlignVCenter | Qt::AlignLeft, o.fontMetrics.elidedText(index.data().toString(), Qt::ElideRight, text.width()));
}

QSize BadgeDelegate::sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const {
    QSize s = QStyledItemDelegate::sizeHint(option, index);
    if (!index.data(RegionsModel::LetterRole).toString().isEmpty())
        s.rwidth() += em(2);
    s.setHeight(qMax(s.height(), em(1.8)));
    return s;
}

} // namespace vitrail
