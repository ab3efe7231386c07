#include "core/run_sheet/order_page.h"

#include <cmath>

namespace vitrail {

namespace {

PageCell grams_cell(double g) {
    return page_figure(say("{}", num(g, 0, "g")));
}

Message names_of(const OrderPlan& plan, const std::vector<int>& filaments) {
    std::vector<Message> names;
    for (const int f : filaments)
        names.push_back(say("{}", Name{plan.filaments[static_cast<std::size_t>(f)].name}));
    return names.empty() ? say("{}", std::string("–")) : listed(std::move(names));
}

void add_totals(Page& page, const OrderPlan& plan) {
    std::vector<std::vector<PageCell>> rows{{page_cell({}), page_figure(say("plates")),
                                             page_figure(say("changes")), page_figure(say("thrown away")),
                                             page_figure(say("hours")), page_figure(say("visits")),
                                             page_figure(say("cost"))}};
    const auto add = [&](Message name, const OrderTotals& t) {
        rows.push_back({page_cell(std::move(name)), page_figure(say("{}", t.plates)),
                        page_figure(say("{}", t.changes)), grams_cell(t.waste_g),
                        page_figure(say("{}", Duration{t.total_s})), page_figure(say("{}", t.trips)),
                        page_figure(say("{}", num(t.cost, 2)))});
    };
    add(say("as planned"), plan.totals);
    add(say("each kind by itself"), plan.apart);
    add(say("one piece at a time"), plan.singly);
    page.table(std::move(rows));
}

} // namespace

Message what_is_on(const OrderTask& task, const OrderPlate& plate) {
    std::vector<Message> items;
    for (std::size_t k = 0; k < plate.counts.size(); ++k)
        if (plate.counts[k] > 0)
            items.push_back(say("{} × {}", plate.counts[k], Name{task.kinds[k].name}));
    return listed(std::move(items));
}

Message saving_in_words(const OrderTask& task, const OrderPlan& plan) {
    const double saved = plan.apart.worth - plan.totals.worth;
    if (saved <= 1e-3 * plan.apart.worth || plan.apart.worth <= 0)
        return {};
    const double pct = 100 * saved / plan.apart.worth;
    const Number share = num(pct, pct < 2 ? 1 : 0, "%");
    switch (task.aim) {
    case OrderAim::waste:
        return say("{} less thrown away than each kind by itself ({} against {}, what goes into the nozzle "
                   "at each loading included).",
                   share, num(plan.totals.worth, 0, "g"), num(plan.apart.worth, 0, "g"));
    case OrderAim::hours:
        return say("{} fewer hours than each kind by itself ({} against {}).", share,
                   Duration{plan.totals.worth * 3600}, Duration{plan.apart.worth * 3600});
    case OrderAim::trips:
        return say("{} fewer visits than each kind by itself ({} against {}).", share, plan.totals.trips,
                   plan.apart.trips);
    case OrderAim::money:
        return say("{} less money than each kind by itself ({} against {}, hours included).", share,
                   num(plan.totals.worth, 2), num(plan.apart.worth, 2));
    case OrderAim::earliest:
        return say("Finished {} earlier than each kind by itself.", Duration{saved * 3600});
    }
    return {};
}

Page order_page(const Message& title, const OrderTask& task, const OrderPlan& plan) {
    Page page{title, {}};
    std::vector<Message> wanted;
    for (const OrderKind& kind : task.kinds)
        wanted.push_back(std::isfinite(kind.due_h) ? say("{} × {}, by {}", kind.count, Name{kind.name},
                                                         clock_text(task, kind.due_h))
                                                   : say("{} × {}", kind.count, Name{kind.name}));
    page.list(std::move(wanted));
    if (plan.totals.late > 0)
        page.warning(counted("{} piece will be late.", "{} pieces will be late.", plan.totals.late));
    if (const Message saved = saving_in_words(task, plan); !saved.empty())
        page.text(saved);
    page.heading(say("Plates"));
    std::vector<std::vector<PageCell>> rows{{page_cell({}), page_cell(say("start")), page_cell(say("done")),
                                             page_cell(say("on it")), page_cell(say("machine")),
                                             page_cell(say("put in")), page_cell(say("stays in")),
                                             page_figure(say("changes")), page_figure(say("thrown away"))}};
    for (std::size_t i = 0; i < plan.plates.size(); ++i) {
        const OrderPlate& p = plan.plates[i];
        rows.push_back(
            {page_cell(say("\u2610 {}", static_cast<int>(i) + 1)),
             page_cell(clock_text(task, p.when.start_h)), page_cell(clock_text(task, p.when.end_h)),
             page_cell(what_is_on(task, p)),
             page_cell(say("{}", Name{task.machines[static_cast<std::size_t>(p.when.machine)].name})),
             page_cell(names_of(plan, p.when.put_in)), page_cell(names_of(plan, p.when.stays)),
             page_figure(say("{}", p.figures.changes)), grams_cell(p.figures.waste_g)});
    }
    page.table(std::move(rows));
    std::vector<Message> nights;
    for (std::size_t i = 0; i < plan.plates.size(); ++i)
        if (plan.plates[i].when.night)
            nights.push_back(say("Plate {} runs at night. Do not leave a first print unattended; follow what "
                                 "your machine's maker and your local rules say.",
                                 static_cast<int>(i) + 1));
    page.list(std::move(nights));
    page.heading(say("Spools"));
    rows = {
        {page_cell(say("filament")), page_figure(say("needed")), page_figure(say("left")), page_cell({})}};
    for (std::size_t f = 0; f < plan.needs.size(); ++f)
        if (const SpoolNeed& n = plan.needs[f]; n.g > 0) {
            const Filament& x = plan.filaments[f];
            rows.push_back(
                {{say("{}", Name{x.name}), x.letter, x.colour, false, {}},
                 grams_cell(n.g),
                 n.left_g >= 0 ? grams_cell(n.left_g) : page_figure(say("not known")),
                 page_cell(n.short_of() ? say("runs short: {} more needed", num(n.g - n.left_g, 0, "g"))
                                        : Message{})});
        }
    page.table(std::move(rows));
    page.heading(say("In all"));
    add_totals(page, plan);
    return page;
}

} // namespace vitrail
