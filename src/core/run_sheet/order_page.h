// The sheet of an order: when which plate, what goes into the machine for it, what all of it takes.
#pragma once

#include "core/plate/order_items.h"
#include "core/run_sheet/page.h"

namespace vitrail {

Page order_page(const Message& title, const OrderTask& task, const OrderPlan& plan);

/// "3 × badge, 1 × lighthouse"
Message what_is_on(const OrderTask& task, const OrderPlate& plate);
/// "A 12 % less waste than each kind by itself": what cutting it so saves, by the aim; empty where nothing.
Message saving_in_words(const OrderTask& task, const OrderPlan& plan);

} // namespace vitrail
