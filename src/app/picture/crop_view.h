// The picture as it came, with the part that is kept.
#pragma once

#include "core/project/picture.h"

#include <QImage>
#include <QWidget>

namespace vitrail {

class CropView : public QWidget {
    Q_OBJECT
public:
    explicit CropView(QWidget* parent = nullptr);
    QSize sizeHint() const override;
    void set_picture(const QImage& image);
    /// The kept part, as shares of the picture, and the ratio of width to height it keeps, in the picture's
    /// own dots; 0: free.
    void set_kept(const QRectF& kept, double ratio);
    const QRectF& kept() const { return kept_; }
    QRectF picture_rect() const;

Q_SIGNALS:
    void kept_changed(const QRectF& kept); ///< when the drag ends

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    enum class Drag { none, move, corner };
    QRectF shown() const;
    void put(QRectF kept);

    QImage image_;
    QRectF kept_{0, 0, 1, 1}, before_;
    double ratio_ = 0;
    Drag drag_ = Drag::none;
    QPointF pressed_, fixed_;
};

} // namespace vitrail
