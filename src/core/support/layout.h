// Support below the overhangs: straight columns or a tree, with an interface where it touches the piece.
#pragma once

#include "core/support/overhangs.h"

namespace vitrail {

enum class SupportKind {
    columns, ///< straight down below every overhang
    tree     ///< branches from points of contact that lean towards each other, merge, and keep clear of the piece
};

struct SupportRules {
    SupportKind kind = SupportKind::columns;
    bool on_piece = true;      ///< may stand on the piece; else what does not reach the bed is left out
    double beside_mm = 0.6;    ///< free space sideways between support and piece. From memory
    int gap_layers = 1;        ///< free layers above and, on the piece, below. Common practice, no source: one for the same material, none for a release material
    int interface_layers = 3;  ///< topmost layers, the ones that touch the piece. Common practice, no source: 2 to 5
    int interface_below = 0;   ///< and lowest layers where it stands on the piece
    // Of the tree. From memory.
    double branch_mm = 2.4;    ///< thickness of a branch at its tip; it grows by a tenth of the height below it
    double spacing_mm = 4;     ///< between tips under one overhang
    double lean_deg = 35;      ///< farthest a branch leans, from the vertical
};

/// Where the support touches the underside of the piece.
struct SupportContact {
    int layer = 0; ///< of the piece that is touched
    Paths area;
    bool has_interface = false; ///< all of it lies on interface
    bool held = true;           ///< false: nothing could be put below it
};

struct SupportLayout {
    std::vector<Paths> body, interface; ///< [layer − 1], µm; they do not overlap, nor the piece
    std::vector<SupportContact> contacts;
    double contact_mm2 = 0;
};

/// The stage of the plan: what needs holding, and what holds it.
struct SupportPlan {
    std::vector<Overhang> overhangs;
    SupportLayout layout;
    std::vector<double> body_mm3, interface_mm3; ///< [layer − 1], one copy
};

/// mm³ of a sparse area in a layer: one line around it, and the inside filled to `density_pct`.
double sparse_mm3(const Paths& area, double thickness_mm, double line_width_mm, double density_pct);

/// Never intersects the piece. Errors: none but being stopped. Long: takes Progress.
Result<SupportLayout> lay_out_support(const LayerTable& table, const std::vector<Overhang>& overhangs, const SupportRules& rules, const Progress& progress = {});

} // namespace vitrail
