// What has to be put into a toolpath file so that it stops where the plan says.
#pragma once

#include "core/run/against_plan.h"

namespace vitrail {

/// Text to put before a byte of the file; a line that it takes the place of becomes a comment.
struct Insertion {
    std::uint64_t byte = 0;
    std::string text;             ///< whole lines
    std::uint64_t comment_to = 0; ///< where the line that becomes a comment ends; 0: none does
    int change = -1, refill = -1; ///< −1: a stop the plan does not have
    int layer = 0;
    std::int64_t line = 0; ///< of the file as it was
    Seam at;               ///< how things stand there
};

struct InsertionWishes {
    bool take_tools = false;  ///< tool changes become the machine's swaps by hand
    bool take_others = false; ///< stops that stand elsewhere, or that the plan does not have, become comments
};

/// What makes the file stop as planned, by place; nothing where it does so already. A pause before layer n
/// stands after the last extrusion of layer n − 1 and before the first of n: where the nozzle rises from one
/// to the other. Error, with its reason, where layers do not match, where the file stops elsewhere and that
/// may not be taken out, where the plan swaps within a layer and the file does not say where, where tools
/// would have to change that the file does not have, and where the machine's words would leave the nozzle,
/// the filament's count or the ways of counting changed.
Result<std::vector<Insertion>> insertions(const Project& project, const Plan& plan, const ToolpathFile& file,
                                          const AgainstPlan& against, const InsertionWishes& wishes);

/// Whether what was written is what was meant: the same layers, the same extrusion in each, nothing left
/// wrong with the stops. Error: what is not.
Status proven(const Project& project, const Plan& plan, const ToolpathFile& before,
              const ToolpathFile& after);

} // namespace vitrail
