#include "app/changes/front_plot.h"

#include "app/theme/theme.h"
#include "paint/words.h"

#include <QPainter>

namespace vitrail {

FrontPlot::FrontPlot(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Purge against work by hand"));
    setMinimumHeight(em(6));
}

QSize FrontPlot::sizeHint() const {
    return {em(16), em(8)};
}

void FrontPlot::show_choices(std::vector<AimChoice> choices, int marked) {
    choices_ = std::move(choices);
    marked_ = marked;
    QStringList words;
    for (const AimChoice& c : choices_)
        words << tr("%1 g of waste with %2 moves by hand")
                     .arg(number(waste_g(c.plan->totals), 1))
                     .arg(handlings(*c.plan));
    setAccessibleDescription(words.join(QStringLiteral("; ")));
    update();
}

void FrontPlot::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF r(em(3.2), em(0.6), width() - em(4.4), height() - em(3.2));
    p.setPen(QPen(t.line, 1));
    p.drawLine(r.bottomLeft(), r.bottomRight());
    p.drawLine(r.bottomLeft(), r.topLeft());
    p.setFont(font_of(0.9));
    p.setPen(t.quiet);
    p.drawText(QRectF(r.left(), r.bottom() + em(1.2), r.width(), em(1.3)), Qt::AlignCenter,
               tr("things done by hand"));
    p.save();
    p.translate(em(0.7), r.center().y());
    p.rotate(-90);
    p.drawText(QRectF(-r.height() / 2 - em(2), -em(0.7), r.height() + em(4), em(1.3)), Qt::AlignCenter,
               tr("waste, g"));
    p.restore();
    if (choices_.empty())
        return;
    double most_g = 0, most_hands = 1, least_hands = 1e9;
    for (const AimChoice& c : choices_) {
        most_g = std::max(most_g, waste_g(c.plan->totals));
        most_hands = std::max<double>(most_hands, handlings(*c.plan));
        least_hands = std::min<double>(least_hands, handlings(*c.plan));
    }
    const auto place = [&](const AimChoice& c) {
        return QPointF(r.left() + em(0.8) + (r.width() - em(1.6)) * handlings(*c.plan) / most_hands,
                       r.bottom() - em(0.4) -
                           (r.height() - em(0.9)) * (most_g > 0 ? waste_g(c.plan->totals) / most_g : 0));
    };
    p.drawText(QRectF(0, r.top() - em(0.1), r.left() - 4, em(1.2)), Qt::AlignRight,
               number(most_g, most_g < 10 ? 1 : 0));
    p.drawText(QRectF(r.right() - em(4), r.bottom() + 2, em(4), em(1.2)), Qt::AlignRight, number(most_hands));
    p.drawText(QRectF(0, r.bottom() - em(1), r.left() - 4, em(1.2)), Qt::AlignRight, QStringLiteral("0"));
    // The front: from least waste by the blends to least handling.
    QPolygonF front;
    for (std::size_t i = 0; i < choices_.size(); ++i)
        if (!choices_[i].own && choices_[i].aim != LoadingAim::time)
            front << place(choices_[i]);
    std::sort(front.begin(), front.end(), [](QPointF a, QPointF b) { return a.x() < b.x(); });
    p.setPen(QPen(t.quiet, 1, Qt::DotLine));
    p.drawPolyline(front);
    for (std::size_t i = 0; i < choices_.size(); ++i) {
        const QPointF at = place(choices_[i]);
        const bool marked = static_cast<int>(i) == marked_;
        if (choices_[i].own) { // a ring, so that another point shows within it
            p.setBrush(Qt::NoBrush);
            p.setPen(QPen(t.ink, 2));
            p.drawEllipse(at, em(0.6), em(0.6));
            continue;
        }
        p.setPen(QPen(t.lead, 1));
        p.setBrush(marked ? t.accent : t.quiet);
        const double s = em(0.36);
        if (choices_[i].aim == LoadingAim::time)
            p.drawRect(QRectF(at.x() - s, at.y() - s, 2 * s, 2 * s));
        else
            p.drawEllipse(at, s, s);
    }
}

} // namespace vitrail

#include "moc_front_plot.cpp"
