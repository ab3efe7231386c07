// The ribbon: the whole print from first layer (left) to last (right).
#pragma once

#include <QPixmap>
#include <QWidget>

#include <optional>
#include <vector>

namespace vitrail {

class Document;
class ViewState;

/// A lane per filament, grouped by nozzle; panes where a filament is printed, lead lines at changes, a skyline of
/// purge below. Dragging over the lanes chooses a range of layers; clicking, dragging over the skyline, or the arrow
/// keys move the cursor layer. Reads the Plan, computes nothing but positions.
class Ribbon : public QWidget {
    Q_OBJECT
public:
    Ribbon(Document* document, ViewState* view, QWidget* parent = nullptr);

    /// Where the bands of a picture are cut: the last layer below each cut, and how much of the picture ends in each layer ([layer], shares). While there
    /// are cuts they can be dragged, and the shares stand in place of the purge.
    void set_cuts(std::vector<int> cuts, std::vector<double> ends);
    const std::vector<int>& cuts() const { return cuts_; }

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;

    /// Where a layer begins, in widget pixels, and back. For tests too.
    double x_of(int layer) const;
    int layer_at(double x) const;
    QRect lanes_rect() const;
    QRect skyline_rect() const;

Q_SIGNALS:
    void cut_dragged(int cut, int layer); ///< it would be the last below the cut
    void cut_dropped();
    void cut_moved(int cut, int by); ///< by the keys

protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override { stale_ = true; }
    void changeEvent(QEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    bool event(QEvent*) override;

private:
    enum class Drag { none, cursor, range, cut };
    std::vector<int> lanes() const;
    void draw(QPainter& p);
    void draw_skyline(QPainter& p);
    void draw_ends(QPainter& p);
    void draw_cuts(QPainter& p);
    int cut_at(double x) const;
    void draw_scale(QPainter& p);
    QString describe(int layer) const;
    void move_cursor(int layer);

    Document* document_;
    ViewState* view_;
    QPixmap drawn_;
    bool stale_ = true;
    Drag drag_ = Drag::none;
    int pressed_layer_ = 0;
    std::vector<int> cuts_;
    std::vector<double> ends_;
    int dragged_cut_ = -1;
};

} // namespace vitrail
