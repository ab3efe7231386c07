// A factor over time: each print that taught it, and where the next is expected.
#pragma once

#include "core/logbook/learn.h"

#include <QWidget>

#include <optional>

namespace vitrail {

/// Ratios of real to foretold as marks over time; the band is where the next comes with 80 %; before a drift
/// the old level. What does not count is hollow. Arrow keys go from print to print.
class FactorView : public QWidget {
    Q_OBJECT
public:
    explicit FactorView(QWidget* parent = nullptr);
    void show_factor(std::optional<Factor> factor, const std::vector<PrintRecord>& records);
    /// A heading inside the plot, for where several stand together; empty: none.
    void set_heading(const QString& text);
    /// The same time from edge to edge in all of them; 0, 0: its own.
    void set_span(std::int64_t from_s, std::int64_t to_s);
    int chosen() const { return chosen_; } ///< sample; −1: none
    void choose(int sample);
    QString sample_text(int sample) const;
    QSize sizeHint() const override;

Q_SIGNALS:
    void chosen_changed();

protected:
    void paintEvent(QPaintEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void focusInEvent(QFocusEvent*) override;
    bool event(QEvent*) override;

private:
    QPointF at(int sample) const;
    QRectF chart() const;
    double y_of(double ratio) const;
    double x_of(std::int64_t s) const;
    int nearest(const QPointF& p) const;

    std::optional<Factor> factor_;
    QString heading_;
    std::int64_t from_s_ = 0, to_s_ = 0;
    std::vector<QString> names_; ///< [sample]
    double low_ = 0.5, high_ = 2;
    int chosen_ = -1;
};

/// Whether ranges hold what they say: the share that came out within the middle 10 … 90 %, against those.
class ScoreView : public QWidget {
    Q_OBJECT
public:
    explicit ScoreView(QWidget* parent = nullptr);
    void show_score(Score score);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    Score score_;
};

} // namespace vitrail
