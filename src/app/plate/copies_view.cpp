#include "app/plate/copies_view.h"

#include "app/theme/theme.h"
#include "core/base/numbers.h"
#include "paint/words.h"

#include <QAccessible>
#include <QKeyEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace vitrail {

/// One of the three.
struct CopiesView::Strip {
    QString name;
    double CopiesPoint::*figure;
    int CopiesCurve::*enough;
    enum class Unit { grams, time, money } unit;
};

CopiesView::CopiesView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("copies_view"));
    setAccessibleName(tr("What a piece costs over how many are printed together"));
    setFocusPolicy(Qt::StrongFocus);
    setMinimumHeight(em(18));
    setToolTip(tr("Click, drag, or use the arrow keys to choose a number of copies"));
}

QSize CopiesView::sizeHint() const {
    return {em(40), em(28)};
}

void CopiesView::show_curve(std::optional<CopiesCurve> curve, const Settings& settings, int chosen) {
    curve_ = std::move(curve);
    settings_ = settings;
    chosen_ = curve_ && !curve_->points.empty() ? std::clamp(chosen, 1, curve_->points.back().n) : 1;
    say_value();
    update();
}

void CopiesView::choose(int n) {
    if (!curve_ || curve_->points.empty())
        return;
    n = std::clamp(n, 1, curve_->points.back().n);
    if (n == chosen_)
        return;
    chosen_ = n;
    say_value();
    update();
    Q_EMIT chosen_changed(n);
}

void CopiesView::say_value() {
    QString text;
    if (curve_ && !curve_->points.empty()) {
        const CopiesPoint& x = curve_->points[static_cast<std::size_t>(chosen_) - 1];
        const double each = x.n * curve_->pieces;
        text = tr("%1: %2 g thrown away, %3 and %4 for each")
                   .arg(chosen_)
                   .arg(number(x.waste_g / each, 2), QString::fromStdString(duration(x.total_s / each)),
                        money_text(settings_, x.price / each));
    }
    setAccessibleDescription(text);
    QAccessibleEvent changed(this, QAccessible::DescriptionChanged);
    QAccessible::updateAccessibility(&changed);
}

QRectF CopiesView::chart() const {
    return QRectF(em(4.6), em(0.4), width() - em(10.5), height() - em(3.4));
}

double CopiesView::x_of(int n) const {
    const QRectF r = chart();
    const int all = curve_ && !curve_->points.empty() ? curve_->points.back().n : 1;
    return r.left() + (n - 0.5) * r.width() / all;
}

QString CopiesView::value_text(const Strip& strip, double each) const {
    switch (strip.unit) {
    case Strip::Unit::grams:
        return tr("%1 g").arg(number(each, each < 10 ? 2 : 1));
    case Strip::Unit::time:
        return QString::fromStdString(duration(each));
    case Strip::Unit::money:
        return money_text(settings_, each);
    }
    return {};
}

void CopiesView::draw_strip(QPainter& p, const QRectF& r, const Strip& strip) const {
    const Theme& t = Theme::current();
    const auto each = [&](const CopiesPoint& x) { return x.*strip.figure / (x.n * curve_->pieces); };
    double most = 1e-12;
    for (const CopiesPoint& x : curve_->points)
        most = std::max(most, each(x));
    const double w = r.width() / static_cast<double>(curve_->points.size());
    const auto y = [&](double v) { return r.bottom() - v / most * (r.height() - em(1.4)); };
    p.setFont(font_of(1, true));
    p.setPen(t.ink);
    p.drawText(QRectF(r.left() + em(0.4), r.top() - em(0.1), r.width(), em(1.4)),
               Qt::AlignRight | Qt::AlignVCenter, strip.name);
    p.setFont(font_of(0.9));
    p.setPen(t.quiet);
    p.drawText(QRectF(0, y(most) - em(0.7), r.left() - em(0.4), em(1.4)), Qt::AlignRight | Qt::AlignVCenter,
               value_text(strip, most));
    p.drawText(QRectF(0, r.bottom() - em(1.2), r.left() - em(0.4), em(1.4)),
               Qt::AlignRight | Qt::AlignVCenter, QStringLiteral("0"));
    p.setPen(QPen(t.line, 1));
    p.drawLine(r.bottomLeft(), r.bottomRight());
    for (std::size_t i = 0; i < curve_->points.size(); ++i) {
        const CopiesPoint& x = curve_->points[i];
        const QRectF bar(r.left() + static_cast<double>(i) * w + w * 0.14, y(each(x)), w * 0.72,
                         r.bottom() - y(each(x)));
        p.fillRect(bar, x.n == chosen_ ? t.accent : t.quiet);
        if (x.n % curve_->most == 0 && i + 1 < curve_->points.size()) { // the plate is full: a lead line
            p.setPen(QPen(t.lead, 3));
            p.drawLine(QPointF(r.left() + static_cast<double>(i + 1) * w, r.top() + em(1.5)),
                       QPointF(r.left() + static_cast<double>(i + 1) * w, r.bottom()));
        }
    }
    if (const int enough = (*curve_).*strip.enough; enough > 0) { // from here on another gains little
        const QPointF at(x_of(enough),
                         y(each(curve_->points[static_cast<std::size_t>(enough) - 1])) - em(0.25));
        p.setBrush(t.good);
        p.setPen(Qt::NoPen);
        p.drawPolygon(QPolygonF({at, at + QPointF(-em(0.45), -em(0.7)), at + QPointF(em(0.45), -em(0.7))}));
    }
    const CopiesPoint& now = curve_->points[static_cast<std::size_t>(chosen_) - 1];
    p.setFont(font_of(1.05, true));
    p.setPen(t.ink);
    p.drawText(QRectF(r.right() + em(0.5), r.center().y() - em(0.8), em(5.4), em(1.6)),
               Qt::AlignLeft | Qt::AlignVCenter, value_text(strip, each(now)));
}

void CopiesView::draw_scale(QPainter& p, const QRectF& r) const {
    const Theme& t = Theme::current();
    const int all = curve_->points.back().n;
    const int step = all <= 12 ? 1 : all <= 30 ? 5 : 10;
    p.setFont(font_of(0.9));
    p.setPen(t.quiet);
    for (int n = 1; n <= all; ++n)
        if (n == 1 || n % step == 0)
            p.drawText(QRectF(x_of(n) - em(2), r.bottom() + em(0.2), em(4), em(1.3)), Qt::AlignCenter,
                       QString::number(n));
    p.drawText(
        QRectF(r.left(), r.bottom() + em(1.5), r.width(), em(1.4)), Qt::AlignCenter,
        tr("printed together · a dark line: the plate is full · ▼ from here one more gains less than %1 %")
            .arg(number(settings_.enough_pct)));
}

void CopiesView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (!curve_ || curve_->points.empty())
        return;
    const Strip strips[] = {
        {tr("thrown away, each"), &CopiesPoint::waste_g, &CopiesCurve::enough_waste, Strip::Unit::grams},
        {tr("time, each"), &CopiesPoint::total_s, &CopiesCurve::enough_time, Strip::Unit::time},
        {tr("money all in, each"), &CopiesPoint::price, &CopiesCurve::enough_price, Strip::Unit::money}};
    const QRectF r = chart();
    const double h = r.height() / 3;
    for (int i = 0; i < 3; ++i)
        draw_strip(p, QRectF(r.left(), r.top() + i * h, r.width(), h - em(0.9)), strips[i]);
    draw_scale(p, QRectF(r.left(), r.top(), r.width(), r.height() - em(0.9)));
    if (hasFocus()) {
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(Theme::current().accent, 1, Qt::DotLine));
        p.drawRect(rect().adjusted(0, 0, -1, -1));
    }
}

void CopiesView::mousePressEvent(QMouseEvent* e) {
    if (!curve_ || curve_->points.empty())
        return;
    const QRectF r = chart();
    choose(
        static_cast<int>(std::floor((e->position().x() - r.left()) / r.width() * curve_->points.back().n)) +
        1);
}

void CopiesView::mouseMoveEvent(QMouseEvent* e) {
    if (e->buttons() & Qt::LeftButton)
        mousePressEvent(e);
}

void CopiesView::keyPressEvent(QKeyEvent* e) {
    const int n = chosen_;
    switch (e->key()) {
    case Qt::Key_Left:
        return choose(n - 1);
    case Qt::Key_Right:
        return choose(n + 1);
    case Qt::Key_Home:
        return choose(1);
    case Qt::Key_End:
        return choose(curve_ ? curve_->points.back().n : 1);
    default:
        QWidget::keyPressEvent(e);
    }
}

} // namespace vitrail

#include "moc_copies_view.cpp"
