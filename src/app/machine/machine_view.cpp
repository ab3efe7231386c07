#include "app/machine/machine_view.h"

#include "app/theme/theme.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QApplication>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QToolTip>

namespace vitrail {

MachineView::MachineView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("machine_view"));
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setAccessibleName(tr("The machine"));
}

QSize MachineView::sizeHint() const {
    return {em(30), em(13)};
}

QSize MachineView::minimumSizeHint() const {
    return {em(18), em(9.5)};
}

void MachineView::show_machine(const Machine& machine, std::optional<Load> load) {
    machine_ = machine;
    load_ = std::move(load);
    if (load_ && chosen_filament_ >= static_cast<int>(load_->filaments.size()))
        chosen_filament_ = -1;
    if (chosen_nozzle_ >= static_cast<int>(machine_.nozzles.size()))
        chosen_nozzle_ = -1;
    setAccessibleDescription(words(sentences({say("{}.", describe(machine_)), what_it_can(machine_)})) +
                             (load_ ? tr(" Left and right choose a filament; with Shift they move it to "
                                         "another nozzle; Delete lets go of its pin.")
                                    : QString()));
    update();
}

void MachineView::choose_nozzle(int nozzle) {
    chosen_nozzle_ = nozzle;
    update();
}

MachineView::Drawing MachineView::lay_out() const {
    Drawing d;
    const std::size_t heads = machine_.toolheads.size();
    // A toolhead is as wide as its slots or its nozzles need.
    std::vector<double> units(heads, 0);
    std::vector<std::vector<int>> nozzles(heads);
    for (std::size_t n = 0; n < machine_.nozzles.size(); ++n)
        nozzles[static_cast<std::size_t>(machine_.nozzles[n].toolhead)].push_back(static_cast<int>(n));
    double all = 0;
    for (std::size_t t = 0; t < heads; ++t) {
        units[t] = std::max({1.0, double(machine_.toolheads[t].slots), double(nozzles[t].size())});
        all += units[t];
    }
    const double gap = em(0.9), room = width() - gap * double(heads - 1) - 2;
    const double pitch = std::min<double>(em(4.6), room / std::max(1.0, all));
    const double side = std::min({pitch - em(0.5), double(em(3.2)), height() * 0.28});
    const double slot_text = em(1.15), bar_y = side + slot_text + (load_ ? em(0.7) : em(1.3)),
                 bar_h = em(1.4), nozzle_y = bar_y + bar_h, nozzle_h = em(1.5);
    d.nozzles.resize(machine_.nozzles.size());
    double x = 1;
    std::vector<int> stacked(machine_.nozzles.size(), 0);
    for (std::size_t t = 0; t < heads; ++t) {
        const double w = units[t] * pitch;
        d.heads.emplace_back(x, bar_y, w, bar_h);
        const int slots = std::max(1, machine_.toolheads[t].slots);
        for (int s = 0; s < slots; ++s)
            d.columns.push_back({static_cast<int>(t), machine_.toolheads[t].slots ? s + 1 : 0,
                                 QRectF(x + (s + 0.5) * w / slots - side / 2, 1, side, side)});
        for (std::size_t k = 0; k < nozzles[t].size(); ++k) {
            const double cx = x + (double(k) + 0.5) * w / double(nozzles[t].size()),
                         half = std::min(em(1.0) * 1.0, pitch * 0.35);
            d.nozzles[static_cast<std::size_t>(nozzles[t][k])] =
                QRectF(cx - half, nozzle_y, 2 * half, nozzle_h);
        }
        x += w + gap;
    }
    if (load_)
        for (std::size_t f = 0; f < load_->filaments.size(); ++f) {
            const int n = load_->nozzle[f];
            if (n < 0)
                continue;
            const QRectF& nozzle = d.nozzles[static_cast<std::size_t>(n)];
            const double s = em(1.5);
            const int k = stacked[static_cast<std::size_t>(n)]++;
            const int row = k / 2; // two beside each other
            d.letters[static_cast<int>(f)] = QRectF(nozzle.center().x() + (k % 2 ? 0.05 : -1.05) * s,
                                                    nozzle.bottom() + em(0.15) + row * (s + 2), s, s);
        }
    if (load_)
        for (auto& [f, r] : d.letters)
            if (stacked[static_cast<std::size_t>(load_->nozzle[static_cast<std::size_t>(f)])] == 1)
                r.moveLeft(d.nozzles[static_cast<std::size_t>(load_->nozzle[static_cast<std::size_t>(f)])]
                               .center()
                               .x() -
                           r.width() / 2);
    return d;
}

QRectF MachineView::letter_rect(int filament) const {
    const Drawing d = lay_out();
    const auto it = d.letters.find(filament);
    return it == d.letters.end() ? QRectF() : it->second;
}

QRectF MachineView::nozzle_rect(int nozzle) const {
    return lay_out().nozzles[static_cast<std::size_t>(nozzle)];
}

void MachineView::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Drawing d = lay_out();
    const auto held = [&](const Column& c) {
        if (!load_)
            return -1;
        const auto it = load_->slots.find({c.toolhead, c.slot});
        return it == load_->slots.end() ? -1 : it->second;
    };
    // Strands first, so that everything else lies over them.
    for (const Column& c : d.columns) {
        const QRectF& head = d.heads[static_cast<std::size_t>(c.toolhead)];
        const int f = held(c);
        QPainterPath path(QPointF(c.spool.center().x(), c.spool.bottom() + em(1.15)));
        path.lineTo(c.spool.center().x(), head.top());
        p.setPen(QPen(t.lead, f >= 0 ? 5 : 1));
        if (f >= 0)
            p.drawPath(path);
        p.setPen(QPen(f >= 0 ? to_qcolor(load_->filaments[static_cast<std::size_t>(f)].colour) : t.quiet,
                      f >= 0 ? 3 : 1, f >= 0 || !load_ ? Qt::SolidLine : Qt::DotLine));
        p.drawPath(path);
        const double s = c.spool.width();
        if (f >= 0) {
            const Filament& filament = load_->filaments[static_cast<std::size_t>(f)];
            paint_pane(p, c.spool, filament);
            p.setBrush(Qt::NoBrush);
            p.setPen(QPen(t.lead, 2.5));
            p.drawRect(c.spool);
            const double b = std::min<double>(em(1.5), s * 0.75);
            paint_badge(p, QRectF(c.spool.center().x() - b / 2, c.spool.center().y() - b / 2, b, b),
                        filament.letter, to_qcolor(filament.colour), font());
        } else {
            p.setBrush(Qt::NoBrush);
            p.setPen(QPen(t.quiet, 1.5, Qt::DashLine));
            p.drawRect(c.spool);
        }
        p.setPen(t.quiet);
        p.setFont(font_of(0.9));
        p.drawText(QRectF(c.spool.center().x() - em(3), c.spool.bottom(), em(6), em(1.2)), Qt::AlignCenter,
                   c.slot ? QString::number(c.slot) : tr("external"));
    }
    for (std::size_t i = 0; i < d.heads.size(); ++i) {
        p.setBrush(t.field);
        p.setPen(QPen(t.quiet, 1.2));
        p.drawRoundedRect(d.heads[i], 3, 3);
        p.setPen(t.ink);
        p.setFont(font_of(0.9, true));
        p.drawText(d.heads[i].adjusted(3, 0, -3, 0), Qt::AlignCenter,
                   p.fontMetrics().elidedText(QString::fromStdString(machine_.toolheads[i].name),
                                              Qt::ElideRight, int(d.heads[i].width()) - 6));
    }
    for (std::size_t n = 0; n < d.nozzles.size(); ++n) {
        const QRectF r = d.nozzles[n];
        const Nozzle& nozzle = machine_.nozzles[n];
        const double w = r.width();
        const QPolygonF shape{{r.left(), r.top()},
                              {r.right(), r.top()},
                              {r.right() - w * 0.15, r.top() + r.height() * 0.55},
                              {r.center().x() + w * 0.08, r.bottom()},
                              {r.center().x() - w * 0.08, r.bottom()},
                              {r.left() + w * 0.15, r.top() + r.height() * 0.55}};
        const bool marked = static_cast<int>(n) == chosen_nozzle_ || static_cast<int>(n) == over_;
        p.setPen(QPen(marked           ? t.accent
                      : nozzle.missing ? t.quiet
                                       : t.ink,
                      marked ? 2.5 : 1.4, nozzle.missing ? Qt::DashLine : Qt::SolidLine));
        p.setBrush(nozzle.missing ? QBrush(Qt::NoBrush) : QBrush(t.panel));
        p.drawPolygon(shape);
        p.setFont(font_of(0.9));
        p.setPen(t.quiet);
        p.setPen(nozzle.missing ? t.quiet : t.ink);
        p.drawText(QRectF(r.left(), r.top(), r.width(), r.height() * 0.75), Qt::AlignCenter,
                   QString::number(n + 1));
        p.setPen(t.quiet);
        if (nozzle.missing || !load_) // with filaments below, the size is in the tool tip
            p.drawText(QRectF(r.center().x() - em(3), r.bottom(), em(6), em(1.3)), Qt::AlignCenter,
                       nozzle.missing ? tr("missing") : tr("%1 mm").arg(number(nozzle.diameter_mm)));
    }
    if (!load_)
        return;
    for (const auto& [f, rect] : d.letters) {
        const Filament& filament = load_->filaments[static_cast<std::size_t>(f)];
        const QRectF r = f == dragged_ ? rect.translated(mouse_ - pressed_) : rect;
        paint_badge(p, r, filament.letter, to_qcolor(filament.colour), font());
        if (load_->pinned[static_cast<std::size_t>(f)]) {
            const QIcon pin = icon(QStringLiteral("pin"));
            pin.paint(&p, QRectF(r.right() - em(0.35), r.top() - em(0.3), em(0.85), em(0.85)).toRect());
        }
        if (f == chosen_filament_ && hasFocus()) {
            p.setBrush(Qt::NoBrush);
            p.setPen(QPen(t.accent, 2));
            p.drawRoundedRect(r.adjusted(-2, -2, 2, 2), 3, 3);
        }
    }
}

int MachineView::filament_at(QPointF at) const {
    for (const auto& [f, r] : lay_out().letters)
        if (r.adjusted(-2, -2, 2, 2).contains(at))
            return f;
    return -1;
}

int MachineView::nozzle_at(QPointF at) const {
    // Whatever is in the nozzle's column, from its head down.
    const Drawing d = lay_out();
    int best = -1;
    double nearest = em(2.6);
    for (std::size_t n = 0; n < d.nozzles.size(); ++n)
        if (const double away = std::abs(d.nozzles[n].center().x() - at.x());
            away < nearest && at.y() > d.nozzles[n].top() - em(1.6))
            nearest = away, best = static_cast<int>(n);
    return best;
}

void MachineView::mousePressEvent(QMouseEvent* e) {
    if (e->button() != Qt::LeftButton)
        return;
    pressed_ = mouse_ = e->position();
    if (load_) {
        dragged_ = chosen_filament_ = filament_at(pressed_);
    } else if (const int n = nozzle_at(pressed_); n >= 0) {
        choose_nozzle(n);
        Q_EMIT nozzle_chosen(n);
    }
    update();
}

void MachineView::mouseMoveEvent(QMouseEvent* e) {
    mouse_ = e->position();
    if (dragged_ >= 0) {
        over_ = nozzle_at(mouse_);
        update();
    }
    setCursor(load_ && (dragged_ >= 0 || filament_at(mouse_) >= 0)
                  ? dragged_ >= 0 ? Qt::ClosedHandCursor : Qt::OpenHandCursor
                  : Qt::ArrowCursor);
}

void MachineView::mouseReleaseEvent(QMouseEvent* e) {
    const int filament = std::exchange(dragged_, -1), over = std::exchange(over_, -1);
    update();
    if (filament < 0)
        return;
    const bool dragged = (e->position() - pressed_).manhattanLength() >= QApplication::startDragDistance();
    if (dragged && over >= 0)
        Q_EMIT moved(filament, over);
    else if (!dragged) // a click pins it where it is, or lets go
        Q_EMIT moved(filament, load_->pinned[static_cast<std::size_t>(filament)]
                                   ? -1
                                   : load_->nozzle[static_cast<std::size_t>(filament)]);
}

void MachineView::keyPressEvent(QKeyEvent* e) {
    const int step = e->key() == Qt::Key_Right ? 1 : e->key() == Qt::Key_Left ? -1 : 0;
    if (!load_) {
        if (!step || machine_.nozzles.empty())
            return QWidget::keyPressEvent(e);
        choose_nozzle(std::clamp(chosen_nozzle_ + step, 0, static_cast<int>(machine_.nozzles.size()) - 1));
        Q_EMIT nozzle_chosen(chosen_nozzle_);
        return;
    }
    std::vector<int> there;
    for (const auto& [f, r] : lay_out().letters)
        there.push_back(f);
    if (there.empty())
        return QWidget::keyPressEvent(e);
    const auto at = std::find(there.begin(), there.end(), chosen_filament_);
    if (step && (e->modifiers() & Qt::ShiftModifier) && at != there.end()) {
        int n = load_->nozzle[static_cast<std::size_t>(*at)];
        do
            n = (n + step + static_cast<int>(machine_.nozzles.size())) %
                static_cast<int>(machine_.nozzles.size());
        while (machine_.nozzles[static_cast<std::size_t>(n)].missing &&
               n != load_->nozzle[static_cast<std::size_t>(*at)]);
        Q_EMIT moved(*at, n);
    } else if (step) {
        const int i = at == there.end() ? (step > 0 ? 0 : static_cast<int>(there.size()) - 1)
                                        : static_cast<int>(at - there.begin()) + step;
        chosen_filament_ =
            there[static_cast<std::size_t>(std::clamp(i, 0, static_cast<int>(there.size()) - 1))];
        update();
    } else if (e->key() == Qt::Key_Delete && at != there.end()) {
        Q_EMIT moved(*at, -1);
    } else if (e->key() == Qt::Key_Space && at != there.end()) {
        Q_EMIT moved(*at, load_->pinned[static_cast<std::size_t>(*at)]
                              ? -1
                              : load_->nozzle[static_cast<std::size_t>(*at)]);
    } else {
        QWidget::keyPressEvent(e);
    }
}

bool MachineView::event(QEvent* e) {
    if (e->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(e);
        if (const int f = filament_at(help->pos()); load_ && f >= 0) {
            const Filament& x = load_->filaments[static_cast<std::size_t>(f)];
            QToolTip::showText(
                help->globalPos(),
                tr("%1 %2 on %3%4. Drag it to another nozzle to pin it there; click to pin it or to let go.")
                    .arg(QChar::fromLatin1(x.letter))
                    .arg(QString::fromStdString(x.name),
                         words(nozzle_name(machine_, load_->nozzle[static_cast<std::size_t>(f)])),
                         load_->pinned[static_cast<std::size_t>(f)] ? tr(", pinned") : QString()),
                this);
            return true;
        }
        if (const int n = nozzle_at(help->pos()); n >= 0) {
            const Nozzle& x = machine_.nozzles[static_cast<std::size_t>(n)];
            QToolTip::showText(
                help->globalPos(),
                x.missing ? tr("%1: missing").arg(words(nozzle_name(machine_, n)))
                          : tr("%1: %2 mm").arg(words(nozzle_name(machine_, n))).arg(number(x.diameter_mm)),
                this);
            return true;
        }
    }
    return QWidget::event(e);
}

} // namespace vitrail

#include "moc_machine_view.cpp"
