// A relief as it will look while its bands are being moved: fast enough for a drag.
#pragma once

#include "core/picture/prepare.h"

namespace vitrail {

/// The picture's colours in cells of sRGB, found once; bands can then be tried on the cells and not on every
/// dot. What is too fine is not merged.
class ReliefPreview {
public:
    explicit ReliefPreview(const Prepared& prepared);

    struct Tried {
        std::vector<std::uint16_t> heights; ///< [cell], layers
        std::vector<Srgb> colours;          ///< [cell], as it will look; of the last one: what lies behind
        std::vector<double> ends;           ///< [layer]: share of the printed dots that end in it; [0]: none
        double mean_delta_e = 0;            ///< of the cells' mean colours, weighed by their dots
    };
    /// `colours`: [layers − 1], as colours_of() has them without the first.
    Tried tried(const Picture& picture, const std::vector<Srgb>& colours) const;

    int width() const { return width_; }
    int height() const { return height_; }
    /// [dot]: its cell; one more than all cells where nothing is printed.
    const std::vector<std::uint16_t>& cells() const { return cell_of_; }
    Raster look(const Tried& tried) const;

private:
    struct Cell {
        Lab lab;
        double lightness = 0, dots = 0;
    };
    int width_ = 0, height_ = 0;
    std::vector<std::uint16_t> cell_of_;
    std::vector<Cell> cells_; ///< and behind them one for ground that is taken out
    double dark_ = 0, bright_ = 1, printed_ = 0;
};

} // namespace vitrail
