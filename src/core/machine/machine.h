// The printer: toolheads, nozzles, where their filament comes from, and what a change costs on it.
#pragma once

#include <string>
#include <vector>

namespace vitrail {

/// Any switch of filament between two extrusions.
enum class ChangeKind {
    hand,   ///< a person exchanges the spool while the printer waits
    feeder, ///< a feeder retracts one filament and pushes another through the same nozzle
    tool    ///< another nozzle takes over
};
const char* to_string(ChangeKind k);

/// Where purged filament goes.
enum class Destination { ejected, tower };
const char* to_string(Destination d);

struct ChangeTime {
    double time_s = 0;     ///< how long the print stands still, purging not included
    double attended_s = 0; ///< how much of it a person must be there
};

struct Nozzle {
    double diameter_mm = 0.4;
    int toolhead = 0; ///< index into Machine::toolheads
};

struct Toolhead {
    std::string name;
    int slots = 0; ///< slots of its feeder; 0: one external spool, swapped by hand
    bool has_feeder() const { return slots > 0; }
};

struct Machine {
    std::string id = "hand-swap";
    std::string name = "Hand swap";
    std::string note;
    double bed_x_mm = 220, bed_y_mm = 220, height_mm = 220;
    std::vector<Toolhead> toolheads{{"head", 0}};
    std::vector<Nozzle> nozzles{{0.4, 0}};
    // Times per change: from memory, defaults.
    ChangeTime hand{180, 180}, feeder{100, 0}, tool{12, 0};
    Destination purge_to = Destination::ejected;
    // Washout of a 0.4 mm nozzle: from memory, defaults; calibration replaces them.
    double dead_mm3 = 40, mixing_mm3 = 60;
    double prime_mm3 = 6;             ///< least extrusion after any change, to restore pressure; from memory
    double first_load_mm3 = 120;      ///< pushed through an empty nozzle before it prints; from memory
    double class_minimum_mm3 = 200;   ///< least purge between material classes; from memory

    const ChangeTime& time(ChangeKind k) const;
};

/// Filaments the machine can hold at once without a person: every slot, and every external spool.
int places_for_filament(const Machine& m);

/// One sentence on what it can do, for screens and sheets.
std::string describe(const Machine& m);

} // namespace vitrail
