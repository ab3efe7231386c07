#include "app/parts/wedge_photo_view.h"

#include "app/theme/theme.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>

namespace vitrail {

namespace {

QString mark_name(int i) {
    switch (i) {
    case 0:
        return WedgePhotoView::tr("upper left");
    case 1:
        return WedgePhotoView::tr("upper right");
    case 2:
        return WedgePhotoView::tr("lower right");
    case 3:
        return WedgePhotoView::tr("lower left");
    case 4:
        return WedgePhotoView::tr("white");
    default:
        break;
    }
    return WedgePhotoView::tr("grey");
}

} // namespace

WedgePhotoView::WedgePhotoView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("wedge_photo"));
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("The photograph of the wedge, with its marks"));
    setMinimumSize(em(26), em(16));
    tell();
}

QSize WedgePhotoView::sizeHint() const {
    return {em(44), em(24)};
}

void WedgePhotoView::set_photo(const QImage& photo) {
    photo_ = photo;
    const double w = photo.width(), h = photo.height();
    marks_ = {QPointF(0.2 * w, 0.2 * h), QPointF(0.8 * w, 0.2 * h),  QPointF(0.8 * w, 0.6 * h),
              QPointF(0.2 * w, 0.6 * h), QPointF(0.35 * w, 0.8 * h), QPointF(0.65 * w, 0.8 * h)};
    tell();
    update();
}
void WedgePhotoView::set_plan(const WedgePlan& plan) {
    plan_ = plan;
    update();
}

void WedgePhotoView::set_mark(int i, QPointF at) {
    marks_[static_cast<std::size_t>(i)] = {std::clamp(at.x(), 0.0, static_cast<double>(photo_.width())),
                                           std::clamp(at.y(), 0.0, static_cast<double>(photo_.height()))};
    tell();
    update();
}

WedgeMarks WedgePhotoView::marks() const {
    WedgeMarks m;
    for (std::size_t i = 0; i < 4; ++i)
        m.corners[i] = {marks_[i].x(), marks_[i].y()};
    m.white = PhotoPoint{marks_[4].x(), marks_[4].y()};
    m.grey = PhotoPoint{marks_[5].x(), marks_[5].y()};
    return m;
}

void WedgePhotoView::tell() {
    setAccessibleDescription(photo_.isNull()
                                 ? tr("No photograph yet.")
                                 : tr("Mark %1 is chosen, at %2, %3. Space goes to the next, arrow keys move "
                                      "it, with Ctrl by ten.")
                                       .arg(mark_name(chosen_))
                                       .arg(qRound(marks_[static_cast<std::size_t>(chosen_)].x()))
                                       .arg(qRound(marks_[static_cast<std::size_t>(chosen_)].y())));
}

QRectF WedgePhotoView::picture_rect() const {
    const QSizeF size =
        QSizeF(photo_.size()).scaled(QSizeF(width() - em(0.6), height() - em(0.6)), Qt::KeepAspectRatio);
    return {(width() - size.width()) / 2, (height() - size.height()) / 2, size.width(), size.height()};
}
QPointF WedgePhotoView::on_screen(QPointF p) const {
    const QRectF r = picture_rect();
    return {r.left() + p.x() * r.width() / photo_.width(), r.top() + p.y() * r.height() / photo_.height()};
}

void WedgePhotoView::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    p.fillRect(rect(), t.field);
    if (photo_.isNull()) {
        p.setPen(t.quiet);
        p.drawText(rect().adjusted(em(1), 0, -em(1), 0), Qt::AlignCenter | Qt::TextWordWrap,
                   tr("Open a photograph of the printed wedge, beside white paper and a grey card."));
        return;
    }
    p.drawImage(picture_rect(), photo_);
    p.setRenderHint(QPainter::Antialiasing);
    // The fields as they would lie: by straight lines between the sides, near enough to see whether corners
    // are in order.
    const auto between = [&](int a, int b, double share) {
        return on_screen(mark(a) + (mark(b) - mark(a)) * share);
    };
    for (const auto& [colour, w] : {std::pair{QColor(0, 0, 0), 3.0}, {QColor(255, 255, 255), 1.2}}) {
        p.setPen(QPen(colour, w));
        for (int i = 0; i <= plan_.columns(); ++i)
            p.drawLine(between(0, 1, double(i) / plan_.columns()),
                       between(3, 2, double(i) / plan_.columns()));
        for (int i = 0; i <= WedgePlan::kRows; ++i)
            p.drawLine(between(0, 3, double(i) / WedgePlan::kRows),
                       between(1, 2, double(i) / WedgePlan::kRows));
    }
    p.setFont(font_of(0.9, true));
    for (int i = 0; i < kMarks; ++i) {
        const QPointF at = on_screen(mark(i));
        p.setPen(QPen(t.lead, 2));
        p.setBrush(i == chosen_ ? t.accent : t.panel);
        p.drawEllipse(at, em(0.45), em(0.45));
        const QString name = mark_name(i);
        const QRectF tag(at.x() + em(0.6), at.y() - em(0.7),
                         p.fontMetrics().horizontalAdvance(name) + em(0.6), em(1.4));
        p.fillRect(tag, t.panel);
        p.setPen(t.ink);
        p.drawText(tag, Qt::AlignCenter, name);
    }
    if (hasFocus()) {
        p.setBrush(Qt::NoBrush);
        p.setPen(t.accent);
        p.drawRect(rect().adjusted(0, 0, -1, -1));
    }
}

void WedgePhotoView::mousePressEvent(QMouseEvent* e) {
    if (photo_.isNull() || e->button() != Qt::LeftButton)
        return;
    for (int i = 0; i < kMarks; ++i)
        if (QLineF(on_screen(mark(i)), e->position()).length() <
            QLineF(on_screen(mark(chosen_)), e->position()).length())
            chosen_ = i;
    dragging_ = QLineF(on_screen(mark(chosen_)), e->position()).length() < em(1.2);
    tell();
    update();
}
void WedgePhotoView::mouseMoveEvent(QMouseEvent* e) {
    if (!dragging_)
        return;
    const QRectF r = picture_rect();
    set_mark(chosen_, {(e->position().x() - r.left()) * photo_.width() / r.width(),
                       (e->position().y() - r.top()) * photo_.height() / r.height()});
}
void WedgePhotoView::mouseReleaseEvent(QMouseEvent*) {
    if (std::exchange(dragging_, false))
        Q_EMIT marks_changed();
}

void WedgePhotoView::keyPressEvent(QKeyEvent* e) {
    const double step = e->modifiers() & Qt::ControlModifier ? 10 : 1;
    const int dx = e->key() == Qt::Key_Right  ? 1
                   : e->key() == Qt::Key_Left ? -1
                                              : 0,
              dy = e->key() == Qt::Key_Down ? 1
                   : e->key() == Qt::Key_Up ? -1
                                            : 0;
    if (e->key() == Qt::Key_Space) {
        chosen_ = (chosen_ + 1) % kMarks;
        tell();
        return update();
    }
    if (photo_.isNull() || (dx == 0 && dy == 0))
        return QWidget::keyPressEvent(e);
    set_mark(chosen_, mark(chosen_) + QPointF(dx, dy) * step);
    Q_EMIT marks_changed();
}

} // namespace vitrail

#include "moc_wedge_photo_view.cpp"
