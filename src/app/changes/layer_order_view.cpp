#include "app/changes/layer_order_view.h"

#include "app/document/document.h"
#include "app/document/view_state.h"
#include "app/theme/theme.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QPainter>

namespace vitrail {

LayerOrderView::LayerOrderView(Document* document, ViewState* view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view) {
    setAccessibleName(tr("Order of the filaments in the cursor layer"));
    connect(document, &Document::plan_changed, this, [this] { update(); });
    connect(view, &ViewState::layer_changed, this, [this] { update(); });
}

QSize LayerOrderView::sizeHint() const {
    return {em(16), em(8)};
}

void LayerOrderView::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const auto plan = document_->plan();
    p.setPen(t.quiet);
    if (!plan) {
        p.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap, tr("The order of a layer shows here."));
        return;
    }
    const Project& project = document_->planned_project();
    const int layer = std::clamp(view_->layer(), 1, plan->grid.count);
    p.drawText(QRect(0, 0, width(), em(1.3)), Qt::AlignLeft,
               tr("layer %1, %2 to %3 mm")
                   .arg(layer)
                   .arg(number(plan->grid.bottom_mm(layer), 2))
                   .arg(number(plan->grid.top_mm(layer), 2)));
    const auto order = plan->sequence.layer(layer - 1);
    if (order.empty()) {
        p.drawText(QRect(0, em(1.5), width(), em(1.3)), Qt::AlignLeft,
                   tr("nothing is printed in this layer"));
        return;
    }
    // Widths share the room by volume, but none gets too narrow for its letter.
    double total = 0;
    for (const std::uint8_t f : order)
        total += plan->printed_in(layer, f);
    const double least = em(2.4), y = em(1.8), h = std::min<double>(em(3.6), height() - em(4.4));
    const double room = width() - 2 - least * static_cast<double>(order.size());
    double x = 1;
    std::vector<std::pair<double, double>> spans;
    for (const std::uint8_t f : order) {
        const double w = least + std::max(0.0, room) * plan->printed_in(layer, f) / total;
        const QRectF pane(x, y, w, h);
        paint_pane(p, pane, project.filaments[f]);
        p.setPen(QPen(t.lead, 3));
        p.setBrush(Qt::NoBrush);
        p.drawRect(pane);
        const double s = em(1.6);
        paint_badge(p, QRectF(pane.center().x() - s / 2, pane.center().y() - s / 2, s, s),
                    project.filaments[f].letter, to_qcolor(project.filaments[f].colour), font());
        p.setPen(t.ink);
        p.drawText(QRectF(x, y + h + 2, w, em(1.2)), Qt::AlignCenter,
                   tr("%1 g").arg(number(grams(project.filaments[f], plan->printed_in(layer, f)), 2)));
        spans.emplace_back(x, w);
        x += w;
    }
    // What the changes of this layer purge, below.
    QString purge;
    for (const Change& c : plan->changes)
        if (c.layer == layer)
            purge += (purge.isEmpty() ? QString() : QStringLiteral(" · ")) +
                     tr("%1 → %2 purges %3 g")
                         .arg(QChar::fromLatin1(project.filaments[c.from].letter))
                         .arg(QChar::fromLatin1(project.filaments[c.to].letter))
                         .arg(number(c.purge_g, 2));
    p.setPen(t.quiet);
    p.drawText(QRectF(0, y + h + em(1.4), width(), em(2.6)), Qt::AlignLeft | Qt::TextWordWrap,
               purge.isEmpty() ? tr("no change in this layer") : purge);
}

} // namespace vitrail

#include "moc_layer_order_view.cpp"
