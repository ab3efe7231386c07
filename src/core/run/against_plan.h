// A toolpath file against the plan: is it what was planned that will be printed?
#pragma once

#include "core/plan/plan.h"
#include "core/run/toolpath.h"

namespace vitrail {

/// A change or a pause that the plan has, and where the file has it.
struct ComparedStop {
    enum class State {
        as_planned,
        early,  ///< by `off` layers
        late,   ///< by `off` layers
        within, ///< in the right layer, but it stands within it instead of before it, or the other way round
        missing
    };
    int change = -1, refill = -1; ///< of the plan
    int layer = 0;                ///< of the plan
    int stop = -1;                ///< of the file; −1: missing
    int off = 0;                  ///< layers, early below 0
    State state = State::missing;
    bool wrong_filament = false; ///< the file calls another tool
    int tool = -1;               ///< that the file should call; −1: the machine's words name none
};

struct ComparedFilament {
    int filament = 0;
    double planned_g = 0, file_g = 0; ///< piece, support, tower; not what is thrown out at a change
};

struct AgainstPlan {
    std::vector<ComparedStop> stops; ///< in the order of the plan
    std::vector<int> extra;          ///< stops of the file that the plan does not have
    int start_tool = -1;             ///< that the file should begin with; −1: the machine's words name none
    std::vector<int> file_layer; ///< [plan layer − 1] index of the file's layer at that height; −1: none
    std::vector<std::vector<int>> prints; ///< [plan layer − 1] filaments in the order in which the file
                                          ///< prints them; −1: nobody knows which
    int other_filaments = 0;   ///< the first layer of the plan that comes out in other filaments; 0: none
    bool layers_match = false; ///< the same layers at the same heights
    std::vector<ComparedFilament> filaments; ///< that the plan uses
    double planned_g = 0, file_g = 0;
    /// the lines' time, purge included, without what else changes and the start take
    double planned_s = 0, file_s = 0;
    double planned_purge_mm3 = 0, spot_mm3 = 0; ///< pushed out on the spot at the stops
    std::vector<Finding> findings;
    bool as_planned() const; ///< nothing that would spoil the print
};

/// A file that prints as many pieces one after another as the project does (settings.times) is compared piece
/// by piece: what is said of stops and amounts is of the first, findings are of all. Layers are those of the
/// plan where they lie at the same height within 0.02 mm. Stops are matched in their order so that the least
/// is off, missing or too many (as texts are compared: Needleman & Wunsch 1970).
AgainstPlan against_plan(const Project& project, const Plan& plan, const ToolpathFile& file);

/// The tool a file calls for a change: what the machine's words name; −1: they name none. Of one nozzle that
/// is fed by hand, the filament's place in the project, as programs have it that know of no swaps.
int tool_for(const Project& project, const Plan& plan, const Change& change);
/// The same for what a place holds at the start.
int tool_for(const Project& project, const Plan& plan, const Stay& stay);

} // namespace vitrail
