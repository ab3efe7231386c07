#include "core/layers/gaps.h"

#include "core/layers/undersides.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

bool touch(const LayerTable& t, int a, int b) {
    return std::any_of(t.contacts.begin(), t.contacts.end(), [&](const Contact& c) {
        return c.first_part == std::min(a, b) && c.second_part == std::max(a, b);
    });
}

/// A part whose undersides lie over another part and on none.
std::vector<Gap> gaps_below(const Piece& piece, const LayerTable& t) {
    std::vector<Gap> gaps;
    for (const Underside& u : undersides_over_gaps(piece.parts, 2 * kMeantToTouch_mm)) {
        // Parts that touch sideways are where they should be; a wide space below one of them is meant.
        if (u.gap_mm > kMeantToTouch_mm + 1e-3 && touch(t, u.below, u.part))
            continue;
        Gap g;
        g.upwards = true;
        g.first_part = u.below;
        g.second_part = u.part;
        g.wide_mm = u.gap_mm;
        g.from_layer = g.to_layer =
            std::clamp(first_layer_above(t.grid, u.at.z - u.gap_mm - t.bed_z_mm), 1, t.grid.count);
        g.x_mm = u.at.x;
        g.y_mm = u.at.y;
        g.size_mm = u.size_mm;
        gaps.push_back(g);
    }
    return gaps;
}

} // namespace

bool near_in_plan(const Bounds& a, const Bounds& b, float d) {
    return a.min.x <= b.max.x + d && b.min.x <= a.max.x + d && a.min.y <= b.max.y + d &&
           b.min.y <= a.max.y + d;
}

namespace {

/// Distance sideways between two areas, one of a row of steps; 0 when they touch, −1 beyond the last.
double distance_between(const Paths& a, const Paths& b) {
    constexpr double kSteps[] = {0.05, 0.1, 0.15, 0.2, 0.3, 0.4, 0.5, 0.6, 0.8, 1.0};
    constexpr double kRounding_mm = 0.005; // bodies exactly a step apart touch at that step
    const auto reaches = [&](int step) {
        return !intersect(offset(a, kSteps[step] + kRounding_mm), b).empty();
    };
    if (reaches(0))
        return 0; // most neighbours touch
    if (!reaches(9))
        return -1;
    int lo = 1, hi = 9; // the first step that reaches
    while (lo < hi) {
        const int mid = (lo + hi) / 2;
        if (reaches(mid))
            hi = mid;
        else
            lo = mid + 1;
    }
    return kSteps[lo];
}

/// The space between two areas that face each other within `mm`.
Paths between(const Paths& a, const Paths& b, double mm) {
    return subtract(subtract(intersect(offset(a, mm), offset(b, mm)), a), b);
}

} // namespace

std::vector<Gap> find_gaps(const Piece& piece, const LayerTable& t) {
    std::vector<Gap> gaps = gaps_below(piece, t);
    const int n = static_cast<int>(piece.parts.size());
    const auto place = [](Gap& g, const Paths& where) {
        const Box b = box_of(where);
        g.x_mm = double(b.left + b.right) / 2 / kUnitsPerMm;
        g.y_mm = double(b.top + b.bottom) / 2 / kUnitsPerMm;
        g.size_mm = std::max(double(b.right - b.left), double(b.bottom - b.top)) / kUnitsPerMm;
    };
    for (int i = 0; i < n; ++i)
        for (int j = i + 1; j < n; ++j) {
            const Bounds &x = piece.parts[i].mesh->bounds, &y = piece.parts[j].mesh->bounds;
            if (x.empty() || y.empty() || !near_in_plan(x, y, kMeantToTouch_mm))
                continue;
            const bool contact = touch(t, i, j);
            // In XY: a few layers that both have.
            const auto layers_of = [&](const Bounds& b) {
                return std::pair{
                    std::clamp(first_layer_above(t.grid, b.min.z - t.bed_z_mm), 1, t.grid.count),
                    std::clamp(first_layer_above(t.grid, b.max.z - t.bed_z_mm) - 1, 1, t.grid.count)};
            };
            const auto [a0, a1] = layers_of(x);
            const auto [b0, b1] = layers_of(y);
            const int from = std::max(a0, b0), to = std::min(a1, b1);
            if (from > to)
                continue;
            Gap g;
            g.first_part = i;
            g.second_part = j;
            g.touch_elsewhere = contact;
            g.narrow_mm = 1e9;
            bool touches = false;
            Paths where;
            const Paths *last_a = nullptr, *last_b = nullptr;
            const auto layer = [&](int part, int l) -> const Paths& { return t.parts[part].layers[l - 1]; };
            const auto look = [&](int l) {
                const Paths &pa = layer(i, l), &pb = layer(j, l);
                if (pa.empty() || pb.empty() || (last_a && *last_a == pa && *last_b == pb))
                    return; // nothing there, or the same again
                last_a = &pa, last_b = &pb;
                const double d = distance_between(pa, pb);
                touches |= d == 0;
                if (d <= 0)
                    return;
                g.wide_mm = std::max(g.wide_mm, d);
                g.narrow_mm = std::min(g.narrow_mm, d);
                g.from_layer = g.from_layer ? std::min(g.from_layer, l) : l;
                g.to_layer = std::max(g.to_layer, l);
                if (where.empty())
                    where = between(pa, pb, d);
            };
            constexpr int kSamples = 9;
            const int step = std::max(1, (to - from) / (kSamples - 1));
            for (int l = from; l < to; l += step)
                look(l);
            look(to);
            if (g.wide_mm == 0) {
                if (!touches)
                    continue;
                g.narrow_mm = 0;
                g.from_layer = from;
                g.to_layer = to;
                gaps.push_back(g);
                continue;
            }
            // From the sampled layers to where it really begins and ends.
            const auto open_at = [&](int l, int beside) {
                return !layer(i, l).empty() && !layer(j, l).empty() &&
                       ((layer(i, l) == layer(i, beside) && layer(j, l) == layer(j, beside)) ||
                        distance_between(layer(i, l), layer(j, l)) > 0);
            };
            while (g.from_layer > from && open_at(g.from_layer - 1, g.from_layer))
                --g.from_layer;
            while (g.to_layer < to && open_at(g.to_layer + 1, g.to_layer))
                ++g.to_layer;
            g.full_depth = !touches && g.from_layer == from && g.to_layer == to;
            place(g, where);
            gaps.push_back(g);
        }
    return gaps;
}

} // namespace vitrail
