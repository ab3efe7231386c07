#include "demo/scenario.h"

#include "demo/solids.h"
#include "formats/archive.h"
#include "formats/machine_file.h"
#include "formats/model.h"

#include <cmath>
#include <numbers>

namespace vitrail::demo {

using namespace solids;

namespace {

Filament filament(char letter, const char* name, Srgb colour, double td_mm, double price) {
    Filament f = make_filament(letter, Material::PLA, colour, name);
    f.td_mm = td_mm;
    f.price_per_kg = price;
    return f;
}

/// A project whose only model file is a 3MF of the bodies; part i gets letters[i].
Result<Project> project(const char* name, const char* file, const char* machine, std::vector<Filament> filaments,
                        std::vector<Body> bodies, const std::string& letters) {
    Project p;
    p.name = name;
    p.machine = *find_machine(machine);
    p.filaments = std::move(filaments);
    for (std::size_t i = 0; i < bodies.size(); ++i)
        bodies[i].colour = p.filaments[static_cast<std::size_t>(find_filament(p, letters[i]))].colour;
    auto bytes = write_3mf(bodies);
    if (!bytes)
        return bytes.error();
    if (const Status ok = add_model(p, file, std::move(*bytes)); !ok)
        return ok.error();
    for (std::size_t i = 0; i < bodies.size(); ++i)
        p.parts[i].filament = letters[i];
    return p;
}

Body body(const char* name, const Builder& b) {
    return {name, b.build(), {}};
}

const Filament kNavy = filament('A', "harbour blue", {0x1f, 0x3a, 0x63}, 1.4, 21.5);
const Filament kChalk = filament('B', "chalk", {0xf2, 0xef, 0xe4}, 5.2, 19.9);
const Filament kRed = filament('C', "buoy red", {0xb8, 0x2e, 0x28}, 2.6, 22.4);
const Filament kAmber = filament('D', "lamp amber", {0xe2, 0xa6, 0x3b}, 4.4, 23.8);

} // namespace

Result<Project> badge() {
    constexpr double w = 62, h = 36;
    Builder plate, relief;
    const Paths outline = subtract(rounded_rectangle(0, 0, w, h, 5), circle(w / 2, h - 4.2, 2, 48));
    add_prism(plate, outline, 0, 2.0);
    // A rim, a small lighthouse with its beams, two lines of lettering.
    Paths up = subtract(offset(outline, -0.9), offset(outline, -2.0));
    up = subtract(up, circle(w / 2, h - 4.2, 4.2, 48));
    const auto add = [&](const Paths& p) { up = unite(up, p); };
    add(ring(w / 2, h - 4.2, 2.9, 3.9, 64));
    add(polygon({{8.2, 7.5}, {13.8, 7.5}, {12.6, 20}, {9.4, 20}}));
    add(polygon({{8.4, 20.8}, {13.6, 20.8}, {13.6, 21.9}, {8.4, 21.9}}));
    add(polygon({{9.6, 22.6}, {12.4, 22.6}, {12.4, 25}, {11, 27}, {9.6, 25}}));
    for (const double y : {23.2, 26.4})
        add(stroke({{14.6, 24}, {19.5, y}}, 0.9));
    for (const double y : {23.2, 26.4})
        add(stroke({{7.4, 24}, {4.2, 24 + (y - 24) * 0.66}}, 0.9));
    add(lettering("SALTMARSH", 18.6, 15, 4.6, 0.95));
    add(lettering("LIGHT", 18.6, 7.6, 4.6, 0.95));
    add(lettering("VISITOR", 42.4, 7.6, 2.4, 0.7));
    add_prism(relief, up, 2.0, 2.8);
    auto p = project("Visitor badge", "badge.3mf", "hand-swap", {kNavy, kChalk},
                     {body("plate", plate), body("relief", relief)}, "AB");
    if (p)
        p->settings.copies = 10;
    return p;
}

Result<Project> lighthouse() {
    Builder rock, tower, windows, gallery, lantern, roof;
    std::vector<std::pair<double, double>> shore;
    for (int i = 0; i < 40; ++i) {
        const double a = 2 * std::numbers::pi * i / 40;
        const double r = 37 + 2.2 * std::sin(3 * a) + 1.4 * std::cos(7 * a + 1);
        shore.emplace_back(r * std::cos(a), r * std::sin(a));
    }
    add_loft(rock, polygon(shore), 0, 1, 12, 0.8);

    // A hollow tower that narrows evenly from 22 to 15 mm, in cells of courses and segments; some cells are windows.
    constexpr double base_z = 12, top_z = 72, r0 = 22, r1 = 15, thick = 3.2;
    const std::vector<double> levels{12, 27, 32, 39, 44, 51, 56, 72};
    const auto is_window = [](int course, int segment) {
        const int first = course == 1 || course == 5 ? 2 : course == 3 ? 22 : -1;
        return first >= 0 && (segment - first + 120) % 40 < 6;
    };
    const auto corner = [&](std::size_t level, int segment, bool outside) {
        const double a = 2 * std::numbers::pi * segment / 120, t = (levels[level] - base_z) / (top_z - base_z);
        const double r = (outside ? r0 : r0 - thick) * (1 + (r1 / r0 - 1) * t);
        return Vec3{static_cast<float>(r * std::cos(a)), static_cast<float>(r * std::sin(a)), static_cast<float>(levels[level])};
    };
    const auto quad = [](Builder& to, Vec3 a, Vec3 b, Vec3 c, Vec3 d) {
        to.add(a, b, c);
        to.add(a, c, d);
    };
    const int courses = static_cast<int>(levels.size()) - 1;
    for (const bool window : {false, true}) {
        Builder& to = window ? windows : tower;
        const auto here = [&](int c, int s) { return c >= 0 && c < courses && is_window(c, (s + 120) % 120) == window; };
        for (int c = 0; c < courses; ++c)
            for (int s = 0; s < 120; ++s) {
                if (!here(c, s))
                    continue;
                const auto lo = static_cast<std::size_t>(c), hi = lo + 1;
                const int s0 = s, s1 = (s + 1) % 120;
                const auto p = [&](std::size_t level, int seg, bool out) { return corner(level, seg, out); };
                quad(to, p(lo, s0, true), p(lo, s1, true), p(hi, s1, true), p(hi, s0, true));
                quad(to, p(lo, s1, false), p(lo, s0, false), p(hi, s0, false), p(hi, s1, false));
                if (!here(c, s - 1))
                    quad(to, p(lo, s0, false), p(lo, s0, true), p(hi, s0, true), p(hi, s0, false));
                if (!here(c, s + 1))
                    quad(to, p(lo, s1, true), p(lo, s1, false), p(hi, s1, false), p(hi, s1, true));
                if (!here(c + 1, s))
                    quad(to, p(hi, s0, true), p(hi, s1, true), p(hi, s1, false), p(hi, s0, false));
                if (!here(c - 1, s))
                    quad(to, p(lo, s0, false), p(lo, s1, false), p(lo, s1, true), p(lo, s0, true));
            }
    }
    add_revolved(gallery, {{0, 72}, {15, 72}, {20, 74}, {20, 79}, {18.6, 79}, {18.6, 75}, {0, 75}}, 96);
    add_prism(lantern, ring(0, 0, 9, 11, 96), 75, 86);
    add_revolved(roof, {{0, 86}, {13.5, 86}, {2.2, 95}, {2.2, 98}, {0, 98}}, 96);

    auto p = project("Saltmarsh lighthouse", "lighthouse.3mf", "feeder-4", {kNavy, kChalk, kRed, kAmber},
                     {body("rock", rock), body("tower", tower), body("windows", windows), body("gallery", gallery),
                      body("lantern", lantern), body("roof", roof)},
                     "ABDADA");
    if (p) {
        assign_band(*p, 1, 24, 36, 'C');
        assign_band(*p, 1, 48, 60, 'C');
    }
    return p;
}

Result<Project> tide_dial() {
    // Printed face down: what is read lies on the bed, mirrored, three layers deep.
    Builder face, marks;
    constexpr double r = 45, deep = 0.6;
    const Paths disc = subtract(circle(0, 0, r, 180), circle(0, 0, 3, 64));
    Paths ink = ring(0, 0, 41.2, 42.2, 180);
    const auto add = [&](const Paths& p) { ink = unite(ink, p); };
    for (int i = 0; i < 48; ++i) {
        const double a = 2 * std::numbers::pi * i / 48;
        const double from = i % 4 ? 39.4 : 37.8;
        add(stroke({{from * std::cos(a), from * std::sin(a)}, {41.4 * std::cos(a), 41.4 * std::sin(a)}}, i % 4 ? 0.6 : 1.0));
    }
    for (int hour = 1; hour <= 12; ++hour) {
        const std::string text = std::to_string(hour);
        const double a = std::numbers::pi / 2 - 2 * std::numbers::pi * hour / 12, rr = 33;
        add(lettering(text, rr * std::cos(a) - lettering_width(text, 5.2) / 2, rr * std::sin(a) - 2.6, 5.2, 0.9));
    }
    add(lettering("HIGH", -lettering_width("HIGH", 3.6) / 2, 18, 3.6, 0.7));
    add(lettering("WATER", -lettering_width("WATER", 3.6) / 2, 12, 3.6, 0.7));
    add(lettering("SALTMARSH LIGHT", -lettering_width("SALTMARSH LIGHT", 2.4) / 2, -16, 2.4, 0.5));
    ink = mirrored_x(ink);
    add_plate_with_pockets(face, disc, ink, deep, 4);
    add_prism(marks, ink, 0, deep);
    return project("Tide dial", "tide-dial.3mf", "twin", {kNavy, kChalk}, {body("dial", face), body("marks", marks)}, "AB");
}

std::vector<Named> all() {
    std::vector<Named> list;
    list.push_back({"badge.vitrail", badge()});
    list.push_back({"lighthouse.vitrail", lighthouse()});
    list.push_back({"tide-dial.vitrail", tide_dial()});
    return list;
}

} // namespace vitrail::demo
