// Reads toolpath files, bit by bit, however large they are.
#pragma once

#include "core/machine/motion.h"
#include "core/run/toolpath.h"

#include <memory>
#include <string_view>

namespace vitrail {

/// Reads G-code as RS-274 has it (NIST IR 6556) and as common firmware speaks it (from memory): G0 … G4,
/// G20/G21, G28, G90/G91, G92, M82/M83, T, M104/M109/M140/M190, M200, M204, M220/M221,
/// M0/M1/M25/M226/M600/M601, comments after ; and in parentheses, line numbers and checksums. Whatever else
/// there is means nothing here. A file may be damaged in any way: nothing but its figures suffers.
class GcodeReader {
public:
    /// Speeds where the file names none, acceleration and corners, and words that stop.
    GcodeReader(const Motion& motion, FileWords words = {});
    ~GcodeReader();
    /// Begins where a file stands; and how it stands now. For texts that are put into files.
    void begin_at(const Seam& seam);
    Seam now() const;
    /// The next bytes of the file, cut anywhere.
    void read(std::string_view bytes);
    /// After the last.
    ToolpathFile finish();

private:
    struct State;
    std::unique_ptr<State> state_;
};

/// In some firmware G90 after M83 makes the filament absolute again, in other it leaves it alone. Of both
/// readings of a file (g90_sets_e true and false) the one that makes sense: nearly all moves that say E lay
/// something down, and as much as a line of 0.005 to 5 mm² takes. The first, where both do.
ToolpathFile meant_reading(ToolpathFile sets_e, ToolpathFile leaves_e);

/// All of a file that is in memory, read both ways where that matters.
ToolpathFile read_gcode(std::string_view text, const Motion& motion, const FileWords& words = {});

} // namespace vitrail
