// The bed from above, to scale: footprints as panes, to be dragged and turned or only looked at, the tower,
// and what runs around them.
#pragma once

#include <QGraphicsView>

#include <QLineF>

#include <optional>
#include <vector>

namespace vitrail {

class Document;
class ViewState;
struct Placed;
struct Placement;

class PlateView : public QGraphicsView {
    Q_OBJECT
public:
    enum class Use { look, arrange };
    PlateView(Document* document, ViewState* view, Use use, QWidget* parent = nullptr);
    ~PlateView() override;

    /// The one that is chosen; null: none.
    const Placed* chosen() const;
    void choose(int piece, int nth);
    /// Where one of them stands, in pixels of the viewport.
    QPoint middle_of(int piece, int nth) const;

    /// Puts the chosen one there, from the front left corner of the bed. Edits of the same `merge` become
    /// one.
    void put(double x_mm, double y_mm, double turn_deg, int merge = 0);
    void pin_chosen(bool on);
    /// Lines up all that are chosen with the one that was chosen first; they are pinned there.
    enum class Align { left, right, front, back, column, row };
    void align(Align how);
    /// All that are chosen, the first first.
    std::vector<std::pair<int, int>> all_chosen() const { return all_; }

Q_SIGNALS:
    void chosen_changed();
    void
    dragged(const QString& what); ///< how far it is from what is around, or what it would meet; empty: let go

protected:
    void mouseMoveEvent(QMouseEvent* e) override;
    void mouseReleaseEvent(QMouseEvent* e) override;
    void drawForeground(QPainter* p, const QRectF& rect) override;
    void keyPressEvent(QKeyEvent* e) override;
    void resizeEvent(QResizeEvent* e) override;
    void drawBackground(QPainter* p, const QRectF& rect) override;
    void changeEvent(QEvent* e) override;

private:
    void rebuild();
    /// Where the chosen one is by now: as the project has it, where the plan lags behind.
    Placement place_of_chosen() const;
    void fit();
    void select_chosen();
    void look_around();
    void put_all(const std::vector<Placement>& places, const QString& label);

    Document* document_;
    ViewState* view_;
    std::optional<std::pair<int, int>> chosen_; ///< piece, and nth of it
    std::vector<std::pair<int, int>> all_;      ///< the same of all that are chosen
    /// While something is dragged: to what it is how far.
    struct Near {
        QLineF line; ///< on the bed, mm
        QString text;
        bool meets = false;
    };
    std::vector<Near> near_;
    bool building_ = false, stale_ = false;
};

} // namespace vitrail
