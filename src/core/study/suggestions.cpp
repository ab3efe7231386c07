#include "core/study/suggestions.h"

#include "core/plan/planner.h"
#include "core/project/regions.h"
#include "core/study/poses.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <set>

namespace vitrail {

namespace {

/// Borders farther apart than this are not moved onto each other.
constexpr int kNearLayers = 4;
constexpr std::size_t kMostTries = 160;

double delta_e(const Filament& a, const Filament& b) {
    return delta_e_2000(to_lab(a.colour), to_lab(b.colour));
}

/// A variant to try.
struct Try {
    Suggestion s;
    double loss_delta_e = 0;
};

struct Tries {
    const Project& p;
    const Plan& plan;
    std::vector<Try> list;

    const Filament& filament(int f) const { return p.filaments[static_cast<std::size_t>(f)]; }
    int index(char letter) const { return std::max(0, find_filament(p, letter)); }
    std::string named(const Filament& f) const {
        return std::string(1, f.letter) + (f.name.empty() ? "" : " (" + f.name + ")");
    }

    void add(const char* code, Message label, Message detail, double mm3, double apart,
             std::function<void(Project&)> apply) {
        Try t;
        t.s.code = code;
        t.s.label = std::move(label);
        t.s.detail = std::move(detail);
        t.s.loss_mm3 = mm3;
        t.s.apply = std::move(apply);
        t.loss_delta_e = apart;
        list.push_back(std::move(t));
    }

    void borders() {
        // Layers in which something changes, and for each end of a band those close to it.
        std::set<int> at;
        for (const Change& c : plan.changes)
            at.insert(c.layer);
        for (std::size_t k = 0; k < p.pieces.size(); ++k)
            for (std::size_t b = 0; b < p.pieces[k].bands.size(); ++b)
                for (const bool lower : {true, false})
                    move_border(at, k, b, lower);
    }

    void move_border(const std::set<int>& at, std::size_t k, std::size_t b, bool lower) {
        const Piece& piece = p.pieces[k];
        const Band& band = piece.bands[b];
        const int here = first_layer_above(plan.grid, lower ? band.z0_mm : band.z1_mm),
                  part = find_part(piece, band.part);
        for (auto it = at.lower_bound(here - kNearLayers); it != at.end() && *it <= here + kNearLayers;
             ++it) {
            const int there = *it, other_end = first_layer_above(plan.grid, lower ? band.z1_mm : band.z0_mm);
            if (there == here || (lower ? there >= other_end : there <= other_end) || part < 0)
                continue;
            double mm3 = 0;
            for (int l = std::min(here, there); l < std::max(here, there) && l <= plan.pieces[k].layers();
                 ++l)
                mm3 += plan.pieces[k]
                           .demand->parts[static_cast<std::size_t>(part)][static_cast<std::size_t>(l) - 1]
                           .total() *
                       count_of(p, piece);
            const char around = piece.parts[static_cast<std::size_t>(part)].filament;
            add("border",
                say(lower ? term("Move the beginning of a band of {} to layer {}")
                          : term("Move the end of a band of {} to layer {}"),
                    Name{band.part}, there),
                say("from layer {}, by {}: it then changes where something else does", here,
                    mm(std::abs(there - here) * plan.grid.height_mm)),
                mm3, delta_e(filament(index(band.filament)), filament(index(around))),
                [k, b, lower, z = plan.grid.bottom_mm(there)](Project& q) {
                    if (k < q.pieces.size() && b < q.pieces[k].bands.size())
                        (lower ? q.pieces[k].bands[b].z0_mm : q.pieces[k].bands[b].z1_mm) = z;
                });
        }
    }

    void merges() {
        for (int a = 0; a < plan.filaments; ++a)
            for (int b = 0; b < plan.filaments; ++b) {
                const FilamentUse &from = plan.use[static_cast<std::size_t>(a)],
                                  &into = plan.use[static_cast<std::size_t>(b)];
                if (a == b || from.model_mm3 <= 0 || into.model_mm3 <= 0 || from.model_mm3 > into.model_mm3 ||
                    (from.model_mm3 == into.model_mm3 && a < b))
                    continue;
                const double apart = delta_e(filament(a), filament(b));
                if (apart > p.settings.similar_delta_e || filament(a).material != filament(b).material)
                    continue;
                add("merge", say("Print {} in {}", named(filament(a)), named(filament(b))),
                    say("they are \u0394E {} apart; {} g change colour", num(apart), num(from.model_g)),
                    from.model_mm3, apart, [x = filament(a).letter, y = filament(b).letter](Project& q) {
                        remove_filament(q, x, y);
                    });
            }
    }

    void small_regions() {
        for (std::size_t k = 0; k < p.pieces.size(); ++k)
            for (const RegionUse& r : plan.pieces[k].regions)
                if (r.mm3 > 0 && r.mm3 <= p.settings.small_mm3 * count_of(p, p.pieces[k]))
                    drop(k, r);
    }

    void drop(std::size_t k, const RegionUse& r) {
        const Piece& piece = p.pieces[k];
        const Part& part = piece.parts[static_cast<std::size_t>(r.part)];
        if (r.patch > 0) {
            const Patch& patch = part.patches[static_cast<std::size_t>(r.patch) - 1];
            if (patch.filament && patch.filament != part.filament)
                add("drop", say("Give up the patch {}", Name{patch.name}),
                    say("{} mm\u00b3 on {} become {}", num(r.mm3, 0), Name{part.name}, part.filament), r.mm3,
                    delta_e(filament(index(patch.filament)), filament(index(part.filament))),
                    [name = part.name, n = static_cast<std::size_t>(r.patch)](Project& q) {
                        change_part(q, name, [n](Piece&, Part& x) {
                            if (n <= x.patches.size())
                                x.patches[n - 1].filament = 0;
                        });
                    });
        } else if (r.band >= 0) {
            const Band band = piece.bands[static_cast<std::size_t>(r.band)];
            add("drop", say("Give up a band of {}", Name{part.name}),
                say("{} to {} mm, {} mm\u00b3, become {}", num(band.z0_mm, 2), num(band.z1_mm, 2),
                    num(r.mm3, 0), part.filament),
                r.mm3, delta_e(filament(index(band.filament)), filament(index(part.filament))),
                [band](Project& q) {
                    change_part(q, band.part, [&](Piece& x, Part&) { std::erase(x.bands, band); });
                });
        } else {
            // What is printed most in the layers of that part.
            std::vector<double> mm3(static_cast<std::size_t>(plan.filaments), 0);
            for (int l = 1; l <= plan.pieces[k].layers(); ++l)
                if (!plan.pieces[k]
                         .table->parts[static_cast<std::size_t>(r.part)]
                         .layers[static_cast<std::size_t>(l) - 1]
                         .empty())
                    for (int f = 0; f < plan.filaments; ++f)
                        mm3[static_cast<std::size_t>(f)] += plan.model_in(l, f);
            const int around = static_cast<int>(std::max_element(mm3.begin(), mm3.end()) - mm3.begin());
            if (filament(around).letter == part.filament)
                return;
            add("drop", say("Print {} in {}", Name{part.name}, filament(around).letter),
                say("{} mm\u00b3, what its layers are printed in anyway", num(r.mm3, 0)), r.mm3,
                delta_e(filament(around), filament(index(part.filament))),
                [name = part.name, to = filament(around).letter](Project& q) {
                    change_part(q, name, [to](Piece&, Part& x) { x.filament = to; });
                });
        }
    }

    void order() {
        if (p.settings.order != LayerOrder::optimal)
            add("order", say("Let the order within layers be worked out"),
                say("dark follows light where it can; the piece stays as it is"), 0, 0,
                [](Project& q) { q.settings.order = LayerOrder::optimal; });
        if (!p.print_first.empty())
            add("unlock", say("Lift the lock on the order"),
                say("{} no longer has to come first", p.print_first), 0, 0,
                [](Project& q) { q.print_first.clear(); });
        if (p.settings.purge_infill == IntoInfill::no && plan.totals.purge_g > 0)
            add("infill", say("Purge into the infill"),
                say("what does not show through the walls; the piece looks the same"), 0, 0,
                [](Project& q) { q.settings.purge_infill = IntoInfill::yes; });
        if (p.settings.tower_shape == TowerKind::block && plan.tower.layers > 0 &&
            p.settings.tower_width_mm <= 0) {
            add("tower", say("A tower that narrows"), say("where fewer changes remain; it still stands"), 0,
                0, [](Project& q) { q.settings.tower_shape = TowerKind::stepped; });
            add("tower", say("Two towers"), say("of which one ends where its changes end"), 0, 0,
                [](Project& q) { q.settings.tower_shape = TowerKind::split; });
        }
    }

    void machines(const std::vector<Machine>& owned) {
        const auto holds = [&](const Machine& m) {
            return std::all_of(plan.pieces.begin(), plan.pieces.end(), [&](const PiecePlan& piece) {
                const Bounds& b = piece.table->bounds;
                return b.max.x - b.min.x <= m.bed_x_mm && b.max.y - b.min.y <= m.bed_y_mm &&
                       b.max.z - b.min.z <= m.height_mm;
            });
        };
        for (const Machine& m : owned)
            if (!(m == p.machine) && m.id != p.machine.id && holds(m))
                add("machine", say("Print it on {}", m.name), describe(m), 0, 0,
                    [m](Project& q) { set_machine(q, m); });
    }
};

/// All copies together take their changes once; one after the other each would take them again.
void together(const Project& p, const Plan& plan, std::vector<Suggestion>& out) {
    const int copies = count_of_all(p);
    if (p.pieces.size() > 1 || copies < 2 || plan.changes.empty())
        return;
    const Change &last = plan.changes.back(), &first = plan.changes.front();
    Suggestion s;
    s.code = "together";
    s.label = say("Keep printing the {} copies together", copies);
    s.after = plan.totals;
    s.before = plan.totals;
    // Between two copies the printer goes back to what the first layer begins with.
    const int back = last.to == first.from ? 0 : plan.purge_table.at(last.to, first.from);
    s.before.changes = copies * plan.totals.changes + (copies - 1) * (back > 0);
    s.before.hand_swaps =
        copies * plan.totals.hand_swaps + (plan.totals.hand_swaps ? (copies - 1) * (back > 0) : 0);
    s.before.purge_g = copies * plan.totals.purge_g +
                       (copies - 1) * grams(p.filaments[static_cast<std::size_t>(first.from)], back);
    s.before.change_s = copies * plan.totals.change_s;
    s.before.total_s = plan.totals.print_s + s.before.change_s;
    s.detail = counted(
        "one after the other they would take {} change instead of {}, and {} g of purge instead of {} g",
        "one after the other they would take {} changes instead of {}, and {} g of purge instead of {} g",
        s.before.changes, plan.totals.changes, num(s.before.purge_g, 0), num(plan.totals.purge_g, 0));
    s.only_told = true;
    out.push_back(std::move(s));
}

} // namespace

double saved_share(const Totals& before, const Totals& after) {
    double sum = 0;
    int kinds = 0;
    const auto count = [&](double b, double a) {
        if (b <= 1e-9 && a <= 1e-9)
            return;
        sum += b > 1e-9 ? (b - a) / b : -1;
        ++kinds;
    };
    count(before.purge_g + before.tower_g, after.purge_g + after.tower_g);
    count(before.change_s, after.change_s);
    count(before.hand_swaps + before.refills, after.hand_swaps + after.refills);
    return kinds ? sum / kinds : 0;
}

Result<std::vector<Suggestion>> suggest(const Project& project, const Plan& plan,
                                        const std::vector<Machine>& owned, bool poses,
                                        const Progress& progress) {
    Tries tries{project, plan, {}};
    tries.merges();
    tries.small_regions();
    tries.borders();
    tries.order();
    tries.machines(owned);
    if (tries.list.size() > kMostTries)
        tries.list.resize(kMostTries);
    Planner planner(project, plan);
    std::vector<Suggestion> out;
    const double piece_mm3 = [&] {
        double sum = 0;
        for (const FilamentUse& u : plan.use)
            sum += u.model_mm3;
        return std::max(1.0, sum);
    }();
    constexpr double kLeastSaving = 0.002, kFree = 0.002; // a loss nobody sees counts as this much
    const auto judge = [&](Suggestion s, double apart) {
        s.before = plan.totals;
        s.loss = s.loss_mm3 / piece_mm3 * apart / 100;
        const double saved = saved_share(s.before, s.after);
        if (saved < kLeastSaving)
            return;
        s.score = saved / (s.loss + kFree);
        out.push_back(std::move(s));
    };
    for (std::size_t i = 0; i < tries.list.size(); ++i) {
        if (progress.stopped())
            return Error{say("Stopped before all suggestions were worked out.")};
        progress.at((poses ? 0.3 : 1.0) * static_cast<double>(i) / static_cast<double>(tries.list.size()));
        Project p = project;
        tries.list[i].s.apply(p);
        const auto made = planner.plan(p, {progress.stop, {}});
        if (!made)
            continue; // not printable so
        tries.list[i].s.after = (*made)->totals;
        tries.list[i].s.plan = *made;
        judge(std::move(tries.list[i].s), tries.list[i].loss_delta_e);
    }
    if (poses)
        for (std::size_t k = 0; k < project.pieces.size(); ++k) {
            const auto [from, to] = std::pair(
                0.3 + 0.7 * static_cast<double>(k) / static_cast<double>(project.pieces.size()),
                0.3 + 0.7 * static_cast<double>(k + 1) / static_cast<double>(project.pieces.size()));
            const int piece = static_cast<int>(k);
            const std::vector<Pose> all = poses_of(project.pieces[k]);
            double overhang = 0;
            if (const auto& underside = plan.pieces[k].underside)
                for (const ContactFace& f : underside->hanging->faces)
                    overhang += f.mm2;
            for (std::size_t i = 1; i < all.size(); ++i) {
                if (progress.stopped())
                    return Error{say("Stopped before all poses were tried.")};
                progress.at(from + (to - from) * static_cast<double>(i) / static_cast<double>(all.size()));
                const PoseCost c = study_pose(project, piece, all[i], {progress.stop, {}});
                if (!c.why.empty() || !c.fits || !c.stands)
                    continue;
                Suggestion s;
                s.code = "pose";
                s.label = project.pieces.size() > 1
                              ? say("Turn {}: {}", Name{project.pieces[k].name}, c.pose.name)
                              : say("Turn it: {}", c.pose.name);
                s.detail = say("{} mm\u00b2 of overhang instead of {}, {} mm tall", num(c.overhang_mm2, 0),
                               num(overhang, 0), num(c.height_mm));
                s.after = c.totals;
                s.apply = [piece, r = all[i].rotation](Project& q) { turn(q, piece, r); };
                // More overhang is a loss too: as much as recolouring that much surface two lines deep.
                s.loss_mm3 = std::max(0.0, c.overhang_mm2 - overhang) * 2 * project.settings.line_width_mm;
                judge(std::move(s), 50);
            }
        }
    std::stable_sort(out.begin(), out.end(),
                     [](const Suggestion& a, const Suggestion& b) { return a.score > b.score; });
    if (out.size() > kMostSuggestions)
        out.resize(kMostSuggestions);
    together(project, plan, out);
    return out;
}

} // namespace vitrail
