#include "app/purge/strips_view.h"

#include "app/document/document.h"
#include "app/theme/theme.h"
#include "core/base/numbers.h"
#include "core/run_sheet/run_sheet.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>

#include <cmath>

namespace vitrail {

StripsView::StripsView(Document* document, QWidget* parent) : QWidget(parent), document_(document) {
    setObjectName(QStringLiteral("strips"));
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setAccessibleName(tr("Purge strips"));
    connect(document, &Document::plan_changed, this, &StripsView::refresh);
    refresh();
}

double StripsView::row_height() const {
    return em(3.5);
}

QSize StripsView::sizeHint() const {
    return {em(40), static_cast<int>(std::max<std::size_t>(2, order_.size()) * row_height() + em(2.2))};
}

QSize StripsView::minimumSizeHint() const {
    return {em(30), sizeHint().height()};
}

const PairUse* StripsView::use_of(std::pair<int, int> pair) const {
    const auto plan = document_->plan();
    return plan ? find_pair(*plan, pair.first, pair.second) : nullptr;
}

void StripsView::refresh() {
    const auto plan = document_->plan();
    if (!dragging_) {
        order_.clear();
        most_mm3_ = 50;
        if (plan)
            for (const PairUse& u : plan->pairs) {
                order_.emplace_back(u.from, u.to);
                most_mm3_ = std::max({most_mm3_, 1.15 * u.mm3, 1.15 * u.clean_mm3});
            }
        if (!use_of(chosen_))
            choose(order_.empty() ? std::pair{-1, -1} : order_.front());
        updateGeometry();
    }
    QStringList words;
    if (plan)
        for (const PairUse& u : plan->pairs)
            words << tr("%1 to %2: %3 mm³, %4 times")
                         .arg(QChar::fromLatin1(
                             document_->planned_project().filaments[static_cast<std::size_t>(u.from)].letter))
                         .arg(QChar::fromLatin1(
                             document_->planned_project().filaments[static_cast<std::size_t>(u.to)].letter))
                         .arg(number(u.mm3, 0))
                         .arg(u.times);
    setAccessibleDescription(words.join(QStringLiteral("; ")));
    Q_EMIT chosen_changed();
    update();
}

void StripsView::choose(std::pair<int, int> pair) {
    chosen_ = pair;
    Q_EMIT chosen_changed();
    update();
}

QRectF StripsView::strip_rect(int row) const {
    return {double(em(6.2)), row * row_height() + em(1.25), std::max(20.0, double(width() - em(6.2) - em(1))),
            double(em(1.75))};
}

double StripsView::x_of(double mm3) const {
    const QRectF r = strip_rect(0);
    return r.left() + r.width() * mm3 / most_mm3_;
}

int StripsView::row_at(double y) const {
    const int row = static_cast<int>(y / row_height());
    return row >= 0 && row < rows() ? row : -1;
}

void StripsView::paintEvent(QPaintEvent* e) {
    const Theme& t = Theme::current();
    QPainter p(this);
    const auto plan = document_->plan();
    if (order_.empty()) {
        p.setPen(t.quiet);
        p.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap,
                   plan ? tr("No nozzle changes its filament, so nothing has to be washed out.")
                        : tr("Once there is a plan, every pair of filaments that follow each other in a "
                             "nozzle is a strip here."));
        return;
    }
    const Project& project = document_->planned_project();
    for (int row = 0; row < rows(); ++row) {
        const auto pair = order_[static_cast<std::size_t>(row)];
        const PairUse* u = use_of(pair);
        const QRectF r = strip_rect(row);
        if (!u || !e->rect().intersects(QRect(0, int(row * row_height()), width(), int(row_height()))))
            continue;
        const Filament &from = project.filaments[static_cast<std::size_t>(pair.first)],
                       &to = project.filaments[static_cast<std::size_t>(pair.second)];
        if (pair == chosen_) {
            QColor c = t.accent;
            c.setAlpha(hasFocus() ? 46 : 26);
            p.fillRect(QRectF(0, row * row_height() + 1, width(), row_height() - 2), c);
        }
        p.setRenderHint(QPainter::Antialiasing);
        const double b = em(1.5);
        paint_badge(p, QRectF(em(0.6), r.center().y() - b / 2, b, b), from.letter, to_qcolor(from.colour),
                    font());
        p.setPen(QPen(t.quiet, 2));
        p.drawLine(QPointF(em(2.3), r.center().y()), QPointF(em(3.3), r.center().y()));
        paint_badge(p, QRectF(em(3.5), r.center().y() - b / 2, b, b), to.letter, to_qcolor(to.colour),
                    font());
        p.setRenderHint(QPainter::Antialiasing, false);
        // The strand, in steps of a few pixels.
        constexpr double kStep = 3;
        for (double x = r.left(); x < r.right(); x += kStep) {
            const double mm3 = (x - r.left()) / r.width() * most_mm3_;
            p.fillRect(QRectF(x, r.top(), std::min(kStep + 0.5, r.right() - x), r.height()),
                       to_qcolor(to_srgb(washed_colour(u->washout, from.colour, to.colour, mm3))));
        }
        p.setPen(QPen(t.lead, 1.5));
        p.setBrush(Qt::NoBrush);
        p.drawRect(r);
        // Where it counts as clean, and how sure that is.
        const double clean = x_of(u->clean_mm3), cut = x_of(u->mm3);
        if (u->sd_mm3 > 0) {
            p.setPen(QPen(t.ink, 1));
            const double sd = x_of(u->sd_mm3) - r.left();
            p.drawLine(QPointF(clean - sd, r.bottom() + 3), QPointF(clean + sd, r.bottom() + 3));
        }
        if (std::abs(clean - cut) > 2 && u->clean_mm3 > 0) {
            p.setPen(QPen(t.ink, 1, Qt::DotLine));
            p.drawLine(QPointF(clean, r.top() - 3), QPointF(clean, r.bottom() + 3));
        }
        // The cut: beyond it the piece begins.
        const bool locked = u->rule == PurgeRule::locked;
        p.setPen(QPen(t.lead, 5));
        p.drawLine(QPointF(cut, r.top() - 3), QPointF(cut, r.bottom() + 3));
        p.setPen(QPen(t.panel, 2));
        p.drawLine(QPointF(cut, r.top() - 3), QPointF(cut, r.bottom() + 3));
        p.setRenderHint(QPainter::Antialiasing);
        p.setPen(QPen(t.lead, 1));
        p.setBrush(locked ? t.quiet : t.accent);
        if (locked)
            p.drawRect(QRectF(cut - em(0.35), r.bottom() + 1, em(0.7), em(0.5)));
        else
            p.drawPolygon(QPolygonF()
                          << QPointF(cut, r.bottom() + 1) << QPointF(cut + em(0.42), r.bottom() + em(0.62))
                          << QPointF(cut - em(0.42), r.bottom() + em(0.62)));
        p.setFont(font_of(0.95));
        p.setPen(t.ink);
        const QString what = tr("%1 mm³ · %2 g · %3")
                                 .arg(number(u->mm3, 0))
                                 .arg(number(u->g / u->times, 2))
                                 .arg(QString::fromStdString(duration(u->s / u->times)));
        p.drawText(QRectF(r.left(), r.top() - em(1.25), r.width(), em(1.2)), Qt::AlignLeft | Qt::AlignVCenter,
                   what);
        p.setPen(t.quiet);
        const QString rule = locked                           ? tr("locked")
                             : u->rule == PurgeRule::by_hand  ? tr("by hand")
                             : u->rule == PurgeRule::material ? tr("other material")
                             : u->rule == PurgeRule::prime    ? tr("a prime is enough")
                                                              : tr("clean at ΔE %1").arg(number(u->delta_e));
        p.drawText(
            QRectF(r.left(), r.top() - em(1.25), r.width(), em(1.2)), Qt::AlignRight | Qt::AlignVCenter,
            tr("%1 · %n time(s) = %2 g", nullptr, u->times).arg(rule).arg(number(u->g, u->g < 10 ? 2 : 1)));
    }
    // Where half of all purge is passed.
    double all_g = 0, sum_g = 0;
    for (const auto& pair : order_)
        if (const PairUse* u = use_of(pair))
            all_g += u->g;
    for (int row = 0; row + 1 < rows(); ++row) {
        const PairUse* u = use_of(order_[static_cast<std::size_t>(row)]);
        const bool before = sum_g < all_g / 2;
        sum_g += u ? u->g : 0;
        if (!before || sum_g < all_g / 2)
            continue;
        const double y = (row + 1) * row_height();
        p.setRenderHint(QPainter::Antialiasing, false);
        p.setPen(QPen(t.quiet, 1, Qt::DashLine));
        p.drawLine(QPointF(0, y), QPointF(width(), y));
        p.setPen(t.quiet);
        p.setFont(font_of(0.9));
        p.drawText(QRectF(em(0.4), y + 2, em(5.6), em(1.1)), Qt::AlignLeft | Qt::AlignTop, tr("half of it"));
    }
    // One scale for all, below.
    const QRectF last = strip_rect(rows() - 1);
    p.setRenderHint(QPainter::Antialiasing, false);
    double step = 10;
    for (const double s : {10.0, 20.0, 50.0, 100.0, 200.0, 500.0, 1000.0, 2000.0, 5000.0})
        if ((step = s) / most_mm3_ * last.width() > em(4))
            break;
    p.setFont(font_of(0.9));
    const double y = rows() * row_height() + em(0.2);
    for (double mm3 = 0; mm3 <= most_mm3_; mm3 += step) {
        p.setPen(t.line);
        p.drawLine(QPointF(x_of(mm3), y), QPointF(x_of(mm3), y + em(0.3)));
        p.setPen(t.quiet);
        p.drawText(QRectF(x_of(mm3) - em(3), y + em(0.3), em(6), em(1.2)), Qt::AlignCenter, number(mm3));
    }
    p.drawText(QRectF(0, y + em(0.3), em(5.4), em(1.2)), Qt::AlignRight, tr("mm³ out"));
}

void StripsView::cut(double mm3) {
    const PairUse* u = use_of(chosen_);
    if (!u)
        return;
    const Project& planned = document_->planned_project();
    if (u->rule == PurgeRule::locked) {
        const PairPurge* own =
            pair_purge(planned, planned.filaments[static_cast<std::size_t>(u->from)].letter,
                       planned.filaments[static_cast<std::size_t>(u->to)].letter);
        Q_EMIT refused(tr("This strip is locked%1. Unlock it first.")
                           .arg(own && !own->reason.empty()
                                    ? QStringLiteral(": ") + QString::fromStdString(own->reason)
                                    : QString()));
        return;
    }
    const double volume = std::round(std::clamp(mm3, std::max(1.0, planned.machine.prime_mm3), 20000.0));
    const char from = planned.filaments[static_cast<std::size_t>(u->from)].letter,
               to = planned.filaments[static_cast<std::size_t>(u->to)].letter;
    document_->edit(
        tr("Purge %1 mm³ from %2 to %3")
            .arg(number(volume))
            .arg(QChar::fromLatin1(from))
            .arg(QChar::fromLatin1(to)),
        [&](Project& p) { pair_purge_of(p, from, to).mm3 = volume; }, 0x40000 + drags_);
}

void StripsView::mousePressEvent(QMouseEvent* e) {
    const int row = row_at(e->position().y());
    if (row < 0 || e->button() != Qt::LeftButton)
        return;
    choose(order_[static_cast<std::size_t>(row)]);
    const PairUse* u = use_of(chosen_);
    ++drags_;
    dragging_ = u && std::abs(e->position().x() - x_of(u->mm3)) < em(0.8);
}

void StripsView::mouseMoveEvent(QMouseEvent* e) {
    const int row = row_at(e->position().y());
    const PairUse* u = dragging_  ? use_of(chosen_)
                       : row >= 0 ? use_of(order_[static_cast<std::size_t>(row)])
                                  : nullptr;
    setCursor(u && std::abs(e->position().x() - x_of(u->mm3)) < em(0.8) ? Qt::SizeHorCursor
                                                                        : Qt::ArrowCursor);
    if (!dragging_ || !u)
        return;
    if (u->rule == PurgeRule::locked)
        dragging_ = false; // said once
    const QRectF r = strip_rect(0);
    cut((e->position().x() - r.left()) / r.width() * most_mm3_);
}

void StripsView::mouseReleaseEvent(QMouseEvent*) {
    if (std::exchange(dragging_, false))
        refresh();
}

void StripsView::keyPressEvent(QKeyEvent* e) {
    const auto at = std::find(order_.begin(), order_.end(), chosen_);
    const int step = e->key() == Qt::Key_Right  ? 1
                     : e->key() == Qt::Key_Left ? -1
                                                : 0,
              walk = e->key() == Qt::Key_Down ? 1
                     : e->key() == Qt::Key_Up ? -1
                                              : 0;
    if (walk && !order_.empty()) {
        const int row = std::clamp(static_cast<int>(at - order_.begin()) + walk, 0, rows() - 1);
        ++drags_;
        choose(order_[static_cast<std::size_t>(row)]);
    } else if (const PairUse* u = use_of(chosen_); step && u) {
        cut(u->mm3 + step * (e->modifiers() & Qt::ShiftModifier ? 20 : 5));
    } else {
        QWidget::keyPressEvent(e);
    }
}

bool StripsView::event(QEvent* e) {
    if (e->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(e);
        const int row = row_at(help->pos().y());
        const PairUse* u = row >= 0 ? use_of(order_[static_cast<std::size_t>(row)]) : nullptr;
        const QRectF r = strip_rect(0);
        if (u && help->pos().x() >= r.left()) {
            const Project& project = document_->planned_project();
            const double mm3 = (help->pos().x() - r.left()) / r.width() * most_mm3_;
            const Srgb from = project.filaments[static_cast<std::size_t>(u->from)].colour,
                       to = project.filaments[static_cast<std::size_t>(u->to)].colour;
            QToolTip::showText(
                help->globalPos(),
                tr("after %1 mm³: %2 % of the old one left, %3, ΔE %4 to the new one")
                    .arg(number(mm3, 0))
                    .arg(number(100 * old_share(u->washout, mm3), 2))
                    .arg(QString::fromStdString(to_hex(to_srgb(washed_colour(u->washout, from, to, mm3)))))
                    .arg(number(left_delta_e(u->washout, from, to, mm3), 1)),
                this);
            return true;
        }
    }
    return QWidget::event(e);
}

} // namespace vitrail

#include "moc_strips_view.cpp"
