#include "core/purge/strip.h"

#include "core/geometry/prism.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

double strip_mm3_per_mm(const Settings& s, double side_mm) {
    return 4 * (side_mm - s.line_width_mm) * s.line_width_mm;
}

Result<Strip> calibration_strip(const Project& p, const std::string& letters, double side_mm) {
    if (letters.size() < 2)
        return Error{say("A strip needs two filaments at least.")};
    for (std::size_t i = 0; i < letters.size(); ++i) {
        if (find_filament(p, letters[i]) < 0)
            return Error{say("There is no filament {}.", letters[i])};
        if (i > 0 && letters[i] == letters[i - 1])
            return Error{say("The strip must change at every letter; {} follows itself.", letters[i])};
    }
    const Settings& s = p.settings;
    const double w = s.line_width_mm, h = s.layer_mm;
    if (!(side_mm > 4 * w))
        return Error{say("The strip must be wider than four lines.")};
    Strip strip;
    strip.mm3_per_mm = strip_mm3_per_mm(s, side_mm);
    const Washout wash{s.dead_mm3 > 0 ? s.dead_mm3 : p.machine.dead_mm3,
                       s.mixing_mm3 > 0 ? s.mixing_mm3 : p.machine.mixing_mm3};
    // Layers, so that every change falls on the border of one.
    int layers = std::max(
        1, static_cast<int>(std::ceil(3 / h))); // something to hold on to, and the first filament pure
    const auto z = [&](int n) { return s.first_layer_mm + (n - 1) * h; };
    for (std::size_t i = 1; i < letters.size(); ++i) {
        const Filament &from = p.filaments[static_cast<std::size_t>(find_filament(p, letters[i - 1]))],
                       &to = p.filaments[static_cast<std::size_t>(find_filament(p, letters[i]))];
        const double mm3 = clean_mm3(wash, from.colour, to.colour, to.delta_e > 0 ? to.delta_e : s.delta_e),
                     expected = mm3 / strip.mm3_per_mm;
        const int more =
            std::max(static_cast<int>(std::ceil(4 / h)), static_cast<int>(std::ceil(1.5 * expected / h)));
        strip.changes.push_back({letters[i - 1], letters[i], z(layers), more * h, expected});
        layers += more;
    }
    const double height = z(layers);
    if (height > p.machine.height_mm)
        return Error{say(
            "The strip would be {} mm tall, more than the printer's {}. Use fewer changes, or a wider strip.",
            num(std::ceil(height), 0), num(std::floor(p.machine.height_mm), 0))};
    const auto square = [&](double inset) {
        const auto u = [&](double mm) {
            return static_cast<ClipperLib::cInt>(std::llround(mm * kUnitsPerMm));
        };
        return Path{{u(inset), u(inset)},
                    {u(side_mm - inset), u(inset)},
                    {u(side_mm - inset), u(side_mm - inset)},
                    {u(inset), u(side_mm - inset)}};
    };
    Path inner = square(w);
    std::reverse(inner.begin(), inner.end());
    Builder column;
    add_prism(column, {square(0), inner}, 0, height);
    Project& q = strip.project;
    q.name = "Calibration strip";
    q.machine = p.machine;
    q.filaments = p.filaments;
    q.settings = s;
    q.settings.copies = 1;
    q.settings.walls = 1;
    q.settings.infill_pct = 0;
    q.settings.top_skins = q.settings.bottom_skins = 0;
    Part part;
    part.name = "strip";
    part.mesh = std::make_shared<Mesh>(column.build());
    part.filament = letters.front();
    part.own_mesh = true;
    Piece& piece = q.pieces.front();
    piece.name = "strip";
    piece.parts.push_back(std::move(part));
    for (const StripChange& c : strip.changes)
        if (c.to != letters.front())
            piece.bands.push_back({"strip", c.z_mm, c.z_mm + c.length_mm, c.to});
    return strip;
}

std::string strip_letters(const Project& p, int most_changes) {
    std::vector<const Filament*> by_light;
    for (const Filament& f : p.filaments)
        by_light.push_back(&f);
    std::stable_sort(by_light.begin(), by_light.end(), [](const Filament* a, const Filament* b) {
        return to_lab(a->colour).l < to_lab(b->colour).l;
    });
    if (by_light.size() < 2)
        return {};
    std::string out(1, by_light.front()->letter);
    const auto go = [&](const Filament* f) {
        if (out.back() != f->letter && static_cast<int>(out.size()) <= most_changes)
            out += f->letter;
    };
    // Dark to light and back first: the deepest change and a shallow one. Then by way of the others.
    go(by_light.back());
    go(by_light.front());
    for (std::size_t i = 1; i + 1 < by_light.size(); ++i) {
        go(by_light[i]);
        go(i % 2 ? by_light.back() : by_light.front());
    }
    while (by_light.size() == 2 && static_cast<int>(out.size()) <= std::min(most_changes, 4))
        go(out.back() == by_light.front()->letter ? by_light.back() : by_light.front());
    return out;
}

double reading_mm3(ReadingUnit unit, double value, double mm3_per_mm, double flow_mm3_s) {
    return unit == ReadingUnit::strip_mm  ? value * mm3_per_mm
           : unit == ReadingUnit::seconds ? value * flow_mm3_s
                                          : value;
}

} // namespace vitrail
