// The two themes: dark lead and light paper.
#pragma once

#include <QColor>
#include <QFont>
#include <QIcon>
#include <QString>

class QApplication;

namespace vitrail {

struct Theme {
    bool dark = true;
    QColor ground; ///< behind everything
    QColor panel;  ///< benches' panels, header and rail
    QColor field;  ///< where something is typed or listed
    QColor line;   ///< borders
    QColor lead;   ///< lead lines
    QColor ink;    ///< text
    QColor quiet;  ///< second text; still AA on ground and panel
    QColor accent; ///< lamp light: what is active
    QColor good, bad, warn;

    static const Theme& current();
};

enum class ThemeChoice { desktop, dark, light };
/// The one that was chosen last.
ThemeChoice theme_choice();

/// Sets palette, font and style sheet of the application. `desktop` follows the lightness of the desktop's
/// palette.
void apply_theme(QApplication& app, ThemeChoice choice);

/// The style sheet of the theme. Each main window wears it, not the application: under one, widgets that are
/// put into another are styled anew with everything in them, and a bench that is put together outside the
/// window is styled once. apply_theme() changes it in all windows.
QString theme_sheet();

/// A line icon of ours in the theme's ink.
QIcon icon(const QString& name);

/// The application's font, scaled and weighted.
QFont font_of(double scale, bool bold = false);

/// A name where '&' would mark a key: in menus and on buttons.
QString menu_text(QString name);

/// Length that follows the font: `ems` times the height of the text.
int em(double ems);

} // namespace vitrail
