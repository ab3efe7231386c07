// Which filaments, in which order and how many layers of each: the stack that comes nearest to a picture.
#pragma once

#include "core/base/progress.h"
#include "core/picture/relief.h"

namespace vitrail {

/// A colour of the picture, and the share of it that is about like that.
struct PictureColour {
    Lab lab;
    double share = 0;
};
/// The picture in at most so many colours: cells of sRGB with their mean; what is rarest goes to the nearest that stays. Shares add up to 1.
std::vector<PictureColour> picture_colours(const Raster& picture, int most = 128);

/// So many layers of a tint on each other.
struct StackBand {
    int tint = 0, layers = 1;
    bool operator==(const StackBand&) const = default;
};

struct StackSearch {
    std::vector<Tint> tints;
    std::vector<PictureColour> colours;
    double first_mm = 0.16, layer_mm = 0.08;
    Lighting lighting;
    int base_layers = 3;  ///< the lowest band has at least so many, and is everywhere
    int most_layers = 30; ///< of the whole stack
    int most_bands = 4;   ///< changes of filament and one
    int evaluations = 20000; ///< stacks looked at, for each number of bands, where they are too many for all
};

struct FoundStack {
    std::vector<StackBand> bands; ///< from below, neighbours of different tint
    double error = 0;   ///< mean CIEDE2000 to the picture's colours, each at the height that suits it best
    bool proven = false; ///< all stacks of so many bands were looked at
};

/// Of each colour the height that suits it best; the mean of how far that is off. Of heights the two nearest in Lab are compared by CIEDE2000.
double stack_error(const StackSearch& search, const std::vector<StackBand>& bands);

/// The best stack found of at most one band, two, … most_bands: [bands − 1]. More bands are never worse. All stacks up to 20,000 of them, else simulated
/// annealing (Kirkpatrick, Gelatt & Vecchi 1983, Science 220, 671–680) from several starts, the same for the same search. Stopped, it returns what
/// it has.
std::vector<FoundStack> best_stacks(const StackSearch& search, const Progress& progress = {});

} // namespace vitrail
