// The ribbon: the whole print from first layer (left) to last (right).
#pragma once

#include <QPixmap>
#include <QWidget>

#include <optional>
#include <vector>

namespace vitrail {

class Document;
class ViewState;

/// A lane per filament, grouped by nozzle; panes where a filament is printed, lead lines at changes, a
/// skyline of purge below. Dragging over the lanes chooses a range of layers; clicking, dragging over the
/// skyline, or the arrow keys move the cursor layer. Reads the Plan, computes nothing but positions. The
/// layers on the clock: places count layers from the first one's beginning.
struct RibbonClock {
    struct Hour {
        double at = 0;
        QString text;
    };
    struct Span {
        double from = 0, to = 0;
    };
    struct Post {
        double from = 0, to = 0; ///< equal: the printer waits
        QString letter;          ///< of what is put in
        QColor colour;
        bool night = false;
        QString says;
    };
    std::vector<Hour> hours;
    std::vector<Span> nights;
    std::vector<Post> posts;
    double now = -1; ///< below 0: not running
    QString now_text;
};

/// What a toolpath file prints: [layer − 1] filaments in order.
using RibbonFile = std::vector<std::vector<int>>;

class Ribbon : public QWidget {
    Q_OBJECT
public:
    Ribbon(Document* document, ViewState* view, QWidget* parent = nullptr);

    /// Where the bands of a picture are cut: the last layer below each cut, and how much of the picture ends
    /// in each layer ([layer], shares). While there are cuts they can be dragged, and the shares stand in
    /// place of the purge.
    void set_cuts(std::vector<int> cuts, std::vector<double> ends);
    const std::vector<int>& cuts() const { return cuts_; }

    /// The skyline gives way to visits, and layers to hours; empty: they come back.
    void set_clock(std::optional<RibbonClock> clock);
    const std::optional<RibbonClock>& clock() const { return clock_; }
    /// A second strip below the lanes, in place of the skyline; empty: it goes.
    void set_file(RibbonFile file);
    const RibbonFile& file() const { return file_; }

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
    void draw_nights(QPainter& p);
    void draw_clock(QPainter& p);
    void draw_file(QPainter& p);
    double x_at(double layers) const; ///< of a place that counts layers
    QString describe(int layer) const;
    void tell();
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
    std::optional<RibbonClock> clock_;
    RibbonFile file_;
};

} // namespace vitrail
