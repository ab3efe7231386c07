// What goes out: the plan report (JSON), and the run sheet as CSV and HTML.
#pragma once

#include "core/run_sheet/run_sheet.h"
#include "core/study/aims.h"
#include "core/study/fewer_supports.h"
#include "core/study/poses.h"
#include "core/study/schools.h"
#include "formats/json_fwd.h"

namespace vitrail {

/// Schema "vitrail.plan-report/1", described by docs/plan-report.schema.json.
Json plan_report(const Project& project, const Plan& plan);
Json findings_report(const std::vector<Finding>& findings);

/// mean_delta_e, p95_delta_e, lost_detail, bands[] {letter, from_layer, to_layer}, …: how near a made picture
/// comes. Part of plan_report().
Json picture_report(const Picture& picture);

/// Schema "vitrail.poses/1": poses[] {name, rotation, changes, purge_g, tower_g, overhang_mm2, total_s, …} in
/// the given order.
Json poses_report(const std::vector<PoseCost>& poses);

/// Schema "vitrail.nozzles/1": every aim's result, the chosen one, its loading[] and refills[].
Json aims_report(const Project& project, const std::vector<AimChoice>& choices, std::size_t chosen);

/// Schema "vitrail.supports/1": schools[] {school, materials, support_g, interface_g, contact_mm2, changes,
/// purge_g, total_s, cost, cleanup_s, risks[], …}, interfaces[] and less[], which are relative to the plan.
Json schools_report(const SchoolStudy& study, const std::vector<Tuning>& tuning,
                    const std::vector<Suggestion>& fewer);

/// RFC 4180: a header line, CRLF, quotes where needed. One line a change.
std::string sheet_csv(const RunSheet& sheet);

/// One self-contained page: no scripts, nothing fetched. `language`: of the reader.
std::string sheet_html(const RunSheet& sheet, const Language& language = {});

/// The hatch of a letter as lines in a unit square, for screens that are not ours: pairs of points.
struct HatchLine {
    double x0, y0, x1, y1;
};
std::vector<HatchLine> hatch_lines(char letter);

} // namespace vitrail
