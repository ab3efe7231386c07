// Getting the support off: where it touches what, how long it takes, and what is ready to snap.
#pragma once

#include "core/support/printed.h"

namespace vitrail {

/// How a support material comes off the piece.
enum class ComesOff {
    broken,   ///< it bonds, or nearly: broken or cut off, and sanded
    peeled,   ///< a release material: it lets go by itself
    dissolved ///< in water
};
ComesOff comes_off(const Filament& support, const Filament& piece);

/// Nothing where nothing is held; where nobody looked what can be reached, everything is.
/// For the whole plate: faces that are held, and where support stands on the piece. Minutes for each cm² of
/// contact by how it comes off, more where the tool does not reach; soaking takes a start and so much for
/// each cm³ that dissolves of the piece with most of it, as pieces soak side by side. All of these are
/// settings, and from memory (settings cleanup.* and soak.*).
struct Cleanup {
    double broken_mm2 = 0, peeled_mm2 = 0, dissolved_mm2 = 0; ///< contact, by how it comes off
    /// where a tool would be needed and does not reach: support that does not dissolve itself
    double unreached_mm2 = 0;
    double stays_mm2 = 0; ///< of it, faces of which a tool does not reach the larger part, though water does:
                          ///< what has to be pulled off stays there
    double enclosed_mm2 = 0;   ///< of all, where water does not get in or out
    double dissolving_cm3 = 0; ///< everything of soluble material
    double hand_s = 0;         ///< a person's
    double soak_s = 0;         ///< nobody needed but to change the water
    int waters = 0;            ///< bowls of water
    double contact_mm2() const { return broken_mm2 + peeled_mm2 + dissolved_mm2; }
};
Cleanup clean_up(const Project& project, const Printed& printed);
/// Whether enough of it stays for the piece to be spoilt. Ours; no source.
inline bool stays_inside(double stays_mm2, double contact_mm2) {
    return stays_mm2 > 20 || (stays_mm2 > 1 && stays_mm2 > 0.1 * contact_mm2);
}

/// A thin feature that support touches: pulled, it snaps off with it.
struct SnapPlace {
    int part = 0, layer = 0;
    Paths area; ///< of the feature in that layer
};
/// By part and layer. Thinner than check.lug lines, and touched from below. Empty where one of the two is
/// null.
std::vector<SnapPlace> snap_places(const Detail* detail, const SupportPlan* support);
inline std::vector<SnapPlace> snap_places(const PiecePlan& piece) {
    return snap_places(piece.detail.get(), piece.support.get());
}
/// Of one of each piece.
int count_snap_places(const Printed& printed);

} // namespace vitrail
