#include "core/check/checker.h"

#include "core/project/regions.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace vitrail {

void Checker::overlaps() {
    for (const Overlap& o : plan.table->overlaps) {
        const double height = plan.grid.top_mm(o.to_layer) - plan.grid.bottom_mm(o.from_layer);
        Finding& f = add("overlap", Severity::warning,
                         quoted(o.first_part) + " and " + quoted(o.second_part) + " claim the same " + num(o.mm3) +
                             " mm³, up to " + mm(o.widest_mm) + " wide and " + mm(height, 2) + " high, in layers " + std::to_string(o.from_layer) + " to " + std::to_string(o.to_layer) +
                             ", first at x " + num(o.x_mm) + ", y " + num(o.y_mm) + " mm. The later in the list, " +
                             quoted(o.second_part) + ", gets it.",
                         at_layer(o.from_layer), o.from_layer, {o.first_part, o.second_part});
        const std::string a = p.parts[o.first_part].name, b = p.parts[o.second_part].name;
        f.fixes.push_back({"give it to \u201c" + a + "\u201d", {}, [a, b](Project& q) {
                        const int i = find_part(q, a), j = find_part(q, b);
                        if (i >= 0 && j > i)
                            std::rotate(q.parts.begin() + i, q.parts.begin() + i + 1, q.parts.begin() + j + 1);
                    }});
    }
}


namespace {

/// Bodies that come nearer than this without touching are taken to be meant to touch, mm.
constexpr double kMeant_mm = 1.0;

bool near_in_plan(const Bounds& a, const Bounds& b, float d) {
    return a.min.x <= b.max.x + d && b.min.x <= a.max.x + d && a.min.y <= b.max.y + d && b.min.y <= a.max.y + d;
}

/// Distance sideways between two areas, one of a row of steps; 0 when they touch, −1 beyond the last.
double distance_between(const Paths& a, const Paths& b) {
    constexpr double kSteps[] = {0.05, 0.1, 0.15, 0.2, 0.3, 0.4, 0.5, 0.6, 0.8, 1.0};
    constexpr double kRounding_mm = 0.005; // bodies exactly a step apart touch at that step
    if (intersect(offset(a, kSteps[9]), b).empty())
        return -1;
    int lo = 0, hi = 9; // the first step that reaches
    while (lo < hi) {
        const int mid = (lo + hi) / 2;
        if (intersect(offset(a, kSteps[mid] + kRounding_mm), b).empty())
            lo = mid + 1;
        else
            hi = mid;
    }
    return lo == 0 ? 0 : kSteps[lo];
}

/// The space between two areas that face each other within `mm`.
Paths between(const Paths& a, const Paths& b, double mm) {
    return subtract(subtract(intersect(offset(a, mm), offset(b, mm)), a), b);
}

} // namespace

void Checker::gaps() {
    const int n = static_cast<int>(p.parts.size());
    const double least = p.settings.check_gap_mm;
    const auto in_contact = [&](int i, int j) {
        return std::any_of(plan.table->contacts.begin(), plan.table->contacts.end(), [&](const Contact& c) { return c.first_part == i && c.second_part == j; });
    };
    for (int i = 0; i < n; ++i)
        for (int j = i + 1; j < n; ++j) {
            const Part &a = p.parts[i], &b = p.parts[j];
            const Bounds &x = a.mesh->bounds, &y = b.mesh->bounds;
            if (x.empty() || y.empty() || a.filament == b.filament || !near_in_plan(x, y, kMeant_mm))
                continue;
            // In Z: one ends below where the other begins.
            const bool a_below = x.max.z <= y.min.z + 1e-4f;
            if (a_below || y.max.z <= x.min.z + 1e-4f) {
                const int lower = a_below ? i : j, upper = a_below ? j : i;
                const double gap = double(p.parts[upper].mesh->bounds.min.z) - p.parts[lower].mesh->bounds.max.z;
                if (gap > std::max(1e-3, least) && gap < 2 * kMeant_mm && !in_contact(i, j)) {
                    const double top = double(p.parts[lower].mesh->bounds.max.z) - bed_z();
                    const int layer = std::clamp(first_layer_above(plan.grid, top), 1, plan.grid.count);
                    Finding& f = add("gap", Severity::error,
                                     "Between " + quoted(lower) + " and " + quoted(upper) + " above it there is a gap of " + mm(gap, 3) +
                                         " in Z: the upper one would be printed onto air. Bodies must meet exactly.",
                                     at_layer(layer), layer, {lower, upper});
                    const std::string name = p.parts[upper].name;
                    f.fixes.push_back({"let \u201c" + name + "\u201d down by " + mm(gap, 3), {}, [name, gap](Project& q) {
                                           if (const int k = find_part(q, name); k >= 0)
                                               move_part(q, k, 0, 0, -gap);
                                       }});
                }
                continue;
            }
            // In XY: a few layers that both have.
            const auto layers_of = [&](const Bounds& bounds_of) {
                return std::pair{std::clamp(first_layer_above(plan.grid, bounds_of.min.z - bed_z()), 1, plan.grid.count),
                                 std::clamp(first_layer_above(plan.grid, bounds_of.max.z - bed_z()) - 1, 1, plan.grid.count)};
            };
            const auto [a0, a1] = layers_of(x);
            const auto [b0, b1] = layers_of(y);
            const int from = std::max(a0, b0), to = std::min(a1, b1);
            if (from > to)
                continue;
            constexpr int kSamples = 9;
            double widest = 0, narrowest = 1e9;
            int open_from = 0, open_to = 0, touching = 0, sampled = 0;
            Paths where;
            const auto look = [&](int l) {
                const Paths &pa = plan.table->parts[i].layers[l - 1], &pb = plan.table->parts[j].layers[l - 1];
                if (pa.empty() || pb.empty())
                    return;
                const double d = distance_between(pa, pb);
                if (d < 0)
                    return;
                ++sampled;
                if (d == 0) {
                    ++touching;
                    return;
                }
                widest = std::max(widest, d);
                narrowest = std::min(narrowest, d);
                open_from = open_from ? std::min(open_from, l) : l;
                open_to = std::max(open_to, l);
                if (where.empty())
                    where = between(pa, pb, d);
            };
            const int step = std::max(1, (to - from) / (kSamples - 1));
            for (int l = from; l < to; l += step)
                look(l);
            look(to);
            // From the sampled layers to where it really begins and ends.
            const auto open_at = [&](int l) {
                const Paths &pa = plan.table->parts[i].layers[l - 1], &pb = plan.table->parts[j].layers[l - 1];
                return !pa.empty() && !pb.empty() && distance_between(pa, pb) > 0;
            };
            while (open_from > from && open_at(open_from - 1))
                --open_from;
            while (open_to && open_to < to && open_at(open_to + 1))
                ++open_to;
            if (widest > least && narrowest < 1e8) {
                const double deep = plan.grid.top_mm(open_to) - plan.grid.bottom_mm(open_from);
                const bool groove = in_contact(i, j);
                const int layer = open_from;
                const std::string size = mm(narrowest) + (widest > narrowest + 0.01 ? " to " + mm(widest) : std::string()) + " wide and " + mm(deep) + " deep";
                Finding& f = groove ? add("groove", widest < 1 ? Severity::note : Severity::warning,
                                          quoted(i) + " and " + quoted(j) + " are parted by a groove " + size +
                                              (widest < 1 ? "; it makes the border crisp." : ". Under 1 mm is enough for a crisp border."),
                                          at_layer(layer), layer, {i, j})
                                    : add("gap", Severity::warning,
                                          "Between " + quoted(i) + " and " + quoted(j) + " there is a gap " + size +
                                              " in XY, and they touch nowhere: they would come apart. Let them share a face.",
                                          at_layer(layer), layer, {i, j});
                if (!where.empty())
                    f.spots.push_back(spot_in(where, layer));
            } else if (touching && p.settings.check_groove_mm > 0) {
                add("no-groove", Severity::note,
                    quoted(i) + " and " + quoted(j) + " meet side by side without a groove. One of " + mm(p.settings.check_groove_mm) +
                        " along the border would make it crisp.",
                    at_layer(from), from, {i, j});
            }
        }
}

void Checker::misplaced() {
    const int n = static_cast<int>(p.parts.size());
    if (n < 2)
        return;
    const auto meets = [&](int i, int j) {
        const auto same = [&](const auto& x) { return (x.first_part == i && x.second_part == j) || (x.first_part == j && x.second_part == i); };
        return std::any_of(plan.table->contacts.begin(), plan.table->contacts.end(), same) || std::any_of(plan.table->overlaps.begin(), plan.table->overlaps.end(), same);
    };
    std::set<int> said;
    for (const Misfit& m : plan.table->misfits) {
        Finding& f = add("misplaced", Severity::error,
                         quoted(m.part) + " has the shape of a hole in " + quoted(m.hole_in) + " but lies " + mm(std::hypot(m.dx_mm, m.dy_mm)) + " beside it (" +
                             num(m.dx_mm, 2) + " mm in X, " + num(m.dy_mm, 2) + " mm in Y). Bodies for two colours must share one origin.",
                         at_layer(m.layer), m.layer, {m.hole_in, m.part});
        f.spots.push_back({{static_cast<float>(m.x_mm), static_cast<float>(m.y_mm), static_cast<float>(bed_z() + plan.grid.middle_mm(m.layer))}, m.layer, m.size_mm});
        const std::string name = p.parts[m.part].name;
        f.fixes.push_back({"move \u201c" + name + "\u201d into it", {}, [name, m](Project& q) {
                               if (const int k = find_part(q, name); k >= 0)
                                   move_part(q, k, m.dx_mm, m.dy_mm, 0);
                           }});
        said.insert(m.part);
    }
    // A part that hangs in the air, beside everything else.
    for (int j = 0; j < n; ++j) {
        const Bounds& b = p.parts[j].mesh->bounds;
        if (said.count(j) || b.empty() || b.min.z - bed_z() < plan.grid.first_mm)
            continue;
        bool alone = true;
        for (int i = 0; i < n && alone; ++i)
            alone = i == j || !(meets(i, j) || near_in_plan(p.parts[i].mesh->bounds, b, static_cast<float>(kMeant_mm)));
        if (!alone)
            continue;
        const int layer = std::clamp(first_layer_above(plan.grid, b.min.z - bed_z()), 1, plan.grid.count);
        add("misplaced", Severity::error,
            quoted(j) + " hangs in the air at " + mm(b.min.z - bed_z()) + ", beside all other parts. It seems to have another origin: export the parts together, from one program.",
            at_layer(layer), layer, {j});
    }
}

} // namespace vitrail
