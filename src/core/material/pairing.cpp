#include "core/material/pairing.h"

namespace vitrail {

Pairing pair_up(const Filament& a, const Filament& b) {
    return {bond(a.material, b.material), bond_is_proven(a.material, b.material), a.material == b.material,
            common(a.nozzle_c, b.nozzle_c), common(a.bed_c, b.bed_c)};
}

Message sheet_risk(Material material, BuildSheet sheet, const std::string& whose) {
    switch (material) {
    case Material::CoPolyester: // common practice, no source
        return sheet == BuildSheet::textured
                   ? say("{} grips textured PEI so hard that it can tear it.", whose)
                   : Message{};
    case Material::PETG: // from memory
        return sheet == BuildSheet::glass    ? say("{} can pull splinters out of bare glass.", whose)
               : sheet == BuildSheet::smooth ? say("{} grips smooth PEI hard enough to damage it.", whose)
                                             : Message{};
    case Material::TPU: // from memory
        return sheet == BuildSheet::smooth ? say("{} is hard to peel off a smooth sheet.", whose) : Message{};
    default:
        return {};
    }
}

Message describe(const Pairing& p) {
    const Message how =
        p.bond == Bond::experimental ? say("nobody vouches for them: print a small test first")
        : p.bond == Bond::releases
            ? say(p.proven
                      ? term("come apart, proven in use; never in one body, good for a release interface")
                      : term("come apart, by opinion; never in one body, good for a release interface"))
        : p.same_class ? say("bond: same class")
                       : say(p.proven ? term("bond, proven in use") : term("bond, by opinion: try it first"));
    return clauses({how, p.bed_meets() ? Message{} : say("no bed temperature suits both"),
                    p.nozzle_meets() ? Message{} : say("no nozzle temperature in common")});
}

} // namespace vitrail
