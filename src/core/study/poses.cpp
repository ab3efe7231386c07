#include "core/study/poses.h"

#include "core/geometry/hull.h"
#include "core/plan/planner.h"
#include "core/project/regions.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
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

namespace {

/// Whether the middle of its weight lies over what stands on the bed, its support included.
bool stands_safely(const Piece& piece, const PiecePlan& made) {
    std::vector<std::pair<double, double>> points;
    const SupportLayout& support = *made.support->layout;
    for (const Paths& standing :
         {made.table->foot, paths_of(support.body.front()), paths_of(support.interface.front())})
        for (const Path& ring : standing)
            for (const IntPoint& q : ring)
                points.emplace_back(static_cast<double>(q.X) / kUnitsPerMm,
                                    static_cast<double>(q.Y) / kUnitsPerMm);
    const auto foot = convex_outline(std::move(points));
    const Vec3 c = centre_of_mass(piece);
    for (std::size_t i = 0; i < foot.size(); ++i) {
        const auto& [x0, y0] = foot[i];
        const auto& [x1, y1] = foot[(i + 1) % foot.size()];
        if ((x1 - x0) * (double(c.y) - y0) - (y1 - y0) * (double(c.x) - x0) < 0)
            return false;
    }
    return foot.size() >= 3;
}

/// What support touches of paint, and of parts that are small beside the piece: inlays and letters.
double scarred_mm2(const Piece& piece, const PiecePlan& made) {
    if (!made.support || !made.support->layout)
        return 0;
    constexpr double kInlay = 0.1;
    std::vector<double> volume;
    double all = 0;
    for (const Part& part : piece.parts)
        all += volume.emplace_back(vitrail::volume_mm3(*part.mesh));
    double sum = 0;
    for (const SupportContact& c : made.support->layout->contacts) {
        if (!c.held)
            continue;
        const auto l = static_cast<std::size_t>(c.layer) - 1;
        Paths shown;
        for (std::size_t i = 0; i < piece.parts.size(); ++i) {
            const Paths& outline = made.table->parts[i].layers[l];
            if (piece.parts.size() > 1 && volume[i] < kInlay * all)
                shown.insert(shown.end(), outline.begin(), outline.end());
            for (const PatchDemand& patch : made.demand->patches[i])
                shown.insert(shown.end(), patch.layers[l].begin(), patch.layers[l].end());
        }
        if (!shown.empty())
            sum += area_mm2(intersect(c.area, rows_of(shown, c.area.pitch)));
    }
    return sum;
}

} // namespace

PoseCost study_pose(const Project& project, int which, const Pose& pose, const Progress& progress) {
    PoseCost cost;
    cost.pose = pose;
    if (project.pieces.size() > 1)
        cost.piece = project.pieces[static_cast<std::size_t>(which)].name;
    Project p = project;
    turn(p, which, pose.rotation);
    if (p.settings.support == SupportStyle::none)
        p.settings.support = SupportStyle::columns;
    const Piece& piece = p.pieces[static_cast<std::size_t>(which)];
    Planner planner;
    const auto plan = planner.plan(p, progress, Scope::findings);
    if (!plan) {
        cost.why = plan.error().message;
        return cost;
    }
    const PiecePlan& made = (*plan)->pieces[static_cast<std::size_t>(which)];
    cost.totals = (*plan)->totals;
    cost.hand_s = (*plan)->cleanup.hand_s;
    cost.price = price_of(p.settings, cost.totals, cost.hand_s);
    for (const ContactFace& f : made.support->layout->faces) {
        cost.overhang_mm2 += f.mm2;
        cost.unheld_mm2 +=
            f.held_mm2 < 0.3 * f.mm2 ? f.mm2 - f.held_mm2 : 0; // what lies right beside the piece hangs on it
    }
    cost.scarred_mm2 = scarred_mm2(piece, made);
    cost.stands = stands_safely(piece, made);
    const Bounds b = bounds(piece);
    cost.height_mm = double(b.max.z) - b.min.z;
    cost.fits = b.max.x - b.min.x <= p.machine.bed_x_mm && b.max.y - b.min.y <= p.machine.bed_y_mm &&
                cost.height_mm <= p.machine.height_mm;
    return cost;
}

void sort_poses(std::vector<PoseCost>& poses, PoseAim aim) {
    const auto key = [&](const PoseCost& c) {
        const double first = aim == PoseAim::price      ? c.price
                             : aim == PoseAim::waste    ? waste_g(c.totals)
                             : aim == PoseAim::changes  ? c.totals.changes
                             : aim == PoseAim::overhang ? c.overhang_mm2
                             : aim == PoseAim::time     ? c.totals.total_s
                                                        : c.height_mm;
        // Rounded, so that the last digits do not decide.
        const int rank = !c.why.empty() ? 3 : !c.fits || !c.stands || unheld(c) ? 2 : scars(c) ? 1 : 0;
        return std::tuple(rank, std::round(first * 10), std::round(c.price * 100), std::round(c.overhang_mm2),
                          c.totals.total_s);
    };
    std::stable_sort(poses.begin(), poses.end(),
                     [&](const PoseCost& a, const PoseCost& b) { return key(a) < key(b); });
}

} // namespace vitrail
