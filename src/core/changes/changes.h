// From an order of filaments to the list of changes on a machine.
#pragma once

#include "core/changes/nozzles.h"
#include "core/geometry/layers.h"
#include "core/machine/machine.h"

namespace vitrail {

/// A switch of filament between two extrusions, listed at the first layer in the new filament.
struct Switch {
    int layer = 0;
    double z_before_mm = 0; ///< printed by then
    double z_after_mm = 0;  ///< where that layer ends
    int from = 0, to = 0;   ///< filament indices, in order of printing
    ChangeKind kind = ChangeKind::hand;
    int nozzle = 0;    ///< the nozzle that prints on
    int displaced = 0; ///< the filament that nozzle held before; equal to `to` when it kept it
    double purge_mm3 = 0;
    bool within_layer = false; ///< the layer has begun in another filament
};

/// The first filament of a nozzle, pushed through before it prints. Not a change.
struct FirstLoad {
    int nozzle = 0, filament = 0, layer = 0;
    double mm3 = 0;
};

struct SwitchList {
    std::vector<Switch> switches;
    std::vector<FirstLoad> first_loads;
};

/// A switch to a nozzle that still holds the filament is a tool change and takes the machine's small prime. A
/// nozzle that holds another one purges, and the switch is a feeder change or a hand swap, whichever that
/// nozzle has. The first filament of each nozzle is a first load: the switch to it, if another nozzle printed
/// before, is a tool change. `purge_mm3`: from → to on the nozzle that prints `to`.
SwitchList list_switches(const Machine& machine, const LayerGrid& grid, const Sequence& sequence,
                         const Loading& loading, const CostMatrix& purge_mm3);

} // namespace vitrail
