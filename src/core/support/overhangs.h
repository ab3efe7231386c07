// What of the piece needs holding: overhangs, islands, and bridges that hold themselves.
#pragma once

#include "core/layers/layer_table.h"

namespace vitrail {

struct OverhangRules {
    double angle_deg = 50; ///< from the vertical: 0° is a wall, 90° a ceiling. 0…89
    /// gaps up to so wide, carried at both sides, are printed freely; 0: none are. From memory
    double bridge_mm = 10;
    /// smaller faces sag too little to matter; islands are held however small. From memory
    double least_mm2 = 0.5;
    bool operator==(const OverhangRules&) const = default;
};

/// One layer's areas.
struct Overhang {
    Rows area; ///< to be held from below, islands included: the whole strip by which the layer steps out, not
               ///< only what its angle forbids
    Rows islands;         ///< regions with nothing at all under them
    Rows wished;          ///< of the area: painted to be held
    Rows bridges;         ///< carried at both sides, and left free
    double freed_mm2 = 0; ///< would need holding, and is kept free by paint
};

/// [layer − 1]; the first layer lies on the bed. A layer steps out too far where it is farther than
/// d·tan(angle) from what lies d below (common practice, no source), d being a layer, or as many thin ones as
/// make 0.2 mm: so neither the layer height nor rounding to µm decides. What steps out beside such a place is
/// held with it; where a slope passes the angle, up to half a layer's strip is taken or left. An overhanging
/// region is a bridge when a closing of what carries it, by half the span, covers nine tenths of it: a
/// cantilever is not closed over, however short. Smallness is not looked at: see whole_faces(). Long: takes
/// Progress.
Result<std::vector<Overhang>> find_overhangs(const LayerTable& table, const OverhangRules& rules,
                                             const Progress& progress = {});

/// Painted wishes as areas of layers, [layer − 1]; no layers at all where nothing is painted.
struct SupportWishes {
    std::vector<Rows> keep_free, hold;
};
/// A painted face counts where it looks down, in the layers whose underside it is.
SupportWishes wishes_of(const std::vector<Part>& parts, const LayerTable& table);

/// What is painted to be kept free is not held, not even an island; what is painted to be held is held
/// wherever the layer reaches beyond the one below. Only layers with a wish are looked at.
std::vector<Overhang> with_wishes(const std::vector<Rows>& piece, const std::vector<Overhang>& found,
                                  const SupportWishes& wishes);

} // namespace vitrail
