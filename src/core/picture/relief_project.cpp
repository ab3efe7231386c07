#include "core/picture/relief_project.h"

#include "core/picture/terraces.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

Status fit(const ReliefOptions& o, const std::vector<Filament>& filaments, const ReliefLayers& layers) {
    constexpr int kMostLayers = 250;
    if (o.bands.empty())
        return Error{say("A relief needs one band at least: a filament and its layers.")};
    int next = 1;
    for (const ReliefBand& b : o.bands) {
        if (std::none_of(filaments.begin(), filaments.end(), [&](const Filament& f) { return f.letter == b.filament; }))
            return Error{say("There is no filament {}.", b.filament)};
        if (b.from_layer != next || b.to_layer < b.from_layer)
            return Error{say("Bands lie on each other from below: the band of {} must begin with layer {}, and begins with {}.", b.filament, next, b.from_layer)};
        next = b.to_layer + 1;
    }
    if (next - 1 > kMostLayers)
        return Error{say("The relief would have {} layers; at most {} make sense.", next - 1, kMostLayers)};
    if (const double base = layers.top_mm(o.bands.front().to_layer); base < kLeastBase_mm - 1e-9)
        return Error{say("The base is {} thick, and has to be {} at least to hold together. Give the first band more layers.", mm(base), mm(kLeastBase_mm, 1))};
    return Done{};
}

} // namespace

Result<Relief> make_relief(const Raster& picture, const std::vector<Filament>& filaments, const Settings& settings, const Machine& machine, const ReliefOptions& o) {
    std::vector<Tint> tints;
    for (const Filament& f : filaments)
        tints.push_back(tint_of(f.colour, f.td_mm));
    ReliefLayers layers{{}, settings.first_layer_mm, settings.layer_mm};
    for (const ReliefBand& b : o.bands) {
        const auto at = std::find_if(filaments.begin(), filaments.end(), [&](const Filament& f) { return f.letter == b.filament; });
        for (int l = b.from_layer; l <= b.to_layer && l < 100000; ++l)
            layers.tints.push_back(static_cast<int>(at - filaments.begin()));
    }
    if (const Status ok = fit(o, filaments, layers); !ok)
        return ok.error();
    const double across = std::round(o.width_mm / o.dot_mm), down = std::round(across * picture.height / std::max(1, picture.width));
    constexpr double kMostDots = 25e6;
    if (!(across >= 1 && down >= 1) || across * down > kMostDots)
        return Error{say("The relief would have {} by {} dots; between one and 25 million in all can be made. Choose another width, or larger dots.", num(across, 0), num(down, 0))};
    Relief r;
    r.picture = scaled(picture, static_cast<int>(across), static_cast<int>(down));
    r.colours = colours_by_height(layers, tints, o.lighting);
    const int least = o.bands.front().to_layer;
    const bool by_light = o.school == ReliefSchool::luminance;
    const Heights wanted = by_light ? heights_from_luminance(r.picture, least, layers.count()) : heights_from_nearest(r.picture, r.colours, least);
    Merged merged = without_detail_below(wanted, static_cast<int>(std::lround(settings.line_width_mm / o.dot_mm)));
    r.heights = std::move(merged.heights);
    r.lost = merged.lost;
    r.collides = by_light ? collisions(r.picture, wanted).share : 0;
    r.difference = difference(r.picture, r.heights, r.colours);

    Project& p = r.project;
    p.machine = machine;
    p.filaments = filaments;
    p.settings = settings;
    p.settings.infill_pct = 100;
    p.settings.walls = 1;
    p.settings.support = SupportStyle::none;
    p.settings.purge_to = PurgeTo::ejected;
    Part part;
    part.name = "relief";
    part.mesh = std::make_shared<Mesh>(terrace_body(terrace_map(r.heights, o.dot_mm), layers));
    part.filament = o.bands.front().filament;
    part.own_mesh = true;
    Piece& piece = p.pieces.front();
    piece.name = "relief";
    piece.parts.push_back(std::move(part));
    for (std::size_t i = 1; i < o.bands.size(); ++i)
        piece.bands.push_back({"relief", layers.top_mm(o.bands[i].from_layer - 1), layers.top_mm(o.bands[i].to_layer), o.bands[i].filament});
    return r;
}

} // namespace vitrail
