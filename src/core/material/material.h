// Material classes: what they weigh, how hot they are printed, and which of them hold together.
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace vitrail {

enum class Material { PLA, PETG, ABS, ASA, TPU, PVA, BVOH, HIPS, CoPolyester, PC, PA };

struct Range {
    double low = 0, high = 0;
    bool meets(Range other) const { return low <= other.high && other.low <= high; }
    bool operator==(const Range&) const = default;
};
/// What two ranges share; low > high when they share nothing.
inline Range common(Range a, Range b) {
    return {a.low > b.low ? a.low : b.low, a.high < b.high ? a.high : b.high};
}

/// Defaults of a material class. All are from memory unless a fact of the trade is named beside them, and
/// every one of them can be overridden on the filament.
struct MaterialFacts {
    Material material;
    const char* id; ///< as written in files and on the command line
    double density_g_cm3;
    Range nozzle_c;
    Range bed_c;
    double flow_mm3_s; ///< how fast a 0.4 mm nozzle melts it
    bool soluble;      ///< dissolves in water
    bool fumes;        ///< ventilate more than for the others
    double dry_c;      ///< temperature and hours in a dryer
    double dry_h;
    bool draws_moisture; ///< strings and bubbles when it has lain open
    double price_per_kg; ///< in the user's currency
};

const MaterialFacts& facts(Material m);
const std::vector<MaterialFacts>& all_materials();

/// By id, in any case. Empty when unknown.
std::optional<Material> parse_material(std::string_view id);

/// How two classes get on when one is printed onto the other in one body.
enum class Bond {
    holds,        ///< same class, or proven in use
    experimental, ///< reported by some, proven by none: try it first
    releases      ///< comes apart at the first layer of contact
};

/// Whether a pair's bond is known from use, or an opinion nobody has tested much.
bool bond_is_proven(Material a, Material b);

/// Common practice, no source: same class holds; PLA does not bond with PETG nor with co-polyester. Pairs
/// that nobody vouches for are experimental.
Bond bond(Material a, Material b);

} // namespace vitrail
