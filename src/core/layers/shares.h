// How much of each filament every layer of a piece takes.
#pragma once

#include "core/layers/demand.h"

namespace vitrail {

/// What a region takes, all of that piece on the plate: a part's body (band −1, patch 0), a band of it, or a
/// patch.
struct RegionUse {
    int part = 0;
    int band = -1; ///< index into Piece::bands
    int patch = 0; ///< number of the patch
    double mm3 = 0, g = 0;
};

struct Shares {
    int filaments = 0;
    std::vector<double> model_mm3; ///< [(layer − 1)·filaments + filament], all of it on the plate
    std::vector<double> free_mm3; ///< [layer − 1], the same: parts that are printed from purge, and else in
                                  ///< whatever is loaded
    /// [part][layer − 1]: filament of the part's body. What everybody goes by who asks where a band begins:
    /// the plan, the export, the checks and the views.
    std::vector<std::vector<std::uint8_t>> owner;
    std::vector<RegionUse> regions;

    double model_in(int layer, int filament) const {
        return model_mm3[static_cast<std::size_t>(layer - 1) * static_cast<std::size_t>(filaments) +
                         static_cast<std::size_t>(filament)];
    }
};

/// A band takes the layers whose middle lies in it, its lower end included; where bands overlap, the later
/// one. A patch without a filament is printed in what is behind it, a part without one in the project's
/// first.
Shares share_out(const Project& project, const Piece& piece, const LayerGrid& grid, const Demand& demand);

} // namespace vitrail
