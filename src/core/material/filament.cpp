#include "core/material/filament.h"

#include <cmath>

namespace vitrail {

Filament make_filament(char letter, Material material, Srgb colour, std::string name) {
    const MaterialFacts& m = facts(material);
    Filament f;
    f.letter = letter;
    f.material = material;
    f.colour = colour;
    f.name = name.empty() ? describe_colour(colour) : std::move(name);
    f.density_g_cm3 = m.density_g_cm3;
    f.nozzle_c = m.nozzle_c;
    f.bed_c = m.bed_c;
    return f;
}

std::string describe_colour(Srgb c) {
    const Lab lab = to_lab(c);
    const double chroma = std::hypot(lab.a, lab.b);
    if (chroma < 8) {
        if (lab.l < 22)
            return "black";
        if (lab.l < 45)
            return "dark grey";
        if (lab.l < 72)
            return "grey";
        if (lab.l < 90)
            return "light grey";
        return lab.l > 97 ? "white" : "off-white";
    }
    double h = std::atan2(lab.b, lab.a) * 180 / std::numbers::pi;
    if (h < 0)
        h += 360;
    // Rough hue sectors of the Lab circle.
    const char* hue = h < 20    ? "pink"
                      : h < 48  ? "red"
                      : h < 75  ? "orange"
                      : h < 105 ? "yellow"
                      : h < 170 ? "green"
                      : h < 235 ? "teal"
                      : h < 300 ? "blue"
                      : h < 335 ? "violet"
                                : "pink";
    const char* depth = lab.l < 32 ? "dark " : lab.l > 78 && h > 105 ? "light " : "";
    return std::string(depth) + hue;
}

} // namespace vitrail
