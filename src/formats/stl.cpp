#include "formats/model.h"

#include "formats/text.h"

#include <cmath>
#include <cstring>

namespace vitrail {

namespace {

std::uint32_t little_u32(const char* p) {
    std::uint32_t v;
    std::memcpy(&v, p, 4); // Linux on x86-64 and arm64 is little-endian, as STL is
    return v;
}

constexpr std::size_t kHeader = 84, kRecord = 50;

Body make_body(const std::string& name, std::vector<Vec3> corners, const Progress& progress) {
    std::vector<Triangle> triangles(corners.size() / 3);
    for (std::uint32_t t = 0; t < triangles.size(); ++t)
        triangles[t] = {3 * t, 3 * t + 1, 3 * t + 2};
    return {name, build_mesh(std::move(corners), std::move(triangles), nullptr, progress), {}};
}

Vec3 unit_normal(const Mesh& m, std::size_t t) {
    const Vec3 &a = m.vertices[m.triangles[t][0]], &b = m.vertices[m.triangles[t][1]],
               &c = m.vertices[m.triangles[t][2]];
    const float ux = b.x - a.x, uy = b.y - a.y, uz = b.z - a.z, vx = c.x - a.x, vy = c.y - a.y,
                vz = c.z - a.z;
    const Vec3 n{uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx};
    const float length = std::sqrt(n.x * n.x + n.y * n.y + n.z * n.z);
    return length > 0 ? Vec3{n.x / length, n.y / length, n.z / length} : Vec3{};
}

Result<std::vector<Body>> read_binary(const std::string& stem, std::string_view bytes,
                                      const Progress& progress) {
    const std::size_t count = little_u32(bytes.data() + 80), room = (bytes.size() - kHeader) / kRecord;
    if (count > room)
        return Error{say("The STL file is cut short: its header promises {} triangles and there are {}. "
                         "Export or copy it again.",
                         count, room)};
    if (count > kMostTriangles)
        return Error{say("The STL file has {} triangles, more than Vitrail reads.", count)};
    if (count == 0)
        return Error{say("The STL file has no triangles.")};
    std::vector<Vec3> corners(3 * count);
    for (std::size_t t = 0; t < count; ++t)
        std::memcpy(&corners[3 * t], bytes.data() + kHeader + t * kRecord + 12, 36);
    return std::vector<Body>{make_body(stem, std::move(corners), progress)};
}

Result<std::vector<Body>> read_ascii(const std::string& stem, std::string_view bytes,
                                     const Progress& progress) {
    std::vector<Body> bodies;
    std::vector<Vec3> corners;
    std::string name;
    std::size_t facet_start = 0;
    Lines lines(bytes);
    bool open = false;
    const Progress building{progress.stop, {}};
    const auto finish = [&]() -> bool {
        open = false;
        if (corners.empty())
            return true;
        bodies.push_back(make_body(name.empty() ? stem : name, std::move(corners), building));
        corners.clear();
        return bodies.size() <= kMostBodies;
    };
    while (lines.next()) {
        if (lines.number() % kLinesBetweenLooks == 0) {
            progress.at(lines.share_read());
            if (progress.stopped())
                return Error{say("Stopped before the file was read.")};
        }
        Words w(lines.line());
        const std::string_view word = w.next();
        if (word == "vertex") {
            Vec3 p;
            if (!w.number(p.x) || !w.number(p.y) || !w.number(p.z))
                return Error{say("Line {} of the STL file: a vertex needs three numbers.", lines.number())};
            corners.push_back(p);
            if (corners.size() > 3 * kMostTriangles)
                return Error{say("The STL file has more triangles than Vitrail reads.")};
        } else if (word == "facet") {
            facet_start = corners.size();
        } else if (word == "endfacet") {
            if (corners.size() != facet_start + 3)
                return Error{say("Line {} of the STL file: a facet has {} corners instead of three.",
                                 lines.number(), corners.size() - facet_start)};
        } else if (word == "solid") {
            if (!finish())
                return Error{say("The STL file holds more bodies than Vitrail reads.")};
            name = w.rest();
            open = true;
        } else if (word == "endsolid") {
            if (!finish())
                return Error{say("The STL file holds more bodies than Vitrail reads.")};
        }
    }
    if (open)
        return Error{say("The STL file is cut short: line {} is the last and “endsolid” is missing. Export "
                         "or copy it again.",
                         lines.number())};
    if (bodies.empty())
        return Error{say("The STL file has no triangles.")};
    return bodies;
}

} // namespace

Result<std::vector<Body>> read_stl(const std::string& stem, std::string_view bytes,
                                   const Progress& progress) {
    // Some programs begin binary files with "solid" too: the length tells.
    if (bytes.size() >= kHeader &&
        bytes.size() == kHeader + kRecord * std::size_t{little_u32(bytes.data() + 80)})
        return read_binary(stem, bytes, progress);
    const std::string_view head = bytes.substr(0, 2048);
    if (head.substr(0, 5) == "solid" && head.find('\0') == std::string_view::npos)
        return read_ascii(stem, bytes, progress);
    if (bytes.size() < kHeader)
        return Error{say("This is no STL file: it is too short to hold a header.")};
    return read_binary(stem, bytes, progress);
}

std::string write_stl(const Mesh& m, const std::string& header) {
    std::string out(kHeader + kRecord * m.triangles.size(), '\0');
    // A header that began with "solid" would pass for ASCII.
    std::memcpy(out.data(), header.data(), std::min<std::size_t>(80, header.size()));
    const auto count = static_cast<std::uint32_t>(m.triangles.size());
    std::memcpy(out.data() + 80, &count, 4);
    for (std::size_t t = 0; t < m.triangles.size(); ++t) {
        char* record = out.data() + kHeader + t * kRecord;
        const Vec3 normal = unit_normal(m, t);
        std::memcpy(record, &normal, 12);
        for (int c = 0; c < 3; ++c)
            std::memcpy(record + 12 + 12 * c, &m.vertices[m.triangles[t][c]], 12);
    }
    return out;
}

} // namespace vitrail
