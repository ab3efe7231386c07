#include "formats/ply.h"

#include "formats/model.h"

#include <bit>
#include <cmath>
#include <cstring>

namespace vitrail {

static_assert(std::endian::native == std::endian::little, "PLY is written as it lies in memory");

namespace {

std::string header(std::size_t vertices, std::size_t faces) {
    return "ply\nformat binary_little_endian 1.0\ncomment a part of a Vitrail project\nelement vertex " +
           std::to_string(vertices) +
           "\nproperty float x\nproperty float y\nproperty float z\nelement face " + std::to_string(faces) +
           "\nproperty list uchar uint vertex_indices\nproperty ushort patch\nproperty uint "
           "triangle\nend_header\n";
}

template <class T>
void put(std::string& out, T v) {
    out.append(reinterpret_cast<const char*>(&v), sizeof v);
}

constexpr std::size_t kVertexBytes = 12, kFaceBytes = 1 + 12 + 2 + 4;

} // namespace

std::string write_ply(const Mesh& m, const Paint* paint) {
    std::vector<Vec3> vertices = m.vertices;
    std::string faces;
    std::size_t count = 0;
    const auto face = [&](const Triangle& t, PatchNumber patch, std::uint32_t triangle) {
        put<std::uint8_t>(faces, 3);
        for (const std::uint32_t v : t)
            put(faces, v);
        put(faces, patch);
        put(faces, triangle);
        ++count;
    };
    for (std::uint32_t t = 0; t < m.triangles.size(); ++t)
        face(m.triangles[t], paint ? paint->patch[t] : kUnpainted, t);
    for (std::uint32_t t = 0; paint && t < m.triangles.size(); ++t) {
        if (paint->patch[t] != kCut)
            continue;
        for (const Facet& f : paint->cut.at(t)) {
            const auto k = static_cast<std::uint32_t>(vertices.size());
            vertices.insert(vertices.end(), f.corners.begin(), f.corners.end());
            face({k, k + 1, k + 2}, f.patch, t);
        }
    }
    std::string out = header(vertices.size(), count);
    out.reserve(out.size() + vertices.size() * kVertexBytes + faces.size());
    for (const Vec3 v : vertices) {
        put(out, v.x);
        put(out, v.y);
        put(out, v.z);
    }
    return out + faces;
}

Result<PlyPart> read_ply(std::string_view bytes, int patches) {
    const Error misfit{say("it is no PLY file as Vitrail writes it")};
    const std::size_t end = bytes.find("end_header\n");
    if (end == std::string_view::npos || end > 2000)
        return misfit;
    const std::string head(bytes.substr(0, end + 11));
    const auto number_after = [&](const char* word) -> std::size_t {
        const std::size_t at = head.find(word);
        if (at == std::string::npos)
            return SIZE_MAX;
        std::size_t n = 0, digits = 0;
        for (std::size_t i = at + std::strlen(word);
             i < head.size() && head[i] >= '0' && head[i] <= '9' && digits < 10; ++i, ++digits)
            n = n * 10 + static_cast<std::size_t>(head[i] - '0');
        return digits ? n : SIZE_MAX;
    };
    const std::size_t nv = number_after("element vertex "), nf = number_after("element face ");
    if (nv == SIZE_MAX || nf == SIZE_MAX || head != header(nv, nf))
        return misfit;
    if (nf > 4 * kMostTriangles || bytes.size() - head.size() != nv * kVertexBytes + nf * kFaceBytes)
        return Error{say("its size does not fit what its header says")};
    std::vector<Vec3> vertices(nv);
    std::memcpy(vertices.data(), bytes.data() + head.size(), nv * kVertexBytes);
    for (const Vec3 v : vertices)
        for (const float x : {v.x, v.y, v.z})
            if (!(std::abs(x) <= kLargestCoordinate_mm))
                return Error{say("it has corners that are no usable numbers")};
    struct Face {
        Triangle corners;
        PatchNumber patch;
        std::uint32_t triangle;
    };
    const auto read_face = [&](std::size_t i, Face& f) {
        const char* at = bytes.data() + head.size() + nv * kVertexBytes + i * kFaceBytes;
        if (*at != 3)
            return false;
        std::memcpy(f.corners.data(), at + 1, 12);
        std::memcpy(&f.patch, at + 13, 2);
        std::memcpy(&f.triangle, at + 15, 4);
        for (const std::uint32_t v : f.corners)
            if (v >= nv)
                return false;
        return f.patch == kCut || f.patch <= patches;
    };
    const Error faulty{say("one of its faces is faulty")};
    std::vector<Triangle> triangles;
    std::vector<PatchNumber> patch;
    std::unordered_map<std::uint32_t, std::vector<Facet>> cut;
    bool facets = false;
    for (std::size_t i = 0; i < nf; ++i) {
        Face f;
        if (!read_face(i, f))
            return faulty;
        if (!facets && f.triangle == i) {
            triangles.push_back(f.corners);
            patch.push_back(f.patch);
            continue;
        }
        facets = true;
        if (f.triangle >= triangles.size() || f.patch == kCut || patch[f.triangle] != kCut)
            return faulty;
        cut[f.triangle].push_back(
            {{vertices[f.corners[0]], vertices[f.corners[1]], vertices[f.corners[2]]}, f.patch});
    }
    // The corners of facets stand behind those of the mesh.
    std::uint32_t own = 0;
    for (const Triangle& t : triangles)
        for (const std::uint32_t v : t)
            own = std::max(own, v + 1);
    vertices.resize(own);
    PlyPart part;
    std::vector<std::uint32_t> origin;
    part.mesh = build_mesh(std::move(vertices), std::move(triangles), &origin);
    part.paint = bare(part.mesh);
    for (std::uint32_t t = 0; t < origin.size(); ++t) {
        part.paint.patch[t] = patch[origin[t]];
        if (patch[origin[t]] != kCut)
            continue;
        const auto pieces = cut.find(origin[t]);
        if (pieces == cut.end())
            return faulty;
        part.paint.cut[t] = pieces->second;
    }
    return part;
}

} // namespace vitrail
