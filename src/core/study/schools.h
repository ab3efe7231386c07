// Five schools of support, compared on the piece at hand.
#pragma once

#include "core/plan/plan.h"

namespace vitrail {

struct School {
    std::string id;   ///< same, release-interface, release, soluble-interface, soluble
    std::string name; ///< in words
    bool possible = true;
    std::string why_not;
    char support = 0, interface = 0; ///< letters; they may be filaments the project does not have yet
    std::vector<std::string> materials; ///< support first, then the interface where it is another
    Totals totals;
    double contact_mm2 = 0;
    double cleanup_s = 0; ///< a person's, afterwards
    double soak_s = 0;    ///< in water, nobody needed but to change it
    int waters = 0;       ///< changes of water
    double cost = 0;      ///< filament, and at settings.attended_per_h the time at the printer and of cleaning up
    std::string surface;  ///< what the touched faces look like
    std::vector<std::string> risks;
    std::vector<std::pair<std::string, std::string>> values; ///< what to set in the toolpath program
    /// Price of one's own hour from which on it pays against the first school; < 0: never, 0: always.
    double pays_from_per_h = 0;
    std::function<void(Project&)> apply;
};

struct SchoolStudy {
    std::vector<School> schools;
    int best = 0;
    std::string advice;
};

/// Plans the project once for each school, with columns where it has no support yet. Materials: the filaments of the project
/// first, else one of the class with its defaults. Cleaning up, from memory: for each cm² of contact 1.5 min broken off the same
/// material and sanded, 0.15 min of a release material, 0.03 min of a soluble one and 3 min for each water; soaking 1 h and
/// 0.4 h for each cm³. Best: the cheapest with one's hour at its price, or where that is 0, the least grams and hours.
Result<SchoolStudy> compare_schools(const Project& project, const Plan& plan, const Progress& progress = {});

} // namespace vitrail
