// The printer: toolheads, nozzles, where their filament comes from, and what a change costs on it.
#pragma once

#include "core/base/message.h"
#include "core/base/value.h"
#include "core/machine/calibration.h"
#include "core/machine/motion.h"

#include <optional>
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
enum class Destination {
    ejected, ///< thrown out
    tower,   ///< a block beside the piece
    infill,  ///< inside the piece, where it does not show
    support, ///< sacrificial anyway
    piece,   ///< a second piece whose colours do not matter
    skirt    ///< loops around the piece
};
const char* to_string(Destination d);
/// Whether purge that goes there replaces filament that would be printed anyway.
inline bool is_useful(Destination d) {
    return d == Destination::infill || d == Destination::support || d == Destination::piece;
}

/// One kind of change costs this, besides purging.
struct ChangeTime {
    double time_s = 0;     ///< how long the print stands still, purging not included
    double attended_s = 0; ///< how much of it a person must be there
    bool operator==(const ChangeTime&) const = default;
};

/// Nozzles meant for soluble material and nozzles for structural material are not interchangeable on some
/// machines (common practice, no source).
enum class NozzleUse { any, structural, soluble };
const char* to_string(NozzleUse u);

struct Nozzle {
    double diameter_mm = 0.4;
    int toolhead = 0;     ///< index into Machine::toolheads
    bool missing = false; ///< its place is empty, or it is worn: nothing can be printed with it
    NozzleUse use = NozzleUse::any;
    bool operator==(const Nozzle&) const = default;
};

/// By how much a toolhead prints too far to the right and to the back of where the first one prints, mm.
struct ToolheadOffset {
    double x_mm = 0, y_mm = 0;
    bool operator==(const ToolheadOffset&) const = default;
};

struct Toolhead {
    std::string name;
    int slots = 0; ///< slots of its feeder; 0: one external spool, swapped by hand
    std::optional<ToolheadOffset> offset = {}; ///< measured by an offset strip; none: never measured
    bool has_feeder() const { return slots > 0; }
    bool operator==(const Toolhead&) const = default;
};

/// What the user's toolpath program should write at a change, as templates: {place}, {nozzle} and {slot}
/// count from 1, {place0}, {nozzle0} and {slot0} from 0, {where} is the slot in words, {from} and {to} are
/// letters, {layer} the layer, {z} its bottom in mm. A place is a nozzle with what feeds it (place_number()),
/// so that by default each has a number of its own, whatever the machine is made of. Words as in RS-274 (NIST
/// IR 6556): T selects a tool, M0 stops the program, M1 stops it if wanted. M600 (exchange filament) and M25
/// (pause a print from a card) are common practice, no source.
struct Commands {
    std::string tool = "T{place0}", feeder = "T{place0}", hand = "M600", pause = "M0 ; put {to} into {where}";
    /// Whether its firmware takes G90 and G91 for the filament as well, also after M82 or M83. None: not
    /// known, and found out file by file.
    std::optional<bool> g90_sets_e = {};
    bool operator==(const Commands&) const = default;
};

/// A part of the bed where nothing may stand: clips, a wiper, a place for purge. mm from the front left
/// corner.
struct KeepClear {
    double x_mm = 0, y_mm = 0, w_mm = 10, d_mm = 10;
    bool operator==(const KeepClear&) const = default;
};

/// What prints have taught, to travel with a machine's file: ln(real / foretold) of the next is Student's t
/// with `freedom`, moved by `centre` and scaled by `spread`.
struct KeptFactor {
    std::string quantity, material; ///< as the logbook names them; material empty: any
    double nozzle_mm = 0;           ///< 0: any
    double centre = 0, spread = 0.2, freedom = 4, mean_sd = 0.2;
    int prints = 0; ///< that taught it
    bool operator==(const KeptFactor&) const = default;
};

struct Machine {
    std::string id = "hand-swap";
    std::string name = "Hand swap";
    std::string note;
    double bed_x_mm = 220, bed_y_mm = 220, height_mm = 220;
    std::vector<KeepClear> keep_clear;
    // What limits printing pieces one after another. 0: not known, and then it is never offered.
    double head_reach_mm = 0; ///< how far the head reaches around the nozzle, close above the bed
    /// from the nozzle's tip up to the lowest thing that moves over the whole width of the bed
    double bar_height_mm = 0;
    std::vector<Toolhead> toolheads{{"head", 0}};
    std::vector<Nozzle> nozzles{{0.4, 0}};
    // Times per change: from memory, defaults.
    ChangeTime hand{180, 180}, feeder{100, 0}, tool{12, 0};
    Motion motion;
    Destination purge_to = Destination::ejected;
    // Washout of a 0.4 mm nozzle: from memory, defaults; calibration replaces them.
    double dead_mm3 = 40, mixing_mm3 = 60;
    double prime_mm3 = 6;           ///< least extrusion after any change, to restore pressure; from memory
    double first_load_mm3 = 120;    ///< pushed through an empty nozzle before it prints; from memory
    double class_minimum_mm3 = 200; ///< least purge between material classes; from memory

    std::vector<KeptCalibration> calibrations; ///< measured washout; the last one that fits counts
    /// by whoever wrote the file; one's own logbook counts where it knows more
    std::vector<KeptFactor> learned;
    Commands commands;

    const ChangeTime& time(ChangeKind k) const;
    bool by_hand(int nozzle) const {
        return !toolheads[static_cast<std::size_t>(nozzles[static_cast<std::size_t>(nozzle)].toolhead)]
                    .has_feeder();
    }
    bool operator==(const Machine&) const;

    VITRAIL_VALUE(Machine)
};

/// A nozzle prints lines from 0.75 to 2 times its diameter. From memory.
bool prints_line(const Nozzle& nozzle, double line_width_mm);
/// Whether the nozzle is meant for such material, lines and being there apart.
bool meant_for(const Nozzle& nozzle, Material material);
/// Nozzles that are there and print lines of that width; all that are there when none does; all when none is
/// there.
std::vector<char> usable_nozzles(const Machine& m, double line_width_mm);
/// The calibration that holds for a nozzle and a filament of that class, or null.
const KeptCalibration* calibration_for(const Machine& m, int nozzle, Material material);

/// "nozzle 2", counted over all toolheads, or where there are several "nozzle 2 (carousel)"; "the nozzle"
/// where it is the only one.
Message nozzle_name(const Machine& m, int nozzle);
/// "slot 3", or with several toolheads "carousel, slot 3"; slot 0 is the external spool.
Message slot_name(const Machine& m, int toolhead, int slot);

/// A nozzle with what feeds it: a slot of its toolhead's feeder, from 1, or its external spool, 0.
struct Place {
    int nozzle = 0, slot = 0;
    bool operator==(const Place&) const = default;
};
/// All of a machine, nozzle by nozzle.
std::vector<Place> places_of(const Machine& m);
/// The place's index in places_of(); −1: there is none such.
int place_number(const Machine& m, Place place);

/// Filaments the machine can hold at once without a person: every slot, and every external spool.
int places_for_filament(const Machine& m);

/// What it is made of, for screens and sheets: "head: 1 nozzle, feeder with 4 slots".
Message describe(const Machine& m);
/// One sentence on what it can do: how many filaments at once, how many of them without purging, and what
/// more mean.
Message what_it_can(const Machine& m);

} // namespace vitrail
