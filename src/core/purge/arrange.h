// Arranging outlines on a bed.
#pragma once

#include <stop_token>
#include <utility>
#include <vector>

namespace vitrail {

using Outline = std::vector<std::pair<double, double>>; ///< corners in mm, counter-clockwise, convex

/// Positive: corners run counter-clockwise.
double area_mm2(const Outline& outline);

/// A kind of thing, so many of it. Its outline lies around the middle of its own box.
struct ArrangeItem {
    Outline outline;
    int count = 1;
    int layers = 0; ///< how long it is printed at: those that last stand close together, what is soon
                    ///< finished around them
    bool operator==(const ArrangeItem&) const = default;
};

/// What stands already, as it stands on the bed.
struct ArrangeFixed {
    Outline outline;
    bool operator==(const ArrangeFixed&) const = default;
};

/// How much trouble a layout is worth.
enum class Layout {
    outlines, ///< as it will be printed
    boxes     ///< rows of boxes, for searches: fits wherever it says so, but more may fit by their outlines
};

struct ArrangeTask {
    Layout layout = Layout::outlines;
    double bed_x_mm = 0, bed_y_mm = 0, gap_mm = 0;
    double margin_mm = 0; ///< of the bed that stays free, all around
    int turns = 4; ///< directions that are tried: 1 none but its own, 2 a half turn, 4 quarter turns, 8 …
    std::vector<ArrangeItem> items;
    std::vector<ArrangeFixed> fixed;
    bool operator==(const ArrangeTask&) const = default;
};

struct Arranged {
    bool placed = false;
    double x_mm = 0, y_mm = 0; ///< the middle of its own box before it is turned, on the bed
    double turn_deg = 0;       ///< 0 … 360
};

struct Arrangement {
    std::vector<std::vector<Arranged>> items; ///< [item][nth]
    bool fits = true;                         ///< all of them
};

/// So many are arranged one by one; more only in blocks, each some rows of one kind, as the work grows with
/// the square and more.
inline constexpr int kMostArranged = 100;

/// How far it is from one to the next in every layer, all layers together: the shortest tree over the middles
/// of those that the layer has (Prim 1957; no tour is longer than twice that). mm
double travel_mm(const ArrangeTask& task, const Arrangement& made);

/// Places outlines on the bed, those that last longest first, or large ones first where that travels less or
/// holds more, each where it keeps the whole close to the middle and at least `gap_mm` from the others:
/// no-fit polygons, by libnest2d. What it finds is good, not proven best. Where there is nothing fixed, the
/// whole comes to lie in the middle of the bed. Takes milliseconds for a few dozen, two seconds for many;
/// once `stop` is requested it returns soon with what it has.
Arrangement arrange(const ArrangeTask& task, const std::stop_token& stop = {});

/// A convex outline of at most `corners` corners that holds the given one: the tangents in so many
/// directions. `corners` ≥ 4.
Outline simplified(const Outline& outline, int corners);

} // namespace vitrail
