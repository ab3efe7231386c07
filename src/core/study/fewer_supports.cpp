#include "core/study/fewer_supports.h"

#include "core/geometry/cut.h"
#include "core/plan/planner.h"
#include "core/project/regions.h"
#include "core/study/poses.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <numbers>

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
    t.rows.assign(table.rows.rbegin(), table.rows.rend());
    return t;
}

const Rotation kOver{{{1, 0, 0}, {0, -1, 0}, {0, 0, -1}}};

} // namespace

Result<std::optional<CutPlane>> best_cut(const LayerTable& table, const std::vector<Overhang>& overhangs,
                                         const OverhangRules& rules, const Progress& progress) {
    const int count = table.grid.count;
    const double now = held_mm2(overhangs);
    constexpr double kNextToNone_mm2 = 10, kFoot = 0.05;
    if (now < kNextToNone_mm2 || count < 3)
        return std::optional<CutPlane>();
    const auto found = find_overhangs(upside_down(table), rules, progress);
    if (!found)
        return found.error();
    const std::vector<Overhang> reversed = whole_faces(*found, rules.least_mm2).overhangs;
    // [layer]: of the layers up to it; and upside down, where layer l rests on l + 1.
    std::vector<double> down(static_cast<std::size_t>(count) + 2, 0), up = down, mm2 = down;
    double widest = 0;
    for (int l = 1; l <= count; ++l) {
        const auto i = static_cast<std::size_t>(l);
        down[i] = down[i - 1] + area_mm2(overhangs[i - 1].area);
        up[i] = up[i - 1] + area_mm2(reversed[static_cast<std::size_t>(count - l)].area);
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
        if (cut.overhang_mm2 < best.overhang_mm2 - 0.01 * now ||
            (cut.overhang_mm2 < best.overhang_mm2 + 0.01 * now && cut.seam_mm2 < best.seam_mm2 - 1e-6))
            best = cut;
    }
    if (best.overhang_mm2 > 0.5 * now)
        return std::optional<CutPlane>();
    best.z_mm = table.grid.top_mm(best.layer);
    best.now_mm2 = now;
    return std::optional(best);
}

void cut_piece(Project& p, int which, const CutPlane& cut) {
    Piece& piece = p.pieces[static_cast<std::size_t>(which)];
    for (int i = static_cast<int>(piece.parts.size()) - 1; i >= 0; --i)
        if (std::any_of(piece.bands.begin(), piece.bands.end(), [&](const Band& b) {
                return b.part == piece.parts[static_cast<std::size_t>(i)].name;
            }))
            cut_out_bands(p, which, i); // heights mean nothing afterwards
    const double z = static_cast<double>(bounds(piece).min.z) + cut.z_mm;
    std::vector<Part> lower, upper;
    for (const Part& part : piece.parts) {
        if (part.mesh->bounds.max.z <= z + 1e-3) {
            lower.push_back(part);
        } else if (part.mesh->bounds.min.z >= z - 1e-3) {
            upper.push_back(part);
        } else {
            std::vector<Derived> halves = cut_at(*part.mesh, {z});
            lower.push_back(derived_part(part, std::move(halves[0]), part.name));
            upper.push_back(
                derived_part(part, std::move(halves[1]), free_part_name(p, part.name + " upper")));
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
    const Vec3 beside{low.max.x + kApart_mm - high.min.x,
                      (low.min.y + low.max.y - high.min.y - high.max.y) / 2, low.min.z - high.min.z};
    for (Part& part : upper)
        move_points(part, [&](Vec3 v) { return v + beside; });
    piece.parts = std::move(lower);
    piece.parts.insert(piece.parts.end(), std::make_move_iterator(upper.begin()),
                       std::make_move_iterator(upper.end()));
}

namespace {

double cost_of(const Totals& t) {
    return t.purge_g + t.tower_g + t.support_g + t.interface_g;
}

/// Plans one way after the other and keeps those that pay.
class Attempts {
public:
    Attempts(const Project& project, const Plan& plan, const Progress& progress)
        : project_(project), plan_(plan), progress_(progress), planner_(project, plan),
          contact_mm2_(plan.contact_mm2()) {}

    /// `lets_go`: that it holds less is the point of it.
    struct Way {
        const char* code;
        Message label, detail, gives_up;
        std::function<void(Project&)> apply;
        bool lets_go = false, always = false, fewer_interfaces = false;
    };
    void attempt(Way way) {
        Project p = project_;
        way.apply(p);
        const auto made = planner_.plan(p, {progress_.stop, {}});
        progress_.at(share_ = std::min(0.6, share_ + 0.05));
        if (!made)
            return; // not printable so
        // What holds less by letting go is no saving.
        if (!way.lets_go && (*made)->contact_mm2() < 0.9 * contact_mm2_)
            return;
        Suggestion x;
        x.code = way.code;
        x.label = std::move(way.label);
        x.gives_up = std::move(way.gives_up);
        x.before = plan_.totals;
        x.after = (*made)->totals;
        const double grams_saved = cost_of(x.before) - cost_of(x.after),
                     hours_saved = (x.before.total_s - x.after.total_s) / 3600;
        // A gram and three minutes weigh the same. Ours; no source.
        x.score = grams_saved + 20 * hours_saved;
        if (!way.always && x.score < 0.2 && x.before.changes <= x.after.changes)
            return;
        x.detail = way.fewer_interfaces
                       ? clauses({way.detail, counted("{} layer with interface instead of {}",
                                                      "{} layers with interface instead of {}",
                                                      interface_layers(**made), interface_layers(plan_))})
                       : way.detail;
        x.apply = std::move(way.apply);
        x.plan = *made;
        found.push_back(std::move(x));
    }
    void at(double share) { progress_.at(share_ = share); }

    std::vector<Suggestion> found;

private:
    const Project& project_;
    const Plan& plan_;
    const Progress& progress_;
    Planner planner_;
    double contact_mm2_, share_ = 0;
};

void other_interfaces(const Project& project, const Plan& plan, Attempts& tries) {
    const Settings& s = project.settings;
    for (const int n : {1, 2, 3})
        if (n > s.interface_align)
            tries.attempt({"align", say("End supports in shared layers, up to {} lower", n),
                           say("interfaces at different heights come to lie in the same layers"),
                           say("a gap up to {} wider", mm((n - s.interface_align) * s.layer_mm)),
                           [n](Project& q) { q.settings.interface_align = n; }, false, false, true});
    // Sizes that exempt one more face each.
    std::vector<double> sizes;
    for (const PiecePlan& piece : plan.pieces)
        for (const ContactFace& f : piece.support->layout->faces)
            if (!f.small && f.held_mm2 > 0)
                sizes.push_back(f.mm2);
    constexpr double kSmallFace_mm2 = 150; // larger ones are worth an interface. Ours
    std::ptrdiff_t small = 0;
    if (project.interface_filament && sizes.size() > 1)
        for (const double limit : {25.0, 75.0, kSmallFace_mm2}) {
            const auto below = std::count_if(sizes.begin(), sizes.end(), [&](double v) { return v < limit; });
            if (below <= small || limit <= s.interface_least_mm2 ||
                below >= static_cast<std::ptrdiff_t>(sizes.size()))
                continue;
            small = below;
            tries.attempt({"small", say("No interface for faces below {} mm\u00b2", num(limit, 0)),
                           say("{} of {} contact faces are held in the support's own material, with a gap",
                               below, sizes.size()),
                           say("scars on those faces"),
                           [limit](Project& q) { q.settings.interface_least_mm2 = limit; }, false, false,
                           true});
        }
}

void other_supports(const Settings& s, Attempts& tries) {
    if (s.support == SupportStyle::columns)
        tries.attempt({"tree", say("Branches instead of columns"),
                       say("they merge on their way down and keep clear of the piece"),
                       say("the face rests on points below its roof"),
                       [](Project& q) { q.settings.support = SupportStyle::tree; }});
    else
        tries.attempt({"columns", say("Columns instead of branches"),
                       say("straight down below every overhang"),
                       say("more of the piece is touched on the way down"),
                       [](Project& q) { q.settings.support = SupportStyle::columns; }});
    if (s.support_on_piece)
        tries.attempt({"bed", say("Support on the bed only"),
                       say("nothing stands on the piece and scars it there"),
                       say("what the bed cannot reach is not held"),
                       [](Project& q) { q.settings.support_on_piece = false; }});
    if (s.support_bridge_mm < 10)
        tries.attempt({"bridge", say("Let it bridge {}", mm(10, 0)),
                       say("gaps carried at both sides are left free, where the material spans them"),
                       say("bridges may sag"), [](Project& q) { q.settings.support_bridge_mm = 10; }, true});
}

/// How a piece is called in a sentence.
Message called(const Project& p, int piece) {
    return p.pieces.size() > 1 ? say("{}", Name{p.pieces[static_cast<std::size_t>(piece)].name}) : say("it");
}

/// Error: stopped.
Status a_cut(const Project& project, const PiecePlan& made, int piece, const std::stop_token& stop,
             Attempts& tries) {
    const auto cut =
        best_cut(*made.table, made.support->hanging->overhangs,
                 overhang_rules(project, project.pieces[static_cast<std::size_t>(piece)]), {stop, {}});
    if (!cut)
        return cut.error();
    if (*cut) {
        const CutPlane c = **cut;
        tries.attempt({"cut", say("Cut {} at {}", called(project, piece), mm(c.z_mm, 1)),
                       say("{} mm\u00b2 to hold instead of {}; the lower piece stands {}, the upper one {}",
                           num(c.overhang_mm2, 0), num(c.now_mm2, 0),
                           c.flip_lower ? say("upside down") : say("as it is"),
                           c.flip_upper ? say("upside down") : say("on the cut")),
                       say("a glued seam of {} cm\u00b2", num(c.seam_mm2 / 100)),
                       [piece, c](Project& q) { cut_piece(q, piece, c); }, true, true});
    }
    return Done{};
}

/// What looks down steeper than support.angle and does not rest on the bed, seen from above: a quick guess at
/// what needs holding.
double looks_down_mm2(const Piece& piece, const Settings& settings) {
    const double steepest = -std::sin(settings.support_angle_deg * std::numbers::pi / 180);
    const float bed = bounds(piece).min.z + static_cast<float>(settings.first_layer_mm / 2);
    double sum = 0;
    for (const Part& part : piece.parts)
        for (std::uint32_t t = 0; t < part.mesh->triangles.size(); ++t) {
            const auto c = corners(*part.mesh, t);
            const Vec3 d = twice_area(c);
            const float l = length(d);
            if (l > 0 && d.z / l < steepest && std::max({c[0].z, c[1].z, c[2].z}) > bed)
                sum -= d.z / 2;
        }
    return sum;
}

/// Those with the least to hold; planning each slices it again.
void other_poses(const Project& project, int piece, const Progress& progress, Attempts& tries) {
    constexpr std::size_t kMostTried = 5;
    std::vector<std::pair<double, Pose>> least;
    for (const Pose& pose : poses_of(project.pieces[static_cast<std::size_t>(piece)])) {
        Project p = project;
        turn(p, piece, pose.rotation);
        least.emplace_back(looks_down_mm2(p.pieces[static_cast<std::size_t>(piece)], p.settings), pose);
    }
    const double now = least.front().first;
    least.erase(least.begin());
    std::stable_sort(least.begin(), least.end(),
                     [](const auto& a, const auto& b) { return a.first < b.first; });
    for (std::size_t i = 0; i < least.size() && i < kMostTried && least[i].first < now && !progress.stopped();
         ++i) {
        tries.at(0.7 + 0.3 * static_cast<double>(i) / kMostTried);
        tries.attempt({"pose", say("Turn {}: {}", called(project, piece), least[i].second.name),
                       say("{} mm\u00b2 of overhang instead of {}", num(least[i].first, 0), num(now, 0)),
                       say("layer lines run another way"),
                       [piece, r = least[i].second.rotation](Project& q) { turn(q, piece, r); }, true});
    }
}

} // namespace

Result<std::vector<Suggestion>> fewer_supports(const Project& project, const Plan& plan, bool poses,
                                               const Progress& progress) {
    Attempts tries(project, plan, progress);
    if (plan.contact_mm2() <= 0)
        return std::move(tries.found);
    const Error stopped{say("Stopped before all ways to less support were tried.")};
    other_interfaces(project, plan, tries);
    if (progress.stopped())
        return stopped;
    other_supports(project.settings, tries);
    for (std::size_t k = 0; k < project.pieces.size(); ++k) {
        const PiecePlan& made = plan.pieces[k];
        if (made.support->layout->contact_mm2 <= 0)
            continue;
        if (const Status ok = a_cut(project, made, static_cast<int>(k), progress.stop, tries); !ok)
            return stopped;
        tries.at(0.7);
        if (poses)
            other_poses(project, static_cast<int>(k), progress, tries);
    }
    if (progress.stopped())
        return stopped;
    std::stable_sort(tries.found.begin(), tries.found.end(),
                     [](const Suggestion& a, const Suggestion& b) { return a.score > b.score; });
    return std::move(tries.found);
}

} // namespace vitrail
