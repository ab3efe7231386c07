#include "app/shell/bench_rail.h"

#include "app/theme/theme.h"

#include <QPainter>
#include <QVBoxLayout>

#include <algorithm>

namespace vitrail {

BenchButton::BenchButton(const QString& picture, const QString& name, const QString& says, int number,
                         QWidget* parent)
    : QAbstractButton(parent), picture_(picture), number_(number) {
    setText(name);
    setCheckable(true);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("%1 bench").arg(name));
    setToolTip(tr("%1 (Alt+%2)").arg(name).arg(number % 10) + QLatin1Char('\n') + says);
    setWhatsThis(says);
    setCursor(Qt::PointingHandCursor);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Maximum);
}

QSize BenchButton::sizeHint() const {
    return {em(8.2), em(2.6)};
}

QSize BenchButton::minimumSizeHint() const {
    return {em(8.2), em(1.8)}; // on a low screen they stand closer
}

void BenchButton::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF r = QRectF(rect()).adjusted(0, 2, -2, -2);
    if (isChecked() || underMouse()) {
        const double tip = em(0.6);
        QPolygonF pane;
        pane << r.topLeft() << r.topRight() - QPointF(tip, 0) << QPointF(r.right(), r.center().y())
             << r.bottomRight() - QPointF(tip, 0) << r.bottomLeft();
        p.setPen(QPen(t.lead, 2));
        p.setBrush(isChecked() ? t.field : t.panel);
        p.drawPolygon(pane);
    }
    if (isChecked())
        p.fillRect(QRectF(0, r.top(), em(0.25), r.height()), t.accent);
    vitrail::icon(picture_).paint(&p, QRect(em(0.8), height() / 2 - em(0.55), em(1.1), em(1.1)));
    p.setFont(font_of(1, isChecked()));
    p.setPen(isChecked() ? t.ink : t.quiet);
    p.drawText(QRectF(em(2.3), 0, width() - em(4), height()), Qt::AlignVCenter, text());
    p.setFont(font_of(0.9));
    p.setPen(t.quiet);
    p.drawText(QRectF(0, 0, width() - em(1), height()), Qt::AlignVCenter | Qt::AlignRight,
               QString::number(number_ % 10));
    if (hasFocus()) {
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(t.accent, 1.5));
        p.drawRoundedRect(r.adjusted(3, 2, -em(0.7), -2), 2, 2);
    }
}

BenchRail::BenchRail(QWidget* parent) : QWidget(parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, em(0.8), 2, em(0.8));
    column->setSpacing(em(0.2));
    column->addStretch();
    setFixedWidth(em(8.6));
    setAccessibleName(tr("Benches"));
    group_.setExclusive(true);
    connect(&group_, &QButtonGroup::idToggled, this, [this](int id, bool on) {
        if (on)
            Q_EMIT chosen_changed(id);
    });
}

void BenchRail::add(const QString& picture, const QString& name, const QString& says) {
    const int n = static_cast<int>(group_.buttons().size());
    auto* b = new BenchButton(picture, name, says, n + 1);
    group_.addButton(b, n);
    auto* column = static_cast<QVBoxLayout*>(layout());
    column->insertWidget(column->count() - 1, b);
}

QString BenchRail::says(int bench) const {
    const QAbstractButton* b = group_.button(bench);
    return b ? b->whatsThis() : QString();
}

void BenchRail::choose(int bench) {
    QAbstractButton* b = group_.button(bench);
    if (!b)
        return;
    const QList<QAbstractButton*> buttons = group_.buttons();
    if (std::any_of(buttons.begin(), buttons.end(),
                    [](const QAbstractButton* other) { return other->hasFocus(); }))
        b->setFocus(); // the frame goes with the choice
    b->setChecked(true);
}

void BenchRail::choose_none() {
    group_.setExclusive(false);
    if (QAbstractButton* b = group_.checkedButton())
        b->setChecked(false);
    group_.setExclusive(true);
}

void BenchRail::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    p.fillRect(rect(), t.panel);
    p.fillRect(QRect(width() - 3, 0, 3, height()), t.lead);
}

} // namespace vitrail

#include "moc_bench_rail.cpp"
