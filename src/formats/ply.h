// PLY (binary, little-endian) as the archive uses it: a part's own mesh, and the paint laid over it.
#pragma once

#include "core/base/result.h"
#include "core/patch/paint.h"

#include <string>
#include <string_view>

namespace vitrail {

/// vertex: float x, y, z; face: list uchar uint vertex_indices, ushort patch, uint triangle. Whole triangles
/// come first, in the mesh's order; each cut one (patch 65535) is followed, behind all of them, by its
/// facets, which name it in `triangle`. `paint` may be null.
std::string write_ply(const Mesh& mesh, const Paint* paint);

struct PlyPart {
    Mesh mesh;
    Paint paint;
};
/// Everything is checked: counts against the file's size, indices, numbers of patches up to `patches`, facets
/// against their triangles.
Result<PlyPart> read_ply(std::string_view bytes, int patches);

} // namespace vitrail
