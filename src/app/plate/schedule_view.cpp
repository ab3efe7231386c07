#include "app/plate/schedule_view.h"

#include "app/theme/theme.h"
#include "core/plate/order_items.h"
#include "core/run_sheet/order_page.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QHelpEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>

#include <algorithm>
#include <cmath>

namespace vitrail {

ScheduleView::ScheduleView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("schedule_view"));
    setAccessibleName(tr("Plates on the clock"));
    setMinimumHeight(em(6));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

QSize ScheduleView::sizeHint() const {
    return {em(40), em(3.6 + 2.4 * static_cast<double>(task_ ? task_->machines.size() : 1))};
}

void ScheduleView::show_plan(std::shared_ptr<const OrderTask> task, std::shared_ptr<const OrderPlan> plan,
                             int chosen) {
    task_ = std::move(task);
    plan_ = std::move(plan);
    chosen_ = chosen;
    QStringList text;
    if (plan_)
        for (std::size_t i = 0; i < plan_->plates.size(); ++i)
            text << tr("Plate %1: %2 to %3, %4")
                        .arg(i + 1)
                        .arg(words(clock_text(*task_, plan_->plates[i].when.start_h)),
                             words(clock_text(*task_, plan_->plates[i].when.end_h)),
                             words(what_is_on(*task_, plan_->plates[i])));
    setAccessibleDescription(text.join(QStringLiteral("; ")));
    updateGeometry();
    update();
}

QRectF ScheduleView::chart() const {
    return QRectF(em(8), em(1.6), width() - em(9), height() - em(2.2));
}

double ScheduleView::x_of(double h) const {
    const QRectF r = chart();
    return r.left() + h / std::max(1.0, plan_->totals.finish_h) * r.width();
}

QRectF ScheduleView::plate_rect(std::size_t plate) const {
    const QRectF r = chart();
    const ScheduledPlate& w = plan_->plates[plate].when;
    const double lane = r.height() / static_cast<double>(task_->machines.size());
    return QRectF(x_of(w.start_h), r.top() + lane * w.machine + em(0.2),
                  std::max(3.0, x_of(w.end_h) - x_of(w.start_h)), lane - em(0.4));
}

int ScheduleView::plate_at(QPointF p) const {
    if (plan_)
        for (std::size_t i = 0; i < plan_->plates.size(); ++i)
            if (plate_rect(i).contains(p))
                return static_cast<int>(i);
    return -1;
}

/// Nights, and the days' names or hours above.
void ScheduleView::draw_clock(QPainter& p) const {
    const Theme& t = Theme::current();
    const QRectF r = chart();
    const double all = std::max(1.0, plan_->totals.finish_h);
    const Presence presence{task_->start_hour, task_->settings.night_from, task_->settings.night_to};
    QColor night = t.lead;
    night.setAlphaF(0.45f);
    constexpr double kStep = 0.25;
    for (double h = 0, from = -1; h <= all + kStep; h += kStep) {
        const bool dark = h < all && runs_at_night(presence, h, h + kStep / 2);
        if (dark && from < 0)
            from = h;
        if (!dark && from >= 0) {
            p.fillRect(QRectF(x_of(from), r.top(), x_of(std::min(all, h)) - x_of(from), r.height()), night);
            from = -1;
        }
    }
    p.setFont(font_of(0.9));
    const double apart = r.width() / all; // pixels an hour
    const double step = apart * 3 > em(5) ? 3 : apart * 6 > em(5) ? 6 : apart * 12 > em(5) ? 12 : 24;
    for (double h = std::ceil(task_->start_hour / step) * step - task_->start_hour; h <= all + 1e-9;
         h += step) {
        p.setPen(QPen(t.line, 1));
        p.drawLine(QPointF(x_of(h), r.top()), QPointF(x_of(h), r.bottom()));
        p.setPen(t.quiet);
        const QString clock = words(clock_text(*task_, h));
        const bool day = std::fmod(task_->start_hour + h, 24) < 1e-6;
        p.drawText(QRectF(x_of(h) - em(4), 0, em(8), em(1.5)), Qt::AlignCenter,
                   day ? (task_->start_min ? clock.mid(5, 5) : clock.left(clock.size() - 7))
                       : clock.right(5));
    }
}

void ScheduleView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (!plan_)
        return;
    const Theme& t = Theme::current();
    const QRectF r = chart();
    p.fillRect(r, t.field);
    draw_clock(p);
    const double lane = r.height() / static_cast<double>(task_->machines.size());
    p.setFont(font_of(0.9));
    for (std::size_t m = 0; m < task_->machines.size(); ++m) {
        p.setPen(t.ink);
        p.drawText(QRectF(0, r.top() + lane * static_cast<double>(m), em(7.6), lane),
                   Qt::AlignVCenter | Qt::AlignLeft | Qt::TextWordWrap,
                   p.fontMetrics().elidedText(QString::fromStdString(task_->machines[m].name), Qt::ElideRight,
                                              em(7.6)));
    }
    for (std::size_t i = 0; i < plan_->plates.size(); ++i) {
        const OrderPlate& plate = plan_->plates[i];
        const QRectF at = plate_rect(i);
        // Its filaments as panes, by their grams.
        double all = 0, y = at.top();
        for (const double g : plate.figures.grams)
            all += g;
        for (std::size_t f = 0; f < plate.figures.filaments.size(); ++f) {
            const double h = at.height() * plate.figures.grams[f] / std::max(1e-9, all);
            paint_pane(p, QRectF(at.left(), y, at.width(), h),
                       plan_->filaments[static_cast<std::size_t>(plate.figures.filaments[f])], 7);
            y += h;
        }
        p.setBrush(Qt::NoBrush);
        p.setPen(
            QPen(static_cast<int>(i) == chosen_ ? t.accent : t.lead, static_cast<int>(i) == chosen_ ? 3 : 2));
        p.drawRect(at);
        const QString number = QString::number(i + 1);
        p.setFont(font_of(0.95, true));
        const double w = p.fontMetrics().horizontalAdvance(number) + em(0.5);
        const QRectF label(at.center().x() - w / 2, at.center().y() - em(0.65), w, em(1.3));
        if (w > at.width() + em(0.4))
            continue;
        p.setPen(Qt::NoPen);
        p.setBrush(t.panel);
        p.drawRoundedRect(label, 3, 3);
        p.setPen(t.ink);
        p.drawText(label, Qt::AlignCenter, number);
    }
}

void ScheduleView::mousePressEvent(QMouseEvent* e) {
    if (const int plate = plate_at(e->position()); plate >= 0)
        Q_EMIT chosen_changed(plate);
}

bool ScheduleView::event(QEvent* e) {
    if (e->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(e);
        const int i = plate_at(help->pos());
        if (i >= 0) {
            const OrderPlate& plate = plan_->plates[static_cast<std::size_t>(i)];
            QToolTip::showText(help->globalPos(),
                               tr("Plate %1: %2 to %3\n%4")
                                   .arg(i + 1)
                                   .arg(words(clock_text(*task_, plate.when.start_h)),
                                        words(clock_text(*task_, plate.when.end_h)),
                                        words(what_is_on(*task_, plate))),
                               this);
        } else {
            QToolTip::hideText();
        }
        return true;
    }
    return QWidget::event(e);
}

} // namespace vitrail

#include "moc_schedule_view.cpp"
