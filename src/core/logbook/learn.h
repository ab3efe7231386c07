// What records teach: a factor for each thing that is foretold, with its uncertainty; outliers, drift, and
// how good the ranges were.
#pragma once

#include "core/logbook/record.h"

#include <map>
#include <span>

namespace vitrail {

/// What one knows of a factor: ln(real / foretold) of the next print is Student's t with `freedom`, moved by
/// `centre`, scaled by `spread`; its mean is known to `mean_sd`. Normal with conjugate normal-inverse-χ²
/// prior: Gelman et al., Bayesian Data Analysis, 3rd ed., section 3.3.
struct Belief {
    double centre = 0, spread = 0.2, freedom = 4;
    double mean_sd = 0.2;
    int prints = 0; ///< that taught it
    bool operator==(const Belief&) const = default;
};

/// μ | σ² ~ N(0, σ²/κ), σ² ~ Inv-χ²(ν, s²): a belief before any print, as if `kappa` prints had come out
/// exactly as foretold, give or take `sd` of the logarithm.
struct Prior {
    double kappa = 2, nu = 4, sd = 0.2;
};
/// The honest spread of the defaults, from memory: machines print 10 % off what is estimated, changes 20,
/// waits far more, weighed grams 5, purge and tower 25, cleaning 50.
Prior prior_of(Quantity q);

/// The posterior of values of ln(real / foretold).
Belief learn(std::span<const double> logs, const Prior& prior);
/// The factor below which the next print stays with that probability, 0 < p < 1.
double factor_at(const Belief& belief, double p);
/// How probable it was that it would come out so or lower, 0 … 1.
double probability_of(const Belief& belief, double log_ratio);

/// Between these the next print comes out with 80 %.
struct Interval {
    double low = 0, high = 0;
};
Interval range_of(const Belief& belief, double foretold, double share = 0.8);

/// What a factor belongs to. Empty and 0: any.
struct FactorKey {
    Quantity quantity = Quantity::printing;
    std::string machine, material, school;
    double nozzle_mm = 0;
    auto operator<=>(const FactorKey&) const = default;
};
/// Printing and purge belong to a machine and its nozzle; changes, waiting and tower to the machine; grams to
/// machine and material; cleaning and soaking to how the support comes off, whatever the machine.
FactorKey key_of(Quantity q, const PrintRecord& record);

/// A print that a factor is learned from.
struct Sample {
    int record = 0; ///< index
    std::int64_t at_s = 0;
    double log_ratio = 0;
    enum class Use { counts, outlier, left_out, before_drift };
    Use use = Use::counts;
};

/// Since then it comes out otherwise.
struct Drift {
    std::int64_t since_s = 0;
    double before = 1, after = 1; ///< factors
    double p = 1;                 ///< how probable by chance
};

struct Factor {
    FactorKey key;
    Belief belief;
    std::vector<Sample> samples; ///< by time
    std::optional<Drift> drift;
    bool off = false; ///< switched off: the plan's figure stands, with the prior's spread
};

/// What is off by more than a factor of three (or 3.5 of the prior's spread, where that is more) from the
/// median, in which the prior counts as its kappa prints, is an outlier before anything else is asked. Others
/// lie more than 3.5 robust standard deviations from the median (1.4826 times the median of the distances;
/// Iglewicz & Hoaglin 1993; no less than half the prior's), of at least 5; they are named, and teach nothing.
/// A drift is the split in time that explains most, at least four prints on either side, where that comes by
/// chance in fewer than one of a hundred cases (F test, Bonferroni over the splits); then only what came
/// since teaches. `off`: switched off.
std::vector<Factor> learn_all(std::span<const PrintRecord> records, std::span<const FactorKey> off = {});
/// The factor for a print; its prior where nobody has taught it.
Belief belief_for(std::span<const Factor> factors, Quantity q, const PrintRecord& record);
/// What a machine's file brings, put beside one's own: of two factors for the same the one that more prints
/// taught. One that is switched off stays off.
std::vector<Factor> factors_for(const Machine& machine, std::span<const Factor> own);
/// What prints taught about that machine, for its file.
std::vector<KeptFactor> kept_factors(const Machine& machine, std::span<const Factor> factors);
/// Notes in a record what is believed before it is printed, so that it can be held against it.
void foretell(PrintRecord& record, std::span<const Factor> factors);

/// A plan's figures with what the logbook makes of them.
struct Outlook {
    struct Line {
        double foretold = 0, likely = 0; ///< likely: the middle
        Interval range;                  ///< 80 %
        int prints = 0;                  ///< that taught its largest part; 0: none did, and it is a guess
    };
    Line time, piece, purge, tower, waste, cleaning, soaking;
};
/// Sums take their parts as independent; their spreads add up in squares.
Outlook outlook(const PrintRecord& foretold, std::span<const Factor> factors);
/// Of a plan, with what its machine brings.
Outlook outlook(const Project& project, const Plan& plan, std::span<const Factor> own);
/// What a second of the plan takes, of prints one after the other on one machine; Pace{} where nobody taught
/// it.
Pace pace_of(std::span<const PrintRecord> foretold, std::span<const Factor> factors);

/// How good the ranges were: of all figures with a range and a measurement, the share that came out within
/// the middle 10, 20, … 90 %.
struct Score {
    int figures = 0;
    std::vector<double> nominal, held; ///< shares, 0 … 1
    double within_80 = 0;
};
Score score(std::span<const PrintRecord> records);

} // namespace vitrail
