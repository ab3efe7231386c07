#include "core/run_sheet/log_page.h"

#include "core/base/civil.h"
#include "core/logbook/learn.h"

#include <cmath>

namespace vitrail {

namespace {

Message amount(Quantity q, double v) {
    return in_grams(q) ? say("{}", num(v, 1, "g")) : say("{}", Duration{v});
}

/// "2026-12-05 18:30"
Message clock(std::int64_t s, const Zone& zone) {
    return say("{}", moment_text(zone.local_s(s) / 60));
}

std::vector<PageCell> headings(std::vector<Message> texts) {
    std::vector<PageCell> out;
    for (std::size_t i = 0; i < texts.size(); ++i)
        out.push_back(i ? page_figure(std::move(texts[i])) : page_cell(std::move(texts[i])));
    return out;
}

void figures(const PrintRecord& r, Page& page) {
    std::vector<std::vector<PageCell>> rows{headings(
        {say("of what"), say("foretold"), say("with 80 % between"), say("as it came"), say("more or less")})};
    for (int k = 0; k < kQuantities; ++k) {
        const Quantity q = static_cast<Quantity>(k);
        const Figure& f = r.at(q);
        if (f.foretold <= 0)
            continue;
        const Interval range =
            f.spread > 0 ? range_of({f.centre, f.spread, f.freedom, 0, 0}, f.foretold) : Interval{};
        rows.push_back(
            {page_cell(label(q)), page_figure(amount(q, f.foretold)),
             page_figure(f.spread > 0 ? say("{} and {}", amount(q, range.low), amount(q, range.high))
                                      : say("not said")),
             page_figure(f.real ? amount(q, *f.real) : say("not measured")),
             page_figure(f.real ? say(*f.real >= f.foretold ? term("{} % more") : term("{} % less"),
                                      num(100 * std::abs(*f.real / f.foretold - 1), 0))
                                : say("not known"))});
    }
    page.heading(say("Foretold and real"));
    page.table(std::move(rows));
}

} // namespace

Page log_page(const PrintRecord& r, const Settings& currency, const Zone& zone,
              std::vector<PagePicture> pictures) {
    Page page;
    page.title = say("{}", r.title);
    std::vector<Message> facts{
        say("Machine: {}", r.machine_name.empty() ? r.machine : r.machine_name),
        r.end_s > r.start_s ? say("Begun {0}, done {1}", clock(r.start_s, zone), clock(r.end_s, zone))
                            : say("Begun {}", clock(r.start_s, zone)),
        listed({counted("{} piece", "{} pieces", r.copies), counted("{} layer", "{} layers", r.layers),
                counted("{} change", "{} changes", r.changes), counted("{} trip", "{} trips", r.trips)})};
    if (!r.school.empty())
        facts.push_back(say("Support: {}", school_label(r.school)));
    if (const Fault* f = find_fault(r.fault))
        facts.push_back(say("What went wrong: {}", say(f->words)));
    if (r.outcome == Outcome::failed)
        facts.push_back(r.failed_layer > 0 ? say("Failed in layer {}", r.failed_layer) : say("Failed"));
    else
        facts.push_back(r.outcome == Outcome::good ? say("It came out good") : say("It came out usable"));
    page.list(std::move(facts));
    figures(r, page);
    if (!r.filaments.empty()) {
        std::vector<std::vector<PageCell>> rows{
            headings({say("filament"), say("material"), say("spool"), say("foretold")})};
        for (const UsedFilament& u : r.filaments)
            rows.push_back({{say("{}", u.name), u.letter, parse_colour(u.colour).value_or(Srgb{}), false, {}},
                            page_figure(say("{}", u.material)),
                            page_figure(u.spool.empty() ? say("not known") : say("{}", u.spool)),
                            page_figure(say("{}", num(u.foretold_g, 1, "g")))});
        page.heading(say("Filaments"));
        page.table(std::move(rows));
    }
    if (const auto savings = savings_of(r); !savings.empty()) {
        std::vector<std::vector<PageCell>> rows{
            headings({say("by"), say("waste"), say("time"), say("money")})};
        for (const Saving& s : savings)
            rows.push_back({page_cell(saving_label(s.code)), page_figure(say("{}", num(s.waste_g, 1, "g"))),
                            page_figure(say("{}", Duration{s.time_s})),
                            page_figure(say("{}", money(currency, s.cost)))});
        page.heading(say("What proposals saved"));
        page.table(std::move(rows));
    }
    if (!r.notes.empty()) {
        page.heading(say("Notes"));
        page.text(say("{}", r.notes));
    }
    if (!pictures.empty())
        page.pictures(std::move(pictures));
    return page;
}

Page compare_page(const PrintRecord& a, const PrintRecord& b, const std::vector<Difference>& differences) {
    Page page;
    page.title = say("{0} beside {1}", a.title, b.title);
    const std::pair<Difference::Of, Message> kinds[] = {
        {Difference::Of::result, say("How they came out")},
        {Difference::Of::make_up, say("What they were made of")},
        {Difference::Of::setting, say("Settings")}};
    for (const auto& [of, heading] : kinds) {
        std::vector<std::vector<PageCell>> rows{
            {page_cell({}), page_cell(say("{}", a.title)), page_cell(say("{}", b.title))}};
        for (const Difference& d : differences)
            if (d.of == of)
                rows.push_back({page_cell(d.what), page_cell(d.first), page_cell(d.second)});
        if (rows.size() == 1)
            continue;
        page.heading(heading);
        page.table(std::move(rows));
    }
    if (differences.empty())
        page.text(say("There is no difference between them that is kept."));
    return page;
}

} // namespace vitrail
