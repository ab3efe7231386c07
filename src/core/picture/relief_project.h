// From a picture to a project that prints it as a relief.
#pragma once

#include "core/picture/relief.h"
#include "core/project/project.h"

namespace vitrail {

enum class ReliefSchool {
    luminance, ///< brighter is taller
    nearest    ///< as tall as the stack whose colour is nearest
};

/// A filament in whole layers, from … to, counted from 1.
struct ReliefBand {
    char filament = 'A';
    int from_layer = 1, to_layer = 1;
};

struct ReliefOptions {
    double width_mm = 100, dot_mm = 0.2;
    ReliefSchool school = ReliefSchool::nearest;
    std::vector<ReliefBand> bands; ///< from below, one on the other; the first is the base, and everywhere
    Lighting lighting;             ///< under which it is to be like the picture
};

struct Relief {
    Project project;      ///< one part in bands, with the settings a relief is printed with; its mesh comes from no file yet
    Raster picture;       ///< as asked for, in the dots of the relief
    Heights heights;
    std::vector<Srgb> colours; ///< by height
    PictureDifference difference;
    double lost = 0;      ///< share of the dots too fine to come out
    double collides = 0;  ///< by lightness: share of the dots where it puts two colours on one height
};

/// Common practice, no source: a base of 0.3 mm at least, 100 % infill (else the blend is wrong), one wall, no support, no tower.
inline constexpr double kLeastBase_mm = 0.3;

/// `filaments`: the project's; layer heights, line width and machine are those of `settings` and `machine`. Detail finer than a line is merged. Error
/// when bands do not follow each other from layer 1, name no filament, are more than 250 layers, when the base is too thin, or the picture would have
/// more than 25 million dots.
Result<Relief> make_relief(const Raster& picture, const std::vector<Filament>& filaments, const Settings& settings, const Machine& machine, const ReliefOptions& options);

} // namespace vitrail
