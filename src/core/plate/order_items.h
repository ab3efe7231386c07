// From the order that a project holds to the task that is planned.
#pragma once

#include "core/plate/order.h"

namespace vitrail {

/// The project with nothing but one of its pieces, once. `piece` an index.
Project only_piece(const Project& project, std::size_t piece);

/// Where other projects and machines come from.
struct OrderSources {
    std::function<Result<std::shared_ptr<const Project>>(const std::string& file)> project;
    std::function<std::optional<Machine>(const std::string& id)> machine;
};
/// Error: an item names a piece, project or machine that is not there; something is due before the start, or
/// due while no start is known.
Result<OrderTask> order_task(const Project& project, const OrderSources& sources);

/// "2026-12-05 10:00", or "day 2, 10:00" where no date is known.
Message clock_text(const OrderTask& task, double hours);

} // namespace vitrail
