// Grams, metres and money, and the totals of a print.
#pragma once

#include "core/estimate/timeline.h"

namespace vitrail {

struct FilamentUse {
    double model_mm3 = 0, support_mm3 = 0, interface_mm3 = 0, purge_mm3 = 0, tower_mm3 = 0,
           first_load_mm3 = 0;
    double model_g = 0, support_g = 0, interface_g = 0, purge_g = 0, tower_g = 0;
    double total_g = 0; ///< the five above
    double first_load_g = 0;
    double length_m = 0, cost = 0;  ///< first load included
    std::vector<double> g_by_layer; ///< [layer − 1]: everything extruded in that layer, first load included
    int first_layer = 0, last_layer = 0; ///< 0: not used
    double printed_mm3() const { return model_mm3 + support_mm3 + interface_mm3; }
};

/// Purge of a layer, and what carries tower and skirt in it.
struct LayerPurge {
    double purge_mm3 = 0, purge_g = 0, useful_mm3 = 0; ///< useful: of the purge
    double tower_mm3 = 0;                              ///< fill of tower and skirt, ooze wall
};

struct Totals {
    double model_g = 0, support_g = 0, interface_g = 0, purge_g = 0, tower_g = 0, first_load_g = 0;
    double purge_mm3 = 0; ///< of all changes, wherever it goes
    /// of it, what replaced filament of the piece or its support; it counts as that, not as purge
    double useful_purge_g = 0;
    double skirt_g = 0, ooze_g = 0; ///< part of tower_g: fill of the skirt, ooze wall
    int refills = 0, pauses = 0;    ///< slots filled during the print; of them, how often the printer waits
    int spools_to_load = 0;         ///< before the start, those not in the machine yet
    double waste_ratio = 0;         ///< (purge + tower + support + interface) / model
    int changes = 0, hand_swaps = 0;
    double print_s = 0, change_s = 0, attended_s = 0, total_s = 0;
    double start_s = 0; ///< of print_s: heating, homing and levelling
    double filament_cost = 0, attended_cost = 0, cost = 0;
};

struct Costs {
    std::vector<FilamentUse> use;   ///< per filament
    std::vector<LayerPurge> layers; ///< [layer − 1]
    std::vector<double> purge_g;    ///< [switch]
    Totals totals;
};

/// What purge replaces is taken from the filament it replaces, so that a plan's grams stay whole.
Costs work_out_costs(const Project& project, const Books& books, const SwitchList& switches,
                     const PurgePlan& purge, const Seating& seating, const Timeline& timeline);

/// One's own hour, where it has no price, counts so much when ways to print are compared. Ours; no source.
inline constexpr double kUnpricedHour = 12;
inline double own_hour(const Settings& s) {
    return s.attended_per_h > 0 ? s.attended_per_h : kUnpricedHour;
}
/// What a way to print comes to, all in: filament, the printer's hours, and one's own at the printer and
/// `hand_s` afterwards. The one rule by which ways are compared.
double price_of(const Settings& s, const Totals& totals, double hand_s);

/// Everything thrown away: what goes out or into tower, skirt and ooze wall, and support. g
double waste_g(const Totals& totals);

/// What one of a piece comes to: its own filament, and its share, by the volume of piece and support, of the
/// time and the money of the whole plate.
struct PieceShare {
    int count = 0;                     ///< of it on the plate
    double model_g = 0, support_g = 0; ///< interface included
    double total_s = 0, cost = 0;
};
/// [piece]
std::vector<PieceShare> share_costs(const Project& project, const Printed& printed, const Totals& totals);

} // namespace vitrail
