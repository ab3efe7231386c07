// Filaments of the shelf with their spools as a tree.
#pragma once

#include <QAbstractItemModel>

namespace vitrail {

class Document;
class ShelfStore;
struct ShelfFilament;

class ShelfModel : public QAbstractItemModel {
    Q_OBJECT
public:
    enum Column { kName, kMaterial, kLeft, kPlace, kDry, kColumns };
    /// Place on the shelf: of the filament, and of the spool (−1 for filaments).
    enum Role { FilamentRole = Qt::UserRole + 100, SpoolRole, ShareRole, DampRole };
    ShelfModel(ShelfStore* store, Document* document, QObject* parent = nullptr);

    QModelIndex index(int row, int column, const QModelIndex& parent = {}) const override;
    QModelIndex parent(const QModelIndex& child) const override;
    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& = {}) const override { return kColumns; }
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

private:
    void rebuild();
    int spool_at(const QModelIndex& index) const;
    /// What the project calls it; 0 where it does not print it.
    char letter_of(const ShelfFilament& f) const;
    ShelfStore* store_;
    Document* document_;
    std::vector<std::vector<int>> spools_; ///< per filament: places in Shelf::spools
};

} // namespace vitrail
