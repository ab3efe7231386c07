#include "core/check/landing.h"

#include <algorithm>

namespace vitrail {

Landing landing_of(const Project& p, const Plan& plan, const PairUse& u) {
    Landing out;
    const auto change = std::find_if(plan.changes.begin(), plan.changes.end(),
                                     [&](const Change& c) { return c.displaced == u.from && c.to == u.to; });
    if (change == plan.changes.end())
        return out;
    out.change = static_cast<int>(change - plan.changes.begin());
    out.layer = change->layer;
    const auto l = static_cast<std::size_t>(change->layer) - 1;
    const Srgb from = p.filaments[static_cast<std::size_t>(u.from)].colour,
               to = p.filaments[static_cast<std::size_t>(u.to)].colour;
    out.first = to_srgb(washed_colour(u.washout, from, to, u.mm3));
    out.delta_e = u.left_delta_e;
    out.dirty_mm3 = std::max(0.0, u.clean_mm3 - u.mm3);
    out.dirty_mm = out.dirty_mm3 / (p.settings.line_width_mm * plan.grid.thickness_mm(out.layer));
    // Bodies of all pieces before what is painted.
    const auto each_part = [&](auto lands) {
        for (std::size_t k = 0; k < p.pieces.size(); ++k)
            for (std::size_t i = 0; i < p.pieces[k].parts.size() && out.layer <= plan.pieces[k].layers(); ++i)
                if (lands(p.pieces[k].parts[i], plan.pieces[k], i)) {
                    out.piece = static_cast<int>(k);
                    out.part = static_cast<int>(i);
                    return true;
                }
        return false;
    };
    const auto on_body = [&](const Part& part, const PiecePlan& piece, std::size_t i) {
        const Volume& v = piece.demand->parts[i][l];
        out.face = v.wall_mm3 > 1e-9   ? say("walls")
                   : v.skin_mm3 > 1e-9 ? say("top and bottom skin")
                                       : say("infill");
        return piece.owner[i][l] == u.to && v.total() > 1e-9 && !part.takes_purge;
    };
    const auto on_patch = [&](const Part& part, const PiecePlan& piece, std::size_t i) {
        out.face = say("painted surface");
        for (std::size_t k = 0; k < part.patches.size(); ++k)
            if (find_filament(p, part.patches[k].filament) == u.to &&
                piece.demand->patches[i][k].mm3[l] > 1e-9) {
                out.patch = static_cast<int>(k) + 1;
                return true;
            }
        return false;
    };
    if (!each_part(on_body) && !each_part(on_patch))
        out.face = say("walls");
    return out;
}

Message describe(const Project& p, const Landing& x) {
    if (x.part < 0)
        return {};
    const Part& part = p.pieces[static_cast<std::size_t>(x.piece)].parts[static_cast<std::size_t>(x.part)];
    const Message whose =
        x.patch > 0
            ? say("{} on {}", Name{part.patches[static_cast<std::size_t>(x.patch) - 1].name}, Name{part.name})
            : say("{}", Name{part.name});
    if (x.dirty_mm3 <= 0)
        return say("the {} of {} in layer {} start clean", x.face, whose, x.layer);
    const Number length = x.dirty_mm < 10000 ? mm(x.dirty_mm, 0) : num(x.dirty_mm / 1000, 1, "m");
    return say("the {} of {} in layer {}: the first {} of line start in {}, \u0394E {} off", x.face, whose,
               x.layer, length, to_hex(x.first), num(x.delta_e));
}

} // namespace vitrail
