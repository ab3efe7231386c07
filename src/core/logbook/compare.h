// Two prints side by side: what came out otherwise, and what was otherwise.
#pragma once

#include "core/logbook/record.h"

namespace vitrail {

struct Difference {
    enum class Of { result, make_up, setting };
    Of of = Of::result;
    Message what, first, second;
};
/// Results first: time, grams, cost, outcome; then machine, filaments, copies, layers, changes; then
/// settings. What is the same is left out. Money in the currency of those settings.
std::vector<Difference> differences(const PrintRecord& first, const PrintRecord& second,
                                    const Settings& currency);

} // namespace vitrail
