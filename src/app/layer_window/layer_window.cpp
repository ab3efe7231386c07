#include "app/layer_window/layer_window.h"

#include "app/document/document.h"
#include "app/document/view_state.h"
#include "app/theme/theme.h"
#include "core/colour/stand_out.h"
#include "core/geometry/rows.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QHelpEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>
#include <QWheelEvent>

#include <algorithm>
#include <cmath>

namespace vitrail {

LayerWindow::LayerWindow(Document* document, ViewState* view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view) {
    setObjectName(QStringLiteral("layer_window"));
    setAccessibleName(tr("Layer window: cut through the piece at the cursor layer"));
    const auto refresh = [this] {
        stale_ = true;
        tell();
        update();
    };
    connect(document, &Document::plan_changed, this, refresh);
    connect(view, &ViewState::layer_changed, this, refresh);
    connect(view, &ViewState::piece_changed, this, refresh);
    connect(view, &ViewState::selection_changed, this, [this] { update(); });
    connect(view, &ViewState::spots_changed, this, [this] { update(); });
}

/// What a screen reader says of it.
void LayerWindow::tell() {
    const auto plan = document_->plan();
    const int layer = view_->layer();
    if (!plan || layer < 1 || layer > plan->grid.count)
        return setAccessibleDescription({});
    QStringList filaments;
    const Project& project = document_->planned_project();
    for (const std::uint8_t f : plan->sequence.layer(layer - 1))
        filaments << QStringLiteral("%1 %2")
                         .arg(QChar::fromLatin1(project.filaments[f].letter))
                         .arg(QString::fromStdString(project.filaments[f].name));
    setAccessibleDescription(
        tr("layer %1 · %2 → %3 mm")
            .arg(layer)
            .arg(number(plan->grid.bottom_mm(layer), 2), number(plan->grid.top_mm(layer), 2)) +
        QStringLiteral(": ") + filaments.join(QStringLiteral(", ")));
}

QSize LayerWindow::minimumSizeHint() const {
    return {em(12), em(12)};
}

QRectF LayerWindow::picture_rect() const {
    return QRectF(rect()).adjusted(em(0.8), em(3.8), -em(0.8), -em(2.6));
}

namespace {

/// One of Qt's patterns on a ground, as one brush: outlines of support have so many corners that filling them
/// twice can be felt.
QBrush patterned(const QColor& ground, const QBrush& pattern) {
    constexpr int kTile = 8; // of all of Qt's patterns
    QPixmap tile(kTile, kTile);
    tile.fill(ground);
    QPainter(&tile).fillRect(tile.rect(), pattern);
    return QBrush(tile);
}

/// The middle of the widest stretch of a few cuts, µm; nowhere when that is too narrow for a mark.
std::optional<IntPoint> place_for_mark(const Paths& rings, double mark_mm) {
    constexpr int kCuts = 8;
    const Rows cuts = rows_of(rings, pitch_for(box_of(rings), kCuts));
    double widest = 0.8 * mark_mm * kUnitsPerMm;
    std::optional<IntPoint> best;
    constexpr double kClearly = 1.05; // else the one nearer to the middle
    const int middle = cuts.first + cuts.lines() / 2;
    for (int k = 0; k < 2 * cuts.lines(); ++k) // from the middle outwards
        for (const int n = middle + (k % 2 ? -(k + 1) / 2 : k / 2); const Rows::Span s : cuts.line(n))
            if (s.to - s.from > (best ? kClearly : 1) * widest) {
                widest = s.to - s.from;
                const double x = (double(s.from) + s.to) / 2;
                best = IntPoint(std::llround(x), std::llround((n + 0.5) * cuts.pitch - Rows::kSkew * x));
            }
    return best;
}

} // namespace

QPointF LayerWindow::to_widget(double x_mm, double y_mm) const {
    return {centre_.x() + (x_mm - middle_mm_.x()) * scale_, centre_.y() - (y_mm - middle_mm_.y()) * scale_};
}

void LayerWindow::rebuild() {
    stale_ = false;
    panes_.clear();
    const auto plan = document_->plan();
    if (!plan)
        return;
    const PiecePlan& piece = view_->piece_of(*plan);
    const Bounds& b = piece.table->bounds;
    const QRectF room = picture_rect();
    const double w = std::max(0.1, double(b.max.x) - b.min.x), d = std::max(0.1, double(b.max.y) - b.min.y);
    scale_ = std::min(room.width() / w, room.height() / d);
    middle_mm_ = QPointF((double(b.max.x) + b.min.x) / 2, (double(b.max.y) + b.min.y) / 2);
    const int layer = std::clamp(view_->layer(), 1, plan->grid.count);
    centre_ = room.center();
    const double unseen_mm = 0.3 / scale_; // less than half a pixel
    const auto path_of = [&](const Paths& rings) {
        QPainterPath path;
        path.setFillRule(Qt::OddEvenFill);
        for (const Path& ring : rings) {
            QPolygonF polygon;
            for (const IntPoint& q : without_idle_points(ring, unseen_mm))
                polygon << to_widget(double(q.X) / kUnitsPerMm, double(q.Y) / kUnitsPerMm);
            if (polygon.size() > 2) {
                path.addPolygon(polygon);
                path.closeSubpath();
            }
        }
        return path;
    };
    const auto add = [&](int part, int patch, const Paths& rings) {
        const QPainterPath path = path_of(rings);
        if (path.isEmpty())
            return;
        const auto mark = place_for_mark(rings, em(1.5) / scale_);
        panes_.push_back(
            {part, patch, path,
             mark ? to_widget(double(mark->X) / kUnitsPerMm, double(mark->Y) / kUnitsPerMm) : QPointF()});
    };
    support_ = interface_ = QPainterPath();
    if (layer > piece.layers())
        return; // another piece is taller
    for (std::size_t i = 0; i < piece.table->parts.size(); ++i)
        add(static_cast<int>(i), 0, piece.table->parts[i].layers[layer - 1]);
    for (std::size_t i = 0; i < piece.demand->patches.size(); ++i)
        for (std::size_t k = 0; k < piece.demand->patches[i].size(); ++k)
            add(static_cast<int>(i), static_cast<int>(k) + 1, piece.demand->patches[i][k].layers[layer - 1]);
    support_ = piece.support
                   ? path_of(paths_of(piece.support->layout->body[static_cast<std::size_t>(layer) - 1]))
                   : QPainterPath();
    interface_ =
        piece.support
            ? path_of(paths_of(piece.support->layout->interface[static_cast<std::size_t>(layer) - 1]))
            : QPainterPath();
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
    const Piece& own = view_->piece_of(project);
    const PiecePlan& piece = view_->piece_of(*plan);
    const int layer = std::clamp(view_->layer(), 1, plan->grid.count);
    p.setFont(font_of(0.95));
    p.setPen(t.quiet);
    p.drawText(head, Qt::AlignRight | Qt::AlignVCenter,
               tr("layer %1 · %2 → %3 mm")
                   .arg(layer)
                   .arg(number(plan->grid.bottom_mm(layer), 2))
                   .arg(number(plan->grid.top_mm(layer), 2)));
    p.setRenderHint(QPainter::Antialiasing);
    const auto filament_of = [&](const Pane& pane) {
        const Part& part = own.parts[pane.part];
        const char letter =
            pane.patch ? part.patches[static_cast<std::size_t>(pane.patch) - 1].filament : char(0);
        // A part that nobody gave a filament shows as such, though it is planned in the first.
        const bool given = letter || filament_at(own, pane.part, plan->grid.middle_mm(layer));
        return letter ? find_filament(project, letter)
               : given
                   ? int(piece
                             .owner[static_cast<std::size_t>(pane.part)][static_cast<std::size_t>(layer) - 1])
                   : -1;
    };
    const auto selected = [&](const Pane& pane) {
        return view_->parts().count(pane.part) ||
               view_->patch() == std::pair{pane.part, pane.patch ? pane.patch : -1};
    };
    // Support is cross-hatched, and its interface marked in a colour that no filament has.
    if (piece.support && layer <= piece.layers()) {
        std::vector<Srgb> others;
        for (const Filament& f : project.filaments)
            others.push_back(f.colour);
        others.push_back(to_srgb(t.bad)); // what is ready to snap
        const QColor mark = to_qcolor(stand_out(others, vivid_colours()));
        const auto i = static_cast<std::size_t>(layer) - 1;
        p.setRenderHint(
            QPainter::Antialiasing,
            false); // ten times as quick where outlines have thousands of corners, and the lines hide it
        p.fillPath(support_, patterned(to_qcolor(project.filaments[piece.support_by[i]].colour),
                                       QBrush(t.quiet, Qt::DiagCrossPattern)));
        p.fillPath(interface_, patterned(to_qcolor(project.filaments[piece.interface_by[i]].colour),
                                         QBrush(mark, Qt::Dense4Pattern)));
        p.setRenderHint(QPainter::Antialiasing);
        p.strokePath(support_, QPen(t.quiet, 1, Qt::DashLine));
        p.strokePath(interface_, QPen(mark, 2));
    }
    for (const Pane& pane : panes_) {
        const int f = filament_of(pane);
        const QColor c = f < 0 ? t.line : to_qcolor(project.filaments[f].colour);
        p.fillPath(pane.path, c);
        if (f >= 0)
            p.fillPath(pane.path, hatch_brush(project.filaments[f].letter, c));
    }
    for (const bool front : {false, true})
        for (const Pane& pane : panes_)
            if (selected(pane) == front) {
                p.setPen(QPen(front ? t.accent : t.lead,
                              front        ? 3.2
                              : pane.patch ? 1.6
                                           : 2.2,
                              Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
                p.setBrush(Qt::NoBrush);
                p.drawPath(pane.path);
            }
    for (const Pane& pane : panes_)
        if (const int f = pane.mark.isNull() ? -1 : filament_of(pane); f >= 0) {
            const double s = em(1.5);
            paint_badge(p, QRectF(pane.mark.x() - s / 2, pane.mark.y() - s / 2, s, s),
                        project.filaments[f].letter, to_qcolor(project.filaments[f].colour), font());
        }
    // The places a finding points at: a ring around each, wide enough to be seen.
    for (const Spot& spot : view_->spots())
        if (spot.layer == layer || spot.layer == 0) {
            const double r = std::max<double>(em(0.6), spot.size_mm / 2 * scale_ + 4);
            const QPointF at = to_widget(spot.point.x, spot.point.y);
            p.setBrush(Qt::NoBrush);
            p.setPen(QPen(t.lead, 4));
            p.drawEllipse(at, r, r);
            p.setPen(QPen(t.bad, 2));
            p.drawEllipse(at, r, r);
        }
    // The filaments of this layer by name, as some parts are too thin to carry a letter.
    // Where they do not all fit, the badges alone.
    double x = em(0.8), all = em(0.8);
    p.setFont(font_of(0.95));
    std::vector<std::uint8_t> own_filaments;
    for (const std::uint8_t f : plan->sequence.layer(layer - 1))
        if (const auto at =
                static_cast<std::size_t>(layer - 1) * static_cast<std::size_t>(piece.filaments) + f;
            layer <= piece.layers() && (piece.model_mm3[at] > 1e-6 || piece.support_in(layer, f) > 0 ||
                                        piece.interface_in(layer, f) > 0 || plan->pieces.size() == 1))
            own_filaments.push_back(f);
    for (const std::uint8_t f : own_filaments)
        all += em(2.6) + p.fontMetrics().horizontalAdvance(QString::fromStdString(project.filaments[f].name));
    double row = em(2.0);
    for (const std::uint8_t f : own_filaments) {
        const Filament& filament = project.filaments[f];
        if (x + em(1.4) > width()) // many filaments, a narrow window: the badges go on below
            x = em(0.8), row += em(1.6);
        paint_badge(p, QRectF(x, row, em(1.4), em(1.4)), filament.letter, to_qcolor(filament.colour), font());
        x += em(1.8);
        if (all > width())
            continue;
        const QString name = QString::fromStdString(filament.name);
        p.setFont(font_of(0.95));
        p.setPen(t.ink);
        p.drawText(QRectF(x - em(0.2), row, width() - x, em(1.4)), Qt::AlignVCenter, name);
        x += em(0.8) + p.fontMetrics().horizontalAdvance(name);
    }
    // What happens in this layer, in words; of several pieces, on the whole plate.
    const auto in_order = [&](const QString& between) {
        QStringList letters;
        for (const std::uint8_t f : plan->sequence.layer(layer - 1))
            letters << QString(QChar::fromLatin1(project.filaments[f].letter));
        return (plan->pieces.size() > 1 ? tr("on the plate: ") : QString()) + letters.join(between);
    };
    int changes = 0;
    double grams = 0;
    for (const Change& c : plan->changes)
        if (c.layer == layer) {
            ++changes;
            grams += c.purge_g;
        }
    p.setFont(font_of(0.95));
    p.setPen(t.quiet);
    const auto text_with = [&](const QString& order) {
        return layer > piece.layers() ? tr("\u201c%1\u201d ends with layer %2")
                                            .arg(QString::fromStdString(own.name))
                                            .arg(piece.layers())
               : plan->sequence.layer(layer - 1).empty() ? tr("nothing is printed in this layer")
               : changes
                   ? tr("%1 · %n change(s), %2 g purged", nullptr, changes).arg(order).arg(number(grams, 2))
                   : tr("%1 · no change").arg(order);
    };
    // A scale bar of a round length.
    double bar = 1;
    for (const double mm : {0.5, 1.0, 2.0, 5.0, 10.0, 20.0, 50.0, 100.0})
        if (mm * scale_ < width() / 4.0)
            bar = mm;
    const int room = static_cast<int>(width() - em(2.4) - std::max<double>(bar * scale_, em(3)));
    QString text = text_with(in_order(tr(", then ")));
    for (const QString& shorter :
         {text_with(in_order(QStringLiteral(" → "))), text_with(in_order(QString()))})
        if (p.fontMetrics().horizontalAdvance(text) > room)
            text = shorter;
    p.drawText(QRect(em(0.8), height() - em(1.9), room, em(1.4)), Qt::AlignLeft | Qt::AlignVCenter,
               p.fontMetrics().elidedText(text, Qt::ElideRight, room));
    const double x1 = width() - em(0.8), y = height() - em(0.7);
    p.setPen(QPen(t.quiet, 1.5));
    p.drawLine(QPointF(x1 - bar * scale_, y), QPointF(x1, y));
    p.drawText(QRectF(x1 - em(8), y - em(1.25), em(8), em(1.1)), Qt::AlignRight | Qt::AlignBottom,
               tr("%1 mm").arg(number(bar)));
}

int LayerWindow::pane_at(QPointF at) const {
    for (std::size_t i = panes_.size(); i-- > 0;)
        if (panes_[i].path.contains(at))
            return static_cast<int>(i);
    return -1;
}

int LayerWindow::part_at(QPointF at) const {
    const int pane = pane_at(at);
    return pane < 0 ? -1 : panes_[pane].part;
}

void LayerWindow::mousePressEvent(QMouseEvent* e) {
    const int pane = pane_at(e->position());
    if (pane >= 0 && panes_[pane].patch)
        view_->select_patch(panes_[pane].part, panes_[pane].patch);
    else
        view_->select(pane < 0 ? std::set<int>{} : std::set<int>{panes_[pane].part});
}

void LayerWindow::wheelEvent(QWheelEvent* e) {
    if (const auto plan = document_->plan())
        view_->set_layer(
            std::clamp(view_->layer() + (e->angleDelta().y() > 0 ? 1 : -1), 1, plan->grid.count));
}

bool LayerWindow::event(QEvent* e) {
    if (e->type() == QEvent::ToolTip) {
        auto* help = static_cast<QHelpEvent*>(e);
        const int pane = pane_at(help->pos());
        QString text;
        if (pane >= 0) {
            const Part& part = view_->piece_of(document_->planned_project()).parts[panes_[pane].part];
            text = QString::fromStdString(part.name);
            if (panes_[pane].patch)
                text += tr(", painted: %1")
                            .arg(QString::fromStdString(
                                part.patches[static_cast<std::size_t>(panes_[pane].patch) - 1].name));
        }
        QToolTip::showText(help->globalPos(), text, this);
        return true;
    }
    return QWidget::event(e);
}

} // namespace vitrail

#include "moc_layer_window.cpp"
