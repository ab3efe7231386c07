// Pieces of several projects on one plate.
#pragma once

#include "core/project/project.h"

#include <span>

namespace vitrail {

/// So many of everything a project has.
struct Share {
    const Project* project = nullptr;
    int count = 1;
};

/// Why two projects cannot be printed on one plate, in words; empty where they can. They must agree on
/// everything the whole plate has in common (layers, lines, walls, infill, support, …: all settings but those
/// of the plate, of presence, money and reports), and their beds' temperatures must overlap. Without
/// `support_too` they may differ in support: for pieces that get none either way.
Message cannot_share(const Project& a, const Project& b, bool support_too = true);

/// The same thing on the shelf: material, colour, name, diameter.
bool alike(const Filament& a, const Filament& b);

/// One project of them all, on that machine. Filaments that are alike become one; letters are dealt out anew
/// where they collide. Pieces, parts and model files keep their names, or get one like it. Settings and locks
/// are those of the first that is held by support, else the first one's; pins to nozzles and places are
/// dropped, and copies are counted as pieces. Error where there are more filaments than letters.
Result<Project> on_one_plate(std::span<const Share> shares, const Machine& machine);

} // namespace vitrail
