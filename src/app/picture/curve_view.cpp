#include "app/picture/curve_view.h"

#include "app/theme/theme.h"
#include "paint/words.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace vitrail {

CurveView::CurveView(const QString& name, const QString& across, const QString& up, QWidget* parent)
    : QWidget(parent), across_(across), up_(up) {
    setAccessibleName(name);
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(em(10), em(8));
    setToolTip(tr("Click to add a point, drag it; a double click takes it away. By keys: Space goes to the "
                  "next point, arrows move it, Insert adds, Delete takes away."));
    set_curve({});
}

QSize CurveView::sizeHint() const {
    return {em(15), em(10)};
}

void CurveView::set_curve(RisingCurve curve) {
    if (curve.empty())
        curve = {{0, 0}, {1, 1}};
    curve_ = std::move(curve);
    chosen_ = std::min(chosen_, curve_.size() - 1);
    tell();
    update();
}

void CurveView::tell() {
    QStringList points;
    for (const auto& [x, y] : curve_)
        points << tr("%1 to %2").arg(number(x, 2), number(y, 2));
    setAccessibleDescription(tr("%1 to %2: %3. Point %4 is chosen.")
                                 .arg(across_, up_, points.join(QStringLiteral("; ")))
                                 .arg(chosen_ + 1));
}

QRectF CurveView::field() const {
    return QRectF(em(1.6), em(0.5), width() - em(2.2), height() - em(2.2));
}
QPointF CurveView::place(std::size_t i) const {
    const QRectF r = field();
    return {r.left() + curve_[i].first * r.width(), r.bottom() - curve_[i].second * r.height()};
}

void CurveView::move(std::size_t i, double x, double y) {
    const double least_x = i > 0 ? curve_[i - 1].first : 0,
                 most_x = i + 1 < curve_.size() ? curve_[i + 1].first : 1;
    const double least_y = i > 0 ? curve_[i - 1].second : 0,
                 most_y = i + 1 < curve_.size() ? curve_[i + 1].second : 1;
    curve_[i] = {i == 0                   ? 0
                 : i + 1 == curve_.size() ? 1
                                          : std::clamp(x, least_x, most_x),
                 std::clamp(y, least_y, most_y)};
    tell();
    update();
}

void CurveView::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF r = field();
    p.fillRect(r, t.field);
    p.setPen(QPen(t.line, 1));
    for (const double q : {0.25, 0.5, 0.75}) {
        p.drawLine(QPointF(r.left() + q * r.width(), r.top()), QPointF(r.left() + q * r.width(), r.bottom()));
        p.drawLine(QPointF(r.left(), r.top() + q * r.height()), QPointF(r.right(), r.top() + q * r.height()));
    }
    p.drawRect(r);
    QPolygonF line;
    for (std::size_t i = 0; i < curve_.size(); ++i)
        line << place(i);
    p.setPen(QPen(t.ink, 2));
    p.drawPolyline(line);
    for (std::size_t i = 0; i < curve_.size(); ++i) {
        p.setBrush(i == chosen_ ? t.accent : t.panel);
        p.setPen(QPen(t.ink, 1.5));
        p.drawEllipse(place(i), em(0.32), em(0.32));
    }
    p.setFont(font_of(0.9));
    p.setPen(t.quiet);
    p.drawText(QRectF(r.left(), r.bottom() + 2, r.width(), em(1.4)), Qt::AlignHCenter | Qt::AlignTop,
               across_);
    p.save();
    p.translate(em(0.1), r.center().y());
    p.rotate(-90);
    p.drawText(QRectF(-r.height() / 2, 0, r.height(), em(1.4)), Qt::AlignCenter, up_);
    p.restore();
    if (hasFocus()) {
        p.setBrush(Qt::NoBrush);
        p.setPen(t.accent);
        p.drawRect(rect().adjusted(0, 0, -1, -1));
    }
}

void CurveView::mousePressEvent(QMouseEvent* e) {
    if (e->button() != Qt::LeftButton)
        return;
    const QRectF r = field();
    std::size_t nearest = 0;
    for (std::size_t i = 0; i < curve_.size(); ++i)
        if (QLineF(place(i), e->position()).length() < QLineF(place(nearest), e->position()).length())
            nearest = i;
    chosen_ = nearest;
    if (QLineF(place(nearest), e->position()).length() > em(0.9)) {
        const double x = std::clamp((e->position().x() - r.left()) / r.width(), 0.0, 1.0),
                     y = std::clamp((r.bottom() - e->position().y()) / r.height(), 0.0, 1.0);
        const auto at =
            std::find_if(curve_.begin() + 1, curve_.end() - 1, [&](const auto& q) { return q.first > x; });
        chosen_ = static_cast<std::size_t>(curve_.insert(at, {x, y}) - curve_.begin());
        move(chosen_, x, y);
        moved_ = true;
    }
    dragging_ = true;
    tell();
    update();
}
void CurveView::mouseMoveEvent(QMouseEvent* e) {
    if (!dragging_)
        return;
    const QRectF r = field();
    move(chosen_, (e->position().x() - r.left()) / r.width(), (r.bottom() - e->position().y()) / r.height());
    moved_ = true;
}
void CurveView::mouseReleaseEvent(QMouseEvent*) {
    dragging_ = false;
    if (std::exchange(moved_, false))
        Q_EMIT curve_changed(curve_);
}
void CurveView::mouseDoubleClickEvent(QMouseEvent* e) {
    mousePressEvent(e);
    if (chosen_ > 0 && chosen_ + 1 < curve_.size()) {
        curve_.erase(curve_.begin() + static_cast<std::ptrdiff_t>(chosen_));
        chosen_ = 0;
        moved_ = true;
    }
    dragging_ = false;
}

void CurveView::keyPressEvent(QKeyEvent* e) {
    constexpr double kStep = 0.02;
    const auto [x, y] = curve_[chosen_];
    switch (e->key()) {
    case Qt::Key_Space:
        chosen_ = (chosen_ + 1) % curve_.size();
        tell();
        return update();
    case Qt::Key_Left:
        move(chosen_, x - kStep, y);
        break;
    case Qt::Key_Right:
        move(chosen_, x + kStep, y);
        break;
    case Qt::Key_Up:
        move(chosen_, x, y + kStep);
        break;
    case Qt::Key_Down:
        move(chosen_, x, y - kStep);
        break;
    case Qt::Key_Insert: {
        const std::size_t next = std::min(chosen_ + 1, curve_.size() - 1), before = next - 1;
        curve_.insert(curve_.begin() + static_cast<std::ptrdiff_t>(next),
                      {(curve_[before].first + curve_[next].first) / 2,
                       (curve_[before].second + curve_[next].second) / 2});
        chosen_ = next;
        break;
    }
    case Qt::Key_Delete:
        if (chosen_ == 0 || chosen_ + 1 == curve_.size())
            return;
        curve_.erase(curve_.begin() + static_cast<std::ptrdiff_t>(chosen_));
        chosen_ = 0;
        break;
    default:
        return QWidget::keyPressEvent(e);
    }
    tell();
    update();
    Q_EMIT curve_changed(curve_);
}

} // namespace vitrail

#include "moc_curve_view.cpp"
