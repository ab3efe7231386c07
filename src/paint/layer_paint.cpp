#include "paint/layer_paint.h"

#include "core/geometry/rows.h"
#include "paint/filament_paint.h"

#include <QPainter>
#include <QPainterPath>

#include <algorithm>

namespace vitrail {

void paint_layer(QPainter& p, const QRectF& rect, const Project& project, const Plan& plan, std::size_t at,
                 int layer) {
    const PiecePlan& piece = plan.pieces[at];
    if (layer < 1 || layer > piece.layers())
        return;
    const Bounds& b = piece.table->bounds;
    const double w = std::max(0.1, double(b.max.x) - b.min.x), d = std::max(0.1, double(b.max.y) - b.min.y);
    constexpr double kMargin = 0.04;
    const double scale = (1 - 2 * kMargin) * std::min(rect.width() / w, rect.height() / d);
    const QPointF middle((double(b.max.x) + b.min.x) / 2, (double(b.max.y) + b.min.y) / 2);
    const auto path_of = [&](const Paths& rings) {
        QPainterPath path;
        path.setFillRule(Qt::OddEvenFill);
        for (const Path& ring : rings) {
            QPolygonF polygon;
            for (const IntPoint& q : ring)
                polygon << QPointF(rect.center().x() + (double(q.X) / kUnitsPerMm - middle.x()) * scale,
                                   rect.center().y() - (double(q.Y) / kUnitsPerMm - middle.y()) * scale);
            path.addPolygon(polygon);
            path.closeSubpath();
        }
        return path;
    };
    const double lead = std::max(1.0, rect.height() / 300);
    const auto pane = [&](const Paths& rings, int filament) {
        const QPainterPath path = path_of(rings);
        const Filament& f = project.filaments[static_cast<std::size_t>(filament)];
        p.fillPath(path, to_qcolor(f.colour));
        p.fillPath(path, hatch_brush(f.letter, to_qcolor(f.colour),
                                     std::max(6, static_cast<int>(rect.height() / 60))));
        p.strokePath(path, QPen(QColor(0x16, 0x18, 0x1c), lead));
    };
    const auto l = static_cast<std::size_t>(layer) - 1;
    if (piece.support) {
        const QPainterPath held = path_of(
            unite(paths_of(piece.support->layout->body[l]), paths_of(piece.support->layout->interface[l])));
        p.fillPath(held, QBrush(QColor(0x8a, 0x8d, 0x92), Qt::DiagCrossPattern));
        p.strokePath(held, QPen(QColor(0x8a, 0x8d, 0x92), lead / 2, Qt::DashLine));
    }
    for (std::size_t i = 0; i < piece.table->parts.size(); ++i)
        if (const Paths& rings = piece.table->parts[i].layers[l]; !rings.empty())
            pane(rings, piece.owner[i][l]);
    for (std::size_t i = 0; i < piece.demand->patches.size(); ++i)
        for (std::size_t k = 0; k < piece.demand->patches[i].size(); ++k)
            if (const Paths& rings = piece.demand->patches[i][k].layers[l]; !rings.empty())
                if (const int f = find_filament(project, project.pieces[at].parts[i].patches[k].filament);
                    f >= 0)
                    pane(rings, f);
}

} // namespace vitrail
