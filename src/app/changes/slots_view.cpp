#include "app/changes/slots_view.h"

#include "app/document/document.h"
#include "app/document/view_state.h"
#include "app/theme/theme.h"
#include "core/base/numbers.h"
#include "core/estimate/attendance.h"
#include "core/run_sheet/run_sheet.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>

#include <cmath>

namespace vitrail {

namespace {

double start_of(const Plan& plan, int layer) {
    return plan.layers[static_cast<std::size_t>(layer) - 1].start_s;
}
double end_of(const Plan& plan, int layer) {
    const LayerCost& c = plan.layers[static_cast<std::size_t>(layer) - 1];
    return c.start_s + c.print_s + c.change_s;
}

} // namespace

SlotsView::SlotsView(Document* document, ViewState* view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view) {
    setObjectName(QStringLiteral("slots_view"));
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setAccessibleName(tr("Slots over time"));
    const auto refresh = [this] {
        const auto plan = document_->plan();
        if (!plan || chosen_ >= static_cast<int>(plan->refills.size()))
            chosen_ = -1;
        if (plan)
            setAccessibleDescription(words(presence(document_->planned_project(), *plan)));
        stale_ = true;
        update();
    };
    connect(document, &Document::plan_changed, this, refresh);
    refresh();
    connect(view, &ViewState::layer_changed, this, [this] { update(); });
}

QSize SlotsView::sizeHint() const {
    return {em(30), em(11)};
}

QSize SlotsView::minimumSizeHint() const {
    return {em(18), em(7)};
}

std::vector<SlotsView::Row> SlotsView::rows() const {
    std::vector<Row> rows;
    const Machine& m = document_->planned_project().machine;
    for (std::size_t t = 0; t < m.toolheads.size(); ++t) {
        for (int s = 1; s <= m.toolheads[t].slots; ++s)
            rows.push_back({static_cast<int>(t), s, -1});
        if (!m.toolheads[t].has_feeder())
            for (std::size_t n = 0; n < m.nozzles.size(); ++n)
                if (m.nozzles[n].toolhead == static_cast<int>(t) && !m.nozzles[n].missing)
                    rows.push_back({static_cast<int>(t), 0, static_cast<int>(n)});
    }
    return rows;
}

QRectF SlotsView::row_rect(int row) const {
    const double left = em(7.5), top = em(0.3), bottom = em(1.5);
    const double pitch = (height() - top - bottom) / std::max<double>(1, double(rows().size()));
    return {left, top + row * pitch, width() - left - em(0.6), std::min<double>(pitch - 3, em(2.2))};
}

double SlotsView::x_of(double seconds) const {
    const auto plan = document_->plan();
    const QRectF r = row_rect(0);
    return r.left() + r.width() * seconds / std::max(1.0, end_of(*plan, plan->grid.count));
}

int SlotsView::layer_at(double x) const {
    const auto plan = document_->plan();
    int layer = 1;
    while (layer < plan->grid.count && x_of(start_of(*plan, layer + 1)) <= x)
        ++layer;
    return layer;
}

int SlotsView::row_of_refill(int refill) const {
    const Refill& r = document_->plan()->refills[static_cast<std::size_t>(refill)];
    const auto all = rows();
    for (std::size_t i = 0; i < all.size(); ++i)
        if (all[i].toolhead == r.toolhead && all[i].slot == r.slot)
            return static_cast<int>(i);
    return 0;
}

QRectF SlotsView::handle_rect(int refill) const {
    const auto plan = document_->plan();
    const Refill& r = plan->refills[static_cast<std::size_t>(refill)];
    const QRectF row = row_rect(row_of_refill(refill));
    const double x = x_of(r.pause ? r.earliest_s : std::max(r.earliest_s, start_of(*plan, r.layer)));
    const double s = std::min<double>(em(1.4), row.height());
    return {x - s / 2, row.center().y() - s / 2, s, s};
}

void SlotsView::changeEvent(QEvent* e) {
    if (e->type() == QEvent::PaletteChange || e->type() == QEvent::FontChange ||
        e->type() == QEvent::StyleChange)
        stale_ = true;
    QWidget::changeEvent(e);
}

void SlotsView::draw(QPainter& p) const {
    const Theme& t = Theme::current();
    p.setRenderHint(QPainter::Antialiasing, false);
    const auto plan = document_->plan();
    p.setPen(t.quiet);
    if (!plan) {
        p.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap,
                   tr("Which spool sits where and when shows here."));
        return;
    }
    const Project& project = document_->planned_project();
    const std::vector<Row> all = rows();
    const double total = end_of(*plan, plan->grid.count);
    const QRectF first = row_rect(0), last = row_rect(static_cast<int>(all.size()) - 1);
    // Nights.
    QColor night = t.dark ? QColor(110, 130, 190) : QColor(60, 70, 120);
    night.setAlpha(45);
    const int steps = std::max(1, int(first.width()));
    for (int i = 0; i < steps; ++i)
        if (in_night(project.settings, total * (i + 0.5) / steps))
            p.fillRect(QRectF(first.left() + i, first.top() - 2, 1.05, last.bottom() - first.top() + 4),
                       night);
    for (std::size_t i = 0; i < all.size(); ++i) {
        const QRectF r = row_rect(static_cast<int>(i));
        p.setPen(QPen(t.line, 1));
        p.setBrush(Qt::NoBrush);
        p.drawLine(QPointF(r.left(), r.center().y()), QPointF(r.right(), r.center().y()));
        p.setPen(t.quiet);
        p.setFont(font_of(0.9));
        const QString name = words(slot_name(project.machine, all[i].toolhead, all[i].slot));
        p.drawText(QRectF(0, r.top(), r.left() - em(0.5), r.height()), Qt::AlignVCenter | Qt::AlignRight,
                   p.fontMetrics().elidedText(name, Qt::ElideLeft, int(r.left()) - em(0.5)));
        for (const Stay& s : plan->stays) {
            if (s.toolhead != all[i].toolhead || s.slot != all[i].slot ||
                (s.slot == 0 && s.nozzle != all[i].nozzle))
                continue;
            const double x0 = x_of(start_of(*plan, s.from_layer)),
                         x1 = std::max(x0 + 1.5, x_of(end_of(*plan, s.to_layer)));
            const QRectF pane(x0, r.top(), x1 - x0, r.height());
            paint_pane(p, pane, project.filaments[static_cast<std::size_t>(s.filament)]);
            p.setPen(t.lead);
            p.drawRect(pane);
            if (pane.width() > em(1.8)) {
                const double b = std::min<double>(em(1.4), r.height());
                const Filament& f = project.filaments[static_cast<std::size_t>(s.filament)];
                p.setRenderHint(QPainter::Antialiasing);
                paint_badge(p, QRectF(pane.left() + 4, pane.center().y() - b / 2, b, b), f.letter,
                            to_qcolor(f.colour), font());
                p.setRenderHint(QPainter::Antialiasing, false);
            }
        }
    }
    // Hours, as the clock shows them.
    p.setFont(font_of(0.9));
    double step_h = 0.25;
    for (const double s : {0.25, 0.5, 1.0, 2.0, 4.0, 6.0, 12.0, 24.0})
        if ((step_h = s) * 3600 / std::max(1.0, total) * first.width() > em(4))
            break;
    for (double h = std::ceil(project.settings.start_hour / step_h) * step_h;
         (h - project.settings.start_hour) * 3600 <= total; h += step_h) {
        const double x = x_of((h - project.settings.start_hour) * 3600);
        p.setPen(t.line);
        p.drawLine(QPointF(x, last.bottom() + 2), QPointF(x, last.bottom() + em(0.3)));
        p.setPen(t.quiet);
        const int minutes = int(std::lround(h * 60)) % 1440;
        p.drawText(QRectF(x - em(3), last.bottom() + em(0.25), em(6), em(1.2)),
                   Qt::AlignHCenter | Qt::AlignTop,
                   QStringLiteral("%1:%2")
                       .arg(minutes / 60, 2, 10, QLatin1Char('0'))
                       .arg(minutes % 60, 2, 10, QLatin1Char('0')));
    }
    // Hand swaps above the rows.
    p.setRenderHint(QPainter::Antialiasing);
    for (const Visit& v : plan->attendance.visits)
        if (v.what == Visit::What::swap) {
            p.setPen(QPen(t.lead, 1));
            p.setBrush(v.at_night ? t.bad : t.accent);
            p.drawEllipse(QPointF(x_of(v.from_s), first.top() - 1), em(0.25), em(0.25));
        }
}

void SlotsView::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    if (stale_ || drawn_.size() != size() * devicePixelRatioF()) {
        drawn_ = QPixmap(size() * devicePixelRatioF());
        drawn_.setDevicePixelRatio(devicePixelRatioF());
        drawn_.fill(Qt::transparent);
        QPainter once(&drawn_);
        draw(once);
        stale_ = false;
    }
    QPainter p(this);
    p.drawPixmap(0, 0, drawn_);
    const auto plan = document_->plan();
    if (!plan)
        return;
    const Project& project = document_->planned_project();
    const QRectF first = row_rect(0), last = row_rect(static_cast<int>(rows().size()) - 1);
    // The cursor layer.
    const double x = x_of(start_of(*plan, std::clamp(view_->layer(), 1, plan->grid.count)));
    p.setPen(QPen(t.dark ? QColor(Qt::white) : t.lead, 1.5));
    p.drawLine(QPointF(x, first.top() - 2), QPointF(x, last.bottom() + 2));
    p.setRenderHint(QPainter::Antialiasing);
    for (std::size_t i = 0; i < plan->refills.size(); ++i) {
        const Refill& r = plan->refills[i];
        const QRectF row = row_rect(row_of_refill(static_cast<int>(i)));
        const QColor c = r.pause ? t.bad : t.accent;
        const double a = x_of(r.earliest_s), b = x_of(r.latest_s), y = row.center().y();
        p.setPen(QPen(c, 2));
        p.drawLine(QPointF(a, y), QPointF(b, y));
        p.drawLine(QPointF(a, y - em(0.4)), QPointF(a, y + em(0.4)));
        p.drawLine(QPointF(b, y - em(0.4)), QPointF(b, y + em(0.4)));
        const QRectF h = handle_rect(static_cast<int>(i));
        p.setBrush(t.panel);
        p.setPen(QPen(c, static_cast<int>(i) == chosen_ ? 3 : 1.6));
        p.drawEllipse(h);
        p.setPen(t.ink);
        p.setFont(font_of(0.9, true));
        p.drawText(h, Qt::AlignCenter,
                   QString(QChar::fromLatin1(project.filaments[static_cast<std::size_t>(r.in)].letter)));
    }
    if (hasFocus()) {
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(t.accent, 1));
        p.drawRect(rect().adjusted(0, 0, -1, -1));
    }
}

void SlotsView::put(int refill, int layer) {
    const auto plan = document_->plan();
    const Refill r = plan->refills[static_cast<std::size_t>(refill)];
    layer = std::clamp(layer, r.earliest_layer, r.latest_layer);
    if (layer == r.layer)
        return;
    const char letter = document_->planned_project().filaments[static_cast<std::size_t>(r.in)].letter;
    document_->edit(
        tr("Refill %1 in layer %2").arg(QChar::fromLatin1(letter)).arg(layer),
        [&](Project& p) {
            std::erase_if(p.refill_choices,
                          [&](const RefillChoice& c) { return c.filament == letter && c.nth == r.nth; });
            p.refill_choices.push_back({letter, r.nth, layer});
        },
        0x20000 + drags_);
}

void SlotsView::mousePressEvent(QMouseEvent* e) {
    const auto plan = document_->plan();
    if (!plan || e->button() != Qt::LeftButton)
        return;
    chosen_ = -1;
    for (std::size_t i = 0; i < plan->refills.size(); ++i)
        if (handle_rect(static_cast<int>(i)).adjusted(-2, -2, 2, 2).contains(e->position()))
            chosen_ = static_cast<int>(i);
    dragging_ = chosen_ >= 0;
    ++drags_;
    if (!dragging_ && e->position().x() >= row_rect(0).left())
        view_->set_layer(layer_at(e->position().x()));
    update();
}

void SlotsView::mouseMoveEvent(QMouseEvent* e) {
    const auto plan = document_->plan();
    if (!plan)
        return;
    if (dragging_ && chosen_ >= 0 && chosen_ < static_cast<int>(plan->refills.size()))
        put(chosen_, layer_at(e->position().x()));
    else if (e->buttons() & Qt::LeftButton)
        view_->set_layer(layer_at(e->position().x()));
}

void SlotsView::mouseReleaseEvent(QMouseEvent*) {
    dragging_ = false;
}

void SlotsView::keyPressEvent(QKeyEvent* e) {
    const auto plan = document_->plan();
    const int step = e->key() == Qt::Key_Right ? 1 : e->key() == Qt::Key_Left ? -1 : 0;
    if (!plan || plan->refills.empty())
        return QWidget::keyPressEvent(e);
    if (e->key() == Qt::Key_Down || e->key() == Qt::Key_Up) {
        chosen_ = std::clamp(chosen_ + (e->key() == Qt::Key_Down ? 1 : -1), 0,
                             static_cast<int>(plan->refills.size()) - 1);
        ++drags_;
        update();
    } else if (step && chosen_ >= 0) {
        put(chosen_, plan->refills[static_cast<std::size_t>(chosen_)].layer + step);
    } else {
        QWidget::keyPressEvent(e);
    }
}

bool SlotsView::event(QEvent* e) {
    const auto plan = document_->plan();
    if (e->type() == QEvent::ToolTip && plan) {
        const auto* help = static_cast<QHelpEvent*>(e);
        const Project& project = document_->planned_project();
        for (std::size_t i = 0; i < plan->refills.size(); ++i)
            if (handle_rect(static_cast<int>(i)).contains(help->pos())) {
                const Refill& r = plan->refills[i];
                QToolTip::showText(
                    help->globalPos(),
                    tr("%1 into %2: %3")
                        .arg(QChar::fromLatin1(project.filaments[static_cast<std::size_t>(r.in)].letter))
                        .arg(words(slot_name(project.machine, r.toolhead, r.slot)), words(when(project, r))),
                    this);
                return true;
            }
        if (help->pos().x() >= row_rect(0).left()) {
            const int layer = layer_at(help->pos().x());
            const double h = hour_at(project.settings, start_of(*plan, layer));
            QToolTip::showText(help->globalPos(),
                               tr("layer %1, %2 after the start, %3 o'clock")
                                   .arg(layer)
                                   .arg(QString::fromStdString(duration(start_of(*plan, layer))))
                                   .arg(int(h)),
                               this);
            return true;
        }
    }
    return QWidget::event(e);
}

} // namespace vitrail

#include "moc_slots_view.cpp"
