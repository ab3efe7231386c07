// Fewer colours: which of many near-equal ones become one.
#pragma once

#include "core/colour/colour.h"

#include <vector>

namespace vitrail {

/// A colour and how much surface has it, mm².
struct ColourUse {
    Srgb colour;
    double area_mm2 = 0;
};

/// `from` becomes `into` (places in the list); `delta_e` is how far apart the two are.
struct ColourMerge {
    int from = 0, into = 0;
    double delta_e = 0;
};

/// More colours than this are first put together by their leading bits.
inline constexpr int kMostColours = 512;

/// Merges in the order in which they hurt least: at each step the two colours left that are nearest by ΔE00
/// become one, the one with more surface. One step fewer than colours.
std::vector<ColourMerge> merge_order(const std::vector<ColourUse>& colours);

/// What each colour has become when `left` are left (1 … colours.size()): its place in the list.
std::vector<int> merged_to(int colours, const std::vector<ColourMerge>& order, int left);

/// The one of `among` nearest to `colour` by ΔE00, or −1 when there is none.
int nearest_colour(Srgb colour, const std::vector<Srgb>& among);

} // namespace vitrail
