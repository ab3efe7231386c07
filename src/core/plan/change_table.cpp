#include "core/plan/change_table.h"

namespace vitrail {

std::vector<ChangeRow> change_rows(const Plan& plan) {
    std::vector<ChangeRow> rows;
    std::size_t next = 0;
    const auto refill = [&] {
        rows.push_back({-1, static_cast<int>(next), plan.refills[next].latest_layer});
        ++next;
    };
    for (std::size_t i = 0; i < plan.changes.size(); ++i) {
        while (next < plan.refills.size() && comes_before(plan.refills[next], plan.changes[i]))
            refill();
        rows.push_back({static_cast<int>(i), -1, plan.changes[i].layer});
    }
    while (next < plan.refills.size())
        refill();
    return rows;
}

std::vector<KindSum> sums_by_kind(const Plan& plan) {
    std::vector<KindSum> sums{{say("hand swap")},
                              {say("feeder change")},
                              {say("tool change")},
                              {say("refill while it prints")},
                              {say("refill, the printer waits")}};
    const auto add = [&](std::size_t kind, double g, double time_s, double attended_s) {
        ++sums[kind].count;
        sums[kind].purge_g += g;
        sums[kind].time_s += time_s;
        sums[kind].attended_s += attended_s;
    };
    for (const Change& c : plan.changes)
        add(static_cast<std::size_t>(c.kind), c.purge_g, c.time_s, c.attended_s);
    for (const Refill& r : plan.refills)
        add(r.pause ? 4 : 3, 0, r.time_s, r.attended_s);
    std::erase_if(sums, [](const KindSum& s) { return !s.count; });
    return sums;
}

} // namespace vitrail
