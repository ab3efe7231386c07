// Foretold against real, as pairs of marks on one scale for each thing that was foretold.
#pragma once

#include "core/logbook/record.h"

#include <QWidget>

#include <vector>

namespace vitrail {

/// Each row: what was foretold is 1; the band is where it was expected with 80 %, the upright mark is what
/// came. The same scale for all, so that a drift is seen before it is read. Arrow keys go through the rows
/// and say them.
class PairsView : public QWidget {
    Q_OBJECT
public:
    explicit PairsView(QWidget* parent = nullptr);
    /// None, one, or two: they stand below each other in each row, as 1 and 2.
    void show_prints(std::vector<PrintRecord> records);
    QString row_text(int row) const;
    int rows() const { return static_cast<int>(shown_.size()); }
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void focusInEvent(QFocusEvent*) override;
    bool event(QEvent*) override;

private:
    void say();
    double x_of(double ratio) const;
    double row_height() const;

    void paint_lane(QPainter& p, const Figure& figure, double y, double row, const QString& which);
    QString lane_text(const PrintRecord& record, Quantity q) const;

    std::vector<PrintRecord> records_;
    std::vector<Quantity> shown_;
    int row_ = 0;
};

} // namespace vitrail
