// Where purge could go instead, and what each would save.
#pragma once

#include "core/plan/plan.h"

namespace vitrail {

struct PurgeOption {
    Message label, detail;
    bool now = false; ///< as the project has it
    Totals totals;
    double tower_g = 0;
    std::function<void(Project&)> apply;
};

/// As it is; thrown out; towers of the three shapes; a skirt; the same with the infill taking its share; with
/// an ooze wall in place of the tower; and with the next thriftier colour difference. Each planned.
Result<std::vector<PurgeOption>> purge_options(const Project& project, const Plan& plan,
                                               const Progress& progress = {});

} // namespace vitrail
