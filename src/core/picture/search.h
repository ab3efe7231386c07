// Which filaments, in which order and how many layers of each: the stack that comes nearest to a picture.
#pragma once

#include "core/base/progress.h"
#include "core/material/filament.h"
#include "core/picture/relief.h"

#include <functional>

namespace vitrail {

/// A colour of the picture, and the share of it that is about like that.
struct PictureColour {
    Lab lab;
    double share = 0;
};
/// The picture in at most so many colours: cells of sRGB with their mean; what is rarest goes to the nearest
/// that stays. Shares add up to 1.
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
    int base_layers = 3;     ///< the lowest band has at least so many, and is everywhere
    int most_layers = 30;    ///< of the whole stack
    int most_bands = 4;      ///< changes of filament and one
    int evaluations = 20000; ///< stacks looked at, for each number of bands, where they are too many for all
    /// [tint][tint]: whether one holds on the other; empty: all do
    std::vector<std::vector<char>> bonds = {};
    int most_filaments = 26; ///< different ones: what the slots hold
    // What the user has settled.
    std::vector<int> layers = {};  ///< [layer − 1]: the tint that layer has; −1: any
    std::vector<int> borders = {}; ///< layers above which another filament begins
    std::vector<int> wanted = {};  ///< tints that must be used
    int exactly_layers = 0;        ///< of the whole stack; 0: as it comes
};

struct FoundStack {
    std::vector<StackBand> bands; ///< from below, neighbours of different tint
    double error = 0;    ///< mean CIEDE2000 to the picture's colours, each at the height that suits it best
    bool proven = false; ///< all stacks of so many bands were looked at
    int broken = 0;      ///< of what the user has settled, so much cannot be had with so few bands
};

/// Of each colour the height that suits it best; the mean of how far that is off. Of heights the two nearest
/// in Lab are compared by CIEDE2000.
double stack_error(const StackSearch& search, const std::vector<StackBand>& bands);

/// How much of what the user has settled, the number of filaments included, a stack does not keep: layers,
/// borders and filaments, counted.
int broken_wishes(const StackSearch& search, const std::vector<StackBand>& bands);

/// The search for a picture's stack: its filaments (what comes apart does not lie on each other), layers and
/// light; colours as seen from where it is looked at.
StackSearch search_for(const Picture& picture, const std::vector<Filament>& filaments, double first_mm,
                       double layer_mm, const Raster& prepared);
/// A found stack as bands of a relief.
std::vector<ReliefBand> bands_of(const std::vector<StackBand>& stack, const std::vector<Filament>& filaments);

/// The best stack found of at most one band, two, … most_bands: [bands − 1]. More bands are never worse, and
/// what is settled comes before all. All stacks up to 20,000 of them, else simulated annealing (Kirkpatrick,
/// Gelatt & Vecchi 1983, Science 220, 671–680) from several starts, the same for the same search. Stopped, it
/// returns what it has. `better` gets the front so far, whenever it has grown.
std::vector<FoundStack> best_stacks(const StackSearch& search, const Progress& progress = {},
                                    const std::function<void(const std::vector<FoundStack>&)>& better = {});

} // namespace vitrail
