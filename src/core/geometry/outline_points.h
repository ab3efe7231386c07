// Points along outlines in a grid, for asking what lies how near: a cheap answer that is sure, before polygons are cut.
#pragma once

#include "core/geometry/polygon.h"

namespace vitrail {

class OutlinePoints {
public:
    /// For questions about distances up to `reach_mm` (> 0). O(length of the rings / reach).
    OutlinePoints(const Paths& rings, double reach_mm);

    /// False: no place is narrower than the reach, inside or outside, so opening and closing the area by that width lose
    /// nothing as large as half its square. True: something may be. Two points of an outline that are nearer than the reach must
    /// also be near along it, at most 1.6 times as far; then what lies between a disc of that diameter and the outline is less
    /// than a segment of a circle with that arc and chord: 0.29 of the width's square (isoperimetry). Ours; no source.
    bool may_be_narrow() const;

    /// Whether every point of `other` is nearer to these outlines than the reach. May say no where it is yes, never the other
    /// way. O(points of `other` and length / reach).
    bool near_everywhere(const Paths& other) const;

private:
    struct Point {
        float x, y, along; ///< units; `along`: way from the ring's first point
        int ring;
    };
    int column(double x) const;
    int row(double y) const;
    bool has_near(double x, double y, double distance) const;

    std::vector<Point> points_; ///< cell by cell
    std::vector<int> begins_;   ///< of each cell, and the end
    std::vector<float> lengths_; ///< of each ring
    double reach_, step_, cell_ = 1, left_ = 0, top_ = 0; ///< units
    int columns_ = 0, rows_ = 0;
};

/// As offset(), to kIdle_mm. Where no place is narrow and no edge vanishes, the corners are moved and nothing is cut, which is what
/// takes the time on outlines of many points.
Paths quick_offset(const Paths& rings, double mm);

} // namespace vitrail
