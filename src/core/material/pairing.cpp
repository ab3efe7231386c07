#include "core/material/pairing.h"

namespace vitrail {

Pairing pair_up(const Filament& a, const Filament& b) {
    return {bond(a.material, b.material), bond_is_proven(a.material, b.material), a.material == b.material, common(a.nozzle_c, b.nozzle_c), common(a.bed_c, b.bed_c)};
}

const char* sheet_risk(Material material, BuildSheet sheet) {
    switch (material) {
    case Material::CoPolyester: // common practice, no source
        return sheet == BuildSheet::textured ? "grips textured PEI so hard that it can tear it" : nullptr;
    case Material::PETG: // from memory
        return sheet == BuildSheet::glass ? "can pull splinters out of bare glass" : sheet == BuildSheet::smooth ? "grips smooth PEI hard enough to damage it" : nullptr;
    case Material::TPU: // from memory
        return sheet == BuildSheet::smooth ? "is hard to peel off a smooth sheet" : nullptr;
    default: return nullptr;
    }
}

std::string describe(const Pairing& p) {
    std::string s;
    switch (p.bond) {
    case Bond::holds: s = p.same_class ? "bond: same class" : p.proven ? "bond, proven in use" : "bond, by opinion: try it first"; break;
    case Bond::releases:
        s = std::string("come apart") + (p.proven ? ", proven in use" : ", by opinion") + "; never in one body, good for a release interface";
        break;
    case Bond::experimental: s = "nobody vouches for them: print a small test first"; break;
    }
    if (!p.bed_meets())
        s += "; no bed temperature suits both";
    if (!p.nozzle_meets())
        s += "; no nozzle temperature in common";
    return s;
}

} // namespace vitrail
