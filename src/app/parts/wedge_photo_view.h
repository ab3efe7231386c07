// A photograph with marks to be put on it: the corners of the wedge, a white patch, a grey one.
#pragma once

#include "core/picture/wedge.h"

#include <QImage>
#include <QWidget>

namespace vitrail {

class WedgePhotoView : public QWidget {
    Q_OBJECT
public:
    explicit WedgePhotoView(QWidget* parent = nullptr);
    QSize sizeHint() const override;
    void set_photo(const QImage& photo);
    void set_plan(const WedgePlan& plan);
    /// The four corners, then white and grey.
    static constexpr int kMarks = 6;
    QPointF mark(int i) const { return marks_[static_cast<std::size_t>(i)]; }
    void set_mark(int i, QPointF at);
    WedgeMarks marks() const;
    QPointF on_screen(QPointF in_photo) const;

Q_SIGNALS:
    void marks_changed(); ///< when a drag or a key ends

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    QRectF picture_rect() const;
    void tell();

    QImage photo_;
    WedgePlan plan_;
    std::array<QPointF, kMarks> marks_;
    int chosen_ = 0;
    bool dragging_ = false;
};

} // namespace vitrail
