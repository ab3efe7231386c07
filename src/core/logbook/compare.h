// Two prints side by side: what came out otherwise, and what was otherwise.
#pragma once

#include "core/logbook/record.h"

#include <map>

namespace vitrail {

/// Settings a print was made with, by key, as text.
using SettingTexts = std::map<std::string, std::string>;

struct Difference {
    enum class Of { result, make_up, setting };
    Of of = Of::result;
    Message what, first, second;
};
/// Results first: time, grams, cost, outcome; then machine, filaments, copies, layers, changes; then settings, where both are known. What is the same is left out.
/// Money in the currency of those settings.
std::vector<Difference> differences(const PrintRecord& first, const PrintRecord& second, const Settings& currency, const SettingTexts& first_settings = {}, const SettingTexts& second_settings = {});

} // namespace vitrail
