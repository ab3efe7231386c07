// How long the lines of a piece take, layer by layer, without making them.
#pragma once

#include "core/estimate/motion.h"
#include "core/support/printed.h"

#include <span>

namespace vitrail {

/// What the time of a piece's lines depends on, besides its layers and volumes.
struct WorkSettings {
    Motion motion;
    double line_mm = 0.4, infill_pct = 15;
    int walls = 2;
    std::vector<float> flow_mm3_s; ///< what the hot end melts: [part][layer − 1] of the body's filament, then
                                   ///< of the patches'
    bool operator==(const WorkSettings&) const = default;
};
WorkSettings work_settings(const Project& project, const Piece& piece, const PiecePlan& made);

/// Seconds of one copy.
struct Work {
    /// [part][layer − 1]: walls, skins, infill and the moves between them, patches not included
    std::vector<std::vector<double>> parts;
    std::vector<std::vector<std::vector<double>>> patches; ///< [part][patch][layer − 1]
};

/// Walls follow the outlines, corner by corner; of skins and infill the mean length of a line decides,
/// π·area/perimeter of what they fill (Crofton 1868). Outlines of very many points are followed in some
/// layers, and those between take as long for each mm.
Work work_of(const PiecePlan& made, const WorkSettings& settings);

/// Of all pieces, all of them on the plate: seconds for each filament in each layer, [(layer − 1)·filaments +
/// filament], support and the moves from piece to piece included.
std::vector<double> printing_s(const Project& project, const Printed& printed,
                               std::span<const std::shared_ptr<const Work>> work);

/// Speeds on this project: the machine's, but no faster than its settings say.
Motion motion_of(const Project& project);
/// mm/s that a filament can be laid down at: no faster than `speed`, nor than it melts.
double laid_at(double speed_mm_s, double flow_mm3_s, double line_mm, double thickness_mm);

} // namespace vitrail
