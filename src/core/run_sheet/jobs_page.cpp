#include "core/run_sheet/jobs_page.h"

namespace vitrail {

namespace {

void add_job(Page& page, const Project& p, const Job& job,
             const std::function<std::string(PartAt)>& picture) {
    const Totals& t = job.plan->totals;
    page.heading(job.name);
    page.text(say("{}, {}, first layer {}", num(t.model_g, 1, "g"), Duration{t.total_s},
                  mm(job.project.settings.first_layer_mm)));
    if (!job.plan->plate.fits)
        page.warning(say("Not everything of it has room on the bed."));
    page.list(job.steps, true);
    std::vector<std::vector<PageCell>> rows{{page_cell(say("where it goes")), page_cell(say("part")),
                                             page_cell(say("of")), page_figure(say("number"))}};
    for (const JobPart& x : job.parts) {
        const PartAt at = find_part(p, x.part);
        PageCell where = page_cell({});
        if (at.part >= 0 && picture)
            where.png = picture(at);
        PageCell name = page_cell(say("{}", Name{x.part}));
        if (x.filament >= 0) {
            name.letter = p.filaments[static_cast<std::size_t>(x.filament)].letter;
            name.colour = p.filaments[static_cast<std::size_t>(x.filament)].colour;
        }
        rows.push_back({std::move(where), std::move(name), page_cell(say("{}", Name{x.of})),
                        page_figure(say("{}", x.count))});
    }
    page.table(std::move(rows));
}

} // namespace

Page jobs_page(const Message& title, const Project& p, const Plan& plan, const Jobs& jobs,
               const std::function<std::string(PartAt)>& picture) {
    Page page{title, {}};
    page.text(
        say("{}: {} of piece, {} thrown away, {} of printing. At once it would be {} thrown away and {}.",
            counted("{} job", "{} jobs", static_cast<long long>(jobs.jobs.size())), num(jobs.model_g, 1, "g"),
            num(jobs.waste_g, 1, "g"), Duration{jobs.total_s}, num(waste_g(plan.totals), 1, "g"),
            Duration{plan.totals.total_s}));
    if (jobs.joints > 0)
        page.text(counted("{} joint to glue. Use the glue as its label says, and air the room.",
                          "{} joints to glue. Use the glue as its label says, and air the room.",
                          jobs.joints));
    for (const Job& job : jobs.jobs)
        add_job(page, p, job, picture);
    return page;
}

} // namespace vitrail
