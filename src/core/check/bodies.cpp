#include "core/check/checker.h"

#include "core/layers/gaps.h"
#include "core/project/regions.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace vitrail {

void Checker::overlaps() {
    for (const Overlap& o : made.table->overlaps) {
        const double height = grid().top_mm(o.to_layer) - grid().bottom_mm(o.from_layer);
        Finding& f = add("overlap", Severity::warning,
                         say("{0} and {1} claim the same {2} mm³, up to {3} wide and {4} high, in layers {5} "
                             "to {6}, first at x {7}, y {8} mm. The later in the list, {1}, gets it.",
                             quoted(o.first_part), quoted(o.second_part), num(o.mm3), mm(o.widest_mm),
                             mm(height), o.from_layer, o.to_layer, num(o.x_mm), num(o.y_mm)),
                         at_layer(o.from_layer), o.from_layer, {o.first_part, o.second_part});
        const std::string a = piece.parts[o.first_part].name, b = piece.parts[o.second_part].name;
        f.fixes.push_back({say("give it to {}", Name{a}), {}, [a, b](Project& q) {
                               const PartAt x = find_part(q, a), y = find_part(q, b);
                               if (x.part < 0 || x.piece != y.piece || y.part < x.part)
                                   return;
                               const auto parts = q.pieces[static_cast<std::size_t>(x.piece)].parts.begin();
                               std::rotate(parts + x.part, parts + x.part + 1, parts + y.part + 1);
                           }});
    }
}

void Checker::gaps() {
    for (const Gap& g : made.table->gaps) {
        if (piece.parts[g.first_part].filament == piece.parts[g.second_part].filament)
            continue;
        const auto mark = [&](Finding& f) {
            f.spots.push_back({{static_cast<float>(g.x_mm), static_cast<float>(g.y_mm),
                                static_cast<float>(bed_z() + grid().middle_mm(g.from_layer))},
                               g.from_layer,
                               g.size_mm});
        };
        const double least = p.settings.check_gap_mm;
        if (g.upwards) {
            if (g.wide_mm < std::max(2e-3, least - 1e-3)) // meshes are rounded
                continue;
            Finding& f = add("gap", Severity::error,
                             say("Between {} and {} above it there is a gap of {} in Z: the upper one would "
                                 "be printed onto air. Bodies must meet exactly.",
                                 quoted(g.first_part), quoted(g.second_part), mm(g.wide_mm, 3)),
                             at_layer(g.from_layer), g.from_layer, {g.first_part, g.second_part});
            mark(f);
            const std::string name = piece.parts[g.second_part].name;
            const double down = g.wide_mm;
            f.fixes.push_back(
                {say("let {} down by {}", Name{name}, mm(down, 3)), {}, [name, down](Project& q) {
                     change_part(q, name, [&](Piece&, Part& part) { move_part(part, 0, 0, -down); });
                 }});
            continue;
        }
        if (g.wide_mm == 0) {
            if (p.settings.check_groove_mm > 0)
                add("no-groove", Severity::note,
                    say("{} and {} meet side by side without a groove. One of {} along the border would make "
                        "it crisp.",
                        quoted(g.first_part), quoted(g.second_part), mm(p.settings.check_groove_mm)),
                    at_layer(g.from_layer), g.from_layer, {g.first_part, g.second_part});
            continue;
        }
        if (g.wide_mm <= least)
            continue;
        const double deep = grid().top_mm(g.to_layer) - grid().bottom_mm(g.from_layer);
        const Message size = g.wide_mm > g.narrow_mm + 0.01
                                 ? say("{} to {} wide and {} deep", mm(g.narrow_mm), mm(g.wide_mm), mm(deep))
                                 : say("{} wide and {} deep", mm(g.narrow_mm), mm(deep));
        constexpr double kCrisp_mm =
            1; // common practice, no source: a border is crisp with a groove shallower and narrower than that
        Finding& f =
            !g.touch_elsewhere ? add("gap", Severity::warning,
                                     say("Between {} and {} there is a gap {} in XY, and they touch nowhere: "
                                         "they would come apart. Let them share a face.",
                                         quoted(g.first_part), quoted(g.second_part), size),
                                     at_layer(g.from_layer), g.from_layer, {g.first_part, g.second_part})
            : g.full_depth
                ? add("loose-inlay", Severity::warning,
                      say("Between {} and {} there is a ring of air {}, all the way down: only the floor "
                          "holds them together. A groove less than {} deep makes a border crisp; below it "
                          "let them touch.",
                          quoted(g.first_part), quoted(g.second_part), size, mm(kCrisp_mm, 0)),
                      at_layer(g.from_layer), g.from_layer, {g.first_part, g.second_part})
                : add("groove", g.wide_mm < kCrisp_mm ? Severity::note : Severity::warning,
                      say(g.wide_mm < kCrisp_mm && deep < kCrisp_mm
                              ? term("{} and {} are parted by a groove {}; it makes the border crisp.")
                              : term("{} and {} are parted by a groove {}. Less than 1 mm wide and deep is "
                                     "enough for a crisp border."),
                          quoted(g.first_part), quoted(g.second_part), size),
                      at_layer(g.from_layer), g.from_layer, {g.first_part, g.second_part});
        mark(f);
    }
}

void Checker::misplaced() {
    const int n = static_cast<int>(piece.parts.size());
    if (n < 2)
        return;
    const auto meets = [&](int i, int j) {
        const auto same = [&](const auto& x) {
            return (x.first_part == i && x.second_part == j) || (x.first_part == j && x.second_part == i);
        };
        return std::any_of(made.table->contacts.begin(), made.table->contacts.end(), same) ||
               std::any_of(made.table->overlaps.begin(), made.table->overlaps.end(), same);
    };
    std::set<int> said;
    for (const Misfit& m : made.table->misfits) {
        Finding& f = add("misplaced", Severity::error,
                         say("{} has the shape of a hole in {} but lies {} beside it ({} in X, {} in Y). "
                             "Bodies for two colours must share one origin.",
                             quoted(m.part), quoted(m.hole_in), mm(std::hypot(m.dx_mm, m.dy_mm)), mm(m.dx_mm),
                             mm(m.dy_mm)),
                         at_layer(m.layer), m.layer, {m.hole_in, m.part});
        f.spots.push_back({{static_cast<float>(m.x_mm), static_cast<float>(m.y_mm),
                            static_cast<float>(bed_z() + grid().middle_mm(m.layer))},
                           m.layer,
                           m.size_mm});
        const std::string name = piece.parts[m.part].name;
        f.fixes.push_back({say("move {} into it", Name{name}), {}, [name, m](Project& q) {
                               change_part(q, name,
                                           [&](Piece&, Part& part) { move_part(part, m.dx_mm, m.dy_mm, 0); });
                           }});
        said.insert(m.part);
    }
    // A part that hangs in the air, beside everything else.
    for (int j = 0; j < n; ++j) {
        const Bounds& b = piece.parts[j].mesh->bounds;
        if (said.count(j) || b.empty() || b.min.z - bed_z() < grid().first_mm)
            continue;
        bool alone = true;
        for (int i = 0; i < n && alone; ++i)
            alone = i == j || !(meets(i, j) || near_in_plan(piece.parts[i].mesh->bounds, b,
                                                            static_cast<float>(kMeantToTouch_mm)));
        if (!alone)
            continue;
        const int layer = std::clamp(first_layer_above(grid(), b.min.z - bed_z()), 1, grid().count);
        add("misplaced", Severity::error,
            say("{} hangs in the air at {}, beside all other parts. It seems to have another origin: export "
                "the parts together, from one program.",
                quoted(j), mm(b.min.z - bed_z())),
            at_layer(layer), layer, {j});
    }
}

} // namespace vitrail
