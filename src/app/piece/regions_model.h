// Parts of the piece that is looked at, with their bands and painted patches as a tree, with the filament and
// the grams of each.
#pragma once

#include "app/parts/badge_delegate.h"

#include <QAbstractItemModel>

#include <vector>

namespace vitrail {

class Document;
class ViewState;

class RegionsModel : public QAbstractItemModel {
    Q_OBJECT
public:
    enum Role { PartRole = BadgeDelegate::NextRole, BandRole, PatchRole };

    RegionsModel(Document* document, ViewState* view, QObject* parent = nullptr);

    QModelIndex index(int row, int column, const QModelIndex& parent = {}) const override;
    QModelIndex parent(const QModelIndex& child) const override;
    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& = {}) const override { return 2; }
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

    QModelIndex part_index(int part) const;

private:
    struct Row {
        int band;  ///< index into Piece::bands, or −1
        int patch; ///< number of the patch, or 0
        double grams;
    };
    struct PartRow {
        double grams;
        std::vector<Row> regions; ///< bands, then patches
    };
    void rebuild();

    Document* document_;
    ViewState* view_;
    std::vector<PartRow> rows_;
};

} // namespace vitrail
