// Project → Plan: the one pipeline.
#pragma once

#include "core/base/memory.h"
#include "core/base/value.h"
#include "core/plan/plan.h"
#include "core/support/support_stage.h"

namespace vitrail {

/// How much of a plan is asked for. What it costs is the same in both.
enum class Scope {
    sketch,  ///< for searches: as costs, but the plate is laid out by boxes, and filaments go to nozzles by
             ///< what each nozzle costs alone
    costs,   ///< for comparing variants
    findings ///< and what the checks look at: what hangs, what can be reached, fine detail, the order as
             ///< assigned
};

/// Builds plans and remembers, piece by piece, the stages that did not change: the layer table as long as
/// meshes and layer heights stay, the demand as long as walls, skins and infill stay, purge volumes as long
/// as colours and machine stay. A change of colour or assignment never slices again, a change of one piece no
/// other. Not for use from two threads at once.
class Planner {
public:
    VITRAIL_VALUE(Planner)

    /// Knows what that plan of that project knows, so that variants of it are planned without slicing again.
    Planner(const Project& project, const Plan& plan);
    /// And what that plan of another project knows.
    void know(const Project& project, const Plan& plan);

    /// Without findings: check/findings.h has those. Error when there is nothing to plan or the work was
    /// stopped.
    Result<std::shared_ptr<const Plan>> plan(const Project& project, const Progress& progress = {},
                                             Scope scope = Scope::costs);

    /// How often the slow stages really ran, for tests and benchmarks.
    int sliced() const { return tables_.made(); }
    int measured() const { return demands_.made(); }
    int arranged() const { return plates_.arranged(); }

private:
    struct TableKey { // of a piece
        std::vector<std::shared_ptr<const Mesh>> meshes;
        double first_mm = 0, height_mm = 0;
        std::vector<LayerBand> bands;
        bool operator==(const TableKey&) const = default;
    };
    struct DemandKey {
        std::shared_ptr<const LayerTable> table;
        std::vector<std::pair<std::shared_ptr<const Paint>, std::size_t>> paints; ///< and how many patches
        int walls = 0, top = 0, bottom = 0;
        double line_width = 0, infill = 0;
        bool at_borders = false;
        bool operator==(const DemandKey&) const = default;
    };
    struct DetailKey {
        std::shared_ptr<const Demand> demand;
        std::shared_ptr<const std::vector<Overhang>> hanging;
        DetailSettings look;
        bool operator==(const DetailKey&) const = default;
    };
    struct WorkKey {
        std::shared_ptr<const Demand> demand;
        WorkSettings settings;
        bool operator==(const WorkKey&) const = default;
    };
    void keep(const std::vector<std::shared_ptr<const LayerTable>>& tables);
    static TableKey table_key(const Project& p, const Piece& piece);
    static DemandKey demand_key(const Project& p, const Piece& piece,
                                std::shared_ptr<const LayerTable> table);
    /// The layers of every piece, in its own coordinates.
    Result<std::vector<std::shared_ptr<const LayerTable>>> tables(const Project& p, const Progress& progress);
    /// One piece, as far as it depends on nothing but itself, and who prints it.
    Result<PiecePlan> piece(const Project& p, const Piece& piece, std::shared_ptr<const LayerTable> table,
                            const Progress& progress, Scope scope);
    Result<Printed> print(const Project& p, const Progress& progress, Scope scope);

    Memory<TableKey, LayerTable> tables_;
    Memory<DemandKey, Demand> demands_;
    Memory<DetailKey, Detail> details_;
    Memory<WorkKey, Work> works_;
    Memory<PurgeKey, PurgeVolumes> volumes_;
    SupportStage support_;
    PlateStage plates_;
};

} // namespace vitrail
