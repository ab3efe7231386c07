// Who prints the support, and how much of it there is in each layer.
#pragma once

#include "core/layers/shares.h"
#include "core/support/layout.h"

#include <span>

namespace vitrail {

/// All of it empty where there is no support.
struct SupportShares {
    std::vector<std::uint8_t> support_by, interface_by; ///< [layer − 1]: filament
    std::vector<double> support_mm3, interface_mm3;     ///< [layer − 1], all of that piece on the plate

    double support_in(int layer, int filament) const { return of(support_by, support_mm3, layer, filament); }
    double interface_in(int layer, int filament) const {
        return of(interface_by, interface_mm3, layer, filament);
    }

private:
    static double of(const std::vector<std::uint8_t>& by, const std::vector<double>& mm3, int layer,
                     int filament) {
        const auto l = static_cast<std::size_t>(layer) - 1;
        return l < by.size() && by[l] == filament ? mm3[l] : 0;
    }
};

/// A support without a filament of its own is whatever prints most of the layer, of the piece's main class:
/// it takes no change of its own. `support` may be null.
SupportShares share_out_support(const Project& project, const Piece& piece, const LayerGrid& grid,
                                const SupportPlan* support, const Shares& shares);

/// The filament that prints most of a piece; `model_mm3` as in Shares.
int main_filament(int filaments, std::span<const double> model_mm3);
inline int main_filament(const Shares& shares) {
    return main_filament(shares.filaments, shares.model_mm3);
}

} // namespace vitrail
