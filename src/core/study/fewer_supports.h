// Less support, and fewer changes for it: other interfaces, other supports, another pose, or a cut through
// the piece.
#pragma once

#include "core/study/suggestions.h"

namespace vitrail {

/// A level cut that leaves less to hold: two pieces, glued afterwards.
struct CutPlane {
    int layer = 0;                               ///< the last one of the lower piece
    double z_mm = 0;                             ///< above the bed
    bool flip_lower = false, flip_upper = false; ///< printed upside down
    double overhang_mm2 = 0, now_mm2 = 0;        ///< sums over layers: with the cut, and as it stands
    double seam_mm2 = 0;                         ///< of the cut
};

/// The best of all level cuts between two layers: both pieces either way up, each resting on a face of at
/// least a twentieth of the largest cross-section. O(layers) after one look at the layers upside down.
/// Nothing where none takes at least half of the overhang away, or where there is next to none. Error:
/// stopped.
Result<std::optional<CutPlane>> best_cut(const LayerTable& table, const std::vector<Overhang>& overhangs,
                                         const OverhangRules& rules, const Progress& progress = {});

/// Makes the cut: parts above it become separate ones, " upper" after their names, placed beside the lower
/// ones on the bed.
void cut_piece(Project& project, int piece, const CutPlane& cut);

/// What would save support or changes it costs, each by planning it, best first; the suggestions' codes:
/// align, small, tree, columns, bed, cut, and with `poses` pose. Empty without support. Long: takes Progress.
/// Error: stopped.
Result<std::vector<Suggestion>> fewer_supports(const Project& project, const Plan& plan, bool poses,
                                               const Progress& progress = {});

} // namespace vitrail
