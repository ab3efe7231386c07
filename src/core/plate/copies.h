// How many at once: what a piece costs when n of it are printed together, and one after another instead.
#pragma once

#include "core/plan/planner.h"
#include "core/plate/plate_cost.h"

namespace vitrail {

/// n of everything on the plate; where one plate has no room for them, on as many as it takes, full ones
/// first.
struct CopiesPoint : PlateCost {
    int n = 1, plates = 1;
    // What the plate with most on it loses when it fails in its last layer:
    double stake_g = 0, stake_s = 0;
    double stake_share = 1; ///< of all pieces, 0 … 1
};

/// `per` how many things n stands for: pieces of one of everything.
struct CopiesCurve {
    std::vector<CopiesPoint> points; ///< n = from … to
    int pieces = 1;                  ///< in one of everything on the plate
    int most = 0;                    ///< of everything that fit on one plate; 0: not even one
    // From so many on another copy makes a piece cheaper by less than settings.enough_pct; 0: beyond the last
    // point.
    int enough_waste = 0, enough_time = 0, enough_price = 0;
};

/// 1 ≤ from ≤ to ≤ kMostPlaced. Plans each number of copies that fits on a plate; nothing is sliced anew.
/// What is pinned counts as pinned. Error when the project cannot be planned, or the work was stopped.
Result<CopiesCurve> copies_curve(const Project& project, const Plan& plan, int from, int to,
                                 const Progress& progress = {});
/// How many of everything fit on one plate.
Result<int> most_copies(const Project& project, const Plan& plan, const Progress& progress = {});

/// How many of one piece, besides everything else that is on the plate, fit; 0: not even one.
Result<int> most_of_piece(const Project& project, const Plan& plan, std::size_t piece,
                          const Progress& progress = {});

/// Each piece finished before the next begins, on one plate.
struct OneByOne {
    bool possible = false;
    Message why_not;            ///< where it is not
    double apart_mm = 0;        ///< free space between them that the head needs
    std::vector<Placed> placed; ///< in the order of printing
    int changes = 0, changes_together = 0;
    double waste_g = 0, waste_together_g = 0, total_s = 0, total_together_s = 0;
    /// lost when the last layer fails
    double stake_g = 0, stake_together_g = 0, stake_s = 0, stake_together_s = 0;
};

/// Possible where the machine's clearance is known, every piece but the last stays below the bar (height up
/// to machine.bar_height_mm), nothing stands within machine.head_reach_mm of another, and purge needs no
/// tower. Common practice, no source.
Result<OneByOne> one_by_one(const Project& project, const Plan& plan, const Progress& progress = {});

} // namespace vitrail
