#include "app/purge/where_views.h"

#include "app/document/document.h"
#include "app/document/view_state.h"
#include "app/theme/theme.h"
#include "paint/words.h"

#include <QHelpEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>

namespace vitrail {

namespace {

std::vector<LayerFlow> flows_of(const Plan& plan) {
    std::vector<LayerFlow> all(plan.layers.size());
    for (const Change& c : plan.changes)
        for (const Flow& f : c.flows) {
            LayerFlow& l = all[static_cast<std::size_t>(c.layer) - 1];
            (is_useful(f.where)              ? l.useful
             : f.where == Destination::tower ? l.tower
             : f.where == Destination::skirt ? l.skirt
                                             : l.ejected) += f.mm3;
        }
    for (std::size_t l = 0; l < all.size(); ++l)
        all[l].fill = plan.layers[l].tower_mm3;
    return all;
}

} // namespace

FlowView::FlowView(Document* document, ViewState* view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view) {
    setObjectName(QStringLiteral("flow_view"));
    setAccessibleName(tr("Purge by layer and where it goes"));
    setMinimumHeight(em(7));
    const auto refresh = [this] {
        const auto plan = document_->plan();
        flows_ = plan ? flows_of(*plan) : std::vector<LayerFlow>();
        update();
    };
    connect(document, &Document::plan_changed, this, refresh);
    refresh();
    connect(view, &ViewState::layer_changed, this, [this] { update(); });
}

QSize FlowView::sizeHint() const {
    return {em(30), em(10)};
}

QRectF FlowView::chart() const {
    return QRectF(em(3.6), em(1.8), width() - em(4.2), height() - em(3.3));
}

int FlowView::layer_at(double x) const {
    const auto plan = document_->plan();
    const QRectF r = chart();
    return std::clamp(static_cast<int>((x - r.left()) / std::max(1.0, r.width()) * plan->grid.count) + 1, 1,
                      plan->grid.count);
}

void FlowView::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    const auto plan = document_->plan();
    p.setPen(t.quiet);
    if (!plan || plan->changes.empty()) {
        p.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap,
                   plan ? tr("Nothing is purged.") : tr("What each layer purges shows here."));
        return;
    }
    const QRectF r = chart();
    double most = 1;
    for (const LayerFlow& f : flows_)
        most = std::max(most, f.useful + f.tower + f.skirt + f.ejected + f.fill);
    // Colour and pattern, so that neither has to do alone.
    const QBrush kinds[] = {QBrush(t.good), QBrush(t.accent), QBrush(t.accent, Qt::Dense4Pattern),
                            QBrush(t.bad), QBrush(t.quiet, Qt::BDiagPattern)};
    const QString names[] = {tr("put to use"), tr("tower"), tr("skirt"), tr("thrown out"),
                             tr("fill that carries")};
    double sums[5] = {};
    const double wide = r.width() / plan->grid.count;
    for (int l = 1; l <= plan->grid.count; ++l) {
        const LayerFlow& f = flows_[static_cast<std::size_t>(l) - 1];
        const double parts[] = {f.useful, f.tower, f.skirt, f.ejected, f.fill};
        double y = r.bottom();
        for (int k = 0; k < 5; ++k) {
            sums[k] += parts[k];
            const double h = r.height() * parts[k] / most;
            if (h > 0)
                p.fillRect(
                    QRectF(r.left() + (l - 1) * wide, y - h, std::max(1.0, wide > 3 ? wide - 0.6 : wide), h),
                    kinds[k]);
            y -= h;
        }
    }
    p.setPen(t.line);
    p.drawLine(r.bottomLeft(), r.bottomRight());
    p.setFont(font_of(0.9));
    p.setPen(t.quiet);
    p.drawText(QRectF(0, r.top() - em(0.5), r.left() - 4, em(1.2)), Qt::AlignRight, number(most, 0));
    p.drawText(QRectF(0, r.bottom() - em(1), r.left() - 4, em(1.2)), Qt::AlignRight, tr("mm³"));
    p.drawText(QRectF(r.left(), r.bottom() + 2, em(6), em(1.2)), Qt::AlignLeft, tr("layer 1"));
    p.drawText(QRectF(r.right() - em(6), r.bottom() + 2, em(6), em(1.2)), Qt::AlignRight,
               QString::number(plan->grid.count));
    double x = r.left();
    for (int k = 0; k < 5; ++k) {
        if (sums[k] <= 0.5)
            continue;
        const QString text = tr("%1 %2 mm³").arg(names[k]).arg(number(sums[k], 0));
        p.fillRect(QRectF(x, em(0.35), em(0.9), em(0.8)), kinds[k]);
        p.setPen(QPen(t.quiet, 1));
        p.drawRect(QRectF(x, em(0.35), em(0.9), em(0.8)));
        p.setPen(t.ink);
        const double w = p.fontMetrics().horizontalAdvance(text);
        p.drawText(QRectF(x + em(1.2), 0, w + 2, em(1.5)), Qt::AlignVCenter, text);
        x += w + em(2.2);
    }
    p.setPen(QPen(t.dark ? QColor(Qt::white) : t.lead, 1.5));
    const double at = r.left() + (view_->layer() - 0.5) * wide;
    p.drawLine(QPointF(at, r.top()), QPointF(at, r.bottom()));
}

void FlowView::mousePressEvent(QMouseEvent* e) {
    if (document_->plan() && e->button() == Qt::LeftButton)
        view_->set_layer(layer_at(e->position().x()));
}

bool FlowView::event(QEvent* e) {
    const auto plan = document_->plan();
    if (e->type() == QEvent::ToolTip && plan && !plan->changes.empty()) {
        const auto* help = static_cast<QHelpEvent*>(e);
        const int l = layer_at(help->pos().x());
        const LayerFlow f = flows_[static_cast<std::size_t>(l) - 1];
        QToolTip::showText(help->globalPos(),
                           tr("layer %1: %2 mm³ put to use, %3 into the tower, %4 into the skirt, %5 thrown "
                              "out; %6 mm³ of fill")
                               .arg(l)
                               .arg(number(f.useful, 0))
                               .arg(number(f.tower, 0))
                               .arg(number(f.skirt, 0))
                               .arg(number(f.ejected, 0))
                               .arg(number(f.fill, 0)),
                           this);
        return true;
    }
    return QWidget::event(e);
}

} // namespace vitrail

#include "moc_where_views.cpp"
