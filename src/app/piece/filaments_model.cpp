#include "app/piece/filaments_model.h"

#include "app/document/document.h"
#include "app/parts/badge_delegate.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

namespace vitrail {

FilamentsModel::FilamentsModel(Document* document, QObject* parent)
    : QAbstractTableModel(parent), document_(document) {
    const auto refresh = [this] {
        const int now = static_cast<int>(document_->project().filaments.size());
        if (now != shown_) {
            beginResetModel();
            shown_ = now;
            endResetModel();
        } else if (now) {
            Q_EMIT dataChanged(index(0, 0), index(now - 1, 1));
        }
    };
    connect(document, &Document::project_changed, this, refresh);
    connect(document, &Document::plan_changed, this, refresh);
    refresh();
}

int FilamentsModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : shown_;
}

QVariant FilamentsModel::data(const QModelIndex& index, int role) const {
    const Project& p = document_->project();
    if (index.row() >= static_cast<int>(p.filaments.size()))
        return {};
    const Filament& f = p.filaments[index.row()];
    const auto plan = document_->plan();
    const FilamentUse* use = plan && index.row() < plan->filaments ? &plan->use[index.row()] : nullptr;
    switch (role) {
    case Qt::DisplayRole:
        if (index.column() == 1)
            return use ? tr("%1 g").arg(number(use->total_g + use->first_load_g, 1)) : QString();
        return QStringLiteral("%1 · %2").arg(QString::fromStdString(f.name),
                                             QString::fromLatin1(facts(f.material).id));
    case Qt::TextAlignmentRole:
        return int(index.column() == 1 ? Qt::AlignRight | Qt::AlignVCenter
                                       : Qt::AlignLeft | Qt::AlignVCenter);
    case Qt::ToolTipRole:
        if (index.column() == 1 && use)
            return tr("piece %1 g + purge %2 g + tower %3 g + first load %4 g\n= %5 m of strand, costs %6")
                .arg(number(use->model_g, 2))
                .arg(number(use->purge_g, 2))
                .arg(number(use->tower_g, 2))
                .arg(number(use->first_load_g, 2))
                .arg(number(use->length_m, 2))
                .arg(money_text(document_->planned_project().settings, use->cost));
        return tr("Press %1 to give it to what is selected. Enter or double click changes it.")
            .arg(QChar::fromLatin1(f.letter));
    case Qt::AccessibleTextRole:
        return tr("Filament %1: %2")
            .arg(QChar::fromLatin1(f.letter), data(index, Qt::DisplayRole).toString());
    case BadgeDelegate::LetterRole:
        return index.column() ? QVariant() : QVariant(QString(QChar::fromLatin1(f.letter)));
    case BadgeDelegate::ColourRole:
        return to_qcolor(f.colour);
    default:
        return {};
    }
}

} // namespace vitrail

#include "moc_filaments_model.cpp"
