#include "app/layer_window/layer_window.h"

#include "app/shell/document.h"
#include "app/shell/view_state.h"
#include "app/theme/theme.h"
#include "paint/filament_paint.h"

#include <QHelpEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>
#include <QWheelEvent>

#include <algorithm>
#include <cmath>

namespace vitrail {

LayerWindow::LayerWindow(Document* document, ViewState* view, QWidget* parent) : QWidget(parent), document_(document), view_(view) {
    setObjectName(QStringLiteral("layer_window"));
    setAccessibleName(tr("Layer window: cut through the piece at the cursor layer"));
    const auto refresh = [this] {
        stale_ = true;
        update();
    };
    connect(document, &Document::plan_changed, this, refresh);
    connect(view, &ViewState::layer_changed, this, refresh);
    connect(view, &ViewState::selection_changed, this, [this] { update(); });
}

QSize LayerWindow::minimumSizeHint() const {
    return {em(12), em(12)};
}

QRectF LayerWindow::picture_rect() const {
    return QRectF(rect()).adjusted(em(0.8), em(3.8), -em(0.8), -em(2.6));
}

namespace {

/// The middle of the widest stretch of a few horizontal cuts; nowhere when that is too narrow for a mark.
QPointF place_for_mark(const QPainterPath& path, double mark) {
    const QRectF b = path.boundingRect();
    QPointF best;
    double widest = 0;
    for (int row = 1; row < 8; ++row) {
        const double y = b.top() + b.height() * row / 8;
        double start = -1;
        constexpr int kSteps = 32;
        for (int i = 0; i <= kSteps; ++i) {
            const double x = b.left() + b.width() * i / kSteps;
            const bool inside = i < kSteps && path.contains(QPointF(x, y));
            if (inside && start < 0)
                start = x;
            if (!inside && start >= 0) {
                if (x - start > std::max(widest, 0.8 * mark)) {
                    widest = x - start;
                    best = QPointF((x + start) / 2, y);
                }
                start = -1;
            }
        }
    }
    return best;
}

} // namespace

void LayerWindow::rebuild() {
    stale_ = false;
    paths_.clear();
    marks_.clear();
    const auto plan = document_->plan();
    if (!plan)
        return;
    const Bounds& b = plan->table->bounds;
    const QRectF room = picture_rect();
    const double w = std::max(0.1, double(b.max.x) - b.min.x), d = std::max(0.1, double(b.max.y) - b.min.y);
    scale_ = std::min(room.width() / w, room.height() / d);
    const double cx = (double(b.max.x) + b.min.x) / 2, cy = (double(b.max.y) + b.min.y) / 2;
    const int layer = std::clamp(view_->layer(), 1, plan->grid.count);
    for (const PartLayers& part : plan->table->parts) {
        QPainterPath path;
        path.setFillRule(Qt::OddEvenFill);
        for (const Path& ring : part.layers[layer - 1]) {
            // Points closer than half a pixel do not show.
            QPolygonF polygon;
            for (const IntPoint& q : ring) {
                const QPointF at(room.center().x() + (double(q.X) / kUnitsPerMm - cx) * scale_,
                                 room.center().y() - (double(q.Y) / kUnitsPerMm - cy) * scale_);
                if (polygon.isEmpty() || std::abs(polygon.last().x() - at.x()) + std::abs(polygon.last().y() - at.y()) > 0.5)
                    polygon << at;
            }
            if (polygon.size() > 2) {
                path.addPolygon(polygon);
                path.closeSubpath();
            }
        }
        marks_.push_back(path.isEmpty() ? QPointF() : place_for_mark(path, em(1.5)));
        paths_.push_back(std::move(path));
    }
}

void LayerWindow::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    p.setFont(font_of(1, true));
    p.setPen(t.ink);
    const QRect head(em(0.8), em(0.5), width() - em(1.6), em(1.5));
    p.drawText(head, Qt::AlignLeft | Qt::AlignVCenter, tr("Layer window"));
    const auto plan = document_->plan();
    if (!plan) {
        p.setFont(font_of(1));
        p.setPen(t.quiet);
        p.drawText(rect().adjusted(em(1), em(2), -em(1), -em(1)), Qt::AlignCenter | Qt::TextWordWrap,
                   tr("The cut through the piece at the cursor layer."));
        return;
    }
    if (stale_)
        rebuild();
    const Project& project = document_->planned_project();
    const int layer = std::clamp(view_->layer(), 1, plan->grid.count);
    p.setFont(font_of(0.95));
    p.setPen(t.quiet);
    p.drawText(head, Qt::AlignRight | Qt::AlignVCenter,
               tr("layer %1 · %2 → %3 mm").arg(layer).arg(plan->grid.bottom_mm(layer), 0, 'f', 2).arg(plan->grid.top_mm(layer), 0, 'f', 2));
    p.setRenderHint(QPainter::Antialiasing);
    const auto filament_of = [&](std::size_t part) {
        return find_filament(project, filament_at(project, static_cast<int>(part), plan->grid.middle_mm(layer)));
    };
    for (std::size_t i = 0; i < paths_.size(); ++i) {
        if (paths_[i].isEmpty())
            continue;
        const int f = filament_of(i);
        const QColor c = f < 0 ? t.line : to_qcolor(project.filaments[f].colour);
        p.fillPath(paths_[i], c);
        if (f >= 0)
            p.fillPath(paths_[i], hatch_brush(project.filaments[f].letter, c));
    }
    for (std::size_t i = 0; i < paths_.size(); ++i) {
        const bool selected = view_->parts().count(static_cast<int>(i));
        p.setPen(QPen(selected ? t.accent : t.lead, selected ? 3.2 : 2.2, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        p.setBrush(Qt::NoBrush);
        p.drawPath(paths_[i]);
    }
    for (std::size_t i = 0; i < paths_.size(); ++i)
        if (const int f = paths_[i].isEmpty() || marks_[i].isNull() ? -1 : filament_of(i); f >= 0) {
            const double s = em(1.5);
            paint_badge(p, QRectF(marks_[i].x() - s / 2, marks_[i].y() - s / 2, s, s), project.filaments[f].letter,
                        to_qcolor(project.filaments[f].colour), font());
        }
    // The filaments of this layer by name, as some parts are too thin to carry a letter.
    double x = em(0.8);
    for (const std::uint8_t f : plan->sequence.layer(layer - 1)) {
        const Filament& filament = project.filaments[f];
        const QString name = QString::fromStdString(filament.name);
        paint_badge(p, QRectF(x, em(2.0), em(1.4), em(1.4)), filament.letter, to_qcolor(filament.colour), font());
        p.setFont(font_of(0.95));
        p.setPen(t.ink);
        p.drawText(QRectF(x + em(1.6), em(2.0), width() - x - em(2), em(1.4)), Qt::AlignVCenter, name);
        x += em(2.6) + p.fontMetrics().horizontalAdvance(name);
    }
    // What happens in this layer, in words.
    QString order;
    for (const std::uint8_t f : plan->sequence.layer(layer - 1))
        order += (order.isEmpty() ? QString() : tr(", then ")) + QChar::fromLatin1(project.filaments[f].letter);
    int changes = 0;
    double grams = 0;
    for (const Change& c : plan->changes)
        if (c.layer == layer) {
            ++changes;
            grams += c.purge_g;
        }
    p.setFont(font_of(0.95));
    p.setPen(t.quiet);
    const QString text = order.isEmpty() ? tr("nothing is printed in this layer")
                         : changes       ? tr("%1 · %n change(s), %2 g purged", nullptr, changes).arg(order).arg(grams, 0, 'f', 2)
                                         : tr("%1 · no change").arg(order);
    p.drawText(QRect(em(0.8), height() - em(1.9), width() - em(1.6), em(1.4)), Qt::AlignLeft | Qt::AlignVCenter, text);
    // A scale bar of a round length.
    double bar = 1;
    for (const double mm : {0.5, 1.0, 2.0, 5.0, 10.0, 20.0, 50.0, 100.0})
        if (mm * scale_ < width() / 4.0)
            bar = mm;
    const double x1 = width() - em(0.8), y = height() - em(0.7);
    p.setPen(QPen(t.quiet, 1.5));
    p.drawLine(QPointF(x1 - bar * scale_, y), QPointF(x1, y));
    p.drawText(QRectF(x1 - em(8), y - em(1.25), em(8), em(1.1)), Qt::AlignRight | Qt::AlignBottom, tr("%1 mm").arg(bar));
}

int LayerWindow::part_at(QPointF at) const {
    for (std::size_t i = paths_.size(); i-- > 0;)
        if (paths_[i].contains(at))
            return static_cast<int>(i);
    return -1;
}

void LayerWindow::mousePressEvent(QMouseEvent* e) {
    const int part = part_at(e->position());
    view_->select(part < 0 ? std::set<int>{} : std::set<int>{part});
}

void LayerWindow::wheelEvent(QWheelEvent* e) {
    if (const auto plan = document_->plan())
        view_->set_layer(std::clamp(view_->layer() + (e->angleDelta().y() > 0 ? 1 : -1), 1, plan->grid.count));
}

bool LayerWindow::event(QEvent* e) {
    if (e->type() == QEvent::ToolTip) {
        auto* help = static_cast<QHelpEvent*>(e);
        const int part = part_at(help->pos());
        QToolTip::showText(help->globalPos(), part < 0 ? QString() : QString::fromStdString(document_->planned_project().parts[part].name), this);
        return true;
    }
    return QWidget::event(e);
}

} // namespace vitrail
