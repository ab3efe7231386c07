#include "app/piece/regions_model.h"

#include "app/document/document.h"
#include "app/document/view_state.h"
#include "app/parts/badge_delegate.h"
#include "app/theme/theme.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QApplication>
#include <QPainter>

#include <algorithm>

namespace vitrail {

RegionsModel::RegionsModel(Document* document, ViewState* view, QObject* parent)
    : QAbstractItemModel(parent), document_(document), view_(view) {
    connect(document, &Document::project_changed, this, &RegionsModel::rebuild);
    connect(document, &Document::plan_changed, this, &RegionsModel::rebuild);
    connect(view, &ViewState::piece_changed, this, &RegionsModel::rebuild);
    rebuild();
}

void RegionsModel::rebuild() {
    const Piece& p = view_->piece_of(document_->project());
    const auto plan = document_->plan();
    std::vector<PartRow> rows;
    for (std::size_t i = 0; i < p.parts.size(); ++i) {
        PartRow row{-1, {}};
        for (std::size_t b = 0; b < p.bands.size(); ++b)
            if (p.bands[b].part == p.parts[i].name)
                row.regions.push_back({static_cast<int>(b), 0, -1});
        for (std::size_t k = 0; k < p.parts[i].patches.size(); ++k)
            row.regions.push_back({-1, static_cast<int>(k) + 1, -1});
        rows.push_back(std::move(row));
    }
    if (plan)
        for (const RegionUse& use : view_->piece_of(*plan).regions) {
            if (use.part >= static_cast<int>(rows.size()))
                continue;
            if (use.band < 0 && use.patch == 0)
                rows[use.part].grams = use.g;
            for (Row& r : rows[use.part].regions)
                if (r.band == use.band && r.patch == use.patch)
                    r.grams = use.g;
        }
    // Views keep selection and expansion while the shape stays.
    const auto same_shape = [&] {
        if (rows.size() != rows_.size())
            return false;
        for (std::size_t i = 0; i < rows.size(); ++i)
            if (rows[i].regions.size() != rows_[i].regions.size())
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
    return child.internalId() ? createIndex(static_cast<int>(child.internalId()) - 1, 0, quintptr(0))
                              : QModelIndex();
}

QModelIndex RegionsModel::part_index(int part) const {
    return index(part, 0);
}

int RegionsModel::rowCount(const QModelIndex& parent) const {
    if (!parent.isValid())
        return static_cast<int>(rows_.size());
    return parent.internalId() || parent.column() ? 0 : static_cast<int>(rows_[parent.row()].regions.size());
}

QVariant RegionsModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole)
        return {};
    return section == 0 ? tr("region") : tr("grams");
}

QVariant RegionsModel::data(const QModelIndex& index, int role) const {
    const Project& project = document_->project();
    const Piece& p = view_->piece_of(project);
    const bool is_part = index.internalId() == 0;
    const int part = is_part ? index.row() : static_cast<int>(index.internalId()) - 1;
    if (part >= static_cast<int>(rows_.size()) || part >= static_cast<int>(p.parts.size()))
        return {};
    const Row row = is_part ? Row{-1, 0, rows_[part].grams} : rows_[part].regions[index.row()];
    if (row.band >= static_cast<int>(p.bands.size()) ||
        row.patch > static_cast<int>(p.parts[part].patches.size()))
        return {};
    const Patch* patch =
        row.patch ? &p.parts[part].patches[static_cast<std::size_t>(row.patch) - 1] : nullptr;
    const char letter = row.band >= 0 ? p.bands[row.band].filament
                        : patch       ? patch->filament
                                      : p.parts[part].filament;
    const double g = row.grams;
    switch (role) {
    case Qt::DisplayRole:
        if (index.column() == 1)
            return g < 0 ? QString() : tr("%1 g").arg(number(g, 1));
        return row.band >= 0
                   ? tr("band %1–%2 mm").arg(number(p.bands[row.band].z0_mm), number(p.bands[row.band].z1_mm))
               : patch ? tr("painted: %1").arg(QString::fromStdString(patch->name))
                       : QString::fromStdString(p.parts[part].name);
    case Qt::TextAlignmentRole:
        return int(index.column() == 1 ? Qt::AlignRight | Qt::AlignVCenter
                                       : Qt::AlignLeft | Qt::AlignVCenter);
    case Qt::AccessibleTextRole:
        return tr("%1, filament %2")
            .arg(data(index, Qt::DisplayRole).toString(),
                 letter ? QString(QChar::fromLatin1(letter)) : tr("none"));
    case Qt::ToolTipRole:
        if (index.column() == 1)
            return tr("Walls, skins and infill of this region over its layers, all copies, times the "
                      "filament's density.");
        return tr("Press a letter to give it that filament.");
    case BadgeDelegate::LetterRole:
        return index.column() ? QVariant()
                              : QVariant(letter ? QString(QChar::fromLatin1(letter)) : QStringLiteral("?"));
    case BadgeDelegate::ColourRole: {
        const int f = find_filament(project, letter);
        return f < 0 ? QVariant(Theme::current().line) : QVariant(to_qcolor(project.filaments[f].colour));
    }
    case PartRole:
        return part;
    case BandRole:
        return row.band;
    case PatchRole:
        return row.patch;
    default:
        return {};
    }
}

} // namespace vitrail

#include "moc_regions_model.cpp"
