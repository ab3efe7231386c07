// Rows that begin with a filament's letter.
#pragma once

#include <QStyledItemDelegate>

namespace vitrail {

/// Paints the letter of the filament before the text, wherever a model gives LetterRole and ColourRole; a
/// swatch with its hatch where it gives HatchRole and no letter.
class BadgeDelegate : public QStyledItemDelegate {
public:
    enum Role { LetterRole = Qt::UserRole, ColourRole, HatchRole, NextRole }; ///< models go on from NextRole
    using QStyledItemDelegate::QStyledItemDelegate;
    void paint(QPainter*, const QStyleOptionViewItem&, const QModelIndex&) const override;
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override;
};

} // namespace vitrail
