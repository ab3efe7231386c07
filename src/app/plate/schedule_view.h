// Plates on a clock: a lane for each machine, nights shaded, a lead line where a plate is done.
#pragma once

#include "core/plate/order.h"

#include <QWidget>

#include <memory>

namespace vitrail {

class ScheduleView : public QWidget {
    Q_OBJECT
public:
    explicit ScheduleView(QWidget* parent = nullptr);
    void show_plan(std::shared_ptr<const OrderTask> task, std::shared_ptr<const OrderPlan> plan, int chosen);
    int plate_at(QPointF p) const; ///< −1: none
    QSize sizeHint() const override;

Q_SIGNALS:
    void chosen_changed(int plate);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    bool event(QEvent*) override;

private:
    QRectF chart() const;
    double x_of(double hours) const;
    QRectF plate_rect(std::size_t plate) const;
    void draw_clock(QPainter& p) const;

    std::shared_ptr<const OrderTask> task_;
    std::shared_ptr<const OrderPlan> plan_;
    int chosen_ = -1;
};

} // namespace vitrail
