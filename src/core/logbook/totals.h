// What a month or a year of prints comes to, and what failed.
#pragma once

#include "core/base/zone.h"
#include "core/logbook/record.h"

#include <span>

namespace vitrail {

/// Measured where it was, else as foretold; of failed prints everything is waste.
struct Total {
    std::int64_t from_s = 0; ///< the first moment of it, on the clock of the place
    int prints = 0, failed = 0, trips = 0, night_trips = 0;
    double printed_g = 0, waste_g = 0, seconds = 0, cost = 0;
    double saved_g = 0, saved_s = 0, saved_cost = 0; ///< by proposals
};
void add(Total& total, const PrintRecord& record);
enum class Period { month, year };
/// By time; periods without a print are left out.
std::vector<Total> totals(std::span<const PrintRecord> records, const Zone& zone, Period period);
Total sum(std::span<const Total> totals);

/// What each proposal saved, most money first, then most grams.
struct SavedBy : Saving {
    int prints = 0;
};
std::vector<SavedBy> saved_by(std::span<const PrintRecord> records);

/// What went wrong with prints, and what that cost; dearest first.
struct Failure {
    std::string fault;                ///< code; empty: nobody said
    int prints = 0;                   ///< failed, or only usable
    double lost_g = 0, lost_cost = 0; ///< of those that failed
};
std::vector<Failure> failures(std::span<const PrintRecord> records);

/// How often prints with a thing in them failed: a material, a spool, a machine, a school of support, a
/// piece, a setting that was not the default.
struct FailureRate {
    enum class Of { machine, material, spool, school, piece, setting };
    Of of = Of::machine;
    std::string name;  ///< of a setting its key
    std::string value; ///< of a setting
    int prints = 0, failed = 0;
};
/// Of what was in at least `least` prints and failed at least once; the worst first.
std::vector<FailureRate> failure_rates(std::span<const PrintRecord> records, int least = 2);

} // namespace vitrail
