#include "app/parts/badge_delegate.h"

#include "app/theme/theme.h"
#include "paint/filament_paint.h"

#include <QApplication>
#include <QPainter>

namespace vitrail {

void BadgeDelegate::paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const {
    const QString letter = index.data(LetterRole).toString();
    if (letter.isEmpty()) {
        QStyledItemDelegate::paint(p, option, index);
        return;
    }
    QStyleOptionViewItem o = option;
    initStyleOption(&o, index);
    o.icon = QIcon();
    const int size = em(1.45);
    const QRect badge(o.rect.left() + em(0.2), o.rect.center().y() - size / 2, size, size);
    // The row as the style draws it, with the text moved to the right of the badge.
    o.text.clear();
    (o.widget ? o.widget->style() : QApplication::style())->drawControl(QStyle::CE_ItemViewItem, &o, p, o.widget);
    paint_badge(*p, badge, letter.front().toLatin1(), index.data(ColourRole).value<QColor>(), o.font);
    p->setPen(Theme::current().ink);
    p->setFont(o.font);
    const QRect text = o.rect.adjusted(size + em(0.6), 0, -2, 0);
    p->drawText(text, Qt::AlignVCenter | Qt::AlignLeft, o.fontMetrics.elidedText(index.data().toString(), Qt::ElideRight, text.width()));
}

QSize BadgeDelegate::sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const {
    QSize s = QStyledItemDelegate::sizeHint(option, index);
    if (!index.data(LetterRole).toString().isEmpty())
        s.rwidth() += em(2);
    s.setHeight(qMax(s.height(), em(1.8)));
    return s;
}

} // namespace vitrail
