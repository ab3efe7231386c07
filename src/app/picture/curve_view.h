// A rising curve to be drawn: points between 0, 0 and 1, 1.
#pragma once

#include "core/project/picture.h"

#include <QWidget>

namespace vitrail {

class CurveView : public QWidget {
    Q_OBJECT
public:
    CurveView(const QString& name, const QString& across, const QString& up, QWidget* parent = nullptr);
    QSize sizeHint() const override;
    void set_curve(RisingCurve curve);
    const RisingCurve& curve() const { return curve_; }

Q_SIGNALS:
    void curve_changed(const RisingCurve& curve); ///< when a drag or a key ends

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    QRectF field() const;
    QPointF place(std::size_t i) const;
    void move(std::size_t i, double x, double y);
    void tell();

    QString across_, up_;
    RisingCurve curve_; ///< with its ends
    std::size_t chosen_ = 0;
    bool dragging_ = false, moved_ = false;
};

} // namespace vitrail
