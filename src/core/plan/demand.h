// How much is extruded where: walls, skins and infill of every part in every layer.
#pragma once

#include "core/plan/layer_table.h"

#include <memory>
#include <vector>

namespace vitrail {

/// mm³ of one part in one layer, one copy.
struct Volume {
    double wall_mm3 = 0, skin_mm3 = 0, infill_mm3 = 0;
    double total() const { return wall_mm3 + skin_mm3 + infill_mm3; }
};

struct Demand {
    std::vector<std::vector<Volume>> parts; ///< [part][layer − 1]
};

/// Walls fill the outline to a depth of walls × line width. Of the rest, what is not covered by the whole piece in
/// each of the next `top_skins` layers above, or `bottom_skins` below, is solid; the remainder is infill.
/// Long: takes Progress. Depends on walls, line width, skins and infill only, not on filaments.
Result<std::shared_ptr<const Demand>> make_demand(const LayerTable& table, const Settings& settings,
                                                  const Progress& progress = {});

} // namespace vitrail
