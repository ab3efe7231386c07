#include "demo/season.h"

#include "core/logbook/learn.h"
#include "core/plan/planner.h"
#include "core/study/suggestions.h"
#include "demo/scenario.h"

#include <fmt/format.h>

#include <cmath>

namespace vitrail::demo {

namespace {

/// The same everywhere, whatever a library's distributions do.
class Chance {
public:
    double even() {
        state_ = state_ * 6364136223846793005ull + 1442695040888963407ull;
        return static_cast<double>(state_ >> 11) / 9007199254740992.0;
    }
    /// Normal, by the sum of twelve.
    double normal() {
        double sum = -6;
        for (int i = 0; i < 12; ++i)
            sum += even();
        return sum;
    }

private:
    std::uint64_t state_ = 42;
};

double rounded(double v, double step) {
    return std::max(step, std::round(v / step) * step);
}

/// What a plan of it foretells, rounded so that it is the same wherever it is made.
PrintRecord foretold(const Project& p, int copies) {
    Project q = p;
    q.settings.copies = copies;
    q.settings.hand_wait_s = 300;
    Planner planner;
    const auto plan = planner.plan(q);
    PrintRecord r = plan ? record_of(q, **plan) : PrintRecord{};
    for (int k = 0; k < kQuantities; ++k)
        if (Figure& f = r.figures[static_cast<std::size_t>(k)]; f.foretold > 0)
            f.foretold = rounded(f.foretold, in_grams(static_cast<Quantity>(k)) ? 0.1 : 10);
    for (UsedFilament& u : r.filaments)
        u.foretold_g = rounded(u.foretold_g, 0.1);
    r.cost = rounded(r.cost, 0.01);
    r.contact_cm2 = std::round(r.contact_cm2 * 10) / 10;
    for (Saving& s : r.savings)
        s = {s.code, std::round(s.waste_g * 10) / 10, std::round(s.time_s / 10) * 10,
             std::round(s.cost * 100) / 100};
    r.as_assigned_g = std::round(r.as_assigned_g * 10) / 10;
    r.as_assigned_s = rounded(r.as_assigned_s, 10);
    r.as_assigned_cost = rounded(r.as_assigned_cost, 0.01);
    return r;
}

/// With the first proposal taken that saves at least a gram, if there is one.
Project thriftier(Project p) {
    Planner planner;
    const auto plan = planner.plan(p);
    const auto list =
        plan ? suggest(p, **plan, {}, false) : Result<std::vector<Suggestion>>(std::vector<Suggestion>());
    for (const Suggestion& s : list ? *list : std::vector<Suggestion>())
        if (const Saving saved{s.code, waste_g(s.before) - waste_g(s.after),
                               s.before.total_s - s.after.total_s, s.before.cost - s.after.cost};
            s.apply && !s.only_told && saved.waste_g > 1) {
            s.apply(p);
            p.taken.push_back(saved);
            break;
        }
    return p;
}

} // namespace

std::vector<PrintRecord> season() {
    struct Kind {
        Result<Project> project;
        const char* name;
        int copies;
        int every; ///< one of so many
    };
    std::vector<Kind> kinds{{badge(), "badge", 5, 3},
                            {lighthouse(), "lighthouse", 1, 2},
                            {lamp_bracket(), "lamp-bracket", 1, 4},
                            {tide_dial(), "tide-dial", 1, 4},
                            {badge(), "badge", 10, 4},
                            {lighthouse(), "lighthouse", 2, 3}};
    constexpr int kThriftierFrom = 20; // until then nobody had looked at what is proposed
    std::vector<PrintRecord> plans, later;
    for (const Kind& k : kinds) {
        plans.push_back(k.project ? foretold(*k.project, k.copies) : PrintRecord{});
        later.push_back(k.project ? foretold(thriftier(*k.project), k.copies) : PrintRecord{});
    }
    Chance chance;
    std::vector<PrintRecord> out;
    constexpr std::int64_t kFirst_s = 1'777'655'400; // 2026-05-01 17:10 UTC
    for (int n = 0; n < 40; ++n) {
        std::size_t kind = 0;
        for (int tries = 0; tries < 50; ++tries) {
            kind = static_cast<std::size_t>(chance.even() * static_cast<double>(kinds.size())) % kinds.size();
            if (chance.even() * kinds[kind].every < 1)
                break;
        }
        PrintRecord r = n < kThriftierFrom ? plans[kind] : later[kind];
        r.start_s = kFirst_s + n * 5 * 86400 + static_cast<std::int64_t>(chance.even() * 3 * 3600) / 60 * 60;
        r.id = fmt::format("season-{:02}", n + 1);
        r.title = fmt::format("{} {}", r.title, n + 1);
        r.project_file = std::string("demo/") + kinds[kind].name + ".vitrail";
        foretell(r, learn_all(out));
        const auto came = [&](Quantity q, double factor, double scatter, double step) {
            if (Figure& f = r.at(q); f.foretold > 0)
                f.real = rounded(f.foretold * factor * std::exp(scatter * chance.normal()), step);
        };
        came(Quantity::printing, kSeason.printing, 0.08, 10);
        came(Quantity::hand, kSeason.hand, 0.18, 10);
        came(Quantity::feeder,
             r.machine != "feeder-4" || r.start_s < kSeason.feeder_since_s ? kSeason.feeder_before
                                                                           : kSeason.feeder_after,
             0.04, 10);
        came(Quantity::tool, 1.0, 0.10, 10);
        came(Quantity::waiting, kSeason.waiting, 0.5, 60);
        came(Quantity::piece, kSeason.piece, 0.04, 0.1);
        came(Quantity::purge, kSeason.purge, 0.2, 0.1);
        came(Quantity::tower, kSeason.tower, 0.2, 0.1);
        came(Quantity::cleaning, kSeason.cleaning, 0.4, 60);
        came(Quantity::soaking, kSeason.soaking, 0.3, 600);
        double all_s = 0;
        for (const Quantity q :
             {Quantity::printing, Quantity::hand, Quantity::feeder, Quantity::tool, Quantity::waiting})
            all_s += r.at(q).real.value_or(0);
        r.end_s = r.start_s + std::llround(all_s);
        // Not everybody weighs everything.
        if (n % 3 == 1)
            r.at(Quantity::purge).real.reset();
        if (n % 5 == 2)
            r.at(Quantity::piece).real.reset();
        if (n == 5) { // the clock was left running over night
            r.at(Quantity::printing).real = *r.at(Quantity::printing).real + 9 * 3600;
            r.end_s += 9 * 3600;
            r.notes = "Clock left running over night.";
        }
        if (n == 15 || n == 29) {
            r.outcome = Outcome::failed;
            r.failed_layer = std::max(2, r.layers / 2);
            r.fault = n == 15 ? "bed" : "damp";
            r.notes = n == 15 ? "Came off at the corner; the sheet had not been wiped."
                              : "Strings all over; the spool had stood open for weeks.";
            r.end_s = r.start_s + std::llround(all_s / 2);
            for (Figure& f : r.figures)
                f.real.reset();
        } else if (n == 22) {
            r.outcome = Outcome::usable;
            r.fault = "bleeding";
            r.notes = "A grey breath in the white; cut the purge a little later.";
        }
        out.push_back(std::move(r));
    }
    return out;
}

} // namespace vitrail::demo
