#include "core/picture/new_picture.h"

#include "core/picture/search.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

Filament usual(char letter, Srgb colour, double td_mm, const char* name) {
    Filament f = make_filament(letter, Material::PLA, colour, name);
    f.td_mm = td_mm;
    return f;
}

/// Where nobody has said what there is. Transmission distances from memory.
std::vector<Filament> usual_filaments(PictureUse use) {
    if (use == PictureUse::panel)
        return {usual('A', {0xf4, 0xf2, 0xec}, 2, "white"), usual('B', {0x28, 0xaa, 0xd6}, 4, "cyan"),
                usual('C', {0xd2, 0x2c, 0x84}, 4, "magenta"), usual('D', {0xf0, 0xd2, 0x28}, 4, "yellow")};
    return {usual('A', {0x1c, 0x1e, 0x24}, 0.5, "black"), usual('B', {0xf4, 0xf2, 0xec}, 4, "white"),
            usual('C', {0x34, 0x58, 0x8c}, 1.6, "blue"), usual('D', {0xb0, 0x3c, 0x34}, 1.8, "red"),
            usual('E', {0xe2, 0xb0, 0x50}, 2.6, "yellow")};
}

void remove_old(Project& p) {
    if (p.picture && !p.picture->piece.empty())
        if (const int piece = find_piece(p, p.picture->piece); piece >= 0)
            remove_piece(p, piece);
    p.picture.reset();
}

} // namespace

Result<Project> with_new_picture(Project p, Picture picture, const Raster& raster,
                                 const std::vector<Filament>& shelf, const Progress& progress) {
    remove_old(p);
    const bool alone = !has_parts(p);
    const std::size_t least = picture.use == PictureUse::panel ? 3 : 2;
    std::vector<Filament> candidates = p.filaments;
    if (candidates.size() < least)
        for (const Filament& f : shelf)
            if (!facts(f.material).soluble && candidates.size() < kMostFilaments &&
                std::none_of(candidates.begin(), candidates.end(), [&](const Filament& x) {
                    return !x.shelf_id.empty() && x.shelf_id == f.shelf_id;
                })) {
                candidates.push_back(f);
                Project letters;
                letters.filaments = {candidates.begin(), candidates.end() - 1};
                candidates.back().letter = free_letter(letters);
            }
    if (candidates.size() < least ||
        (picture.use == PictureUse::panel &&
         p.filaments.size() < least)) // films are not found by their colour alone
        candidates = usual_filaments(picture.use);
    if (alone) {
        const PictureLayers layers = usual_layers(picture.use, p.machine);
        p.settings.first_layer_mm = layers.first_mm;
        p.settings.layer_mm = layers.layer_mm;
    }
    picture.dot_mm = picture.use == PictureUse::panel
                         ? p.settings.line_width_mm
                         : std::max(0.05, std::round(p.settings.line_width_mm * 10) / 20);
    if (picture.use == PictureUse::panel) {
        picture.lighting.from = Lighting::From::behind;
        picture.seen_from_cm = 150; // dots of a line's width show nearer by
        p.filaments = candidates;
        picture.panel = usual_films(p.filaments);
        constexpr std::size_t kMostFilms = 3;
        if (picture.panel.films.size() > kMostFilms)
            picture.panel.films.resize(kMostFilms);
        p.picture = std::move(picture);
        return with_picture_made(std::move(p), raster, {}, progress);
    }
    constexpr int kSwaps = 4, kEvaluations = 4000;
    constexpr double kTall_mm = 2.4;
    const int across = std::min(raster.width, 400);
    StackSearch s = search_for(picture, candidates, p.settings.first_layer_mm, p.settings.layer_mm,
                               scaled(raster, across, std::max(1, across * raster.height / raster.width)));
    s.most_bands = kSwaps + 1;
    s.most_layers = std::max(s.base_layers, static_cast<int>((kTall_mm - s.first_mm) / s.layer_mm) + 1);
    s.evaluations = kEvaluations;
    const std::vector<FoundStack> front = best_stacks(s, progress);
    if (front.empty())
        return Error{say("No stack of these filaments fits. Add filaments on the Palette bench.")};
    picture.bands = bands_of(front.back().bands, candidates);
    for (const ReliefBand& b : picture.bands)
        if (find_filament(p, b.filament) < 0)
            p.filaments.push_back(*std::find_if(candidates.begin(), candidates.end(),
                                                [&](const Filament& f) { return f.letter == b.filament; }));
    p.picture = std::move(picture);
    return with_picture_made(std::move(p), raster, {}, progress);
}

} // namespace vitrail
