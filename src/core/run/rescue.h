// What to do when a layer went wrong: a plan for the rest, from what is printed by now.
#pragma once

#include "core/base/progress.h"
#include "core/plan/plan.h"
#include "core/run/toolpath.h"

#include <optional>

namespace vitrail {

/// A layer that came out too thin or too high.
struct Botch {
    int at_layer = 0;                  ///< the last that is printed
    int extra = 0;                     ///< layers more of what that layer is printed in
    std::optional<double> measured_mm; ///< height that is really there; then `extra` follows from it
    bool homed = true;                 ///< the printer still knows where it is
    bool warm = true;                  ///< the bed still holds it
    /// with measured_mm: the extra layers get a height of their own, so that nothing is left over
    bool exact = false;
};

struct Rescue {
    Project project;                  ///< the piece lifted: so many layers more, everything above moved
    std::shared_ptr<const Plan> plan; ///< of it
    int at_layer = 0, extra = 0;
    double extra_mm = 0; ///< height of each extra layer
    double lift_mm = 0;  ///< all extra layers
    double off_mm = 0;   ///< the rest really lies so much higher (lower: below 0) than this plan has it
    double error_mm = 0; ///< of the measured height, what whole layers do not make up for: the whole ends so
                         ///< much higher (or lower) than first planned
    std::string filaments; ///< letters that the extra layers are printed in
    struct Move {
        int change = 0; ///< of the new plan
        int from_layer = 0, to_layer = 0;
    };
    std::vector<Move> moves; ///< changes that are still to come
    struct Height {
        char letter = 0; ///< of what most of these layers is printed in
        double before_mm = 0, after_mm = 0;
    };
    std::vector<Height> bands;              ///< from below
    double look_mean = -1, look_worst = -1; ///< of a picture: CIEDE2000 between the look as planned and with
                                            ///< the extra layers; below 0: no picture
    std::vector<Message> steps;             ///< what to do at the printer, in order
    std::vector<Message> cautions;
};

/// Common practice, no source: lift the piece by the extra thickness, print as many layers more of the same
/// filament from the height already printed, move every later change up by as many. Error where there is no
/// such layer, nothing to make up for, or the rest cannot be planned.
Result<Rescue> rescue(const Project& project, const Plan& plan, const Botch& botch,
                      const Progress& progress = {});

/// The same piece with so many layers more after one, each as that one but `height_mm` high (0: as layers
/// there are); its bands, paint and picture go along. A picture's layers are all alike: Error where it asks
/// for another height.
Result<Project> with_layers_repeated(const Project& project, const LayerGrid& grid, int layer, int more,
                                     double height_mm = 0);

/// What else goes wrong.
struct Mishap {
    enum class What {
        gone,  ///< a filament is not there any more, from `layer` on: its spool ran out, its feeder jams
        wrong, ///< layers `layer` … `to_layer` were printed in `instead`
        missed ///< the change in `layer` was missed: up to `to_layer` the old filament was printed
    };
    What what = What::gone;
    int layer = 1, to_layer = 1;
    char filament = 0; ///< that was meant
    char instead = 0;  ///< that was printed
};

/// A way on. Figures are those of the whole print.
struct WayOut {
    Message name, says;
    Project project; ///< as it will have been printed
    std::shared_ptr<const Plan> plan;
    double delta_e = 0; ///< between what was meant and what is there, where they differ; 0: nowhere
    double lost_g = 0, lost_s = 0; ///< thrown away: what is printed by now
    double more_g = 0, more_s = 0; ///< against the plan, filament and hours
};
/// All ways that can be planned, those that look nearest to what was meant first. Error where nothing of the
/// kind can have happened.
Result<std::vector<WayOut>> ways_out(const Project& project, const Plan& plan, const Mishap& mishap,
                                     const Progress& progress = {});

} // namespace vitrail
