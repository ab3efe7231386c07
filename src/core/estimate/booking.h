// What is extruded in each layer, apart from the changes: piece, support, and what carries tower and skirt.
#pragma once

#include "core/purge/place.h"

namespace vitrail {

/// One filament in one layer, mm³, all copies.
struct Extruded {
    int filament = 0;
    bool carries_only = false;                                ///< the layer prints nothing of the piece
    double model_mm3 = 0, support_mm3 = 0, interface_mm3 = 0; ///< without what purge replaced
    double tower_mm3 = 0, skirt_mm3 = 0, ooze_mm3 = 0;        ///< fill, and the ooze wall
    double carried_mm3() const { return tower_mm3 + skirt_mm3 + ooze_mm3; }
    double mm3() const { return model_mm3 + support_mm3 + interface_mm3 + carried_mm3(); }
};

/// [layer − 1], in printing order. A layer that prints nothing carries its tower in the filament that is in
/// the nozzle as it begins.
using Books = std::vector<std::vector<Extruded>>;
Books book_layers(const Project& project, const Printed& printed, const Sequence& sequence,
                  std::span<const Switch> switches, const PurgePlan& purge);

} // namespace vitrail
