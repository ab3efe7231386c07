// What hangs as whole undersides: which strips of which layers belong together.
#pragma once

#include "core/support/overhangs.h"

namespace vitrail {

/// Where a layer of the piece touches what holds it.
struct SupportContact {
    int layer = 0; ///< of the piece that is touched
    int top = 0;   ///< topmost layer of the support below it
    int face = 0;  ///< index into SupportLayout::faces
    Rows area;
    bool has_interface = false; ///< all of it lies on interface
    bool held = true;           ///< false: nothing could be put below it
};

/// Contacts that hang together: one underside of the piece.
struct ContactFace {
    int from_layer = 0, to_layer = 0;
    double mm2 = 0;                         ///< seen from above
    double held_mm2 = 0;                    ///< of it, on support
    double interface_mm2 = 0;               ///< of that, on interface
    bool small = false;                     ///< left without interface on purpose
    double x_mm = 0, y_mm = 0, size_mm = 0; ///< middle and extent
};

/// What of a piece is to be held, layer by layer and as faces.
struct Hanging {
    std::vector<Overhang> overhangs; ///< [layer − 1]
    /// by layer: one for each region of an area; where they are held is not known yet
    std::vector<SupportContact> contacts;
    std::vector<ContactFace> faces; ///< largest first
};

/// Without the faces smaller than `least_mm2`, judged as wholes; islands and what is painted to be held stay
/// however small.
Hanging whole_faces(std::vector<Overhang> found, double least_mm2);

} // namespace vitrail
