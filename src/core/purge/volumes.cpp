#include "core/purge/volumes.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

double melt_zone(double nozzle_mm) {
    constexpr double kUsual_mm = 0.4;
    return nozzle_mm * nozzle_mm / (kUsual_mm * kUsual_mm);
}

WashoutUse washout_of(const Project& p, int nozzle, Material material) {
    const Machine& m = p.machine;
    const Nozzle& n = m.nozzles[static_cast<std::size_t>(nozzle)];
    const double scale = melt_zone(n.diameter_mm);
    WashoutUse w{n.toolhead, material,     {m.dead_mm3 * scale, m.mixing_mm3 * scale}, 0, 0, 0, 0,
                 false,      n.diameter_mm};
    if (const KeptCalibration* c = calibration_for(m, nozzle, material))
        w = {n.toolhead,       material,          {c->dead_mm3, c->mixing_mm3},         c->dead_sd_mm3,
             c->mixing_sd_mm3, c->covariance_mm6, static_cast<int>(c->readings.size()), false,
             n.diameter_mm};
    const Settings& s = p.settings;
    if (s.dead_mm3 > 0 || s.mixing_mm3 > 0)
        w = {n.toolhead,
             material,
             {s.dead_mm3 > 0 ? s.dead_mm3 : w.washout.dead_mm3,
              s.mixing_mm3 > 0 ? s.mixing_mm3 : w.washout.mixing_mm3},
             0,
             0,
             0,
             0,
             true,
             n.diameter_mm};
    return w;
}

std::vector<WashoutUse> washouts_in_use(const Project& p, std::span<const int> nozzle_of,
                                        const std::vector<char>& printed) {
    std::vector<WashoutUse> all;
    for (std::size_t f = 0; f < printed.size(); ++f) {
        if (!printed[f])
            continue;
        const WashoutUse w = washout_of(p, nozzle_of[f], p.filaments[f].material);
        if (std::none_of(all.begin(), all.end(), [&](const WashoutUse& o) {
                return o.toolhead == w.toolhead && o.material == w.material && o.nozzle_mm == w.nozzle_mm;
            }))
            all.push_back(w);
    }
    return all;
}

double level_of(const Project& p, const Filament& from, const Filament& to) {
    const PairPurge* x = pair_purge(p, from.letter, to.letter);
    return x && x->delta_e > 0 ? x->delta_e : to.delta_e > 0 ? to.delta_e : p.settings.delta_e;
}

PurgeKey purge_key(const Project& p) {
    return {p.machine,           p.filaments,           p.pair_purges,
            p.settings.dead_mm3, p.settings.mixing_mm3, p.settings.delta_e};
}

PurgeVolumes purge_volumes(const Project& p) {
    PurgeVolumes out;
    const auto n = p.filaments.size();
    out.depth.assign(n * n, 0);
    for (std::size_t i = 0; i < n; ++i)
        for (std::size_t j = 0; j < n; ++j)
            if (i != j)
                out.depth[i * n + j] = washout_depth(p.filaments[i].colour, p.filaments[j].colour,
                                                     level_of(p, p.filaments[i], p.filaments[j]));
    for (std::size_t nozzle = 0; nozzle < p.machine.nozzles.size(); ++nozzle) {
        CostMatrix table(static_cast<int>(n));
        for (std::size_t j = 0; j < n; ++j) {
            const Filament& to = p.filaments[j];
            const Washout w = washout_of(p, static_cast<int>(nozzle), to.material).washout;
            for (std::size_t i = 0; i < n; ++i) {
                if (i == j)
                    continue;
                const Filament& from = p.filaments[i];
                const PairPurge* x = pair_purge(p, from.letter, to.letter);
                table.at(static_cast<int>(i), static_cast<int>(j)) =
                    x && x->mm3 > 0
                        ? static_cast<int>(std::ceil(std::max(x->mm3, p.machine.prime_mm3) - 1e-6))
                        : purge_mm3(p.machine, clean_mm3(w, out.depth[i * n + j]), from, to);
            }
        }
        auto& tables = out.tables.tables;
        const auto known = std::find_if(tables.begin(), tables.end(),
                                        [&](const CostMatrix& t) { return t.cost == table.cost; });
        out.tables.table_of.push_back(static_cast<int>(known - tables.begin()));
        if (known == tables.end())
            tables.push_back(std::move(table));
    }
    return out;
}

CostMatrix loaded_table(const PurgeTables& tables, std::span<const int> nozzle_of) {
    CostMatrix table(static_cast<int>(nozzle_of.size()));
    for (int j = 0; j < table.n; ++j)
        for (int i = 0; i < table.n; ++i)
            if (i != j)
                table.at(i, j) =
                    tables.on(static_cast<std::size_t>(nozzle_of[static_cast<std::size_t>(j)])).at(i, j);
    return table;
}

} // namespace vitrail
