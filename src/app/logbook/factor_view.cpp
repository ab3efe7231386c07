#include "app/logbook/factor_view.h"

#include "app/theme/theme.h"
#include "paint/words.h"

#include <QAccessible>
#include <QDateTime>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QLocale>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>

#include <algorithm>
#include <cmath>

namespace vitrail {

FactorView::FactorView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("factor_view"));
    setAccessibleName(tr("The factor over time"));
    setFocusPolicy(Qt::StrongFocus);
    setMinimumHeight(em(9));
}

QSize FactorView::sizeHint() const {
    return {em(34), em(16)};
}

void FactorView::show_factor(std::optional<Factor> factor, const std::vector<PrintRecord>& records) {
    factor_ = std::move(factor);
    names_.clear();
    chosen_ = -1;
    if (factor_) {
        const Interval r = range_of(factor_->belief, 1);
        low_ = std::min(0.8, r.low), high_ = std::max(1.25, r.high);
        for (const Sample& s : factor_->samples) {
            names_.push_back(QString::fromStdString(records[static_cast<std::size_t>(s.record)].title));
            if (s.use != Sample::Use::outlier)
                low_ = std::min(low_, std::exp(s.log_ratio)), high_ = std::max(high_, std::exp(s.log_ratio));
        }
        low_ *= 0.95, high_ *= 1.05;
    }
    choose(factor_ ? static_cast<int>(factor_->samples.size()) - 1 : -1);
    update();
}

void FactorView::set_heading(const QString& text) {
    heading_ = text;
    setAccessibleName(text.isEmpty() ? tr("The factor over time") : tr("%1 over time").arg(text));
    update();
}

void FactorView::set_span(std::int64_t from_s, std::int64_t to_s) {
    from_s_ = from_s, to_s_ = to_s;
    update();
}

QRectF FactorView::chart() const {
    const double top = heading_.isEmpty() ? em(0.8) : em(2);
    return QRectF(em(3.4), top, width() - em(6.6), height() - top - em(2.2));
}

double FactorView::y_of(double ratio) const {
    const QRectF r = chart();
    return r.bottom() - r.height() * (std::log(std::clamp(ratio, low_, high_)) - std::log(low_)) /
                            (std::log(high_) - std::log(low_));
}

double FactorView::x_of(std::int64_t s) const {
    const QRectF r = chart();
    const std::int64_t first = to_s_ > from_s_ ? from_s_ : factor_->samples.front().at_s,
                       last = to_s_ > from_s_ ? to_s_ : std::max(first + 1, factor_->samples.back().at_s);
    return r.left() + em(0.6) +
           (r.width() - em(1.2)) * static_cast<double>(s - first) / static_cast<double>(last - first);
}

QPointF FactorView::at(int sample) const {
    const Sample& s = factor_->samples[static_cast<std::size_t>(sample)];
    return {x_of(s.at_s), y_of(std::exp(s.log_ratio))};
}

QString FactorView::sample_text(int sample) const {
    if (!factor_ || sample < 0 || sample >= static_cast<int>(factor_->samples.size()))
        return {};
    const Sample& s = factor_->samples[static_cast<std::size_t>(sample)];
    QString text =
        tr("%1, %2: %3 times what was foretold")
            .arg(QLocale().toString(QDateTime::fromSecsSinceEpoch(s.at_s).date(), QLocale::ShortFormat),
                 names_[static_cast<std::size_t>(sample)], number(std::exp(s.log_ratio), 2));
    switch (s.use) {
    case Sample::Use::counts:
        break;
    case Sample::Use::outlier:
        text += tr("; so far from the others that it does not count");
        break;
    case Sample::Use::left_out:
        text += tr("; left out by you");
        break;
    case Sample::Use::before_drift:
        text += tr("; from before it changed");
        break;
    }
    return text;
}

void FactorView::choose(int sample) {
    chosen_ = factor_ ? std::clamp(sample, -1, static_cast<int>(factor_->samples.size()) - 1) : -1;
    setAccessibleDescription(sample_text(chosen_));
    QAccessibleEvent changed(this, QAccessible::DescriptionChanged);
    QAccessible::updateAccessibility(&changed);
    update();
    Q_EMIT chosen_changed();
}

void FactorView::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (!factor_ || factor_->samples.empty()) {
        p.setPen(t.quiet);
        p.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap,
                   tr("Choose a factor, and see the prints it comes from."));
        return;
    }
    const QRectF r = chart();
    if (!heading_.isEmpty()) {
        p.setPen(t.ink);
        p.drawText(QRectF(r.left(), em(0.2), r.width() + em(3), em(1.6)), Qt::AlignLeft | Qt::AlignVCenter,
                   heading_);
    }
    const Interval band = range_of(factor_->belief, 1);
    const double from = factor_->drift ? x_of(factor_->drift->since_s) - em(0.3) : r.left();
    QColor fill = t.accent;
    fill.setAlpha(60);
    p.fillRect(QRectF(QPointF(from, y_of(band.high)), QPointF(r.right(), y_of(band.low))), fill);
    for (const double tick : {0.25, 0.5, 0.75, 1.0, 1.25, 1.5, 2.0, 3.0, 4.0}) {
        if (tick < low_ || tick > high_)
            continue;
        p.setPen(QPen(tick == 1 ? t.ink : t.line, tick == 1 ? 1.4 : 1));
        p.drawLine(QPointF(r.left(), y_of(tick)), QPointF(r.right(), y_of(tick)));
        p.setPen(t.quiet);
        p.drawText(QRectF(0, y_of(tick) - em(0.7), r.left() - em(0.4), em(1.4)),
                   Qt::AlignRight | Qt::AlignVCenter, tr("%1×").arg(number(tick, 2)));
    }
    p.setPen(QPen(t.accent, 2));
    p.drawLine(QPointF(from, y_of(std::exp(factor_->belief.centre))),
               QPointF(r.right(), y_of(std::exp(factor_->belief.centre))));
    p.drawText(QRectF(r.right() + em(0.3), y_of(std::exp(factor_->belief.centre)) - em(0.7), em(3), em(1.4)),
               Qt::AlignLeft | Qt::AlignVCenter, number(std::exp(factor_->belief.centre), 2));
    if (factor_->drift) {
        p.setPen(QPen(t.quiet, 1.5, Qt::DashLine));
        p.drawLine(QPointF(r.left(), y_of(factor_->drift->before)),
                   QPointF(from, y_of(factor_->drift->before)));
        p.setPen(QPen(t.warn, 1.2));
        p.drawLine(QPointF(from, r.top()), QPointF(from, r.bottom()));
    }
    for (int i = 0; i < static_cast<int>(factor_->samples.size()); ++i) {
        const Sample& s = factor_->samples[static_cast<std::size_t>(i)];
        const QPointF c = at(i);
        const double size = em(0.32);
        p.setPen(QPen(s.use == Sample::Use::outlier ? t.bad : t.ink, 1.3));
        p.setBrush(s.use == Sample::Use::counts ? QBrush(t.ink) : Qt::NoBrush);
        if (s.use == Sample::Use::outlier || s.use == Sample::Use::left_out) {
            p.drawLine(c + QPointF(-size, -size), c + QPointF(size, size));
            p.drawLine(c + QPointF(-size, size), c + QPointF(size, -size));
        } else {
            p.drawEllipse(c, size, size);
        }
        if (i == chosen_) {
            p.setBrush(Qt::NoBrush);
            p.setPen(QPen(t.accent, hasFocus() ? 2.2 : 1.4));
            p.drawEllipse(c, size * 2, size * 2);
        }
    }
    p.setPen(t.quiet);
    const auto day = [](std::int64_t s) {
        return QLocale().toString(QDateTime::fromSecsSinceEpoch(s).date(), QLocale::ShortFormat);
    };
    p.drawText(QRectF(r.left(), r.bottom() + em(0.4), em(10), em(1.4)), Qt::AlignLeft,
               day(to_s_ > from_s_ ? from_s_ : factor_->samples.front().at_s));
    p.drawText(QRectF(r.right() - em(10), r.bottom() + em(0.4), em(10), em(1.4)), Qt::AlignRight,
               day(to_s_ > from_s_ ? to_s_ : factor_->samples.back().at_s));
}

int FactorView::nearest(const QPointF& p) const {
    int best = -1;
    double least = em(1.5);
    for (int i = 0; factor_ && i < static_cast<int>(factor_->samples.size()); ++i)
        if (const QPointF d = at(i) - p; std::hypot(d.x(), d.y()) < least) {
            least = std::hypot(d.x(), d.y());
            best = i;
        }
    return best;
}

void FactorView::keyPressEvent(QKeyEvent* e) {
    const int step = e->key() == Qt::Key_Right ? 1 : e->key() == Qt::Key_Left ? -1 : 0;
    if (!step || !factor_)
        return QWidget::keyPressEvent(e);
    choose(std::max(0, chosen_ + step));
}

void FactorView::mousePressEvent(QMouseEvent* e) {
    if (const int i = nearest(e->position()); i >= 0)
        choose(i);
}

void FactorView::focusInEvent(QFocusEvent* e) {
    QWidget::focusInEvent(e);
    update();
}

bool FactorView::event(QEvent* e) {
    if (e->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(e);
        const int i = nearest(help->pos());
        i >= 0 ? QToolTip::showText(help->globalPos(), sample_text(i), this) : QToolTip::hideText();
        return true;
    }
    return QWidget::event(e);
}

ScoreView::ScoreView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("score_view"));
    setAccessibleName(tr("Whether ranges hold what they say"));
    setMinimumSize(em(10), em(9));
}

QSize ScoreView::sizeHint() const {
    return {em(16), em(14)};
}

void ScoreView::show_score(Score score) {
    score_ = std::move(score);
    QStringList values;
    for (std::size_t i = 0; score_.figures > 0 && i < score_.nominal.size(); ++i)
        values
            << tr("%1 % hold %2 %").arg(number(100 * score_.nominal[i], 0), number(100 * score_.held[i], 0));
    setAccessibleDescription(values.join(QStringLiteral(", ")));
    setToolTip(values.join(QLatin1Char('\n')));
    update();
}

void ScoreView::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(t.quiet);
    if (score_.figures == 0) {
        p.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap,
                   tr("No range has been held against a print yet."));
        return;
    }
    const double side = std::min<double>(width() - em(4.5), height() - em(3.4));
    const QRectF r(em(3.6), em(0.5), side, side);
    const auto point = [&](double x, double y) {
        return QPointF(r.left() + x * side, r.bottom() - y * side);
    };
    p.setPen(QPen(t.line, 1));
    p.drawRect(r);
    p.setPen(QPen(t.quiet, 1.2, Qt::DashLine));
    p.drawLine(point(0, 0), point(1, 1));
    QPolygonF line{point(0, 0)};
    for (std::size_t i = 0; i < score_.nominal.size(); ++i)
        line << point(score_.nominal[i], score_.held[i]);
    line << point(1, 1);
    p.setPen(QPen(t.accent, 2));
    p.drawPolyline(line);
    p.setBrush(t.accent);
    for (int i = 1; i + 1 < line.size(); ++i)
        p.drawEllipse(line[i], em(0.18), em(0.18));
    p.setPen(t.quiet);
    for (const double tick : {0.0, 0.5, 1.0}) {
        p.drawText(QRectF(r.left() + tick * side - em(2), r.bottom() + em(0.2), em(4), em(1.3)),
                   Qt::AlignCenter, tr("%1 %").arg(number(100 * tick, 0)));
        p.drawText(QRectF(0, r.bottom() - tick * side - em(0.7), r.left() - em(0.3), em(1.4)),
                   Qt::AlignRight | Qt::AlignVCenter, tr("%1 %").arg(number(100 * tick, 0)));
    }
    p.drawText(QRectF(r.left(), r.bottom() + em(1.4), side, em(1.4)), Qt::AlignCenter, tr("said, and held"));
}

} // namespace vitrail

#include "moc_factor_view.cpp"
