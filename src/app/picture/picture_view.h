// The picture as it will look, with a window's bar to draw across it: another way to look at it on each side.
#pragma once

#include <QImage>
#include <QWidget>

namespace vitrail {

class PictureView : public QWidget {
    Q_OBJECT
public:
    explicit PictureView(QWidget* parent = nullptr);

    QSize sizeHint() const override;
    /// How many dots it has; what lies left and right of the bar, at most as large as room(). Null: nothing
    /// to show, `says` is read instead.
    void set_dots(QSize dots);
    void set_left(const QImage& image);
    void set_right(const QImage& image);
    void set_names(const QString& left, const QString& right);
    void set_says(const QString& says);
    QSize room() const;

    /// Where the bar stands, 0 left … 1 right, and the dot that is pointed at.
    double bar() const { return bar_; }
    void set_bar(double bar);
    QPoint dot() const { return dot_; }
    void set_dot(QPoint dot);
    QRect picture_rect() const;

Q_SIGNALS:
    void dot_changed(QPoint dot);
    void room_changed();

protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override { Q_EMIT room_changed(); }
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    void tell();
    bool at_bar(const QPointF& where) const;

    QSize dots_;
    QImage left_, right_;
    QString left_name_, right_name_, says_;
    double bar_ = 0.5;
    QPoint dot_{0, 0};
    bool dragging_ = false;
};

} // namespace vitrail
