// What a start comes to: trips by day and at night over the hour it begins.
#pragma once

#include "core/run/when.h"

#include <QWidget>

namespace vitrail {

/// A bar a start; trips at night are hatched and below. Click, drag, or the arrow keys choose a start.
class StartsView : public QWidget {
    Q_OBJECT
public:
    explicit StartsView(QWidget* parent = nullptr);
    void show_curve(std::vector<StartPoint> curve, Zone zone, std::int64_t chosen_s, int best);
    void set_chosen(std::int64_t start_s);
    std::int64_t chosen() const { return chosen_; }
    const std::vector<StartPoint>& curve() const { return curve_; }
    QSize sizeHint() const override;

    QRectF chart() const;
    double x_of(std::int64_t start_s) const; ///< for tests, too

Q_SIGNALS:
    void chosen_changed(qint64 start_s);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    bool event(QEvent*) override;

private:
    int nearest(std::int64_t start_s) const; ///< −1: there is no curve
    void choose(int index);
    QString says(const StartPoint& p) const;
    void draw_axes(QPainter& p, int most) const;

    std::vector<StartPoint> curve_;
    Zone zone_;
    std::int64_t chosen_ = 0;
    int best_ = -1;
};

} // namespace vitrail
