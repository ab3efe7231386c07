// Fine detail by layer: strokes and gaps too narrow to print, walls between one line and two, thin features
// over air.
#pragma once

#include "core/geometry/rows.h"
#include "core/layers/demand.h"

namespace vitrail {

/// What make_detail depends on, besides the layers.
struct DetailSettings {
    bool wanted = true;
    double stroke_mm = 0.4; ///< narrowest that prints
    double line_width_mm = 0.4;
    double lug_mm = 1.6; ///< thinner features count as lugs
    bool operator==(const DetailSettings&) const = default;
};
DetailSettings detail_settings(const Settings& s);

/// A layer of one part, or of one patch of paint.
struct LayerDetail {
    Paths strokes, gaps;             ///< what is lost, µm; no gap is what another part fills
    Paths walls;                     ///< between one line and two
    Paths lugs;                      ///< thin sideways or upwards, and hanging: support will touch them
    double strokes_mm2 = 0, mm2 = 0; ///< of the strokes, and of it all
    double thinnest_wall_mm = 0;     ///< of `walls`; 0: none
};

struct Detail {
    std::vector<std::vector<LayerDetail>> parts; ///< [part][layer − 1]
    /// [part][patch][layer − 1]: strokes; in the first layer walls and gaps as well
    std::vector<std::vector<std::vector<LayerDetail>>> patches;
};

/// What an opening (shrink, then grow) of the given width takes away: strokes narrower than `width_mm`.
/// Pieces smaller than half a square of that width are corners, not strokes, and are left out.
Paths lost_by_opening(const Paths& area, double width_mm);

/// Closing (grow, then shrink) instead: gaps narrower than `width_mm`.
Paths lost_by_closing(const Paths& area, double width_mm);

/// Thickness of one region as if it were a rectangle, or with holes a ring: exact for those.
double thickness_mm(const Paths& strip);

/// `hanging`: [layer − 1] what needs holding, as the support stage finds it; may be empty, then nothing is a
/// lug. Long: takes Progress. Layers with the outline of the one before are not looked at twice.
Result<std::shared_ptr<const Detail>> make_detail(const LayerTable& table, const Demand& demand,
                                                  const std::vector<const Rows*>& hanging,
                                                  const DetailSettings& settings,
                                                  const Progress& progress = {});

} // namespace vitrail
