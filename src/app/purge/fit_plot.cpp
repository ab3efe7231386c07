#include "app/purge/fit_plot.h"

#include "app/theme/theme.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QPainter>
#include <QPainterPath>

#include <cmath>

namespace vitrail {

FitPlot::FitPlot(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("fit_plot"));
    setAccessibleName(tr("Readings against the model"));
    setMinimumHeight(em(9));
}

QSize FitPlot::sizeHint() const {
    return {em(20), em(13)};
}

void FitPlot::show_fit(std::vector<Reading> readings, std::optional<Calibration> fit,
                       std::vector<QString> names) {
    readings_ = std::move(readings);
    fit_ = std::move(fit);
    names_ = std::move(names);
    update();
}

void FitPlot::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF r(em(3.4), em(0.8), width() - em(4.2), height() - em(3.6));
    p.setFont(font_of(0.9));
    p.setPen(t.quiet);
    if (!fit_) {
        p.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap,
                   tr("With two readings or more, the line they lie on shows here."));
        return;
    }
    double most_x = 0.5, most_y = 50;
    for (std::size_t i = 0; i < readings_.size(); ++i) {
        most_x = std::max(most_x, fit_->readings[i].depth * 1.1);
        most_y = std::max({most_y, readings_[i].clean_mm3 * 1.1, fit_->readings[i].model_mm3 * 1.1});
    }
    const auto at = [&](double x, double y) {
        return QPointF(r.left() + r.width() * x / most_x, r.bottom() - r.height() * y / most_y);
    };
    double step = 10;
    for (const double s : {10.0, 20.0, 50.0, 100.0, 200.0, 500.0, 1000.0})
        if ((step = s) / most_y * r.height() > em(2))
            break;
    for (double y = 0; y <= most_y; y += step) {
        p.setPen(QPen(t.line, 1));
        p.drawLine(at(0, y), at(most_x, y));
        p.setPen(t.quiet);
        p.drawText(QRectF(0, at(0, y).y() - em(0.7), r.left() - 5, em(1.4)),
                   Qt::AlignRight | Qt::AlignVCenter, number(y));
    }
    for (double x = 0; x <= most_x; x += 1) {
        p.setPen(t.quiet);
        p.drawText(QRectF(at(x, 0).x() - em(2), r.bottom() + 3, em(4), em(1.2)), Qt::AlignCenter, number(x));
    }
    p.drawText(QRectF(r.left(), r.bottom() + em(1.3), r.width(), em(1.3)), Qt::AlignCenter,
               tr("how far it must mix, ln(1/share)"));
    p.drawText(QRectF(em(0.2), 0, em(10), em(1.2)), Qt::AlignLeft, tr("mm³ until clean"));
    // One standard deviation around the line.
    if (fit_->dead_sd_mm3 > 0 || fit_->mixing_sd_mm3 > 0) {
        QPolygonF band;
        constexpr int kSteps = 24;
        const auto sd = [&](double x) {
            return std::sqrt(std::max(0.0, fit_->dead_sd_mm3 * fit_->dead_sd_mm3 +
                                               x * x * fit_->mixing_sd_mm3 * fit_->mixing_sd_mm3 +
                                               2 * x * fit_->covariance_mm6));
        };
        for (int i = 0; i <= kSteps; ++i) {
            const double x = most_x * i / kSteps;
            band << at(x, fit_->dead_mm3 + fit_->mixing_mm3 * x + sd(x));
        }
        for (int i = kSteps; i >= 0; --i) {
            const double x = most_x * i / kSteps;
            band << at(x, std::max(0.0, fit_->dead_mm3 + fit_->mixing_mm3 * x - sd(x)));
        }
        QColor c = t.accent;
        c.setAlpha(60);
        p.setPen(Qt::NoPen);
        p.setBrush(c);
        p.drawPolygon(band);
    }
    p.setPen(QPen(t.accent, 2));
    p.drawLine(at(0, fit_->dead_mm3), at(most_x, fit_->dead_mm3 + fit_->mixing_mm3 * most_x));
    for (std::size_t i = 0; i < readings_.size(); ++i) {
        const FittedReading& f = fit_->readings[i];
        const QPointF q = at(f.depth, readings_[i].clean_mm3), on_line = at(f.depth, f.model_mm3);
        p.setPen(QPen(t.quiet, 1, Qt::DotLine));
        p.drawLine(q, on_line);
        const double s = em(0.42);
        // Old colour at the left, new one at the right.
        p.setPen(QPen(f.outlier ? t.bad : t.ink, f.outlier ? 2.5 : 1.2));
        p.setBrush(to_qcolor(readings_[i].from));
        p.drawRect(QRectF(q.x() - s, q.y() - s, s, 2 * s));
        p.setBrush(to_qcolor(readings_[i].to));
        p.drawRect(QRectF(q.x(), q.y() - s, s, 2 * s));
        if (f.outlier) {
            p.drawLine(QPointF(q.x() - s, q.y() - s), QPointF(q.x() + s, q.y() + s));
            p.drawLine(QPointF(q.x() + s, q.y() - s), QPointF(q.x() - s, q.y() + s));
        }
        if (i < names_.size() && names_[i].size() <= 3) { // letters; colours show by themselves
            p.setPen(t.ink);
            const double w = p.fontMetrics().horizontalAdvance(names_[i]);
            const bool left = i % 2 || q.x() + em(0.7) + w > r.right();
            p.drawText(QPointF(left ? q.x() - em(0.7) - w : q.x() + em(0.7), q.y() + em(0.9)), names_[i]);
        }
    }
}

} // namespace vitrail

#include "moc_fit_plot.cpp"
