// How a filament is drawn everywhere: a pane of glass in its colour and hatch, and its letter in a diamond.
#pragma once

#include "core/material/filament.h"

#include <QBrush>
#include <QColor>
#include <QFont>

class QPainter;
class QRectF;

namespace vitrail {

inline QColor to_qcolor(Srgb c) {
    return {c.r, c.g, c.b};
}
inline Srgb to_srgb(const QColor& c) {
    return {static_cast<std::uint8_t>(c.red()), static_cast<std::uint8_t>(c.green()),
            static_cast<std::uint8_t>(c.blue())};
}

/// A name that was made of the colour, as make_filament() makes it, in the language of the window.
void name_in_words(Filament& f);

/// Black or white, whichever stands out more from `c` (WCAG contrast).
QColor ink_on(const QColor& c);

/// The letter's hatch in translucent ink, to be painted over the colour. `pitch` in pixels.
QBrush hatch_brush(char letter, const QColor& colour, int pitch = 9);

/// Colour and hatch.
void paint_pane(QPainter& p, const QRectF& rect, const Filament& f, int pitch = 9);

/// The letter in a diamond of the filament's colour, outlined so that it shows on any ground.
void paint_badge(QPainter& p, const QRectF& rect, char letter, const QColor& colour, const QFont& font);

/// Registers the fonts that ship with the program; the family to use.
QString load_fonts();

} // namespace vitrail
