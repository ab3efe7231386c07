// A strip to print for calibration: a hollow column that changes filament on its way up.
#pragma once

#include "core/project/project.h"
#include "core/purge/washout.h"

namespace vitrail {

/// One change of the strip, from below.
struct StripChange {
    char from = 'A', to = 'B';
    double z_mm = 0;        ///< where it begins
    double length_mm = 0;   ///< until the next change or the top
    double expected_mm = 0; ///< above z_mm it should look clean, by the washout at hand
};

struct Strip {
    Project project; ///< one part in bands; its plan says when to change
    std::vector<StripChange> changes;
    double mm3_per_mm = 0; ///< filament pushed out for each mm of height
};

inline constexpr double kStripSide_mm = 20;
/// mm³ that leave the nozzle for each mm of height: 4·(side − w)·w, its middle line times the line's width.
double strip_mm3_per_mm(const Settings& settings, double side_mm = kStripSide_mm);

/// A square column of one line's width, `side_mm` outside, printed without any purge: what a change would
/// purge is laid into its walls, so that the height above a change tells how much has been pushed out.
/// `letters`: the filaments from below, at least two, no two neighbours alike; each change gets the height
/// that the washout at hand says it needs and half as much again. Error when letters do not name filaments of
/// the project, or the column would be taller than the machine.
Result<Strip> calibration_strip(const Project& project, const std::string& letters,
                                double side_mm = kStripSide_mm);

/// Letters of a good strip for these filaments: there and back between the darkest and the lightest, by way
/// of the others, so that deep and shallow changes are both in it. At most `most_changes`.
std::string strip_letters(const Project& project, int most_changes = 6);

/// What was measured, as mm³: `value` in mm of strip, in mm³, or in seconds at `flow_mm3_s`.
enum class ReadingUnit { strip_mm, mm3, seconds };
double reading_mm3(ReadingUnit unit, double value, double mm3_per_mm, double flow_mm3_s);

} // namespace vitrail
