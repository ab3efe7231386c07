#include "app/picture/crop_view.h"

#include "app/theme/theme.h"
#include "paint/words.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {
constexpr double kLeast = 0.02; ///< share of the picture that is kept at least
}

CropView::CropView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("crop_view"));
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("What is kept of the picture"));
    setMinimumSize(em(14), em(12));
}

QSize CropView::sizeHint() const {
    return {em(36), em(26)};
}

void CropView::set_picture(const QImage& image) {
    image_ = image;
    update();
}

void CropView::set_kept(const QRectF& kept, double ratio) {
    kept_ = kept;
    ratio_ = ratio;
    setAccessibleDescription(tr("From %1 to %2 % across, from %3 to %4 % down. Arrow keys move it, with "
                                "Shift they change its size.")
                                 .arg(number(100 * kept.left(), 0), number(100 * kept.right(), 0),
                                      number(100 * kept.top(), 0), number(100 * kept.bottom(), 0)));
    update();
}

QRectF CropView::picture_rect() const {
    if (image_.isNull())
        return {};
    const QSizeF size =
        QSizeF(image_.size()).scaled(QSizeF(width() - em(1), height() - em(1)), Qt::KeepAspectRatio);
    return {(width() - size.width()) / 2, (height() - size.height()) / 2, size.width(), size.height()};
}

QRectF CropView::shown() const {
    const QRectF r = picture_rect();
    return {r.left() + kept_.left() * r.width(), r.top() + kept_.top() * r.height(),
            kept_.width() * r.width(), kept_.height() * r.height()};
}

void CropView::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    const QRectF r = picture_rect();
    if (r.isEmpty()) {
        p.setPen(t.quiet);
        p.drawText(rect(), Qt::AlignCenter, tr("No picture yet."));
        return;
    }
    p.drawImage(r, image_);
    const QRectF kept = shown();
    QPainterPath out;
    out.addRect(r);
    QPainterPath in;
    in.addRect(kept);
    QColor veil = t.ground;
    veil.setAlpha(190);
    p.fillPath(out.subtracted(in), veil);
    p.setPen(QPen(t.lead, 4));
    p.drawRect(kept);
    p.setPen(QPen(t.accent, 1.5));
    p.drawRect(kept);
    for (const QPointF& c : {kept.topLeft(), kept.topRight(), kept.bottomLeft(), kept.bottomRight()}) {
        p.fillRect(QRectF(c.x() - em(0.35), c.y() - em(0.35), em(0.7), em(0.7)), t.accent);
        p.setPen(t.lead);
        p.drawRect(QRectF(c.x() - em(0.35), c.y() - em(0.35), em(0.7), em(0.7)));
    }
    if (hasFocus()) {
        p.setPen(t.accent);
        p.setBrush(Qt::NoBrush);
        p.drawRect(rect().adjusted(0, 0, -1, -1));
    }
}

void CropView::put(QRectF kept) {
    kept.setWidth(std::clamp(kept.width(), kLeast, 1.0));
    kept.setHeight(std::clamp(kept.height(), kLeast, 1.0));
    kept.moveLeft(std::clamp(kept.left(), 0.0, 1 - kept.width()));
    kept.moveTop(std::clamp(kept.top(), 0.0, 1 - kept.height()));
    set_kept(kept, ratio_);
}

void CropView::mousePressEvent(QMouseEvent* e) {
    if (e->button() != Qt::LeftButton || image_.isNull())
        return;
    const QRectF now = shown();
    before_ = kept_;
    pressed_ = e->position();
    drag_ = now.contains(e->position()) ? Drag::move : Drag::none;
    const std::pair<QPointF, QPointF> corners[] = {{now.topLeft(), kept_.bottomRight()},
                                                   {now.topRight(), kept_.bottomLeft()},
                                                   {now.bottomLeft(), kept_.topRight()},
                                                   {now.bottomRight(), kept_.topLeft()}};
    for (const auto& [corner, other] : corners)
        if (std::max(std::abs(corner.x() - e->position().x()), std::abs(corner.y() - e->position().y())) <
            em(0.7)) {
            drag_ = Drag::corner;
            fixed_ = other;
        }
}

void CropView::mouseMoveEvent(QMouseEvent* e) {
    const QRectF r = picture_rect();
    if (drag_ == Drag::none || r.isEmpty())
        return;
    if (drag_ == Drag::move) {
        QRectF kept = before_;
        kept.translate((e->position().x() - pressed_.x()) / r.width(),
                       (e->position().y() - pressed_.y()) / r.height());
        return put(kept);
    }
    const QPointF at(std::clamp((e->position().x() - r.left()) / r.width(), 0.0, 1.0),
                     std::clamp((e->position().y() - r.top()) / r.height(), 0.0, 1.0));
    double w = std::max(kLeast, std::abs(at.x() - fixed_.x())),
           h = std::max(kLeast, std::abs(at.y() - fixed_.y()));
    if (ratio_ > 0) { // the smaller of the two that have that ratio
        const double per = ratio_ * image_.height() / image_.width(); // of shares
        w = std::min(w, h * per);
        h = w / per;
    }
    put(QRectF(at.x() < fixed_.x() ? fixed_.x() - w : fixed_.x(),
               at.y() < fixed_.y() ? fixed_.y() - h : fixed_.y(), w, h));
}

void CropView::mouseReleaseEvent(QMouseEvent*) {
    if (std::exchange(drag_, Drag::none) != Drag::none && kept_ != before_)
        Q_EMIT kept_changed(kept_);
}

void CropView::keyPressEvent(QKeyEvent* e) {
    const double step = e->modifiers() & Qt::ControlModifier ? 0.1 : 0.01;
    const int dx = e->key() == Qt::Key_Right  ? 1
                   : e->key() == Qt::Key_Left ? -1
                                              : 0,
              dy = e->key() == Qt::Key_Down ? 1
                   : e->key() == Qt::Key_Up ? -1
                                            : 0;
    if ((dx == 0 && dy == 0) || e->modifiers() & Qt::AltModifier)
        return QWidget::keyPressEvent(e);
    QRectF kept = kept_;
    if (e->modifiers() & Qt::ShiftModifier) {
        const double by = 1 + (dx ? dx : -dy) * step;
        if (ratio_ > 0) {
            const double most = std::min(1 / kept.width(), 1 / kept.height());
            kept.setSize(kept.size() * std::clamp(by, 0.1, most));
        } else
            kept.setSize({kept.width() + dx * step, kept.height() + dy * step});
    } else
        kept.translate(dx * step, dy * step);
    put(kept);
    Q_EMIT kept_changed(kept_);
}

} // namespace vitrail

#include "moc_crop_view.cpp"
