// Project → Plan: the one pipeline.
#pragma once

#include "core/plan/plan.h"

#include <unordered_map>

namespace vitrail {

/// Builds plans and remembers the stages that did not change: the layer table as long as meshes and layer heights
/// stay, the demand as long as walls, skins and infill stay, purge volumes as long as colours and washout stay.
/// A change of colour or assignment never slices again. Not for use from two threads at once.
class Planner {
public:
    /// Error when there is nothing to plan or the work was stopped.
    Result<std::shared_ptr<const Plan>> plan(const Project& project, const Progress& progress = {});

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
    /// All that the purge between two filaments depends on.
    struct PurgeKey {
        Srgb from, to;
        bool same_class;
        double dead, mixing, delta_e, prime, class_minimum;
        bool operator==(const PurgeKey&) const = default;
    };
    struct PurgeKeyHash {
        std::size_t operator()(const PurgeKey& k) const;
    };

    int purge_of(const Machine& m, const Washout& w, const Filament& from, const Filament& to, double delta_e);

    TableKey table_key_;
    std::shared_ptr<const LayerTable> table_;
    DemandKey demand_key_;
    std::shared_ptr<const Demand> demand_;
    DetailKey detail_key_;
    std::shared_ptr<const Detail> detail_;
    std::unordered_map<PurgeKey, int, PurgeKeyHash> pairs_;
    int sliced_ = 0, measured_ = 0;
};

} // namespace vitrail
