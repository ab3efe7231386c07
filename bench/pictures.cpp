#include "bench.h"

#include "core/geometry/made_layers.h"
#include "core/geometry/slice.h"
#include "core/layers/layer_table.h"
#include "core/picture/make.h"
#include "core/picture/nearest.h"
#include "core/picture/preview.h"
#include "core/picture/stacks.h"
#include "core/picture/terraces.h"

#include <random>

namespace vitrail::bench {

namespace {

/// A picture of a million dots, in soft areas as photographs have them.
Raster photograph() {
    std::mt19937 rng(5);
    Raster coarse{29, 22, {}};
    for (int i = 0; i < coarse.width * coarse.height; ++i)
        coarse.dots.push_back({static_cast<std::uint8_t>(rng()), static_cast<std::uint8_t>(rng()),
                               static_cast<std::uint8_t>(rng())});
    constexpr int kWidth = 1160, kHeight = 870;
    Raster out{kWidth, kHeight, {}};
    for (int y = 0; y < kHeight; ++y)
        for (int x = 0; x < kWidth; ++x) {
            const double u = x / 41.5, v = y / 41.5;
            const int i = static_cast<int>(u), j = static_cast<int>(v);
            const auto mix = [&](std::uint8_t Srgb::*c) { // bilinear
                const auto at = [&](int a, int b) {
                    return coarse.at(std::min(a, coarse.width - 1), std::min(b, coarse.height - 1)).*c;
                };
                const double p = at(i, j) * (1 - (u - i)) + at(i + 1, j) * (u - i),
                             q = at(i, j + 1) * (1 - (u - i)) + at(i + 1, j + 1) * (u - i);
                return static_cast<std::uint8_t>(p * (1 - (v - j)) + q * (v - j));
            };
            out.dots.push_back({mix(&Srgb::r), mix(&Srgb::g), mix(&Srgb::b)});
        }
    return out;
}

Project relief_of(const Raster& picture) {
    Project p;
    const auto filament = [](char letter, Srgb colour) {
        return make_filament(letter, Material::PLA, colour);
    };
    p.filaments = {filament('A', {0x18, 0x1d, 0x2e}), filament('B', {0x36, 0x5a, 0x8c}),
                   filament('C', {0xb0, 0x3c, 0x34}), filament('D', {0xe2, 0xa2, 0x48}),
                   filament('E', {0xf4, 0xf0, 0xe4})};
    p.settings.first_layer_mm = 0.16;
    p.settings.layer_mm = 0.08;
    p.picture.emplace();
    p.picture->width_mm = 0.2 * picture.width;
    p.picture->dot_mm = 0.2;
    p.picture->bands = {{'A', 1, 5}, {'B', 6, 11}, {'C', 12, 17}, {'D', 18, 23}, {'E', 24, 30}};
    return *with_picture_made(std::move(p), picture);
}

Line compared(const char* what, double ours, double theirs, double least) {
    char wanted[40];
    std::snprintf(wanted, sizeof wanted, "≥ %.0f×", least);
    return {what, seconds(ours), seconds(theirs), times(theirs / ours), wanted, theirs / ours >= least};
}

/// Every level for itself, a segment for each pair of dots that differ: as outlines are usually traced.
std::size_t marching_squares(const DotMap& dots, int levels) {
    std::size_t segments = 0;
    std::vector<std::array<float, 4>> out;
    for (int level = 1; level <= levels; ++level) {
        out.clear();
        for (int y = -1; y < dots.height; ++y)
            for (int x = -1; x < dots.width; ++x) {
                const auto in = [&](int i, int j) {
                    return i >= 0 && j >= 0 && i < dots.width && j < dots.height && dots.at(i, j) >= level;
                };
                const int corners = in(x, y) | in(x + 1, y) << 1 | in(x + 1, y + 1) << 2 | in(x, y + 1) << 3;
                if (corners == 0 || corners == 15)
                    continue;
                const float l = static_cast<float>(x), t = static_cast<float>(y);
                out.push_back({l, t + 0.5f, l + 0.5f, t});
                if (corners == 5 || corners == 10)
                    out.push_back({l + 1, t + 0.5f, l + 0.5f, t + 1});
            }
        segments += out.size();
    }
    return segments;
}

} // namespace

void bench_pictures(Table& table) {
    const Raster picture = photograph();
    const Project made = relief_of(picture);
    const Picture& p = *made.picture;
    const Prepared ready = prepared(p, picture);
    std::vector<Srgb> colours = colours_of(p, made.filaments, p.lighting);
    colours.erase(colours.begin());
    {
        const ReliefPreview preview(ready);
        const double ours = fastest(5, [&] { (void)preview.look(preview.tried(p, colours)); });
        // Each dot's nearest stack by CIEDE2000, on a thirtieth of them.
        std::vector<Lab> labs;
        for (const Srgb c : colours)
            labs.push_back(to_lab(c));
        double sum = 0;
        const double every = 30 * fastest(1, [&] {
                                 for (std::size_t i = 0; i < picture.dots.size(); i += 30) {
                                     const Lab lab = to_lab(picture.dots[i]);
                                     double best = 1e9;
                                     for (const Lab& l : labs)
                                         best = std::min(best, delta_e_2000(lab, l));
                                     sum += best;
                                 }
                             });
        table.push_back(
            compared(sum < 0 ? "" : "a border dragged, preview of 1 Mpx, against every dot's stack anew",
                     ours, every, 20));
    }
    {
        std::size_t points = 0, segments = 0;
        const double ours = fastest(3, [&] {
            points = 0;
            const TerraceMap map = terrace_map(*p.dots, p.dot_mm);
            for (const Paths& level : terrace_levels(map, whole_heights(map.most)))
                for (const Path& ring : level)
                    points += ring.size();
        });
        const double theirs = fastest(2, [&] { segments = marching_squares(*p.dots, 30); });
        Line line = compared("outlines of 1 Mpx, 30 layers, against marching squares", ours, theirs, 1);
        line.what += ": " + std::to_string(points) + " points against " + std::to_string(segments);
        table.push_back(line);
    }
    {
        const Piece& piece = made.pieces.front();
        Piece sliced = piece;
        sliced.parts.front().made = nullptr;
        const double ours = fastest(3, [&] { (void)make_layer_table(piece, made.settings); }),
                     theirs = fastest(2, [&] { (void)make_layer_table(sliced, made.settings); });
        table.push_back(compared("layers of a relief of 1 Mpx from its outlines, against slicing its mesh",
                                 ours, theirs, 5));
    }
    {
        std::mt19937 rng(3);
        std::vector<Lab> many;
        for (int i = 0; i < 100000; ++i)
            many.push_back(to_lab(Srgb{static_cast<std::uint8_t>(rng()), static_cast<std::uint8_t>(rng()),
                                       static_cast<std::uint8_t>(rng())}));
        const NearestColour nearest(many);
        std::vector<Lab> asked;
        for (int i = 0; i < 20; ++i)
            asked.push_back(to_lab(Srgb{static_cast<std::uint8_t>(rng()), static_cast<std::uint8_t>(rng()),
                                        static_cast<std::uint8_t>(rng())}));
        double sum = 0;
        const double ours = fastest(5, [&] {
            for (const Lab& c : asked)
                sum += nearest.of(c).delta_e;
        });
        const double theirs = fastest(1, [&] {
            for (const Lab& c : asked) {
                double best = 1e9;
                for (const Lab& l : many)
                    best = std::min(best, delta_e_2000(c, l));
                sum += best;
            }
        });
        table.push_back(compared(sum < 0 ? "" : "the nearest of 100,000 stacks, against a linear scan", ours,
                                 theirs, 50));
    }
}

} // namespace vitrail::bench
