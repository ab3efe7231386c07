// The plan: everything Vitrail knows about a print before it is printed. Views, sheets and reports read it.
#pragma once

#include "core/changes/nozzles.h"
#include "core/changes/order.h"
#include "core/plan/demand.h"
#include "core/plan/detail.h"
#include "core/plan/layer_table.h"
#include "core/project/project.h"
#include "core/purge/tower.h"
#include "core/purge/washout.h"

#include <functional>
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace vitrail {

/// A switch of filament between two extrusions, listed at the first layer in the new filament.
struct Change {
    int layer = 0;
    double z_before_mm = 0; ///< printed by then
    double z_after_mm = 0;  ///< where that layer ends
    int from = 0, to = 0;   ///< filament indices, in order of printing
    ChangeKind kind = ChangeKind::hand;
    int nozzle = 0;         ///< the nozzle that prints on
    int displaced = 0;      ///< the filament that nozzle held before; equal to `to` when it kept it
    double purge_mm3 = 0, purge_g = 0;
    Destination destination = Destination::ejected;
    double time_s = 0, attended_s = 0; ///< purging and waiting included
    bool within_layer = false;         ///< the layer has begun in another filament
};

/// The first filament of a nozzle, pushed through before it prints. Not a change.
struct FirstLoad {
    int nozzle = 0, filament = 0, layer = 0;
    double mm3 = 0, g = 0;
};

struct FilamentUse {
    double model_mm3 = 0, purge_mm3 = 0, tower_mm3 = 0, first_load_mm3 = 0;
    double model_g = 0, support_g = 0, interface_g = 0, purge_g = 0, tower_g = 0;
    double total_g = 0; ///< the five above
    double first_load_g = 0;
    double length_m = 0, cost = 0; ///< first load included
    std::vector<double> g_by_layer; ///< [layer − 1]: everything extruded in that layer, first load included
    int first_layer = 0, last_layer = 0; ///< 0: not used
};

/// What a region takes, all copies: a part's body (band −1, patch 0), a band of it, or a patch.
struct RegionUse {
    int part = 0;
    int band = -1; ///< index into Project::bands
    int patch = 0; ///< number of the patch
    double mm3 = 0, g = 0;
};

struct Totals {
    double model_g = 0, support_g = 0, interface_g = 0, purge_g = 0, tower_g = 0, first_load_g = 0;
    double purge_mm3 = 0;
    double waste_ratio = 0; ///< (purge + tower + support + interface) / model
    int changes = 0, hand_swaps = 0;
    double print_s = 0, change_s = 0, attended_s = 0, total_s = 0;
    double filament_cost = 0, attended_cost = 0, cost = 0;
};

/// What no plan with this loading can go below.
struct LowerBound {
    int changes = 0;
    double purge_mm3 = 0;
};

enum class Severity { error, warning, note };
const char* to_string(Severity s);

/// Something undoable that mends a finding.
struct Fix {
    std::string label;
    std::string detail; ///< what it takes and brings, where the label does not say it all
    std::function<void(Project&)> apply;
};

/// A place of a finding.
struct Spot {
    Vec3 point;       ///< in the parts' coordinates
    int layer = 0;    ///< 0: on the surface, no one layer
    double size_mm = 0;
};

/// Something that would spoil the print, or that the user should know.
struct Finding {
    std::string code;
    Severity severity = Severity::warning;
    std::string message;
    std::string where;       ///< the place in words
    int layer = 0;           ///< 0: the whole print
    std::vector<int> parts;  ///< indices concerned
    std::vector<Spot> spots; ///< where to look; not every place there is, but every kind
    std::vector<Fix> fixes;  ///< ways to mend it, the usual one first
};

/// Purge and time of each layer, for the skyline and the tables.
struct LayerCost {
    double purge_mm3 = 0, purge_g = 0, tower_mm3 = 0;
    double print_s = 0, change_s = 0;
    bool waits_to_cool = false; ///< the least time per layer decides
};

struct Plan {
    std::shared_ptr<const LayerTable> table;
    std::shared_ptr<const Demand> demand;
    LayerGrid grid;
    int filaments = 0;

    std::vector<double> model_mm3; ///< [(layer − 1)·filaments + filament], all copies
    Loading loading;
    Sequence sequence; ///< filaments in printing order, per layer
    CostMatrix purge_table{0}; ///< mm³ from → to on one nozzle
    Washout washout;

    std::vector<Change> changes;
    std::vector<FirstLoad> first_loads;
    Tower tower;
    bool uses_tower = false;
    std::vector<LayerCost> layers; ///< [layer − 1]
    std::vector<FilamentUse> use;  ///< per filament
    std::vector<RegionUse> regions;
    Totals totals;
    LowerBound bound;
    Totals as_assigned; ///< the same print in the order as assigned: what the optimum is measured against
    std::vector<Finding> findings;
    std::vector<Finding> waived; ///< what the project's waivers keep out of the list
    std::shared_ptr<const Detail> detail; ///< null where nothing was looked for

    double model_in(int layer, int filament) const {
        return model_mm3[static_cast<std::size_t>(layer - 1) * filaments + filament];
    }
};

/// Grams of the tower, purge and fill, and its share of all filament (0…1).
double tower_g(const Plan& plan);
double tower_share(const Plan& plan);

} // namespace vitrail
