// Where the purge of each change goes.
#pragma once

#include "core/changes/changes.h"
#include "core/purge/plate.h"

namespace vitrail {

/// A part of a change's purge, and where it goes.
struct Flow {
    Destination where = Destination::ejected;
    int piece = -1, part = -1; ///< for infill and the part that takes purge: whose
    double mm3 = 0;
};

struct PurgePlan {
    Destination rest_goes_to = Destination::ejected; ///< what nothing has use for
    std::vector<std::vector<Flow>> flows;            ///< [switch]: all of its purge
    Tower tower;
    Skirt skirt;
    OozeWall ooze;
    Plate plate;
};

/// In each layer, a change's purge goes to the infill (settings.purge_infill), then support (purge_support),
/// then to parts that take purge, as far as each has room in that layer; changes that fewer places suit come
/// first. The rest goes to `rest_goes_to`; what a skirt has no room for is ejected.
///
/// With IntoInfill::peaks and a tower the layers take turns: a layer's purge fills the tower first, as far as
/// the slimmest one that stands (or the width that is set) has room, and only what is more goes to the
/// infill. That keeps the tower small and the infill pure in all other layers.
///
/// Infill takes purge of the same material class whose colours, old and new, do not show through the walls
/// before it (hides_behind).
PurgePlan place_purge(const Project& project, const Printed& printed, std::span<const Switch> switches,
                      PlateStage& plates, const std::stop_token& stop = {});

/// Where most of a switch's purge goes.
Destination main_destination(std::span<const Flow> flows, Destination otherwise);

/// Whether `inside` cannot be told from its own infill behind `wall_mm` of `wall`: the colour difference of
/// what shows, by T = 0.1^(t/TD) in linear light, stays within `delta_e`. TD: the thickness that lets 10 %
/// through (domain's definition, from memory).
bool hides_behind(const Filament& wall, double wall_mm, Srgb inside, double delta_e);

} // namespace vitrail
