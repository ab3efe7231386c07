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

/// The piece as it stands, the six axes, and the hull's sides on which it stands safely (largest first), no
/// two within 1° of each other, at most kMostPoses.
std::vector<Pose> poses_of(const Piece& piece);

struct PoseCost {
    Pose pose;
    std::string piece; ///< whose; empty in a project of one
    Totals totals;
    double hand_s = 0;       ///< of getting the support off
    double price = 0;        ///< all in, as price_of() has it
    double overhang_mm2 = 0; ///< seen from above, what needs holding on one of the piece
    double unheld_mm2 = 0;   ///< of it, what nothing can be put under
    double scarred_mm2 = 0;  ///< painted faces and inlays that support touches
    double height_mm = 0;
    bool stands = true; ///< its weight is over its foot
    bool fits = true;   ///< the machine's bed and height
    Message why;        ///< what kept it from being planned; empty otherwise
};

/// Plans the project with a piece in that pose, what overhangs held as the project has it, else by columns of
/// its own material.
PoseCost study_pose(const Project& project, int piece, const Pose& pose, const Progress& progress = {});

/// So much held by nothing spoils it, so much of show faces on the support is not wanted. Ours; no source.
inline bool unheld(const PoseCost& c) {
    return c.unheld_mm2 > 20;
}
inline bool scars(const PoseCost& c) {
    return c.scarred_mm2 > 2;
}

/// What poses can be sorted by.
enum class PoseAim { price, waste, changes, overhang, time, height };
/// By the aim; then by price. Poses that cannot be printed come last: not planned, too large, tipping over,
/// or with much that nothing holds; before them those that put a show face on the support.
void sort_poses(std::vector<PoseCost>& poses, PoseAim aim);

} // namespace vitrail
