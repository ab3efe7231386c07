// What a plate comes to, as far as plates are added up and compared.
#pragma once

#include "core/estimate/costs.h"

namespace vitrail {

struct PlateCost {
    int changes = 0, hand_swaps = 0;
    double purge_g = 0, waste_g = 0, total_s = 0, attended_s = 0, cost = 0;
    double price = 0; ///< all in: filament, hours of the printer, one's own (price_of())
};

inline PlateCost plate_cost(const Settings& settings, const Totals& t) {
    return {t.changes, t.hand_swaps, t.purge_g, waste_g(t),
            t.total_s, t.attended_s, t.cost,    price_of(settings, t, 0)};
}

} // namespace vitrail
