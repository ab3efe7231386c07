// Messages and numbers as they are shown: through the translators that are installed, and as QLocale() writes
// numbers. Where no translator is, as in the command line, they come out in English.
#pragma once

#include "core/project/settings.h"

#include <QString>

namespace vitrail {

QString words(const Message& message);
/// How words() says it, for pages that are made elsewhere.
const Language& window_language();
/// A term of one of core's tables: a label, a unit, a choice.
QString words(const char* term);

/// With the locale's decimal sign, without marks between thousands.
QString number(double value, int decimals);
/// An amount in the currency of the settings.
QString money_text(const Settings& settings, double amount);
/// As short as it can be, with six digits at most.
QString number(double value);

} // namespace vitrail
