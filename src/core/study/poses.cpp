#include "core/study/poses.h"

#include "core/geometry/hull.h"
#include "core/plan/planner.h"
#include "core/project/regions.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <numbers>
#include <tuple>

namespace vitrail {

namespace {

/// Faces on which the piece would lean no farther than this without tipping are none to print on.
constexpr double kTips_deg = 1.2;

/// Of the closed meshes together; the middle of the box where they enclose nothing.
Vec3 centre_of_mass(const Piece& piece) {
    double volume = 0, x = 0, y = 0, z = 0;
    for (const Part& part : piece.parts)
        for (std::uint32_t t = 0; t < part.mesh->triangles.size(); ++t) {
            const auto c = corners(*part.mesh, t);
            const double v = double(dot(c[0], cross(c[1], c[2]))) / 6;
            volume += v;
            x += v * (double(c[0].x) + c[1].x + c[2].x) / 4;
            y += v * (double(c[0].y) + c[1].y + c[2].y) / 4;
            z += v * (double(c[0].z) + c[1].z + c[2].z) / 4;
        }
    if (!(volume > 1e-9)) {
        const Bounds b = bounds(piece);
        return (b.min + b.max) * 0.5f;
    }
    return {static_cast<float>(x / volume), static_cast<float>(y / volume), static_cast<float>(z / volume)};
}

} // namespace

std::vector<Pose> poses_of(const Piece& piece) {
    std::vector<Pose> poses;
    std::vector<Vec3> down;
    const float alike = static_cast<float>(std::cos(1 * std::numbers::pi / 180));
    const auto add = [&](Vec3 d, const Message& name, double foot) {
        if (static_cast<int>(poses.size()) >= kMostPoses)
            return;
        for (std::size_t i = 0; i < down.size(); ++i)
            if (dot(down[i], d) > alike) {
                poses[i].foot_mm2 = std::max(poses[i].foot_mm2, foot);
                return;
            }
        down.push_back(d);
        poses.push_back({to_bed(d), name, foot});
    };
    add({0, 0, -1}, say("as it stands"), 0);
    add({0, 0, 1}, say("upside down"), 0);
    add({1, 0, 0}, say("right side down"), 0);
    add({-1, 0, 0}, say("left side down"), 0);
    add({0, 1, 0}, say("back down"), 0);
    add({0, -1, 0}, say("front down"), 0);
    std::vector<Vec3> points;
    for (const Part& part : piece.parts)
        points.insert(points.end(), part.mesh->vertices.begin(), part.mesh->vertices.end());
    const Hull hull = convex_hull(points);
    for (const RestingFace& f : resting_faces(hull, centre_of_mass(piece))) {
        if (f.tips_at_deg() < kTips_deg)
            continue;
        add(f.outwards, say("face of {} mm\u00b2 down", num(f.area_mm2, 0)), f.area_mm2);
    }
    return poses;
}

double overhang_mm2(const Piece& piece, const Settings& settings) {
    const Bounds b = bounds(piece);
    const double steepest = -std::sin(settings.support_angle_deg * std::numbers::pi / 180);
    const float bed = b.min.z + static_cast<float>(settings.first_layer_mm / 2);
    double sum = 0;
    for (const Part& part : piece.parts)
        for (std::uint32_t t = 0; t < part.mesh->triangles.size(); ++t) {
            const auto c = corners(*part.mesh, t);
            const Vec3 d = twice_area(c);
            const float l = length(d);
            if (l > 0 && d.z / l < steepest && std::max({c[0].z, c[1].z, c[2].z}) > bed)
                sum += l / 2;
        }
    return sum;
}

PoseCost study_pose(const Project& project, int which, const Pose& pose, const Progress& progress) {
    PoseCost cost;
    cost.pose = pose;
    if (project.pieces.size() > 1)
        cost.piece = project.pieces[static_cast<std::size_t>(which)].name;
    Project p = project;
    turn(p, which, pose.rotation);
    const Piece& piece = p.pieces[static_cast<std::size_t>(which)];
    Planner planner;
    const auto plan = planner.plan(p, progress);
    if (!plan) {
        cost.why = plan.error().message;
        return cost;
    }
    const Totals& t = (*plan)->totals;
    cost.changes = t.changes;
    cost.hand_swaps = t.hand_swaps;
    cost.purge_g = t.purge_g;
    cost.tower_g = t.tower_g;
    cost.change_s = t.change_s;
    cost.total_s = t.total_s;
    cost.cost = t.cost;
    cost.overhang_mm2 = overhang_mm2(piece, p.settings);
    const Bounds b = bounds(piece);
    cost.height_mm = double(b.max.z) - b.min.z;
    cost.fits = b.max.x - b.min.x <= p.machine.bed_x_mm && b.max.y - b.min.y <= p.machine.bed_y_mm && cost.height_mm <= p.machine.height_mm;
    return cost;
}

void sort_poses(std::vector<PoseCost>& poses, PoseAim aim) {
    const auto key = [&](const PoseCost& c) {
        const double waste = c.purge_g + c.tower_g;
        const double first = aim == PoseAim::waste ? waste : aim == PoseAim::changes ? c.changes : aim == PoseAim::overhang ? c.overhang_mm2 : aim == PoseAim::time ? c.total_s : c.height_mm;
        // Rounded, so that the last digits do not decide.
        return std::tuple(!c.why.empty(), !c.fits, std::round(first * 100), std::round(waste * 100), std::round(c.overhang_mm2), c.total_s);
    };
    std::stable_sort(poses.begin(), poses.end(), [&](const PoseCost& a, const PoseCost& b) { return key(a) < key(b); });
}

} // namespace vitrail
