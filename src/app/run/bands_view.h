// Bands of filament as they were meant and as they become, to scale.
#pragma once

#include "core/run/rescue.h"

#include <QWidget>

namespace vitrail {

class BandsView : public QWidget {
    Q_OBJECT
public:
    explicit BandsView(QWidget* parent = nullptr);
    /// Empty: nothing is drawn.
    void show_bands(std::vector<Rescue::Height> bands, std::vector<Filament> filaments, double printed_mm);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    std::vector<Rescue::Height> bands_;
    std::vector<Filament> filaments_;
    double printed_mm_ = 0;
};

} // namespace vitrail
