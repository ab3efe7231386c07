// Support below the overhangs: straight columns or a tree, with an interface where it touches the piece.
#pragma once

#include "core/support/faces.h"

namespace vitrail {

enum class SupportKind {
    columns, ///< straight down below every overhang
    tree ///< branches from points of contact that lean towards each other, merge, and keep clear of the piece
};

struct SupportRules {
    SupportKind kind = SupportKind::columns;
    double angle_deg = 50;  ///< as in OverhangRules: what is held draws back at least by that
    bool on_piece = true;   ///< may stand on the piece; else what does not reach the bed is left out
    double beside_mm = 0.6; ///< free space sideways between support and piece. From memory
    int gap_layers = 1; ///< free layers above and, on the piece, below. Common practice, no source: one for
                        ///< the same material, none for a release material
    /// topmost layers, the ones that touch the piece. Common practice, no source: 2 to 5
    int interface_layers = 3;
    int interface_below = 0; ///< and lowest layers where it stands on the piece
    /// tops of support are lowered by up to so many layers to end in layers where others end
    int align_layers = 0;
    /// contact faces smaller than that get no interface, but a gap of a layer at least
    double least_face_mm2 = 0;
    // Of the tree. From memory.
    double branch_mm = 2.4; ///< thickness of a branch at its tip; it grows by a tenth of the height below it
    double spacing_mm = 4;  ///< between tips under one overhang
    double lean_deg = 35;   ///< farthest a branch leans, from the vertical
    bool operator==(const SupportRules&) const = default;
};

/// Where support stands on the piece.
struct SupportFoot {
    int layer = 0; ///< lowest of the support there
    Rows area;
    double mm2 = 0;
    bool has_interface = false;
};

struct SupportLayout {
    std::vector<Rows> body, interface;    ///< [layer − 1]; they do not overlap, nor the piece
    std::vector<SupportContact> contacts; ///< by layer
    std::vector<ContactFace> faces;       ///< largest first
    std::vector<SupportFoot> feet;        ///< by layer
    double contact_mm2 = 0;               ///< from below; what stands on the piece is not in it
    double feet_mm2 = 0;
};

/// Area and outline of a layer's support.
struct LayerSize {
    double mm2 = 0, around_mm = 0;
};

/// The stage of the plan: what needs holding, and what holds it. What is shared depends on the piece alone.
struct SupportPlan {
    std::shared_ptr<const std::vector<Overhang>> found; ///< before wishes
    std::shared_ptr<const std::vector<Rows>> beside;    ///< the piece and the free space beside it
    std::shared_ptr<const std::vector<Rows>> blocked;   ///< and, on top of the piece, the gap
    std::shared_ptr<const Hanging> hanging;             ///< with them, without what is too small
    /// null where none is wanted; so are those two above that only it needs
    std::shared_ptr<const SupportLayout> layout;
    std::vector<LayerSize> body, interface; ///< [layer − 1]
};

/// How far below a slope there is so much room beside it, if the slope just has the angle. mm
double drawn_back_mm(double room_mm, double angle_deg);
/// With a gap above, support that has just begun stays 0.2 mm off the slope it holds as well (from memory);
/// without one it touches it.
double off_slope_mm(const SupportRules& rules);
/// Without what is too close to the piece even for that: there support keeps off the slope and, above the
/// piece, off the gap. `i`: layer − 1.
Rows clear_of_slopes(const Rows& support, const std::vector<Rows>& piece, std::size_t i,
                     const SupportRules& rules);

/// mm³ of a sparse area in a layer: one line around it, and the inside filled to `density_pct`.
double sparse_mm3(const LayerSize& size, double thickness_mm, double line_width_mm, double density_pct);
LayerSize size_of(const Rows& area);

/// The piece grown by the free space beside it, [layer − 1].
Result<std::vector<Rows>> space_beside(const std::vector<Rows>& piece, double beside_mm,
                                       const Progress& progress = {});

/// What a layer's support must keep clear of: the space beside the piece, and the free layers above what it
/// stands on.
Result<std::vector<Rows>> blocked_space(const std::vector<Rows>& piece, const std::vector<Rows>& beside,
                                        int gap_layers, const Progress& progress = {});

/// Never intersects the piece. `piece`: the rows of its layers, `blocked` as blocked_space() does for these
/// rules. Errors: none but being stopped. Long: takes Progress.
Result<SupportLayout> lay_out_support(const LayerGrid& grid, const std::vector<Rows>& piece,
                                      const Hanging& hanging, const std::vector<Rows>& blocked,
                                      const SupportRules& rules, const Progress& progress = {});

} // namespace vitrail
