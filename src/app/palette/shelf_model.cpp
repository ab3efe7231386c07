#include "app/palette/shelf_model.h"

#include "app/document/document.h"
#include "app/document/shelf_store.h"
#include "app/parts/badge_delegate.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QDate>

namespace vitrail {

ShelfModel::ShelfModel(ShelfStore* store, Document* document, QObject* parent)
    : QAbstractItemModel(parent), store_(store), document_(document) {
    connect(store, &ShelfStore::changed, this, &ShelfModel::rebuild);
    connect(document, &Document::project_changed, this, [this] {
        if (rowCount())
            Q_EMIT dataChanged(index(0, kName), index(rowCount() - 1, kName));
    });
    rebuild();
}

char ShelfModel::letter_of(const ShelfFilament& f) const {
    for (const Filament& own : document_->project().filaments)
        if (!f.id.empty() && own.shelf_id == f.id)
            return own.letter;
    return 0;
}

void ShelfModel::rebuild() {
    const Shelf& s = store_->shelf();
    std::vector<std::vector<int>> spools(s.filaments.size());
    for (std::size_t i = 0; i < s.spools.size(); ++i)
        if (const int f = find_on_shelf(s, s.spools[i].filament_id); f >= 0)
            spools[static_cast<std::size_t>(f)].push_back(static_cast<int>(i));
    beginResetModel();
    spools_ = std::move(spools);
    endResetModel();
}

// Internal ids: 0 for filaments, filament + 1 for its spools.
QModelIndex ShelfModel::index(int row, int column, const QModelIndex& parent) const {
    return createIndex(row, column, parent.isValid() ? quintptr(parent.row() + 1) : 0);
}

QModelIndex ShelfModel::parent(const QModelIndex& child) const {
    return child.internalId() ? createIndex(static_cast<int>(child.internalId()) - 1, 0, quintptr(0))
                              : QModelIndex();
}

int ShelfModel::rowCount(const QModelIndex& parent) const {
    if (!parent.isValid())
        return static_cast<int>(spools_.size());
    return parent.internalId() || parent.column()
               ? 0
               : static_cast<int>(spools_[static_cast<std::size_t>(parent.row())].size());
}

int ShelfModel::spool_at(const QModelIndex& index) const {
    return index.internalId() ? spools_[index.internalId() - 1][static_cast<std::size_t>(index.row())] : -1;
}

QVariant ShelfModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole)
        return {};
    switch (section) {
    case kName:
        return tr("filament, spool");
    case kMaterial:
        return tr("class");
    case kLeft:
        return tr("left");
    case kPlace:
        return tr("where");
    default:
        return tr("dried");
    }
}

QVariant ShelfModel::data(const QModelIndex& index, int role) const {
    const Shelf& s = store_->shelf();
    const int filament = index.internalId() ? static_cast<int>(index.internalId()) - 1 : index.row();
    if (filament >= static_cast<int>(s.filaments.size()))
        return {};
    const ShelfFilament& f = s.filaments[static_cast<std::size_t>(filament)];
    const int at = spool_at(index);
    const Spool* spool =
        at < 0 || at >= static_cast<int>(s.spools.size()) ? nullptr : &s.spools[static_cast<std::size_t>(at)];
    const auto day = [](int d) {
        return d > 0 ? QDate(1970, 1, 1).addDays(d).toString(Qt::ISODate) : QString();
    };
    switch (role) {
    case Qt::DisplayRole:
        switch (index.column()) {
        case kName:
            return spool ? tr("spool %1").arg(QString::fromStdString(spool->code))
                         : QString::fromStdString(f.filament.name);
        case kMaterial:
            return spool ? QString() : QString::fromLatin1(facts(f.filament.material).id);
        case kLeft: {
            if (spool)
                return tr("%1 g").arg(number(spool->left_g, 0));
            double left = 0;
            for (const int i : spools_[static_cast<std::size_t>(filament)])
                left += s.spools[static_cast<std::size_t>(i)].left_g;
            return spools_[static_cast<std::size_t>(filament)].empty() ? tr("–")
                                                                       : tr("%1 g").arg(number(left, 0));
        }
        case kPlace: {
            if (!spool)
                return {};
            const QString note = QString::fromStdString(spool->place_note);
            return note.isEmpty() ? words(to_string(spool->place)) : note; // the tool tip has both
        }
        default:
            if (!spool)
                return facts(f.filament.material).draws_moisture ? tr("draws moisture") : QString();
            return spool->dried_day ? day(spool->dried_day) : tr("not known");
        }
    case Qt::TextAlignmentRole:
        return int(index.column() == kLeft ? Qt::AlignRight | Qt::AlignVCenter
                                           : Qt::AlignLeft | Qt::AlignVCenter);
    case Qt::ToolTipRole: {
        if (spool)
            return tr("spool %1: %2 g of %3 g left, empty roll %4 g\nopened %5, dried %6\n%7%8")
                .arg(QString::fromStdString(spool->code))
                .arg(number(spool->left_g, 0))
                .arg(number(spool->full_g, 0))
                .arg(number(spool->tare_g, 0))
                .arg(spool->opened_day ? day(spool->opened_day) : tr("not known"),
                     spool->dried_day ? day(spool->dried_day) : tr("not known"),
                     words(to_string(spool->place)),
                     spool->place_note.empty()
                         ? QString()
                         : QStringLiteral(", ") + QString::fromStdString(spool->place_note));
        const MaterialFacts& m = facts(f.filament.material);
        return tr("%1 · TD %2 mm · %3 mm · %4 g/cm³ · %5 per kg\nnozzle %6–%7 °C, bed %8–%9 °C, dry %10 h at "
                  "%11 °C%12")
            .arg(QString::fromStdString(to_hex(f.filament.colour)))
            .arg(number(f.filament.td_mm))
            .arg(number(f.filament.diameter_mm))
            .arg(number(f.filament.density_g_cm3))
            .arg(number(f.filament.price_per_kg))
            .arg(number(f.filament.nozzle_c.low))
            .arg(number(f.filament.nozzle_c.high))
            .arg(number(f.filament.bed_c.low))
            .arg(number(f.filament.bed_c.high))
            .arg(number(f.dry_h > 0 ? f.dry_h : m.dry_h))
            .arg(number(f.dry_c > 0 ? f.dry_c : m.dry_c))
            .arg(f.notes.empty() ? QString() : QStringLiteral("\n") + QString::fromStdString(f.notes));
    }
    case Qt::AccessibleTextRole:
        return index.column() == kName && !spool
                   ? (letter_of(f) ? tr("%1, %2, in the project as %3")
                                         .arg(QString::fromStdString(f.filament.name),
                                              QString::fromLatin1(facts(f.filament.material).id))
                                         .arg(QChar::fromLatin1(letter_of(f)))
                                   : tr("%1, %2").arg(QString::fromStdString(f.filament.name),
                                                      QString::fromLatin1(facts(f.filament.material).id)))
                   : data(index, Qt::DisplayRole);
    case BadgeDelegate::LetterRole:
        return spool || index.column() || !letter_of(f) ? QVariant()
                                                        : QVariant(QString(QChar::fromLatin1(letter_of(f))));
    case BadgeDelegate::HatchRole:
        return spool || index.column() ? QVariant() : QVariant(QString(QChar::fromLatin1(f.filament.letter)));
    case BadgeDelegate::ColourRole:
        return to_qcolor(f.filament.colour);
    case FilamentRole:
        return filament;
    case SpoolRole:
        return at;
    case ShareRole:
        return spool && index.column() == kLeft && spool->full_g > 0 ? QVariant(spool->left_g / spool->full_g)
                                                                     : QVariant();
    case DampRole:
        return spool && index.column() == kDry
                   ? QVariant(is_damp(*spool, f.filament.material, ShelfStore::today()))
                   : QVariant();
    default:
        return {};
    }
}

} // namespace vitrail

#include "moc_shelf_model.cpp"
