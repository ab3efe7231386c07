#include "core/material/filament.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

VITRAIL_VALUE_MADE_HERE(Filament)

Filament make_filament(char letter, Material material, Srgb colour, std::string name) {
    const MaterialFacts& m = facts(material);
    Filament f;
    f.letter = letter;
    f.material = material;
    f.colour = colour;
    f.name = name.empty() ? english(describe_colour(colour)) : std::move(name);
    f.density_g_cm3 = m.density_g_cm3;
    f.price_per_kg = m.price_per_kg;
    f.td_mm = likely_td_mm(colour);
    f.nozzle_c = m.nozzle_c;
    f.bed_c = m.bed_c;
    return f;
}

double likely_td_mm(Srgb colour) {
    const Lab lab = to_lab(colour);
    // By lightness between what is known of near-black, mid, pastel and white; a strong colour stays below 2
    // mm however light it is.
    constexpr std::pair<double, double> kByLightness[] = {{15, 0.3}, {50, 1.5}, {80, 3}, {97, 5}};
    double td = kByLightness[0].second;
    for (std::size_t i = 1; i < std::size(kByLightness); ++i) {
        const auto [l0, t0] = kByLightness[i - 1];
        const auto [l1, t1] = kByLightness[i];
        if (lab.l > l0)
            td = t0 + (t1 - t0) * std::min(1.0, (lab.l - l0) / (l1 - l0));
    }
    constexpr double kPale = 25, kStrong = 60, kMostOfStrong_mm = 2;
    const double strong = std::clamp((std::hypot(lab.a, lab.b) - kPale) / (kStrong - kPale), 0.0, 1.0);
    td = td + strong * (std::min(td, kMostOfStrong_mm) - td);
    return std::round(td * 10) / 10;
}

Message describe_colour(Srgb c) {
    const Lab lab = to_lab(c);
    const double chroma = std::hypot(lab.a, lab.b);
    if (chroma < 8) {
        if (lab.l < 22)
            return say("black");
        if (lab.l < 45)
            return say("dark grey");
        if (lab.l < 72)
            return say("grey");
        if (lab.l < 90)
            return say("light grey");
        return lab.l > 97 ? say("white") : say("off-white");
    }
    double h = std::atan2(lab.b, lab.a) * 180 / std::numbers::pi;
    if (h < 0)
        h += 360;
    // Rough hue sectors of the Lab circle.
    static constexpr struct {
        double to_deg;
        const char *plain, *dark, *light;
    } kHues[] = {{20, term("pink"), term("dark pink"), term("light pink")},
                 {48, term("red"), term("dark red"), term("light red")},
                 {75, term("orange"), term("dark orange"), term("light orange")},
                 {105, term("yellow"), term("dark yellow"), term("light yellow")},
                 {170, term("green"), term("dark green"), term("light green")},
                 {235, term("teal"), term("dark teal"), term("light teal")},
                 {300, term("blue"), term("dark blue"), term("light blue")},
                 {335, term("violet"), term("dark violet"), term("light violet")},
                 {361, term("pink"), term("dark pink"), term("light pink")}};
    const auto& hue =
        *std::find_if(std::begin(kHues), std::end(kHues), [&](const auto& x) { return h < x.to_deg; });
    return say(lab.l < 32 ? hue.dark : lab.l > 78 && h > 105 ? hue.light : hue.plain);
}

} // namespace vitrail
