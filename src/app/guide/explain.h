// What something on the screen is: on hover, on F1 for what has the focus, on Shift+F1 for what is pointed
// at.
#pragma once

#include <QPoint>
#include <QString>

#include <vector>

class QApplication;
class QWidget;

namespace vitrail {

struct Term;

/// Terms of the trade in a text, in its order, each once. Whole words; the longest counts ("purge tower" is
/// no "purge").
std::vector<const Term*> terms_in(const QString& text);

/// Which page of the guide tells of a widget and all in it: "purge.html".
void set_guide_page(QWidget* widget, const QString& page);

/// What is known of the widget, or of the place in it: its name, what it does, its terms, and a link into the
/// guide; rich text. Empty where nothing is known.
QString explanation(QWidget* widget, const QPoint& at);

/// Tool tips of short texts say what their terms mean; F1 and Shift+F1 explain, also in dialogs, and their
/// links open the guide.
void teach_to_explain(QApplication& app);
/// What F1 does.
void explain_focus();

} // namespace vitrail
