// What plates of an order cost, each worked out once.
#pragma once

#include "core/plate/order.h"

#include <map>

namespace vitrail {

using Counts = std::vector<int>; ///< [kind]

class PlateCosts {
public:
    /// Slices every kind once. Error: a kind cannot be planned, or the work was stopped.
    static Result<PlateCosts> of(const OrderTask& task, const Progress& progress);

    /// `scope` sketch or costs.
    const PlateFigures& figures(const Counts& counts, int machine, Scope scope);
    /// Whether boxes of so many fit on the bed, tower aside: quickly.
    bool boxes_fit(const Counts& counts, int machine) const;
    /// Whether the outlines together have more area than the bed: quicker still.
    bool too_large(const Counts& counts, int machine) const;
    /// Whether kinds may lie on one plate at all.
    bool may_share(std::size_t a, std::size_t b) const { return share_[a][b].empty(); }

    const std::vector<Filament>& filaments() const { return filaments_; }
    int planned() const { return static_cast<int>(known_.size()); }
    /// A kind by itself, one of it.
    const Plan& alone(std::size_t kind, int machine) const {
        return *alone_[static_cast<std::size_t>(machine)][kind];
    }
    /// What a kind is made of, by place in filaments().
    const std::vector<int>& filaments_of(std::size_t kind) const { return needs_[kind]; }

private:
    explicit PlateCosts(const OrderTask& task) : task_(&task) {}
    PlateFigures work_out(const Counts& counts, int machine, Scope scope) const;

    const OrderTask* task_;
    std::vector<Filament> filaments_;
    std::vector<std::vector<int>> needs_;     ///< [kind], sorted
    std::vector<std::vector<Message>> share_; ///< [kind][kind] why they cannot share a plate
    std::vector<std::vector<std::shared_ptr<const Plan>>> alone_; ///< [machine][kind]
    std::map<std::pair<std::pair<int, int>, Counts>, PlateFigures> known_;
};

/// The project of so many of each kind on that machine. Error: as on_one_plate().
Result<Project> plate_project(const OrderTask& task, const Counts& counts, int machine);
/// What a plate, or putting in one filament, is worth by the aim.
double worth_of(const OrderTask& task, const PlateFigures& f);
double load_worth(const OrderTask& task);

} // namespace vitrail
