#include "app/picture/picture_view.h"

#include "app/theme/theme.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace vitrail {

PictureView::PictureView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("picture_view"));
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setAccessibleName(tr("The picture"));
    setMinimumSize(em(16), em(9));
    tell();
}

QSize PictureView::sizeHint() const {
    return {em(44), em(30)};
}

QSize PictureView::room() const {
    return {std::max(1, width() - em(1)), std::max(1, height() - em(2.6))};
}

QRect PictureView::picture_rect() const {
    if (dots_.isEmpty())
        return {};
    const QSize size = dots_.scaled(room(), Qt::KeepAspectRatio);
    return {(width() - size.width()) / 2, em(1.8) + (height() - em(2.4) - size.height()) / 2, size.width(),
            size.height()};
}

void PictureView::set_dots(QSize dots) {
    if (dots == dots_)
        return;
    dots_ = dots;
    dot_ = {dots.width() / 3, dots.height() / 3};
    left_ = right_ = {};
    tell();
    Q_EMIT dot_changed(dot_);
    update();
}
void PictureView::set_left(const QImage& image) {
    left_ = image;
    update();
}
void PictureView::set_right(const QImage& image) {
    right_ = image;
    update();
}
void PictureView::set_names(const QString& left, const QString& right) {
    left_name_ = left, right_name_ = right;
    tell();
    update();
}
void PictureView::set_says(const QString& says) {
    says_ = says;
    update();
}
void PictureView::set_bar(double bar) {
    bar_ = std::clamp(bar, 0.0, 1.0);
    tell();
    update();
}
void PictureView::set_dot(QPoint dot) {
    dot = {std::clamp(dot.x(), 0, std::max(0, dots_.width() - 1)),
           std::clamp(dot.y(), 0, std::max(0, dots_.height() - 1))};
    if (dot == dot_)
        return;
    dot_ = dot;
    tell();
    Q_EMIT dot_changed(dot);
    update();
}

void PictureView::tell() {
    setAccessibleDescription(tr("Left of the bar %1, right of it %2; the bar is at %3 % of the width. The "
                                "pointer is at dot %4, %5. Arrow keys move the pointer, with Shift the bar.")
                                 .arg(left_name_, right_name_)
                                 .arg(std::lround(100 * bar_))
                                 .arg(dot_.x() + 1)
                                 .arg(dot_.y() + 1));
}

bool PictureView::at_bar(const QPointF& where) const {
    const QRect r = picture_rect();
    return std::abs(where.x() - (r.left() + bar_ * r.width())) < em(0.7);
}

void PictureView::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    const QRect r = picture_rect();
    if (dots_.isEmpty() || (left_.isNull() && right_.isNull())) {
        p.setPen(t.quiet);
        p.drawText(rect().adjusted(em(2), 0, -em(2), 0), Qt::AlignCenter | Qt::TextWordWrap, says_);
        return;
    }
    const int bar = r.left() + static_cast<int>(std::lround(bar_ * r.width()));
    const auto draw = [&](const QImage& image, const QRect& part) {
        if (image.isNull() || part.width() < 1)
            return;
        p.setClipRect(part);
        p.drawImage(r, image);
        p.setClipping(false);
    };
    draw(left_, QRect(r.left(), r.top(), bar - r.left(), r.height()));
    draw(right_, QRect(bar, r.top(), r.right() + 1 - bar, r.height()));
    p.setPen(QPen(t.lead, 2));
    p.drawRect(r.adjusted(-1, -1, 0, 0));
    // The bar: a lead with a knob, and a name on each side.
    p.fillRect(QRectF(bar - 2.5, r.top() - em(0.3), 5, r.height() + em(0.6)), t.lead);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(t.panel, 1.5));
    p.setBrush(t.lead);
    p.drawRoundedRect(QRectF(bar - em(0.5), r.center().y() - em(1), em(1), em(2)), 3, 3);
    p.setPen(QPen(t.accent, 1.5));
    for (const double off : {-0.15, 0.15})
        p.drawLine(QPointF(bar + em(off), r.center().y() - em(0.5)),
                   QPointF(bar + em(off), r.center().y() + em(0.5)));
    p.setFont(font_of(1, true));
    p.setPen(t.ink);
    const double name_y = r.top() - em(1.75);
    const double left_w = p.fontMetrics().horizontalAdvance(left_name_),
                 right_w = p.fontMetrics().horizontalAdvance(right_name_);
    const double at_left = std::clamp(bar - em(0.6) - left_w, double(r.left()),
                                      std::max(double(r.left()), r.right() - left_w - right_w - em(1.2)));
    p.drawText(QRectF(at_left, name_y, left_w + 2, em(1.5)), Qt::AlignLeft | Qt::AlignVCenter, left_name_);
    p.drawText(
        QRectF(std::max(at_left + left_w + em(1.2), std::min<double>(bar + em(0.6), r.right() - right_w)),
               name_y, right_w + 2, em(1.5)),
        Qt::AlignLeft | Qt::AlignVCenter, right_name_);
    // Where the core is drilled.
    const QPointF at(r.left() + (dot_.x() + 0.5) * r.width() / dots_.width(),
                     r.top() + (dot_.y() + 0.5) * r.height() / dots_.height());
    p.setBrush(Qt::NoBrush);
    for (const auto& [colour, w] : {std::pair{QColor(0, 0, 0), 4.0}, {QColor(255, 255, 255), 1.8}}) {
        p.setPen(QPen(colour, w));
        p.drawEllipse(at, em(0.45), em(0.45));
    }
    if (hasFocus()) {
        p.setRenderHint(QPainter::Antialiasing, false);
        p.setPen(QPen(t.accent, 1));
        p.drawRect(rect().adjusted(0, 0, -1, -1));
    }
}

void PictureView::mousePressEvent(QMouseEvent* e) {
    if (e->button() == Qt::LeftButton && !dots_.isEmpty()) {
        dragging_ = at_bar(e->position());
        mouseMoveEvent(e);
    }
}
void PictureView::mouseMoveEvent(QMouseEvent* e) {
    const QRect r = picture_rect();
    if (r.isEmpty())
        return;
    if (dragging_)
        return set_bar((e->position().x() - r.left()) / r.width());
    setCursor(at_bar(e->position()) ? Qt::SplitHCursor : Qt::CrossCursor);
    if (r.contains(e->pos()))
        set_dot({static_cast<int>((e->position().x() - r.left()) * dots_.width() / r.width()),
                 static_cast<int>((e->position().y() - r.top()) * dots_.height() / r.height())});
}
void PictureView::mouseReleaseEvent(QMouseEvent*) {
    dragging_ = false;
}

void PictureView::keyPressEvent(QKeyEvent* e) {
    const int step = e->modifiers() & Qt::ControlModifier ? 20 : 1;
    const int dx = e->key() == Qt::Key_Right  ? 1
                   : e->key() == Qt::Key_Left ? -1
                                              : 0,
              dy = e->key() == Qt::Key_Down ? 1
                   : e->key() == Qt::Key_Up ? -1
                                            : 0;
    if (e->modifiers() & Qt::AltModifier || (dx == 0 && dy == 0))
        return QWidget::keyPressEvent(e);
    if (e->modifiers() & Qt::ShiftModifier)
        set_bar(bar_ + dx * 0.01 * step);
    else
        set_dot(dot_ + QPoint(dx, dy) * step);
}

} // namespace vitrail

#include "moc_picture_view.cpp"
