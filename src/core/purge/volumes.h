// How much each change purges, for the project's filaments on its machine.
#pragma once

#include "core/changes/purge_tables.h"
#include "core/project/project.h"
#include "core/purge/washout.h"

namespace vitrail {

/// How much larger V_d and V_m of a nozzle are than those of one of 0.4 mm, where nobody measured them: they
/// grow with the cross-section of the melt zone. From memory.
double melt_zone(double nozzle_mm);

/// The washout that was used for changes to a material class on a toolhead, and how sure it is.
struct WashoutUse {
    int toolhead = 0;
    Material material = Material::PLA;
    Washout washout;
    double dead_sd_mm3 = 0, mixing_sd_mm3 = 0, covariance_mm6 = 0; ///< 0: not known
    int readings = 0; ///< of the calibration; 0: none, the machine's or the project's figures
    bool by_setting = false;
    double nozzle_mm = 0.4;
};
WashoutUse washout_of(const Project& project, int nozzle, Material material);
/// Of the classes and toolheads in use: `nozzle_of` as in Loading, `printed[f]`: whether filament f is
/// printed at all.
std::vector<WashoutUse> washouts_in_use(const Project& project, std::span<const int> nozzle_of,
                                        const std::vector<char>& printed);

/// The level at which a change counts as clean: the pair's, else the new filament's, else the project's.
double level_of(const Project& project, const Filament& from, const Filament& to);

/// What purge volumes depend on.
struct PurgeKey {
    Machine machine;
    std::vector<Filament> filaments;
    std::vector<PairPurge> pairs;
    double dead_mm3 = 0, mixing_mm3 = 0, delta_e = 0;
    bool operator==(const PurgeKey&) const = default;
};
PurgeKey purge_key(const Project& project);

struct PurgeVolumes {
    PurgeTables tables;
    std::vector<double> depth; ///< washout_depth from i to j: [i·filaments + j]
};
/// The volume a person gave a pair counts before the computed one; none is below the machine's prime.
PurgeVolumes purge_volumes(const Project& project);

/// The tables as the loading uses them: from → to on the nozzle that prints `to`.
CostMatrix loaded_table(const PurgeTables& tables, std::span<const int> nozzle_of);

} // namespace vitrail
