#include "app/picture/stack_front.h"

#include "app/theme/theme.h"
#include "paint/words.h"

#include <QPainter>

#include <algorithm>

namespace vitrail {

StackFront::StackFront(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Difference against number of swaps"));
    setMinimumHeight(em(8));
}

QSize StackFront::sizeHint() const {
    return {em(24), em(12)};
}

void StackFront::show_front(const std::vector<FoundStack>& front, int marked) {
    front_ = front;
    marked_ = marked;
    QStringList words;
    for (const FoundStack& f : front_)
        if (!f.broken)
            words << tr("%n swap(s): ΔE %1", nullptr, static_cast<int>(f.bands.size()) - 1)
                         .arg(number(f.error, 1));
    setAccessibleDescription(words.join(QStringLiteral("; ")));
    update();
}

void StackFront::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF r(em(3.4), em(0.8), width() - em(4.4), height() - em(3.4));
    p.setPen(QPen(t.line, 1));
    p.drawLine(r.bottomLeft(), r.bottomRight());
    p.drawLine(r.bottomLeft(), r.topLeft());
    p.setFont(font_of(0.9));
    p.setPen(t.quiet);
    p.drawText(QRectF(r.left(), r.bottom() + em(1.3), r.width(), em(1.3)), Qt::AlignCenter,
               tr("swaps at most"));
    p.save();
    p.translate(em(0.3), r.center().y());
    p.rotate(-90);
    p.drawText(QRectF(-r.height() / 2 - em(2), 0, r.height() + em(4), em(1.3)), Qt::AlignCenter,
               tr("mean ΔE to the picture"));
    p.restore();
    double most = 1;
    for (const FoundStack& f : front_)
        if (!f.broken)
            most = std::max(most, f.error);
    if (front_.empty())
        return;
    const auto place = [&](std::size_t i, double e) {
        return QPointF(r.left() +
                           r.width() * (static_cast<double>(i) + 0.5) / static_cast<double>(front_.size()),
                       r.bottom() - (r.height() - em(0.6)) * e / most);
    };
    p.drawText(QRectF(0, r.top() - em(0.2), r.left() - 4, em(1.3)), Qt::AlignRight, number(most, 0));
    p.drawText(QRectF(0, r.bottom() - em(1), r.left() - 4, em(1.3)), Qt::AlignRight, QStringLiteral("0"));
    QPolygonF line;
    for (std::size_t i = 0; i < front_.size(); ++i) {
        p.setPen(t.quiet);
        p.drawText(QRectF(place(i, 0).x() - em(2), r.bottom() + 2, em(4), em(1.3)), Qt::AlignCenter,
                   QString::number(i));
        if (!front_[i].broken)
            line << place(i, front_[i].error);
    }
    p.setPen(QPen(t.ink, 2));
    p.drawPolyline(line);
    for (std::size_t i = 0; i < front_.size(); ++i)
        if (!front_[i].broken) {
            const QPointF at = place(i, front_[i].error);
            p.setPen(QPen(t.ink, 1.5));
            p.setBrush(static_cast<int>(i) == marked_ ? t.accent : t.panel);
            p.drawEllipse(at, em(0.35), em(0.35));
            p.setPen(t.ink);
            p.drawText(QRectF(at.x() - em(2), at.y() - em(1.7), em(4), em(1.3)), Qt::AlignCenter,
                       number(front_[i].error, 1));
        }
}

} // namespace vitrail

#include "moc_stack_front.cpp"
