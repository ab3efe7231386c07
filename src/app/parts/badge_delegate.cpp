#include "app/parts/badge_delegate.h"

#include "app/theme/theme.h"
#include "paint/filament_paint.h"

#include <QApplication>
#include <QPainter>

namespace vitrail {

void BadgeDelegate::paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const {
    const QString letter = index.data(LetterRole).toString();
    const QString hatch = index.data(HatchRole).toString();
    if (letter.isEmpty() && hatch.isEmpty()) {
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
    (o.widget ? o.widget->style() : QApplication::style())
        ->drawControl(QStyle::CE_ItemViewItem, &o, p, o.widget);
    const QColor colour = index.data(ColourRole).value<QColor>();
    if (letter.isEmpty()) {
        const QRect swatch = badge.adjusted(1, 2, -1, -2);
        p->fillRect(swatch, colour);
        p->fillRect(swatch, hatch_brush(hatch.front().toLatin1(), colour, em(0.5)));
        p->setPen(Theme::current().quiet);
        p->setBrush(Qt::NoBrush);
        p->drawRect(swatch.adjusted(0, 0, -1, -1));
    } else
        paint_badge(*p, badge, letter.front().toLatin1(), colour, o.font);
    p->setPen(Theme::current().ink);
    p->setFont(o.font);
    const QRect text = o.rect.adjusted(size + em(0.6), 0, -2, 0);
    p->drawText(text, Qt::AlignVCenter | Qt::AlignLeft,
                o.fontMetrics.elidedText(index.data().toString(), Qt::ElideRight, text.width()));
}

QSize BadgeDelegate::sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const {
    QSize s = QStyledItemDelegate::sizeHint(option, index);
    if (!index.data(LetterRole).toString().isEmpty() || !index.data(HatchRole).toString().isEmpty())
        s.rwidth() += em(2);
    s.setHeight(qMax(s.height(), em(1.8)));
    return s;
}

} // namespace vitrail
