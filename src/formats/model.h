// Model files: 3MF, STL and OBJ become bodies with names, meshes and, where the file has them, colours.
#pragma once

#include "core/base/result.h"
#include "core/colour/merge.h"
#include "core/geometry/mesh.h"

#include <functional>
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
    std::string material = {}; ///< name of that colour's base material, where the file has one
    /// Where the surface has several colours: which, and per triangle of the mesh 1 + a place in the list (0:
    /// none).
    std::vector<Srgb> palette = {};
    std::vector<std::uint16_t> colour_of = {};
};

/// Hands out the bytes of a file that lies beside the model and that it names, or nothing.
using Companion = std::function<std::optional<std::string>(const std::string& name)>;

/// Files that claim more than this are refused, whatever they hold.
inline constexpr std::size_t kMostTriangles = 20'000'000;
inline constexpr std::size_t kMostBodies = 4096;

/// Reads by content first and by ending second. `name` is the file's name. Names of bodies are one line of
/// valid UTF-8. Errors say what is wrong and where; a file without a single usable triangle is one. Long:
/// takes Progress.
Result<std::vector<Body>> read_model(const std::string& name, std::string_view bytes,
                                     const Companion& companion = {}, const Progress& progress = {});

/// The colours on the bodies' surfaces with their areas, in the order in which they first appear.
std::vector<ColourUse> file_colours(const std::vector<Body>& bodies);

/// Settles per-triangle colours: one for all becomes the body's own; colours beyond kMostColours are put
/// together by their leading bits.
void settle_colours(Body& body);

/// STL, binary or ASCII. Several `solid`s of an ASCII file are several bodies. Coordinates are taken as mm.
Result<std::vector<Body>> read_stl(const std::string& stem, std::string_view bytes,
                                   const Progress& progress = {});

/// Wavefront OBJ: v and f; each o or g with faces is a body. Coordinates are taken as mm. Colours: those of
/// the vertices
/// (`v x y z r g b`, averaged over a face), else the Kd of the materials; materials whose file is not there
/// get colours of their own, so that they stay apart.
Result<std::vector<Body>> read_obj(const std::string& stem, std::string_view bytes,
                                   const Companion& companion = {}, const Progress& progress = {});

/// 3MF (Core Specification 1.2.3): every build item, components unfolded with their transforms, in the file's
/// unit. Colours: base materials and colour groups of the object and of its triangles (Materials and
/// Properties extension; a triangle with three colours gets their mean). Textures are not read.
Result<std::vector<Body>> read_3mf(const std::string& stem, std::string_view bytes,
                                   const Progress& progress = {});

/// Binary STL of one mesh.
std::string write_stl(const Mesh& mesh, const std::string& header);

/// Where one of an assembly stands: turned about Z around a point of its own, which comes to lie at another.
struct Stand {
    double turn_deg = 0; ///< counter-clockwise from above
    Vec3 around, at;
};
/// Bodies that share an origin.
struct Assembly {
    std::string name;
    std::vector<Body> bodies;
    std::vector<Stand> stands; ///< none: once, where it is
};
Vec3 stood(const Stand& stand, Vec3 point);

/// 3MF with one named object per body and, where bodies have colours, a base material each; mm. An assembly
/// with stands is an object of components, built once a stand.
Result<std::string> write_3mf(const std::vector<Assembly>& assemblies);
Result<std::string> write_3mf(const std::vector<Body>& bodies);

} // namespace vitrail
