// What somebody looks for among the prints: words, and bounds on figures.
#pragma once

#include "core/logbook/record.h"

#include <map>
#include <string>
#include <string_view>
#include <vector>

namespace vitrail {

/// "badge -failed waste>20 hours<5 date>2026-10": all of it must hold. Words are looked for by whoever has
/// the texts; those with a minus must not be there. Bounds: hours, foretold (hours), piece, purge, tower,
/// waste (grams, as measured where they were), cost, copies, layers, changes, trips, swaps, nozzle, date.
struct Query {
    struct Bound {
        std::string field;
        /// else below; neither takes in the value itself, but a date above takes in its day
        bool above = true;
        double value = 0; ///< of a date: UTC seconds
    };
    std::vector<std::string> words, without;
    std::vector<Bound> bounds;
};
/// What is no bound is a word; nothing is an error. Dates are days, months or years on the clock of the
/// place. `names`: what else the fields may be called, in the reader's language.
Query parse_query(std::string_view text, const Zone& zone,
                  const std::map<std::string, std::string>& names = {});
/// A figure that can be bounded: its name, and what it is called on the screen.
struct QueryField {
    std::string name;
    Message label;
};
const std::vector<QueryField>& query_fields();
/// Whether its figures lie within all bounds.
bool within(const PrintRecord& record, const Query& query);

} // namespace vitrail
