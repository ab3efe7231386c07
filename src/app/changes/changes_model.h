// Every change and refill with its layer stated all ways.
#pragma once

#include "core/plan/change_table.h"

#include <QAbstractTableModel>

namespace vitrail {

class Document;

class ChangesModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column {
        kNumber,
        kBefore,
        kAfter,
        kPrinted,
        kEnds,
        kFromTo,
        kKind,
        kPurge,
        kTime,
        kThere,
        kWhere,
        kCommand,
        kColumns
    };
    enum Role { LayerRole = Qt::UserRole, FromRole, ToRole, FromColourRole, ToColourRole };
    explicit ChangesModel(Document* document, QObject* parent = nullptr);
    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override { return parent.isValid() ? 0 : kColumns; }
    QVariant data(const QModelIndex& index, int role) const override;
    /// The row of what is next to be done in that layer or above; −1 where nothing is.
    int row_at(int layer) const;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

private:
    void rebuild();
    QVariant refill_data(int refill, int column, int role) const;

    Document* document_;
    std::vector<ChangeRow> rows_;
};

} // namespace vitrail
