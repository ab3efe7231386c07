// Orientation study: what the same piece costs in other poses.
#pragma once

#include "core/plan/plan.h"

namespace vitrail {

struct Pose {
    Rotation rotation = kNoRotation; ///< from how the piece stands now
    Message name;                    ///< "as it stands", "face of 812 mm² down", …
    double foot_mm2 = 0;             ///< area that rests on the bed: the hull's side
};

/// At most so many poses are studied.
inline constexpr int kMostPoses = 26;

/// The piece as it stands, the six axes, and the hull's sides on which it stands safely (largest first), no two within
/// 1° of each other, at most kMostPoses.
std::vector<Pose> poses_of(const Piece& piece);

struct PoseCost {
    Pose pose;
    std::string piece; ///< whose; empty in a project of one
    int changes = 0, hand_swaps = 0;
    double purge_g = 0, tower_g = 0, overhang_mm2 = 0, height_mm = 0, change_s = 0, total_s = 0, cost = 0;
    bool fits = true; ///< the machine's bed and height
    Message why;      ///< what kept it from being planned; empty otherwise
};

/// Surface that looks down steeper than support.angle and does not rest on the bed, mm².
double overhang_mm2(const Piece& piece, const Settings& settings);

/// Plans the project with a piece in that pose.
PoseCost study_pose(const Project& project, int piece, const Pose& pose, const Progress& progress = {});

/// What poses can be sorted by.
enum class PoseAim { waste, changes, overhang, time, height };
/// Cheapest first; poses that do not fit or cannot be planned last. Among equals: less waste, less overhang, less time.
void sort_poses(std::vector<PoseCost>& poses, PoseAim aim);

} // namespace vitrail
