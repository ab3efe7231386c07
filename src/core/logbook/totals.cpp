#include "core/logbook/totals.h"

#include "core/base/civil.h"

#include <algorithm>
#include <map>
#include <set>
#include <tuple>

namespace vitrail {

void add(Total& t, const PrintRecord& r) {
    ++t.prints;
    const bool failed = r.outcome == Outcome::failed;
    t.failed += failed;
    t.trips += r.trips;
    t.night_trips += r.night_trips;
    const double piece_g = r.at(Quantity::piece).real.value_or(r.at(Quantity::piece).foretold);
    t.printed_g += failed ? 0 : piece_g;
    t.waste_g += r.waste_g() + (failed ? piece_g : 0);
    t.seconds += r.real_s().value_or(r.foretold_s());
    t.cost += r.cost;
    for (const Saving& s : savings_of(r))
        t.saved_g += s.waste_g, t.saved_s += s.time_s, t.saved_cost += s.cost;
}

std::vector<Total> totals(std::span<const PrintRecord> records, const Zone& zone, Period period) {
    std::map<std::int64_t, Total> found;
    for (const PrintRecord& r : records) {
        std::string day =
            moment_text(zone.local_s(r.start_s) / 60).substr(0, period == Period::month ? 7 : 4); // "2026-12"
        day += period == Period::month ? "-01" : "-01-01";
        const std::int64_t from = zone.utc_s(parse_moment(day).value_or(0) * 60);
        Total& t = found[from];
        t.from_s = from;
        add(t, r);
    }
    std::vector<Total> out;
    for (const auto& [from, t] : found)
        out.push_back(t);
    return out;
}

Total sum(std::span<const Total> all) {
    Total out;
    for (const Total& t : all) {
        out.prints += t.prints, out.failed += t.failed, out.trips += t.trips,
            out.night_trips += t.night_trips;
        out.printed_g += t.printed_g, out.waste_g += t.waste_g, out.seconds += t.seconds, out.cost += t.cost;
        out.saved_g += t.saved_g, out.saved_s += t.saved_s, out.saved_cost += t.saved_cost;
    }
    return out;
}

std::vector<SavedBy> saved_by(std::span<const PrintRecord> records) {
    std::map<std::string, SavedBy> found;
    for (const PrintRecord& r : records) {
        std::set<std::string> here;
        for (const Saving& s : savings_of(r)) {
            SavedBy& all = found[s.code];
            all.code = s.code;
            all.waste_g += s.waste_g, all.time_s += s.time_s, all.cost += s.cost;
            all.prints += here.insert(s.code).second;
        }
    }
    std::vector<SavedBy> out;
    for (const auto& [code, s] : found)
        out.push_back(s);
    std::stable_sort(out.begin(), out.end(), [](const SavedBy& a, const SavedBy& b) {
        return std::tie(a.cost, a.waste_g) > std::tie(b.cost, b.waste_g);
    });
    return out;
}

std::vector<Failure> failures(std::span<const PrintRecord> records) {
    std::map<std::string, Failure> found;
    for (const PrintRecord& r : records) {
        if (r.outcome == Outcome::good && r.fault.empty())
            continue;
        Failure& f = found[r.fault];
        f.fault = r.fault;
        ++f.prints;
        if (r.outcome == Outcome::failed) {
            f.lost_g += r.at(Quantity::piece).foretold + r.waste_g();
            f.lost_cost += r.cost;
        }
    }
    std::vector<Failure> out;
    for (const auto& [code, f] : found)
        out.push_back(f);
    std::stable_sort(out.begin(), out.end(),
                     [](const Failure& a, const Failure& b) { return a.lost_cost > b.lost_cost; });
    return out;
}

std::vector<FailureRate> failure_rates(std::span<const PrintRecord> records, int least) {
    using Thing = std::tuple<FailureRate::Of, std::string, std::string>;
    std::map<Thing, FailureRate> found;
    for (const PrintRecord& r : records) {
        using Of = FailureRate::Of;
        std::set<Thing> in{{Of::machine, r.machine_name.empty() ? r.machine : r.machine_name, {}},
                           {Of::school, r.school, {}},
                           {Of::piece, r.project_file.empty() ? r.title : r.project_file, {}}};
        for (const UsedFilament& u : r.filaments) {
            in.insert({Of::material, u.material, {}});
            in.insert({Of::spool, u.spool, {}});
        }
        for (const auto& [key, value] : r.settings)
            in.insert({Of::setting, key, value});
        for (const Thing& thing : in) {
            if (std::get<1>(thing).empty())
                continue;
            FailureRate& f = found[thing];
            std::tie(f.of, f.name, f.value) = thing;
            ++f.prints;
            f.failed += r.outcome == Outcome::failed;
        }
    }
    std::vector<FailureRate> out;
    for (const auto& [key, f] : found)
        if (f.failed > 0 && f.prints >= least)
            out.push_back(f);
    std::stable_sort(out.begin(), out.end(), [](const FailureRate& a, const FailureRate& b) {
        return a.failed * b.prints > b.failed * a.prints;
    });
    return out;
}

} // namespace vitrail
