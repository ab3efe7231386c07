// Readings against the fitted line.
#pragma once

#include "core/purge/calibrate.h"

#include <QWidget>

#include <optional>

namespace vitrail {

/// Across: how far a pair must mix (ln 1/share); up: mm³ until it was clean. The line is V_d + V_m · depth,
/// with a band of one standard deviation; outliers are squares with a cross.
class FitPlot : public QWidget {
    Q_OBJECT
public:
    explicit FitPlot(QWidget* parent = nullptr);
    QSize sizeHint() const override;
    void show_fit(std::vector<Reading> readings, std::optional<Calibration> fit, std::vector<QString> names);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    std::vector<Reading> readings_;
    std::optional<Calibration> fit_;
    std::vector<QString> names_;
};

} // namespace vitrail
