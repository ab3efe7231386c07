#include "core/study/fewer_supports.h"

#include "core/geometry/cut.h"
#include "core/study/poses.h"
#include "core/plan/planner.h"
#include "core/project/regions.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

double held_mm2(const std::vector<Overhang>& all) {
    double sum = 0;
    for (const Overhang& o : all)
        sum += area_mm2(o.area);
    return sum;
}

/// The same layers from the top down.
LayerTable upside_down(const LayerTable& table) {
    LayerTable t;
    t.grid = table.grid;
    for (const PartLayers& part : table.parts) {
        PartLayers p;
        p.layers.assign(part.layers.rbegin(), part.layers.rend());
        t.parts.push_back(std::move(p));
    }
    t.united.assign(table.united.rbegin(), table.united.rend());
    return t;
}

const Rotation kOver{{{1, 0, 0}, {0, -1, 0}, {0, 0, -1}}};

int layers_with(const std::vector<double>& mm3) {
    return static_cast<int>(std::count_if(mm3.begin(), mm3.end(), [](double v) { return v > 1e-6; }));
}

} // namespace

Result<std::optional<CutPlane>> best_cut(const LayerTable& table, const std::vector<Rows>& piece, const std::vector<Overhang>& overhangs, const OverhangRules& rules, const Progress& progress) {
    const int count = table.grid.count;
    const double now = held_mm2(overhangs);
    constexpr double kNextToNone_mm2 = 10, kFoot = 0.05;
    if (now < kNextToNone_mm2 || count < 3)
        return std::optional<CutPlane>();
    const auto reversed = find_overhangs(upside_down(table), {piece.rbegin(), piece.rend()}, rules, progress);
    if (!reversed)
        return reversed.error();
    // [layer]: of the layers up to it; and upside down, where layer l rests on l + 1.
    std::vector<double> down(static_cast<std::size_t>(count) + 2, 0), up = down, mm2 = down;
    double widest = 0;
    for (int l = 1; l <= count; ++l) {
        const auto i = static_cast<std::size_t>(l);
        down[i] = down[i - 1] + area_mm2(overhangs[i - 1].area);
        up[i] = up[i - 1] + area_mm2((*reversed)[static_cast<std::size_t>(count - l)].area);
        mm2[i] = area_mm2(whole_layer(table, l));
        widest = std::max(widest, mm2[i]);
    }
    const auto stands = [&](int layer) { return mm2[static_cast<std::size_t>(layer)] >= kFoot * widest; };
    CutPlane best;
    best.overhang_mm2 = 1e300;
    for (int c = 1; c < count; ++c) {
        const auto i = static_cast<std::size_t>(c);
        if (mm2[i] <= 0 || mm2[i + 1] <= 0)
            continue;
        const auto all = static_cast<std::size_t>(count);
        CutPlane cut;
        cut.layer = c;
        double lower = down[i], upper = 1e300;
        if (stands(c) && up[i - 1] < lower)
            lower = up[i - 1], cut.flip_lower = true;
        if (stands(c + 1))
            upper = down[all] - down[i + 1];
        if (stands(count) && up[all - 1] - up[i] < upper)
            upper = up[all - 1] - up[i], cut.flip_upper = true;
        cut.overhang_mm2 = lower + upper;
        cut.seam_mm2 = std::min(mm2[i], mm2[i + 1]);
        // Among equals the smaller seam.
        if (cut.overhang_mm2 < best.overhang_mm2 - 0.01 * now || (cut.overhang_mm2 < best.overhang_mm2 + 0.01 * now && cut.seam_mm2 < best.seam_mm2 - 1e-6))
            best = cut;
    }
    if (best.overhang_mm2 > 0.5 * now)
        return std::optional<CutPlane>();
    best.z_mm = table.grid.top_mm(best.layer);
    best.now_mm2 = now;
    return std::optional(best);
}

void cut_piece(Project& p, const CutPlane& cut) {
    for (int i = static_cast<int>(p.parts.size()) - 1; i >= 0; --i)
        if (std::any_of(p.bands.begin(), p.bands.end(), [&](const Band& b) { return b.part == p.parts[static_cast<std::size_t>(i)].name; }))
            cut_out_bands(p, i); // heights mean nothing afterwards
    const double z = static_cast<double>(bounds(p).min.z) + cut.z_mm;
    std::vector<Part> lower, upper;
    for (const Part& part : p.parts) {
        if (part.mesh->bounds.max.z <= z + 1e-3) {
            lower.push_back(part);
        } else if (part.mesh->bounds.min.z >= z - 1e-3) {
            upper.push_back(part);
        } else {
            std::vector<Derived> halves = cut_at(*part.mesh, {z});
            lower.push_back(derived_part(part, std::move(halves[0]), part.name));
            upper.push_back(derived_part(part, std::move(halves[1]), free_part_name(p, part.name + " upper")));
        }
    }
    const auto box = [](const std::vector<Part>& parts) {
        Bounds b;
        for (const Part& part : parts)
            b.add(part.mesh->bounds);
        return b;
    };
    for (Part& part : lower)
        if (cut.flip_lower)
            move_points(part, [](Vec3 v) { return rotated(kOver, v); });
    for (Part& part : upper)
        if (cut.flip_upper)
            move_points(part, [](Vec3 v) { return rotated(kOver, v); });
    const Bounds low = box(lower), high = box(upper);
    constexpr float kApart_mm = 5;
    const Vec3 beside{low.max.x + kApart_mm - high.min.x, (low.min.y + low.max.y - high.min.y - high.max.y) / 2, low.min.z - high.min.z};
    for (Part& part : upper)
        move_points(part, [&](Vec3 v) { return v + beside; });
    p.parts = std::move(lower);
    p.parts.insert(p.parts.end(), std::make_move_iterator(upper.begin()), std::make_move_iterator(upper.end()));
}

Result<std::vector<Suggestion>> fewer_supports(const Project& project, const Plan& plan, bool poses, const Progress& progress) {
    std::vector<Suggestion> out;
    if (!plan.support || plan.support->layout->contact_mm2 <= 0)
        return out;
    const Error stopped{"Stopped before all ways to less support were tried."};
    const SupportLayout& layout = *plan.support->layout;
    const Settings& s = project.settings;
    Planner planner(project, plan);
    double share = 0;
    const auto cost = [](const Totals& t) { return t.purge_g + t.tower_g + t.support_g + t.interface_g; };
    const auto attempt = [&](const char* code, std::string label, std::string detail, std::string gives_up, std::function<void(Project&)> apply, bool always = false) {
        Project p = project;
        apply(p);
        const auto made = planner.plan(p, {progress.stop, {}});
        progress.at(share = std::min(0.6, share + 0.05));
        if (!made)
            return; // not printable so
        Suggestion x;
        x.code = code;
        x.label = std::move(label);
        x.gives_up = std::move(gives_up);
        x.before = plan.totals;
        x.after = (*made)->totals;
        const double grams_saved = cost(x.before) - cost(x.after), hours_saved = (x.before.total_s - x.after.total_s) / 3600;
        const int changes_saved = x.before.changes - x.after.changes;
        // What holds less by letting go is no saving.
        const double holds = (*made)->support->layout->contact_mm2;
        if (holds < 0.9 * layout.contact_mm2 && code != std::string("cut") && code != std::string("pose") && code != std::string("bridge"))
            return;
        // A gram and three minutes weigh the same. Ours; no source.
        x.score = grams_saved + 20 * hours_saved;
        if (!always && x.score < 0.2 && changes_saved <= 0)
            return;
        if (code == std::string("align") || code == std::string("small"))
            detail += fmt::format("; {} layers with interface instead of {}", layers_with((*made)->interface_mm3), layers_with(plan.interface_mm3));
        x.detail = std::move(detail);
        x.apply = std::move(apply);
        x.plan = *made;
        out.push_back(std::move(x));
    };
    for (const int n : {1, 2, 3})
        if (n > s.interface_align)
            attempt("align", fmt::format("End supports in shared layers, up to {} lower", n), "interfaces at different heights come to lie in the same layers", fmt::format("a gap up to {:.2f} mm wider", (n - s.interface_align) * s.layer_mm),
                    [n](Project& q) { q.settings.interface_align = n; });
    // Sizes that exempt one more face each.
    std::vector<double> sizes;
    for (const ContactFace& f : layout.faces)
        if (!f.small && f.held_mm2 > 0)
            sizes.push_back(f.mm2);
    std::sort(sizes.begin(), sizes.end());
    constexpr double kSmallFace_mm2 = 150; // larger ones are worth an interface. Ours
    std::ptrdiff_t counted = 0;
    if (project.interface_filament && sizes.size() > 1)
        for (const double limit : {25.0, 75.0, kSmallFace_mm2}) {
            const auto below = std::count_if(sizes.begin(), sizes.end(), [&](double v) { return v < limit; });
            if (below > counted && limit > s.interface_least_mm2 && below < static_cast<std::ptrdiff_t>(sizes.size()))
                counted = below, attempt("small", fmt::format("No interface for faces below {:.0f} mm\u00b2", limit), fmt::format("{} of {} contact faces are held in the support's own material, with a gap", static_cast<int>(below), static_cast<int>(sizes.size())), "scars on those faces",
                        [limit](Project& q) { q.settings.interface_least_mm2 = limit; });
        }
    if (progress.stopped())
        return stopped;
    if (s.support == kColumns)
        attempt("tree", "Branches instead of columns", "they merge on their way down and keep clear of the piece", "the face rests on points below its roof", [](Project& q) { q.settings.support = kTree; });
    else
        attempt("columns", "Columns instead of branches", "straight down below every overhang", "more of the piece is touched on the way down", [](Project& q) { q.settings.support = kColumns; });
    if (s.support_on_piece == kYes)
        attempt("bed", "Support on the bed only", "nothing stands on the piece and scars it there", "what the bed cannot reach is not held", [](Project& q) { q.settings.support_on_piece = kNo; });
    if (s.support_bridge_mm < 10)
        attempt("bridge", "Let it bridge 10 mm", "gaps carried at both sides are left free, where the material spans them", "bridges may sag", [](Project& q) { q.settings.support_bridge_mm = 10; });
    const auto cut = best_cut(*plan.table, *plan.support->piece, *plan.support->overhangs, overhang_rules(project), {progress.stop, {}});
    if (!cut)
        return stopped;
    progress.at(share = 0.7);
    if (*cut) {
        const CutPlane c = **cut;
        attempt("cut", fmt::format("Cut it at {:.1f} mm", c.z_mm),
                fmt::format("{:.0f} mm\u00b2 to hold instead of {:.0f}; the lower piece stands {}, the upper one {}", c.overhang_mm2, c.now_mm2, c.flip_lower ? "upside down" : "as it is", c.flip_upper ? "upside down" : "on the cut"),
                fmt::format("a glued seam of {:.1f} cm\u00b2", c.seam_mm2 / 100), [c](Project& q) { cut_piece(q, c); }, true);
    }
    if (poses) {
        // Those with the least to hold; planning each slices it again.
        constexpr std::size_t kMostTried = 5;
        std::vector<std::pair<double, Pose>> least;
        for (const Pose& pose : poses_of(project)) {
            Project p = project;
            turn(p, pose.rotation);
            least.emplace_back(overhang_mm2(p), pose);
        }
        const double now = least.front().first;
        least.erase(least.begin());
        std::stable_sort(least.begin(), least.end(), [](const auto& a, const auto& b) { return a.first < b.first; });
        for (std::size_t i = 0; i < least.size() && i < kMostTried && least[i].first < now; ++i) {
            if (progress.stopped())
                return stopped;
            progress.at(0.7 + 0.3 * static_cast<double>(i) / kMostTried);
            attempt("pose", "Turn it: " + least[i].second.name, fmt::format("{:.0f} mm\u00b2 of overhang instead of {:.0f}", least[i].first, now), "layer lines run another way", [r = least[i].second.rotation](Project& q) { turn(q, r); });
        }
    }
    if (progress.stopped())
        return stopped;
    std::stable_sort(out.begin(), out.end(), [](const Suggestion& a, const Suggestion& b) { return a.score > b.score; });
    return out;
}

} // namespace vitrail
