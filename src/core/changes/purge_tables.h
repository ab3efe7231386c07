// What a change purges, as the order and the loading need to know it.
#pragma once

#include "core/changes/order.h"

namespace vitrail {

/// mm³ from → to, one table for each kind of nozzle.
struct PurgeTables {
    std::vector<CostMatrix> tables;
    std::vector<int> table_of; ///< [nozzle]: index into tables

    const CostMatrix& on(std::size_t nozzle) const {
        return tables[static_cast<std::size_t>(table_of[nozzle])];
    }
};

} // namespace vitrail
