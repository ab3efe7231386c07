// A map of dots as outlines and as bodies: areas of one number (a height, or one of several stacks) and the
// borders between them.
#pragma once

#include "core/geometry/mesh.h"
#include "core/geometry/polygon.h"
#include "core/picture/relief.h"

namespace vitrail {

/// The borders between areas of different height, each once, so that what lies on both its sides fits without
/// gap or overlap however it is simplified. Corners of dots are cut at the middles of their sides; then
/// points go that lie within the tolerance of a straight line (Douglas & Peucker 1973). Nothing moves by half
/// a dot, so no two borders cross.
struct TerraceMap {
    struct Arc {
        int from = -1, to = -1;            ///< nodes; −1 where it closes on itself
        int leaves = 0, arrives = 0;       ///< directions at its ends: 0 right, 1 back, 2 left, 3 front
        std::uint16_t left = 0, right = 0; ///< the numbers on its two sides
        Path points; ///< µm from the lower left corner; from node to node, or round without repeating the
                     ///< first
    };
    std::vector<Arc> arcs;
    /// by direction: 1 + arc, negative where it arrives there; 0: none
    std::vector<std::array<int, 4>> nodes;
    int most = 0; ///< the largest number
};

/// 0 is outside. Of heights, as without_detail_below() leaves them, no two dots touch at a corner only, and
/// bodies have no edge with four faces; of other numbers they may. `tolerance`: in dots, at most 0.14.
TerraceMap terrace_map(const DotMap& map, double dot_mm, double tolerance = 0.14);

/// What of a stack belongs to a body: from … to in layers that lie below, rising, neither touching nor
/// overlapping. {2, 5}: layers 3, 4 and 5.
using Spans = std::vector<std::pair<int, int>>;
/// [number of the map]: spans; [0] has none.
using BodySpans = std::vector<Spans>;
/// A relief as one body: as tall as the numbers say.
BodySpans whole_heights(int most);
/// What of that lies in a band of layers, first and last counted from 1.
BodySpans band_of_heights(int most, int from_layer, int to_layer);

/// [layer − 1]: where the body is, outer rings counter-clockwise, up to its last layer.
std::vector<Paths> terrace_levels(const TerraceMap& map, const BodySpans& body);

/// Each body closed, in whole layers, mm, from z = 0; neighbours share their corners. Level areas are
/// triangulated by CGAL (constrained Delaunay); walls are one strip for each stretch of border, however many
/// layers it is tall.
std::vector<Mesh> terrace_bodies(const TerraceMap& map, const ReliefLayers& layers,
                                 const std::vector<BodySpans>& bodies);

} // namespace vitrail
