// Fewer changes: what could be given up, and exactly what that would save.
#pragma once

#include "core/plan/plan.h"

namespace vitrail {

struct Suggestion {
    std::string code; ///< border, merge, drop, order, unlock, thriftier, pose, machine, together
    Message label;    ///< what to do
    Message detail;   ///< where, and what it gives up
    Totals before, after;
    double loss_mm3 = 0; ///< of the piece that gets another colour
    /// that volume as a share of the piece, weighed by how far the colours are apart (ΔE/100)
    double loss = 0;
    Message gives_up;       ///< in words, where it is not colour
    double score = 0;       ///< what it saves for what it gives up; the list is sorted by it
    bool only_told = false; ///< nothing to apply: it says what is saved already
    std::function<void(Project&)> apply;
    std::shared_ptr<const Plan> plan; ///< as it would be; null where it was not planned here
};

/// What is saved: the mean of what purge and tower, time at changes and hands' work would be less, as shares
/// of what they are now. Ours; no source.
double saved_share(const Totals& before, const Totals& after);

/// Tries, one by one and each by planning it: moving a border of a band to the layer of another change close
/// by; making two filaments one that are closer than settings.similar_delta_e; giving regions below
/// settings.small_mm3 the colour around them; a free order where it is by letter or locked; printing all
/// copies together (told); another machine of `owned`; and, with `poses`, other poses. Only what saves
/// something is listed, by saving per loss, at most kMostSuggestions. Long: takes Progress. Error when it was
/// stopped.
Result<std::vector<Suggestion>> suggest(const Project& project, const Plan& plan,
                                        const std::vector<Machine>& owned, bool poses,
                                        const Progress& progress = {});
inline constexpr std::size_t kMostSuggestions = 40;

} // namespace vitrail
