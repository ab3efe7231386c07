#include "formats/model.h"

#include "formats/text.h"

#include <algorithm>
#include <unordered_map>

namespace vitrail {

namespace {

struct Group {
    std::string name;
    std::vector<Triangle> triangles;
};

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
Mesh mesh_of(const Group& g, const std::vector<Vec3>& vertices) {
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
    return build_mesh(std::move(own), std::move(triangles));
}

} // namespace

Result<std::vector<Body>> read_obj(const std::string& stem, std::string_view bytes) {
    std::vector<Vec3> vertices;
    std::vector<Group> groups{{stem, {}}};
    std::unordered_map<std::string, std::size_t> by_name;
    std::size_t current = 0, triangles = 0;
    Lines lines(bytes);
    const auto at_line = [&] { return "Line " + std::to_string(lines.number()) + " of the OBJ file: "; };
    while (lines.next()) {
        Words w(lines.line());
        const std::string_view word = w.next();
        if (word == "v") {
            Vec3 p;
            if (!w.number(p.x) || !w.number(p.y) || !w.number(p.z))
                return Error{at_line() + "a vertex needs three numbers."};
            vertices.push_back(p);
            if (vertices.size() > 3 * kMostTriangles)
                return Error{"The OBJ file has more vertices than Vitrail reads."};
        } else if (word == "f") {
            std::vector<std::uint32_t> corners;
            for (std::string_view c = w.next(); !c.empty(); c = w.next()) {
                const auto v = vertex_of(c, vertices.size());
                if (!v)
                    return Error{at_line() + "the face names a vertex “" + std::string(c.substr(0, 40)) + "” that there is not."};
                corners.push_back(*v);
            }
            if (corners.size() < 3)
                return Error{at_line() + "a face needs at least three corners."};
            // A fan is right for slicing even where the polygon is not convex: what it covers twice cancels out.
            for (std::size_t i = 1; i + 1 < corners.size(); ++i)
                groups[current].triangles.push_back({corners[0], corners[i], corners[i + 1]});
            if ((triangles += corners.size() - 2) > kMostTriangles)
                return Error{"The OBJ file has more triangles than Vitrail reads."};
        } else if (word == "o" || word == "g") {
            std::string name = w.rest();
            if (name.empty())
                name = stem;
            const auto [it, fresh] = by_name.try_emplace(name, groups.size());
            if (fresh)
                groups.push_back({name, {}});
            current = it->second;
            if (groups.size() > kMostBodies)
                return Error{"The OBJ file holds more groups than Vitrail reads."};
        }
    }
    std::vector<Body> bodies;
    for (const Group& g : groups)
        if (!g.triangles.empty())
            bodies.push_back({g.name, mesh_of(g, vertices), {}});
    if (bodies.empty())
        return Error{"The OBJ file has no faces."};
    return bodies;
}

} // namespace vitrail
