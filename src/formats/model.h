// Model files: 3MF, STL and OBJ become bodies with names, meshes and, where the file has them, colours.
#pragma once

#include "core/base/result.h"
#include "core/colour/colour.h"
#include "core/geometry/mesh.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace vitrail {

/// One separate body of a file, in mm and in the file's own position.
struct Body {
    std::string name; ///< as in the file; the file's stem where it has none
    Mesh mesh;
    std::optional<Srgb> colour;
};

/// Files that claim more than this are refused, whatever they hold.
inline constexpr std::size_t kMostTriangles = 20'000'000;
inline constexpr std::size_t kMostBodies = 4096;

/// Reads by content first and by ending second. `name` is the file's name. Errors say what is wrong and where.
Result<std::vector<Body>> read_model(const std::string& name, std::string_view bytes);

/// STL, binary or ASCII. Several `solid`s of an ASCII file are several bodies. Coordinates are taken as mm.
Result<std::vector<Body>> read_stl(const std::string& stem, std::string_view bytes);

/// Wavefront OBJ: v and f; each o or g with faces is a body. Coordinates are taken as mm.
Result<std::vector<Body>> read_obj(const std::string& stem, std::string_view bytes);

/// 3MF (Core Specification 1.2.3): every build item, components unfolded with their transforms, in the file's unit.
/// A body's colour is that of its base material or colour group, where all of it has one.
Result<std::vector<Body>> read_3mf(const std::string& stem, std::string_view bytes);

/// Binary STL of one mesh.
std::string write_stl(const Mesh& mesh, const std::string& header);

/// 3MF with one named object per body and, where bodies have colours, a base material each; shared origin, mm.
Result<std::string> write_3mf(const std::vector<Body>& bodies);

} // namespace vitrail
