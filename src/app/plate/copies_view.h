// What a piece costs, over how many are printed together: thrown away, time, money, each on a strip of its
// own.
#pragma once

#include "core/plate/copies.h"

#include <QWidget>

#include <optional>

namespace vitrail {

class CopiesView : public QWidget {
    Q_OBJECT
public:
    explicit CopiesView(QWidget* parent = nullptr);
    void show_curve(std::optional<CopiesCurve> curve, const Settings& settings, int chosen);
    int chosen() const { return chosen_; }
    /// Within the numbers that are shown.
    void choose(int n);
    /// Where a number of copies stands, in pixels. For tests too.
    double x_of(int n) const;
    QSize sizeHint() const override;

Q_SIGNALS:
    void chosen_changed(int n);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    struct Strip;
    QRectF chart() const;
    void draw_strip(QPainter& p, const QRectF& r, const Strip& strip) const;
    void draw_scale(QPainter& p, const QRectF& r) const;
    QString value_text(const Strip& strip, double each) const;
    void say_value();

    std::optional<CopiesCurve> curve_;
    Settings settings_;
    int chosen_ = 1;
};

} // namespace vitrail
