// What every field and label of the program does alike.
#pragma once

class QApplication;

namespace vitrail {

/// Labels and tool tips show names as text, never as markup. Number fields take '.' and ',' as the decimal
/// sign, whichever the locale has, and know no thousands separators: 0.1 typed under a decimal comma must not
/// become 1.
void teach_manners(QApplication& app);

} // namespace vitrail
