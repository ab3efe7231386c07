// How much is extruded where: walls, skins and infill of every part in every layer, and what its patches take
// of them.
#pragma once

#include "core/layers/layer_table.h"

#include <memory>
#include <vector>

namespace vitrail {

/// mm³ of one part in one layer, one copy.
struct Volume {
    double wall_mm3 = 0, skin_mm3 = 0, infill_mm3 = 0;
    double bridge_mm3 = 0; ///< of the skin, what has nothing of the layer below under it
    /// mean length of a line: π·area/perimeter of what it fills (Crofton)
    double skin_line_mm = 0, infill_line_mm = 0;
    double total() const { return wall_mm3 + skin_mm3 + infill_mm3; }
};

/// One painted patch, one copy.
struct PatchDemand {
    std::vector<Paths> layers; ///< [layer − 1], µm: the area it takes
    std::vector<double> mm3;   ///< [layer − 1]; printed solid
};

struct Demand {
    std::vector<std::vector<Volume>> parts;        ///< [part][layer − 1], without what its patches took
    std::vector<std::vector<PatchDemand>> patches; ///< [part][patch]
};

/// Walls fill the outline to a depth of walls × line width. Of the rest, what is not covered by the whole
/// piece in each of the next `top_skins` layers above, or `bottom_skins` below, is solid; the remainder is
/// infill. With `skins_at_borders` the part itself has to cover it. Long: takes Progress. Depends on walls,
/// line width, skins, infill and the paint of the parts only, not on filaments.
Result<std::shared_ptr<const Demand>> make_demand(const LayerTable& table, const std::vector<Part>& parts,
                                                  const Settings& settings, const Progress& progress = {});

} // namespace vitrail
