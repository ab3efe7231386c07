#include "app/picture/core_view.h"

#include "app/theme/theme.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QPainter>

#include <algorithm>
#include <cmath>

namespace vitrail {

CoreView::CoreView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("core_view"));
    setAccessibleName(tr("The core at the pointer"));
    setMinimumSize(em(20), em(11));
}

QSize CoreView::sizeHint() const {
    return {em(24), em(16)};
}

const Filament* CoreView::filament(char letter) const {
    const auto it = std::find_if(filaments_.begin(), filaments_.end(),
                                 [&](const Filament& f) { return f.letter == letter; });
    return it == filaments_.end() ? nullptr : &*it;
}

void CoreView::show_core(DrillCore core, std::vector<Filament> filaments) {
    core_ = std::move(core);
    filaments_ = std::move(filaments);
    setAccessibleDescription(described());
    update();
}

void CoreView::show_nothing() {
    show_core({}, {});
}

QString CoreView::described() const {
    if (core_.stack.empty())
        return tr("Nothing is printed here.");
    QStringList bands;
    for (auto r = core_.stack.rbegin(); r != core_.stack.rend(); ++r)
        bands << tr("%n layer(s) of %1", nullptr, r->layers).arg(QChar::fromLatin1(r->filament));
    QString text = tr("From the top: %1. It becomes %2, asked is %3, ΔE %4.")
                       .arg(bands.join(QStringLiteral(", ")), QString::fromStdString(to_hex(core_.made)),
                            QString::fromStdString(to_hex(core_.asked)), number(core_.delta_e, 1));
    for (const DrillCore::Other& o : core_.others)
        text += QLatin1Char(' ') + tr("%1: ΔE %2.").arg(o.what, number(o.delta_e, 1));
    return text;
}

void CoreView::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (core_.stack.empty()) {
        p.setPen(t.quiet);
        p.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap, tr("Nothing is printed here."));
        return;
    }
    double mm = 0;
    int layers = 0;
    for (const FilamentRun& r : core_.stack)
        layers += r.layers;
    mm = core_.first_mm + (layers - 1) * core_.layer_mm;
    // The drill core at the left, as tall as there is room.
    const QRectF core(em(0.6), em(3), em(5.2), height() - em(6));
    const double per_mm = core.height() / mm;
    double y = core.bottom(), label_below = 1e9;
    int at = 0;
    QPen thin(t.lead, 1);
    for (const FilamentRun& r : core_.stack) {
        double thick = 0;
        for (int i = 0; i < r.layers; ++i)
            thick += at + i == 0 ? core_.first_mm : core_.layer_mm;
        const QRectF band(core.left(), y - thick * per_mm, core.width(), thick * per_mm);
        const Filament* f = filament(r.filament);
        if (f)
            paint_pane(p, band, *f);
        // A thin line for each layer, a lead between bands.
        QColor line = f ? ink_on(to_qcolor(f->colour)) : t.ink;
        line.setAlpha(60);
        p.setPen(QPen(line, 1));
        double ly = y;
        for (int i = 0; i + 1 < r.layers; ++i) {
            ly -= (at + i == 0 ? core_.first_mm : core_.layer_mm) * per_mm;
            p.drawLine(QPointF(band.left(), ly), QPointF(band.right(), ly));
        }
        p.setPen(QPen(t.lead, 2.4));
        p.drawLine(band.topLeft(), band.topRight());
        // Its name beside it, pushed up where bands are thin.
        const double label = std::min(band.center().y(), label_below - em(1.25));
        label_below = label;
        p.setPen(QPen(t.line, 1));
        p.drawLine(QPointF(band.right() + 2, band.center().y()), QPointF(band.right() + em(0.7), label));
        paint_badge(p, QRectF(band.right() + em(0.8), label - em(0.6), em(1.5), em(1.2)), r.filament,
                    f ? to_qcolor(f->colour) : t.line, font());
        p.setPen(t.ink);
        p.setFont(font_of(0.95));
        p.drawText(QRectF(band.right() + em(2.6), label - em(0.7), em(8), em(1.4)),
                   Qt::AlignVCenter | Qt::AlignLeft, tr("%1 × %2 mm").arg(r.layers).arg(number(thick, 2)));
        y = band.top();
        at += r.layers;
    }
    p.setPen(QPen(t.lead, 2));
    p.setBrush(Qt::NoBrush);
    p.drawRect(core);
    // The light: what goes in, and what comes back or through.
    const auto arrow = [&](QPointF from, QPointF to, const QColor& c, double w) {
        p.setPen(QPen(c, w, Qt::SolidLine, Qt::RoundCap));
        p.drawLine(from, to);
        const QPointF d = (to - from) / std::hypot((to - from).x(), (to - from).y()), n(-d.y(), d.x());
        p.setBrush(c);
        p.setPen(Qt::NoPen);
        p.drawPolygon(QPolygonF() << to + d * em(0.35) << to + n * em(0.35) << to - n * em(0.35));
        p.setBrush(Qt::NoBrush);
    };
    const double x0 = core.left() + em(1.4), x1 = core.right() - em(1.4);
    p.setFont(font_of(0.9));
    if (core_.lit) {
        arrow({core.center().x(), core.bottom() + em(1.6)}, {core.center().x(), core.bottom() + em(0.6)},
              t.accent, 3);
        arrow({core.center().x(), core.top() - em(0.3)}, {core.center().x(), core.top() - em(1.6)},
              to_qcolor(core_.made), 3);
        p.setPen(t.quiet);
        p.drawText(QRectF(core.left(), core.bottom() + em(1.7), em(12), em(1.3)), Qt::AlignLeft, tr("lamp"));
        p.drawText(QRectF(core.right() + em(0.8), em(0.6), em(14), em(1.3)), Qt::AlignLeft,
                   tr("lets through %1 %").arg(number(100 * core_.let_through, 0)));
    } else {
        const bool below = core_.face_down;
        const double near = below ? core.bottom() + em(0.4) : core.top() - em(0.4),
                     far = below ? core.bottom() + em(1.7) : core.top() - em(1.7);
        arrow({x0, far}, {x0, near}, t.accent, 3);
        arrow({x1, near}, {x1, far}, to_qcolor(core_.made), 3);
        p.setPen(t.quiet);
        p.drawText(QRectF(core.right() + em(0.8), below ? core.bottom() + em(0.6) : em(0.6), em(14), em(1.3)),
                   Qt::AlignLeft, tr("sends back %1 %").arg(number(100 * core_.sent_back, 0)));
        if (!below)
            p.drawText(QRectF(core.left(), core.bottom() + em(0.4), em(12), em(1.3)), Qt::AlignLeft,
                       tr("the bed"));
    }
    // The colour: asked and made, and below them what a layer more or less would make.
    const double left = core.right() + em(9.2), wide = std::max<double>(em(4), (width() - left - em(1)) / 2);
    const auto swatch = [&](int row, int column, const QString& name, Srgb c, const QString& note) {
        const QRectF r(left + column * (wide + em(0.4)), em(1.8) + row * em(3.7), wide, em(1.9));
        p.setPen(QPen(t.lead, 1.5));
        p.setBrush(to_qcolor(c));
        p.drawRect(r);
        p.setPen(ink_on(to_qcolor(c)));
        p.setFont(font_of(0.95, true));
        p.drawText(r, Qt::AlignCenter, note);
        p.setPen(t.quiet);
        p.setFont(font_of(0.9));
        p.drawText(QRectF(r.left(), r.top() - em(1.3), wide + em(0.4), em(1.25)),
                   Qt::AlignLeft | Qt::AlignBottom, name);
    };
    swatch(0, 0, tr("asked"), core_.asked, {});
    swatch(0, 1, tr("made"), core_.made, tr("ΔE %1").arg(number(core_.delta_e, 1)));
    for (std::size_t i = 0; i < core_.others.size(); ++i)
        swatch(1, static_cast<int>(i), core_.others[i].what, core_.others[i].colour,
               tr("ΔE %1").arg(number(core_.others[i].delta_e, 1)));
}

} // namespace vitrail

#include "moc_core_view.cpp"
