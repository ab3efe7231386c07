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
#include "core/support/access.h"

#include <functional>
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace vitrail {

/// A part of a change's purge, and where it goes.
struct Flow {
    Destination where = Destination::ejected;
    int part = -1; ///< for infill and the second piece: whose
    double mm3 = 0;
};

/// A switch of filament between two extrusions, listed at the first layer in the new filament.
struct Change {
    int layer = 0;
    double z_before_mm = 0; ///< printed by then
    double z_after_mm = 0;  ///< where that layer ends
    int from = 0, to = 0;   ///< filament indices, in order of printing
    ChangeKind kind = ChangeKind::hand;
    int nozzle = 0;         ///< the nozzle that prints on
    int displaced = 0;      ///< the filament that nozzle held before; equal to `to` when it kept it
    int slot = 0;           ///< of its toolhead's feeder, from 1; 0: external spool
    double purge_mm3 = 0, purge_g = 0;
    Destination destination = Destination::ejected; ///< of most of the purge
    std::vector<Flow> flows;                        ///< all of it
    double time_s = 0, attended_s = 0; ///< purging and waiting included
    bool within_layer = false;         ///< the layer has begun in another filament
};

/// The first filament of a nozzle, pushed through before it prints. Not a change.
struct FirstLoad {
    int nozzle = 0, filament = 0, layer = 0;
    double mm3 = 0, g = 0;
};

/// A filament in a slot or at an external spool, from the first layer it is there for to the last.
struct Stay {
    int nozzle = 0; ///< that prints it
    int toolhead = 0;
    int slot = 0; ///< from 1; 0: external spool
    int filament = 0;
    int from_layer = 0, to_layer = 0; ///< first and last layer it is printed in during this stay
};

/// A slot gets another filament during the print.
struct Refill {
    int toolhead = 0;
    int slot = 0; ///< from 1; 0: the external spool
    int out = -1; ///< what it holds before; −1: nothing
    int in = 0;
    int nth = 1; ///< the n-th time this filament is put in
    /// While these layers are printed the slot is idle, so it can be done at any time. For a pause both are the layer that
    /// waits.
    int earliest_layer = 0, latest_layer = 0;
    int layer = 0;      ///< when the user means to do it, or else the first that will do
    bool pause = false; ///< there is no such layer: the printer waits
    double earliest_s = 0, latest_s = 0; ///< the same as seconds from the start
};

/// The washout that was used for changes to a material class on a toolhead, and how sure it is.
struct WashoutUse {
    int toolhead = 0;
    Material material = Material::PLA;
    Washout washout;
    double dead_sd_mm3 = 0, mixing_sd_mm3 = 0, covariance_mm6 = 0; ///< 0: not known
    int readings = 0;   ///< of the calibration; 0: none, the machine's or the project's figures
    bool by_setting = false;
    double nozzle_mm = 0.4;
};

/// What decides how much a pair purges.
enum class PurgeRule { colour, prime, material, by_hand, locked };

/// One pair of filaments that follow each other on a nozzle.
struct PairUse {
    int from = 0, to = 0;
    double mm3 = 0;       ///< each time
    double clean_mm3 = 0; ///< where it counts as clean at `delta_e`; 0: the two are that close anyway
    double sd_mm3 = 0;    ///< standard deviation of clean_mm3; 0: not known
    double delta_e = 0;
    double left_delta_e = 0; ///< colour difference that mm3 leaves
    PurgeRule rule = PurgeRule::colour;
    int times = 0;
    double g = 0, s = 0;  ///< all times together, seconds with the change itself
    Washout washout;
};

/// Something a person must do, at some time between two.
struct Visit {
    enum class What { swap, refill, pause };
    What what = What::swap;
    double from_s = 0, to_s = 0; ///< from the start; equal where the printer waits
    int layer = 0;
    int change = -1, refill = -1; ///< index into Plan::changes or Plan::refills
    bool at_night = false; ///< the whole of that time lies in the night
};

/// How often somebody must come.
struct Attendance {
    std::vector<Visit> visits; ///< by time
    int trips = 0;       ///< visits taken together where their times allow
    int night_trips = 0; ///< of those, how many cannot be made outside the night
    double longest_stay_s = 0; ///< hand swaps that follow each other so closely that leaving is not worth it
};

struct FilamentUse {
    double model_mm3 = 0, support_mm3 = 0, interface_mm3 = 0, purge_mm3 = 0, tower_mm3 = 0, first_load_mm3 = 0;
    double model_g = 0, support_g = 0, interface_g = 0, purge_g = 0, tower_g = 0;
    double total_g = 0; ///< the five above
    double first_load_g = 0;
    double length_m = 0, cost = 0; ///< first load included
    std::vector<double> g_by_layer; ///< [layer − 1]: everything extruded in that layer, first load included
    int first_layer = 0, last_layer = 0; ///< 0: not used
    double printed_mm3() const { return model_mm3 + support_mm3 + interface_mm3; } ///< 0: not used
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
    double purge_mm3 = 0;      ///< of all changes, wherever it goes
    double useful_purge_g = 0; ///< of it, what replaced filament of the piece or its support; it counts as that, not as purge
    double skirt_g = 0, ooze_g = 0; ///< part of tower_g: fill of the skirt, ooze wall
    int refills = 0, pauses = 0; ///< slots filled during the print; of them, how often the printer waits
    int spools_to_load = 0;      ///< before the start, those not in the machine yet
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
    double purge_mm3 = 0, purge_g = 0, useful_mm3 = 0; ///< useful: of the purge
    double tower_mm3 = 0; ///< fill of tower and skirt, ooze wall
    double start_s = 0;   ///< when the layer begins, from the start of the print
    double print_s = 0, change_s = 0;
    bool waits_to_cool = false; ///< the least time per layer decides
};

struct Plan {
    std::shared_ptr<const LayerTable> table;
    std::shared_ptr<const Demand> demand;
    LayerGrid grid;
    int filaments = 0;

    std::vector<double> model_mm3; ///< [(layer − 1)·filaments + filament], all copies
    std::vector<double> free_mm3;  ///< [layer − 1], all copies: parts that are printed from purge, and else in whatever is loaded
    std::vector<std::vector<std::uint8_t>> owner; ///< [part][layer − 1]: filament of its body
    std::shared_ptr<const SupportPlan> underside; ///< what needs holding, support or not; null where nobody looked
    std::shared_ptr<const SupportPlan> support;   ///< the same, where support is wanted; else null
    std::shared_ptr<const AccessMap> access;    ///< null without support, and where nobody looked for findings
    std::vector<FaceAccess> face_access;        ///< [face of the support's layout]; empty without access
    std::vector<std::uint8_t> support_by, interface_by; ///< [layer − 1]: who prints it; empty where there is none
    std::vector<double> support_mm3, interface_mm3;     ///< [layer − 1], all copies; empty where there is none
    Loading loading;
    Sequence sequence; ///< filaments in printing order, per layer
    std::vector<CostMatrix> purge_tables; ///< mm³ from → to, for each kind of nozzle
    std::vector<int> table_of;            ///< [nozzle]: index into purge_tables
    CostMatrix purge_table{0}; ///< mm³ from → to on the nozzle that prints `to`
    std::vector<WashoutUse> washouts; ///< of the classes and toolheads in use
    std::vector<PairUse> pairs;       ///< that occur, dearest first

    std::vector<Change> changes;
    std::vector<FirstLoad> first_loads;
    std::vector<Stay> stays;
    std::vector<Refill> refills; ///< by layer
    Attendance attendance;
    Tower tower;
    Skirt skirt;
    OozeWall ooze;
    Destination rest_goes_to = Destination::ejected; ///< what nothing has use for
    int locked_changes = 0; ///< how many more changes, and mm³, the lock on the order costs
    double locked_mm3 = 0;
    std::vector<LayerCost> layers; ///< [layer − 1]
    std::vector<FilamentUse> use;  ///< per filament
    std::vector<RegionUse> regions;
    Totals totals;
    LowerBound bound;
    Totals as_assigned; ///< the same print in the order as assigned: what the optimum is measured against
    std::vector<Finding> findings;
    std::vector<Finding> waived; ///< what the project's waivers keep out of the list
    std::shared_ptr<const Detail> detail; ///< null where nothing was looked for

    /// Piece, support and interface.
    double printed_in(int layer, int filament) const {
        double mm3 = model_in(layer, filament);
        if (!support_mm3.empty())
            mm3 += (filament == support_by[static_cast<std::size_t>(layer) - 1] ? support_mm3[static_cast<std::size_t>(layer) - 1] : 0) +
                   (filament == interface_by[static_cast<std::size_t>(layer) - 1] ? interface_mm3[static_cast<std::size_t>(layer) - 1] : 0);
        return mm3;
    }
    double model_in(int layer, int filament) const {
        return model_mm3[static_cast<std::size_t>(layer - 1) * filaments + filament];
    }
};

/// The pair, if it occurs on a nozzle; else null.
inline const PairUse* find_pair(const Plan& plan, int from, int to) {
    for (const PairUse& u : plan.pairs)
        if (u.from == from && u.to == to)
            return &u;
    return nullptr;
}

/// Grams of the tower, purge and fill, and its share of all filament (0…1).
double tower_g(const Plan& plan);
double tower_share(const Plan& plan);

} // namespace vitrail
