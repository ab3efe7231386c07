#include "core/plan/plan.h"

namespace vitrail {

VITRAIL_VALUE_MADE_HERE(Plan)
VITRAIL_VALUE_MADE_HERE(Finding)

double tower_g(const Plan& plan) {
    if (!plan.tower.layers)
        return 0;
    double g = plan.totals.tower_g - plan.totals.skirt_g - plan.totals.ooze_g;
    for (const Change& c : plan.changes)
        for (const Flow& f : c.flows)
            if (f.where == Destination::tower && c.purge_mm3 > 0)
                g += c.purge_g * f.mm3 / c.purge_mm3;
    return g;
}

double tower_share(const Plan& plan) {
    const Totals& t = plan.totals;
    const double all = t.model_g + t.support_g + t.interface_g + t.purge_g + t.tower_g;
    return all > 0 ? tower_g(plan) / all : 0;
}

} // namespace vitrail
