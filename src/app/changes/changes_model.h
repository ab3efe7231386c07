// Every change with its layer stated all ways.
#pragma once

#include <QAbstractTableModel>

namespace vitrail {

class Document;

class ChangesModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { kNumber, kBefore, kAfter, kPrinted, kEnds, kFromTo, kKind, kPurge, kTime, kWhere, kCommand, kColumns };
    enum Role { LayerRole = Qt::UserRole, FromRole, ToRole, FromColourRole, ToColourRole };
    explicit ChangesModel(Document* document, QObject* parent = nullptr);
    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override { return parent.isValid() ? 0 : kColumns; }
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

private:
    Document* document_;
};

} // namespace vitrail
