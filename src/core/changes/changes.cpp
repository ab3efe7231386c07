#include "core/changes/changes.h"

namespace vitrail {

void list_changes(const Project& project, Plan& plan) {
    const Machine& m = project.machine;
    plan.changes.clear();
    plan.first_loads.clear();
    std::vector<int> holds(m.nozzles.size(), -1);
    int last = -1;
    for (int l = 1; l <= plan.grid.count; ++l) {
        bool begun = false;
        for (const std::uint8_t f : plan.sequence.layer(l - 1)) {
            const int nozzle = plan.loading.nozzle[f];
            const bool first = holds[nozzle] < 0;
            if (first)
                plan.first_loads.push_back({nozzle, f, l, m.first_load_mm3, 0});
            if (last >= 0 && last != f) {
                Change c;
                c.layer = l;
                c.z_before_mm = plan.grid.bottom_mm(l);
                c.z_after_mm = plan.grid.top_mm(l);
                c.from = last;
                c.to = f;
                c.nozzle = nozzle;
                c.within_layer = begun;
                c.displaced = first ? f : holds[nozzle];
                if (c.displaced == f) {
                    c.kind = ChangeKind::tool;
                    c.purge_mm3 = m.prime_mm3;
                } else {
                    c.kind = m.by_hand(nozzle) ? ChangeKind::hand : ChangeKind::feeder;
                    c.purge_mm3 = plan.purge_table.at(c.displaced, f);
                }
                plan.changes.push_back(c);
            }
            holds[nozzle] = f;
            last = f;
            begun = true;
        }
    }
}

} // namespace vitrail
