#include "demo/scenario.h"

#include "core/patch/stroke.h"
#include "core/project/regions.h"
#include "demo/solids.h"
#include "formats/import.h"
#include "formats/machine_file.h"
#include "formats/model.h"

#include <algorithm>
#include <cmath>
#include <map>
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
Result<Project> project(const char* name, const char* file, const char* machine,
                        std::vector<Filament> filaments, std::vector<Body> bodies,
                        const std::string& letters) {
    Project p;
    p.name = name;
    p.machine = *find_machine(machine);
    p.filaments = std::move(filaments);
    for (std::size_t i = 0; i < bodies.size(); ++i)
        bodies[i].colour = p.filaments[static_cast<std::size_t>(find_filament(p, letters[i]))].colour;
    auto bytes = write_3mf(bodies);
    if (!bytes)
        return bytes.error();
    if (const Status ok = add_model(p, 0, file, std::move(*bytes)); !ok)
        return ok.error();
    for (std::size_t i = 0; i < bodies.size(); ++i)
        p.pieces.front().parts[i].filament = letters[i];
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
    if (p) {
        p->settings.copies = 10;
        p->settings.start_hour = 9; // the swap comes some hours later
    }
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

    // A hollow tower that narrows evenly from 22 to 15 mm, in cells of courses and segments; some cells are
    // windows.
    constexpr double base_z = 12, top_z = 72, r0 = 22, r1 = 15, thick = 3.2;
    const std::vector<double> levels{12, 27, 32, 39, 44, 51, 56, 72};
    const auto is_window = [](int course, int segment) {
        const int first = course == 1 || course == 5 ? 2 : course == 3 ? 22 : -1;
        return first >= 0 && (segment - first + 120) % 40 < 6;
    };
    const auto corner = [&](std::size_t level, int segment, bool outside) {
        const double a = 2 * std::numbers::pi * segment / 120,
                     t = (levels[level] - base_z) / (top_z - base_z);
        const double r = (outside ? r0 : r0 - thick) * (1 + (r1 / r0 - 1) * t);
        return Vec3{static_cast<float>(r * std::cos(a)), static_cast<float>(r * std::sin(a)),
                    static_cast<float>(levels[level])};
    };
    const auto quad = [](Builder& to, Vec3 a, Vec3 b, Vec3 c, Vec3 d) {
        to.add(a, b, c);
        to.add(a, c, d);
    };
    const int courses = static_cast<int>(levels.size()) - 1;
    for (const bool window : {false, true}) {
        Builder& to = window ? windows : tower;
        const auto here = [&](int c, int s) {
            return c >= 0 && c < courses && is_window(c, (s + 120) % 120) == window;
        };
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
                     {body("rock", rock), body("tower", tower), body("windows", windows),
                      body("gallery", gallery), body("lantern", lantern), body("roof", roof)},
                     "ABDADA");
    if (p) {
        assign_band(p->pieces.front(), 1, 24, 36, 'C');
        assign_band(p->pieces.front(), 1, 48, 60, 'C');
    }
    return p;
}

/// Three colourings, to be shown to the keeper.
Result<Project> with_colourings(Result<Project> p) {
    if (!p)
        return p;
    const Project red = *p;
    Piece& piece = p->pieces.front();
    keep_variant(*p, "red bands");
    for (Band& band : piece.bands)
        band.filament = 'A';
    keep_variant(*p, "blue bands");
    *p = [&] {
        Project q = red;
        q.variants = p->variants;
        return q;
    }();
    p->pieces.front().bands.clear();
    for (Part& part : p->pieces.front().parts)
        if (part.name == "gallery" || part.name == "roof")
            part.filament = 'C';
    keep_variant(*p, "white tower, red roof");
    use_variant(*p, 0);
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
        add(stroke({{from * std::cos(a), from * std::sin(a)}, {41.4 * std::cos(a), 41.4 * std::sin(a)}},
                   i % 4 ? 0.6 : 1.0));
    }
    for (int hour = 1; hour <= 12; ++hour) {
        const std::string text = std::to_string(hour);
        const double a = std::numbers::pi / 2 - 2 * std::numbers::pi * hour / 12, rr = 33;
        add(lettering(text, rr * std::cos(a) - lettering_width(text, 5.2) / 2, rr * std::sin(a) - 2.6, 5.2,
                      0.9));
    }
    add(lettering("HIGH", -lettering_width("HIGH", 3.6) / 2, 18, 3.6, 0.7));
    add(lettering("WATER", -lettering_width("WATER", 3.6) / 2, 12, 3.6, 0.7));
    add(lettering("SALTMARSH LIGHT", -lettering_width("SALTMARSH LIGHT", 2.4) / 2, -16, 2.4, 0.5));
    ink = mirrored_x(ink);
    add_plate_with_pockets(face, disc, ink, deep, 4);
    add_prism(marks, ink, 0, deep);
    return project("Tide dial", "tide-dial.3mf", "twin", {kNavy, kChalk},
                   {body("dial", face), body("marks", marks)}, "AB");
}

Result<Project> painted() {
    // The lighthouse as one body, as a scan or a download would come: nothing in it says where a colour ends.
    Builder light;
    add_revolved(light,
                 {{0, 0},
                  {36, 0},
                  {29, 12},
                  {22, 12},
                  {15, 72},
                  {20, 74},
                  {20, 78},
                  {11, 78},
                  {11, 86},
                  {13.5, 86},
                  {2.2, 95},
                  {2.2, 98},
                  {0, 98}},
                 144);

    // Small pieces of the open day, each with the mistake it is here for.
    Builder sign, letters, key, inlay, rope, buoy, mast, bracket, stand, coaster, bell;
    // Lettering 0.28 mm fine, lifted 0.35 mm off its plate.
    add_prism(sign, rounded_rectangle(46, -30, 40, 14, 2), 0, 2);
    Paths text = lettering("FLOOD TIDE", 49, -26.5, 4.4, 0.28);
    add_prism(letters, text, 2.35, 3.2);
    // A key tag whose inlay was exported from another place; it lies 2.4 mm beside its hole.
    const Paths tag = rounded_rectangle(46, -10, 34, 16, 4);
    add_prism(key, subtract(tag, circle(56, -2, 4.5, 64)), 0, 3);
    add_prism(inlay, circle(58.1, -0.8, 4.5, 64), 0, 3);
    // A ring of rope that runs into its buoy.
    add_prism(buoy, circle(58, 22, 9, 72), 0, 5);
    add_prism(rope, ring(58, 22, 8.2, 11, 72), 1, 3);
    // A mast thin enough to topple, and a bracket whose strap hangs in the air.
    add_prism(mast, circle(80, 22, 2.4, 48), 0, 52);
    add_prism(bracket, polygon({{46, 38}, {56, 38}, {56, 48}, {46, 48}}), 0, 14);
    add_prism(bracket, polygon({{56, 42}, {78, 42}, {78, 43.2}, {56, 43.2}}), 9, 12);
    add_prism(stand, rounded_rectangle(66, 46, 10, 10, 1), 0, 3);
    // A coaster that will not come off its sheet, and a bell whose colours meet on an overhang.
    add_prism(coaster, rounded_rectangle(82, 38, 14, 14, 3), 0, 2);
    add_revolved(bell, {{0, 0}, {4, 0}, {4, 2}, {11, 5}, {11, 9}, {0, 9}}, 72);
    for (Vec3& v : bell.vertices)
        v = v + Vec3{96, 22, 0};

    std::vector<Filament> filaments{kChalk, kRed, kNavy};
    filaments[0].letter = 'A', filaments[1].letter = 'B', filaments[2].letter = 'C';
    Filament glow = make_filament('D', Material::CoPolyester, {0xe2, 0xa6, 0x3b}, "lamp glow");
    glow.td_mm = 6.5;
    Filament dissolving = make_filament('E', Material::PVA, {0xe8, 0xe0, 0xc8}, "marsh reed");
    filaments.push_back(glow);
    filaments.push_back(dissolving);
    filaments[0].spools = {{"CH-1", 1000}};
    filaments[1].spools = {{"BR-1", 6}};
    auto p = project("Painted lighthouse", "painted.3mf", "feeder-4", filaments,
                     {body("lighthouse", light), body("sign", sign), body("lettering", letters),
                      body("key tag", key), body("inlay", inlay), body("buoy", buoy), body("rope", rope),
                      body("mast", mast), body("bracket", bracket), body("stand", stand),
                      body("coaster", coaster), body("bell", bell)},
                     "ACACBBACAEDA");
    if (!p)
        return p;
    p->settings.first_layer_mm = 0.28;
    p->settings.sheet = BuildSheet::textured;
    p->settings.start_hour = 9;
    assign_band(p->pieces.front(), find_part(p->pieces.front(), "bell"), 3.4, 9, 'B');
    Part& part = p->pieces.front().parts[0];
    const auto paint = [&](const char* name, char letter, auto cover) {
        const PatchNumber n = add_patch(part, name, letter);
        repaint(part, [&](const Mesh& m, Paint& on) { cover(m, on, [n](PatchNumber) { return n; }); });
    };
    paint("rock", 'C', [](const Mesh& m, Paint& on, const Recolour& to) { paint_heights(m, on, 0, 12, to); });
    paint("bands", 'B', [](const Mesh& m, Paint& on, const Recolour& to) {
        paint_heights(m, on, 24, 36, to);
        paint_heights(m, on, 48, 60, to);
    });
    paint("gallery and roof", 'C', [](const Mesh& m, Paint& on, const Recolour& to) {
        paint_heights(m, on, 72, 78, to); // the gallery's underside overhangs
        paint_heights(m, on, 86, 98, to);
    });
    paint("lamp", 'D',
          [](const Mesh& m, Paint& on, const Recolour& to) { paint_heights(m, on, 78, 86, to); });
    drop_empty_patches(part);
    return p;
}

Result<Project> signal_flags() {
    // Seven code flags on a plinth, each an upright tile whose fields run through all its layers: every layer
    // takes four or five filaments, on a carousel with a fixed nozzle and four exchangeable ones of which one
    // is missing.
    std::vector<Body> bodies;
    std::string letters;
    Builder plinth;
    add_prism(plinth, rounded_rectangle(0, 0, 172, 24, 4), 0, 2.4);
    bodies.push_back(body("plinth", plinth));
    letters += 'A';
    const auto field = [&](const std::string& name, double x,
                           const std::vector<std::pair<double, double>>& corners, double height,
                           char letter) {
        Builder b;
        std::vector<std::pair<double, double>> at;
        for (const auto& [u, v] : corners)
            at.emplace_back(x + u, 4 + v);
        add_prism(b, polygon(at), 2.4, height);
        bodies.push_back(body(name.c_str(), b));
        letters += letter;
    };
    const auto box = [](double x0, double y0, double x1, double y1) {
        return std::vector<std::pair<double, double>>{{x0, y0}, {x1, y0}, {x1, y1}, {x0, y1}};
    };
    // Two halves, two bars, a quartered one, a cross, a chequer of triangles: invented, no code anybody
    // signals with.
    field("ebb left", 4, box(0, 0, 10, 16), 9, 'A');
    field("ebb right", 4, box(10, 0, 20, 16), 9, 'B');
    field("flood lower", 28, box(0, 0, 20, 8), 9, 'C');
    field("flood upper", 28, box(0, 8, 20, 16), 9, 'B');
    field("slack lower left", 52, box(0, 0, 10, 8), 9, 'A');
    field("slack upper right", 52, box(10, 8, 20, 16), 9, 'A');
    field("slack lower right", 52, box(10, 0, 20, 8), 9, 'B');
    field("slack upper left", 52, box(0, 8, 10, 16), 9, 'B');
    field("visitor left", 76, {{0, 0}, {20, 0}, {0, 16}}, 9, 'C');
    field("visitor right", 76, {{20, 0}, {20, 16}, {0, 16}}, 9, 'B');
    field("lamp left", 100, box(0, 0, 7, 16), 6.4, 'D');
    field("lamp right", 100, box(7, 0, 20, 16), 6.4, 'A');
    field("fog lower", 124, box(0, 0, 20, 8), 4.4, 'E');
    field("fog upper", 124, box(0, 8, 20, 16), 4.4, 'D');
    field("open left", 148, box(0, 0, 10, 16), 9, 'A');
    field("open right", 148, box(10, 0, 20, 16), 9, 'C');
    Filament soot = filament('E', "soot", {0x1c, 0x1c, 0x1e}, 0.6, 20.5);
    auto p = project("Signal flags", "signal-flags.3mf", "carousel", {kNavy, kChalk, kRed, kAmber, soot},
                     bodies, letters);
    if (!p)
        return p;
    Machine& m = p->machine;
    m.id = "carousel-at-the-light";
    m.name = "Carousel at the light";
    m.note = "The volunteers' own: four exchangeable nozzles, of which the third is worn and taken out.";
    m.nozzles = {{0.4, 0}, {0.4, 1}, {0.4, 1}, {0.4, 1, true}, {0.4, 1}};
    // What was measured on a strip of these five, in mm³; the same as demo/readings.csv.
    p->readings.unit = 1;
    for (const auto& [from, to, mm3] : {std::tuple{"E", "B", "505"},
                                        {"B", "E", "98"},
                                        {"E", "A", "214"},
                                        {"A", "B", "491"},
                                        {"B", "C", "121"},
                                        {"C", "E", "91"},
                                        {"C", "D", "330"},
                                        {"D", "A", "192"}})
        p->readings.rows.push_back({from, to, "2", mm3});
    // Harbour blue is still on the external spool from last time, the others but red in the feeder.
    p->in_machine = {{'A', 0}, {'B', 1}, {'D', 1}, {'E', 1}};
    p->filaments[2].free_after_h = 0.4; // buoy red is in the other printer until then
    p->settings.copies = 4;
    p->settings.start_hour = 21;
    return p;
}

Result<Project> marsh_map() {
    // A relief of the marsh in seven colours, for a printer with one nozzle and no feeder: mostly one colour
    // above the other, with a causeway and pools let into the marsh.
    Builder sea, shallows, sand, marsh, reeds, causeway, houses, lamp;
    const auto shore = [](double rx, double ry, double wobble, double phase) {
        std::vector<std::pair<double, double>> points;
        for (int i = 0; i < 72; ++i) {
            const double a = 2 * std::numbers::pi * i / 72,
                         r = 1 + wobble * std::sin(3 * a + phase) + wobble / 2 * std::cos(5 * a);
            points.emplace_back(50 + rx * r * std::cos(a), 35 + ry * r * std::sin(a));
        }
        return polygon(points);
    };
    add_prism(sea, rounded_rectangle(0, 0, 100, 70, 5), 0, 1.2);
    add_prism(shallows, shore(41, 28, 0.05, 0.4), 1.2, 1.8);
    add_prism(sand, shore(35, 23, 0.06, 0.9), 1.8, 2.4);
    const Paths green = shore(29, 18, 0.07, 1.3),
                road = intersect(stroke({{14, 30}, {38, 36}, {56, 30}, {84, 38}}, 2.4), green);
    add_prism(marsh, green, 2.4, 3.0);
    add_prism(reeds, subtract(green, road), 3.0, 3.4);
    add_prism(causeway, road, 3.0, 3.4);
    for (const double x : {36.0, 42.5, 49.0})
        add_prism(houses, rounded_rectangle(x, 40, 4.4, 5.2, 0.6), 3.4, 6.2);
    add_prism(houses, circle(62, 38, 3.2, 48), 3.4, 9.4);
    add_prism(lamp, circle(62, 38, 2.2, 48), 9.4, 11.8);
    std::vector<Filament> filaments{kNavy,
                                    filament('B', "shoal", {0x4f, 0x9a, 0xa8}, 3.1, 22.9),
                                    filament('C', "dune", {0xd9, 0xc1, 0x8c}, 3.6, 21.0),
                                    filament('D', "glasswort", {0x5c, 0x7a, 0x3e}, 2.2, 22.0),
                                    kChalk,
                                    kRed,
                                    kAmber};
    filaments[4].letter = 'E';
    filaments[5].letter = 'F';
    filaments[6].letter = 'G';
    auto p = project("Marsh map", "marsh-map.3mf", "hand-swap", filaments,
                     {body("sea", sea), body("shallows", shallows), body("sand", sand), body("marsh", marsh),
                      body("reeds", reeds), body("causeway", causeway), body("houses", houses),
                      body("lamp", lamp)},
                     "ABCDDEFG");
    if (p) {
        p->settings.start_hour = 19;
        p->settings.attended_per_h = 12;
    }
    return p;
}

Result<Project> lamp_bracket() {
    // A plate for the wall, an arm with the lamp's seat, and two straps below it that hold the cable: all but
    // the plate hangs in the air. It gets warm, so it is PETG (common practice, no source).
    Builder plate, arm, rim, straps;
    add_prism(plate, rounded_rectangle(-21, -5, 42, 10, 1.5), 0, 55);
    const Paths seat = circle(0, 58, 17);
    add_prism(arm, subtract(unite(rounded_rectangle(-7, 5, 14, 42, 0), seat), circle(0, 58, 11)), 44, 50);
    add_prism(rim, ring(0, 58, 14.6, 17), 50, 55);
    for (const double x : {-16.2, 15.0})
        add_prism(straps, rounded_rectangle(x, 53, 1.2, 10, 0), 37, 44);
    const Filament petg = make_filament('A', Material::PETG, {0x2b, 0x4a, 0x57}, "gallery grey-blue");
    auto p = project("Gallery-lamp bracket", "lamp-bracket.3mf", "feeder-4", {petg, kChalk},
                     {body("wall plate", plate), body("arm and seat", arm), body("rim", rim),
                      body("cable straps", straps)},
                     "AAAA");
    if (p) {
        p->settings.support = SupportStyle::columns;
        p->settings.support_gap_layers = 0;
        p->interface_filament = 'B';
        p->settings.interface_below = 2;
        p->settings.sheet = BuildSheet::satin;
        p->settings.attended_per_h = 15;
        p->settings.start_hour = 9;
        p->filaments[0].kept_dry = p->filaments[0].class_confirmed = true;
    }
    return p;
}

Result<Project> lamp_cooler() {
    // Discs on a stem, to take the lamp's warmth away. 2.4 mm between them: no pliers get in.
    Builder cooler;
    std::vector<std::pair<double, double>> profile{{0, 0}, {20, 0}, {20, 3}, {7, 3}};
    constexpr int kDiscs = 6;
    constexpr double kApart = 2.4, kThick = 1.6;
    double z = 3;
    for (int i = 0; i < kDiscs; ++i) {
        z += kApart;
        for (const auto& [r, up] :
             std::vector<std::pair<double, double>>{{7, 0}, {20, 0}, {20, kThick}, {7, kThick}})
            profile.emplace_back(r, z + up);
        z += kThick;
    }
    profile.emplace_back(7, z + 4);
    profile.emplace_back(0, z + 4);
    add_revolved(cooler, profile, 96);
    Filament petg = make_filament('A', Material::PETG, {0x8d, 0x95, 0x9b}, "galley grey"),
             pva = make_filament('B', Material::PVA, {0xee, 0xe7, 0xc9}, "tide-washed");
    auto p = project("Lamp cooler", "lamp-cooler.3mf", "twin", {petg, pva}, {body("cooler", cooler)}, "A");
    if (p) {
        p->settings.support = SupportStyle::columns;
        p->settings.support_gap_layers = 0;
        p->support_filament = p->interface_filament = 'B';
        p->settings.sheet = BuildSheet::satin;
        p->settings.attended_per_h = 15;
        p->settings.start_hour = 8;
        p->filaments[0].kept_dry = p->filaments[0].class_confirmed = true;
        p->filaments[1].dried_day = 20769; // 2026-11-12
    }
    return p;
}

namespace {

/// A piece of another project onto this one's plate, so many of it; each of its filaments becomes one that is
/// here.
Status add_from(Project& p, const Result<Project>& other, const char* name, int count,
                const std::map<char, char>& letters) {
    if (!other)
        return other.error();
    Piece piece = other->pieces.front();
    piece.name = name;
    piece.count = count;
    for (Part& part : piece.parts) {
        part.model += static_cast<int>(p.models.size());
        part.filament = letters.at(part.filament);
        part.name = free_part_name(p, part.name);
    }
    for (Band& band : piece.bands)
        band.filament = letters.at(band.filament);
    p.models.insert(p.models.end(), other->models.begin(), other->models.end());
    p.pieces.push_back(std::move(piece));
    return Done{};
}

} // namespace

Result<Project> open_day() {
    // Key tags: a hole for the ring, and the light's name two layers high on top.
    Builder tag, letters;
    const Paths outline = subtract(rounded_rectangle(0, 0, 38, 15, 4), circle(5.5, 7.5, 2.2, 48)),
                text = lettering("LIGHT", 12, 5.2, 4.6, 0.95);
    add_prism(tag, outline, 0, 1.6);
    add_prism(letters, text, 1.6, 2.0);
    auto p = project("Open day", "key-tag.3mf", "feeder-4", {kNavy, kChalk, kRed, kAmber},
                     {body("tag", tag), body("letters", letters)}, "AB");
    if (!p)
        return p;
    p->pieces.front().name = "key tag";
    p->pieces.front().count = 20;
    if (const Status ok =
            add_from(*p, lighthouse(), "lighthouse", 1, {{'A', 'A'}, {'B', 'B'}, {'C', 'C'}, {'D', 'D'}});
        !ok)
        return ok.error();
    if (const Status ok = add_from(*p, lamp_bracket(), "bracket", 2, {{'A', 'B'}});
        !ok) // the tower's chalk: no change of its own above the rock
        return ok.error();
    std::rotate(p->pieces.begin(), p->pieces.begin() + 1, p->pieces.end());
    p->settings.support = SupportStyle::columns;
    p->settings.spacing_mm = 4;
    // What the open day needs by Saturday morning.
    const auto wanted = [](const char* piece, const char* file, int count) {
        OrderItem x;
        x.piece = piece;
        x.file = file;
        x.count = count;
        x.due = "2026-12-05T10:00";
        return x;
    };
    p->order.items = {wanted("", "badge.vitrail", 40), wanted("", "lighthouse.vitrail", 12),
                      wanted("bracket", "", 3), wanted("key tag", "", 20)};
    p->order.items[1].for_sale = p->order.items[3].for_sale = true;
    p->order.items[1].price = 12;
    p->order.items[3].price = 2;
    p->order.start = "2026-12-02T08:00";
    p->order.machines = {"twin"};
    return p;
}

std::vector<Named> all() {
    std::vector<Named> list;
    list.push_back({"badge.vitrail", badge()});
    list.push_back({"lighthouse.vitrail", with_colourings(lighthouse())});
    list.push_back({"tide-dial.vitrail", tide_dial()});
    list.push_back({"painted.vitrail", painted()});
    list.push_back({"signal-flags.vitrail", signal_flags()});
    list.push_back({"marsh-map.vitrail", marsh_map()});
    list.push_back({"lamp-bracket.vitrail", lamp_bracket()});
    list.push_back({"lamp-cooler.vitrail", lamp_cooler()});
    list.push_back({"open-day.vitrail", open_day()});
    return list;
}

} // namespace vitrail::demo
