#include "core/changes/changes.h"

namespace vitrail {

SwitchList list_switches(const Machine& m, const LayerGrid& grid, const Sequence& sequence,
                         const Loading& loading, const CostMatrix& purge_mm3) {
    SwitchList out;
    std::vector<int> holds(m.nozzles.size(), -1);
    int last = -1;
    for (int l = 1; l <= grid.count; ++l) {
        bool begun = false;
        for (const std::uint8_t f : sequence.layer(static_cast<std::size_t>(l) - 1)) {
            const int nozzle = loading.nozzle[f];
            int& held = holds[static_cast<std::size_t>(nozzle)];
            const bool first = held < 0;
            if (first)
                out.first_loads.push_back({nozzle, f, l, m.first_load_mm3});
            if (last >= 0 && last != f) {
                Switch c{l,      grid.bottom_mm(l), grid.top_mm(l), last, f, ChangeKind::tool,
                         nozzle, first ? f : held,  m.prime_mm3,    begun};
                if (c.displaced != f) {
                    c.kind = m.by_hand(nozzle) ? ChangeKind::hand : ChangeKind::feeder;
                    c.purge_mm3 = purge_mm3.at(c.displaced, f);
                }
                out.switches.push_back(c);
            }
            held = last = f;
            begun = true;
        }
    }
    return out;
}

} // namespace vitrail
