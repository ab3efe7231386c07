#include "core/check/checker.h"

#include <algorithm>
#include <numeric>

namespace vitrail {

namespace {

double flown_mm3(const Plan& plan, Destination where) {
    double mm3 = 0;
    for (const Change& c : plan.changes)
        for (const Flow& flow : c.flows)
            mm3 += flow.where == where ? flow.mm3 : 0;
    return mm3;
}

} // namespace

/// Settings about purge that have no effect on this plate, and why.
void Checker::without_effect() {
    const Settings& s = p.settings;
    const double all_mm3 = std::accumulate(plan.changes.begin(), plan.changes.end(), 0.0,
                                           [](double sum, const Change& c) { return sum + c.purge_mm3; });
    if (all_mm3 <= 0)
        return;
    const auto nothing = [&](const char* key, Message why, std::function<void(Project&)> undo) {
        Finding& f = add("no-effect", Severity::note,
                         say("{} has no effect here: {}. None of the {} mm³ of purge fits.",
                             say(find_setting(key)->label), std::move(why), num(all_mm3, 0)),
                         whole_print());
        f.fixes.push_back({say("switch it off"), {}, std::move(undo)});
    };
    if (s.purge_infill != IntoInfill::no && flown_mm3(plan, Destination::infill) <= 0) {
        double infill_mm3 = 0;
        for (const PiecePlan& piece_plan : plan.pieces)
            for (const std::vector<Volume>& part : piece_plan.demand->parts)
                for (const Volume& v : part)
                    infill_mm3 += v.infill_mm3;
        nothing("purge.infill",
                infill_mm3 <= 0 ? say("the piece is solid or empty inside")
                                : say("in the layers that purge there is no infill of the same material "
                                      "through whose walls both colours would not show"),
                [](Project& q) { q.settings.purge_infill = IntoInfill::no; });
    }
    if (s.purge_support && flown_mm3(plan, Destination::support) <= 0)
        nothing("purge.support",
                plan.totals.support_g <= 0
                    ? say("there is no support")
                    : say("in the layers that purge there is no support of the same material"),
                [](Project& q) { q.settings.purge_support = false; });
    for (std::size_t k = 0; k < p.pieces.size(); ++k)
        for (std::size_t i = 0; i < p.pieces[k].parts.size(); ++i) {
            const Part& part = p.pieces[k].parts[i];
            const bool taken = std::any_of(plan.changes.begin(), plan.changes.end(), [&](const Change& c) {
                return std::any_of(c.flows.begin(), c.flows.end(), [&](const Flow& f) {
                    return f.where == Destination::piece && f.piece == static_cast<int>(k) &&
                           f.part == static_cast<int>(i);
                });
            });
            if (part.takes_purge && !taken)
                add("no-effect", Severity::note,
                    say("{} is to take purge and takes none: none of its layers purges what is of its "
                        "material.",
                        Name{part.name}),
                    whole_print());
        }
    std::vector<char> prints(p.machine.nozzles.size(), 0);
    for (const int f : used_filaments())
        prints[static_cast<std::size_t>(plan.loading.nozzle[static_cast<std::size_t>(f)])] = 1;
    if (s.ooze_wall && std::count(prints.begin(), prints.end(), 1) < 2) {
        Finding& f = add("no-effect", Severity::note,
                         say("The ooze wall catches nothing: one nozzle prints all of it, and none waits and "
                             "drips. It takes {} g.",
                             num(plan.totals.ooze_g)),
                         whole_print());
        f.fixes.push_back({say("leave it out"), say("{} g less", num(plan.totals.ooze_g)),
                           [](Project& q) { q.settings.ooze_wall = false; }});
    }
    if (plan.skirt.overflow_mm3 > 0.5) {
        const double share = plan.skirt.overflow_mm3 / (plan.skirt.overflow_mm3 + plan.skirt.purge_mm3);
        const int loops = static_cast<int>(std::ceil(s.skirt_loops / std::max(0.005, 1 - share))) + 1;
        Finding& f = add("skirt-full", Severity::warning,
                         say("The skirt has no room for {} mm³ of purge, {} % of what it is to take: that is "
                             "thrown out, which needs a place for it. More loops, or a tower, take more.",
                             num(plan.skirt.overflow_mm3, 0), num(100 * share, 0)),
                         whole_print());
        if (loops <= 200)
            f.fixes.push_back({counted("{} loop", "{} loops", loops), {}, [loops](Project& q) {
                                   q.settings.skirt_loops = loops;
                               }});
        f.fixes.push_back(
            {say("a tower instead"), {}, [](Project& q) { q.settings.purge_to = PurgeTo::tower; }});
    }
}

} // namespace vitrail
