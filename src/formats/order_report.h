// Copies, orders, jobs and variants as JSON, described in docs/.
#pragma once

#include "core/plate/copies.h"
#include "core/plate/jobs.h"
#include "core/plate/order.h"
#include "core/plate/variants.h"
#include "formats/json_fwd.h"

namespace vitrail {

/// Schema "vitrail.fill/1": curve[] {n, plates, changes, purge_g, waste_g, total_s, cost, per_piece{…},
/// stake{…}}, most, enough{…}, one_by_one{…}.
Json fill_report(const CopiesCurve& curve, const OneByOne& apart);

/// Schema "vitrail.order/1": plates[] {pieces{}, machine, start_h, end_h, changes, waste_g, total_s, cost,
/// …}, spools[], totals, apart{}, singly{}, bound.
Json order_report(const OrderTask& task, const OrderPlan& plan);

/// Schema "vitrail.jobs/1": jobs[] {key, name, filaments, parts[], total_s, model_g, waste_g, changes},
/// joints, totals.
Json jobs_report(const Project& project, const Jobs& jobs);

/// Schema "vitrail.variants/1": variants[] {name, changes, waste_g, …, regions{}}.
Json variants_report(const std::vector<PlannedVariant>& variants);

} // namespace vitrail
