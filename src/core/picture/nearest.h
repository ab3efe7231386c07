// The nearest of many colours.
#pragma once

#include "core/colour/colour.h"

#include <memory>
#include <vector>

namespace vitrail {

/// The colour of least CIEDE2000, exactly. A k-d tree (nanoflann) in Lab gives the few that are likely; of
/// all others those are looked at that a lower bound of CIEDE2000 does not rule out. May be used from several
/// threads.
///
/// The bound: of the quadratic form in ΔC′/S_C and ΔH′/S_H no less than 1 − |R_T|/2 is left, and |R_T|/2 is
/// at most sin 60° · √(C̄⁷/(C̄⁷ + 25⁷)), next to nothing where neither b is below 0, as the mean hue is far
/// from 275° then; S_H ≤ S_C; ΔC′² + ΔH′² = Δa′² + Δb², and Δa ≤ Δa′ ≤ 1.5 Δa (from the formulas in Sharma,
/// Wu & Dalal 2005).
class NearestColour {
public:
    explicit NearestColour(std::vector<Lab> colours); ///< one at least
    ~NearestColour();
    /// Index of the nearest, and how far it is.
    struct Found {
        int index = 0;
        double delta_e = 0;
    };
    Found of(const Lab& colour) const;
    const std::vector<Lab>& colours() const;

private:
    struct Tree;
    std::unique_ptr<Tree> tree_;
};

} // namespace vitrail
