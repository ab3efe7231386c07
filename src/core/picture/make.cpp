#include "core/picture/make.h"

#include "core/geometry/made_layers.h"
#include "core/picture/panel.h"
#include "core/picture/stacks.h"
#include "core/picture/terraces.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

Status bands_fit(const Picture& picture, const std::vector<Filament>& filaments, double first_mm,
                 double layer_mm) {
    if (picture.bands.empty())
        return Error{say("A relief needs one band at least: a filament and its layers.")};
    int next = 1;
    for (const ReliefBand& b : picture.bands) {
        if (std::none_of(filaments.begin(), filaments.end(),
                         [&](const Filament& f) { return f.letter == b.filament; }))
            return Error{say("There is no filament {}.", b.filament)};
        if (b.from_layer != next || b.to_layer < b.from_layer)
            return Error{say("Bands lie on each other from below: the band of {} must begin with layer {}, "
                             "and begins with {}.",
                             b.filament, next, b.from_layer)};
        next = b.to_layer + 1;
    }
    if (next - 1 > kMostPictureLayers)
        return Error{
            say("The relief would have {} layers; at most {} make sense.", next - 1, kMostPictureLayers)};
    const int base = picture.bands.front().to_layer;
    if (base < least_base_layers(first_mm, layer_mm))
        return Error{say("The base is {} thick, and has to be {} at least to hold together. Give the first "
                         "band more layers.",
                         mm(first_mm + (base - 1) * layer_mm), mm(kLeastBase_mm, 1))};
    return Done{};
}

Status panel_fits(const Picture& picture, double first_mm, double layer_mm) {
    const PanelFilms& f = picture.panel;
    if (f.base_layers < least_base_layers(first_mm, layer_mm) && f.order != FilmOrder::apart &&
        f.cover_least + f.base_layers < least_base_layers(first_mm, layer_mm))
        return Error{
            say("The white is {} thick where it is thinnest, and has to be {} at least to hold together.",
                mm(first_mm + (f.base_layers + f.cover_least - 1) * layer_mm), mm(kLeastBase_mm, 1))};
    const int most = f.base_layers + f.cover_most + f.film_layers * static_cast<int>(f.films.size());
    if (most > kMostPictureLayers)
        return Error{say("The panel would have {} layers; at most {} make sense.", most, kMostPictureLayers)};
    return Done{};
}

std::vector<char> there(const Prepared& prepared) {
    std::vector<char> out;
    for (const DotRole r : prepared.roles)
        out.push_back(r == DotRole::picture);
    return out;
}

void make_relief(Picture& picture, const std::vector<Filament>& filaments, const Prepared& prepared,
                 double line_width_mm) {
    std::vector<Srgb> colours = colours_of(picture, filaments, picture.lighting);
    colours.erase(colours.begin());
    const DotMap wanted = wanted_heights(picture, prepared, colours);
    Merged merged = relief_heights(picture, wanted, line_width_mm);
    const PictureDifference off =
        difference_from(prepared.picture, merged.heights, colours, picture.dot_mm, picture.seen_from_cm);
    picture.figures = {
        off.mean, off.p95, merged.lost,
        picture.school == ReliefSchool::luminance ? collisions(prepared.picture, wanted).share : 0, 0};
    picture.dots = std::make_shared<DotMap>(std::move(merged.heights));
    picture.stacks.clear();
}

/// The rim around a panel's dots: as tall as everything, with slots from below.
void add_rim(Picture& picture, DotMap& dots) {
    const PanelFilms& f = picture.panel;
    const int rim = static_cast<int>(std::lround(f.rim_mm / picture.dot_mm)),
              slot = static_cast<int>(std::lround(f.slot_mm / picture.dot_mm));
    if (rim < 1)
        return;
    int tallest = 0;
    for (const auto& stack : picture.stacks)
        tallest = std::max(tallest, layers_of(stack));
    picture.stacks.push_back({{f.white, tallest}});
    const auto number = static_cast<std::uint16_t>(picture.stacks.size());
    DotMap out{dots.width + 2 * rim, dots.height + 2 * rim, {}};
    for (int y = 0; y < out.height; ++y)
        for (int x = 0; x < out.width; ++x) {
            const int i = x - rim, j = y - rim;
            const bool inside = i >= 0 && j >= 0 && i < dots.width && j < dots.height;
            const bool in_slot =
                slot > 0 && y >= out.height - (rim + 1) / 2 &&
                (std::abs(2 * x - out.width / 2) < slot || std::abs(2 * x - 3 * out.width / 2) < slot);
            out.dots.push_back(inside ? dots.at(i, j) : in_slot ? std::uint16_t{0} : number);
        }
    dots = std::move(out);
}

Status make_panel(Picture& picture, const std::vector<Filament>& filaments, const Prepared& prepared,
                  const Progress& progress) {
    const auto table = panel_table(picture, filaments);
    if (!table)
        return table.error();
    auto chosen = panel_dots(prepared, *table, picture.panel.fit_range ? darkest(*table) : 0,
                             picture.panel.spread, progress);
    if (!chosen)
        return chosen.error();
    picture.stacks.clear();
    std::vector<Srgb> colours;
    for (const int i : chosen->stacks) {
        picture.stacks.push_back(table->stacks[static_cast<std::size_t>(i)]);
        colours.push_back(to_srgb(table->light[static_cast<std::size_t>(i)]));
    }
    const PictureDifference off =
        difference_from(prepared.picture, chosen->dots, colours, picture.dot_mm, picture.seen_from_cm);
    picture.figures = {off.mean, off.p95, 0, 0, chosen->outside};
    add_rim(picture, chosen->dots);
    picture.dots = std::make_shared<DotMap>(std::move(chosen->dots));
    return Done{};
}

/// Layers of a filament in a stack: the first `base` are not looked at, or nothing but them.
Spans spans_of(const std::vector<FilamentRun>& stack, char filament, int base, bool below) {
    Spans spans;
    int at = 0;
    for (const FilamentRun& r : stack) {
        const int from = below ? at : std::max(at, base),
                  to = below ? std::min(at + r.layers, base) : at + r.layers;
        if (r.filament == filament && from < to)
            spans.emplace_back(from, to);
        at += r.layers;
    }
    return spans;
}

struct NamedSpans {
    std::string name;
    char filament = 0;
    BodySpans spans;
};

std::vector<NamedSpans> bodies_of(const Picture& picture, const std::vector<Filament>& filaments) {
    if (picture.use == PictureUse::relief)
        return {{"relief", picture.bands.front().filament, whole_heights(picture.bands.back().to_layer)}};
    std::vector<NamedSpans> out;
    const PanelFilms& f = picture.panel;
    const auto add = [&](std::string name, char filament, bool below) {
        NamedSpans x{std::move(name), filament, BodySpans(1)};
        bool any = false;
        for (const auto& stack : picture.stacks) {
            x.spans.push_back(spans_of(stack, filament, f.base_layers, below));
            any |= !x.spans.back().empty();
        }
        if (any)
            out.push_back(std::move(x));
    };
    add("white below", f.white, true);
    for (const char film : f.films) {
        const auto filament = std::find_if(filaments.begin(), filaments.end(),
                                           [&](const Filament& x) { return x.letter == film; });
        std::string name = filament == filaments.end() || filament->name.empty() ? std::string("film ") + film
                                                                                 : filament->name;
        if (std::any_of(out.begin(), out.end(), [&](const NamedSpans& x) { return x.name == name; }))
            name += std::string(" ") + film;
        add(std::move(name), film, false);
    }
    add("white above", f.white, false);
    return out;
}

/// The piece that the picture makes: the one it made before, an empty one, or one more.
Piece& piece_for(Project& p) {
    Picture& picture = *p.picture;
    int at = picture.piece.empty() ? -1 : find_piece(p, picture.piece);
    if (at < 0) {
        if (p.pieces.back().parts.empty()) {
            at = static_cast<int>(p.pieces.size()) - 1;
            p.pieces.back().name = free_piece_name(p, picture.use == PictureUse::relief ? "relief" : "panel");
        } else {
            Piece piece;
            piece.name = free_piece_name(p, picture.use == PictureUse::relief ? "relief" : "panel");
            p.pieces.push_back(std::move(piece));
            at = static_cast<int>(p.pieces.size()) - 1;
        }
        picture.piece = p.pieces[static_cast<std::size_t>(at)].name;
    }
    return p.pieces[static_cast<std::size_t>(at)];
}

} // namespace

void fill_piece(Project& p) {
    Piece& piece = piece_for(p);
    piece.parts.clear();
    piece.bands.clear();
    piece.pose = kNoRotation;
    const Picture& picture = *p.picture;
    int body = 0;
    for (PictureBody& b : picture_bodies(picture, p.filaments)) {
        Part part;
        part.name = free_part_name(p, b.name);
        part.mesh = b.mesh;
        part.made = b.made;
        part.filament = b.filament;
        part.model = -1;
        part.object = body++;
        piece.parts.push_back(std::move(part));
    }
    if (picture.use == PictureUse::panel || piece.parts.empty())
        return;
    const ReliefLayers grid{{}, picture.first_mm, picture.layer_mm};
    for (std::size_t i = 1; i < picture.bands.size(); ++i)
        piece.bands.push_back({piece.parts.front().name, grid.top_mm(picture.bands[i].from_layer - 1),
                               grid.top_mm(picture.bands[i].to_layer), picture.bands[i].filament});
}

void settings_for_pictures(Settings& s) {
    s.infill_pct = 100;
    s.walls = 1;
    s.support = SupportStyle::none;
    s.purge_to = PurgeTo::ejected;
}

PanelFilms usual_films(const std::vector<Filament>& filaments) {
    PanelFilms f;
    double lightest = -1;
    for (const Filament& x : filaments)
        if (const double l = to_lab(x.colour).l; l > lightest)
            lightest = l, f.white = x.letter;
    for (const Filament& x : filaments)
        if (x.letter != f.white)
            f.films += x.letter;
    return f;
}

void crop_to(Preparation& p, int width, int height, double ratio) {
    const double wanted = p.turn % 2 ? 1 / ratio : ratio,
                 now = static_cast<double>(width) / std::max(1, height);
    const double across = std::min(1.0, wanted / now), down = std::min(1.0, now / wanted);
    p.left = (1 - across) / 2, p.right = 1 - p.left;
    p.top = (1 - down) / 2, p.bottom = 1 - p.top;
}

PictureLayers usual_layers(PictureUse use, const Machine& machine) {
    if (use == PictureUse::panel)
        return {0.15, 0.08};
    const double d = machine.nozzles.empty() ? 0.4 : machine.nozzles.front().diameter_mm;
    return {std::round(40 * d) / 100, std::round(20 * d) / 100};
}

Status printable_layers(double first_mm, double layer_mm, const Machine& machine) {
    double widest = 0;
    for (const Nozzle& n : machine.nozzles)
        if (!n.missing)
            widest = std::max(widest, n.diameter_mm);
    constexpr double kThickest = 0.8, kThinnest_mm = 0.04;
    for (const double h : {first_mm, layer_mm})
        if (widest > 0 && h > kThickest * widest + 1e-9)
            return Error{say("Layers of {} are too thick for a nozzle of {}: at most {} can be printed. "
                             "Choose thinner layers, or a wider nozzle.",
                             mm(h), mm(widest, 1), mm(kThickest * widest))};
        else if (h < kThinnest_mm - 1e-9)
            return Error{say("Layers of {} are too thin: no nozzle lays down less than {} evenly.", mm(h),
                             mm(kThinnest_mm))};
    return Done{};
}

Status can_be_made(const Project& p, const Raster& as_it_came) {
    const Picture& picture = *p.picture;
    const Settings& s = p.settings;
    if (Status ok = printable_layers(s.first_layer_mm, s.layer_mm, p.machine); !ok)
        return ok;
    if (Status ok = picture.use == PictureUse::relief
                        ? bands_fit(picture, p.filaments, s.first_layer_mm, s.layer_mm)
                        : panel_fits(picture, s.first_layer_mm, s.layer_mm);
        !ok)
        return ok;
    const auto [across, down] = dots_of(picture, as_it_came);
    if (!(across >= 1 && down >= 1) || static_cast<double>(across) * down > kMostPictureDots)
        return Error{say("The picture would have {} by {} dots; between one and 25 million in all can be "
                         "made. Choose another width, or larger dots.",
                         across, down)};
    return Done{};
}

bool taller_is_darker(const Picture& picture, const std::vector<Srgb>& colours) {
    return picture.face_down &&
           to_lab(colours[static_cast<std::size_t>(picture.bands.front().to_layer) - 1]).l >
               to_lab(colours[static_cast<std::size_t>(picture.bands.back().to_layer) - 1]).l;
}

DotMap wanted_heights(const Picture& picture, const Prepared& prepared, const std::vector<Srgb>& colours) {
    const int least = picture.bands.front().to_layer, most = picture.bands.back().to_layer;
    DotMap h = picture.school == ReliefSchool::luminance
                   ? heights_from_luminance(prepared.picture, least, most, picture.heights, there(prepared))
                   : heights_from_nearest(prepared.picture, colours, least);
    const bool turned = picture.school == ReliefSchool::luminance && taller_is_darker(picture, colours);
    for (std::size_t i = 0; i < h.dots.size(); ++i) {
        if (turned)
            h.dots[i] = static_cast<std::uint16_t>(least + most - h.dots[i]);
        if (prepared.roles[i] == DotRole::lowest)
            h.dots[i] = static_cast<std::uint16_t>(least);
        else if (prepared.roles[i] == DotRole::nothing)
            h.dots[i] = 0;
    }
    return h;
}

Merged relief_heights(const Picture& picture, const DotMap& wanted, double line_width_mm) {
    return without_detail_below(wanted, static_cast<int>(std::lround(line_width_mm / picture.dot_mm)));
}

DotMap as_printed(const Picture& picture) {
    DotMap dots = *picture.dots;
    if (picture.face_down && picture.use == PictureUse::relief)
        for (int y = 0; y < dots.height; ++y)
            std::reverse(dots.dots.begin() + static_cast<std::ptrdiff_t>(y) * dots.width,
                         dots.dots.begin() + (static_cast<std::ptrdiff_t>(y) + 1) * dots.width);
    return dots;
}

std::vector<PictureBody> picture_bodies(const Picture& picture, const std::vector<Filament>& filaments) {
    const TerraceMap map = terrace_map(as_printed(picture), picture.dot_mm);
    const std::vector<NamedSpans> named = bodies_of(picture, filaments);
    std::vector<BodySpans> spans;
    BodySpans all;
    for (const NamedSpans& x : named) {
        spans.push_back(x.spans);
        all.resize(std::max(all.size(), x.spans.size()));
        for (std::size_t n = 0; n < x.spans.size(); ++n)
            if (!x.spans[n].empty())
                all[n] = {{0, std::max(x.spans[n].back().second, all[n].empty() ? 0 : all[n].back().second)}};
    }
    const auto whole = std::make_shared<const std::vector<Paths>>(terrace_levels(map, all));
    std::vector<Mesh> meshes = terrace_bodies(map, {{}, picture.first_mm, picture.layer_mm}, spans);
    std::vector<PictureBody> out;
    for (std::size_t i = 0; i < named.size(); ++i) {
        PictureBody b{named[i].name, named[i].filament, std::make_shared<const Mesh>(std::move(meshes[i])),
                      nullptr};
        b.made = std::make_shared<const MadeLayers>(
            MadeLayers{picture.first_mm, picture.layer_mm, b.mesh,
                       named.size() == 1 ? *whole : terrace_levels(map, named[i].spans), whole});
        out.push_back(std::move(b));
    }
    return out;
}

std::vector<PictureBody> picture_band_bodies(const Picture& picture) {
    const int most = picture.bands.back().to_layer;
    std::vector<BodySpans> spans;
    for (const ReliefBand& b : picture.bands)
        spans.push_back(band_of_heights(most, b.from_layer, b.to_layer));
    std::vector<Mesh> meshes = terrace_bodies(terrace_map(as_printed(picture), picture.dot_mm),
                                              {{}, picture.first_mm, picture.layer_mm}, spans);
    std::vector<PictureBody> out;
    for (std::size_t i = 0; i < meshes.size(); ++i)
        if (!meshes[i].triangles.empty())
            out.push_back({std::string("band ") + std::to_string(i + 1) + " " + picture.bands[i].filament,
                           picture.bands[i].filament, std::make_shared<const Mesh>(std::move(meshes[i])),
                           nullptr});
    return out;
}

Result<Project> with_picture_made(Project p, const Raster& as_it_came, const Raster& text,
                                  const Progress& progress) {
    if (!p.picture)
        return Error{say("The project has no picture.")};
    Picture& picture = *p.picture;
    if (picture.use == PictureUse::panel) // nothing finer than a line can be printed
        picture.dot_mm = std::max(picture.dot_mm, p.settings.line_width_mm);
    if (const Status ok = can_be_made(p, as_it_came); !ok)
        return ok.error();
    if (picture.piece.empty() || find_piece(p, picture.piece) < 0)
        settings_for_pictures(p.settings);
    picture.made_with = tints_text(p);
    picture.first_mm = p.settings.first_layer_mm;
    picture.layer_mm = p.settings.layer_mm;
    const Prepared ready = prepared(picture, as_it_came, text);
    if (progress.stopped())
        return Error{say("Stopped before the picture was made.")};
    if (picture.use == PictureUse::relief)
        make_relief(picture, p.filaments, ready, p.settings.line_width_mm);
    else if (const Status ok = make_panel(picture, p.filaments, ready, progress); !ok)
        return ok.error();
    if (std::all_of(picture.dots->dots.begin(), picture.dots->dots.end(),
                    [](std::uint16_t n) { return n == 0; }))
        return Error{say("Nothing of the picture is left to print: keep its ground, or cut out less.")};
    if (progress.stopped())
        return Error{say("Stopped before the picture was made.")};
    fill_piece(p);
    return p;
}

void lift(Picture& picture, int by) {
    if (picture.bands.empty())
        return;
    by = std::max(by, least_base_layers(picture.first_mm > 0 ? picture.first_mm : 0.16,
                                        picture.layer_mm > 0 ? picture.layer_mm : 0.08) -
                          picture.bands.front().to_layer);
    by = std::min(by, kMostPictureLayers - picture.bands.back().to_layer);
    for (std::size_t i = 0; i < picture.bands.size(); ++i) {
        picture.bands[i].from_layer += i ? by : 0;
        picture.bands[i].to_layer += by;
    }
}

int move_border(Picture& picture, std::size_t band, int by) {
    if (band + 1 >= picture.bands.size())
        return 0;
    ReliefBand &below = picture.bands[band], &above = picture.bands[band + 1];
    const int least = band == 0 ? least_base_layers(picture.first_mm > 0 ? picture.first_mm : 0.16,
                                                    picture.layer_mm > 0 ? picture.layer_mm : 0.08)
                                : below.from_layer;
    by = std::clamp(by, std::min(0, least - below.to_layer), above.to_layer - 1 - below.to_layer);
    below.to_layer += by;
    above.from_layer += by;
    return by;
}

} // namespace vitrail
