#include "app/plate_view/plate_view.h"

#include "app/document/document.h"
#include "app/document/view_state.h"
#include "app/theme/theme.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QGraphicsPolygonItem>
#include <QKeyEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

constexpr int kNudge = 3000, kTurn = 3001; ///< undo merge keys: a row of key presses is one edit

QPolygonF polygon_of(const Outline& outline) {
    QPolygonF p;
    for (const auto& [x, y] : outline)
        p << QPointF(x, y);
    return p;
}

/// One of a piece. Its coordinates are those of the bed, so that its position is how far it was dragged.
class PlacedItem : public QGraphicsPolygonItem {
public:
    PlacedItem(const Placed& at, const Filament* filament, const QString& name, const QString& number)
        : QGraphicsPolygonItem(polygon_of(at.outline)), placed(at), name_(name), number_(number) {
        setFlags(ItemIsMovable | ItemIsSelectable);
        setCursor(Qt::OpenHandCursor);
        if (filament) {
            colour_ = to_qcolor(filament->colour);
            hatch_ = hatch_brush(filament->letter, colour_);
        }
    }

    const Placed placed;

    void paint(QPainter* p, const QStyleOptionGraphicsItem*, QWidget*) override {
        const Theme& t = Theme::current();
        const double scale = p->worldTransform().m11();
        p->setRenderHint(QPainter::Antialiasing);
        p->setPen(Qt::NoPen);
        p->setBrush(colour_);
        p->drawPolygon(polygon());
        QBrush hatch = hatch_;
        hatch.setTransform(
            QTransform::fromScale(1 / scale, -1 / scale)); // as dense as everywhere, whatever the zoom
        p->setBrush(hatch);
        p->drawPolygon(polygon());
        QPen lead(t.lead, isSelected() ? 5 : 2.2);
        lead.setCosmetic(true);
        p->setBrush(Qt::NoBrush);
        p->setPen(lead);
        p->drawPolygon(polygon());
        if (isSelected()) {
            QPen mark(t.accent, 3);
            mark.setCosmetic(true);
            p->setPen(mark);
            p->drawPolygon(polygon());
        }
        paint_name(p, scale);
    }

private:
    /// In the middle, upright, where there is room; a pin before it where it is pinned.
    void paint_name(QPainter* p, double scale) {
        p->save();
        p->translate(placed.x_mm, placed.y_mm);
        p->scale(1 / scale, -1 / scale);
        p->setFont(font_of(0.9, isSelected()));
        const double room = placed.w_mm * scale - em(0.4);
        const bool wide = room > p->fontMetrics().averageCharWidth() * 6;
        const QString text = wide || number_.isEmpty()
                                 ? p->fontMetrics().elidedText(name_, Qt::ElideRight, static_cast<int>(room))
                                 : number_;
        const double w = p->fontMetrics().horizontalAdvance(text), h = p->fontMetrics().height();
        const double pin = placed.pinned ? em(1.1) : 0;
        const bool fits = room > w - 1 && placed.d_mm * scale > h;
        if (fits || placed.pinned) {
            const QRectF plate(-(fits ? w : 0) / 2 - pin / 2 - em(0.2), -h / 2,
                               (fits ? w : 0) + pin + em(0.4), h);
            p->setPen(Qt::NoPen);
            p->setBrush(Theme::current().panel);
            p->drawRoundedRect(plate, 3, 3);
            if (placed.pinned)
                icon(QStringLiteral("pin"))
                    .paint(p, QRect(int(plate.left() + em(0.2)), int(-em(0.5)), em(1), em(1)));
            p->setPen(Theme::current().ink);
            if (fits)
                p->drawText(QRectF(plate.left() + em(0.2) + pin, plate.top(), w + 2, h), Qt::AlignCenter,
                            text);
        }
        p->restore();
    }

    QString name_, number_; ///< the number alone where the name finds no room
    QColor colour_ = Qt::gray;
    QBrush hatch_;
};

} // namespace

PlateView::PlateView(Document* document, ViewState* view, Use use, QWidget* parent)
    : QGraphicsView(parent), document_(document), view_(view) {
    setObjectName(use == Use::arrange ? QStringLiteral("plate") : QStringLiteral("plate_view"));
    setAccessibleName(tr("The bed from above"));
    setScene(new QGraphicsScene(this));
    setFrameShape(QFrame::NoFrame);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setRenderHint(QPainter::Antialiasing);
    setInteractive(use == Use::arrange);
    if (use == Use::arrange)
        setDragMode(QGraphicsView::RubberBandDrag); // several at once
    setFocusPolicy(use == Use::arrange ? Qt::StrongFocus : Qt::NoFocus);
    if (use == Use::arrange)
        setToolTip(tr("Drag to move. Arrows move by 1 mm, with Shift by 10, with Ctrl they turn by 15°; "
                      "Space pins, Delete lets go."));
    connect(document, &Document::plan_changed, this, &PlateView::rebuild);
    connect(scene(), &QGraphicsScene::selectionChanged, this, [this] {
        if (building_)
            return;
        const QList<QGraphicsItem*> selected = scene()->selectedItems();
        chosen_.reset();
        std::vector<std::pair<int, int>> now;
        for (const QGraphicsItem* item : selected)
            if (const auto* x = dynamic_cast<const PlacedItem*>(item))
                now.emplace_back(x->placed.piece, x->placed.nth);
        std::erase_if(all_, [&](const auto& x) { return std::find(now.begin(), now.end(), x) == now.end(); });
        for (const auto& x : now)
            if (std::find(all_.begin(), all_.end(), x) == all_.end())
                all_.push_back(x);
        if (!all_.empty()) {
            chosen_ = all_.front();
            view_->show_piece(static_cast<std::size_t>(chosen_->first));
        }
        Q_EMIT chosen_changed();
    });
    rebuild();
}

PlateView::~PlateView() {
    scene()->disconnect(this); // it goes after the view, and says that its items are no longer selected
}

const Placed* PlateView::chosen() const {
    const auto plan = document_->plan();
    if (chosen_ && plan)
        for (const Placed& p : plan->plate.placed)
            if (p.piece == chosen_->first && p.nth == chosen_->second)
                return &p;
    return nullptr;
}

void PlateView::choose(int piece, int nth) {
    chosen_ = {piece, nth};
    all_ = {{piece, nth}};
    select_chosen();
    Q_EMIT chosen_changed();
}

QPoint PlateView::middle_of(int piece, int nth) const {
    for (const QGraphicsItem* item : scene()->items())
        if (const auto* x = dynamic_cast<const PlacedItem*>(item);
            x && x->placed.piece == piece && x->placed.nth == nth)
            return mapFromScene(QPointF(x->placed.x_mm, x->placed.y_mm));
    return {};
}

void PlateView::select_chosen() {
    building_ = true;
    for (QGraphicsItem* item : scene()->items())
        if (auto* x = dynamic_cast<PlacedItem*>(item))
            x->setSelected(std::find(all_.begin(), all_.end(), std::pair(x->placed.piece, x->placed.nth)) !=
                           all_.end());
    building_ = false;
}

void PlateView::rebuild() {
    if ((stale_ = scene()->mouseGrabberItem() != nullptr))
        return; // in somebody's hand
    const Theme& t = Theme::current();
    building_ = true;
    scene()->clear();
    const auto plan = document_->plan();
    const Project& p = document_->planned_project();
    if (plan) {
        const auto line = [](const QColor& c, double width, Qt::PenStyle style = Qt::SolidLine) {
            QPen pen(c, width, style);
            pen.setCosmetic(true);
            return pen;
        };
        for (const Footprint& tower : plan->plate.towers) {
            auto* item =
                scene()->addRect(tower.x_mm - tower.w_mm / 2, tower.y_mm - tower.d_mm / 2, tower.w_mm,
                                 tower.d_mm, line(t.accent, 1.5), QBrush(t.accent, Qt::DiagCrossPattern));
            item->setToolTip(tr("The purge tower; its place is kept free"));
        }
        if (plan->skirt.layers)
            scene()->addPolygon(polygon_of(plan->plate.skirt), line(t.accent, 2));
        for (const Placed& x : plan->plate.placed) {
            const int f = main_filament(plan->pieces[static_cast<std::size_t>(x.piece)]);
            const Piece& piece = p.pieces[static_cast<std::size_t>(x.piece)];
            const QString nth = count_of(p, piece) > 1 ? QString::number(x.nth) : QString();
            const QString name = (QString::fromStdString(piece.name) + QLatin1Char(' ') + nth).trimmed();
            auto* item = new PlacedItem(x,
                                        f < static_cast<int>(p.filaments.size())
                                            ? &p.filaments[static_cast<std::size_t>(f)]
                                            : nullptr,
                                        name, nth);
            item->setToolTip(tr("%1 at %2, %3 mm, turned by %4°")
                                 .arg(name)
                                 .arg(number(x.x_mm, 1))
                                 .arg(number(x.y_mm, 1))
                                 .arg(number(x.turn_deg, 0)));
            scene()->addItem(item);
            if (plan->ooze.layers)
                scene()
                    ->addPolygon(polygon_of(grown(x.outline, p.settings.ooze_gap_mm)),
                                 line(t.accent, 1, Qt::DashLine))
                    ->setZValue(-1);
        }
    }
    building_ = false;
    fit();
    select_chosen();
    if (chosen_ && !chosen()) {
        chosen_.reset();
        all_.clear();
    }
    Q_EMIT chosen_changed();
}

void PlateView::fit() {
    const Machine& m = document_->planned_project().machine;
    const double w = std::max(1.0, m.bed_x_mm), d = std::max(1.0, m.bed_y_mm);
    constexpr double kMargin = 0.04; // of the bed, around it
    scene()->setSceneRect(-w * kMargin, -d * kMargin, w * (1 + 2 * kMargin), d * (1 + 2 * kMargin));
    const double scale =
        std::min(viewport()->width() / scene()->width(), viewport()->height() / scene()->height());
    setTransform(QTransform::fromScale(scale, -scale)); // the front edge of the bed lies at the bottom
    centerOn(w / 2, d / 2);
}

void PlateView::drawBackground(QPainter* p, const QRectF& rect) {
    const Theme& t = Theme::current();
    const Machine& m = document_->planned_project().machine;
    p->fillRect(rect, t.ground);
    p->fillRect(QRectF(0, 0, m.bed_x_mm, m.bed_y_mm), t.field);
    QPen grid(t.line, 1);
    grid.setCosmetic(true);
    p->setRenderHint(QPainter::Antialiasing, false);
    p->setPen(grid);
    constexpr double kStep_mm = 50;
    for (double x = kStep_mm; x < m.bed_x_mm; x += kStep_mm)
        p->drawLine(QPointF(x, 0), QPointF(x, m.bed_y_mm));
    for (double y = kStep_mm; y < m.bed_y_mm; y += kStep_mm)
        p->drawLine(QPointF(0, y), QPointF(m.bed_x_mm, y));
    // Where nothing may stand.
    p->setPen(Qt::NoPen);
    QColor shade = t.ground;
    shade.setAlphaF(0.75f);
    if (const double free = document_->planned_project().settings.margin_mm; free > 0) {
        QPainterPath frame;
        frame.addRect(0, 0, m.bed_x_mm, m.bed_y_mm);
        frame.addRect(free, free, m.bed_x_mm - 2 * free, m.bed_y_mm - 2 * free);
        p->fillPath(frame, shade);
    }
    for (const KeepClear& z : m.keep_clear) {
        const QRectF r(z.x_mm, z.y_mm, z.w_mm, z.d_mm);
        p->fillRect(r, shade);
        QBrush cross(t.warn, Qt::FDiagPattern);
        cross.setTransform(QTransform::fromScale(1 / transform().m11(), 1 / transform().m11()));
        p->fillRect(r, cross);
    }
    QPen edge(t.lead, 3);
    edge.setCosmetic(true);
    p->setPen(edge);
    p->drawRect(QRectF(0, 0, m.bed_x_mm, m.bed_y_mm));
}

void PlateView::put(double x_mm, double y_mm, double turn_deg, int merge) {
    const Placed* now = chosen();
    if (!now)
        return;
    const Project& p = document_->planned_project();
    const auto round = [](double v) { return std::round(v * 100) / 100; };
    const Placement where{p.pieces[static_cast<std::size_t>(now->piece)].name, now->nth, round(x_mm),
                          round(y_mm), std::fmod(std::fmod(round(turn_deg), 360) + 360, 360)};
    document_->edit(
        where.turn_deg != now->turn_deg ? tr("Turn a piece on the bed") : tr("Move a piece on the bed"),
        [&](Project& q) { pin(q, where); }, merge);
}

Placement PlateView::place_of_chosen() const {
    const Placed& now = *chosen();
    const std::string& name = document_->planned_project().pieces[static_cast<std::size_t>(now.piece)].name;
    for (const Placement& x : document_->project().pinned)
        if (x.piece == name && x.nth == now.nth)
            return x;
    return {name, now.nth, now.x_mm, now.y_mm, now.turn_deg};
}

void PlateView::pin_chosen(bool on) {
    const Placed* now = chosen();
    if (!now || now->pinned == on)
        return;
    if (on)
        return put(now->x_mm, now->y_mm, now->turn_deg);
    const std::string name = document_->planned_project().pieces[static_cast<std::size_t>(now->piece)].name;
    document_->edit(tr("Let a piece be arranged"), [&, nth = now->nth](Project& q) { unpin(q, name, nth); });
}

void PlateView::mouseMoveEvent(QMouseEvent* e) {
    QGraphicsView::mouseMoveEvent(e);
    if (scene()->mouseGrabberItem() && (e->buttons() & Qt::LeftButton))
        look_around();
}

/// Of what is in hand: the nearest of the others, the nearest edges, and what it would meet.
void PlateView::look_around() {
    const auto* item = dynamic_cast<const PlacedItem*>(scene()->mouseGrabberItem());
    const auto plan = document_->plan();
    near_.clear();
    if (!item || !plan || std::hypot(item->pos().x(), item->pos().y()) < 0.05)
        return;
    const Project& p = document_->planned_project();
    Outline outline = item->placed.outline;
    for (auto& [x, y] : outline)
        x += item->pos().x(), y += item->pos().y();
    const QRectF box = item->polygon().boundingRect().translated(item->pos());
    const auto name = [&](const Placed& x) {
        const Piece& piece = p.pieces[static_cast<std::size_t>(x.piece)];
        return count_of(p, piece) > 1 ? tr("%1 %2").arg(QString::fromStdString(piece.name)).arg(x.nth)
                                      : QString::fromStdString(piece.name);
    };
    QStringList meets;
    const Placed* nearest = nullptr;
    double least = 1e300;
    for (const Placed& x : plan->plate.placed) {
        if ((x.piece == item->placed.piece && x.nth == item->placed.nth) ||
            std::find(all_.begin(), all_.end(), std::pair(x.piece, x.nth)) != all_.end())
            continue;
        // No nearer than their boxes: most need no closer look.
        const double apart_x =
                         std::max({0.0, x.x_mm - x.w_mm / 2 - box.right(), box.left() - x.x_mm - x.w_mm / 2}),
                     apart_y =
                         std::max({0.0, x.y_mm - x.d_mm / 2 - box.bottom(), box.top() - x.y_mm - x.d_mm / 2});
        if (const double at_least = std::hypot(apart_x, apart_y); at_least > 0 && at_least >= least)
            continue;
        const double mm = distance_mm(outline, x.outline);
        if (mm <= 0)
            meets << name(x);
        if (mm < least)
            least = mm, nearest = &x;
    }
    if (nearest)
        near_.push_back({QLineF(box.center(), QPointF(nearest->x_mm, nearest->y_mm)),
                         least > 0 ? tr("%1 mm").arg(number(least, 1)) : tr("meets"), least <= 0});
    const Machine& m = p.machine;
    const double left = box.left(), right = m.bed_x_mm - box.right(), front = box.top(),
                 back = m.bed_y_mm - box.bottom();
    near_.push_back(left < right ? Near{QLineF(0, box.center().y(), left, box.center().y()),
                                        tr("%1 mm").arg(number(left, 1)), left < p.settings.margin_mm}
                                 : Near{QLineF(box.right(), box.center().y(), m.bed_x_mm, box.center().y()),
                                        tr("%1 mm").arg(number(right, 1)), right < p.settings.margin_mm});
    near_.push_back(front < back ? Near{QLineF(box.center().x(), 0, box.center().x(), front),
                                        tr("%1 mm").arg(number(front, 1)), front < p.settings.margin_mm}
                                 : Near{QLineF(box.center().x(), box.bottom(), box.center().x(), m.bed_y_mm),
                                        tr("%1 mm").arg(number(back, 1)), back < p.settings.margin_mm});
    viewport()->update();
    if (!meets.isEmpty())
        Q_EMIT dragged(tr("There it meets %1.").arg(meets.join(QStringLiteral(", "))));
    else if (!on_bed(outline, p))
        Q_EMIT dragged(p.settings.margin_mm > 0 ? tr("There it reaches into the free edge of the bed.")
                                                : tr("There it reaches over the edge of the bed."));
    else if (kept_clear(outline, m))
        Q_EMIT dragged(tr("There the machine wants nothing to stand."));
    else if (nearest)
        Q_EMIT dragged(tr("%1 mm to %2.").arg(number(least, 1), name(*nearest)));
    else
        Q_EMIT dragged(tr("It is free there."));
}

void PlateView::drawForeground(QPainter* p, const QRectF&) {
    const Theme& t = Theme::current();
    const double scale = transform().m11();
    for (const Near& n : near_) {
        QPen pen(n.meets ? t.bad : t.ink, 1.5, Qt::DashLine);
        pen.setCosmetic(true);
        p->setPen(pen);
        p->drawLine(n.line);
        p->save();
        p->translate(n.line.center());
        p->scale(1 / scale, -1 / scale);
        p->setFont(font_of(0.9, n.meets));
        const double w = p->fontMetrics().horizontalAdvance(n.text) + em(0.6);
        p->setPen(Qt::NoPen);
        p->setBrush(t.panel);
        p->drawRoundedRect(QRectF(-w / 2, -em(0.7), w, em(1.4)), 3, 3);
        p->setPen(n.meets ? t.bad : t.ink);
        p->drawText(QRectF(-w / 2, -em(0.7), w, em(1.4)), Qt::AlignCenter, n.text);
        p->restore();
    }
}

void PlateView::put_all(const std::vector<Placement>& places, const QString& label) {
    if (!places.empty())
        document_->edit(label, [&](Project& p) {
            for (const Placement& x : places)
                vitrail::pin(p, x);
        });
}

void PlateView::align(Align how) {
    const auto plan = document_->plan();
    const Placed* first = chosen();
    if (!first || all_.size() < 2)
        return;
    const Project& p = document_->planned_project();
    std::vector<Placement> places;
    for (const Placed& x : plan->plate.placed) {
        if (std::find(all_.begin(), all_.end(), std::pair(x.piece, x.nth)) == all_.end())
            continue;
        Placement at{p.pieces[static_cast<std::size_t>(x.piece)].name, x.nth, x.x_mm, x.y_mm, x.turn_deg};
        switch (how) {
        case Align::left:
            at.x_mm = first->x_mm - first->w_mm / 2 + x.w_mm / 2;
            break;
        case Align::right:
            at.x_mm = first->x_mm + first->w_mm / 2 - x.w_mm / 2;
            break;
        case Align::front:
            at.y_mm = first->y_mm - first->d_mm / 2 + x.d_mm / 2;
            break;
        case Align::back:
            at.y_mm = first->y_mm + first->d_mm / 2 - x.d_mm / 2;
            break;
        case Align::column:
            at.x_mm = first->x_mm;
            break;
        case Align::row:
            at.y_mm = first->y_mm;
            break;
        }
        places.push_back(at);
    }
    put_all(places, tr("Align pieces on the bed"));
}

void PlateView::mouseReleaseEvent(QMouseEvent* e) {
    QGraphicsView::mouseReleaseEvent(e);
    near_.clear();
    viewport()->update();
    const Project& p = document_->planned_project();
    const auto round = [](double v) { return std::round(v * 100) / 100; };
    std::vector<Placement> places;
    for (QGraphicsItem* item : scene()->selectedItems()) {
        const QPointF moved = item->pos();
        if (std::hypot(moved.x(), moved.y()) < 0.05)
            continue;
        const Placed& at = static_cast<PlacedItem*>(item)->placed;
        places.push_back({p.pieces[static_cast<std::size_t>(at.piece)].name, at.nth,
                          round(at.x_mm + moved.x()), round(at.y_mm + moved.y()), at.turn_deg});
    }
    if (!places.empty()) {
        put_all(places, places.size() > 1 ? tr("Move pieces on the bed") : tr("Move a piece on the bed"));
        return;
    }
    Q_EMIT dragged({});
    if (stale_)
        rebuild();
}

void PlateView::keyPressEvent(QKeyEvent* e) {
    const Placed* now = chosen();
    const QPoint way = e->key() == Qt::Key_Left    ? QPoint(-1, 0)
                       : e->key() == Qt::Key_Right ? QPoint(1, 0)
                       : e->key() == Qt::Key_Up    ? QPoint(0, 1)
                       : e->key() == Qt::Key_Down  ? QPoint(0, -1)
                                                   : QPoint();
    if (now && !way.isNull()) {
        const Placement at = place_of_chosen(); // a key that repeats is faster than plans are
        if (e->modifiers() & Qt::ControlModifier)
            return put(at.x_mm, at.y_mm, at.turn_deg - 15 * (way.x() - way.y()), kTurn);
        const double step = e->modifiers() & Qt::ShiftModifier ? 10 : 1;
        return put(at.x_mm + step * way.x(), at.y_mm + step * way.y(), at.turn_deg, kNudge);
    }
    if (now && e->key() == Qt::Key_Space)
        return pin_chosen(!now->pinned);
    if (now && e->key() == Qt::Key_Delete)
        return pin_chosen(false);
    const auto plan = document_->plan();
    if ((e->key() == Qt::Key_PageDown || e->key() == Qt::Key_PageUp) && plan &&
        !plan->plate.placed.empty()) { // from one to the next
        const auto& all = plan->plate.placed;
        const auto n = static_cast<int>(all.size());
        int at = now ? static_cast<int>(now - all.data()) : -1;
        at = (at + (e->key() == Qt::Key_PageDown ? 1 : at < 0 ? 0 : n - 1) + n) % n;
        view_->show_piece(static_cast<std::size_t>(all[static_cast<std::size_t>(at)].piece));
        return choose(all[static_cast<std::size_t>(at)].piece, all[static_cast<std::size_t>(at)].nth);
    }
    QGraphicsView::keyPressEvent(e);
}

void PlateView::resizeEvent(QResizeEvent* e) {
    QGraphicsView::resizeEvent(e);
    fit();
}

void PlateView::changeEvent(QEvent* e) {
    QGraphicsView::changeEvent(e);
    if (e->type() == QEvent::PaletteChange && scene())
        rebuild();
}

} // namespace vitrail

#include "moc_plate_view.cpp"
