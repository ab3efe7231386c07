#include "formats/model.h"

#include "core/base/text.h"
#include "formats/files.h"

#include <fmt/format.h>

#include <algorithm>
#include <cctype>
#include <unordered_map>

namespace vitrail {

namespace {

Result<std::vector<Body>> read_by_kind(const std::string& name, std::string_view bytes,
                                       const Companion& companion, const Progress& progress) {
    std::string ending = name.substr(std::min(name.size(), name.rfind('.')));
    std::transform(ending.begin(), ending.end(), ending.begin(),
                   [](unsigned char c) { return std::tolower(c); });
    const std::string stem = one_line(file_stem(name));
    if (bytes.empty())
        return Error{say("The file is empty.")};
    if (bytes.substr(0, 2) == "PK" || ending == ".3mf")
        return read_3mf(stem, bytes, progress);
    if (ending == ".obj")
        return read_obj(stem, bytes, companion, progress);
    if (ending == ".stl")
        return read_stl(stem, bytes, progress);
    return Error{say("Vitrail reads 3MF, STL and OBJ files; this is none of them.")};
}

} // namespace

Result<std::vector<Body>> read_model(const std::string& name, std::string_view bytes,
                                     const Companion& companion, const Progress& progress) {
    Result<std::vector<Body>> bodies = read_by_kind(name, bytes, companion, progress);
    if (progress.stopped())
        return Error{say("Stopped before the file was read.")};
    if (!bodies)
        return bodies;
    bool any = false;
    for (Body& b : *bodies) {
        b.name = one_line(b.name);
        if (b.name.empty())
            b.name = one_line(file_stem(name));
        b.material = one_line(b.material);
        any |= !b.mesh.triangles.empty();
    }
    for (const Body& b : *bodies)
        if (b.mesh.check.too_far)
            return Error{
                say("{} reaches beyond {} m, farther than any printer. Check the unit it was exported in.",
                    Name{b.name}, num(kLargestCoordinate_mm / 1000, 0))};
    if (!any)
        return Error{say("The file has no triangle that can be used: every one has a corner that is no "
                         "number, or no area. Export it again from the program it comes from.")};
    return bodies;
}

void settle_colours(Body& b) {
    for (int bits = 8; b.palette.size() > static_cast<std::size_t>(kMostColours) && bits > 2; --bits) {
        const int drop = 9 - bits;
        const auto coarse = [&](std::uint8_t v) {
            return static_cast<std::uint8_t>(std::min(255, ((v >> drop) << drop) + (1 << drop) / 2));
        };
        std::vector<Srgb> fewer;
        std::vector<std::uint16_t> to(b.palette.size() + 1, 0);
        std::unordered_map<std::uint32_t, std::uint16_t> place;
        for (std::size_t i = 0; i < b.palette.size(); ++i) {
            const Srgb c{coarse(b.palette[i].r), coarse(b.palette[i].g), coarse(b.palette[i].b)};
            const auto [it, fresh] =
                place.try_emplace(std::uint32_t{c.r} << 16 | std::uint32_t{c.g} << 8 | c.b,
                                  static_cast<std::uint16_t>(fewer.size() + 1));
            if (fresh)
                fewer.push_back(c);
            to[i + 1] = it->second;
        }
        for (std::uint16_t& n : b.colour_of)
            n = to[n];
        b.palette = std::move(fewer);
    }
    if (b.colour_of.empty())
        return;
    const bool one = std::all_of(b.colour_of.begin(), b.colour_of.end(),
                                 [&](std::uint16_t n) { return n == b.colour_of.front(); });
    if (!one)
        return;
    if (b.colour_of.front())
        b.colour = b.palette[b.colour_of.front() - 1u];
    b.palette.clear();
    b.colour_of.clear();
}

std::vector<ColourUse> file_colours(const std::vector<Body>& bodies) {
    std::vector<ColourUse> uses;
    std::unordered_map<std::uint32_t, std::size_t> place;
    const auto add = [&](Srgb c, double area) {
        const auto [it, fresh] =
            place.try_emplace(std::uint32_t{c.r} << 16 | std::uint32_t{c.g} << 8 | c.b, uses.size());
        if (fresh)
            uses.push_back({c, 0});
        uses[it->second].area_mm2 += area;
    };
    for (const Body& b : bodies) {
        if (b.colour_of.empty()) {
            if (b.colour)
                add(*b.colour, area_mm2(b.mesh));
            continue;
        }
        for (std::uint32_t t = 0; t < b.mesh.triangles.size(); ++t)
            if (b.colour_of[t])
                add(b.palette[b.colour_of[t] - 1u], length(twice_area(corners(b.mesh, t))) / 2);
    }
    return uses;
}

} // namespace vitrail
