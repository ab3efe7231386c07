// How two filaments of a print get on: bond, and temperatures in common.
#pragma once

#include "core/material/filament.h"

namespace vitrail {

struct Pairing {
    Bond bond = Bond::holds;
    bool proven = true; ///< known from use; else an opinion
    bool same_class = true;
    Range nozzle_c, bed_c; ///< in common; low > high where there is nothing
    bool nozzle_meets() const { return nozzle_c.low <= nozzle_c.high; }
    bool bed_meets() const { return bed_c.low <= bed_c.high; }
};

Pairing pair_up(const Filament& a, const Filament& b);

/// What the first layer is printed on.
enum class BuildSheet { smooth, satin, textured, glass };

/// Why a first layer of the material on that sheet can do harm, `whose` being what it is called; empty when
/// it does none. A release coat prevents it.
Message sheet_risk(Material material, BuildSheet sheet, const std::string& whose);

/// One sentence on a pair, without the names: "bond, proven", "come apart; good for a release interface", …
Message describe(const Pairing& p);

} // namespace vitrail
