#include "core/colour/merge.h"

#include <algorithm>
#include <numeric>

namespace vitrail {

std::vector<ColourMerge> merge_order(const std::vector<ColourUse>& colours) {
    const int n = static_cast<int>(colours.size());
    std::vector<Lab> lab;
    for (const ColourUse& c : colours)
        lab.push_back(to_lab(c.colour));
    std::vector<double> area, apart(static_cast<std::size_t>(n) * n, 1e9);
    for (const ColourUse& c : colours)
        area.push_back(c.area_mm2);
    for (int i = 0; i < n; ++i)
        for (int j = i + 1; j < n; ++j)
            apart[static_cast<std::size_t>(i) * n + j] = apart[static_cast<std::size_t>(j) * n + i] =
                delta_e_2000(lab[i], lab[j]);
    // The nearest other of each that is left; only those of a colour that went have to be looked for again.
    std::vector<char> left(static_cast<std::size_t>(n), 1);
    std::vector<int> near(static_cast<std::size_t>(n), -1);
    const auto look = [&](int i) {
        near[i] = -1;
        for (int j = 0; j < n; ++j)
            if (j != i && left[j] &&
                (near[i] < 0 || apart[static_cast<std::size_t>(i) * n + j] <
                                    apart[static_cast<std::size_t>(i) * n + near[i]]))
                near[i] = j;
    };
    for (int i = 0; i < n; ++i)
        look(i);
    std::vector<ColourMerge> order;
    for (int step = 1; step < n; ++step) {
        int best = -1;
        const auto d = [&](int i) { return apart[static_cast<std::size_t>(i) * n + near[i]]; };
        for (int i = 0; i < n; ++i)
            if (left[i] && (best < 0 || d(i) < d(best)))
                best = i;
        const int other = near[best];
        const bool other_stays = area[other] > area[best] || (area[other] == area[best] && other < best);
        const int into = other_stays ? other : best, from = other_stays ? best : other;
        order.push_back({from, into, d(best)});
        area[into] += area[from];
        left[from] = 0;
        for (int i = 0; i < n; ++i)
            if (left[i] && near[i] == from)
                look(i);
    }
    return order;
}

std::vector<int> merged_to(int colours, const std::vector<ColourMerge>& order, int left) {
    std::vector<int> to(static_cast<std::size_t>(colours));
    std::iota(to.begin(), to.end(), 0);
    const int steps = std::clamp(colours - left, 0, static_cast<int>(order.size()));
    for (int s = 0; s < steps; ++s)
        to[order[s].from] = order[s].into;
    for (int i = 0; i < colours; ++i) // follow the chain; later merges lead further
        while (to[to[i]] != to[i])
            to[i] = to[to[i]];
    return to;
}

int nearest_colour(Srgb colour, const std::vector<Srgb>& among) {
    const Lab want = to_lab(colour);
    int best = -1;
    double least = 1e9;
    for (std::size_t i = 0; i < among.size(); ++i)
        if (const double d = delta_e_2000(to_lab(among[i]), want); d < least) {
            least = d;
            best = static_cast<int>(i);
        }
    return best;
}

} // namespace vitrail
