// The user's own filaments and spools, and what a print needs of them.
#pragma once

#include "core/material/filament.h"

#include <span>

namespace vitrail {

/// Where a spool is.
enum class SpoolPlace { shelf, dryer, slot, elsewhere };
const char* to_string(SpoolPlace p);

/// One physical roll. Days count from 1970-01-01; 0: not known.
struct Spool {
    std::string code;        ///< as printed on it; unique on the shelf
    std::string filament_id; ///< ShelfFilament::id
    double full_g = 1000;    ///< filament on it when new
    double tare_g = 220;     ///< empty roll; from memory
    double left_g = 1000;
    int opened_day = 0, dried_day = 0;
    SpoolPlace place = SpoolPlace::shelf;
    std::string place_note; ///< which slot, or which printer has it
    std::string tag;        ///< number of its tag, hexadecimal; empty: it has none
    bool operator==(const Spool&) const = default;
};

/// A filament the user keeps: the numbers of a Filament, and what a project does not need to know.
struct ShelfFilament {
    std::string id;              ///< never changes
    Filament filament;           ///< its letter is the hatch it is shown with
    double dry_c = 0, dry_h = 0; ///< 0: that of the class
    std::string notes;
    bool operator==(const ShelfFilament&) const = default;
};

struct Shelf {
    std::vector<ShelfFilament> filaments;
    std::vector<Spool> spools;
    bool operator==(const Shelf&) const = default;
};

/// Index of the spool with that tag, however it is written; −1: none has it.
int spool_with_tag(const Shelf& s, const std::string& tag);

/// Index, or −1.
int find_on_shelf(const Shelf& s, const std::string& id);

/// Left on a roll that weighs `gross_g` on a scale that shows steps of `resolution_g`: net mass, and ± half a
/// step. Common practice, no source.
struct Weighed {
    double left_g = 0, plus_minus_g = 0;
};
Weighed weigh(const Spool& s, double gross_g, double resolution_g);

/// How many equal pieces to weigh together for a wanted precision: n ≥ r / (2·tolerance). Common practice, no
/// source.
int pieces_to_weigh(double resolution_g, double tolerance_g);

/// The spools of a filament in the order to use them up: the opened ones first, of these the emptiest.
std::vector<int> spools_of(const Shelf& s, const std::string& filament_id);

/// Whether a spool lay open longer than its material stands: `days` since it was dried (or opened), against a
/// limit from memory: soluble 1 day, other materials that draw moisture 3 days, the rest 60.
bool is_damp(const Spool& s, Material m, int today);

/// What a project's filament becomes when it is matched with the shelf: its spools and whether they are dry.
void match_with_shelf(Filament& f, const Shelf& s, int today);

/// Where the filament runs out, given the spools in order. `spool_layers[k]`: the layer in which spool k is
/// empty; 0: never.
struct RunsOut {
    int last_layer = 0; ///< the layer in which the last of them is empty; 0: it is enough
    double short_g = 0;
    std::vector<int> spool_layers;
};
RunsOut runs_out(std::span<const double> g_by_layer, std::span<const SpoolLeft> spools);

/// The filaments of the shelf that could stand in for `f`: same class, nearest colour first, with ΔE00. `f`
/// itself is left out.
struct Substitute {
    int filament = 0; ///< index on the shelf
    double delta_e = 0;
};
std::vector<Substitute> substitutes(const Shelf& s, const Filament& f);

/// Why a filament that is filed as PLA may be something else, `called` being its name; empty when nothing
/// speaks for that. Common practice, no source: the accident goes one way, co-polyester or PETG lands on the
/// shelf as PLA.
Message easily_mistaken(const Filament& f, const std::string& called);

/// A few filaments of every usual class, to begin with.
Shelf starter_shelf();

/// Puts it behind one's own filaments, before those of the starter shelf.
void add_filament(Shelf& s, ShelfFilament f);

} // namespace vitrail
