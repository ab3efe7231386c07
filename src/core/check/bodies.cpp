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
                         quoted(o.first_part) + " and " + quoted(o.second_part) + " claim the same " + num(o.mm3) +
                             " mm³, up to " + mm(o.widest_mm) + " wide and " + mm(height, 2) + " high, in layers " + std::to_string(o.from_layer) + " to " + std::to_string(o.to_layer) +
                             ", first at x " + num(o.x_mm) + ", y " + num(o.y_mm) + " mm. The later in the list, " +
                             quoted(o.second_part) + ", gets it.",
                         at_layer(o.from_layer), o.from_layer, {o.first_part, o.second_part});
        const std::string a = piece.parts[o.first_part].name, b = piece.parts[o.second_part].name;
        f.fixes.push_back({"give it to \u201c" + a + "\u201d", {}, [a, b](Project& q) {
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
        const auto mark = [&](Finding& f) { f.spots.push_back({{static_cast<float>(g.x_mm), static_cast<float>(g.y_mm), static_cast<float>(bed_z() + grid().middle_mm(g.from_layer))}, g.from_layer, g.size_mm}); };
        const double least = p.settings.check_gap_mm;
        if (g.upwards) {
            if (g.wide_mm <= std::max(1e-3, least))
                continue;
            Finding& f = add("gap", Severity::error,
                             "Between " + quoted(g.first_part) + " and " + quoted(g.second_part) + " above it there is a gap of " + mm(g.wide_mm, 3) +
                                 " in Z: the upper one would be printed onto air. Bodies must meet exactly.",
                             at_layer(g.from_layer), g.from_layer, {g.first_part, g.second_part});
            mark(f);
            const std::string name = piece.parts[g.second_part].name;
            const double down = g.wide_mm;
            f.fixes.push_back({"let \u201c" + name + "\u201d down by " + mm(down, 3), {}, [name, down](Project& q) {
                                   change_part(q, name, [&](Piece&, Part& part) { move_part(part, 0, 0, -down); });
                               }});
            continue;
        }
        if (g.wide_mm == 0) {
            if (p.settings.check_groove_mm > 0)
                add("no-groove", Severity::note,
                    quoted(g.first_part) + " and " + quoted(g.second_part) + " meet side by side without a groove. One of " + mm(p.settings.check_groove_mm) +
                        " along the border would make it crisp.",
                    at_layer(g.from_layer), g.from_layer, {g.first_part, g.second_part});
            continue;
        }
        if (g.wide_mm <= least)
            continue;
        const double deep = grid().top_mm(g.to_layer) - grid().bottom_mm(g.from_layer);
        const std::string size = mm(g.narrow_mm) + (g.wide_mm > g.narrow_mm + 0.01 ? " to " + mm(g.wide_mm) : std::string()) + " wide and " + mm(deep) + " deep";
        Finding& f = g.touch_elsewhere
                         ? add("groove", g.wide_mm < 1 ? Severity::note : Severity::warning,
                               quoted(g.first_part) + " and " + quoted(g.second_part) + " are parted by a groove " + size +
                                   (g.wide_mm < 1 ? "; it makes the border crisp." : ". Under 1 mm is enough for a crisp border."),
                               at_layer(g.from_layer), g.from_layer, {g.first_part, g.second_part})
                         : add("gap", Severity::warning,
                               "Between " + quoted(g.first_part) + " and " + quoted(g.second_part) + " there is a gap " + size +
                                   " in XY, and they touch nowhere: they would come apart. Let them share a face.",
                               at_layer(g.from_layer), g.from_layer, {g.first_part, g.second_part});
        mark(f);
    }
}

void Checker::misplaced() {
    const int n = static_cast<int>(piece.parts.size());
    if (n < 2)
        return;
    const auto meets = [&](int i, int j) {
        const auto same = [&](const auto& x) { return (x.first_part == i && x.second_part == j) || (x.first_part == j && x.second_part == i); };
        return std::any_of(made.table->contacts.begin(), made.table->contacts.end(), same) || std::any_of(made.table->overlaps.begin(), made.table->overlaps.end(), same);
    };
    std::set<int> said;
    for (const Misfit& m : made.table->misfits) {
        Finding& f = add("misplaced", Severity::error,
                         quoted(m.part) + " has the shape of a hole in " + quoted(m.hole_in) + " but lies " + mm(std::hypot(m.dx_mm, m.dy_mm)) + " beside it (" +
                             num(m.dx_mm, 2) + " mm in X, " + num(m.dy_mm, 2) + " mm in Y). Bodies for two colours must share one origin.",
                         at_layer(m.layer), m.layer, {m.hole_in, m.part});
        f.spots.push_back({{static_cast<float>(m.x_mm), static_cast<float>(m.y_mm), static_cast<float>(bed_z() + grid().middle_mm(m.layer))}, m.layer, m.size_mm});
        const std::string name = piece.parts[m.part].name;
        f.fixes.push_back({"move \u201c" + name + "\u201d into it", {}, [name, m](Project& q) {
                               change_part(q, name, [&](Piece&, Part& part) { move_part(part, m.dx_mm, m.dy_mm, 0); });
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
            alone = i == j || !(meets(i, j) || near_in_plan(piece.parts[i].mesh->bounds, b, static_cast<float>(kMeantToTouch_mm)));
        if (!alone)
            continue;
        const int layer = std::clamp(first_layer_above(grid(), b.min.z - bed_z()), 1, grid().count);
        add("misplaced", Severity::error,
            quoted(j) + " hangs in the air at " + mm(b.min.z - bed_z()) + ", beside all other parts. It seems to have another origin: export the parts together, from one program.",
            at_layer(layer), layer, {j});
    }
}

} // namespace vitrail
