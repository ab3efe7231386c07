// Slots over time: which spool sits where, when it may be exchanged, and whether that is at night.
#pragma once

#include <QPixmap>
#include <QWidget>

namespace vitrail {

class Document;
class ViewState;

/// A row for each slot and external spool; hours from left to right, nights shaded. A refill is a bracket
/// over the time in which it can be done, with a handle where the user means to do it: drag it, or move it
/// with the arrow keys.
class SlotsView : public QWidget {
    Q_OBJECT
public:
    SlotsView(Document* document, ViewState* view, QWidget* parent = nullptr);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;
    /// Where a refill's handle is.
    QRectF handle_rect(int refill) const;

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    bool event(QEvent*) override;
    void changeEvent(QEvent*) override;

private:
    struct Row {
        int toolhead, slot, nozzle; ///< nozzle: for external spools
    };
    std::vector<Row> rows() const;
    QRectF row_rect(int row) const;
    double x_of(double seconds) const;
    int layer_at(double x) const;
    int row_of_refill(int refill) const;
    void put(int refill, int layer);
    void draw(QPainter& p) const;

    Document* document_;
    ViewState* view_;
    int chosen_ = -1; ///< refill
    bool dragging_ = false;
    int drags_ = 0;
    QPixmap drawn_; ///< all but cursor and handles
    bool stale_ = true;
};

} // namespace vitrail
