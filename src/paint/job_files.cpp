#include "paint/job_files.h"

#include "core/check/findings.h"
#include "core/run_sheet/jobs_page.h"
#include "core/run_sheet/order_page.h"
#include "formats/archive.h"
#include "formats/export.h"
#include "formats/files.h"
#include "formats/page_html.h"
#include "formats/place_clock.h"
#include "formats/report.h"
#include "paint/thumbnail.h"

#include <fmt/format.h>

#include <algorithm>
#include <filesystem>

namespace vitrail {

namespace {

namespace fs = std::filesystem;

Status write_named(const std::string& path, const std::string& bytes) {
    if (const Status ok = write_file(path, bytes); !ok)
        return Error{say("{}: {}", path, ok.error().message)};
    return Done{};
}

/// The project, and its run sheet as HTML.
Status write_with_sheet(const std::string& stem, const Project& p, const Plan& plan,
                        const Language& language) {
    RunSheet sheet = make_run_sheet(p, plan, place_zone(p));
    sheet.picture = thumbnail_png(p);
    if (const Status ok = write_named(stem + ".html", sheet_html(sheet, language)); !ok)
        return ok;
    const auto bytes = write_archive(p, sheet.picture);
    if (!bytes)
        return bytes.error();
    return write_named(stem + ".vitrail", *bytes);
}

Status write_job(const fs::path& folder, const std::string& origin, const Job& job,
                 const Language& language) {
    std::string stem = job.key;
    std::replace(stem.begin(), stem.end(), ' ', '-');
    Project p = job.project;
    p.origin->file = fs::proximate(origin, folder).string();
    Planner planner(p, *job.plan);
    const auto plan = plan_with_findings(planner, p);
    if (!plan)
        return plan.error();
    const auto bodies = export_3mf(p, **plan, bodies_of_pieces(p, **plan, ExportBy::part));
    if (!bodies)
        return bodies.error();
    if (const Status ok = write_named((folder / (stem + ".3mf")).string(), *bodies); !ok)
        return ok;
    return write_with_sheet((folder / stem).string(), p, **plan, language);
}

} // namespace

Status write_order(const std::string& folder, const Message& title, const OrderTask& task,
                   const OrderPlan& plan, const Language& language) {
    std::error_code made;
    fs::create_directories(folder, made); // where that fails, writing says why
    for (std::size_t i = 0; i < plan.plates.size(); ++i) {
        Result<Project> p = project_of(task, plan, i);
        if (!p)
            return p.error();
        p->name = in_words(say("Plate {}: {}", i + 1, what_is_on(task, plan.plates[i])), language);
        Planner planner;
        const auto planned = plan_with_findings(planner, *p);
        if (!planned)
            return planned.error();
        if (const Status ok = write_with_sheet((fs::path(folder) / fmt::format("plate-{}", i + 1)).string(),
                                               *p, **planned, language);
            !ok)
            return ok;
    }
    return write_named((fs::path(folder) / "order.html").string(),
                       page_html(order_page(title, task, plan), language));
}

Status write_jobs(const std::string& folder, const std::string& origin, const Project& p, const Plan& plan,
                  const Jobs& jobs, const Language& language) {
    std::error_code made;
    fs::create_directories(folder, made); // where that fails, writing says why
    for (const Job& job : jobs.jobs)
        if (const Status ok = write_job(folder, origin, job, language); !ok)
            return ok;
    const Page page =
        jobs_page(say("Jobs"), p, plan, jobs, [&](PartAt part) { return thumbnail_png(p, 96, part); });
    return write_named((fs::path(folder) / "jobs.html").string(), page_html(page, language));
}

} // namespace vitrail
