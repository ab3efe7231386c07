// What a toolpath file says: its layers, where it stops, what it extrudes, how long it moves. By heights at
// which it extrudes, not by anybody's comments.
#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace vitrail {

/// Where something may be put in between two lines, and how things stand there.
struct Seam {
    std::uint64_t byte = 0;
    std::int64_t line = 0;                                       ///< it stands before this line, from 1
    double x_mm = 0, y_mm = 0, z_mm = 0, e = 0, feed_mm_min = 0; ///< in mm; e as the file counts it
    int tool = 0;
    bool relative = false, e_relative = false, inches = false;
    double speed_of = 1, flow_of = 1; ///< M220, M221
};

/// What is extruded without a stop.
struct ToolpathRun {
    int tool = 0;
    double filament_mm = 0;
    std::int64_t first_line = 0;
};

struct ToolpathLayer {
    double z_mm = 0;      ///< height of the nozzle
    double height_mm = 0; ///< above the layer below it
    int pass = 1;         ///< how often the file has begun at the bed: pieces one after another
    std::int64_t first_line = 0, last_line = 0; ///< of its extrusions
    double seconds = 0;              ///< of motion, from its first extrusion to that of the next layer
    std::vector<double> filament_mm; ///< [tool], as far as there is any
    std::vector<ToolpathRun> runs;   ///< the same, in the order of the file
    Seam seam;                       ///< before it: nothing of it is extruded, all of the one below is
};

/// Where the file waits, or another tool takes over.
struct ToolpathStop {
    enum class What { pause, swap, tool };
    What what = What::pause;
    int from = -1, to = -1; ///< of tools
    int layer = 0; ///< the layer whose extrusion follows, from 1; one more than there are: after the last
    bool within = false; ///< that layer has begun
    std::int64_t line = 0;
    /// of the extrusion that follows; the same for stops that follow each other without any
    std::int64_t until_line = 0;
    Seam at;                    ///< before the line
    std::uint64_t end_byte = 0; ///< of the line, its end included
    std::string word;           ///< the line, without comment
    double spot_mm = 0; ///< filament pushed out without moving, from the last extrusion before it to the next
};

/// How a machine's files are to be read: the words that stop the print, besides M0, M1, M25, M226, M600 and
/// M601, each the first word of a line; and whether G90 and G91 count for the filament as well, which
/// firmware is not agreed on. None: found out (meant_reading()).
struct FileWords {
    std::vector<std::string> swap, pause;
    std::optional<bool> g90_sets_e = {};
};

struct ToolpathFile {
    std::vector<ToolpathLayer> layers; ///< in the order of the file
    std::vector<ToolpathStop> stops;   ///< by line
    std::vector<double> filament_mm;   ///< [tool]: all of it, retractions taken off
    double motion_s = 0;               ///< all moves and dwells
    double start_mm = 0;               ///< filament of lines drawn before the first layer
    std::int64_t g90_line = 0; ///< first G90 or G91 after M82 or M83 on which it depends how filament is
                               ///< counted; 0: none
    bool g90_sets_e = true;    ///< how it was read
    /// mm of lines drawn, and of moves in the plane that say E
    double drawn_mm = 0, said_mm = 0;
    int passes = 0;
    std::int64_t lines = 0;
    std::uint64_t bytes = 0;
    std::int64_t arcs = 0, unknown = 0; ///< lines whose words mean nothing here
    std::int64_t spiral_line = 0;       ///< first line that extrudes while it climbs; 0: none
    std::int64_t bad_line = 0;          ///< first line with a number that is none; 0: none
    double nozzle_c = 0, bed_c = 0;     ///< highest asked for
};

} // namespace vitrail
