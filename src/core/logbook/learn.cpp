#include "core/logbook/learn.h"

#include <boost/math/distributions/fisher_f.hpp>
#include <boost/math/distributions/students_t.hpp>

#include <algorithm>
#include <cmath>
#include <numeric>

namespace vitrail {

namespace {

constexpr int kEnoughForOutliers = 5, kSideOfDrift = 4;
constexpr double kOutlier = 3.5, kByChance = 0.01, kAbsurd = 3;
/// Of the prior's spread: few prints that lie close together by chance make no outlier of the next.
constexpr double kLeastSpread = 0.5;

double median(std::vector<double> v) {
    const auto middle = v.begin() + static_cast<std::ptrdiff_t>(v.size() / 2);
    std::nth_element(v.begin(), middle, v.end());
    if (v.size() % 2)
        return *middle;
    return (*middle + *std::max_element(v.begin(), middle)) / 2;
}

double mean(std::span<const double> v) {
    return v.empty() ? 0 : std::accumulate(v.begin(), v.end(), 0.0) / static_cast<double>(v.size());
}

double squares(std::span<const double> v) {
    const double m = mean(v);
    return std::accumulate(v.begin(), v.end(), 0.0,
                           [&](double sum, double x) { return sum + (x - m) * (x - m); });
}

std::vector<double> counting(std::span<const Sample> samples) {
    std::vector<double> out;
    for (const Sample& s : samples)
        if (s.use == Sample::Use::counts)
            out.push_back(s.log_ratio);
    return out;
}

void find_outliers(std::vector<Sample>& samples, const Prior& prior) {
    std::vector<double> all = counting(samples);
    if (static_cast<int>(all.size()) < kEnoughForOutliers)
        return;
    const double middle = median(all);
    std::vector<double> apart;
    for (const double x : all)
        apart.push_back(std::abs(x - middle));
    const double sd = std::max(kLeastSpread * prior.sd, 1.4826 * median(apart));
    for (Sample& s : samples)
        if (s.use == Sample::Use::counts && std::abs(s.log_ratio - middle) > kOutlier * sd)
            s.use = Sample::Use::outlier;
}

/// What no print comes out like, found before anything is learned from it: farther from the median than a
/// factor of three, or what waits and cleaning spread over. As long as there are few prints what is foretold
/// has its say in the median, as it has in the fit.
void find_absurd(std::vector<Sample>& samples, const Prior& prior) {
    std::vector<double> all = counting(samples);
    if (all.empty())
        return;
    all.insert(all.end(), static_cast<std::size_t>(std::lround(prior.kappa)), 0.0);
    const double middle = median(all), most = std::max(std::log(kAbsurd), kOutlier * prior.sd);
    for (Sample& s : samples)
        if (s.use == Sample::Use::counts && std::abs(s.log_ratio - middle) > most)
            s.use = Sample::Use::outlier;
}

std::optional<Drift> find_drift(std::vector<Sample>& samples) {
    std::vector<std::size_t> at;
    for (std::size_t i = 0; i < samples.size(); ++i)
        if (samples[i].use == Sample::Use::counts)
            at.push_back(i);
    const int n = static_cast<int>(at.size());
    if (n < 2 * kSideOfDrift)
        return {};
    const std::vector<double> y = counting(samples);
    const double all = squares(y);
    int best = -1;
    double least = all;
    for (int k = kSideOfDrift; k <= n - kSideOfDrift; ++k) {
        const double rest = squares(std::span(y).first(static_cast<std::size_t>(k))) +
                            squares(std::span(y).subspan(static_cast<std::size_t>(k)));
        if (rest < least) {
            least = rest;
            best = k;
        }
    }
    if (best < 0 || n < 4)
        return {};
    const double f = (all - least) / std::max(1e-12, least / (n - 2));
    const double p =
        std::min(1.0, (n - 2 * kSideOfDrift + 1) *
                          boost::math::cdf(boost::math::complement(boost::math::fisher_f(1, n - 2), f)));
    const double before = mean(std::span(y).first(static_cast<std::size_t>(best))),
                 after = mean(std::span(y).subspan(static_cast<std::size_t>(best)));
    if (p >= kByChance || std::abs(after - before) < 0.02) // less is nothing to speak of
        return {};
    for (int k = 0; k < best; ++k)
        samples[at[static_cast<std::size_t>(k)]].use = Sample::Use::before_drift;
    return Drift{samples[at[static_cast<std::size_t>(best)]].at_s, std::exp(before), std::exp(after), p};
}

} // namespace

Prior prior_of(Quantity q) {
    switch (q) {
    case Quantity::printing:
        return {2, 4, 0.10};
    case Quantity::hand:
    case Quantity::feeder:
    case Quantity::tool:
        return {2, 4, 0.20};
    case Quantity::waiting:
        return {1, 3, 0.80};
    case Quantity::piece:
        return {2, 4, 0.05};
    case Quantity::purge:
    case Quantity::tower:
        return {2, 4, 0.25};
    case Quantity::cleaning:
    case Quantity::soaking:
        return {1, 3, 0.50};
    }
    return {};
}

Belief learn(std::span<const double> logs, const Prior& prior) {
    const double n = static_cast<double>(logs.size()), average = mean(logs);
    const double kappa = prior.kappa + n, nu = prior.nu + n;
    const double centre = n * average / kappa;
    const double sum =
        prior.nu * prior.sd * prior.sd + squares(logs) + prior.kappa * n / kappa * average * average;
    const double variance = sum / nu;
    return {centre, std::sqrt(variance * (1 + 1 / kappa)), nu, std::sqrt(variance / kappa),
            static_cast<int>(logs.size())};
}

double factor_at(const Belief& b, double p) {
    return std::exp(b.centre + b.spread * boost::math::quantile(boost::math::students_t(b.freedom),
                                                                std::clamp(p, 1e-6, 1 - 1e-6)));
}

double probability_of(const Belief& b, double log_ratio) {
    return boost::math::cdf(boost::math::students_t(b.freedom), (log_ratio - b.centre) / b.spread);
}

Interval range_of(const Belief& b, double foretold, double share) {
    return {foretold * factor_at(b, 0.5 - share / 2), foretold * factor_at(b, 0.5 + share / 2)};
}

FactorKey key_of(Quantity q, const PrintRecord& r) {
    switch (q) {
    case Quantity::printing:
    case Quantity::purge:
        return {q, r.machine, {}, {}, r.nozzle_mm};
    case Quantity::piece:
        return {q, r.machine, r.material, {}, 0};
    case Quantity::cleaning:
    case Quantity::soaking:
        return {q, {}, {}, r.school, 0};
    default:
        return {q, r.machine, {}, {}, 0};
    }
}

std::vector<Factor> learn_all(std::span<const PrintRecord> records, std::span<const FactorKey> off) {
    std::map<FactorKey, Factor> found;
    for (std::size_t i = 0; i < records.size(); ++i)
        for (int k = 0; k < kQuantities; ++k) {
            const Quantity q = static_cast<Quantity>(k);
            const Figure& f = records[i].at(q);
            if (f.foretold <= 0 || !f.real || *f.real <= 0)
                continue;
            Factor& factor = found[key_of(q, records[i])];
            factor.key = key_of(q, records[i]);
            factor.samples.push_back({static_cast<int>(i), records[i].start_s, std::log(*f.real / f.foretold),
                                      f.left_out ? Sample::Use::left_out : Sample::Use::counts});
        }
    std::vector<Factor> out;
    for (auto& [key, factor] : found) {
        std::stable_sort(factor.samples.begin(), factor.samples.end(),
                         [](const Sample& a, const Sample& b) { return a.at_s < b.at_s; });
        find_absurd(factor.samples, prior_of(key.quantity));
        factor.drift = find_drift(factor.samples); // before outliers: prints of another time are none
        find_outliers(factor.samples, prior_of(key.quantity));
        factor.off = std::find(off.begin(), off.end(), key) != off.end();
        factor.belief = learn(counting(factor.samples), prior_of(key.quantity));
        out.push_back(std::move(factor));
    }
    return out;
}

Belief belief_for(std::span<const Factor> factors, Quantity q, const PrintRecord& record) {
    const FactorKey key = key_of(q, record);
    for (const Factor& f : factors)
        if (f.key == key && !f.off)
            return f.belief;
    return learn({}, prior_of(q));
}

std::vector<Factor> factors_for(const Machine& machine, std::span<const Factor> own) {
    std::vector<Factor> out(own.begin(), own.end());
    for (const KeptFactor& k : machine.learned) {
        const auto quantity = quantity_of(k.quantity);
        if (!quantity)
            continue;
        Factor brought;
        brought.key = {*quantity, machine.id, k.material, {}, k.nozzle_mm};
        brought.belief = {k.centre, k.spread, k.freedom, k.mean_sd, k.prints};
        const auto mine =
            std::find_if(out.begin(), out.end(), [&](const Factor& f) { return f.key == brought.key; });
        if (mine == out.end())
            out.push_back(std::move(brought));
        else if (!mine->off && mine->belief.prints < k.prints)
            mine->belief = brought.belief;
    }
    return out;
}

std::vector<KeptFactor> kept_factors(const Machine& machine, std::span<const Factor> factors) {
    std::vector<KeptFactor> out;
    for (const Factor& f : factors)
        if (f.key.machine == machine.id && !f.off && f.belief.prints > 0)
            out.push_back({to_string(f.key.quantity), f.key.material, f.key.nozzle_mm, f.belief.centre,
                           f.belief.spread, f.belief.freedom, f.belief.mean_sd, f.belief.prints});
    return out;
}

void foretell(PrintRecord& record, std::span<const Factor> factors) {
    for (int k = 0; k < kQuantities; ++k) {
        Figure& f = record.figures[static_cast<std::size_t>(k)];
        if (f.foretold <= 0)
            continue;
        const Belief b = belief_for(factors, static_cast<Quantity>(k), record);
        f.centre = b.centre, f.spread = b.spread, f.freedom = b.freedom;
    }
}

Outlook outlook(const PrintRecord& r, std::span<const Factor> factors) {
    const auto sum_of = [&](std::initializer_list<Quantity> parts) {
        Outlook::Line line;
        double variance = 0, largest = 0;
        int alone = 0;
        Belief last;
        for (const Quantity q : parts) {
            const double foretold = r.at(q).foretold;
            if (foretold <= 0)
                continue;
            const Belief b = belief_for(factors, q, r);
            line.foretold += foretold;
            line.likely += foretold * std::exp(b.centre);
            // A standard deviation that has the same 80 % as the t.
            const double half =
                (std::log(factor_at(b, 0.9)) - std::log(factor_at(b, 0.1))) / 2 / 1.2815515655;
            variance += std::pow(foretold * std::exp(b.centre) * half, 2);
            if (foretold > largest) {
                largest = foretold;
                line.prints = b.prints;
            }
            last = b;
            ++alone;
        }
        if (alone == 1) {
            line.range = range_of(last, line.foretold);
        } else if (alone > 1) {
            // Of a sum that is never below 0: lognormal with the same mean and variance.
            const double sigma = std::sqrt(std::log1p(variance / (line.likely * line.likely)));
            line.range = {line.likely * std::exp(-1.2815515655 * sigma),
                          line.likely * std::exp(1.2815515655 * sigma)};
        }
        return line;
    };
    using Q = Quantity;
    return {sum_of({Q::printing, Q::hand, Q::feeder, Q::tool, Q::waiting}),
            sum_of({Q::piece}),
            sum_of({Q::purge}),
            sum_of({Q::tower}),
            sum_of({Q::purge, Q::tower}),
            sum_of({Q::cleaning}),
            sum_of({Q::soaking})};
}

Outlook outlook(const Project& project, const Plan& plan, std::span<const Factor> own) {
    return outlook(record_of(project, plan), factors_for(project.machine, own));
}

Pace pace_of(std::span<const PrintRecord> foretold, std::span<const Factor> factors) {
    PrintRecord all;
    for (const PrintRecord& r : foretold) {
        all.machine = r.machine;
        all.nozzle_mm = r.nozzle_mm;
        for (int q = 0; q < kQuantities; ++q)
            all.figures[static_cast<std::size_t>(q)].foretold +=
                r.figures[static_cast<std::size_t>(q)].foretold;
    }
    const Outlook::Line time = outlook(all, factors).time;
    if (time.prints == 0 || time.foretold <= 0)
        return {};
    return {time.range.low / time.foretold,
            std::clamp(time.likely, time.range.low, time.range.high) / time.foretold,
            time.range.high / time.foretold, time.prints};
}

Score score(std::span<const PrintRecord> records) {
    Score out;
    std::vector<double> central; // the smallest middle range that holds it
    for (const PrintRecord& r : records)
        for (const Figure& f : r.figures)
            if (f.foretold > 0 && f.real && *f.real > 0 && f.spread > 0)
                central.push_back(2 * std::abs(probability_of({f.centre, f.spread, f.freedom, 0, 0},
                                                              std::log(*f.real / f.foretold)) -
                                               0.5));
    out.figures = static_cast<int>(central.size());
    for (int tenth = 1; tenth <= 9; ++tenth) {
        out.nominal.push_back(tenth / 10.0);
        const auto within =
            std::count_if(central.begin(), central.end(), [&](double c) { return c <= tenth / 10.0; });
        out.held.push_back(
            central.empty() ? 0 : static_cast<double>(within) / static_cast<double>(central.size()));
    }
    out.within_80 = out.held[7];
    return out;
}

} // namespace vitrail
