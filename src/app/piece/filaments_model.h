// The filaments of the project as a list, with what the plan takes of each.
#pragma once

#include <QAbstractTableModel>

namespace vitrail {

class Document;

class FilamentsModel : public QAbstractTableModel {
    Q_OBJECT
public:
    explicit FilamentsModel(Document* document, QObject* parent = nullptr);
    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override { return parent.isValid() ? 0 : 2; }
    QVariant data(const QModelIndex& index, int role) const override;

private:
    Document* document_;
    int shown_ = 0;
};

} // namespace vitrail
