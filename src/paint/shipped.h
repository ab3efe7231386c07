// Where files lie that come with the program.
#pragma once

#include <QString>

namespace vitrail {

/// Installed as share/vitrail/`name`, or `in_source` of the checkout the program was built in. Empty where
/// neither is there.
QString shipped_folder(const QString& name, const QString& in_source);

} // namespace vitrail
