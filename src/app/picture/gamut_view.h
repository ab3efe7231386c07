// The colours a panel's films reach, seen along the lightness, and those the picture asks for.
#pragma once

#include "core/picture/search.h"

#include <QWidget>

#include <utility>
#include <vector>

namespace vitrail {

/// Outline of the stacks' colours in a*, b*, and the picture's colours with how far the nearest stack is.
struct Gamut {
    std::vector<std::pair<double, double>> outline;
    std::vector<std::pair<PictureColour, double>> asked; ///< and ΔE to the nearest stack
};

class GamutView : public QWidget {
    Q_OBJECT
public:
    explicit GamutView(QWidget* parent = nullptr);
    QSize sizeHint() const override;
    void show_gamut(Gamut gamut);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    Gamut gamut_;
};

} // namespace vitrail
