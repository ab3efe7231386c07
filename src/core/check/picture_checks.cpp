#include "core/check/checker.h"

#include <algorithm>

namespace vitrail {

/// What a picture is printed with. Common practice, no source.
void Checker::pictures() {
    if (!p.picture || !p.picture->dots || find_piece(p, p.picture->piece) < 0)
        return;
    const Picture& picture = *p.picture;
    const Settings& s = p.settings;
    const auto fix = [&](Finding& f, Message what, void (*change)(Project&)) {
        f.fixes.push_back({std::move(what), {}, change});
    };
    if (s.first_layer_mm != picture.first_mm || s.layer_mm != picture.layer_mm) {
        Finding& f =
            add("picture-layers", Severity::error,
                say("The picture was made for layers of {} after a first one of {}; the settings say {} and "
                    "{}. Every border would come at another height, and the colours would be others. Make "
                    "the picture anew, or set the layers back.",
                    mm(picture.layer_mm), mm(picture.first_mm), mm(s.layer_mm), mm(s.first_layer_mm)),
                whole_print());
        fix(f, say("layers of {} after {}", mm(picture.layer_mm), mm(picture.first_mm)), [](Project& q) {
            q.settings.first_layer_mm = q.picture->first_mm, q.settings.layer_mm = q.picture->layer_mm;
        });
    } else if (!s.layer_bands.empty()) {
        fix(add("picture-layers", Severity::error,
                say("Some layers have heights of their own, and a picture's colours come from layers that "
                    "are all alike."),
                whole_print()),
            say("layers of one height"), [](Project& q) { q.settings.layer_bands.clear(); });
    } else if (picture.made_with != tints_text(p))
        add("picture-filaments", Severity::warning,
            say("The filaments of the picture have changed since it was made, so its heights no longer suit "
                "them. Make it anew on the Picture bench."),
            whole_print());
    if (s.infill_pct < 100)
        fix(add("picture-infill", Severity::error,
                say("A picture needs 100 % infill: with {} % there is air below the top layers, and the "
                    "colours come out wrong.",
                    num(s.infill_pct, 0)),
                whole_print()),
            say("100 % infill"), [](Project& q) { q.settings.infill_pct = 100; });
    if (s.support != SupportStyle::none)
        fix(add("picture-support", Severity::warning,
                say("A picture lies flat on the bed and needs no support."), whole_print()),
            say("no support"), [](Project& q) { q.settings.support = SupportStyle::none; });
    const bool between = std::none_of(plan.changes.begin(), plan.changes.end(),
                                      [](const Change& c) { return c.within_layer; });
    if (plan.tower.layers > 0 && between && p.pieces.size() == 1)
        fix(add("picture-tower", Severity::warning,
                say("All changes of this picture are between layers: a tower wastes {} and is not needed; "
                    "some like one all the same.",
                    num(plan.totals.tower_g, 1, "g")),
                whole_print()),
            say("no tower"), [](Project& q) { q.settings.purge_to = PurgeTo::ejected; });
    constexpr int kMostWalls = 3;
    if (s.walls > kMostWalls)
        fix(add("picture-walls", Severity::note,
                say("{} walls follow every terrace of the picture and take long; one does, some print two or "
                    "three.",
                    s.walls),
                whole_print()),
            say("one wall"), [](Project& q) { q.settings.walls = 1; });
    constexpr double kCollides = 0.05;
    if (picture.use == PictureUse::relief && picture.figures.collides > kCollides)
        add("picture-collisions", Severity::warning,
            say("{} % of the picture has a colour that shares its lightness with another: by lightness both "
                "get one height, and neither can be right. Height by the nearest colour tells them apart.",
                num(100 * picture.figures.collides, 0)),
            whole_print());
    if (picture.use == PictureUse::panel)
        add("picture-lamp", Severity::note,
            say("Behind a panel: low-voltage lamps only, and a licensed electrician where local codes ask "
                "for one. PLA softens at about 55 °C: keep the lamp cool, and away from it."),
            whole_print());
}

} // namespace vitrail
