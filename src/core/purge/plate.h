// The plate seen from above: where the pieces stand, where the tower, and what runs around them.
#pragma once

#include "core/base/memory.h"
#include "core/purge/arrange.h"
#include "core/purge/tower.h"
#include "core/support/printed.h"

namespace vitrail {

struct Footprint {
    double x_mm = 0, y_mm = 0; ///< its middle on the bed, from the front left corner
    double w_mm = 0, d_mm = 0;
};

/// One of a piece, as it stands: the footprint is the box of its outline.
struct Placed : Footprint {
    int piece = 0, nth = 1; ///< of that piece
    double turn_deg = 0;    ///< about Z, counter-clockwise from above
    /// where the middle of the piece's own box comes to lie: it is turned about that
    double origin_x_mm = 0, origin_y_mm = 0;
    bool pinned = false;
    Outline outline; ///< on the bed
};

struct Plate {
    /// what found a place, piece by piece; copies in rows row by row from the front left
    std::vector<Placed> placed;
    int across = 0;                ///< in a row; 0 where they do not stand in rows
    std::vector<Footprint> towers; ///< one for each column that stands on the bed
    double tower_away_mm = 0;      ///< from the middle of the pieces together to the middle of the tower
    Outline around;                ///< of all pieces together, on the bed
    Outline skirt;                 ///< innermost line of the skirt; empty without one
    bool fits = true;              ///< all of them, with what stands beside them
    int room_for = 0;              ///< how many of the pieces asked for do
};

/// Lays out plates, and remembers what it arranged. Not for use from two threads at once.
class PlateStage {
public:
    /// Copies of one piece stand in rows with settings.spacing between them, the block in the middle of the
    /// bed; towers beside it, where the nozzle travels, on the side that brings them closest; where there is
    /// no room in the middle, the block moves aside. Different pieces, and copies that rows have no room for,
    /// are arranged by their outlines (arrange()), the tower among them. What is pinned stays. The one answer
    /// to where things stand: skirt, checks, views and sheets go by it.
    Plate lay_out(const Project& project, const Printed& printed, const Tower& tower,
                  const std::stop_token& stop = {});

    Layout layout = Layout::outlines;

    int arranged() const { return arranged_.made(); } ///< how often arrange() really ran, for tests

private:
    Memory<ArrangeTask, Arrangement> arranged_{4};
};

/// One of that piece with the middle of its footprint there.
Placed place_at(const LayerTable& table, int piece, int nth, double x_mm, double y_mm, double turn_deg);
/// Whether an outline keeps on the bed, and off its free edge.
bool on_bed(const Outline& outline, const Project& project);
/// The place it stands in that has to be kept clear, or null.
const KeepClear* kept_clear(const Outline& outline, const Machine& machine);
/// Whether two convex outlines share more than their edges.
bool overlap(const Outline& a, const Outline& b);
/// Between two convex outlines, mm; 0 where they meet.
double distance_mm(const Outline& a, const Outline& b);
/// A convex outline grown by so many mm.
Outline grown(const Outline& outline, double mm);

} // namespace vitrail
