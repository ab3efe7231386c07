// What of the piece needs holding: overhangs, islands, and bridges that hold themselves.
#pragma once

#include "core/plan/layer_table.h"

namespace vitrail {

struct OverhangRules {
    double angle_deg = 50;  ///< from the vertical: 0° is a wall, 90° a ceiling. 0…89
    double bridge_mm = 10;  ///< gaps up to so wide, carried at both sides, are printed freely; 0: none are. From memory
    double least_mm2 = 0.5; ///< smaller overhangs sag too little to matter; islands are held however small. From memory
};

/// One layer's areas, µm.
struct Overhang {
    Paths area;    ///< to be held from below, islands included
    Paths islands; ///< regions with nothing at all under them
    Paths bridges; ///< carried at both sides, and left free
};

/// [layer − 1]; the first layer lies on the bed. The overhang of a layer is its area minus the area of the layer below grown by
/// h·tan(angle) (common practice, no source). An overhanging region is a bridge when a closing of what carries it, by half the
/// span, covers nine tenths of it: a cantilever is not closed over, however short. Long: takes Progress.
Result<std::vector<Overhang>> find_overhangs(const LayerTable& table, const OverhangRules& rules, const Progress& progress = {});

/// Regions that hang together: each an outer ring with its holes.
std::vector<Paths> pieces_of(const Paths& area);

} // namespace vitrail
