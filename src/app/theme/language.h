// Which language the window speaks, and what follows from the country: decimal sign, first day of the week,
// paper.
#pragma once

#include <QString>
#include <QStringList>

namespace vitrail {

/// Codes of the languages there are, "en" first.
QStringList languages();
/// What it calls itself: "Deutsch".
QString language_name(const QString& code);

/// Speaks it from now on; empty: the desktop's, or English where it is not known. Windows that are open get
/// QEvent::LanguageChange. The country stays the desktop's where that speaks the language.
void apply_language(const QString& code);
/// The code of the language that is spoken.
QString language();

} // namespace vitrail
