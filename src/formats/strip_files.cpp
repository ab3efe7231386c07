#include "formats/strip_files.h"

#include "core/check/findings.h"
#include "core/layers/bodies.h"
#include "core/plan/planner.h"
#include "core/run/offset_strip.h"
#include "core/run_sheet/run_sheet.h"
#include "formats/archive.h"
#include "formats/export.h"
#include "formats/files.h"
#include "formats/own_models.h"
#include "formats/report.h"

namespace vitrail {

Status write_strip(const Project& strip, const std::string& name, std::vector<Message> first,
                   const std::string& folder, const Language& language) {
    Planner planner;
    const auto plan = plan_with_findings(planner, strip);
    if (!plan)
        return plan.error();
    Project project = strip;
    if (const Status ok = carry_meshes(project, name + "-body.3mf"); !ok)
        return ok;
    const auto bodies = bodies_of_pieces(strip, **plan);
    const auto threemf = export_3mf(strip, **plan, bodies);
    if (!threemf)
        return threemf.error();
    RunSheet sheet = make_run_sheet(strip, **plan);
    sheet.preparation.insert(sheet.preparation.begin(), first.begin(), first.end());
    const std::string at = folder + "/" + name;
    Status ok = write_file(at + ".3mf", *threemf);
    for (const auto& [file, bytes] : export_stl(strip, **plan, bodies))
        if (ok)
            ok = write_file(folder + "/" + file, bytes);
    if (ok)
        ok = write_file(at + ".html", sheet_html(sheet, language));
    if (ok)
        ok = save_project(project, at + ".vitrail", {});
    return ok;
}

std::vector<Message> before_calibration_strip() {
    return {say("One wall, no infill, no top and no bottom."),
            say("Set the purge of your toolpath program to nothing, and switch off tower, skirt and prime "
                "after changes: the strip itself takes what a change purges.")};
}

std::vector<Message> before_wedge() {
    return {say("Solid: 100 % infill, and no other first layer than the plan's."),
            say("Photograph it straight from above, beside white paper and a grey card, in even light "
                "without reflections, the white just short of burnt out. Save the photo as PNG or JPEG, "
                "without filters."),
            say("The row of steps over white is the upper one, with the bare white row above it; steps grow "
                "from left to right.")};
}

std::vector<Message> before_offset_strip(const Machine& m, int toolhead) {
    const Name other{m.toolheads[static_cast<std::size_t>(toolhead)].name};
    return {say("Print the strip as it stands, not turned: left to right is X, front to back is Y; the block "
                "at an end of a strip marks the positive one."),
            say("On each strip find the line of {} that goes straight on in a line of {}. Count from the "
                "thick one in the middle, towards the block positive.",
                Name{m.toolheads.front().name}, other),
            say("Enter both numbers with the machine. Each line is {}: so much {} prints too far to the "
                "right or to the back.",
                mm(kVernier_mm), other)};
}

} // namespace vitrail
