// Gradient strips: each pair of filaments as the strand that leaves the nozzle after the change, with the cut
// where it counts as clean.
#pragma once

#include <QWidget>

#include <utility>
#include <vector>

namespace vitrail {

struct PairUse;
class Document;

/// Strips to one scale, dearest first. The cut can be dragged, or moved with the arrow keys; a locked strip
/// stays.
class StripsView : public QWidget {
    Q_OBJECT
public:
    explicit StripsView(Document* document, QWidget* parent = nullptr);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;
    /// Chosen pair as filament indices of the plan, {−1, −1}: none.
    std::pair<int, int> chosen() const { return chosen_; }
    void choose(std::pair<int, int> pair);
    QRectF strip_rect(int row) const;
    double x_of(double mm3) const;
    int rows() const { return static_cast<int>(order_.size()); }
    std::pair<int, int> pair_at(int row) const { return order_[static_cast<std::size_t>(row)]; }

Q_SIGNALS:
    void chosen_changed();
    void refused(const QString& why); ///< a locked strip was dragged

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    bool event(QEvent*) override;

private:
    void refresh();
    int row_at(double y) const;
    double row_height() const;
    void cut(double mm3);
    const PairUse* use_of(std::pair<int, int> pair) const;

    Document* document_;
    std::vector<std::pair<int, int>> order_; ///< kept while a cut is dragged
    std::pair<int, int> chosen_{-1, -1};
    double most_mm3_ = 100;
    bool dragging_ = false;
    int drags_ = 0;
};

} // namespace vitrail
