// A layer of a piece as panes with leads, to scale: for pictures that are given away.
#pragma once

#include "core/plan/plan.h"

#include <QRectF>

class QPainter;

namespace vitrail {

/// Fills `rect` as far as the piece's proportions let it; support is cross-hatched. Nothing where the piece
/// has no such layer.
void paint_layer(QPainter& p, const QRectF& rect, const Project& project, const Plan& plan, std::size_t piece,
                 int layer);

} // namespace vitrail
