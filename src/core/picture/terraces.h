// A relief as outlines and as a body: areas of one height, and the borders between them.
#pragma once

#include "core/geometry/mesh.h"
#include "core/geometry/polygon.h"
#include "core/picture/relief.h"

namespace vitrail {

/// The borders between areas of different height, each once, so that what lies on both its sides fits without gap or overlap however it is
/// simplified. Corners of dots are cut at the middles of their sides; then points go that lie within the tolerance of a straight line
/// (Douglas & Peucker 1973). Nothing moves by half a dot, so no two borders cross.
struct TerraceMap {
    struct Arc {
        int from = -1, to = -1;          ///< nodes; −1 where it closes on itself
        int leaves = 0, arrives = 0;     ///< directions at its ends: 0 right, 1 back, 2 left, 3 front
        std::uint16_t left = 0, right = 0; ///< layers on its two sides
        Path points;                     ///< µm from the lower left corner; from node to node, or round without repeating the first
    };
    std::vector<Arc> arcs;
    std::vector<std::array<int, 4>> nodes; ///< by direction: 1 + arc, negative where it arrives there; 0: none
    int most = 0; ///< layers of the tallest
};

/// `heights` as without_detail_below() leaves them, no two dots touching at a corner only; 0 is outside. `tolerance`: in dots, at most 0.14.
TerraceMap terrace_map(const Heights& heights, double dot_mm, double tolerance = 0.14);

/// [layer − 1]: where the relief is at least so tall, outer rings counter-clockwise. Each lies within the one below.
std::vector<Paths> terrace_levels(const TerraceMap& map);

/// The relief as one closed body in whole layers, mm, from z = 0. Level areas are triangulated by CGAL (constrained Delaunay); walls are one
/// strip for each stretch of border, however many layers it is tall.
Mesh terrace_body(const TerraceMap& map, const ReliefLayers& layers);

} // namespace vitrail
