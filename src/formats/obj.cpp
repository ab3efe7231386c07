#include "formats/model.h"

#include "core/base/text.h"
#include "formats/text.h"

#include <algorithm>
#include <cmath>
#include <unordered_map>

namespace vitrail {

namespace {

struct Group {
    std::string name;
    std::vector<Triangle> triangles;
    std::vector<std::uint16_t> colours; ///< per triangle: 1 + place in the palette, 0: none
};

/// Colours numbered in the order in which they come.
struct Palette {
    std::vector<Srgb> colours;
    std::unordered_map<std::uint32_t, std::uint16_t> place;
    std::uint16_t number(Srgb c) {
        if (colours.size() >= 0xfffe)
            return 0;
        const auto [it, fresh] = place.try_emplace(std::uint32_t{c.r} << 16 | std::uint32_t{c.g} << 8 | c.b,
                                                   static_cast<std::uint16_t>(colours.size() + 1));
        if (fresh)
            colours.push_back(c);
        return it->second;
    }
};

/// Names and Kd colours of a material file. Kd is taken as sRGB, as most programs write it.
void read_materials(std::string_view text, std::unordered_map<std::string, Srgb>& materials) {
    Lines lines(text);
    std::string name;
    while (lines.next()) {
        Words w(lines.line());
        const std::string_view word = w.next();
        float r, g, b;
        if (word == "newmtl")
            name = w.rest();
        else if (word == "Kd" && w.number(r) && w.number(g) && w.number(b)) {
            const auto channel = [](float v) {
                return static_cast<std::uint8_t>(std::lround(std::clamp(v, 0.0f, 1.0f) * 255));
            };
            materials[name] = {channel(r), channel(g), channel(b)};
        }
    }
}

/// The vertex of a face word such as 7, 7/2, 7//3 or −1. Empty when it names none.
std::optional<std::uint32_t> vertex_of(std::string_view word, std::size_t vertices) {
    word = word.substr(0, word.find('/'));
    long long i = 0;
    const auto [end, error] = std::from_chars(word.data(), word.data() + word.size(), i);
    if (error != std::errc() || end != word.data() + word.size())
        return {};
    if (i < 0)
        i += static_cast<long long>(vertices) + 1;
    if (i < 1 || i > static_cast<long long>(vertices))
        return {};
    return static_cast<std::uint32_t>(i - 1);
}

/// The mesh of a group with only the vertices it uses.
Mesh mesh_of(const Group& g, const std::vector<Vec3>& vertices, std::vector<std::uint32_t>& origin,
             const Progress& progress) {
    std::vector<std::uint32_t> used;
    for (const Triangle& t : g.triangles)
        used.insert(used.end(), t.begin(), t.end());
    std::sort(used.begin(), used.end());
    used.erase(std::unique(used.begin(), used.end()), used.end());
    std::vector<Vec3> own;
    for (std::uint32_t v : used)
        own.push_back(vertices[v]);
    std::vector<Triangle> triangles = g.triangles;
    for (Triangle& t : triangles)
        for (std::uint32_t& v : t)
            v = static_cast<std::uint32_t>(std::lower_bound(used.begin(), used.end(), v) - used.begin());
    return build_mesh(std::move(own), std::move(triangles), &origin, progress);
}

} // namespace

Result<std::vector<Body>> read_obj(const std::string& stem, std::string_view bytes,
                                   const Companion& companion, const Progress& progress) {
    std::vector<Vec3> vertices;
    std::vector<Group> groups{{stem, {}, {}}};
    std::vector<Srgb> vertex_colours; ///< empty, or one per vertex
    std::unordered_map<std::string, Srgb> materials;
    Palette palette;
    std::uint16_t material = 0;
    std::unordered_map<std::string, std::size_t> by_name;
    std::size_t current = 0, triangles = 0;
    Lines lines(bytes);

    while (lines.next()) {
        if (lines.number() % kLinesBetweenLooks == 0) {
            progress.at(0.5 * lines.share_read());
            if (progress.stopped())
                return Error{say("Stopped before the file was read.")};
        }
        Words w(lines.line());
        const std::string_view word = w.next();
        if (word == "v") {
            Vec3 p;
            if (!w.number(p.x) || !w.number(p.y) || !w.number(p.z))
                return Error{say("Line {} of the OBJ file: a vertex needs three numbers.", lines.number())};
            vertices.push_back(p);
            float r, g, b;
            if (w.number(r) && w.number(g) && w.number(b)) {
                // 0…1; some programs write 0…255.
                const float top = std::max({r, g, b}) > 1 ? 1 : 255;
                const auto channel = [&](float v) {
                    return static_cast<std::uint8_t>(std::lround(std::clamp(v * top, 0.0f, 255.0f)));
                };
                vertex_colours.resize(vertices.size() - 1, Srgb{128, 128, 128});
                vertex_colours.push_back({channel(r), channel(g), channel(b)});
            }
            if (vertices.size() > 3 * kMostTriangles)
                return Error{say("The OBJ file has more vertices than Vitrail reads.")};
        } else if (word == "f") {
            std::vector<std::uint32_t> corners;
            for (std::string_view c = w.next(); !c.empty(); c = w.next()) {
                const auto v = vertex_of(c, vertices.size());
                if (!v)
                    return Error{say("Line {} of the OBJ file: the face names a vertex {} that there is not.",
                                     lines.number(), Name{one_line(c.substr(0, 40))})};
                corners.push_back(*v);
            }
            if (corners.size() < 3)
                return Error{
                    say("Line {} of the OBJ file: a face needs at least three corners.", lines.number())};
            // A fan is right for slicing even where the polygon is not convex: what it covers twice cancels
            // out.
            for (std::size_t i = 1; i + 1 < corners.size(); ++i) {
                const Triangle t{corners[0], corners[i], corners[i + 1]};
                groups[current].triangles.push_back(t);
                std::uint16_t colour = material;
                if (!vertex_colours.empty()) {
                    vertex_colours.resize(vertices.size(), Srgb{128, 128, 128});
                    const auto mean = [&](auto channel) {
                        return static_cast<std::uint8_t>((channel(vertex_colours[t[0]]) +
                                                          channel(vertex_colours[t[1]]) +
                                                          channel(vertex_colours[t[2]]) + 1) /
                                                         3);
                    };
                    colour = palette.number({mean([](Srgb x) { return int(x.r); }),
                                             mean([](Srgb x) { return int(x.g); }),
                                             mean([](Srgb x) { return int(x.b); })});
                }
                groups[current].colours.push_back(colour);
            }
            if ((triangles += corners.size() - 2) > kMostTriangles)
                return Error{say("The OBJ file has more triangles than Vitrail reads.")};
        } else if (word == "mtllib") {
            if (const auto text = companion ? companion(w.rest()) : std::nullopt)
                read_materials(*text, materials);
        } else if (word == "usemtl") {
            // Without its file, a material still tells regions apart: it gets a colour of its own.
            static constexpr Srgb kStandIns[] = {{0xd8, 0xd2, 0xc4}, {0x2f, 0x4a, 0x6b}, {0xb0, 0x3a, 0x2e},
                                                 {0xd9, 0xa4, 0x41}, {0x4c, 0x7a, 0x5a}, {0x6d, 0x5a, 0x7e},
                                                 {0x3a, 0x3a, 0x3a}, {0x8a, 0xa9, 0xb5}};
            const auto [it, fresh] = materials.try_emplace(w.rest(), Srgb{});
            if (fresh)
                it->second = kStandIns[(materials.size() - 1) % std::size(kStandIns)];
            material = palette.number(it->second);
        } else if (word == "o" || word == "g") {
            std::string name = w.rest();
            if (name.empty())
                name = stem;
            const auto [it, fresh] = by_name.try_emplace(name, groups.size());
            if (fresh)
                groups.push_back({name, {}, {}});
            current = it->second;
            if (groups.size() > kMostBodies)
                return Error{say("The OBJ file holds more groups than Vitrail reads.")};
        }
    }
    std::vector<Body> bodies;
    const Progress building{progress.stop, [&](double share) { progress.at(0.5 + 0.5 * share); }};
    for (const Group& g : groups)
        if (!g.triangles.empty()) {
            Body b;
            b.name = g.name;
            std::vector<std::uint32_t> origin;
            b.mesh = mesh_of(g, vertices, origin, building);
            if (std::any_of(g.colours.begin(), g.colours.end(), [](std::uint16_t n) { return n != 0; })) {
                b.palette = palette.colours;
                for (const std::uint32_t t : origin)
                    b.colour_of.push_back(g.colours[t]);
                settle_colours(b);
            }
            bodies.push_back(std::move(b));
        }
    if (bodies.empty())
        return Error{say("The OBJ file has no faces.")};
    return bodies;
}

} // namespace vitrail
