#include "app/run/starts_view.h"

#include "app/theme/theme.h"
#include "paint/words.h"

#include <QAccessible>
#include <QDateTime>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QLocale>
#include <QPainter>
#include <QToolTip>

#include <algorithm>
#include <cmath>

namespace vitrail {

StartsView::StartsView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("starts_view"));
    setAccessibleName(tr("Trips to the printer over the hour it begins"));
    setFocusPolicy(Qt::StrongFocus);
    setMinimumHeight(em(9));
}

QSize StartsView::sizeHint() const {
    return {em(40), em(15)};
}

void StartsView::show_curve(std::vector<StartPoint> curve, Zone zone, std::int64_t chosen, int best) {
    curve_ = std::move(curve);
    zone_ = std::move(zone);
    best_ = best;
    set_chosen(chosen);
}

void StartsView::set_chosen(std::int64_t start) {
    chosen_ = start;
    const int at = nearest(start);
    setAccessibleDescription(at < 0 ? QString() : says(curve_[static_cast<std::size_t>(at)]));
    QAccessibleEvent changed(this, QAccessible::DescriptionChanged);
    QAccessible::updateAccessibility(&changed);
    update();
}

int StartsView::nearest(std::int64_t start) const {
    if (curve_.empty())
        return -1;
    const auto at =
        std::min_element(curve_.begin(), curve_.end(), [&](const StartPoint& a, const StartPoint& b) {
            return std::abs(a.start_s - start) < std::abs(b.start_s - start);
        });
    return static_cast<int>(at - curve_.begin());
}

void StartsView::choose(int index) {
    if (curve_.empty())
        return;
    const std::int64_t start =
        curve_[static_cast<std::size_t>(std::clamp(index, 0, static_cast<int>(curve_.size()) - 1))].start_s;
    if (start == chosen_)
        return;
    set_chosen(start);
    Q_EMIT chosen_changed(start);
}

QString StartsView::says(const StartPoint& p) const {
    const auto clock = [](std::int64_t s) {
        return QLocale().toString(QDateTime::fromSecsSinceEpoch(s), QStringLiteral("ddd HH:mm"));
    };
    QString text =
        tr("Begun %1 it is done %2: %n trip(s)", nullptr, p.trips).arg(clock(p.start_s), clock(p.end_s));
    text += p.night_trips ? tr(", %1 of them at night").arg(p.night_trips)
            : p.trips     ? tr(", none at night")
                          : QString();
    if (p.waited_s > 0)
        text += tr(", waits %1 h for the morning").arg(number(p.waited_s / 3600, 1));
    if (p.at_night)
        text += tr("; it would begin at night");
    return text;
}

QRectF StartsView::chart() const {
    return QRectF(em(2.2), em(1.6), width() - em(3.2), height() - em(4.6));
}

double StartsView::x_of(std::int64_t start) const {
    const QRectF r = chart();
    if (curve_.empty())
        return r.left();
    const double step = curve_.size() > 1 ? static_cast<double>(curve_[1].start_s - curve_[0].start_s) : 900;
    return r.left() + (static_cast<double>(start - curve_.front().start_s) + step / 2) /
                          (step * static_cast<double>(curve_.size())) * r.width();
}

void StartsView::draw_axes(QPainter& p, int most) const {
    const Theme& t = Theme::current();
    const QRectF r = chart();
    const double w = r.width() / static_cast<double>(curve_.size());
    QColor night = t.lead;
    night.setAlphaF(t.dark ? 0.5f : 0.12f);
    for (std::size_t i = 0; i < curve_.size(); ++i)
        if (curve_[i].at_night)
            p.fillRect(QRectF(r.left() + static_cast<double>(i) * w, r.top(), w + 0.5, r.height()), night);
    p.setFont(font_of(0.9));
    const int step = std::max(1, static_cast<int>(std::ceil(most / 5.0)));
    for (int n = 0; n <= most; n += step) {
        const double y = r.bottom() - r.height() * n / std::max(1, most);
        p.setPen(QPen(t.line, 1));
        p.drawLine(QPointF(r.left(), y), QPointF(r.right(), y));
        p.setPen(t.quiet);
        p.drawText(QRectF(0, y - em(0.7), r.left() - em(0.4), em(1.4)), Qt::AlignRight | Qt::AlignVCenter,
                   QString::number(n));
    }
    double last = -1e9;
    for (const StartPoint& s : curve_) {
        const std::int64_t local = zone_.local_s(s.start_s);
        if (local % 7200 != 0)
            continue;
        const bool day = local % 86400 == 0;
        const QDateTime when = QDateTime::fromSecsSinceEpoch(local, Qt::UTC);
        const QString text =
            day ? QLocale().toString(when, QStringLiteral("ddd d")) : when.toString(QStringLiteral("HH:mm"));
        const double w2 = p.fontMetrics().horizontalAdvance(text), x = x_of(s.start_s);
        if (x - w2 / 2 < last + em(0.7) || x + w2 / 2 > width())
            continue;
        p.setPen(t.quiet);
        p.drawLine(QPointF(x, r.bottom()), QPointF(x, r.bottom() + em(0.25)));
        p.drawText(QRectF(x - w2 / 2, r.bottom() + em(0.25), w2 + 2, em(1.3)),
                   Qt::AlignLeft | Qt::AlignVCenter, text);
        last = x + w2 / 2;
    }
}

void StartsView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Theme& t = Theme::current();
    if (curve_.empty())
        return;
    int most = 1;
    for (const StartPoint& s : curve_)
        most = std::max(most, s.trips);
    draw_axes(p, most);
    const QRectF r = chart();
    const double w = r.width() / static_cast<double>(curve_.size()), gap = w > 5 ? 1 : 0;
    const int at = nearest(chosen_);
    for (std::size_t i = 0; i < curve_.size(); ++i) {
        const StartPoint& s = curve_[i];
        const double x = r.left() + static_cast<double>(i) * w, h = r.height() / most;
        p.fillRect(QRectF(x + gap, r.bottom() - h * s.trips, w - 2 * gap, h * s.trips),
                   static_cast<int>(i) == at ? t.accent : t.quiet);
        if (s.night_trips > 0) {
            const QRectF night(x + gap, r.bottom() - h * s.night_trips, w - 2 * gap, h * s.night_trips);
            p.fillRect(night, t.bad);
            p.fillRect(night, QBrush(t.ground, Qt::BDiagPattern));
        }
    }
    const QString none = tr("nobody has to come at these hours");
    p.setFont(font_of(0.9));
    if (std::all_of(curve_.begin(), curve_.end(), [](const StartPoint& s) { return s.trips == 0; })) {
        p.setPen(t.quiet);
        p.drawText(r, Qt::AlignCenter, none);
    }
    if (best_ >= 0) {
        const double x = x_of(curve_[static_cast<std::size_t>(best_)].start_s);
        p.setPen(Qt::NoPen);
        p.setBrush(t.good);
        p.drawPolygon(QPolygonF({{x - em(0.45), r.top() - em(0.75)},
                                 {x + em(0.45), r.top() - em(0.75)},
                                 {x, r.top() - em(0.05)}}));
    }
    if (chosen_ >= curve_.front().start_s - 900 && chosen_ <= curve_.back().start_s + 900) {
        const double x = std::clamp(x_of(chosen_), r.left(), r.right());
        p.setPen(QPen(t.accent, 2));
        p.drawLine(QPointF(x, r.top() - em(0.2)), QPointF(x, r.bottom() + em(0.2)));
        const QString text = QDateTime::fromSecsSinceEpoch(chosen_).toString(QStringLiteral("HH:mm"));
        p.setFont(font_of(1, true));
        const double tw = p.fontMetrics().horizontalAdvance(text);
        p.setPen(t.ink);
        p.drawText(QRectF(std::clamp(x - tw / 2, 0.0, width() - tw - 2), 0, tw + 2, em(1.4)),
                   Qt::AlignLeft | Qt::AlignVCenter, text);
    }
    p.setFont(font_of(0.9));
    p.setPen(t.quiet);
    p.drawText(QRectF(r.left(), r.bottom() + em(1.6), r.width(), em(1.3)), Qt::AlignLeft | Qt::AlignVCenter,
               tr("trips to the printer, by when it begins · hatched: at night · ▼ the best of these hours"));
    if (hasFocus()) {
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(t.accent, 1, Qt::DotLine));
        p.drawRect(rect().adjusted(0, 0, -1, -1));
    }
}

void StartsView::mousePressEvent(QMouseEvent* e) {
    if (curve_.empty())
        return;
    const QRectF r = chart();
    choose(static_cast<int>(
        std::floor((e->position().x() - r.left()) / r.width() * static_cast<double>(curve_.size()))));
}

void StartsView::mouseMoveEvent(QMouseEvent* e) {
    if (e->buttons() & Qt::LeftButton)
        mousePressEvent(e);
}

void StartsView::keyPressEvent(QKeyEvent* e) {
    const int at = nearest(chosen_);
    switch (e->key()) {
    case Qt::Key_Left:
        return choose(at - 1);
    case Qt::Key_Right:
        return choose(at + 1);
    case Qt::Key_PageUp:
        return choose(at - 4);
    case Qt::Key_PageDown:
        return choose(at + 4);
    case Qt::Key_Home:
        return choose(0);
    case Qt::Key_End:
        return choose(static_cast<int>(curve_.size()) - 1);
    case Qt::Key_B:
        return best_ >= 0 ? choose(best_) : QWidget::keyPressEvent(e);
    default:
        QWidget::keyPressEvent(e);
    }
}

bool StartsView::event(QEvent* e) {
    if (e->type() == QEvent::ToolTip && !curve_.empty()) {
        const auto* help = static_cast<QHelpEvent*>(e);
        const QRectF r = chart();
        const int i = std::clamp(
            static_cast<int>((help->pos().x() - r.left()) / r.width() * static_cast<double>(curve_.size())),
            0, static_cast<int>(curve_.size()) - 1);
        QToolTip::showText(help->globalPos(), says(curve_[static_cast<std::size_t>(i)]), this);
        return true;
    }
    return QWidget::event(e);
}

} // namespace vitrail

#include "moc_starts_view.cpp"
