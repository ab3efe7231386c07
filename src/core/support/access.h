// How one gets at the support afterwards: a tool's reach, and a way for water.
#pragma once

#include "core/support/layout.h"

namespace vitrail {

/// The space around and inside the piece in cells, and what can get where from outside. The piece is off the
/// bed by then, so from below as well. A cell is the piece's where its middle is. Cells are about 0.5 mm,
/// larger where that would be more than kMostCells; walls and openings thinner than a cell may be missed.
struct AccessMap {
    static constexpr double kMostCells = 6e6;
    double cell_mm = 0.5;                   ///< sideways
    double z_mm = 0.5;                      ///< upwards: a whole number of layers
    double x0_mm = 0, y0_mm = 0, z0_mm = 0; ///< middle of cell (0, 0, 0), z above the bed
    int nx = 0, ny = 0, nz = 0;
    double tool_mm = 3;
    enum Flag : std::uint8_t {
        solid = 1,
        water = 2,
        tool = 4,
        tip = 8
    };                                ///< tool: its middle gets there; tip: its end does
    std::vector<std::uint8_t> flags;  ///< [(z·ny + y)·nx + x]
    std::vector<std::uint16_t> depth; ///< in cells: the way from outside of the piece's box to there
    double enclosed_mm3 = 0;          ///< space that nothing gets out of
    std::size_t at(int x, int y, int z) const {
        return (static_cast<std::size_t>(z) * static_cast<std::size_t>(ny) + static_cast<std::size_t>(y)) *
                   static_cast<std::size_t>(nx) +
               static_cast<std::size_t>(x);
    }
};

/// `tool_mm`: thickness of the pliers or cutter that has to get in. Flood fill from the outside, through
/// cells that share a side; for the tool only through cells with half its thickness free around them. Errors:
/// none but being stopped. Long: takes Progress.
Result<std::shared_ptr<const AccessMap>> map_access(const LayerTable& table, double tool_mm,
                                                    const Progress& progress = {});

/// How to get at a contact face: shares of its area, 0…1.
struct FaceAccess {
    double enclosed = 0; ///< no way for water, so nothing dissolved gets out
    double no_tool = 0;  ///< the tool does not reach it
    double depth_mm = 0; ///< the farthest of it from the outside of the piece's box, by the shortest way
};
/// [face]
std::vector<FaceAccess> reach_faces(const AccessMap& map, const SupportLayout& layout, const LayerGrid& grid);

} // namespace vitrail
