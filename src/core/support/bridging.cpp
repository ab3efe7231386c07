#include "core/support/bridging.h"

#include <algorithm>

namespace vitrail {

double bridged_share(Material m) {
    switch (m) {
    case Material::PLA:
        return 1;
    case Material::ABS:
    case Material::ASA:
    case Material::CoPolyester:
        return 0.8;
    case Material::PETG:
    case Material::PC:
        return 0.7;
    case Material::PA:
        return 0.6;
    case Material::TPU:
        return 0.4;
    default:
        return 0.5;
    }
}

double bridged_share(const Project& p, const Piece& piece) {
    double least = 1;
    const auto use = [&](char letter) {
        if (const int f = find_filament(p, letter); f >= 0)
            least = std::min(least, bridged_share(p.filaments[static_cast<std::size_t>(f)].material));
    };
    for (const Part& part : piece.parts) {
        use(part.filament);
        for (const Patch& patch : part.patches)
            use(patch.filament);
    }
    for (const Band& band : piece.bands)
        use(band.filament);
    return least;
}

} // namespace vitrail
