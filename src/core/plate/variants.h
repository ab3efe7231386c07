// Variants of a project beside each other, and what one wish costs.
#pragma once

#include "core/plan/planner.h"

namespace vitrail {

/// One of the project's variants, or the project as it stands (index −1).
struct PlannedVariant {
    int index = -1;
    std::string name; ///< empty: as it stands
    std::shared_ptr<const Project> project;
    std::shared_ptr<const Plan> plan; ///< null where it cannot be planned
    Message why_not;
};

/// Plans them one after the other; `plan` is that of the project as it stands. What they share with it is not
/// sliced anew. Stopped, it returns what it has. Of `known` ones that are still the same nothing is planned
/// anew.
std::vector<PlannedVariant> plan_variants(const Project& project, std::shared_ptr<const Plan> plan,
                                          const Progress& progress = {},
                                          const std::vector<PlannedVariant>& known = {});

/// Figures of a variant that can be shown, in this order; [0] is the key.
enum class VariantFigure { waste, changes, hand_swaps, hours, money, grams, filaments, per_piece };
inline constexpr int kVariantFigures = 8;
const char* key_of(VariantFigure f);    ///< as in files and on the command line
const char* words_for(VariantFigure f); ///< for people who never heard of purge
double value_of(VariantFigure f, const Project& project, const Plan& plan);
/// The value with its unit.
Message text_of(VariantFigure f, const Project& project, double value);

/// Which filament each region has: "tower", "tower 12.0–25.0 mm", "tower: sash".
struct RegionColour {
    Message name;
    int filament = 0;
    std::string region() const { return english(name); } ///< as files have it
};
std::vector<RegionColour> region_colours(const Project& project, const Plan& plan);

/// "Make the lower part black": a region in another filament.
struct Wish {
    int piece = 0, part = 0;
    int band = -1; ///< index into the piece's bands; −1: none
    int patch = 0; ///< number; 0: none
    char filament = 'A';
};
void grant(Project& project, const Wish& wish);

struct WishCost {
    std::shared_ptr<const Project> project;
    std::shared_ptr<const Plan> plan;
    int changes = 0; ///< more than now; so all of these
    double waste_g = 0, total_s = 0, cost = 0, price = 0;
    std::vector<Message> loading; ///< what moves to another nozzle, comes in, or is no longer needed
};
/// Error where the project cannot be planned so.
Result<WishCost> cost_of(const Project& project, const Plan& plan, const Wish& wish,
                         const Progress& progress = {});

/// What has changed between two ways of showing variants, in words: colours of regions, figures, variants
/// that came or went.
std::vector<Message> changes_since(const Asked& before, const Asked& now);

} // namespace vitrail
