#include "formats/strip_files.h"

#include "core/check/findings.h"
#include "core/layers/bodies.h"
#include "core/plan/planner.h"
#include "core/run_sheet/run_sheet.h"
#include "formats/archive.h"
#include "formats/export.h"
#include "formats/files.h"
#include "formats/model.h"
#include "formats/report.h"

namespace vitrail {

Status write_strip(const Strip& strip, const std::string& folder) {
    Planner planner;
    const auto plan = plan_with_findings(planner, strip.project);
    if (!plan)
        return plan.error();
    Project project = strip.project;
    Piece& piece = project.pieces.front();
    // A project carries the model files its parts come from.
    auto body = write_3mf({{piece.parts[0].name, *piece.parts[0].mesh, project.filaments[static_cast<std::size_t>(find_filament(project, piece.parts[0].filament))].colour}});
    if (!body)
        return body.error();
    project.models = {{"strip-body.3mf", std::make_shared<std::string>(std::move(*body))}};
    piece.parts[0].own_mesh = false;
    const auto bodies = bodies_of_pieces(strip.project, **plan);
    const auto threemf = export_3mf(strip.project, **plan, bodies);
    if (!threemf)
        return threemf.error();
    RunSheet sheet = make_run_sheet(strip.project, **plan);
    sheet.preparation.insert(sheet.preparation.begin(), say("Set the purge of your toolpath program to nothing, and switch off tower, skirt and prime after changes: the strip itself takes what a change purges."));
    sheet.preparation.insert(sheet.preparation.begin(), say("One wall, no infill, no top and no bottom."));
    Status ok = write_file(folder + "/strip.3mf", *threemf);
    for (const auto& [name, bytes] : export_stl(strip.project, **plan, bodies))
        if (ok)
            ok = write_file(folder + "/" + name, bytes);
    if (ok)
        ok = write_file(folder + "/strip.html", sheet_html(sheet));
    if (ok)
        ok = save_project(project, folder + "/strip.vitrail", {});
    return ok;
}

} // namespace vitrail
