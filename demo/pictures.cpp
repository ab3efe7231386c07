#include "demo/pictures.h"

#include "core/picture/search.h"
#include "formats/machine_file.h"
#include "paint/make_picture.h"

#include <fmt/format.h>

#include <cmath>
#include <numbers>
#include <random>

namespace vitrail::demo {

namespace {

constexpr double kPi = std::numbers::pi;

Filament pla(char letter, const char* name, Srgb colour, double td_mm) {
    Filament f = make_filament(letter, Material::PLA, colour, name);
    f.td_mm = td_mm;
    return f;
}

/// So much of one colour and the rest of another, as #rrggbb.
std::string between(Srgb a, Srgb b, double share) {
    const auto mix = [share](int from, int to) {
        return static_cast<std::uint8_t>(std::lround(from + (to - from) * share));
    };
    return to_hex({mix(a.r, b.r), mix(a.g, b.g), mix(a.b, b.b)});
}

std::string ring_pane(double cx, double cy, double r0, double r1, double from, double to,
                      const std::string& colour) {
    const auto at = [&](double r, double a) {
        return fmt::format("{:.2f} {:.2f}", cx + r * std::cos(a), cy + r * std::sin(a));
    };
    return fmt::format(
        "<path d=\"M{} A{:.2f} {:.2f} 0 0 1 {} L{} A{:.2f} {:.2f} 0 0 0 {} Z\" fill=\"{}\"/>\n", at(r1, from),
        r1, r1, at(r1, to), at(r0, to), r0, r0, at(r0, from), colour);
}

Project picture_project(const char* name, const char* file, std::string svg, const char* machine,
                        std::vector<Filament> filaments) {
    Project p;
    p.name = name;
    p.machine = *find_machine(machine);
    p.filaments = std::move(filaments);
    Picture picture;
    picture.name = file;
    picture.bytes = std::make_shared<const std::string>(std::move(svg));
    p.picture = std::move(picture);
    return p;
}

} // namespace

std::string dusk_svg() {
    std::mt19937 rng(20);
    const auto any = [&](double low, double high) {
        return low + (high - low) * static_cast<double>(rng() % 10000) / 10000;
    };
    std::string s =
        "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"900\" height=\"600\" viewBox=\"0 0 900 600\">\n"
        "<defs><linearGradient id=\"sky\" x1=\"0\" y1=\"0\" x2=\"0\" y2=\"1\"><stop offset=\"0\" "
        "stop-color=\"#1d2b4a\"/><stop offset=\"0.35\" stop-color=\"#3d5c88\"/>"
        "<stop offset=\"0.62\" stop-color=\"#a3605a\"/><stop offset=\"0.82\" stop-color=\"#dc9a4a\"/><stop "
        "offset=\"1\" stop-color=\"#f3d9a0\"/></linearGradient>"
        "<linearGradient id=\"water\" x1=\"0\" y1=\"0\" x2=\"0\" y2=\"1\"><stop offset=\"0\" "
        "stop-color=\"#d9a15c\"/><stop offset=\"0.4\" stop-color=\"#7f5a62\"/><stop offset=\"1\" "
        "stop-color=\"#1c2740\"/></linearGradient>"
        "</defs>\n"
        "<rect width=\"900\" height=\"360\" fill=\"url(#sky)\"/>\n";
    for (int i = 0; i < 16; ++i) { // clouds, flat and long, lit from below
        const double y = any(60, 300), x = any(-60, 860), w = any(90, 260), h = any(5, 13);
        s +=
            fmt::format("<ellipse cx=\"{:.1f}\" cy=\"{:.1f}\" rx=\"{:.1f}\" ry=\"{:.1f}\" fill=\"{}\" "
                        "fill-opacity=\"{:.2f}\"/>\n",
                        x, y, w, h, between({0x3a, 0x44, 0x66}, {0xf0, 0xb0, 0x78}, y / 330), any(0.35, 0.8));
    }
    s += "<circle cx=\"610\" cy=\"318\" r=\"58\" fill=\"#fbe7b4\"/><circle cx=\"610\" cy=\"318\" r=\"44\" "
         "fill=\"#fff6dc\"/>\n"
         "<path d=\"M0 352 Q120 336 240 346 T470 344 T700 348 T900 340 L900 366 L0 366 Z\" "
         "fill=\"#2a2f45\"/>\n"
         "<rect y=\"360\" width=\"900\" height=\"240\" fill=\"url(#water)\"/>\n";
    for (int i = 0; i < 90; ++i) { // the sun in the water
        const double y = 366 + 2.3 * i + any(-1, 1), spread = 20 + 0.9 * i;
        s += fmt::format("<ellipse cx=\"{:.1f}\" cy=\"{:.1f}\" rx=\"{:.1f}\" ry=\"{:.2f}\" fill=\"{}\" "
                         "fill-opacity=\"0.8\"/>\n",
                         610 + any(-spread, spread), y, any(8, 34), any(0.9, 2.1),
                         between({0xff, 0xee, 0xc4}, {0xb0, 0x72, 0x58}, i / 90.0));
    }
    // The tower: banded, its lamp lit.
    s += "<path d=\"M206 372 L222 168 L268 168 L284 372 Z\" fill=\"#e9e2d2\"/><path d=\"M209 332 L212.5 288 "
         "L277.5 288 L281 332 Z M216 244 L219.3 202 L270.7 202 L274 244 Z\" fill=\"#a33430\"/>\n"
         "<path d=\"M245 168 L268 168 L284 372 L245 372 Z\" fill=\"#141a2c\" fill-opacity=\"0.38\"/>\n"
         "<rect x=\"214\" y=\"158\" width=\"62\" height=\"11\" fill=\"#1b2033\"/><rect x=\"226\" y=\"126\" "
         "width=\"38\" height=\"33\" fill=\"#fff3cf\"/><path d=\"M220 126 L245 100 L270 126 Z\" "
         "fill=\"#8e2c2a\"/>\n";
    s += "<path d=\"M120 378 Q245 356 380 380 L420 392 L90 392 Z\" fill=\"#181d2e\"/>\n";
    for (int i = 0; i < 170; ++i) { // reeds
        const double x = any(-10, 910), h = any(50, 150) * (0.55 + 0.45 * std::cos(kPi * (x - 60) / 900)),
                     lean = any(-16, 22);
        s += fmt::format("<path d=\"M{:.1f} 606 Q{:.1f} {:.1f} {:.1f} {:.1f}\" fill=\"none\" stroke=\"{}\" "
                         "stroke-width=\"{:.1f}\" stroke-linecap=\"round\"/>\n",
                         x, x + lean * 0.2, 606 - 0.6 * h, x + lean, 606 - h,
                         between({0x10, 0x15, 0x24}, {0x36, 0x3c, 0x4c}, any(0, 1)), any(2.6, 5.2));
    }
    return s + "</svg>\n";
}

std::string rose_window_svg() {
    constexpr double c = 300;
    const std::string lead = "#1c1a22", panes[] = {"#c8503c", "#3f78b4", "#ecc454", "#4c9068",
                                                   "#8c5a9a", "#e08c44", "#6fb2d2", "#f2e6c6"};
    std::string s =
        fmt::format("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"600\" height=\"600\" viewBox=\"0 0 "
                    "600 600\">\n<rect width=\"600\" height=\"600\" fill=\"{}\"/>\n",
                    lead);
    // Rings of panes from the middle outwards, leads between them.
    struct Ring {
        double r0, r1;
        int panes;
        double shift, lead_mm;
        std::vector<int> colours;
    };
    const std::vector<Ring> rings{{62, 118, 8, 0, 7, {0, 2}},
                                  {128, 196, 16, 0.5, 7, {1, 6, 4, 6}},
                                  {206, 238, 32, 0, 6, {7, 5}},
                                  {248, 288, 24, 0.5, 7, {3, 1, 0}}};
    for (const Ring& ring : rings)
        for (int i = 0; i < ring.panes; ++i) {
            const double each = 2 * kPi / ring.panes, gap = ring.lead_mm / (ring.r0 + ring.r1),
                         from = (i + ring.shift) * each - kPi / 2 + gap, to = from + each - 2 * gap;
            s += ring_pane(c, c, ring.r0, ring.r1, from, to,
                           panes[ring.colours[static_cast<std::size_t>(i) % ring.colours.size()]]);
        }
    for (int i = 0; i < 8; ++i) { // petals in the second ring
        const double a = i * kPi / 4 - kPi / 2;
        s += fmt::format(
            "<circle cx=\"{:.2f}\" cy=\"{:.2f}\" r=\"19\" fill=\"{}\" stroke=\"{}\" stroke-width=\"6\"/>\n",
            c + 162 * std::cos(a), c + 162 * std::sin(a), panes[i % 2 ? 2 : 7], lead);
    }
    s += fmt::format("<circle cx=\"300\" cy=\"300\" r=\"52\" fill=\"{}\"/>\n", panes[7]);
    for (int i = 0; i < 6; ++i) { // the lamp in the middle, with its beams
        const double a = i * kPi / 3;
        s += ring_pane(c, c, 20, 46, a - 0.3, a + 0.3, panes[i % 2 ? 5 : 2]);
    }
    s += fmt::format("<circle cx=\"300\" cy=\"300\" r=\"15\" fill=\"{}\"/>\n", panes[0]);
    for (const auto& [x, y] : {std::pair{0, 0}, {1, 0}, {0, 1}, {1, 1}}) // the corners
        s += fmt::format("<path d=\"M{0} {1} L{2} {1} Q{3} {4} {0} {5} Z\" fill=\"{6}\"/>\n", x ? 588 : 12,
                         y ? 588 : 12, x ? 478 : 122, x ? 553 : 47, y ? 553 : 47, y ? 478 : 122,
                         panes[(x + y) % 2 ? 6 : 1]);
    return s + "</svg>\n";
}

Result<Project> dusk_relief() {
    Project p = picture_project(
        "Dusk over the marsh", "dusk.svg", dusk_svg(), "feeder-4",
        {pla('A', "night", {0x18, 0x1d, 0x2e}, 0.5), pla('B', "harbour blue", {0x36, 0x5a, 0x8c}, 1.6),
         pla('C', "buoy red", {0xb0, 0x3c, 0x34}, 1.8), pla('D', "lamp amber", {0xe2, 0xa2, 0x48}, 2.6),
         pla('E', "chalk", {0xf4, 0xf0, 0xe4}, 3.6)});
    const PictureLayers layers = usual_layers(PictureUse::relief, p.machine);
    p.settings.first_layer_mm = layers.first_mm;
    p.settings.layer_mm = layers.layer_mm;
    p.picture->width_mm = 150;
    p.picture->dot_mm = 0.2;
    const auto raster = decoded(*p.picture);
    if (!raster)
        return raster.error();
    StackSearch search = search_for(*p.picture, p.filaments, layers.first_mm, layers.layer_mm,
                                    prepared(*p.picture, *raster).picture);
    search.most_bands = 5;
    search.most_layers = 28;
    search.wanted = {0, 1, 2, 3, 4};
    const std::vector<FoundStack> front = best_stacks(search);
    p.picture->bands = bands_of(front.back().bands, p.filaments);
    return with_picture_made(std::move(p), *raster);
}

Result<Project> rose_panel() {
    Project p = picture_project(
        "Rose window", "rose-window.svg", rose_window_svg(), "feeder-4",
        {pla('A', "chalk", {0xf4, 0xf0, 0xe4}, 2), pla('B', "tide cyan", {0x28, 0xaa, 0xd6}, 4),
         pla('C', "heather", {0xd2, 0x2c, 0x84}, 4), pla('D', "gorse yellow", {0xf0, 0xd2, 0x28}, 4)});
    const PictureLayers layers = usual_layers(PictureUse::panel, p.machine);
    p.settings.first_layer_mm = layers.first_mm;
    p.settings.layer_mm = layers.layer_mm;
    Picture& picture = *p.picture;
    picture.use = PictureUse::panel;
    picture.width_mm = 90;
    picture.lighting.from = Lighting::From::behind;
    picture.lighting.lamp_k = 4000;
    picture.lighting.diffuser = true;
    picture.seen_from_cm = 150;
    picture.panel = usual_films(p.filaments);
    picture.panel.order = FilmOrder::packed;
    picture.panel.spread = false; // panes are even
    picture.panel.rim_mm = 4;
    picture.panel.slot_mm = 6;
    return picture_made(std::move(p));
}

} // namespace vitrail::demo
