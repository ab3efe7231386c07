#include "core/colour/stand_out.h"

#include <algorithm>

namespace vitrail {

Srgb stand_out(std::span<const Srgb> from, std::span<const Srgb> candidates) {
    Srgb best = candidates.front();
    double farthest = -1;
    for (const Srgb c : candidates) {
        double nearest = 1e9;
        for (const Srgb f : from)
            nearest = std::min(nearest, delta_e_2000(to_lab(c), to_lab(f)));
        if (nearest > farthest)
            farthest = nearest, best = c;
    }
    return best;
}

std::vector<Srgb> vivid_colours() {
    return {{0xd6, 0x3f, 0xc8}, {0x16, 0xb8, 0xa6}, {0xe8, 0x7a, 0x1c},
            {0x6f, 0x5b, 0xe8}, {0x7f, 0xc2, 0x2c}, {0xe6, 0x3b, 0x5c}};
}

} // namespace vitrail
