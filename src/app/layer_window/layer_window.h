// The layer window: the cut through the piece at the cursor layer, panes with leads.
#pragma once

#include <QPainterPath>
#include <QWidget>

#include <vector>

namespace vitrail {

class Document;
class ViewState;

class LayerWindow : public QWidget {
    Q_OBJECT
public:
    LayerWindow(Document* document, ViewState* view, QWidget* parent = nullptr);
    QSize minimumSizeHint() const override;

    /// The part drawn at a point of the widget, or −1.
    int part_at(QPointF p) const;

protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override { stale_ = true; }
    void mousePressEvent(QMouseEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    bool event(QEvent*) override;

private:
    void tell();
    void rebuild();
    QRectF picture_rect() const;

    Document* document_;
    ViewState* view_;
    bool stale_ = true;
    /// One region of the layer: a part's body, or a painted patch over it.
    struct Pane {
        int part, patch;   ///< patch 0: the body
        QPainterPath path; ///< widget pixels
        QPointF mark;      ///< a place for its letter; null where there is none
    };
    int pane_at(QPointF p) const;
    QPointF to_widget(double x_mm, double y_mm) const;
    std::vector<Pane> panes_;
    QPainterPath support_, interface_; ///< widget pixels
    double scale_ = 1;                 ///< pixels per mm
    QPointF middle_mm_, centre_;       ///< of the piece, and where that lies on the widget
};

} // namespace vitrail
