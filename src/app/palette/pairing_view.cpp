#include "app/palette/pairing_view.h"

#include "app/document/document.h"
#include "app/theme/theme.h"
#include "core/material/pairing.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include <cmath>
#include <numbers>

namespace vitrail {

PairingView::PairingView(Document* document, QWidget* parent) : QWidget(parent), document_(document) {
    setObjectName(QStringLiteral("pairing"));
    setAccessibleName(tr("Pairing of the project's filaments"));
    setFocusPolicy(Qt::StrongFocus);
    setToolTip(tr("Click a filament, or use the arrow keys, to see how it gets on with each other one."));
    connect(document, &Document::project_changed, this, [this] {
        if (chosen_ >= static_cast<int>(document_->project().filaments.size()))
            choose(-1);
        update();
        Q_EMIT chosen_changed();
    });
}

QSize PairingView::minimumSizeHint() const {
    return {em(15), em(13)};
}

std::vector<Filament> PairingView::filaments() const {
    return document_->project().filaments;
}

double PairingView::radius() const {
    return std::max(10.0, std::min(width() - em(3.0), height() - em(6.0)) / 2.0);
}

QPointF PairingView::place(int i, int n) const {
    const double a = 2 * std::numbers::pi * i / std::max(1, n) - std::numbers::pi / 2;
    return {width() / 2.0 + radius() * std::cos(a), em(1.6) + radius() * (1 + std::sin(a))};
}

void PairingView::choose(int filament) {
    if (filament == chosen_)
        return;
    chosen_ = filament;
    update();
    Q_EMIT chosen_changed();
}

QString PairingView::said() const {
    const std::vector<Filament> f = filaments();
    QStringList lines;
    for (int i = 0; i < static_cast<int>(f.size()); ++i)
        for (int j = i + 1; j < static_cast<int>(f.size()); ++j) {
            const Pairing pair = pair_up(f[i], f[j]);
            const bool wanted = chosen_ >= 0
                                    ? i == chosen_ || j == chosen_
                                    : pair.bond != Bond::holds || !pair.bed_meets() || !pair.nozzle_meets();
            if (wanted)
                lines << tr("%1 and %2 %3.")
                             .arg(QChar::fromLatin1(f[i].letter))
                             .arg(QChar::fromLatin1(f[j].letter))
                             .arg(words(describe(pair)));
        }
    if (f.size() < 2)
        return tr("With a second filament, this shows whether the two may be printed together.");
    // What else each asks for before it is loaded.
    for (int i = 0; i < static_cast<int>(f.size()); ++i) {
        if (chosen_ >= 0 && i != chosen_)
            continue;
        const Settings& s = document_->project().settings;
        if (const Message risk = sheet_risk(f[i].material, s.sheet, std::string(1, f[i].letter));
            !risk.empty() && !s.release_coat)
            lines << tr("%1 Use a release coat or another sheet.").arg(words(risk));
        const MaterialFacts& m = facts(f[i].material);
        if (chosen_ >= 0 || (m.draws_moisture && !f[i].kept_dry))
            lines << tr("%1: dry it %2 h at %3 °C before use, in a dryer, not in an oven used for food.")
                         .arg(QChar::fromLatin1(f[i].letter))
                         .arg(number(m.dry_h))
                         .arg(number(m.dry_c));
    }
    return lines.isEmpty() ? tr("All of them bond, and share nozzle and bed temperatures.")
                           : lines.join(QLatin1Char('\n'));
}

namespace {

void draw_spoke(QPainter& p, QPointF a, QPointF b, const Pairing& pair, bool faded) {
    const Theme& t = Theme::current();
    QColor c = pair.bond == Bond::holds ? t.good : pair.bond == Bond::releases ? t.bad : t.warn;
    if (faded)
        c.setAlphaF(0.28f);
    const QPointF d = b - a;
    const double l = std::hypot(d.x(), d.y());
    if (l < 1)
        return;
    const QPointF u = d / l, n(-u.y(), u.x()), m = (a + b) / 2;
    const double inset = em(0.95);
    a += u * inset;
    b -= u * inset;
    p.setBrush(Qt::NoBrush);
    if (pair.bond == Bond::holds) {
        p.setPen(QPen(c, pair.same_class ? 2.2 : 3.4));
        p.drawLine(a, b);
        // The weld: filled when it is proven, open when it is an opinion.
        p.setBrush(pair.proven ? QBrush(c) : QBrush(t.field));
        p.setPen(QPen(c, 1.8));
        p.drawEllipse(m, em(0.26), em(0.26));
    } else if (pair.bond == Bond::releases) {
        const double gap = std::min(em(0.55) * 1.0, l / 5);
        p.setPen(QPen(c, 3, pair.proven ? Qt::SolidLine : Qt::DashLine));
        p.drawLine(a, m - u * gap);
        p.drawLine(m + u * gap, b);
        p.setPen(QPen(c, 3));
        for (const double side : {-1.0, 1.0})
            p.drawLine(m + u * (side * gap) - n * em(0.45), m + u * (side * gap) + n * em(0.45));
    } else {
        p.setPen(QPen(c, 2, Qt::DotLine));
        p.drawLine(a, b);
        p.setPen(c);
        p.setFont(font_of(0.95, true));
        p.setBrush(t.field);
        const QRectF r(m.x() - em(0.55), m.y() - em(0.6), em(1.1), em(1.2));
        p.setPen(QPen(c, 1.2));
        p.drawEllipse(r);
        p.drawText(r, Qt::AlignCenter, QStringLiteral("?"));
    }
}

} // namespace

void PairingView::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const std::vector<Filament> f = filaments();
    const int n = static_cast<int>(f.size());
    if (n == 0) {
        p.setPen(t.quiet);
        p.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap, tr("The project has no filaments yet."));
        return;
    }
    // A faint pane behind, as of a rose window.
    p.setPen(QPen(t.lead, 2));
    p.setBrush(t.field);
    p.drawEllipse(QPointF(width() / 2.0, em(1.6) + radius()), radius(), radius());
    for (const bool front : {false, true})
        for (int i = 0; i < n; ++i)
            for (int j = i + 1; j < n; ++j) {
                const bool mine = i == chosen_ || j == chosen_;
                if (mine == front || (chosen_ < 0 && front))
                    draw_spoke(p, place(i, n), place(j, n), pair_up(f[i], f[j]), chosen_ >= 0 && !mine);
            }
    for (int i = 0; i < n; ++i) {
        const double s = em(i == chosen_ ? 2.0 : 1.7);
        const QPointF at = place(i, n);
        paint_badge(p, QRectF(at.x() - s / 2, at.y() - s / 2, s, s), f[i].letter, to_qcolor(f[i].colour),
                    font());
        if (i == chosen_) {
            p.setPen(QPen(t.accent, 2));
            p.setBrush(Qt::NoBrush);
            p.drawEllipse(at, s * 0.62, s * 0.62);
        }
    }
    if (hasFocus()) {
        p.setPen(QPen(t.accent, 1.2));
        p.setBrush(Qt::NoBrush);
        p.drawRect(rect().adjusted(1, 1, -2, -2));
    }
    // What the three kinds of lead mean.
    p.setFont(font_of(0.9));
    const struct {
        Pairing pair;
        QString word;
    } kinds[] = {{{Bond::holds, true, false, {}, {}}, tr("bond")},
                 {{Bond::releases, true, false, {}, {}}, tr("come apart")},
                 {{Bond::experimental, false, false, {}, {}}, tr("untried")}};
    double x = em(0.2);
    const double y = height() - em(0.9);
    for (const auto& k : kinds) {
        draw_spoke(p, QPointF(x - em(0.95), y), QPointF(x + em(2.45), y), k.pair, false);
        p.setFont(font_of(0.9));
        p.setPen(t.ink);
        const int w = p.fontMetrics().horizontalAdvance(k.word);
        p.drawText(QRectF(x + em(1.7), y - em(0.7), w + 2, em(1.4)), Qt::AlignVCenter, k.word);
        x += em(2.15) + w;
    }
}

void PairingView::mousePressEvent(QMouseEvent* e) {
    const int n = static_cast<int>(filaments().size());
    int hit = -1;
    for (int i = 0; i < n; ++i)
        if (const QPointF d = e->position() - place(i, n); std::hypot(d.x(), d.y()) < em(1.2))
            hit = i;
    choose(hit == chosen_ ? -1 : hit);
}

void PairingView::keyPressEvent(QKeyEvent* e) {
    const int n = static_cast<int>(filaments().size());
    if (n && (e->key() == Qt::Key_Right || e->key() == Qt::Key_Down))
        choose((chosen_ + 1) % n);
    else if (n && (e->key() == Qt::Key_Left || e->key() == Qt::Key_Up))
        choose((std::max(0, chosen_) + n - 1) % n);
    else if (e->key() == Qt::Key_Escape)
        choose(-1);
    else
        QWidget::keyPressEvent(e);
}

WindowsView::WindowsView(Document* document, QWidget* parent) : QWidget(parent), document_(document) {
    setObjectName(QStringLiteral("windows"));
    setAccessibleName(tr("Nozzle and bed temperatures of the project's filaments"));
    connect(document, &Document::project_changed, this, [this] { update(); });
}

QSize WindowsView::minimumSizeHint() const {
    return {em(18), em(11)};
}

void WindowsView::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const std::vector<Filament>& f = document_->project().filaments;
    if (f.empty())
        return;
    const int n = static_cast<int>(f.size());
    const double left = em(2.0), gap = em(1.6), wide = (width() - left - gap - em(0.6)) / 2;
    const double top = em(3.0), row = std::min<double>(em(1.7), (height() - top - em(1.6)) / n);
    const struct {
        QString name;
        Range Filament::*range;
        double x;
    } axes[] = {{tr("nozzle °C"), &Filament::nozzle_c, left},
                {tr("bed °C"), &Filament::bed_c, left + wide + gap}};
    for (const auto& axis : axes) {
        Range all{1e9, -1e9}, shared{-1e9, 1e9};
        for (const Filament& x : f) {
            const Range r = x.*axis.range;
            all = {std::min(all.low, r.low), std::max(all.high, r.high)};
            shared = common(shared, r);
        }
        const double low = all.low - 8, span = std::max(1.0, all.high + 8 - low);
        const auto at = [&](double c) { return axis.x + wide * (c - low) / span; };
        p.setFont(font_of(0.95, true));
        p.setPen(t.ink);
        p.drawText(QRectF(axis.x, 0, wide, em(1.3)), Qt::AlignLeft | Qt::AlignVCenter, axis.name);
        const bool meet = shared.low <= shared.high;
        p.setFont(font_of(0.92));
        p.setPen(meet ? t.good : t.bad);
        p.drawText(QRectF(axis.x, em(1.3), wide, em(1.3)), Qt::AlignLeft | Qt::AlignVCenter,
                   meet ? tr("✓ %1–%2 suits all").arg(number(shared.low)).arg(number(shared.high))
                        : tr("✕ nothing suits all"));
        if (meet) {
            QColor c = t.good;
            c.setAlphaF(0.22f);
            p.fillRect(QRectF(at(shared.low), top - em(0.2), std::max(2.0, at(shared.high) - at(shared.low)),
                              row * n + em(0.3)),
                       c);
        }
        for (int i = 0; i < n; ++i) {
            const Range r = f[static_cast<std::size_t>(i)].*axis.range;
            const QRectF bar(at(r.low), top + row * i + row * 0.18, at(r.high) - at(r.low), row * 0.64);
            const QColor c = to_qcolor(f[static_cast<std::size_t>(i)].colour);
            p.fillRect(bar, c);
            p.fillRect(bar, hatch_brush(f[static_cast<std::size_t>(i)].letter, c, 7));
            p.setPen(QPen(t.lead, 1.4));
            p.drawRect(bar);
            p.setPen(t.quiet);
            p.setFont(font_of(0.85));
        }
        p.setPen(t.quiet);
        p.setFont(font_of(0.88));
        const double base = top + row * n + em(0.15);
        p.drawLine(QPointF(axis.x, base), QPointF(axis.x + wide, base));
        const double step = span > 120 ? 50 : span > 50 ? 20 : 10;
        for (double c = std::ceil(low / step) * step; c <= low + span; c += step) {
            p.drawLine(QPointF(at(c), base), QPointF(at(c), base + 3));
            p.drawText(QRectF(at(c) - em(2), base + 2, em(4), em(1.2)), Qt::AlignHCenter | Qt::AlignTop,
                       number(c));
        }
    }
    for (int i = 0; i < n; ++i) {
        const double s = std::min<double>(em(1.4), row * 0.95);
        paint_badge(p, QRectF(0, top + row * i + (row - s) / 2, s, s), f[static_cast<std::size_t>(i)].letter,
                    to_qcolor(f[static_cast<std::size_t>(i)].colour), font());
    }
}

} // namespace vitrail

#include "moc_pairing_view.cpp"
