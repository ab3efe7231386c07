// Lettering as a job of its own, before the piece is printed over it.
#pragma once

#include "core/estimate/timeline.h"

#include <optional>

namespace vitrail {

struct FirstJob {
    int filament = 0;
    std::vector<std::string> parts;                ///< whose outlines it prints
    double layer_mm = 0.2;                         ///< the only layer. Common practice, no source
    double mm3 = 0, g = 0, length_m = 0, cost = 0; ///< all copies
    double start_s = 0, print_s = 0;
    double total_s() const { return start_s + print_s; }
};

/// Nothing where no lettering is printed first. The outlines, one line along the inside of each, at the speed
/// of a first layer. Where parts have several filaments, that of the first one.
std::optional<FirstJob> first_job(const Project& project, const Printed& printed);

} // namespace vitrail
