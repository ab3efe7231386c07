#include "app/run/bands_view.h"

#include "app/theme/theme.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QPainter>

#include <algorithm>

namespace vitrail {

BandsView::BandsView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("bands_view"));
    setAccessibleName(tr("Bands as planned and as they become"));
    setMinimumSize(em(18), em(9));
}

QSize BandsView::sizeHint() const {
    return {em(24), em(15)};
}

void BandsView::show_bands(std::vector<Rescue::Height> bands, std::vector<Filament> filaments,
                           double printed_mm) {
    bands_ = std::move(bands);
    filaments_ = std::move(filaments);
    printed_mm_ = printed_mm;
    QStringList says;
    for (const Rescue::Height& h : bands_)
        says << (std::abs(h.after_mm - h.before_mm) > 1e-9
                     ? tr("%1: %2 mm becomes %3 mm")
                           .arg(QChar::fromLatin1(h.letter))
                           .arg(number(h.before_mm, 2), number(h.after_mm, 2))
                     : tr("%1: %2 mm").arg(QChar::fromLatin1(h.letter)).arg(number(h.before_mm, 2)));
    setAccessibleDescription(says.join(QStringLiteral("; ")));
    update();
}

void BandsView::paintEvent(QPaintEvent*) {
    if (bands_.empty())
        return;
    const Theme& t = Theme::current();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    double before = 0, after = 0;
    for (const Rescue::Height& h : bands_)
        before += h.before_mm, after += h.after_mm;
    const QRectF r = QRectF(rect()).adjusted(em(0.3), em(1.8), -em(0.3), -em(0.4));
    const double scale = r.height() / std::max({before, after, 1e-6}),
                 w = std::min<double>(em(5.5), r.width() * 0.2);
    const double x[2] = {r.left() + em(4.6), r.right() - em(7) - w};
    p.setFont(font_of(1, true));
    p.setPen(t.ink);
    p.drawText(QRectF(x[0] - em(1), 0, w + em(2), em(1.6)), Qt::AlignCenter, tr("as planned"));
    p.drawText(QRectF(x[1] - em(1), 0, w + em(2), em(1.6)), Qt::AlignCenter, tr("rescued"));
    double y[2] = {r.bottom(), r.bottom()};
    double last_text[2] = {1e9, 1e9};
    p.setFont(font_of(0.95));
    for (const Rescue::Height& h : bands_) {
        const double mm[2] = {h.before_mm, h.after_mm};
        const bool grows = std::abs(mm[0] - mm[1]) > 1e-9;
        const auto f = std::find_if(filaments_.begin(), filaments_.end(),
                                    [&](const Filament& x2) { return x2.letter == h.letter; });
        for (int side = 0; side < 2; ++side) {
            const double tall = mm[side] * scale;
            const QRectF pane(x[side], y[side] - tall, w, tall);
            if (f != filaments_.end())
                paint_pane(p, pane, *f);
            p.setPen(QPen(grows && side ? t.accent : t.lead, grows && side ? 3 : 1.5));
            p.setBrush(Qt::NoBrush);
            p.drawRect(pane);
            // Its letter and its height, where there is room for them.
            const double middle = pane.center().y();
            if (last_text[side] - middle > em(1.15)) {
                p.setPen(grows ? t.ink : t.quiet);
                p.setFont(font_of(0.95, grows));
                const QString text =
                    tr("%1  %2 mm").arg(QChar::fromLatin1(h.letter)).arg(number(mm[side], 2));
                const QRectF at(side ? pane.right() + em(0.5) : pane.left() - em(6.5), middle - em(0.7),
                                em(6.2), em(1.4));
                p.drawText(side ? at : at.translated(em(0.1), 0),
                           (side ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter, text);
                last_text[side] = middle;
            }
            y[side] -= tall;
        }
        p.setPen(QPen(t.line, 1, Qt::DotLine)); // where it went
        p.drawLine(QPointF(x[0] + w, y[0]), QPointF(x[1], y[1]));
    }
    // What is printed by now.
    const double at = r.bottom() - printed_mm_ * scale;
    p.setPen(QPen(t.bad, 1.5, Qt::DashLine));
    p.drawLine(QPointF(x[0] - em(0.4), at), QPointF(x[1] + w + em(0.4), at));
    p.setFont(font_of(0.9));
    const QString text = tr("printed");
    const double tw = p.fontMetrics().horizontalAdvance(text) + em(0.4);
    const QRectF tag((x[0] + w + x[1]) / 2 - tw / 2, at - em(0.65), tw, em(1.3));
    p.fillRect(tag, t.panel);
    p.setPen(t.bad);
    p.drawText(tag, Qt::AlignCenter, text);
}

} // namespace vitrail

#include "moc_bands_view.cpp"
