#include "formats/import.h"

#include "core/base/text.h"
#include "core/project/regions.h"
#include "formats/files.h"
#include "formats/project_json.h"

#include <algorithm>
#include <filesystem>
#include <map>

namespace vitrail {

Companion beside(const std::string& path) {
    return [folder = std::filesystem::path(path).parent_path()](
               const std::string& name) -> std::optional<std::string> {
        // Only a plain name: a model must not reach elsewhere.
        if (name.empty() || name.find('/') != std::string::npos || name.find('\\') != std::string::npos)
            return {};
        const Result<std::string> bytes = read_file((folder / name).string());
        return bytes ? std::optional(*bytes) : std::nullopt;
    };
}

Status add_model(Project& p, int piece, const std::string& name, std::string bytes,
                 const Companion& companion) {
    Result<std::vector<Body>> bodies = read_model(name, bytes, companion);
    if (!bodies)
        return bodies.error();
    add_bodies(p, piece, name, std::move(bytes), std::move(*bodies));
    return Done{};
}

int add_piece(Project& p, const std::string& name, int count) {
    if (has_parts(p) || p.pieces.size() > 1)
        p.pieces.emplace_back();
    const int at = static_cast<int>(p.pieces.size()) - 1;
    p.pieces.back().name = free_piece_name(p, name);
    p.pieces.back().count = count;
    return at;
}

std::vector<ColourMatch> match_colours(Project& p, const std::vector<ColourUse>& colours) {
    const bool fresh = p.filaments.empty();
    std::vector<ColourMatch> matches;
    for (const ColourUse& use : colours) {
        std::vector<Srgb> have;
        for (const Filament& f : p.filaments)
            have.push_back(f.colour);
        const int nearest = nearest_colour(use.colour, have);
        if (fresh && free_letter(p) && !(nearest >= 0 && have[nearest] == use.colour)) {
            const char letter = free_letter(p);
            p.filaments.push_back(make_filament(letter, Material::PLA, use.colour));
            matches.push_back({use.colour, letter});
        } else {
            matches.push_back({use.colour, p.filaments[nearest].letter});
        }
    }
    return matches;
}

namespace {

/// Gives a part with a surface of several colours its filament and its patches.
void paint_as_in_file(Part& part, const Body& b, const std::function<char(Srgb)>& letter_of) {
    std::vector<char> letter{0};
    for (const Srgb c : b.palette)
        letter.push_back(letter_of(c));
    std::map<char, double> area;
    for (std::uint32_t t = 0; t < part.mesh->triangles.size(); ++t)
        area[letter[b.colour_of[t]]] += length(twice_area(corners(*part.mesh, t)));
    part.filament = std::max_element(area.begin(), area.end(), [](auto& x, auto& y) {
                        return (x.first ? x.second : 0) < (y.first ? y.second : 0);
                    })->first;
    if (area.size() < 2)
        return;
    repaint(part, [&](const Mesh& m, Paint& paint) {
        for (std::uint32_t t = 0; t < m.triangles.size(); ++t)
            if (const char l = letter[b.colour_of[t]]; l && l != part.filament)
                paint.patch[t] = patch_with(part, l, std::string("colour ") + l);
    });
}

} // namespace

void add_bodies(Project& p, int to, const std::string& file, std::string bytes, std::vector<Body> bodies,
                std::vector<ColourMatch> matches) {
    // Two files may have the same name; the archive needs different ones.
    const std::string name = one_line(file);
    std::string stored = name;
    const auto taken = [&] {
        return std::any_of(p.models.begin(), p.models.end(),
                           [&](const ModelFile& m) { return m.name == stored; });
    };
    for (int n = 2; taken(); ++n)
        stored = std::to_string(n) + "-" + name;
    p.models.push_back({stored, std::make_shared<std::string>(std::move(bytes))});
    if (matches.empty())
        matches = match_colours(p, file_colours(bodies));
    if (p.filaments.empty())
        p.filaments.push_back(make_filament('A', Material::PLA, {0xf2, 0xf2, 0xea}));
    const auto letter_of = [&](Srgb c) {
        const auto it =
            std::find_if(matches.begin(), matches.end(), [&](const ColourMatch& m) { return m.colour == c; });
        return it != matches.end() ? it->letter : p.filaments.front().letter;
    };
    Piece& piece = p.pieces[static_cast<std::size_t>(to)];
    if (piece.name.empty())
        piece.name = free_piece_name(p, file_stem(name));
    for (std::size_t i = 0; i < bodies.size(); ++i) {
        Body& b = bodies[i];
        Part part;
        part.name = free_part_name(p, b.name);
        part.mesh = std::make_shared<Mesh>(posed(piece, p.models.back().scale, std::move(b.mesh)));
        part.model = static_cast<int>(p.models.size()) - 1;
        part.object = static_cast<int>(i);
        part.file_colour = b.colour;
        if (!b.colour_of.empty())
            paint_as_in_file(part, b, letter_of);
        else if (b.colour)
            part.filament = letter_of(*b.colour);
        if (!part.filament)
            part.filament = p.filaments.front().letter;
        piece.parts.push_back(std::move(part));
    }
}

} // namespace vitrail
