#include "cli/plate_commands.h"

#include "cli/guarded.h"
#include "cli/offscreen.h"
#include "core/base/civil.h"
#include "core/base/numbers.h"
#include "core/plate/copies.h"
#include "core/project/digest.h"
#include "core/run_sheet/choice_page.h"
#include "core/run_sheet/order_page.h"
#include "formats/json.h"
#include "formats/machine_file.h"
#include "formats/order_report.h"
#include "formats/page_html.h"
#include "paint/job_files.h"
#include "paint/page_paint.h"
#include "paint/thumbnail.h"

#include <fmt/format.h>

#include <filesystem>

namespace vitrail {

namespace {

namespace fs = std::filesystem;

/// "N..M"
std::pair<int, int> range_of(const std::string& text) {
    const std::size_t dots = text.find("..");
    if (dots == std::string::npos)
        throw Usage{"--counts is N..M, such as 1..20"};
    const double low = number(text.substr(0, dots), "--counts"),
                 high = number(text.substr(dots + 2), "--counts");
    if (low < 1 || high < low || high > kMostPlaced || low != static_cast<int>(low) ||
        high != static_cast<int>(high))
        throw Usage{
            fmt::format("--counts is N..M, whole numbers from 1 to {}, the smaller first", kMostPlaced)};
    return {static_cast<int>(low), static_cast<int>(high)};
}

template <class T>
T value_or_unusable(Result<T> result, const std::string& file) {
    if (!result)
        throw Unusable{file, english(result.error().message)};
    return std::move(*result);
}

/// PROJECT[:PIECE]=COUNT
OrderItem parse_item(const std::string& text) {
    const std::size_t equals = text.rfind('=');
    if (equals == std::string::npos || equals == 0)
        throw Usage{"an item is PROJECT=COUNT or PROJECT:PIECE=COUNT, not " + text};
    OrderItem item;
    item.file = text.substr(0, equals);
    const double count = number(text.substr(equals + 1), "the count of " + item.file);
    if (count < 1 || count > kMostPlaced || count != static_cast<int>(count))
        throw Usage{
            fmt::format("the count of {} must be a whole number from 1 to {}", item.file, kMostPlaced)};
    item.count = static_cast<int>(count);
    if (const std::size_t colon = item.file.rfind(':');
        colon != std::string::npos && !fs::exists(item.file)) {
        item.piece = item.file.substr(colon + 1);
        item.file.resize(colon);
    }
    return item;
}

OrderItem& item_numbered(std::vector<OrderItem>& items, const std::string& text, const char* call) {
    const double n = number(text, call);
    if (n < 1 || n > static_cast<double>(items.size()) || n != static_cast<int>(n))
        throw Usage{fmt::format("{} names item {}; there are {}", call, text, items.size())};
    return items[static_cast<std::size_t>(n) - 1];
}

std::pair<std::string, std::string> halves(const std::string& text, const char* call) {
    const std::size_t equals = text.find('=');
    if (equals == std::string::npos)
        throw Usage{fmt::format("{} is ITEM=…, not {}", call, text)};
    return {text.substr(0, equals), text.substr(equals + 1)};
}

/// The order that the call means, in the project whose settings and machine count.
Project ordering_project(const OrderCall& o) {
    Project p;
    if (o.items.size() == 1 && o.items.front().find('=') == std::string::npos) {
        p = open_project(o.items.front(), o.settings);
        if (p.order.items.empty())
            throw Unusable{o.items.front(), "it holds no order; name what is wanted as PROJECT=COUNT"};
        const fs::path folder = fs::path(o.items.front()).parent_path();
        for (OrderItem& item : p.order.items)
            if (!item.file.empty())
                item.file = (folder / item.file).string();
    } else {
        std::vector<OrderItem> items;
        for (const std::string& text : o.items)
            items.push_back(parse_item(text));
        p = open_project(items.front().file, o.settings);
        p.order = {};
        p.order.items = items;
    }
    for (int t = 0; const std::string& list : o.together) {
        ++t;
        for (const std::string& n : split(list, ','))
            item_numbered(p.order.items, n, "--together").together = t;
    }
    for (const std::string& d : o.due) {
        const auto [n, due] = halves(d, "--due");
        if (!parse_moment(due))
            throw Usage{"--due is ITEM=2026-12-05T10:00, not " + d};
        item_numbered(p.order.items, n, "--due").due = due;
    }
    for (const std::string& d : o.prices) {
        const auto [n, price] = halves(d, "--price");
        OrderItem& item = item_numbered(p.order.items, n, "--price");
        item.for_sale = true;
        item.price = number(price, "--price");
    }
    for (const std::string& n : o.by_day)
        item_numbered(p.order.items, n, "--by-day").by_day = true;
    if (!o.start.empty()) {
        if (!parse_moment(o.start))
            throw Usage{"--start is a time like 2026-12-05T10:00, not " + o.start};
        p.order.start = o.start;
    }
    for (int a = 0; a < kOrderAims; ++a)
        if (o.aim == to_string(static_cast<OrderAim>(a)))
            p.order.aim = static_cast<OrderAim>(a);
    return p;
}

OrderTask task_of(const OrderCall& o) {
    Project p = ordering_project(o);
    OrderSources sources;
    sources.project = [](const std::string& file) -> Result<std::shared_ptr<const Project>> {
        auto other = load_project(file);
        if (!other)
            return other.error();
        return std::make_shared<const Project>(std::move(*other));
    };
    sources.machine = [](const std::string& id) -> std::optional<Machine> {
        const Machine* m = find_machine(id);
        return m ? std::optional(*m) : std::nullopt;
    };
    OrderTask task = value_or_unusable(order_task(p, sources), o.items.front());
    if (o.machines.empty() && o.items.front().find('=') != std::string::npos)
        for (const OrderKind& kind : task.kinds)
            if (std::none_of(task.machines.begin(), task.machines.end(),
                             [&](const Machine& m) { return m.id == kind.project->machine.id; }))
                task.machines.push_back(kind.project->machine);
    if (!o.machines.empty()) {
        task.machines.clear();
        for (const std::string& m : o.machines)
            task.machines.push_back(read_machine_argument(m));
    }
    task.plans = o.plans;
    return task;
}

} // namespace

int run_fill(const FillCall& o) {
    return guarded([&] {
        const Project p = open_project(o.project, o.settings);
        Planner planner;
        const auto plan = value_or_unusable(planner.plan(p), o.project);
        std::pair<int, int> counts{1, 0};
        if (o.counts.empty())
            counts.second = std::max(1, value_or_unusable(most_copies(p, *plan), o.project));
        else
            counts = range_of(o.counts);
        const CopiesCurve curve =
            value_or_unusable(copies_curve(p, *plan, counts.first, counts.second), o.project);
        if (curve.most == 0)
            throw Unusable{o.project, "not even one of it fits on the bed"};
        const OneByOne apart = value_or_unusable(one_by_one(p, *plan), o.project);
        if (o.json) {
            std::cout << json_text(fill_report(curve, apart)) << "\n";
            return 0;
        }
        fmt::print("{} fit on one plate{}\n\n", curve.most,
                   curve.pieces > 1 ? fmt::format(", of {} pieces each", curve.pieces) : "");
        fmt::print("{:>5} {:>6} {:>8} {:>9} {:>10} {:>9} {:>9} {:>10}   each: {:>8} {:>9} {:>8}   at stake\n",
                   "n", "plates", "changes", "waste g", "time", "cost", "all in", "", "waste g", "time",
                   "all in");
        for (const CopiesPoint& x : curve.points) {
            const double each = x.n * curve.pieces;
            fmt::print("{:5} {:6} {:8} {:9.1f} {:>10} {:9.2f} {:9.2f} {:>10}         {:8.2f} {:>9} {:8.2f}   "
                       "{:.0f} g, {}, {:.0f} %\n",
                       x.n, x.plates, x.changes, x.waste_g, duration(x.total_s), x.cost, x.price, "",
                       x.waste_g / each, duration(x.total_s / each), x.price / each, x.stake_g,
                       duration(x.stake_s), 100 * x.stake_share);
        }
        const auto enough = [&](int n) {
            return n > 0 ? fmt::format("from {} on", n) : std::string("not yet");
        };
        fmt::print("\nanother copy gains less than {} %: waste {}, time {}, all in {}\n",
                   p.settings.enough_pct, enough(curve.enough_waste), enough(curve.enough_time),
                   enough(curve.enough_price));
        if (apart.possible)
            fmt::print("one after another: {} instead of {}, {:.1f} g thrown away instead of {:.1f}, {} "
                       "instead of {}; a failure loses {:.0f} g instead of {:.0f}\n",
                       counted("{} change", "{} changes", apart.changes), apart.changes_together,
                       apart.waste_g, apart.waste_together_g, duration(apart.total_s),
                       duration(apart.total_together_s), apart.stake_g, apart.stake_together_g);
        else
            fmt::print("one after another: not possible. {}\n", apart.why_not);
        return 0;
    });
}

int run_order(const OrderCall& o) {
    return guarded([&] {
        const OrderTask task = task_of(o);
        const OrderPlan plan = value_or_unusable(plan_order(task), o.items.front());
        if (!o.into.empty())
            if (const Status ok = write_order(o.into, say("Order"), task, plan); !ok)
                throw Unusable{o.into, english(ok.error().message)};
        if (o.json) {
            std::cout << json_text(order_report(task, plan)) << "\n";
            return 0;
        }
        for (std::size_t i = 0; i < plan.plates.size(); ++i) {
            const OrderPlate& p = plan.plates[i];
            fmt::print("plate {}: {} to {} on {}: {}\n         {}, {:.1f} g thrown away, {}, put in {}\n",
                       i + 1, clock_text(task, p.when.start_h), clock_text(task, p.when.end_h),
                       task.machines[static_cast<std::size_t>(p.when.machine)].name, what_is_on(task, p),
                       counted("{} change", "{} changes", p.figures.changes), p.figures.waste_g,
                       duration(p.figures.total_s), p.when.put_in.size());
        }
        const auto line = [](const char* name, const OrderTotals& t) {
            fmt::print("{:22} {:3} plates {:5} changes {:9.1f} g thrown away {:>9} {:4} visits {:4} loads  "
                       "cost {:.2f}, all in {:.2f}\n",
                       name, t.plates, t.changes, t.waste_g, duration(t.total_s), t.trips, t.loads, t.cost,
                       t.price);
        };
        fmt::print("\n");
        line("as planned", plan.totals);
        line("each kind by itself", plan.apart);
        line("one piece at a time", plan.singly);
        fmt::print("{}", plan.proven ? "\nproven: no way to cut it is better\n"
                                     : fmt::format("\nno way to cut it is worth less than {:.2f} by the aim; "
                                                   "this one is {:.2f}; {} plates were planned\n",
                                                   plan.bound, plan.totals.worth, plan.planned));
        if (const Message saved = saving_in_words(task, plan); !saved.empty())
            fmt::print("{}\n", saved);
        for (std::size_t f = 0; f < plan.needs.size(); ++f)
            if (plan.needs[f].short_of())
                fmt::print("{} runs short: {:.0f} g needed, {:.0f} g left\n", plan.filaments[f].name,
                           plan.needs[f].g, plan.needs[f].left_g);
        if (plan.totals.late > 0)
            fmt::print("{} late\n", counted("{} piece is", "{} pieces are", plan.totals.late));
        return 0;
    });
}

int run_jobs(const JobsCall& o) {
    return guarded([&] {
        const Project p = open_project(o.project, o.settings);
        Planner planner;
        const auto plan = value_or_unusable(planner.plan(p), o.project);
        const Jobs jobs =
            value_or_unusable(o.lettering ? lettering_jobs(p, *plan) : jobs_by_colour(p, *plan), o.project);
        if (!jobs.possible)
            throw Unusable{o.project, english(jobs.why_not)};
        if (!o.into.empty())
            if (const Status ok = write_jobs(o.into, o.project, p, *plan, jobs); !ok)
                throw Unusable{o.into, english(ok.error().message)};
        if (o.json) {
            std::cout << json_text(jobs_report(p, jobs)) << "\n";
            return 0;
        }
        for (const Job& job : jobs.jobs) {
            const Totals& t = job.plan->totals;
            fmt::print("{:12} {}: {:.1f} g, {}, {}{}\n", job.key, job.name, t.model_g, duration(t.total_s),
                       counted("{} change", "{} changes", t.changes),
                       job.plan->plate.fits ? "" : "; does not fit");
            for (const JobPart& x : job.parts)
                fmt::print("             {:4} × {}\n", x.count, x.part);
            for (const Message& m : job.steps)
                fmt::print("             {}\n", m);
        }
        fmt::print("{}: {:.1f} g, {:.1f} g thrown away, {}; {} of your time, {}\n",
                   counted("{} job", "{} jobs", static_cast<long long>(jobs.jobs.size())), jobs.model_g,
                   jobs.waste_g, duration(jobs.total_s), duration(jobs.attended_s),
                   counted("{} joint", "{} joints", jobs.joints));
        return 0;
    });
}

namespace {

std::vector<PlannedVariant> variants_of(const VariantsCall& o) {
    std::vector<PlannedVariant> out;
    for (const std::string& file : o.projects) {
        const Project p = open_project(file, o.settings);
        Planner planner;
        const auto plan = value_or_unusable(planner.plan(p), file);
        std::vector<PlannedVariant> of = plan_variants(p, plan);
        of.front().name = p.name.empty() ? fs::path(file).stem().string() : p.name;
        if (o.projects.size() > 1) // each project as it stands
            of.resize(1);
        else if (of.size() > 1 && find_variant(p, p.variant) >= 0 &&
                 digest(p) ==
                     digest(*p.variants[static_cast<std::size_t>(find_variant(p, p.variant))].project))
            of.erase(of.begin()); // it is one of them
        out.insert(out.end(), of.begin(), of.end());
    }
    return out;
}

} // namespace

int run_variants(const VariantsCall& o) {
    return guarded([&] {
        std::vector<VariantFigure> figures;
        for (const std::string& name : o.figures) {
            bool known = false;
            for (int f = 0; f < kVariantFigures; ++f)
                if (name == key_of(static_cast<VariantFigure>(f)))
                    figures.push_back(static_cast<VariantFigure>(f)), known = true;
            if (!known)
                throw Usage{"--figure is none of those listed in --help: " + name};
        }
        if (o.figures.empty())
            figures = {VariantFigure::hours, VariantFigure::money};
        const std::vector<PlannedVariant> variants = variants_of(o);
        const ChoiceSheet sheet =
            choice_sheet(say("Which one?"), variants, figures, o.date, o.whom,
                         [](const Project& p) { return png_of(trimmed(thumbnail(p, 440))); });
        if (!o.html.empty())
            save(o.html, page_html(sheet.page));
        if (!o.pdf.empty() || !o.png.empty()) {
            const Offscreen fonts;
            if (!o.pdf.empty())
                if (const Status ok = write_page_pdf(sheet.page, o.pdf, PageLanguage::english); !ok)
                    throw Unusable{o.pdf, english(ok.error().message)};
            if (!o.png.empty())
                save(o.png, png_of(page_image(sheet.page, 900, PageLanguage::english)));
        }
        if (o.json) {
            std::cout << json_text(variants_report(variants)) << "\n";
            return 0;
        }
        fmt::print("{:28}", "");
        for (int f = 0; f < kVariantFigures; ++f)
            fmt::print(" {:>18}", words_for(static_cast<VariantFigure>(f)));
        fmt::print("\n");
        for (const PlannedVariant& v : variants) {
            fmt::print("{:28}", v.name);
            if (!v.plan)
                fmt::print(" {}", v.why_not);
            else
                for (int f = 0; f < kVariantFigures; ++f)
                    fmt::print(" {:>18}", english(text_of(
                                              static_cast<VariantFigure>(f), *v.project,
                                              value_of(static_cast<VariantFigure>(f), *v.project, *v.plan))));
            fmt::print("\n");
        }
        return 0;
    });
}

} // namespace vitrail
