#include "core/estimate/pairs.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

PairUse describe_pair(const Project& p, const PurgeVolumes& volumes, const Switch& c) {
    const auto from = static_cast<std::size_t>(c.displaced), to = static_cast<std::size_t>(c.to);
    const Filament &old_one = p.filaments[from], &new_one = p.filaments[to];
    const WashoutUse w = washout_of(p, c.nozzle, new_one.material);
    const double x = volumes.depth[from * p.filaments.size() + to];
    PairUse u;
    u.from = c.displaced;
    u.to = c.to;
    u.mm3 = c.purge_mm3;
    u.delta_e = level_of(p, old_one, new_one);
    u.washout = w.washout;
    u.clean_mm3 = clean_mm3(w.washout, x);
    if (x > 0)
        u.sd_mm3 = std::sqrt(std::max(0.0, w.dead_sd_mm3 * w.dead_sd_mm3 +
                                               x * x * w.mixing_sd_mm3 * w.mixing_sd_mm3 +
                                               2 * x * w.covariance_mm6));
    u.left_delta_e = left_delta_e(w.washout, old_one.colour, new_one.colour, u.mm3);
    const PairPurge* own = pair_purge(p, old_one.letter, new_one.letter);
    if (own && own->mm3 > 0)
        u.rule = own->locked ? PurgeRule::locked : PurgeRule::by_hand;
    else if (old_one.material != new_one.material && u.clean_mm3 < p.machine.class_minimum_mm3)
        u.rule = PurgeRule::material;
    else
        u.rule = u.clean_mm3 < p.machine.prime_mm3 ? PurgeRule::prime : PurgeRule::colour;
    return u;
}

} // namespace

std::vector<PairUse> pair_uses(const Project& p, const PurgeVolumes& volumes,
                               std::span<const Switch> switches, const Timeline& timeline,
                               const Costs& costs) {
    const auto n = p.filaments.size();
    std::vector<PairUse> pairs;
    std::vector<int> at(n * n, -1);
    for (std::size_t i = 0; i < switches.size(); ++i) {
        const Switch& c = switches[i];
        if (c.displaced == c.to)
            continue;
        int& k = at[static_cast<std::size_t>(c.displaced) * n + static_cast<std::size_t>(c.to)];
        if (k < 0) {
            k = static_cast<int>(pairs.size());
            pairs.push_back(describe_pair(p, volumes, c));
        }
        PairUse& u = pairs[static_cast<std::size_t>(k)];
        ++u.times;
        u.g += costs.purge_g[i];
        u.s += timeline.switches[i].time_s;
    }
    std::stable_sort(pairs.begin(), pairs.end(),
                     [](const PairUse& a, const PairUse& b) { return a.g > b.g; });
    return pairs;
}

} // namespace vitrail
