#include "app/picture/gamut_view.h"

#include "app/theme/theme.h"
#include "core/picture/panel.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QPainter>

#include <algorithm>
#include <cmath>

namespace vitrail {

GamutView::GamutView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("gamut"));
    setAccessibleName(tr("Colours within reach"));
    setMinimumSize(em(12), em(9));
}

QSize GamutView::sizeHint() const {
    return {em(20), em(14)};
}

void GamutView::show_gamut(Gamut gamut) {
    gamut_ = std::move(gamut);
    double near = 0;
    for (const auto& [colour, far] : gamut_.asked)
        near += far <= kOutOfReach ? colour.share : 0;
    setAccessibleDescription(tr("%1 % of the picture asks for colours within ΔE %2 of a stack.")
                                 .arg(number(100 * near, 0), number(kOutOfReach, 0)));
    setToolTip(accessibleDescription());
    update();
}

void GamutView::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    double most = 40;
    for (const auto& [a, b] : gamut_.outline)
        most = std::max({most, std::abs(a), std::abs(b)});
    for (const auto& [c, far] : gamut_.asked)
        most = std::max({most, std::abs(c.lab.a), std::abs(c.lab.b)});
    const double scale = (std::min(width(), height()) - em(2.4)) / 2.0 / most;
    const QPointF middle(width() / 2.0, height() / 2.0);
    const auto place = [&](double a, double b) { return middle + QPointF(a, -b) * scale; };
    p.setPen(QPen(t.line, 1));
    p.drawLine(place(-most, 0), place(most, 0));
    p.drawLine(place(0, -most), place(0, most));
    p.setFont(font_of(0.9));
    p.setPen(t.quiet);
    p.drawText(QRectF(place(most, 0).x() - em(3.2), middle.y(), em(3), em(1.3)), Qt::AlignRight, tr("red"));
    p.drawText(QRectF(place(-most, 0).x(), middle.y(), em(3.4), em(1.3)), Qt::AlignLeft, tr("green"));
    p.drawText(QRectF(middle.x() + 3, place(0, most).y() - em(0.2), em(4), em(1.3)), Qt::AlignLeft,
               tr("yellow"));
    p.drawText(QRectF(middle.x() + 3, place(0, -most).y() - em(1.1), em(4), em(1.3)), Qt::AlignLeft,
               tr("blue"));
    QPolygonF outline;
    for (const auto& [a, b] : gamut_.outline)
        outline << place(a, b);
    QColor inside = t.accent;
    inside.setAlpha(30);
    p.setBrush(inside);
    p.setPen(QPen(t.accent, 2));
    p.drawPolygon(outline);
    for (const auto& [c, far] : gamut_.asked) {
        const double r = std::max(2.5, em(1.6) * std::sqrt(c.share));
        const QPointF at = place(c.lab.a, c.lab.b);
        p.setBrush(to_qcolor(to_srgb(to_linear(to_xyz(c.lab)))));
        p.setPen(QPen(t.ink, 1));
        p.drawEllipse(at, r, r);
        if (far > kOutOfReach) { // a cross as well: colour is not the only sign
            p.drawLine(at - QPointF(r, r), at + QPointF(r, r));
            p.drawLine(at - QPointF(r, -r), at + QPointF(r, -r));
        }
    }
}

} // namespace vitrail

#include "moc_gamut_view.cpp"
