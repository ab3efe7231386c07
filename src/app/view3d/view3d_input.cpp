// Pointer and keys of the 3D piece: turning, choosing, painting.
#include "app/view3d/view3d.h"

#include "app/document/document.h"
#include "app/document/view_state.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QVector3D>
#include <QWheelEvent>

#include <algorithm>
#include <cmath>

namespace vitrail {

std::optional<View3d::Ray> View3d::ray_at(QPointF at) const {
    bool ok = false;
    const QMatrix4x4 back = matrix().inverted(&ok);
    if (!ok)
        return {};
    const float x = 2 * float(at.x()) / width() - 1, y = 1 - 2 * float(at.y()) / height();
    const QVector3D from = back.map(QVector3D(x, y, -1)), way = back.map(QVector3D(x, y, 1)) - from;
    return Ray{{from.x(), from.y(), from.z()}, {way.x(), way.y(), way.z()}};
}

std::optional<Touch> View3d::touch_at(QPointF at) const {
    const auto ray = ray_at(at);
    return ray ? painter_->trees().cast(view_->piece_of(document_->project()), ray->from, ray->way)
               : std::nullopt;
}

int View3d::part_at(QPointF at) const {
    const auto touch = touch_at(at);
    return touch ? touch->part : -1;
}

void View3d::hover(QPointF at) {
    if (painter_->tool() == PaintTool::none)
        return;
    hovered_ = touch_at(at);
    update();
}

void View3d::leaveEvent(QEvent*) {
    if (hovered_) {
        hovered_.reset();
        update();
    }
}

// With a tool in hand the left button paints and the right one turns; without one, the left turns and the
// right moves.
void View3d::mousePressEvent(QMouseEvent* e) {
    press_ = last_ = e->position();
    dragged_ = false;
    if (painter_->tool() == PaintTool::none || e->button() != Qt::LeftButton)
        return;
    if (painter_->tool() == PaintTool::lasso) {
        loop_ = QPolygonF{e->position()};
        return;
    }
    if (const auto touch = touch_at(e->position()))
        painter_->press(*touch);
}

void View3d::mouseMoveEvent(QMouseEvent* e) {
    if (!e->buttons())
        return hover(e->position());
    const QPointF d = e->position() - last_;
    dragged_ |= (e->position() - press_).manhattanLength() > 4;
    last_ = e->position();
    const bool paints = painter_->tool() != PaintTool::none && e->buttons() & Qt::LeftButton;
    if (paints) {
        if (painter_->tool() == PaintTool::lasso) {
            loop_ << e->position();
            update();
        } else if (painter_->stroking()) {
            // Where the pointer has leapt, the stroke follows the surface in between.
            const QPointF from = e->position() - d;
            const int steps = std::clamp(static_cast<int>(std::hypot(d.x(), d.y()) / 6), 1, 24);
            for (int k = 1; k <= steps; ++k) {
                hovered_ = touch_at(from + d * (double(k) / steps));
                if (hovered_)
                    painter_->drag(*hovered_);
            }
            update();
        }
        return;
    }
    if (!dragged_)
        return;
    const bool turns = painter_->tool() == PaintTool::none ? bool(e->buttons() & Qt::LeftButton)
                                                           : bool(e->buttons() & Qt::RightButton);
    if (turns) {
        turn_ += float(d.x()) * 0.5f;
        tilt_ = std::clamp(tilt_ + float(d.y()) * 0.5f, -90.0f, 90.0f);
    } else {
        shift_ += QPointF(d.x(), -d.y()) * (2.0 / std::max(1, height()) / zoom_);
    }
    update();
}

void View3d::mouseReleaseEvent(QMouseEvent* e) {
    if (painter_->tool() != PaintTool::none) {
        if (e->button() != Qt::LeftButton)
            return;
        painter_->release();
        const QPolygonF loop = std::exchange(loop_, {});
        if (painter_->tool() == PaintTool::lasso && loop.size() > 2) {
            // The eye is where all rays start from: the matrix takes it to infinity, so meet two rays.
            const auto a = ray_at({0, 0}), b = ray_at({double(width()), double(height())});
            if (a && b) {
                const Vec3 u = unit(a->way), v = unit(b->way), w = b->from - a->from;
                const float uv = dot(u, v),
                            along = (dot(w, u) - dot(w, v) * uv) / std::max(1e-6f, 1 - uv * uv);
                const QMatrix4x4 m = matrix();
                const QSizeF size(width(), height());
                painter_->lasso(
                    loop,
                    [m, size](Vec3 q) {
                        const QVector3D p = m.map(QVector3D(q.x, q.y, q.z));
                        return QPointF((p.x() + 1) / 2 * size.width(), (1 - p.y()) / 2 * size.height());
                    },
                    a->from + u * along);
            }
        }
        update();
        return;
    }
    if (dragged_ || e->button() != Qt::LeftButton)
        return;
    const auto touch = touch_at(e->position());
    // A painted patch is chosen by itself; with Ctrl whole parts are gathered.
    if (touch && !(e->modifiers() & Qt::ControlModifier)) {
        const Part& part = view_->piece_of(document_->project()).parts[touch->part];
        if (part.paint && painter_->target == PaintTarget::patches)
            if (const PatchNumber n =
                    patch_at(*part.mesh, *part.paint, touch->hit.triangle, touch->hit.point);
                n != kUnpainted) {
                view_->select_patch(touch->part, n);
                return;
            }
    }
    std::set<int> chosen;
    if (e->modifiers() & Qt::ControlModifier)
        chosen = view_->parts();
    if (touch && !chosen.insert(touch->part).second)
        chosen.erase(touch->part);
    view_->select(std::move(chosen));
}

void View3d::mouseDoubleClickEvent(QMouseEvent*) {
    if (painter_->tool() == PaintTool::none)
        fit();
}

void View3d::wheelEvent(QWheelEvent* e) {
    zoom_ = std::clamp(zoom_ * std::pow(1.0015f, float(e->angleDelta().y())), 0.3f, 30.0f);
    update();
}

void View3d::keyPressEvent(QKeyEvent* e) {
    switch (e->key()) {
    case Qt::Key_Left:
        turn_ -= 10;
        break;
    case Qt::Key_Right:
        turn_ += 10;
        break;
    case Qt::Key_Up:
        tilt_ = std::min(90.0f, tilt_ + 10);
        break;
    case Qt::Key_Down:
        tilt_ = std::max(-90.0f, tilt_ - 10);
        break;
    case Qt::Key_Plus:
        zoom_ = std::min(30.0f, zoom_ * 1.2f);
        break;
    case Qt::Key_Minus:
        zoom_ = std::max(0.3f, zoom_ / 1.2f);
        break;
    case Qt::Key_Home:
        fit();
        break;
    default:
        return QOpenGLWidget::keyPressEvent(e);
    }
    update();
}

} // namespace vitrail
