// Which spool sits in which slot, from which layer to which.
#pragma once

#include "core/changes/changes.h"
#include "core/project/project.h"

namespace vitrail {

/// A filament in a slot or at an external spool, from the first layer it is there for to the last.
struct Stay {
    int nozzle = 0; ///< that prints it
    int toolhead = 0;
    int slot = 0; ///< from 1; 0: external spool
    int filament = 0;
    int from_layer = 0, to_layer = 0; ///< first and last layer it is printed in during this stay
    bool at_start = false;            ///< it is there before the print begins
};

/// A slot gets another filament during the print, as the layers ask for it.
struct SlotRefill {
    int toolhead = 0;
    int slot = 0; ///< from 1; 0: the external spool
    int out = -1; ///< what it holds before; −1: nothing
    int in = 0;
    int nth = 1; ///< the n-th time this filament is put in
    /// While these layers are printed the slot is idle, so it can be done at any time. For a pause both are
    /// the layer that waits.
    int earliest_layer = 0, latest_layer = 0;
    int layer = 0;      ///< when the user means to do it, or else the first that will do
    bool pause = false; ///< there is no such layer: the printer waits
    /// of a pause: the layer still prints what the slot held, so it waits within the layer, right before the
    /// change to what is put in
    bool within_layer = false;
};

/// Whether a refill that is due comes before that change.
inline bool comes_before(const SlotRefill& r, const Switch& c) {
    return r.latest_layer < c.layer || (r.latest_layer == c.layer && (!r.within_layer || r.in == c.to));
}

struct Seating {
    std::vector<Stay> stays;         ///< by first layer
    std::vector<SlotRefill> refills; ///< as they are due at the latest
    std::vector<int> slot_of;        ///< [switch]: of its toolhead's feeder, from 1; 0: external spool
    int spools_to_load = 0;          ///< before the start, those not in the machine yet
};

/// A feeder keeps what it needs soonest (keep_needed_soonest). Where a layer's filaments fit the slots
/// together they are asked for together, so that no refill falls inside it; a layer that takes more is served
/// filament by filament. Whatever a feeder holds at the start is put in before it, but for spools that are
/// busy elsewhere.
Seating seat_spools(const Project& project, const Sequence& sequence, const Loading& loading,
                    std::span<const Switch> switches);

} // namespace vitrail
