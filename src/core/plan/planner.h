// Project → Plan: the one pipeline.
#pragma once

#include "core/plan/plan.h"
#include "core/plan/support_stage.h"

#include <unordered_map>

namespace vitrail {

/// Builds plans and remembers the stages that did not change: the layer table as long as meshes and layer heights
/// stay, the demand as long as walls, skins and infill stay, how far two colours must mix as long as they stay.
/// A change of colour or assignment never slices again. Not for use from two threads at once.
class Planner {
public:
    Planner() = default;
    /// Knows what that plan of that project knows, so that variants of it are planned without slicing again.
    Planner(const Project& project, const Plan& plan);

    /// Error when there is nothing to plan or the work was stopped.
    Result<std::shared_ptr<const Plan>> plan(const Project& project, const Progress& progress = {});

    /// Plans without findings and without looking for what could become one: for comparing variants by what they cost.
    void leave_out_checks() { checks_ = false; }

    /// How often the slow stages really ran, for tests and benchmarks.
    int sliced() const { return sliced_; }
    int measured() const { return measured_; }

private:
    struct TableKey {
        std::vector<std::shared_ptr<const Mesh>> meshes;
        double first_mm = 0, height_mm = 0;
        bool operator==(const TableKey&) const = default;
    };
    struct DemandKey {
        std::shared_ptr<const LayerTable> table;
        std::vector<std::pair<std::shared_ptr<const Paint>, std::size_t>> paints; ///< and how many patches
        double walls = 0, line_width = 0, top = 0, bottom = 0, infill = 0;
        bool operator==(const DemandKey&) const = default;
    };
    struct DetailKey {
        std::shared_ptr<const Demand> demand;
        DetailSettings look;
        bool operator==(const DetailKey&) const = default;
    };
    struct DepthKey {
        Srgb from, to;
        double delta_e;
        bool operator==(const DepthKey&) const = default;
    };
    struct DepthKeyHash {
        std::size_t operator()(const DepthKey& k) const;
    };

    static TableKey table_key(const Project& p);
    static DemandKey demand_key(const Project& p, std::shared_ptr<const LayerTable> table);
    double depth(Srgb from, Srgb to, double delta_e);
    void purge_volumes(const Project& p, Plan& plan);
    void purge_pairs(const Project& p, Plan& plan);

    TableKey table_key_;
    std::shared_ptr<const LayerTable> table_;
    DemandKey demand_key_;
    std::shared_ptr<const Demand> demand_;
    DetailKey detail_key_;
    std::shared_ptr<const Detail> detail_;
    SupportStage support_;
    std::unordered_map<DepthKey, double, DepthKeyHash> depths_;
    int sliced_ = 0, measured_ = 0;
    bool checks_ = true;
};

} // namespace vitrail
