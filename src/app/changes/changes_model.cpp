#include "app/changes/changes_model.h"

#include "app/document/document.h"
#include "core/run/commands.h"
#include "core/run_sheet/run_sheet.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <algorithm>

namespace vitrail {

ChangesModel::ChangesModel(Document* document, QObject* parent)
    : QAbstractTableModel(parent), document_(document) {
    connect(document, &Document::plan_changed, this, &ChangesModel::rebuild);
    rebuild();
}

void ChangesModel::rebuild() {
    beginResetModel();
    const auto plan = document_->plan();
    rows_ = plan ? change_rows(*plan) : std::vector<ChangeRow>{};
    endResetModel();
}

int ChangesModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(rows_.size());
}

int ChangesModel::row_at(int layer) const {
    const auto it =
        std::find_if(rows_.begin(), rows_.end(), [&](const ChangeRow& r) { return r.layer >= layer; });
    return it == rows_.end() ? -1 : static_cast<int>(it - rows_.begin());
}

namespace {

/// Numbers to the right, words to the left, headings over their columns.
int alignment(int column) {
    const bool words = column == ChangesModel::kFromTo || column == ChangesModel::kKind ||
                       column == ChangesModel::kWhere || column == ChangesModel::kCommand;
    return int((words ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter);
}

} // namespace

QVariant ChangesModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal)
        return {};
    if (role == Qt::TextAlignmentRole)
        return alignment(section);
    const bool tip = role == Qt::ToolTipRole;
    if (role != Qt::DisplayRole && !tip)
        return {};
    switch (section) {
    case kNumber:
        return tip ? tr("Number of the change; refills have none") : QStringLiteral("#");
    case kBefore:
        return tip ? tr("The first layer in the new filament; “in” where that layer has already begun in "
                        "another one")
                   : tr("before layer");
    case kAfter:
        return tip ? tr("The last layer that is finished before the change") : tr("after layer");
    case kPrinted:
        return tip ? tr("Height that is finished when the change is due") : tr("printed");
    case kEnds:
        return tip ? tr("Height at which the first layer in the new filament ends") : tr("layer ends");
    case kFromTo:
        return tip ? tr("Filament that was printed, and the one that follows") : tr("from → to");
    case kKind:
        return tip ? tr("By hand, by a feeder, to another nozzle; or a slot that gets another filament")
                   : tr("kind");
    case kPurge:
        return tip ? tr("Grams of the new filament that are purged") : tr("purge");
    case kTime:
        return tip ? tr("The change, its purge, and waiting for a person") : tr("time");
    case kThere:
        return tip ? tr("Of it, how long a person must be at the printer") : tr("there");
    case kCommand:
        return tip ? tr("What your toolpath program should write at this change; the words are edited with "
                        "the machine")
                   : tr("command");
    case kWhere:
        return tip ? tr("Where the purge goes") : tr("goes to");
    default:
        return {};
    }
}

namespace {

QString minutes(double s) {
    return QStringLiteral("%1:%2").arg(int(s) / 60).arg(int(s) % 60, 2, 10, QLatin1Char('0'));
}

} // namespace

QVariant ChangesModel::refill_data(int refill, int column, int role) const {
    const auto plan = document_->plan();
    const Refill& r = plan->refills[static_cast<std::size_t>(refill)];
    const Project& p = document_->planned_project();
    const auto letter = [&](int f) {
        return f < 0 ? QString()
                     : QString(QChar::fromLatin1(p.filaments[static_cast<std::size_t>(f)].letter));
    };
    const auto colour = [&](int f) {
        return f < 0 ? QColor() : to_qcolor(p.filaments[static_cast<std::size_t>(f)].colour);
    };
    switch (role) {
    case LayerRole:
        return r.latest_layer;
    case FromRole:
        return letter(r.out);
    case ToRole:
        return letter(r.in);
    case FromColourRole:
        return colour(r.out);
    case ToColourRole:
        return colour(r.in);
    case Qt::TextAlignmentRole:
        return alignment(column);
    case Qt::ToolTipRole:
        return words(say("{}: {} into {}", when(p, r), p.filaments[static_cast<std::size_t>(r.in)].letter,
                         slot_name(p.machine, r.toolhead, r.slot)));
    case Qt::AccessibleTextRole:
    case Qt::DisplayRole:
        break;
    default:
        return {};
    }
    switch (column) {
    case kBefore:
        return r.within_layer ? tr("in %1").arg(r.latest_layer)
               : r.pause || r.earliest_layer == r.latest_layer
                   ? QString::number(r.latest_layer)
                   : tr("%1 to %2").arg(r.earliest_layer).arg(r.latest_layer);
    case kFromTo:
        return role == Qt::AccessibleTextRole ? r.out < 0 ? tr("%1 into an empty slot").arg(letter(r.in))
                                                          : tr("%1 to %2").arg(letter(r.out), letter(r.in))
                                              : QString();
    case kKind:
        return tr("refill");
    case kTime:
        return r.pause ? minutes(r.time_s) : QStringLiteral("–");
    case kThere:
        return minutes(r.attended_s);
    case kWhere:
        return r.slot ? tr("slot %1").arg(r.slot) : tr("spool");
    case kCommand:
        return r.pause ? QString::fromStdString(command_for(p, plan->grid, r)) : QString();
    default:
        return {};
    }
}

QVariant ChangesModel::data(const QModelIndex& index, int role) const {
    const auto plan = document_->plan();
    if (!plan || index.row() >= static_cast<int>(rows_.size()))
        return {};
    const ChangeRow& row = rows_[static_cast<std::size_t>(index.row())];
    if (row.refill >= 0)
        return refill_data(row.refill, index.column(), role);
    const Change& c = plan->changes[static_cast<std::size_t>(row.change)];
    const Project& p = document_->planned_project();
    switch (role) {
    case LayerRole:
        return c.layer;
    case FromRole:
        return QString(QChar::fromLatin1(p.filaments[c.from].letter));
    case ToRole:
        return QString(QChar::fromLatin1(p.filaments[c.to].letter));
    case FromColourRole:
        return to_qcolor(p.filaments[c.from].colour);
    case ToColourRole:
        return to_qcolor(p.filaments[c.to].colour);
    case Qt::TextAlignmentRole:
        return alignment(index.column());
    case Qt::ToolTipRole:
        if (index.column() == kPurge) {
            if (c.displaced == c.to)
                return tr("%1 mm³: the nozzle keeps this filament and only primes")
                    .arg(number(c.purge_mm3, 0));
            const PairUse* u = find_pair(*plan, c.displaced, c.to);
            if (!u)
                return {};
            return tr("%1 mm³, for %2 no longer to show in %3 at ΔE %4 it takes %5 (dead volume V_d %6, "
                      "mixing volume V_m %7 mm³); × %8 g/cm³")
                .arg(number(c.purge_mm3, 0))
                .arg(QChar::fromLatin1(p.filaments[c.displaced].letter))
                .arg(QChar::fromLatin1(p.filaments[c.to].letter))
                .arg(number(u->delta_e))
                .arg(number(u->clean_mm3, 0))
                .arg(number(u->washout.dead_mm3))
                .arg(number(u->washout.mixing_mm3))
                .arg(number(p.filaments[c.to].density_g_cm3));
        }
        if (index.column() == kTime)
            return tr("%1 s for the change itself, the rest is purging at %2 mm³/s%3")
                .arg(number(p.machine.time(c.kind).time_s))
                .arg(number(facts(p.filaments[c.to].material).flow_mm3_s))
                .arg(c.wait_s > 0 ? tr(" and %1 s until somebody comes").arg(number(c.wait_s)) : QString());
        return words(when(plan->grid, c));
    case Qt::AccessibleTextRole:
    case Qt::DisplayRole:
        break;
    default:
        return {};
    }
    switch (index.column()) {
    case kNumber:
        return row.change + 1;
    case kBefore:
        return c.within_layer ? tr("in %1").arg(c.layer) : QString::number(c.layer);
    case kAfter:
        return c.layer - 1;
    case kPrinted:
        return tr("%1 mm").arg(number(c.z_before_mm, 2));
    case kEnds:
        return tr("%1 mm").arg(number(c.z_after_mm, 2));
    case kFromTo:
        return role == Qt::AccessibleTextRole
                   ? tr("%1 to %2").arg(data(index, FromRole).toString(), data(index, ToRole).toString())
                   : QString();
    case kKind:
        return c.kind == ChangeKind::hand     ? tr("hand swap")
               : c.kind == ChangeKind::feeder ? tr("feeder")
                                              : tr("tool");
    case kPurge:
        return tr("%1 g").arg(number(c.purge_g, 2));
    case kTime:
        return minutes(c.time_s);
    case kThere:
        return c.attended_s > 0 ? minutes(c.attended_s) : QString();
    case kCommand:
        return QString::fromStdString(command_for(p, plan->grid, c, c.slot));
    case kWhere:
        switch (c.destination) {
        case Destination::ejected:
            return tr("ejected");
        case Destination::tower:
            return tr("tower");
        case Destination::infill:
            return tr("infill");
        case Destination::support:
            return tr("support");
        case Destination::piece:
            return tr("2nd piece");
        case Destination::skirt:
            return tr("skirt");
        }
        return {};
    default:
        return {};
    }
}

} // namespace vitrail

#include "moc_changes_model.cpp"
