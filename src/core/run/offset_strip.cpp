#include "core/run/offset_strip.h"

#include "core/geometry/prism.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

constexpr double kSpine_mm = 3, kTooth_mm = 6, kLonger_mm = 2, kMark_mm = 5, kApart_mm = 12;

/// Lines that point to y = 0 from below (`up`) or from above, on a spine; with X and Y exchanged for the
/// other strip.
Mesh comb(bool along_y, bool up, double pitch_mm, double line_mm, double height) {
    Paths bars;
    const double side = up ? -1 : 1, ends = kCombLines * pitch_mm + line_mm,
                 root = side * (kTooth_mm + kLonger_mm);
    const auto bar = [&](double x0, double y0, double x1, double y1) {
        const auto u = [](double mm) {
            return static_cast<ClipperLib::cInt>(std::llround(mm * kUnitsPerMm));
        };
        if (y0 > y1)
            std::swap(y0, y1);
        if (along_y)
            std::swap(x0, y0), std::swap(x1, y1);
        bars.push_back(Path{{u(x0), u(y0)}, {u(x1), u(y0)}, {u(x1), u(y1)}, {u(x0), u(y1)}});
    };
    bar(-ends, root, ends, root + side * kSpine_mm);
    // The spine lies behind all lines; the middle one is thicker at its root, so that it is found at once.
    for (int n = -kCombLines; n <= kCombLines; ++n) {
        const double x = n * pitch_mm;
        bar(x - line_mm / 2, 0, x + line_mm / 2, root);
        if (n == 0)
            bar(x - 1.2 * line_mm, side * kTooth_mm, x + 1.2 * line_mm, root);
        else if (n % 5 == 0)
            bar(x - line_mm, side * (kTooth_mm + kLonger_mm / 2), x + line_mm, root);
    }
    bar(ends, root, ends + kMark_mm, root + side * kSpine_mm); // which way is positive
    Builder b;
    add_prism(b, strictly_simple(filled(bars)), 0, height);
    return b.build();
}

} // namespace

Result<Project> offset_strip(const Project& p, int toolhead) {
    const auto heads = static_cast<int>(p.machine.toolheads.size());
    if (heads < 2)
        return Error{say("The machine has one toolhead: there is nothing to be off from.")};
    if (toolhead < 1 || toolhead >= heads)
        return Error{
            say("There is no toolhead {} beside the first; the machine has {}.", toolhead + 1, heads)};
    const auto nozzle_on = [&](int head) {
        const std::vector<char> usable = usable_nozzles(p.machine, p.settings.line_width_mm);
        int found = -1;
        for (std::size_t n = 0; n < p.machine.nozzles.size(); ++n)
            if (p.machine.nozzles[n].toolhead == head &&
                (found < 0 || (usable[n] && !usable[static_cast<std::size_t>(found)])))
                found = static_cast<int>(n);
        return found;
    };
    Project q;
    q.name = "Offset strip " + p.machine.toolheads[static_cast<std::size_t>(toolhead)].name;
    q.machine = p.machine;
    q.settings = p.settings;
    q.settings.copies = 1;
    q.settings.support = SupportStyle::none;
    q.filaments = p.filaments;
    while (q.filaments.size() < 2)
        q.filaments.push_back(
            make_filament(q.filaments.empty() || q.filaments.front().letter != 'A' ? 'A' : 'B', Material::PLA,
                          q.filaments.empty() ? Srgb{0x20, 0x22, 0x26} : Srgb{0xf2, 0xf2, 0xea}));
    const auto suits = [&](const Filament& f, int nozzle) {
        return meant_for(p.machine.nozzles[static_cast<std::size_t>(nozzle)], f.material);
    };
    const int on_first = nozzle_on(0), on_other = nozzle_on(toolhead);
    // The project's pins tell who prints what; else the first filaments that suit.
    const auto chosen = [&](int nozzle, char not_this) {
        for (const Pin& pin : p.pins)
            if (pin.nozzle == nozzle && pin.filament != not_this)
                return pin.filament;
        for (const Filament& f : q.filaments)
            if (f.letter != not_this && suits(f, nozzle))
                return f.letter;
        return q.filaments.front().letter == not_this ? q.filaments[1].letter : q.filaments.front().letter;
    };
    const char first = chosen(on_first, 0), other = chosen(on_other, first);
    pin(q, first, on_first);
    pin(q, other, on_other);
    const double height = q.settings.first_layer_mm + q.settings.layer_mm,
                 line = 2 * q.settings.line_width_mm;
    Piece& piece = q.pieces.front();
    piece.name = "offset-strip";
    const auto add = [&](const char* name, char letter, Mesh mesh, double dx, double dy) {
        for (Vec3& v : mesh.vertices)
            v = {static_cast<float>(v.x + dx), static_cast<float>(v.y + dy), v.z};
        Part part;
        part.name = name;
        part.mesh = std::make_shared<Mesh>(build_mesh(mesh.vertices, mesh.triangles));
        part.filament = letter;
        part.own_mesh = true;
        piece.parts.push_back(std::move(part));
    };
    const double reach = kCombLines * kCombPitch_mm + kMark_mm +
                         kApart_mm; // the strip for Y stands to the right of the one for X
    add("x-first", first, comb(false, true, kCombPitch_mm, line, height), 0, 0);
    add("x-other", other, comb(false, false, kCombPitch_mm - kVernier_mm, line, height), 0, 0);
    add("y-first", first, comb(true, true, kCombPitch_mm, line, height), reach + kTooth_mm, 0);
    add("y-other", other, comb(true, false, kCombPitch_mm - kVernier_mm, line, height), reach + kTooth_mm, 0);
    return q;
}

} // namespace vitrail
