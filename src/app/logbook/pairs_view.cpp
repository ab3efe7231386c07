#include "app/logbook/pairs_view.h"

#include "app/theme/theme.h"
#include "core/base/numbers.h"
#include "core/logbook/learn.h"
#include "paint/words.h"

#include <QAccessible>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QPainter>
#include <QToolTip>

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

constexpr double kLow = 0.4, kHigh = 2.5; ///< ends of the scale; what lies beyond stands at its edge

QString amount(Quantity q, double v) {
    return in_grams(q) ? PairsView::tr("%1 g").arg(number(v, 1)) : QString::fromStdString(duration(v));
}

Interval expected(const Figure& f) {
    return range_of({f.centre, f.spread, f.freedom, 0, 0}, 1);
}

} // namespace

PairsView::PairsView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("pairs"));
    setAccessibleName(tr("Foretold against real"));
    setFocusPolicy(Qt::StrongFocus);
    setMinimumHeight(em(8));
}

QSize PairsView::sizeHint() const {
    return {em(30), em(16)};
}

void PairsView::show_prints(std::vector<PrintRecord> records) {
    records_ = std::move(records);
    shown_.clear();
    for (int q = 0; q < kQuantities; ++q)
        if (std::any_of(records_.begin(), records_.end(), [&](const PrintRecord& r) {
                return r.figures[static_cast<std::size_t>(q)].foretold > 0;
            }))
            shown_.push_back(static_cast<Quantity>(q));
    row_ = 0;
    setMinimumHeight(records_.size() > 1 ? em(2.4 + 3 * static_cast<double>(shown_.size())) : em(8));
    say();
    update();
}

QString PairsView::lane_text(const PrintRecord& record, Quantity q) const {
    const Figure& f = record.at(q);
    if (f.foretold <= 0)
        return tr("%1: none").arg(words(label(q)));
    QString text = tr("%1: %2 foretold").arg(words(label(q)), amount(q, f.foretold));
    if (f.spread > 0) {
        const Interval r = expected(f);
        text += tr(", expected between %1 and %2")
                    .arg(amount(q, r.low * f.foretold), amount(q, r.high * f.foretold));
    }
    if (!f.real)
        return text + tr("; not measured");
    const double pct = 100 * (*f.real / f.foretold - 1);
    text += tr("; %1 in fact, %2 %")
                .arg(amount(q, *f.real), (pct >= 0 ? QStringLiteral("+") : QString()) + number(pct, 0));
    if (f.left_out)
        text += tr("; nothing is learned from it");
    return text;
}

QString PairsView::row_text(int row) const {
    if (row < 0 || row >= rows())
        return {};
    const Quantity q = shown_[static_cast<std::size_t>(row)];
    if (records_.size() == 1)
        return lane_text(records_[0], q);
    QStringList lanes;
    for (std::size_t i = 0; i < records_.size(); ++i)
        lanes << tr("%1, %2").arg(i + 1).arg(lane_text(records_[i], q));
    return lanes.join(QStringLiteral(". "));
}

void PairsView::say() {
    setAccessibleDescription(row_text(row_));
    QAccessibleEvent changed(this, QAccessible::DescriptionChanged);
    QAccessible::updateAccessibility(&changed);
}

double PairsView::x_of(double ratio) const {
    const double left = em(7.5), right = width() - em(5.5);
    return left + (right - left) * (std::log(std::clamp(ratio, kLow, kHigh)) - std::log(kLow)) /
                      (std::log(kHigh) - std::log(kLow));
}

double PairsView::row_height() const {
    return shown_.empty() ? em(2)
                          : std::min<double>(em(records_.size() > 1 ? 4 : 3.2),
                                             (height() - em(2.4)) / static_cast<double>(shown_.size()));
}

void PairsView::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(t.quiet);
    if (shown_.empty()) {
        p.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap,
                   tr("Choose a print, and see what was foretold and what came."));
        return;
    }
    const double row = row_height(), bottom = row * static_cast<double>(shown_.size()) + em(0.3);
    for (const double tick : {0.5, 0.7, 1.0, 1.4, 2.0}) {
        const double x = x_of(tick);
        p.setPen(QPen(tick == 1 ? t.ink : t.line, tick == 1 ? 1.6 : 1));
        p.drawLine(QPointF(x, em(0.2)), QPointF(x, bottom));
        p.setPen(t.quiet);
        p.drawText(QRectF(x - em(2.5), bottom, em(5), em(1.4)), Qt::AlignCenter,
                   tr("%1×").arg(number(tick, 1)));
    }
    for (int i = 0; i < rows(); ++i) {
        const Quantity q = shown_[static_cast<std::size_t>(i)];
        const double y = em(0.3) + row * (i + 0.5);
        if (i == row_ && hasFocus()) {
            p.setPen(QPen(t.accent, 1.5));
            p.setBrush(Qt::NoBrush);
            p.drawRoundedRect(QRectF(1, y - row / 2 + 1, width() - 2, row - 2), 3, 3);
        }
        p.setPen(t.ink);
        p.drawText(QRectF(em(0.4), y - row / 2, em(6.6), row), Qt::AlignLeft | Qt::AlignVCenter,
                   words(label(q)));
        const double lane = row / static_cast<double>(records_.size());
        for (std::size_t k = 0; k < records_.size(); ++k)
            paint_lane(p, records_[k].at(q), y - row / 2 + lane * (static_cast<double>(k) + 0.5),
                       records_.size() == 1 ? row : lane * 1.3,
                       records_.size() == 1 ? QString() : QString::number(k + 1));
    }
}

/// `which`: of two; empty where there is one.
void PairsView::paint_lane(QPainter& p, const Figure& f, double y, double row, const QString& which) {
    const Theme& t = Theme::current();
    if (!which.isEmpty()) {
        p.setPen(t.quiet);
        p.drawText(QRectF(em(6.6), y - row / 2, em(0.9), row), Qt::AlignRight | Qt::AlignVCenter, which);
    }
    if (f.foretold <= 0)
        return;
    if (f.spread > 0) {
        const Interval r = expected(f);
        QColor band = t.accent;
        band.setAlpha(70);
        p.setPen(Qt::NoPen);
        p.setBrush(band);
        p.drawRect(QRectF(QPointF(x_of(r.low), y - row * 0.22), QPointF(x_of(r.high), y + row * 0.22)));
    }
    p.setPen(QPen(t.ink, 1.4)); // foretold: a diamond
    p.setBrush(t.panel);
    const double x = x_of(1), s = em(0.35);
    p.drawPolygon(QPolygonF({QPointF(x, y - s), QPointF(x + s, y), QPointF(x, y + s), QPointF(x - s, y)}));
    p.setPen(t.quiet);
    QString right = tr("–");
    if (f.real) {
        const double ratio = *f.real / f.foretold, at = x_of(ratio);
        const bool within = f.spread <= 0 || (ratio >= expected(f).low && ratio <= expected(f).high);
        p.setPen(QPen(t.line, 1));
        p.drawLine(QPointF(x, y), QPointF(at, y));
        p.setPen(QPen(within ? t.ink : t.bad, 3)); // real: an upright
        p.drawLine(QPointF(at, y - row * 0.3), QPointF(at, y + row * 0.3));
        right = (ratio >= 1 ? QStringLiteral("+") : QString()) + number(100 * (ratio - 1), 0) + tr(" %") +
                (within ? QString() : QStringLiteral(" ▲"));
        p.setPen(within ? t.ink : t.bad);
    }
    p.drawText(QRectF(width() - em(5.3), y - row / 2, em(5), row), Qt::AlignRight | Qt::AlignVCenter, right);
}

void PairsView::keyPressEvent(QKeyEvent* e) {
    const int step = e->key() == Qt::Key_Down ? 1 : e->key() == Qt::Key_Up ? -1 : 0;
    if (!step || shown_.empty())
        return QWidget::keyPressEvent(e);
    row_ = std::clamp(row_ + step, 0, rows() - 1);
    say();
    update();
}

void PairsView::focusInEvent(QFocusEvent* e) {
    QWidget::focusInEvent(e);
    update();
}

bool PairsView::event(QEvent* e) {
    if (e->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(e);
        const int row = static_cast<int>((help->pos().y() - em(0.3)) / row_height());
        row >= 0 && row < rows() ? QToolTip::showText(help->globalPos(), row_text(row), this)
                                 : QToolTip::hideText();
        return true;
    }
    return QWidget::event(e);
}

} // namespace vitrail

#include "moc_pairs_view.cpp"
