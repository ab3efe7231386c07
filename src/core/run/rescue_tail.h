// The rest of a toolpath file after a layer that went wrong, lifted.
#pragma once

#include "core/run/rescue.h"

#include <string_view>

namespace vitrail {

/// Moves every height of a text by so many mm: Z words of G0 … G3 and G92 where heights are absolute. Text
/// comes in whole lines.
class LiftedLines {
public:
    /// How things stand before the first line.
    LiftedLines(double lift_mm, const Seam& at)
        : lift_mm_(at.inches ? lift_mm / 25.4 : lift_mm), relative_(at.relative) {}
    /// Comments, line numbers and checksums aside, the lines as they were but for their heights. Checksums
    /// would be wrong: they go.
    std::string lifted(std::string_view lines);

private:
    void line(std::string_view text, std::string& out);

    double lift_mm_;
    bool relative_;
};

/// What the rest begins with: units and ways of counting, heat, homing as far as the botch says, the tool,
/// and the way to where the layer begins. `layer_of`: the layer of the file that is repeated or goes on.
std::string tail_begins(const ToolpathFile& file, const Rescue& rescue, const Botch& botch);

/// Before each repeat: the filament's count as it was when the layer began. Empty where it is counted
/// relatively.
std::string count_again(const Seam& at);

/// The nozzle back where a part of the file begins, so much higher, where moves are relative and would not
/// find it by themselves. Empty for files that move absolutely.
std::string stand_at(const Seam& at, double lift_mm);

/// How much of its filament a repeated layer takes, as it may have another height; 1 where that is the same
/// within half a per cent.
double extra_flow(const ToolpathFile& file, const Rescue& rescue);

/// Whether the rest is what was meant: `rest` read back, its layers counted on from those that are printed,
/// against the rescue's plan. Error: what is not.
Status proven_rest(const Rescue& rescue, const ToolpathFile& file, const ToolpathFile& rest);

} // namespace vitrail
