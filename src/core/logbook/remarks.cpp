#include "core/logbook/remarks.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

constexpr int kFewest = 3, kEnoughForNone = 10; ///< of fewer, “none” says nothing

const Factor* find(std::span<const Factor> factors, Quantity q, const std::string& machine) {
    const Factor* best = nullptr; // of several nozzles or materials the one that knows most
    for (const Factor& f : factors)
        if (f.key.quantity == q && f.key.machine == machine && f.belief.prints >= kFewest &&
            (!best || f.belief.prints > best->belief.prints))
            best = &f;
    return best;
}

void say_purge(std::span<const Factor> factors, const std::string& machine, std::vector<Remark>& out) {
    const Factor *purge = find(factors, Quantity::purge, machine),
                 *piece = find(factors, Quantity::piece, machine);
    if (!purge || !piece)
        return;
    const double apart = purge->belief.centre - piece->belief.centre,
                 sd = std::hypot(purge->belief.mean_sd, piece->belief.mean_sd);
    const double pct = 100 * std::expm1(std::abs(apart)), doubt = 100 * std::expm1(2 * sd);
    const auto times = [](const Belief& b) { return num(std::exp(b.centre), 2); };
    const int prints = std::min(purge->belief.prints, piece->belief.prints);
    if (std::abs(apart) <= 2 * sd)
        out.push_back({"purge",
                       say("Purge weighs {0} times what was foretold, pieces {1} times: to within {2} % the "
                           "volumes hold.",
                           times(purge->belief), times(piece->belief), num(doubt, 0)),
                       prints});
    else if (apart > 0)
        out.push_back({"purge",
                       say("Purge weighs {0} times what was foretold, pieces only {1} times: a change takes "
                           "{2} % more than its volume says. Weigh what a single change throws out; the "
                           "feeder may add some of its own.",
                           times(purge->belief), times(piece->belief), num(pct, 0)),
                       prints});
    else
        out.push_back({"purge",
                       say("Purge weighs {0} times what was foretold, pieces {1} times: a change takes {2} % "
                           "less than its volume says.",
                           times(purge->belief), times(piece->belief), num(pct, 0)),
                       prints});
}

void say_bleeding(std::span<const PrintRecord> records, const std::string& machine,
                  std::vector<Remark>& out) {
    int prints[2] = {0, 0}, bled[2] = {0, 0}; // by the book, measured
    for (const PrintRecord& r : records)
        if (r.machine == machine && r.changes > 0) {
            ++prints[r.purge_measured];
            bled[r.purge_measured] += r.fault == "bleeding";
        }
    const auto part = [](int bled, int prints) {
        return counted("{1} of {0} print", "{1} of {0} prints", prints, bled);
    };
    const int all = prints[0] + prints[1];
    if (all < kFewest)
        return;
    if (prints[0] && prints[1])
        out.push_back({"bleeding",
                       say("With the washout as measured {0} bled, before that {1}.",
                           part(bled[1], prints[1]), part(bled[0], prints[0])),
                       all});
    else if (bled[0] + bled[1] > 0)
        out.push_back(
            {"bleeding",
             prints[1]
                 ? say("With the washout as measured {} bled: look at the pair it was, and ask for a lower "
                       "ΔE there.",
                       part(bled[1], prints[1]))
                 : say("{} bled, with volumes by the book: measure the washout with a calibration strip.",
                       part(bled[0], prints[0])),
             all});
    else if (all >= kEnoughForNone)
        out.push_back({"bleeding",
                       prints[1]
                           ? say("None of {0} with the washout as measured bled: with 95 % fewer than {1} % "
                                 "will. If that is better than you need, ask for a higher ΔE.",
                                 counted("{} print", "{} prints", all), num(std::min(100.0, 300.0 / all), 0))
                           : say("None of {0} with volumes by the book bled: with 95 % fewer than {1} % "
                                 "will. A calibration strip says how much less would do.",
                                 counted("{} print", "{} prints", all), num(std::min(100.0, 300.0 / all), 0)),
                       all});
}

void say_tower(std::span<const PrintRecord> records, const std::string& machine, std::vector<Remark>& out) {
    double foretold = 0, real = 0, most = 0;
    int prints = 0;
    const PrintRecord* worst = nullptr;
    for (const PrintRecord& r : records)
        if (const Figure& f = r.at(Quantity::tower); r.machine == machine && f.foretold > 0 && f.real) {
            foretold += f.foretold;
            real += *f.real;
            ++prints;
            if (*f.real - f.foretold > most)
                most = *f.real - f.foretold, worst = &r;
        }
    if (prints < kFewest)
        return;
    Message says = say("Towers took {0}; {1} were foretold.", num(real, 0, "g"), num(foretold, 0, "g"));
    if (worst && most > 0.1 * worst->at(Quantity::tower).foretold)
        says = sentences({says, say("Most over it was {0}, by {1}.", Name{worst->title}, num(most, 1, "g"))});
    out.push_back({"tower", says, prints});
}

void say_cleaning(std::span<const PrintRecord> records, std::vector<Remark>& out) {
    for (const char* school : {"broken", "peeled", "dissolved"}) {
        double minutes = 0, cm2 = 0;
        int prints = 0;
        for (const PrintRecord& r : records)
            if (const auto& real = r.at(Quantity::cleaning).real;
                r.school == school && real && r.contact_cm2 > 0) {
                minutes += *real / 60;
                cm2 += r.contact_cm2;
                ++prints;
            }
        if (prints < kFewest)
            continue;
        const Number rate = num(minutes / cm2, 2);
        out.push_back(
            {"cleaning",
             std::string_view(school) == "broken"
                 ? say("Support that is broken off takes {} min of cleaning per cm² of contact.", rate)
             : std::string_view(school) == "peeled"
                 ? say("Support that is peeled off takes {} min of cleaning per cm² of contact.", rate)
                 : say("Support that is dissolved takes {} min of cleaning per cm² of contact.", rate),
             prints});
    }
}

} // namespace

std::vector<Remark> remarks(std::span<const PrintRecord> records, std::span<const Factor> factors,
                            const std::string& machine) {
    std::vector<Remark> out;
    say_purge(factors, machine, out);
    say_bleeding(records, machine, out);
    say_tower(records, machine, out);
    say_cleaning(records, out);
    return out;
}

} // namespace vitrail
