#include "app/ribbon/ribbon.h"

#include "app/document/document.h"
#include "app/document/view_state.h"
#include "app/theme/theme.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>

#include <algorithm>
#include <cmath>
#include <utility>

namespace vitrail {

Ribbon::Ribbon(Document* document, ViewState* view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view) {
    setObjectName(QStringLiteral("ribbon"));
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setAccessibleName(tr("Ribbon: layers of the print"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    const auto redraw = [this] {
        stale_ = true;
        update();
    };
    connect(document, &Document::plan_changed, this, redraw);
    connect(document, &Document::plan_changed, this, &Ribbon::tell);
    connect(view, &ViewState::layer_changed, this, [this] {
        tell();
        update();
    });
    connect(view, &ViewState::range_changed, this, [this] { update(); });
    connect(view, &ViewState::selection_changed, this, [this] { update(); });
    tell();
}

QSize Ribbon::sizeHint() const {
    return {em(40), em(11)};
}

QSize Ribbon::minimumSizeHint() const {
    return {em(20), em(9)};
}

void Ribbon::changeEvent(QEvent* e) {
    if (e->type() == QEvent::PaletteChange || e->type() == QEvent::FontChange ||
        e->type() == QEvent::StyleChange)
        stale_ = true;
    QWidget::changeEvent(e);
}

std::vector<int> Ribbon::lanes() const {
    const auto plan = document_->plan();
    std::vector<int> order;
    if (!plan)
        return order;
    for (int f = 0; f < plan->filaments; ++f)
        if (plan->use[f].printed_mm3() > 0)
            order.push_back(f);
    std::stable_sort(order.begin(), order.end(),
                     [&](int a, int b) { return plan->loading.nozzle[a] < plan->loading.nozzle[b]; });
    return order;
}

QRect Ribbon::lanes_rect() const {
    const int top = em(0.9), bottom = height() - em(3.9);
    // Where there are several nozzles their names need room beside the letters.
    const int left = em(document_->planned_project().machine.nozzles.size() > 1 ? 11 : 8);
    return {left, top, width() - left - em(1.2), std::max(em(2), bottom - top)};
}

QRect Ribbon::skyline_rect() const {
    const QRect l = lanes_rect();
    return {l.left(), l.bottom() + em(0.35), l.width(), height() - l.bottom() - em(0.35) - em(1.35)};
}

double Ribbon::x_of(int layer) const {
    const QRect l = lanes_rect();
    const auto plan = document_->plan();
    const int count = plan ? plan->grid.count : 1;
    return l.left() + double(layer - 1) * l.width() / count;
}

int Ribbon::layer_at(double x) const {
    const QRect l = lanes_rect();
    const auto plan = document_->plan();
    const int count = plan ? plan->grid.count : 1;
    return std::clamp(static_cast<int>((x - l.left()) * count / std::max(1, l.width())) + 1, 1, count);
}

void Ribbon::draw(QPainter& p) {
    const Theme& t = Theme::current();
    const auto plan = document_->plan();
    const Project& project = document_->planned_project();
    p.setRenderHint(QPainter::Antialiasing, false);
    p.setFont(font_of(1, true));
    p.setPen(t.ink);
    p.drawText(QRect(em(1), em(0.6), em(6), em(1.4)), Qt::AlignLeft, tr("Ribbon"));
    if (!plan) {
        p.setFont(font_of(1));
        p.setPen(t.quiet);
        p.drawText(lanes_rect(), Qt::AlignCenter,
                   tr("The layers of the print will run from left to right here."));
        return;
    }
    const std::vector<int> order = lanes();
    const QRect all = lanes_rect();
    const int n = std::max<int>(1, static_cast<int>(order.size()));
    const double pitch = double(all.height()) / n;
    const double lane = std::min(pitch - 3, double(em(2.2)));
    std::vector<double> y(plan->filaments, 0);
    for (int i = 0; i < static_cast<int>(order.size()); ++i) {
        y[order[i]] = all.top() + i * pitch;
        p.fillRect(QRectF(all.left(), y[order[i]], all.width(), lane),
                   t.dark ? t.panel.lighter(125) : t.panel.darker(105));
    }
    draw_nights(p);
    // Runs of layers in which a filament is printed, one pane each.
    for (const int f : order) {
        const Filament& filament = project.filaments[f];
        p.setBrushOrigin(all.left(), static_cast<int>(y[f]));
        int from = 0;
        for (int l = 1; l <= plan->grid.count + 1; ++l) {
            bool here = false;
            if (l <= plan->grid.count)
                for (const std::uint8_t g : plan->sequence.layer(l - 1))
                    here |= g == f;
            if (here && !from)
                from = l;
            if (!here && from) {
                // At least a pixel wide, so that no layer is lost.
                const double x0 = x_of(from), x1 = std::max(x_of(l), x0 + 1);
                const QRectF pane(x0, y[f], x1 - x0, lane);
                paint_pane(p, pane, filament);
                p.setPen(t.lead);
                p.setBrush(Qt::NoBrush);
                p.drawRect(pane);
                from = 0;
            }
        }
    }
    // Lead lines from the old lane to the new one.
    const double per_layer = double(all.width()) / plan->grid.count;
    const auto place_of = [&](const Change& c) {
        return x_of(c.layer) + (c.within_layer ? per_layer / 2 : 0);
    };
    for (std::size_t i = 0; i < plan->changes.size(); ++i) {
        const Change& c = plan->changes[i];
        const double x = place_of(c);
        // As wide as the neighbours leave room for, so that the panes between crowded leads still show.
        const double before = i > 0 ? x - place_of(plan->changes[i - 1]) : 1e9;
        const double after = i + 1 < plan->changes.size() ? place_of(plan->changes[i + 1]) - x : 1e9;
        const double w = std::clamp(0.45 * std::min(before, after), 1.0, 3.4);
        const double top = std::min(y[c.from], y[c.to]) - 1, bottom = std::max(y[c.from], y[c.to]) + lane + 1;
        p.fillRect(QRectF(x - w / 2, top, w, bottom - top), t.lead);
        if (c.kind == ChangeKind::hand) {
            p.setRenderHint(QPainter::Antialiasing);
            const double m = em(0.28);
            p.setBrush(t.accent);
            p.setPen(QPen(t.lead, 1));
            p.drawEllipse(QPointF(x, all.top() - em(0.38)), m, m);
            p.setRenderHint(QPainter::Antialiasing, false);
        }
    }
    // Names of the lanes; where these are thin, side by side, so that letters stay readable.
    int nozzle = -1;
    const int columns = std::clamp(static_cast<int>(std::ceil(em(1.4) / std::max(1.0, pitch))), 1, 3);
    for (std::size_t i = 0; i < order.size(); ++i) {
        const int f = order[i];
        const double size = std::min<double>(columns * pitch, em(1.5)),
                     back = em(2) + static_cast<int>(i) % columns * em(1.4);
        paint_badge(p, QRectF(all.left() - back, y[f] + (lane - size) / 2, em(1.5), size),
                    project.filaments[f].letter, to_qcolor(project.filaments[f].colour), font());
        if (project.machine.nozzles.size() > 1 && plan->loading.nozzle[f] != nozzle) {
            nozzle = plan->loading.nozzle[f];
            p.setFont(font_of(0.9));
            p.setPen(t.quiet);
            p.drawText(QRectF(all.left() - em(6) - (columns - 1) * em(1.4), y[f] + (lane - em(1.2)) / 2,
                              em(3.8), em(1.2)),
                       Qt::AlignVCenter | Qt::AlignRight, tr("nozzle %1").arg(nozzle + 1));
        }
    }
    if (clock_)
        return draw_clock(p);
    if (!file_.empty())
        draw_file(p);
    else if (cuts_.empty())
        draw_skyline(p);
    draw_scale(p);
}

/// What a screen reader says of it: the layer at the cursor, the visits, and what the keys do.
void Ribbon::tell() {
    QStringList says;
    if (const auto plan = document_->plan(); plan && plan->grid.count > 0)
        says << describe(std::clamp(view_->layer(), 1, plan->grid.count));
    if (clock_) {
        QStringList posts;
        for (const RibbonClock::Post& post : clock_->posts)
            posts << post.says;
        says << tr("On the clock. Visits: %1")
                    .arg(posts.isEmpty() ? tr("none") : posts.join(QStringLiteral("; ")));
    }
    says << (cuts_.empty() ? tr("Arrow keys move the cursor layer; with Shift they choose a range of layers.")
                           : tr("Arrow keys move the cursor layer; with Alt they move the lead line that is "
                                "nearest to it, which cuts the picture's bands."));
    setAccessibleDescription(says.join(QLatin1Char('\n')));
}

void Ribbon::set_cuts(std::vector<int> cuts, std::vector<double> ends) {
    if (cuts == cuts_ && ends == ends_)
        return;
    if (cuts.empty() != cuts_.empty())
        stale_ = true; // the purge comes or goes
    cuts_ = std::move(cuts);
    ends_ = std::move(ends);
    tell();
    update();
}

void Ribbon::set_clock(std::optional<RibbonClock> clock) {
    if (!clock && !clock_)
        return;
    clock_ = std::move(clock);
    stale_ = true;
    tell();
    update();
}

void Ribbon::set_file(RibbonFile file) {
    if (file == file_)
        return;
    file_ = std::move(file);
    stale_ = true;
    update();
}

double Ribbon::x_at(double layers) const {
    const QRect l = lanes_rect();
    const auto plan = document_->plan();
    return l.left() + layers * l.width() / std::max(1, plan ? plan->grid.count : 1);
}

void Ribbon::draw_nights(QPainter& p) {
    if (!clock_)
        return;
    const QRect lanes = lanes_rect(), sky = skyline_rect();
    QColor night = Theme::current().lead;
    night.setAlphaF(Theme::current().dark ? 0.6f : 0.22f);
    for (const RibbonClock::Span& n : clock_->nights) {
        const QRectF r(x_at(n.from), lanes.top() - 2, x_at(n.to) - x_at(n.from),
                       sky.bottom() - lanes.top() + 4);
        p.fillRect(r, night);
        if (r.width() > em(4)) {
            p.setFont(font_of(0.9));
            p.setPen(Theme::current().quiet);
            p.drawText(r.adjusted(em(0.3), 0, 0, -em(0.1)), Qt::AlignLeft | Qt::AlignBottom, tr("night"));
        }
    }
}

/// Visits as posts with their windows, hours below.
void Ribbon::draw_clock(QPainter& p) {
    const Theme& t = Theme::current();
    const QRect r = skyline_rect();
    p.setFont(font_of(0.9));
    p.setPen(t.quiet);
    p.drawText(QRect(em(1), r.top(), r.left() - em(1.5), r.height()), Qt::AlignLeft | Qt::AlignVCenter,
               tr("come"));
    p.setPen(t.line);
    p.drawLine(r.bottomLeft(), r.bottomRight());
    double last = -1e9;
    for (const RibbonClock::Hour& h : clock_->hours) {
        const double x = x_at(h.at), w = p.fontMetrics().horizontalAdvance(h.text);
        p.setPen(t.quiet);
        p.drawLine(QPointF(x, r.bottom() + 1), QPointF(x, r.bottom() + em(0.25)));
        if (x - w / 2 < last + em(0.6))
            continue;
        const double left = std::min(x - w / 2, double(width()) - w - 2);
        p.drawText(QRectF(left, r.bottom() + em(0.25), w + 2, em(1.1)), Qt::AlignLeft | Qt::AlignTop, h.text);
        last = left + w;
    }
    p.setRenderHint(QPainter::Antialiasing);
    const double side = std::min<double>(r.height() - 2, em(1.5)), y = r.center().y() + 0.5;
    for (const RibbonClock::Post& post : clock_->posts) {
        const double x0 = x_at(post.from), x1 = x_at(post.to);
        p.setPen(QPen(post.night ? t.bad : t.accent, 2));
        p.drawLine(QPointF(x1, lanes_rect().top() - 2), QPointF(x1, r.bottom()));
        QColor fill = post.night ? t.bad : t.accent;
        fill.setAlpha(70);
        if (x1 - x0 > 2)
            p.fillRect(QRectF(x0, y - side / 4, x1 - x0, side / 2), fill);
        paint_badge(
            p,
            QRectF(std::clamp(x0 - side / 2, double(r.left()), r.right() - side), y - side / 2, side, side),
            post.letter.isEmpty() ? ' ' : post.letter.at(0).toLatin1(), post.colour, font());
    }
    p.setRenderHint(QPainter::Antialiasing, false);
}

/// What the file prints, in panes, and a mark where that is not the plan.
void Ribbon::draw_file(QPainter& p) {
    const Theme& t = Theme::current();
    const auto plan = document_->plan();
    const Project& project = document_->planned_project();
    const QRect r = skyline_rect();
    p.setFont(font_of(0.9));
    p.setPen(t.quiet);
    p.drawText(QRect(em(1), r.top(), r.left() - em(1.5), r.height()), Qt::AlignLeft | Qt::AlignVCenter,
               tr("the file"));
    const auto here = [&](int l) {
        return l <= static_cast<int>(file_.size()) ? file_[static_cast<std::size_t>(l) - 1]
                                                   : std::vector<int>{};
    };
    const auto planned = [&](int l) {
        std::vector<int> f;
        for (const std::uint8_t g : plan->sequence.layer(l - 1))
            f.push_back(g);
        return f;
    };
    const double lane = r.height() - em(0.45);
    for (int l = 1; l <= plan->grid.count;) {
        const std::vector<int> now = here(l);
        int end = l;
        while (end <= plan->grid.count && here(end) == now)
            ++end;
        const double x0 = x_of(l), x1 = std::max(x_of(end), x0 + 1);
        for (std::size_t i = 0; i < now.size(); ++i)
            if (now[i] >= 0 && now[i] < static_cast<int>(project.filaments.size()))
                paint_pane(p,
                           QRectF(x0,
                                  r.top() + lane * static_cast<double>(i) / static_cast<double>(now.size()),
                                  x1 - x0, lane / static_cast<double>(now.size())),
                           project.filaments[static_cast<std::size_t>(now[i])]);
        p.setPen(t.lead);
        p.setBrush(Qt::NoBrush);
        p.drawRect(QRectF(x0, r.top(), x1 - x0, lane));
        l = end;
    }
    for (int l = 1; l <= plan->grid.count; ++l) {
        std::vector<int> a = here(l), b = planned(l);
        std::sort(a.begin(), a.end());
        std::sort(b.begin(), b.end());
        if (a != b)
            p.fillRect(QRectF(x_of(l), r.top() + lane + 1, std::max(2.0, x_of(l + 1) - x_of(l)), em(0.35)),
                       t.bad);
    }
}

int Ribbon::cut_at(double x) const {
    int best = -1;
    double nearest = em(0.6);
    for (std::size_t i = 0; i < cuts_.size(); ++i)
        if (const double off = std::abs(x_of(cuts_[i] + 1) - x); off < nearest)
            nearest = off, best = static_cast<int>(i);
    return best;
}

/// How much of a picture ends in each layer, by column.
void Ribbon::draw_ends(QPainter& p) {
    const Theme& t = Theme::current();
    const QRect r = skyline_rect();
    double most = 0;
    for (const double e : ends_)
        most = std::max(most, e);
    if (most <= 0)
        return;
    p.setFont(font_of(0.9));
    p.setPen(t.quiet);
    p.drawText(QRect(em(1), r.top(), r.left() - em(1.5), r.height()), Qt::AlignLeft | Qt::AlignBottom,
               tr("ends in layer"));
    p.drawText(QRect(em(1), r.top() - em(0.2), r.left() - em(1.5), em(1.2)), Qt::AlignRight | Qt::AlignTop,
               tr("%1 %").arg(number(100 * most, 0)));
    p.setPen(QPen(t.line, 1, Qt::DotLine));
    p.drawLine(r.left(), r.top(), r.right(), r.top());
    for (std::size_t l = 1; l < ends_.size(); ++l)
        if (ends_[l] > 0) {
            const double h = std::max(1.0, r.height() * ends_[l] / most), x = x_of(static_cast<int>(l));
            p.fillRect(
                QRectF(x + 0.5, r.bottom() + 1 - h, std::max(1.5, x_of(static_cast<int>(l) + 1) - x - 1), h),
                t.quiet);
        }
}

/// Knobs on the leads that can be dragged.
void Ribbon::draw_cuts(QPainter& p) {
    const Theme& t = Theme::current();
    const QRect lanes = lanes_rect();
    p.setRenderHint(QPainter::Antialiasing);
    for (std::size_t i = 0; i < cuts_.size(); ++i) {
        const double x = x_of(cuts_[i] + 1);
        const bool held = static_cast<int>(i) == dragged_cut_;
        p.setPen(QPen(held ? t.accent : t.lead, held ? 3 : 2));
        p.drawLine(QPointF(x, lanes.top() - em(0.2)), QPointF(x, lanes.bottom() + em(0.2)));
        p.setPen(QPen(t.panel, 1.2));
        p.setBrush(t.accent);
        const double m = held ? em(0.55) : em(0.42), y = lanes.bottom() + em(0.15);
        p.drawRoundedRect(QRectF(x - m, y - m, 2 * m, 2 * m), 3, 3);
        p.setPen(QPen(t.panel, 1.2));
        p.drawLine(QPointF(x - m / 3, y - m / 2), QPointF(x - m / 3, y + m / 2));
        p.drawLine(QPointF(x + m / 3, y - m / 2), QPointF(x + m / 3, y + m / 2));
    }
    p.setRenderHint(QPainter::Antialiasing, false);
}

/// Grams of purge by column: where several layers share a pixel the tallest is shown, so that no peak is
/// lost.
void Ribbon::draw_skyline(QPainter& p) {
    const Theme& t = Theme::current();
    const auto plan = document_->plan();
    const QRect r = skyline_rect();
    double most = 0;
    for (const LayerCost& c : plan->layers)
        most = std::max(most, c.purge_g);
    p.setPen(t.line);
    p.drawLine(r.bottomLeft(), r.bottomRight());
    p.setFont(font_of(0.9));
    p.setPen(t.quiet);
    p.drawText(QRect(em(1), r.top(), r.left() - em(1.5), r.height()), Qt::AlignLeft | Qt::AlignBottom,
               tr("purge by layer"));
    if (most <= 0) {
        p.drawText(r.adjusted(em(0.5), 0, 0, 0), Qt::AlignVCenter | Qt::AlignLeft, tr("nothing is purged"));
        return;
    }
    p.drawText(QRect(em(1), r.top() - em(0.2), r.left() - em(1.5), em(1.2)), Qt::AlignRight | Qt::AlignTop,
               tr("%1 g").arg(number(most, 2)));
    p.setPen(QPen(t.line, 1, Qt::DotLine));
    p.drawLine(r.left(), r.top(), r.right(), r.top());
    const double bar = std::max(1.5, double(r.width()) / plan->grid.count - 0.6);
    for (int l = 1; l <= plan->grid.count; ++l)
        if (const double g = plan->layers[l - 1].purge_g; g > 0) {
            const double h = std::max(1.5, r.height() * g / most);
            p.fillRect(QRectF(x_of(l), r.bottom() + 1 - h, std::min<double>(bar, em(0.9)), h), t.accent);
        }
}

void Ribbon::draw_scale(QPainter& p) {
    const Theme& t = Theme::current();
    const auto plan = document_->plan();
    const QRect r = skyline_rect();
    const double per_layer = double(r.width()) / plan->grid.count;
    int step = 1;
    for (const int s : {1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000, 10000})
        if ((step = s) * per_layer > em(4.5))
            break;
    p.setFont(font_of(0.9));
    for (int l = 1; l <= plan->grid.count; l = l == 1 && step > 1 ? step : l + step) {
        const double x = x_of(l) + per_layer / 2;
        if (l == plan->grid.count || (l > 1 && x > x_of(plan->grid.count) - em(2.2)))
            break;
        p.setPen(t.line);
        p.drawLine(QPointF(x, r.bottom() + 1), QPointF(x, r.bottom() + em(0.25)));
        p.setPen(t.quiet);
        p.drawText(QRectF(x - em(3), r.bottom() + em(0.25), em(6), em(1.1)), Qt::AlignHCenter | Qt::AlignTop,
                   QString::number(l));
    }
    const double x = x_of(plan->grid.count) + per_layer / 2;
    p.setPen(t.quiet);
    p.drawText(QRectF(x - em(6), r.bottom() + em(0.25), em(6) + em(0.8), em(1.1)),
               Qt::AlignRight | Qt::AlignTop, QString::number(plan->grid.count));
}

void Ribbon::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    if (stale_ || drawn_.size() != size() * devicePixelRatioF()) {
        drawn_ = QPixmap(size() * devicePixelRatioF());
        drawn_.setDevicePixelRatio(devicePixelRatioF());
        drawn_.fill(t.panel);
        QPainter p(&drawn_);
        draw(p);
        stale_ = false;
    }
    QPainter p(this);
    p.drawPixmap(0, 0, drawn_);
    p.fillRect(QRect(0, 0, width(), 2), t.lead);
    const auto plan = document_->plan();
    if (!plan)
        return;
    const QRect lanes = lanes_rect(), sky = skyline_rect();
    const double per_layer = double(lanes.width()) / plan->grid.count;
    if (const auto [from, to] = view_->range(); from) {
        QColor c = t.accent;
        c.setAlpha(60);
        const QRectF r(x_of(from), lanes.top() - 2, (to - from + 1) * per_layer, lanes.height() + 4);
        p.fillRect(r, c);
        p.setPen(QPen(t.accent, 1.5));
        p.drawRect(r);
        // What can be done with it, beside it where there is room.
        p.setFont(font_of(0.95, true));
        const QString hint = view_->parts().empty()
                                 ? tr("layers %1–%2: select a part, then press a letter").arg(from).arg(to)
                                 : tr("layers %1–%2: press a letter").arg(from).arg(to);
        const double w = p.fontMetrics().horizontalAdvance(hint) + em(0.8);
        const double at = std::clamp(r.center().x() - w / 2, double(lanes.left()), lanes.right() - w);
        const QRectF tag(at, r.bottom() - em(1.5), w, em(1.4));
        p.fillRect(tag, t.panel);
        p.setPen(t.ink);
        p.drawText(tag, Qt::AlignCenter, hint);
    }
    if (!cuts_.empty()) {
        draw_ends(p);
        draw_cuts(p);
    }
    if (clock_ && clock_->now >= 0) {
        const double now = x_at(clock_->now);
        p.setPen(QPen(t.bad, 2));
        p.drawLine(QPointF(now, lanes.top() - em(0.5)), QPointF(now, sky.bottom()));
        p.setFont(font_of(0.95, true));
        const double w = p.fontMetrics().horizontalAdvance(clock_->now_text) + em(0.6);
        const QRectF tag(std::clamp(now + 3, double(lanes.left()), width() - w - 2), lanes.top() - em(0.6), w,
                         em(1.35));
        p.fillRect(tag, t.panel);
        p.drawText(tag, Qt::AlignCenter, clock_->now_text);
    }
    p.setRenderHint(QPainter::Antialiasing);
    const double x = x_of(view_->layer()) + per_layer / 2;
    p.setPen(QPen(t.dark ? QColor(Qt::white) : t.lead, 2));
    p.drawLine(QPointF(x, lanes.top() - 2), QPointF(x, sky.bottom()));
    p.setBrush(t.ink);
    p.setPen(QPen(t.panel, 1));
    const double m = em(0.42);
    p.drawPolygon(QPolygonF() << QPointF(x - m, 3) << QPointF(x + m, 3) << QPointF(x, 3 + 1.4 * m));
    p.setFont(font_of(0.95));
    p.setPen(t.quiet);
    p.drawText(QRect(em(1), em(1.9), em(5), em(1.3)), Qt::AlignLeft, tr("layer %1").arg(view_->layer()));
    p.drawText(QRect(em(1), em(3.1), em(5), em(1.3)), Qt::AlignLeft,
               tr("%1 mm").arg(number(plan->grid.top_mm(view_->layer()), 2)));
    if (hasFocus()) {
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(t.accent, 1));
        p.drawRect(rect().adjusted(0, 2, -1, -1));
    }
}

QString Ribbon::describe(int layer) const {
    const auto plan = document_->plan();
    const Project& project = document_->planned_project();
    QString order;
    for (const std::uint8_t f : plan->sequence.layer(layer - 1))
        order +=
            (order.isEmpty() ? QString() : tr(" then ")) + QChar::fromLatin1(project.filaments[f].letter);
    QString s = tr("Layer %1, %2 to %3 mm: %4")
                    .arg(layer)
                    .arg(number(plan->grid.bottom_mm(layer), 2))
                    .arg(number(plan->grid.top_mm(layer), 2))
                    .arg(order);
    const LayerCost& c = plan->layers[layer - 1];
    if (c.purge_g > 0)
        s += tr("\nPurge %1 g (%2 mm³), changes take %3 s")
                 .arg(number(c.purge_g, 2))
                 .arg(number(c.purge_mm3, 0))
                 .arg(number(c.change_s, 0));
    return s;
}

bool Ribbon::event(QEvent* e) {
    if (e->type() == QEvent::ToolTip && document_->plan()) {
        auto* help = static_cast<QHelpEvent*>(e);
        QToolTip::showText(help->globalPos(), describe(layer_at(help->pos().x())), this);
        return true;
    }
    return QWidget::event(e);
}

void Ribbon::move_cursor(int layer) {
    if (const auto plan = document_->plan())
        view_->set_layer(std::clamp(layer, 1, plan->grid.count));
}

void Ribbon::mousePressEvent(QMouseEvent* e) {
    if (e->button() != Qt::LeftButton || !document_->plan())
        return;
    pressed_layer_ = layer_at(e->position().x());
    if (dragged_cut_ = cut_at(e->position().x()); dragged_cut_ >= 0) {
        drag_ = Drag::cut;
        return update();
    }
    drag_ = lanes_rect().adjusted(0, -4, 0, 4).contains(e->pos()) ? Drag::range : Drag::cursor;
    if (drag_ == Drag::range)
        view_->set_range(0, 0);
    move_cursor(pressed_layer_);
}

void Ribbon::mouseMoveEvent(QMouseEvent* e) {
    if (drag_ == Drag::none) {
        setCursor(cut_at(e->position().x()) >= 0 ? Qt::SplitHCursor : Qt::ArrowCursor);
        return;
    }
    const int layer = layer_at(e->position().x());
    if (drag_ == Drag::cut) { // to the layer whose top is nearest
        const double half = (x_of(2) - x_of(1)) / 2;
        Q_EMIT cut_dragged(dragged_cut_, layer_at(e->position().x() + half) - 1);
        return;
    }
    if (drag_ == Drag::range && (layer != pressed_layer_ || view_->range().first))
        view_->set_range(std::min(layer, pressed_layer_), std::max(layer, pressed_layer_));
    move_cursor(layer);
}

void Ribbon::mouseReleaseEvent(QMouseEvent*) {
    if (std::exchange(drag_, Drag::none) == Drag::cut) {
        dragged_cut_ = -1;
        Q_EMIT cut_dropped();
        update();
    }
}

void Ribbon::keyPressEvent(QKeyEvent* e) {
    const auto plan = document_->plan();
    if (!plan)
        return QWidget::keyPressEvent(e);
    const int before = view_->layer();
    int to = before;
    if (!cuts_.empty() && e->modifiers() & Qt::AltModifier &&
        (e->key() == Qt::Key_Left || e->key() == Qt::Key_Right)) {
        int nearest = 0;
        for (std::size_t i = 0; i < cuts_.size(); ++i)
            if (std::abs(cuts_[i] + 0.5 - before) <
                std::abs(cuts_[static_cast<std::size_t>(nearest)] + 0.5 - before))
                nearest = static_cast<int>(i);
        Q_EMIT cut_moved(nearest, e->key() == Qt::Key_Right ? 1 : -1);
        return;
    }
    switch (e->key()) {
    case Qt::Key_Left:
        to -= e->modifiers() & Qt::ControlModifier ? 10 : 1;
        break;
    case Qt::Key_Right:
        to += e->modifiers() & Qt::ControlModifier ? 10 : 1;
        break;
    case Qt::Key_Home:
        to = 1;
        break;
    case Qt::Key_End:
        to = plan->grid.count;
        break;
    case Qt::Key_PageUp:     // the change before
    case Qt::Key_PageDown: { // the next change
        int best = to;
        for (const Change& c : plan->changes) {
            if (e->key() == Qt::Key_PageDown && c.layer > to) {
                best = c.layer;
                break;
            }
            if (e->key() == Qt::Key_PageUp && c.layer < to)
                best = c.layer;
        }
        to = best;
        break;
    }
    case Qt::Key_Escape:
        view_->set_range(0, 0);
        return;
    default:
        return QWidget::keyPressEvent(e);
    }
    to = std::clamp(to, 1, plan->grid.count);
    if (e->modifiers() & Qt::ShiftModifier) {
        // The end of the range that the cursor stands on moves.
        auto [from, until] = view_->range();
        const int fixed = !from ? before : from == before ? until : from;
        view_->set_range(std::min(fixed, to), std::max(fixed, to));
    }
    move_cursor(to);
}

} // namespace vitrail

#include "moc_ribbon.cpp"
